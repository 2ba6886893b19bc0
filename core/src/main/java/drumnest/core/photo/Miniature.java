package drumnest.core.photo;

import java.util.Arrays;

/**
 * A picture in few grey pixels, which tells whether two pictures show the same though the camera
 * was moved or turned a little between them, or the light changed.
 *
 * <p>Of both only what differs from its surroundings is compared, so that two skies over two lands
 * are not taken for one. One is moved and turned over the other; what lies on each other then is
 * compared by its coefficient of correlation, which does not mind how light or how rich in contrast
 * they are. Every place is tried in half the pixels across and down first, and the best again in
 * all of them. Method: template matching by normalised cross-correlation, common practice, no
 * source. Time: pixels × places tried, about a tenth of a millisecond.
 */
public final class Miniature {

  /** Pixels along the longer side. */
  public static final int SIDE = 32;

  /** How far one picture may be moved against the other, as a share of the longer side. */
  private static final double SHIFT = 0.1;

  /** How far one may be turned, in degrees. */
  private static final double TURN = 3;

  /** Up to what distance pixels are the surroundings of one, in all pixels. */
  private static final int SURROUNDINGS = 4;

  /** Below this in the halved picture, without turning, nothing more is asked. */
  private static final double HOPELESS = 0.3;

  private final byte[] grey;
  private final int w;

  private Miniature(byte[] grey, int w) {
    this.grey = grey;
    this.w = w;
  }

  /**
   * @param grey grey values 0 to 255, row by row
   * @param w values a row
   */
  public static Miniature of(int[] grey, int w) {
    int h = grey.length / w;
    int longer = Math.max(w, h);
    int columns = Math.max(1, Math.min(w, (w * SIDE + longer / 2) / longer));
    int rows = Math.max(1, Math.min(h, (h * SIDE + longer / 2) / longer));
    byte[] cells = new byte[columns * rows];
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        cells[row * columns + column] =
            (byte)
                mean(
                    grey,
                    w,
                    column * w / columns,
                    row * h / rows,
                    (column + 1) * w / columns,
                    (row + 1) * h / rows);
      }
    }
    return new Miniature(cells, columns);
  }

  private static int mean(int[] grey, int w, int left, int top, int right, int bottom) {
    long sum = 0;
    for (int y = top; y < bottom; y++) {
      for (int x = left; x < right; x++) {
        sum += grey[y * w + x];
      }
    }
    return (int) (sum / ((long) (right - left) * (bottom - top)));
  }

  /**
   * @param bytes what {@link #toBytes} gave
   * @throws IllegalArgumentException if they are not whole rows
   */
  public static Miniature ofBytes(byte[] bytes) {
    if (bytes.length < 2 || bytes[0] < 1 || (bytes.length - 1) % bytes[0] != 0) {
      throw new IllegalArgumentException("A miniature has whole rows.");
    }
    return new Miniature(Arrays.copyOfRange(bytes, 1, bytes.length), bytes[0]);
  }

  /** How many pixels a row has, then one byte a pixel, row by row. */
  public byte[] toBytes() {
    byte[] bytes = new byte[grey.length + 1];
    bytes[0] = (byte) w;
    System.arraycopy(grey, 0, bytes, 1, grey.length);
    return bytes;
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Miniature that && w == that.w && Arrays.equals(grey, that.grey);
  }

  @Override
  public int hashCode() {
    return Arrays.hashCode(grey);
  }

  /** How alike two pictures are in the place in which they are most alike: 1 for the same. */
  public double likeness(Miniature other) {
    return detail().likeness(other.detail());
  }

  /** Tells what is compared of it. */
  Detail detail() {
    int[] values = new int[grey.length];
    for (int i = 0; i < grey.length; i++) {
      values[i] = grey[i] & 0xff;
    }
    int h = grey.length / w;
    return new Detail(
        Plane.of(halved(values, w, h), w / 2, SURROUNDINGS / 2), Plane.of(values, w, SURROUNDINGS));
  }

  private static int[] halved(int[] values, int w, int h) {
    int[] half = new int[(w / 2) * (h / 2)];
    for (int y = 0; y < h / 2; y++) {
      for (int x = 0; x < w / 2; x++) {
        int at = 2 * y * w + 2 * x;
        half[y * (w / 2) + x] =
            (values[at] + values[at + 1] + values[at + w] + values[at + w + 1]) / 4;
      }
    }
    return half;
  }

  /**
   * The detail of a picture that is compared.
   *
   * @param half halved across and down
   * @param whole in all pixels
   */
  record Detail(Plane half, Plane whole) {

    double likeness(Detail other) {
      int reach = (int) Math.ceil(SHIFT * Math.max(half.w, half.h()));
      Place best = half.best(other.half, 0, 0, reach, 0, new Place(0, 0, 0, -1));
      if (best.likeness < HOPELESS) {
        return best.likeness;
      }
      for (double turn : new double[] {-TURN, -TURN / 2, TURN / 2, TURN}) {
        best = half.best(other.half, 0, 0, reach, turn, best);
      }
      Place better = new Place(0, 0, 0, -1);
      for (double turn : new double[] {best.turn - TURN / 4, best.turn, best.turn + TURN / 4}) {
        better = whole.best(other.whole, 2 * best.x, 2 * best.y, 1, turn, better);
      }
      return better.likeness;
    }
  }

  /** Where one picture is laid over the other, and how alike they are there. */
  private record Place(int x, int y, double turn, double likeness) {}

  /** Each pixel less the mean of its surroundings. */
  static final class Plane {
    private final float[] values;
    private final int w;

    private Plane(float[] values, int w) {
      this.values = values;
      this.w = w;
    }

    int h() {
      return values.length / w;
    }

    static Plane of(int[] grey, int w, int reach) {
      int h = grey.length / w;
      float[] values = new float[grey.length];
      for (int y = 0; y < h; y++) {
        for (int x = 0; x < w; x++) {
          int left = Math.max(0, x - reach);
          int top = Math.max(0, y - reach);
          int right = Math.min(w, x + reach + 1);
          int bottom = Math.min(h, y + reach + 1);
          values[y * w + x] = grey[y * w + x] - (float) mean(grey, w, left, top, right, bottom);
        }
      }
      return new Plane(values, w);
    }

    /** The best of a place and those near it, at one turn. */
    Place best(Plane other, int aboutX, int aboutY, int reach, double turn, Place sofar) {
      float[] turned = other.turned(turn);
      Place best = sofar;
      for (int y = aboutY - reach; y <= aboutY + reach; y++) {
        for (int x = aboutX - reach; x <= aboutX + reach; x++) {
          double likeness = correlation(turned, other.w, x, y);
          if (likeness > best.likeness) {
            best = new Place(x, y, turn, likeness);
          }
        }
      }
      return best;
    }

    /** The picture turned about its middle; NaN where nothing of it is. */
    private float[] turned(double degrees) {
      if (degrees == 0) {
        return values;
      }
      float[] turned = new float[values.length];
      Arrays.fill(turned, Float.NaN);
      double cos = Math.cos(Math.toRadians(degrees));
      double sin = Math.sin(Math.toRadians(degrees));
      double midX = (w - 1) / 2.0;
      double midY = (h() - 1) / 2.0;
      for (int y = 0; y < h(); y++) {
        for (int x = 0; x < w; x++) {
          double fromX = midX + (x - midX) * cos - (y - midY) * sin;
          double fromY = midY + (x - midX) * sin + (y - midY) * cos;
          int left = (int) Math.floor(fromX);
          int top = (int) Math.floor(fromY);
          if (left >= 0 && top >= 0 && left + 1 < w && top + 1 < h()) {
            float right = (float) (fromX - left);
            float down = (float) (fromY - top);
            int at = top * w + left;
            turned[y * w + x] =
                (values[at] * (1 - right) + values[at + 1] * right) * (1 - down)
                    + (values[at + w] * (1 - right) + values[at + w + 1] * right) * down;
          }
        }
      }
      return turned;
    }

    /** The coefficient of correlation of what lies on each other when one is moved. */
    private double correlation(float[] other, int otherW, int moveX, int moveY) {
      int right = Math.min(w, otherW + moveX);
      int bottom = Math.min(h(), other.length / otherW + moveY);
      double mine = 0;
      double theirs = 0;
      double both = 0;
      for (int y = Math.max(0, moveY); y < bottom; y++) {
        int row = y * w;
        int otherRow = (y - moveY) * otherW - moveX;
        for (int x = Math.max(0, moveX); x < right; x++) {
          float b = other[otherRow + x];
          if (b == b) {
            float a = values[row + x];
            mine += a * a;
            theirs += b * b;
            both += a * b;
          }
        }
      }
      return mine == 0 || theirs == 0 ? 0 : both / Math.sqrt(mine * theirs);
    }
  }
}
