package drumnest.core.photo;

/**
 * A rectangle of whole pixels in a picture that was turned upright: a keep box or a crop window.
 *
 * @param x pixels left of it
 * @param y pixels above it
 * @param w its width, at least one
 * @param h its height, at least one
 */
public record PixelBox(int x, int y, int w, int h) {

  /**
   * @throws IllegalArgumentException if it has no area or begins outside
   */
  public PixelBox {
    if (x < 0 || y < 0 || w < 1 || h < 1) {
      throw new IllegalArgumentException("A box in a picture has area and starts inside it.");
    }
  }

  /** Whether the box lies wholly in a picture of this size. */
  public boolean isInside(Pixels picture) {
    return (long) x + w <= picture.w() && (long) y + h <= picture.h();
  }

  public boolean contains(PixelBox other) {
    return x <= other.x
        && y <= other.y
        && (long) x + w >= (long) other.x + other.w
        && (long) y + h >= (long) other.y + other.h;
  }
}
