package drumnest.core.photo;

import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Divides the line into chapters at the largest gaps in time, and where the maker says so.
 *
 * <p>As many chapters as wanted are had by cutting at the largest gaps. Where no number is wanted,
 * the pauses follow the pictures, so that a chapter is usually worth a page or more: first it is
 * cut at every gap longer than the house rule; then, on a line long enough for two chapters worth a
 * page, the smallest chapter that is not worth one joins its neighbour across the shorter gap,
 * again and again, so that a year of scattered pictures is told in seasons; and a chapter worth
 * several pages is cut at its longest gap, where that stands out among its gaps and leaves a page's
 * worth on both sides, so that a day is told in its parts. Midnight is no border: a night that goes
 * on past it is one chapter. Pictures without a time are a chapter of their own. The maker's word
 * goes before all that: a picture that begins a chapter, and one that joins the chapter before.
 * Source: common practice, no source.
 */
public final class Chapters {

  /** How many pages a chapter is worth before it is cut. */
  private static final int SEVERAL = 4;

  /** How many times as long as usual a gap is that stands out. */
  private static final int STANDS_OUT = 4;

  private Chapters() {}

  /**
   * @param line the pictures in time order, those that were dropped among them, so that dropping
   *     one moves no border
   * @param wanted how many chapters the pictures with a time are to have, before the maker's word;
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
    StoryPhoto.Border said = photo.grouping().border();
    return said == null ? computed : said == StoryPhoto.Border.BEGINS;
  }

  private static Chapter chapter(List<StoryPhoto> photos) {
    return new Chapter(
        photos.get(0).takenAt(),
        photos.stream()
            .map(photo -> photo.grouping().chapterName())
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
      borders.addAll(byPauses(line, dated, rules));
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

  /** The borders among the pictures with a time, by pauses that follow them. */
  private static TreeSet<Integer> byPauses(List<StoryPhoto> line, int dated, HouseRules rules) {
    Duration pause = Duration.ofHours(rules.number(HouseRule.CHAPTER_GAP_HOURS));
    int page = (int) rules.number(HouseRule.CHAPTER_PHOTOS);
    TreeSet<Integer> borders = new TreeSet<>();
    IntStream.range(1, dated).filter(i -> gap(line, i).compareTo(pause) > 0).forEach(borders::add);
    if (dated >= 2 * page) {
      joinSmall(line, dated, page, borders);
      cutLarge(line, dated, page, borders);
    }
    return borders;
  }

  private static void joinSmall(
      List<StoryPhoto> line, int dated, int page, TreeSet<Integer> borders) {
    while (!borders.isEmpty()) {
      int smallest = 0;
      for (int begin : borders) {
        if (end(borders, begin, dated) - begin < end(borders, smallest, dated) - smallest) {
          smallest = begin;
        }
      }
      int end = end(borders, smallest, dated);
      if (end - smallest >= page) {
        return;
      }
      boolean before =
          smallest > 0 && (end == dated || gap(line, smallest).compareTo(gap(line, end)) <= 0);
      borders.remove(before ? smallest : end);
    }
  }

  private static void cutLarge(
      List<StoryPhoto> line, int dated, int page, TreeSet<Integer> borders) {
    Deque<Integer> begins = new ArrayDeque<>(borders);
    begins.addFirst(0);
    while (!begins.isEmpty()) {
      int begin = begins.removeFirst();
      int end = end(borders, begin, dated);
      if (end - begin <= SEVERAL * page) {
        continue;
      }
      int longest =
          IntStream.rangeClosed(begin + page, end - page)
              .boxed()
              .max(Comparator.comparing(i -> gap(line, i)))
              .orElseThrow();
      List<Duration> gaps =
          IntStream.range(begin + 1, end).mapToObj(i -> gap(line, i)).sorted().toList();
      Duration usual = gaps.get(gaps.size() / 2);
      if (gap(line, longest).compareTo(usual.multipliedBy(STANDS_OUT)) > 0) {
        borders.add(longest);
        begins.addFirst(longest);
        begins.addFirst(begin);
      }
    }
  }

  /** Where the chapter ends that begins here. */
  private static int end(TreeSet<Integer> borders, int begin, int dated) {
    Integer next = borders.higher(begin);
    return next == null ? dated : next;
  }

  private static Duration gap(List<StoryPhoto> line, int i) {
    LocalDateTime before = line.get(i - 1).takenAt();
    LocalDateTime at = line.get(i).takenAt();
    return before == null || at == null ? Duration.ZERO : Duration.between(before, at);
  }
}
