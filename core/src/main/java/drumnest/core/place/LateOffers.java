package drumnest.core.place;

import java.util.ArrayList;
import java.util.Arrays;
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
    int[] momentAt = momentAt(problem, cost);
    long[][] costs = new long[late.size()][gaps.size()];
    for (int row = 0; row < late.size(); row++) {
      long[] disorder = disorder(problem, momentAt, cost.moments().of(late.get(row)));
      for (int gap = 0; gap < gaps.size(); gap++) {
        long own = cost.of(late.get(row), gaps.get(gap));
        costs[row][gap] = own >= PlacingCost.FORBIDDEN ? own : own + disorder[gaps.get(gap)];
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

  /**
   * For each place what it costs that placed pictures before it are later in the story, and those
   * after it earlier.
   */
  private static long[] disorder(Placing.Problem problem, int[] momentAt, int moment) {
    long[] sum = new long[momentAt.length];
    long against = 0;
    for (int place = 0; place < sum.length; place++) {
      sum[place] = against;
      against += momentAt[place] > moment ? 1 : 0;
    }
    against = 0;
    for (int place = sum.length - 1; place >= 0; place--) {
      sum[place] = (sum[place] + against) * problem.weights().orderBroken();
      against += momentAt[place] >= 0 && momentAt[place] < moment ? 1 : 0;
    }
    return sum;
  }

  /** The moment of the picture in each place; -1 where there is none. */
  private static int[] momentAt(Placing.Problem problem, PlacingCost cost) {
    int[] momentAt = new int[problem.places().size()];
    Arrays.fill(momentAt, -1);
    problem.locked().forEach((place, photo) -> momentAt[place] = cost.moments().of(photo));
    return momentAt;
  }
}
