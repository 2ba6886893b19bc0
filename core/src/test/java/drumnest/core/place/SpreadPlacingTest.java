package drumnest.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.measure.Size;
import drumnest.core.photo.Focus;
import drumnest.core.photo.Pixels;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class SpreadPlacingTest {

  private static final Placing BY_SPREAD = new SpreadPlacing();

  private static Candidate photo(String id, int darkness, int bits) {
    return new Candidate(
        id,
        new Pixels(6000, 4000),
        null,
        Focus.NONE,
        1,
        null,
        null,
        null,
        Candidate.PlacementHints.PLAIN,
        PlacingCases.look(darkness, bits));
  }

  private static Place place(String id, double low) {
    return new Place(
        id, Size.ofInches(6, 4), false, false, new Place.At(0, 0, low, false, false, false));
  }

  @Test
  void by_weight_dark_ones_stand_low() {
    List<Candidate> photos =
        List.of(photo("dark", 90, 1), photo("pale", 10, 2), photo("mid", 50, 3));
    List<Place> column = List.of(place("top", 0.1), place("middle", 0.5), place("foot", 0.9));
    Placing.Problem problem =
        new Placing.Problem(
            photos,
            column,
            Map.of(),
            Placing.Order.WEIGHT,
            PlacingCases.WEIGHTS,
            PlacingCases.RULES);
    Placing.Arrangement answer = BY_SPREAD.place(problem);
    assertThat(answer.placeOf()).containsExactly(2, 0, 1);
    assertThat(answer.isBest()).isTrue();
  }

  @Test
  void by_variety_lookalike_scenes_are_broken_up() {
    List<Candidate> photos =
        List.of(photo("a1", 10, 1), photo("a2", 10, 1), photo("b1", 90, 40), photo("b2", 90, 40));
    List<Place> row = List.of(place("1", 0.5), place("2", 0.5), place("3", 0.5), place("4", 0.5));
    Placing.Problem problem =
        new Placing.Problem(
            photos, row, Map.of(), Placing.Order.VARIETY, PlacingCases.WEIGHTS, PlacingCases.RULES);
    int[] placeOf = BY_SPREAD.place(problem).placeOf();
    assertThat(Math.abs(placeOf[0] - placeOf[1])).isGreaterThan(1);
    assertThat(Math.abs(placeOf[2] - placeOf[3])).isGreaterThan(1);
  }

  static IntStream seeds() {
    return IntStream.range(4000, 4080);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void the_story_says_who_is_on_a_spread_and_locks_and_pages_hold(int seed) {
    Random random = new Random(seed);
    Placing.Order order = seed % 2 == 0 ? Placing.Order.WEIGHT : Placing.Order.VARIETY;
    Placing.Problem problem = PlacingCases.random(random, 8, 8, seed % 3 == 0, order);
    Placing.Arrangement answer = BY_SPREAD.place(problem);
    Placing.Arrangement story = new StoryPlacing().place(problem.withOrder(Placing.Order.STORY));
    assertThat(answer.cost()).isEqualTo(CostBreakdown.of(problem, answer.placeOf()).total());
    assertThat(answer.cost())
        .as("no worse than the story as it stands")
        .isLessThanOrEqualTo(CostBreakdown.of(problem, story.placeOf()).total());
    assertThat(answer.bound()).isLessThanOrEqualTo(answer.cost());
    assertThat(PlacingCases.pagesHold(problem, answer.placeOf())).isTrue();
    for (int photo = 0; photo < answer.placeOf().length; photo++) {
      if (answer.placeOf()[photo] >= 0) {
        assertThat(spread(problem, answer.placeOf()[photo]))
            .isEqualTo(spread(problem, story.placeOf()[photo]));
      }
    }
    List<Integer> used = new ArrayList<>();
    Arrays.stream(answer.placeOf()).filter(place -> place >= 0).forEach(used::add);
    assertThat(used).as("no slot twice").doesNotHaveDuplicates();
    problem
        .locked()
        .forEach((place, photo) -> assertThat(answer.placeOf()[photo]).isEqualTo(place));
  }

  private static int spread(Placing.Problem problem, int place) {
    return problem.places().get(place).at().spread();
  }
}
