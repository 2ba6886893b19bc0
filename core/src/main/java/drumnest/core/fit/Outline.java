package drumnest.core.fit;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;

/**
 * The outline in which a piece is cut, within the rectangle it is measured by: straight along its
 * edges; an oval that touches all four of them, round where they are equal; straight with corners
 * that are rounded off; or straight and into several pieces. All of them are rectangles whose
 * corners are quarters of an ellipse, with no radius, with half the width and half the height, or
 * with one radius both ways.
 */
public sealed interface Outline {
  /** Lets a visitor do with this what it does with one of its kind. */
  <R> R accept(Visitor<R> visitor);

  /**
   * Does something with an outline of each kind; a new kind does not compile until each visitor
   * knows it.
   *
   * @param <R> the result
   */
  interface Visitor<R> {
    R straight(Straight straight);

    R oval(Oval oval);

    R rounded(Rounded rounded);

    R pieces(Pieces pieces);
  }

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

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.straight(this);
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

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.oval(this);
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

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.rounded(this);
    }
  }

  /**
   * Cut along the edges, and into equal pieces with something left out between every two, or folded
   * there.
   *
   * @param count how many pieces, from 1
   * @param between how wide what is left out is; zero where they are folded, not cut
   * @param sideways whether they stand beside each other, rather than below
   */
  record Pieces(int count, Length between, boolean sideways) implements Outline {
    @Override
    public Size corner(Size piece) {
      return STRAIGHT.corner(piece);
    }

    @Override
    public Outline inset(Length by) {
      return this;
    }

    /** The size of all of it, from that of one piece. */
    public Size whole(Size piece) {
      Length more = between.times(count - 1L);
      return sideways
          ? new Size(piece.w().times(count).plus(more), piece.h())
          : new Size(piece.w(), piece.h().times(count).plus(more));
    }

    /** The size of one piece, from that of all of it. */
    public Size piece(Size whole) {
      Length more = between.times(count - 1L);
      return sideways
          ? new Size(whole.w().minus(more).dividedBy(count), whole.h())
          : new Size(whole.w(), whole.h().minus(more).dividedBy(count));
    }

    @Override
    public Pieces turnedIf(boolean turned) {
      return turned ? new Pieces(count, between, !sideways) : this;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.pieces(this);
    }
  }

  /** Whether it is cut along the edges, with nothing taken off its corners. */
  default boolean isStraight() {
    return this instanceof Straight;
  }

  /** A copy on a print that lies with a quarter turn, or without. */
  default Outline turnedIf(boolean turned) {
    return this;
  }

  /** How far a corner of a piece of this size is cut, across and down; at most half of it. */
  Size corner(Size piece);

  /** The outline that leaves an edge of equal width all around inside this one. */
  Outline inset(Length by);
}
