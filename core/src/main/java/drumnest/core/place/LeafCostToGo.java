package drumnest.core.place;

import drumnest.core.stock.HouseRule;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.IntConsumer;
import java.util.stream.IntStream;

/**
 * A lower bound of the cost to go of a plan of leaves, from each moment and after so many leaves,
 * if it did not matter how many of each kind there are. Kinds that are counted have prices, which
 * make this bound better (Lagrangian relaxation; Fisher 1981, from memory).
 *
 * <p>Where the best plan uses no more leaves than it may, only their {@link LeafNumbers} matter;
 * else also how many are left.
 *
 * <p>Time: moments × leaves × the moments that a leaf may take, for each round of prices; of the
 * leaves, those that are more than the rest can use cost nothing, for what it costs then comes
 * again with the phases.
 */
final class LeafCostToGo {

  private static final int ROUNDS = 12;

  /** Fewer moments are looked at sooner than shared out among processors. */
  private static final int MANY = 1000;

  private final LeafPlanning.Request request;
  private final PageCosts pages;
  private final int moments;
  private final int leaves;
  private final long leafWeight;
  private final long[] price;
  private boolean priced;
  private Ahead ahead;

  /** By phases and moments; empty where not known yet. */
  private long[][][] cheapest = {};

  /**
   * The costs ahead at some prices.
   *
   * @param rest what the rest costs, by rows and moments
   * @param unlimited whether that is if there were as many leaves as anyone likes
   * @param rowOf the row by how many leaves are used
   */
  private record Ahead(long[][] rest, boolean unlimited, int[] rowOf) {

    private long of(int used, int moment) {
      return rest[rowOf[used]][moment];
    }

    private long all() {
      return of(0, 0);
    }
  }

  /**
   * @param leaves how many leaves a plan has at most
   */
  LeafCostToGo(LeafPlanning.Request request, PageCosts pages, int leaves) {
    this.request = request;
    this.pages = pages;
    this.moments = pages.moments();
    this.leaves = leaves;
    this.leafWeight = Weights.weight(request.rules(), HouseRule.LEAF_WEIGHT);
    this.price = new long[request.kinds().size()];
    this.ahead = new Ahead(new long[0][], false, new int[0]);
  }

  int kinds() {
    return price.length;
  }

  /** Tells what a leaf of a kind costs, whatever is on it, at the price of its kind. */
  long ofLeaf(int kind) {
    return leafWeight + price[kind];
  }

  /** Tells what a plan saves, about, that may use one leaf more. */
  long leafPrice() {
    // Of the same phase, so that nothing else makes a difference.
    int fewer = pages.cycle() + 1 < leaves ? pages.cycle() : 0;
    return fewer == 0 ? 0 : Math.max(0, ahead.of(1 + fewer, 0) - ahead.of(1, 0)) / fewer;
  }

  /** Tells what all leaves that a plan may use have as prices. */
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
   * Tells what a whole plan costs at least that has come so far.
   *
   * @param cost what it has cost
   * @param counts how many leaves of each kind it has used
   * @param used how many leaves that are
   */
  long promise(long cost, short[] counts, int used, int moment) {
    long sum = cost + ahead.of(used, moment);
    for (int kind = 0; priced && kind < price.length; kind++) {
      sum -= price[kind] * (owned(kind) - counts[kind]);
    }
    return Math.max(sum, cost);
  }

  /** Finds the prices at which the most is known of what the rest costs at least. */
  void findPrices() {
    ahead = ahead();
    boolean limited =
        request.kinds().stream().anyMatch(kind -> kind.owned() != null && kind.owned() < leaves);
    if (!limited) {
      return;
    }
    long bestBound = ahead.all();
    long[] bestPrice = price.clone();
    long step = PlacingCost.ONE / 2;
    for (int round = 0; round < ROUNDS; round++) {
      System.arraycopy(bestPrice, 0, price, 0, price.length);
      int[] used = way(ahead).used();
      boolean moved = false;
      for (int kind = 0; kind < price.length; kind++) {
        long next = bestPrice[kind] + step * (used[kind] - owned(kind));
        price[kind] = request.kinds().get(kind).owned() == null ? 0 : Math.max(0, next);
        moved |= price[kind] != bestPrice[kind];
      }
      if (!moved) {
        break;
      }
      Ahead found = ahead();
      long bound = found.all() - priceOfAll(0);
      if (bound > bestBound) {
        bestBound = bound;
        bestPrice = price.clone();
        ahead = found;
      } else {
        step /= 2;
      }
    }
    System.arraycopy(bestPrice, 0, price, 0, price.length);
    cheapest = new long[0][][];
    priced = Arrays.stream(price).anyMatch(each -> each > 0);
  }

  /**
   * Tells what a leaf of the cheapest kind costs, by how many moments it takes, at the prices that
   * were found.
   */
  long[] cheapest(int phase, int from) {
    if (cheapest.length == 0) {
      cheapest = cheapest();
    }
    return cheapest[phase][from];
  }

  /**
   * Tells what is ahead by {@link LeafNumbers} and moments, where no plan is better that may use as
   * many leaves as it likes.
   */
  Optional<long[][]> unlimited() {
    return ahead.unlimited() ? Optional.of(ahead.rest()) : Optional.empty();
  }

  /** Tells what is ahead at the prices of the moment. */
  private Ahead ahead() {
    if (leaves > 0) {
      LeafNumbers numbers = new LeafNumbers(pages, leaves);
      Ahead unlimited =
          new Ahead(
              new UnlimitedCostToGo(pages, this, numbers).costs(),
              true,
              IntStream.rangeClosed(0, leaves).map(numbers::after).toArray());
      if (isEnough(unlimited)) {
        return unlimited;
      }
    }
    cheapest = cheapest();
    return limited(cheapest);
  }

  /** Tells what the next leaf costs, by phases and moments, and by how many it takes. */
  private long[][][] cheapest() {
    long[][][] of = new long[pages.phases()][moments][];
    for (long[][] phase : of) {
      Arrays.fill(phase, new long[0]);
    }
    fromEverywhere(
        from ->
            pages.leaves(
                from,
                (kind, phase, costs, most) -> {
                  if (owned(kind) > 0) {
                    of[phase][from] = cheaper(of[phase][from], costs, most, ofLeaf(kind));
                  }
                }));
    return of;
  }

  private void fromEverywhere(IntConsumer work) {
    IntStream all = IntStream.range(0, moments);
    (moments < MANY ? all : all.parallel()).forEach(work);
  }

  private static long least(long[] costs, long[] after, int from) {
    long least = PlacingCost.FORBIDDEN;
    for (int taken = 1; taken < costs.length; taken++) {
      least = Math.min(least, costs[taken] + after[from + taken]);
    }
    return least;
  }

  /** Tells what is ahead by how many leaves are left. */
  private Ahead limited(long[][][] cheapest) {
    long[][] least = new long[leaves + 1][];
    least[0] = leastOf(new long[moments][0], new long[0]);
    int cycle = pages.cycle();
    boolean again = false;
    for (int with = 1; with <= leaves; with++) {
      // The first leaf of all, which is the last to be looked at, can be of a phase of its own.
      again = with < leaves && (again || comesAgain(least, with - 1, cycle));
      long[][] next = cheapest[pages.phase(leaves - with + 1)];
      least[with] = again ? least[with - cycle] : leastOf(next, least[with - 1]);
    }
    return new Ahead(
        least, false, IntStream.rangeClosed(0, leaves).map(used -> leaves - used).toArray());
  }

  private static boolean comesAgain(long[][] least, int with, int cycle) {
    return with >= cycle && Arrays.equals(least[with], least[with - cycle]);
  }

  /**
   * Tells what the rest costs by moments.
   *
   * @param cheapest what the next leaf costs
   * @param after what the rest costs after that
   */
  private long[] leastOf(long[][] cheapest, long[] after) {
    long[] least = new long[moments + 1];
    fromEverywhere(from -> least[from] = least(cheapest[from], after, from));
    for (int from = moments - 1; from >= 0; from--) {
      least[from] = Math.min(least[from], pages.leftOut(from) + least[from + 1]);
    }
    return least;
  }

  /** The cheaper of what is known and another leaf, by how many moments it takes. */
  private static long[] cheaper(long[] known, long[] costs, int most, long leaf) {
    long[] cheaper = known;
    if (most >= known.length) {
      cheaper = Arrays.copyOf(known, most + 1);
      Arrays.fill(cheaper, known.length, most + 1, PlacingCost.FORBIDDEN);
    }
    for (int taken = 1; taken <= most; taken++) {
      cheaper[taken] = Math.min(cheaper[taken], costs[taken] + leaf);
    }
    return cheaper;
  }

  /**
   * The cheapest way at the prices of the moment, up to where it has used all leaves.
   *
   * @param used how many leaves of each kind
   * @param moment up to where
   */
  private record Way(int[] used, int moment) {
    int leaves() {
      return IntStream.of(used).sum();
    }
  }

  private Way way(Ahead by) {
    int[] used = new int[price.length];
    int leavesUsed = 0;
    int from = 0;
    while (from < moments && leavesUsed < leaves) {
      int kindUsed = -1;
      int takenBy = 1;
      for (int kind = 0; kind < price.length; kind++) {
        long[] costs = pages.leaf(kind, pages.phase(leavesUsed + 1), from);
        for (int taken = 1; taken < costs.length && owned(kind) > 0; taken++) {
          long sum = costs[taken] + ofLeaf(kind) + by.of(leavesUsed + 1, from + taken);
          if (costs[taken] < PlacingCost.FORBIDDEN && sum == by.of(leavesUsed, from)) {
            kindUsed = kind;
            takenBy = taken;
          }
        }
      }
      if (kindUsed >= 0) {
        used[kindUsed]++;
        leavesUsed++;
      }
      from += kindUsed >= 0 ? takenBy : 1;
    }
    return new Way(used, from);
  }

  /** Whether the cheapest way needs no more leaves than a plan may use. */
  private boolean isEnough(Ahead unlimited) {
    Way way = way(unlimited);
    long leftOut = 0;
    for (int moment = way.moment(); moment < moments; moment++) {
      leftOut += pages.leftOut(moment);
    }
    return unlimited.of(way.leaves(), way.moment()) == leftOut;
  }
}
