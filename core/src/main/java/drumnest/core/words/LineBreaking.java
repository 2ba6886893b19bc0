package drumnest.core.words;

import drumnest.core.measure.Length;
import java.text.BreakIterator;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.IntToLongFunction;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Breaks a paragraph into lines: each takes as many words as it holds, spaces at its end hang over.
 * Where a line may end is told by the {@link BreakIterator} of the JDK, which knows scripts without
 * spaces; a word that is longer than a line is broken between letters as they are seen, so that no
 * accent comes off. A line always takes one letter at least.
 *
 * <p>Running time: n log n in the letters of the text. Source: common practice, no source.
 */
final class LineBreaking {

  /**
   * A line of a text.
   *
   * @param start where it begins in the text
   * @param end where it ends, without the spaces that hang over
   * @param next where the next one begins
   */
  record Span(int start, int end, int next) {}

  private final String text;

  /** The room that is taken before each position of the text. */
  private final long[] before;

  private final int[] ends;
  private int @Nullable [] letters;

  /**
   * @param units how much room a letter takes
   * @param ends where a line may end, from 0 to the end of the text
   */
  private LineBreaking(String text, IntToLongFunction units, int[] ends) {
    this.text = text;
    this.before = new long[text.length() + 1];
    for (int at = 0; at < text.length(); ) {
      int letter = text.codePointAt(at);
      int next = at + Character.charCount(letter);
      long after = before[at] + units.applyAsLong(letter);
      Arrays.fill(before, at + 1, next + 1, after);
      at = next;
    }
    this.ends = ends;
  }

  /** Asked one after the other: each is found from the one before, not from the beginning. */
  private static int[] boundaries(BreakIterator iterator, String text) {
    iterator.setText(text);
    IntStream.Builder found = IntStream.builder();
    for (int at = iterator.first(); at != BreakIterator.DONE; at = iterator.next()) {
      found.add(at);
    }
    return found.build().toArray();
  }

  /** The first boundary after a position. */
  private static int following(int[] boundaries, int position) {
    int found = Arrays.binarySearch(boundaries, position + 1);
    return boundaries[found >= 0 ? found : -found - 1];
  }

  private long units(int from, int to) {
    return before[to] - before[from];
  }

  /**
   * The lines of one paragraph, which has no line breaks of its own.
   *
   * @param width how long a line is
   * @return one line at least, which is empty where the text is
   */
  static List<Span> of(String text, LetterRoom room, Length width) {
    int[] ends = boundaries(BreakIterator.getLineInstance(Locale.ROOT), text);
    return new LineBreaking(text, room::units, ends).lines(room.unitsIn(width));
  }

  /**
   * The lines of one paragraph that is broken at spaces only.
   *
   * @param letters how many letters a line holds
   */
  static List<Span> atSpaces(String text, int letters) {
    IntStream ends = IntStream.range(1, text.length()).filter(at -> text.charAt(at - 1) == ' ');
    int[] all = IntStream.concat(ends, IntStream.of(text.length())).toArray();
    return new LineBreaking(text, letter -> 1, all).lines(letters);
  }

  private List<Span> lines(long holds) {
    List<Span> lines = new ArrayList<>();
    int at = 0;
    do {
      Span line = line(at, holds);
      lines.add(line);
      at = line.next();
    } while (at < text.length());
    return lines;
  }

  private Span line(int start, long holds) {
    int fits = start;
    while (fits < text.length()) {
      int to = following(ends, fits);
      if (units(start, withoutSpaces(fits, to)) > holds) {
        break;
      }
      fits = to;
    }
    if (fits == start && start < text.length()) {
      fits = letters(start, holds);
    }
    return new Span(start, withoutSpaces(start, fits), fits);
  }

  /** As many letters as the line holds of a word that is too long for it. */
  private int letters(int start, long holds) {
    int[] seen = letters;
    if (seen == null) {
      seen = boundaries(BreakIterator.getCharacterInstance(Locale.ROOT), text);
      letters = seen;
    }
    int fits = following(seen, start);
    while (fits < text.length()) {
      int to = following(seen, fits);
      if (units(start, to) > holds) {
        break;
      }
      fits = to;
    }
    return fits;
  }

  private int withoutSpaces(int from, int to) {
    int end = to;
    while (end > from && Character.isWhitespace(text.charAt(end - 1))) {
      end--;
    }
    return end;
  }
}
