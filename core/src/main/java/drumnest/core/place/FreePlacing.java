package drumnest.core.place;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Places pictures in any order.
 *
 * <p>Where neighbours cost nothing the answer is optimal: a minimum-cost {@link Assignment} in
 * which each moment also has a place of its own to be left out at, and each page that may not be
 * filled has as many blanks as must stay free on it at least. On a page whose places differ in size
 * that many blanks may still be too little air; pictures that cost least to leave out then go.
 * Where neighbours cost something the answer is improved by exchanging two pictures, or moving one,
 * while this makes the whole cheaper; the optimum without neighbours bounds it from below.
 *
 * <p>Time: moments² × (moments + places). Refuses more than {@value #MOST} of either.
 */
public final class FreePlacing implements Placing {

  /** The most pictures, and the most places. */
  public static final int MOST = 2_000;

  /** How large a problem may be that is placed in one block, in pictures times places. */
  static final long MOST_CELLS = 400_000;

  /**
   * @throws IllegalArgumentException if the problem is too large
   */
  @Override
  public Arrangement place(Problem problem, ProgressMonitor monitor) {
    if (problem.candidates().size() > MOST || problem.places().size() > MOST) {
      throw new IllegalArgumentException(
          "Placing freely takes at most " + MOST + " pictures and places.");
    }
    PlacingCost cost = new PlacingCost(problem);
    Stopped stopped = new Stopped(monitor.part(0, 2));
    int[] placeOf = assign(problem, cost, stopped);
    long apart =
        stopped.isStopped()
            ? leastOfEach(problem, cost)
            : withoutNeighbours(problem, cost, placeOf);
    makeAir(problem, cost, placeOf);
    long together = new LocalSearch(problem, cost, placeOf).improve(monitor.part(1, 2));
    return new Arrangement(placeOf, together, apart);
  }

  /** Tells what it costs without what neighbours cost each other. */
  private static long withoutNeighbours(Problem problem, PlacingCost cost, int[] placeOf) {
    long sum = cost.ofAllLocked();
    for (List<Integer> moment : cost.moments().open(problem.locked().values())) {
      int placed = moment.stream().filter(i -> placeOf[i] >= 0).findFirst().orElse(-1);
      sum += placed >= 0 ? cost.of(placed, placeOf[placed]) : cost.leftOut(moment);
    }
    return sum;
  }

  /** Tells what it costs at least: everything where it is cheapest, however many stand there. */
  private static long leastOfEach(Problem problem, PlacingCost cost) {
    long sum = cost.ofAllLocked();
    for (List<Integer> moment : cost.moments().open(problem.locked().values())) {
      long least = cost.leftOut(moment);
      for (int picture : moment) {
        for (int place = 0; place < problem.places().size(); place++) {
          least = Math.min(least, cost.of(picture, place));
        }
      }
      sum += least;
    }
    return sum;
  }

  /** Remembers whether a monitor has stopped something. */
  private static final class Stopped implements ProgressMonitor {

    private final ProgressMonitor monitor;
    private boolean stopped;

    Stopped(ProgressMonitor monitor) {
      this.monitor = monitor;
    }

    @Override
    public boolean goOn(long done, long of) {
      stopped |= !monitor.goOn(done, of);
      return !stopped;
    }

    boolean isStopped() {
      return stopped;
    }
  }

  private static int[] assign(Problem problem, PlacingCost cost, ProgressMonitor monitor) {
    int places = problem.places().size();
    List<List<Integer>> open = cost.moments().open(problem.locked().values());
    List<Integer> blanks = blanks(problem, cost.rooms());
    int[][] version = new int[open.size()][places];
    // What must stay free comes first, so that it does however soon it is stopped.
    int first = blanks.size();
    long[][] costs = new long[first + open.size()][places];
    for (int row = 0; row < open.size(); row++) {
      for (int place = 0; place < places; place++) {
        costs[first + row][place] = PlacingCost.FORBIDDEN;
        for (int picture : open.get(row)) {
          long own =
              problem.locked().containsKey(place) ? PlacingCost.FORBIDDEN : cost.of(picture, place);
          if (own < costs[first + row][place]) {
            costs[first + row][place] = own;
            version[row][place] = picture;
          }
        }
      }
    }
    for (int i = 0; i < blanks.size(); i++) {
      for (int place = 0; place < places; place++) {
        boolean stays =
            problem.places().get(place).at().page() == blanks.get(i)
                && !problem.locked().containsKey(place);
        costs[i][place] = stays ? 0 : PlacingCost.FORBIDDEN;
      }
    }
    int[] columnOf =
        Assignment.solve(
            costs.length,
            places + open.size(),
            (row, column) ->
                column < places
                    ? costs[row][column]
                    : leftOut(cost, open, row - first, column - places),
            monitor);
    int[] placeOf = new int[problem.candidates().size()];
    Arrays.fill(placeOf, -1);
    problem.locked().forEach((place, picture) -> placeOf[picture] = place);
    for (int row = 0; row < open.size(); row++) {
      int column = columnOf[first + row];
      if (column >= 0 && column < places) {
        placeOf[version[row][column]] = column;
      }
    }
    return placeOf;
  }

  /** Each moment has a column of its own at which it is left out. */
  private static long leftOut(PlacingCost cost, List<List<Integer>> open, int row, int column) {
    return row == column ? cost.leftOut(open.get(row)) : PlacingCost.FORBIDDEN;
  }

  /** The page of each place that must stay free: on each page as few as can be. */
  private static List<Integer> blanks(Problem problem, PageCapacities rooms) {
    List<Integer> blanks = new ArrayList<>();
    pages(problem)
        .forEach(
            (page, places) -> {
              if (rooms.most(places.get(0)) == PageCapacities.UNLIMITED) {
                return;
              }
              List<Integer> open =
                  places.stream()
                      .filter(place -> !problem.locked().containsKey(place))
                      .sorted(Comparator.comparingInt(rooms::units).reversed())
                      .toList();
              int tooMuch = open.stream().mapToInt(rooms::units).sum() - rooms.free(places.get(0));
              for (int place : open) {
                if (tooMuch > 0) {
                  blanks.add(page);
                  tooMuch -= rooms.units(place);
                }
              }
            });
    return blanks;
  }

  /** The places of each page. */
  private static Map<Integer, List<Integer>> pages(Problem problem) {
    Map<Integer, List<Integer>> pages = new TreeMap<>();
    for (int place = 0; place < problem.places().size(); place++) {
      int page = problem.places().get(place).at().page();
      pages.computeIfAbsent(page, key -> new ArrayList<>()).add(place);
    }
    return pages;
  }

  /** Takes pictures off pages that hold too much, the least dear for their area first. */
  private static void makeAir(Problem problem, PlacingCost cost, int[] placeOf) {
    int[] photoAt = Placement.photoAt(placeOf, problem.places().size());
    PageCapacities rooms = cost.rooms();
    pages(problem)
        .forEach(
            (page, places) -> {
              List<Integer> held =
                  places.stream()
                      .filter(place -> photoAt[place] >= 0)
                      .filter(place -> !problem.locked().containsKey(place))
                      .sorted(
                          Comparator.comparingDouble(
                              place -> loss(cost, photoAt[place], place) / rooms.units(place)))
                      .toList();
              int tooMuch = held.stream().mapToInt(rooms::units).sum() - rooms.free(places.get(0));
              for (int place : held) {
                if (tooMuch > 0 && rooms.most(place) != PageCapacities.UNLIMITED) {
                  placeOf[photoAt[place]] = -1;
                  tooMuch -= rooms.units(place);
                }
              }
            });
  }

  private static double loss(PlacingCost cost, int photo, int place) {
    List<Integer> moment = cost.moments().pictures(cost.moments().of(photo));
    return (double) cost.leftOut(moment) - cost.of(photo, place);
  }
}
