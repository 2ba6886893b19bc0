package drumnest.core.place;

import java.util.ArrayList;
import java.util.List;

/**
 * Pictures that came late, offered to the gaps of an arrangement that stays as it is: each to a gap
 * of its own, where they fit best and stand against the story as little as can be. Method: {@link
 * Assignment}, optimal for that cost.
 */
public final class LateOffers {

  /** A late picture and the gap it is offered to, or -1 where leaving it out is cheaper. */
  public record Offer(int photo, int place, long cost) {}

  private LateOffers() {}

  /**
   * @param problem the pictures and the places; those that are placed are locked
   * @param late the pictures that came late, in time order
   */
  public static List<Offer> of(Placing.Problem problem, List<Integer> late) {
    PlacingCost cost = new PlacingCost(problem);
    List<Integer> gaps = new ArrayList<>();
    for (int place = 0; place < problem.places().size(); place++) {
      if (!problem.locked().containsKey(place)) {
        gaps.add(place);
      }
    }
    long[][] costs = new long[late.size()][gaps.size()];
    for (int row = 0; row < late.size(); row++) {
      for (int gap = 0; gap < gaps.size(); gap++) {
        long own = cost.of(late.get(row), gaps.get(gap));
        costs[row][gap] =
            own >= PlacingCost.FORBIDDEN
                ? own
                : own + disorder(problem, cost, late.get(row), gaps.get(gap));
      }
    }
    int[] columnOf =
        Assignment.solve(
            late.size(),
            gaps.size() + late.size(),
            (row, column) ->
                column < gaps.size()
                    ? costs[row][column]
                    : column - gaps.size() == row
                        ? cost.leftOut(List.of(late.get(row)))
                        : PlacingCost.FORBIDDEN);
    List<Offer> offers = new ArrayList<>();
    for (int row = 0; row < late.size(); row++) {
      boolean placed = columnOf[row] < gaps.size();
      offers.add(
          new Offer(
              late.get(row),
              placed ? gaps.get(columnOf[row]) : -1,
              placed ? costs[row][columnOf[row]] : 0));
    }
    return offers;
  }

  /** For each placed picture that the story has on the other side of the gap. */
  private static long disorder(Placing.Problem problem, PlacingCost cost, int photo, int gap) {
    int moment = cost.moments().of(photo);
    long against =
        problem.locked().entrySet().stream()
            .filter(lock -> lock.getKey() < gap == cost.moments().of(lock.getValue()) > moment)
            .count();
    return against * problem.weights().orderBroken();
  }
}
