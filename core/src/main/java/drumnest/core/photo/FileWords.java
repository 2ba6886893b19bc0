package drumnest.core.photo;

import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/**
 * All that a photo file, or the sidecar beside it, says of the picture.
 *
 * @param takenAt when it was taken, by the camera's clock
 * @param offsetMinutes how far that clock is ahead of UTC, where the file says so
 * @param doubt why the time in the file is not believed; then there is no {@code takenAt}
 * @param camera which camera took it: its make, model and number
 * @param rating its stars, 0 to 5, or -1 for rejected
 * @param title its title; empty text for none
 * @param caption what is written to it; empty text for none
 * @param keywords its keywords, separated by commas; empty text for none
 */
public record FileWords(
    @Nullable LocalDateTime takenAt,
    @Nullable Integer offsetMinutes,
    @Nullable String doubt,
    @Nullable String camera,
    @Nullable Integer rating,
    String title,
    String caption,
    String keywords) {

  /** A file that says nothing. */
  public static final FileWords NONE = new FileWords(null, null, null, null, null, "", "", "");
}
