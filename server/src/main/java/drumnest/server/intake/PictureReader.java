package drumnest.server.intake;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Map;

/** Decodes photo files and reduces them, turned upright, to the sizes that are shown. */
interface PictureReader {

  /**
   * Reads how the pixels of a file are stored, without decoding any.
   *
   * @throws RefusedPhotoException if this reader cannot read the file
   */
  Frame frame(Path file, PhotoFormat format) throws IOException;

  /**
   * Writes the derived pictures as JPEG files and gives the small one.
   *
   * @param file the photo file
   * @param header what it says of itself, its frame as this reader reads it
   * @param targets where each size goes
   * @throws RefusedPhotoException if the picture's data is damaged, or not of the size that the
   *     header says
   */
  Sample derive(Path file, PhotoFormat format, PhotoHeader header, Map<DerivedSize, Path> targets)
      throws IOException;

  /**
   * About how many bytes it holds at once while it reads such a file.
   *
   * @param frame the file's as this reader reads it
   */
  long bytesHeld(PhotoFormat format, Frame frame);

  /** Tells what reads, in words, for the about page. */
  String description();
}
