package drumnest.core.place;

import java.util.Arrays;

/**
 * The cost to go of a plan from each moment if it may use as many leaves as it likes, of every
 * kind. With {@code rest(i)} before a leaf and {@code back(kind, i)} before its back:
 *
 * <pre>
 * back(kind, i) = min of onBack(i, j) + rest(j)
 * rest(i) = min of leaf(kind) + onFront(i, j) + back(kind, j), without(i) + rest(i+1)
 * </pre>
 *
 * <p>both by the {@link LeafNumbers} of the leaf, and with something on every leaf.
 *
 * <p>Time: moments × leaves told apart × the moments that the pages of all kinds may take.
 */
final class UnlimitedCostToGo {

  private static final long NEVER = PlacingCost.FORBIDDEN;

  private final PageCosts pages;
  private final LeafCostToGo rest;
  private final LeafNumbers numbers;
  private final int moments;

  /** By numbers and moments. */
  private final long[][] costs;

  /** By numbers, kinds and moments. */
  private final long[][][] backs;

  UnlimitedCostToGo(PageCosts pages, LeafCostToGo rest, LeafNumbers numbers) {
    this.pages = pages;
    this.rest = rest;
    this.numbers = numbers;
    this.moments = pages.moments();
    this.costs = new long[numbers.count()][moments + 1];
    this.backs = new long[numbers.count()][rest.kinds()][moments + 1];
  }

  /** The costs by numbers and moments. */
  long[][] costs() {
    for (long[][] of : backs) {
      for (long[] each : of) {
        Arrays.fill(each, NEVER);
      }
    }
    for (int from = moments; from >= 0; from--) {
      for (int number = 0; number < costs.length; number++) {
        costs[number][from] = from == moments ? 0 : pages.leftOut(from) + costs[number][from + 1];
        for (int kind = 0; kind < rest.kinds(); kind++) {
          if (rest.owned(kind) > 0) {
            takeLeaf(number, kind, from);
          }
        }
      }
      emptyBacks(from);
    }
    return costs;
  }

  private void takeLeaf(int number, int kind, int from) {
    int phase = numbers.phase(number);
    long[] after = costs[numbers.next(number)];
    long[] onBack = pages.back(kind, phase, from);
    long back = NEVER;
    for (int taken = 1; taken < onBack.length; taken++) {
      back = Math.min(back, onBack[taken] + after[from + taken]);
    }
    long[] backsOf = backs[number][kind];
    backsOf[from] = back;
    long[] onFront = pages.front(kind, phase, from);
    long least = onFront[0] + back;
    for (int taken = 1; taken < onFront.length; taken++) {
      least = Math.min(least, onFront[taken] + backsOf[from + taken]);
    }
    costs[number][from] = Math.min(costs[number][from], least + rest.ofLeaf(kind));
  }

  /** A leaf that has something on its front may have nothing on its back. */
  private void emptyBacks(int from) {
    for (int number = 0; number < costs.length; number++) {
      for (int kind = 0; kind < rest.kinds(); kind++) {
        long[] onBack = pages.back(kind, numbers.phase(number), from);
        long empty = onBack[0] + costs[numbers.next(number)][from];
        backs[number][kind][from] = Math.min(backs[number][kind][from], empty);
      }
    }
  }
}
