package drumnest.server.demo;

import java.awt.image.BufferedImage;
import java.util.Arrays;
import java.util.List;

/** Painted scenes in a small size, for tests of what is seen in pictures. */
public final class KiteMeetSamples {

  private KiteMeetSamples() {}

  public static List<String> scenes() {
    return Arrays.stream(Shot.Scene.values()).map(Enum::name).toList();
  }

  /** A scene, {@code w} pixels wide. */
  public static BufferedImage paint(String scene, int w) {
    Shot shot =
        new Shot(
            "sample",
            null,
            null,
            w,
            w * 2 / 3,
            1,
            Shot.Scene.valueOf(scene),
            77,
            Shot.Art.PLAIN,
            Shot.Label.NONE);
    BufferedImage picture = ScenePainter.paint(shot).picture();
    BufferedImage plain =
        new BufferedImage(picture.getWidth(), picture.getHeight(), BufferedImage.TYPE_INT_RGB);
    plain.createGraphics().drawImage(picture, 0, 0, null);
    return plain;
  }
}
