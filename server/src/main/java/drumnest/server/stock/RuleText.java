package drumnest.server.stock;

import drumnest.core.measure.Length;
import drumnest.core.measure.LengthFormatException;
import drumnest.core.stock.HouseRule;
import drumnest.server.FieldProblemException;
import java.math.BigDecimal;
import java.math.RoundingMode;

/** The values of house rules as they are written and read. */
public final class RuleText {

  /** Below a 64th, inches are shown in thousandths, as thicknesses are. */
  private static final long FINEST = Length.NANOMETRES_PER_64TH;

  private static final int LONGEST = 40;

  private RuleText() {}

  /** A value in a maker's words. */
  public static String of(HouseRule rule, long value) {
    if (rule.kind() == HouseRule.Quantity.NUMBER) {
      return value + unit(rule);
    }
    Length length = Length.ofNanometres(value);
    return isThickness(rule) ? thickness(length) : UnitsInUse.text(length);
  }

  /** A thickness: thousandths of an inch, or hundredths of a millimetre. */
  public static String thickness(Length length) {
    return UnitsInUse.current().isMetric()
        ? rounded(length.toMillimetres(), 2) + " mm"
        : rounded(length.toInches(), 3) + " in";
  }

  private static String rounded(BigDecimal exact, int places) {
    BigDecimal plain = exact.setScale(places, RoundingMode.HALF_UP).stripTrailingZeros();
    String mark = plain.compareTo(exact) == 0 ? "" : "~";
    return mark + (plain.scale() < 0 ? plain.setScale(0) : plain).toPlainString();
  }

  private static boolean isThickness(HouseRule rule) {
    return rule.defaultValue() < FINEST && rule.defaultValue() > 0;
  }

  private static String unit(HouseRule rule) {
    return switch (rule.unit()) {
      case PPI -> " ppi";
      case HOURS -> " h";
      case MINUTES -> " min";
      case PHOTOS -> " photos";
      case BITS -> " bits";
      case POINTS -> " pt";
      case PERCENT -> " %";
      case LENGTH, SPREAD, COLOUR -> "";
    };
  }

  /**
   * Reads a value as the maker writes it.
   *
   * @throws FieldProblemException if it is none
   */
  public static long read(HouseRule rule, String text) {
    if (rule.kind() == HouseRule.Quantity.NUMBER) {
      // Anything longer is no number, and would be gone through once for each of its blanks.
      boolean brief = text.length() <= LONGEST;
      String number = brief ? text.strip().replaceFirst(" *(ppi|h|min|bits|pt|%)$", "") : "";
      if (!number.matches("\\d{1,9}")) {
        throw new FieldProblemException(
            "value",
            "“" + rule.title() + "” is a whole number, such as " + rule.defaultValue() + ".");
      }
      return Long.parseLong(number);
    }
    try {
      return UnitsInUse.current().parse(text).toNanometres();
    } catch (LengthFormatException e) {
      throw new FieldProblemException(
          "value", e.getMessage() + " " + LengthFormatException.accepted());
    }
  }
}
