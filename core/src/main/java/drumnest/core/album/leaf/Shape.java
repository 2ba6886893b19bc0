package drumnest.core.album.leaf;

import drumnest.core.fit.Joined;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The make-up of a block of mounts, as its maker says it. */
public sealed interface Shape {
  /** Lets a visitor do with this what it does with one of its kind. */
  <R> R accept(Visitor<R> visitor);

  /**
   * Does something with a shape of each kind; a new kind does not compile until each visitor knows
   * it.
   *
   * @param <R> the result
   */
  interface Visitor<R> {
    R single(Single single);

    R row(InRow row);

    R grid(InGrid grid);

    R mixed(Mixed mixed);
  }

  /** One piece. */
  record Single(Size size) implements Shape {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.single(this);
    }
  }

  /**
   * Equal pieces in a row over a span.
   *
   * @param down whether they go down rather than across
   * @param pieces how many, from 1
   * @param span the length of the whole
   * @param gap the gap between them; null where the piece is given
   * @param piece the length of a piece; null where the gap is given
   * @param outerGaps whether there are gaps outside too
   * @param other the measure of a piece across the row; null for squares
   */
  record InRow(
      boolean down,
      int pieces,
      Length span,
      @Nullable Length gap,
      @Nullable Length piece,
      boolean outerGaps,
      @Nullable Length other)
      implements Shape {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.row(this);
    }
  }

  /**
   * Equal cells in columns and rows.
   *
   * @param gap between them
   * @param border around all of them
   * @param joined those that are made one place, gaps and all; none of them twice
   */
  record InGrid(int columns, int rows, Size cell, Length gap, Length border, List<Joined> joined)
      implements Shape {

    public InGrid {
      joined = List.copyOf(joined);
    }

    /** One of which each cell is a place. */
    public InGrid(int columns, int rows, Size cell, Length gap, Length border) {
      this(columns, rows, cell, gap, border, List.of());
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.grid(this);
    }
  }

  /**
   * An upright photo beside a wide one, with a row of pieces under the wide one.
   *
   * @param squares whether the pieces are squares with one margin wider, rather than slight oblongs
   * @param uprightRight whether the upright one stands at the right
   */
  record Mixed(
      Size upright, Size wide, int pieces, Length gap, boolean squares, boolean uprightRight)
      implements Shape {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.mixed(this);
    }
  }
}
