package drumnest.bench;

import drumnest.core.photo.Miniature;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.awt.image.ConvolveOp;
import java.awt.image.Kernel;
import java.awt.image.RescaleOp;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import javax.imageio.ImageIO;

/**
 * How many near-repeats are told by their miniatures, and how many that are none: two shots of each
 * photograph of a folder, the second moved by up to 6 % of the width, turned by up to 2°, lit by 12
 * % more or less, and every other one out of focus; and every two photographs of one shape.
 */
public final class NearRepeats {

  private static final int SIDE = 400;
  private static final double SHOWN = 0.84;
  private static final double MOVED = 0.06;
  private static final double TURNED = 2;
  private static final double LIT = 0.12;
  private static final int SOFT = 7;

  private NearRepeats() {}

  /** How a shot of a scene is taken. */
  private record Camera(double right, double down, double degrees, double light, boolean soft) {

    static final Camera STEADY = new Camera(0, 0, 0, 1, false);

    static Camera another(Random random) {
      return new Camera(
          upTo(random, MOVED),
          upTo(random, MOVED),
          upTo(random, TURNED),
          1 + upTo(random, LIT),
          random.nextBoolean());
    }

    private static double upTo(Random random, double most) {
      return (2 * random.nextDouble() - 1) * most;
    }

    Miniature shot(BufferedImage scene) {
      int longer = Math.max(scene.getWidth(), scene.getHeight());
      int w = SIDE * scene.getWidth() / longer;
      int h = SIDE * scene.getHeight() / longer;
      BufferedImage shot = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
      Graphics2D graphics = shot.createGraphics();
      graphics.setRenderingHint(
          RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
      AffineTransform seen = new AffineTransform();
      seen.translate(w / 2.0 + right * w, h / 2.0 + down * w);
      seen.rotate(Math.toRadians(degrees));
      double scale = (double) SIDE / longer / SHOWN;
      seen.scale(scale, scale);
      seen.translate(-scene.getWidth() / 2.0, -scene.getHeight() / 2.0);
      graphics.drawImage(scene, seen, null);
      graphics.dispose();
      if (soft) {
        float[] weights = new float[SOFT * SOFT];
        Arrays.fill(weights, 1f / weights.length);
        shot =
            new ConvolveOp(new Kernel(SOFT, SOFT, weights), ConvolveOp.EDGE_NO_OP, null)
                .filter(shot, null);
      }
      BufferedImage lit = new RescaleOp((float) light, 0, null).filter(shot, null);
      int[] grey = lit.getRGB(0, 0, w, h, null, 0, w);
      Arrays.setAll(
          grey,
          i ->
              ((grey[i] >> 16 & 0xff) * 77 + (grey[i] >> 8 & 0xff) * 150 + (grey[i] & 0xff) * 29)
                  >> 8);
      return Miniature.of(grey, w);
    }
  }

  /** A photograph: its shape, and two shots of it. */
  private record Scene(double shape, Miniature first, Miniature second) {}

  /**
   * @param args a folder of JPEG files
   */
  public static void main(String[] args) throws IOException {
    Random random = new Random(7);
    List<Scene> scenes = new ArrayList<>();
    try (Stream<Path> files = Files.list(Path.of(args[0]))) {
      for (Path file : files.sorted().toList()) {
        BufferedImage scene = ImageIO.read(file.toFile());
        scenes.add(
            new Scene(
                (double) scene.getWidth() / scene.getHeight(),
                Camera.STEADY.shot(scene),
                Camera.another(random).shot(scene)));
      }
    }
    double likeness = HouseRules.defaults().number(HouseRule.LOOKALIKE_SHARE) / 100.0;
    long found = scenes.stream().filter(s -> s.first.likeness(s.second) >= likeness).count();
    int pairs = 0;
    int wrong = 0;
    for (int i = 0; i < scenes.size(); i++) {
      for (Scene other : scenes.subList(i + 1, scenes.size())) {
        if (Math.abs(scenes.get(i).shape - other.shape) < 0.02) {
          pairs++;
          wrong += scenes.get(i).first.likeness(other.second) >= likeness ? 1 : 0;
        }
      }
    }
    System.out.printf(
        "%d of %d bursts found; %d of %d pairs that are none taken for one%n",
        found, scenes.size(), wrong, pairs);
  }
}
