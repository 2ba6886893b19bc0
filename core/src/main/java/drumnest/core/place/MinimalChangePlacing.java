package drumnest.core.place;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Places pictures around those that were put in their places by hand: such a picture stays, as if
 * it were locked, unless letting it go makes the whole cheaper by more than moving it weighs.
 *
 * <p>Method: at first all of them stay; then, in reading order, each is let go for good if that
 * pays, as {@link LocalReoptimization} says it from the spreads around, and those around it that
 * stay are tried again. Where any was let go the whole is placed anew, and all others are tried
 * again if that changes anything, until it pays for none that still stays. The answer is the best
 * around those; asked again with them, it is the same. Where there are no more spreads than are
 * looked at, letting go any one that stays does not pay however the others are placed.
 *
 * <p>Time: one placing of the whole, and one more for each time that all are tried again; one or
 * two placings of a few spreads for each try.
 */
public final class MinimalChangePlacing {

  private final Placing placing;

  public MinimalChangePlacing(Placing placing) {
    this.placing = placing;
  }

  /**
   * The answer, and who was let go.
   *
   * @param moved the pictures that were put by hand and did not stay
   */
  public record Answer(Placing.Arrangement arrangement, List<Integer> moved) {}

  /**
   * @param byHand pictures that were put by hand and are not locked: index of the place to index of
   *     the picture
   */
  public Answer place(
      Placing.Problem problem, Map<Integer, Integer> byHand, ProgressMonitor monitor) {
    LocalReoptimization reoptimization = new LocalReoptimization(placing, problem);
    Map<Integer, Integer> staying = new TreeMap<>(byHand);
    List<Integer> moved = new ArrayList<>();
    Placing.Arrangement best = placing.place(around(problem, staying), monitor);
    long tried = 0;
    boolean again = true;
    while (again) {
      int movedBefore = moved.size();
      // In the order in which they are to be tried, and of those tried, what was looked at.
      Deque<Integer> places = new ArrayDeque<>(staying.keySet());
      Map<Integer, LocalReoptimization.Looked> looked = new HashMap<>();
      while (!places.isEmpty() && monitor.goOn(++tried, tried + places.size())) {
        int place = places.removeFirst();
        LocalReoptimization.Outcome without =
            reoptimization.of(best.placement(), locked(problem, staying), place);
        if (without.placement().placeOf(staying.get(place)) != place
            && without.change() + problem.weights().moved() < 0) {
          best = new Placing.Arrangement(without.placement(), best.cost() + without.change(), 0);
          moved.add(staying.remove(place));
          List<Integer> anew =
              looked.keySet().stream()
                  .filter(other -> looked.get(other).touches(without.looked()))
                  .sorted()
                  .toList();
          places.addAll(anew);
          looked.keySet().removeAll(anew);
        } else {
          looked.put(place, without.looked());
        }
      }
      if (!places.isEmpty()) {
        return new Answer(best, moved);
      }
      again = false;
      if (moved.size() > movedBefore) {
        Placing.Arrangement whole = placing.place(around(problem, staying), monitor);
        if (whole.cost() <= best.cost()) {
          // Where the others are elsewhere then, what each would save may be another.
          again = !whole.placement().equals(best.placement());
          best = whole;
        }
      }
    }
    return new Answer(best, moved);
  }

  private static Placing.Problem around(Placing.Problem problem, Map<Integer, Integer> staying) {
    return problem.withLocked(locked(problem, staying));
  }

  /** All that stays where it is. */
  private static Map<Integer, Integer> locked(
      Placing.Problem problem, Map<Integer, Integer> staying) {
    Map<Integer, Integer> locked = new HashMap<>(problem.locked());
    locked.putAll(staying);
    return locked;
  }
}
