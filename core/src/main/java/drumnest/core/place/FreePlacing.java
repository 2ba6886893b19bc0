package drumnest.core.place;

import java.util.Arrays;

/**
 * Places pictures in any order, without locks.
 *
 * <p>Without lookalikes the answer is optimal: a minimum-cost assignment in which each picture also
 * has a place of its own to be left out at, found by shortest augmenting paths with potentials
 * (Kuhn 1955, Munkres 1957; in the form of Jonker and Volgenant 1987, from memory). With lookalikes
 * that answer is improved by exchanging two pictures, or moving one to an empty place, while this
 * makes the whole cheaper; so it costs at most what the optimum without lookalikes does.
 *
 * <p>Time: pictures² × (pictures + places). Refuses more than {@value #MOST} of either, and locks.
 */
public final class FreePlacing implements Placing {

  /** The most pictures, and the most places. */
  public static final int MOST = 2_000;

  private static final int ROUNDS = 50;

  /**
   * @throws IllegalArgumentException if the problem is too large or has locks
   */
  @Override
  public Arrangement place(Problem problem) {
    int photos = problem.candidates().size();
    int places = problem.places().size();
    if (photos > MOST || places > MOST || !problem.locked().isEmpty()) {
      throw new IllegalArgumentException(
          "Free placing takes at most " + MOST + " pictures and places, and no locks.");
    }
    long[][] costs = new long[photos][places];
    for (int photo = 0; photo < photos; photo++) {
      for (int place = 0; place < places; place++) {
        costs[photo][place] =
            PlacingCost.of(
                problem.candidates().get(photo), problem.places().get(place), problem.rules());
      }
    }
    long[] leftOut = problem.candidates().stream().mapToLong(Candidate::leftOut).toArray();
    int[] placeOf = assign(costs, leftOut, places);
    Neighbours neighbours = new Neighbours(problem, costs, placeOf);
    neighbours.improve();
    return new Arrangement(placeOf, neighbours.cost());
  }

  /** The cheapest assignment by what each picture costs in its place. */
  private static int[] assign(long[][] costs, long[] leftOut, int places) {
    int photos = costs.length;
    int columns = places + photos;
    long[] rowPotential = new long[photos + 1];
    long[] columnPotential = new long[columns + 1];
    int[] rowOf = new int[columns + 1];
    int[] previous = new int[columns + 1];
    for (int row = 1; row <= photos; row++) {
      rowOf[0] = row;
      int column = 0;
      long[] distance = new long[columns + 1];
      Arrays.fill(distance, Long.MAX_VALUE);
      boolean[] done = new boolean[columns + 1];
      do {
        done[column] = true;
        int from = rowOf[column];
        long least = Long.MAX_VALUE;
        int next = 0;
        for (int to = 1; to <= columns; to++) {
          if (done[to]) {
            continue;
          }
          long reduced =
              cost(costs, leftOut, places, from - 1, to - 1)
                  - rowPotential[from]
                  - columnPotential[to];
          if (reduced < distance[to]) {
            distance[to] = reduced;
            previous[to] = column;
          }
          if (distance[to] < least) {
            least = distance[to];
            next = to;
          }
        }
        for (int to = 0; to <= columns; to++) {
          if (done[to]) {
            rowPotential[rowOf[to]] += least;
            columnPotential[to] -= least;
          } else if (distance[to] != Long.MAX_VALUE) {
            distance[to] -= least;
          }
        }
        column = next;
      } while (rowOf[column] != 0);
      while (column != 0) {
        rowOf[column] = rowOf[previous[column]];
        column = previous[column];
      }
    }
    int[] placeOf = new int[photos];
    Arrays.fill(placeOf, -1);
    for (int column = 1; column <= places; column++) {
      if (rowOf[column] != 0) {
        placeOf[rowOf[column] - 1] = column - 1;
      }
    }
    return placeOf;
  }

  /** Column {@code places + i} is where picture i is left out; it is closed to the others. */
  private static long cost(long[][] costs, long[] leftOut, int places, int photo, int column) {
    if (column < places) {
      return costs[photo][column];
    }
    return column - places == photo ? leftOut[photo] : PlacingCost.FORBIDDEN;
  }

  /** An arrangement being improved by what it costs to have lookalikes side by side. */
  private static final class Neighbours {
    private final Problem problem;
    private final long[][] costs;
    private final int[] placeOf;
    private final int[] photoAt;

    Neighbours(Problem problem, long[][] costs, int[] placeOf) {
      this.problem = problem;
      this.costs = costs;
      this.placeOf = placeOf;
      this.photoAt = new int[problem.places().size()];
      Arrays.fill(photoAt, -1);
      for (int photo = 0; photo < placeOf.length; photo++) {
        if (placeOf[photo] >= 0) {
          photoAt[placeOf[photo]] = photo;
        }
      }
    }

    void improve() {
      boolean alike = problem.candidates().stream().anyMatch(photo -> photo.lookalike() != null);
      for (int round = 0; alike && round < ROUNDS && improveOnce(); round++) {
        continue;
      }
    }

    private boolean improveOnce() {
      boolean improved = false;
      for (int photo = 0; photo < placeOf.length; photo++) {
        for (int place = 0; place < photoAt.length; place++) {
          if (place != placeOf[photo] && costs[photo][place] < PlacingCost.FORBIDDEN) {
            improved |= exchange(photo, place);
          }
        }
      }
      return improved;
    }

    /** Puts the picture there and whoever was there in its place, if that is cheaper. */
    private boolean exchange(int photo, int place) {
      int from = placeOf[photo];
      int other = photoAt[place];
      if (other >= 0 && from >= 0 && costs[other][from] >= PlacingCost.FORBIDDEN) {
        return false;
      }
      long before = around(photo, from, other, place);
      set(photo, place);
      set(other, from);
      if (from >= 0) {
        photoAt[from] = other;
      }
      photoAt[place] = photo;
      if (around(photo, place, other, from) < before) {
        return true;
      }
      set(photo, from);
      set(other, place);
      if (from >= 0) {
        photoAt[from] = photo;
      }
      photoAt[place] = other;
      return false;
    }

    private void set(int photo, int place) {
      if (photo >= 0) {
        placeOf[photo] = place;
      }
    }

    /** What the two pictures cost where they are, and the pairs that touch the two places. */
    private long around(int photo, int at, int other, int otherAt) {
      int low = Math.min(at, otherAt);
      int high = Math.max(at, otherAt);
      long sum = own(photo, at) + own(other, otherAt) + pair(high - 1) + pair(high);
      if (low >= 0) {
        sum += pair(low - 1) + (low == high - 1 ? 0 : pair(low));
      }
      return sum;
    }

    private long own(int photo, int place) {
      if (photo < 0) {
        return 0;
      }
      return place < 0 ? problem.candidates().get(photo).leftOut() : costs[photo][place];
    }

    /** What place i and the one after it cost together. */
    private long pair(int i) {
      if (i < 0 || i + 1 >= photoAt.length || photoAt[i] < 0 || photoAt[i + 1] < 0) {
        return 0;
      }
      boolean alike =
          problem.candidates().get(photoAt[i]).looksLike(problem.candidates().get(photoAt[i + 1]));
      return alike ? PlacingCost.NEIGHBOURS_ALIKE : 0;
    }

    long cost() {
      long sum = 0;
      for (int photo = 0; photo < placeOf.length; photo++) {
        sum += own(photo, placeOf[photo]);
      }
      for (int i = 0; i < photoAt.length; i++) {
        sum += pair(i);
      }
      return sum;
    }
  }
}
