package drumnest.server.intake;

import drumnest.core.photo.Pixels;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBuffer;
import java.awt.image.SampleModel;
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
import org.jspecify.annotations.Nullable;

/**
 * Reads with the platform's own image readers, line by line and leaving lines out where a picture
 * is far larger than needed, so that memory stays small. Slower than the native reader.
 */
final class ImageIoReader implements PictureReader {

  /**
   * Bytes for each pixel of a picture that the first halving of it takes: four for every fourth.
   */
  private static final int HALF = 1;

  /** Bytes of a picture that are read at once where that can be done. */
  private static final long BAND = 16L << 20;

  static {
    ImageIO.setUseCache(false);
  }

  @Override
  public Sample derive(
      Path file, PhotoFormat format, PhotoHeader header, Map<DerivedSize, Path> targets)
      throws IOException {
    Frame frame = header.frame();
    BufferedImage read =
        isReadInBands(format, frame) ? readInBands(file, frame) : read(file, frame);
    BufferedImage large = reduced(read, DerivedSize.LARGE.of(frame.w(), frame.h()));
    BufferedImage small = reduced(large, DerivedSize.SMALL.of(frame.w(), frame.h()));
    write(upright(large, header.orientation()), DerivedSize.LARGE, targets);
    BufferedImage shown = upright(small, header.orientation());
    write(shown, DerivedSize.SMALL, targets);
    return Sample.of(shown);
  }

  @Override
  public Frame frame(Path file, PhotoFormat format) throws IOException {
    return opened(file, reader -> frame(reader, file, format));
  }

  private static Frame frame(ImageReader reader, Path file, PhotoFormat format) throws IOException {
    int w = reader.getWidth(0);
    int h = reader.getHeight(0);
    if (format == PhotoFormat.JPEG) {
      JpegFrame jpeg = JpegFrame.read(file);
      if (!jpeg.isOf(w, h)) {
        // Another part of the platform's reader than the one that tells the size decodes it.
        throw damaged(null);
      }
      int samples = jpeg.components();
      return new Frame(w, h, samples, Math.max(3, samples), jpeg.passes(w, h), 0);
    }
    SampleModel samples = reader.getImageTypes(0).next().getSampleModel();
    long bytes =
        (long) samples.getNumDataElements() * DataBuffer.getDataTypeSize(samples.getDataType()) / 8;
    long block = format == PhotoFormat.WEBP ? 4L * w * h : TiffDirectories.block(file, format);
    return new Frame(w, h, samples.getNumBands(), Math.max(1, bytes), 0, block);
  }

  private static BufferedImage read(Path file, Frame frame) throws IOException {
    return opened(
        file,
        reader -> {
          boolean[] cutShort = {false};
          reader.addIIOReadWarningListener((source, warning) -> cutShort[0] |= isCutShort(warning));
          ImageReadParam parameters = reader.getDefaultReadParam();
          int step = step(frame);
          parameters.setSourceSubsampling(step, step, 0, 0);
          BufferedImage picture = reader.read(0, parameters);
          if (cutShort[0]) {
            throw damaged(null);
          }
          frame.requireSize(step, picture.getWidth(), picture.getHeight());
          return picture;
        });
  }

  /** PNG files are read from their beginning for each band, which others take too long for. */
  private static boolean isReadInBands(PhotoFormat format, Frame frame) {
    return format == PhotoFormat.PNG && bytesOfWhole(frame) > BAND;
  }

  private static long bytesOfWhole(Frame frame) {
    long step = step(frame);
    return frame.bytes() * frame.pixels() / (step * step);
  }

  /** How often a picture is halved before it is drawn at its size, once lines are left out. */
  private static int halving(Frame frame) {
    Pixels large = DerivedSize.LARGE.of(frame.w(), frame.h());
    int step = step(frame);
    int by = 1;
    while (frame.w() / step / (2 * by) >= large.w() && frame.h() / step / (2 * by) >= large.h()) {
      by *= 2;
    }
    return by;
  }

  /** Reads a picture band by band, halves each as often as the whole would be, and joins them. */
  private static BufferedImage readInBands(Path file, Frame frame) throws IOException {
    return opened(
        file,
        false,
        reader -> {
          int step = step(frame);
          int by = halving(frame);
          int w = (frame.w() + step - 1) / step;
          int h = (frame.h() + step - 1) / step;
          int rows = Math.max(1, (int) (BAND / (frame.bytes() * w * by))) * by;
          BufferedImage joined = new BufferedImage(w / by, h / by, BufferedImage.TYPE_INT_RGB);
          Graphics2D graphics = joined.createGraphics();
          for (int y = 0; y + by <= h; y += rows) {
            ImageReadParam parameters = reader.getDefaultReadParam();
            int height = Math.min(rows * step, frame.h() - y * step);
            parameters.setSourceRegion(new Rectangle(0, y * step, frame.w(), height));
            parameters.setSourceSubsampling(step, step, 0, 0);
            BufferedImage band = reader.read(0, parameters);
            graphics.drawImage(halved(band, by), 0, y / by, null);
          }
          graphics.dispose();
          return joined;
        });
  }

  private static BufferedImage halved(BufferedImage band, int by) {
    BufferedImage halved = drawn(band, new Pixels(band.getWidth(), band.getHeight()));
    for (int left = by; left > 1; left /= 2) {
      halved = drawn(halved, new Pixels(halved.getWidth() / 2, halved.getHeight() / 2));
    }
    return halved;
  }

  /** Something that is read of a file. */
  private interface Reading<T> {
    T of(ImageReader reader) throws IOException;
  }

  private static <T> T opened(Path file, Reading<T> reading) throws IOException {
    return opened(file, true, reading);
  }

  /**
   * Opens a file for something that is read of it.
   *
   * @param once whether its picture is read once only
   */
  private static <T> T opened(Path file, boolean once, Reading<T> reading) throws IOException {
    try (ImageInputStream in = ImageIO.createImageInputStream(file.toFile())) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        throw damaged(null);
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(in, once, true);
        return reading.of(reader);
      } finally {
        reader.dispose();
      }
    } catch (RefusedPhotoException refused) {
      throw refused;
    } catch (IOException | RuntimeException e) {
      throw damaged(e);
    }
  }

  private static RefusedPhotoException damaged(@Nullable Exception e) {
    return new RefusedPhotoException("Its picture is damaged or cut short.", e);
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

  /**
   * Tells what is left of the picture when lines are left out, and its half; what is unpacked at
   * once.
   */
  @Override
  public long bytesHeld(PhotoFormat format, Frame frame) {
    long step = step(frame);
    if (isReadInBands(format, frame)) {
      long by = halving(frame) * step;
      return 3 * BAND + 4 * frame.pixels() / (by * by);
    }
    return (frame.bytes() + HALF) * frame.pixels() / (step * step) + frame.passes() + frame.block();
  }

  /** How many lines and columns are passed over for each that is read, plus one. */
  private static int step(Frame frame) {
    Pixels large = DerivedSize.LARGE.of(frame.w(), frame.h());
    return Math.max(1, Math.min(frame.w() / (2 * large.w()), frame.h() / (2 * large.h())));
  }

  @Override
  public String description() {
    return "the platform's own readers, slower (the native library does not load here)";
  }
}
