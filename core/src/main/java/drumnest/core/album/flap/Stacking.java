package drumnest.core.album.flap;

import drumnest.core.measure.Area;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;

/**
 * The order in which things lie on each other among the flaps of a page, or of a spread, while all
 * of them are closed.
 *
 * <p>A flap lies on another through the stack: where a way leads down from it over those on which
 * each lies or to which it is stuck. What is stuck to the inside of another lies below that, what
 * is on a card that is drawn out over it. Where nothing else says so, the ground lies below
 * everything, what is tucked below all else, and what is folded, a door or a fold-out, over all
 * that it covers; of two such the larger lies over the smaller. Two that do not share a place lie
 * on each other only through the stack.
 *
 * <p>Source: common practice, no source. Time of a question: the height of the highest stack.
 */
public final class Stacking {

  private final Map<String, Flap> flaps = new LinkedHashMap<>();

  /**
   * @param flaps each with a name of its own, on others of these alone, and not in a ring
   */
  public Stacking(List<Flap> flaps) {
    flaps.forEach(flap -> this.flaps.put(flap.id(), flap));
  }

  private Flap flap(String id) {
    return Optional.ofNullable(flaps.get(id)).orElseThrow();
  }

  /** Whether the one lies over the other. */
  public boolean liesOn(Flap flap, Flap other) {
    if (flap.id().equals(other.id())) {
      return false;
    } else if (isFixedTo(flap, other)) {
      return !isBehind(flap, other);
    } else if (isFixedTo(other, flap)) {
      return isBehind(other, flap);
    } else if (leadsDown(flap, other)) {
      return true;
    } else if (leadsDown(other, flap) || !flap.closed().overlaps(other.closed())) {
      return false;
    }
    return isAbove(lowest(flap), lowest(other));
  }

  private boolean leadsDown(Flap flap, Flap other) {
    String at = beneath(flap);
    while (at != null && !at.equals(other.id())) {
      at = beneath(flap(at));
    }
    return at != null;
  }

  /** The one below it: what carries it on its inside lies above it. */
  private @Nullable String beneath(Flap flap) {
    return isReversed(flap) && !flap.isOverAnotherInside()
        ? beneath(flap(flap.fixedTo()))
        : flap.below();
  }

  /** The one at the foot of the stack of which it is a part. */
  private Flap lowest(Flap flap) {
    Flap at = flap;
    while (at.below() != null) {
      at = flap(at.below());
    }
    return at;
  }

  private static boolean isAbove(Flap flap, Flap other) {
    int by = level(flap) - level(other);
    return by > 0
        || by == 0
            && flap.isOnFold()
            && Area.of(flap.closed().size()).compareTo(Area.of(other.closed().size())) > 0;
  }

  private static int level(Flap lowest) {
    if (lowest.isGround()) {
      return -1;
    }
    if (lowest.move() == Flap.Move.SLIDES) {
      return 0;
    }
    return lowest.isOnFold() ? 2 : 1;
  }

  /** Whether the one is fixed to the other, through the stack. */
  public boolean isFixedTo(Flap flap, Flap other) {
    return carriers(flap).contains(other);
  }

  /** All that a flap is stuck to, down the stack, the nearest first. */
  public List<Flap> carriers(Flap flap) {
    List<Flap> carriers = new ArrayList<>();
    for (Flap at = flap; at.fixedTo() != null; at = flap(at.fixedTo())) {
      carriers.add(flap(at.fixedTo()));
    }
    return carriers;
  }

  /** Whether one that is fixed to another, through the stack, is so behind it, on its inside. */
  private boolean isBehind(Flap flap, Flap carrier) {
    Flap at = flap;
    while (!carrier.id().equals(at.fixedTo())) {
      at = flap(at.fixedTo());
    }
    return isReversed(at);
  }

  /**
   * Whether it faces the other way than what carries it: it is on the inside of one that turns. On
   * a card that is drawn out it faces as that does.
   */
  public boolean isReversed(Flap flap) {
    return flap.inside() && flap(flap.fixedTo()).move() == Flap.Move.TURNS;
  }

  /** Whether it is on a card that is still in its pocket, or on what is, when these are open. */
  public boolean isInPocket(Flap flap, Set<String> open) {
    return carriers(flap).stream()
        .anyMatch(each -> each.move() == Flap.Move.SLIDES && !open.contains(each.id()));
  }

  /**
   * The flap that it is reached from, through the stack: the one on the inside of which it is, or
   * the card that is drawn out with it; null where there is none.
   */
  public @Nullable String surface(Flap flap) {
    Flap at = flap;
    while (at.fixedTo() != null && !at.inside()) {
      at = flap(at.fixedTo());
    }
    return at.fixedTo();
  }

  /**
   * A flap as it lies when it can be reached: when those are open that carry it on their inside.
   */
  public Flap reached(Flap flap) {
    return carried(flap, openFor(flap), Flap::carriedOutBy);
  }

  /** A flap as it is told, of which this is how it lies when it can be reached. */
  public Flap told(Flap reached) {
    return carried(reached, reversed(openFor(reached)), Flap::carriedBackBy);
  }

  /** A mover as it lies when it can be reached. */
  public Mover reached(Mover mover) {
    return carried(mover, openFor(mover), Mover::carriedOutBy);
  }

  /** A mover as it is told, of which this is how it lies when it can be reached. */
  public Mover told(Mover reached) {
    return carried(reached, reversed(openFor(reached)), Mover::carriedBackBy);
  }

  private static <T> T carried(T thing, List<Flap> carriers, BiFunction<T, Flap, T> by) {
    T there = thing;
    for (Flap carrier : carriers) {
      there = by.apply(there, carrier);
    }
    return there;
  }

  private static List<Flap> reversed(List<Flap> flaps) {
    List<Flap> reversed = new ArrayList<>(flaps);
    Collections.reverse(reversed);
    return reversed;
  }

  private List<Flap> openFor(Mover mover) {
    List<Flap> open = new ArrayList<>();
    if (mover.carrier() != null) {
      Flap carrier = flap(mover.carrier());
      open.add(carrier);
      open.addAll(openFor(carrier));
    }
    return open;
  }

  /** Those that must be open so that a flap can be reached, the nearest first. */
  private List<Flap> openFor(Flap flap) {
    List<Flap> open = new ArrayList<>();
    for (Flap at = flap; at.fixedTo() != null; at = flap(at.fixedTo())) {
      if (at.inside()) {
        open.add(flap(at.fixedTo()));
      }
    }
    return open;
  }

  /**
   * Whether two are turned one after the other like the leaves of a book: one lies on the other,
   * and both are hinged on the same edge. Open, they lie on each other the other way round.
   */
  public boolean areLeaves(Flap flap, Flap other) {
    return flap.hinge() == other.hinge()
        && flap.move() == Flap.Move.TURNS
        && other.move() == Flap.Move.TURNS
        && (leadsDown(flap, other) || leadsDown(other, flap))
        && carriers(flap).equals(carriers(other));
  }
}
