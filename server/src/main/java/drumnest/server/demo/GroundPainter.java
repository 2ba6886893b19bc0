package drumnest.server.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.geom.Arc2D;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.QuadCurve2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.util.Random;

/** Paints what kites fly over: sky, sea, the wet flat, people and tents. */
final class GroundPainter {

  private final Graphics2D g;
  private final Random random;
  private final double w;
  private final double h;

  GroundPainter(Graphics2D g, Random random, double w, double h) {
    this.g = g;
    this.random = random;
    this.w = w;
    this.h = h;
  }

  void sky(Color top, Color low, double horizon) {
    g.setPaint(new GradientPaint(0, 0, top, 0, (float) horizon, low));
    g.fill(new Rectangle2D.Double(0, 0, w, horizon + 1));
  }

  void clouds(Color color, int count, double horizon, double size) {
    for (int i = 0; i < count; i++) {
      double x = random.nextDouble() * w;
      double y = horizon * (0.1 + 0.6 * random.nextDouble());
      double s = size * (0.6 + random.nextDouble());
      Area cloud = new Area();
      for (int k = 0; k < 9; k++) {
        double r = s * (0.16 + 0.22 * random.nextDouble());
        cloud.add(new Area(new Ellipse2D.Double(x + (k - 4) * s * 0.2 - r, y - r * 0.7, 2 * r, r)));
      }
      cloud.intersect(new Area(new Rectangle2D.Double(-w, y - s, 3 * w, s * 1.04)));
      g.setPaint(
          new GradientPaint(
              0,
              (float) (y - s * 0.25),
              Palette.see(color, 225),
              0,
              (float) (y + s * 0.04),
              Palette.see(color, 90)));
      g.fill(cloud);
    }
  }

  /** The sea as a band under the horizon, then the flat with shallow water standing on it. */
  void flat(Color sea, Color sand, Color mirrored, double horizon) {
    g.setColor(sea);
    g.fill(new Rectangle2D.Double(0, horizon, w, (h - horizon) * 0.14));
    g.setPaint(
        new GradientPaint(
            0, (float) horizon, Palette.mix(sand, mirrored, 0.35), 0, (float) h, sand));
    g.fill(new Rectangle2D.Double(0, horizon + (h - horizon) * 0.12, w, h));
    for (int i = 0; i < 9; i++) {
      double depth = 0.2 + 0.75 * random.nextDouble();
      double y = horizon + (h - horizon) * depth;
      double length = w * (0.12 + 0.3 * random.nextDouble()) * (0.4 + depth);
      double x = random.nextDouble() * w - length / 2;
      g.setColor(Palette.see(mirrored, 110));
      g.fill(new Ellipse2D.Double(x, y, length, (h - horizon) * 0.05 * depth + 1));
    }
    g.setStroke(new BasicStroke((float) (h / 500)));
    g.setColor(Palette.see(Palette.shade(sand, 0.3), 60));
    for (int i = 0; i < 26; i++) {
      double y = horizon + (h - horizon) * (0.25 + 0.75 * random.nextDouble());
      double x = random.nextDouble() * w;
      g.draw(new QuadCurve2D.Double(x, y, x + w * 0.04, y - h * 0.006, x + w * 0.08, y));
    }
  }

  /** A person {@code size} tall with their feet at x, y; a raised arm holds a line. */
  void person(double x, double y, double size, boolean armUp, boolean dark) {
    Color coat = dark ? Palette.shade(Palette.cloth(random), 0.55) : Palette.cloth(random);
    Color legs = dark ? Palette.INK : Palette.shade(new Color(0x3b4a63), random.nextDouble() * 0.4);
    Color skin = Palette.mix(new Color(0xf0c9a4), new Color(0x6b4226), random.nextDouble());
    if (dark) {
      skin = Palette.shade(skin, 0.5);
    }
    g.setColor(Palette.see(Palette.INK, 45));
    g.fill(new Ellipse2D.Double(x - size * 0.05, y - size * 0.02, size * 0.5, size * 0.06));
    g.setStroke(
        new BasicStroke((float) (size * 0.1), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
    g.setColor(legs);
    g.draw(new Line2D.Double(x - size * 0.06, y - size * 0.04, x - size * 0.03, y - size * 0.42));
    g.draw(new Line2D.Double(x + size * 0.08, y - size * 0.04, x + size * 0.03, y - size * 0.42));
    g.setColor(coat);
    g.fill(
        new RoundRectangle2D.Double(
            x - size * 0.13, y - size * 0.8, size * 0.26, size * 0.42, size * 0.14, size * 0.14));
    g.setStroke(
        new BasicStroke((float) (size * 0.075), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
    g.setColor(Palette.shade(coat, 0.12));
    Path2D arm = new Path2D.Double();
    arm.moveTo(x + size * 0.1, y - size * 0.72);
    if (armUp) {
      arm.lineTo(x + size * 0.22, y - size * 0.8);
      arm.lineTo(x + size * 0.26, y - size * 1.0);
    } else {
      arm.lineTo(x + size * 0.17, y - size * 0.55);
      arm.lineTo(x + size * 0.14, y - size * 0.42);
    }
    g.draw(arm);
    arm = new Path2D.Double();
    arm.moveTo(x - size * 0.1, y - size * 0.72);
    arm.lineTo(x - size * 0.17, y - size * 0.56);
    arm.lineTo(x - size * 0.12, y - size * 0.44);
    g.draw(arm);
    g.setColor(skin);
    g.fill(new Ellipse2D.Double(x - size * 0.075, y - size * 0.98, size * 0.15, size * 0.17));
    g.setColor(random.nextBoolean() ? Palette.shade(coat, 0.3) : Palette.shade(skin, 0.75));
    g.fill(
        new Arc2D.Double(
            x - size * 0.085, y - size * 1.0, size * 0.17, size * 0.17, 0, 180, Arc2D.CHORD));
  }

  void tent(double x, double y, double size, boolean dark) {
    Color cloth = dark ? Palette.shade(Palette.cloth(random), 0.4) : Palette.cloth(random);
    Path2D front = new Path2D.Double();
    front.moveTo(x - size * 0.5, y);
    front.quadTo(x - size * 0.3, y - size * 0.6, x, y - size * 0.62);
    front.quadTo(x + size * 0.3, y - size * 0.6, x + size * 0.5, y);
    front.closePath();
    g.setColor(cloth);
    g.fill(front);
    Path2D side = new Path2D.Double();
    side.moveTo(x, y - size * 0.62);
    side.quadTo(x + size * 0.3, y - size * 0.6, x + size * 0.5, y);
    side.lineTo(x + size * 0.1, y);
    side.closePath();
    g.setColor(Palette.shade(cloth, 0.2));
    g.fill(side);
    Path2D door = new Path2D.Double();
    door.moveTo(x - size * 0.16, y);
    door.quadTo(x - size * 0.1, y - size * 0.34, x - size * 0.02, y - size * 0.36);
    door.quadTo(x + size * 0.06, y - size * 0.3, x + size * 0.1, y);
    door.closePath();
    g.setColor(dark ? new Color(0xf8cf72) : Palette.shade(cloth, 0.55));
    g.fill(door);
  }

  /** A pole with a long pennant. */
  void pennant(double x, double y, double size) {
    g.setStroke(new BasicStroke((float) (size / 60)));
    g.setColor(Palette.shade(Palette.CREAM, 0.5));
    g.draw(new Line2D.Double(x, y, x, y - size));
    Path2D cloth = new Path2D.Double();
    cloth.moveTo(x, y - size);
    cloth.curveTo(
        x + size * 0.2,
        y - size * 1.05,
        x + size * 0.4,
        y - size * 0.85,
        x + size * 0.62,
        y - size * 0.95);
    cloth.curveTo(
        x + size * 0.4, y - size * 0.75, x + size * 0.2, y - size * 0.9, x, y - size * 0.78);
    cloth.closePath();
    g.setColor(Palette.cloth(random));
    g.fill(cloth);
  }

  void rain(int count) {
    g.setStroke(new BasicStroke((float) (h / 700)));
    for (int i = 0; i < count; i++) {
      double x = random.nextDouble() * w * 1.2 - w * 0.1;
      double y = random.nextDouble() * h;
      double length = h * (0.02 + 0.03 * random.nextDouble());
      g.setColor(new Color(225, 235, 240, 50 + random.nextInt(50)));
      g.draw(new Line2D.Double(x, y, x - length * 0.35, y + length));
    }
  }
}
