package drumnest.core.photo;

/**
 * How well letters stand out from their ground: the contrast ratio of WCAG 2.2, (L₁ + 0.05)/(L₂ +
 * 0.05), of the relative luminances of the lighter and the darker of two sRGB colours. From 1 for
 * colours that are equally light to 21 for black on white.
 *
 * <p>Source: W3C, Web Content Accessibility Guidelines 2.2, definitions of contrast ratio and
 * relative luminance; success criterion 1.4.3 asks 4.5 of text and 3 of large text.
 */
public final class Contrast {

  /** The least contrast that 1.4.3 asks of text. */
  public static final double OF_TEXT = 4.5;

  /** The least contrast that 1.4.3 asks of large text: 18 points, or 14 bold. */
  public static final double OF_LARGE_TEXT = 3;

  private Contrast() {}

  /**
   * @param first a colour as {@code 0xRRGGBB}
   * @param second another
   */
  public static double between(int first, int second) {
    return ratio(luminance(first), luminance(second));
  }

  /**
   * @param colour a colour as {@code 0xRRGGBB}
   * @param ground another, of which the luminance follows from its lightness (source: CIE 15)
   */
  public static double between(int colour, Lab ground) {
    double share = (ground.l() + 16) / 116;
    return ratio(
        luminance(colour), ground.l() > 8 ? share * share * share : ground.l() * 27 / 24389);
  }

  private static double ratio(double a, double b) {
    return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
  }

  /** The relative luminance of a colour, from 0 for black to 1 for white. */
  static double luminance(int colour) {
    return 0.2126 * Lab.linear(colour >> 16)
        + 0.7152 * Lab.linear(colour >> 8)
        + 0.0722 * Lab.linear(colour);
  }
}
