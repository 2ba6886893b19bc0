package drumnest.core.place.budget;

import drumnest.core.fit.CropWindow;
import drumnest.core.fit.Outline;
import drumnest.core.fit.Resolution;
import drumnest.core.measure.Orientation;
import drumnest.core.measure.Size;
import drumnest.core.photo.Focus;
import drumnest.core.photo.Light;
import drumnest.core.photo.Look;
import drumnest.core.photo.Sharpness;
import drumnest.core.photo.Stack;
import drumnest.core.photo.StoryPhoto;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Which kept pictures of a chapter to drop first where more are kept than there are places, each
 * with its reason. Only a suggestion: it drops nothing. In this order: the weaker of a stack of
 * which a better one is kept, blurred ones, those with too few pixels even for the smallest place,
 * those that show a subject again, dark and pale ones, and those of a shape with too few places.
 * Heroes and pictures that are locked in a place are never suggested, nor all versions of one
 * subject. Source: common practice, no source.
 */
public final class CullingSuggestions {

  /** Why a picture is suggested. */
  public enum Reason {
    WEAKER_OF_STACK,
    BLURRED,
    FEW_PIXELS,
    SUBJECT_AGAIN,
    DARK,
    PALE,
    SHAPE_WITHOUT_PLACE
  }

  /**
   * A picture to drop.
   *
   * @param photo its identity
   * @param other the better or earlier one that says the same, where that is the reason
   */
  public record Suggestion(String photo, Reason reason, @Nullable String other) {}

  /**
   * A chapter.
   *
   * @param kept its kept pictures in time order
   * @param spared those never suggested: heroes, what is locked, and prints on the table
   * @param stacks the stack of each picture that has near-repeats
   * @param versions for each picture that has them, what its upright and wide versions have in
   *     common
   * @param budget its state
   * @param smallest the smallest place there is, if there is any
   */
  public record Chapter(
      List<StoryPhoto> kept,
      Set<String> spared,
      Map<String, Stack> stacks,
      Map<String, String> versions,
      Budget.Share budget,
      @Nullable Size smallest) {}

  private final Chapter chapter;
  private final HouseRules rules;
  private final List<Suggestion> found = new ArrayList<>();
  private final Set<String> taken = new LinkedHashSet<>();

  private CullingSuggestions(Chapter chapter, HouseRules rules) {
    this.chapter = chapter;
    this.rules = rules;
  }

  /**
   * As many suggestions as the chapter keeps too many, or fewer if nothing more stands out. A
   * chapter that has no page yet keeps none too many: it wants pages.
   */
  public static List<Suggestion> of(Chapter chapter, HouseRules rules) {
    return new CullingSuggestions(chapter, rules).suggestions();
  }

  private List<Suggestion> suggestions() {
    if (chapter.budget().tooMany() == 0 || chapter.budget().places() == 0) {
      return List.of();
    }
    weakerOfStacks();
    for (StoryPhoto photo : chapter.kept()) {
      if (photo.look() != null && Sharpness.isBlurred(photo.look().sharpness(), rules)) {
        suggest(photo.id(), Reason.BLURRED, null);
      }
    }
    for (StoryPhoto photo : chapter.kept()) {
      if (isPoorEverywhere(photo.look())) {
        suggest(photo.id(), Reason.FEW_PIXELS, null);
      }
    }
    subjectsAgain();
    for (StoryPhoto photo : chapter.kept()) {
      Light.Word word = photo.look() == null ? Light.Word.EVEN : photo.look().light().word(rules);
      if (word != Light.Word.EVEN) {
        suggest(photo.id(), word == Light.Word.DARK ? Reason.DARK : Reason.PALE, null);
      }
    }
    shapesWithoutPlace();
    return found.stream().limit(chapter.budget().tooMany()).toList();
  }

  private void suggest(String photo, Reason reason, @Nullable String other) {
    if (!chapter.spared().contains(photo) && !isLastVersion(photo) && taken.add(photo)) {
      found.add(new Suggestion(photo, reason, other));
    }
  }

  /** Whether its other versions, of which one at least is kept, are all suggested already. */
  private boolean isLastVersion(String photo) {
    String subject = chapter.versions().get(photo);
    List<String> others =
        chapter.kept().stream()
            .map(StoryPhoto::id)
            .filter(each -> !each.equals(photo))
            .filter(each -> subject != null && subject.equals(chapter.versions().get(each)))
            .toList();
    return !others.isEmpty() && taken.containsAll(others);
  }

  private void weakerOfStacks() {
    List<String> kept = chapter.kept().stream().map(StoryPhoto::id).toList();
    for (String photo : kept) {
      Stack stack = chapter.stacks().get(photo);
      if (stack == null) {
        continue;
      }
      String better =
          stack.photos().stream()
              .map(StoryPhoto::id)
              .filter(kept::contains)
              .findFirst()
              .orElse(photo);
      if (!better.equals(photo)) {
        suggest(photo, Reason.WEAKER_OF_STACK, better);
      }
    }
  }

  private boolean isPoorEverywhere(@Nullable Look look) {
    if (look == null || chapter.smallest() == null) {
      return false;
    }
    Optional<CropWindow> crop =
        CropWindow.ofEitherTurn(
            look.pixels(), chapter.smallest(), Outline.STRAIGHT, null, Focus.NONE, rules);
    return crop.map(window -> window.resolution() == Resolution.POOR).orElse(false);
  }

  private void subjectsAgain() {
    List<StoryPhoto> kept = chapter.kept();
    for (int i = 1; i < kept.size(); i++) {
      for (int j = 0; j < i; j++) {
        if (showsAgain(kept.get(j).look(), kept.get(i).look())) {
          suggest(kept.get(i).id(), Reason.SUBJECT_AGAIN, kept.get(j).id());
          break;
        }
      }
    }
  }

  private boolean showsAgain(@Nullable Look a, @Nullable Look b) {
    return a != null
        && b != null
        && a.centre().distance(b.centre()) <= rules.number(HouseRule.REPEAT_BITS)
        && a.mean().difference(b.mean()) <= rules.number(HouseRule.ALTERNATE_COLOUR);
  }

  /** The last pictures of a shape that is short of places, the least sharp of them first. */
  private void shapesWithoutPlace() {
    chapter
        .budget()
        .shapes()
        .forEach(
            (shape, count) ->
                chapter.kept().stream()
                    .filter(photo -> shapeOf(photo) == shape && !taken.contains(photo.id()))
                    .sorted(
                        Comparator.comparingDouble(
                            photo -> photo.look() == null ? 0 : photo.look().sharpness()))
                    .limit(count.tooMany())
                    .forEach(photo -> suggest(photo.id(), Reason.SHAPE_WITHOUT_PLACE, null)));
  }

  private static @Nullable Orientation shapeOf(StoryPhoto photo) {
    return photo.look() == null ? null : photo.look().pixels().orientation();
  }
}
