package drumnest.server;

import drumnest.core.photo.Quad;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;

/**
 * A table, seen by a camera that leans over it, on which a print of 6 × 4 in and a card of 5 × 3 in
 * lie, and which a lamp lights from the left.
 */
public final class TableScene {

  public static final int W = 1500;
  public static final int H = 1200;

  private static final double LEANING = Math.toRadians(20);
  private static final double HEIGHT = 15;
  private static final double FOCUS = 1500;

  /** Where the print and the card lie, in inches, and by how many degrees they are turned. */
  private static final double[] PRINT = {-5.5, -3.5, 6, 4, 4};

  private static final double[] CARD = {-1, 1.5, 5, 3, -6};

  private TableScene() {}

  /** Where a corner of something is seen. */
  private static Quad.Corner seen(double[] lies, double right, double down) {
    double turned = Math.toRadians(lies[4]);
    double x = lies[0] + right * lies[2] * Math.cos(turned) - down * lies[3] * Math.sin(turned);
    double y = lies[1] + right * lies[2] * Math.sin(turned) + down * lies[3] * Math.cos(turned);
    double away = HEIGHT + y * Math.sin(LEANING);
    return new Quad.Corner(
        W / 2.0 + FOCUS * x / away, H / 2.0 + FOCUS * y * Math.cos(LEANING) / away);
  }

  private static Quad seen(double[] lies) {
    List<Quad.Corner> corners = new ArrayList<>();
    for (double[] at : new double[][] {{0, 0}, {1, 0}, {1, 1}, {0, 1}}) {
      corners.add(seen(lies, at[0], at[1]));
    }
    return new Quad(corners.get(0), corners.get(1), corners.get(2), corners.get(3));
  }

  public static Quad print() {
    return seen(PRINT);
  }

  public static Quad card() {
    return seen(CARD);
  }

  /** The share across and down at which a point of the table is on something. */
  private static double[] on(double[] lies, double x, double y) {
    double turned = Math.toRadians(lies[4]);
    double dx = x - lies[0];
    double dy = y - lies[1];
    return new double[] {
      (dx * Math.cos(turned) + dy * Math.sin(turned)) / lies[2],
      (-dx * Math.sin(turned) + dy * Math.cos(turned)) / lies[3]
    };
  }

  private static boolean isOn(double[] share) {
    return share[0] >= 0 && share[0] < 1 && share[1] >= 0 && share[1] < 1;
  }

  /** Tells what the camera sees. */
  public static BufferedImage snap(BufferedImage picture) {
    BufferedImage snap = new BufferedImage(W, H, BufferedImage.TYPE_INT_RGB);
    for (int row = 0; row < H; row++) {
      for (int column = 0; column < W; column++) {
        // The ray through the pixel meets the table.
        double v = (row - H / 2.0) / FOCUS;
        double y = v * HEIGHT / (Math.cos(LEANING) - v * Math.sin(LEANING));
        double x = (column - W / 2.0) / FOCUS * (HEIGHT + y * Math.sin(LEANING));
        double[] print = on(PRINT, x, y);
        int colour = 0x6e4f36;
        if (isOn(print)) {
          colour =
              picture.getRGB(
                  (int) (print[0] * picture.getWidth()), (int) (print[1] * picture.getHeight()));
        } else if (isOn(on(CARD, x, y))) {
          colour = 0xf2efe6;
        }
        snap.setRGB(column, row, lit(colour, 1.05 - 0.45 * column / W));
      }
    }
    return snap;
  }

  private static int lit(int colour, double light) {
    int lit = 0;
    for (int shift = 16; shift >= 0; shift -= 8) {
      lit |= (int) Math.min(255, (colour >> shift & 0xff) * light) << shift;
    }
    return lit;
  }

  public static byte[] file(BufferedImage picture) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    ImageIO.write(snap(picture), "jpg", bytes);
    return bytes.toByteArray();
  }
}
