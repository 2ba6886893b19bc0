package drumnest.server.intake;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.lang.BufferBoundsException;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import drumnest.core.photo.Pixels;
import java.io.EOFException;
import java.io.IOException;
import java.nio.file.Path;

/**
 * The header of a photo file, which is read before its picture is decoded.
 *
 * @param frame how its pixels are stored
 * @param orientation how to turn it upright, 1 to 8 (source: CIPA DC-008, Exif, tag Orientation)
 */
record PhotoHeader(Frame frame, int orientation) {

  /** The size after turning the picture upright. */
  Pixels upright() {
    return UprightTurn.swapsSides(orientation)
        ? new Pixels(frame.h(), frame.w())
        : new Pixels(frame.w(), frame.h());
  }

  /** Something that is taken from what is written in a file. */
  interface Taking<T> {
    T from(Metadata metadata);
  }

  /**
   * Takes something from what is written in a file beside its picture; all of that is held
   * meanwhile.
   *
   * @throws RefusedPhotoException if the file's structure is damaged, or if it says too much
   */
  static <T> T said(Path file, PhotoFormat format, PictureMemory memory, Taking<T> taking)
      throws IOException {
    try {
      long bytes = WordsLimit.require(file, format);
      return memory.with(bytes, () -> taking.from(ImageMetadataReader.readMetadata(file.toFile())));
    } catch (ImageProcessingException | EOFException | BufferBoundsException e) {
      throw new RefusedPhotoException("It cannot be read; it seems to be damaged.", e);
    }
  }

  /** How to turn a picture upright; 1, as it is, where nothing is said. */
  static int orientation(Metadata metadata) {
    for (ExifIFD0Directory exif : metadata.getDirectoriesOfType(ExifIFD0Directory.class)) {
      Integer value = exif.getInteger(ExifDirectoryBase.TAG_ORIENTATION);
      if (value != null && value >= 1 && value <= 8) {
        return value;
      }
    }
    return 1;
  }
}
