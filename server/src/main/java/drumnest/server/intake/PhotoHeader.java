package drumnest.server.intake;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Directory;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.gif.GifHeaderDirectory;
import com.drew.metadata.jpeg.JpegComponent;
import com.drew.metadata.jpeg.JpegDirectory;
import com.drew.metadata.png.PngDirectory;
import com.drew.metadata.webp.WebpDirectory;
import drumnest.core.photo.Pixels;
import java.io.EOFException;
import java.io.IOException;
import java.nio.file.Path;

/**
 * What a photo file says of itself before it is decoded.
 *
 * @param storedW pixels across as stored, before turning
 * @param storedH pixels down as stored
 * @param orientation how to turn it upright, 1 to 8 (source: CIPA DC-008, Exif, tag Orientation)
 * @param inks how many colours a pixel is mixed of: 1 for grey, 3, or 4 for print colours
 * @param passes how many bytes the passes of a progressive JPEG file take, all of which are held
 *     while it is read; 0 for other files
 */
record PhotoHeader(int storedW, int storedH, int orientation, int inks, long passes) {

  private static final int ORDINARY_INKS = 3;
  private static final int PRINT_INKS = 4;
  private static final int PROGRESSIVE = 2;

  /** Whether it is a JPEG file in the colours of print, cyan, magenta, yellow and black. */
  boolean isForPrint() {
    return inks == PRINT_INKS;
  }

  /** The size after turning the picture upright. */
  Pixels upright() {
    return UprightTurn.swapsSides(orientation)
        ? new Pixels(storedH, storedW)
        : new Pixels(storedW, storedH);
  }

  long pixels() {
    return (long) storedW * storedH;
  }

  /**
   * Everything that is written in a file beside its picture.
   *
   * @throws RefusedPhotoException if the file's structure is damaged
   */
  static Metadata metadata(Path file) throws IOException {
    try {
      return ImageMetadataReader.readMetadata(file.toFile());
    } catch (ImageProcessingException | EOFException e) {
      throw new RefusedPhotoException("It cannot be read; it seems to be damaged.", e);
    }
  }

  static PhotoHeader read(Path file) throws IOException {
    return of(metadata(file));
  }

  /**
   * @throws RefusedPhotoException if nothing is said of the size
   */
  static PhotoHeader of(Metadata metadata) {
    try {
      int[] size = size(metadata);
      if (size[0] < 1 || size[1] < 1) {
        throw new RefusedPhotoException("It says nothing of its size; it seems to be damaged.");
      }
      JpegDirectory jpeg = metadata.getFirstDirectoryOfType(JpegDirectory.class);
      return new PhotoHeader(
          size[0],
          size[1],
          orientation(metadata),
          jpeg == null ? ORDINARY_INKS : jpeg.getNumberOfComponents(),
          jpeg == null ? 0 : passes(jpeg, (long) size[0] * size[1]));
    } catch (MetadataException e) {
      throw new RefusedPhotoException("It cannot be read; it seems to be damaged.", e);
    }
  }

  /** Two bytes a coefficient, of every component as densely as it is sampled (ITU-T T.81). */
  private static long passes(JpegDirectory jpeg, long pixels) throws MetadataException {
    Integer compression = jpeg.getInteger(JpegDirectory.TAG_COMPRESSION_TYPE);
    if (compression == null || compression != PROGRESSIVE) {
      return 0;
    }
    long samples = 0;
    long densest = 1;
    for (int i = 0; i < jpeg.getNumberOfComponents(); i++) {
      JpegComponent component = jpeg.getComponent(i);
      if (component != null) {
        long density =
            (long) component.getHorizontalSamplingFactor() * component.getVerticalSamplingFactor();
        samples += density;
        densest = Math.max(densest, density);
      }
    }
    return 2 * pixels * Math.max(1, samples) / densest;
  }

  private static int[] size(Metadata metadata) throws MetadataException {
    for (Directory directory : metadata.getDirectories()) {
      if (directory instanceof JpegDirectory jpeg
          && jpeg.containsTag(JpegDirectory.TAG_IMAGE_WIDTH)) {
        return new int[] {jpeg.getImageWidth(), jpeg.getImageHeight()};
      }
      if (directory instanceof PngDirectory png && png.containsTag(PngDirectory.TAG_IMAGE_WIDTH)) {
        return new int[] {
          png.getInt(PngDirectory.TAG_IMAGE_WIDTH), png.getInt(PngDirectory.TAG_IMAGE_HEIGHT)
        };
      }
      if (directory instanceof WebpDirectory webp
          && webp.containsTag(WebpDirectory.TAG_IMAGE_WIDTH)) {
        return new int[] {
          webp.getInt(WebpDirectory.TAG_IMAGE_WIDTH), webp.getInt(WebpDirectory.TAG_IMAGE_HEIGHT)
        };
      }
    }
    GifHeaderDirectory gif = metadata.getFirstDirectoryOfType(GifHeaderDirectory.class);
    if (gif != null && gif.containsTag(GifHeaderDirectory.TAG_IMAGE_WIDTH)) {
      return new int[] {
        gif.getInt(GifHeaderDirectory.TAG_IMAGE_WIDTH),
        gif.getInt(GifHeaderDirectory.TAG_IMAGE_HEIGHT)
      };
    }
    ExifIFD0Directory tiff = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
    if (tiff != null && tiff.containsTag(ExifDirectoryBase.TAG_IMAGE_WIDTH)) {
      return new int[] {
        tiff.getInt(ExifDirectoryBase.TAG_IMAGE_WIDTH),
        tiff.getInt(ExifDirectoryBase.TAG_IMAGE_HEIGHT)
      };
    }
    return new int[] {0, 0};
  }

  private static int orientation(Metadata metadata) {
    for (ExifIFD0Directory exif : metadata.getDirectoriesOfType(ExifIFD0Directory.class)) {
      Integer value = exif.getInteger(ExifDirectoryBase.TAG_ORIENTATION);
      if (value != null && value >= 1 && value <= 8) {
        return value;
      }
    }
    return 1;
  }
}
