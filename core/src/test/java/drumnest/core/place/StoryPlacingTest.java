package drumnest.core.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import drumnest.core.measure.Size;
import drumnest.core.photo.Focus;
import drumnest.core.photo.Pixels;
import java.util.ArrayList;
import java.util.Collections;
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
    return IntStream.range(100, 700);
  }

  /** Versions, page limits, words, locks and closed places among them. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void is_as_cheap_as_the_best_of_all_arrangements(int seed) {
    Placing.Problem problem =
        PlacingCases.random(new Random(seed), 5, 5, seed % 3 == 0, Placing.Order.STORY);
    Placing.Arrangement answer = STORY.place(problem);
    long best = PlacingCases.cheapest(problem, true);
    assertThat(answer.cost()).isEqualTo(best);
    assertThat(answer.isBest()).isTrue();
    assertThat(PlacingCases.cost(problem, answer.placeOf())).isEqualTo(best);
    assertThat(CostBreakdown.of(problem, answer.placeOf()).total()).isEqualTo(best);
    assertThat(PlacingCases.inStoryOrder(problem, answer.placeOf())).isTrue();
    assertThat(PlacingCases.pagesHold(problem, answer.placeOf())).isTrue();
    problem
        .locked()
        .forEach((place, photo) -> assertThat(answer.placeOf()[photo]).isEqualTo(place));
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("fewSeeds")
  void one_place_more_never_makes_it_dearer(int seed) {
    Placing.Problem problem =
        PlacingCases.random(new Random(seed), 8, 8, false, Placing.Order.STORY);
    List<Place> more = new ArrayList<>(problem.places());
    int page = more.isEmpty() ? 0 : more.get(more.size() - 1).at().page() + 1;
    more.add(
        new Place(
            "more",
            Size.ofInches(6, 4),
            false,
            true,
            new Place.At(page + 9, page, 0.5, false, false, false)));
    assertThat(STORY.place(problem.withPlaces(more)).cost())
        .isLessThanOrEqualTo(STORY.place(problem).cost());
  }

  static IntStream fewSeeds() {
    return IntStream.range(900, 960);
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
    Placing.Arrangement answer = STORY.place(PlacingCases.problem(line, places, Map.of()));
    assertThat(answer.placeOf()[1]).isEqualTo(2);
    assertThat(answer.placeOf()[2]).isEqualTo(3);
    assertThat(answer.cost()).isZero();
  }

  @Test
  void of_an_upright_and_a_wide_version_the_one_that_fits_is_placed() {
    List<Candidate> photos = List.of(version("upright", 4000, 6000), version("wide", 6000, 4000));
    List<Place> wide = List.of(PlacingCases.place("a", 6, 4), PlacingCases.place("b", 6, 4));
    int[] placeOf = STORY.place(PlacingCases.problem(photos, wide, Map.of())).placeOf();
    assertThat(placeOf[0]).isEqualTo(-1);
    assertThat(placeOf[1]).isNotNegative();
    List<Place> upright = List.of(PlacingCases.place("a", 4, 6), PlacingCases.place("b", 4, 6));
    assertThat(STORY.place(PlacingCases.problem(photos, upright, Map.of())).placeOf()[1])
        .isEqualTo(-1);
    assertThat(STORY.place(PlacingCases.problem(photos, wide, Map.of(1, 0))).placeOf())
        .as("a locked version is the one that stays")
        .containsExactly(1, -1);
  }

  private static Candidate version(String id, int w, int h) {
    return new Candidate(
        id,
        new Pixels(w, h),
        null,
        Focus.NONE,
        1,
        null,
        "g",
        null,
        Candidate.PlacementHints.PLAIN,
        null);
  }

  @Test
  void what_is_kept_goes_before_what_is_only_perhaps_wanted() {
    Candidate perhaps = PlacingCases.photo("perhaps", 6000, 4000);
    Candidate kept =
        new Candidate(
            "kept",
            new Pixels(4000, 6000),
            null,
            Focus.NONE,
            3,
            null,
            null,
            null,
            Candidate.PlacementHints.PLAIN,
            null);
    List<Place> one = List.of(PlacingCases.place("a", 6, 4));
    assertThat(STORY.place(PlacingCases.problem(List.of(perhaps, kept), one, Map.of())).placeOf())
        .containsExactly(-1, 0);
  }

  @Test
  void a_private_photo_stays_off_the_cover_and_a_hero_gets_the_large_place() {
    Place.At cover = new Place.At(0, 0, 0.5, true, false, false);
    Place.At inside = new Place.At(1, 1, 0.5, false, false, false);
    List<Place> places =
        List.of(
            new Place("cover", Size.ofInches(6, 4), false, false, cover),
            new Place("small", Size.ofInches(3, 2), false, false, inside),
            new Place("large", Size.ofInches(6, 4), false, false, inside));
    Candidate secret =
        PlacingCases.photo(
            "s", 6000, 4000, new Candidate.PlacementHints(false, false, true, false));
    Candidate hero = PlacingCases.photo("h", 6000, 4000, Candidate.PlacementHints.HERO);
    Placing.Problem problem =
        new Placing.Problem(
            List.of(secret, hero),
            places,
            Map.of(),
            Placing.Order.STORY,
            PlacingCases.WEIGHTS,
            PlacingCases.RULES);
    assertThat(STORY.place(problem).placeOf()).containsExactly(1, 2);
  }

  @Test
  void a_photo_with_words_keeps_a_place_free_beside_it_where_there_is_room() {
    Candidate told =
        PlacingCases.photo(
            "told", 6000, 4000, new Candidate.PlacementHints(false, false, false, true));
    List<Candidate> line =
        List.of(PlacingCases.photo("a", 6000, 4000), told, PlacingCases.photo("c", 6000, 4000));
    List<Place> row =
        IntStream.range(0, 4)
            .mapToObj(
                i ->
                    new Place(
                        "s" + i,
                        Size.ofInches(6, 4),
                        false,
                        false,
                        new Place.At(0, 0, 0.5, false, i == 1, false)))
            .toList();
    Placing.Problem problem =
        new Placing.Problem(
            line, row, Map.of(), Placing.Order.STORY, PlacingCases.WEIGHTS, PlacingCases.RULES);
    assertThat(STORY.place(problem).placeOf()).as("1 and 2 touch").containsExactly(0, 1, 3);
  }

  @Test
  void nobody_and_nowhere_are_answered() {
    Placing.Problem nobody =
        PlacingCases.problem(List.of(), List.of(PlacingCases.place("1", 6, 4)), Map.of());
    assertThat(STORY.place(nobody).cost()).isZero();
    Placing.Problem nowhere =
        PlacingCases.problem(List.of(PlacingCases.photo("a", 600, 400)), List.of(), Map.of());
    assertThat(STORY.place(nowhere).cost()).isEqualTo(Weights.OF_THE_SUM.leftOut());
    assertThat(STORY.place(nowhere).placeOf()).containsExactly(-1);
  }

  @Test
  void a_problem_that_would_not_end_is_refused() {
    Candidate photo = PlacingCases.photo("a", 6, 4);
    Place place = PlacingCases.place("p", 6, 4);
    Placing.Problem huge =
        PlacingCases.problem(
            Collections.nCopies(6_000, photo), Collections.nCopies(6_000, place), Map.of());
    assertThatIllegalArgumentException().isThrownBy(() -> STORY.place(huge));
  }
}
