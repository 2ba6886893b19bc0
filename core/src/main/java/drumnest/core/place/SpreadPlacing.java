package drumnest.core.place;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;

/**
 * Places pictures by weight or by variety: story order says which pictures stand on which spread,
 * and on each spread they stand where the order asked for makes the whole cheapest ({@link
 * FreePlacing}). The bound holds for these pictures on these spreads.
 */
public final class SpreadPlacing implements Placing {

  /**
   * @throws IllegalArgumentException if the problem is too large
   */
  @Override
  public Arrangement place(Problem problem, ProgressMonitor monitor) {
    int[] placeOf =
        new StoryPlacing()
            .place(problem.withOrder(Order.STORY), ProgressMonitor.NONE)
            .placeOf()
            .clone();
    Map<Integer, List<Integer>> spreads = new TreeMap<>();
    for (int place = 0; place < problem.places().size(); place++) {
      spreads
          .computeIfAbsent(problem.places().get(place).at().spread(), key -> new ArrayList<>())
          .add(place);
    }
    long saved = 0;
    int done = 0;
    for (List<Integer> spread : spreads.values()) {
      if (!monitor.goOn(done++, spreads.size())) {
        break;
      }
      ProblemPart part = new ProblemPart(problem, on(spread, placeOf), spread);
      Arrangement best = new FreePlacing().place(part.problem(), monitor);
      saved += best.cost() - best.bound();
      part.write(best.placeOf(), placeOf);
    }
    long cost = CostBreakdown.of(problem, placeOf).total();
    return new Arrangement(placeOf, cost, Math.min(cost, cost - saved));
  }

  /** The pictures that are placed on these places. */
  private static List<Integer> on(List<Integer> places, int[] placeOf) {
    Set<Integer> here = new HashSet<>(places);
    return IntStream.range(0, placeOf.length)
        .filter(i -> here.contains(placeOf[i]))
        .boxed()
        .toList();
  }
}
