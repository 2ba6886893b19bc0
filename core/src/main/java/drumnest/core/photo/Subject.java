package drumnest.core.photo;

import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.Optional;

/**
 * A keep box proposed from the map of detail: the rectangle of cells whose detail lies furthest
 * above what the house rule asks of a subject. A picture in which nothing stands out, or in which
 * everything does, has none; then the maker draws it.
 *
 * <p>Method: the rectangle of the largest sum in a grid, by the largest sum of a run (Bentley,
 * Programming Pearls, 1984, from memory) over every band of rows. Time: cells down squared × cells
 * across.
 */
public final class Subject {

  private static final double ALL_OF_IT = 0.9;
  private static final int CELLS = DetailMap.CELLS;

  private Subject() {}

  /** The proposed keep box of a picture. */
  public static Optional<PixelBox> propose(DetailMap detail, Pixels picture, HouseRules rules) {
    double asked = detail.mean() * rules.number(HouseRule.SUBJECT_DETAIL) / 100;
    double best = 0;
    int[] box = null;
    for (int top = 0; top < CELLS; top++) {
      double[] band = new double[CELLS];
      for (int bottom = top; bottom < CELLS; bottom++) {
        double run = 0;
        int begin = 0;
        for (int column = 0; column < CELLS; column++) {
          band[column] += detail.at(column, bottom) - asked;
          if (run <= 0) {
            run = 0;
            begin = column;
          }
          run += band[column];
          if (run > best) {
            best = run;
            box = new int[] {begin, top, column - begin + 1, bottom - top + 1};
          }
        }
      }
    }
    if (box == null || box[2] * box[3] >= ALL_OF_IT * CELLS * CELLS) {
      return Optional.empty();
    }
    return Optional.of(DetailMap.pixels(picture, box[0], box[1], box[2], box[3]));
  }
}
