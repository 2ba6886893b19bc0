package drumnest.core.place;

import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;

/**
 * Fills the empty places of an album before more leaves are taken. Everything that is placed stays.
 * Each gap, a row of empty places, takes the {@link NextRun} of those pictures that the story has
 * there: after the picture in the place before it, and before the one in the place behind. Source:
 * common practice, no source.
 */
public final class GapFilling {

  private final Placing.Problem problem;
  private final Map<Integer, Integer> placed;
  private final Map<Integer, String> filled = new HashMap<>();

  private GapFilling(Placing.Problem problem) {
    this.problem = problem;
    this.placed = new HashMap<>(problem.locked());
  }

  /**
   * Who goes where: index of the place to the picture's name.
   *
   * @param problem the places of the album, with all that is placed locked, and the pictures that
   *     wait
   */
  public static Map<Integer, String> of(Placing.Problem problem) {
    return new GapFilling(problem).fill();
  }

  private Map<Integer, String> fill() {
    int places = problem.places().size();
    int before = -1;
    for (int from = 0; from < places; ) {
      int to = from;
      while (to < places && !placed.containsKey(to)) {
        to++;
      }
      int behind = to < places ? placed.get(to) : problem.candidates().size();
      if (to > from) {
        fill(from, to, before, behind);
      }
      before = to < places ? placed.get(to) : before;
      from = to + 1;
    }
    return filled;
  }

  /** Fills places with pictures from between two. */
  private void fill(int from, int to, int before, int behind) {
    Set<Integer> here = new TreeSet<>();
    IntStream.range(before + 1, behind).filter(i -> !placed.containsValue(i)).forEach(here::add);
    if (here.isEmpty()) {
      return;
    }
    int first = from;
    while (first > 0 && samePage(first - 1, first)) {
      first--;
    }
    int end = to;
    while (end < problem.places().size() && samePage(end - 1, end)) {
      end++;
    }
    Placing.Problem around =
        problem.withLocked(placed).withClosed(closed(first, end, from, to, here));
    ProblemPart all = new ProblemPart(around, here, ProblemPart.range(first, end));
    Set<String> later = NextRun.after(all.problem());
    here.removeIf(picture -> later.contains(problem.candidates().get(picture).id()));
    ProblemPart run = new ProblemPart(around, here, ProblemPart.range(first, end));
    int[] placeOf = new int[problem.candidates().size()];
    Arrays.fill(placeOf, -1);
    run.write(Placing.by(Placing.Order.STORY).place(run.problem()).placeOf(), placeOf);
    for (int picture : here) {
      if (placeOf[picture] >= 0) {
        placed.put(placeOf[picture], picture);
        filled.put(placeOf[picture], problem.candidates().get(picture).id());
      }
    }
  }

  /** The other gaps of the same pages, which belong to other pictures, are closed to these. */
  private Map<Integer, Set<Integer>> closed(
      int first, int end, int from, int to, Set<Integer> here) {
    Map<Integer, Set<Integer>> closed = new HashMap<>(problem.closed());
    Set<Integer> others = new HashSet<>(ProblemPart.range(first, end));
    others.removeAll(ProblemPart.range(from, to));
    for (int picture : here) {
      Set<Integer> shut = new HashSet<>(others);
      shut.addAll(problem.closed().getOrDefault(picture, Set.of()));
      closed.put(picture, shut);
    }
    return closed;
  }

  private boolean samePage(int place, int next) {
    return problem.places().get(place).at().page() == problem.places().get(next).at().page();
  }
}
