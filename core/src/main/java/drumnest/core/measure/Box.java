package drumnest.core.measure;

/**
 * A rectangle on a page: the distance of its left and top edge from the origin, x to the right and
 * y down, and its width and height. Boxes are half open in the sense that two which only share an
 * edge do not overlap.
 */
public record Box(Length x, Length y, Length w, Length h) {

  public static Box of(Length x, Length y, Size size) {
    return new Box(x, y, size.w(), size.h());
  }

  public Size size() {
    return new Size(w, h);
  }

  public Length right() {
    return x.plus(w);
  }

  public Length bottom() {
    return y.plus(h);
  }

  /** Whether the two share area; touching edges do not. */
  public boolean overlaps(Box other) {
    return x.isLessThan(other.right())
        && other.x.isLessThan(right())
        && y.isLessThan(other.bottom())
        && other.y.isLessThan(bottom());
  }

  /** Whether {@code other} lies inside this box or on its edge. */
  public boolean contains(Box other) {
    return !other.x.isLessThan(x)
        && !other.y.isLessThan(y)
        && !other.right().isMoreThan(right())
        && !other.bottom().isMoreThan(bottom());
  }

  /** This box seen from the other side of a page {@code width} wide: mirrored left to right. */
  public Box mirroredIn(Length width) {
    return new Box(width.minus(right()), y, w, h);
  }
}
