package drumnest.core.words;

import drumnest.core.album.ephemera.Lettering;
import drumnest.core.measure.Length;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;

/**
 * How much room letters take along a line. Counted in whole units, so that what a line holds is
 * exact: tenths of a letter by hand, units of the typeface in type.
 */
public sealed interface LetterRoom {

  /** How many units a letter takes; one that cannot be written takes none. */
  long units(int letter);

  /** How many whole units a line of this length holds. */
  long unitsIn(Length line);

  /** How long so many units are, to the nearest unit of length. */
  Length length(long units);

  /** Whether the letter can be written. */
  boolean has(int letter);

  /** How many units a letter of plain text takes in the mean. */
  long meanUnits();

  static LetterRoom of(Lettering lettering, Typefaces faces) {
    return lettering.accept(
        new Lettering.Visitor<>() {
          @Override
          public LetterRoom byHand(Lettering.ByHand hand) {
            return new ByHand(hand.letter());
          }

          @Override
          public LetterRoom typed(Lettering.Typed typed) {
            return new InType(faces.face(typed.face()), typed.quarterPoints());
          }
        });
  }

  /** How many units a text takes. */
  default long units(CharSequence text) {
    return text.codePoints().mapToLong(this::units).sum();
  }

  /** The letters of a text that cannot be written, each once, in the order of their codes. */
  default Set<Integer> missing(CharSequence text) {
    Set<Integer> missing = new TreeSet<>();
    text.codePoints()
        .filter(letter -> !Character.isWhitespace(letter) && !has(letter))
        .forEach(missing::add);
    return missing;
  }

  /** Whether it is a sign that is drawn over or joined to another one, and takes no room. */
  static boolean isWithoutRoom(int letter) {
    int type = Character.getType(letter);
    return type == Character.NON_SPACING_MARK
        || type == Character.ENCLOSING_MARK
        || type == Character.FORMAT
        || type == Character.CONTROL;
  }

  /**
   * By hand: every letter takes the mean width, Chinese, Japanese and Korean ones and small
   * pictures twice that. The mean width is known to the nearest unit only, so that half a unit a
   * letter is allowed for: twelve letters an inch are 66 on 5 1/2 in. Source: common practice, no
   * source.
   */
  record ByHand(Length letter) implements LetterRoom {

    private static final int WIDE_FROM = 0x1100;

    @Override
    public long units(int character) {
      if (isWithoutRoom(character)) {
        return 0;
      }
      boolean wide =
          Character.isIdeographic(character)
              || character >= WIDE_FROM && Character.getType(character) == Character.OTHER_SYMBOL
              || isHangulOrKana(character);
      return wide ? 2 : 1;
    }

    private static boolean isHangulOrKana(int letter) {
      Character.UnicodeScript script = Character.UnicodeScript.of(letter);
      return script == Character.UnicodeScript.HANGUL
          || script == Character.UnicodeScript.HIRAGANA
          || script == Character.UnicodeScript.KATAKANA;
    }

    @Override
    public long unitsIn(Length line) {
      return line.isNegative() ? 0 : 2 * line.toNanometres() / (2 * letter.toNanometres() - 1);
    }

    @Override
    public Length length(long units) {
      return letter.times(units);
    }

    @Override
    public boolean has(int character) {
      return true;
    }

    @Override
    public long meanUnits() {
      return 1;
    }
  }

  /**
   * In type: each letter takes its own advance, without kerning and ligatures, as it is printed.
   *
   * @param quarterPoints the size in quarters of a point of 1/72 in
   */
  record InType(Typeface face, int quarterPoints) implements LetterRoom {

    private static final long QUARTER_POINTS_PER_INCH = 288;
    private static final String PLAIN = "etaoinshrdlu etaoin ";

    @Override
    public long units(int letter) {
      return face.advance(letter).orElse(0);
    }

    @Override
    public long unitsIn(Length line) {
      long unitsPerLength = QUARTER_POINTS_PER_INCH * face.unitsPerEm();
      return line.isNegative()
          ? 0
          : line.toNanometres() * unitsPerLength / (Length.NANOMETRES_PER_INCH * quarterPoints);
    }

    @Override
    public Length length(long units) {
      return Length.ofInches(1)
          .times(units * quarterPoints, QUARTER_POINTS_PER_INCH * face.unitsPerEm());
    }

    @Override
    public boolean has(int letter) {
      OptionalInt advance = face.advance(letter);
      return advance.isPresent();
    }

    @Override
    public long meanUnits() {
      return Math.max(1, units(PLAIN) / PLAIN.length());
    }
  }
}
