package drumnest.server.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.QuadCurve2D;
import java.util.Random;

/** Paints kites, with their tails and lines. */
final class KitePainter {

  private final Graphics2D g;
  private final Random random;

  KitePainter(Graphics2D g, Random random) {
    this.g = g;
    this.random = random;
  }

  /**
   * A kite of one of the shapes, {@code r} from its middle to its tips, with a line to its flyer.
   */
  void kite(double x, double y, double r, double handX, double handY, boolean lit) {
    g.setStroke(new BasicStroke((float) Math.max(0.7, r / 110)));
    g.setColor(Palette.see(lit ? Palette.CREAM : Palette.INK, lit ? 90 : 130));
    double sag = 0.25 * Math.hypot(handX - x, handY - y);
    g.draw(new QuadCurve2D.Double(x, y, (x + handX) / 2, (y + handY) / 2 + sag, handX, handY));
    AffineTransform before = g.getTransform();
    g.translate(x, y);
    g.rotate((random.nextDouble() - 0.5) * 0.9);
    switch (random.nextInt(5)) {
      case 0 -> diamond(r);
      case 1 -> delta(r);
      case 2 -> hexagon(r);
      case 3 -> ring(r);
      default -> box(r);
    }
    if (lit) {
      lights(r);
    }
    g.setTransform(before);
  }

  private void diamond(double r) {
    tail(r, 0, r * 1.05);
    Color one = Palette.cloth(random);
    Color two = Palette.cloth(random);
    triangle(one, 0, -r, -r * 0.72, -r * 0.15, 0, -r * 0.15);
    triangle(two, 0, -r, r * 0.72, -r * 0.15, 0, -r * 0.15);
    triangle(Palette.shade(two, 0.12), -r * 0.72, -r * 0.15, 0, r, 0, -r * 0.15);
    triangle(Palette.shade(one, 0.12), r * 0.72, -r * 0.15, 0, r, 0, -r * 0.15);
  }

  private void delta(double r) {
    Color one = Palette.cloth(random);
    Color two = Palette.cloth(random);
    triangle(one, 0, -r * 0.75, -r * 1.25, r * 0.6, 0, r * 0.3);
    triangle(Palette.shade(one, 0.16), 0, -r * 0.75, r * 1.25, r * 0.6, 0, r * 0.3);
    triangle(two, 0, -r * 0.75, -r * 0.42, r * 0.38, 0, r * 0.3);
    triangle(Palette.shade(two, 0.16), 0, -r * 0.75, r * 0.42, r * 0.38, 0, r * 0.3);
    ribbon(-r * 1.25, r * 0.6, r, two);
    ribbon(r * 1.25, r * 0.6, r, one);
  }

  private void hexagon(double r) {
    Color[] panels = {Palette.cloth(random), Palette.cloth(random), Palette.cloth(random)};
    double[][] p = {
      {0, -r},
      {r * 0.78, -r * 0.5},
      {r * 0.78, r * 0.5},
      {0, r},
      {-r * 0.78, r * 0.5},
      {-r * 0.78, -r * 0.5}
    };
    for (int i = 0; i < 6; i++) {
      double[] a = p[i];
      double[] b = p[(i + 1) % 6];
      triangle(Palette.shade(panels[i % 3], i < 3 ? 0.02 : 0.14), a[0], a[1], b[0], b[1], 0, 0);
    }
    g.setColor(Palette.CREAM);
    g.fill(new Ellipse2D.Double(-r * 0.24, -r * 0.24, r * 0.48, r * 0.48));
    g.setColor(panels[0]);
    g.fill(new Ellipse2D.Double(-r * 0.13, -r * 0.13, r * 0.26, r * 0.26));
  }

  private void ring(double r) {
    Color one = Palette.cloth(random);
    Color two = Palette.cloth(random);
    for (int i = 0; i < 12; i++) {
      double from = i * Math.PI / 6;
      g.setColor(i % 2 == 0 ? one : two);
      Path2D part = new Path2D.Double();
      part.moveTo(r * Math.cos(from), r * Math.sin(from) * 0.92);
      part.lineTo(r * Math.cos(from + 0.53), r * Math.sin(from + 0.53) * 0.92);
      part.lineTo(r * 0.6 * Math.cos(from + 0.53), r * 0.6 * Math.sin(from + 0.53) * 0.92);
      part.lineTo(r * 0.6 * Math.cos(from), r * 0.6 * Math.sin(from) * 0.92);
      part.closePath();
      g.fill(part);
    }
    ribbon(0, r * 0.9, r * 1.4, two);
  }

  private void box(double r) {
    Color one = Palette.cloth(random);
    for (int cell = 0; cell < 2; cell++) {
      double top = cell == 0 ? -r : r * 0.35;
      quad(
          one,
          -r * 0.5,
          top,
          r * 0.1,
          top + r * 0.12,
          r * 0.1,
          top + r * 0.72,
          -r * 0.5,
          top + r * 0.6);
      quad(
          Palette.shade(one, 0.25),
          r * 0.1,
          top + r * 0.12,
          r * 0.55,
          top - r * 0.04,
          r * 0.55,
          top + r * 0.56,
          r * 0.1,
          top + r * 0.72);
    }
    g.setColor(Palette.see(Palette.INK, 170));
    g.setStroke(new BasicStroke((float) Math.max(0.8, r / 60)));
    g.drawLine((int) (-r * 0.5), (int) -r, (int) (-r * 0.5), (int) (r * 0.95));
    g.drawLine((int) (r * 0.1), (int) (-r * 0.88), (int) (r * 0.1), (int) (r * 1.07));
  }

  private void tail(double r, double x, double y) {
    g.setStroke(new BasicStroke((float) Math.max(0.8, r / 50)));
    g.setColor(Palette.see(Palette.INK, 160));
    double bend = (random.nextDouble() - 0.5) * r * 2;
    g.draw(new QuadCurve2D.Double(x, y * 0.95, x + bend, y + r * 0.7, x + bend * 0.3, y + r * 1.7));
    for (int i = 1; i <= 5; i++) {
      double t = i / 5.5;
      double cx = x + 2 * t * (1 - t) * bend + t * t * bend * 0.3;
      double cy = y + 2 * t * (1 - t) * r * 0.7 + t * t * r * 1.7;
      Color bow = Palette.cloth(random);
      triangle(bow, cx, cy, cx - r * 0.16, cy - r * 0.08, cx - r * 0.16, cy + r * 0.08);
      triangle(bow, cx, cy, cx + r * 0.16, cy - r * 0.08, cx + r * 0.16, cy + r * 0.08);
    }
  }

  private void ribbon(double x, double y, double length, Color color) {
    g.setColor(color);
    g.setStroke(
        new BasicStroke(
            (float) Math.max(1, length / 16), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
    Path2D path = new Path2D.Double();
    path.moveTo(x, y);
    double side = random.nextBoolean() ? 1 : -1;
    path.curveTo(
        x + side * length * 0.3,
        y + length * 0.3,
        x - side * length * 0.3,
        y + length * 0.7,
        x + side * length * 0.15,
        y + length * 1.1);
    g.draw(path);
  }

  private void lights(double r) {
    for (int i = 0; i < 26; i++) {
      double a = random.nextDouble() * Math.PI * 2;
      double d = r * (0.25 + 0.75 * random.nextDouble());
      Color glow = Palette.cloth(random);
      g.setColor(Palette.see(glow, 60));
      g.fill(
          new Ellipse2D.Double(
              d * Math.cos(a) - r * 0.09, d * Math.sin(a) - r * 0.09, r * 0.18, r * 0.18));
      g.setColor(Palette.CREAM);
      g.fill(
          new Ellipse2D.Double(
              d * Math.cos(a) - r * 0.025, d * Math.sin(a) - r * 0.025, r * 0.05, r * 0.05));
    }
  }

  private void triangle(
      Color color, double x1, double y1, double x2, double y2, double x3, double y3) {
    Path2D path = new Path2D.Double();
    path.moveTo(x1, y1);
    path.lineTo(x2, y2);
    path.lineTo(x3, y3);
    path.closePath();
    g.setColor(color);
    g.fill(path);
  }

  private void quad(
      Color color,
      double x1,
      double y1,
      double x2,
      double y2,
      double x3,
      double y3,
      double x4,
      double y4) {
    triangle(color, x1, y1, x2, y2, x3, y3);
    triangle(color, x1, y1, x3, y3, x4, y4);
  }
}
