package drumnest.server.intake;

import drumnest.core.photo.DetailMap;
import drumnest.core.photo.Fingerprint;
import drumnest.core.photo.Light;
import drumnest.core.photo.Miniature;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.photo.Sharpness;
import drumnest.server.store.PixelFeatures;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import org.jspecify.annotations.Nullable;

/**
 * A small upright picture, from which the features of a photo are taken.
 *
 * @param rgb its colours as {@code 0xrrggbb}, row by row; what lies above them is ignored
 * @param w pixels a row
 */
record Sample(int[] rgb, int w) {

  private static final int COLUMNS = 9;
  private static final int ROWS = 8;

  /** A derived picture that was written before. */
  static Sample read(Path file) throws IOException {
    BufferedImage picture = ImageIO.read(file.toFile());
    if (picture == null) {
      throw new IOException("Not a picture: " + file);
    }
    return of(picture);
  }

  static Sample of(BufferedImage picture) {
    int w = picture.getWidth();
    return new Sample(picture.getRGB(0, 0, w, picture.getHeight(), null, 0, w), w);
  }

  int h() {
    return rgb.length / w;
  }

  /**
   * Tells what is measured of the pixels.
   *
   * @param faces the faces that were found, in the pixels of the photo; null where none were looked
   *     for
   * @param picture the size of the photo
   */
  PixelFeatures features(@Nullable List<PixelBox> faces, Pixels picture) {
    int h = h();
    int[] grey = grey();
    int side = Math.min(w, h);
    return new PixelFeatures(
        fingerprint(grey, 0, 0, w, h),
        fingerprint(grey, (w - side) / 2, (h - side) / 2, side, side),
        Miniature.of(grey, w),
        meanColour(0),
        meanColour(1),
        Sharpness.of(grey, w, faces == null ? List.of() : here(faces, picture)),
        Light.of(grey),
        DetailMap.of(grey, w),
        faces);
  }

  /** The picture in few pixels. */
  Miniature miniature() {
    return Miniature.of(grey(), w);
  }

  /** How sharp it is where its subject is. */
  double sharpness(List<PixelBox> faces, Pixels picture) {
    return Sharpness.of(grey(), w, here(faces, picture));
  }

  /** Boxes of the photo in the pixels of this picture; those that vanish in it are left out. */
  private List<PixelBox> here(List<PixelBox> boxes, Pixels picture) {
    return boxes.stream()
        .filter(box -> box.w() * w / picture.w() > 0 && box.h() * h() / picture.h() > 0)
        .map(
            box ->
                new PixelBox(
                    box.x() * w / picture.w(),
                    box.y() * h() / picture.h(),
                    box.w() * w / picture.w(),
                    box.h() * h() / picture.h()))
        .toList();
  }

  /** Luma (source: ITU-R BT.601), in whole numbers. */
  private int[] grey() {
    int[] grey = new int[rgb.length];
    for (int i = 0; i < grey.length; i++) {
      int colour = rgb[i];
      grey[i] =
          ((colour >> 16 & 0xff) * 77 + (colour >> 8 & 0xff) * 150 + (colour & 0xff) * 29) >> 8;
    }
    return grey;
  }

  /** The fingerprint of the mean grey of 8 rows of 9 cells of a part of the picture. */
  private Fingerprint fingerprint(int[] grey, int left, int top, int width, int height) {
    int[] cells = new int[COLUMNS * ROWS];
    for (int row = 0; row < ROWS; row++) {
      for (int column = 0; column < COLUMNS; column++) {
        int[] across = span(column, COLUMNS, width);
        int[] down = span(row, ROWS, height);
        long sum = 0;
        for (int y = down[0]; y < down[1]; y++) {
          for (int x = across[0]; x < across[1]; x++) {
            sum += grey[(top + y) * w + left + x];
          }
        }
        cells[row * COLUMNS + column] =
            (int) (sum / ((long) (across[1] - across[0]) * (down[1] - down[0])));
      }
    }
    return Fingerprint.of(cells);
  }

  private static int[] span(int cell, int cells, int length) {
    int from = Math.min(length - 1, cell * length / cells);
    return new int[] {from, Math.max(from + 1, (cell + 1) * length / cells)};
  }

  /**
   * The mean colour of the whole picture, or of its outermost sixteenth on each side.
   *
   * @param edge 0 for the whole, 1 for the edge
   */
  private int meanColour(int edge) {
    int h = h();
    int band = Math.max(1, Math.min(w, h) / 16);
    long red = 0;
    long green = 0;
    long blue = 0;
    long count = 0;
    for (int y = 0; y < h; y++) {
      boolean inside = y >= band && y < h - band;
      for (int x = 0; x < w; x++) {
        if (edge == 1 && inside && x == band && w > 2 * band) {
          x = w - band;
        }
        int colour = rgb[y * w + x];
        red += colour >> 16 & 0xff;
        green += colour >> 8 & 0xff;
        blue += colour & 0xff;
        count++;
      }
    }
    return (int) (red / count) << 16 | (int) (green / count) << 8 | (int) (blue / count);
  }
}
