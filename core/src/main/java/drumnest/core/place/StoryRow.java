package drumnest.core.place;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToLongFunction;

/**
 * The pictures of a {@link StoryRun} in a row, moment by moment, with what each of them costs. Its
 * arrays are read in the innermost loops and written by nobody else.
 */
final class StoryRow {

  private final Placing.Problem problem;
  private final PlacingCost cost;

  /** The pictures of all moments, and where each moment begins. */
  private final int[] pictures;

  private final int[] begins;
  private final long[] leftOut;
  private final int[] groups;
  private final boolean[] words;
  private final boolean anyWords;

  /** The costs of each picture by kinds of places, but for what is closed. */
  private final long[][] ownByKind;

  /** One more than what the cheapest picture costs, by kinds of places; 0 where not known yet. */
  private final long[] cheapestByKind;

  /** The pictures, by where they are in the row, that a place is closed to. */
  private final Map<Integer, List<Integer>> closed;

  /**
   * @param open the moments in order, each with its pictures
   * @param withoutPlace what it costs that a moment has none of the places
   */
  StoryRow(
      Placing.Problem problem,
      PlacingCost cost,
      List<List<Integer>> open,
      ToLongFunction<List<Integer>> withoutPlace) {
    this.problem = problem;
    this.cost = cost;
    this.begins = new int[open.size() + 1];
    this.leftOut = new long[open.size()];
    for (int i = 0; i < open.size(); i++) {
      begins[i + 1] = begins[i] + open.get(i).size();
      leftOut[i] = withoutPlace.applyAsLong(open.get(i));
    }
    this.pictures = open.stream().flatMap(List::stream).mapToInt(Integer::intValue).toArray();
    this.groups = new int[pictures.length];
    this.words = new boolean[pictures.length];
    boolean some = false;
    for (int i = 0; i < pictures.length; i++) {
      groups[i] = cost.lookalikesOf(pictures[i]);
      words[i] = problem.candidates().get(pictures[i]).hints().words();
      some |= words[i];
    }
    this.anyWords = some && cost.captionApart() > 0;
    this.ownByKind = new long[cost.kinds()][];
    this.cheapestByKind = new long[cost.kinds()];
    this.closed = closed();
  }

  private Map<Integer, List<Integer>> closed() {
    Map<Integer, List<Integer>> byPlace = new HashMap<>();
    if (problem.closed().isEmpty()) {
      return byPlace;
    }
    for (int i = 0; i < pictures.length; i++) {
      for (int place : problem.closed().getOrDefault(pictures[i], Set.of())) {
        byPlace.computeIfAbsent(place, key -> new ArrayList<>()).add(i);
      }
    }
    return byPlace;
  }

  int moments() {
    return leftOut.length;
  }

  int[] pictures() {
    return pictures;
  }

  /** Where each moment begins in the row; one more than there are moments. */
  int[] begins() {
    return begins;
  }

  /** Tells what it costs that a moment has none of the places. */
  long[] leftOut() {
    return leftOut;
  }

  /** The lookalikes of each picture: {@link PlacingCost#lookalikesOf}. */
  int[] groups() {
    return groups;
  }

  /** Whether there are words to a picture. */
  boolean[] words() {
    return words;
  }

  /** Whether words of any picture want a free place beside it. */
  boolean anyWords() {
    return anyWords;
  }

  /** How many moments come before that of the picture. */
  int momentOf(int i) {
    int found = Arrays.binarySearch(begins, i);
    return found >= 0 ? found : -found - 2;
  }

  /** Tells what each picture costs in a place. */
  long[] own(int place) {
    long[] row = ownOpen(place);
    List<Integer> out = closed.get(place);
    if (out == null) {
      return row;
    }
    long[] open = row.clone();
    out.forEach(i -> open[i] = PlacingCost.FORBIDDEN);
    return open;
  }

  /** The costs of a place, whatever is closed. */
  private long[] ownOpen(int place) {
    int kind = cost.kind(place);
    if (ownByKind[kind] == null) {
      long[] row = new long[pictures.length];
      for (int i = 0; i < row.length; i++) {
        row[i] = cost.ofOpen(pictures[i], place);
      }
      ownByKind[kind] = row;
    }
    return ownByKind[kind];
  }

  /** Tells what the cheapest picture costs in a place, whatever is closed. */
  long cheapest(int place) {
    int kind = cost.kind(place);
    if (cheapestByKind[kind] == 0) {
      long least = PlacingCost.FORBIDDEN;
      for (long each : ownOpen(place)) {
        least = Math.min(least, each);
      }
      cheapestByKind[kind] = least + 1;
    }
    return cheapestByKind[kind] - 1;
  }
}
