package drumnest.core.photo;

import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A run of pictures on the line that belong together.
 *
 * @param begin when its first picture was taken; null for the pictures without a time
 * @param name what the maker called it, if anything
 * @param photos its pictures, in the order of the line
 */
public record Chapter(
    @Nullable LocalDateTime begin, @Nullable String name, List<StoryPhoto> photos) {

  public Chapter {
    photos = List.copyOf(photos);
  }
}
