package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

class HouseRulesOverHttpTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  @BeforeAll
  static void a_photo_in_a_pocket() {
    SERVER
        .take("wide.jpg", TestPictures.jpeg(1800, 1200, 1, LocalDateTime.of(2021, 6, 14, 12, 0), 1))
        .is(200);
    SERVER.step("place-again", Map.of("spread", 1)).is(200);
  }

  @AfterEach
  void back_to_inches() {
    SERVER.post("/api/settings/units", Map.of("units", "sixty-fourths")).is(200);
  }

  private static JsonNode rule(String name) {
    return SERVER
        .get("/api/rules")
        .is(200)
        .json()
        .get("rules")
        .valueStream()
        .filter(each -> each.get("name").stringValue().equals(name))
        .findFirst()
        .orElseThrow();
  }

  private static JsonNode ticket() {
    return SERVER.get("/api/albums/1/tickets/1-back-1").is(200).json();
  }

  @Test
  void a_changed_rule_changes_verdicts_and_sums_stays_after_a_restart_and_is_put_back() {
    assertThat(ticket().get("verdict").stringValue()).isEqualTo("snug");
    JsonNode effect =
        SERVER.post("/api/rules/loose-above/preview", Map.of("value", "1/32")).is(200).json();
    assertThat(effect.get("places").intValue()).isEqualTo(1);
    assertThat(effect.at("/changes/0").stringValue())
        .contains("pocket 1, leaf 1 back: snug", "loose");
    assertThat(ticket().get("verdict").stringValue()).isEqualTo("snug");

    SERVER.post("/api/rules/loose-above", Map.of("value", "1/32")).is(200);
    SERVER.restart();
    assertThat(ticket().get("verdict").stringValue()).isEqualTo("loose");
    assertThat(rule("loose-above").get("changed").booleanValue()).isTrue();
    String fit = "{\"insert\":{\"w\":3,\"h\":4},\"opening\":{\"w\":\"3 1/16\",\"h\":\"4 1/16\"}}";
    assertThat(SERVER.post("/api/sums/fit", fit).json().get("verdict").stringValue())
        .isEqualTo("loose");

    SERVER.post("/api/rules/loose-above/back", Map.of()).is(200);
    assertThat(ticket().get("verdict").stringValue()).isEqualTo("snug");
    assertThat(SERVER.post("/api/sums/fit", fit).json().get("verdict").stringValue())
        .isEqualTo("snug");
    assertThat(rule("loose-above").get("changed").booleanValue()).isFalse();
  }

  @ParameterizedTest
  @CsvSource({
    "loose-above, thick, not a length",
    "loose-above, 5, lies between",
    "loose-above, -1/8, lies between",
    "tight-below, 1/4, cannot be more",
    "fine-ppi, many, whole number",
    "fine-ppi, 0, lies between",
    "good-ppi, 301, cannot be more"
  })
  void a_wrong_value_is_refused_with_what_is_accepted(String name, String value, String words) {
    JsonNode refused = SERVER.post("/api/rules/" + name, Map.of("value", value)).is(400).json();
    assertThat(refused.get("field").stringValue()).isEqualTo("value");
    assertThat(refused.get("detail").stringValue()).contains(words);
    assertThat(rule(name).get("changed").booleanValue()).isFalse();
    SERVER.post("/api/rules/no-such-rule", Map.of("value", "1")).is(404);
  }

  @Test
  void millimetres_show_everywhere_and_belong_to_the_data() {
    SERVER.post("/api/settings/units", Map.of("units", "millimetres")).is(200);
    SERVER.restart();
    assertThat(SERVER.get("/api/settings").json().get("units").stringValue())
        .isEqualTo("millimetres");
    assertThat(ticket().at("/named/w/text").stringValue()).isEqualTo("152.4 mm");
    assertThat(ticket().get("todo").get(0).stringValue()).contains("152.4 mm × 101.6 mm");
    assertThat(rule("trim-clearance").get("value").stringValue()).isEqualTo("~1.6 mm");
    assertThat(SERVER.get("/api/albums/1/prints.csv").text()).contains("152.4 mm x 101.6 mm");
    SERVER
        .step("opening", Map.of("slot", "1-back-1", "opening", Map.of("w", "153", "h", "102")))
        .is(200);
    assertThat(ticket().at("/opening/w/mm").doubleValue()).isEqualTo(153.0);
    SERVER.step("undo", Map.of()).is(200);
    JsonNode row =
        SERVER.post("/api/sums/row", "{\"span\":6,\"pieces\":3,\"gap\":\"1/8\"}").is(200).json();
    assertThat(row.at("/cut/text").stringValue()).isEqualTo("1 7/8");
    assertThat(row.at("/cut/shown").stringValue()).isEqualTo("~47.6 mm");
    assertThat(row.get("working").stringValue()).contains("152.4 mm");
  }

  @ParameterizedTest
  @CsvSource({"sixteenths, ~1 15/16", "thirty-seconds, ~1 29/32", "sixty-fourths, ~1 59/64"})
  void inches_come_in_the_marks_of_the_maker(String units, String shown) {
    SERVER.post("/api/settings/units", Map.of("units", units)).is(200);
    JsonNode row =
        SERVER.post("/api/sums/row", "{\"span\":6,\"pieces\":3,\"gap\":\"1/8\"}").is(200).json();
    assertThat(row.at("/piece/shown").stringValue()).isEqualTo(shown);
    SERVER.post("/api/settings/units", Map.of("units", "cubits")).is(400);
  }

  @Test
  void a_sum_goes_to_the_ticket_and_is_thrown_away() {
    Map<String, Object> calculation =
        Map.of("sum", "row", "question", Map.of("span", 6, "pieces", 3, "gap", "1/8"));
    JsonNode calculations =
        SERVER.post("/api/albums/1/calculations", calculation).is(200).json().get("calculations");
    assertThat(calculations).hasSize(1);
    assertThat(calculations.get(0).at("/question/pieces").intValue()).isEqualTo(3);
    SERVER.restart();
    long id =
        SERVER
            .get("/api/albums/1/calculations")
            .json()
            .get("calculations")
            .get(0)
            .get("id")
            .longValue();
    SERVER.post("/api/albums/1/calculations/" + id + "/remove", Map.of()).is(200);
    assertThat(SERVER.get("/api/albums/1/calculations").json().get("calculations")).isEmpty();
    SERVER
        .post("/api/albums/1/calculations", Map.of("sum", "row", "question", Map.of("span", 6)))
        .is(400);
    SERVER.post("/api/albums/9/calculations", calculation).is(404);
  }

  @Test
  void a_value_of_nothing_but_blanks_is_refused_at_once() {
    String blanks = "5" + " ".repeat(1_000_000) + "x";
    SERVER.post("/api/rules/repeat-bits", Map.of("value", blanks)).is(400);
  }
}
