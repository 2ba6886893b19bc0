package drumnest.core.place;

import java.util.Arrays;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Places pictures in story order: pictures in time order take places in reading order; places may
 * be skipped and pictures left out. Locked pictures keep their places, and the others keep story
 * order among themselves around them.
 *
 * <p>Method: dynamic programming over (pictures decided, places decided), after the alignment of
 * two sequences (Needleman and Wunsch, 1970), from memory. So that the cost of neighbouring
 * lookalikes stays exact, the filled states of a place are reduced to the best and the best of
 * another group, which is all that the next place can ask for. The answer is optimal.
 *
 * <p>Time and memory: pictures × places. Refuses problems of more than {@value #MOST_CELLS} such
 * cells.
 */
public final class StoryPlacing implements Placing {

  /** The largest product of pictures and places. */
  public static final int MOST_CELLS = 25_000_000;

  private static final long NEVER = PlacingCost.FORBIDDEN;
  private static final short FROM_REST = -1;

  /**
   * @throws IllegalArgumentException if the problem is too large
   */
  @Override
  public Arrangement place(Problem problem) {
    return new Run(problem).solve();
  }

  /** One problem being solved. */
  private static final class Run {
    private final Problem problem;
    private final int[] free;
    private final int photos;
    private final int places;

    /** For each place and count: the picture that filled the place before, or FROM_REST. */
    private final short[][] fillOrigin;

    private final short[][] restOrigin;

    Run(Problem problem) {
      this.problem = problem;
      this.free =
          IntStream.range(0, problem.candidates().size())
              .filter(i -> !problem.locked().containsValue(i))
              .toArray();
      this.photos = free.length;
      this.places = problem.places().size();
      if ((long) photos * places > MOST_CELLS || photos > Short.MAX_VALUE) {
        throw new IllegalArgumentException(
            "Too many pictures and places at once: " + photos + " × " + places + ".");
      }
      this.fillOrigin = new short[places + 1][photos + 1];
      this.restOrigin = new short[places + 1][photos + 1];
    }

    Arrangement solve() {
      // rest[i]: i pictures decided and nothing that the next place must be compared with, unless
      // the place just passed is locked. fill[i]: picture i (from 1) is in the place just passed.
      long[] rest = new long[photos + 1];
      long[] fill = new long[photos + 1];
      for (int i = 1; i <= photos; i++) {
        rest[i] = rest[i - 1] + candidate(i).leftOut();
      }
      Arrays.fill(fill, NEVER);
      Candidate passedLock = null;
      for (int place = 1; place <= places; place++) {
        Integer lock = problem.locked().get(place - 1);
        Candidate locked = lock == null ? null : problem.candidates().get(lock);
        long[] nextRest = new long[photos + 1];
        long[] nextFill = new long[photos + 1];
        Arrays.fill(nextFill, NEVER);
        pass(rest, fill, nextRest, place, passedLock, locked);
        if (locked == null) {
          fill(rest, fill, nextFill, place, passedLock);
        }
        rest = nextRest;
        fill = nextFill;
        passedLock = locked;
      }
      return trace(rest, fill);
    }

    /** The place takes no free picture: it stays empty, or holds its locked one. */
    private void pass(
        long[] rest, long[] fill, long[] next, int place, Candidate passedLock, Candidate locked) {
      BestFill best = new BestFill();
      long besideLock =
          locked != null && passedLock != null && passedLock.looksLike(locked)
              ? PlacingCost.NEIGHBOURS_ALIKE
              : 0;
      for (int i = 0; i <= photos; i++) {
        if (i > 0) {
          best.leaveOut(candidate(i));
          best.offer(i, fill[i], candidate(i));
        }
        next[i] = rest[i] + besideLock;
        restOrigin[place][i] = FROM_REST;
        best.improve(next, i, 0, locked, restOrigin[place]);
      }
    }

    /** The place takes picture i. */
    private void fill(long[] rest, long[] fill, long[] next, int place, Candidate passedLock) {
      BestFill best = new BestFill();
      for (int i = 1; i <= photos; i++) {
        if (i > 1) {
          best.leaveOut(candidate(i - 1));
          best.offer(i - 1, fill[i - 1], candidate(i - 1));
        }
        Candidate candidate = candidate(i);
        long own = PlacingCost.of(candidate, problem.places().get(place - 1), problem.rules());
        if (own >= NEVER) {
          continue;
        }
        boolean besideAlike = passedLock != null && passedLock.looksLike(candidate);
        next[i] = rest[i - 1] + own + (besideAlike ? PlacingCost.NEIGHBOURS_ALIKE : 0);
        fillOrigin[place][i] = FROM_REST;
        best.improve(next, i, own, candidate, fillOrigin[place]);
      }
    }

    private Candidate candidate(int i) {
      return problem.candidates().get(free[i - 1]);
    }

    private Arrangement trace(long[] rest, long[] fill) {
      int[] placeOf = new int[problem.candidates().size()];
      Arrays.fill(placeOf, -1);
      long cost = rest[photos];
      int filled = 0;
      long leftOutAfter = 0;
      for (int i = photos; i >= 1; i--) {
        long whole = fill[i] + leftOutAfter;
        if (whole < cost || (whole == cost && filled > 0)) {
          cost = whole;
          filled = i;
        }
        leftOutAfter += candidate(i).leftOut();
      }
      int decided = filled == 0 ? photos : filled;
      for (int place = places; place > 0; place--) {
        short origin;
        if (filled > 0) {
          placeOf[free[filled - 1]] = place - 1;
          origin = fillOrigin[place][decided];
          decided--;
        } else {
          origin = restOrigin[place][decided];
        }
        filled = origin == FROM_REST ? 0 : origin;
        decided = origin == FROM_REST ? decided : origin;
      }
      for (Map.Entry<Integer, Integer> lock : problem.locked().entrySet()) {
        placeOf[lock.getValue()] = lock.getKey();
        cost += lockedCost(lock.getValue(), lock.getKey());
      }
      return new Arrangement(placeOf, cost);
    }

    private long lockedCost(int candidate, int place) {
      long own =
          PlacingCost.of(
              problem.candidates().get(candidate), problem.places().get(place), problem.rules());
      return own >= NEVER ? PlacingCost.ONE : own;
    }
  }

  /** The cheapest way to have the place before filled, and the cheapest by another group. */
  private static final class BestFill {
    private int first;
    private long firstCost = NEVER;
    private Candidate firstCandidate;
    private int second;
    private long secondCost = NEVER;

    /** This picture is left out since. */
    void leaveOut(Candidate candidate) {
      firstCost = later(firstCost, candidate);
      secondCost = later(secondCost, candidate);
    }

    private static long later(long cost, Candidate candidate) {
      return cost >= NEVER ? NEVER : cost + candidate.leftOut();
    }

    void offer(int photo, long cost, Candidate candidate) {
      if (cost < firstCost) {
        if (firstCandidate == null || !firstCandidate.looksLike(candidate)) {
          second = first;
          secondCost = firstCost;
        }
        first = photo;
        firstCost = cost;
        firstCandidate = candidate;
      } else if (cost < secondCost && !firstCandidate.looksLike(candidate)) {
        second = photo;
        secondCost = cost;
      }
    }

    /** Takes the filled place before as the origin of {@code costs[i]} where that is cheaper. */
    void improve(long[] costs, int i, long own, Candidate next, short[] origin) {
      boolean alike = next != null && firstCandidate != null && firstCandidate.looksLike(next);
      long byFirst = firstCost + own + (alike ? PlacingCost.NEIGHBOURS_ALIKE : 0);
      if (firstCost < NEVER && byFirst < costs[i]) {
        costs[i] = byFirst;
        origin[i] = (short) first;
      }
      if (alike && secondCost < NEVER && secondCost + own < costs[i]) {
        costs[i] = secondCost + own;
        origin[i] = (short) second;
      }
    }
  }
}
