package drumnest.core.photo;

import drumnest.core.measure.Orientation;

/**
 * The size of a picture in pixels, after it was turned upright.
 *
 * @param w pixels across, 1 to 1 000 000
 * @param h pixels down, 1 to 1 000 000
 */
public record Pixels(int w, int h) {

  /** The most pixels a side may have. */
  public static final int LONGEST_SIDE = 1_000_000;

  /**
   * @throws IllegalArgumentException if a side is out of range
   */
  public Pixels {
    if (w < 1 || h < 1 || w > LONGEST_SIDE || h > LONGEST_SIDE) {
      throw new IllegalArgumentException("A side of a picture has 1 to 1 000 000 pixels.");
    }
  }

  public Orientation orientation() {
    return Orientation.of(w, h);
  }

  public long area() {
    return (long) w * h;
  }
}
