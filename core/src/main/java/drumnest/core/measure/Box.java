package drumnest.core.measure;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A rectangle on a page: the distance of its left and top edge from the origin, x to the right and
 * y down, and its width and height. Boxes are half open in the sense that two which only share an
 * edge do not overlap.
 */
public record Box(Length x, Length y, Length w, Length h) {

  public static Box of(Length x, Length y, Size size) {
    return new Box(x, y, size.w(), size.h());
  }

  /** A box of this size at the origin. */
  public static Box of(Size size) {
    return of(Length.ZERO, Length.ZERO, size);
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

  /** Tells what both share; nothing where they only touch, or lie apart. */
  public Optional<Box> common(Box other) {
    Length left = x.max(other.x);
    Length top = y.max(other.y);
    Length w = right().min(other.right()).minus(left);
    Length h = bottom().min(other.bottom()).minus(top);
    return w.isPositive() && h.isPositive()
        ? Optional.of(new Box(left, top, w, h))
        : Optional.empty();
  }

  /** The smallest box in which this and another lie. */
  public Box around(Box other) {
    Length left = x.min(other.x);
    Length top = y.min(other.y);
    return new Box(
        left, top, right().max(other.right()).minus(left), bottom().max(other.bottom()).minus(top));
  }

  /** Its two halves: left and right, or above and below where it is higher than wide. */
  public List<Box> halves() {
    Size half = size().half();
    boolean below = h.isMoreThan(w);
    return List.of(
        of(x, y, half),
        below
            ? new Box(x, y.plus(half.h()), w, h.minus(half.h()))
            : new Box(x.plus(half.w()), y, w.minus(half.w()), h));
  }

  /** This box moved to the right and down. */
  public Box moved(Length right, Length down) {
    return new Box(x.plus(right), y.plus(down), w, h);
  }

  /** Its four edges as lines: top, bottom, left, right. */
  public List<Segment> edges() {
    return Stream.of(Edge.values()).map(edge -> edge.line(this)).toList();
  }

  /** The line in its middle, as long as its longer side is longer; of a square its middle point. */
  public Segment middle() {
    boolean level = w.isMoreThan(h);
    Length half = size().tighter().dividedBy(2);
    return level
        ? new Segment(true, y.plus(half), x.plus(half), right().minus(half).max(x.plus(half)))
        : new Segment(false, x.plus(half), y.plus(half), bottom().minus(half).max(y.plus(half)));
  }

  /** Whether others, alone or together, lie over all of its {@link #middle}. */
  public boolean isHiddenBy(Collection<Box> others) {
    return middle().isCoveredBy(others);
  }

  /** A box of another size with the same middle. */
  public Box middleOf(Size other) {
    return Box.of(
        x.plus(w.minus(other.w()).dividedBy(2)), y.plus(h.minus(other.h()).dividedBy(2)), other);
  }

  /** This box moved as little as need be to lie in another, at its top left where it is larger. */
  public Box movedInto(Box room) {
    return Box.of(
        x.min(room.right().minus(w)).max(room.x()),
        y.min(room.bottom().minus(h)).max(room.y()),
        size());
  }

  /**
   * This box smaller by {@code less} on each side, larger where that is negative. A side that is
   * not so long has nothing left: what remains is in the middle and has no width there.
   */
  public Box inset(Length less) {
    Length across = less.min(w.dividedBy(2));
    Length down = less.min(h.dividedBy(2));
    return new Box(
        x.plus(across),
        y.plus(down),
        w.minus(across.times(2)).max(Length.ZERO),
        h.minus(down.times(2)).max(Length.ZERO));
  }

  /**
   * Tells what is left of this box where another does not lie on it: at most four boxes that do not
   * overlap, above and below it over the whole width first.
   */
  public List<Box> minus(Box other) {
    if (!overlaps(other)) {
      return List.of(this);
    }
    Length top = y.max(other.y);
    Length foot = bottom().min(other.bottom());
    List<Box> left = new ArrayList<>();
    addIfAny(left, x, y, right(), top);
    addIfAny(left, x, foot, right(), bottom());
    addIfAny(left, x, top, other.x, foot);
    addIfAny(left, other.right(), top, right(), foot);
    return left;
  }

  private static void addIfAny(List<Box> boxes, Length x, Length y, Length right, Length bottom) {
    if (x.isLessThan(right) && y.isLessThan(bottom)) {
      boxes.add(new Box(x, y, right.minus(x), bottom.minus(y)));
    }
  }
}
