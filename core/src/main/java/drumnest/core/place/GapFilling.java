package drumnest.core.place;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Fills the empty places of an album before more leaves are taken: everything that is placed stays,
 * and of the pictures that wait the {@link NextRun} goes in, each only where the story has it:
 * after the picture in the nearest filled place before, and before the one in the nearest behind.
 * Source: common practice, no source.
 */
public final class GapFilling {

  private GapFilling() {}

  /**
   * Who goes where: index of the place to the picture's name.
   *
   * @param problem the places of the album, with all that is placed locked, and the pictures that
   *     wait
   */
  public static Map<Integer, String> of(Placing.Problem problem) {
    Placing.Problem inStory = problem.withClosed(againstStory(problem));
    Set<String> later = NextRun.after(inStory);
    Map<Integer, Set<Integer>> closed = new HashMap<>(inStory.closed());
    Set<Integer> everywhere = allPlaces(problem);
    for (int picture = 0; picture < problem.candidates().size(); picture++) {
      if (later.contains(problem.candidates().get(picture).id())) {
        closed.put(picture, everywhere);
      }
    }
    int[] placeOf = Placing.by(Placing.Order.STORY).place(problem.withClosed(closed)).placeOf();
    Map<Integer, String> filled = new HashMap<>();
    for (int picture = 0; picture < placeOf.length; picture++) {
      if (placeOf[picture] >= 0 && !problem.locked().containsKey(placeOf[picture])) {
        filled.put(placeOf[picture], problem.candidates().get(picture).id());
      }
    }
    return filled;
  }

  private static Set<Integer> allPlaces(Placing.Problem problem) {
    Set<Integer> places = new HashSet<>();
    for (int place = 0; place < problem.places().size(); place++) {
      places.add(place);
    }
    return places;
  }

  /** For each picture that waits the places where it would stand against the story. */
  private static Map<Integer, Set<Integer>> againstStory(Placing.Problem problem) {
    int places = problem.places().size();
    List<Integer> nextBehind = new ArrayList<>();
    int next = problem.candidates().size();
    for (int place = places - 1; place >= 0; place--) {
      next = problem.locked().getOrDefault(place, next);
      nextBehind.add(0, next);
    }
    Map<Integer, Set<Integer>> against = new HashMap<>();
    for (int picture = 0; picture < problem.candidates().size(); picture++) {
      Set<Integer> closed = new HashSet<>();
      int before = -1;
      for (int place = 0; place < places; place++) {
        before = problem.locked().getOrDefault(place, before);
        if (picture < before || picture > nextBehind.get(place)) {
          closed.add(place);
        }
      }
      if (!problem.locked().containsValue(picture)) {
        against.put(picture, closed);
      }
    }
    return against;
  }
}
