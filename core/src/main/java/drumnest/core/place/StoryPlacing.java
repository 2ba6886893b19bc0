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
 * the best of another group, which is all that the next place can ask for. States that are on no
 * way as cheap as an arrangement known from a narrow run are left alone ({@link StoryBand}). The
 * answer is optimal.
 *
 * <p>Time and memory: pictures × places, times the units of area a page may hold where that is
 * limited. Refuses problems of more than {@value #MOST_CELLS} such cells.
 */
public final class StoryPlacing implements Placing {

  /** The largest product of pictures and places, and of the units where pages are limited. */
  public static final int MOST_CELLS = 25_000_000;

  /** How far from the middle the first arrangement is looked for, in moments. */
  private static final int LEAST_WIDTH = 4;

  private static final int WIDTH_PARTS = 50;

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
    StoryRun run = run(problem, cost, open);
    int[] placeOf = new int[pictures];
    Arrays.fill(placeOf, -1);
    run.trace(placeOf);
    problem.locked().forEach((place, picture) -> placeOf[picture] = place);
    long sum = run.cost() + cost.ofAllLocked();
    return new Arrangement(placeOf, sum, sum);
  }

  /** Runs where an arrangement can be as good as one that is found along the middle. */
  private static StoryRun run(Problem problem, PlacingCost cost, List<List<Integer>> open) {
    long[] noBonus = new long[problem.places().size()];
    StoryRun run = new StoryRun(problem, cost, open, 0, noBonus);
    StoryBand.Rooms rooms = run.rooms();
    if (rooms.leftOut() == 0) {
      return run.run();
    }
    int width = Math.max(LEAST_WIDTH, run.moments() / WIDTH_PARTS);
    StoryBand middle = StoryBand.along(rooms, run.moments(), width);
    long known = new StoryRun(problem, cost, open, 0, noBonus).in(middle).untraced().run().cost();
    return known >= PlacingCost.FORBIDDEN
        ? run.run()
        : run.in(StoryBand.within(rooms, run.moments(), known)).run();
  }
}
