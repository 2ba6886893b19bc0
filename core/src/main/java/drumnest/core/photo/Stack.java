package drumnest.core.photo;

import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * Near-repeats of one picture, the one to keep first.
 *
 * <p>The best is looked for among those with most pixels, then among the sharpest of these, then by
 * exposure; ties go to the earlier. Source: common practice, no source.
 *
 * @param id its name: the identity of its earliest picture, or what the maker called it
 * @param photos its pictures, the best first, the others by sharpness
 * @param reason why the first is the best
 */
public record Stack(String id, List<StoryPhoto> photos, Reason reason) {

  /** The reason that decided for the best. */
  public enum Reason {
    MOST_PIXELS,
    SHARPEST,
    BEST_EXPOSED,
    FIRST
  }

  private static final double NEARLY_AS_LARGE = 0.7;
  private static final double NEARLY_AS_SHARP = 0.9;
  private static final double BETTER_EXPOSED = 0.03;

  public Stack {
    photos = List.copyOf(photos);
  }

  public StoryPhoto best() {
    return photos.get(0);
  }

  /**
   * @param photos two or more near-repeats, in time order
   */
  static Stack of(String id, List<StoryPhoto> photos) {
    List<StoryPhoto> large = near(photos, Stack::area, NEARLY_AS_LARGE);
    List<StoryPhoto> sharp = near(large, Stack::sharpness, NEARLY_AS_SHARP);
    StoryPhoto sharpest =
        sharp.stream().max(Comparator.comparingDouble(Stack::sharpness)).orElseThrow();
    StoryPhoto lit = sharp.stream().min(Comparator.comparingDouble(Stack::fault)).orElseThrow();
    boolean byLight = fault(sharpest) - fault(lit) > BETTER_EXPOSED;
    StoryPhoto best = byLight ? lit : sharpest;
    Reason reason;
    if (byLight) {
      reason = Reason.BEST_EXPOSED;
    } else if (large.size() > 1 && sharpness(best) > least(large, Stack::sharpness)) {
      reason = Reason.SHARPEST;
    } else {
      reason = large.size() < photos.size() ? Reason.MOST_PIXELS : Reason.FIRST;
    }
    Comparator<StoryPhoto> order =
        Comparator.comparing((StoryPhoto photo) -> photo != best)
            .thenComparing(Comparator.comparingDouble(Stack::sharpness).reversed());
    return new Stack(id, photos.stream().sorted(order).toList(), reason);
  }

  private static List<StoryPhoto> near(
      List<StoryPhoto> photos, ToDoubleFunction<StoryPhoto> measure, double share) {
    double most = photos.stream().mapToDouble(measure).max().orElse(0);
    return photos.stream().filter(p -> measure.applyAsDouble(p) >= share * most).toList();
  }

  private static double least(List<StoryPhoto> photos, ToDoubleFunction<StoryPhoto> measure) {
    return photos.stream().mapToDouble(measure).min().orElse(0);
  }

  private static double area(StoryPhoto photo) {
    return photo.look() == null ? 0 : photo.look().pixels().area();
  }

  private static double sharpness(StoryPhoto photo) {
    return photo.look() == null ? 0 : photo.look().sharpness();
  }

  private static double fault(StoryPhoto photo) {
    return photo.look() == null ? 0 : photo.look().light().fault();
  }
}
