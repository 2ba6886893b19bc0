package drumnest.core.photo;

import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Where something can be stuck on a picture without covering its subject: the largest rectangle of
 * cells with little detail outside the keep box.
 *
 * <p>Method: the largest rectangle under a histogram, row by row. Source: common practice, no
 * source. Time: cells across squared × cells down.
 */
public final class QuietArea {

  private static final int CELLS = DetailMap.CELLS;

  private QuietArea() {}

  /**
   * The quiet area of a picture, if any cell is quiet.
   *
   * @param keep what must not be covered
   */
  public static Optional<PixelBox> of(
      DetailMap detail, Pixels picture, @Nullable PixelBox keep, HouseRules rules) {
    long limit = rules.number(HouseRule.QUIET_BELOW);
    int[] heights = new int[CELLS];
    int best = 0;
    int[] box = null;
    for (int row = 0; row < CELLS; row++) {
      for (int column = 0; column < CELLS; column++) {
        boolean quiet = detail.at(column, row) <= limit && !covered(picture, keep, column, row);
        heights[column] = quiet ? heights[column] + 1 : 0;
      }
      for (int left = 0; left < CELLS; left++) {
        int height = heights[left];
        for (int right = left; right < CELLS && height > 0; right++) {
          height = Math.min(height, heights[right]);
          if (height * (right - left + 1) > best) {
            best = height * (right - left + 1);
            box = new int[] {left, row - height + 1, right - left + 1, height};
          }
        }
      }
    }
    return box == null
        ? Optional.empty()
        : Optional.of(DetailMap.pixels(picture, box[0], box[1], box[2], box[3]));
  }

  private static boolean covered(Pixels picture, @Nullable PixelBox keep, int column, int row) {
    if (keep == null) {
      return false;
    }
    PixelBox cell = DetailMap.pixels(picture, column, row, 1, 1);
    return cell.x() < keep.x() + keep.w()
        && keep.x() < cell.x() + cell.w()
        && cell.y() < keep.y() + keep.h()
        && keep.y() < cell.y() + cell.h();
  }
}
