package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Plain pages said block by block, and what comes back as marks and as paper. */
class PlansOverHttpTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static int plain;
  private static int punched;

  @BeforeAll
  static void leaves() {
    plain = add("plain-12x12");
    punched = add("card-page-5x8.3-8");
  }

  private static int add(String type) {
    int at = SERVER.album().get("leaves").size() + 1;
    JsonNode leaves =
        SERVER.step("leaves/add", Map.of("type", type, "at", at)).is(200).json().get("leaves");
    return leaves.get(at - 1).get("key").intValue();
  }

  private static final Set<String> OF_ANCHOR =
      Set.of("across", "dx", "down", "dy", "beside", "block", "distance", "align");

  /**
   * A block as the page writes it: field and value in turn, counts as numbers. How a row runs is
   * written {@code shape.down}.
   */
  private static Map<String, Object> block(int key, String shape, Object... fields) {
    Map<String, Object> block = new LinkedHashMap<>(Map.of("key", key));
    block.put("shape", new LinkedHashMap<>(Map.of("is", shape)));
    block.put("anchor", new LinkedHashMap<>(Map.of("on", "page")));
    for (int i = 0; i < fields.length; i += 2) {
      put(block, (String) fields[i], fields[i + 1]);
    }
    return block;
  }

  @SuppressWarnings("unchecked")
  private static void put(Map<String, Object> block, String field, Object value) {
    if (OF_ANCHOR.contains(field)) {
      Map<String, Object> anchor = (Map<String, Object>) block.get("anchor");
      anchor.put(field, value);
      if (field.equals("beside")) {
        anchor.put("on", "block");
      }
    } else if (field.equals("holds") || field.equals("mat")) {
      block.put(field, value);
    } else {
      ((Map<String, Object>) block.get("shape")).put(field.replace("shape.", ""), value);
    }
  }

  private static RunningServer.Answer preview(int leaf, Object... blocks) {
    return SERVER.post(
        "/api/albums/1/leaves/plan/preview",
        Map.of(
            "version",
            SERVER.album().get("version").longValue(),
            "leaf",
            leaf,
            "side",
            "front",
            "blocks",
            List.of(blocks)));
  }

  private static List<String> boxes(JsonNode plan) {
    List<String> boxes = new ArrayList<>();
    for (JsonNode mount : plan.get("mounts")) {
      JsonNode box = mount.get("box");
      boxes.add(
          text(box, "w")
              + " × "
              + text(box, "h")
              + " at "
              + text(box, "x")
              + ", "
              + text(box, "y"));
    }
    return boxes;
  }

  private static String text(JsonNode box, String axis) {
    return box.get(axis).get("text").stringValue();
  }

  @Test
  void a_row_may_go_down_have_outer_gaps_and_pieces_of_a_given_size() {
    JsonNode plan =
        preview(
                plain,
                block(
                    1,
                    "row",
                    "pieces",
                    2,
                    "span",
                    "9",
                    "piece",
                    "4",
                    "shape.down",
                    true,
                    "other",
                    "6",
                    "across",
                    "start",
                    "dx",
                    "1",
                    "down",
                    "end",
                    "dy",
                    "1"))
            .is(200)
            .json();
    assertThat(boxes(plan)).containsExactly("6 × 4 at 1, 2", "6 × 4 at 1, 7");
    JsonNode outer =
        preview(
                plain,
                block(1, "row", "pieces", 3, "span", "8 1/2", "gap", "1/4", "outerGaps", true))
            .is(200)
            .json();
    assertThat(boxes(outer).get(0)).startsWith("2 1/2 × 2 1/2");
  }

  @Test
  void a_grid_is_stuck_from_its_middle() {
    JsonNode plan =
        preview(plain, block(1, "grid", "columns", 3, "rows", 3, "w", "3", "h", "3", "gap", "1/8"))
            .is(200)
            .json();
    assertThat(plan.get("mounts")).hasSize(9);
    assertThat(plan.at("/mounts/4/order").intValue()).isEqualTo(1);
    assertThat(boxes(plan).get(4)).isEqualTo("3 × 3 at 4 1/2, 4 1/2");
  }

  @Test
  void a_mixed_block_and_words_beside_it() {
    JsonNode plan =
        preview(
                plain,
                block(
                    1,
                    "mixed",
                    "uprightW",
                    "4",
                    "uprightH",
                    "6",
                    "w",
                    "6",
                    "h",
                    "4",
                    "pieces",
                    3,
                    "gap",
                    "1/8",
                    "squares",
                    true),
                block(
                    2,
                    "single",
                    "w",
                    "3",
                    "h",
                    "1",
                    "holds",
                    "words",
                    "mat",
                    "1/8",
                    "beside",
                    "above",
                    "block",
                    1,
                    "distance",
                    "1/4",
                    "align",
                    "end"))
            .is(200)
            .json();
    assertThat(plan.get("mounts")).hasSize(6);
    JsonNode words = plan.at("/mounts/5");
    assertThat(words.get("holds").stringValue()).isEqualTo("words");
    assertThat(words.at("/takes/w/text").stringValue()).isEqualTo("2 3/4");
  }

  @Test
  void a_mount_in_the_margin_is_warned_of_and_its_marks_have_a_range() {
    JsonNode plan =
        preview(
                plain,
                block(
                    1, "single", "w", "6", "h", "4", "across", "start", "dx", "1/8", "down",
                    "start", "dy", "4"))
            .is(200)
            .json();
    JsonNode mount = plan.at("/mounts/0");
    assertThat(mount.get("warning").stringValue()).contains("margin");
    JsonNode top = mount.at("/marks/1");
    assertThat(top.get("at").get("text").stringValue()).isEqualTo("4");
    assertThat(top.get("from").get("text").stringValue()).isEqualTo("1/4");
    assertThat(top.get("to").get("text").stringValue()).isEqualTo("7 3/4");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "w        | wide   | block 1.w      | not a length",
        "w        | 0      | block 1.w      | above 0",
        "h        | 101    | block 1.h      | at most 100",
        "mat      | -1/8   | block 1.mat    | 0 or more",
        "mat      | 3      | block 1.mat    | nothing to see",
        "holds    | soup   | blocks[0].holds | photo, words, keepsake",
        "across   | up     | blocks[0].anchor.across | start, middle, end",
        "beside   | below  | block 1.block  | which block",
      })
  void what_is_not_understood_is_named_with_what_is_accepted(
      String field, String value, String at, String words) {
    Map<String, Object> block = block(1, "single", "w", "6", "h", "4");
    put(block, field, value);
    JsonNode refused = preview(plain, block).is(400).json();
    assertThat(refused.get("field").stringValue()).isEqualTo(at);
    assertThat(refused.get("detail").stringValue()).contains(words);
  }

  @Test
  void a_shape_that_there_is_not_is_refused_with_those_that_there_are() {
    JsonNode refused = preview(plain, block(1, "circle", "w", "6")).is(400).json();
    assertThat(refused.get("field").stringValue()).isEqualTo("blocks[0].shape.is");
    assertThat(refused.get("detail").stringValue()).contains("single, row, grid, mixed");
  }

  @Test
  void joined_cells_are_one_mount_and_come_back_as_they_were_written() {
    Map<String, Object> grid =
        block(
            1,
            "grid",
            "columns",
            3,
            "rows",
            3,
            "w",
            "3",
            "h",
            "3",
            "gap",
            "1/8",
            "joined",
            "2 + 1, 6+9");
    JsonNode plan = preview(plain, grid).is(200).json();
    assertThat(plan.get("mounts")).hasSize(7);
    assertThat(plan.at("/mounts/0/box/w/text").stringValue()).isEqualTo("6 1/8");
    SERVER
        .step("leaves/plan", Map.of("leaf", plain, "side", "back", "blocks", List.of(grid)))
        .is(200);
    JsonNode back = SERVER.get("/api/albums/1/leaves/" + plain).is(200).json().get("back");
    assertThat(back.at("/blocks/0/shape/joined").stringValue()).isEqualTo("2+1, 6+9");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {"1 and 2  | “1+2, 4+8”", "1+10     | from 1 to 9", "1+5, 5+6 | joined already"})
  void joined_cells_that_are_none_are_named_with_what_is_accepted(String joined, String words) {
    Map<String, Object> grid =
        block(
            1, "grid", "columns", 3, "rows", 3, "w", "3", "h", "3", "gap", "1/8", "joined", joined);
    JsonNode refused = preview(plain, grid).is(400).json();
    assertThat(refused.get("field").stringValue()).isEqualTo("block 1.joined");
    assertThat(refused.get("detail").stringValue()).contains(words);
  }

  @ParameterizedTest
  @CsvSource({"columns, 0", "columns, 401", "rows, -3"})
  void counts_are_refused_at_their_field(String field, int value) {
    Map<String, Object> grid =
        block(1, "grid", "columns", 2, "rows", 2, "w", "1", "h", "1", "gap", "0");
    put(grid, field, value);
    assertThat(preview(plain, grid).is(400).json().get("field").stringValue())
        .isEqualTo("block 1." + field);
  }

  @Test
  void a_page_full_of_cells_or_blocks_is_refused_before_it_is_worked_out() {
    assertThat(
            preview(plain, block(1, "grid", "columns", 400, "rows", 400, "w", ".01", "h", ".01"))
                .is(400)
                .json()
                .get("field")
                .stringValue())
        .isEqualTo("block 1.columns");
    Object[] many = new Object[61];
    for (int i = 0; i < many.length; i++) {
      many[i] = block(i + 1, "single", "w", ".1", "h", ".1");
    }
    assertThat(preview(plain, many).is(400).json().get("field").stringValue()).isEqualTo("blocks");
  }

  @Test
  void the_holes_of_a_punched_page_stay_free() {
    JsonNode refused = preview(punched, block(1, "single", "w", "5", "h", "4")).is(400).json();
    assertThat(refused.get("detail").stringValue()).contains("holes");
    JsonNode plan =
        preview(punched, block(1, "single", "w", "4", "h", "4", "across", "end")).is(200).json();
    assertThat(boxes(plan)).containsExactly("4 × 4 at 1, 2 3/16");
    JsonNode notes = SERVER.get("/api/albums/1/leaves/" + punched).json().get("notes");
    assertThat(notes.toString()).contains("Punched: 3/4");
  }

  @Test
  void nothing_is_planned_on_a_leaf_with_pockets_or_on_a_side_that_is_none() {
    assertThat(preview(1, block(1, "single", "w", "6", "h", "4")).is(422).json().get("detail"))
        .isNotNull();
    Map<String, Object> sideways = Map.of("leaf", plain, "side", "sideways", "blocks", List.of());
    assertThat(SERVER.step("leaves/plan", sideways).is(400).json().get("field").stringValue())
        .isEqualTo("side");
  }

  @Test
  void millimetres_said_come_back_as_millimetres() {
    SERVER.post("/api/settings/units", Map.of("units", "millimetres")).is(200);
    try {
      JsonNode plan =
          preview(plain, block(1, "single", "w", "150", "h", "4 in", "across", "start", "dx", "20"))
              .is(200)
              .json();
      assertThat(boxes(plan).get(0)).startsWith("150 mm × 101.6 mm at 20 mm");
    } finally {
      SERVER.post("/api/settings/units", Map.of("units", "sixteenths")).is(200);
    }
  }

  @Test
  void the_template_of_a_planned_page_has_its_mounts_on_both_sides() throws IOException {
    List<Object> blocks = List.of(block(1, "single", "w", "6", "h", "4", "across", "start"));
    for (String side : List.of("front", "back")) {
      SERVER.step("leaves/plan", Map.of("leaf", plain, "side", side, "blocks", blocks)).is(200);
    }
    String path = "/api/albums/1/leaves/" + plain + "/template.pdf";
    try (PDDocument whole = Loader.loadPDF(SERVER.get(path).is(200).bytes())) {
      assertThat(whole.getNumberOfPages()).isEqualTo(2);
      assertThat(new PDFTextStripper().getText(whole)).contains("front", "back", "6 × 4");
    }
    try (PDDocument tiles = Loader.loadPDF(SERVER.get(path + "?paper=a4").is(200).bytes())) {
      assertThat(tiles.getNumberOfPages()).isGreaterThan(2);
    }
    assertThat(SERVER.get(path + "?paper=napkin").is(400).json().get("field").stringValue())
        .isEqualTo("paper");
    SERVER.get("/api/albums/1/leaves/99/template.pdf").is(404);
  }
}
