package drumnest.server.intake;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Directory;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import com.drew.metadata.jpeg.JpegDirectory;
import com.drew.metadata.png.PngDirectory;
import drumnest.core.photo.Pixels;
import java.io.EOFException;
import java.io.IOException;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What a photo file says of itself before it is decoded.
 *
 * @param storedW pixels across as stored, before turning
 * @param storedH pixels down as stored
 * @param orientation how to turn it upright, 1 to 8 (source: CIPA DC-008, Exif, tag Orientation)
 * @param takenAt when it was taken, by the camera's clock
 */
record PhotoHeader(int storedW, int storedH, int orientation, @Nullable LocalDateTime takenAt) {

  private static final Pattern DATE =
      Pattern.compile("(\\d{4})[:-](\\d\\d)[:-](\\d\\d)[ T](\\d\\d):(\\d\\d):(\\d\\d).*");
  private static final int[] DATES = {
    ExifDirectoryBase.TAG_DATETIME_ORIGINAL, ExifDirectoryBase.TAG_DATETIME_DIGITIZED
  };

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
   * @throws RefusedPhotoException if the file's structure is damaged
   */
  static PhotoHeader read(Path file) throws IOException {
    try {
      Metadata metadata = ImageMetadataReader.readMetadata(file.toFile());
      int[] size = size(metadata);
      if (size[0] < 1 || size[1] < 1) {
        throw new RefusedPhotoException("It says nothing of its size; it seems to be damaged.");
      }
      return new PhotoHeader(size[0], size[1], orientation(metadata), takenAt(metadata));
    } catch (ImageProcessingException | MetadataException | EOFException e) {
      throw new RefusedPhotoException("It cannot be read; it seems to be damaged.", e);
    }
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

  private static @Nullable LocalDateTime takenAt(Metadata metadata) {
    for (int tag : DATES) {
      for (ExifSubIFDDirectory exif : metadata.getDirectoriesOfType(ExifSubIFDDirectory.class)) {
        LocalDateTime date = date(exif.getString(tag));
        if (date != null) {
          return date.plusNanos(fraction(exif.getString(subSeconds(tag))));
        }
      }
    }
    for (ExifIFD0Directory exif : metadata.getDirectoriesOfType(ExifIFD0Directory.class)) {
      LocalDateTime date = date(exif.getString(ExifDirectoryBase.TAG_DATETIME));
      if (date != null) {
        return date;
      }
    }
    return null;
  }

  private static int subSeconds(int tag) {
    return tag == ExifDirectoryBase.TAG_DATETIME_ORIGINAL
        ? ExifDirectoryBase.TAG_SUBSECOND_TIME_ORIGINAL
        : ExifDirectoryBase.TAG_SUBSECOND_TIME_DIGITIZED;
  }

  private static @Nullable LocalDateTime date(@Nullable String text) {
    Matcher date = DATE.matcher(text == null ? "" : text.strip());
    if (!date.matches()) {
      return null;
    }
    try {
      return LocalDateTime.of(
          Integer.parseInt(date.group(1)),
          Integer.parseInt(date.group(2)),
          Integer.parseInt(date.group(3)),
          Integer.parseInt(date.group(4)),
          Integer.parseInt(date.group(5)),
          Integer.parseInt(date.group(6)));
    } catch (DateTimeException notSet) {
      return null;
    }
  }

  /** Nanoseconds, to the millisecond, of a fraction of a second written as its digits. */
  private static long fraction(@Nullable String digits) {
    String three = digits == null ? "" : digits.strip();
    if (!three.matches("\\d{1,9}")) {
      return 0;
    }
    return Long.parseLong((three + "00").substring(0, 3)) * 1_000_000;
  }
}
