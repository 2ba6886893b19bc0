package drumnest.core.place;

import java.util.Arrays;

/**
 * The costs of moments in a row of places each of which touches the next, all of them placed: by
 * the first of them, by how many they are, and by how the row begins and ends. Words find a free
 * place only within the row.
 *
 * <p>Like {@link StoryRun}, but that no moment is left out: with {@code p} places looked at and
 * {@code i} moments placed in them, the last place is empty, holds a picture ({@code still}), or
 * holds one that waits for a free place beside it for its words ({@code waiting}).
 *
 * <p>Time and memory, of each first moment: the square of the places.
 */
final class RowCosts {

  private static final long NEVER = PlacingCost.FORBIDDEN;

  private final StoryRow row;
  private final RowEnds ends;
  private final int places;
  private final long scattered;
  private final long alike;
  private final long apart;

  /** The costs of each picture in each place, with what is saved by it. */
  private final long[][] own;

  /** Whether words want a free place beside each place. */
  private final boolean[] wantsWords;

  private final long[][] costs;

  /**
   * @param first which place of the problem the first is
   * @param saved what is saved with each place that holds a picture
   */
  RowCosts(
      Placing.Problem problem,
      PlacingCost cost,
      StoryRow row,
      RowEnds ends,
      int first,
      long[] saved) {
    this.row = row;
    this.ends = ends;
    this.places = saved.length;
    this.scattered = problem.weights().scattered();
    this.alike = problem.weights().alike();
    this.apart = cost.captionApart();
    this.own = new long[places][];
    this.wantsWords = new boolean[places];
    for (int place = 0; place < places; place++) {
      long[] costs = row.own(first + place).clone();
      for (int i = 0; i < costs.length; i++) {
        costs[i] = costs[i] >= NEVER ? NEVER : costs[i] - saved[place];
      }
      own[place] = costs;
      wantsWords[place] = row.anyWords() && cost.wantsWords(first + place);
    }
    this.costs = new long[row.moments() + 1][];
  }

  int places() {
    return places;
  }

  /** How many moments from one on it can hold. */
  int most(int moment) {
    return Math.min(places, row.moments() - moment);
  }

  /** Works out what those from one on cost, unless that is known. */
  void weigh(int moment) {
    if (costs[moment] != null) {
      return;
    }
    int ways = ends.ways();
    int most = most(moment);
    long[] found = new long[(most + 1) * ways * ways];
    Arrays.fill(found, NEVER);
    int begins = places == 0 || most == 0 ? 1 : ends.waysOf(moment);
    Row filled = new Row(moment, most);
    for (int begin = 0; begin < begins; begin++) {
      filled.weigh(begin, found);
    }
    costs[moment] = found;
  }

  /**
   * Puts it after other rows.
   *
   * @param begun what those cost, by how this one begins
   * @param page what they cost with it, by how it ends, and by how many moments are placed
   * @param placed how many are placed before it
   * @param most how many may be placed in all
   */
  void goOn(int moment, long[] begun, long[] page, int placed, int most) {
    long[] known = costs[moment];
    int holds = most(moment);
    int count = Math.min(holds, most - placed);
    for (int begin = 0; begin < begun.length; begin++) {
      long before = begun[begin];
      if (isNever(before)) {
        continue;
      }
      for (int end = 0; end < begun.length; end++) {
        int at = (begin * begun.length + end) * (holds + 1);
        int to = end * (most + 1) + placed;
        for (int more = 0; more <= count; more++) {
          long sum = before + known[at + more];
          if (sum < page[to + more]) {
            page[to + more] = sum;
          }
        }
      }
    }
  }

  /** Whether something is not possible; what is saved may have been taken from what that costs. */
  static boolean isNever(long cost) {
    return cost > NEVER / 2;
  }

  /** The row filled from one moment on. */
  private final class Row {
    private final int moment;
    private final int most;

    /** Where the pictures of the first moment are. */
    private final int base;

    private long[] empty;
    private long[] still;
    private long[] waiting;

    /** The costs after the place before, to be written over. */
    private long[] emptyBefore;

    private long[] stillBefore;
    private long[] waitingBefore;

    Row(int moment, int most) {
      this.moment = moment;
      this.most = most;
      this.base = row.begins()[moment];
      int pictures = row.begins()[moment + most] - base;
      this.empty = new long[most + 1];
      this.still = new long[pictures];
      this.waiting = new long[pictures];
      this.emptyBefore = new long[most + 1];
      this.stillBefore = new long[pictures];
      this.waitingBefore = new long[pictures];
    }

    private void forget() {
      Arrays.fill(empty, NEVER);
      Arrays.fill(still, NEVER);
      Arrays.fill(waiting, NEVER);
    }

    private void keep() {
      long[] emptyNow = empty;
      long[] stillNow = still;
      long[] waitingNow = waiting;
      empty = emptyBefore;
      still = stillBefore;
      waiting = waitingBefore;
      emptyBefore = emptyNow;
      stillBefore = stillNow;
      waitingBefore = waitingNow;
    }

    void weigh(int begin, long[] found) {
      forget();
      begin(begin);
      for (int place = 1; place < places; place++) {
        goOn(place);
      }
      int first = begin * ends.ways();
      for (int placed = 0; placed <= most; placed++) {
        found[first * (most + 1) + placed] = empty[placed];
        for (int i = from(placed); i < to(placed); i++) {
          int at = (first + ends.ofPicture(base + i)) * (most + 1) + placed;
          found[at] = Math.min(found[at], Math.min(still[i], waiting[i]));
        }
      }
    }

    /** Where the pictures of the last of so many moments begin, from the first one's. */
    private int from(int placed) {
      return placed == 0 ? 0 : row.begins()[moment + placed - 1] - base;
    }

    private int to(int placed) {
      return row.begins()[moment + placed] - base;
    }

    private void begin(int begin) {
      if (begin == RowEnds.EMPTY || places == 0) {
        empty[0] = 0;
        return;
      }
      for (int i = 0; i < to(1); i++) {
        if (ends.ofPicture(base + i) == begin && own[0][base + i] < NEVER) {
          if (wants(0, i)) {
            waiting[i] = own[0][base + i] + apart;
          } else {
            still[i] = own[0][base + i];
          }
        }
      }
    }

    private boolean wants(int place, int i) {
      return wantsWords[place] && row.words()[base + i];
    }

    private void goOn(int place) {
      keep();
      forget();
      for (int placed = 0; placed <= Math.min(place, most); placed++) {
        long least = emptyBefore[placed];
        for (int i = from(placed); i < to(placed); i++) {
          least = Math.min(least, stillBefore[i] + scattered);
          least = Math.min(least, sum(waitingBefore[i], scattered - apart));
        }
        empty[placed] = least;
        for (int i = to(placed); placed < most && i < to(placed + 1); i++) {
          long here = own[place][base + i];
          if (here < NEVER) {
            long afterEmpty = sum(emptyBefore[placed], scattered + here);
            long afterPicture = after(placed, i);
            if (wants(place, i)) {
              still[i] = afterEmpty;
              waiting[i] = sum(afterPicture, here + apart);
            } else {
              still[i] = Math.min(afterEmpty, sum(afterPicture, here));
            }
          }
        }
      }
    }

    private long sum(long before, long more) {
      return before < NEVER ? before + more : NEVER;
    }

    /** The least that pictures of the moment before cost beside a picture. */
    private long after(int placed, int i) {
      long least = NEVER;
      int group = row.groups()[base + i];
      for (int before = from(placed); before < to(placed); before++) {
        boolean looksLike = group != BestFill.ALONE && group == row.groups()[base + before];
        long cost = Math.min(stillBefore[before], waitingBefore[before]);
        least = Math.min(least, looksLike ? cost + alike : cost);
      }
      return least;
    }
  }
}
