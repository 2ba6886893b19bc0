package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Cards with words and keepsakes, in slots like photos. */
class EphemeraTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static int plain;

  @BeforeAll
  static void a_page_with_one_mount() {
    JsonNode leaves =
        SERVER
            .step("leaves/add", Map.of("type", "plain-12x12", "at", 3))
            .is(200)
            .json()
            .get("leaves");
    plain = leaves.get(2).get("key").intValue();
    Map<String, Object> mount =
        Map.of(
            "key",
            1,
            "shape",
            Map.of("is", "single", "w", "3", "h", "2"),
            "anchor",
            Map.of("on", "page"),
            "holds",
            "keepsake");
    SERVER
        .step(
            "leaves/plan",
            Map.of("leaf", plain, "side", "front", "blocks", java.util.List.of(mount)))
        .is(200);
  }

  @BeforeEach
  void none() {
    for (JsonNode ephemera : allEphemera()) {
      SERVER.step("ephemera/remove", Map.of("ephemera", ephemera.get("key").intValue())).is(200);
    }
  }

  private static JsonNode allEphemera() {
    return SERVER.get("/api/albums/1/line").is(200).json().get("allEphemera");
  }

  private static Map<String, Object> ephemera(String kind, String name, String w, String h) {
    Map<String, Object> ephemera = new LinkedHashMap<>();
    ephemera.put("kind", kind);
    ephemera.put("name", name);
    ephemera.put("w", w);
    ephemera.put("h", h);
    ephemera.put("thickness", ".012");
    return ephemera;
  }

  private static int add(Map<String, Object> ephemera) {
    SERVER.step("ephemera/save", ephemera).is(200);
    JsonNode allEphemera = allEphemera();
    return allEphemera.get(allEphemera.size() - 1).get("key").intValue();
  }

  private static JsonNode lay(int ephemera, String slot) {
    SERVER.step("ephemera/lay", Map.of("ephemera", ephemera, "slot", slot)).is(200);
    return ticket(slot);
  }

  private static JsonNode ticket(String slot) {
    return SERVER.get("/api/albums/1/tickets/" + slot).is(200).json();
  }

  @Test
  void a_card_of_the_size_of_its_pocket_is_snug_and_a_larger_one_is_trimmed() {
    int card = add(ephemera("card", "The crossing", "6", "4"));
    assertThat(lay(card, "1-back-1").get("verdict").stringValue()).isEqualTo("snug");
    Map<String, Object> larger = ephemera("card", "The crossing", "6 1/4", "4");
    larger.put("ephemera", card);
    SERVER.step("ephemera/save", larger).is(200);
    JsonNode ticket = ticket("1-back-1");
    assertThat(ticket.get("verdict").stringValue()).isEqualTo("too-big");
    assertThat(ticket.at("/headline/w/text").stringValue()).isEqualTo("6");
    SERVER.step("undo", Map.of()).is(200);
    assertThat(ticket("1-back-1").get("verdict").stringValue()).isEqualTo("snug");
  }

  @Test
  void an_original_is_never_planned_with_cutting_or_glue() {
    Map<String, Object> ticket = ephemera("keepsake", "Ferry ticket", "6 1/2", "2");
    ticket.put("original", true);
    int original = add(ticket);
    String inPocket = lay(original, "1-back-1").get("todo").toString();
    assertThat(inPocket).contains("original").doesNotContain("Trim");
    String onMount = lay(original, plain + "-front-1.1").get("todo").toString();
    assertThat(onMount).contains("original");
  }

  @Test
  void a_thick_coin_makes_a_pocket_bulge_and_slides_about() {
    Map<String, Object> coin = ephemera("keepsake", "Coin", "1", "1");
    coin.put("thickness", "1/8");
    String todo = lay(add(coin), "1-back-1").get("todo").toString();
    assertThat(todo).contains("bulge").contains("clear acetate square");
  }

  @Test
  void a_ephemera_laid_elsewhere_leaves_its_slot_and_swaps_with_what_was_there() {
    int card = add(ephemera("card", "One", "6", "4"));
    int other = add(ephemera("card", "Two", "6", "4"));
    lay(card, "1-back-1");
    lay(other, "1-back-2");
    assertThat(lay(card, "1-back-2").at("/ephemera/name").stringValue()).isEqualTo("One");
    assertThat(ticket("1-back-1").at("/ephemera/name").stringValue()).isEqualTo("Two");
    JsonNode again =
        SERVER.step("ephemera/lay", Map.of("ephemera", card, "slot", "1-back-2")).is(422).json();
    assertThat(again.get("detail").stringValue()).contains("already");
    SERVER.step("take-out", Map.of("slot", "1-back-2")).is(200);
    assertThat(ticket("1-back-2").get("ephemera")).isNull();
    assertThat(allEphemera()).hasSize(2);
  }

  @Test
  void a_locked_card_stays_where_it_is() {
    int card = add(ephemera("card", "Stay", "6", "4"));
    lay(card, "1-back-1");
    SERVER.step("lock", Map.of("slot", "1-back-1", "locked", true)).is(200);
    SERVER.step("ephemera/lay", Map.of("ephemera", card, "slot", "1-back-2")).is(422);
    SERVER.step("ephemera/remove", Map.of("ephemera", card)).is(422);
    assertThat(ticket("1-back-1").at("/ephemera/name").stringValue()).isEqualTo("Stay");
    SERVER.step("lock", Map.of("slot", "1-back-1", "locked", false)).is(200);
  }

  @Test
  void what_is_there_outlives_a_restart_with_its_words() {
    Map<String, Object> card = ephemera("card", "‏رياح and wind 🪁", "6", "4");
    card.put("words", "It rained.\nThen it did not.");
    lay(add(card), "1-back-1");
    SERVER.restart();
    assertThat(ticket("1-back-1").at("/ephemera/words").stringValue())
        .isEqualTo("It rained.\nThen it did not.");
    assertThat(allEphemera().get(0).get("name").stringValue()).isEqualTo("‏رياح and wind 🪁");
  }

  @ParameterizedTest
  @CsvSource({
    "kind, coin, kind",
    "name, '', name",
    "w, six, w",
    "h, -4, h",
    "thickness, 0, thickness",
    "thickness, '', thickness"
  })
  void bad_input_names_its_field_and_adds_nothing(String field, String value, String named) {
    Map<String, Object> card = ephemera("card", "Words", "6", "4");
    card.put(field, value);
    JsonNode refused = SERVER.step("ephemera/save", card).is(400).json();
    assertThat(refused.get("field").stringValue()).isEqualTo(named);
    assertThat(allEphemera()).isEmpty();
  }

  @Test
  void names_and_words_have_their_longest() {
    Map<String, Object> card = ephemera("card", "n".repeat(120), "6", "4");
    card.put("words", "w".repeat(120_000));
    lay(add(card), "1-back-1");
    card.put("words", "w".repeat(120_001));
    assertThat(SERVER.step("ephemera/save", card).is(400).json().get("field").stringValue())
        .isEqualTo("words");
    SERVER.step("ephemera/save", ephemera("card", "n".repeat(121), "6", "4")).is(400);
  }

  @Test
  void one_that_is_not_there_is_said_to_be_missing() {
    SERVER.step("ephemera/lay", Map.of("ephemera", 99, "slot", "1-back-1")).is(404);
    SERVER.step("ephemera/remove", Map.of("ephemera", 99)).is(404);
    int card = add(ephemera("card", "Lost", "6", "4"));
    SERVER.step("ephemera/lay", Map.of("ephemera", card, "slot", "9-back-1")).is(404);
  }
}
