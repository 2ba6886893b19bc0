package drumnest.core.place;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;

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
  public Arrangement place(Problem problem, Watch watch) {
    long cells = StoryRun.cells(problem, problem.candidates().size());
    if (cells <= mostCells) {
      return placing.place(problem, watch);
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
      if (!watch.goOn(from, problem.places().size())) {
        break;
      }
      int first = share(open.size(), from, problem.places().size());
      int last = share(open.size(), end, problem.places().size());
      new Block(problem, from, end, open.subList(first, last)).place(placing, watch, placeOf);
      from = end;
    }
    return new Arrangement(placeOf, Account.of(problem, placeOf).total(), 0);
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

  /** A run of places and a run of moments as a problem of their own. */
  private static final class Block {
    private final int from;
    private final List<Integer> pictures;
    private final Problem problem;

    Block(Problem whole, int from, int end, List<List<Integer>> moments) {
      this.from = from;
      Set<Integer> all = new HashSet<>();
      moments.forEach(all::addAll);
      IntStream.range(from, end)
          .filter(whole.locked()::containsKey)
          .forEach(place -> all.add(whole.locked().get(place)));
      this.pictures = all.stream().sorted().toList();
      Map<Integer, Integer> locked = new HashMap<>();
      for (int place = from; place < end; place++) {
        if (whole.locked().containsKey(place)) {
          locked.put(place - from, pictures.indexOf(whole.locked().get(place)));
        }
      }
      Map<Integer, Set<Integer>> closed = new HashMap<>();
      for (int i = 0; i < pictures.size(); i++) {
        Set<Integer> shut = new HashSet<>();
        whole.closed().getOrDefault(pictures.get(i), Set.of()).stream()
            .filter(place -> place >= from && place < end)
            .forEach(place -> shut.add(place - from));
        if (!shut.isEmpty()) {
          closed.put(i, shut);
        }
      }
      this.problem =
          new Problem(
              pictures.stream().map(whole.candidates()::get).toList(),
              whole.places().subList(from, end),
              locked,
              closed,
              whole.room(),
              whole.order(),
              whole.weights(),
              whole.rules());
    }

    void place(Placing placing, Watch watch, int[] placeOf) {
      int[] found = placing.place(problem, watch).placeOf();
      for (int i = 0; i < found.length; i++) {
        if (found[i] >= 0) {
          placeOf[pictures.get(i)] = from + found[i];
        }
      }
    }
  }
}
