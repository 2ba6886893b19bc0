package drumnest.core.place;

import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * The run of the story that a part of an album takes, such as a spread: the longest one from the
 * first picture that waits, without a gap, that has room there. What comes later waits for what
 * follows; it is not left out.
 *
 * <p>A run goes by moments; of several versions of one subject one counts. Only pictures that are
 * as wanted as the most wanted of them are counted: the others go in where there is room within the
 * run. A picture that fits no place there at all does not end the run. Locked pictures stand where
 * they are and take their room. Method: bisection, because a run that has room has room for every
 * shorter one; whether one has room is told by {@link StoryPlacing}. Source: common practice, no
 * source.
 */
public final class NextRun {

  private final Placing.Problem problem;
  private final PlacingCost cost;
  private final List<List<Integer>> moments;
  private final int most;

  private NextRun(Placing.Problem problem) {
    this.problem = problem;
    this.cost = new PlacingCost(problem);
    this.moments = cost.moments().open(problem.locked().values());
    this.most =
        moments.stream()
            .flatMap(List::stream)
            .mapToInt(picture -> problem.candidates().get(picture).wanted())
            .max()
            .orElse(0);
  }

  /** The pictures that come after the run, by their names. */
  public static Set<String> after(Placing.Problem problem) {
    return new NextRun(problem).after();
  }

  private Set<String> after() {
    int room = problem.places().size() - problem.locked().size();
    int longest = 0;
    for (int counted = 0; longest < moments.size(); longest++) {
      counted += counts(moments.get(longest)) ? 1 : 0;
      if (counted > room) {
        break;
      }
    }
    int fits = 0;
    int tooLong = longest + 1;
    while (tooLong - fits > 1) {
      int middle = (fits + tooLong) / 2;
      if (hasRoom(middle)) {
        fits = middle;
      } else {
        tooLong = middle;
      }
    }
    Set<String> after = new HashSet<>();
    for (List<Integer> moment : moments.subList(fits, moments.size())) {
      moment.forEach(picture -> after.add(problem.candidates().get(picture).id()));
    }
    return after;
  }

  /** Whether a moment belongs to the run: as wanted as any, and with a place that it could have. */
  private boolean counts(List<Integer> moment) {
    return moment.stream()
        .filter(picture -> problem.candidates().get(picture).wanted() == most)
        .anyMatch(this::hasPlace);
  }

  private boolean hasPlace(int picture) {
    for (int place = 0; place < problem.places().size(); place++) {
      if (!problem.locked().containsKey(place) && cost.of(picture, place) < PlacingCost.FORBIDDEN) {
        return true;
      }
    }
    return false;
  }

  private boolean hasRoom(int length) {
    List<List<Integer>> run = moments.subList(0, length);
    List<Integer> pictures = run.stream().flatMap(List::stream).toList();
    ProblemPart part =
        new ProblemPart(problem, pictures, ProblemPart.range(0, problem.places().size()));
    int[] placeOf = new int[problem.candidates().size()];
    part.write(
        new StoryPlacing().place(part.problem().withOrder(Placing.Order.STORY)).placeOf(), placeOf);
    return run.stream()
        .filter(this::counts)
        .allMatch(moment -> moment.stream().anyMatch(picture -> placeOf[picture] >= 0));
  }
}
