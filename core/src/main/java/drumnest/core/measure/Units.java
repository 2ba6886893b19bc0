package drumnest.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * The units in which lengths are shown. Inches are shown to the nearest mark, halves upward,
 * millimetres to the nearest tenth; {@code ~} stands in front where that is not exact.
 */
public enum Units {
  SIXTEENTHS(16),
  THIRTY_SECONDS(32),
  SIXTY_FOURTHS(64),
  MILLIMETRES(0);

  private final int parts;

  Units(int parts) {
    this.parts = parts;
  }

  public boolean isMetric() {
    return this == MILLIMETRES;
  }

  /** The length as it is shown: {@code 4 1/4}, {@code ~1 15/16}, {@code 108 mm}. */
  public String text(Length length) {
    return isMetric() ? millimetres(length) : LengthText.format(length, parts);
  }

  /** The size as it is shown, width first. */
  public String text(Size size) {
    return text(size.w()) + " × " + text(size.h());
  }

  /** The length in a form that {@link #parse} reads back as the very same. */
  public String exact(Length length) {
    return isMetric() ? length.toMillimetres().toPlainString() + " mm" : length.toExactText();
  }

  private static String millimetres(Length length) {
    BigDecimal exact = length.toMillimetres();
    BigDecimal tenths = exact.setScale(1, RoundingMode.HALF_UP);
    String mark = tenths.compareTo(exact) == 0 ? "" : "~";
    BigDecimal plain = tenths.stripTrailingZeros();
    return mark + (plain.scale() < 0 ? plain.setScale(0) : plain).toPlainString() + " mm";
  }

  /**
   * Reads a length as a maker who works in these units writes it: a number without a unit is meant
   * in them.
   *
   * @throws LengthFormatException if the text is no length
   */
  public Length parse(String text) {
    boolean bare = text.strip().matches("-?(\\d+(\\.\\d*)?|\\.\\d+)");
    return Length.parse(isMetric() && bare ? text.strip() + " mm" : text);
  }
}
