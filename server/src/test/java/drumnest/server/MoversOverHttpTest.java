package drumnest.server;

import static drumnest.server.FirstSpread.texts;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import drumnest.core.measure.Length;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Movers of several parts on a leaf of one 6 × 4 and ten 3 × 4. */
class MoversOverHttpTest {

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

  private static void add(String slot, String kind) {
    SERVER.step("movers/add", Map.of("slot", slot, "kind", kind)).is(200);
  }

  private static Map<String, Object> form() {
    Map<String, Object> form = new HashMap<>();
    SPREAD
        .motion()
        .at("/movers/0/form")
        .propertyStream()
        .forEach(each -> form.put(each.getKey(), each.getValue()));
    return form;
  }

  /** Another measure of its kind. */
  private static void made(Map<String, Object> form, String field, String value) {
    ((ObjectNode) form.get("made")).put(field, value);
  }

  /** How many sides of its flaps hold a picture. */
  private static int pictures() {
    int pictures = 0;
    for (JsonNode flap : SPREAD.page().get("flaps")) {
      pictures += flap.at("/outside/seat").isMissingNode() ? 0 : 1;
      pictures += flap.at("/motion/inside/seat").isMissingNode() ? 0 : 1;
    }
    return pictures;
  }

  private static void fill(String... slots) {
    for (int i = 0; i < slots.length; i++) {
      String photo = SERVER.line().get(i).get("id").stringValue();
      SERVER.step("put", Map.of("photo", photo, "slot", slots[i])).is(200);
    }
  }

  @ParameterizedTest
  @CsvSource({
    "chain, 3",
    "booklet, 3",
    "waterfall, 4",
    "accordion, 4",
    "door, 1",
    "double-door, 2",
    "fold-out, 1",
    "tuck-spot, 1",
    "pull-out, 1",
    "edge-tuck, 1",
    "divided-place, 2",
    "gutter-band, 1"
  })
  void each_kind_is_offered_taken_shown_and_taken_back(String kind, int parts) {
    JsonNode choices =
        SERVER.get("/api/albums/1/movers/choices?slot=2-front-6").is(200).json().get("choices");
    assertThat(choices).extracting(each -> each.get("kind").stringValue()).contains(kind);
    add("2-front-6", kind);
    assertThat(SPREAD.page().get("flaps").size()).isEqualTo(parts);
    assertThat(SERVER.album(1).get("undo").stringValue()).doesNotContain("a accordion", "a edge");
    JsonNode mover = SPREAD.motion().at("/movers/0");
    assertThat(mover.get("kind").stringValue()).isEqualTo(kind);
    assertThat(mover.get("facts")).isNotEmpty();
    assertThat(SPREAD.motion().at("/states/0/name").stringValue()).isEqualTo("at rest");
    assertThat(SPREAD.motion().get("clashes")).isEmpty();
    // The very same measures written again change nothing but are accepted.
    SERVER.step("movers/change", Map.of("flap", "2-front-m1", "form", form())).is(200);
    SERVER.step("flaps/remove", Map.of("flap", "2-front-m1")).is(200);
    assertThat(SPREAD.page().get("flaps")).isEmpty();
    assertThat(SPREAD.motion().get("movers")).isEmpty();
  }

  @Test
  void an_accordion_is_leafed_filled_lengthened_and_shortened_and_says_what_it_held() {
    add("2-front-6", "accordion");
    assertThat(texts(SPREAD.motion().get("order"))).hasSize(3);
    assertThat(SPREAD.motion().get("states"))
        .extracting(each -> each.get("name").stringValue())
        .contains("panel 1", "panel 2", "panel 3", "accordion 1, open");
    assertThat(SPREAD.motion().at("/flaps/3/hindrances/0").stringValue())
        .isEqualTo("It is stuck down.");
    // What its last panel is stuck over holds nothing, so that nobody misses it.
    assertThat(SPREAD.motion().get("never")).isEmpty();
    // Seventeen pockets, of which its cover hides one; it has seven faces.
    assertThat(SPREAD.motion().get("closed").intValue()).isEqualTo(17);
    assertThat(SPREAD.motion().get("opened").intValue()).isEqualTo(23);
    fill("2-front-m1.1", "2-front-m4.1", "2-front-m1.2");
    assertThat(
            SERVER
                .get("/api/albums/1/tickets/2-front-m4.1")
                .is(200)
                .json()
                .get("place")
                .stringValue())
        .isEqualTo("panel 4 outside, leaf 2 front");
    // Another flap has the next number, so that a longer one is numbered anew, with what it holds.
    SERVER.step("flaps/add", Map.of("slot", "2-front-2", "hinge", "left")).is(200);
    Map<String, Object> form = form();
    made(form, "count", "5");
    SERVER.step("movers/change", Map.of("flap", "2-front-m1", "form", form)).is(200);
    assertThat(SPREAD.page().get("flaps").size()).isEqualTo(6);
    assertThat(SERVER.album(1).toString()).contains("2-front-m6.1");
    assertThat(pictures()).isEqualTo(3);
    made(form, "count", "2");
    SERVER.step("movers/change", Map.of("flap", "2-front-m6", "form", form)).is(200);
    assertThat(SERVER.album(1).get("undo").stringValue())
        .isEqualTo("change accordion 1, leaf 2 front with 1 picture in it");
    SERVER.step("undo", Map.of()).is(200);
    assertThat(pictures()).isEqualTo(3);
  }

  @Test
  void one_picture_over_all_panels_is_shown_in_pieces_and_cut_once() {
    add("2-front-6", "accordion");
    fill("2-front-m1.2", "2-front-m4.1");
    Map<String, Object> form = form();
    made(form, "upper", "across");
    SERVER.step("movers/change", Map.of("flap", "2-front-m1", "form", form)).is(200);
    // The inside of panel 1 is a piece now; the outside of panel 4, the last, is the wide slot.
    assertThat(SERVER.album().get("undo").stringValue()).endsWith("with 1 picture in it");
    assertThat(pictures()).isEqualTo(4);
    // Anchored at the left, as its tab would leave the page at the right: panel 4 comes first.
    assertThat(form.get("edge").toString()).contains("left");
    double from = -1;
    for (String at : List.of("4/outside", "3/motion/inside", "2/outside", "1/motion/inside")) {
      JsonNode face = flap("2-front-m" + at.charAt(0)).at(at.substring(1));
      assertThat(face.get("id").stringValue()).isEqualTo("2-front-m4.1");
      JsonNode shown = face.at("/seat/drawing/shown");
      assertThat(shown.get("x").doubleValue()).isGreaterThan(from);
      from = shown.get("x").doubleValue() + shown.get("w").doubleValue();
      assertThat(from).isLessThan(1.0001);
    }
    JsonNode ticket = SERVER.get("/api/albums/1/tickets/2-front-m4.1").is(200).json();
    assertThat(texts(ticket.get("todo")).toString()).contains("Cut it into 4 pieces of 3 × 4");
    assertThat(SPREAD.motion().get("opened").intValue()).isEqualTo(20);
    // Longer by one it is still there; with a picture on each panel again the last one has it.
    made(form, "count", "5");
    SERVER.step("movers/change", Map.of("flap", "2-front-m1", "form", form)).is(200);
    assertThat(pictures()).isEqualTo(5);
    made(form, "upper", "each");
    SERVER.step("movers/change", Map.of("flap", "2-front-m1", "form", form)).is(200);
    assertThat(pictures()).isEqualTo(1);
    assertThat(SERVER.get("/api/albums/1/movers/2-front-m1/model.pdf").is(200).bytes())
        .isNotEmpty();
  }

  @Test
  void what_is_printed_on_its_strips_is_not_ordered_and_makes_no_layer() throws IOException {
    add("2-front-6", "accordion");
    fill("2-front-m1.1", "2-front-m1.2", "2-front-m4.1");
    String stuck = thickness();
    assertThat(SERVER.album().at("/counts/toOrder").intValue()).isEqualTo(3);
    Map<String, Object> form = form();
    made(form, "pictures", "printed");
    SERVER.step("movers/change", Map.of("flap", "2-front-m1", "form", form)).is(200);
    assertThat(pictures()).isEqualTo(3);
    assertThat(SERVER.album().at("/counts/toOrder").intValue()).isZero();
    assertThat(thickness()).isLessThan(stuck);
    byte[] strips = SERVER.get("/api/albums/1/movers/2-front-m1/strips.pdf").is(200).bytes();
    try (PDDocument document = Loader.loadPDF(strips)) {
      // Two strips of a 12 in sheet, each with two sides, the tabs among them.
      assertThat(document.getNumberOfPages()).isEqualTo(4);
      assertThat(document.getPage(0).getMediaBox().getWidth())
          .isEqualTo(12 * 72 + 54f, within(0.01f));
      assertThat(images(document, 0)).isPositive();
      assertThat(
              images(document, 0) + images(document, 1) + images(document, 2) + images(document, 3))
          .isEqualTo(3);
    }
  }

  private static String thickness() {
    return SPREAD.motion().at("/flaps/0/thick").stringValue();
  }

  private static long images(PDDocument document, int page) {
    return StreamSupport.stream(
            document.getPage(page).getResources().getXObjectNames().spliterator(), false)
        .count();
  }

  @Test
  void a_divided_place_takes_two_at_once_and_gives_back_what_it_held() {
    fill("2-front-6");
    String held = SERVER.line().get(0).get("id").stringValue();
    String left = SERVER.line().get(1).get("id").stringValue();
    String right = SERVER.line().get(2).get("id").stringValue();
    Map<String, Object> both =
        Map.of("slot", "2-front-6", "kind", "divided-place", "photos", List.of(left, right));
    SERVER.step("movers/add", both).is(200);
    assertThat(pictures()).isEqualTo(2);
    assertThat(SERVER.album(1).get("undo").stringValue()).endsWith("; what lay below it goes back");
    assertThat(flap("2-front-m1").at("/outside/seat/photo").stringValue()).isEqualTo(left);
    assertThat(flap("2-front-m2").at("/outside/seat/photo").stringValue()).isEqualTo(right);
    Map<String, Object> again =
        Map.of("slot", "2-front-2", "kind", "divided-place", "photos", List.of(held, left));
    assertThat(SERVER.step("movers/add", again).is(422).json().get("field").stringValue())
        .isEqualTo("photos");
    SERVER.step("undo", Map.of()).is(200);
    assertThat(pictures()).isZero();
    assertThat(SERVER.line().get(0).at("/where/slot").stringValue()).isEqualTo("2-front-6");
  }

  private static JsonNode flap(String id) {
    for (JsonNode flap : SPREAD.page().get("flaps")) {
      if (flap.get("id").stringValue().equals(id)) {
        return flap;
      }
    }
    throw new AssertionError("There is no flap " + id + ".");
  }

  @Test
  void a_measure_that_does_not_do_is_named_with_the_nearest_that_works() {
    add("2-front-6", "accordion");
    Map<String, Object> form = form();
    made(form, "sheetW", "3");
    JsonNode refused =
        SERVER.step("movers/change", Map.of("flap", "2-front-m1", "form", form)).is(400).json();
    assertThat(refused.get("field").stringValue()).isEqualTo("sheetW");
    assertThat(refused.get("detail").stringValue()).contains("3 3/4");
    form = form();
    made(form, "count", "20");
    assertThat(
            SERVER
                .step("movers/change", Map.of("flap", "2-front-m1", "form", form))
                .is(400)
                .json()
                .get("field")
                .stringValue())
        .isEqualTo("count");
    form = form();
    form.put("x", "11");
    assertThat(
            SERVER
                .step("movers/change", Map.of("flap", "2-front-m1", "form", form))
                .is(400)
                .json()
                .get("field")
                .stringValue())
        .isEqualTo("x");
    SERVER.step("movers/add", Map.of("slot", "2-front-6", "kind", "kite")).is(400);
    SERVER.step("movers/add", Map.of("slot", "2-front-6", "kind", "edge-band")).is(404);
    SERVER.step("movers/add", Map.of("slot", "2-front-m1.1", "kind", "chain")).is(422);
  }

  @Test
  void a_flap_on_the_inside_of_a_door_is_reached_when_that_is_open_and_goes_with_it() {
    add("2-front-6", "door");
    SERVER.step("flaps/add", Map.of("slot", "2-front-m1.2", "hinge", "left")).is(200);
    assertThat(texts(SPREAD.motion().at("/flaps/1/hindrances")))
        .containsExactly("Open door 1 first.");
    assertThat(texts(SPREAD.motion("2-front-m1").at("/flaps/1/hindrances"))).isEmpty();
    assertThat(texts(SPREAD.motion("2-front-m1").get("seen"))).contains("2-front-m2.1");
    assertThat(texts(SPREAD.motion("2-front-m1", "2-front-m2").at("/flaps/0/hindrances")))
        .containsExactly("Close flap 1 first.");
    // Written again as it is seen, it lies where it lay.
    JsonNode form = SPREAD.motion().at("/flaps/1/form");
    SERVER.step("flaps/change", Map.of("flap", "2-front-m2", "form", form)).is(200);
    assertThat(SPREAD.motion().at("/flaps/1/form")).isEqualTo(form);
    SERVER.step("flaps/remove", Map.of("flap", "2-front-m1")).is(200);
    assertThat(SPREAD.page().get("flaps")).isEmpty();
  }

  @Test
  void with_a_part_that_is_gone_goes_the_mover_on_its_inside() {
    add("2-front-6", "booklet");
    Map<String, Object> form = form();
    add("2-front-m3.2", "booklet");
    fill("2-front-m4.1");
    assertThat(SPREAD.motion().get("movers")).hasSize(2);
    made(form, "count", "2");
    SERVER.step("movers/change", Map.of("flap", "2-front-m1", "form", form)).is(200);
    assertThat(SPREAD.motion().get("movers")).hasSize(1);
    assertThat(SPREAD.page().get("flaps")).hasSize(2);
    assertThat(SERVER.album(1).get("undo").stringValue()).endsWith("with 1 picture in it");
    SERVER.step("undo", Map.of()).is(200);
    assertThat(SPREAD.motion().get("movers")).hasSize(2);
    assertThat(pictures()).isEqualTo(1);
  }

  @Test
  void a_mover_is_mirrored_on_the_facing_page_and_undone_in_one_step() {
    add("2-front-6", "accordion");
    JsonNode before = SPREAD.motion().at("/movers/0/form");
    SERVER.step("movers/mirror", Map.of("flap", "2-front-m2")).is(200);
    JsonNode copy = SPREAD.motion().at("/movers/0/form");
    assertThat(SPREAD.motion().get("movers")).hasSize(2);
    assertThat(copy.get("edge").stringValue())
        .isEqualTo(before.get("edge").stringValue().equals("left") ? "right" : "left");
    assertThat(copy.get("y")).isEqualTo(before.get("y"));
    assertThat(SERVER.album(1).at("/spread/left/flaps")).hasSize(4);
    assertThat(SPREAD.motion().get("states"))
        .extracting(each -> each.get("name").stringValue())
        .contains("panel 1 on the left", "panel 1 on the right", "accordion 1 on the left, open");
    SERVER.step("undo", Map.of()).is(200);
    assertThat(SERVER.album(1).at("/spread/left/flaps")).isEmpty();
    assertThat(
            SERVER
                .step("movers/mirror", Map.of("flap", "9-front-m1"))
                .is(404)
                .json()
                .get("field")
                .stringValue())
        .isEqualTo("flap");
  }

  @Test
  void what_is_trimmed_off_one_half_of_a_band_is_trimmed_off_the_other_and_they_go_together() {
    add("2-front-6", "gutter-band");
    assertThat(SERVER.album(1).at("/spread/left/flaps")).hasSize(1);
    assertThat(SPREAD.motion().at("/movers/0/facts/3/value").stringValue())
        .isEqualTo("on the facing page: trim one, trim the other");
    Map<String, Object> form = form();
    form.put("h", "3/4");
    form.put("w", "10");
    form.put("x", "1");
    SERVER.step("movers/change", Map.of("flap", "2-front-m1", "form", form)).is(200);
    JsonNode left = SPREAD.motion().at("/movers/0/form");
    JsonNode right = SPREAD.motion().at("/movers/1/form");
    assertThat(left.get("x").stringValue()).isEqualTo("2");
    assertThat(right.get("x").stringValue()).isEqualTo("0");
    for (String same : List.of("y", "w", "h")) {
      assertThat(left.get(same)).isEqualTo(right.get(same));
    }
    Map<String, Object> again = Map.of("flap", "2-front-m1");
    assertThat(SERVER.step("movers/mirror", again).is(422).json().get("detail").stringValue())
        .isEqualTo("Its other half is there already.");
    form.put("w", "13");
    SERVER.step("movers/change", Map.of("flap", "2-front-m1", "form", form)).is(400);
    SERVER.step("flaps/remove", Map.of("flap", "1-back-m1")).is(200);
    assertThat(SPREAD.motion().get("movers")).isEmpty();
    SERVER.step("undo", Map.of()).is(200);
    assertThat(SPREAD.motion().at("/movers/1/form")).isEqualTo(right);
    SERVER.step("undo", Map.of()).is(200);
    SERVER.step("undo", Map.of()).is(200);
    assertThat(SPREAD.motion().get("movers")).isEmpty();
  }

  private static int leafKey(int index) {
    return SERVER.album(1).get("leaves").get(index).get("key").intValue();
  }

  @Test
  void a_band_beyond_a_narrow_leaf_is_on_both_its_sides() {
    SERVER.step("leaves/add", Map.of("type", "6x8-four-3x4", "at", 2)).is(200);
    String front = leafKey(1) + "-front-";
    add(front + "1", "edge-band");
    Map<String, Object> form = form();
    assertThat(width(form)).isBetween(Length.parse("6 1/8"), Length.parse("6 1/2"));
    made(form, "depth", "1");
    form.put("w", "5");
    SERVER.step("movers/change", Map.of("flap", front + "m1", "form", form)).is(200);
    JsonNode behind =
        SERVER.get("/api/albums/1/spreads/2/motion").is(200).json().at("/movers/0/form");
    assertThat(behind.get("x").stringValue()).isEqualTo("-4");
    assertThat(behind.get("w").stringValue()).isEqualTo("5");
    form.put("w", "1");
    assertThat(
            SERVER
                .step("movers/change", Map.of("flap", front + "m1", "form", form))
                .is(400)
                .json()
                .get("field")
                .stringValue())
        .isEqualTo("w");
    SERVER.step("movers/mirror", Map.of("flap", front + "m1")).is(422);
    SERVER.step("flaps/remove", Map.of("flap", front + "m1")).is(200);
    assertThat(SERVER.get("/api/albums/1/spreads/2/motion").is(200).json().get("movers")).isEmpty();
  }

  @Test
  void an_edge_is_moved_from_mark_to_mark_and_what_would_leave_nothing_is_refused() {
    add("2-front-6", "door");
    Map<String, Object> before = form();
    edge("right", -3).is(200);
    Map<String, Object> after = form();
    assertThat(after.get("x")).isEqualTo(before.get("x"));
    assertThat(width(before).minus(width(after))).isEqualTo(Length.parse("3/16"));
    assertThat(edge("left", 900).is(422).json().get("field").stringValue()).isEqualTo("marks");
    assertThat(edge("left", 2000).is(400).json().get("field").stringValue()).isEqualTo("marks");
    assertThat(edge("top", -900).is(400).json().get("field").stringValue()).isEqualTo("y");
    assertThat(form()).isEqualTo(after);
  }

  @Test
  void what_is_on_an_inside_has_its_edges_moved_as_they_are_seen_there() {
    SERVER.step("movers/add", Map.of("slot", "2-front-6", "kind", "door", "edge", "right")).is(200);
    add("2-front-m1.2", "booklet");
    JsonNode before = SPREAD.motion().at("/movers/1/form");
    Map<String, Object> right = new HashMap<>(Map.of("flap", "2-front-m2", "edge", "right"));
    right.put("marks", -2);
    SERVER.step("movers/edge", right).is(200);
    JsonNode after = SPREAD.motion().at("/movers/1/form");
    // It is told as it is seen, while the door is open.
    assertThat(inches(after, "w")).isEqualTo(inches(before, "w").minus(Length.parse("1/8")));
    assertThat(inches(after, "x")).isEqualTo(inches(before, "x"));
    assertThat(texts(SPREAD.page().at("/flaps").get(0).get("edges"))).hasSize(4);
    String edge = after.get("edge").stringValue();
    assertThat(flap("2-front-m2").get("hinge").stringValue()).isEqualTo(edge);
    SERVER.step("movers/change", Map.of("flap", "2-front-m2", "form", after)).is(200);
    assertThat(SPREAD.motion().at("/movers/1/form")).isEqualTo(after);
    SERVER.step("flaps/add", Map.of("slot", "2-front-m2.1")).is(200);
    right.put("flap", "2-front-m5");
    assertThat(SERVER.step("movers/edge", right).is(422).json().get("field").stringValue())
        .isEqualTo("edge");
  }

  private static Length inches(JsonNode form, String measure) {
    return Length.parse(form.get(measure).stringValue());
  }

  private static RunningServer.Answer edge(String edge, int marks) {
    return SERVER.step("movers/edge", Map.of("flap", "2-front-m1", "edge", edge, "marks", marks));
  }

  private static Length width(Map<String, Object> form) {
    return Length.parse(((JsonNode) form.get("w")).stringValue());
  }

  @Test
  void a_grip_reaches_past_the_edge_and_what_has_none_is_named() {
    add("2-front-6", "door");
    assertThat(SPREAD.motion().get("unmarked")).isEmpty();
    assertThat(SPREAD.page().at("/flaps/0/grip/box/w/text").isMissingNode()).isFalse();
    assertThat(SPREAD.motion().at("/movers/0/steps"))
        .extracting(step -> step.get("text").stringValue())
        .anyMatch(step -> step.contains("mirrored"));
    Map<String, Object> form = form();
    form.put("grip", "none");
    SERVER.step("movers/change", Map.of("flap", "2-front-m1", "form", form)).is(200);
    assertThat(texts(SPREAD.motion().get("unmarked"))).containsExactly("2-front-m1.1");
    assertThat(SPREAD.page().at("/flaps/0/grip/of").stringValue()).isEqualTo("none");
    form.put("grip", "ribbon");
    assertThat(
            SERVER
                .step("movers/change", Map.of("flap", "2-front-m1", "form", form))
                .is(400)
                .json()
                .get("detail")
                .stringValue())
        .contains("none, tab, string");
  }

  @Test
  void the_tab_of_a_pull_out_is_on_before_its_pocket_is_closed() {
    add("2-front-6", "pull-out");
    JsonNode steps = SPREAD.motion().at("/movers/0/steps");
    assertThat(steps.get(0).get("text").stringValue()).startsWith("Cut the tab twice");
    assertThat(steps.get(steps.size() - 1).get("text").stringValue()).startsWith("Glue the pocket");
  }

  @Test
  void what_opens_over_the_gutter_says_how_far_it_lies_over_the_facing_page() {
    SERVER.step("flaps/add", Map.of("slot", "2-front-1", "hinge", "left")).is(200);
    assertThat(SPREAD.motion().at("/flaps/0/reach").stringValue())
        .contains("It lies over the rings, and over the facing page by ");
    // Without punched strips there is no gutter.
    SERVER.post("/api/rules/punched-strip", Map.of("value", "0")).is(200);
    assertThat(SERVER.album(1).at("/spread/gutter/text").stringValue()).isEqualTo("0");
    SERVER.post("/api/rules/punched-strip/back", Map.of()).is(200);
    assertThat(SERVER.album(1).at("/spread/gutter/text").stringValue()).isEqualTo("1");
  }

  @Test
  void the_plan_is_true_to_size_and_the_model_half_of_it_with_its_pictures() throws IOException {
    add("2-front-6", "accordion");
    fill("2-front-m1.1", "2-front-m1.2");
    byte[] plan = SERVER.get("/api/albums/1/movers/2-front-m1/plan.pdf").is(200).bytes();
    try (PDDocument pdf = Loader.loadPDF(plan)) {
      // How it is made, then two strips, the window, and the tab twice.
      assertThat(pdf.getNumberOfPages()).isEqualTo(6);
      assertThat(new PDFTextStripper().getText(pdf))
          .contains("Accordion 1, leaf 2 front", "No way back after this", "strip with the anchor")
          .contains("valley, 8 3/4 from the left", "stays flat, ");
      // A strip of 12 in, with half an inch on each side.
      assertThat(pdf.getPage(1).getMediaBox().getWidth()).isEqualTo(13 * 72f);
    }
    String svg = SERVER.get("/api/albums/1/movers/2-front-m1/plan.svg").is(200).text();
    assertThat(svg).contains("id=\"cut\"", "id=\"score\"", "id=\"glue\"", "width=\"304.8\"");
    byte[] model = SERVER.get("/api/albums/1/movers/2-front-m1/model.pdf").is(200).bytes();
    try (PDDocument pdf = Loader.loadPDF(model)) {
      assertThat(pdf.getNumberOfPages()).isEqualTo(1);
      int pictures = 0;
      for (COSName name : pdf.getPage(0).getResources().getXObjectNames()) {
        pictures += pdf.getPage(0).getResources().isImageXObject(name) ? 1 : 0;
      }
      assertThat(pictures).isEqualTo(2);
      assertThat(new PDFTextStripper().getText(pdf)).contains("half size", "2 outside");
    }
    SERVER.get("/api/albums/1/movers/2-front-m9/plan.pdf").is(404);
    SERVER.get("/api/albums/1/movers/2-front-m1/plan.pdf?paper=napkin").is(400);
  }

  @Test
  void movers_are_suggested_for_what_is_left_over_and_each_can_be_put_there() {
    JsonNode found = SERVER.get("/api/albums/1/spreads/1/suggested").is(200).json();
    assertThat(found.get("waiting").intValue()).isEqualTo(9);
    assertThat(found.get("faces").intValue()).isGreaterThanOrEqualTo(9);
    for (JsonNode each : found.get("suggestions")) {
      Map<String, Object> at = Map.of("slot", each.get("slot").stringValue());
      Map<String, Object> how = new HashMap<>(at);
      boolean flap = each.get("kind").stringValue().equals("flap");
      how.put(flap ? "hinge" : "edge", each.get("edge").stringValue());
      if (!flap) {
        how.put("kind", each.get("kind").stringValue());
      }
      SERVER.step(flap ? "flaps/add" : "movers/add", how).is(200);
    }
    assertThat(SPREAD.motion().get("clashes")).isEmpty();
    assertThat(SPREAD.motion().get("flaps")).isNotEmpty();
  }

  @Test
  void a_small_leaf_that_makes_room_is_added_with_its_photo_in_one_step() {
    String photo = SERVER.line().get(0).get("id").stringValue();
    SERVER.step("leaves/add", Map.of("type", "6x8-four-3x4", "at", 2, "photo", photo)).is(200);
    assertThat(SERVER.line().get(0).at("/where/slot").stringValue())
        .startsWith(leafKey(1) + "-front-");
    SERVER.step("undo", Map.of()).is(200);
    assertThat(SERVER.album(1).get("leaves").size()).isEqualTo(2);
    assertThat(SERVER.line().get(0).at("/where").isMissingNode()).isTrue();
  }

  @Test
  void two_movers_in_each_others_way_are_cured_by_moving_one_of_them_as_a_whole() {
    add("2-front-6", "door");
    SERVER.step("movers/add", Map.of("slot", "2-front-7", "kind", "door", "edge", "left")).is(200);
    JsonNode clash = SPREAD.motion().at("/clashes/0");
    assertThat(clash.at("/fixes")).isNotEmpty();
    int before = SPREAD.motion().get("clashes").size();
    JsonNode fix = clash.at("/fixes/0/change");
    assertThat(fix.get("of").stringValue()).isEqualTo("mover");
    SERVER
        .step(
            "movers/change", Map.of("flap", fix.get("flap").stringValue(), "form", fix.get("form")))
        .is(200);
    assertThat(SPREAD.motion().get("clashes").size()).isLessThan(before);
  }

  @ParameterizedTest
  @CsvSource({"door, .2", "booklet, .2", "pull-out, .1"})
  void a_mover_is_moved_with_what_is_stuck_to_it(String kind, String side) {
    add("2-front-6", kind);
    SERVER.step("flaps/add", Map.of("slot", "2-front-m1" + side)).is(200);
    double before = carried().at("/closed/x/in").doubleValue();
    Map<String, Object> form = form();
    assertThat(form.get("x").toString()).contains("6");
    form.put("x", "5 1/2");
    SERVER.step("movers/change", Map.of("flap", "2-front-m1", "form", form)).is(200);
    assertThat(carried().at("/closed/x/in").doubleValue()).isEqualTo(before - 0.5);
  }

  /** The flap that is stuck to the first. */
  private static JsonNode carried() {
    return SPREAD
        .page()
        .get("flaps")
        .valueStream()
        .filter(flap -> flap.at("/support/of").stringValue().equals("inside"))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void a_door_is_not_made_smaller_than_what_is_stuck_to_it() {
    add("2-front-6", "door");
    SERVER.step("flaps/add", Map.of("slot", "2-front-m1.2")).is(200);
    Map<String, Object> form = form();
    form.put("w", "2");
    JsonNode refused =
        SERVER.step("movers/change", Map.of("flap", "2-front-m1", "form", form)).is(422).json();
    assertThat(refused.get("detail").stringValue())
        .startsWith("Flap 1, which is stuck to it, would reach past it.");
  }

  @Test
  void nothing_is_put_on_the_reverse_of_a_card_that_is_drawn_out() {
    add("2-front-6", "pull-out");
    SERVER.step("flaps/add", Map.of("slot", "2-front-m1.2")).is(422);
    SERVER.step("movers/add", Map.of("slot", "2-front-m1.2", "kind", "door")).is(422);
    SERVER.step("flaps/remove", Map.of("flap", "2-front-m1")).is(200);
    add("2-front-6", "tuck-spot");
    SERVER.step("flaps/add", Map.of("slot", "2-front-m1.1")).is(422);
    SERVER.step("flaps/add", Map.of("slot", "2-front-m1.2")).is(422);
  }

  @Test
  void a_waterfall_is_made_of_sleeves_and_a_divided_place_of_five_prints_when_that_is_asked() {
    add("2-front-6", "waterfall");
    Map<String, Object> form = form();
    ((ObjectNode) form.get("made")).put("sleeves", true);
    SERVER.step("movers/change", Map.of("flap", "2-front-m1", "form", form)).is(200);
    assertThat(SPREAD.page().at("/flaps/0/body").stringValue()).isEqualTo("sleeve");
    assertThat(SPREAD.motion().at("/movers/0/facts/0/name").stringValue()).isEqualTo("Sleeves");
    SERVER.step("flaps/remove", Map.of("flap", "2-front-m1")).is(200);

    add("2-front-6", "divided-place");
    form = form();
    ObjectNode part = ((ObjectNode) form.get("made")).putObject("part");
    part.put("is", "shared").put("direction", "across");
    part.putArray("parts").addObject().put("is", "whole");
    ObjectNode second = ((ArrayNode) part.get("parts")).addObject();
    second.put("is", "shared").put("direction", "down");
    second.putArray("parts").addObject().put("is", "whole");
    ((ArrayNode) second.get("parts")).addObject().put("is", "whole");
    SERVER.step("movers/change", Map.of("flap", "2-front-m1", "form", form)).is(200);
    assertThat(SPREAD.page().get("flaps")).hasSize(3);
    assertThat(SPREAD.motion().at("/movers/0/facts/0/value").stringValue())
        .isEqualTo("1 of 1 1/2 × 4, 2 of 1 1/2 × 2");
    // As it is told it can be written again.
    SERVER.step("movers/change", Map.of("flap", "2-front-m1", "form", form())).is(200);
    for (int i = 0; i < 3; i++) {
      ((ArrayNode) second.get("parts")).addObject().put("is", "whole");
    }
    JsonNode refused =
        SERVER.step("movers/change", Map.of("flap", "2-front-m1", "form", form)).is(400).json();
    assertThat(refused.get("field").stringValue()).isEqualTo("part");
    assertThat(refused.get("detail").stringValue()).contains("part 2", "1");
    assertThat(SPREAD.page().get("flaps")).hasSize(3);
  }
}
