package drumnest.server.data;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

import drumnest.server.DrumNest;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.LocalDateTime;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.StandardEnvironment;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What is found in the data folder at a start, and what is said where it is not in order. */
class DataFolderTest {

  @TempDir Path home;

  private ConfigurableApplicationContext start() {
    return new SpringApplicationBuilder(DrumNest.class)
        .run("--server.port=0", "--drumnest.home=" + home);
  }

  private @Nullable FailureAnalysis failure() {
    Throwable thrown = catchThrowable(() -> start().close());
    return thrown == null ? null : analysis(thrown);
  }

  private @Nullable FailureAnalysis analysis(Throwable thrown) {
    StandardEnvironment environment = new StandardEnvironment();
    environment.getSystemProperties().put("drumnest.home", home.toString());
    try {
      return new StartFailure(environment).analyze(thrown);
    } finally {
      environment.getSystemProperties().remove("drumnest.home");
    }
  }

  private Path aPhoto() throws IOException {
    Path folder = Files.createDirectories(home.resolve("photos").resolve("ab"));
    return Files.writeString(folder.resolve("ab01.jpg"), "a photo");
  }

  private static String rights(Path path) throws IOException {
    return PosixFilePermissions.toString(Files.getPosixFilePermissions(path));
  }

  @Test
  void only_its_owner_reads_it() throws IOException {
    start().close();
    assertThat(rights(home)).isEqualTo("rwx------");
    for (String folder : new String[] {"photos", "derived", "incoming", "backups"}) {
      assertThat(rights(home.resolve(folder))).as(folder).isEqualTo("rwx------");
    }
    start().close();
    assertThat(rights(home.resolve("drumnest.mv.db"))).isEqualTo("rw-------");
  }

  @Test
  void what_is_left_in_incoming_is_taken_away_and_links_are_not_followed(@TempDir Path elsewhere)
      throws IOException {
    Path other = Files.writeString(elsewhere.resolve("other.txt"), "not ours");
    Path incoming = Files.createDirectories(home.resolve("incoming"));
    Files.writeString(incoming.resolve("half"), "half");
    Files.createDirectories(incoming.resolve("folder").resolve("within"));
    Files.writeString(incoming.resolve("folder").resolve("within").resolve("file"), "x");
    Files.createSymbolicLink(incoming.resolve("link"), elsewhere);
    Files.createSymbolicLink(incoming.resolve("folder").resolve("nowhere"), home.resolve("none"));
    start().close();
    assertThat(incoming).isEmptyDirectory();
    assertThat(other).hasContent("not ours");
  }

  @Test
  void incoming_that_is_a_link_itself_is_replaced(@TempDir Path elsewhere) throws IOException {
    Path other = Files.writeString(elsewhere.resolve("other.txt"), "not ours");
    Files.createSymbolicLink(home.resolve("incoming"), elsewhere);
    start().close();
    assertThat(other).hasContent("not ours");
    assertThat(Files.isSymbolicLink(home.resolve("incoming"))).isFalse();
  }

  @Test
  void photos_without_their_database_never_begin_anew() throws IOException {
    Path photo = aPhoto();
    FailureAnalysis said = failure();
    assertThat(said).isNotNull();
    assertThat(said.getDescription()).contains("missing or empty", "Nothing was changed");
    assertThat(home.resolve("drumnest.mv.db")).doesNotExist();
    Files.createFile(home.resolve("drumnest.mv.db"));
    assertThat(failure()).isNotNull();
    assertThat(home.resolve("drumnest.mv.db")).isEmptyFile();
    assertThat(photo).exists();
  }

  @Test
  void photos_beside_a_database_without_albums_never_begin_anew() throws IOException {
    try (ConfigurableApplicationContext application = start()) {
      JdbcClient database = application.getBean(JdbcClient.class);
      database.sql("delete from leaf").update();
      database.sql("delete from album").update();
    }
    aPhoto();
    FailureAnalysis said = failure();
    assertThat(said).isNotNull();
    assertThat(said.getDescription()).contains("no album is in its database");
  }

  @Test
  void a_damaged_database_is_named_with_the_way_back() throws Exception {
    try (ConfigurableApplicationContext application = start()) {
      application.getBean(Backups.class).keep();
    }
    Path database = home.resolve("drumnest.mv.db");
    byte[] bytes = Files.readAllBytes(database);
    Arrays.fill(bytes, (byte) 0x55);
    Files.write(database, bytes);
    FailureAnalysis said = failure();
    assertThat(said).isNotNull();
    assertThat(said.getDescription()).contains("damaged", "The photos are whole");
    assertThat(said.getAction()).contains("./drumnest restore --data", "newest good copy");

    assertThat(RestoreDatabase.run(home, null)).contains("is now that of", "set aside");
    start().close();
  }

  @Test
  void going_back_to_a_copy_brings_back_what_was() throws Exception {
    Path copy;
    try (ConfigurableApplicationContext application = start()) {
      JdbcClient database = application.getBean(JdbcClient.class);
      Backups backups = application.getBean(Backups.class);
      database.sql("update album set title = 'as it was'").update();
      backups.keep();
      copy = Copies.of(home).get(0).file();
      database.sql("update album set title = 'spoiled'").update();
      assertThat(catchThrowable(() -> RestoreDatabase.run(home, null)))
          .hasMessageContaining("is in use");
    }
    assertThat(RestoreDatabase.run(home, "list")).contains(copy.getFileName().toString());
    assertThat(catchThrowable(() -> RestoreDatabase.run(home, "other.zip")))
        .hasMessageContaining("There is no copy");
    RestoreDatabase.run(home, copy.getFileName().toString());
    try (ConfigurableApplicationContext application = start()) {
      assertThat(
              application
                  .getBean(JdbcClient.class)
                  .sql("select title from album")
                  .query(String.class)
                  .single())
          .isEqualTo("as it was");
    }
  }

  @Test
  void of_copies_the_newest_good_one_is_named() throws Exception {
    Path good;
    try (ConfigurableApplicationContext application = start()) {
      application.getBean(Backups.class).keep();
      good = Copies.of(home).get(0).file();
    }
    Path broken = Copies.nameOf(home, LocalDateTime.of(2090, 1, 1, 12, 0));
    Files.write(broken, Arrays.copyOf(Files.readAllBytes(good), 3_000));
    assertThat(RestoreDatabase.run(home, "list"))
        .contains(broken.getFileName() + ", 1 January")
        .contains("2090, 12:00 (damaged)")
        .doesNotContain(good.getFileName() + " (damaged)");
    assertThat(catchThrowable(() -> RestoreDatabase.run(home, null)))
        .hasMessageContaining("1 January 2090, 12:00 is damaged. Nothing was changed.")
        .hasMessageContaining(good.getFileName().toString());
    Files.write(home.resolve("drumnest.mv.db"), new byte[100]);
    FailureAnalysis said = failure();
    assertThat(said).isNotNull();
    assertThat(said.getAction()).endsWith("\" " + good.getFileName());
    assertThat(RestoreDatabase.run(home, good.getFileName().toString())).contains("set aside");
    start().close();
    try (var left = Files.list(home.resolve("backups"))) {
      assertThat(left).containsExactlyInAnyOrder(good, broken);
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 4_095, 4_096, 8_191})
  void a_database_that_is_cut_short_is_said_and_stays(int bytes) throws IOException {
    start().close();
    Path database = home.resolve("drumnest.mv.db");
    byte[] begin = Arrays.copyOf(Files.readAllBytes(database), bytes);
    Files.write(database, begin);
    FailureAnalysis said = failure();
    assertThat(said).isNotNull();
    assertThat(said.getDescription()).contains("cut short. Nothing was changed");
    assertThat(database).hasBinaryContent(begin);
  }

  @Test
  void a_folder_with_a_semicolon_in_its_name_is_refused(@TempDir Path elsewhere) {
    home = elsewhere.resolve("mine;yours");
    FailureAnalysis said = failure();
    assertThat(said).isNotNull();
    assertThat(said.getDescription()).contains("mine;yours", "has a semicolon in it");
    assertThat(home).doesNotExist();
  }

  @Test
  void a_demo_that_is_ready_goes_into_a_new_folder_only(@TempDir Path demo) throws IOException {
    Files.createDirectories(demo.resolve("photos").resolve("ab"));
    Files.writeString(demo.resolve("photos").resolve("ab").resolve("ab01.jpg"), "a photo");
    Files.writeString(demo.resolve("drumnest.lock"), "1");
    Path fresh = home.resolve("fresh");
    FolderLock lock = FolderLock.hold(fresh);
    ReadyDemo.putInto(fresh, demo);
    lock.close();
    assertThat(fresh.resolve("photos/ab/ab01.jpg")).hasContent("a photo");
    assertThat(fresh.resolve("drumnest.lock"))
        .hasContent(String.valueOf(ProcessHandle.current().pid()));
    assertThat(rights(fresh.resolve("photos/ab/ab01.jpg"))).isEqualTo("rw-------");

    Path begun = Files.createDirectories(home.resolve("begun"));
    Files.createFile(begun.resolve("demo-comes"));
    Files.writeString(begun.resolve("half"), "half");
    ReadyDemo.putInto(begun, demo);
    assertThat(begun.resolve("photos/ab/ab01.jpg")).exists();
    assertThat(begun.resolve("demo-comes")).doesNotExist();

    Path used = Files.createDirectories(home.resolve("used"));
    Files.writeString(used.resolve("mine"), "mine");
    ReadyDemo.putInto(used, demo);
    assertThat(used.resolve("photos")).doesNotExist();
  }

  @Test
  void the_newest_three_copies_stay_and_nothing_is_copied_twice() throws Exception {
    try (ConfigurableApplicationContext application = start()) {
      for (int day = 1; day <= 4; day++) {
        Path old = Copies.nameOf(home, LocalDateTime.of(2020, 1, day, 12, 0));
        Files.writeString(old, "old");
        Files.setLastModifiedTime(
            old, java.nio.file.attribute.FileTime.fromMillis(1_577_880_000_000L + day));
      }
      Backups backups = application.getBean(Backups.class);
      application.getBean(JdbcClient.class).sql("update album set title = 'new'").update();
      backups.keep();
      assertThat(Copies.of(home)).hasSize(3);
      assertThat(Copies.of(home).get(1).madeAt().getDayOfMonth()).isEqualTo(4);
      assertThat(Copies.of(home).get(2).madeAt().getDayOfMonth()).isEqualTo(3);
      Path newest = Copies.of(home).get(0).file();
      Object key = Files.readAttributes(newest, "unix:ino").get("ino");
      backups.keep();
      assertThat(Files.readAttributes(newest, "unix:ino").get("ino")).isEqualTo(key);
      assertThat(rights(newest)).isEqualTo("rw-------");
      try (var left = Files.list(home.resolve("backups"))) {
        assertThat(left).hasSize(3);
      }
    }
  }

  @Test
  void a_full_disk_at_the_start_is_said_in_one_sentence() {
    FailureAnalysis said =
        analysis(new IllegalStateException(new IOException("No space left on device")));
    assertThat(said).isNotNull();
    assertThat(said.getDescription()).contains("The disk of the data folder is full");
  }
}
