package drumnest.core.mover;

import drumnest.core.album.flap.Flap;
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
 * is left, breadth first through the states that are reached by turning it and those that carry it,
 * and again with all that were found in the way of these, until none is found any more. Source:
 * common practice, no source. Time: as many states as there are, at most {@link #MOST_STATES},
 * times the hindrances of each that is turned; with more states than that a flap is taken to open.
 */
final class NeverOpening {

  /** More states are not looked through for one flap. */
  static final int MOST_STATES = 500;

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
    Set<Flap> turned = withCarriers(wanted);
    while (true) {
      Set<Flap> inTheWay = new LinkedHashSet<>();
      if (opens(wanted, turned, inTheWay)) {
        return true;
      }
      inTheWay.removeAll(turned);
      if (inTheWay.isEmpty()) {
        return false;
      }
      inTheWay.forEach(flap -> turned.addAll(withCarriers(flap)));
    }
  }

  /**
   * Whether it is open in a state that is reached by turning some alone, or there are too many.
   *
   * @param inTheWay takes all that are in the way of one of those in any of these states
   */
  private boolean opens(Flap wanted, Set<Flap> turned, Set<Flap> inTheWay) {
    Set<Set<String>> known = new HashSet<>(Set.of(Set.of()));
    Deque<Set<String>> next = new ArrayDeque<>(known);
    while (!next.isEmpty()) {
      Set<String> state = next.remove();
      for (Flap flap : turned) {
        List<SpreadMotion.Hindrance> hindrances = motion.hindrances(flap, state);
        hindrances.forEach(each -> motion.flap(each.other()).ifPresent(inTheWay::add));
        Set<String> then = new HashSet<>(state);
        if (!then.remove(flap.id())) {
          then.add(flap.id());
        }
        if (hindrances.isEmpty() && known.add(then)) {
          if (then.contains(wanted.id()) || known.size() > MOST_STATES) {
            return true;
          }
          next.add(then);
        }
      }
    }
    return false;
  }

  /** A flap and all that move it along. */
  private Set<Flap> withCarriers(Flap flap) {
    Set<Flap> all = new LinkedHashSet<>(Set.of(flap));
    all.addAll(motion.flaps().stacking().carriers(flap));
    return all;
  }
}
