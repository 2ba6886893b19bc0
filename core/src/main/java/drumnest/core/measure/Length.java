package drumnest.core.measure;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;

/**
 * A length on the table, exact in one whole unit: the nanometre.
 *
 * <p>One inch is 25.4 mm exactly (source: international yard and pound agreement, 1959), so both a
 * 64th of an inch (396 875 nm) and a millimetre (1 000 000 nm) are whole numbers of the unit, and
 * sums of either never drift. What a division leaves over is rounded to the nearest unit once, at
 * its end, halves away from zero.
 *
 * <p>A length may be zero or negative (positions, play, what is past an edge). The range is that of
 * a {@code long}, a little over nine thousand kilometres either way; arithmetic that would leave it
 * throws {@link ArithmeticException} and never wraps.
 */
public final class Length implements Comparable<Length> {

  /** Stored units in one inch. */
  public static final long NANOMETRES_PER_INCH = 25_400_000;

  /** Stored units in one millimetre. */
  public static final long NANOMETRES_PER_MILLIMETRE = 1_000_000;

  /** Stored units in 1/64 in. */
  public static final long NANOMETRES_PER_64TH = 396_875;

  public static final Length ZERO = new Length(0);

  private final long nanometres;

  private Length(long nanometres) {
    this.nanometres = nanometres;
  }

  public static Length ofNanometres(long nanometres) {
    return nanometres == 0 ? ZERO : new Length(nanometres);
  }

  public static Length ofInches(long inches) {
    return ofNanometres(Math.multiplyExact(inches, NANOMETRES_PER_INCH));
  }

  /**
   * A whole number of inches and a fraction: {@code ofInches(4, 1, 4)} is 4 1/4 in.
   *
   * @throws IllegalArgumentException if the denominator is not above zero
   */
  public static Length ofInches(long whole, long numerator, long denominator) {
    if (denominator <= 0) {
      throw new IllegalArgumentException("The denominator of a fraction is above zero.");
    }
    Length fraction = ofInches(numerator).dividedBy(denominator);
    return ofInches(whole).plus(fraction);
  }

  public static Length ofMillimetres(long millimetres) {
    return ofNanometres(Math.multiplyExact(millimetres, NANOMETRES_PER_MILLIMETRE));
  }

  /** Inches as a decimal number, to the nearest stored unit. */
  public static Length ofInches(BigDecimal inches) {
    return nearest(inches.multiply(BigDecimal.valueOf(NANOMETRES_PER_INCH)));
  }

  /** Millimetres as a decimal number, to the nearest stored unit. */
  public static Length ofMillimetres(BigDecimal millimetres) {
    return nearest(millimetres.multiply(BigDecimal.valueOf(NANOMETRES_PER_MILLIMETRE)));
  }

  private static Length nearest(BigDecimal nanometres) {
    return ofNanometres(nanometres.setScale(0, RoundingMode.HALF_UP).longValueExact());
  }

  /**
   * Reads a length as makers write it; see {@link LengthText} for the accepted forms.
   *
   * @throws LengthFormatException if the text is none of them
   */
  public static Length parse(String text) {
    return LengthText.parse(text);
  }

  public long toNanometres() {
    return nanometres;
  }

  /** This length in inches, exact to 1e-6. */
  public BigDecimal toInches() {
    return quotient(NANOMETRES_PER_INCH);
  }

  /** This length in millimetres, exact. */
  public BigDecimal toMillimetres() {
    return quotient(NANOMETRES_PER_MILLIMETRE);
  }

  private BigDecimal quotient(long unit) {
    BigDecimal exactEnough =
        BigDecimal.valueOf(nanometres)
            .divide(BigDecimal.valueOf(unit), 9, RoundingMode.HALF_UP)
            .stripTrailingZeros();
    return exactEnough.scale() < 0 ? exactEnough.setScale(0) : exactEnough;
  }

  public Length plus(Length other) {
    return ofNanometres(Math.addExact(nanometres, other.nanometres));
  }

  public Length minus(Length other) {
    return ofNanometres(Math.subtractExact(nanometres, other.nanometres));
  }

  public Length times(long factor) {
    return ofNanometres(Math.multiplyExact(nanometres, factor));
  }

  public Length negated() {
    return ofNanometres(Math.negateExact(nanometres));
  }

  /** This length without its sign. */
  public Length abs() {
    return isNegative() ? negated() : this;
  }

  /**
   * One of {@code parts} equal parts, to the nearest stored unit, halves away from zero.
   *
   * @throws ArithmeticException if {@code parts} is zero
   */
  public Length dividedBy(long parts) {
    return times(1, parts);
  }

  /**
   * This length times {@code numerator / denominator}, rounded once, at the end.
   *
   * @throws ArithmeticException if the denominator is zero or the result is out of range
   */
  public Length times(long numerator, long denominator) {
    BigInteger product = BigInteger.valueOf(nanometres).multiply(BigInteger.valueOf(numerator));
    return nearest(
        new BigDecimal(product).divide(BigDecimal.valueOf(denominator), 0, RoundingMode.HALF_UP));
  }

  /**
   * So many ruler marks further on, or back: from between two marks the first step goes to the next
   * one.
   *
   * @param mark how far the marks lie apart; more than nothing
   */
  public Length byMarks(long marks, Length mark) {
    long below = Math.floorDiv(nanometres, mark.nanometres);
    long from = marks < 0 ? -Math.floorDiv(-nanometres, mark.nanometres) : below;
    return marks == 0 ? this : mark.times(Math.addExact(from, marks));
  }

  public boolean isZero() {
    return nanometres == 0;
  }

  public boolean isNegative() {
    return nanometres < 0;
  }

  public boolean isPositive() {
    return nanometres > 0;
  }

  public boolean isLessThan(Length other) {
    return nanometres < other.nanometres;
  }

  public boolean isMoreThan(Length other) {
    return nanometres > other.nanometres;
  }

  public Length min(Length other) {
    return nanometres <= other.nanometres ? this : other;
  }

  public Length max(Length other) {
    return nanometres >= other.nanometres ? this : other;
  }

  @Override
  public int compareTo(Length other) {
    return Long.compare(nanometres, other.nanometres);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Length length && length.nanometres == nanometres;
  }

  @Override
  public int hashCode() {
    return Long.hashCode(nanometres);
  }

  /** The length in a form that {@link #parse} reads back as the very same. */
  public String toExactText() {
    return LengthText.exact(this);
  }

  /** The length as makers write it, in inches to the nearest 64th. */
  @Override
  public String toString() {
    return LengthText.format(this);
  }
}
