package drumnest.core.place;

import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Area;
import drumnest.core.measure.Orientation;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** A remedy for what is wrong with a picture in its place. */
public sealed interface Suggestion {
  /** Lets a visitor do with this what it does with one of its kind. */
  <R> R accept(Visitor<R> visitor);

  /**
   * Does something with a suggestion of each kind; a new kind does not compile until each visitor
   * knows it.
   *
   * @param <R> the result
   */
  interface Visitor<R> {
    R wordsInstead(WordsInstead words);

    R swapShapes(SwapShapes swap);
  }

  /** The picture that it is about, by its index in the problem. */
  int photo();

  /** The place of that picture. */
  int place();

  /** A smaller neighbour makes way for words. */
  record WordsInstead(int photo, int place) implements Suggestion {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.wordsInstead(this);
    }
  }

  /** Swapped with a picture of the other shape, both would have places of their own. */
  record SwapShapes(int photo, int place) implements Suggestion {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.swapShapes(this);
    }
  }

  /**
   * Tells what could be done, if anything.
   *
   * @param parts what is wrong with the picture of the place
   */
  static Optional<Suggestion> of(
      PlacingTask task, Placement now, int place, List<PlacingCost.Part> parts) {
    int[] photoAt = now.photoAt(task.slots().size());
    if (has(parts, PlacingCost.Term.CAPTION_APART)) {
      return smallestBeside(task, photoAt, place).map(at -> new WordsInstead(photoAt[at], at));
    }
    if (has(parts, PlacingCost.Term.WRONG_WAY)) {
      return otherShape(task.problem(), photoAt, place).map(at -> new SwapShapes(photoAt[at], at));
    }
    return Optional.empty();
  }

  private static boolean has(List<PlacingCost.Part> parts, PlacingCost.Term term) {
    return parts.stream().anyMatch(part -> part.term() == term);
  }

  private static Optional<Integer> smallestBeside(PlacingTask task, int[] photoAt, int place) {
    Slot slot = task.slots().get(place);
    return IntStream.range(0, photoAt.length)
        .filter(at -> photoAt[at] >= 0 && slot.touches(task.slots().get(at)))
        .filter(at -> !task.problem().locked().containsKey(at))
        .boxed()
        .min(Comparator.comparing(at -> Area.of(task.problem().places().get(at).print())));
  }

  private static Optional<Integer> otherShape(Placing.Problem problem, int[] photoAt, int place) {
    Orientation own = problem.candidates().get(photoAt[place]).pixels().orientation();
    Orientation here = problem.places().get(place).shape();
    return IntStream.range(0, photoAt.length)
        .filter(at -> photoAt[at] >= 0 && problem.places().get(at).shape() == own)
        .filter(at -> problem.candidates().get(photoAt[at]).pixels().orientation() == here)
        .boxed()
        .min(Comparator.comparingInt(at -> Math.abs(at - place)));
  }
}
