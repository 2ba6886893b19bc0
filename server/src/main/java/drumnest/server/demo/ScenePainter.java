package drumnest.server.demo;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.ConvolveOp;
import java.awt.image.Kernel;
import java.awt.image.RescaleOp;
import java.util.Arrays;
import java.util.Random;
import org.jspecify.annotations.Nullable;

/** Paints one shot, and says where in it is what must stay. */
final class ScenePainter {

  private static final Color FAIR = new Color(0x4f9fd6);
  private static final Color HAZE = new Color(0xd9ecf4);
  private static final Color SAND = new Color(0xd8c49a);
  private static final Color SEA = new Color(0x3d7fa0);

  private final Shot shot;
  private final Random random;
  private final double w;
  private final double h;
  private final Graphics2D g;
  private final GroundPainter ground;
  private final KitePainter kites;
  private final BufferedImage picture;
  private Rectangle2D.@Nullable Double keep;

  private ScenePainter(Shot shot) {
    this.shot = shot;
    this.random = new Random(7_919L * shot.seed());
    int side = Math.max(shot.w(), shot.h());
    int across = shot.art().framed() ? side : shot.w();
    int down = shot.art().framed() ? side : shot.h();
    this.picture = new BufferedImage(across, down, BufferedImage.TYPE_INT_RGB);
    double unit = Math.sqrt((double) across * down) / 1000;
    this.w = across / unit;
    this.h = down / unit;
    this.g = picture.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.scale(unit, unit);
    this.ground = new GroundPainter(g, random, w, h);
    this.kites = new KitePainter(g, random);
  }

  /** A painted shot: the upright picture, and as shares of it the box that must stay, if any. */
  record Painted(BufferedImage picture, Rectangle2D.@Nullable Double keep) {}

  static Painted paint(Shot shot) {
    ScenePainter painter = new ScenePainter(shot);
    painter.scene();
    painter.g.dispose();
    BufferedImage picture = painter.picture;
    Rectangle2D.Double keep = painter.keep;
    if (shot.art().framed()) {
      keep = keep == null ? null : framed(keep, shot);
      picture =
          picture.getSubimage(
              (picture.getWidth() - shot.w()) / 2,
              (picture.getHeight() - shot.h()) / 2,
              shot.w(),
              shot.h());
    }
    if (shot.art().blur() > 0) {
      picture = blurred(picture, shot.art().blur());
    }
    if (shot.art().light() != 1) {
      picture = new RescaleOp((float) shot.art().light(), 0, null).filter(picture, null);
    }
    return new Painted(picture, keep);
  }

  /** A box in the square view, as a box in the part of it that was framed. */
  private static Rectangle2D.Double framed(Rectangle2D.Double box, Shot shot) {
    double side = Math.max(shot.w(), shot.h());
    double left = (side - shot.w()) / 2 / side;
    double top = (side - shot.h()) / 2 / side;
    double x = Math.max(0, (box.x - left) * side / shot.w());
    double y = Math.max(0, (box.y - top) * side / shot.h());
    double right = Math.min(1, (box.x + box.width - left) * side / shot.w());
    double foot = Math.min(1, (box.y + box.height - top) * side / shot.h());
    return new Rectangle2D.Double(x, y, right - x, foot - y);
  }

  private void scene() {
    switch (shot.scene()) {
      case FLAT -> overTheFlat();
      case KITE -> kite();
      case FLYER -> flyer(false);
      case GROUP -> group();
      case SAIL -> sail();
      case CAMP -> camp();
      case SUNSET -> sunset();
      case STORM -> storm();
      case NIGHT -> night();
    }
  }

  private double shift() {
    return shot.art().shift() * w / 1000;
  }

  private void fair(double horizon) {
    int hour = shot.moment() == null ? 13 : shot.moment().getHour();
    Color top = Palette.mix(FAIR, new Color(0x2f6fbf), random.nextDouble());
    Color low = HAZE;
    if (hour < 11) {
      top = Palette.mix(new Color(0x86b4c8), new Color(0x9fb3d6), random.nextDouble());
      low = new Color(0xf7e9d6);
    } else if (hour >= 15) {
      top = Palette.mix(new Color(0x5b96c4), new Color(0x7f8fc4), random.nextDouble());
      low = new Color(0xf9dcae);
    }
    ground.sky(top, low, horizon);
    ground.clouds(Color.WHITE, 2 + random.nextInt(4), horizon, w * 0.22);
    ground.flat(SEA, Palette.mix(SAND, new Color(0xc9ad7f), random.nextDouble()), HAZE, horizon);
  }

  private void overTheFlat() {
    double horizon = h * (0.66 + 0.1 * random.nextDouble());
    fair(horizon);
    for (int i = 0; i < 9; i++) {
      double x = w * (0.08 + 0.84 * random.nextDouble());
      double y = horizon * (0.12 + 0.6 * random.nextDouble());
      double hand =
          Math.min(w * 0.95, Math.max(w * 0.05, x + (random.nextDouble() - 0.5) * w * 0.4));
      double feet = horizon + (h - horizon) * (0.3 + 0.5 * random.nextDouble());
      double size = h * 0.08 * (0.6 + (feet - horizon) / (h - horizon));
      kites.kite(
          x, y, h * (0.03 + 0.05 * random.nextDouble()), hand + size * 0.26, feet - size, false);
      ground.person(hand, feet, size, true, false);
    }
  }

  private void kite() {
    double horizon = h * 0.86;
    fair(horizon);
    double r = Math.min(w, h) * (0.22 + 0.08 * random.nextDouble());
    double x = w * (0.34 + 0.32 * random.nextDouble()) + shift();
    double y = h * (0.3 + 0.12 * random.nextDouble()) - shift() * 0.5;
    for (int i = 0; i < 3; i++) {
      double far = w * random.nextDouble();
      kites.kite(
          far, h * (0.1 + 0.5 * random.nextDouble()), r * 0.2, far + w * 0.1, horizon, false);
    }
    kites.kite(x, y, r, x + (random.nextDouble() - 0.5) * w * 0.5, h * 0.93, false);
    for (int i = 0; i < 4; i++) {
      ground.person(
          w * random.nextDouble(), h * (0.92 + 0.05 * random.nextDouble()), h * 0.08, false, false);
    }
    keep(x - r * 1.05, y - r * 1.05, r * 2.1, r * 2.1);
  }

  private void flyer(boolean dark) {
    double horizon = h * 0.7;
    fair(horizon);
    double size = h * (w > h ? 0.5 : 0.36);
    double x = w * (0.24 + 0.3 * random.nextDouble()) + shift();
    double feet = h * 0.95;
    double kiteX = Math.min(w * 0.9, x + w * (0.22 + 0.2 * random.nextDouble()));
    double kiteY = h * 0.2;
    double r = Math.min(w, h) * 0.13;
    kites.kite(kiteX, kiteY, r, x + size * 0.26, feet - size, dark);
    for (int i = 0; i < 3; i++) {
      ground.person(w * random.nextDouble(), horizon + (h - horizon) * 0.3, h * 0.09, false, dark);
    }
    ground.person(x, feet, size, true, dark);
    double left = x - size * 0.2;
    keep(left, kiteY - r, Math.min(kiteX + r, w) - left, feet - kiteY + r);
  }

  private void group() {
    double horizon = h * 0.6;
    fair(horizon);
    for (int i = 0; i < 4; i++) {
      double far = w * random.nextDouble();
      kites.kite(
          far, h * (0.08 + 0.3 * random.nextDouble()), h * 0.05, far - w * 0.1, horizon, false);
    }
    int people = w > h ? 5 + random.nextInt(3) : 3;
    double size = w > h ? h * 0.5 : h * 0.36;
    double span = Math.min(w * 0.8, people * size * 0.38);
    double left = (w - span) / 2 + shift() + (random.nextDouble() - 0.5) * (w - span) * 0.5;
    for (int i = 0; i < people; i++) {
      ground.person(
          left + span * (i + 0.5) / people,
          h * 0.92 + random.nextDouble() * h * 0.02,
          size * (0.78 + 0.3 * random.nextDouble()),
          random.nextInt(4) == 0,
          false);
    }
    keep(left - size * 0.05, h * 0.92 - size * 1.15, span + size * 0.1, size * 1.2);
  }

  /** A sail spread out on the sand, seen from above. */
  private void sail() {
    g.setColor(Palette.mix(SAND, Palette.CREAM, 0.25));
    g.fill(new Rectangle2D.Double(0, 0, w, h));
    for (int i = 0; i < 700; i++) {
      double r = 0.6 + random.nextDouble() * 1.6;
      g.setColor(Palette.see(Palette.shade(SAND, 0.25 + 0.3 * random.nextDouble()), 120));
      g.fill(new Ellipse2D.Double(random.nextDouble() * w, random.nextDouble() * h, r, r));
    }
    Color[] cloth = {Palette.cloth(random), Palette.cloth(random), Palette.cloth(random)};
    double s = Math.min(w, h) * 0.42;
    g.translate(w / 2 + shift(), h / 2);
    g.rotate((random.nextDouble() - 0.5) * 0.8);
    g.setColor(Palette.see(Palette.INK, 60));
    g.fill(diamond(s * 1.03, s * 0.03));
    for (int ring = 0; ring < 5; ring++) {
      g.setColor(cloth[ring % 3]);
      g.fill(diamond(s * (1 - ring * 0.19), 0));
    }
    g.setColor(Palette.see(Palette.INK, 150));
    g.fill(new Rectangle2D.Double(-s * 0.012, -s, s * 0.024, 2 * s));
    g.fill(new Rectangle2D.Double(-s, -s * 0.012, 2 * s, s * 0.024));
    g.setColor(Palette.shade(cloth[0], 0.35));
    g.fill(new Ellipse2D.Double(s * 0.72, s * 0.62, s * 0.34, s * 0.34));
    g.setColor(Palette.CREAM);
    g.fill(new Ellipse2D.Double(s * 0.8, s * 0.7, s * 0.18, s * 0.18));
  }

  private static Path2D diamond(double s, double by) {
    Path2D path = new Path2D.Double();
    path.moveTo(by, -s + by);
    path.lineTo(s + by, by);
    path.lineTo(by, s + by);
    path.lineTo(-s + by, by);
    path.closePath();
    return path;
  }

  private void camp() {
    boolean dusk = shot.moment() != null && shot.moment().getHour() > 18;
    double horizon = h * 0.5;
    if (dusk) {
      ground.sky(new Color(0x35465a), new Color(0x93a3ab), horizon);
      ground.clouds(new Color(0x54626e), 5, horizon, w * 0.3);
      ground.flat(new Color(0x40586a), new Color(0x7d7460), new Color(0x93a3ab), horizon);
    } else {
      fair(horizon);
    }
    for (int i = 0; i < 4; i++) {
      ground.pennant(w * (0.1 + 0.24 * i + 0.05 * random.nextDouble()), h * 0.68, h * 0.36);
    }
    double size = Math.min(w, h) * 0.42;
    ground.tent(w * 0.24, h * 0.74, size * 0.8, dusk);
    ground.tent(w * 0.76, h * 0.78, size * 0.95, dusk);
    ground.tent(w * 0.48, h * 0.9, size * 1.2, dusk);
    ground.person(w * 0.14, h * 0.95, h * 0.26, false, dusk);
    ground.person(w * 0.88, h * 0.96, h * 0.28, false, dusk);
  }

  private void sunset() {
    double horizon = h * 0.68;
    ground.sky(new Color(0x4a4f8c), new Color(0xffb36b), horizon);
    ground.clouds(new Color(0xff8f70), 5, horizon, w * 0.3);
    g.setColor(new Color(0xfff0c2));
    g.fill(new Ellipse2D.Double(w * 0.62, horizon - h * 0.14, h * 0.16, h * 0.16));
    ground.flat(new Color(0x9c5d66), new Color(0x8c6a5a), new Color(0xffb98a), horizon);
    for (int i = 0; i < 5; i++) {
      double x = w * (0.12 + 0.18 * i) + shift();
      kites.kite(
          x + w * 0.06, horizon * (0.2 + 0.4 * random.nextDouble()), h * 0.06, x, h * 0.82, false);
      ground.person(x, h * 0.94, h * 0.2, true, true);
    }
  }

  private void storm() {
    double horizon = h * 0.64;
    ground.sky(new Color(0x2b3742), new Color(0x8794a0), horizon);
    ground.clouds(new Color(0x1f2932), 6, horizon, w * 0.42);
    ground.clouds(new Color(0x55636f), 5, horizon, w * 0.3);
    ground.flat(new Color(0x3c4d58), new Color(0x6f6a5c), new Color(0x9aa7b0), horizon);
    double r = Math.min(w, h) * 0.14;
    double x = w * 0.6 + shift();
    kites.kite(x, h * 0.3, r, w * 0.32, h * 0.68, false);
    ground.person(w * 0.3, h * 0.94, h * 0.3, true, true);
    ground.person(w * 0.72, h * 0.9, h * 0.22, false, true);
    ground.tent(w * 0.86, h * 0.82, h * 0.24, true);
    ground.rain(420);
    keep(w * 0.24, h * 0.3 - r, x + r - w * 0.24, h * 0.64 + r);
  }

  private void night() {
    double horizon = h * 0.74;
    ground.sky(new Color(0x070d26), new Color(0x2b2f66), horizon);
    for (int i = 0; i < 160; i++) {
      double r = 0.5 + random.nextDouble() * 1.4;
      g.setColor(Palette.see(Palette.CREAM, 90 + random.nextInt(150)));
      g.fill(new Ellipse2D.Double(random.nextDouble() * w, random.nextDouble() * horizon, r, r));
    }
    ground.flat(new Color(0x141a3a), new Color(0x23223a), new Color(0x4a4f8c), horizon);
    for (int i = 0; i < 5; i++) {
      double x = w * (0.12 + 0.19 * i) + shift();
      double y = horizon * (0.18 + 0.5 * random.nextDouble());
      double r = Math.min(w, h) * (0.07 + 0.07 * random.nextDouble());
      kites.kite(x, y, r, x + (random.nextDouble() - 0.5) * w * 0.3, h * 0.84, true);
      g.setColor(Palette.see(Palette.cloth(random), 40));
      g.fill(new Ellipse2D.Double(x - r * 0.5, h * 0.84, r, h * 0.1));
    }
    for (int i = 0; i < 6; i++) {
      ground.person(w * (0.08 + 0.17 * i), h * 0.95, h * 0.13, random.nextBoolean(), true);
    }
  }

  private void keep(double x, double y, double across, double down) {
    double left = Math.max(0, x / w);
    double top = Math.max(0, y / h);
    keep =
        new Rectangle2D.Double(
            left, top, Math.min(1, (x + across) / w) - left, Math.min(1, (y + down) / h) - top);
  }

  /**
   * @param small how many pixels become one before they are spread again
   */
  private static BufferedImage blurred(BufferedImage sharp, int small) {
    BufferedImage reduced =
        new BufferedImage(
            sharp.getWidth() / small, sharp.getHeight() / small, BufferedImage.TYPE_INT_RGB);
    Graphics2D down = reduced.createGraphics();
    down.drawImage(sharp, 0, 0, reduced.getWidth(), reduced.getHeight(), null);
    down.dispose();
    float[] weights = new float[49];
    Arrays.fill(weights, 1 / 49f);
    BufferedImage soft =
        new ConvolveOp(new Kernel(7, 7, weights), ConvolveOp.EDGE_NO_OP, null)
            .filter(reduced, null);
    BufferedImage blurred =
        new BufferedImage(sharp.getWidth(), sharp.getHeight(), BufferedImage.TYPE_INT_RGB);
    Graphics2D up = blurred.createGraphics();
    up.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    up.drawImage(soft, 0, 0, blurred.getWidth(), blurred.getHeight(), null);
    up.dispose();
    return blurred;
  }
}
