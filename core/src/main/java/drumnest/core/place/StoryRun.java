package drumnest.core.place;

import java.util.Arrays;
import java.util.List;
import java.util.function.ToLongFunction;

/**
 * One run of the dynamic programme of {@link StoryPlacing} over a row of moments and a row of
 * places.
 *
 * <p>A state says how many moments are decided after a place, how much of the page of the place is
 * taken, in units of area ({@code layer}), and either that no free picture is in the place ({@code
 * rest}) or which one is, and whether it still waits for a free place beside it for its words
 * ({@code fill}). With {@code i} the last moment decided and {@code L(j, i)} what it costs to leave
 * out those between {@code j} and {@code i}:
 *
 * <pre>
 * rest(p, i, u) = min of rest(p-1, i, u) + beside
 *                    and fill(p-1, j, u) + beside + L(j, i), over j &lt;= i
 * fill(p, i, u) = own(p, i) + apart(p, i) - bonus(p)
 *                 + min of rest(p-1, i-1, u - units(p)) + beside
 *                      and fill(p-1, j, u - units(p)) + alike(j, i) + L(j, i-1), over j &lt; i
 * </pre>
 *
 * <p>Between pages only the cheapest layer is kept. Only states of a {@link StoryBand} are looked
 * at.
 *
 * <p>Time and memory: states of the band, times the units of area a page may hold where that is
 * limited.
 */
final class StoryRun {

  private static final long NEVER = PlacingCost.FORBIDDEN;
  private static final short FROM_REST = -1;

  private final Placing.Problem problem;
  private final PlacingCost cost;
  private final int firstPlace;

  /** How many places there are. */
  private final int count;

  private final StoryPlaces places;
  private final StoryRow row;
  private final int moments;

  /** Of every picture and of every moment that a state cannot be. */
  private final long[] never;

  private final long[] neverResting;

  /** What is saved with every place that holds a picture. */
  private final long[] bonus;

  /** For each place, layer and state of the band: the picture in the place before, or FROM_REST. */
  private final short[][][] restOrigin;

  private final short[][][][] fillOrigin;

  /** For each place whose page ends there with several layers: the one that was kept. */
  private final short[][] restLayer;

  private final short[][][] fillLayer;

  private StoryBand band;

  /** Whether it is remembered who goes where. */
  private boolean traced = true;

  /** Whether the layers of the last page are wanted, rather than the cheapest of them. */
  private boolean onePage;

  private long[][] rest;
  private long[][][] fill;
  private int layers;

  /** What the last page costs by layers, before only the cheapest is kept. */
  private long[][] lastRest;

  private long[][][] lastFill;

  /** Filled states of the places before and at hand, in turn, so that few are made. */
  private final long[][][][] buffers = new long[2][2][][];

  private final long[][][] restBuffers = {{}, {}};

  /** Which layers any state is in. */
  private boolean[] reached;

  /** What each picture costs in the place that is looked at. */
  private long[] own = {};

  /**
   * A run over one page that only tells what it costs with any limit from one to another ({@link
   * #prefixCosts(int)}).
   */
  static StoryRun ofPage(
      Placing.Problem problem,
      PlacingCost cost,
      List<List<Integer>> open,
      int firstPlace,
      long[] bonus,
      ToLongFunction<List<Integer>> withoutPlace,
      int leastUnits,
      int mostUnits) {
    StoryRun run = new StoryRun(problem, cost, open, firstPlace, bonus, withoutPlace);
    run.traced = false;
    run.onePage = true;
    run.places.limitAll(open.size(), leastUnits, mostUnits);
    return run.run();
  }

  /**
   * @param bonus what is saved with every place that holds a picture
   */
  StoryRun(
      Placing.Problem problem,
      PlacingCost cost,
      List<List<Integer>> open,
      int firstPlace,
      long[] bonus) {
    this(problem, cost, open, firstPlace, bonus, cost::leftOut);
  }

  /**
   * @param bonus what is saved with every place that holds a picture
   * @param withoutPlace what it costs that a moment has none of the places
   */
  StoryRun(
      Placing.Problem problem,
      PlacingCost cost,
      List<List<Integer>> open,
      int firstPlace,
      long[] bonus,
      ToLongFunction<List<Integer>> withoutPlace) {
    this.problem = problem;
    this.cost = cost;
    this.firstPlace = firstPlace;
    this.count = bonus.length;
    this.bonus = bonus;
    this.row = new StoryRow(problem, cost, open, withoutPlace);
    this.moments = row.moments();
    this.never = new long[row.pictures().length];
    Arrays.fill(never, NEVER);
    this.neverResting = new long[moments + 1];
    Arrays.fill(neverResting, NEVER);
    this.places = new StoryPlaces(problem, cost, row, firstPlace, count);
    this.restOrigin = new short[count + 1][][];
    this.fillOrigin = new short[count + 1][2][][];
    this.restLayer = new short[count + 1][];
    this.fillLayer = new short[count + 1][][];
    this.band = StoryBand.whole(count, moments);
  }

  /** Looks only at the states of a band. */
  StoryRun in(StoryBand only) {
    this.band = only;
    return this;
  }

  /** Tells only what all moments cost, not who goes where. */
  StoryRun untraced() {
    this.traced = false;
    return this;
  }

  /** The room of the places, and what filling them costs at least. */
  StoryBand.Rooms rooms() {
    return places.rooms();
  }

  int moments() {
    return moments;
  }

  /** How many states such a run has. */
  static long cells(Placing.Problem problem, int pictures) {
    PageRooms rooms = new PageRooms(problem);
    long sum = 0;
    for (int place = 0; place < problem.places().size(); place++) {
      sum += (long) StoryPlaces.layersOf(rooms.free(place)) * (pictures + 1);
    }
    return sum;
  }

  /** Runs over all places. */
  StoryRun run() {
    rest = new long[1][moments + 1];
    fill = new long[][][] {{never}, {never}};
    layers = 1;
    reached = new boolean[] {true};
    for (int i = 1; i <= moments; i++) {
      rest[0][i] = i > band.most(0) ? NEVER : rest[0][i - 1] + row.leftOut()[i - 1];
    }
    Arrays.fill(rest[0], 0, band.least(0), NEVER);
    for (int place = 1; place <= count; place++) {
      boolean opens = place == 1 || places.page(place) != places.page(place - 1);
      step(place, opens);
      if (place == count || places.page(place) != places.page(place + 1)) {
        collapse(place);
      }
    }
    return this;
  }

  /** A row of filled states that are none yet. */
  private long[] emptyRow(int place, int waits, int layer) {
    long[][] rows = buffers[place % 2][waits];
    if (rows == null || rows.length <= layer) {
      rows = rows == null ? new long[layer + 1][] : Arrays.copyOf(rows, layer + 1);
      buffers[place % 2][waits] = rows;
    }
    if (rows[layer] == null) {
      rows[layer] = new long[row.pictures().length];
    }
    Arrays.fill(rows[layer], NEVER);
    return rows[layer];
  }

  /** A row of resting states that are none yet. */
  private long[] emptyRest(int place, int layer) {
    long[][] rows = restBuffers[place % 2];
    if (rows.length <= layer) {
      rows = Arrays.copyOf(rows, layer + 1);
      restBuffers[place % 2] = rows;
    }
    if (rows[layer] == null) {
      rows[layer] = new long[moments + 1];
    }
    Arrays.fill(rows[layer], NEVER);
    return rows[layer];
  }

  private void step(int place, boolean opens) {
    int next = places.layers(place);
    int before = opens ? 1 : layers;
    long[][] nextRest = new long[next][];
    long[][][] nextFill = new long[2][next][];
    boolean[] nextReached = new boolean[next];
    restOrigin[place] = new short[next][];
    fillOrigin[place][0] = new short[next][];
    fillOrigin[place][1] = new short[next][];
    if (places.locked(place) == null) {
      own = row.own(firstPlace + place - 1);
    }
    for (int layer = 0; layer < next; layer++) {
      nextRest[layer] = neverResting;
      nextFill[0][layer] = never;
      nextFill[1][layer] = never;
      if (layer < before && reached[layer]) {
        nextReached[layer] = true;
        nextRest[layer] = emptyRest(place, layer);
        restOrigin[place][layer] =
            traced ? new short[band.most(place) - band.least(place) + 1] : null;
        pass(place, layer, nextRest[layer]);
      }
      int from = places.isLimited(place) ? layer - places.units(place) : layer;
      if (places.locked(place) == null && from >= 0 && from < before && reached[from]) {
        nextReached[layer] = true;
        for (int waits = 0; waits <= (row.anyWords() ? 1 : 0); waits++) {
          nextFill[waits][layer] = emptyRow(place, waits, layer);
          fillOrigin[place][waits][layer] =
              traced ? new short[row.begins()[band.most(place)] - firstIn(place)] : null;
        }
        fill(place, layer, from, nextFill);
      }
    }
    rest = nextRest;
    fill = nextFill;
    layers = next;
    reached = nextReached;
  }

  /** The first picture that a state of the band can have in a place. */
  private int firstIn(int place) {
    return row.begins()[Math.max(0, band.least(place) - 1)];
  }

  /** The place takes no free picture: it stays empty, or holds its locked one. */
  private void pass(int place, int layer, long[] next) {
    Integer locked = places.locked(place);
    Integer lockedBefore = places.locked(place - 1);
    int at = firstPlace + place - 1;
    long besideAir = place > 1 ? cost.scattered(at - 1) : 0;
    long afterRest = (locked == null) == (lockedBefore == null) ? 0 : besideAir;
    if (locked != null && lockedBefore != null) {
      afterRest = cost.pair(lockedBefore, locked, at - 1);
    }
    long refund = place > 1 && locked == null && cost.touchesNext(at - 1) ? cost.captionApart() : 0;
    long best = NEVER;
    short origin = FROM_REST;
    long[] before = rest[layer];
    long[] still = fill[0][layer];
    long[] waiting = fill[1][layer];
    short[] origins = restOrigin[place][layer];
    int[] begin = row.begins();
    int[] picture = row.pictures();
    long[] left = row.leftOut();
    int least = band.least(place);
    int most = band.most(place);
    for (int moment = band.least(place - 1); moment <= most; moment++) {
      if (moment > 0) {
        best = best >= NEVER ? NEVER : best + left[moment - 1];
        for (int i = begin[moment - 1]; i < begin[moment]; i++) {
          long cheapest = Math.min(still[i], waiting[i] - refund);
          if (cheapest >= best || cheapest >= NEVER - refund) {
            continue;
          }
          long beside = locked == null ? besideAir : cost.pair(picture[i], locked, at - 1);
          if (still[i] + beside < best) {
            best = still[i] + beside;
            origin = (short) (2 * i);
          }
          if (waiting[i] < NEVER && waiting[i] + beside - refund < best) {
            best = waiting[i] + beside - refund;
            origin = (short) (2 * i + 1);
          }
        }
      }
      if (moment >= least) {
        long rested = before[moment] >= NEVER ? NEVER : before[moment] + afterRest;
        boolean byFill = best < rested;
        next[moment] = Math.min(NEVER, byFill ? best : rested);
        if (origins != null) {
          origins[moment - least] = byFill ? origin : FROM_REST;
        }
      }
    }
  }

  /** The place takes a picture. */
  private void fill(int place, int layer, int from, long[][][] next) {
    int at = firstPlace + place - 1;
    Integer lockedBefore = places.locked(place - 1);
    boolean emptyBefore = place > 1 && lockedBefore == null && cost.touchesNext(at - 1);
    long besideAir = place > 1 ? cost.scattered(at - 1) : 0;
    boolean pair = place > 1 && cost.isPair(at - 1);
    boolean wordsWanted = row.anyWords() && cost.wantsWords(at);
    long apartCost = cost.captionApart();
    long saved = bonus[place - 1];
    BestFill best = new BestFill(pair ? problem.weights().alike() : 0);
    // The innermost loop of all: what it reads is at hand, also for the quick compiler.
    long[] still = fill[0][from];
    long[] waiting = fill[1][from];
    long[] resting = rest[from];
    long[] nextStill = next[0][layer];
    long[] nextWaiting = next[1][layer];
    short[] originStill = fillOrigin[place][0][layer];
    short[] originWaiting = fillOrigin[place][1][layer];
    long[] owns = own;
    boolean[] words = row.words();
    int[] group = row.groups();
    int[] begin = row.begins();
    int[] picture = row.pictures();
    long[] left = row.leftOut();
    int first = firstIn(place);
    int least = Math.max(1, band.least(place));
    int most = band.most(place);
    for (int moment = Math.max(1, band.least(place - 1)); moment <= most; moment++) {
      int begun = begin[moment - 1];
      if (moment > 1) {
        best.leaveOut(left[moment - 2]);
        for (int i = begin[moment - 2]; i < begun; i++) {
          if (still[i] <= waiting[i]) {
            best.offer(2 * i, still[i], group[i]);
          } else {
            best.offer(2 * i + 1, waiting[i], group[i]);
          }
        }
      }
      if (moment < least) {
        continue;
      }
      long rested = resting[moment - 1];
      for (int i = begun; i < begin[moment]; i++) {
        if (owns[i] >= NEVER) {
          continue;
        }
        long here = owns[i] - saved;
        boolean wants = wordsWanted && words[i];
        best.find(group[i]);
        long sum = best.found() >= NEVER ? NEVER : best.found() + here + (wants ? apartCost : 0);
        int origin = best.foundAt();
        if (rested < NEVER) {
          boolean waitsThen = wants && !emptyBefore;
          long beside =
              lockedBefore == null ? besideAir : cost.pair(lockedBefore, picture[i], at - 1);
          long afterRest = rested + here + beside + (waitsThen ? apartCost : 0);
          if (wants && emptyBefore) {
            nextStill[i] = Math.min(NEVER, afterRest);
            if (originStill != null) {
              originStill[i - first] = FROM_REST;
            }
          } else if (afterRest <= sum) {
            sum = afterRest;
            origin = FROM_REST;
          }
        }
        if (sum < NEVER) {
          (wants ? nextWaiting : nextStill)[i] = sum;
          short[] origins = wants ? originWaiting : originStill;
          if (origins != null) {
            origins[i - first] = (short) origin;
          }
        }
      }
    }
  }

  /** The page ends: of all sums on it the cheapest is kept. */
  private void collapse(int place) {
    lastRest = rest;
    lastFill = fill;
    if (onePage || layers == 1) {
      return;
    }
    restLayer[place] = new short[moments + 1];
    fillLayer[place] = new short[2][row.pictures().length];
    rest = new long[][] {cheapest(rest, restLayer[place])};
    fill =
        new long[][][] {
          {cheapest(fill[0], fillLayer[place][0])}, {cheapest(fill[1], fillLayer[place][1])}
        };
    layers = 1;
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
   * For each number of moments, the least that so many from the first can cost, where pictures take
   * no more than so many units of the last page.
   */
  long[] prefixCosts(int mostUnits) {
    if (count == 0) {
      return prefixCosts();
    }
    long[] least = prefixCosts(lastRest[0], lastFill[0][0], lastFill[1][0]);
    for (int layer = 1; layer <= Math.min(mostUnits, lastRest.length - 1); layer++) {
      long[] costs = prefixCosts(lastRest[layer], lastFill[0][layer], lastFill[1][layer]);
      for (int moment = 0; moment <= moments; moment++) {
        least[moment] = Math.min(least[moment], costs[moment]);
      }
    }
    return least;
  }

  /** For each number of moments, the least that so many from the first can cost. */
  long[] prefixCosts() {
    return prefixCosts(rest[0], fill[0][0], fill[1][0]);
  }

  private long[] prefixCosts(long[] resting, long[] filled, long[] waiting) {
    long[] costs = new long[moments + 1];
    long best = NEVER;
    for (int moment = 0; moment <= moments; moment++) {
      if (moment > 0) {
        best = best >= NEVER ? NEVER : best + row.leftOut()[moment - 1];
        for (int i = row.begins()[moment - 1]; i < row.begins()[moment]; i++) {
          best = Math.min(best, Math.min(filled[i], waiting[i]));
        }
      }
      costs[moment] = Math.min(best, resting[moment]);
    }
    return costs;
  }

  /** The cost of all moments. */
  long cost() {
    return prefixCosts()[moments];
  }

  /** Writes where the pictures went: the place of each, counted from the first of the problem. */
  void trace(int[] placeOf) {
    int state = FROM_REST;
    long best = rest[0][moments];
    long leftOutAfter = 0;
    for (int moment = moments; moment >= 1; moment--) {
      for (int i = row.begins()[moment] - 1; i >= row.begins()[moment - 1]; i--) {
        for (int waits = 0; waits < 2; waits++) {
          long whole = fill[waits][0][i] + leftOutAfter;
          if (fill[waits][0][i] < NEVER && whole <= best) {
            best = whole;
            state = 2 * i + waits;
          }
        }
      }
      leftOutAfter += row.leftOut()[moment - 1];
    }
    int decided = moments;
    int layer = 0;
    for (int place = count; place > 0; place--) {
      boolean filled = state != FROM_REST;
      int i = filled ? state / 2 : decided;
      if (restLayer[place] != null) {
        layer = filled ? fillLayer[place][state % 2][i] : restLayer[place][i];
      }
      if (filled) {
        placeOf[row.pictures()[i]] = firstPlace + place - 1;
        int origin = fillOrigin[place][state % 2][layer][i - firstIn(place)];
        decided = row.momentOf(i);
        layer = places.isLimited(place) ? layer - places.units(place) : layer;
        state = origin;
      } else {
        state = restOrigin[place][layer][decided - band.least(place)];
      }
    }
  }
}
