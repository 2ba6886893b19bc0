package drumnest.server.demo;

import drumnest.server.intake.UprightTurn;
import java.awt.Graphics2D;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import org.apache.commons.imaging.formats.jpeg.exif.ExifRewriter;
import org.apache.commons.imaging.formats.tiff.constants.ExifTagConstants;
import org.apache.commons.imaging.formats.tiff.constants.TiffTagConstants;
import org.apache.commons.imaging.formats.tiff.write.TiffOutputSet;
import org.jspecify.annotations.Nullable;

/** Writes a picture as a camera would: turned as it was held, with its date and orientation. */
public final class PhotoWriter {

  private static final DateTimeFormatter EXIF_DATE =
      DateTimeFormatter.ofPattern("yyyy:MM:dd HH:mm:ss");

  private PhotoWriter() {}

  /**
   * Writes a JPEG file with Exif data (source: CIPA DC-008).
   *
   * @param upright the picture as it is seen
   * @param orientation how it is stored, 1 to 8
   */
  public static void writeJpeg(
      BufferedImage upright, int orientation, @Nullable LocalDateTime takenAt, Path file)
      throws IOException {
    byte[] jpeg = jpeg(stored(upright, orientation));
    if (takenAt == null && orientation == 1) {
      Files.write(file, jpeg);
      return;
    }
    TiffOutputSet exif = new TiffOutputSet();
    exif.getOrCreateRootDirectory().add(TiffTagConstants.TIFF_TAG_ORIENTATION, (short) orientation);
    if (takenAt != null) {
      exif.getOrCreateExifDirectory()
          .add(ExifTagConstants.EXIF_TAG_DATE_TIME_ORIGINAL, EXIF_DATE.format(takenAt));
    }
    try (OutputStream out = Files.newOutputStream(file)) {
      new ExifRewriter().updateExifMetadataLossless(jpeg, out, exif);
    }
  }

  private static byte[] jpeg(BufferedImage picture) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
      writer.setOutput(out);
      ImageWriteParam parameters = writer.getDefaultWriteParam();
      parameters.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      parameters.setCompressionQuality(0.8f);
      writer.write(null, new IIOImage(picture, null, null), parameters);
    } finally {
      writer.dispose();
    }
    return bytes.toByteArray();
  }

  /** The picture as it is stored, so that turning it as its orientation says makes it upright. */
  private static BufferedImage stored(BufferedImage upright, int orientation) {
    if (orientation == 1) {
      return upright;
    }
    boolean swaps = UprightTurn.swapsSides(orientation);
    int w = swaps ? upright.getHeight() : upright.getWidth();
    int h = swaps ? upright.getWidth() : upright.getHeight();
    BufferedImage stored = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = stored.createGraphics();
    try {
      graphics.drawImage(upright, UprightTurn.of(orientation, w, h).createInverse(), null);
    } catch (NoninvertibleTransformException e) {
      throw new IllegalStateException(e);
    } finally {
      graphics.dispose();
    }
    return stored;
  }
}
