package drumnest.core.place;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The costs of a page with so many moments from one on, all of them placed, and any of its places
 * left empty. It is looked at row by row: what moments cost in a row ({@link RowCosts}) is worked
 * out once, and is the same for all rows alike, on whatever page.
 *
 * <p>With {@code end} for how the rows so far end, empty or with which lookalikes:
 *
 * <pre>
 * page(r, i, end) = min of page(r-1, i-j, before) + beside(before, begin) + row(i-j, j, begin, end)
 *                   over j, before and begin
 * </pre>
 *
 * <p>Time, of each first moment: the places of the page times those of a row, for each row.
 */
final class PageRows {

  private static final long NEVER = PlacingCost.FORBIDDEN;

  private final RowEnds ends;
  private final long scattered;
  private final long alike;
  private final int moments;
  private final List<RowCosts> rows;

  private PageRows(Placing.Problem problem, StoryRow row, RowEnds ends, List<RowCosts> rows) {
    this.ends = ends;
    this.scattered = problem.weights().scattered();
    this.alike = problem.weights().alike();
    this.moments = row.moments();
    this.rows = rows;
  }

  /** Makes pages of rows; those that are alike are known by their nature. */
  static final class Rows {
    private final Placing.Problem problem;
    private final PlacingCost cost;
    private final StoryRow row;
    private final RowEnds ends;
    private final Map<Object, RowCosts> known = new HashMap<>();

    Rows(Placing.Problem problem, PlacingCost cost, List<List<Integer>> open) {
      this.problem = problem;
      this.cost = cost;
      this.row = new StoryRow(problem, cost, open, cost::leftOut);
      this.ends = new RowEnds(row);
    }

    /**
     * A page.
     *
     * @param first which place of the problem its first is
     * @param saved what is saved with each of its places that holds a picture
     */
    PageRows page(int first, long[] saved) {
      List<RowCosts> rows = new ArrayList<>();
      for (int from = 0; from < saved.length; ) {
        int to = from + 1;
        while (to < saved.length && cost.touchesNext(first + to - 1)) {
          to++;
        }
        rows.add(row(first + from, Arrays.copyOfRange(saved, from, to)));
        from = to;
      }
      return new PageRows(problem, row, ends, rows);
    }

    private RowCosts row(int first, long[] saved) {
      List<Object> nature = new ArrayList<>();
      for (int i = 0; i < saved.length; i++) {
        nature.add(List.of(cost.kind(first + i), saved[i], cost.wantsWords(first + i)));
      }
      return known.computeIfAbsent(
          nature, key -> new RowCosts(problem, cost, row, ends, first, saved));
    }
  }

  /** Its rows that differ; before anything is told of the page they are to be weighed. */
  Set<RowCosts> rows() {
    return new LinkedHashSet<>(rows);
  }

  /**
   * For each number of moments from one on, up to the most, what so many cost.
   *
   * @param most no more than there are
   */
  long[] prefixCosts(int from, int most) {
    int ways = ends.ways();
    long[] never = new long[(most + 1) * ways];
    Arrays.fill(never, NEVER);
    // The first row may begin in any way.
    long[] begun = new long[ways];
    long[] page = never;
    long[] next = new long[never.length];
    long[] spare = new long[never.length];
    int held = 0;
    for (RowCosts row : rows) {
      System.arraycopy(never, 0, next, 0, never.length);
      for (int placed = 0; placed <= held; placed++) {
        if (page != never) {
          beside(page, placed, most, from + placed, begun);
        }
        row.goOn(from + placed, begun, next, placed, most);
      }
      held = Math.min(most, held + row.places());
      page = next;
      next = spare;
      spare = page;
    }
    return rows.isEmpty() ? new long[1] : cheapest(page, most);
  }

  /** By how many moments are placed, however it ends. */
  private long[] cheapest(long[] page, int most) {
    long[] costs = new long[most + 1];
    for (int placed = 0; placed <= most; placed++) {
      long least = NEVER;
      for (int end = 0; end < ends.ways(); end++) {
        least = Math.min(least, page[end * (most + 1) + placed]);
      }
      costs[placed] = RowCosts.isNever(least) ? NEVER : least;
    }
    return costs;
  }

  /**
   * Tells what the rows so far cost, by how the next one begins.
   *
   * @param page by how they end and by how many moments are placed
   * @param moment the first that is not on them
   * @param begun where that is written
   */
  private void beside(long[] page, int placed, int most, int moment, long[] begun) {
    Arrays.fill(begun, NEVER);
    int begins = moment < moments ? ends.waysOf(moment) : 1;
    for (int end = 0; end < begun.length; end++) {
      long before = page[end * (most + 1) + placed];
      for (int begin = 0; begin < begins && !RowCosts.isNever(before); begin++) {
        begun[begin] = Math.min(begun[begin], before + beside(moment, end, begin));
      }
    }
  }

  /** Tells what the end of one row and the beginning of the next cost together. */
  private long beside(int moment, int end, int begin) {
    if (end == RowEnds.EMPTY || begin == RowEnds.EMPTY) {
      return end == begin ? 0 : scattered;
    }
    return ends.areAlike(moment - 1, end, begin) ? alike : 0;
  }
}
