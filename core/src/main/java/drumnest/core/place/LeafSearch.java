package drumnest.core.place;

import drumnest.core.stock.HouseRule;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The search of {@link LeafPlanning} for the cheapest sequences of leaves: dynamic programming over
 * the moments.
 *
 * <p>States are bounded by what the rest costs at least ({@link LeafCostToGo}). Where no kind of
 * leaf is counted, that is what it costs indeed, and only ways to a best plan are followed. Where
 * some are, a state also says how many of those are used; where several plans are wanted, how many
 * of every kind. Of one moment only the {@value #MOST_STATES} most promising states are kept, and
 * what was let go is remembered as the bound: the answer is proven to be a best one where it costs
 * no more than that.
 *
 * <p>Time: moments × states × kinds; memory: moments × states, for the ways back.
 */
final class LeafSearch {

  /** How many states of one moment are kept. */
  private static final int MOST_STATES = 60;

  /** Of more states of a moment that is still to come, those that would not be kept go at once. */
  private static final int MOST_WAITING = 4 * MOST_STATES;

  /** How much dearer than the best a state may promise to be and still be gone on with. */
  private static final long MARGIN = PlacingCost.ONE;

  private final LeafPlanning.Request request;
  private final ProgressMonitor monitor;
  private final PageCosts pages;
  private final int moments;
  private final int leaves;
  private final int slack;
  private final long leafWeight;
  private final LeafCostToGo rest;

  /** By kinds: whether states tell how many of it are used. */
  private final boolean[] told;

  /** Whether what a state promises is what the best plan from there costs, and that is wanted. */
  private final boolean exact;

  private long letGo = PlacingCost.FORBIDDEN;

  /** A lower bound of the cost of a plan that needs a closer look at pages. */
  private long closely = 0;

  /**
   * @param sleevePrice what a place in a sleeve costs besides what it weighs
   * @param slack with how many moments that they have no place for pages are looked at
   */
  LeafSearch(LeafPlanning.Request request, long sleevePrice, int slack, ProgressMonitor monitor) {
    this.request = request;
    this.monitor = monitor;
    this.slack = slack;
    // Every leaf takes a moment at least.
    int most = Math.min(LeafPlanning.MOST_LEAVES, request.mostLeaves());
    int pictures = request.chapters().stream().mapToInt(List::size).sum();
    this.pages = new PageCosts(request, Math.min(most, pictures), slack, sleevePrice);
    this.moments = pages.moments();
    this.leaves = Math.min(most, moments);
    this.leafWeight = Weights.weight(request.rules(), HouseRule.LEAF_WEIGHT);
    this.rest = new LeafCostToGo(request, pages, leaves);
    this.told = new boolean[request.kinds().size()];
    boolean any = false;
    for (int kind = 0; kind < told.length; kind++) {
      told[kind] = request.plans() > 1 || rest.owned(kind) < leaves;
      any |= told[kind];
    }
    this.exact = !any;
  }

  /** The best plans that it finds. */
  LeafPlanning.Answer solve() {
    // Without these costs there is no plan at all, so this part is told of but not stopped.
    boolean again = !exact || request.kinds().stream().anyMatch(kind -> kind.owned() != null);
    pages.weighAll(again, (done, of) -> monitor.goOn(done, 2 * of));
    rest.findPrices();
    List<Map<Used, State>> states = new ArrayList<>();
    for (int i = 0; i <= moments; i++) {
      states.add(new LinkedHashMap<>());
    }
    Used none = new Used(0, new short[request.kinds().size()]);
    states.get(0).put(none, new State(0, none, 0, null, -1));
    for (int moment = 0; moment < moments; moment++) {
      if (!monitor.goOn(moments + (long) moment, 2L * moments)) {
        letGo = Math.min(letGo, best(states.get(moment), moment));
        finish(states, moment);
        break;
      }
      List<State> kept = kept(states.get(moment), moment);
      long upTo = kept.isEmpty() ? 0 : promise(kept.get(0), moment) + (exact ? 0 : MARGIN);
      for (State state : kept) {
        follow(state, states, upTo);
      }
      // Of what is past only the ways to what is kept are needed; a large album has many more.
      states.set(moment, Map.of());
    }
    List<State> ends =
        states.get(moments).values().stream()
            .sorted(Comparator.comparingLong(State::cost))
            .limit(request.plans())
            .toList();
    List<LeafPlanning.Plan> plans = ends.stream().map(this::plan).toList();
    long bound = ends.isEmpty() ? 0 : Math.min(letGo, ends.get(0).cost());
    // What a picture in a sleeve costs is known only once its page is laid out.
    boolean estimated = plans.stream().anyMatch(plan -> plan.inSleeves() > 0);
    closely = estimated ? 0 : new LeavingOutBound(pages, rest, pages.looked(), leaves).least();
    return new LeafPlanning.Answer(
        plans, estimated ? -1 : Math.min(bound, closely) + pages.nowhere());
  }

  /** Whether none of the plans of its answer would be cheaper after a closer look at pages. */
  boolean isCloseEnough(LeafPlanning.Answer answer) {
    return answer.plans().stream()
        .mapToLong(plan -> plan.cost() - pages.nowhere())
        .allMatch(cost -> cost <= closely);
  }

  /** From the best state so far straight on, each time by what costs least from there. */
  private void finish(List<Map<Used, State>> states, int from) {
    for (int moment = from; moment < moments; moment++) {
      List<State> kept = kept(states.get(moment), moment);
      if (!kept.isEmpty()) {
        follow(kept.get(0), states, exact ? promise(kept.get(0), moment) : 0);
      }
    }
  }

  /**
   * How many leaves are used.
   *
   * @param ofKind how many of each kind; none of those that are not told
   */
  private record Used(int leaves, short[] ofKind) {
    @Override
    public boolean equals(Object other) {
      return other instanceof Used used
          && leaves == used.leaves
          && Arrays.equals(ofKind, used.ofKind);
    }

    @Override
    public int hashCode() {
      return 31 * Arrays.hashCode(ofKind) + leaves;
    }
  }

  /** How many are used with another leaf of a kind. */
  private Used and(Used used, int kind) {
    short[] next = used.ofKind();
    if (told[kind]) {
      next = next.clone();
      next[kind]++;
    }
    return new Used(used.leaves() + 1, next);
  }

  /**
   * So many moments are decided.
   *
   * @param kind the kind of the last leaf, or -1 where a moment was left out
   */
  private record State(int moment, Used used, long cost, @Nullable State before, int kind) {}

  /** The states of a moment that are gone on with, the most promising first. */
  private List<State> kept(Map<Used, State> states, int moment) {
    List<State> sorted = new ArrayList<>(states.values());
    sorted.sort(Comparator.comparingLong(state -> promise(state, moment)));
    if (sorted.size() <= MOST_STATES) {
      return sorted;
    }
    letGo = Math.min(letGo, promise(sorted.get(MOST_STATES), moment));
    return sorted.subList(0, MOST_STATES);
  }

  private long best(Map<Used, State> states, int moment) {
    return states.values().stream()
        .mapToLong(state -> promise(state, moment))
        .min()
        .orElse(PlacingCost.FORBIDDEN);
  }

  /** Tells what a whole plan costs at least that goes on from this state. */
  private long promise(State state, int moment) {
    return promise(state.cost(), state.used(), moment);
  }

  private long promise(long cost, Used used, int moment) {
    return rest.promise(cost, used.ofKind(), used.leaves(), moment);
  }

  /**
   * Goes on from a state: leaves the next moment out, or takes a leaf.
   *
   * @param upTo what a state may promise to cost; unless that is exact, of each kind of leaf the
   *     most promising state is gone on with in any case
   */
  private void follow(State state, List<Map<Used, State>> states, long upTo) {
    int from = state.moment();
    Used used = state.used();
    boolean anyLeaf = false;
    for (int kind = 0; kind < request.kinds().size() && used.leaves() < leaves; kind++) {
      if (used.ofKind()[kind] < rest.owned(kind)) {
        take(state, kind, states, upTo);
        anyLeaf = true;
      }
    }
    long without = state.cost() + pages.leftOut(from);
    long promise = promise(without, used, from + 1);
    if (!anyLeaf || promise <= upTo) {
      offer(states, new State(from + 1, used, without, state, -1));
    } else {
      letGo = Math.min(letGo, promise);
    }
  }

  private void take(State state, int kind, List<Map<Used, State>> states, long upTo) {
    int from = state.moment();
    Used used = and(state.used(), kind);
    long[] costs = pages.leaf(kind, pages.phase(used.leaves()), from);
    State best = null;
    long bestPromise = PlacingCost.FORBIDDEN;
    for (int taken = 1; taken < costs.length; taken++) {
      if (costs[taken] >= PlacingCost.FORBIDDEN) {
        continue;
      }
      long cost = state.cost() + costs[taken] + leafWeight;
      long promise = promise(cost, used, from + taken);
      if (promise <= upTo) {
        offer(states, new State(from + taken, used, cost, state, kind));
      } else {
        letGo = Math.min(letGo, promise);
      }
      if (promise < bestPromise) {
        bestPromise = promise;
        best = new State(from + taken, used, cost, state, kind);
      }
    }
    if (best != null && bestPromise > upTo && !exact) {
      offer(states, best);
    }
  }

  private void offer(List<Map<Used, State>> states, State state) {
    Map<Used, State> there = states.get(state.moment());
    State known = there.get(state.used());
    // Of ways that cost the same, the one that leaves the later leaf emptier.
    if (known == null || state.cost() <= known.cost()) {
      there.put(state.used(), state);
    }
    if (there.size() > MOST_WAITING) {
      List<State> kept = List.copyOf(kept(there, state.moment()));
      there.clear();
      kept.forEach(each -> there.put(each.used(), each));
    }
  }

  private LeafPlanning.Plan plan(State end) {
    List<State> way = new ArrayList<>();
    for (State state = end; state != null; state = state.before()) {
      way.add(state);
    }
    Collections.reverse(way);
    List<LeafPlanning.PlannedLeaf> planned = new ArrayList<>();
    for (State state : way) {
      if (state.kind() >= 0) {
        planned.add(
            pages.laid(
                state.kind(), state.used().leaves(), state.before().moment(), state.moment()));
      }
    }
    return new LeafPlanning.Plan(planned, end.cost() + pages.nowhere());
  }
}
