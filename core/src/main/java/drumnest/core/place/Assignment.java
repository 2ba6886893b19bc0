package drumnest.core.place;

import java.util.Arrays;

/**
 * The assignment problem: every row takes one column, every column at most one row, at the least
 * cost.
 *
 * <p>Method: shortest augmenting paths with potentials (Kuhn 1955, Munkres 1957; in the form of
 * Jonker and Volgenant 1987, from memory). Time: rows² × columns. There are at least as many
 * columns as rows, and costs are far from the ends of their range.
 */
final class Assignment {

  /** The cost for a row to take a column. */
  interface Costs {
    long of(int row, int column);
  }

  private Assignment() {}

  /** The column of each row. */
  static int[] solve(int rows, int columns, Costs costs) {
    return solve(rows, columns, costs, ProgressMonitor.NONE);
  }

  /**
   * The column of each row.
   *
   * @param monitor may stop it; the rows that were not come to then have no column, -1, and the
   *     others are the best for themselves
   */
  static int[] solve(int rows, int columns, Costs costs, ProgressMonitor monitor) {
    long[] rowPotential = new long[rows + 1];
    long[] columnPotential = new long[columns + 1];
    int[] rowOf = new int[columns + 1];
    int[] previous = new int[columns + 1];
    for (int row = 1; row <= rows && monitor.goOn(row - 1L, rows); row++) {
      rowOf[0] = row;
      int column = 0;
      long[] distance = new long[columns + 1];
      Arrays.fill(distance, Long.MAX_VALUE);
      boolean[] done = new boolean[columns + 1];
      do {
        done[column] = true;
        int from = rowOf[column];
        long least = Long.MAX_VALUE;
        int next = 0;
        for (int to = 1; to <= columns; to++) {
          if (done[to]) {
            continue;
          }
          long reduced = costs.of(from - 1, to - 1) - rowPotential[from] - columnPotential[to];
          if (reduced < distance[to]) {
            distance[to] = reduced;
            previous[to] = column;
          }
          if (distance[to] < least) {
            least = distance[to];
            next = to;
          }
        }
        for (int to = 0; to <= columns; to++) {
          if (done[to]) {
            rowPotential[rowOf[to]] += least;
            columnPotential[to] -= least;
          } else if (distance[to] != Long.MAX_VALUE) {
            distance[to] -= least;
          }
        }
        column = next;
      } while (rowOf[column] != 0);
      while (column != 0) {
        rowOf[column] = rowOf[previous[column]];
        column = previous[column];
      }
    }
    int[] columnOf = new int[rows];
    Arrays.fill(columnOf, -1);
    for (int column = 1; column <= columns; column++) {
      if (rowOf[column] != 0) {
        columnOf[rowOf[column] - 1] = column - 1;
      }
    }
    return columnOf;
  }
}
