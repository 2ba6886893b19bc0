package drumnest.core.mover.kind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.kind.Accordion.Face;
import drumnest.core.mover.kind.Accordion.Half;
import drumnest.core.mover.kind.Accordion.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class AccordionTest {

  private static final Size PHOTO = Size.ofInches(4, 6);
  private static final Size TWELVE = Size.ofInches(12, 12);
  private static final Length EIGHTH = Length.parse("1/8");
  private static final Length HALF = Length.parse("1/2");

  private static Accordion accordion(int panels) {
    return new Accordion(PHOTO, EIGHTH, panels, TWELVE, HALF, true);
  }

  private static Size size(String w, String h) {
    return new Size(Length.parse(w), Length.parse(h));
  }

  private static String said(List<List<Face>> reading) {
    return reading.stream()
        .map(
            step ->
                step.stream()
                    .map(face -> face.panel() + "" + face.side())
                    .collect(Collectors.joining(" ")))
        .collect(Collectors.joining(" | "));
  }

  /** The worked example of seven faces of 4 × 6 with a mat of 1/8, from sheets of 12 × 12. */
  @Test
  void seven_faces_of_4_by_6_take_two_strips_of_two_sheets() {
    assertThat(Accordion.panelsFor(7)).isEqualTo(4);
    Accordion accordion = accordion(4);
    assertThat(accordion.faces()).isEqualTo(7);
    assertThat(accordion.panel()).isEqualTo(size("4 1/4", "6 1/4"));
    assertThat(accordion.strips()).isEqualTo(2);
    assertThat(accordion.stripsPerSheet()).isEqualTo(1);
    assertThat(accordion.sheets()).isEqualTo(2);
    assertThat(accordion.strip()).isEqualTo(size("12", "6 1/4"));
    assertThat(accordion.panelsPerStrip()).containsExactly(2, 2);
    List<Length> scores = List.of(Length.parse("4 1/4"), Length.parse("8 1/2"));
    assertThat(accordion.scores()).containsExactly(scores, scores);
    assertThat(accordion.joinTab()).isEqualTo(Length.parse("3 1/2"));
    assertThat(accordion.anchorTab()).isEqualTo(Length.parse("3 1/2"));
    assertThat(accordion.offcut()).isEqualTo(size("12", "5 3/4"));
    assertThat(accordion.besideMat())
        .isEqualTo(new Accordion.BesideMat(size("4 1/4", "6 1/4"), true, true));
    assertThat(accordion.pulledOut()).isEqualTo(Length.ofInches(17));
    assertThat(accordion.layers()).isEqualTo(new Accordion.Layers(5, 7));
    assertThat(accordion.thickness(Length.parse(".010"), Length.parse(".009")))
        .isEqualTo(Length.parse(".113"));
  }

  @Test
  void four_panels_are_leafed_as_the_table_has_it() {
    Accordion accordion = accordion(4);
    assertThat(accordion.cover()).isEqualTo(new Face(1, Side.D));
    assertThat(accordion.isFreeEdgeAtAnchor()).isTrue();
    assertThat(said(accordion.reading(Half.RIGHT))).isEqualTo("1D | 2U 1U | 2D 3D | 4U 3U");
    assertThat(said(accordion.reading(Half.LEFT))).isEqualTo("1D | 1U 2U | 3D 2D | 3U 4U");
  }

  @Test
  void an_odd_number_of_panels_has_its_free_edge_on_the_other_side() {
    Accordion accordion = accordion(3);
    assertThat(accordion.cover()).isEqualTo(new Face(1, Side.U));
    assertThat(accordion.isFreeEdgeAtAnchor()).isFalse();
    assertThat(said(accordion.reading(Half.RIGHT))).isEqualTo("1U | 1D 2D | 3U 2U");
  }

  @Test
  void without_a_mat_two_strips_come_from_one_sheet_and_spend_a_panel_each_on_the_tab() {
    Accordion accordion = new Accordion(PHOTO, Length.ZERO, 4, TWELVE, HALF, true);
    assertThat(accordion.stripsPerSheet()).isEqualTo(2);
    assertThat(accordion.sheets()).isEqualTo(1);
    assertThat(accordion.panelsPerStrip()).containsExactly(2, 2);
    assertThat(accordion.joinTab()).isEqualTo(Length.ofInches(4));
    assertThat(accordion.besideMat().fits()).isFalse();
  }

  @Test
  void the_last_strip_takes_what_is_left_and_is_cut_back_to_a_panel() {
    Accordion accordion =
        new Accordion(Size.ofInches(3, 4), EIGHTH, 5, Size.ofInches(12, 12), HALF, true);
    assertThat(accordion.panelsPerStrip()).containsExactly(3, 2);
    assertThat(accordion.joinTab()).isEqualTo(Length.parse("2 1/4"));
    // 12 − 2 × 3 1/4 would be 5 1/2.
    assertThat(accordion.anchorTab()).isEqualTo(Length.parse("3 1/4"));
    assertThat(accordion.scores().get(1))
        .containsExactly(Length.parse("3 1/4"), Length.parse("6 1/2"));
  }

  @Test
  void level_folds_run_down_the_sheet_and_turn_every_other_face() {
    Accordion accordion = new Accordion(PHOTO, EIGHTH, 2, Size.ofInches(9, 16), HALF, false);
    assertThat(accordion.strip()).isEqualTo(size("16", "4 1/4"));
    assertThat(accordion.panelsPerStrip()).containsExactly(2);
    assertThat(accordion.joinTab()).isNull();
    assertThat(accordion.offcut()).isEqualTo(size("4 3/4", "16"));
    assertThat(accordion.turnedFaces()).containsExactly(new Face(1, Side.D));
    assertThat(accordion(2).turnedFaces()).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "4, 6, 4 1/2, 12, sheet.w, 4 3/4",
    "4, 6, 12, 6, sheet.h, 6 1/4",
    "1/8, 6, 12, 12, overlap, 3/8"
  })
  void a_sheet_or_a_tab_that_does_not_do_says_what_would(
      String w, String h, String sheetW, String sheetH, String field, String nearest) {
    assertThatExceptionOfType(MoverProblemException.class)
        .isThrownBy(() -> new Accordion(size(w, h), EIGHTH, 4, size(sheetW, sheetH), HALF, true))
        .matches(e -> e.field().equals(field) && e.nearest().equals(Length.parse(nearest)));
  }

  static List<Integer> panels() {
    return IntStream.rangeClosed(1, 40).boxed().toList();
  }

  @ParameterizedTest
  @MethodSource("panels")
  void every_face_is_read_once_and_all_panels_are_cut(int panels) {
    Accordion accordion = accordion(panels);
    for (Half half : Half.values()) {
      List<Face> read = accordion.reading(half).stream().flatMap(List::stream).toList();
      assertThat(read).hasSize(2 * panels - 1).doesNotHaveDuplicates();
      assertThat(read).doesNotContain(new Face(panels, Side.D));
      assertThat(read).allMatch(face -> face.panel() >= 1 && face.panel() <= panels);
    }
    assertThat(accordion.panelsPerStrip().stream().mapToInt(each -> each).sum()).isEqualTo(panels);
    assertThat(Accordion.panelsFor(2 * panels - 1)).isEqualTo(panels);
    assertThat(Accordion.panelsFor(2 * panels - 2)).isEqualTo(panels);
  }

  /** A panel of a chain that is really folded: where it lies, and which side of it is up. */
  private record Lying(int panel, int place, Side up) {}

  /**
   * Leafs a chain as hands do. It lies as a stack, the last panel at the bottom; the panels stand
   * in a line before they are folded, so that neighbours are joined on the right and on the left in
   * turn. What is on top is turned over, with all that is above it, to the side of its fold.
   *
   * @param away in which direction the chain goes from its anchor when it is pulled out: 1 for to
   *     the right
   */
  private static List<List<Face>> leafed(int panels, int away) {
    List<Lying> stack = new ArrayList<>();
    for (int panel = panels; panel >= 1; panel--) {
      stack.add(new Lying(panel, 0, (panels - panel) % 2 == 0 ? Side.U : Side.D));
    }
    List<List<Face>> seen = new ArrayList<>();
    Lying top = stack.get(panels - 1);
    seen.add(List.of(new Face(top.panel(), top.up())));
    for (int turned = 1; turned < panels; turned++) {
      // The fold between a panel and the next lies where the chain goes on, if that lies U up.
      Lying below = stack.get(panels - 1 - turned);
      int side = below.up() == Side.U ? away : -away;
      Lying over = stack.get(panels - turned);
      Side shown = over.up() == Side.U ? Side.D : Side.U;
      Face moved = new Face(over.panel(), shown);
      Face stays = new Face(below.panel(), below.up());
      seen.add(side > 0 ? List.of(stays, moved) : List.of(moved, stays));
    }
    return seen;
  }

  @ParameterizedTest
  @MethodSource("panels")
  void a_folded_chain_shows_its_faces_as_they_are_read(int panels) {
    assertThat(accordion(panels).reading(Half.RIGHT)).isEqualTo(leafed(panels, 1));
    assertThat(accordion(panels).reading(Half.LEFT)).isEqualTo(leafed(panels, -1));
  }
}
