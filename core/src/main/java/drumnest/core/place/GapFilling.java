package drumnest.core.place;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
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
    Gap gap = new Gap(first, end, IntStream.range(from, to).boxed().toList(), here);
    gap.fill()
        .forEach(
            (place, picture) -> {
              placed.put(place, picture);
              filled.put(place, problem.candidates().get(picture).id());
            });
  }

  private boolean samePage(int place, int next) {
    return problem.places().get(place).at().page() == problem.places().get(next).at().page();
  }

  /** The pages of a gap and the pictures for it, as a problem of their own. */
  private final class Gap {
    private final int first;
    private final List<Integer> pictures;
    private final Placing.Problem part;

    Gap(int first, int end, List<Integer> gap, Set<Integer> here) {
      this.first = first;
      Map<Integer, Integer> there = new HashMap<>();
      placed.forEach(
          (place, picture) -> {
            if (place >= first && place < end) {
              there.put(place - first, picture);
            }
          });
      Set<Integer> all = new TreeSet<>(here);
      all.addAll(there.values());
      this.pictures = new ArrayList<>(all);
      there.replaceAll((place, picture) -> pictures.indexOf(picture));
      // The other gaps of these pages belong to other pictures.
      Set<Integer> shut = new HashSet<>();
      IntStream.range(first, end)
          .filter(place -> !gap.contains(place))
          .forEach(place -> shut.add(place - first));
      Map<Integer, Set<Integer>> closed = new HashMap<>();
      here.forEach(
          picture -> {
            Set<Integer> shutToIt = new HashSet<>(shut);
            problem.closed().getOrDefault(picture, Set.of()).forEach(p -> shutToIt.add(p - first));
            closed.put(pictures.indexOf(picture), shutToIt);
          });
      this.part =
          new Placing.Problem(
              pictures.stream().map(problem.candidates()::get).toList(),
              problem.places().subList(first, end),
              there,
              closed,
              problem.room(),
              Placing.Order.STORY,
              problem.weights(),
              problem.rules());
    }

    Map<Integer, Integer> fill() {
      Set<String> later = NextRun.after(part);
      Map<Integer, Set<Integer>> closed = new HashMap<>(part.closed());
      Set<Integer> everywhere = new HashSet<>();
      IntStream.range(0, part.places().size()).forEach(everywhere::add);
      for (int i = 0; i < pictures.size(); i++) {
        if (later.contains(part.candidates().get(i).id())) {
          closed.put(i, everywhere);
        }
      }
      int[] placeOf = Placing.by(Placing.Order.STORY).place(part.withClosed(closed)).placeOf();
      Map<Integer, Integer> found = new HashMap<>();
      for (int i = 0; i < placeOf.length; i++) {
        if (placeOf[i] >= 0 && !part.locked().containsKey(placeOf[i])) {
          found.put(first + placeOf[i], pictures.get(i));
        }
      }
      return found;
    }
  }
}
