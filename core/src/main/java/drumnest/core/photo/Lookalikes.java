package drumnest.core.photo;

import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Groups of pictures that show one moment: neighbours on the line, taken shortly after each other,
 * whose fingerprints differ little. A group is a run of such neighbours. Method: common practice,
 * no source.
 */
public final class Lookalikes {

  private Lookalikes() {}

  /**
   * The group of each picture that has a lookalike, by picture; a picture that stands alone has
   * none. A group is named after its first picture.
   *
   * @param line the pictures in time order
   */
  public static Map<String, String> groups(List<StoryPhoto> line, HouseRules rules) {
    Map<String, String> groups = new LinkedHashMap<>();
    for (int i = 1; i < line.size(); i++) {
      StoryPhoto before = line.get(i - 1);
      StoryPhoto photo = line.get(i);
      if (alike(before, photo, rules)) {
        String group = groups.computeIfAbsent(before.id(), id -> id);
        groups.put(photo.id(), group);
      }
    }
    return groups;
  }

  private static boolean alike(StoryPhoto a, StoryPhoto b, HouseRules rules) {
    if (a.takenAt() == null
        || b.takenAt() == null
        || a.fingerprint() == null
        || b.fingerprint() == null) {
      return false;
    }
    Duration apart = Duration.between(a.takenAt(), b.takenAt()).abs();
    return apart.compareTo(Duration.ofMinutes(rules.number(HouseRule.BURST_MINUTES))) <= 0
        && a.fingerprint().distance(b.fingerprint()) <= rules.number(HouseRule.LOOKALIKE_BITS);
  }
}
