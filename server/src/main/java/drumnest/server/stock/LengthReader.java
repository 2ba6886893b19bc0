package drumnest.server.stock;

import drumnest.core.measure.Length;
import drumnest.core.measure.LengthFormatException;
import drumnest.core.measure.Size;
import drumnest.core.measure.Units;
import drumnest.server.FieldProblemException;
import org.jspecify.annotations.Nullable;

/**
 * Reads lengths as a maker writes them, of at most 100 in. What is no such length is refused with
 * the name of its field and what is accepted.
 *
 * @param units what numbers without a unit are meant in
 * @param path what the names of fields begin with, such as {@code entries[3].}
 */
public record LengthReader(Units units, String path) {

  private static final Length LONGEST = Length.ofInches(100);

  /** In the units in use. */
  public static LengthReader inUse() {
    return new LengthReader(UnitsInUse.current(), "");
  }

  /** A copy for fields of a part. */
  public LengthReader within(String part) {
    return new LengthReader(units, path + part);
  }

  /** A length above zero. */
  public Length positive(String field, @Nullable String text) {
    Length length = any(field, text);
    if (!length.isPositive()) {
      throw problem(field, "A length here is above 0 and at most 100 in.");
    }
    return length;
  }

  /** A length of zero or more. */
  public Length zeroOrMore(String field, @Nullable String text) {
    Length length = any(field, text);
    if (length.isNegative()) {
      throw problem(field, "A length here is 0 or more and at most 100 in.");
    }
    return length;
  }

  /** A length of zero or more; zero where nothing is written. */
  public Length zeroIfBlank(String field, @Nullable String text) {
    return isBlank(text) ? Length.ZERO : zeroOrMore(field, text);
  }

  /** A length above zero; null where nothing is written. */
  public @Nullable Length nullIfBlank(String field, @Nullable String text) {
    return isBlank(text) ? null : positive(field, text);
  }

  /** How far off something is, either way; zero where nothing is written. */
  public Length offset(String field, @Nullable String text) {
    return isBlank(text) ? Length.ZERO : any(field, text);
  }

  /** A width and a height above zero. */
  public Size size(String wField, @Nullable String w, String hField, @Nullable String h) {
    return new Size(positive(wField, w), positive(hField, h));
  }

  public FieldProblemException problem(String field, String message) {
    return new FieldProblemException(path + field, message);
  }

  private static boolean isBlank(@Nullable String text) {
    return text == null || text.isBlank();
  }

  private Length any(String field, @Nullable String text) {
    try {
      Length length = units.parse(text == null ? "" : text);
      if (length.isMoreThan(LONGEST) || length.isLessThan(LONGEST.negated())) {
        throw problem(field, "A length here is at most 100 in.");
      }
      return length;
    } catch (LengthFormatException e) {
      throw problem(field, e.getMessage() + " " + LengthFormatException.accepted());
    }
  }
}
