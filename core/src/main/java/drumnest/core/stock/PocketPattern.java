package drumnest.core.stock;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * How a page is divided into pockets, seen from its front. Pockets are kept in reading order: top
 * to bottom, and left to right among those with one top edge.
 *
 * <p>How it looks from the back is asked for all the time, so that is worked out once and kept.
 */
public final class PocketPattern {

  private static final Comparator<Pocket> READING =
      Comparator.comparing((Pocket pocket) -> pocket.box().y())
          .thenComparing(pocket -> pocket.box().x());

  private final Size page;
  private final List<Pocket> pockets;
  private volatile @Nullable PocketPattern mirrored;

  /** By pockets of this one, which of the mirrored pattern is their other side. */
  private volatile int @Nullable [] otherSides;

  /**
   * @param page the named size of the page, or the clear inside of a protector that was ruled
   * @param ofPage the pockets, which neither overlap nor leave the page
   * @throws IllegalArgumentException if a pocket leaves the page or two share area
   */
  public PocketPattern(Size page, List<Pocket> ofPage) {
    this.page = page;
    this.pockets = ofPage.stream().sorted(READING).toList();
    Box whole = Box.of(page);
    for (int i = 0; i < pockets.size(); i++) {
      if (!whole.contains(pockets.get(i).box())) {
        throw new IllegalArgumentException("Pocket " + (i + 1) + " leaves the page.");
      }
      for (int k = 0; k < i; k++) {
        if (pockets.get(k).box().overlaps(pockets.get(i).box())) {
          throw new IllegalArgumentException(
              "Pockets " + (k + 1) + " and " + (i + 1) + " overlap.");
        }
      }
    }
  }

  public Size page() {
    return page;
  }

  /** The pockets in reading order. */
  public List<Pocket> pockets() {
    return pockets;
  }

  @Override
  public boolean equals(@Nullable Object other) {
    return other instanceof PocketPattern pattern
        && page.equals(pattern.page)
        && pockets.equals(pattern.pockets);
  }

  @Override
  public int hashCode() {
    return Objects.hash(page, pockets);
  }

  @Override
  public String toString() {
    return page + " " + pockets;
  }

  /** Pockets of the trade, called after their boxes. */
  public static PocketPattern ofBoxes(Size page, List<Box> boxes) {
    return new PocketPattern(page, boxes.stream().map(Pocket::named).toList());
  }

  /**
   * The pattern seen from the back: mirrored left to right, so that a wide pocket at the top left
   * of the front is at the top right of the back.
   */
  public PocketPattern mirrored() {
    PocketPattern known = mirrored;
    if (known == null) {
      known =
          new PocketPattern(
              page, pockets.stream().map(pocket -> pocket.mirroredIn(page.w())).toList());
      mirrored = known;
    }
    return known;
  }

  /**
   * Which pocket of the mirrored pattern is the other side of a pocket of this one, both counted
   * from 0.
   */
  public int otherSide(int pocket) {
    int[] known = otherSides;
    if (known == null) {
      known = IntStream.range(0, pockets.size()).map(this::countedInMirrored).toArray();
      otherSides = known;
    }
    return known[pocket];
  }

  private int countedInMirrored(int pocket) {
    Box box = pockets.get(pocket).box();
    int before = 0;
    for (Pocket other : pockets) {
      int above = other.box().y().compareTo(box.y());
      // Mirrored, what lies further right is read first.
      if (above < 0 || above == 0 && other.box().right().isMoreThan(box.right())) {
        before++;
      }
    }
    return before;
  }

  /** The inverse: which pocket of this pattern is the other side of one of the mirrored pattern. */
  public int frontOf(int pocket) {
    return mirrored().otherSide(pocket);
  }

  /** Rows of pockets laid from the top left, each row as high as its first pocket. */
  static PocketPattern ofRows(Size page, List<List<Size>> rows) {
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
    return ofBoxes(page, boxes);
  }
}
