package drumnest.server.intake;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.server.GroupPhotographs;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.ConvolveOp;
import java.awt.image.Kernel;
import java.awt.image.RescaleOp;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is called blurred of real photographs of people, as they are and made worse. */
class BlurOfPhotographsTest {

  private static final int SIDE = 400;

  private static BufferedImage small(int number) throws IOException {
    BufferedImage whole = GroupPhotographs.read(number);
    int h = whole.getHeight() * SIDE / whole.getWidth();
    BufferedImage half = drawn(whole, whole.getWidth() / 2, whole.getHeight() / 2);
    return drawn(half, SIDE, h);
  }

  private static BufferedImage drawn(BufferedImage from, int w, int h) {
    BufferedImage to = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = to.createGraphics();
    graphics.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    graphics.drawImage(from, 0, 0, w, h, null);
    graphics.dispose();
    return to;
  }

  private static BufferedImage blurred(BufferedImage from, int w, int h) {
    float[] weights = new float[w * h];
    Arrays.fill(weights, 1f / weights.length);
    ConvolveOp blur = new ConvolveOp(new Kernel(w, h, weights), ConvolveOp.EDGE_NO_OP, null);
    return blur.filter(from, null);
  }

  private static boolean isBlurred(BufferedImage picture, List<PixelBox> faces) {
    double sharp =
        Sample.of(picture).sharpness(faces, new Pixels(picture.getWidth(), picture.getHeight()));
    return sharp < HouseRules.defaults().number(HouseRule.BLURRED_BELOW);
  }

  private static List<PixelBox> faces(int number, BufferedImage picture) throws IOException {
    Sample sample = Sample.of(picture);
    return new OpenCvFaceFinder()
        .find(sample, new Pixels(sample.w(), sample.h()), GroupPhotographs.file(number));
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6})
  void a_sharp_photograph_is_sharp_also_at_night_and_in_fog(int number) throws IOException {
    BufferedImage picture = small(number);
    for (List<PixelBox> at : List.of(List.<PixelBox>of(), faces(number, picture))) {
      assertThat(isBlurred(picture, at)).as("as it is").isFalse();
      assertThat(isBlurred(new RescaleOp(0.2f, 0, null).filter(picture, null), at))
          .as("at night")
          .isFalse();
      assertThat(isBlurred(new RescaleOp(0.25f, 150, null).filter(picture, null), at))
          .as("in fog")
          .isFalse();
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6})
  void out_of_focus_or_shaken_it_is_blurred(int number) throws IOException {
    BufferedImage picture = small(number);
    List<PixelBox> faces = faces(number, picture);
    assertThat(isBlurred(blurred(picture, 7, 7), faces)).as("out of focus").isTrue();
    assertThat(isBlurred(blurred(picture, 9, 1), faces)).as("shaken sideways").isTrue();
    assertThat(isBlurred(blurred(picture, 1, 9), faces)).as("shaken up and down").isTrue();
  }

  @ParameterizedTest
  @ValueSource(ints = {3, 5, 6})
  void people_out_of_focus_before_a_sharp_ground_are_blurred_and_the_other_way_round_not(int number)
      throws IOException {
    BufferedImage picture = small(number);
    List<PixelBox> faces = faces(number, picture);
    BufferedImage soft = blurred(picture, 9, 9);
    BufferedImage softFaces = drawn(picture, picture.getWidth(), picture.getHeight());
    BufferedImage softGround = drawn(soft, soft.getWidth(), soft.getHeight());
    for (PixelBox face : faces) {
      softFaces.setData(soft.getData(rectangle(face)));
      softGround.setData(picture.getData(rectangle(face)));
    }
    assertThat(isBlurred(softFaces, faces)).isTrue();
    assertThat(isBlurred(softGround, faces)).isFalse();
  }

  private static Rectangle rectangle(PixelBox box) {
    return new Rectangle(box.x(), box.y(), box.w(), box.h());
  }
}
