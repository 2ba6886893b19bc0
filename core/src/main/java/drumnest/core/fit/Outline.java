package drumnest.core.fit;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;

/**
 * The outline in which a piece is cut, within the rectangle it is measured by: straight along its
 * edges; an oval that touches all four of them, round where they are equal; or straight with
 * corners that are rounded off. All of them are rectangles whose corners are quarters of an
 * ellipse, with no radius, with half the width and half the height, or with one radius both ways.
 */
public sealed interface Outline {

  /** Cut along the edges. */
  Outline STRAIGHT = new Straight();

  /** Cut to an oval, or round. */
  Outline OVAL = new Oval();

  record Straight() implements Outline {
    @Override
    public Size corner(Size piece) {
      return new Size(Length.ZERO, Length.ZERO);
    }

    @Override
    public Outline inset(Length by) {
      return this;
    }
  }

  record Oval() implements Outline {
    @Override
    public Size corner(Size piece) {
      return new Size(piece.w().times(1, 2), piece.h().times(1, 2));
    }

    @Override
    public Outline inset(Length by) {
      return this;
    }
  }

  /**
   * @param radius of its corners, above zero
   */
  record Rounded(Length radius) implements Outline {

    /**
     * @throws IllegalArgumentException if the radius is not above zero
     */
    public Rounded {
      if (!radius.isPositive()) {
        throw new IllegalArgumentException("Round corners have a radius above zero.");
      }
    }

    @Override
    public Size corner(Size piece) {
      Length most = piece.tighter().times(1, 2);
      return new Size(radius.min(most), radius.min(most));
    }

    @Override
    public Outline inset(Length by) {
      Length left = radius.minus(by);
      return left.isPositive() ? new Rounded(left) : STRAIGHT;
    }
  }

  /** Whether it is cut along the edges, with nothing taken off its corners. */
  default boolean isStraight() {
    return this instanceof Straight;
  }

  /** How far a corner of a piece of this size is cut, across and down; at most half of it. */
  Size corner(Size piece);

  /** The outline that leaves an edge of equal width all around inside this one. */
  Outline inset(Length by);
}
