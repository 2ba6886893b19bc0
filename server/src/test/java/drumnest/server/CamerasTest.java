package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.server.demo.PhotoWriter;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Two cameras at the same moments, of which one is an hour and seven minutes slow. */
class CamerasTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static final LocalDateTime NOON = LocalDateTime.of(2021, 6, 14, 12, 0);
  private static final int[] SCENES = {0b1010101, 0b11110000, 0b0110, 0b10000001};
  private static final List<String> RIGHT = new ArrayList<>();
  private static final List<String> SLOW = new ArrayList<>();

  @BeforeAll
  static void line() {
    for (int i = 0; i < SCENES.length; i++) {
      LocalDateTime at = NOON.plusMinutes(30L * i);
      RIGHT.add(taken(at, "One", "+02:00", SCENES[i], 600));
      SLOW.add(taken(at.minusMinutes(67), "Two", null, SCENES[i], 602));
    }
  }

  private static String taken(LocalDateTime at, String model, String offset, int seed, int h) {
    byte[] bytes =
        TestPictures.saying(900, h, 1, new PhotoWriter.Said(at, offset, "Maker", model, 0), seed);
    return SERVER.take(model + at, bytes).is(200).json().get("photo").stringValue();
  }

  private static List<String> order() {
    return SERVER.line().stream().map(photo -> photo.get("id").stringValue()).toList();
  }

  private static JsonNode second() {
    return SERVER.get("/api/albums/1/cameras").is(200).json().get("cameras").get(1);
  }

  @Test
  void the_shift_that_both_have_seen_is_suggested_tried_and_done() {
    List<String> before = order();
    assertThat(second().get("name").stringValue()).isEqualTo("Maker Two");
    assertThat(second().get("suggested").stringValue()).isEqualTo("+1:07");
    assertThat(second().get("why").stringValue()).startsWith("4 photos");

    JsonNode tried =
        SERVER
            .post("/api/albums/1/cameras/try", Map.of("camera", "Maker Two", "shift", "1 h 7 min"))
            .is(200)
            .json();
    assertThat(tried.get("shift").stringValue()).isEqualTo("+1:07");
    assertThat(tried.get("text").get(0).stringValue()).contains("find another place");
    assertThat(order()).as("trying changes nothing").isEqualTo(before);

    SERVER.step("clock", Map.of("camera", "Maker Two", "shift", "+1:07")).is(200);
    for (int i = 0; i < SCENES.length; i++) {
      assertThat(order().subList(2 * i, 2 * i + 2))
          .containsExactlyInAnyOrder(RIGHT.get(i), SLOW.get(i));
    }
    assertThat(second().has("suggested")).isFalse();
    String late = taken(NOON.plusMinutes(105).minusMinutes(67), "Two", null, 0b111, 604);
    assertThat(order().indexOf(late)).as("a late one is shifted too").isEqualTo(8);
    SERVER.step("undo", Map.of()).is(200);
    assertThat(order()).containsSubsequence(before);
  }

  @Test
  void two_photos_of_one_moment_say_the_shift() {
    JsonNode tried =
        SERVER
            .post(
                "/api/albums/1/cameras/try",
                Map.of("camera", "Maker Two", "photo", SLOW.get(1), "same", RIGHT.get(1)))
            .is(200)
            .json();
    assertThat(tried.get("shift").stringValue()).isEqualTo("+1:07");
    assertThat(tried.get("strip").valueStream().filter(p -> p.get("shifted").booleanValue()))
        .isNotEmpty();
  }

  @Test
  void what_is_no_shift_is_refused_with_what_is_accepted() {
    JsonNode problem =
        SERVER.step("clock", Map.of("camera", "Maker Two", "shift", "a bit later")).is(400).json();
    assertThat(problem.get("field").stringValue()).isEqualTo("shift");
    assertThat(problem.get("detail").stringValue()).contains("+1:07");
  }

  @Test
  void the_clock_of_a_camera_that_says_its_zone_is_told() {
    JsonNode close = SERVER.get("/api/albums/1/photos/" + RIGHT.get(0)).is(200).json();
    assertThat(close.get("remarks").toString()).contains("UTC+02:00").contains("Maker One");
  }
}
