package drumnest.core.place;

import java.util.Arrays;
import java.util.List;
import java.util.Map;

/**
 * One run of the dynamic programme of {@link StoryPlacing} over a row of moments and a row of
 * places.
 *
 * <p>A state says how many moments are decided after a place, how many pictures the page of the
 * place has, and either that no free picture is in the place ({@code rest}) or which one is, and
 * whether it still waits for a free place beside it for its words ({@code fill}). Between pages
 * only the cheapest count is kept.
 */
final class StoryRun {

  private static final long NEVER = PlacingCost.FORBIDDEN;
  private static final short FROM_REST = -1;
  private static final int UNLIMITED = -1;

  private final Placing.Problem problem;
  private final PlacingCost cost;
  private final int firstPlace;
  private final int places;

  /** The pictures of all moments in a row, and where each moment begins in it. */
  private final int[] pictures;

  private final int[] begins;
  private final int moments;
  private final long[] leftOut;
  private final boolean anyWords;

  /** Of every picture that it does not wait for its words; used where none has any. */
  private final long[] never;

  /** What is saved with every picture that is placed. */
  private final long bonus;

  private final int[] freeOnPage;

  /** For each place, layer and state: the picture in the place before, or FROM_REST. */
  private final short[][][] restOrigin;

  private final short[][][][] fillOrigin;

  /** For each place whose page ends there: the layer that was kept. */
  private final short[][] restLayer;

  private final short[][][] fillLayer;

  private long[][] rest;
  private long[][][] fill;
  private int layers;

  StoryRun(
      Placing.Problem problem,
      PlacingCost cost,
      List<List<Integer>> open,
      int firstPlace,
      int places,
      long bonus) {
    this.problem = problem;
    this.cost = cost;
    this.firstPlace = firstPlace;
    this.places = places;
    this.bonus = bonus;
    this.moments = open.size();
    this.begins = new int[moments + 1];
    for (int i = 0; i < moments; i++) {
      begins[i + 1] = begins[i] + open.get(i).size();
    }
    this.pictures = open.stream().flatMap(List::stream).mapToInt(Integer::intValue).toArray();
    this.leftOut = new long[moments];
    boolean words = false;
    for (int i = 0; i < moments; i++) {
      leftOut[i] = cost.leftOut(open.get(i));
      for (int picture : open.get(i)) {
        words |= problem.candidates().get(picture).manner().words();
      }
    }
    this.anyWords = words && cost.captionApart() > 0;
    this.never = new long[pictures.length];
    Arrays.fill(never, NEVER);
    this.freeOnPage = freeOnPages(problem, firstPlace, places);
    for (int i = 0; i < places; i++) {
      freeOnPage[i] = freeOnPage[i] >= moments ? UNLIMITED : freeOnPage[i];
    }
    this.restOrigin = new short[places + 1][][];
    this.fillOrigin = new short[places + 1][2][][];
    this.restLayer = new short[places + 1][];
    this.fillLayer = new short[places + 1][][];
  }

  /** How many states such a run has. */
  static long cells(Placing.Problem problem, int pictures) {
    long sum = 0;
    for (int free : freeOnPages(problem, 0, problem.places().size())) {
      sum += (long) layers(free) * (pictures + 1);
    }
    return sum;
  }

  /** How many counts of pictures a page of so many free places is looked at with. */
  private static int layers(int free) {
    return free == UNLIMITED ? 1 : free + 1;
  }

  /** For each place how many free pictures its page may hold, or that it may be filled. */
  private static int[] freeOnPages(Placing.Problem problem, int first, int count) {
    int[] free = new int[count];
    for (int from = 0; from < count; ) {
      int page = problem.places().get(first + from).at().page();
      int to = from;
      int locked = 0;
      while (to < count && problem.places().get(first + to).at().page() == page) {
        locked += problem.locked().containsKey(first + to) ? 1 : 0;
        to++;
      }
      Integer most = problem.most().get(page);
      boolean limited = most != null && most < to - from;
      Arrays.fill(free, from, to, limited ? Math.max(0, most - locked) : UNLIMITED);
      from = to;
    }
    return free;
  }

  /** Runs over all places. */
  StoryRun run() {
    rest = new long[1][moments + 1];
    fill = new long[][][] {{never}, {never}};
    layers = 1;
    for (int i = 1; i <= moments; i++) {
      rest[0][i] = rest[0][i - 1] + leftOut[i - 1];
    }
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
    return place < 1 || place > places ? null : problem.locked().get(firstPlace + place - 1);
  }

  private void step(int place, boolean opens) {
    int next = layers(freeOnPage[place - 1]);
    int before = opens ? 1 : layers;
    long[][] nextRest = new long[next][moments + 1];
    long[][][] nextFill = {new long[next][pictures.length], new long[next][]};
    restOrigin[place] = new short[next][moments + 1];
    fillOrigin[place][0] = new short[next][pictures.length];
    fillOrigin[place][1] = anyWords ? new short[next][pictures.length] : null;
    for (int layer = 0; layer < next; layer++) {
      Arrays.fill(nextRest[layer], NEVER);
      Arrays.fill(nextFill[0][layer], NEVER);
      nextFill[1][layer] = anyWords ? nextFill[0][layer].clone() : never;
      if (layer < before) {
        pass(place, layer, nextRest[layer]);
      }
      int from = isLimited(place) ? layer - 1 : layer;
      if (lockedIn(place) == null && from >= 0 && from < before) {
        fill(place, layer, from, nextFill);
      }
    }
    rest = nextRest;
    fill = nextFill;
    layers = next;
  }

  private boolean isLimited(int place) {
    return freeOnPage[place - 1] != UNLIMITED;
  }

  /** The place takes no free picture: it stays empty, or holds its locked one. */
  private void pass(int place, int layer, long[] next) {
    Integer locked = lockedIn(place);
    Integer lockedBefore = lockedIn(place - 1);
    int at = firstPlace + place - 1;
    long besideLock =
        locked != null && lockedBefore != null ? cost.pair(lockedBefore, locked, at - 1) : 0;
    long refund = place > 1 && locked == null && cost.touchesNext(at - 1) ? cost.captionApart() : 0;
    long best = NEVER;
    short origin = FROM_REST;
    long[] before = rest[layer];
    short[] origins = restOrigin[place][layer];
    for (int moment = 0; moment <= moments; moment++) {
      if (moment > 0) {
        best = best >= NEVER ? NEVER : best + leftOut[moment - 1];
        for (int i = begins[moment - 1]; i < begins[moment]; i++) {
          long beside = locked == null ? 0 : cost.pair(pictures[i], locked, at - 1);
          long still = fill[0][layer][i] + beside;
          if (still < best) {
            best = still;
            origin = (short) (2 * i);
          }
          long waiting = fill[1][layer][i] + beside - refund;
          if (fill[1][layer][i] < NEVER && waiting < best) {
            best = waiting;
            origin = (short) (2 * i + 1);
          }
        }
      }
      long rested = before[moment] >= NEVER ? NEVER : before[moment] + besideLock;
      boolean byFill = best < rested;
      next[moment] = Math.min(NEVER, byFill ? best : rested);
      origins[moment] = byFill ? origin : FROM_REST;
    }
  }

  /** The place takes a picture. */
  private void fill(int place, int layer, int from, long[][][] next) {
    int at = firstPlace + place - 1;
    Integer lockedBefore = lockedIn(place - 1);
    boolean emptyBefore = place > 1 && lockedBefore == null && cost.touchesNext(at - 1);
    boolean pair = place > 1 && cost.isPair(at - 1);
    BestFill best = new BestFill(problem.candidates(), pair ? problem.weights().alike() : 0);
    for (int moment = 1; moment <= moments; moment++) {
      if (moment > 1) {
        best.leaveOut(leftOut[moment - 2]);
        for (int i = begins[moment - 2]; i < begins[moment - 1]; i++) {
          boolean waits = fill[1][from][i] < fill[0][from][i];
          best.offer(2 * i + (waits ? 1 : 0), fill[waits ? 1 : 0][from][i], pictures[i]);
        }
      }
      for (int i = begins[moment - 1]; i < begins[moment]; i++) {
        long own = cost.of(pictures[i], at);
        if (own >= NEVER) {
          continue;
        }
        boolean wants = cost.wantsWords(pictures[i], at);
        long apart = wants ? cost.captionApart() : 0;
        long resting = rest[from][moment - 1];
        if (resting < NEVER) {
          boolean waits = wants && !emptyBefore;
          long beside = lockedBefore == null ? 0 : cost.pair(lockedBefore, pictures[i], at - 1);
          long sum = resting + own - bonus + beside + (waits ? apart : 0);
          put(next, place, layer, waits ? 1 : 0, i, sum, FROM_REST);
        }
        best.find(pictures[i]);
        if (best.found() < NEVER) {
          put(
              next,
              place,
              layer,
              wants ? 1 : 0,
              i,
              best.found() + own - bonus + apart,
              (short) best.foundAt());
        }
      }
    }
  }

  private void put(
      long[][][] next, int place, int layer, int waits, int i, long sum, short origin) {
    if (sum < next[waits][layer][i]) {
      next[waits][layer][i] = sum;
      fillOrigin[place][waits][layer][i] = origin;
    }
  }

  /** The page ends: of all counts of pictures on it the cheapest is kept. */
  private void collapse(int place) {
    restLayer[place] = new short[moments + 1];
    fillLayer[place] = new short[2][pictures.length];
    if (layers == 1) {
      return;
    }
    rest = new long[][] {cheapest(rest, restLayer[place])};
    fill =
        new long[][][] {
          {cheapest(fill[0], fillLayer[place][0])}, {cheapest(fill[1], fillLayer[place][1])}
        };
    layers = 1;
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

  /** For each number of moments, the least that so many from the first can cost. */
  long[] prefixCosts() {
    long[] costs = new long[moments + 1];
    long best = NEVER;
    for (int moment = 0; moment <= moments; moment++) {
      if (moment > 0) {
        best = best >= NEVER ? NEVER : best + leftOut[moment - 1];
        for (int i = begins[moment - 1]; i < begins[moment]; i++) {
          best = Math.min(best, Math.min(fill[0][0][i], fill[1][0][i]));
        }
      }
      costs[moment] = Math.min(best, rest[0][moment]);
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
        int origin = fillOrigin[place][state % 2][layer][i];
        decided = momentOf(i);
        layer = isLimited(place) ? layer - 1 : layer;
        state = origin;
      } else {
        state = restOrigin[place][layer][decided];
      }
    }
  }

  /** How many moments come before that of the picture. */
  private int momentOf(int i) {
    int found = Arrays.binarySearch(begins, i);
    return found >= 0 ? found : -found - 2;
  }

  /** The cheapest ways to have the place before filled, by pictures of two different groups. */
  private static final class BestFill {
    private final List<Candidate> candidates;
    private final long alike;
    private int first = -1;
    private long firstCost = NEVER;
    private Candidate firstPicture;
    private int second = -1;
    private long secondCost = NEVER;
    private long found;
    private int foundAt;

    BestFill(List<Candidate> candidates, long alike) {
      this.candidates = candidates;
      this.alike = alike;
    }

    /** A moment is left out since. */
    void leaveOut(long costs) {
      firstCost = firstCost >= NEVER ? NEVER : firstCost + costs;
      secondCost = secondCost >= NEVER ? NEVER : secondCost + costs;
    }

    void offer(int state, long cost, int picture) {
      if (cost >= NEVER) {
        return;
      }
      Candidate candidate = candidates.get(picture);
      if (cost < firstCost) {
        if (firstPicture == null || !firstPicture.looksLike(candidate)) {
          second = first;
          secondCost = firstCost;
        }
        first = state;
        firstCost = cost;
        firstPicture = candidate;
      } else if (cost < secondCost && !firstPicture.looksLike(candidate)) {
        second = state;
        secondCost = cost;
      }
    }

    /** Looks for the cheapest of them before this picture. */
    void find(int picture) {
      found = firstCost;
      foundAt = first;
      if (firstCost < NEVER && firstPicture.looksLike(candidates.get(picture))) {
        found = firstCost + alike;
        if (secondCost < found) {
          found = secondCost;
          foundAt = second;
        }
      }
    }

    long found() {
      return found;
    }

    int foundAt() {
      return foundAt;
    }
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
