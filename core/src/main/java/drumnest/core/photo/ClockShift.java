package drumnest.core.photo;

import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * By how much one camera's clock must be shifted to agree with another's, read off pictures of the
 * same moments: each pair of lookalikes, one of each camera, says a shift; the one that most of the
 * pictures agree on within the minutes of one moment is suggested.
 *
 * <p>Method: the fullest window over the sorted differences; common practice, no source. Time:
 * pictures of one camera × pictures of the other.
 *
 * @param by what is to be added to the other camera's times
 * @param pairs how many of its pictures say so
 */
public record ClockShift(Duration by, int pairs) {

  private static final int FEWEST = 2;

  /** A pair of lookalikes: what must be added to the second's time. */
  private record Vote(long seconds, String photo) {}

  /**
   * @param reference pictures of the camera whose clock is right
   * @param other pictures of the camera that is to be shifted
   * @return a suggestion, if at least two pictures agree on it
   */
  public static Optional<ClockShift> suggest(
      List<StoryPhoto> reference, List<StoryPhoto> other, HouseRules rules) {
    List<Vote> votes = new ArrayList<>();
    for (StoryPhoto theirs : other) {
      for (StoryPhoto ours : reference) {
        if (theirs.takenAt() != null
            && ours.takenAt() != null
            && Lookalikes.oneMoment(ours, theirs, rules)) {
          votes.add(
              new Vote(
                  Duration.between(theirs.takenAt(), ours.takenAt()).toSeconds(), theirs.id()));
        }
      }
    }
    votes.sort((a, b) -> Long.compare(a.seconds(), b.seconds()));
    long width = Duration.ofMinutes(Math.max(1, rules.number(HouseRule.BURST_MINUTES))).toSeconds();
    int most = 0;
    Duration best = Duration.ZERO;
    for (int from = 0; from < votes.size(); from++) {
      Set<String> agreed = new HashSet<>();
      int to = from;
      while (to < votes.size() && votes.get(to).seconds() - votes.get(from).seconds() <= width) {
        agreed.add(votes.get(to).photo());
        to++;
      }
      if (agreed.size() > most) {
        most = agreed.size();
        best = Duration.ofSeconds(votes.get((from + to - 1) / 2).seconds());
      }
    }
    return most < FEWEST ? Optional.empty() : Optional.of(new ClockShift(best, most));
  }
}
