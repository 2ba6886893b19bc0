package drumnest.core.fit;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.ArrayList;
import java.util.List;

/**
 * Equal cells in columns and rows with one gap between them and one border around: columns·w +
 * (columns − 1)·gap + 2·border wide, and so down. Source: arithmetic.
 */
public record Grid(int columns, int rows, Size cell, Length gap, Length border) {

  /** A cell's place: counted from 0, and from the outer corner of the grid. */
  public record Cell(int row, int column, Length x, Length y) {}

  /** The whole, border included. */
  public Size size() {
    return new Size(span(columns, cell.w()), span(rows, cell.h()));
  }

  private Length span(int count, Length length) {
    return length.times(count).plus(gap.times(count - 1L)).plus(border.times(2));
  }

  /** The cells, row by row, of a grid whose outer corner is at x, y. */
  public List<Cell> cells(Length x, Length y) {
    List<Cell> cells = new ArrayList<>();
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        cells.add(
            new Cell(
                row,
                column,
                x.plus(border).plus(cell.w().plus(gap).times(column)),
                y.plus(border).plus(cell.h().plus(gap).times(row))));
      }
    }
    return cells;
  }
}
