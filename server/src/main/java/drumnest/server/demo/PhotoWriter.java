package drumnest.server.demo;

import drumnest.server.intake.UprightTurn;
import java.awt.Graphics2D;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
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
import org.apache.commons.imaging.formats.jpeg.xmp.JpegXmpRewriter;
import org.apache.commons.imaging.formats.tiff.constants.ExifTagConstants;
import org.apache.commons.imaging.formats.tiff.constants.TiffDirectoryType;
import org.apache.commons.imaging.formats.tiff.constants.TiffTagConstants;
import org.apache.commons.imaging.formats.tiff.taginfos.TagInfoAscii;
import org.apache.commons.imaging.formats.tiff.write.TiffOutputDirectory;
import org.apache.commons.imaging.formats.tiff.write.TiffOutputSet;
import org.jspecify.annotations.Nullable;

/** Writes a picture as a camera would: turned as it was held, with its date and orientation. */
public final class PhotoWriter {

  private static final DateTimeFormatter EXIF_DATE =
      DateTimeFormatter.ofPattern("yyyy:MM:dd HH:mm:ss");

  /** Tag 0x9011 of Exif 2.31 (source: CIPA DC-008-2016). */
  private static final TagInfoAscii OFFSET_TIME_ORIGINAL =
      new TagInfoAscii("OffsetTimeOriginal", 0x9011, 7, TiffDirectoryType.EXIF_DIRECTORY_EXIF_IFD);

  private PhotoWriter() {}

  /**
   * The facts that a camera writes beside the picture.
   *
   * @param takenAt when it was taken
   * @param offset how far the clock is ahead of UTC, as {@code +02:00}
   * @param stars how many stars the picture was given, 0 for none
   */
  public record Said(
      @Nullable LocalDateTime takenAt,
      @Nullable String offset,
      @Nullable String make,
      @Nullable String model,
      int stars) {

    /** Nothing but the time. */
    public static Said at(@Nullable LocalDateTime takenAt) {
      return new Said(takenAt, null, null, null, 0);
    }
  }

  /**
   * Writes a JPEG file with Exif data (source: CIPA DC-008) and, where there are stars, XMP
   * (source: ISO 16684-1).
   *
   * @param upright the picture as it is seen
   * @param orientation how it is stored, 1 to 8
   */
  public static void writeJpeg(BufferedImage upright, int orientation, Said said, Path file)
      throws IOException {
    byte[] jpeg = jpeg(stored(upright, orientation));
    if (said.takenAt() != null || orientation != 1) {
      jpeg = withExif(jpeg, orientation, said);
    }
    Files.write(file, said.stars() == 0 ? jpeg : withStars(jpeg, said.stars()));
  }

  private static byte[] withExif(byte[] jpeg, int orientation, Said said) throws IOException {
    TiffOutputSet exif = new TiffOutputSet();
    TiffOutputDirectory root = exif.getOrCreateRootDirectory();
    root.add(TiffTagConstants.TIFF_TAG_ORIENTATION, (short) orientation);
    if (said.make() != null && said.model() != null) {
      root.add(TiffTagConstants.TIFF_TAG_MAKE, said.make());
      root.add(TiffTagConstants.TIFF_TAG_MODEL, said.model());
    }
    if (said.takenAt() != null) {
      exif.getOrCreateExifDirectory()
          .add(ExifTagConstants.EXIF_TAG_DATE_TIME_ORIGINAL, EXIF_DATE.format(said.takenAt()));
    }
    if (said.offset() != null) {
      exif.getOrCreateExifDirectory().add(OFFSET_TIME_ORIGINAL, said.offset());
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    new ExifRewriter().updateExifMetadataLossless(jpeg, out, exif);
    return out.toByteArray();
  }

  private static byte[] withStars(byte[] jpeg, int stars) throws IOException {
    String xmp =
        "<x:xmpmeta xmlns:x=\"adobe:ns:meta/\"><rdf:RDF"
            + " xmlns:rdf=\"http://www.w3.org/1999/02/22-rdf-syntax-ns#\"><rdf:Description"
            + " rdf:about=\"\" xmlns:xmp=\"http://ns.adobe.com/xap/1.0/\" xmp:Rating=\""
            + stars
            + "\"/></rdf:RDF></x:xmpmeta>";
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    new JpegXmpRewriter().updateXmpXml(jpeg, out, xmp);
    return out.toByteArray();
  }

  private static byte[] jpeg(BufferedImage picture) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
      writer.setOutput(out);
      ImageWriteParam parameters = writer.getDefaultWriteParam();
      parameters.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      parameters.setCompressionQuality(0.64f);
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
