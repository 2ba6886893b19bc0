package drumnest.core.photo;

import java.util.Optional;

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

  /** All of a picture. */
  public static PixelBox whole(Pixels picture) {
    return new PixelBox(0, 0, picture.w(), picture.h());
  }

  /** Whether the box lies wholly in a picture of this size. */
  public boolean isInside(Pixels picture) {
    return (long) x + w <= picture.w() && (long) y + h <= picture.h();
  }

  /** A copy somewhere else. */
  public PixelBox moved(int right, int down) {
    return new PixelBox(x + right, y + down, w, h);
  }

  /** The column right of it. */
  public int right() {
    return x + w;
  }

  /** The row below it. */
  public int bottom() {
    return y + h;
  }

  public long area() {
    return (long) w * h;
  }

  /** The smallest box round both. */
  public PixelBox around(PixelBox other) {
    int left = Math.min(x, other.x);
    int top = Math.min(y, other.y);
    return new PixelBox(
        left,
        top,
        Math.max(right(), other.right()) - left,
        Math.max(bottom(), other.bottom()) - top);
  }

  /** Tells what both have in common; nothing where they are apart. */
  public Optional<PixelBox> common(PixelBox other) {
    int left = Math.max(x, other.x);
    int top = Math.max(y, other.y);
    int across = Math.min(right(), other.right()) - left;
    int down = Math.min(bottom(), other.bottom()) - top;
    return across > 0 && down > 0
        ? Optional.of(new PixelBox(left, top, across, down))
        : Optional.empty();
  }

  /** How many pixels both have. */
  public long overlap(PixelBox other) {
    return common(other).map(PixelBox::area).orElse(0L);
  }

  public boolean contains(PixelBox other) {
    return x <= other.x
        && y <= other.y
        && (long) x + w >= (long) other.x + other.w
        && (long) y + h >= (long) other.y + other.h;
  }
}
