package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** In whatever units lengths are shown, they are those units everywhere, and the same lengths. */
class UnitsEverywhereTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static final List<String> ASKED =
      List.of(
          "/api/albums/1",
          "/api/albums/1/line",
          "/api/albums/1/leaves/1",
          "/api/albums/1/tickets/1-back-1",
          "/api/albums/1/tickets/2-front-5",
          "/api/albums/1/lists",
          "/api/catalogue",
          "/api/catalogue/12x12-six-6x4/pattern",
          "/api/rules");

  @BeforeAll
  static void a_spread_with_photos_and_a_card() {
    for (int i = 0; i < 6; i++) {
      LocalDateTime taken = LocalDateTime.of(2021, 6, 14, 12, 0).plusMinutes(30L * i);
      SERVER.take("p" + i, TestPictures.jpeg(900, 600, 1, taken, i)).is(200);
    }
    SERVER.step("place-again", Map.of("spread", 1)).is(200);
    SERVER
        .step(
            "opening", Map.of("slot", "1-back-1", "opening", Map.of("w", "5 15/16", "h", "4 1/16")))
        .is(200);
    SERVER
        .step(
            "ephemera/save",
            Map.of("kind", "card", "name", "Words", "w", "3", "h", "4", "thickness", ".012"))
        .is(200);
  }

  @AfterEach
  void back() {
    units("sixty-fourths");
  }

  private static void units(String units) {
    SERVER.post("/api/settings/units", Map.of("units", units)).is(200);
  }

  /** Every length anywhere in an answer. */
  private static Stream<JsonNode> lengths(JsonNode node) {
    if (node.isObject() && node.has("mm") && node.has("in") && node.has("text")) {
      return Stream.of(node);
    }
    return node.isContainer()
        ? node.valueStream().flatMap(UnitsEverywhereTest::lengths)
        : Stream.empty();
  }

  private static List<JsonNode> lengths(String path) {
    return lengths(SERVER.get(path).is(200).json()).toList();
  }

  private static List<JsonNode> all() {
    List<JsonNode> all = new ArrayList<>();
    ASKED.stream().map(UnitsEverywhereTest::lengths).forEach(all::addAll);
    return all;
  }

  @Test
  void in_millimetres_every_length_is_shown_in_millimetres() {
    units("millimetres");
    List<JsonNode> all = all();
    assertThat(all).hasSizeGreaterThan(500);
    for (JsonNode length : all) {
      assertThat(length.get("text").stringValue()).matches("~?-?\\d+(\\.\\d)? mm|0");
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"sixteenths", "thirty-seconds", "sixty-fourths"})
  void in_inches_no_denominator_is_finer_than_the_mark(String units) {
    int finest = units.equals("sixteenths") ? 16 : units.equals("thirty-seconds") ? 32 : 64;
    units(units);
    for (JsonNode length : all()) {
      String text = length.get("text").stringValue();
      assertThat(text).matches("~?-?\\d+( \\d+/\\d+)?|~?-?\\d+/\\d+");
      if (text.contains("/")) {
        assertThat(Integer.parseInt(text.replaceAll(".*/", ""))).isLessThanOrEqualTo(finest);
      }
    }
  }

  @Test
  void the_lengths_themselves_are_the_same_in_all_units() {
    List<JsonNode> inches = all();
    units("millimetres");
    List<JsonNode> millimetres = all();
    assertThat(millimetres).hasSameSizeAs(inches);
    IntStream.range(0, inches.size())
        .forEach(
            at -> {
              assertThat(millimetres.get(at).get("mm")).isEqualTo(inches.get(at).get("mm"));
              assertThat(millimetres.get(at).get("in")).isEqualTo(inches.get(at).get("in"));
            });
  }

  /** Tells what a field is filled with is read again as the same length, in any units. */
  @ParameterizedTest
  @ValueSource(strings = {"sixteenths", "millimetres"})
  void what_stands_in_a_field_is_read_again_as_it_was(String units) {
    units(units);
    JsonNode before = SERVER.get("/api/albums/1/tickets/1-back-1").json().get("opening");
    SERVER
        .step(
            "opening",
            Map.of(
                "slot",
                "1-back-1",
                "opening",
                Map.of(
                    "w",
                    before.at("/w/exact").stringValue(),
                    "h",
                    before.at("/h/exact").stringValue())))
        .is(200);
    assertThat(SERVER.get("/api/albums/1/tickets/1-back-1").json().get("opening"))
        .isEqualTo(before);
  }

  @Test
  void units_that_there_are_not_are_refused() {
    JsonNode refused = SERVER.post("/api/settings/units", Map.of("units", "cubits")).is(400).json();
    assertThat(refused.get("field").stringValue()).isEqualTo("units");
    assertThat(refused.get("detail").stringValue()).contains("millimetres");
  }
}
