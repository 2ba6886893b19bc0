package drumnest.core.photo;

import java.util.Arrays;

/**
 * Where in a picture something is to be seen: a grid of 32 × 32 cells over the upright picture,
 * each with the mean size of the discrete Laplacian in it, 0 to 255. Skies and walls are near 0,
 * faces, writing and foliage high. Method: common practice, no source.
 */
public final class DetailMap {

  /** Cells across, and cells down. */
  public static final int CELLS = 32;

  private final int[] cells;

  private DetailMap(int[] cells) {
    this.cells = cells;
  }

  /**
   * @param grey grey values 0 to 255, row by row
   * @param w values a row
   * @return the map; of a picture under 3 × 3 a map without detail
   */
  public static DetailMap of(int[] grey, int w) {
    int h = grey.length / w;
    long[] sums = new long[CELLS * CELLS];
    int[] counts = new int[CELLS * CELLS];
    for (int y = 1; y < h - 1; y++) {
      int row = y * CELLS / h * CELLS;
      for (int x = 1; x < w - 1; x++) {
        int at = y * w + x;
        int bend = grey[at - 1] + grey[at + 1] + grey[at - w] + grey[at + w] - 4 * grey[at];
        int cell = row + x * CELLS / w;
        sums[cell] += Math.abs(bend);
        counts[cell]++;
      }
    }
    int[] cells = new int[CELLS * CELLS];
    for (int i = 0; i < cells.length; i++) {
      cells[i] = counts[i] == 0 ? 0 : (int) Math.min(255, sums[i] / counts[i]);
    }
    return new DetailMap(cells);
  }

  /**
   * @param bytes what {@link #toBytes} gave
   * @throws IllegalArgumentException if they are not as many as cells
   */
  public static DetailMap ofBytes(byte[] bytes) {
    if (bytes.length != CELLS * CELLS) {
      throw new IllegalArgumentException("A map of detail has 32 × 32 cells.");
    }
    int[] cells = new int[bytes.length];
    for (int i = 0; i < bytes.length; i++) {
      cells[i] = bytes[i] & 0xff;
    }
    return new DetailMap(cells);
  }

  /** One byte a cell, row by row. */
  public byte[] toBytes() {
    byte[] bytes = new byte[cells.length];
    for (int i = 0; i < bytes.length; i++) {
      bytes[i] = (byte) cells[i];
    }
    return bytes;
  }

  /** The detail of a cell, 0 to 255. */
  public int at(int column, int row) {
    return cells[row * CELLS + column];
  }

  /** The mean of all cells. */
  public double mean() {
    return Arrays.stream(cells).average().orElse(0);
  }

  /** The cells from a column and row on, as pixels of the picture. */
  static PixelBox pixels(Pixels picture, int column, int row, int columns, int rows) {
    int x = edge(column, picture.w());
    int y = edge(row, picture.h());
    return new PixelBox(
        x,
        y,
        Math.max(1, edge(column + columns, picture.w()) - x),
        Math.max(1, edge(row + rows, picture.h()) - y));
  }

  private static int edge(int cell, int length) {
    return Math.min(length - 1 + cell / CELLS, (int) ((long) cell * length / CELLS));
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof DetailMap map && Arrays.equals(cells, map.cells);
  }

  @Override
  public int hashCode() {
    return Arrays.hashCode(cells);
  }
}
