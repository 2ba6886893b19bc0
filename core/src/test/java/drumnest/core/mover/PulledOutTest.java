package drumnest.core.mover;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.flap.CarriedAlong;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverKind;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.album.leaf.SlotKind;
import drumnest.core.album.leaf.Spread;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.SpreadMotion.Hindrance;
import drumnest.core.mover.SpreadMotion.Why;
import drumnest.core.mover.kind.MoverParts;
import drumnest.core.mover.kind.PullOutPocket;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LeafType;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Movers on the front of a card that is drawn out of its pocket: a folded strip, mostly. */
class PulledOutTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final LeafType SIX_WIDE =
      (LeafType) Catalogue.beginning().get(Catalogue.SIX_WIDE).item();
  private static final Size CARD = Size.ofInches(5, 3);
  private static final Length INCH = Length.ofInches(1);
  private static final String FRONT = "1-front-m1.1";

  private static Leaf leaf(PagePlan plan) {
    return new Leaf(1, 1, SIX_WIDE, false, Length.ZERO, plan, plan);
  }

  private static Slot slot(PagePlan plan, SlotKind kind, String flap) {
    return leaf(plan).slots(Side.FRONT, 0).stream()
        .filter(slot -> slot.kind() == kind && flap.equals(String.valueOf(slot.number())))
        .findFirst()
        .orElseThrow();
  }

  /** A page with a pull-out in the middle of it, over that edge. */
  private static PagePlan pullOut(Edge edge) {
    Box pocket = Box.of(Length.ofInches(3), Length.ofInches(4), Size.ofInches(6, 4));
    Mover mover = new Mover(1, pocket, edge, null, new Mechanism.PullOut(CARD));
    return PagePlan.EMPTY.with(mover, MoverParts.of(mover, null, RULES));
  }

  private static PagePlan withFirst(PagePlan plan, MoverKind kind) {
    MoverChoices.Choice choice =
        MoverChoices.at(slot(plan, SlotKind.OUTSIDE, "1"), RULES).stream()
            .filter(each -> each.mover().mechanism().kind() == kind)
            .findFirst()
            .orElseThrow();
    return plan.with(choice.mover(), choice.flaps());
  }

  @ParameterizedTest
  @EnumSource(Edge.class)
  void what_is_on_the_card_goes_along_with_it_and_keeps_its_edges(Edge edge) {
    PagePlan plan = withFirst(pullOut(edge), MoverKind.DOOR);
    Flap card = plan.flap("1").orElseThrow();
    Flap door = plan.flap("2").orElseThrow();
    SpreadMotion motion = new SpreadMotion(plan.flaps());
    Box closed = motion.area(door, Set.of());
    Box out = motion.area(door, Set.of("1"));
    Box cardOut = motion.area(card, Set.of("1"));
    // By hand: as far from the card's corner as before, and the card is drawn out by its depth.
    assertThat(out.x().minus(cardOut.x())).isEqualTo(closed.x().minus(card.closed().x()));
    assertThat(out.y().minus(cardOut.y())).isEqualTo(closed.y().minus(card.closed().y()));
    assertThat(edge.opposite().of(cardOut)).isEqualTo(edge.of(card.closed()));
    assertThat(plan.seen(door).hinge()).isEqualTo(door.hinge());
    assertThat(plan.seen(door).closed()).isEqualTo(out);
    assertThat(plan.told(plan.seen(door))).isEqualTo(door);
    Mover mover = plan.moverOf("2").orElseThrow();
    assertThat(plan.told(plan.seen(mover))).isEqualTo(mover);
    assertThat(plan.roomOf(mover, SIX_WIDE.size()).contains(plan.seen(mover).at())).isTrue();
  }

  @Test
  void an_accordion_in_a_pocket_is_leafed_once_it_is_drawn_out_and_folded_before_it_goes_in() {
    PagePlan plan = withFirst(pullOut(Edge.RIGHT), MoverKind.ACCORDION);
    SpreadMotion motion = new SpreadMotion(plan.flaps());
    Flap card = plan.flap("1").orElseThrow();
    Flap cover = plan.flap("2").orElseThrow();
    assertThat(motion.hindrances(cover, Set.of()))
        .containsExactly(new Hindrance(Why.OPEN_FIRST, "1"));
    assertThat(motion.hindrances(cover, Set.of("1"))).isEmpty();
    assertThat(motion.hindrances(card, Set.of("1", "2")))
        .containsExactly(new Hindrance(Why.CLOSE_FIRST, "2"));
    assertThat(motion.openingOrder()).startsWith("1", "2");
    assertThat(motion.clashes())
        .filteredOn(clash -> clash.severity() == Clash.Severity.ERROR)
        .isEmpty();
  }

  @Test
  void what_is_in_the_pocket_is_neither_seen_nor_hides_anything() {
    PagePlan plan = withFirst(pullOut(Edge.RIGHT), MoverKind.ACCORDION);
    Leaf leaf = leaf(plan);
    assertThat(
            leaf.slots(Side.FRONT, 0).stream()
                .filter(slot -> slot.kind().isOfPage())
                .map(Slot::cover))
        .containsOnly(Slot.Cover.NONE);
    assertThat(slot(plan, SlotKind.OUTSIDE, "1").cover()).isEqualTo(Slot.Cover.STAYS);
    assertThat(slot(plan, SlotKind.OUTSIDE, "2").cover()).isEqualTo(Slot.Cover.MOVES);
    SpreadMotion motion = SpreadMotion.of(new Spread(0, List.of(leaf)), Length.ZERO);
    assertThat(motion.seen(Set.of())).doesNotContain(FRONT, "1-front-m2.1");
    assertThat(motion.seen(Set.of("1-front-m1")))
        .contains("1-front-m1.2", "1-front-m2.1")
        .doesNotContain(FRONT);
  }

  /** On its reverse it would be rubbed off on the way out. */
  @Test
  void nothing_goes_on_the_reverse_of_the_card_nor_on_a_card_behind_a_photo() {
    PagePlan plan = pullOut(Edge.RIGHT);
    assertThat(plan.takesMover(slot(plan, SlotKind.OUTSIDE, "1"))).isTrue();
    assertThat(plan.takesMover(slot(plan, SlotKind.INSIDE, "1"))).isFalse();
    Mover tuck =
        new Mover(
            1,
            Box.of(INCH, INCH, Size.ofInches(6, 4)),
            Edge.TOP,
            null,
            new Mechanism.TuckSpot(CARD, Length.parse("1/2")));
    PagePlan tucked = PagePlan.EMPTY.with(tuck, MoverParts.of(tuck, null, RULES));
    assertThat(tucked.takesMover(slot(tucked, SlotKind.OUTSIDE, "1"))).isFalse();
  }

  /** Its pocket is put elsewhere, or opens over another edge: the strip stays on its card. */
  @ParameterizedTest
  @EnumSource(Edge.class)
  void a_pull_out_is_changed_with_what_is_on_its_card(Edge edge) {
    PagePlan plan = withFirst(pullOut(Edge.RIGHT), MoverKind.ACCORDION);
    Mover before = plan.moverOf("1").orElseThrow();
    Mover after = before.withEdge(edge).lying(before.at().moved(INCH, INCH.negated()));
    List<Flap> parts = MoverChoices.choice(after, plan, leaf(plan), Side.FRONT, RULES).flaps();
    List<Flap> flaps = new ArrayList<>(plan.flaps());
    flaps.set(0, parts.get(0));
    CarriedAlong carried = new CarriedAlong(plan.flaps(), flaps, Set.of("1"));
    assertThat(carried.beyondItsCarrier()).isEmpty();
    Box was = plan.flap("1").orElseThrow().closed();
    Box is = parts.get(0).closed();
    for (Flap each : plan.carriedBy(plan.flap("1").orElseThrow())) {
      Flap then =
          carried.flaps().stream().filter(f -> f.id().equals(each.id())).findFirst().orElseThrow();
      assertThat(then.closed().x().minus(is.x())).isEqualTo(each.closed().x().minus(was.x()));
      assertThat(then.closed().y().minus(is.y())).isEqualTo(each.closed().y().minus(was.y()));
    }
    Mover strip = plan.moverOf("2").orElseThrow();
    assertThat(carried.placed(strip).at().x().minus(strip.at().x()))
        .isEqualTo(is.x().minus(was.x()));
  }

  @Test
  void what_no_longer_fits_on_a_smaller_card_is_found() {
    PagePlan plan = withFirst(pullOut(Edge.RIGHT), MoverKind.DOOR);
    Flap card = plan.flap("1").orElseThrow();
    Flap less = card.withClosed(Box.of(card.closed().x(), card.closed().y(), Size.ofInches(2, 2)));
    CarriedAlong carried =
        new CarriedAlong(
            plan.flaps(), List.of(less, plan.flap("2").orElseThrow()), Set.of(card.id()));
    assertThat(carried.beyondItsCarrier().map(Flap::id)).contains("2");
    assertThat(carried.flaps().get(1)).isEqualTo(plan.flap("2").orElseThrow());
  }

  /** Three panels: two that turn, with two prints each, and one that is stuck down, with one. */
  @Test
  void the_pocket_goes_round_all_that_is_on_its_card() {
    Length card = RULES.length(HouseRule.PULLOUT_CARD);
    Length print = RULES.length(HouseRule.MOVER_PRINT);
    PagePlan plan = pullOut(Edge.RIGHT);
    Box at = plan.flap("1").orElseThrow().closed();
    Mover three =
        new Mover(
            2,
            Edge.LEFT.along(at, Length.ofInches(2)),
            Edge.LEFT,
            "1",
            new Mechanism.Accordion(
                3, Length.parse("1/8"), Size.ofInches(12, 12), Length.parse("1/2")));
    PagePlan with = plan.with(three, MoverParts.of(three, null, RULES));
    Length carried =
        PullOutPocket.carriedThickness(with.carriedBy(with.flap("1").orElseThrow()), RULES);
    assertThat(carried).isEqualTo(card.times(3).plus(print.times(5)));
    Mover mover = with.moverOf("1").orElseThrow();
    PullOutPocket pocket =
        PullOutPocket.of(mover, (Mechanism.PullOut) mover.mechanism(), carried, RULES);
    // Drawn out sideways, so that its height goes into the width of the pocket.
    assertThat(pocket.flatWidth())
        .isEqualTo(
            CARD.h()
                .plus(card.times(4))
                .plus(print.times(5))
                .plus(RULES.length(HouseRule.PULLOUT_PLAY).times(2)));
  }
}
