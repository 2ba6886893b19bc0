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

  public static CardLines of(
      Size card, Length margin, Length heading, Length pitch, Length letter) {
    Length width = card.w().minus(margin.times(2));
    return new CardLines(
        new Leading.OnPitch(pitch, pitch)
            .linesBetween(margin.plus(heading), card.h().minus(margin)),
        (int) new LetterRoom.ByHand(letter).unitsIn(width));
  }

  /** How many standard words the card holds. */
  public long words() {
    return StandardWord.in((long) lines * lettersPerLine);
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
    return text.strip().lines().mapToInt(this::paragraphLines).sum();
  }

  private int paragraphLines(String paragraph) {
    String words = paragraph.strip().replaceAll("\\s+", " ");
    return LineBreaking.atSpaces(words, lettersPerLine).size();
  }
}
