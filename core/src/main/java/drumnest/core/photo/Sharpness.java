package drumnest.core.photo;

import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.Arrays;
import java.util.List;

/**
 * How sharp a picture is where its subject is: 0 for a picture without edges up to 100. A picture
 * is blurred once more; where it was sharp its neighbouring pixels differ far less after that,
 * where it was blurred they hardly do. That is a share, so that fog, dusk and night, of little
 * contrast, are as sharp as their edges are.
 *
 * <p>It is judged at the faces where there are any that are large enough, else at the sharpest of
 * the parts in which something is to be seen, so that a portrait before a soft ground is sharp and
 * one that is out of focus before a sharp ground is not. Source of the measure: Crete, Dolmiere,
 * Ladret and Nicolas, The blur effect: perception and estimation with a new no-reference perceptual
 * blur metric, SPIE 6492, 2007; where it is judged: common practice, no source. Time: pixels.
 */
public final class Sharpness {

  /** How many pixels are averaged to blur once more, an odd number. */
  private static final int BLUR = 9;

  /** How far it reaches; what is nearer to the picture's edge is left out. */
  private static final int REACH = BLUR / 2;

  /** Parts across, and parts down. */
  private static final int PARTS = 8;

  /** A face with fewer pixels across is not judged by itself. */
  private static final int LEAST_FACE = 24;

  /** The share of the liveliest part's differences from which on something is to be seen. */
  private static final double LIVELY = 0.3;

  /** How much neighbouring pixels differ on average where anything is to be seen at all. */
  private static final double SEEN = 0.5;

  /** Which of the lively parts, from the sharpest, is asked, of all of them. */
  private static final double SHARPEST = 0.1;

  private final int[] grey;
  private final int w;
  private final int h;

  private Sharpness(int[] grey, int w) {
    this.grey = grey;
    this.w = w;
    this.h = grey.length / w;
  }

  /**
   * @param grey grey values 0 to 255, row by row
   * @param w values a row
   * @param faces faces in it, in its pixels
   * @return 0 to 100
   */
  public static double of(int[] grey, int w, List<PixelBox> faces) {
    return new Sharpness(grey, w).judge(faces);
  }

  /** Whether a picture as sharp as that is called blurred. */
  public static boolean isBlurred(double sharpness, HouseRules rules) {
    return sharpness < rules.number(HouseRule.BLURRED_BELOW);
  }

  private double judge(List<PixelBox> faces) {
    Differences atFaces = new Differences();
    for (PixelBox face : faces) {
      if (face.w() >= LEAST_FACE && face.h() >= LEAST_FACE) {
        add(face, atFaces);
      }
    }
    if (atFaces.all() > 0) {
      return atFaces.sharpness();
    }
    Differences[] parts = new Differences[PARTS * PARTS];
    for (int i = 0; i < parts.length; i++) {
      parts[i] = new Differences();
      int left = i % PARTS * w / PARTS;
      int top = i / PARTS * h / PARTS;
      int right = (i % PARTS + 1) * w / PARTS;
      int bottom = (i / PARTS + 1) * h / PARTS;
      if (right > left && bottom > top) {
        add(new PixelBox(left, top, right - left, bottom - top), parts[i]);
      }
    }
    double most = Arrays.stream(parts).mapToDouble(Differences::all).max().orElse(0);
    if (most < SEEN * w * h / parts.length) {
      return 0;
    }
    double[] lively =
        Arrays.stream(parts)
            .filter(part -> part.all() >= LIVELY * most)
            .mapToDouble(Differences::sharpness)
            .sorted()
            .toArray();
    return lively[(int) ((lively.length - 1) * (1 - SHARPEST))];
  }

  /** Differences between neighbours, across and down, and what of them a further blur takes. */
  private static final class Differences {
    private double across;
    private double acrossTaken;
    private double down;
    private double downTaken;

    double all() {
      return across + down;
    }

    /** That of the direction in which it is less sharp: a shake is seen in one direction only. */
    double sharpness() {
      double sharpAcross = across == 0 ? 1 : acrossTaken / across;
      double sharpDown = down == 0 ? 1 : downTaken / down;
      return 100 * Math.min(sharpAcross, sharpDown);
    }
  }

  private void add(PixelBox box, Differences into) {
    int right = Math.min(w, box.right());
    int bottom = Math.min(h, box.bottom());
    for (int y = box.y(); y < bottom; y++) {
      for (int x = box.x(); x < right; x++) {
        int here = grey[y * w + x];
        if (x > REACH && x < w - REACH) {
          double difference = Math.abs(here - grey[y * w + x - 1]);
          into.across += difference;
          into.acrossTaken += Math.max(0, difference - blurredAcross(x, y));
        }
        if (y > REACH && y < h - REACH) {
          double difference = Math.abs(here - grey[(y - 1) * w + x]);
          into.down += difference;
          into.downTaken += Math.max(0, difference - blurredDown(x, y));
        }
      }
    }
  }

  /**
   * How much two neighbours differ after blurring: of two means that share all but their ends, the
   * ends over how many there are.
   */
  private double blurredAcross(int x, int y) {
    return (double) Math.abs(grey[y * w + x + REACH] - grey[y * w + x - 1 - REACH]) / BLUR;
  }

  private double blurredDown(int x, int y) {
    return (double) Math.abs(grey[(y + REACH) * w + x] - grey[(y - 1 - REACH) * w + x]) / BLUR;
  }
}
