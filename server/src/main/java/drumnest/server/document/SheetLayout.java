package drumnest.server.document;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Lays rectangles on sheets of paper, several on each, in rows from the top: the highest first,
 * each into the first row that has room for it, upright sheets before level ones. Source: first fit
 * decreasing height (Coffman, Garey, Johnson, Tarjan 1980). Time: the square of their number.
 *
 * @param pages the sheets, each with what lies on it
 */
record SheetLayout(List<Page> pages) {

  /** Kept free between two of them. */
  static final float GAP = 16;

  /** A width and a height, in points. */
  record Extent(float w, float h) {

    boolean fitsIn(Extent room) {
      return w <= room.w && h <= room.h;
    }
  }

  /**
   * A rectangle on a sheet.
   *
   * @param item which it is
   * @param x how far it lies from the left of the room
   * @param y how far from its top
   */
  record Placed(int item, float x, float y) {}

  /** A sheet of paper. */
  record Page(boolean level, List<Placed> placed) {}

  /** A row of a sheet. */
  private static final class Row {
    private final List<Placed> page;
    private final float top;
    private final float high;
    private float right;

    Row(List<Placed> page, float top, float high) {
      this.page = page;
      this.top = top;
      this.high = high;
    }

    void add(int item, Extent extent) {
      page.add(new Placed(item, right, top));
      right += extent.w + GAP;
    }
  }

  /**
   * @param items each fits on an upright sheet or on a level one
   * @param upright the room of an upright sheet
   * @param level the room of one that is turned
   */
  static SheetLayout of(List<Extent> items, Extent upright, Extent level) {
    List<Integer> highest =
        IntStream.range(0, items.size())
            .boxed()
            .sorted(Comparator.comparingDouble(item -> -items.get(item).h))
            .toList();
    List<Page> pages = new ArrayList<>();
    lay(items, highest.stream().filter(i -> items.get(i).fitsIn(upright)).toList(), upright)
        .forEach(page -> pages.add(new Page(false, page)));
    lay(items, highest.stream().filter(i -> !items.get(i).fitsIn(upright)).toList(), level)
        .forEach(page -> pages.add(new Page(true, page)));
    return new SheetLayout(pages);
  }

  private static List<List<Placed>> lay(List<Extent> items, List<Integer> order, Extent room) {
    List<List<Placed>> pages = new ArrayList<>();
    List<Row> rows = new ArrayList<>();
    for (int item : order) {
      Extent extent = items.get(item);
      rows.stream()
          .filter(row -> row.right + extent.w <= room.w && extent.h <= row.high)
          .findFirst()
          .orElseGet(() -> added(pages, rows, extent, room))
          .add(item, extent);
    }
    return pages;
  }

  /** A row below the last one, or the first one of another sheet. */
  private static Row added(List<List<Placed>> pages, List<Row> rows, Extent extent, Extent room) {
    Row last = rows.isEmpty() ? null : rows.get(rows.size() - 1);
    float top = last == null ? 0 : last.top + last.high + GAP;
    Row row;
    if (last != null && top + extent.h <= room.h) {
      row = new Row(last.page, top, extent.h);
    } else {
      List<Placed> page = new ArrayList<>();
      pages.add(page);
      row = new Row(page, 0, extent.h);
    }
    rows.add(row);
    return row;
  }
}
