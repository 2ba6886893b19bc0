package drumnest.server.intake;

import drumnest.core.photo.Pixels;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import javax.imageio.ImageIO;

/**
 * The picture that stands for a print on the table of which there is no file: a pale sheet in its
 * shape.
 */
final class BlankPrint {

  private static final Color SHEET = new Color(0xf1f4f3);
  private static final Color FRAME = new Color(0xb8c5c8);

  private BlankPrint() {}

  static void paint(Pixels pixels, DerivedSize size, Path target) throws IOException {
    Pixels shown = size.of(pixels.w(), pixels.h());
    BufferedImage sheet = new BufferedImage(shown.w(), shown.h(), BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = sheet.createGraphics();
    graphics.setColor(SHEET);
    graphics.fillRect(0, 0, shown.w(), shown.h());
    graphics.setColor(FRAME);
    int inset = Math.max(2, Math.min(shown.w(), shown.h()) / 16);
    graphics.setStroke(new BasicStroke(Math.max(1, inset / 6f)));
    graphics.drawRect(inset, inset, shown.w() - 2 * inset - 1, shown.h() - 2 * inset - 1);
    graphics.dispose();
    Files.createDirectories(target.getParent());
    Path wet = Files.createTempFile(target.getParent(), "blank", ".jpg");
    ImageIO.write(sheet, "jpeg", wet.toFile());
    Files.move(wet, target, StandardCopyOption.ATOMIC_MOVE);
  }
}
