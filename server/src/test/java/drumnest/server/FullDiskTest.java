package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import drumnest.server.data.DiskFullException;
import drumnest.server.data.DiskSpace;
import java.io.IOException;
import java.nio.file.Files;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.util.Map;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** A disk is full when all its room is reserved for something else. */
class FullDiskTest {

  @RegisterExtension
  static final RunningServer SERVER =
      new RunningServer("--drumnest.room-to-leave=0", "--drumnest.room-for-steps=256");

  /** With more room to be left than any disk has, every disk is full for photos. */
  @RegisterExtension
  static final RunningServer FULL_FOR_PHOTOS =
      new RunningServer("--drumnest.room-to-leave=99999999999");

  private static final byte[] FILE =
      TestPictures.jpeg(300, 200, 1, LocalDateTime.of(2021, 6, 14, 12, 0), 1);

  /** All room but half of what a step leaves: others write to this disk too while a test runs. */
  private static DiskSpace.Reserved everything() throws IOException {
    long usable = Files.getFileStore(SERVER.home()).getUsableSpace();
    return SERVER.part(DiskSpace.class).reserve(usable - (128 << 20));
  }

  @Test
  void a_photo_that_has_no_room_is_refused_and_nothing_is_lost() {
    JsonNode problem = FULL_FOR_PHOTOS.take("a.jpg", FILE).is(507).json();
    assertThat(problem.get("title").stringValue()).isEqualTo("The disk is full");
    assertThat(problem.get("detail").stringValue()).contains("everything that was there");
    assertThat(FULL_FOR_PHOTOS.line()).isEmpty();
    assertThat(FULL_FOR_PHOTOS.home().resolve("incoming")).isEmptyDirectory();
    FULL_FOR_PHOTOS.step("title", Map.of("title", "Still works")).is(200);
  }

  @Test
  void a_step_that_has_no_room_is_refused_and_changes_nothing() throws IOException {
    JsonNode album = SERVER.album();
    DiskSpace.Reserved full = everything();
    try {
      SERVER.step("title", Map.of("title", "Not kept")).is(507);
      SERVER.step("leaves/add", Map.of("type", "12x12-six-6x4", "at", 1)).is(507);
      assertThat(SERVER.album()).isEqualTo(album);
    } finally {
      full.close();
    }
    SERVER.step("title", Map.of("title", "Kept")).is(200);
  }

  @Test
  void several_photos_at_once_do_not_count_on_the_same_room() throws IOException {
    DiskSpace room = SERVER.part(DiskSpace.class);
    long usable = Files.getFileStore(SERVER.home()).getUsableSpace();
    try (DiskSpace.Reserved one = room.reserve(usable / 2)) {
      assertThatThrownBy(() -> room.reserve(usable / 2 + (64 << 20)))
          .isInstanceOf(DiskFullException.class);
      assertThatThrownBy(() -> one.used(usable + (64 << 20))).isInstanceOf(DiskFullException.class);
    }
    room.reserve(usable / 2).close();
    SERVER.take("b.jpg", FILE).is(200);
  }

  /** So it does when a write fails; here it is told to. */
  @Test
  void a_database_that_closed_itself_is_opened_again() throws SQLException {
    SERVER.step("title", Map.of("title", "Before")).is(200);
    for (int i = 0; i < 3; i++) {
      closeDatabase();
      SERVER.get("/api/albums/1").is(200);
      SERVER.step("title", Map.of("title", "After " + i)).is(200);
    }
    assertThat(SERVER.album().get("title").stringValue()).isEqualTo("After 2");
    SERVER.step("undo", Map.of()).is(200);
    assertThat(SERVER.album().get("title").stringValue()).isEqualTo("After 1");
  }

  private static void closeDatabase() throws SQLException {
    Connection connection = SERVER.part(DataSource.class).getConnection();
    connection.createStatement().execute("shutdown immediately");
    assertThatThrownBy(connection::close).hasMessageContaining("closed");
  }
}
