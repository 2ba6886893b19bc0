package drumnest.core.album;

import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Story;
import drumnest.core.photo.StoryPhoto;
import drumnest.core.stock.HouseRules;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The photos of an album in time order, those without a time last, and the story that they tell.
 * Photos of one time stay in the order in which they came in.
 */
final class AlbumPhotos {

  private static final Comparator<AlbumPhoto> TIME_ORDER =
      Comparator.comparing(
          AlbumPhoto::takenAt,
          Comparator.<@Nullable LocalDateTime>nullsLast(Comparator.naturalOrder()));

  private final List<AlbumPhoto> arrived;
  private final Map<String, AlbumPhoto> ordered;
  private final List<AlbumPhoto> line;
  private final Story story;

  private AlbumPhotos(
      List<AlbumPhoto> arrived,
      Map<String, AlbumPhoto> ordered,
      List<AlbumPhoto> line,
      Story story) {
    this.arrived = arrived;
    this.ordered = ordered;
    this.line = line;
    this.story = story;
  }

  /**
   * @param arrived in the order in which they came in
   * @param chapters how many chapters are wanted; null for as many as the house rule makes
   */
  static AlbumPhotos of(List<AlbumPhoto> arrived, @Nullable Integer chapters, HouseRules rules) {
    Map<String, AlbumPhoto> ordered = inTimeOrder(arrived);
    return new AlbumPhotos(
        arrived, ordered, line(ordered), new Story(seen(ordered), chapters, rules));
  }

  /** Those of the album that follows, with what was worked out of these where it still holds. */
  AlbumPhotos next(List<AlbumPhoto> arrived, @Nullable Integer chapters, HouseRules rules) {
    if (arrived == this.arrived) {
      return new AlbumPhotos(arrived, ordered, line, story.next(story.photos(), chapters, rules));
    }
    Map<String, AlbumPhoto> next = inTimeOrder(arrived);
    return new AlbumPhotos(arrived, next, line(next), story.next(seen(next), chapters, rules));
  }

  private static Map<String, AlbumPhoto> inTimeOrder(List<AlbumPhoto> photos) {
    Map<String, AlbumPhoto> ordered = new LinkedHashMap<>();
    photos.stream().sorted(TIME_ORDER).forEach(photo -> ordered.put(photo.id(), photo));
    return ordered;
  }

  private static List<AlbumPhoto> line(Map<String, AlbumPhoto> ordered) {
    return ordered.values().stream().filter(photo -> !photo.isOut()).toList();
  }

  private static List<StoryPhoto> seen(Map<String, AlbumPhoto> ordered) {
    return ordered.values().stream().map(AlbumPhoto::asStory).toList();
  }

  /** All of them, those that were dropped among them. */
  List<AlbumPhoto> all() {
    return List.copyOf(ordered.values());
  }

  /** All but those that were dropped. */
  List<AlbumPhoto> line() {
    return line;
  }

  /** Those that were dropped. */
  List<AlbumPhoto> out() {
    return ordered.values().stream().filter(AlbumPhoto::isOut).toList();
  }

  Optional<AlbumPhoto> photo(String id) {
    return Optional.ofNullable(ordered.get(id));
  }

  Story story() {
    return story;
  }
}
