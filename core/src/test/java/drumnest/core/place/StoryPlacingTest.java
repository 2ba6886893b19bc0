package drumnest.core.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import drumnest.core.measure.Size;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRules;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class StoryPlacingTest {

  private static final Placing STORY = new StoryPlacing();

  static IntStream seeds() {
    return IntStream.range(100, 400);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void is_as_cheap_as_the_best_of_all_arrangements(int seed) {
    Random random = new Random(seed);
    Placing.Problem problem = PlacingCases.random(random, 5, 5, seed % 3 == 0);
    Placing.Arrangement answer = STORY.place(problem);
    long best = PlacingCases.cheapest(problem, true);
    assertThat(answer.cost()).isEqualTo(best);
    assertThat(PlacingCases.cost(problem, answer.placeOf())).isEqualTo(best);
    assertThat(PlacingCases.inStoryOrder(problem, answer.placeOf())).isTrue();
    problem
        .locked()
        .forEach((place, photo) -> assertThat(answer.placeOf()[photo]).isEqualTo(place));
  }

  @Test
  void six_wide_and_one_upright_take_the_places_of_their_shape() {
    List<Candidate> line =
        List.of(
            PlacingCases.photo("a", 6000, 4000),
            PlacingCases.photo("b", 3000, 4000),
            PlacingCases.photo("c", 6000, 4000));
    List<Place> places =
        List.of(
            PlacingCases.place("1", 6, 4),
            PlacingCases.place("2", 6, 4),
            PlacingCases.place("3", 3, 4),
            PlacingCases.place("4", 6, 4));
    Placing.Arrangement answer =
        STORY.place(new Placing.Problem(line, places, Map.of(), HouseRules.defaults()));
    assertThat(answer.placeOf()[1]).isEqualTo(2);
    assertThat(answer.placeOf()[2]).isEqualTo(3);
    assertThat(answer.cost()).isZero();
  }

  @Test
  void nobody_and_nowhere_are_answered() {
    Placing.Problem nobody =
        new Placing.Problem(
            List.of(), List.of(PlacingCases.place("1", 6, 4)), Map.of(), HouseRules.defaults());
    assertThat(STORY.place(nobody).cost()).isZero();
    Placing.Problem nowhere =
        new Placing.Problem(
            List.of(PlacingCases.photo("a", 600, 400)), List.of(), Map.of(), HouseRules.defaults());
    assertThat(STORY.place(nowhere).cost()).isEqualTo(PlacingCost.LEFT_OUT);
    assertThat(STORY.place(nowhere).placeOf()).containsExactly(-1);
  }

  @Test
  void a_problem_that_would_not_end_is_refused() {
    Candidate photo = new Candidate("a", new Pixels(6, 4), null, false, null, null);
    Place place = new Place("p", Size.ofInches(6, 4), false, false);
    Placing.Problem huge =
        new Placing.Problem(
            java.util.Collections.nCopies(6_000, photo),
            java.util.Collections.nCopies(6_000, place),
            Map.of(),
            HouseRules.defaults());
    assertThatIllegalArgumentException().isThrownBy(() -> STORY.place(huge));
  }
}
