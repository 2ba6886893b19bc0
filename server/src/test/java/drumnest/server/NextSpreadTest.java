package drumnest.server;

import static drumnest.server.RunningServer.held;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** An empty album and a year of scattered photos, filled spread by spread as a maker does. */
class NextSpreadTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static final int PHOTOS = 40;

  @BeforeAll
  static void aYear() {
    for (int i = 0; i < PHOTOS; i++) {
      boolean wide = i % 3 != 0;
      LocalDateTime when = LocalDateTime.of(2021, 1, 3, 12, 0).plusHours(163L * i);
      SERVER
          .take("p" + i, TestPictures.jpeg(wide ? 1500 : 1000, wide ? 1000 : 1500, 1, when, i))
          .is(200);
    }
    SERVER.step("choose", Map.of("photos", line(), "choice", "keep")).is(200);
    for (int i = 0; i < 2; i++) {
      SERVER.step("leaves/add", Map.of("type", "12x12-six-6x4", "at", 9)).is(200);
    }
  }

  @AfterEach
  void empty() {
    while (SERVER.album().at("/undo").asString("").startsWith("place")) {
      SERVER.step("undo", Map.of()).is(200);
    }
  }

  private static List<String> line() {
    return SERVER.line().stream().map(photo -> photo.get("id").stringValue()).toList();
  }

  private static RunningServer.Answer place(int spread, String order) {
    return SERVER.step(
        "place-again?spread=" + spread,
        Map.of("spread", spread, "order", order, "breathing", "packed"));
  }

  @ParameterizedTest
  @ValueSource(strings = {"story", "weight", "variety", "free"})
  void each_spread_takes_the_next_run_of_the_story(String order) {
    List<String> line = line();
    List<String> soFar = new ArrayList<>();
    for (int spread = 1; spread <= 3; spread++) {
      JsonNode album = place(spread, order).is(200).json();
      int places = places(album);
      List<String> here = new ArrayList<>(held(album).values());
      here.sort(java.util.Comparator.comparing(line::indexOf));
      int from = soFar.size();
      assertThat(here)
          .as("spread %d", spread)
          .containsExactlyElementsOf(line.subList(from, Math.min(PHOTOS, from + places)));
      soFar.addAll(here);
    }
  }

  private static int places(JsonNode album) {
    return album.at("/spread/left/slots").size() + album.at("/spread/right/slots").size();
  }

  @Test
  void what_changes_nothing_says_why_and_is_no_step() {
    place(1, "story").is(200);
    JsonNode before = SERVER.album();
    JsonNode said = place(1, "story").is(422).json();
    assertThat(said.get("detail").stringValue()).startsWith("Nothing to change: the photos of");
    JsonNode after = SERVER.album();
    assertThat(after.get("version")).isEqualTo(before.get("version"));
    assertThat(after.get("undo")).isEqualTo(before.get("undo"));
  }

  /** Photos that come before what is placed wait too, and are offered to an empty spread. */
  @Test
  void photos_that_wait_are_offered_to_an_empty_spread_wherever_it_lies() {
    place(2, "story").is(200);
    place(1, "story").is(200);
    assertThat(held(SERVER.album(1))).isNotEmpty();
    assertThat(held(SERVER.album(2))).isNotEmpty();
  }
}
