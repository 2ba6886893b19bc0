package drumnest.core.words;

import drumnest.core.measure.Length;
import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * How a printer prints: everything a little to the right and down, and a little smaller or larger,
 * measured from the top left of the sheet on a test print. What is sent to it is shifted back and
 * divided by its scale, so that it comes out where it belongs. Source: common practice, no source.
 *
 * @param right how far to the right of where it belongs something is printed
 * @param down how far below
 * @param percent how large it is printed, 100 for true to size
 */
public record PrinterOffset(Length right, Length down, BigDecimal percent) {

  /** A printer that prints as it is told. */
  public static final PrinterOffset NONE =
      new PrinterOffset(Length.ZERO, Length.ZERO, BigDecimal.valueOf(100));

  /** No printer is further off, to either side; source: from memory. */
  public static final Length MOST = Length.ofInches(BigDecimal.ONE);

  private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);
  private static final int DIGITS = 12;

  /** Tells what everything is multiplied with. */
  public BigDecimal scale() {
    return HUNDRED.divide(percent, DIGITS, RoundingMode.HALF_UP);
  }

  /** Where something is sent to that is to be printed so far from the left. */
  public Length sentAcross(Length at) {
    return sent(at.minus(right));
  }

  /** Where something is sent to that is to be printed so far below the top. */
  public Length sentDown(Length at) {
    return sent(at.minus(down));
  }

  private Length sent(Length at) {
    return Length.ofNanometres(
        BigDecimal.valueOf(at.toNanometres())
            .multiply(HUNDRED)
            .divide(percent, 0, RoundingMode.HALF_UP)
            .longValueExact());
  }
}
