package drumnest.core.words;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.ArrayList;
import java.util.List;

/**
 * A sheet of labels that are alike, in columns and rows. Source: common practice, no source.
 *
 * @param columns how many labels lie side by side
 * @param rows how many lie below each other
 * @param label the size of one
 * @param left how far the first column lies from the left of the sheet
 * @param top how far the first row lies below its top
 * @param across from the left of one label to the left of the next
 * @param down from the top of one to the top of the next
 */
public record LabelGrid(
    int columns, int rows, Size label, Length left, Length top, Length across, Length down) {

  /** Where the labels lie, row by row. */
  public List<Box> boxes() {
    List<Box> boxes = new ArrayList<>();
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        boxes.add(Box.of(left.plus(across.times(column)), top.plus(down.times(row)), label));
      }
    }
    return boxes;
  }

  /** Whether all labels lie on a sheet of this size, none over another. */
  public boolean isOn(Size sheet) {
    List<Box> boxes = boxes();
    Box last = boxes.get(boxes.size() - 1);
    return !last.right().isMoreThan(sheet.w())
        && !last.bottom().isMoreThan(sheet.h())
        && (columns == 1 || !label.w().isMoreThan(across))
        && (rows == 1 || !label.h().isMoreThan(down));
  }
}
