package drumnest.core.mover;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.flap.Attachment;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Support;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LeafType;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Which flaps could lie over a place, and what would settle their clashes. */
class FlapFixesTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final Size PAGE = Size.ofInches(16, 16);
  private static final LeafType SIX_WIDE =
      (LeafType) Catalogue.beginning().get(Catalogue.SIX_WIDE).item();

  private static Flap flap(String id, int x, int y, int w, int h, Edge hinge) {
    Box closed =
        new Box(Length.ofInches(x), Length.ofInches(y), Length.ofInches(w), Length.ofInches(h));
    return Flap.sleeve(
        id, closed, hinge, new Attachment.OnProtector(Length.parse("1/2")), Support.PAGE);
  }

  private static FlapFixes fixes(List<Flap> flaps, Size page) {
    return new FlapFixes(flaps, flap -> Box.of(page), flap -> true, RULES);
  }

  private static Slot slot(String id, List<Flap> flaps) {
    PagePlan plan = PagePlan.EMPTY.withFlaps(flaps);
    Leaf leaf = new Leaf(1, 1, SIX_WIDE, false, Length.ZERO, plan, PagePlan.EMPTY);
    return leaf.slots(Side.FRONT, 0).stream()
        .filter(each -> each.id().equals("1-front-" + id))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void a_sleeve_over_a_pocket_lies_insert_over_print_and_opens_onto_the_page_where_it_can() {
    List<FlapChoices.Choice> choices =
        FlapChoices.over(slot("4", List.of()), Size.ofInches(6, 4), Flap.Body.SLEEVE, RULES);
    assertThat(choices).hasSize(4);
    Flap best = choices.get(0).flap();
    assertThat(best.takes()).isEqualTo(Size.ofInches(6, 4));
    assertThat(best.closed().x()).isEqualTo(Length.parse("5 15/16"));
    assertThat(best.hinge()).isEqualTo(Edge.LEFT);
    // Two sealed edges more than the pocket is wide.
    assertThat(choices.get(0).past()).isEqualTo(Length.parse("1/8"));
    assertThat(choices.get(3).flap().hinge()).isEqualTo(Edge.RIGHT);
    assertThat(choices.get(3).past()).isEqualTo(Length.parse("6 1/8"));
    assertThat(choices).allMatch(choice -> choice.flap().id().equals("1"));
  }

  @Test
  void over_a_flap_it_lies_on_that_and_takes_the_next_number() {
    Flap first =
        FlapChoices.over(slot("4", List.of()), Size.ofInches(6, 4), Flap.Body.SLEEVE, RULES)
            .get(0)
            .flap();
    Slot outside = slot("m1.1", List.of(first));
    FlapChoices.Choice second =
        FlapChoices.over(outside, outside.takes(), Flap.Body.CARD, RULES).get(0);
    assertThat(second.flap().on()).isEqualTo("1");
    assertThat(second.flap().id()).isEqualTo("2");
    assertThat(second.flap().closed()).isEqualTo(first.face());
    assertThat(second.errors()).isZero();
  }

  @Test
  void a_strip_on_a_neighbour_is_cured_by_another_hinge_a_slit_or_a_move() {
    Flap lower = flap("1", 4, 4, 4, 4, Edge.TOP);
    Flap upper = flap("2", 4, 0, 4, 4, Edge.LEFT);
    Clash clash = new Clash(ClashKind.STRIP_ON_MOVING, "1", "2");
    List<FlapFixes.Fix> fixes = fixes(List.of(lower, upper), PAGE).of(clash, 20);
    assertThat(fixes)
        .extracting(FlapFixes.Fix::way)
        .contains(FlapFixes.Way.HINGE, FlapFixes.Way.SLIT);
    assertThat(fixes)
        .filteredOn(fix -> fix.way() == FlapFixes.Way.MOVE)
        .anyMatch(fix -> fix.down().equals(Length.parse("1/2")));
    assertThat(fixes).extracting(FlapFixes.Fix::left).isSorted();
  }

  @Test
  void two_in_one_place_are_laid_on_each_other_or_moved_apart() {
    List<Flap> flaps = List.of(flap("1", 4, 4, 4, 4, Edge.LEFT), flap("2", 6, 4, 4, 4, Edge.RIGHT));
    Clash clash = new Clash(ClashKind.CLOSED_OVERLAP, "1", "2");
    List<FlapFixes.Fix> fixes = fixes(flaps, PAGE).of(clash, 20);
    assertThat(fixes).extracting(FlapFixes.Fix::way).contains(FlapFixes.Way.MOVE);
    assertThat(fixes(flaps, Size.ofInches(10, 8)).of(clash, 20))
        .filteredOn(fix -> fix.way() == FlapFixes.Way.MOVE)
        .allMatch(fix -> !fix.flap().face().right().isMoreThan(Length.ofInches(10)));
  }

  /** Hinged at the foot its strip would lie on a third one for good, which is worse. */
  @Test
  void what_ends_in_another_fault_is_no_way_out() {
    Flap first = flap("1", 4, 4, 4, 4, Edge.TOP);
    Flap second = flap("2", 4, 0, 4, 4, Edge.LEFT);
    Flap third = flap("3", 4, 8, 4, 3, Edge.BOTTOM);
    Clash clash = new Clash(ClashKind.STRIP_ON_MOVING, "1", "2");
    assertThat(fixes(List.of(first, second), PAGE).of(clash, 40))
        .anyMatch(fix -> isHinged(fix, "1", Edge.BOTTOM));
    List<FlapFixes.Fix> fixes = fixes(List.of(first, second, third), PAGE).of(clash, 40);
    assertThat(fixes).isNotEmpty().noneMatch(fix -> isHinged(fix, "1", Edge.BOTTOM));
  }

  /**
   * Moved to the right the first is clear of three that it covers; but there the strip of the last
   * would lie on it, so that it never opens: one error for three orders.
   */
  @Test
  void an_error_is_no_way_out_of_several_orders() {
    List<Flap> flaps = new ArrayList<>();
    flaps.add(flap("1", 4, 4, 4, 4, Edge.LEFT).throughSlit());
    flaps.add(flap("2", 0, 4, 4, 1, Edge.LEFT).throughSlit());
    flaps.add(flap("3", 0, 5, 4, 1, Edge.LEFT).throughSlit());
    flaps.add(flap("4", 0, 6, 4, 2, Edge.LEFT).throughSlit());
    Clash clash = new Clash(ClashKind.COVERS_WHEN_OPEN, "1", "2");
    assertThat(fixes(flaps, PAGE).of(clash, 40)).anyMatch(FlapFixesTest::isMovedToTheRight);
    flaps.add(flap("5", 8, 8, 4, 3, Edge.TOP));
    assertThat(fixes(flaps, PAGE).of(clash, 40)).noneMatch(FlapFixesTest::isMovedToTheRight);
  }

  private static boolean isMovedToTheRight(FlapFixes.Fix fix) {
    return fix.flap().id().equals("1") && fix.right().equals(Length.ofInches(4));
  }

  private static boolean isHinged(FlapFixes.Fix fix, String flap, Edge edge) {
    return fix.way() == FlapFixes.Way.HINGE
        && fix.flap().id().equals(flap)
        && fix.flap().hinge() == edge;
  }

  /** Slits keep half an inch off the seams at the edges of the page. */
  @Test
  void no_slit_is_offered_on_a_seam() {
    for (int y : new int[] {0, 1}) {
      Flap lower = flap("1", 4, y, 4, 4, Edge.TOP);
      Flap beside = flap("2", 4, y - 3, 4, 3, Edge.LEFT);
      Clash clash = new Clash(ClashKind.STRIP_ON_MOVING, "1", "2");
      assertThat(
              fixes(List.of(lower, beside), PAGE).of(clash, 40).stream()
                  .anyMatch(fix -> fix.way() == FlapFixes.Way.SLIT && fix.flap().id().equals("1")))
          .isEqualTo(y == 1);
    }
  }

  static List<List<Flap>> spreads() {
    return FlapsTest.spreads();
  }

  @ParameterizedTest
  @MethodSource("spreads")
  void what_is_offered_is_found_to_be_gone(List<Flap> flaps) {
    FlapFixes fixes = fixes(flaps, PAGE);
    List<Clash> before = new SpreadMotion(flaps).clashes();
    for (Clash clash : before) {
      for (FlapFixes.Fix fix : fixes.of(clash, 3)) {
        List<Flap> then = new ArrayList<>(flaps);
        then.replaceAll(
            flap ->
                flap.id().equals(fix.flap().id())
                    ? fix.flap()
                    : isStuckTo(flap, fix.flap().id(), flaps)
                        ? flap.moved(fix.right(), fix.down())
                        : flap);
        List<Clash> after = new SpreadMotion(then).clashes();
        assertThat(after).doesNotContain(clash).hasSize(fix.left());
        assertThat(after.size()).isLessThan(before.size());
        assertThat(Box.of(PAGE).contains(fix.flap().face())).isTrue();
      }
    }
  }

  /** Whether one goes along with another, down the stack. */
  private static boolean isStuckTo(Flap flap, String carrier, List<Flap> flaps) {
    String at = flap.fixedTo();
    while (at != null && !at.equals(carrier)) {
      String next = at;
      at = flaps.stream().filter(each -> each.id().equals(next)).findFirst().get().fixedTo();
    }
    return at != null;
  }

  @Test
  void most_clashes_have_a_cure() {
    long clashes = 0;
    long fixed = 0;
    for (List<Flap> flaps : spreads()) {
      FlapFixes fixes = fixes(flaps, PAGE);
      for (Clash clash : new SpreadMotion(flaps).clashes()) {
        clashes++;
        fixed += fixes.of(clash, 1).size();
      }
    }
    assertThat(fixed * 10).isGreaterThan(clashes * 7);
  }
}
