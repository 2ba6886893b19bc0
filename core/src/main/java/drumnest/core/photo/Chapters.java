package drumnest.core.photo;

import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Divides the line into chapters at the largest gaps in time, and where the maker says so.
 *
 * <p>As many chapters as wanted are had by cutting at the largest gaps; where no number is wanted,
 * at every gap longer than the house rule. Midnight is no border: a night that goes on past it is
 * one chapter. Pictures without a time are a chapter of their own. Then the maker's marks count: a
 * picture that begins a chapter, and one that joins the chapter before. Source: common practice, no
 * source.
 */
public final class Chapters {

  private Chapters() {}

  /**
   * @param line the pictures in time order, those that were dropped among them, so that dropping
   *     one moves no border
   * @param wanted how many chapters the pictures with a time are to have, before the maker's marks;
   *     null for as many as the house rule makes
   */
  public static List<Chapter> divide(
      List<StoryPhoto> line, @Nullable Integer wanted, HouseRules rules) {
    Set<Integer> borders = borders(line, wanted, rules);
    List<Chapter> chapters = new ArrayList<>();
    List<StoryPhoto> open = new ArrayList<>();
    for (int i = 0; i < line.size(); i++) {
      if (!open.isEmpty() && begins(line.get(i), borders.contains(i))) {
        chapters.add(chapter(open));
        open.clear();
      }
      open.add(line.get(i));
    }
    if (!open.isEmpty()) {
      chapters.add(chapter(open));
    }
    return chapters;
  }

  private static boolean begins(StoryPhoto photo, boolean computed) {
    StoryPhoto.Border said = photo.marks().border();
    return said == null ? computed : said == StoryPhoto.Border.BEGINS;
  }

  private static Chapter chapter(List<StoryPhoto> photos) {
    return new Chapter(
        photos.get(0).takenAt(),
        photos.stream()
            .map(photo -> photo.marks().chapterName())
            .filter(name -> name != null)
            .findFirst()
            .orElse(null),
        photos);
  }

  /** Before which pictures, by their index, a border is computed. */
  private static Set<Integer> borders(
      List<StoryPhoto> line, @Nullable Integer wanted, HouseRules rules) {
    int dated = (int) line.stream().takeWhile(photo -> photo.takenAt() != null).count();
    Set<Integer> borders = new HashSet<>();
    if (dated < line.size()) {
      borders.add(dated);
    }
    if (wanted == null) {
      Duration pause = Duration.ofHours(rules.number(HouseRule.CHAPTER_GAP_HOURS));
      IntStream.range(1, dated)
          .filter(i -> gap(line, i).compareTo(pause) > 0)
          .forEach(borders::add);
    } else {
      IntStream.range(1, dated)
          .boxed()
          .filter(i -> !gap(line, i).isZero())
          .sorted(Comparator.comparing((Integer i) -> gap(line, i)).reversed())
          .limit(Math.max(0, wanted - 1))
          .forEach(borders::add);
    }
    return borders;
  }

  private static Duration gap(List<StoryPhoto> line, int i) {
    LocalDateTime before = line.get(i - 1).takenAt();
    LocalDateTime at = line.get(i).takenAt();
    return before == null || at == null ? Duration.ZERO : Duration.between(before, at);
  }
}
