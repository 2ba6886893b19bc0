package drumnest.server.intake;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.photo.Lab;
import drumnest.core.photo.Look;
import drumnest.core.photo.Lookalikes;
import drumnest.core.photo.Pixels;
import drumnest.core.photo.Stack;
import drumnest.core.photo.StoryPhoto;
import drumnest.core.stock.HouseRules;
import drumnest.server.GroupPhotographs;
import drumnest.server.store.PixelFeatures;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.awt.image.ConvolveOp;
import java.awt.image.Kernel;
import java.awt.image.RescaleOp;
import java.io.IOException;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Bursts made of real photographs: the camera is moved by up to 6 % of the width and turned by up
 * to 2° between two shots, the light changes by up to 12 %, and half of the second shots are out of
 * focus. All are taken seconds after each other, so that only what they show tells them apart.
 */
class BurstsOfPhotographsTest {

  private static final LocalDateTime NOON = LocalDateTime.of(2031, 6, 14, 12, 0);
  private static final int W = 400;
  private static final int H = 320;

  /** The share of the photograph that a shot shows, so that it can be moved. */
  private static final double SHOWN = 0.84;

  private static BufferedImage shot(
      BufferedImage scene, double right, double down, double degrees, double light, boolean soft) {
    BufferedImage shot = new BufferedImage(W, H, BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = shot.createGraphics();
    graphics.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    AffineTransform camera = new AffineTransform();
    camera.translate(W / 2.0 + right * W, H / 2.0 + down * W);
    camera.rotate(Math.toRadians(degrees));
    double scale = Math.max((double) W / scene.getWidth(), (double) H / scene.getHeight()) / SHOWN;
    camera.scale(scale, scale);
    camera.translate(-scene.getWidth() / 2.0, -scene.getHeight() / 2.0);
    graphics.drawImage(scene, camera, null);
    graphics.dispose();
    BufferedImage seen = soft ? outOfFocus(shot) : shot;
    return new RescaleOp((float) light, 0, null).filter(seen, null);
  }

  private static BufferedImage outOfFocus(BufferedImage sharp) {
    float[] weights = new float[49];
    Arrays.fill(weights, 1f / weights.length);
    return new ConvolveOp(new Kernel(7, 7, weights), ConvolveOp.EDGE_NO_OP, null)
        .filter(sharp, null);
  }

  private static double upTo(Random random, double most) {
    return (2 * random.nextDouble() - 1) * most;
  }

  private static StoryPhoto photo(String id, int second, BufferedImage shot) {
    Pixels pixels = new Pixels(W, H);
    PixelFeatures seen = Sample.of(shot).features(null, pixels);
    Look look =
        new Look(
            seen.whole(),
            seen.centre(),
            seen.miniature(),
            Lab.ofSrgb(seen.meanRgb()),
            Lab.ofSrgb(seen.edgeRgb()),
            seen.sharpness(),
            seen.light(),
            pixels);
    return new StoryPhoto(id, NOON.plusSeconds(second), look, StoryPhoto.Grouping.NONE);
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5})
  void each_burst_is_one_stack_and_no_two_are_one(long seed) throws IOException {
    Random random = new Random(seed);
    List<StoryPhoto> line = new ArrayList<>();
    for (int i = 1; i <= GroupPhotographs.COUNT; i++) {
      BufferedImage scene = GroupPhotographs.read(i);
      line.add(photo(i + " first", 2 * i, shot(scene, 0, 0, 0, 1, false)));
      line.add(
          photo(
              i + " second",
              2 * i + 1,
              shot(
                  scene,
                  upTo(random, 0.06),
                  upTo(random, 0.06),
                  upTo(random, 2),
                  1 + upTo(random, 0.12),
                  random.nextBoolean())));
    }
    List<List<String>> stacks =
        Lookalikes.stacks(line, HouseRules.defaults()).stream()
            .map(BurstsOfPhotographsTest::inOrder)
            .toList();
    assertThat(stacks)
        .isEqualTo(
            List.of(
                List.of("1 first", "1 second"),
                List.of("2 first", "2 second"),
                List.of("3 first", "3 second"),
                List.of("4 first", "4 second"),
                List.of("5 first", "5 second"),
                List.of("6 first", "6 second")));
  }

  private static List<String> inOrder(Stack stack) {
    return stack.photos().stream().map(StoryPhoto::id).sorted().collect(Collectors.toList());
  }
}
