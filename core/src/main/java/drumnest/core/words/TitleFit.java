package drumnest.core.words;

import drumnest.core.album.ephemera.TitleWords;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LetterSet;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A title on its run: where each of its letters begins, which of them there are too few of, and
 * whether it fits. A letter is taken from its set; where that has none left, from the second one. A
 * word that a set has as one piece, cut from a bought phrase at its gaps, is set as that piece.
 * Source: common practice, no source.
 *
 * @param letters its letters in order, spaces among them
 * @param length from the beginning of the first letter to the end of the last
 * @param missing how many are missing of each letter
 * @param verdict whether it fits its run
 * @param border the size of what it takes of its page or photo, with its margins
 */
public record TitleFit(
    List<Letter> letters,
    Length length,
    Map<String, Integer> missing,
    Verdict verdict,
    Size border) {

  /** Whether a title fits its run. */
  public enum Verdict {
    FITS,
    TOO_LONG,
    TOO_SHORT
  }

  /**
   * A letter.
   *
   * @param text as its set has it, where its letters are counted: a set of capitals gives capitals
   * @param start where it begins along the run
   * @param extent how long it is along it
   * @param measured whether that was measured, rather than estimated
   * @param from the set it is taken from; null where there is none left, and for a space
   */
  public record Letter(
      String text, Length start, Length extent, boolean measured, @Nullable LetterSet from) {

    public Length end() {
      return start.plus(extent);
    }
  }

  public TitleFit {
    letters = List.copyOf(letters);
  }

  /**
   * @param left how many letters are left of each set that is counted, by the sets
   */
  public static TitleFit of(
      TitleWords title,
      LetterSet set,
      @Nullable LetterSet second,
      Map<LetterSet, Map<String, Integer>> left,
      Typefaces faces,
      HouseRules rules) {
    Typeface plain = faces.face(Typefaces.PLAIN);
    Map<LetterSet, Map<String, Integer>> box = new LinkedHashMap<>();
    left.forEach((each, letters) -> box.put(each, new LinkedHashMap<>(letters)));
    LetterWidths own = new LetterWidths(set, plain, rules.trimmerIncrement());
    LetterWidths others =
        second == null ? own : new LetterWidths(second, plain, rules.trimmerIncrement());
    Map<String, Integer> missing = new LinkedHashMap<>();
    List<Letter> taken = new ArrayList<>();
    Length across = Length.ZERO;
    for (String text : pieces(title.text().strip(), set)) {
      boolean space = text.isBlank();
      LetterSet from = space ? null : taken(text, set, second, box).orElse(null);
      if (!space && from == null) {
        missing.merge(set.asInBox(text), 1, Integer::sum);
      }
      LetterSet measure = from == null ? set : from;
      String piece = measure.asInBox(text);
      LetterWidths widths = measure.equals(second) ? others : own;
      Length width = widths.width(piece);
      across = across.max(title.stacked() ? width : measure.height());
      taken.add(
          new Letter(
              piece,
              Length.ZERO,
              title.stacked() ? measure.height() : width,
              title.stacked() || widths.isMeasured(piece),
              from));
    }
    return placed(title, taken, missing, across, rules);
  }

  /** The letters of a title, and the words that the set has in one piece. */
  private static List<String> pieces(String text, LetterSet set) {
    List<String> pieces = new ArrayList<>();
    for (String word : text.split("(?<=\\s)|(?=\\s)")) {
      if (word.codePointCount(0, word.length()) > 1
          && LetterSet.named(word, set.widths()).isPresent()) {
        pieces.add(word);
      } else {
        word.codePoints().mapToObj(Character::toString).forEach(pieces::add);
      }
    }
    return pieces;
  }

  private static Optional<LetterSet> taken(
      String letter,
      LetterSet set,
      @Nullable LetterSet second,
      Map<LetterSet, Map<String, Integer>> box) {
    if (take(letter, set, box)) {
      return Optional.of(set);
    }
    return second != null && take(letter, second, box) ? Optional.of(second) : Optional.empty();
  }

  private static boolean take(
      String letter, LetterSet set, Map<LetterSet, Map<String, Integer>> box) {
    Map<String, Integer> left = box.get(set);
    if (left == null) {
      return true;
    }
    String name = LetterSet.named(letter, left).orElse(letter);
    int there = left.getOrDefault(name, 0);
    left.put(name, Math.max(0, there - 1));
    return there > 0;
  }

  private static TitleFit placed(
      TitleWords title,
      List<Letter> taken,
      Map<String, Integer> missing,
      Length across,
      HouseRules rules) {
    TitleRun run = TitleRun.of(taken.stream().map(Letter::extent).toList(), title.spacing());
    Length length = taken.isEmpty() ? Length.ZERO : run.length();
    List<Length> starts = title.fromEnd() ? run.startsFromEnd(title.run()) : run.starts();
    List<Letter> letters = new ArrayList<>();
    for (int i = 0; i < taken.size(); i++) {
      Letter each = taken.get(i);
      letters.add(
          new Letter(each.text(), starts.get(i), each.extent(), each.measured(), each.from()));
    }
    Length margins = rules.length(HouseRule.TITLE_MARGIN).times(2);
    Size border =
        title.stacked()
            ? new Size(across.plus(margins), length)
            : new Size(length, across.plus(margins));
    return new TitleFit(letters, length, missing, verdict(title.run(), length, rules), border);
  }

  private static Verdict verdict(Length run, Length length, HouseRules rules) {
    if (length.isMoreThan(run)) {
      return Verdict.TOO_LONG;
    }
    return length.isLessThan(run.times(rules.number(HouseRule.TITLE_SHORT), 100))
        ? Verdict.TOO_SHORT
        : Verdict.FITS;
  }

  /** Whether it can be set as it stands: it fits, and no letter is missing. */
  public boolean works() {
    return verdict != Verdict.TOO_LONG && missing.isEmpty();
  }

  /** How many letters it takes of each set, by the names the sets have for them. */
  public static Map<String, Integer> used(TitleFit fit, LetterSet set) {
    Map<String, Integer> used = new LinkedHashMap<>();
    for (Letter letter : fit.letters()) {
      if (set.equals(letter.from())) {
        used.merge(letter.text(), 1, Integer::sum);
      }
    }
    return used;
  }
}
