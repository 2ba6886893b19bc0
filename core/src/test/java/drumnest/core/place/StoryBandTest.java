package drumnest.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.measure.Size;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Looking at a part of the states finds what looking at all of them does. */
class StoryBandTest {

  private static long all;
  private static long inBand;
  private static int fewer;

  static IntStream seeds() {
    return IntStream.range(12_000, 12_200);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void the_cheapest_way_lies_in_the_band_of_what_any_way_costs(int seed) {
    Random random = new Random(seed);
    Placing.Problem problem =
        PlacingCases.random(random, 60, 50, seed % 3 == 0, Placing.Order.STORY);
    PlacingCost cost = new PlacingCost(problem);
    List<List<Integer>> open = cost.moments().open(problem.locked().values());
    long[] noBonus = new long[problem.places().size()];
    StoryRun whole = new StoryRun(problem, cost, open, 0, noBonus).run();
    StoryRun run = new StoryRun(problem, cost, open, 0, noBonus);
    // Any dearer arrangement will do; the band of the cheapest itself is the narrowest.
    long known = whole.cost() + random.nextInt(3) * PlacingCost.percent(30);
    StoryBand band = StoryBand.within(run.rooms(), run.moments(), known);
    run.in(band).run();
    assertThat(run.cost()).isEqualTo(whole.cost());
    int[] placeOf = new int[problem.candidates().size()];
    Arrays.fill(placeOf, -1);
    run.trace(placeOf);
    problem.locked().forEach((place, photo) -> placeOf[photo] = place);
    assertThat(CostBreakdown.of(problem, placeOf).total())
        .isEqualTo(whole.cost() + cost.ofAllLocked());
    all += (long) (run.moments() + 1) * (noBonus.length + 1);
    inBand += band.states();
  }

  /** Places of several sizes, of which pictures may take a part. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void on_a_page_the_cheapest_way_that_leaves_few_out_is_found(int seed) {
    Placing.Problem page = page(new Random(seed));
    StoryRun whole = onPage(page).run();
    int cheapest = leftOut(page, whole);
    for (int most = 0; most <= whole.moments(); most++) {
      StoryRun run = onPage(page).leavingOut(most).run();
      if (most >= cheapest) {
        assertThat(run.cost()).as("%d of %d", most, cheapest).isEqualTo(whole.cost());
      } else if (run.cost() < PlacingCost.FORBIDDEN) {
        assertThat(run.cost()).isGreaterThanOrEqualTo(whole.cost());
        fewer += leftOut(page, run) < cheapest ? 1 : 0;
      }
    }
  }

  private static StoryRun onPage(Placing.Problem page) {
    PlacingCost cost = new PlacingCost(page);
    return new StoryRun(
        page, cost, cost.moments().open(List.of()), 0, new long[page.places().size()]);
  }

  private static Placing.Problem page(Random random) {
    Placing.Problem any = PlacingCases.random(random, 12, 9, false, Placing.Order.STORY);
    List<Place> places =
        any.places().stream()
            .map(
                place ->
                    place.withAt(new Place.At(1, 1, 0.5, false, place.at().touchesNext(), false)))
            .toList();
    List<Size> sizes = places.stream().map(Place::print).toList();
    return new Placing.Problem(
        any.candidates(),
        places,
        Map.of(),
        Map.of(),
        Map.of(1, Breathing.EVEN.room(sizes, 1, any.rules())),
        Placing.Order.STORY,
        any.weights(),
        any.rules());
  }

  private static int leftOut(Placing.Problem page, StoryRun run) {
    int[] placeOf = new int[page.candidates().size()];
    Arrays.fill(placeOf, -1);
    run.trace(placeOf);
    return run.moments() - (int) IntStream.of(placeOf).filter(place -> place >= 0).count();
  }

  /** So that the band is one: without one every seed would pass. */
  @AfterAll
  static void it_leaves_much_alone() {
    assertThat(inBand).isLessThan(all * 9 / 10);
    assertThat(fewer).as("ways that leave out fewer than the cheapest").isPositive();
  }
}
