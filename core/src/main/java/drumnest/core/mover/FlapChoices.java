package drumnest.core.mover;

import drumnest.core.album.Flap;
import drumnest.core.album.Leaf;
import drumnest.core.album.PagePlan;
import drumnest.core.album.Side;
import drumnest.core.album.Slot;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The flaps that could lie over a place, one for each edge on which it could be hinged, the best
 * first: what cannot be made so comes after what only asks for an order, and what reaches past its
 * page after what does not. It lies paper to paper: what goes into it lies over the print below.
 * Source: common practice, no source. Time: flaps of the page.
 */
public final class FlapChoices {

  /**
   * A flap as it could be.
   *
   * @param clashes whom it would be in the way of, and who in its way
   * @param past how far it would reach past its page when it is open
   */
  public record Choice(Flap flap, List<Clash> clashes, Length past) {

    public long errors() {
      return clashes.stream().filter(clash -> clash.severity() == Clash.Severity.ERROR).count();
    }
  }

  private FlapChoices() {}

  /**
   * @param over a place of a page, or a side of a flap on it; on its inside it is stuck there
   * @param insert the size of what goes into it
   */
  public static List<Choice> over(Slot over, Size insert, Flap.Body body, HouseRules rules) {
    Leaf leaf = over.leaf();
    PagePlan plan = leaf.plan(leaf.face(over.side()));
    String id = String.valueOf(plan.nextNumber());
    Length seal = body == Flap.Body.CARD ? Length.ZERO : rules.length(HouseRule.SLEEVE_SEAL);
    Flap carrier = carrier(over, plan);
    Box place = carrier == null ? over.box() : carrier.closed();
    Box closed = place.middleOf(insert).inset(seal.negated());
    String on =
        over.kind() == Slot.Kind.OUTSIDE ? String.valueOf(over.number()) : top(plan, closed);
    String inside = carrier == null ? null : carrier.id();
    return Stream.of(Edge.LEFT, Edge.TOP, Edge.RIGHT, Edge.BOTTOM)
        .map(
            hinge ->
                new Flap(
                    id,
                    closed,
                    hinge,
                    rules.length(HouseRule.ADHESIVE_STRIP),
                    Flap.Mount.PROTECTOR,
                    inside == null ? on : null,
                    inside,
                    inside != null,
                    body,
                    seal))
        .map(flap -> choice(flap, plan.flaps(), leaf, over.side()))
        .sorted(
            Comparator.comparingLong(Choice::errors)
                .thenComparing(Choice::past)
                .thenComparingInt(choice -> choice.clashes().size()))
        .toList();
  }

  /** The flap on the inside of which it would be stuck; null for the page. */
  private static @Nullable Flap carrier(Slot over, PagePlan plan) {
    return over.kind() == Slot.Kind.INSIDE
        ? plan.flap(String.valueOf(over.number())).orElseThrow()
        : null;
  }

  /** The flap that lies uppermost where another is to come. */
  private static @Nullable String top(PagePlan plan, Box closed) {
    Flaps flaps = new Flaps(plan.flaps());
    return plan.flaps().stream()
        .filter(flap -> flap.closed().overlaps(closed) && flap.hides(closed))
        .filter(flap -> plan.flaps().stream().noneMatch(other -> flaps.liesOn(other, flap)))
        .map(Flap::id)
        .findFirst()
        .orElse(null);
  }

  /** What a flap would do among those that are there. */
  static Choice choice(Flap flap, List<Flap> others, Leaf leaf, Side side) {
    List<Flap> all = new ArrayList<>(others);
    all.removeIf(other -> other.id().equals(flap.id()));
    all.add(flap);
    List<Clash> clashes =
        new Flaps(all)
            .clashes().stream()
                .filter(clash -> clash.a().equals(flap.id()) || clash.b().equals(flap.id()))
                .toList();
    Box page = Box.of(Length.ZERO, Length.ZERO, leaf.size());
    Length past = Overhang.of(flap.openFace(), page).furthest();
    return new Choice(flap, clashes, past);
  }
}
