package drumnest.core.mover;

import drumnest.core.album.flap.Band;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.album.leaf.Spread;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.function.BiFunction;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * The bands that could be begun near a place, on the ground, so that photos lie over them: one
 * across the gutter, as high as there is room between the places of both pages, or over the edge of
 * a place where there is none; and one beyond the outer edge of a leaf that is narrower than the
 * widest. Source: common practice, no source.
 */
public final class BandChoices {

  private final Spread spread;
  private final Slot at;
  private final Leaf leaf;
  private final Side side;
  private final HouseRules rules;

  private BandChoices(Spread spread, Slot at, HouseRules rules) {
    this.spread = spread;
    this.at = at;
    this.leaf = at.leaf();
    this.side = at.side();
    this.rules = rules;
  }

  /**
   * @param spread the one on which the page of the place is on top
   * @param at a place of a page; nothing goes to one of a flap
   */
  public static List<MoverChoices.Choice> at(Spread spread, Slot at, HouseRules rules) {
    if (!at.kind().isOfPage()) {
      return List.of();
    }
    BandChoices bands = new BandChoices(spread, at, rules);
    List<MoverChoices.Choice> choices = new ArrayList<>();
    if (spread.top(at.side().other()) != null) {
      choices.add(bands.acrossGutter());
    }
    Length widest =
        spread.leaves().stream().map(each -> each.size().w()).reduce(Length.ZERO, Length::max);
    if (at.leaf().size().w().isLessThan(widest)) {
      choices.add(bands.beyondEdge(widest.minus(at.leaf().size().w())));
    }
    return choices;
  }

  private MoverChoices.Choice choice(Box box, Edge edge, Mechanism mechanism) {
    PagePlan plan = leaf.plan(leaf.face(side));
    Box lying = mechanism.lying(box, edge);
    Mover mover = new Mover(plan.nextNumber(), lying, edge, null, mechanism);
    return MoverChoices.choice(mover, plan, leaf, side, rules);
  }

  private Leaf facing() {
    return Objects.requireNonNull(spread.top(side.other()));
  }

  private Edge gutter() {
    return side == Side.FRONT ? Edge.LEFT : Edge.RIGHT;
  }

  private MoverChoices.Choice beyondEdge(Length free) {
    Length overlap = overlap();
    Box wide = new Box(Length.ZERO, Length.ZERO, free.plus(overlap), leaf.size().h());
    return choice(wide, gutter().opposite(), new Band.Beyond(leaf.size(), overlap, true));
  }

  /** As much as is usual, but where there is less beside the places no more than just holds. */
  private Length overlap() {
    Length free =
        Stream.of(Side.values())
            .flatMap(each -> places(leaf, each).map(place -> beside(each, place)))
            .reduce(rules.length(HouseRule.GLUE_OVERLAP), Length::min);
    return free.max(rules.length(HouseRule.BAND_OVERLAP));
  }

  /** How far a place is from the outer edge. */
  private Length beside(Side of, Box place) {
    return of == Side.FRONT ? leaf.size().w().minus(place.right()) : place.x();
  }

  private MoverChoices.Choice acrossGutter() {
    Box page = Box.of(leaf.size());
    Leaf facing = facing();
    Box there = spread.mirrored(side.other(), Box.of(facing.size()));
    Box common = page.common(there).orElse(page);
    Length high = rules.length(HouseRule.BAND_HEIGHT).min(common.h());
    Length near = at.box().bottom();
    Box strip =
        free(common).stream()
            .filter(gap -> !gap.h().times(2).isLessThan(high))
            .min(Comparator.comparing(gap -> middle(gap).minus(near).abs()))
            .orElseGet(() -> overEdge(common, high));
    Length height = high.min(strip.h());
    Length y = strip.y().plus(strip.h().minus(height).dividedBy(2));
    Box box = new Box(common.x(), y, common.w(), height);
    return choice(box, gutter(), new Band.Gutter(leaf.size(), true));
  }

  private static Length middle(Box box) {
    return box.y().plus(box.h().dividedBy(2));
  }

  /**
   * Half over a place and half beside it: where it lies on the fewest flaps, and hides the fewest
   * pictures for ever; of such places the nearest.
   */
  private Box overEdge(Box common, Length high) {
    List<Box> flaps = onBoth(BandChoices::flaps).toList();
    List<Box> places = onBoth(BandChoices::places).toList();
    Length near = at.box().bottom();
    return places.stream()
        .flatMap(place -> Stream.of(place.y(), place.bottom()))
        .map(y -> y.minus(high.dividedBy(2)))
        .map(y -> new Box(common.x(), y, common.w(), high).movedInto(common))
        .min(
            Comparator.comparingLong((Box band) -> count(flaps, band::overlaps))
                .thenComparingLong(band -> count(places, place -> hides(band, place)))
                .thenComparing(band -> middle(band).minus(near).abs()))
        .orElseThrow();
  }

  private static long count(List<Box> boxes, Predicate<Box> counts) {
    return boxes.stream().filter(counts).count();
  }

  private static boolean hides(Box band, Box place) {
    return place.isHiddenBy(List.of(band));
  }

  /** The strips of both pages on which there is nothing, over their whole width. */
  private List<Box> free(Box common) {
    List<Box> free = List.of(common);
    List<Box> all = Stream.concat(onBoth(BandChoices::places), onBoth(BandChoices::flaps)).toList();
    for (Box taken : all) {
      Box row = new Box(common.x(), taken.y(), common.w(), taken.h());
      free = free.stream().flatMap(part -> part.minus(row).stream()).toList();
    }
    return free;
  }

  /** Where things of both pages lie, on this one. */
  private Stream<Box> onBoth(BiFunction<Leaf, Side, Stream<Box>> things) {
    return Stream.concat(
        things.apply(leaf, side),
        things.apply(facing(), side.other()).map(box -> spread.mirrored(side.other(), box)));
  }

  private static Stream<Box> places(Leaf leaf, Side side) {
    return leaf.slots(side, 0).stream().filter(slot -> slot.kind().isOfPage()).map(Slot::box);
  }

  private static Stream<Box> flaps(Leaf leaf, Side side) {
    return leaf.plan(leaf.face(side)).flaps().stream().map(Flap::closed);
  }
}
