package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** With more room to be left than any disk has, every disk is full. */
class FullDiskTest {

  @RegisterExtension
  static final RunningServer SERVER = new RunningServer("--drumnest.room-to-leave=99999999999");

  @Test
  void a_full_disk_is_said_and_nothing_is_lost() {
    byte[] file = TestPictures.jpeg(300, 200, 1, LocalDateTime.of(2021, 6, 14, 12, 0), 1);
    JsonNode problem = SERVER.take("a.jpg", file).is(507).json();
    assertThat(problem.get("title").stringValue()).isEqualTo("The disk is full");
    assertThat(problem.get("detail").stringValue()).contains("everything that was there");
    assertThat(SERVER.line()).isEmpty();
    assertThat(SERVER.home().resolve("incoming")).isEmptyDirectory();
    SERVER.step("title", java.util.Map.of("title", "Still works")).is(200);
  }
}
