package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.time.LocalDateTime;
import java.util.Map;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** The data of the version before choices: what was set aside is out, and steps can be undone. */
class EarlierDataTest {

  private static final String ONE = "a".repeat(64);
  private static final String OTHER = "b".repeat(64);

  @RegisterExtension
  static final RunningServer SERVER = new RunningServer().on(EarlierDataTest::earlier);

  private static void earlier(Path home) throws Exception {
    String url = "jdbc:h2:file:" + home.resolve("drumnest");
    Flyway.configure()
        .dataSource(url, "drumnest", "")
        .locations("classpath:db/migration")
        .target("2")
        .load()
        .migrate();
    try (Connection connection = DriverManager.getConnection(url, "drumnest", "")) {
      for (String id : new String[] {ONE, OTHER}) {
        run(
            connection,
            "insert into photo values (?, 'jpg', 10, 600, 400, timestamp '2021-06-14 12:00:00', 7, 9.5)",
            id);
      }
      run(
          connection,
          "insert into album (title, version, steps_done, last_leaf_key, format) values (?, 1, 1, 1,"
              + " 'format-12x12')",
          "Earlier");
      run(
          connection,
          "insert into line_photo (album_id, sha256, name, taken_at, dated_by_maker, aside) values"
              + " (1, ?, 'one.jpg', timestamp '2021-06-14 12:00:00', false, false)",
          ONE);
      run(
          connection,
          "insert into line_photo (album_id, sha256, name, taken_at, dated_by_maker, aside) values"
              + " (1, ?, 'other.jpg', timestamp '2021-06-14 12:00:00', false, true)",
          OTHER);
      run(
          connection,
          "insert into step (album_id, number, label, changes) values (1, 1, 'set aside', ?)",
          "[{\"kind\":\"photo\",\"photo\":\""
              + OTHER
              + "\",\"before\":{\"takenAt\":\"2021-06-14T12:00:00\",\"datedByMaker\":false,\"aside\":false},"
              + "\"after\":{\"takenAt\":\"2021-06-14T12:00:00\",\"datedByMaker\":false,\"aside\":true}}]");
    }
    for (String id : new String[] {ONE, OTHER}) {
      Path original = home.resolve("photos/" + id.substring(0, 2) + "/" + id + ".jpg");
      Files.createDirectories(original.getParent());
      Files.write(
          original,
          TestPictures.jpeg(600, 400, 1, LocalDateTime.of(2021, 6, 14, 12, 0), id.charAt(0)));
    }
  }

  private static void run(Connection connection, String sql, String text) throws Exception {
    try (PreparedStatement statement = connection.prepareStatement(sql)) {
      statement.setString(1, text);
      statement.executeUpdate();
    }
  }

  @Test
  void is_taken_over_with_its_steps_and_looked_at_again() {
    JsonNode chapter = SERVER.get("/api/albums/1/line").is(200).json().get("chapters").get(0);
    assertThat(chapter.get("photos").get(0).get("choice").stringValue()).isEqualTo("open");
    assertThat(chapter.get("out").get(0).get("choice").stringValue()).isEqualTo("out");
    SERVER.step("undo", Map.of()).is(200);
    assertThat(SERVER.line()).hasSize(2);
    SERVER.step("redo", Map.of()).is(200);
    assertThat(SERVER.line()).hasSize(1);
    // The photos are looked at in the background; asked often enough, it has been done.
    boolean seen = false;
    for (int i = 0; i < 2_000 && !seen; i++) {
      seen = SERVER.get("/api/albums/1/photos/" + ONE).is(200).json().has("quiet");
    }
    assertThat(seen).isTrue();
  }
}
