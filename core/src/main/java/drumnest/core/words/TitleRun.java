package drumnest.core.words;

import drumnest.core.measure.Length;
import drumnest.core.stock.LetterSet;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A title of letters from a set: the sum of their widths and a spacing between them, or, stacked,
 * of their heights. Source: common practice, no source.
 *
 * @param length from the beginning of the first letter to the end of the last
 * @param starts where each letter begins
 */
public record TitleRun(Length length, List<Length> starts) {

  public TitleRun {
    starts = List.copyOf(starts);
  }

  /**
   * @param extents how long each letter is along the run, at least one
   */
  public static TitleRun of(List<Length> extents, Length spacing) {
    List<Length> starts = new ArrayList<>();
    Length at = Length.ZERO;
    for (Length extent : extents) {
      starts.add(at);
      at = at.plus(extent).plus(spacing);
    }
    return new TitleRun(at.minus(spacing), starts);
  }

  /**
   * Where each letter begins when the last one ends at {@code end}: set from the last backwards.
   */
  public List<Length> startsFromEnd(Length end) {
    return starts.stream().map(start -> start.plus(end.minus(length))).toList();
  }

  /**
   * Tells what the stock of a letter set lacks for a text. A letter is taken as it is written, then
   * without regard to case; a space needs none.
   *
   * @param stock how many there are of each letter
   * @return how many are missing of each letter, as the stock names it, in the order of the text
   */
  public static Map<String, Integer> missing(String text, Map<String, Integer> stock) {
    Map<String, Integer> left = new LinkedHashMap<>(stock);
    Map<String, Integer> missing = new LinkedHashMap<>();
    text.codePoints()
        .filter(letter -> !Character.isWhitespace(letter))
        .mapToObj(Character::toString)
        .forEach(
            letter -> {
              String name = LetterSet.named(letter, left).orElse(letter);
              int there = left.getOrDefault(name, 0);
              if (there > 0) {
                left.put(name, there - 1);
              } else {
                missing.merge(name, 1, Integer::sum);
              }
            });
    return missing;
  }
}
