package drumnest.core.photo;

import drumnest.core.stock.HouseRules;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * The photos of an album as the story sees them, in time order, those that were dropped among them,
 * and what follows from them. Everything is worked out when it is first asked for, once.
 */
public final class Story {

  private final List<StoryPhoto> photos;
  private final @Nullable Integer wantedChapters;
  private final HouseRules rules;
  private volatile @Nullable List<Stack> stacks;
  private volatile @Nullable Map<String, Stack> stackOf;
  private volatile @Nullable Map<String, String> alternates;
  private volatile @Nullable List<Chapter> chapters;

  /**
   * @param photos in time order
   * @param wantedChapters how many chapters are wanted; null for as many as the house rule makes
   */
  public Story(List<StoryPhoto> photos, @Nullable Integer wantedChapters, HouseRules rules) {
    this.photos = List.copyOf(photos);
    this.wantedChapters = wantedChapters;
    this.rules = rules;
  }

  /** The story that follows this one: itself where nothing of it has changed. */
  public Story next(List<StoryPhoto> nextPhotos, @Nullable Integer nextChapters, HouseRules next) {
    if (rules != next || !photos.equals(nextPhotos)) {
      return new Story(nextPhotos, nextChapters, next);
    }
    if (Objects.equals(wantedChapters, nextChapters)) {
      return this;
    }
    Story story = new Story(photos, nextChapters, rules);
    story.stacks = stacks;
    story.stackOf = stackOf;
    story.alternates = alternates;
    return story;
  }

  public List<StoryPhoto> photos() {
    return photos;
  }

  /** The stacks of near-repeats. */
  public List<Stack> stacks() {
    List<Stack> known = stacks;
    if (known == null) {
      known = List.copyOf(Lookalikes.stacks(photos, rules));
      stacks = known;
    }
    return known;
  }

  /** The stack of each photo that is in one, by the photo's identity. */
  public Map<String, Stack> stackOf() {
    Map<String, Stack> known = stackOf;
    if (known == null) {
      Map<String, Stack> found = new HashMap<>();
      for (Stack stack : stacks()) {
        stack.photos().forEach(photo -> found.put(photo.id(), stack));
      }
      known = Map.copyOf(found);
      stackOf = known;
    }
    return known;
  }

  /** The group of upright and wide versions of each photo that has others. */
  public Map<String, String> alternates() {
    Map<String, String> known = alternates;
    if (known == null) {
      known = Map.copyOf(Lookalikes.alternates(photos, rules));
      alternates = known;
    }
    return known;
  }

  public List<Chapter> chapters() {
    List<Chapter> known = chapters;
    if (known == null) {
      known = List.copyOf(Chapters.divide(photos, wantedChapters, rules));
      chapters = known;
    }
    return known;
  }
}
