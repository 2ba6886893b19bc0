package drumnest.core.cut;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.TreeSet;

/**
 * The parts of a sheet that show that lies under others, and the strips that are enough in its
 * stead: only what shows need be cut.
 *
 * <p>The strips cover every place of the sheet that is seen or lies at most the tuck, across and
 * down, from one that is. Method: all edges divide the sheet into cells; cells are joined to bands
 * along the axis that gives fewer of them. Time: the square of the number of covers for the cells,
 * times what lies within a tuck. Strips touch and never overlap; a sheet that is wholly covered has
 * none.
 *
 * @param shows what is seen, in boxes that do not overlap
 * @param strips what to cut
 * @param saved the share of the sheet that is not needed, 0 to 1
 */
public record VisibleStrips(List<Box> shows, List<Box> strips, double saved) {

  public VisibleStrips {
    shows = List.copyOf(shows);
    strips = List.copyOf(strips);
  }

  /**
   * @param tuck how far strips reach under the covers
   */
  public static VisibleStrips of(Box piece, List<Box> covers, Length tuck) {
    Cells cells = new Cells(piece, covers, tuck);
    boolean[][] seen = cells.seen();
    List<Box> strips = cells.bands(cells.grown(seen));
    double area = strips.stream().mapToDouble(VisibleStrips::area).sum();
    return new VisibleStrips(cells.bands(seen), strips, 1 - area / area(piece));
  }

  private static double area(Box box) {
    return (double) box.w().toNanometres() * box.h().toNanometres();
  }

  /** The sheet divided at every edge, and at the tuck to either side of it. */
  private static final class Cells {
    private final Length[] xs;
    private final Length[] ys;
    private final List<Box> covers;
    private final Length tuck;

    Cells(Box piece, List<Box> covers, Length tuck) {
      this.covers = covers;
      this.tuck = tuck;
      TreeSet<Length> across = new TreeSet<>(List.of(piece.x(), piece.right()));
      TreeSet<Length> down = new TreeSet<>(List.of(piece.y(), piece.bottom()));
      for (Box cover : covers) {
        addAround(across, piece.x(), piece.right(), List.of(cover.x(), cover.right()));
        addAround(down, piece.y(), piece.bottom(), List.of(cover.y(), cover.bottom()));
      }
      this.xs = across.toArray(Length[]::new);
      this.ys = down.toArray(Length[]::new);
    }

    private void addAround(TreeSet<Length> edges, Length from, Length to, Collection<Length> at) {
      for (Length edge : at) {
        for (Length each : List.of(edge.minus(tuck), edge, edge.plus(tuck))) {
          if (each.isMoreThan(from) && each.isLessThan(to)) {
            edges.add(each);
          }
        }
      }
    }

    private Box cell(int column, int row) {
      return between(xs[column], ys[row], xs[column + 1], ys[row + 1]);
    }

    private static Box between(Length left, Length top, Length right, Length bottom) {
      return new Box(left, top, right.minus(left), bottom.minus(top));
    }

    /** The cells that no cover lies on; covers are counted by the corners of their cells. */
    boolean[][] seen() {
      int[][] change = new int[xs.length][ys.length];
      for (Box cover : covers) {
        int left = from(xs, cover.x());
        int right = from(xs, cover.right());
        int top = from(ys, cover.y());
        int bottom = from(ys, cover.bottom());
        change[left][top]++;
        change[right][top]--;
        change[left][bottom]--;
        change[right][bottom]++;
      }
      boolean[][] seen = new boolean[xs.length - 1][ys.length - 1];
      int[] above = new int[xs.length];
      for (int row = 0; row < ys.length - 1; row++) {
        int covered = 0;
        for (int column = 0; column < xs.length - 1; column++) {
          above[column] += change[column][row];
          covered += above[column];
          seen[column][row] = covered == 0;
        }
      }
      return seen;
    }

    /** The first edge that is not before {@code at}, the last for what lies behind all. */
    private static int from(Length[] edges, Length at) {
      int found = Arrays.binarySearch(edges, at);
      return Math.min(edges.length - 1, found >= 0 ? found : -found - 1);
    }

    /** The cells that are seen or lie within the tuck of one that is. */
    boolean[][] grown(boolean[][] seen) {
      boolean[][] across = new boolean[seen.length][];
      for (int column = 0; column < seen.length; column++) {
        across[column] = seen[column].clone();
        for (int other = near(xs, column);
            other < seen.length && reaches(xs, other, column);
            other++) {
          for (int row = 0; row < seen[column].length; row++) {
            across[column][row] |= seen[other][row];
          }
        }
      }
      boolean[][] grown = new boolean[seen.length][seen[0].length];
      for (int row = 0; row < seen[0].length; row++) {
        for (int other = near(ys, row);
            other < seen[0].length && reaches(ys, other, row);
            other++) {
          for (int column = 0; column < seen.length; column++) {
            grown[column][row] |= across[column][other];
          }
        }
      }
      return grown;
    }

    /** The first cell that ends within the tuck of where {@code cell} begins. */
    private int near(Length[] edges, int cell) {
      int first = cell;
      while (first > 0 && edges[first].plus(tuck).isMoreThan(edges[cell])) {
        first--;
      }
      return edges[first + 1].plus(tuck).isMoreThan(edges[cell]) ? first : first + 1;
    }

    /** Whether {@code other} begins within the tuck of where {@code cell} ends. */
    private boolean reaches(Length[] edges, int other, int cell) {
      return edges[other].minus(tuck).isLessThan(edges[cell + 1]);
    }

    /** The cells joined to bands, across or down, whichever needs fewer. */
    List<Box> bands(boolean[][] cells) {
      List<Box> across = bands(cells, true);
      List<Box> down = bands(cells, false);
      return across.size() <= down.size() ? across : down;
    }

    private List<Box> bands(boolean[][] cells, boolean across) {
      List<Box> bands = new ArrayList<>();
      List<Box> open = new ArrayList<>();
      int lines = across ? cells[0].length : cells.length;
      for (int line = 0; line < lines; line++) {
        List<Box> runs = runs(cells, line, across);
        List<Box> next = new ArrayList<>();
        for (Box run : runs) {
          Box before =
              open.stream().filter(each -> continues(each, run, across)).findFirst().orElse(null);
          next.add(before == null ? run : joined(before, run));
          open.remove(before);
        }
        bands.addAll(open);
        open = next;
      }
      bands.addAll(open);
      return bands;
    }

    private List<Box> runs(boolean[][] cells, int line, boolean across) {
      List<Box> runs = new ArrayList<>();
      int length = across ? cells.length : cells[0].length;
      Box run = null;
      for (int i = 0; i < length; i++) {
        int column = across ? i : line;
        int row = across ? line : i;
        if (cells[column][row]) {
          run = run == null ? cell(column, row) : joined(run, cell(column, row));
        } else if (run != null) {
          runs.add(run);
          run = null;
        }
      }
      if (run != null) {
        runs.add(run);
      }
      return runs;
    }

    private static boolean continues(Box band, Box run, boolean across) {
      return across
          ? band.x().equals(run.x()) && band.w().equals(run.w()) && band.bottom().equals(run.y())
          : band.y().equals(run.y()) && band.h().equals(run.h()) && band.right().equals(run.x());
    }

    private static Box joined(Box one, Box other) {
      return between(one.x(), one.y(), other.right(), other.bottom());
    }
  }
}
