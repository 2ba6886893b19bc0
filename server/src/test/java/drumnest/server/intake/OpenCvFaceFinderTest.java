package drumnest.server.intake;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.server.GroupPhotographs;
import drumnest.server.demo.KiteMeetSamples;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.awt.image.RescaleOp;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Faces in six group photographs, in which 22 faces were marked by hand; and in the same
 * photographs smaller, darker, paler, mirrored, leaning, and as small parts of larger pictures.
 */
class OpenCvFaceFinderTest {

  /** The middle of each face, in pixels, by the photograph. */
  private static final int[][][] FACES = {
    {{482, 488}, {923, 559}, {1561, 333}},
    {{409, 278}, {987, 360}, {1530, 282}},
    {{679, 477}, {1164, 373}, {1598, 447}},
    {{346, 326}, {734, 206}, {1044, 309}, {1345, 282}},
    {{465, 1033}, {705, 551}, {876, 229}, {1188, 331}, {1484, 534}},
    {{365, 643}, {757, 489}, {1280, 457}, {1572, 417}}
  };

  @TempDir private static Path folder;
  private static FaceFinder finder;
  private static final List<BufferedImage> PHOTOGRAPHS = new ArrayList<>();

  @BeforeAll
  static void read() throws IOException {
    finder = new OpenCvFaceFinder();
    for (int i = 1; i <= FACES.length; i++) {
      PHOTOGRAPHS.add(GroupPhotographs.read(i));
    }
  }

  /** A way to show a photograph: where its pixels go, and how bright they become. */
  private record Look(String name, AffineTransform to, int w, int h, float light) {

    @Override
    public String toString() {
      return name;
    }

    BufferedImage of(BufferedImage photograph) {
      BufferedImage shown = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
      Graphics2D graphics = shown.createGraphics();
      graphics.setRenderingHint(
          RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
      graphics.drawImage(photograph, to, null);
      graphics.dispose();
      return new RescaleOp(light, 0, null).filter(shown, null);
    }
  }

  static List<Look> looks() {
    List<Look> looks = new ArrayList<>();
    for (double scale : new double[] {0.5, 0.3, 0.2}) {
      for (float light : new float[] {0.35f, 1, 1.5f}) {
        AffineTransform reduced = AffineTransform.getScaleInstance(scale, scale);
        int w = (int) (1920 * scale);
        int h = (int) (1537 * scale);
        looks.add(new Look("scale " + scale + ", light " + light, reduced, w, h, light));
        AffineTransform mirrored = new AffineTransform(-1, 0, 0, 1, w, 0);
        mirrored.concatenate(reduced);
        looks.add(new Look("mirrored, scale " + scale + ", light " + light, mirrored, w, h, light));
      }
    }
    for (int degrees : new int[] {-15, -8, 8, 15}) {
      AffineTransform leaning =
          AffineTransform.getRotateInstance(Math.toRadians(degrees), 960, 700);
      leaning.preConcatenate(AffineTransform.getTranslateInstance(100, 200));
      leaning.preConcatenate(AffineTransform.getScaleInstance(0.5, 0.5));
      looks.add(new Look("leaning by " + degrees, leaning, 1060, 970, 1));
    }
    return looks;
  }

  private static Path file(BufferedImage picture) throws IOException {
    Path file = folder.resolve("large.png");
    ImageIO.write(picture, "png", file.toFile());
    return file;
  }

  private static List<PixelBox> find(BufferedImage picture) throws IOException {
    Sample sample = Sample.of(picture);
    return finder.find(sample, new Pixels(sample.w(), sample.h()), file(picture));
  }

  private static boolean isAt(PixelBox face, Point2D middle) {
    double x = face.x() + face.w() / 2.0;
    double y = face.y() + face.h() / 2.0;
    return middle.distance(x, y) < face.w() / 3.0;
  }

  private static Point2D shown(int[] middle, AffineTransform to) {
    return to.transform(new Point2D.Double(middle[0], middle[1]), null);
  }

  /** How many faces were found of how many, and how many where none is. */
  private record Score(int right, int faces, int wrong) {}

  private static Score score(Look look) throws IOException {
    int right = 0;
    int faces = 0;
    int wrong = 0;
    for (int i = 0; i < FACES.length; i++) {
      List<PixelBox> found = new ArrayList<>(find(look.of(PHOTOGRAPHS.get(i))));
      for (int[] middle : FACES[i]) {
        right += found.removeIf(face -> isAt(face, shown(middle, look.to()))) ? 1 : 0;
        faces++;
      }
      wrong += found.size();
    }
    return new Score(right, faces, wrong);
  }

  @Test
  void every_face_is_found_as_the_photographs_are() throws IOException {
    Look asTheyAre = new Look("as they are", new AffineTransform(), 1920, 1537, 1);
    assertThat(score(asTheyAre)).isEqualTo(new Score(22, 22, 0));
  }

  @Test
  void of_132_photographs_98_of_100_faces_are_found_and_99_of_100_found_are_faces()
      throws IOException {
    int right = 0;
    int faces = 0;
    int wrong = 0;
    for (Look look : looks()) {
      Score score = score(look);
      right += score.right();
      faces += score.faces();
      wrong += score.wrong();
    }
    assertThat(faces).isEqualTo(22 * 22);
    assertThat((double) right / faces).as("recall").isGreaterThan(0.98);
    assertThat((double) right / (right + wrong)).as("precision").isGreaterThan(0.99);
  }

  @Test
  void the_small_faces_of_a_large_group_are_found_in_its_parts() throws IOException {
    BufferedImage group = new BufferedImage(1600, 1000, BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = group.createGraphics();
    graphics.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    List<Point2D> middles = new ArrayList<>();
    for (int i = 0; i < FACES.length; i++) {
      AffineTransform to = AffineTransform.getTranslateInstance(i % 3 * 533, i / 3 * 500);
      to.scale(0.277, 0.277);
      graphics.drawImage(PHOTOGRAPHS.get(i), to, null);
      for (int[] middle : FACES[i]) {
        middles.add(shown(middle, to));
      }
    }
    graphics.dispose();
    // Each face is about a thirtieth of the picture's width.
    List<PixelBox> found = find(group);
    assertThat(found).allMatch(face -> middles.stream().anyMatch(middle -> isAt(face, middle)));
    assertThat(found).hasSizeBetween(20, middles.size());
  }

  static List<String> scenes() {
    return KiteMeetSamples.scenes();
  }

  @ParameterizedTest
  @MethodSource("scenes")
  void a_painted_scene_has_no_faces(String scene) throws IOException {
    assertThat(find(KiteMeetSamples.paint(scene, 800))).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 17})
  void tiny_and_narrow_pictures_are_looked_at_too(int side) throws IOException {
    assertThat(find(new BufferedImage(side, 400, BufferedImage.TYPE_INT_RGB))).isEmpty();
    assertThat(find(new BufferedImage(400, side, BufferedImage.TYPE_INT_RGB))).isEmpty();
  }

  @Test
  void boxes_are_in_the_pixels_of_the_photo() throws IOException {
    BufferedImage picture = looks().get(2).of(PHOTOGRAPHS.get(0));
    Sample small = Sample.of(picture);
    Path file = file(picture);
    PixelBox here = finder.find(small, new Pixels(small.w(), small.h()), file).get(0);
    PixelBox large = finder.find(small, new Pixels(small.w() * 4, small.h() * 4), file).get(0);
    assertThat(large)
        .isEqualTo(new PixelBox(here.x() * 4, here.y() * 4, here.w() * 4, here.h() * 4));
  }
}
