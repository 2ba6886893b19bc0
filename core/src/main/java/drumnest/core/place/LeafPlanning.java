package drumnest.core.place;

import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Which leaves for which pictures: the sequence of leaves, fronts and backs, that holds pictures in
 * story order at the least cost, with a few of the next best.
 *
 * <p>This is the breaking of a paragraph into lines, with pages for lines (Knuth and Plass,
 * Breaking paragraphs into lines, Software: Practice and Experience 11, 1981). What a page costs
 * with a run of moments is the optimum of {@link StoryPlacing} on it, plus what its empty places
 * weigh; each leaf weighs something too, and so does a picture left out. Then dynamic programming
 * over the moments finds the cheapest sequence of leaves.
 *
 * <p>Where kinds of leaves are counted, a state also says how many of each kind are used, and
 * states are bounded by what the rest costs at least if counts did not matter, with prices on the
 * counted kinds (Lagrangian relaxation; Fisher 1981, from memory). Of one moment only the {@value
 * #MOST_STATES} most promising states are kept, and what was let go is remembered as the bound: the
 * answer is proven to be a best one where it costs no more than that.
 *
 * <p>Where sleeves are counted on, a picture for which a page has no place costs no more than it
 * does in a sleeve over that page, as far as such sleeves hold; where there are too few of them in
 * all, their places get a price. Which of them go where is worked out later, with what opens how.
 *
 * <p>Time: pages × moments × places of a page for the costs of pages; then moments × states ×
 * kinds.
 */
public final class LeafPlanning {

  /** How many states of one moment are kept. */
  public static final int MOST_STATES = 60;

  /** The most leaves that are proposed at once. */
  public static final int MOST_LEAVES = 200;

  private static final int PRICE_ROUNDS = 12;

  /** How many moments more than it has places a page is looked at with. */
  public static final int SLACK = 8;

  private static final int SLEEVE_ROUNDS = 4;

  /** How much dearer than the best a state may promise to be and still be gone on with. */
  private static final long MARGIN = PlacingCost.ONE;

  /**
   * A kind of leaf.
   *
   * @param key its name
   * @param front the places of its front in reading order
   * @param back the places of its back
   * @param owned how many there are; null for as many as needed
   * @param overFront how many pictures sleeves over its front can hold besides, where those are
   *     counted on
   * @param overBack the same of its back
   */
  public record Kind(
      String key,
      List<Place> front,
      List<Place> back,
      @Nullable Integer owned,
      int overFront,
      int overBack) {
    public Kind {
      front = List.copyOf(front);
      back = List.copyOf(back);
    }

    /** One over which no sleeves go. */
    public Kind(String key, List<Place> front, List<Place> back, @Nullable Integer owned) {
      this(key, front, back, owned, 0, 0);
    }
  }

  /**
   * The sleeves that are counted on, for pictures that a page has no place for. One lies over a
   * place for such a print.
   *
   * @param inserts the sizes of the prints that go into them, whichever way up; none where none are
   *     counted on
   * @param most how many pictures they hold in all; null for as many as there are
   */
  public record Sleeves(List<Size> inserts, @Nullable Integer most) {

    public static final Sleeves NONE = new Sleeves(List.of(), 0);

    public Sleeves {
      inserts = List.copyOf(inserts);
    }

    /** Whether one goes over a place for such a print. */
    boolean goOver(Size print) {
      return inserts.contains(print) || inserts.contains(print.turned());
    }
  }

  /**
   * What is wanted.
   *
   * @param chapters the pictures of each chapter, in time order
   * @param kinds the kinds of leaves there are
   * @param breathing how much of a page is left to breathe
   * @param mostLeaves how many leaves may be used
   * @param freshPages whether every chapter begins on a page of its own; else those that are worth
   *     one do where that is cheaper than the rest of the page left empty
   * @param leavesBefore how many leaves of the album come before the first of the plan
   * @param plans how many plans are wanted, from 1
   * @param sleeves the sleeves that are counted on
   */
  public record Request(
      List<List<Candidate>> chapters,
      List<Kind> kinds,
      Sleeves sleeves,
      Breathing breathing,
      int mostLeaves,
      boolean freshPages,
      int leavesBefore,
      int plans,
      Weights weights,
      HouseRules rules) {
    public Request {
      chapters = List.copyOf(chapters);
      kinds = List.copyOf(kinds);
    }

    /** One that counts on no sleeves. */
    public Request(
        List<List<Candidate>> chapters,
        List<Kind> kinds,
        Breathing breathing,
        int mostLeaves,
        boolean freshPages,
        int leavesBefore,
        int plans,
        Weights weights,
        HouseRules rules) {
      this(
          chapters,
          kinds,
          Sleeves.NONE,
          breathing,
          mostLeaves,
          freshPages,
          leavesBefore,
          plans,
          weights,
          rules);
    }

    /** The same by other rules, with one plan. */
    Request by(HouseRules other) {
      return new Request(
          chapters,
          kinds,
          sleeves,
          breathing,
          mostLeaves,
          freshPages,
          leavesBefore,
          1,
          Weights.of(other),
          other);
    }

    /** The same without sleeves. */
    Request withoutSleeves() {
      return new Request(
          chapters, kinds, breathing, mostLeaves, freshPages, leavesBefore, plans, weights, rules);
    }
  }

  /**
   * A leaf of a plan.
   *
   * @param kind its kind
   * @param front for each place of its front the index of its picture among all, or -1
   * @param back the same of its back
   * @param overFront the pictures that go into sleeves over its front
   * @param overBack the same of its back
   */
  public record PlannedLeaf(
      Kind kind, int[] front, int[] back, List<Integer> overFront, List<Integer> overBack) {

    int inSleeves() {
      return overFront.size() + overBack.size();
    }
  }

  /**
   * A sequence of leaves.
   *
   * @param cost what it costs, with its leaves and empty places
   */
  public record Plan(List<PlannedLeaf> leaves, long cost) {

    /** How many pictures go into sleeves. */
    public int inSleeves() {
      return leaves.stream().mapToInt(PlannedLeaf::inSleeves).sum();
    }
  }

  /**
   * The plans, the cheapest first; no two use the same leaves.
   *
   * @param bound what no plan can cost less than
   */
  public record Answer(List<Plan> plans, long bound) {

    /** Whether the first plan is proven to be a best one. */
    public boolean isBest() {
      return !plans.isEmpty() && plans.get(0).cost() <= bound;
    }
  }

  private final Request request;
  private final ProgressMonitor monitor;
  private final PageCosts pages;
  private final int moments;
  private final int leaves;
  private final long leafWeight;
  private final long[] price;
  private boolean priced;

  private long letGo = PlacingCost.FORBIDDEN;

  /**
   * @param sleevePrice what a place in a sleeve costs besides what it weighs
   */
  private LeafPlanning(Request request, long sleevePrice, ProgressMonitor monitor) {
    this.request = request;
    this.monitor = monitor;
    // Every leaf takes a moment at least.
    int most = Math.min(MOST_LEAVES, request.mostLeaves());
    int pictures = request.chapters().stream().mapToInt(List::size).sum();
    this.pages = new PageCosts(request, Math.min(most, pictures), SLACK, sleevePrice);
    this.moments = pages.moments();
    this.leaves = Math.min(most, moments);
    this.leafWeight = Weights.weight(request.rules(), HouseRule.LEAF_WEIGHT);
    this.price = new long[request.kinds().size()];
  }

  /** The best plans. Where nothing is to be placed, or nothing to place it on, there is none. */
  public static Answer plan(Request request, ProgressMonitor monitor) {
    boolean nothing =
        request.kinds().isEmpty()
            || request.mostLeaves() < 1
            || request.chapters().stream().allMatch(List::isEmpty);
    if (nothing) {
      return new Answer(List.of(), 0);
    }
    Answer first = new LeafPlanning(request, 0, monitor).solve();
    return isInStock(first, request) ? first : withSleevesInStock(request, monitor);
  }

  private static boolean isInStock(Answer answer, Request request) {
    Integer most = request.sleeves().most();
    return most == null || answer.plans().stream().allMatch(plan -> plan.inSleeves() <= most);
  }

  /**
   * The plans at the lowest price of a place in a sleeve, found by halving, at which they need no
   * more of them than there are.
   */
  private static Answer withSleevesInStock(Request request, ProgressMonitor monitor) {
    long low = 0;
    long high = Weights.weight(request.rules(), HouseRule.LEFT_OUT_WEIGHT);
    Answer found = null;
    for (int round = 0; round < SLEEVE_ROUNDS; round++) {
      long price = (low + high) / 2;
      Answer answer = new LeafPlanning(request, price, monitor.part(round, SLEEVE_ROUNDS)).solve();
      if (isInStock(answer, request)) {
        found = answer;
        high = price;
      } else {
        low = price;
      }
    }
    return found == null ? new LeafPlanning(request.withoutSleeves(), 0, monitor).solve() : found;
  }

  private Answer solve() {
    int kinds = request.kinds().size();
    for (int kind = 0; kind < kinds; kind++) {
      for (int phase = 0; phase < pages.phases(); phase++) {
        for (int from = 0; from <= moments; from++) {
          pages.leaf(kind, phase, from);
        }
      }
      // Without these costs there is no plan at all, so this part is told of but not stopped.
      monitor.goOn((kind + 1L) * moments, kinds * moments * 2L);
    }
    long[][] ahead = atBestPrices();
    List<Map<Counts, State>> states = new ArrayList<>();
    for (int i = 0; i <= moments; i++) {
      states.add(new LinkedHashMap<>());
    }
    Counts none = new Counts(new short[request.kinds().size()]);
    states.get(0).put(none, new State(0, none, 0, null, -1, 0));
    for (int moment = 0; moment < moments; moment++) {
      if (!monitor.goOn(kinds * (moments + (long) moment), kinds * moments * 2L)) {
        letGo = Math.min(letGo, best(states.get(moment), ahead, moment));
        finish(states, moment, ahead);
        break;
      }
      List<State> kept = kept(states.get(moment), ahead, moment);
      long upTo = kept.isEmpty() ? 0 : promise(kept.get(0), ahead, moment) + MARGIN;
      for (State state : kept) {
        follow(state, states, ahead, upTo);
      }
    }
    List<State> ends =
        states.get(moments).values().stream()
            .sorted(Comparator.comparingLong(State::cost))
            .limit(request.plans())
            .toList();
    List<Plan> plans = ends.stream().map(this::plan).toList();
    long bound = plans.isEmpty() ? 0 : Math.min(letGo, plans.get(0).cost());
    // What a picture in a sleeve costs is known only once its page is laid out.
    boolean estimated = plans.stream().anyMatch(plan -> plan.inSleeves() > 0);
    return new Answer(plans, estimated ? -1 : Math.min(bound, pages.provenBelow()));
  }

  /** From the best state so far straight on, each time by what costs least from there. */
  private void finish(List<Map<Counts, State>> states, int from, long[][] ahead) {
    for (int moment = from; moment < moments; moment++) {
      List<State> kept = kept(states.get(moment), ahead, moment);
      if (!kept.isEmpty()) {
        follow(kept.get(0), states, ahead, 0);
      }
    }
  }

  /** How many of each kind are used. */
  private record Counts(short[] of) {
    @Override
    public boolean equals(Object other) {
      return other instanceof Counts counts && Arrays.equals(of, counts.of);
    }

    @Override
    public int hashCode() {
      return Arrays.hashCode(of);
    }

    Counts more(int kind) {
      short[] next = of.clone();
      next[kind]++;
      return new Counts(next);
    }
  }

  /**
   * So many moments are decided with so many leaves.
   *
   * @param kind the kind of the last leaf, or -1 where a moment was left out
   */
  private record State(
      int moment, Counts counts, long cost, @Nullable State before, int kind, int leavesUsed) {}

  /** The states of a moment that are gone on with, the most promising first. */
  private List<State> kept(Map<Counts, State> states, long[][] ahead, int moment) {
    List<State> sorted = new ArrayList<>(states.values());
    sorted.sort(Comparator.comparingLong(state -> promise(state, ahead, moment)));
    if (sorted.size() <= MOST_STATES) {
      return sorted;
    }
    letGo = Math.min(letGo, promise(sorted.get(MOST_STATES), ahead, moment));
    return sorted.subList(0, MOST_STATES);
  }

  private long best(Map<Counts, State> states, long[][] ahead, int moment) {
    return states.values().stream()
        .mapToLong(state -> promise(state, ahead, moment))
        .min()
        .orElse(PlacingCost.FORBIDDEN);
  }

  /** What a whole plan costs at least that goes on from this state. */
  private long promise(State state, long[][] ahead, int moment) {
    return promise(state.cost(), state.counts(), state.leavesUsed(), ahead, moment);
  }

  private long promise(long cost, Counts counts, int used, long[][] ahead, int moment) {
    long sum = cost + ahead[leaves - used][moment];
    for (int kind = 0; priced && kind < price.length; kind++) {
      sum -= price[kind] * (owned(kind) - counts.of()[kind]);
    }
    return Math.max(sum, cost);
  }

  private int owned(int kind) {
    Integer owned = request.kinds().get(kind).owned();
    return owned == null ? leaves : Math.min(leaves, owned);
  }

  /**
   * Goes on from a state: leaves the next moment out, or takes a leaf.
   *
   * @param upTo what a state may promise to cost; of each kind of leaf the most promising state is
   *     gone on with in any case
   */
  private void follow(State state, List<Map<Counts, State>> states, long[][] ahead, long upTo) {
    int from = state.moment();
    int used = state.leavesUsed();
    boolean anyLeaf = false;
    for (int kind = 0; kind < price.length && used < leaves; kind++) {
      if (state.counts().of()[kind] < owned(kind)) {
        take(state, kind, states, ahead, upTo);
        anyLeaf = true;
      }
    }
    long without = state.cost() + pages.leftOut(from);
    long promise = promise(without, state.counts(), used, ahead, from + 1);
    if (!anyLeaf || promise <= upTo) {
      offer(states.get(from + 1), new State(from + 1, state.counts(), without, state, -1, used));
    } else {
      letGo = Math.min(letGo, promise);
    }
  }

  private void take(
      State state, int kind, List<Map<Counts, State>> states, long[][] ahead, long upTo) {
    int from = state.moment();
    int used = state.leavesUsed() + 1;
    long[] costs = pages.leaf(kind, pages.phase(used), from);
    Counts counts = state.counts().more(kind);
    State best = null;
    long bestPromise = PlacingCost.FORBIDDEN;
    for (int taken = 1; taken < costs.length; taken++) {
      if (costs[taken] >= PlacingCost.FORBIDDEN) {
        continue;
      }
      long cost = state.cost() + costs[taken] + leafWeight;
      long promise = promise(cost, counts, used, ahead, from + taken);
      if (promise <= upTo) {
        offer(states.get(from + taken), new State(from + taken, counts, cost, state, kind, used));
      } else {
        letGo = Math.min(letGo, promise);
      }
      if (promise < bestPromise) {
        bestPromise = promise;
        best = new State(from + taken, counts, cost, state, kind, used);
      }
    }
    if (best != null && bestPromise > upTo) {
      offer(states.get(best.moment()), best);
    }
  }

  private static void offer(Map<Counts, State> states, State state) {
    State known = states.get(state.counts());
    // Of ways that cost the same, the one that leaves the later leaf emptier.
    if (known == null || state.cost() <= known.cost()) {
      states.put(state.counts(), state);
    }
  }

  /**
   * What the rest costs at least from each moment with so many leaves, at prices for the counted
   * kinds that make this as much as they can.
   */
  private long[][] atBestPrices() {
    long[][] best = ahead();
    boolean limited =
        request.kinds().stream().anyMatch(kind -> kind.owned() != null && kind.owned() < leaves);
    if (!limited) {
      return best;
    }
    long bestBound = best[leaves][0];
    long[] bestPrice = price.clone();
    long step = PlacingCost.ONE / 2;
    for (int round = 0; round < PRICE_ROUNDS; round++) {
      int[] used = usedAhead(best);
      boolean moved = false;
      for (int kind = 0; kind < price.length; kind++) {
        long next = bestPrice[kind] + step * (used[kind] - owned(kind));
        price[kind] = request.kinds().get(kind).owned() == null ? 0 : Math.max(0, next);
        moved |= price[kind] != bestPrice[kind];
      }
      if (!moved) {
        break;
      }
      long[][] ahead = ahead();
      long bound = ahead[leaves][0];
      for (int kind = 0; kind < price.length; kind++) {
        bound -= price[kind] * owned(kind);
      }
      if (bound > bestBound) {
        bestBound = bound;
        bestPrice = price.clone();
        best = ahead;
      } else {
        step /= 2;
      }
    }
    System.arraycopy(bestPrice, 0, price, 0, price.length);
    priced = Arrays.stream(price).anyMatch(each -> each > 0);
    return best;
  }

  /** What the rest costs from each moment with so many leaves, at the prices of the moment. */
  private long[][] ahead() {
    long[][][] cheapest = new long[pages.phases()][moments][];
    for (int phase = 0; phase < cheapest.length; phase++) {
      for (int from = 0; from < moments; from++) {
        cheapest[phase][from] = cheapest(phase, from);
      }
    }
    long[][] ahead = new long[leaves + 1][moments + 1];
    for (int with = 0; with <= leaves; with++) {
      for (int from = moments - 1; from >= 0; from--) {
        long least = pages.leftOut(from) + ahead[with][from + 1];
        long[] costs = with == 0 ? new long[0] : cheapest[phase(with)][from];
        for (int taken = 1; taken < costs.length; taken++) {
          least = Math.min(least, costs[taken] + ahead[with - 1][from + taken]);
        }
        ahead[with][from] = least;
      }
    }
    return ahead;
  }

  /** The phase of the next leaf while so many are left. */
  private int phase(int with) {
    return pages.phase(leaves - with + 1);
  }

  /** What a leaf of the cheapest kind costs, by how many moments it takes. */
  private long[] cheapest(int phase, int from) {
    long[] costs = new long[0];
    for (int kind = 0; kind < price.length; kind++) {
      long[] of = owned(kind) == 0 ? new long[0] : pages.leaf(kind, phase, from);
      if (of.length > costs.length) {
        int known = costs.length;
        costs = Arrays.copyOf(costs, of.length);
        Arrays.fill(costs, known, costs.length, PlacingCost.FORBIDDEN);
      }
      for (int taken = 1; taken < of.length; taken++) {
        costs[taken] = Math.min(costs[taken], of[taken] + leafWeight + price[kind]);
      }
    }
    return costs;
  }

  /** How many of each kind the cheapest way uses at the prices that {@code ahead} was found at. */
  private int[] usedAhead(long[][] ahead) {
    int[] used = new int[price.length];
    int with = leaves;
    int from = 0;
    while (from < moments) {
      int kindUsed = -1;
      int takenBy = 1;
      for (int kind = 0; kind < price.length && with > 0; kind++) {
        long[] costs = pages.leaf(kind, phase(with), from);
        for (int taken = 1; taken < costs.length; taken++) {
          long sum = costs[taken] + leafWeight + price[kind] + ahead[with - 1][from + taken];
          if (costs[taken] < PlacingCost.FORBIDDEN && sum == ahead[with][from]) {
            kindUsed = kind;
            takenBy = taken;
          }
        }
      }
      if (kindUsed >= 0) {
        used[kindUsed]++;
        with--;
      }
      from += kindUsed >= 0 ? takenBy : 1;
    }
    return used;
  }

  private Plan plan(State end) {
    List<State> way = new ArrayList<>();
    for (State state = end; state != null; state = state.before()) {
      way.add(state);
    }
    Collections.reverse(way);
    List<PlannedLeaf> planned = new ArrayList<>();
    for (State state : way) {
      if (state.kind() >= 0) {
        planned.add(
            pages.laid(state.kind(), state.leavesUsed(), state.before().moment(), state.moment()));
      }
    }
    return new Plan(planned, end.cost());
  }

  /** How many of each kind a plan uses. */
  public static Map<String, Integer> used(Plan plan) {
    Map<String, Integer> used = new HashMap<>();
    plan.leaves().forEach(leaf -> used.merge(leaf.kind().key(), 1, Integer::sum));
    return used;
  }
}
