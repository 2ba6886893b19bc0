package drumnest.core.mover;

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
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

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
      return Clash.errors(clashes);
    }
  }

  private FlapChoices() {}

  /**
   * @param over a place of a page, or a side of a flap on it; on its inside it is stuck there
   * @param insert the size of what goes into it
   */
  public static List<Choice> over(Slot over, Size insert, Flap.Body body, HouseRules rules) {
    PagePlan plan = over.leaf().plan(over.leaf().face(over.side()));
    Box place = plan.carrierOf(over).map(Flap::closed).orElse(over.box());
    return at(over, place.middleOf(insert), body, rules);
  }

  /**
   * A sleeve as large as its whole leaf, as a cover of a small one: bound with it at its inner
   * edge.
   *
   * @param on any place of the page
   */
  public static Flap overLeaf(Slot on, HouseRules rules) {
    Box page = Box.of(on.leaf().size());
    Edge inner = on.side() == Side.FRONT ? Edge.LEFT : Edge.RIGHT;
    return at(on, page, Flap.Body.SLEEVE, rules).stream()
        .map(Choice::flap)
        .filter(flap -> flap.hinge() == inner)
        .findFirst()
        .orElseThrow()
        .bound();
  }

  private static List<Choice> at(Slot over, Box insert, Flap.Body body, HouseRules rules) {
    Leaf leaf = over.leaf();
    PagePlan plan = leaf.plan(leaf.face(over.side()));
    String id = String.valueOf(plan.nextNumber());
    Length seal = body == Flap.Body.CARD ? Length.ZERO : rules.length(HouseRule.SLEEVE_SEAL);
    Flap carrier = plan.carrierOf(over).orElse(null);
    Box closed = insert.inset(seal.negated());
    Flaps flaps = new Flaps(plan.flaps());
    String below = over.kind().isOfPage() ? flaps.uppermost(closed) : String.valueOf(over.number());
    // What lies on something that is on an inside goes along with it.
    boolean stuck =
        carrier != null
            || plan.flap(Objects.requireNonNullElse(below, ""))
                .filter(flap -> flaps.stacking().surface(flap) != null)
                .isPresent();
    Support support = stuck ? Support.of(null, below, carrier != null) : Support.over(below);
    return Stream.of(Edge.LEFT, Edge.TOP, Edge.RIGHT, Edge.BOTTOM)
        .map(
            hinge ->
                new Flap(
                    id,
                    closed,
                    hinge,
                    new Attachment.OnProtector(rules.length(HouseRule.ADHESIVE_STRIP)),
                    support,
                    body,
                    seal))
        .map(flap -> choice(flap, plan.flaps(), leaf, over.side()))
        .sorted(
            Comparator.comparingLong(Choice::errors)
                .thenComparing(Choice::past)
                .thenComparingInt(choice -> choice.clashes().size()))
        .toList();
  }

  /** Tells what a flap would do among those that are there. */
  static Choice choice(Flap flap, List<Flap> others, Leaf leaf, Side side) {
    List<Flap> all = new ArrayList<>(others);
    all.removeIf(other -> other.id().equals(flap.id()));
    all.add(flap);
    Flaps flaps = new Flaps(all);
    List<Clash> clashes =
        new SpreadMotion(all)
            .clashes().stream()
                .filter(clash -> clash.a().equals(flap.id()) || clash.b().equals(flap.id()))
                .toList();
    Box page = Box.of(leaf.size());
    Length past = Overhang.of(flaps.stacking().reached(flap).openFace(), page).furthest();
    return new Choice(flap, clashes, past);
  }
}
