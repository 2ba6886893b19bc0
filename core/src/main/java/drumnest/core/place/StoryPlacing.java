package drumnest.core.place;

import java.util.Arrays;
import java.util.List;

/**
 * Places pictures in story order: moments in time order take places in reading order; places may be
 * skipped and moments left out, and of a moment with several versions one is placed. Locked
 * pictures keep their places, and the others keep story order among themselves around them.
 *
 * <p>Method: dynamic programming over (moments decided, places decided, area taken on the page),
 * after the alignment of two sequences (Needleman and Wunsch, 1970), from memory. So that the cost
 * of neighbouring lookalikes stays exact, the filled states of a place are reduced to the best and
 * the best of another group, which is all that the next place can ask for. The answer is optimal.
 *
 * <p>Time and memory: pictures × places, times the units of area a page may hold where that is
 * limited. Refuses problems of more than {@value #MOST_CELLS} such cells.
 */
public final class StoryPlacing implements Placing {

  /** The largest product of pictures and places, and of the units where pages are limited. */
  public static final int MOST_CELLS = 25_000_000;

  private static final int MOST_PICTURES = Short.MAX_VALUE / 2;

  /**
   * @throws IllegalArgumentException if the problem is too large
   */
  @Override
  public Arrangement place(Problem problem, ProgressMonitor monitor) {
    int pictures = problem.candidates().size();
    if (StoryRun.cells(problem, pictures) > MOST_CELLS || pictures > MOST_PICTURES) {
      throw new IllegalArgumentException(
          "Too many pictures and places at once: "
              + pictures
              + " × "
              + problem.places().size()
              + ".");
    }
    PlacingCost cost = new PlacingCost(problem);
    List<List<Integer>> open = cost.moments().open(problem.locked().values());
    StoryRun run = new StoryRun(problem, cost, open, 0, new long[problem.places().size()]).run();
    int[] placeOf = new int[pictures];
    Arrays.fill(placeOf, -1);
    run.trace(placeOf);
    problem.locked().forEach((place, picture) -> placeOf[picture] = place);
    long sum = run.cost() + StoryRun.ofLocked(problem, cost);
    return new Arrangement(placeOf, sum, sum);
  }
}
