package drumnest.core.place;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * The two pages of a leaf, and what it costs once they are weighed: by the first moment, by how
 * many, as the cheapest way to break them over the two.
 */
final class LeafSides {

  /** That leaves of a kind have such pages in a phase. */
  record Use(int kind, int phase) {}

  final RequestedPages.Page front;
  final RequestedPages.Page back;
  final List<Use> uses = new ArrayList<>();

  /** The costs from each moment on; null where that is not kept. */
  private long @Nullable [][] kept;

  LeafSides(RequestedPages.Page front, RequestedPages.Page back) {
    this.front = front;
    this.back = back;
  }

  /** How many pictures have a place on it at most. */
  int most() {
    return front.most + back.most;
  }

  /** Keeps what it costs, from every moment up to one on. */
  void keep(int last) {
    long[][] costs = new long[last + 1][];
    IntStream.rangeClosed(0, last).parallel().forEach(from -> costs[from] = costs(from));
    kept = costs;
  }

  /** Tells what it costs from a moment on, by how many are on it. */
  long[] costs(int from) {
    if (kept != null) {
      return kept[from];
    }
    long[] costs = new long[mostFrom(from) + 1];
    weigh(from, costs);
    return costs;
  }

  /**
   * The costs, written where there is room for it unless it is kept.
   *
   * @param room for as many as can be on it and one more
   * @return where it is
   */
  long[] costs(int from, long[] room) {
    if (kept != null) {
      return kept[from];
    }
    weigh(from, room);
    return room;
  }

  /** How many moments can be on it from one on, with those that have no place there. */
  int mostFrom(int from) {
    int most = 0;
    for (int onFront = 0; onFront < front.costs[from].length; onFront++) {
      most = Math.max(most, onFront + back.costs[from + onFront].length - 1);
    }
    return most;
  }

  private void weigh(int from, long[] costs) {
    Arrays.fill(costs, 0, mostFrom(from) + 1, PlacingCost.FORBIDDEN);
    long[] fronts = front.costs[from];
    for (int onFront = 0; onFront < fronts.length; onFront++) {
      long[] onBack = back.costs[from + onFront];
      long before = fronts[onFront];
      for (int i = 0; i < onBack.length; i++) {
        long sum = before + onBack[i];
        if (sum < costs[onFront + i]) {
          costs[onFront + i] = sum;
        }
      }
    }
  }

  /** Of moments on it, the first that is on its back. */
  int split(int from, int to) {
    long[] fronts = front.costs[from];
    int best = 0;
    long least = PlacingCost.FORBIDDEN;
    for (int onFront = 0; onFront < fronts.length && from + onFront <= to; onFront++) {
      long[] onBack = back.costs[from + onFront];
      int left = to - from - onFront;
      if (left < onBack.length && fronts[onFront] + onBack[left] <= least) {
        least = fronts[onFront] + onBack[left];
        best = onFront;
      }
    }
    return from + best;
  }
}
