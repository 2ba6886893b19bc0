package drumnest.core.place;

import java.util.Arrays;

/**
 * The costs of the states of a {@link StoryRun} after a place: by layers, those at rest by how many
 * moments are decided, and those with a picture by where it is in the row. Its arrays are read and
 * written in the innermost loops; rows are used again, so that few are made.
 */
final class StoryStates {

  private static final long NEVER = PlacingCost.FORBIDDEN;

  private final StoryRow row;

  /** Rows of which no state can be, shared by all layers that are not reached. */
  private final long[] neverAtRest;

  private final long[] neverFilled;

  private long[][] restRows = {};
  private final long[][][] fillRows = {{}, {}};

  private long[][] rest = {};
  private final long[][][] fill = {{}, {}};
  private boolean[] reached = {};

  StoryStates(StoryRow row) {
    this.row = row;
    this.neverAtRest = new long[row.moments() + 1];
    this.neverFilled = new long[row.pictures().length];
    Arrays.fill(neverAtRest, NEVER);
    Arrays.fill(neverFilled, NEVER);
  }

  /** Forgets all states; none is reached yet. */
  void begin(int layers) {
    rest = new long[layers][];
    Arrays.fill(rest, neverAtRest);
    for (int waits = 0; waits < 2; waits++) {
      fill[waits] = new long[layers][];
      Arrays.fill(fill[waits], neverFilled);
    }
    reached = new boolean[layers];
  }

  int layers() {
    return reached.length;
  }

  /** Whether any state is in a layer. */
  boolean isReached(int layer) {
    return reached[layer];
  }

  /** Tells what states at rest cost, by how many moments are decided. */
  long[] rest(int layer) {
    return rest[layer];
  }

  /**
   * Tells what states with a picture cost, by where it is in the row.
   *
   * @param waits 1 where it waits for a free place beside it, else 0
   */
  long[] fill(int waits, int layer) {
    return fill[waits][layer];
  }

  /** Costs of states at rest to be written; none can be yet. */
  long[] openRest(int layer) {
    if (restRows.length <= layer) {
      restRows = Arrays.copyOf(restRows, layer + 1);
    }
    restRows[layer] = cleared(restRows[layer], neverAtRest);
    rest[layer] = restRows[layer];
    reached[layer] = true;
    return rest[layer];
  }

  /** The costs of states with a picture. */
  long[] openFill(int waits, int layer) {
    if (fillRows[waits].length <= layer) {
      fillRows[waits] = Arrays.copyOf(fillRows[waits], layer + 1);
    }
    fillRows[waits][layer] = cleared(fillRows[waits][layer], neverFilled);
    fill[waits][layer] = fillRows[waits][layer];
    reached[layer] = true;
    return fill[waits][layer];
  }

  private static long[] cleared(long[] known, long[] never) {
    if (known == null) {
      return never.clone();
    }
    System.arraycopy(never, 0, known, 0, never.length);
    return known;
  }

  /**
   * Of all layers the cheapest state is kept, in one.
   *
   * @param restLayer where the layer is written that a state at rest was in
   * @param fillLayer the same of states with a picture, those that do not wait first
   */
  void keepCheapest(short[] restLayer, short[][] fillLayer) {
    rest = new long[][] {cheapest(rest, restLayer)};
    for (int waits = 0; waits < 2; waits++) {
      fill[waits] = new long[][] {cheapest(fill[waits], fillLayer[waits])};
    }
    reached = new boolean[] {true};
  }

  private static long[] cheapest(long[][] costs, short[] layerOf) {
    long[] best = costs[0].clone();
    for (int layer = 1; layer < costs.length; layer++) {
      for (int i = 0; i < best.length; i++) {
        if (costs[layer][i] < best[i]) {
          best[i] = costs[layer][i];
          layerOf[i] = (short) layer;
        }
      }
    }
    return best;
  }

  /**
   * For each number of moments, the least that so many from the first can cost in a layer.
   *
   * @param decided how many are decided there at least; fewer cannot be
   */
  long[] prefixCosts(int layer, int decided) {
    int[] begins = row.begins();
    long[] left = row.leftOut();
    long[] still = fill[0][layer];
    long[] waiting = fill[1][layer];
    long[] costs = new long[begins.length];
    Arrays.fill(costs, 0, Math.min(decided, costs.length), NEVER);
    long best = NEVER;
    for (int moment = decided; moment < costs.length; moment++) {
      if (moment > 0) {
        best = best >= NEVER ? NEVER : best + left[moment - 1];
        for (int i = begins[moment - 1]; i < begins[moment]; i++) {
          best = Math.min(best, Math.min(still[i], waiting[i]));
        }
      }
      costs[moment] = Math.min(best, rest[layer][moment]);
    }
    return costs;
  }
}
