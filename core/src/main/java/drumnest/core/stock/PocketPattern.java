package drumnest.core.stock;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * How a page is divided into pockets, seen from its front. Every pocket is a box of its named size
 * on the named page; the protector itself is larger by the play of its pockets and its seams.
 * Pockets are kept in reading order: top to bottom, and left to right among those with one top
 * edge.
 *
 * @param name what makers call it, such as "six 6 × 4"
 * @param page the named size of the page
 * @param pockets the named boxes, which neither overlap nor leave the page
 */
public record PocketPattern(String name, Size page, List<Box> pockets) {

  private static final Comparator<Box> READING = Comparator.comparing(Box::y).thenComparing(Box::x);

  /**
   * @throws IllegalArgumentException if a pocket leaves the page or two share area
   */
  public PocketPattern {
    pockets = pockets.stream().sorted(READING).toList();
    Box whole = Box.of(Length.ZERO, Length.ZERO, page);
    for (int i = 0; i < pockets.size(); i++) {
      if (!whole.contains(pockets.get(i))) {
        throw new IllegalArgumentException("Pocket " + (i + 1) + " leaves the page.");
      }
      for (int k = 0; k < i; k++) {
        if (pockets.get(k).overlaps(pockets.get(i))) {
          throw new IllegalArgumentException(
              "Pockets " + (k + 1) + " and " + (i + 1) + " overlap.");
        }
      }
    }
  }

  /**
   * The pattern seen from the back: mirrored left to right, so that a wide pocket at the top left
   * of the front is at the top right of the back.
   */
  public PocketPattern mirrored() {
    return new PocketPattern(
        name, page, pockets.stream().map(pocket -> pocket.mirroredIn(page.w())).toList());
  }

  /** Rows of pockets laid from the top left, each row as high as its first pocket. */
  static PocketPattern ofRows(String name, Size page, List<List<Size>> rows) {
    List<Box> boxes = new ArrayList<>();
    Length y = Length.ZERO;
    for (List<Size> row : rows) {
      Length x = Length.ZERO;
      for (Size pocket : row) {
        boxes.add(Box.of(x, y, pocket));
        x = x.plus(pocket.w());
      }
      y = y.plus(row.get(0).h());
    }
    return new PocketPattern(name, page, boxes);
  }
}
