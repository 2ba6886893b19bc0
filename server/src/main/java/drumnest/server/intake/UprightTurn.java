package drumnest.server.intake;

import java.awt.geom.AffineTransform;

/** How a stored picture is turned upright (source: CIPA DC-008, Exif, tag Orientation). */
public final class UprightTurn {

  private UprightTurn() {}

  /** Whether turning it upright swaps width and height. */
  public static boolean swapsSides(int orientation) {
    return orientation >= 5;
  }

  /**
   * From the stored picture to the upright one.
   *
   * @param orientation 1 to 8
   * @param w pixels across as stored
   * @param h pixels down as stored
   * @throws IllegalArgumentException if there is no such orientation
   */
  public static AffineTransform of(int orientation, double w, double h) {
    return switch (orientation) {
      case 1 -> new AffineTransform();
      case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
      case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
      case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
      case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
      case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
      case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
      case 8 -> new AffineTransform(0, -1, 1, 0, 0, w);
      default -> throw new IllegalArgumentException("An orientation is 1 to 8.");
    };
  }
}
