package drumnest.core.place;

import java.util.List;

/** The cheapest ways to have the place before filled, by pictures of two different groups. */
final class BestFill {
  private final List<Candidate> candidates;
  private final long alike;
  private int first = -1;
  private long firstCost = PlacingCost.FORBIDDEN;
  private Candidate firstPicture;
  private int second = -1;
  private long secondCost = PlacingCost.FORBIDDEN;
  private long found;
  private int foundAt;

  BestFill(List<Candidate> candidates, long alike) {
    this.candidates = candidates;
    this.alike = alike;
  }

  /** A moment is left out since. */
  void leaveOut(long costs) {
    firstCost = firstCost >= PlacingCost.FORBIDDEN ? PlacingCost.FORBIDDEN : firstCost + costs;
    secondCost = secondCost >= PlacingCost.FORBIDDEN ? PlacingCost.FORBIDDEN : secondCost + costs;
  }

  void offer(int state, long cost, int picture) {
    if (cost >= PlacingCost.FORBIDDEN) {
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
    if (firstCost < PlacingCost.FORBIDDEN && firstPicture.looksLike(candidates.get(picture))) {
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
