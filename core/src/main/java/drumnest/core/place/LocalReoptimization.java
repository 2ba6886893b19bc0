package drumnest.core.place;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * A local re-optimisation: one picture that stays in its place is let go, and only the spreads
 * around are placed anew: those around its place, and those around where its moment comes in the
 * story. All else stays where it is. The answer can be had as it is; a better one may lie further
 * away.
 *
 * <p>Time: one or two placings of a few spreads.
 */
final class LocalReoptimization {

  /** How many spreads on either side are placed anew. */
  private static final int AROUND = 2;

  private final Placing placing;
  private final Placing.Problem problem;
  private final Moments moments;

  /** By places. */
  private final int[] spreadOf;

  /** By spreads, with one more for the end. */
  private final List<Integer> begins = new ArrayList<>();

  LocalReoptimization(Placing placing, Placing.Problem problem) {
    this.placing = placing;
    this.problem = problem;
    this.moments = Moments.of(problem.candidates());
    List<Place> places = problem.places();
    this.spreadOf = new int[places.size()];
    for (int place = 0; place < spreadOf.length; place++) {
      if (place == 0 || places.get(place).at().spread() != places.get(place - 1).at().spread()) {
        begins.add(place);
      }
      spreadOf[place] = begins.size() - 1;
    }
    begins.add(spreadOf.length);
  }

  /**
   * Where the pictures are then.
   *
   * @param change what the whole costs more, or less if it is below zero
   * @param looked what was placed anew
   */
  record Outcome(Placement placement, long change, Looked looked) {}

  /**
   * The spreads that were placed anew.
   *
   * @param here around the place of the picture
   * @param there around where its moment comes in the story; may be the same
   */
  record Looked(Spreads here, Spreads there) {

    /** Whether what was found here may be another once the other is taken. */
    boolean touches(Looked other) {
      return Stream.of(here, there)
          .anyMatch(each -> each.touches(other.here) || each.touches(other.there));
    }
  }

  /** Spreads that follow each other, from the first to the last. */
  record Spreads(int first, int last) {

    boolean touches(Spreads other) {
      return first <= other.last + 1 && other.first <= last + 1;
    }

    Spreads and(Spreads other) {
      return new Spreads(Math.min(first, other.first), Math.max(last, other.last));
    }
  }

  /**
   * @param now where the pictures are
   * @param locked which of them stay where they are: index of the place to index of the picture
   * @param place the place of the one that is let go
   */
  Outcome of(Placement now, Map<Integer, Integer> locked, int place) {
    int[] next = now.toArray();
    int picture = locked.get(place);
    int moment = moments.of(picture);
    Map<Integer, Integer> others = new HashMap<>(locked);
    others.remove(place);
    // Another version of the same subject may stay: then this one has no place any more.
    boolean told = others.values().stream().anyMatch(other -> moments.of(other) == moment);
    Spreads here = around(spreadOf[place], spreadOf[place]);
    Spreads there = told ? here : aroundMoment(moment, others, next);
    boolean together = here.touches(there);
    if (together) {
      here = here.and(there);
      there = here;
    }
    Placing.Problem without = problem.withLocked(others);
    long change = -cost(part(problem.withLocked(locked), here, next, moment, true), next);
    next[picture] = -1;
    change += place(part(without, here, next, moment, together && !told), next, others);
    if (!together) {
      change -= cost(part(without, there, next, moment, false), next);
      change += place(part(without, there, next, moment, true), next, others);
    }
    return new Outcome(Placement.of(next), change, new Looked(here, there));
  }

  private Spreads around(int first, int last) {
    return new Spreads(Math.max(0, first - AROUND), Math.min(begins.size() - 2, last + AROUND));
  }

  /** The spreads around the places of those that come right before and after it in the story. */
  private Spreads aroundMoment(int moment, Map<Integer, Integer> locked, int[] placeOf) {
    int before = -1;
    int after = -1;
    for (int picture = 0; picture < placeOf.length; picture++) {
      int place = placeOf[picture];
      if (place >= 0 && !locked.containsKey(place) && moments.of(picture) != moment) {
        int other = moments.of(picture);
        if (other < moment && (before < 0 || other > moments.of(before))) {
          before = picture;
        } else if (other > moment && (after < 0 || other < moments.of(after))) {
          after = picture;
        }
      }
    }
    int first = before < 0 ? 0 : spreadOf[placeOf[before]];
    int last = after < 0 ? begins.size() - 2 : spreadOf[placeOf[after]];
    return around(Math.min(first, last), Math.max(first, last));
  }

  /**
   * These spreads with the pictures that are there, and those left out of the story in between.
   *
   * @param moment one that is among them or not, whatever else, unless a version of it stays
   */
  private ProblemPart part(
      Placing.Problem of, Spreads spreads, int[] placeOf, int moment, boolean among) {
    int from = begins.get(spreads.first());
    int end = begins.get(spreads.last() + 1);
    boolean[] stays = new boolean[moments.count()];
    boolean[] here = new boolean[moments.count()];
    of.locked().values().forEach(picture -> stays[moments.of(picture)] = true);
    boolean[] told = stays.clone();
    int before = -1;
    int after = moments.count();
    for (int picture = 0; picture < placeOf.length; picture++) {
      int place = placeOf[picture];
      int each = moments.of(picture);
      if (place >= from && place < end) {
        here[each] = true;
      } else if (place >= 0 && !stays[each]) {
        before = place < from ? Math.max(before, each) : before;
        after = place >= end ? Math.min(after, each) : after;
      }
      told[each] |= place >= 0;
    }
    for (int each = before + 1; each < after; each++) {
      here[each] |= !told[each];
    }
    if (!stays[moment]) {
      here[moment] = among;
    }
    List<Integer> pictures = new ArrayList<>();
    for (int picture = 0; picture < placeOf.length; picture++) {
      if (here[moments.of(picture)]) {
        pictures.add(picture);
      }
    }
    return new ProblemPart(of, pictures, ProblemPart.range(from, end));
  }

  private static long cost(ProblemPart part, int[] placeOf) {
    return CostBreakdown.of(part.problem(), part.read(placeOf)).total();
  }

  /** Places the part anew, writes where its pictures went, and says what it costs then. */
  private long place(ProblemPart part, int[] placeOf, Map<Integer, Integer> locked) {
    Placing.Arrangement anew = placing.place(part.problem());
    part.write(anew.placeOf(), placeOf);
    // Versions of what is locked here may be locked elsewhere.
    locked.forEach((at, picture) -> placeOf[picture] = at);
    return anew.cost();
  }
}
