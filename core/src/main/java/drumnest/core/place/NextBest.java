package drumnest.core.place;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/**
 * Where a placed picture would go if its place were closed to it, and what the whole would cost
 * more: the problem is solved anew without that place for it, and with it held to another place.
 *
 * @param place the index of the next best place, or -1 if it is best left out then
 * @param more what the whole costs more, at least 0 where the picture is where it is best
 */
public record NextBest(int place, long more) {

  /**
   * @param photo the picture, which is placed
   */
  public static NextBest of(Placing.Problem problem, Placement now, int photo) {
    Map<Integer, Integer> locked = new HashMap<>(problem.locked());
    locked.remove(now.placeOf(photo));
    Map<Integer, Set<Integer>> closed = new HashMap<>(problem.closed());
    Set<Integer> shut = new HashSet<>(closed.getOrDefault(photo, Set.of()));
    shut.add(now.placeOf(photo));
    closed.put(photo, shut);
    Placing.Arrangement other =
        Placing.by(problem.order()).place(problem.withLocked(locked).withClosed(closed));
    return new NextBest(
        other.placement().placeOf(photo), other.cost() - CostBreakdown.of(problem, now).total());
  }
}
