package drumnest.core.place;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * The cost of an arrangement, by what it is for: every picture in its place, every two neighbours,
 * free places between pictures, words without a free place beside their picture, and every moment
 * left out.
 */
public final class CostBreakdown {

  private final Placing.Problem problem;
  private final PlacingCost cost;
  private final Layout layout;

  private CostBreakdown(Placing.Problem problem, int[] placeOf) {
    this.problem = problem;
    this.cost = new PlacingCost(problem);
    this.layout = new Layout(problem, cost, placeOf);
  }

  /**
   * @param placeOf for each picture the index of its place, or -1 if it is left out
   */
  static CostBreakdown of(Placing.Problem problem, int[] placeOf) {
    return new CostBreakdown(problem, placeOf.clone());
  }

  public static CostBreakdown of(Placing.Problem problem, Placement placement) {
    return new CostBreakdown(problem, placement.toArray());
  }

  /**
   * Tells what is wrong with the picture in this place, with what is beside it and for its words.
   */
  public List<PlacingCost.Part> of(int place) {
    int photo = layout.photoAt(place);
    if (photo < 0) {
      return List.of();
    }
    List<PlacingCost.Part> parts = new ArrayList<>(cost.parts(photo, place));
    if (layout.photoAt(place - 1) >= 0) {
      parts.addAll(cost.pairParts(layout.photoAt(place - 1), photo, place - 1));
    }
    long scattered =
        (layout.photoAt(place - 1) < 0 ? cost.scattered(place - 1) : 0)
            + (layout.photoAt(place + 1) < 0 ? cost.scattered(place) : 0);
    if (scattered > 0) {
      parts.add(new PlacingCost.Part(PlacingCost.Term.SCATTERED, scattered));
    }
    if (layout.wordsApart(place)) {
      parts.add(new PlacingCost.Part(PlacingCost.Term.CAPTION_APART, cost.captionApart()));
    }
    return parts;
  }

  /** All costs by what they are for; what costs nothing is not named. */
  public Map<PlacingCost.Term, Long> byTerm() {
    Map<PlacingCost.Term, Long> sums = new EnumMap<>(PlacingCost.Term.class);
    for (int place = 0; place < problem.places().size(); place++) {
      of(place).forEach(part -> sums.merge(part.term(), part.cost(), Long::sum));
    }
    left().forEach(photo -> sums.merge(PlacingCost.Term.LEFT_OUT, layout.untold(photo), Long::sum));
    return sums;
  }

  /** The moments that are left out, each by its first picture. */
  public List<Integer> left() {
    List<Integer> left = new ArrayList<>();
    for (int moment = 0; moment < cost.moments().count(); moment++) {
      int first = cost.moments().pictures(moment).get(0);
      if (!layout.isTold(first)) {
        left.add(first);
      }
    }
    return left;
  }

  /** Tells what the whole costs. A locked picture where it is not allowed counts as one. */
  public long total() {
    return layout.total();
  }
}
