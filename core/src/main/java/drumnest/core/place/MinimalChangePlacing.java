package drumnest.core.place;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Places pictures around those that were put in their places by hand: such a picture stays, as if
 * it were locked, unless letting it go makes the whole cheaper by more than moving it weighs.
 *
 * <p>Method: at first all of them stay; then, in reading order, each is let go for good if that
 * pays, as {@link LettingGo} says it from the spreads around. Where any was let go the whole is
 * placed anew, and the others are tried again, until it pays for none that still stays. The answer
 * is the best around those; asked again with them, it is the same. Where there are no more spreads
 * than are looked at, letting go any one that stays does not pay however the others are placed.
 *
 * <p>Time: one placing of the whole, and one more for each round in which any was let go; one or
 * two placings of a few spreads for each that stays, in each round.
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
    Map<Integer, Integer> staying = new TreeMap<>(byHand);
    List<Integer> moved = new ArrayList<>();
    LettingGo lettingGo = new LettingGo(placing, problem);
    Placing.Arrangement best = placing.place(around(problem, staying), monitor);
    long tried = 0;
    int movedBefore;
    do {
      movedBefore = moved.size();
      int left = staying.size();
      for (int place : List.copyOf(staying.keySet())) {
        if (!monitor.goOn(++tried, tried + --left)) {
          return new Answer(best, moved);
        }
        Map<Integer, Integer> locked = around(problem, staying).locked();
        LettingGo.Outcome without = lettingGo.of(best.placeOf(), locked, place);
        if (without.placeOf()[staying.get(place)] != place
            && without.change() + problem.weights().moved() < 0) {
          best = new Placing.Arrangement(without.placeOf(), best.cost() + without.change(), 0);
          moved.add(staying.remove(place));
        }
      }
      if (moved.size() > movedBefore) {
        Placing.Arrangement whole = placing.place(around(problem, staying), monitor);
        best = whole.cost() <= best.cost() ? whole : best;
      }
    } while (moved.size() > movedBefore);
    return new Answer(best, moved);
  }

  private static Placing.Problem around(Placing.Problem problem, Map<Integer, Integer> staying) {
    Map<Integer, Integer> locked = new HashMap<>(problem.locked());
    locked.putAll(staying);
    return problem.withLocked(locked);
  }
}
