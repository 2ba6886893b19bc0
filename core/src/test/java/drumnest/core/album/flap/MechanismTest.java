package drumnest.core.album.flap;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Each way of making a mover: its kind and its parts, whether it opens and shows that it does. */
class MechanismTest {

  private static final Length INCH = Length.ofInches(1);
  private static final Size PAGE = Size.ofInches(12, 12);
  private static final Size OTHER = Size.ofInches(8, 8);
  private static final Size CARD = Size.ofInches(2, 3);

  /** A mechanism, and all that it says. */
  private record Case(Mechanism mechanism, MoverKind kind, int parts, boolean opens, boolean seen) {
    @Override
    public String toString() {
      return mechanism.toString();
    }
  }

  static List<Case> cases() {
    return List.of(
        new Case(new Mechanism.Chain(3), MoverKind.CHAIN, 3, true, false),
        new Case(new Mechanism.Booklet(2), MoverKind.BOOKLET, 2, true, false),
        new Case(new Mechanism.Waterfall(4, INCH), MoverKind.WATERFALL, 4, true, true),
        new Case(new Mechanism.Waterfall(1, INCH), MoverKind.WATERFALL, 1, true, false),
        new Case(new Mechanism.Accordion(5, INCH, PAGE, INCH), MoverKind.ACCORDION, 5, true, false),
        new Case(new Mechanism.FoldOut(PAGE, INCH, PAGE), MoverKind.FOLD_OUT, 1, true, false),
        new Case(new Mechanism.Door(false, INCH), MoverKind.DOOR, 1, true, false),
        new Case(new Mechanism.Door(true, INCH), MoverKind.DOUBLE_DOOR, 2, true, false),
        new Case(new Mechanism.TuckSpot(CARD, INCH), MoverKind.TUCK_SPOT, 1, true, true),
        new Case(new Mechanism.TuckSpot(CARD, Length.ZERO), MoverKind.TUCK_SPOT, 1, true, false),
        new Case(new Mechanism.EdgeTuck(CARD, INCH), MoverKind.EDGE_TUCK, 1, true, true),
        new Case(new Mechanism.PullOut(CARD), MoverKind.PULL_OUT, 1, true, false),
        new Case(new Mechanism.Divided(), MoverKind.DIVIDED_PLACE, 2, false, false),
        new Case(new Band.Gutter(PAGE), MoverKind.GUTTER_BAND, 1, false, false),
        new Case(new Band.Beyond(PAGE, INCH), MoverKind.EDGE_BAND, 1, false, false));
  }

  @ParameterizedTest
  @MethodSource("cases")
  void says_what_it_is(Case each) {
    Mechanism mechanism = each.mechanism;
    assertThat(mechanism.kind()).isEqualTo(each.kind);
    assertThat(mechanism.parts()).isEqualTo(each.parts);
    assertThat(mechanism.opens()).isEqualTo(each.opens);
    assertThat(mechanism.isSeenToOpen()).isEqualTo(each.seen);
    Mover mover = new Mover(3, Box.of(INCH, INCH, CARD), Edge.LEFT, null, mechanism);
    assertThat(mover.parts()).hasSize(each.parts).startsWith("3");
    assertThat(mover.gripped()).hasSize(each.kind == MoverKind.DOUBLE_DOOR ? 2 : 1);
  }

  @Test
  void all_kinds_are_looked_at() {
    assertThat(cases()).extracting(Case::kind).containsOnly(MoverKind.values());
  }

  @Test
  void what_depends_on_the_size_of_its_page_follows_it() {
    for (Case each : cases()) {
      Mechanism there = each.mechanism.onPage(OTHER);
      assertThat(there.onPage(PAGE)).isEqualTo(each.mechanism);
      boolean follows =
          List.of(MoverKind.FOLD_OUT, MoverKind.GUTTER_BAND, MoverKind.EDGE_BAND)
              .contains(each.kind);
      assertThat(there.equals(each.mechanism)).as(each.toString()).isEqualTo(!follows);
    }
  }

  @Test
  void a_band_begins_and_a_fold_out_stays_at_its_edge_and_all_else_lies_where_it_is_put() {
    Box at = Box.of(INCH, INCH, CARD);
    for (Case each : cases()) {
      if (!(each.mechanism instanceof Band)) {
        assertThat(each.mechanism.lying(at, Edge.LEFT)).isEqualTo(at);
        assertThat(each.mechanism.movableEdges(Edge.LEFT))
            .containsExactlyElementsOf(
                each.kind == MoverKind.FOLD_OUT ? allBut(Edge.LEFT) : List.of(Edge.values()));
        assertThat(each.mechanism.holds()).isEqualTo(Holds.PHOTO);
      }
    }
    Band gutter = new Band.Gutter(PAGE);
    assertThat(gutter.lying(at, Edge.RIGHT))
        .isEqualTo(new Box(Length.ofInches(10), INCH, CARD.w(), CARD.h()));
    assertThat(gutter.lying(at, Edge.LEFT))
        .isEqualTo(new Box(Length.ZERO, INCH, CARD.w(), CARD.h()));
    assertThat(gutter.movableEdges(Edge.RIGHT)).containsExactlyElementsOf(allBut(Edge.RIGHT));
    // Two wide, of which one is on the leaf: it ends an inch beyond it, over its whole length.
    Band beyond = new Band.Beyond(PAGE, INCH);
    assertThat(beyond.lying(at, Edge.RIGHT))
        .isEqualTo(new Box(Length.ofInches(11), Length.ZERO, CARD.w(), PAGE.h()));
    assertThat(beyond.lying(at, Edge.LEFT))
        .isEqualTo(new Box(INCH.negated(), Length.ZERO, CARD.w(), PAGE.h()));
    assertThat(beyond.movableEdges(Edge.LEFT)).containsExactly(Edge.LEFT);
    assertThat(beyond.holds()).isEqualTo(Holds.KEEPSAKE);
  }

  private static List<Edge> allBut(Edge one) {
    return Arrays.stream(Edge.values()).filter(edge -> edge != one).toList();
  }
}
