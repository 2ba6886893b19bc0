package drumnest.core.photo;

import drumnest.core.stock.HouseRules;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Made-up pictures for tests of the line. */
public final class Looks {

  public static final HouseRules RULES = HouseRules.defaults();
  public static final LocalDateTime NOON = LocalDateTime.of(2031, 6, 14, 12, 0);
  private static final Lab GREY = new Lab(50, 0, 0);

  public static final PhotoAnnotations NOTHING_SAID =
      new PhotoAnnotations(
          null,
          false,
          null,
          List.of(),
          Framing.FOLLOWS,
          null,
          Choosing.OPEN,
          StoryPhoto.Grouping.NONE);

  private Looks() {}

  /** A wide picture with this fingerprint. */
  public static Look wide(long bits) {
    return look(bits, bits, 6000, 4000, 20);
  }

  public static Look look(long whole, long centre, int w, int h, double sharpness) {
    return new Look(
        new Fingerprint(whole),
        new Fingerprint(centre),
        null,
        GREY,
        GREY,
        sharpness,
        new Light(118, 0, 0),
        new Pixels(w, h));
  }

  public static StoryPhoto photo(String id, @Nullable LocalDateTime takenAt, @Nullable Look look) {
    return new StoryPhoto(id, takenAt, look, StoryPhoto.Grouping.NONE);
  }

  public static StoryPhoto told(StoryPhoto photo, StoryPhoto.Grouping grouping) {
    return new StoryPhoto(photo.id(), photo.takenAt(), photo.look(), grouping);
  }
}
