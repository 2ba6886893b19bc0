package drumnest.core.place;

import drumnest.core.measure.Size;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The costs of pictures in sleeves over pages, in {@link LeafPlanning}. */
final class SleeveCosts {

  private final Placing.Problem problem;

  /** The weight of a place in a sleeve. */
  private final long weight;

  /** By the prints that sleeves over a page take, and by picture. */
  private final Map<List<Size>, long[]> known = new HashMap<>();

  /**
   * @param pages for all of these it is worked out at once
   */
  SleeveCosts(Placing.Problem problem, List<RequestedPages.Page> pages, long weight) {
    this.problem = problem;
    this.weight = weight;
    pages.stream()
        .filter(page -> page.over > 0)
        .forEach(page -> known.computeIfAbsent(page.sleeves, this::inSleeve));
  }

  private long[] inSleeve(List<Size> prints) {
    List<Place> sides =
        prints.stream().map(print -> new Place("sleeve " + print, print, true, false)).toList();
    PlacingCost own = new PlacingCost(problem.withPlaces(sides));
    long[] costs = new long[problem.candidates().size()];
    Arrays.fill(costs, PlacingCost.FORBIDDEN);
    for (int photo = 0; photo < costs.length; photo++) {
      for (int side = 0; side < sides.size(); side++) {
        costs[photo] = Math.min(costs[photo], own.of(photo, side) + weight);
      }
    }
    return costs;
  }

  /** Whether a picture fits into a sleeve over any page. */
  boolean fits(int photo) {
    return known.values().stream().anyMatch(costs -> costs[photo] < PlacingCost.FORBIDDEN);
  }

  /** The picture of a moment that costs least in a sleeve over a page. */
  int best(RequestedPages.Page page, List<Integer> moment) {
    long[] costs = known.get(page.sleeves);
    return moment.stream().min(Comparator.comparingLong(photo -> costs[photo])).orElseThrow();
  }

  /** Tells what that costs. */
  long of(RequestedPages.Page page, List<Integer> moment) {
    return known.get(page.sleeves)[best(page, moment)];
  }
}
