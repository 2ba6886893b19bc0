package drumnest.core.place;

import java.util.HashMap;
import java.util.Map;

/**
 * Improves an arrangement by exchanging two pictures, moving one to an empty place, or taking one
 * that was left out, while this makes the whole cheaper. Locked pictures stay, pages hold no more
 * than they may, and of a moment one version is placed. Method: local search, common practice, no
 * source; every step makes it cheaper, so it ends.
 */
final class LocalSearch {

  private static final int ROUNDS = 60;

  private final Placing.Problem problem;
  private final PlacingCost cost;
  private final Layout layout;

  /** The units of area that pictures take on each page. */
  private final Map<Integer, Integer> taken = new HashMap<>();

  /**
   * @param placeOf the arrangement, which is changed
   */
  LocalSearch(Placing.Problem problem, PlacingCost cost, int[] placeOf) {
    this.problem = problem;
    this.cost = cost;
    this.layout = new Layout(problem, cost, placeOf);
    for (int place : placeOf) {
      if (place >= 0) {
        taken.merge(page(place), cost.rooms().units(place), Integer::sum);
      }
    }
  }

  private int page(int place) {
    return problem.places().get(place).at().page();
  }

  /** Improves it until nothing is gained any more, or the monitor stops it; answers its cost. */
  long improve(ProgressMonitor monitor) {
    boolean goesOn = besidesCost();
    int photos = problem.candidates().size();
    for (int round = 0; goesOn && round < ROUNDS; round++) {
      goesOn = false;
      for (int photo = 0; photo < photos; photo++) {
        if (!monitor.goOn((long) round * photos + photo, (long) ROUNDS * photos)) {
          return layout.total();
        }
        for (int place = 0; place < problem.places().size(); place++) {
          goesOn |= exchange(photo, place);
        }
      }
    }
    return layout.total();
  }

  /** Whether anything costs something by what is beside it. */
  private boolean besidesCost() {
    for (int place = 0; place < problem.places().size(); place++) {
      int photo = layout.photoAt(place);
      int next = layout.photoAt(place + 1);
      boolean pair = photo >= 0 && next >= 0 && cost.pair(photo, next, place) > 0;
      boolean scattered = (photo < 0) != (next < 0) && cost.scattered(place) > 0;
      if (pair || scattered || layout.wordsApart(place)) {
        return true;
      }
    }
    return false;
  }

  /** Puts the picture there and whoever was there in its place, if that is cheaper. */
  private boolean exchange(int photo, int to) {
    int from = layout.placeOf(photo);
    int other = layout.photoAt(to);
    if (from == to || !mayMove(photo, from, other, to)) {
      return false;
    }
    long before = around(from, to) + outside(photo, other);
    layout.swap(photo, from, other, to);
    if (around(from, to) + outside(photo, other) < before) {
      if (other < 0) {
        taken.merge(page(to), cost.rooms().units(to), Integer::sum);
        if (from >= 0) {
          taken.merge(page(from), -cost.rooms().units(from), Integer::sum);
        }
      }
      return true;
    }
    layout.swap(photo, to, other, from);
    return false;
  }

  private boolean mayMove(int photo, int from, int other, int to) {
    if (layout.isLocked(to)
        || (from >= 0 && layout.isLocked(from))
        || cost.of(photo, to) >= PlacingCost.FORBIDDEN
        || (other >= 0 && from >= 0 && cost.of(other, from) >= PlacingCost.FORBIDDEN)) {
      return false;
    }
    boolean toldAlready =
        from < 0
            && layout.pictures(photo).stream()
                .anyMatch(each -> each != other && layout.placeOf(each) >= 0);
    return !toldAlready && (other >= 0 || hasRoom(from, to));
  }

  /** Whether the page of an empty place has room for its area, once the other place is free. */
  private boolean hasRoom(int from, int to) {
    int most = cost.rooms().most(to);
    int leaves = from >= 0 && page(from) == page(to) ? cost.rooms().units(from) : 0;
    int more = cost.rooms().units(to) - leaves;
    return most == PageCapacities.UNLIMITED
        || more <= 0
        || taken.getOrDefault(page(to), 0) + more <= most;
  }

  /** Tells what the two cost by being left out. */
  private long outside(int photo, int other) {
    boolean sameMoment = other >= 0 && cost.moments().of(photo) == cost.moments().of(other);
    return layout.untold(photo) + (other < 0 || sameMoment ? 0 : layout.untold(other));
  }

  /** Tells what the two places cost, with everything that touches them. */
  private long around(int one, int other) {
    int low = Math.min(one, other);
    int high = Math.max(one, other);
    long sum = 0;
    for (int place = high - 1; place <= high + 1; place++) {
      sum += layout.local(place);
    }
    if (low >= 0) {
      for (int place = low - 1; place <= Math.min(low + 1, high - 2); place++) {
        sum += layout.local(place);
      }
    }
    return sum;
  }
}
