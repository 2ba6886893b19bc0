package drumnest.core.place;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToLongFunction;
import java.util.stream.IntStream;
import java.util.stream.LongStream;

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
  private static final int UNLIMITED = PageRooms.UNLIMITED;

  private final Placing.Problem problem;
  private final PlacingCost cost;
  private final int firstPlace;
  private final int places;

  /** The pictures of all moments in a row, and where each moment begins in it. */
  private final int[] pictures;

  private final int[] begins;
  private final int moments;
  private final long[] leftOut;

  /** The lookalikes of each picture, and whether there are words to it. */
  private final int[] groups;

  private final boolean[] words;
  private final boolean anyWords;

  /** Of every picture and of every moment that a state cannot be. */
  private final long[] never;

  private final long[] neverResting;

  /** What is saved with every place that holds a picture. */
  private final long[] bonus;

  /** For each place how many units of its page free pictures may take, and how many it takes. */
  private final int[] freeOnPage;

  private final int[] units;

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

  private final Integer[] locked;

  /** Which layers any state is in. */
  private boolean[] reached;

  /** What each picture costs in the place that is looked at. */
  private long[] own = {};

  /** The same by kinds of places, but for what is closed. */
  private final long[][] ownByKind;

  /** One more than what the cheapest picture costs, by kinds of places; 0 where not known yet. */
  private final long[] cheapestByKind;

  /** The pictures, in the row of all, that a place is closed to. */
  private final Map<Integer, List<Integer>> closed;

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
    int wanted = open.size() * IntStream.of(run.units).max().orElse(0);
    int free = leastUnits >= wanted ? UNLIMITED : Math.min(mostUnits, wanted);
    Arrays.fill(run.freeOnPage, free);
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
    this.places = bonus.length;
    this.bonus = bonus;
    this.moments = open.size();
    this.begins = new int[moments + 1];
    for (int i = 0; i < moments; i++) {
      begins[i + 1] = begins[i] + open.get(i).size();
    }
    this.pictures = open.stream().flatMap(List::stream).mapToInt(Integer::intValue).toArray();
    this.leftOut = new long[moments];
    for (int i = 0; i < moments; i++) {
      leftOut[i] = withoutPlace.applyAsLong(open.get(i));
    }
    this.groups = new int[pictures.length];
    this.words = new boolean[pictures.length];
    boolean some = false;
    for (int i = 0; i < pictures.length; i++) {
      groups[i] = cost.lookalikesOf(pictures[i]);
      words[i] = problem.candidates().get(pictures[i]).hints().words();
      some |= words[i];
    }
    this.anyWords = some && cost.captionApart() > 0;
    this.never = new long[pictures.length];
    Arrays.fill(never, NEVER);
    this.neverResting = new long[moments + 1];
    Arrays.fill(neverResting, NEVER);
    this.ownByKind = new long[cost.kinds()][];
    this.cheapestByKind = new long[cost.kinds()];
    this.closed = closed();
    this.locked = new Integer[places + 2];
    for (int place = 1; place <= places; place++) {
      locked[place] = problem.locked().get(firstPlace + place - 1);
    }
    this.units = new int[places];
    this.freeOnPage = new int[places];
    for (int i = 0; i < places; i++) {
      units[i] = cost.rooms().units(firstPlace + i);
      freeOnPage[i] = cost.rooms().free(firstPlace + i);
    }
    forgetLimitsThatNeverBind();
    this.restOrigin = new short[places + 1][][];
    this.fillOrigin = new short[places + 1][2][][];
    this.restLayer = new short[places + 1][];
    this.fillLayer = new short[places + 1][][];
    this.band = StoryBand.whole(places, moments);
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

  private Map<Integer, List<Integer>> closed() {
    Map<Integer, List<Integer>> byPlace = new HashMap<>();
    if (problem.closed().isEmpty()) {
      return byPlace;
    }
    for (int i = 0; i < pictures.length; i++) {
      for (int place : problem.closed().getOrDefault(pictures[i], Set.of())) {
        byPlace.computeIfAbsent(place, key -> new ArrayList<>()).add(i);
      }
    }
    return byPlace;
  }

  /** The room of the places, and what filling them costs at least. */
  StoryBand.Rooms rooms() {
    long least = LongStream.of(leftOut).min().orElse(0);
    long[] cheapest = new long[places + 1];
    for (int place = 1; place <= places; place++) {
      long own = locked[place] == null ? cheapest(firstPlace + place - 1) : 0;
      cheapest[place] = Math.min(own, least);
    }
    StoryBand.Room[] upTo = new StoryBand.Room[places + 1];
    StoryBand.Room[] after = new StoryBand.Room[places + 1];
    upTo[0] = StoryBand.Room.NONE;
    after[places] = StoryBand.Room.NONE;
    for (int place = 1; place <= places; place++) {
      int first = firstOfPage(place);
      upTo[place] = upTo[first - 1].and(onPage(first, place, cheapest));
    }
    for (int place = places - 1; place >= 0; place--) {
      int last = lastOfPage(place + 1);
      after[place] = after[last].and(onPage(place + 1, last, cheapest));
    }
    return new StoryBand.Rooms(upTo, after, least, LongStream.of(cheapest).max().orElse(0));
  }

  /** The room from one place to another of the same page. */
  private StoryBand.Room onPage(int from, int to, long[] cheapest) {
    long[] free =
        IntStream.rangeClosed(from, to)
            .filter(place -> locked[place] == null)
            .mapToLong(place -> cheapest[place])
            .sorted()
            .toArray();
    int pictures = Math.min(mostOn(from), free.length);
    return new StoryBand.Room(pictures, LongStream.of(free).limit(pictures).sum());
  }

  /** What the cheapest picture costs in a place. */
  private long cheapest(int place) {
    int kind = cost.kind(place);
    if (cheapestByKind[kind] == 0) {
      long least = NEVER;
      for (long each : ownOpen(place)) {
        least = Math.min(least, each);
      }
      cheapestByKind[kind] = least + 1;
    }
    return cheapestByKind[kind] - 1;
  }

  private int firstOfPage(int place) {
    int first = place;
    while (first > 1 && page(first - 1) == page(place)) {
      first--;
    }
    return first;
  }

  private int lastOfPage(int place) {
    int last = place;
    while (last < places && page(last + 1) == page(place)) {
      last++;
    }
    return last;
  }

  /** How many free pictures the page of a place can hold at most. */
  private int mostOn(int place) {
    if (!isLimited(place)) {
      return Integer.MAX_VALUE;
    }
    int smallest = Integer.MAX_VALUE;
    for (int each = firstOfPage(place); each <= lastOfPage(place); each++) {
      smallest = Math.min(smallest, Math.max(1, units[each - 1]));
    }
    return freeOnPage[place - 1] / smallest;
  }

  int moments() {
    return moments;
  }

  /** A page with room for as many as there are may as well be filled. */
  private void forgetLimitsThatNeverBind() {
    for (int from = 0; from < places; ) {
      int to = from;
      int largest = 0;
      while (to < places && page(to + 1) == page(from + 1)) {
        largest = Math.max(largest, units[to++]);
      }
      if (freeOnPage[from] >= (long) moments * largest) {
        Arrays.fill(freeOnPage, from, to, UNLIMITED);
      }
      from = to;
    }
  }

  /** How many states such a run has. */
  static long cells(Placing.Problem problem, int pictures) {
    PageRooms rooms = new PageRooms(problem);
    long sum = 0;
    for (int place = 0; place < problem.places().size(); place++) {
      sum += (long) layers(rooms.free(place)) * (pictures + 1);
    }
    return sum;
  }

  /** How many sums of units a page of so many free ones is looked at with. */
  private static int layers(int free) {
    return free == UNLIMITED ? 1 : free + 1;
  }

  /** Runs over all places. */
  StoryRun run() {
    rest = new long[1][moments + 1];
    fill = new long[][][] {{never}, {never}};
    layers = 1;
    reached = new boolean[] {true};
    for (int i = 1; i <= moments; i++) {
      rest[0][i] = i > band.most(0) ? NEVER : rest[0][i - 1] + leftOut[i - 1];
    }
    Arrays.fill(rest[0], 0, band.least(0), NEVER);
    for (int place = 1; place <= places; place++) {
      boolean opens = place == 1 || page(place) != page(place - 1);
      step(place, opens);
      if (place == places || page(place) != page(place + 1)) {
        collapse(place);
      }
    }
    return this;
  }

  private int page(int place) {
    return problem.places().get(firstPlace + place - 1).at().page();
  }

  private Integer lockedIn(int place) {
    return locked[place];
  }

  /** A row of filled states that are none yet. */
  private long[] emptyRow(int place, int waits, int layer) {
    long[][] rows = buffers[place % 2][waits];
    if (rows == null || rows.length <= layer) {
      rows = rows == null ? new long[layer + 1][] : Arrays.copyOf(rows, layer + 1);
      buffers[place % 2][waits] = rows;
    }
    if (rows[layer] == null) {
      rows[layer] = new long[pictures.length];
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
    int next = layers(freeOnPage[place - 1]);
    int before = opens ? 1 : layers;
    long[][] nextRest = new long[next][];
    long[][][] nextFill = new long[2][next][];
    boolean[] nextReached = new boolean[next];
    restOrigin[place] = new short[next][];
    fillOrigin[place][0] = new short[next][];
    fillOrigin[place][1] = new short[next][];
    if (lockedIn(place) == null) {
      own = own(firstPlace + place - 1);
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
      int from = isLimited(place) ? layer - units[place - 1] : layer;
      if (lockedIn(place) == null && from >= 0 && from < before && reached[from]) {
        nextReached[layer] = true;
        for (int waits = 0; waits <= (anyWords ? 1 : 0); waits++) {
          nextFill[waits][layer] = emptyRow(place, waits, layer);
          fillOrigin[place][waits][layer] =
              traced ? new short[begins[band.most(place)] - firstIn(place)] : null;
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
    return begins[Math.max(0, band.least(place) - 1)];
  }

  /** What each picture costs in a place. */
  private long[] own(int place) {
    long[] row = ownOpen(place);
    List<Integer> out = closed.get(place);
    if (out == null) {
      return row;
    }
    long[] open = row.clone();
    out.forEach(i -> open[i] = NEVER);
    return open;
  }

  /** The same, whatever is closed. */
  private long[] ownOpen(int place) {
    int kind = cost.kind(place);
    if (ownByKind[kind] == null) {
      long[] row = new long[pictures.length];
      for (int i = 0; i < row.length; i++) {
        row[i] = cost.ofOpen(pictures[i], place);
      }
      ownByKind[kind] = row;
    }
    return ownByKind[kind];
  }

  private boolean isLimited(int place) {
    return freeOnPage[place - 1] != UNLIMITED;
  }

  /** The place takes no free picture: it stays empty, or holds its locked one. */
  private void pass(int place, int layer, long[] next) {
    Integer locked = lockedIn(place);
    Integer lockedBefore = lockedIn(place - 1);
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
    int[] begin = begins;
    long[] left = leftOut;
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
          long beside = locked == null ? besideAir : cost.pair(pictures[i], locked, at - 1);
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
    Integer lockedBefore = lockedIn(place - 1);
    boolean emptyBefore = place > 1 && lockedBefore == null && cost.touchesNext(at - 1);
    long besideAir = place > 1 ? cost.scattered(at - 1) : 0;
    boolean pair = place > 1 && cost.isPair(at - 1);
    boolean wordsWanted = anyWords && cost.wantsWords(at);
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
    int[] group = groups;
    int[] begin = begins;
    long[] left = leftOut;
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
              lockedBefore == null ? besideAir : cost.pair(lockedBefore, pictures[i], at - 1);
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
    fillLayer[place] = new short[2][pictures.length];
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
    if (places == 0) {
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
        best = best >= NEVER ? NEVER : best + leftOut[moment - 1];
        for (int i = begins[moment - 1]; i < begins[moment]; i++) {
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
      for (int i = begins[moment] - 1; i >= begins[moment - 1]; i--) {
        for (int waits = 0; waits < 2; waits++) {
          long whole = fill[waits][0][i] + leftOutAfter;
          if (fill[waits][0][i] < NEVER && whole <= best) {
            best = whole;
            state = 2 * i + waits;
          }
        }
      }
      leftOutAfter += leftOut[moment - 1];
    }
    int decided = moments;
    int layer = 0;
    for (int place = places; place > 0; place--) {
      boolean filled = state != FROM_REST;
      int i = filled ? state / 2 : decided;
      if (restLayer[place] != null) {
        layer = filled ? fillLayer[place][state % 2][i] : restLayer[place][i];
      }
      if (filled) {
        placeOf[pictures[i]] = firstPlace + place - 1;
        int origin = fillOrigin[place][state % 2][layer][i - firstIn(place)];
        decided = momentOf(i);
        layer = isLimited(place) ? layer - units[place - 1] : layer;
        state = origin;
      } else {
        state = restOrigin[place][layer][decided - band.least(place)];
      }
    }
  }

  /** How many moments come before that of the picture. */
  private int momentOf(int i) {
    int found = Arrays.binarySearch(begins, i);
    return found >= 0 ? found : -found - 2;
  }

  /** What the locked pictures cost in their places. */
  static long ofLocked(Placing.Problem problem, PlacingCost cost) {
    long sum = 0;
    for (Map.Entry<Integer, Integer> lock : problem.locked().entrySet()) {
      sum += cost.ofLocked(lock.getValue(), lock.getKey());
    }
    return sum;
  }
}
