package drumnest.server.demo;

import java.awt.Color;
import java.util.Random;

/** The colours of the kite meet. */
final class Palette {

  static final Color INK = new Color(0x16242c);
  static final Color CREAM = new Color(0xf7f1e3);

  private static final Color[] CLOTH = {
    new Color(0xe2473a), new Color(0xf5b42a), new Color(0x2f55c8), new Color(0x0f8a78),
    new Color(0xf26d91), new Color(0x8b3fa8), new Color(0xf58a2c), new Color(0x35b3d6),
    new Color(0xfbfaf4), new Color(0x9ccb3b)
  };

  private Palette() {}

  static Color cloth(Random random) {
    return CLOTH[random.nextInt(CLOTH.length)];
  }

  /** A colour nearer to another by a share of 0 to 1. */
  static Color mix(Color a, Color b, double share) {
    return new Color(
        (int) Math.round(a.getRed() + (b.getRed() - a.getRed()) * share),
        (int) Math.round(a.getGreen() + (b.getGreen() - a.getGreen()) * share),
        (int) Math.round(a.getBlue() + (b.getBlue() - a.getBlue()) * share));
  }

  static Color shade(Color color, double share) {
    return mix(color, INK, share);
  }

  static Color see(Color color, int alpha) {
    return new Color(color.getRed(), color.getGreen(), color.getBlue(), alpha);
  }
}
