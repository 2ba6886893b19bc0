package drumnest.server;

import static drumnest.server.FirstSpread.texts;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Flaps over the pockets of a leaf of one 6 × 4 and ten 3 × 4. */
class FlapsOverHttpTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static final FirstSpread SPREAD = new FirstSpread(SERVER);

  @BeforeAll
  static void photos() {
    SPREAD.takePhotos();
  }

  @AfterEach
  void takeBack() {
    SPREAD.takeBack();
  }

  private static JsonNode add(String slot, String hinge) {
    return SERVER.step("flaps/add", Map.of("slot", slot, "hinge", hinge)).is(200).json();
  }

  @Test
  void a_flap_over_a_pocket_has_two_sides_and_hides_what_it_covers() {
    add("2-front-6", "right");
    JsonNode flap = SPREAD.page().at("/flaps/0");
    assertThat(flap.get("id").stringValue()).isEqualTo("2-front-m1");
    assertThat(flap.at("/outside/named/w/text").stringValue()).isEqualTo("3");
    assertThat(flap.at("/closed/w/text").stringValue()).isEqualTo("3 1/8");
    assertThat(flap.at("/motion/inside/label").stringValue()).startsWith("flap 1 inside");
    assertThat(texts(SPREAD.motion().get("seen")))
        .contains("2-front-m1.1")
        .doesNotContain("2-front-6");
    JsonNode open = SPREAD.motion("2-front-m1");
    assertThat(texts(open.get("seen")))
        .contains("2-front-m1.2", "2-front-6")
        .doesNotContain("2-front-m1.1", "2-front-7");
    assertThat(open.at("/flaps/0/open").booleanValue()).isTrue();
  }

  @Test
  void a_strip_that_would_lie_past_its_page_is_said() {
    add("2-front-1", "left");
    assertThat(texts(SPREAD.motion().at("/flaps/0/notes")).toString())
        .contains("Its adhesive strip lies past its page by 9/16");
    SPREAD.takeBack();
    add("2-front-6", "right");
    assertThat(SPREAD.motion().at("/flaps/0/notes")).isEmpty();
  }

  @Test
  void a_sleeve_over_the_whole_leaf_hides_all_of_its_places() {
    SERVER.step("flaps/add", Map.of("slot", "2-front-6", "whole", true)).is(200);
    assertThat(SPREAD.page().at("/flaps/0/outside/named/w/text"))
        .isEqualTo(SPREAD.page().at("/size/w/text"));
    assertThat(texts(SPREAD.motion().get("seen"))).noneMatch(slot -> slot.matches("2-front-\\d+"));
    SERVER.step("flaps/add", Map.of("slot", "2-front-m1.1", "whole", true)).is(422);
    SERVER.step("flaps/remove", Map.of("flap", "2-front-m1")).is(200);
  }

  @Test
  void its_sides_are_filled_swapped_listed_and_emptied_like_any_place() {
    add("2-front-6", "right");
    List<String> places = List.of("2-front-m1.1", "2-front-m1.2", "2-front-6");
    for (int i = 0; i < places.size(); i++) {
      String photo = SERVER.line().get(i).get("id").stringValue();
      SERVER.step("put", Map.of("photo", photo, "slot", places.get(i))).is(200);
    }
    String inside = SPREAD.page().at("/flaps/0/motion/inside/seat/photo").stringValue();
    SERVER.step("swap", Map.of("from", "2-front-m1.2", "to", "2-front-6")).is(200);
    assertThat(SPREAD.page().at("/flaps/0/motion/inside/seat/photo").stringValue())
        .isNotEqualTo(inside);
    JsonNode ticket = SERVER.get("/api/albums/1/tickets/2-front-m1.2").is(200).json();
    assertThat(ticket.get("place").stringValue()).isEqualTo("flap 1 inside, leaf 2 front");
    assertThat(ticket.get("known").stringValue()).isEqualTo("as-usual");
    assertThat(SERVER.get("/api/albums/1/prints.csv").text())
        .contains("flap 1 inside, leaf 2 front");
    SERVER.step("flaps/remove", Map.of("flap", "2-front-m1")).is(200);
    assertThat(SPREAD.page().get("flaps")).isEmpty();
    assertThat(SERVER.album(1).get("undo").stringValue())
        .isEqualTo("take flap 1, leaf 2 front off with 2 pictures in it");
    SERVER.step("undo", Map.of()).is(200);
    assertThat(SPREAD.page().at("/flaps/0/outside/seat/photo").isMissingNode()).isFalse();
  }

  @Test
  void two_that_clash_say_so_and_the_cure_that_is_offered_is_one() {
    add("2-front-6", "top");
    SERVER.step("flaps/add", Map.of("slot", "2-front-2", "hinge", "left")).is(200);
    JsonNode clash = SPREAD.motion().at("/clashes/0");
    assertThat(clash.get("severity").stringValue()).isEqualTo("error");
    assertThat(clash.get("text").stringValue()).contains("which never opens then");
    assertThat(SPREAD.motion().at("/flaps/1/hindrances/0").stringValue())
        .isEqualTo("The strip of flap 1 holds it shut.");
    int before = SPREAD.motion().get("clashes").size();
    JsonNode fix = clash.at("/fixes/0/change");
    SERVER
        .step(
            "flaps/change", Map.of("flap", fix.get("flap").stringValue(), "form", fix.get("form")))
        .is(200);
    assertThat(SPREAD.motion().get("clashes").size()).isLessThan(before);
    assertThat(texts(SPREAD.motion().at("/flaps/1/hindrances"))).isEmpty();
  }

  /** Above the hinge is pocket 2: its photo goes, the sleeve stays where it is wanted. */
  @Test
  void the_photo_below_a_strip_is_moved_to_a_free_place_where_none_lies_on_it() {
    String photo = SERVER.line().get(0).get("id").stringValue();
    SERVER.step("put", Map.of("photo", photo, "slot", "2-front-2")).is(200);
    add("2-front-6", "top");
    JsonNode clash = SPREAD.motion().at("/clashes/0");
    assertThat(clash.get("b").stringValue()).isEqualTo("2-front-2");
    JsonNode change = clash.at("/fixes/0/change");
    assertThat(change.get("of").stringValue()).isEqualTo("photo");
    assertThat(change.get("to").stringValue()).isNotIn("2-front-2", "2-front-6");
    SERVER
        .step("swap", Map.of("from", change.get("from"), "to", change.get("to").stringValue()))
        .is(200);
    assertThat(SPREAD.motion().get("clashes")).isEmpty();
    assertThat(SERVER.line().get(0).at("/where/slot")).isEqualTo(change.get("to"));
  }

  @Test
  void a_photo_that_is_locked_stays_and_the_sleeve_is_offered_to_move() {
    String photo = SERVER.line().get(0).get("id").stringValue();
    SERVER.step("put", Map.of("photo", photo, "slot", "2-front-2")).is(200);
    SERVER.step("lock", Map.of("slot", "2-front-2", "locked", true)).is(200);
    add("2-front-6", "top");
    JsonNode fixes = SPREAD.motion().at("/clashes/0/fixes");
    assertThat(fixes).isNotEmpty();
    assertThat(fixes.valueStream().map(fix -> fix.at("/change/of").stringValue()))
        .containsOnly("flap");
  }

  @Test
  void what_lies_on_another_is_opened_first() {
    add("2-front-6", "left");
    add("2-front-m1.1", "right");
    assertThat(texts(SPREAD.motion().at("/flaps/0/hindrances")))
        .containsExactly("Open flap 2 first.");
    assertThat(texts(SPREAD.motion().get("order"))).containsExactly("2-front-m2", "2-front-m1");
    assertThat(SPREAD.page().at("/flaps/1/level").intValue()).isEqualTo(2);
    SERVER.step("flaps/remove", Map.of("flap", "2-front-m1")).is(200);
    assertThat(texts(SPREAD.motion().at("/flaps/0/hindrances"))).isEmpty();
  }

  @Test
  void a_measure_that_does_not_do_is_named_and_changes_nothing() {
    add("2-front-6", "left");
    JsonNode form = SPREAD.motion().at("/flaps/0/form");
    Map<String, Object> changed = new HashMap<>();
    form.propertyStream().forEach(each -> changed.put(each.getKey(), each.getValue()));
    changed.put("x", "11");
    JsonNode refused =
        SERVER.step("flaps/change", Map.of("flap", "2-front-m1", "form", changed)).is(400).json();
    assertThat(refused.get("field").stringValue()).isEqualTo("x");
    changed.put("x", "3");
    changed.put("mount", "page");
    changed.put("strip", "4");
    refused =
        SERVER.step("flaps/change", Map.of("flap", "2-front-m1", "form", changed)).is(400).json();
    assertThat(refused.get("field").stringValue()).isEqualTo("strip");
    assertThat(refused.get("detail").stringValue()).contains("3 1/8");
    changed.put("strip", "1/2");
    changed.put("on", "7");
    assertThat(
            SERVER
                .step("flaps/change", Map.of("flap", "2-front-m1", "form", changed))
                .is(400)
                .json()
                .get("field")
                .stringValue())
        .isEqualTo("on");
    assertThat(SPREAD.motion().at("/flaps/0/form")).isEqualTo(form);
    SERVER.step("flaps/remove", Map.of("flap", "2-front-m9")).is(404);
    SERVER.get("/api/albums/1/spreads/1/motion?open=nothing").is(400);
  }

  @Test
  void a_leaf_that_is_turned_over_or_doubled_takes_its_flaps_along() {
    add("2-front-6", "left");
    SERVER.step("leaves/duplicate", Map.of("leaf", 2)).is(200);
    assertThat(SERVER.album(2).at("/spread/right/flaps/0/id").stringValue())
        .isEqualTo("3-front-m1");
    SERVER.step("leaves/turn-over", Map.of("leaf", 2)).is(200);
    assertThat(SERVER.album(2).at("/spread/left/flaps/0/id").stringValue()).isEqualTo("2-front-m1");
  }
}
