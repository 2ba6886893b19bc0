package drumnest.core.place;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Places more pictures than can be placed at once: pages and pictures are divided into blocks, in
 * proportion and in order, and each block is placed for itself. What is small enough is placed in
 * one block, and then exactly as the placing inside does. Of several blocks no bound is known but
 * that nothing costs less than nothing. Source: common practice, no source.
 */
public final class BlockPlacing implements Placing {

  private final Placing placing;
  private final long mostCells;

  /**
   * @param placing what places a block
   * @param mostCells how large a block may be, in states of {@link StoryPlacing}
   */
  BlockPlacing(Placing placing, long mostCells) {
    this.placing = placing;
    this.mostCells = mostCells;
  }

  @Override
  public Arrangement place(Problem problem, ProgressMonitor monitor) {
    long cells = StoryRun.cells(problem, problem.candidates().size());
    if (cells <= mostCells) {
      return placing.place(problem, monitor);
    }
    // Twice as many blocks make each a quarter as large.
    int blocks = (int) Math.ceil(Math.sqrt((double) cells / mostCells)) + 1;
    int[] ends = ends(problem, blocks);
    int[] placeOf = new int[problem.candidates().size()];
    Arrays.fill(placeOf, -1);
    problem.locked().forEach((place, picture) -> placeOf[picture] = place);
    List<List<Integer>> open = Moments.of(problem.candidates()).open(problem.locked().values());
    int from = 0;
    for (int end : ends) {
      if (!monitor.goOn(from, problem.places().size())) {
        break;
      }
      int first = share(open.size(), from, problem.places().size());
      int last = share(open.size(), end, problem.places().size());
      List<Integer> pictures = open.subList(first, last).stream().flatMap(List::stream).toList();
      ProblemPart part = new ProblemPart(problem, pictures, ProblemPart.range(from, end));
      part.write(placing.place(part.problem(), monitor).placeOf(), placeOf);
      from = end;
    }
    return new Arrangement(placeOf, CostBreakdown.of(problem, placeOf).total(), 0);
  }

  private static int share(int count, int part, int whole) {
    return (int) ((long) count * part / whole);
  }

  /** After which places blocks end: at the ends of pages, about evenly. */
  private static int[] ends(Problem problem, int blocks) {
    int places = problem.places().size();
    List<Integer> ends = new ArrayList<>();
    for (int place = 1; place <= places; place++) {
      boolean pageEnds =
          place == places
              || problem.places().get(place).at().page()
                  != problem.places().get(place - 1).at().page();
      if (place == places || (pageEnds && place >= (ends.size() + 1) * (long) places / blocks)) {
        ends.add(place);
      }
    }
    return ends.stream().mapToInt(Integer::intValue).toArray();
  }
}
