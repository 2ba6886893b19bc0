package drumnest.core.mover;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Stacking;
import drumnest.core.measure.Box;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The order in which flaps lie over each other in any state of their spread.
 *
 * <p>Two are looked at on the surface that carries both: a side of the nearest flap to which both
 * are stuck, or the page. There, what was moved, by itself or with what carries it, lies over what
 * was not; of two that were not, the one that {@link Stacking} says; and of two leaves of a book
 * that were turned the one that it says is below. Others that were moved never come to share a
 * place. Where that surface is turned over, so is all that.
 *
 * <p>Source: common practice, no source. Time of a question: the square of the height of the
 * highest stack.
 */
final class Layering {

  private final List<Flap> flaps;
  private final Stacking stacking;
  private final Map<Flap, List<Flap>> carriers = new HashMap<>();

  Layering(List<Flap> flaps, Stacking stacking) {
    this.flaps = List.copyOf(flaps);
    this.stacking = stacking;
    flaps.forEach(flap -> carriers.put(flap, stacking.carriers(flap)));
  }

  /**
   * The surface that carries two flaps.
   *
   * @param carrier the flap of which it is a side; null for the page
   * @param one the one of the two, or the last of those to which that is stuck, on this surface
   * @param other that of the other
   */
  private record Common(@Nullable Flap carrier, Flap one, Flap other) {

    Common turned() {
      return new Common(carrier, other, one);
    }
  }

  /** Whether the one lies over the other when these are open, if they share a place then. */
  boolean liesOver(Flap flap, Flap other, Set<String> open) {
    if (stacking.isFixedTo(flap, other)) {
      return stacking.liesOn(flap, other) != isFaceDown(other, open);
    }
    if (stacking.isFixedTo(other, flap)) {
      return stacking.liesOn(flap, other) != isFaceDown(flap, open);
    }
    Common common = common(flap, other);
    boolean carrierDown = common.carrier() != null && isFaceDown(common.carrier(), open);
    boolean behind = stacking.isReversed(common.one());
    if (behind != stacking.isReversed(common.other())) {
      return behind == carrierDown;
    }
    boolean faceDown = behind != carrierDown;
    return faceDown
        ? isAbove(other, flap, common.turned(), open)
        : isAbove(flap, other, common, open);
  }

  /** Whether the one lies over the other as that side is looked at on which both are. */
  private boolean isAbove(Flap flap, Flap other, Common common, Set<String> open) {
    boolean moved = movedBy(flap, common.one(), open).isPresent();
    if (moved != movedBy(other, common.other(), open).isPresent()) {
      return moved;
    }
    return moved
        ? areOpenLeaves(common, open) && liesOn(other, flap, common.other(), common.one())
        : liesOn(flap, other, common.one(), common.other());
  }

  /** Whether a flap lies on another at rest, or what it is stuck to on what that is stuck to. */
  private boolean liesOn(Flap flap, Flap other, Flap one, Flap two) {
    return stacking.liesOn(flap, other)
        || !stacking.liesOn(other, flap) && stacking.liesOn(one, two);
  }

  /**
   * The flap that is lifted to come at another, on the underside of which that is, or of what is
   * stuck to it; null where it can be come at.
   */
  @Nullable Flap lifted(Flap flap, Set<String> open) {
    if (isOnTop(flap, open)) {
      return null;
    }
    return carriers.get(flap).stream()
        .filter(each -> isOnTop(each, open))
        .findFirst()
        .orElseThrow();
  }

  /** Whether that side of what carries it to which it is stuck is up. */
  private boolean isOnTop(Flap flap, Set<String> open) {
    List<Flap> over = carriers.get(flap);
    return over.isEmpty() || isFaceDown(over.get(0), open) == stacking.isReversed(flap);
  }

  /**
   * Whether the one lies over the other for a hand that comes at it, from below where something is
   * lifted to which both are stuck.
   *
   * @param lifted that; null for none
   */
  boolean isInFront(Flap flap, Flap other, @Nullable Flap lifted, Set<String> open) {
    boolean fromBelow =
        lifted != null
            && carriers.get(flap).contains(lifted)
            && carriers.get(other).contains(lifted);
    return fromBelow ? liesOver(other, flap, open) : liesOver(flap, other, open);
  }

  /** The nearest that is open of a flap and those to which it is stuck. */
  Optional<Flap> movedBy(Flap flap, Set<String> open) {
    return chain(flap).filter(each -> open.contains(each.id())).findFirst();
  }

  /**
   * The open flap by which a flap is not where it lies at rest on the surface that carries it and
   * another: itself, or the nearest of those to which it is stuck.
   */
  Optional<Flap> movedAgainst(Flap flap, Flap other, Set<String> open) {
    return movedBy(flap, common(flap, other).one(), open);
  }

  /**
   * @param last it, or one to which it is stuck: no further down the stack is looked
   */
  private Optional<Flap> movedBy(Flap flap, Flap last, Set<String> open) {
    List<Flap> chain = chain(flap).toList();
    return chain.subList(0, chain.indexOf(last) + 1).stream()
        .filter(each -> open.contains(each.id()))
        .findFirst();
  }

  /**
   * Whether the one comes to lie on the other, which is open already, as the next leaf of a book
   * does, with what each of them carries and what is closed of that.
   */
  boolean isNextLeaf(Flap flap, Flap other, Set<String> open) {
    Common common = common(flap, other);
    return areOpenLeaves(common, open)
        && stacking.liesOn(common.other(), common.one())
        && (flap == common.one() || !open.contains(flap.id()))
        && (other == common.other() || !open.contains(other.id()));
  }

  private boolean areOpenLeaves(Common common, Set<String> open) {
    return open.contains(common.one().id())
        && open.contains(common.other().id())
        && stacking.areLeaves(common.one(), common.other());
  }

  private Common common(Flap flap, Flap other) {
    List<Flap> mine = carriers.get(flap);
    List<Flap> theirs = carriers.get(other);
    Flap one = flap;
    for (Flap carrier : mine) {
      int at = theirs.indexOf(carrier);
      if (at >= 0) {
        return new Common(carrier, one, at == 0 ? other : theirs.get(at - 1));
      }
      one = carrier;
    }
    return new Common(null, one, theirs.isEmpty() ? other : theirs.get(theirs.size() - 1));
  }

  /** Whether the outside of a flap is down, as that of one on an inside is at rest. */
  boolean isFaceDown(Flap flap, Set<String> open) {
    return chain(flap).filter(each -> isTurned(each, open) != stacking.isReversed(each)).count() % 2
        == 1;
  }

  /** One that is drawn out is open too, and lies as before. */
  private static boolean isTurned(Flap flap, Set<String> open) {
    return open.contains(flap.id()) && flap.move() == Flap.Move.TURNS;
  }

  /** A flap and all to which it is stuck, down the stack. */
  private Stream<Flap> chain(Flap flap) {
    return Stream.concat(Stream.of(flap), carriers.get(flap).stream());
  }

  /**
   * How many layers up each lies: on the page 1, else one more than the highest of those over which
   * it lies.
   *
   * @param areas where each lies then
   */
  Map<String, Integer> levels(Set<String> open, Function<Flap, Box> areas) {
    Map<String, Box> boxes = new HashMap<>();
    flaps.forEach(flap -> boxes.put(flap.id(), areas.apply(flap)));
    Map<String, Integer> levels = new LinkedHashMap<>();
    flaps.forEach(flap -> level(flap, open, boxes, levels));
    return levels;
  }

  private int level(
      Flap flap, Set<String> open, Map<String, Box> boxes, Map<String, Integer> levels) {
    Integer known = levels.get(flap.id());
    if (known != null) {
      return known;
    }
    // In a state that cannot be, some may lie over each other in a ring: it begins somewhere.
    levels.put(flap.id(), 0);
    int highest = 0;
    for (Flap other : flaps) {
      if (other != flap
          && boxes.get(flap.id()).overlaps(boxes.get(other.id()))
          && liesOver(flap, other, open)) {
        highest = Math.max(highest, level(other, open, boxes, levels));
      }
    }
    levels.put(flap.id(), highest + 1);
    return highest + 1;
  }
}
