package drumnest.core.fit;

import drumnest.core.measure.Length;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;

/** How sharp a print can be, by the pixels it has for each printed inch. */
public enum Resolution {
  FINE,
  GOOD,
  SOFT,
  POOR;

  /**
   * The verdict on {@code pixels} printed over {@code length}, compared exactly with the house
   * rules (300, 200 and 150 pixels to the inch unless changed; from memory).
   */
  public static Resolution of(long pixels, Length length, HouseRules rules) {
    if (reaches(pixels, length, rules.number(HouseRule.FINE_PPI))) {
      return FINE;
    }
    if (reaches(pixels, length, rules.number(HouseRule.GOOD_PPI))) {
      return GOOD;
    }
    return reaches(pixels, length, rules.number(HouseRule.SOFT_PPI)) ? SOFT : POOR;
  }

  private static boolean reaches(long pixels, Length length, long ppi) {
    return pixels * Length.NANOMETRES_PER_INCH >= Math.multiplyExact(ppi, length.toNanometres());
  }
}
