package drumnest.server.intake;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.photo.Lab;
import drumnest.core.photo.Pixels;
import drumnest.server.demo.KiteMeetSamples;
import drumnest.server.store.PixelFeatures;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.ConvolveOp;
import java.awt.image.Kernel;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Features under transformations of which it is known what they must do to them. */
class SampleTest {

  static List<String> scenes() {
    return KiteMeetSamples.scenes();
  }

  private static PixelFeatures features(BufferedImage picture) {
    int w = picture.getWidth();
    return new Sample(picture.getRGB(0, 0, w, picture.getHeight(), null, 0, w), w)
        .features(List.of(), new Pixels(w, picture.getHeight()));
  }

  private static BufferedImage resized(BufferedImage from, double by) {
    BufferedImage to =
        new BufferedImage(
            (int) (from.getWidth() * by),
            (int) (from.getHeight() * by),
            BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = to.createGraphics();
    graphics.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    graphics.drawImage(from, 0, 0, to.getWidth(), to.getHeight(), null);
    graphics.dispose();
    return to;
  }

  private static BufferedImage recompressed(BufferedImage from, float quality) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ImageWriteParam parameters = writer.getDefaultWriteParam();
    parameters.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
    parameters.setCompressionQuality(quality);
    try (var stream = ImageIO.createImageOutputStream(out)) {
      writer.setOutput(stream);
      writer.write(null, new IIOImage(from, null, null), parameters);
    }
    writer.dispose();
    return ImageIO.read(new ByteArrayInputStream(out.toByteArray()));
  }

  private static BufferedImage blurred(BufferedImage from, int size) {
    float[] weights = new float[size * size];
    Arrays.fill(weights, 1f / weights.length);
    return new ConvolveOp(new Kernel(size, size, weights), ConvolveOp.EDGE_NO_OP, null)
        .filter(from, null);
  }

  @ParameterizedTest
  @MethodSource("scenes")
  void resizing_and_recompressing_leave_the_fingerprint_near(String scene) throws IOException {
    BufferedImage picture = KiteMeetSamples.paint(scene, 400);
    PixelFeatures whole = features(picture);
    for (double by : new double[] {0.5, 0.75, 1.6}) {
      PixelFeatures other = features(resized(picture, by));
      assertThat(whole.whole().distance(other.whole())).as("by %s", by).isLessThanOrEqualTo(6);
      assertThat(whole.centre().distance(other.centre())).as("by %s", by).isLessThanOrEqualTo(8);
      assertThat(Lab.ofSrgb(whole.meanRgb()).difference(Lab.ofSrgb(other.meanRgb()))).isLessThan(2);
    }
    for (float quality : new float[] {0.9f, 0.5f, 0.25f}) {
      PixelFeatures other = features(recompressed(picture, quality));
      assertThat(whole.whole().distance(other.whole())).isLessThanOrEqualTo(6);
    }
  }

  @ParameterizedTest
  @MethodSource("scenes")
  void the_more_it_is_blurred_the_less_sharp_it_is(String scene) {
    BufferedImage picture = KiteMeetSamples.paint(scene, 400);
    List<Double> sharpness = new ArrayList<>(List.of(features(picture).sharpness()));
    for (int size : new int[] {3, 5, 9}) {
      sharpness.add(features(blurred(picture, size)).sharpness());
    }
    for (int i = 1; i < sharpness.size(); i++) {
      assertThat(sharpness.get(i))
          .as("step %s of %s", i, sharpness)
          .isLessThan(sharpness.get(i - 1));
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {0x203040, 0xd0a080, 0xffffff, 0})
  void the_edge_and_the_whole_have_their_mean_colours(int edge) {
    BufferedImage picture = new BufferedImage(160, 96, BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = picture.createGraphics();
    graphics.setColor(new Color(edge));
    graphics.fillRect(0, 0, 160, 96);
    graphics.setColor(new Color(0x40c040));
    graphics.fillRect(6, 6, 148, 84);
    graphics.dispose();
    assertThat(features(picture).edgeRgb()).isEqualTo(edge);
    int whole = features(picture).meanRgb();
    double inside = 148 * 84 / (160.0 * 96);
    int green = (int) (0xc0 * inside + (edge >> 8 & 0xff) * (1 - inside));
    assertThat(whole >> 8 & 0xff).isBetween(green - 1, green + 1);
  }
}
