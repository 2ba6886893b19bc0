package drumnest.core.stock;

import drumnest.core.measure.Length;

/**
 * Every threshold, allowance and default of the trade that is no published standard, by name. The
 * constants only say what a rule means and what it is until the maker changes it; the values in
 * force are those of {@link HouseRules}.
 */
public enum HouseRule {
  /** How much smaller than its opening a piece is cut that was too big for it. */
  TRIM_CLEARANCE(Source.COMMON_PRACTICE, sixtyFourths(4)),

  /** Play below which an insert is tight. */
  TIGHT_BELOW(Source.COMMON_PRACTICE, sixtyFourths(2)),

  /** Play above which an insert is loose. */
  LOOSE_ABOVE(Source.COMMON_PRACTICE, sixtyFourths(8)),

  /** What the opening of a pocket is wider and higher than its named size until it is measured. */
  POCKET_EASE(Source.FROM_MEMORY, sixtyFourths(4)),

  /** The finest mark of the maker's trimmer. */
  TRIMMER_MARK(Source.COMMON_PRACTICE, sixtyFourths(4)),

  /** Pixels per printed inch from which a print is fine. */
  FINE_PPI(Source.FROM_MEMORY, 300),

  /** Pixels per printed inch from which a print is good. */
  GOOD_PPI(Source.FROM_MEMORY, 200),

  /** Pixels per printed inch from which a print is soft; below it is poor. */
  SOFT_PPI(Source.FROM_MEMORY, 150),

  /** The distance of lines written by hand. */
  HAND_PITCH(Source.FROM_MEMORY, sixtyFourths(16)),

  /** The mean width of a letter written by hand. */
  HAND_LETTER(Source.FROM_MEMORY, sixtyFourths(8)),

  /** What stays free around the words on a card. */
  CARD_MARGIN(Source.FROM_MEMORY, sixtyFourths(8)),

  /** How far a strip reaches under what covers it. */
  TUCK_UNDER(Source.FROM_MEMORY, sixtyFourths(16)),

  /** Hours without a picture after which a new chapter of the line begins. */
  CHAPTER_GAP_HOURS(Source.FROM_MEMORY, 2),

  /** Minutes within which two pictures can be shots of one moment. */
  BURST_MINUTES(Source.FROM_MEMORY, 2),

  /** Differing bits of two 64-bit picture fingerprints up to which the pictures look alike. */
  LOOKALIKE_BITS(Source.FROM_MEMORY, 10),

  /**
   * Sharpness, as the spread of a picture's second derivative, below which it is called blurred.
   */
  BLURRED_BELOW(Source.FROM_MEMORY, 5);

  /** Where the default of a rule comes from. */
  public enum Source {
    COMMON_PRACTICE,
    FROM_MEMORY
  }

  /** What a rule measures. */
  public enum Kind {
    LENGTH,
    NUMBER
  }

  private final Source source;
  private final Kind kind;
  private final long fallback;

  HouseRule(Source source, Length fallback) {
    this.source = source;
    this.kind = Kind.LENGTH;
    this.fallback = fallback.toNanometres();
  }

  HouseRule(Source source, long fallback) {
    this.source = source;
    this.kind = Kind.NUMBER;
    this.fallback = fallback;
  }

  public Source source() {
    return source;
  }

  public Kind kind() {
    return kind;
  }

  /** The default: stored units of length, or the number itself. */
  long fallback() {
    return fallback;
  }

  private static Length sixtyFourths(long count) {
    return Length.ofInches(0, count, 64);
  }
}
