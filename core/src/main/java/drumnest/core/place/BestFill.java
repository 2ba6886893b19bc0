package drumnest.core.place;

/** The cheapest ways to have the place before filled, by pictures of two different groups. */
final class BestFill {

  /** Of a picture that looks like no other. */
  static final int ALONE = -1;

  private final long alike;
  private int first = -1;
  private long firstCost = PlacingCost.FORBIDDEN;
  private int firstGroup = ALONE;
  private int second = -1;
  private long secondCost = PlacingCost.FORBIDDEN;
  private long found;
  private int foundAt;

  BestFill(long alike) {
    this.alike = alike;
  }

  /** A moment is left out since. */
  void leaveOut(long costs) {
    firstCost = firstCost >= PlacingCost.FORBIDDEN ? PlacingCost.FORBIDDEN : firstCost + costs;
    secondCost = secondCost >= PlacingCost.FORBIDDEN ? PlacingCost.FORBIDDEN : secondCost + costs;
  }

  /**
   * @param group the lookalikes that the picture is of, or {@link #ALONE}
   */
  void offer(int state, long cost, int group) {
    if (cost < firstCost) {
      if (group == ALONE || group != firstGroup) {
        second = first;
        secondCost = firstCost;
      }
      first = state;
      firstCost = cost;
      firstGroup = group;
    } else if (cost < secondCost && (group == ALONE || group != firstGroup)) {
      second = state;
      secondCost = cost;
    }
  }

  /** Looks for the cheapest of them before a picture of this group. */
  void find(int group) {
    found = firstCost;
    foundAt = first;
    if (group != ALONE && group == firstGroup && firstCost < PlacingCost.FORBIDDEN) {
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
