package drumnest.core.place;

import drumnest.core.stock.HouseRule;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Keeps the place right before the first picture of a chapter free for its title, where the page
 * has a free place anyway: the pictures of the page keep their order and move around it, if that
 * costs no more than the house rule. Every place of the page is tried for the title; the cheapest
 * is taken. Pages with locked pictures stay as they are. Source: common practice, no source.
 */
final class TitleRoom {

  private final Placing.Problem problem;
  private final PlacingCost cost;

  /**
   * @param problem with everything locked that stays where it is
   */
  TitleRoom(Placing.Problem problem) {
    this.problem = problem;
    this.cost = new PlacingCost(problem);
  }

  /**
   * The arrangement with a place for the title, or as it is.
   *
   * @param placeOf for each picture the index of its place, or -1
   * @param first the first picture of the chapter, which is placed
   */
  int[] before(int[] placeOf, int first) {
    int page = problem.places().get(placeOf[first]).at().page();
    int[] places =
        IntStream.range(0, problem.places().size())
            .filter(place -> problem.places().get(place).at().page() == page)
            .toArray();
    int[] photoAt = Placement.photoAt(placeOf, problem.places().size());
    List<Integer> before = new ArrayList<>();
    List<Integer> after = new ArrayList<>();
    for (int place : places) {
      if (photoAt[place] >= 0) {
        (place < placeOf[first] ? before : after).add(photoAt[place]);
      }
    }
    boolean locked = IntStream.of(places).anyMatch(problem.locked()::containsKey);
    if (locked || before.size() + after.size() >= places.length) {
      return placeOf;
    }
    long most =
        ofPage(placeOf, places) + Weights.weight(problem.rules(), HouseRule.TITLE_APART_WEIGHT);
    int[] best = placeOf;
    // All of them need a place on their side of the title.
    for (int title = before.size(); title < places.length - after.size(); title++) {
      int[] tried = placeOf.clone();
      boolean fits =
          put(before, places, 0, title, tried)
              && put(after, places, title + 1, places.length, tried);
      long costs = fits ? ofPage(tried, places) : Long.MAX_VALUE;
      if (costs <= most) {
        most = costs - 1;
        best = tried;
      }
    }
    return best;
  }

  /**
   * Tells what a page costs with what is beside it; nobody leaves it, so the rest costs what it
   * did.
   */
  private long ofPage(int[] placeOf, int[] places) {
    Layout layout = new Layout(problem, cost, placeOf);
    return IntStream.rangeClosed(places[0] - 1, places[places.length - 1] + 1)
        .mapToLong(layout::local)
        .sum();
  }

  /** Puts pictures in this order into a run of the page's places; false if not all have one. */
  private boolean put(List<Integer> photos, int[] places, int from, int to, int[] placeOf) {
    if (photos.isEmpty()) {
      return true;
    }
    photos.forEach(photo -> placeOf[photo] = -1);
    new StoryRun(
            problem,
            cost,
            photos.stream().map(List::of).toList(),
            places[from],
            new long[to - from])
        .run()
        .trace(placeOf);
    return photos.stream().allMatch(photo -> placeOf[photo] >= 0);
  }
}
