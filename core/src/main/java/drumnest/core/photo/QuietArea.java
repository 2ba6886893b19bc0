package drumnest.core.photo;

import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.List;
import java.util.Optional;

/**
 * Where something can be stuck on a picture without covering its subject: the largest rectangle of
 * cells with little detail, in what is seen of it, outside the keep box and the heads.
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
   * @param seen what is seen of it
   * @param kept what must not be covered
   */
  public static Optional<PixelBox> of(
      DetailMap detail, Pixels picture, PixelBox seen, List<PixelBox> kept, HouseRules rules) {
    long limit = rules.number(HouseRule.QUIET_BELOW);
    int[] heights = new int[CELLS];
    int best = 0;
    int[] box = null;
    for (int row = 0; row < CELLS; row++) {
      for (int column = 0; column < CELLS; column++) {
        PixelBox cell = DetailMap.pixels(picture, column, row, 1, 1);
        boolean quiet =
            detail.at(column, row) <= limit
                && seen.contains(cell)
                && kept.stream().allMatch(taken -> taken.overlap(cell) == 0);
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
}
