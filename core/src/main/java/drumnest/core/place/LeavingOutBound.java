package drumnest.core.place;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntUnaryOperator;

/**
 * A lower bound of the cost of a plan of leaves that leaves more moments out on some page than
 * pages were weighed with: if that is no less than what a plan costs that was found, looking at
 * pages more closely would find none better.
 *
 * <p>Each leaf is either one of those that were weighed, or a relaxed one. On a relaxed leaf every
 * moment costs what its cheapest place there does, wherever the others are, or what it costs
 * without a place; it has no more with a place than the leaf holds, and so many without one as were
 * not looked at. With {@code F} for what the rest costs at least, and {@code R} where a relaxed
 * leaf is still to come:
 *
 * <pre>
 * F(i) = min of leaf(i, j) + F(j), relaxed(i, j) + F(j), without(i) + F(i+1)
 * R(i) = min of leaf(i, j) + R(j), relaxed(i, j) + F(j), leftOut(i) + R(i+1)
 * </pre>
 *
 * <p>both by the number of the next leaf. Where a plan may have many leaves only the phases of
 * those are told apart, and that they are limited is told by a price of a leaf (Lagrangian
 * relaxation; Fisher 1981, from memory).
 *
 * <p>Time: moments × leaves told apart × the moments that the leaves of all kinds hold.
 */
final class LeavingOutBound {

  private static final long NEVER = PlacingCost.FORBIDDEN;

  /** No more leaves than these are all told apart. */
  private static final int FEW = 16;

  /**
   * The moments on relaxed leaves of a kind.
   *
   * @param upTo what those before each moment cost together
   * @param without how many of those before each moment cost least without a place
   * @param more how much more any of the others costs without one, at least
   */
  record Relaxed(long[] upTo, int[] without, long more) {

    /**
     * @param inPlace what each moment costs in its cheapest place, with what is saved by it
     * @param withoutPlace what each costs without one
     */
    static Relaxed of(long[] inPlace, long[] withoutPlace) {
      long[] upTo = new long[inPlace.length + 1];
      int[] without = new int[upTo.length];
      long more = NEVER;
      for (int i = 0; i < inPlace.length; i++) {
        boolean placed = inPlace[i] < withoutPlace[i];
        upTo[i + 1] = upTo[i] + Math.min(inPlace[i], withoutPlace[i]);
        without[i + 1] = without[i] + (placed ? 0 : 1);
        more = placed ? Math.min(more, withoutPlace[i] - inPlace[i]) : more;
      }
      return new Relaxed(upTo, without, more);
    }

    /** Tells what it costs at least to leave so many out that cost least in a place. */
    private long more(int wanting) {
      return more < NEVER ? wanting * more : wanting == 0 ? 0 : NEVER;
    }

    /** Tells what one more moment costs on a leaf that holds no more. */
    private long beyond(int moment) {
      long cost = upTo[moment + 1] - upTo[moment];
      return without[moment + 1] > without[moment] ? cost : cost + more;
    }
  }

  private final PageCosts pages;
  private final LeafCostToGo rest;
  private final int looked;
  private final int moments;

  private final LeafNumbers numbers;

  /** Whether all leaves are told apart; then the last row says that none is left. */
  private final boolean allTold;

  private final long leafPrice;

  private final Relaxed[] relaxed;

  /** By numbers and moments. */
  private final long[][] free;

  private final long[][] owing;

  /**
   * @param looked how many moments at most were left out on the pages that were weighed
   * @param leaves how many leaves a plan has at most
   */
  LeavingOutBound(PageCosts pages, LeafCostToGo rest, int looked, int leaves) {
    this.pages = pages;
    this.rest = rest;
    this.looked = looked;
    this.moments = pages.moments();
    this.allTold = leaves <= FEW;
    this.numbers = new LeafNumbers(pages, leaves);
    int rows = allTold ? leaves + 1 : numbers.count();
    this.leafPrice = allTold ? 0 : rest.leafPrice();
    this.relaxed = new Relaxed[rest.kinds()];
    for (int kind = 0; kind < relaxed.length; kind++) {
      relaxed[kind] = pages.relaxed(kind);
    }
    this.free = new long[rows][moments + 1];
    this.owing = new long[rows][moments + 1];
  }

  /** Tells what such a plan costs at least. */
  long least() {
    long dearer = rest.unlimited().map(this::dearer).orElse(-1L);
    return dearer < 0 ? leastOfAll() : rest.promise(0, new short[relaxed.length], 0, 0) + dearer;
  }

  /**
   * By how much at least a plan with relaxed leaves is dearer than the best without; below zero
   * where that cannot be told so simply. Measured by what the rest costs before and after it, none
   * of the other leaves makes a plan cheaper than the best, nor does a moment left out: each
   * relaxed leaf can be looked at by itself.
   *
   * @param known what the rest costs by numbers and moments, without relaxed leaves
   */
  private long dearer(long[][] known) {
    List<List<RelaxedLeaf>> relaxedLeaves = relaxedLeaves(known.length, numbers::next);
    long least = NEVER;
    for (int from = moments - 1; from >= 0; from--) {
      long without = without(from);
      for (int number = 0; number < known.length; number++) {
        if (without + known[number][from + 1] < known[number][from]) {
          return -1;
        }
        for (RelaxedLeaf leaf : relaxedLeaves.get(number)) {
          long costs = leaf.least(from, known[numbers.next(number)]);
          least = Math.min(least, costs - known[number][from]);
        }
      }
    }
    return least;
  }

  /** Tells what a moment costs at least that is left out after a relaxed leaf. */
  private long without(int moment) {
    long without = pages.leftOut(moment);
    for (Relaxed each : relaxed) {
      without = Math.min(without, each.beyond(moment));
    }
    return without;
  }

  private List<List<RelaxedLeaf>> relaxedLeaves(int rows, IntUnaryOperator next) {
    List<List<RelaxedLeaf>> leaves = new ArrayList<>();
    for (int number = 0; number < rows; number++) {
      List<RelaxedLeaf> of = new ArrayList<>();
      for (int kind = 0; next.applyAsInt(number) < rows && kind < relaxed.length; kind++) {
        if (rest.owned(kind) > 0) {
          of.add(new RelaxedLeaf(number, kind));
        }
      }
      leaves.add(of);
    }
    return leaves;
  }

  private long leastOfAll() {
    List<List<RelaxedLeaf>> relaxedLeaves = relaxedLeaves(free.length, this::next);
    for (long[] row : owing) {
      row[moments] = NEVER;
    }
    for (int from = moments - 1; from >= 0; from--) {
      long without = without(from);
      for (int number = 0; number < free.length; number++) {
        free[number][from] = without + free[number][from + 1];
        owing[number][from] = Math.min(NEVER, pages.leftOut(from) + owing[number][from + 1]);
        if (next(number) < free.length) {
          takeWeighed(number, from);
          takeRelaxed(number, from, relaxedLeaves.get(number));
        }
      }
    }
    return owing[0][0] - rest.priceOfAll(leafPrice);
  }

  /** The number of the leaf after the next one; none where that is the last. */
  private int next(int number) {
    return allTold ? number + 1 : numbers.next(number);
  }

  private void takeWeighed(int number, int from) {
    long[] costs = rest.cheapest(pages.phase(number + 1), from);
    long[] freeAfter = free[next(number)];
    long[] owingAfter = owing[next(number)];
    long leastFree = NEVER;
    long leastOwing = NEVER;
    for (int taken = 1; taken < costs.length; taken++) {
      leastFree = Math.min(leastFree, costs[taken] + freeAfter[from + taken]);
      leastOwing = Math.min(leastOwing, costs[taken] + owingAfter[from + taken]);
    }
    free[number][from] = Math.min(free[number][from], leastFree + leafPrice);
    owing[number][from] = Math.min(owing[number][from], leastOwing + leafPrice);
  }

  private void takeRelaxed(int number, int from, List<RelaxedLeaf> leaves) {
    for (RelaxedLeaf leaf : leaves) {
      long least = leaf.least(from, free[next(number)]);
      free[number][from] = Math.min(free[number][from], least);
      owing[number][from] = Math.min(owing[number][from], least);
    }
  }

  /** A relaxed leaf of a kind with a number; it is asked about the moments from the last on. */
  private final class RelaxedLeaf {
    private final Relaxed on;
    private final int holds;
    private final long cost;

    /**
     * By the moments that it may reach, with enough of them left out: what they and the rest cost.
     */
    private final LeastInWindow window;

    /** Up to the first moment with which enough are left out. */
    private int enough;

    private int last;

    RelaxedLeaf(int number, int kind) {
      int phase = pages.phase(number + 1);
      this.on = relaxed[kind];
      this.holds = pages.holds(kind, phase);
      this.cost = pages.empty(kind, phase) + rest.ofLeaf(kind) + leafPrice;
      this.window = new LeastInWindow(moments + 1);
      this.enough = moments + 1;
      this.last = moments;
    }

    /** Tells what it and the rest cost at least. */
    long least(int from, long[] after) {
      long[] upTo = on.upTo();
      int[] without = on.without();
      while (enough > from + 1 && without[enough - 1] - without[from] > looked) {
        enough--;
        window.add(enough, upTo[enough] + after[enough]);
      }
      while (last - without[last] - from + without[from] > holds) {
        last--;
      }
      long least = window.upTo(last);
      for (int to = from + 1; to < enough && to <= from + holds + looked + 1; to++) {
        long more = on.more(looked + 1 - without[to] + without[from]);
        least = Math.min(least, upTo[to] + more + after[to]);
      }
      return least - upTo[from] + cost;
    }
  }
}
