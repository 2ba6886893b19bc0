package drumnest.core.place;

import java.util.List;
import java.util.function.ToLongFunction;
import org.jspecify.annotations.Nullable;

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

  private final Placing.Problem problem;
  private final PlacingCost cost;
  private final StoryPlaces places;
  private final StoryRow row;
  private final int moments;

  /** The saving with every place that holds a picture. */
  private final long[] bonus;

  private StoryBand band;

  /** Whether it is remembered who goes where. */
  private boolean traced = true;

  /** Whether the layers of the last page are wanted, rather than the cheapest of them. */
  private boolean onePage;

  /** The way back; null where it is not remembered. */
  private @Nullable StoryTrace trace;

  /** After the place at hand, and those that the next ones are written over. */
  private StoryStates states;

  private StoryStates spare;

  /** The costs of each picture in the place that is looked at. */
  private long[] own = {};

  /**
   * A run over one page that only tells what it costs with any limit from one to another ({@link
   * #prefixCosts(int)}).
   *
   * @param leftOut how many moments at most are looked for no place for
   */
  static StoryRun ofPage(
      Placing.Problem problem,
      PlacingCost cost,
      List<List<Integer>> open,
      int firstPlace,
      long[] bonus,
      ToLongFunction<List<Integer>> withoutPlace,
      int leftOut,
      int leastUnits,
      int mostUnits) {
    StoryRun run = new StoryRun(problem, cost, open, firstPlace, bonus, withoutPlace);
    run.traced = false;
    run.onePage = true;
    run.places.limitAll(open.size(), leastUnits, mostUnits);
    return run.leavingOut(leftOut).run();
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
    this.bonus = bonus;
    this.row = new StoryRow(problem, cost, open, withoutPlace);
    this.moments = row.moments();
    this.places = new StoryPlaces(problem, cost, row, firstPlace, bonus.length);
    this.band = StoryBand.whole(bonus.length, moments);
    this.states = new StoryStates(row);
    this.spare = new StoryStates(row);
  }

  /** Looks only at the states of a band. */
  StoryRun in(StoryBand only) {
    this.band = only;
    return this;
  }

  /** Leaves out no more than so many moments of the places, which are of one page. */
  StoryRun leavingOut(int most) {
    return in(places.leavingOut(most));
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
    PageCapacities rooms = new PageCapacities(problem);
    long sum = 0;
    for (int place = 0; place < problem.places().size(); place++) {
      sum += (long) StoryPlaces.layersOf(rooms.free(place)) * (pictures + 1);
    }
    return sum;
  }

  /** Runs over all places. */
  StoryRun run() {
    trace = traced ? new StoryTrace(row, places, band) : null;
    states.begin(1);
    long[] none = states.openRest(0);
    long leftOut = 0;
    for (int decided = 0; decided <= band.most(0, 0); decided++) {
      none[decided] = decided < band.least(0, 0) ? NEVER : leftOut;
      leftOut += decided < moments ? row.leftOut()[decided] : 0;
    }
    for (int place = 1; place <= places.count(); place++) {
      step(place);
      if (place == places.count() || places.page(place) != places.page(place + 1)) {
        endPage(place);
      }
    }
    return this;
  }

  private void step(int place) {
    StoryStates next = spare;
    next.begin(places.layers(place));
    if (trace != null) {
      trace.begin(place, next.layers());
    }
    if (places.locked(place) == null) {
      own = row.own(places.inProblem(place));
    }
    for (int layer = 0; layer < next.layers(); layer++) {
      if (layer < states.layers() && states.isReached(layer)) {
        pass(place, layer, next);
      }
      int from = places.isLimited(place) ? layer - places.units(place) : layer;
      boolean open = places.locked(place) == null && from >= 0 && from < states.layers();
      if (open && states.isReached(from)) {
        fill(place, layer, from, next);
      }
    }
    spare = states;
    states = next;
  }

  /** The place takes no free picture: it stays empty, or holds its locked one. */
  private void pass(int place, int layer, StoryStates next) {
    Integer locked = places.locked(place);
    Integer lockedBefore = places.locked(place - 1);
    int at = places.inProblem(place);
    long besideAir = place > 1 ? cost.scattered(at - 1) : 0;
    long afterRest = (locked == null) == (lockedBefore == null) ? 0 : besideAir;
    if (locked != null && lockedBefore != null) {
      afterRest = cost.pair(lockedBefore, locked, at - 1);
    }
    long refund = place > 1 && locked == null && cost.touchesNext(at - 1) ? cost.captionApart() : 0;
    long best = NEVER;
    short origin = StoryTrace.FROM_REST;
    long[] before = states.rest(layer);
    long[] still = states.fill(0, layer);
    long[] waiting = states.fill(1, layer);
    long[] nextRest = next.openRest(layer);
    short[] origins = trace == null ? null : trace.openRest(place, layer);
    int[] begin = row.begins();
    int[] picture = row.pictures();
    long[] left = row.leftOut();
    int first = band.least(place);
    int least = band.least(place, layer);
    int most = band.most(place, layer);
    for (int moment = band.least(place - 1, layer); moment <= most; moment++) {
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
        nextRest[moment] = Math.min(NEVER, byFill ? best : rested);
        if (origins != null) {
          origins[moment - first] = byFill ? origin : StoryTrace.FROM_REST;
        }
      }
    }
  }

  /** The place takes a picture. */
  private void fill(int place, int layer, int from, StoryStates next) {
    int at = places.inProblem(place);
    Integer lockedBefore = places.locked(place - 1);
    boolean emptyBefore = place > 1 && lockedBefore == null && cost.touchesNext(at - 1);
    long besideAir = place > 1 ? cost.scattered(at - 1) : 0;
    boolean pair = place > 1 && cost.isPair(at - 1);
    boolean wordsWanted = row.anyWords() && cost.wantsWords(at);
    long apartCost = cost.captionApart();
    long saved = bonus[place - 1];
    BestFill best = new BestFill(pair ? problem.weights().alike() : 0);
    // The innermost loop of all: what it reads is at hand, also for the quick compiler.
    long[] still = states.fill(0, from);
    long[] waiting = states.fill(1, from);
    long[] resting = states.rest(from);
    long[] nextStill = next.openFill(0, layer);
    long[] nextWaiting = row.anyWords() ? next.openFill(1, layer) : next.fill(1, layer);
    short[] originStill = trace == null ? null : trace.openFill(place, 0, layer);
    short[] originWaiting =
        trace == null || !row.anyWords() ? null : trace.openFill(place, 1, layer);
    long[] owns = own;
    boolean[] words = row.words();
    int[] group = row.groups();
    int[] begin = row.begins();
    int[] picture = row.pictures();
    long[] left = row.leftOut();
    int first = trace == null ? 0 : trace.firstIn(place);
    int least = Math.max(1, band.least(place, layer));
    int most = band.most(place, layer);
    for (int moment = Math.max(1, band.least(place - 1, from)); moment <= most; moment++) {
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
              originStill[i - first] = StoryTrace.FROM_REST;
            }
          } else if (afterRest <= sum) {
            sum = afterRest;
            origin = StoryTrace.FROM_REST;
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
  private void endPage(int place) {
    if (onePage || states.layers() == 1) {
      return;
    }
    short[] restLayer = new short[moments + 1];
    short[][] fillLayer = new short[2][row.pictures().length];
    states.keepCheapest(restLayer, fillLayer);
    if (trace != null) {
      trace.pageEnds(place, restLayer, fillLayer);
    }
  }

  /**
   * For each number of moments, the least that so many from the first can cost, where pictures take
   * no more than so many units of the last page.
   */
  long[] prefixCosts(int mostUnits) {
    long[] least = prefixCosts();
    for (int layer = 1; layer <= Math.min(mostUnits, states.layers() - 1); layer++) {
      int decided = band.least(places.count(), layer);
      long[] costs = states.prefixCosts(layer, decided);
      for (int moment = decided; moment <= moments; moment++) {
        least[moment] = Math.min(least[moment], costs[moment]);
      }
    }
    return least;
  }

  /** For each number of moments, the least that so many from the first can cost. */
  long[] prefixCosts() {
    return states.prefixCosts(0, 0);
  }

  /** The cost of all moments. */
  long cost() {
    return prefixCosts()[moments];
  }

  /**
   * Writes where the pictures went: the place of each, counted from the first of the problem.
   *
   * @throws IllegalStateException if that was not remembered
   */
  void trace(int[] placeOf) {
    if (trace == null) {
      throw new IllegalStateException("It was not remembered who goes where.");
    }
    trace.write(states, placeOf);
  }
}
