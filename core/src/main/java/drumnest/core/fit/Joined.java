package drumnest.core.fit;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Cells of a grid made one place, gaps and all: those of the rectangle in opposite corners of which
 * the two stand. Cells are numbered from 1, row by row.
 *
 * @param one a corner cell
 * @param other the one in the corner across from it
 */
public record Joined(int one, int other) {

  /** The numbers of all cells in it, in a grid of so many columns, rising. */
  public List<Integer> cells(int columns) {
    int left = Math.min(column(one, columns), column(other, columns));
    int right = Math.max(column(one, columns), column(other, columns));
    int top = Math.min(row(one, columns), row(other, columns));
    int bottom = Math.max(row(one, columns), row(other, columns));
    return IntStream.rangeClosed(top, bottom)
        .boxed()
        .flatMap(
            row ->
                IntStream.rangeClosed(left, right).mapToObj(column -> row * columns + column + 1))
        .toList();
  }

  /** The one of several that a cell is in; nothing where it stands alone. */
  public static Optional<Joined> of(int cell, List<Joined> joined, int columns) {
    return joined.stream().filter(each -> each.cells(columns).contains(cell)).findFirst();
  }

  private static int column(int cell, int columns) {
    return (cell - 1) % columns;
  }

  private static int row(int cell, int columns) {
    return (cell - 1) / columns;
  }
}
