package drumnest.server;

import drumnest.server.demo.PhotoWriter;
import drumnest.server.demo.PhotoWriter.Said;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import javax.imageio.ImageIO;

/**
 * Small pictures whose corners differ: red top left, green top right, blue foot left, white rest.
 */
public final class TestPictures {

  private TestPictures() {}

  public static BufferedImage upright(int w, int h, int seed) {
    BufferedImage picture = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = picture.createGraphics();
    g.setColor(Color.WHITE);
    g.fillRect(0, 0, w, h);
    g.setColor(Color.RED);
    g.fillRect(0, 0, w / 3, h / 3);
    g.setColor(Color.GREEN);
    g.fillRect(w - w / 3, 0, w / 3, h / 3);
    g.setColor(Color.BLUE);
    g.fillRect(0, h - h / 3, w / 3, h / 3);
    g.setColor(Color.BLACK);
    for (int i = 0; i < 8; i++) {
      if ((seed >> i & 1) == 1) {
        g.fillRect(w * (i + 1) / 10, h / 2 - h / 20, w / 14, h / 10);
      }
    }
    g.dispose();
    return picture;
  }

  public static byte[] jpeg(int w, int h, int orientation, LocalDateTime takenAt, int seed) {
    return saying(w, h, orientation, Said.at(takenAt), seed);
  }

  /** A JPEG file that says more than its time. */
  public static byte[] saying(int w, int h, int orientation, Said said, int seed) {
    try {
      Path file = Files.createTempFile("picture", ".jpg");
      PhotoWriter.writeJpeg(upright(w, h, seed), orientation, said, file);
      byte[] bytes = Files.readAllBytes(file);
      Files.delete(file);
      return bytes;
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  public static byte[] png(BufferedImage picture) {
    try {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      ImageIO.write(picture, "png", out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }
}
