package drumnest.core.measure;

import java.math.BigDecimal;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Lengths as makers read and write them.
 *
 * <p>Read: {@code 4}, {@code 4.25}, {@code .125}, {@code 1/8}, {@code 4 1/4}, {@code 4-1/4}, {@code
 * 4¼}, each also with {@code "} or {@code in}; {@code 108 mm}, {@code 10.8 cm}; any of them with a
 * minus in front. The fraction of a mixed number is below one. Source of the forms: common
 * practice, no source.
 *
 * <p>Written: inches to the nearest 64th in lowest terms, halves upward, with {@code ~} in front
 * where that is not exact: {@code 4 1/4}, {@code ~1 59/64}, {@code 0}, {@code -1/32}.
 */
final class LengthText {

  private static final int LONGEST = 40;

  private static final Map<Character, String> BUILT =
      Map.ofEntries(
          Map.entry('½', "1/2"),
          Map.entry('¼', "1/4"),
          Map.entry('¾', "3/4"),
          Map.entry('⅛', "1/8"),
          Map.entry('⅜', "3/8"),
          Map.entry('⅝', "5/8"),
          Map.entry('⅞', "7/8"),
          Map.entry('⅓', "1/3"),
          Map.entry('⅔', "2/3"),
          Map.entry('⅕', "1/5"),
          Map.entry('⅖', "2/5"),
          Map.entry('⅗', "3/5"),
          Map.entry('⅘', "4/5"),
          Map.entry('⅙', "1/6"),
          Map.entry('⅚', "5/6"));

  private static final Pattern FORM =
      Pattern.compile(
          "(?<minus>[-\u2212]?)"
              + "(?:(?<decimal>\\d{1,9}(?:\\.\\d{0,12})?|\\.\\d{1,12})"
              + "|(?:(?<whole>\\d{1,9})(?: +|-))?(?<numerator>\\d{1,6})[/\u2044](?<denominator>\\d{1,6}))"
              + " *(?<unit>\"|in|mm|cm)?");

  private LengthText() {}

  static Length parse(String text) {
    String written = text.strip();
    if (written.isEmpty()) {
      throw new LengthFormatException("A length is missing.");
    }
    if (written.length() > LONGEST) {
      throw new LengthFormatException("This is too long for a length.");
    }
    Matcher form = FORM.matcher(unbuilt(written));
    if (!form.matches()) {
      throw new LengthFormatException("“" + written + "” is not a length.");
    }
    Length size = form.group("decimal") != null ? decimal(form, written) : fraction(form, written);
    return form.group("minus").isEmpty() ? size : size.negated();
  }

  /** Spells a built fraction such as ¼ with digits, apart from the whole number before it. */
  private static String unbuilt(String written) {
    StringBuilder spelled = new StringBuilder();
    for (char c : written.toCharArray()) {
      String fraction = BUILT.get(c);
      if (fraction == null) {
        spelled.append(c);
      } else {
        boolean afterDigit =
            !spelled.isEmpty() && Character.isDigit(spelled.charAt(spelled.length() - 1));
        spelled.append(afterDigit ? " " : "").append(fraction);
      }
    }
    return spelled.toString();
  }

  private static Length decimal(Matcher form, String written) {
    BigDecimal number = new BigDecimal(form.group("decimal"));
    String unit = form.group("unit");
    if ("mm".equals(unit)) {
      return Length.ofMillimetres(number);
    }
    if ("cm".equals(unit)) {
      return Length.ofMillimetres(number.movePointRight(1));
    }
    return Length.ofInches(number);
  }

  private static Length fraction(Matcher form, String written) {
    String unit = form.group("unit");
    if ("mm".equals(unit) || "cm".equals(unit)) {
      throw new LengthFormatException(
          "“" + written + "”: millimetres and centimetres are written with a point.");
    }
    long numerator = Long.parseLong(form.group("numerator"));
    long denominator = Long.parseLong(form.group("denominator"));
    if (denominator == 0) {
      throw new LengthFormatException("“" + written + "” divides by zero.");
    }
    String whole = form.group("whole");
    if (whole != null && numerator >= denominator) {
      throw new LengthFormatException(
          "“" + written + "”: the fraction behind a whole number is below one.");
    }
    return Length.ofInches(whole == null ? 0 : Long.parseLong(whole), numerator, denominator);
  }

  static String format(Length length) {
    return format(length, 64);
  }

  /** Inches to the nearest of so many parts of an inch, a power of two up to 64. */
  static String format(Length length, int parts) {
    long unit = Length.NANOMETRES_PER_INCH / parts;
    long below = Math.floorDiv(length.toNanometres(), unit);
    long over = Math.floorMod(length.toNanometres(), unit);
    long nearest = 2 * over >= unit ? below + 1 : below;
    return (over == 0 ? "" : "~") + mixed(nearest, parts);
  }

  /** A form that is read back as the very same length: a fraction of an inch, or millimetres. */
  static String exact(Length length) {
    if (length.toNanometres() % Length.NANOMETRES_PER_64TH == 0) {
      return format(length);
    }
    // Thicknesses are said in thousandths of an inch.
    return length.toNanometres() % (Length.NANOMETRES_PER_INCH / 1_000) == 0
        ? length.toInches().stripTrailingZeros().toPlainString() + " in"
        : length.toMillimetres().toPlainString() + " mm";
  }

  private static String mixed(long parts, long perInch) {
    long whole = Math.abs(parts) / perInch;
    long numerator = Math.abs(parts) % perInch;
    long denominator = perInch;
    while (numerator != 0 && numerator % 2 == 0) {
      numerator /= 2;
      denominator /= 2;
    }
    String minus = parts < 0 ? "-" : "";
    if (numerator == 0) {
      return minus + whole;
    }
    String fraction = numerator + "/" + denominator;
    return minus + (whole == 0 ? fraction : whole + " " + fraction);
  }
}
