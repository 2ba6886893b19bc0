package drumnest.core.stock;

/**
 * US basis weights: the weight in pounds of 500 sheets of a size that differs by kind. Source: the
 * definition; a pound is 453.59237 g and an inch 25.4 mm exactly (international yard and pound
 * agreement, 1959).
 */
public enum PaperWeight {
  /** 20 × 26 in. */
  COVER(20 * 26),

  /** 25 × 38 in, also called offset. */
  TEXT(25 * 38),

  /** 17 × 22 in. */
  BOND(17 * 22),

  /** 25 1/2 × 30 1/2 in. */
  INDEX(25.5 * 30.5);

  private static final double GRAMS_PER_POUND = 453.59237;
  private static final double SQUARE_METRES_PER_SQUARE_INCH = 0.0254 * 0.0254;
  private static final int SHEETS = 500;

  private final double gsmPerPound;

  PaperWeight(double squareInches) {
    this.gsmPerPound = GRAMS_PER_POUND / (SHEETS * squareInches * SQUARE_METRES_PER_SQUARE_INCH);
  }

  /** Grams a square metre of paper of so many pounds. */
  public double gsm(double pounds) {
    return pounds * gsmPerPound;
  }

  /** Pounds of paper of so many grams a square metre. */
  public double pounds(double gsm) {
    return gsm / gsmPerPound;
  }
}
