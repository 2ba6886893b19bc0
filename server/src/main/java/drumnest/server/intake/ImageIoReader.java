package drumnest.server.intake;

import drumnest.core.photo.Pixels;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.Locale;
import java.util.Map;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.ImageOutputStream;

/**
 * Reads with the platform's own image readers, line by line and leaving lines out where a picture
 * is far larger than needed, so that memory stays small. Slower than the native reader.
 */
final class ImageIoReader implements PictureReader {

  static {
    ImageIO.setUseCache(false);
  }

  @Override
  public Sample derive(
      Path file, PhotoFormat format, PhotoHeader header, Map<DerivedSize, Path> targets)
      throws IOException {
    BufferedImage whole = read(file, header);
    BufferedImage large = reduced(whole, DerivedSize.LARGE.of(header.storedW(), header.storedH()));
    BufferedImage small = reduced(large, DerivedSize.SMALL.of(header.storedW(), header.storedH()));
    write(upright(large, header.orientation()), DerivedSize.LARGE, targets);
    BufferedImage shown = upright(small, header.orientation());
    write(shown, DerivedSize.SMALL, targets);
    return Sample.of(shown);
  }

  private static BufferedImage read(Path file, PhotoHeader header) throws IOException {
    try (ImageInputStream in = ImageIO.createImageInputStream(file.toFile())) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        throw new RefusedPhotoException("It cannot be read; it seems to be damaged.");
      }
      ImageReader reader = readers.next();
      try {
        boolean[] cutShort = {false};
        reader.addIIOReadWarningListener((source, warning) -> cutShort[0] |= isCutShort(warning));
        reader.setInput(in, true, true);
        ImageReadParam parameters = reader.getDefaultReadParam();
        int step = step(header);
        parameters.setSourceSubsampling(step, step, 0, 0);
        BufferedImage picture = reader.read(0, parameters);
        if (cutShort[0]) {
          throw new RefusedPhotoException("Its picture is damaged or cut short.");
        }
        return picture;
      } finally {
        reader.dispose();
      }
    } catch (IOException | RuntimeException e) {
      if (e instanceof RefusedPhotoException refused) {
        throw refused;
      }
      throw new RefusedPhotoException("Its picture is damaged or cut short.", e);
    }
  }

  private static boolean isCutShort(String warning) {
    String words = warning.toLowerCase(Locale.ROOT);
    return words.contains("truncated") || words.contains("premature") || words.contains("corrupt");
  }

  /** Halves the picture until it is less than twice the target, then draws it at its size. */
  private static BufferedImage reduced(BufferedImage from, Pixels target) {
    BufferedImage picture = from;
    while (picture.getWidth() >= 2 * target.w() && picture.getHeight() >= 2 * target.h()) {
      picture = drawn(picture, new Pixels(picture.getWidth() / 2, picture.getHeight() / 2));
    }
    return drawn(picture, target);
  }

  private static BufferedImage drawn(BufferedImage from, Pixels size) {
    BufferedImage to = new BufferedImage(size.w(), size.h(), BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = to.createGraphics();
    graphics.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    graphics.drawImage(from, 0, 0, size.w(), size.h(), Color.WHITE, null);
    graphics.dispose();
    return to;
  }

  /** Turns a picture as its orientation says (source: CIPA DC-008). */
  private static BufferedImage upright(BufferedImage stored, int orientation) {
    if (orientation == 1) {
      return stored;
    }
    int w = stored.getWidth();
    int h = stored.getHeight();
    boolean swaps = UprightTurn.swapsSides(orientation);
    BufferedImage to = new BufferedImage(swaps ? h : w, swaps ? w : h, BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = to.createGraphics();
    graphics.drawImage(stored, UprightTurn.of(orientation, w, h), null);
    graphics.dispose();
    return to;
  }

  private static void write(BufferedImage picture, DerivedSize size, Map<DerivedSize, Path> targets)
      throws IOException {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    try (ImageOutputStream out = ImageIO.createImageOutputStream(targets.get(size).toFile())) {
      writer.setOutput(out);
      ImageWriteParam parameters = writer.getDefaultWriteParam();
      parameters.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      parameters.setCompressionQuality(size.quality() / 100f);
      writer.write(null, new IIOImage(picture, null, null), parameters);
    } finally {
      writer.dispose();
    }
  }

  /** What is left of the picture when lines are left out, and its halves; passes in full. */
  @Override
  public long bytesHeld(PhotoFormat format, PhotoHeader header) {
    int step = step(header);
    long whole = format == PhotoFormat.WEBP ? 4 * header.pixels() : 0;
    return 6 * header.pixels() / ((long) step * step) + header.passes() + whole;
  }

  /** How many lines and columns are passed over for each that is read, plus one. */
  private static int step(PhotoHeader header) {
    Pixels large = DerivedSize.LARGE.of(header.storedW(), header.storedH());
    return Math.max(
        1, Math.min(header.storedW() / (2 * large.w()), header.storedH() / (2 * large.h())));
  }

  @Override
  public String description() {
    return "the platform's own readers, slower (the native library does not load here)";
  }
}
