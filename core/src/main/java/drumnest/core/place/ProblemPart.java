package drumnest.core.place;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * Some pictures and some places of a problem as a problem of their own, with the pictures that are
 * locked in these places. Pages are to be whole, so that what they may hold keeps its meaning.
 */
final class ProblemPart {

  private final List<Integer> pictures;
  private final List<Integer> places;
  private final Placing.Problem problem;

  /**
   * @param pictures which pictures of the whole
   * @param places which places of the whole, in reading order
   */
  ProblemPart(Placing.Problem whole, Collection<Integer> pictures, List<Integer> places) {
    this.places = List.copyOf(places);
    Set<Integer> all = new TreeSet<>(pictures);
    places.stream().filter(whole.locked()::containsKey).map(whole.locked()::get).forEach(all::add);
    this.pictures = List.copyOf(all);
    Map<Integer, Integer> pictureAt = indices(this.pictures);
    Map<Integer, Integer> placeAt = indices(this.places);
    Map<Integer, Integer> locked = new HashMap<>();
    whole
        .locked()
        .forEach(
            (place, picture) -> {
              if (placeAt.containsKey(place)) {
                locked.put(placeAt.get(place), pictureAt.get(picture));
              }
            });
    Map<Integer, Set<Integer>> closed = new HashMap<>();
    for (int picture : this.pictures) {
      Set<Integer> shut = new HashSet<>(whole.closed().getOrDefault(picture, Set.of()));
      shut.retainAll(placeAt.keySet());
      if (!shut.isEmpty()) {
        Set<Integer> here = new HashSet<>();
        shut.forEach(place -> here.add(placeAt.get(place)));
        closed.put(pictureAt.get(picture), here);
      }
    }
    this.problem =
        new Placing.Problem(
            this.pictures.stream().map(whole.candidates()::get).toList(),
            this.places.stream().map(whole.places()::get).toList(),
            locked,
            closed,
            whole.room(),
            whole.order(),
            whole.prints());
  }

  private static Map<Integer, Integer> indices(List<Integer> of) {
    Map<Integer, Integer> indices = new HashMap<>();
    for (int i = 0; i < of.size(); i++) {
      indices.put(of.get(i), i);
    }
    return indices;
  }

  /** All places of a problem from one to another. */
  static List<Integer> range(int from, int end) {
    List<Integer> range = new ArrayList<>();
    for (int place = from; place < end; place++) {
      range.add(place);
    }
    return range;
  }

  Placing.Problem problem() {
    return problem;
  }

  /**
   * Where the pictures of the part are in it.
   *
   * @param placeOf for each picture of the whole the index of its place, or -1
   * @return for each picture of the part the index of its place in the part; -1 also where it is in
   *     another part
   */
  int[] read(int[] placeOf) {
    return pictures.stream().mapToInt(picture -> places.indexOf(placeOf[picture])).toArray();
  }

  /**
   * Writes where the pictures of the part went into an arrangement of the whole.
   *
   * @param found for each picture of the part the index of its place in the part, or -1
   * @param placeOf for each picture of the whole the index of its place
   */
  void write(int[] found, int[] placeOf) {
    for (int i = 0; i < found.length; i++) {
      placeOf[pictures.get(i)] = found[i] < 0 ? -1 : places.get(found[i]);
    }
  }
}
