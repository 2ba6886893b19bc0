package drumnest.server;

import static drumnest.server.RunningServer.held;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

class LeafEditsTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  @BeforeAll
  static void photos() {
    for (int i = 0; i < 12; i++) {
      LocalDateTime taken = LocalDateTime.of(2021, 6, 14, 12, 0).plusMinutes(30L * i);
      SERVER.take("p" + i, TestPictures.jpeg(900, 600, 1, taken, i)).is(200);
    }
  }

  @BeforeEach
  void two_leaves() {
    for (int key : keys(SERVER.album())) {
      if (key > 2) {
        SERVER.step("leaves/remove", Map.of("leaf", key, "confirmed", true)).is(200);
      }
    }
    // Where the photos stand already this changes nothing, and says so.
    assertThat(SERVER.step("place-again", Map.of("spread", 1)).status()).isIn(200, 422);
  }

  private static List<Integer> keys(JsonNode album) {
    return album.get("leaves").valueStream().map(leaf -> leaf.get("key").intValue()).toList();
  }

  private static int add(String type, int at) {
    JsonNode album = SERVER.step("leaves/add", Map.of("type", type, "at", at)).is(200).json();
    return keys(album).get(Math.min(at, keys(album).size()) - 1);
  }

  @Test
  void leaves_come_move_and_go_and_every_step_is_undone() {
    List<Integer> before = keys(SERVER.album());
    int added = add("6x12-three-6x4", 2);
    assertThat(keys(SERVER.album())).containsExactly(before.get(0), added, before.get(1));
    JsonNode moved = SERVER.step("leaves/move", Map.of("leaf", added, "to", 1)).is(200).json();
    assertThat(keys(moved).get(0)).isEqualTo(added);
    SERVER.step("leaves/remove", Map.of("leaf", added)).is(200);
    assertThat(keys(SERVER.album())).isEqualTo(before);
    SERVER.step("undo", Map.of()).is(200);
    assertThat(keys(SERVER.album()).get(0)).isEqualTo(added);
    SERVER.step("undo", Map.of()).is(200);
    SERVER.restart();
    assertThat(keys(SERVER.album())).containsExactly(before.get(0), added, before.get(1));
    SERVER.step("undo", Map.of()).is(200);
    assertThat(keys(SERVER.album())).isEqualTo(before);
    JsonNode redone = SERVER.step("redo", Map.of()).is(200).json();
    assertThat(keys(redone)).containsExactly(before.get(0), added, before.get(1));
  }

  @Test
  void a_leaf_with_photos_is_taken_out_only_when_that_is_meant_and_undo_brings_all_back() {
    Map<String, String> before = held(SERVER.album());
    int key = keys(SERVER.album()).get(0);
    SERVER.step("opening", Map.of("slot", key + "-back-1", "opening", Map.of("w", "6", "h", "4")));
    JsonNode refused = SERVER.step("leaves/remove", Map.of("leaf", key)).is(422).json();
    assertThat(refused.get("lost").toString()).contains("photos go", "measured opening");
    assertThat(held(SERVER.album())).isEqualTo(before);
    SERVER.step("leaves/remove", Map.of("leaf", key, "confirmed", true)).is(200);
    assertThat(SERVER.album().get("leaves")).hasSize(1);
    SERVER.step("undo", Map.of()).is(200);
    assertThat(held(SERVER.album())).isEqualTo(before);
    assertThat(
            SERVER
                .get("/api/albums/1/tickets/" + key + "-back-1")
                .json()
                .get("known")
                .stringValue())
        .isEqualTo("measured");
    SERVER.step("undo", Map.of()).is(200);
  }

  @Test
  void a_leaf_turned_over_takes_its_photos_to_the_other_side() {
    int key = keys(SERVER.album()).get(0);
    Map<String, String> before = held(SERVER.album(1));
    JsonNode turned = SERVER.step("leaves/turn-over", Map.of("leaf", key)).is(200).json();
    assertThat(held(turned).keySet()).noneMatch(slot -> slot.startsWith(key + "-"));
    Map<String, String> front = held(SERVER.album(0));
    assertThat(front).isNotEmpty();
    front.forEach((slot, photo) -> assertThat(before).containsEntry(slot, photo));
    SERVER.step("leaves/turn-over", Map.of("leaf", key)).is(200);
    assertThat(held(SERVER.album(1))).isEqualTo(before);
  }

  @Test
  void a_punched_page_is_not_turned_over() {
    int key = add("card-page-5x8.3-8", 3);
    JsonNode refused = SERVER.step("leaves/turn-over", Map.of("leaf", key)).is(422).json();
    assertThat(refused.get("detail").stringValue()).contains("holes");
  }

  @Test
  void a_small_leaf_leaves_the_one_behind_it_visible() {
    add("6x12-three-6x4", 3);
    add("12x12-nine-4x4", 4);
    JsonNode spread = SERVER.album(2).get("spread");
    assertThat(spread.at("/right/size/w/text").stringValue()).isEqualTo("6");
    assertThat(spread.at("/rightBehind/0/leaf").intValue()).isEqualTo(4);
    assertThat(spread.at("/rightWidth/text").stringValue()).isEqualTo("12");
  }

  @Test
  void both_sides_of_a_shared_pocket_have_one_opening() {
    SERVER
        .step("opening", Map.of("slot", "2-back-3", "opening", Map.of("w", "6", "h", "3 15/16")))
        .is(200);
    JsonNode front = SERVER.get("/api/albums/1/tickets/2-front-1").is(200).json();
    assertThat(front.at("/opening/h/text").stringValue()).isEqualTo("3 15/16");
    SERVER.step("undo", Map.of()).is(200);
  }

  @Test
  void a_duplicate_is_of_the_same_kind_and_empty() {
    int key = keys(SERVER.album()).get(1);
    JsonNode album = SERVER.step("leaves/duplicate", Map.of("leaf", key)).is(200).json();
    JsonNode copy = album.get("leaves").get(2);
    assertThat(copy.get("type")).isEqualTo(album.get("leaves").get(1).get("type"));
    assertThat(copy.get("held").intValue()).isZero();
  }

  private static Map<String, Object> single(String w, String h, String across) {
    return Map.of(
        "key",
        1,
        "shape",
        Map.of("is", "single", "w", w, "h", h),
        "anchor",
        Map.of("on", "page", "across", across));
  }

  @Test
  void mounts_are_planned_by_measure_and_what_loses_its_mount_goes_back() {
    int key = add("plain-12x12", 3);
    List<Map<String, Object>> blocks =
        List.of(
            single("6", "4", "middle"),
            Map.of(
                "key",
                2,
                "shape",
                Map.of("is", "row", "pieces", 3, "span", "6", "gap", "1/8"),
                "anchor",
                Map.of(
                    "on",
                    "block",
                    "beside",
                    "below",
                    "block",
                    1,
                    "distance",
                    "1/8",
                    "align",
                    "start")));
    Map<String, Object> plan = Map.of("leaf", key, "side", "front", "blocks", blocks);
    SERVER.step("leaves/plan", plan).is(200);
    JsonNode detail = SERVER.get("/api/albums/1/leaves/" + key).is(200).json();
    assertThat(detail.at("/front/mounts")).hasSize(4);
    assertThat(detail.at("/front/mounts/1/box/w/text").stringValue()).isEqualTo("1 7/8");
    assertThat(detail.at("/front/mounts/1/marks/0/at/text").stringValue()).isEqualTo("3");
    assertThat(detail.at("/front/blocks/1/shape/gap").stringValue()).isEqualTo("1/8");

    SERVER.step("swap", Map.of("from", "1-back-1", "to", key + "-front-1.1")).is(200);
    SERVER.step("swap", Map.of("from", "1-back-2", "to", key + "-front-2.3")).is(200);
    Map<String, String> placed = held(SERVER.album(2));
    assertThat(placed.keySet()).contains(key + "-front-1.1", key + "-front-2.3");
    JsonNode ticket = SERVER.get("/api/albums/1/tickets/" + key + "-front-1.1").json();
    assertThat(ticket.get("known").stringValue()).isEqualTo("mount");
    assertThat(ticket.get("marks")).hasSize(2);

    SERVER
        .step("leaves/plan", Map.of("leaf", key, "side", "front", "blocks", blocks.subList(0, 1)))
        .is(200);
    assertThat(held(SERVER.album(2)).keySet())
        .contains(key + "-front-1.1")
        .noneMatch(slot -> slot.contains("-2."));
    SERVER.step("undo", Map.of()).is(200);
    assertThat(held(SERVER.album(2))).isEqualTo(placed);
  }

  private static JsonNode mountOf(String photo, Map<String, Object> outline) {
    int key = add("plain-12x12", 3);
    Map<String, Object> block = new HashMap<>(single("4", "3", "middle"));
    block.put("mat", "1/8");
    block.put("outline", outline);
    Map<String, Object> plan = Map.of("leaf", key, "side", "front", "blocks", List.of(block));
    SERVER.step("leaves/plan", plan).is(200);
    SERVER.step("put", Map.of("photo", photo, "slot", key + "-front-1.1")).is(200);
    return SERVER.get("/api/albums/1/leaves/" + key).is(200).json().get("front");
  }

  @Test
  void mounts_are_cut_oval_or_with_round_corners_and_the_trim_list_says_so() {
    List<String> photos = List.copyOf(held(SERVER.album()).values());
    JsonNode oval = mountOf(photos.get(0), Map.of("is", "oval"));
    assertThat(oval.at("/blocks/0/outline/is").stringValue()).isEqualTo("oval");
    assertThat(oval.at("/page/slots/0/corner/across").doubleValue()).isEqualTo(0.5);
    JsonNode rounded = mountOf(photos.get(1), Map.of("is", "rounded", "radius", "1/4"));
    assertThat(rounded.at("/blocks/0/outline/radius").stringValue()).isEqualTo("1/4");
    // 1/4 of 4 × 3, and inside the mat 1/8 of 3 3/4 × 2 3/4.
    assertThat(rounded.at("/page/slots/0/corner/across").doubleValue()).isEqualTo(0.0625);
    assertThat(rounded.at("/page/slots/0/innerCorner/down").doubleValue())
        .isCloseTo(0.125 / 2.75, within(1e-6));
    String trims = SERVER.get("/api/albums/1/trims.csv").is(200).text();
    assertThat(trims).contains("cut it to the oval within that", "round its corners by 1/8");
    assertThat(SERVER.album().at("/counts/trims").longValue()).isEqualTo(trims.lines().count() - 1);
  }

  @Test
  void corners_that_are_too_round_for_their_mount_say_how_round_they_may_be() {
    int key = add("plain-12x12", 3);
    Map<String, Object> block = new HashMap<>(single("4", "3", "middle"));
    block.put("outline", Map.of("is", "rounded", "radius", "2"));
    JsonNode refused =
        SERVER
            .step("leaves/plan", Map.of("leaf", key, "side", "front", "blocks", List.of(block)))
            .is(400)
            .json();
    assertThat(refused.get("field").stringValue()).isEqualTo("block 1.outline.radius");
    assertThat(refused.get("detail").stringValue())
        .isEqualTo("The corners of block 1 can be rounded at most by 1 1/2.");
  }

  @Test
  void a_plan_that_does_not_come_out_names_the_block_and_changes_nothing() {
    int key = add("plain-6x8", 3);
    Map<String, Object> wide = single("7", "4", "start");
    JsonNode refused =
        SERVER
            .step("leaves/plan", Map.of("leaf", key, "side", "front", "blocks", List.of(wide)))
            .is(400)
            .json();
    assertThat(refused.get("field").stringValue()).isEqualTo("block 1.anchor");
    Map<String, Object> wrong = single("wide", "4", "start");
    refused =
        SERVER
            .step("leaves/plan", Map.of("leaf", key, "side", "front", "blocks", List.of(wrong)))
            .is(400)
            .json();
    assertThat(refused.get("field").stringValue()).isEqualTo("block 1.w");
    JsonNode detail = SERVER.get("/api/albums/1/leaves/" + key).json();
    assertThat(detail.at("/front/mounts")).isEmpty();
    SERVER.step("leaves/plan", Map.of("leaf", 1, "side", "front", "blocks", List.of(wide))).is(422);
  }

  @Test
  void cards_and_keepsakes_are_laid_swapped_and_undone() {
    Map<String, Object> card =
        Map.of(
            "kind",
            "card",
            "name",
            "Words",
            "w",
            "3",
            "h",
            "4",
            "thickness",
            ".012",
            "words",
            "It rained.");
    SERVER.step("ephemera/save", card).is(200);
    JsonNode allEphemera = SERVER.get("/api/albums/1/line").json().get("allEphemera");
    int ephemera = allEphemera.get(allEphemera.size() - 1).get("key").intValue();
    assertThat(allEphemera.get(allEphemera.size() - 1).get("room").stringValue())
        .contains("lines by hand");
    String there = held(SERVER.album()).get("1-back-2");
    JsonNode laid =
        SERVER
            .step("ephemera/lay", Map.of("ephemera", ephemera, "slot", "1-back-2"))
            .is(200)
            .json();
    assertThat(held(laid)).doesNotContainValue(there);
    JsonNode ticket = SERVER.get("/api/albums/1/tickets/1-back-2").json();
    assertThat(ticket.at("/ephemera/name").stringValue()).isEqualTo("Words");
    assertThat(ticket.get("verdict").stringValue()).isEqualTo("loose");
    SERVER.step("swap", Map.of("from", "1-back-2", "to", "1-back-1")).is(200);
    assertThat(held(SERVER.album()).get("1-back-1")).isNull();
    SERVER.step("place-again", Map.of("spread", 1)).is(200);
    assertThat(held(SERVER.album())).doesNotContainKey("1-back-1");
    SERVER.step("ephemera/remove", Map.of("ephemera", ephemera)).is(200);
    assertThat(SERVER.get("/api/albums/1/tickets/1-back-1").json().get("ephemera")).isNull();
    JsonNode refused =
        SERVER
            .step(
                "ephemera/save",
                Map.of("kind", "keepsake", "name", "coin", "w", "0", "h", "1", "thickness", "1/8"))
            .is(400)
            .json();
    assertThat(refused.get("field").stringValue()).isEqualTo("w");
  }

  @Test
  void unknown_leaves_and_kinds_are_refused_by_name() {
    assertThat(
            SERVER
                .step("leaves/add", Map.of("type", "nothing", "at", 1))
                .is(404)
                .json()
                .get("field")
                .stringValue())
        .isEqualTo("type");
    SERVER.step("leaves/move", Map.of("leaf", 99, "to", 1)).is(404);
    SERVER.get("/api/albums/1/leaves/99").is(404);
    SERVER.step("format", Map.of("format", "format-none")).is(404);
    JsonNode a5 = SERVER.step("format", Map.of("format", "format-a5")).is(200).json();
    assertThat(a5.get("format").stringValue()).isEqualTo("format-a5");
    SERVER.step("undo", Map.of()).is(200);
  }
}
