package drumnest.core.mover;

import drumnest.core.album.flap.Flap;
import drumnest.core.measure.Box;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * Finds the flaps that no sequence of movements opens, from rest.
 *
 * <p>Problem: a state is the set of flaps that are open; from one to the next one flap is opened or
 * closed, where nothing hinders it. A flap never opens if it is open in no state that is reached
 * from rest. Method: first as many are opened as can be, one after the other; then, for each that
 * is left, breadth first through the states of those that can meet it, itself or by way of others.
 * Source: common practice, no source. Time: as many states as there are, at most {@link
 * #MOST_STATES}, times the hindrances of each of its flaps; with more states than that a flap is
 * taken to open.
 */
final class NeverOpening {

  /** More states are not looked through for one flap. */
  static final int MOST_STATES = 4_000;

  private final SpreadMotion motion;
  private final List<Flap> flaps;

  NeverOpening(SpreadMotion motion) {
    this.motion = motion;
    this.flaps = motion.flaps().all();
  }

  /**
   * A clash for each of them, with the first that is in its way at rest. Those of which another
   * clash says already that they are stuck, or lie in each other's place, are left out.
   */
  List<Clash> clashes(List<Clash> others) {
    Set<String> told = new HashSet<>();
    for (Clash clash : others) {
      if (clash.severity() == Clash.Severity.ERROR) {
        told.add(clash.b());
        if (clash.kind() == ClashKind.CLOSED_OVERLAP) {
          told.add(clash.a());
        }
      }
    }
    Set<String> opened = new HashSet<>(motion.openingOrder());
    List<Clash> never = new ArrayList<>();
    for (Flap flap : flaps) {
      boolean asked = flap.move() != Flap.Move.STAYS && !told.contains(flap.id());
      if (asked && !opened.contains(flap.id()) && !opens(flap)) {
        never.add(new Clash(ClashKind.NEVER_OPENS, inTheWay(flap), flap.id()));
      }
    }
    return never;
  }

  private String inTheWay(Flap flap) {
    Set<String> open = new LinkedHashSet<>();
    motion.flaps().stacking().carriers(flap).stream()
        .filter(carrier -> carrier.id().equals(motion.flaps().stacking().surface(flap)))
        .forEach(carrier -> open.add(carrier.id()));
    return motion.hindrances(flap, open).stream()
        .map(SpreadMotion.Hindrance::other)
        .filter(other -> !other.equals(flap.id()))
        .findFirst()
        .orElse(flap.id());
  }

  private boolean opens(Flap wanted) {
    List<Flap> meeting = meeting(wanted);
    Set<Set<String>> known = new HashSet<>(Set.of(Set.of()));
    Deque<Set<String>> next = new ArrayDeque<>(known);
    while (!next.isEmpty()) {
      Set<String> state = next.remove();
      for (Flap flap : meeting) {
        Set<String> then = new HashSet<>(state);
        if (!then.remove(flap.id())) {
          then.add(flap.id());
        }
        if (!known.contains(then) && motion.hindrances(flap, state).isEmpty()) {
          if (then.contains(wanted.id()) || known.size() >= MOST_STATES) {
            return true;
          }
          known.add(then);
          next.add(then);
        }
      }
    }
    return false;
  }

  /** Those that can meet a flap, or one that can meet that, and so on; it itself too. */
  private List<Flap> meeting(Flap wanted) {
    Set<Flap> found = new LinkedHashSet<>(Set.of(wanted));
    Deque<Flap> next = new ArrayDeque<>(found);
    while (!next.isEmpty()) {
      Flap flap = next.remove();
      flaps.stream()
          .filter(other -> other.move() != Flap.Move.STAYS && !found.contains(other))
          .filter(other -> canMeet(flap, other))
          .toList()
          .forEach(
              other -> {
                found.add(other);
                next.add(other);
              });
    }
    return List.copyOf(found);
  }

  private boolean canMeet(Flap flap, Flap other) {
    List<Box> mine = places(flap);
    return motion.flaps().stacking().isFixedTo(flap, other)
        || motion.flaps().stacking().isFixedTo(other, flap)
        || places(other).stream().anyMatch(place -> mine.stream().anyMatch(place::overlaps));
  }

  /** Wherever it can come to lie, by itself and with those to which it is stuck. */
  private List<Box> places(Flap flap) {
    List<Box> places = new ArrayList<>(List.of(flap.closed(), flap.open()));
    for (Flap carrier : motion.flaps().stacking().carriers(flap)) {
      for (Box place : List.copyOf(places)) {
        places.add(carrier.hinge().mirrored(place, carrier.closed()));
      }
    }
    return places;
  }
}
