package drumnest.core.photo;

/**
 * A colour in CIELAB with the white of D65 (source: CIE 15; ISO/CIE 11664-4).
 *
 * @param l lightness, 0 to 100
 * @param a from green to red
 * @param b from blue to yellow
 */
public record Lab(double l, double a, double b) {

  private static final double WHITE_X = 0.95047;
  private static final double WHITE_Z = 1.08883;
  private static final double TO_25_7 = Math.pow(25, 7);

  /**
   * The light of a channel of an sRGB colour, from 0 to 1.
   *
   * @param channel its value in its lowest eight bits
   */
  static double linear(int channel) {
    return LINEAR[channel & 0xff];
  }

  /**
   * A colour of the screen (source: IEC 61966-2-1, sRGB).
   *
   * @param rgb red, green and blue as {@code 0xrrggbb}
   */
  public static Lab ofSrgb(int rgb) {
    double red = linear(rgb >> 16);
    double green = linear(rgb >> 8);
    double blue = linear(rgb);
    double x = bent((0.4124564 * red + 0.3575761 * green + 0.1804375 * blue) / WHITE_X);
    double y = bent(0.2126729 * red + 0.7151522 * green + 0.0721750 * blue);
    double z = bent((0.0193339 * red + 0.1191920 * green + 0.9503041 * blue) / WHITE_Z);
    return new Lab(116 * y - 16, 500 * (x - y), 200 * (y - z));
  }

  private static final double[] LINEAR = new double[256];

  static {
    for (int value = 0; value < LINEAR.length; value++) {
      LINEAR[value] = worked(value);
    }
  }

  private static double worked(int value) {
    double share = value / 255.0;
    return share <= 0.04045 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
  }

  private static double bent(double share) {
    return share > 216.0 / 24389 ? Math.cbrt(share) : (24389.0 / 27 * share + 16) / 116;
  }

  /**
   * How different two colours look: 1 is just seen, 10 is plain. CIEDE2000 with all weights 1
   * (source: CIE 142-2001; Sharma, Wu and Dalal, The CIEDE2000 color-difference formula, Color
   * Research and Application 30, 2005).
   */
  public double difference(Lab other) {
    double meanChroma = (Math.hypot(a, b) + Math.hypot(other.a, other.b)) / 2;
    double stretch = 1.5 - 0.5 * Math.sqrt(to7(meanChroma) / (to7(meanChroma) + TO_25_7));
    double chroma1 = Math.hypot(stretch * a, b);
    double chroma2 = Math.hypot(stretch * other.a, other.b);
    double hue1 = hue(stretch * a, b);
    double hue2 = hue(stretch * other.a, other.b);
    boolean grey = chroma1 * chroma2 == 0;
    double turn = grey ? 0 : turn(hue2 - hue1);
    double deltaHue = 2 * Math.sqrt(chroma1 * chroma2) * Math.sin(Math.toRadians(turn) / 2);
    double meanHue = grey ? hue1 + hue2 : meanHue(hue1, hue2);
    double lightness = (l + other.l) / 2;
    double chroma = (chroma1 + chroma2) / 2;
    double t =
        1
            - 0.17 * cos(meanHue - 30)
            + 0.24 * cos(2 * meanHue)
            + 0.32 * cos(3 * meanHue + 6)
            - 0.20 * cos(4 * meanHue - 63);
    double off = (lightness - 50) * (lightness - 50);
    double perLightness = (other.l - l) / (1 + 0.015 * off / Math.sqrt(20 + off));
    double perChroma = (chroma2 - chroma1) / (1 + 0.045 * chroma);
    double perHue = deltaHue / (1 + 0.015 * chroma * t);
    double blueTurn = 30 * Math.exp(-Math.pow((meanHue - 275) / 25, 2));
    double rotation =
        -2
            * Math.sqrt(to7(chroma) / (to7(chroma) + TO_25_7))
            * Math.sin(Math.toRadians(2 * blueTurn));
    return Math.sqrt(
        perLightness * perLightness
            + perChroma * perChroma
            + perHue * perHue
            + rotation * perChroma * perHue);
  }

  private static double to7(double value) {
    return Math.pow(value, 7);
  }

  private static double cos(double degrees) {
    return Math.cos(Math.toRadians(degrees));
  }

  /** The direction of a colour, 0 to 360; 0 for grey. */
  private static double hue(double a, double b) {
    double degrees = Math.toDegrees(Math.atan2(b, a));
    return degrees < 0 ? degrees + 360 : degrees;
  }

  private static double turn(double between) {
    if (between > 180) {
      return between - 360;
    }
    return between < -180 ? between + 360 : between;
  }

  private static double meanHue(double one, double other) {
    double sum = one + other;
    if (Math.abs(one - other) <= 180) {
      return sum / 2;
    }
    return sum < 360 ? (sum + 360) / 2 : (sum - 360) / 2;
  }
}
