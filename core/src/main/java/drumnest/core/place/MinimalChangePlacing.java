package drumnest.core.place;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Places pictures around those that were put in their places by hand: such a picture stays, as if
 * it were locked, unless letting it go makes the whole cheaper by more than moving it weighs.
 *
 * <p>Method: at first all of them stay; then, in reading order, each is let go for good if that
 * pays. The answer is the best around those that stay. Time: one placing for each that was put by
 * hand.
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
    int done = 0;
    for (int place : sorted(byHand.keySet())) {
      if (!monitor.goOn(++done, byHand.size() + 1L)) {
        break;
      }
      Map<Integer, Integer> fewer = new HashMap<>(staying);
      fewer.remove(place);
      Placing.Arrangement without = placing.place(around(problem, fewer), monitor);
      if (without.placeOf()[byHand.get(place)] != place
          && without.cost() + problem.weights().moved() < best.cost()) {
        best = without;
        staying = fewer;
        moved.add(byHand.get(place));
      }
    }
    return new Answer(best, moved);
  }

  private static List<Integer> sorted(Collection<Integer> numbers) {
    return numbers.stream().sorted().toList();
  }

  private static Placing.Problem around(Placing.Problem problem, Map<Integer, Integer> staying) {
    Map<Integer, Integer> locked = new HashMap<>(problem.locked());
    locked.putAll(staying);
    return problem.withLocked(locked);
  }
}
