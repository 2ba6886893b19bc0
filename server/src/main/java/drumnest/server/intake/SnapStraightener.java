package drumnest.server.intake;

import static org.bytedeco.opencv.global.opencv_core.BORDER_REPLICATE;
import static org.bytedeco.opencv.global.opencv_core.CV_32F;
import static org.bytedeco.opencv.global.opencv_core.CV_32FC2;
import static org.bytedeco.opencv.global.opencv_core.CV_8U;
import static org.bytedeco.opencv.global.opencv_core.merge;
import static org.bytedeco.opencv.global.opencv_core.multiply;
import static org.bytedeco.opencv.global.opencv_core.split;
import static org.bytedeco.opencv.global.opencv_imgcodecs.IMREAD_COLOR;
import static org.bytedeco.opencv.global.opencv_imgcodecs.IMREAD_GRAYSCALE;
import static org.bytedeco.opencv.global.opencv_imgcodecs.IMREAD_REDUCED_COLOR_2;
import static org.bytedeco.opencv.global.opencv_imgcodecs.IMWRITE_JPEG_QUALITY;
import static org.bytedeco.opencv.global.opencv_imgcodecs.imread;
import static org.bytedeco.opencv.global.opencv_imgcodecs.imwrite;
import static org.bytedeco.opencv.global.opencv_imgproc.CHAIN_APPROX_SIMPLE;
import static org.bytedeco.opencv.global.opencv_imgproc.COLOR_BGR2GRAY;
import static org.bytedeco.opencv.global.opencv_imgproc.Canny;
import static org.bytedeco.opencv.global.opencv_imgproc.GaussianBlur;
import static org.bytedeco.opencv.global.opencv_imgproc.INTER_LINEAR;
import static org.bytedeco.opencv.global.opencv_imgproc.MORPH_CLOSE;
import static org.bytedeco.opencv.global.opencv_imgproc.MORPH_RECT;
import static org.bytedeco.opencv.global.opencv_imgproc.RETR_LIST;
import static org.bytedeco.opencv.global.opencv_imgproc.approxPolyDP;
import static org.bytedeco.opencv.global.opencv_imgproc.arcLength;
import static org.bytedeco.opencv.global.opencv_imgproc.convexHull;
import static org.bytedeco.opencv.global.opencv_imgproc.cvtColor;
import static org.bytedeco.opencv.global.opencv_imgproc.findContours;
import static org.bytedeco.opencv.global.opencv_imgproc.getPerspectiveTransform;
import static org.bytedeco.opencv.global.opencv_imgproc.getStructuringElement;
import static org.bytedeco.opencv.global.opencv_imgproc.morphologyEx;
import static org.bytedeco.opencv.global.opencv_imgproc.resize;
import static org.bytedeco.opencv.global.opencv_imgproc.warpPerspective;

import drumnest.core.photo.Pixels;
import drumnest.core.photo.Quad;
import drumnest.core.photo.Quad.Corner;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.FloatPointer;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.javacpp.PointerScope;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.MatVector;
import org.bytedeco.opencv.opencv_core.Rect;
import org.bytedeco.opencv.opencv_core.Scalar;
import org.bytedeco.opencv.opencv_core.Size;

/**
 * Finds prints and sheets in snaps, and cuts a print out of its ground, straight and in even light,
 * with the native library OpenCV.
 *
 * <p>Found is every outline that four straight lines come close to (method: edges by Canny,
 * outlines simplified by Ramer, Douglas and Peucker; common practice, no source). How the light
 * falls off is read from the ground around the print, which is taken to be of one colour: where a
 * plane describes its brightness well, the print is lit as that plane says it is not. Where the
 * ground is patterned, or cut off by the edge of the snap, the light stays as it is. Source: common
 * practice, no source.
 */
final class SnapStraightener {

  /** The longer side of a straightened print, at most: it is looked at, and not printed again. */
  private static final int LONGEST = 2_000;

  private static final int QUALITY = 90;

  /** How strong edges are, and up to how many pixels the gaps in them are closed. */
  private static final int[] STRONG = {40, 80, 140};

  private static final int[] GAPS = {3, 11, 25};

  /** How close to its outline four lines come, as a share of its length. */
  private static final double CLOSE = 0.02;

  /** The share of the snap that a sheet covers at least, and at most. */
  private static final double LEAST = 0.01;

  private static final double MOST = 0.97;

  /** Two outlines of one sheet: how far apart corners are, as a share of its sides. */
  private static final double SAME = 0.08;

  /** How far the ground around a print is looked at, as a share of its longer side. */
  private static final double AROUND = 0.05;

  /** How far the ground may be off the plane on average, as a share of its brightness. */
  private static final double PLAIN = 0.12;

  /** By how much a part of a print is lit or dimmed at most. */
  private static final double MOST_GAIN = 1.6;

  private static final int GAINS = 17;

  /** Bytes that are held while sheets are found in a large picture, and for a print cut out. */
  static final long BYTES_TO_FIND = 40L << 20;

  private static final long BYTES_OF_PRINT = 90L << 20;

  /** A pixel that is read, and once more where the picture is turned upright. */
  private static final long BYTES_OF_PIXEL = 2 * 3;

  private SnapStraightener() {}

  /** How many bytes are held at once to cut a print of this outline out of a snap. */
  static long bytesHeld(Frame snap, Quad corners) {
    long pixels = snap.pixels() / (isReadByHalf(corners) ? 4 : 1);
    return Math.max(BYTES_OF_PIXEL * pixels + snap.passes(), BYTES_OF_PRINT);
  }

  /** Whether half as many pixels along each side are as many as are kept of the print. */
  private static boolean isReadByHalf(Quad corners) {
    return Math.max(corners.width(), corners.height()) >= 2 * LONGEST;
  }

  /**
   * The outlines of what seems to be a sheet, the largest first.
   *
   * @param file the snap, upright
   * @param snap the pixels that corners are told in
   */
  @SuppressWarnings("try") // The scope frees what is made in it.
  static List<Quad> find(Path file, Pixels snap) throws IOException {
    try (PointerScope scope = new PointerScope()) {
      Mat grey = imread(file.toString(), IMREAD_GRAYSCALE);
      if (grey.empty()) {
        throw new IOException("Not a picture: " + file);
      }
      Mat soft = new Mat();
      GaussianBlur(grey, soft, new Size(5, 5), 0);
      List<Quad> found = new ArrayList<>();
      for (int strong : STRONG) {
        for (int gap : GAPS) {
          Mat edges = new Mat();
          Canny(soft, edges, strong / 2.0, strong);
          Mat brush = getStructuringElement(MORPH_RECT, new Size(gap, gap));
          morphologyEx(edges, edges, MORPH_CLOSE, brush);
          MatVector outlines = new MatVector();
          findContours(edges, outlines, RETR_LIST, CHAIN_APPROX_SIMPLE);
          for (long i = 0; i < outlines.size(); i++) {
            quad(outlines.get(i), grey.cols() * (double) grey.rows()).ifPresent(found::add);
          }
        }
      }
      double scale = (double) snap.w() / grey.cols();
      return distinct(found).stream().map(quad -> quad.scaled(scale)).toList();
    }
  }

  private static Optional<Quad> quad(Mat outline, double picture) {
    // An edge that is broken where the print is as dark as its ground is still on the hull.
    Mat hull = new Mat();
    convexHull(outline, hull);
    Mat lines = new Mat();
    approxPolyDP(hull, lines, CLOSE * arcLength(hull, true), true);
    if (lines.total() != 4) {
      return Optional.empty();
    }
    int[] points = new int[8];
    new IntPointer(lines.data()).get(points);
    List<Corner> corners = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      corners.add(new Corner(points[2 * i], points[2 * i + 1]));
    }
    return Optional.of(Quad.of(corners))
        .filter(Quad::isConvex)
        .filter(quad -> quad.area() >= LEAST * picture && quad.area() <= MOST * picture);
  }

  /** Each sheet once, by its outermost outline. */
  private static List<Quad> distinct(List<Quad> found) {
    List<Quad> distinct = new ArrayList<>();
    found.stream()
        .sorted(Comparator.comparingDouble(Quad::area).reversed())
        .filter(quad -> distinct.stream().noneMatch(other -> isSame(quad, other)))
        .forEachOrdered(distinct::add);
    return distinct;
  }

  private static boolean isSame(Quad one, Quad other) {
    double near = SAME * Math.min(other.width(), other.height());
    for (int i = 0; i < 4; i++) {
      Corner a = one.corners().get(i);
      Corner b = other.corners().get(i);
      if (Math.hypot(a.x() - b.x(), a.y() - b.y()) > near) {
        return false;
      }
    }
    return true;
  }

  /**
   * Cuts a print out of its snap and writes it as a JPEG file.
   *
   * @param file the snap, upright
   * @param snap the pixels that the corners are told in
   * @param corners the corners of the print
   * @param aspect its width over its height
   */
  @SuppressWarnings("try") // The scope frees what is made in it.
  static void straighten(Path file, Pixels snap, Quad corners, double aspect, Path to)
      throws IOException {
    try (PointerScope scope = new PointerScope()) {
      Mat seen =
          imread(file.toString(), isReadByHalf(corners) ? IMREAD_REDUCED_COLOR_2 : IMREAD_COLOR);
      if (seen.empty()) {
        throw new IOException("Not a picture: " + file);
      }
      Quad here = corners.scaled((double) seen.cols() / snap.w());
      double longer = Math.min(LONGEST, Math.max(here.width(), here.height()));
      int w = Math.max(1, (int) Math.round(aspect >= 1 ? longer : longer * aspect));
      int h = Math.max(1, (int) Math.round(aspect >= 1 ? longer / aspect : longer));
      int around = (int) Math.max(1, Math.round(AROUND * longer));
      Mat wide = new Mat();
      warpPerspective(
          seen,
          wide,
          getPerspectiveTransform(points(here), rectangle(around, w, h)),
          new Size(w + 2 * around, h + 2 * around),
          INTER_LINEAR,
          BORDER_REPLICATE,
          new Scalar(0));
      boolean groundIsSeen = groundIsSeen(here, seen);
      seen.release();
      Mat print = new Mat(wide, new Rect(around, around, w, h)).clone();
      Optional<Plane> light = groundIsSeen ? ground(wide, around) : Optional.empty();
      wide.release();
      Mat even = light.isEmpty() ? print : lit(print, light.get(), around);
      if (!imwrite(to.toString(), even, new IntPointer(IMWRITE_JPEG_QUALITY, QUALITY))) {
        throw new IOException("Could not write " + to);
      }
    }
  }

  private static Mat points(Quad quad) {
    float[] points = new float[8];
    for (int i = 0; i < 4; i++) {
      points[2 * i] = (float) quad.corners().get(i).x();
      points[2 * i + 1] = (float) quad.corners().get(i).y();
    }
    return new Mat(4, 1, CV_32FC2, new FloatPointer(points));
  }

  private static Mat rectangle(int at, int w, int h) {
    return points(
        new Quad(
            new Corner(at, at),
            new Corner(at + w, at),
            new Corner(at + w, at + h),
            new Corner(at, at + h)));
  }

  /** Whether the ground is in the snap on all sides of the print. */
  private static boolean groundIsSeen(Quad print, Mat seen) {
    double around = AROUND * Math.max(print.width(), print.height());
    return print.corners().stream()
        .allMatch(
            corner ->
                corner.x() >= around
                    && corner.y() >= around
                    && corner.x() <= seen.cols() - around
                    && corner.y() <= seen.rows() - around);
  }

  /** How bright the ground is at each point: level + right · x + down · y. */
  private record Plane(double level, double right, double down) {

    double at(double x, double y) {
      return level + right * x + down * y;
    }

    /** Whether the samples, each a place and its brightness, are near it on average. */
    boolean describes(List<double[]> samples) {
      double mean = samples.stream().mapToDouble(sample -> sample[2]).average().orElse(0);
      double off =
          samples.stream()
              .mapToDouble(sample -> Math.abs(sample[2] - at(sample[0], sample[1])))
              .average()
              .orElse(0);
      return off <= PLAIN * mean;
    }
  }

  /** The plane that describes the brightness of the ground around a print, if one does. */
  private static Optional<Plane> ground(Mat wide, int around) {
    Mat grey = new Mat();
    cvtColor(wide, grey, COLOR_BGR2GRAY);
    int w = grey.cols();
    int h = grey.rows();
    byte[] values = new byte[w * h];
    new BytePointer(grey.data()).get(values);
    // What is nearest to the print may be its shadow or its edge.
    int edge = Math.max(1, around * 2 / 3);
    int step = Math.max(1, Math.max(w, h) / 200);
    List<double[]> samples = new ArrayList<>();
    for (int y = 0; y < h; y += step) {
      for (int x = 0; x < w; x += step) {
        if (x < edge || y < edge || x >= w - edge || y >= h - edge) {
          samples.add(new double[] {x, y, values[y * w + x] & 0xff});
        }
      }
    }
    return plane(samples).filter(plane -> plane.describes(samples));
  }

  /** The plane of least squares, by Cramer's rule. */
  private static Optional<Plane> plane(List<double[]> samples) {
    double[] s = new double[9];
    for (double[] sample : samples) {
      double x = sample[0];
      double y = sample[1];
      double[] terms = {1, x, y, x * x, x * y, y * y, sample[2], x * sample[2], y * sample[2]};
      for (int i = 0; i < s.length; i++) {
        s[i] += terms[i];
      }
    }
    double whole = determinant(s[0], s[1], s[2], s[1], s[3], s[4], s[2], s[4], s[5]);
    if (Math.abs(whole) < 1e-6 || s[6] == 0) {
      return Optional.empty();
    }
    return Optional.of(
        new Plane(
            determinant(s[6], s[1], s[2], s[7], s[3], s[4], s[8], s[4], s[5]) / whole,
            determinant(s[0], s[6], s[2], s[1], s[7], s[4], s[2], s[8], s[5]) / whole,
            determinant(s[0], s[1], s[6], s[1], s[3], s[7], s[2], s[4], s[8]) / whole));
  }

  private static double determinant(
      double a, double b, double c, double d, double e, double f, double g, double h, double i) {
    return a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g);
  }

  /** A print lit where the ground says that it is dim, and dimmed where it is bright. */
  private static Mat lit(Mat print, Plane ground, int around) {
    double mean = ground.at(around + print.cols() / 2.0, around + print.rows() / 2.0);
    float[] gains = new float[GAINS * GAINS];
    for (int i = 0; i < gains.length; i++) {
      double x = around + print.cols() * (i % GAINS + 0.5) / GAINS;
      double y = around + print.rows() * (i / GAINS + 0.5) / GAINS;
      double gain = mean / Math.max(1, ground.at(x, y));
      gains[i] = (float) Math.max(1 / MOST_GAIN, Math.min(MOST_GAIN, gain));
    }
    Mat smooth = new Mat();
    resize(
        new Mat(GAINS, GAINS, CV_32F, new FloatPointer(gains)),
        smooth,
        print.size(),
        0,
        0,
        INTER_LINEAR);
    MatVector colours = new MatVector();
    split(print, colours);
    for (long i = 0; i < colours.size(); i++) {
      multiply(colours.get(i), smooth, colours.get(i), 1, CV_8U);
    }
    Mat even = new Mat();
    merge(colours, even);
    return even;
  }
}
