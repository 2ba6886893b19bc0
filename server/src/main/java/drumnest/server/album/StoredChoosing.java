package drumnest.server.album;

import drumnest.core.photo.Choice;
import drumnest.core.photo.Choosing;
import drumnest.core.photo.Showing;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.util.StdConverter;

/**
 * The decisions on a photo, as it is stored.
 *
 * @param showing nothing where it was stored before anybody could say so
 */
record StoredChoosing(
    Choice choice,
    boolean hero,
    boolean secret,
    boolean flap,
    @Nullable Showing showing,
    String caption) {

  static final class Read extends StdConverter<StoredChoosing, Choosing> {
    @Override
    public Choosing convert(StoredChoosing stored) {
      return new Choosing(
          stored.choice(),
          stored.hero(),
          stored.secret(),
          stored.flap(),
          Objects.requireNonNullElse(stored.showing(), Showing.ANY),
          stored.caption());
    }
  }
}
