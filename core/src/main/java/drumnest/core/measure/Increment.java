package drumnest.core.measure;

/**
 * The finest mark a trimmer or ruler shows. A piece that must go into something is cut at the mark
 * below its measure, a backing that must cover something at the mark above.
 *
 * <p>Lengths are rounded towards smaller ({@link #below}) or larger ({@link #above}) values, for
 * negative ones too; a length on a mark stays as it is.
 */
public record Increment(Length step) {

  public static final Increment SIXTEENTH = new Increment(Length.ofInches(0, 1, 16));

  /**
   * @throws IllegalArgumentException if the step is not above zero
   */
  public Increment {
    if (!step.isPositive()) {
      throw new IllegalArgumentException("The step of a mark is above zero.");
    }
  }

  /** The nearest mark that is not above {@code length}. */
  public Length below(Length length) {
    long unit = step.toNanometres();
    return Length.ofNanometres(
        Math.multiplyExact(Math.floorDiv(length.toNanometres(), unit), unit));
  }

  /** The nearest mark that is not below {@code length}. */
  public Length above(Length length) {
    return below(length.negated()).negated();
  }
}
