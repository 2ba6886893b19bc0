package drumnest.core.place;

import drumnest.core.stock.HouseRule;
import java.util.Arrays;

/**
 * What the rest of a plan of leaves costs at least, from each moment and with so many leaves left,
 * if it did not matter how many of each kind there are. Kinds that are counted have prices, which
 * make this bound better (Lagrangian relaxation; Fisher 1981, from memory).
 *
 * <p>Time: moments × leaves × the moments that a leaf may take, for each round of prices; of the
 * leaves, those that are more than the rest can use cost nothing, for what it costs then comes
 * again with the phases.
 */
final class LeafRest {

  private static final int ROUNDS = 12;

  private final LeafPlanning.Request request;
  private final PageCosts pages;
  private final int moments;
  private final int leaves;
  private final long leafWeight;
  private final long[] price;
  private boolean priced;

  /** By the leaves that are left and by moments. */
  private long[][] ahead = {};

  /**
   * @param leaves how many leaves a plan has at most
   */
  LeafRest(LeafPlanning.Request request, PageCosts pages, int leaves) {
    this.request = request;
    this.pages = pages;
    this.moments = pages.moments();
    this.leaves = leaves;
    this.leafWeight = Weights.weight(request.rules(), HouseRule.LEAF_WEIGHT);
    this.price = new long[request.kinds().size()];
  }

  int kinds() {
    return price.length;
  }

  /** What a leaf of a kind costs, whatever is on it, at the price of its kind. */
  long ofLeaf(int kind) {
    return leafWeight + price[kind];
  }

  /** What a plan saves, about, that may use one leaf more. */
  long leafPrice() {
    // Of the same phase, so that nothing else makes a difference.
    int fewer = pages.cycle() < leaves ? pages.cycle() : 1;
    int with = fewer < leaves ? leaves - 1 : leaves;
    return Math.max(0, ahead[with - fewer][0] - ahead[with][0]) / fewer;
  }

  /** What all leaves that a plan may use have as prices. */
  long priceOfAll(long leafPrice) {
    long sum = leafPrice * leaves;
    for (int kind = 0; kind < price.length; kind++) {
      sum += price[kind] * owned(kind);
    }
    return sum;
  }

  /** How many leaves of a kind there are, as far as a plan can use them. */
  int owned(int kind) {
    Integer owned = request.kinds().get(kind).owned();
    return owned == null ? leaves : Math.min(leaves, owned);
  }

  /**
   * What a whole plan costs at least that has come so far.
   *
   * @param cost what it has cost
   * @param counts how many leaves of each kind it has used
   * @param used how many leaves that are
   */
  long promise(long cost, short[] counts, int used, int moment) {
    long sum = cost + ahead[leaves - used][moment];
    for (int kind = 0; priced && kind < price.length; kind++) {
      sum -= price[kind] * (owned(kind) - counts[kind]);
    }
    return Math.max(sum, cost);
  }

  /** Finds the prices at which the most is known of what the rest costs at least. */
  void findPrices() {
    ahead = leastAhead();
    boolean limited =
        request.kinds().stream().anyMatch(kind -> kind.owned() != null && kind.owned() < leaves);
    if (!limited) {
      return;
    }
    long bestBound = ahead[leaves][0];
    long[] bestPrice = price.clone();
    long step = PlacingCost.ONE / 2;
    for (int round = 0; round < ROUNDS; round++) {
      int[] used = used(ahead);
      boolean moved = false;
      for (int kind = 0; kind < price.length; kind++) {
        long next = bestPrice[kind] + step * (used[kind] - owned(kind));
        price[kind] = request.kinds().get(kind).owned() == null ? 0 : Math.max(0, next);
        moved |= price[kind] != bestPrice[kind];
      }
      if (!moved) {
        break;
      }
      long[][] found = leastAhead();
      long bound = found[leaves][0];
      for (int kind = 0; kind < price.length; kind++) {
        bound -= price[kind] * owned(kind);
      }
      if (bound > bestBound) {
        bestBound = bound;
        bestPrice = price.clone();
        ahead = found;
      } else {
        step /= 2;
      }
    }
    System.arraycopy(bestPrice, 0, price, 0, price.length);
    priced = Arrays.stream(price).anyMatch(each -> each > 0);
  }

  /** What the rest costs from each moment with so many leaves, at the prices of the moment. */
  private long[][] leastAhead() {
    long[][][] cheapest = new long[pages.phases()][moments][];
    for (int phase = 0; phase < cheapest.length; phase++) {
      for (int from = 0; from < moments; from++) {
        cheapest[phase][from] = cheapest(phase, from);
      }
    }
    long[][] least = new long[leaves + 1][];
    least[0] = leastOf(new long[moments][0], new long[0]);
    int cycle = pages.cycle();
    boolean again = false;
    for (int with = 1; with <= leaves; with++) {
      // The first leaf of all, which is the last to be looked at, can be of a phase of its own.
      again = with < leaves && (again || comesAgain(least, with - 1, cycle));
      least[with] = again ? least[with - cycle] : leastOf(cheapest[phase(with)], least[with - 1]);
    }
    return least;
  }

  private static boolean comesAgain(long[][] least, int with, int cycle) {
    return with >= cycle && Arrays.equals(least[with], least[with - cycle]);
  }

  /**
   * What the rest costs by moments.
   *
   * @param cheapest what the next leaf costs
   * @param after what the rest costs after that
   */
  private long[] leastOf(long[][] cheapest, long[] after) {
    long[] least = new long[moments + 1];
    for (int from = moments - 1; from >= 0; from--) {
      long sum = pages.leftOut(from) + least[from + 1];
      long[] costs = cheapest[from];
      for (int taken = 1; taken < costs.length; taken++) {
        sum = Math.min(sum, costs[taken] + after[from + taken]);
      }
      least[from] = sum;
    }
    return least;
  }

  /** The phase of the next leaf while so many are left. */
  private int phase(int with) {
    return pages.phase(leaves - with + 1);
  }

  /** What a leaf of the cheapest kind costs, by how many moments it takes. */
  long[] cheapest(int phase, int from) {
    long[] costs = new long[0];
    for (int kind = 0; kind < price.length; kind++) {
      long[] of = owned(kind) == 0 ? new long[0] : pages.leaf(kind, phase, from);
      if (of.length > costs.length) {
        int known = costs.length;
        costs = Arrays.copyOf(costs, of.length);
        Arrays.fill(costs, known, costs.length, PlacingCost.FORBIDDEN);
      }
      for (int taken = 1; taken < of.length; taken++) {
        costs[taken] = Math.min(costs[taken], of[taken] + ofLeaf(kind));
      }
    }
    return costs;
  }

  /** How many of each kind the cheapest way uses at the prices that {@code least} was found at. */
  private int[] used(long[][] least) {
    int[] used = new int[price.length];
    int with = leaves;
    int from = 0;
    while (from < moments) {
      int kindUsed = -1;
      int takenBy = 1;
      for (int kind = 0; kind < price.length && with > 0; kind++) {
        long[] costs = pages.leaf(kind, phase(with), from);
        for (int taken = 1; taken < costs.length; taken++) {
          long sum = costs[taken] + ofLeaf(kind) + least[with - 1][from + taken];
          if (costs[taken] < PlacingCost.FORBIDDEN && sum == least[with][from]) {
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
}
