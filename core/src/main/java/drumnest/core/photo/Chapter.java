package drumnest.core.photo;

import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A run of pictures on the line that belong together: taken without a long pause and on one day.
 *
 * @param begin when its first picture was taken; null for the pictures without a time
 * @param photos its pictures, in the order of the line
 */
public record Chapter(@Nullable LocalDateTime begin, List<StoryPhoto> photos) {

  public Chapter {
    photos = List.copyOf(photos);
  }

  /**
   * Divides the line into chapters: a new one begins with a new day, after a pause longer than the
   * house rule, and where the pictures without a time begin. Source: common practice, no source.
   *
   * @param line the pictures in time order
   */
  public static List<Chapter> divide(List<StoryPhoto> line, HouseRules rules) {
    Duration pause = Duration.ofHours(rules.number(HouseRule.CHAPTER_GAP_HOURS));
    List<Chapter> chapters = new ArrayList<>();
    List<StoryPhoto> open = new ArrayList<>();
    for (StoryPhoto photo : line) {
      if (!open.isEmpty() && begins(open.get(open.size() - 1), photo, pause)) {
        chapters.add(new Chapter(open.get(0).takenAt(), open));
        open.clear();
      }
      open.add(photo);
    }
    if (!open.isEmpty()) {
      chapters.add(new Chapter(open.get(0).takenAt(), open));
    }
    return chapters;
  }

  private static boolean begins(StoryPhoto before, StoryPhoto photo, Duration pause) {
    LocalDateTime then = before.takenAt();
    LocalDateTime now = photo.takenAt();
    if (then == null || now == null) {
      return then != null || now != null;
    }
    return !then.toLocalDate().equals(now.toLocalDate())
        || Duration.between(then, now).compareTo(pause) > 0;
  }
}
