package drumnest.server.intake;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Map;

/** Decodes photo files and reduces them, turned upright, to the sizes that are shown. */
interface PictureReader {

  /**
   * Writes the derived pictures as JPEG files and gives the small one.
   *
   * @param file the photo file
   * @param header what it says of itself
   * @param targets where each size goes
   * @throws RefusedPhotoException if the picture's data is damaged
   */
  Sample derive(Path file, PhotoFormat format, PhotoHeader header, Map<DerivedSize, Path> targets)
      throws IOException;

  /**
   * About how many bytes it holds at once while it reads such a file.
   *
   * @param header what the file says of itself
   */
  long bytesHeld(PhotoFormat format, PhotoHeader header);

  /** What reads, in words, for the about page. */
  String description();
}
