package drumnest.core.place;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Places pictures around those that were put in their places by hand: such a picture stays, as if
 * it were locked, unless letting it go makes the whole cheaper by more than moving it weighs.
 *
 * <p>Method: at first all of them stay; then, in reading order and from the beginning again, each
 * is let go for good if that pays, until it pays for none that still stays. The answer is the best
 * around those; asked again with them, it is the same. Time: one placing for each that was put by
 * hand, and again as many at most for each that is let go.
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
    Map<Integer, Integer> staying = new HashMap<>(byHand);
    Placing.Arrangement best = placing.place(around(problem, staying), monitor);
    List<Integer> moved = new ArrayList<>();
    Deque<Integer> places = new ArrayDeque<>(byHand.keySet().stream().sorted().toList());
    long done = 0;
    // How many were tried in a row since one was last let go.
    int tried = 0;
    while (tried < places.size() && monitor.goOn(++done, done + places.size() - tried)) {
      int place = places.removeFirst();
      Map<Integer, Integer> fewer = new HashMap<>(staying);
      fewer.remove(place);
      Placing.Arrangement without = placing.place(around(problem, fewer), monitor);
      if (without.placeOf()[byHand.get(place)] != place
          && without.cost() + problem.weights().moved() < best.cost()) {
        best = without;
        staying = fewer;
        moved.add(byHand.get(place));
        tried = 0;
      } else {
        places.addLast(place);
        tried++;
      }
    }
    return new Answer(best, moved);
  }

  private static Placing.Problem around(Placing.Problem problem, Map<Integer, Integer> staying) {
    Map<Integer, Integer> locked = new HashMap<>(problem.locked());
    locked.putAll(staying);
    return problem.withLocked(locked);
  }
}
