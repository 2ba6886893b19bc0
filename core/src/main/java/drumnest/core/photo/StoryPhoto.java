package drumnest.core.photo;

import java.time.LocalDateTime;
import java.util.Comparator;
import org.jspecify.annotations.Nullable;

/**
 * A picture as it hangs on the line.
 *
 * @param id its identity
 * @param takenAt when it was taken, by the camera's clock, if that is known
 * @param fingerprint what it looks like, if that is known
 */
public record StoryPhoto(
    String id, @Nullable LocalDateTime takenAt, @Nullable Fingerprint fingerprint) {

  /** Time order; pictures without a time come last, in the order they are given. */
  public static final Comparator<StoryPhoto> TIME_ORDER =
      Comparator.comparing(StoryPhoto::takenAt, Comparator.nullsLast(Comparator.naturalOrder()));
}
