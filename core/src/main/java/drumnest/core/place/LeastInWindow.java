package drumnest.core.place;

/**
 * The least of the values in a window of a row whose two ends move only towards the beginning.
 * Source: sliding window minimum with a queue of candidates, common practice. Time: each value is
 * added and dropped once.
 */
final class LeastInWindow {

  private final int[] places;
  private final long[] values;

  /** The candidates: from the last that was added to the first, each less than the one before. */
  private int first;

  private int last;

  /**
   * @param most how many values there are at most
   */
  LeastInWindow(int most) {
    this.places = new int[most];
    this.values = new long[most];
    this.first = most;
    this.last = most;
  }

  /** Adds the value of a place before all others. */
  void add(int place, long value) {
    while (first < last && values[first] >= value) {
      first++;
    }
    first--;
    places[first] = place;
    values[first] = value;
  }

  /** The least of those up to a place; those after it are dropped. */
  long upTo(int place) {
    while (first < last && places[last - 1] > place) {
      last--;
    }
    return first < last ? values[last - 1] : PlacingCost.FORBIDDEN;
  }
}
