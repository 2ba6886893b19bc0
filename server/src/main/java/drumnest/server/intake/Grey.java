package drumnest.server.intake;

import drumnest.core.photo.Fingerprint;
import drumnest.core.photo.Sharpness;

/**
 * A small grey picture, from which the features of a photo are taken.
 *
 * @param values grey values 0 to 255, row by row
 * @param w values a row
 */
record Grey(int[] values, int w) {

  private static final int COLUMNS = 9;
  private static final int ROWS = 8;

  double sharpness() {
    return Sharpness.of(values, w);
  }

  /** The fingerprint of the mean grey of 8 rows of 9 cells. */
  Fingerprint fingerprint() {
    int h = values.length / w;
    int[] cells = new int[COLUMNS * ROWS];
    for (int row = 0; row < ROWS; row++) {
      for (int column = 0; column < COLUMNS; column++) {
        cells[row * COLUMNS + column] = mean(span(column, COLUMNS, w), span(row, ROWS, h));
      }
    }
    return Fingerprint.of(cells);
  }

  private static int[] span(int cell, int cells, int length) {
    int from = Math.min(length - 1, cell * length / cells);
    return new int[] {from, Math.max(from + 1, (cell + 1) * length / cells)};
  }

  private int mean(int[] across, int[] down) {
    long sum = 0;
    for (int y = down[0]; y < down[1]; y++) {
      for (int x = across[0]; x < across[1]; x++) {
        sum += values[y * w + x];
      }
    }
    return (int) (sum / ((long) (across[1] - across[0]) * (down[1] - down[0])));
  }
}
