package drumnest.core.words;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;

/**
 * The lines of a card to be written by hand: ⌊(height − heading − 2·margin)/pitch⌋ of them, and
 * letters a line by the mean width of a letter. Source: common practice, no source.
 *
 * @param lines how many lines; 0 where there is no room
 * @param lettersPerLine how many letters a line
 */
public record CardLines(int lines, int lettersPerLine) {

  /** Keystrokes of a standard word, the space included (source: typing-speed convention). */
  private static final int LETTERS_PER_WORD = 5;

  public static CardLines of(
      Size card, Length margin, Length heading, Length pitch, Length letter) {
    Length height = card.h().minus(heading).minus(margin.times(2));
    Length width = card.w().minus(margin.times(2));
    return new CardLines(whole(height, pitch), whole(width, letter));
  }

  private static int whole(Length length, Length part) {
    return (int) Math.max(0, Math.floorDiv(length.toNanometres(), part.toNanometres()));
  }

  /** How many standard words the card holds. */
  public long words() {
    return (long) lines * lettersPerLine / LETTERS_PER_WORD;
  }

  /**
   * How many lines a text needs, broken at spaces and where it breaks itself; a word longer than a
   * line is broken too.
   *
   * @return 0 for a text without words; {@link Integer#MAX_VALUE} if a line holds no letter
   */
  public int needed(String text) {
    if (text.isBlank()) {
      return 0;
    }
    if (lettersPerLine == 0) {
      return Integer.MAX_VALUE;
    }
    int needed = 0;
    for (String paragraph : text.strip().split("\\R", -1)) {
      needed += paragraphLines(paragraph.strip());
    }
    return needed;
  }

  private int paragraphLines(String paragraph) {
    int count = 1;
    int used = 0;
    for (String word : paragraph.split("\\s+")) {
      int length = word.codePointCount(0, word.length());
      if (used > 0 && used + 1 + length <= lettersPerLine) {
        used += 1 + length;
        continue;
      }
      if (used > 0) {
        count++;
      }
      int over = Math.max(0, (length - 1) / lettersPerLine);
      count += over;
      used = length - over * lettersPerLine;
    }
    return count;
  }
}
