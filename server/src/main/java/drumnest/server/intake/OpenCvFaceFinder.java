package drumnest.server.intake;

import static org.bytedeco.opencv.global.opencv_core.BORDER_CONSTANT;
import static org.bytedeco.opencv.global.opencv_core.CV_32F;
import static org.bytedeco.opencv.global.opencv_core.CV_8UC4;
import static org.bytedeco.opencv.global.opencv_core.copyMakeBorder;
import static org.bytedeco.opencv.global.opencv_core.setNumThreads;
import static org.bytedeco.opencv.global.opencv_dnn.NMSBoxes;
import static org.bytedeco.opencv.global.opencv_dnn.blobFromImage;
import static org.bytedeco.opencv.global.opencv_dnn.readNetFromTFLite;
import static org.bytedeco.opencv.global.opencv_imgcodecs.IMREAD_COLOR;
import static org.bytedeco.opencv.global.opencv_imgcodecs.imread;
import static org.bytedeco.opencv.global.opencv_imgproc.COLOR_BGRA2BGR;
import static org.bytedeco.opencv.global.opencv_imgproc.INTER_AREA;
import static org.bytedeco.opencv.global.opencv_imgproc.INTER_LINEAR;
import static org.bytedeco.opencv.global.opencv_imgproc.cvtColor;
import static org.bytedeco.opencv.global.opencv_imgproc.resize;

import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import java.io.IOException;
import java.io.InputStream;
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
import org.bytedeco.opencv.opencv_core.RectVector;
import org.bytedeco.opencv.opencv_core.Scalar;
import org.bytedeco.opencv.opencv_core.Size;
import org.bytedeco.opencv.opencv_core.StringVector;
import org.bytedeco.opencv.opencv_dnn.Net;

/**
 * Finds faces with the native library OpenCV and a ready model: {@code face_detection_full_range}
 * of the npm package {@code @mediapipe/face_detection} (Apache-2.0).
 *
 * <p>The model sees a square of 192 × 192 pixels, here the whole picture with black beside it, and
 * says for each of 48 × 48 cells how likely a face is in it and where. Where the whole picture has
 * several small faces, as of a large group, its parts are looked at too, each larger, and what the
 * looks have in common is counted once (non-maximum suppression). Source of the encoding: the
 * package's own page; of the suppression: common practice, no source.
 */
final class OpenCvFaceFinder implements FaceFinder {

  private static final String MODEL = "/models/face_detection_full_range.tflite";
  private static final int SIDE = 192;
  private static final int CELLS = 48;
  private static final int NUMBERS_A_CELL = 16;

  /** Half of the range of a colour. */
  private static final double HALF = 127.5;

  /** How likely a face must be. */
  private static final double LIKELY = 0.55;

  /** How likely a small one, to be worth looking closer. */
  private static final double PERHAPS = 0.3;

  /** The share of two boxes' common area from which on they are one face. */
  private static final float SAME = 0.3f;

  /** The share of the picture's longer side up to which a face is small. */
  private static final double SMALL = 0.07;

  private static final int SEVERAL = 2;

  /** Parts across and down, which overlap by half. */
  private static final int PARTS = 3;

  private final Net net;
  private final StringVector outputs;

  /**
   * @throws LinkageError if the native library does not load here
   * @throws IOException if the model is not there
   */
  OpenCvFaceFinder() throws IOException {
    try (InputStream in = OpenCvFaceFinder.class.getResourceAsStream(MODEL)) {
      if (in == null) {
        throw new IOException("The model that finds faces is missing: " + MODEL);
      }
      byte[] model = in.readAllBytes();
      net = readNetFromTFLite(new BytePointer(model), model.length);
    }
    outputs = net.getUnconnectedOutLayersNames();
    // Photos are looked at beside each other already.
    setNumThreads(1);
  }

  @Override
  @SuppressWarnings("try") // The scope frees what is made in it.
  public List<PixelBox> find(Sample small, Pixels picture, Path large) throws IOException {
    try (PointerScope scope = new PointerScope()) {
      Mat seen = colours(small);
      Looks looks = new Looks();
      look(seen, whole(seen), looks);
      if (areSmallAndSeveral(looks.once(PERHAPS), seen)) {
        seen = imread(large.toString(), IMREAD_COLOR);
        if (seen.empty()) {
          throw new IOException("Not a picture: " + large);
        }
        looks = new Looks();
        look(seen, whole(seen), looks);
        for (PixelBox part : parts(seen)) {
          look(seen, part, looks);
        }
      }
      double scale = (double) picture.w() / seen.cols();
      return looks.once(LIKELY).stream()
          .map(face -> scaled(face, scale, picture))
          .sorted(Comparator.comparingLong(PixelBox::area).reversed())
          .toList();
    }
  }

  private static Mat colours(Sample sample) {
    Mat colours = new Mat();
    cvtColor(
        new Mat(sample.h(), sample.w(), CV_8UC4, new IntPointer(sample.rgb())),
        colours,
        COLOR_BGRA2BGR);
    return colours;
  }

  private static PixelBox whole(Mat picture) {
    return new PixelBox(0, 0, picture.cols(), picture.rows());
  }

  private static boolean areSmallAndSeveral(List<PixelBox> faces, Mat picture) {
    double small = SMALL * Math.max(picture.cols(), picture.rows());
    return faces.stream().filter(face -> Math.max(face.w(), face.h()) < small).count() >= SEVERAL;
  }

  /** Parts of half the picture's sides, each overlapping the next by half. */
  private static List<PixelBox> parts(Mat picture) {
    List<PixelBox> parts = new ArrayList<>();
    int w = Math.max(1, picture.cols() / 2);
    int h = Math.max(1, picture.rows() / 2);
    for (int row = 0; row < PARTS; row++) {
      for (int column = 0; column < PARTS; column++) {
        parts.add(
            new PixelBox(
                (picture.cols() - w) * column / (PARTS - 1),
                (picture.rows() - h) * row / (PARTS - 1),
                w,
                h));
      }
    }
    return parts;
  }

  private static PixelBox scaled(PixelBox face, double scale, Pixels picture) {
    int x = (int) Math.min(picture.w() - 1, Math.round(face.x() * scale));
    int y = (int) Math.min(picture.h() - 1, Math.round(face.y() * scale));
    int w = (int) Math.max(1, Math.min(picture.w() - x, Math.round(face.w() * scale)));
    int h = (int) Math.max(1, Math.min(picture.h() - y, Math.round(face.h() * scale)));
    return new PixelBox(x, y, w, h);
  }

  /** The faces that were seen in one or several looks at a picture. */
  private static final class Looks {
    private final List<PixelBox> boxes = new ArrayList<>();
    private final List<Float> likely = new ArrayList<>();

    void add(PixelBox box, double howLikely) {
      boxes.add(box);
      likely.add((float) howLikely);
    }

    /** Each face that is likely enough, once. */
    @SuppressWarnings("try") // The scope frees what is made in it.
    List<PixelBox> once(double enough) {
      if (boxes.isEmpty()) {
        return List.of();
      }
      try (PointerScope scope = new PointerScope()) {
        RectVector rects = new RectVector(boxes.size());
        float[] scores = new float[boxes.size()];
        for (int i = 0; i < scores.length; i++) {
          PixelBox box = boxes.get(i);
          rects.put(i, new Rect(box.x(), box.y(), box.w(), box.h()));
          scores[i] = likely.get(i);
        }
        IntPointer kept = new IntPointer(scores.length);
        NMSBoxes(rects, new FloatPointer(scores), (float) enough, SAME, kept, 1f, 0);
        List<PixelBox> once = new ArrayList<>();
        for (long i = 0; i < kept.limit(); i++) {
          once.add(boxes.get(kept.get(i)));
        }
        return once;
      }
    }
  }

  /** Looks once at a part of a picture. */
  @SuppressWarnings("try") // The scope frees what is made in it.
  private void look(Mat picture, PixelBox part, Looks looks) {
    try (PointerScope scope = new PointerScope()) {
      Mat seen = new Mat(picture, new Rect(part.x(), part.y(), part.w(), part.h()));
      int longer = Math.max(part.w(), part.h());
      int w = Math.max(1, part.w() * SIDE / longer);
      int h = Math.max(1, part.h() * SIDE / longer);
      Mat reduced = new Mat();
      resize(seen, reduced, new Size(w, h), 0, 0, longer > SIDE ? INTER_AREA : INTER_LINEAR);
      int left = (SIDE - w) / 2;
      int top = (SIDE - h) / 2;
      Mat square = new Mat();
      copyMakeBorder(
          reduced,
          square,
          top,
          SIDE - h - top,
          left,
          SIDE - w - left,
          BORDER_CONSTANT,
          new Scalar(0));
      Mat blob =
          blobFromImage(
              square,
              1 / HALF,
              new Size(SIDE, SIDE),
              new Scalar(HALF, HALF, HALF, 0),
              true,
              false,
              CV_32F);
      float[] scores = new float[CELLS * CELLS];
      float[] numbers = new float[CELLS * CELLS * NUMBERS_A_CELL];
      forward(blob, scores, numbers);
      double scale = (double) longer / SIDE;
      for (int cell = 0; cell < scores.length; cell++) {
        double howLikely = 1 / (1 + Math.exp(-scores[cell]));
        if (howLikely >= PERHAPS) {
          int at = cell * NUMBERS_A_CELL;
          double x = centre(cell % CELLS, numbers[at]) - numbers[at + 2] / 2 - left;
          double y = centre(cell / CELLS, numbers[at + 1]) - numbers[at + 3] / 2 - top;
          box(x * scale, y * scale, numbers[at + 2] * scale, numbers[at + 3] * scale, part)
              .ifPresent(box -> looks.add(box, howLikely));
        }
      }
    }
  }

  private static double centre(int cell, float off) {
    return (cell + 0.5) * SIDE / CELLS + off;
  }

  /**
   * A box in the picture, from one in a part of it; nothing where it is wholly outside the part.
   */
  private static Optional<PixelBox> box(double x, double y, double w, double h, PixelBox part) {
    int left = (int) Math.max(0, Math.round(x));
    int top = (int) Math.max(0, Math.round(y));
    int right = (int) Math.min(part.w(), Math.round(x + w));
    int bottom = (int) Math.min(part.h(), Math.round(y + h));
    return right <= left || bottom <= top
        ? Optional.empty()
        : Optional.of(new PixelBox(part.x() + left, part.y() + top, right - left, bottom - top));
  }

  /** The model keeps what it works out, so that it sees one picture at a time. */
  private synchronized void forward(Mat blob, float[] scores, float[] numbers) {
    net.setInput(blob);
    MatVector answers = new MatVector();
    net.forward(answers, outputs);
    for (long i = 0; i < answers.size(); i++) {
      Mat answer = answers.get(i);
      float[] into = answer.total() == scores.length ? scores : numbers;
      new FloatPointer(answer.data()).get(into);
    }
  }

  @Override
  public String description() {
    return "OpenCV, native, with a model for faces; nobody is recognised";
  }
}
