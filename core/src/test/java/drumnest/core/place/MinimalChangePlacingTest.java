package drumnest.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class MinimalChangePlacingTest {

  private static final MinimalChangePlacing GENTLE = new MinimalChangePlacing(new StoryPlacing());

  private static Placing.Problem inStory(List<Candidate> photos, List<Place> places) {
    return new Placing.Problem(
        photos, places, Map.of(), Placing.Order.STORY, PlacingCases.WEIGHTS, PlacingCases.RULES);
  }

  @Test
  void what_was_put_by_hand_stays_where_it_hardly_costs_anything() {
    List<Candidate> line =
        List.of(PlacingCases.photo("a", 6000, 4000), PlacingCases.photo("b", 6000, 4000));
    List<Place> row =
        List.of(
            PlacingCases.place("1", 6, 4),
            PlacingCases.place("2", 6, 4),
            PlacingCases.place("3", 6, 4));
    MinimalChangePlacing.Answer answer =
        GENTLE.place(inStory(line, row), Map.of(2, 0), ProgressMonitor.NONE);
    assertThat(answer.arrangement().placeOf()[0]).isEqualTo(2);
    assertThat(answer.moved()).isEmpty();
  }

  @Test
  void it_moves_where_that_saves_more_than_moving_weighs() {
    List<Candidate> line =
        List.of(PlacingCases.photo("wide", 6000, 4000), PlacingCases.photo("tall", 3000, 4000));
    List<Place> row = List.of(PlacingCases.place("1", 6, 4), PlacingCases.place("2", 3, 4));
    MinimalChangePlacing.Answer answer =
        GENTLE.place(inStory(line, row), Map.of(1, 0), ProgressMonitor.NONE);
    assertThat(answer.arrangement().placeOf()).containsExactly(0, 1);
    assertThat(answer.moved()).containsExactly(0);
  }

  private static int moved;

  /** So that no seed after the other passes because everything stays. */
  @AfterAll
  static void in_many_cases_something_moves() {
    assertThat(moved).isGreaterThan(10);
  }

  static IntStream seeds() {
    return IntStream.range(3000, 3060);
  }

  /** Seeds with few spreads, and with more than are looked at for one picture. */
  static Stream<Arguments> cases() {
    return seeds()
        .boxed()
        .flatMap(seed -> Stream.of(Arguments.of(seed, 7, 7, 2), Arguments.of(seed, 40, 60, 5)));
  }

  @ParameterizedTest(name = "seed {0}, up to {1} photos in {2} places, one in {3} by hand")
  @MethodSource("cases")
  void it_costs_between_the_best_of_all_and_the_best_with_everything_staying(
      int seed, int photos, int places, int everyMany) {
    Random random = new Random(seed);
    Placing.Problem problem =
        PlacingCases.random(random, photos, places, false, Placing.Order.STORY);
    Map<Integer, Integer> byHand = PlacingCases.byHand(random, problem, everyMany);
    MinimalChangePlacing.Answer answer = GENTLE.place(problem, byHand, ProgressMonitor.NONE);
    long fixed = new StoryPlacing().place(problem.withLocked(byHand)).cost();
    assertThat(answer.arrangement().cost()).isLessThanOrEqualTo(fixed);
    assertThat(answer.arrangement().isBest()).isTrue();
    byHand.forEach(
        (place, photo) -> {
          if (!answer.moved().contains(photo)) {
            assertThat(answer.arrangement().placeOf()[photo]).isEqualTo(place);
          }
        });
    // Asked again with those that stayed, nothing moves.
    byHand.values().removeAll(answer.moved());
    MinimalChangePlacing.Answer again = GENTLE.place(problem, byHand, ProgressMonitor.NONE);
    assertThat(again.moved()).isEmpty();
    assertThat(again.arrangement().placeOf()).isEqualTo(answer.arrangement().placeOf());
    if (!answer.moved().isEmpty()) {
      assertThat(fixed - answer.arrangement().cost())
          .isGreaterThan(answer.moved().size() * problem.weights().moved());
      moved++;
    }
  }

  @Test
  void a_long_album_is_placed_as_a_whole_once_where_everything_stays() {
    Placing.Problem problem = PlacingCases.spreads(20, 4, 60);
    List<Integer> wholes = new ArrayList<>();
    Placing counting =
        (asked, monitor) -> {
          if (asked.places().size() == problem.places().size()) {
            wholes.add(asked.locked().size());
          }
          return new StoryPlacing().place(asked, monitor);
        };
    int[] best = new StoryPlacing().place(problem).placeOf();
    Map<Integer, Integer> byHand = new HashMap<>();
    for (int photo = 5; photo < best.length; photo += 6) {
      byHand.put(best[photo], photo);
    }
    MinimalChangePlacing.Answer answer =
        new MinimalChangePlacing(counting).place(problem, byHand, ProgressMonitor.NONE);
    assertThat(answer.moved()).isEmpty();
    assertThat(wholes).containsExactly(byHand.size());
  }

  @Test
  void stopped_it_keeps_what_it_has() {
    List<Candidate> line =
        List.of(PlacingCases.photo("wide", 6000, 4000), PlacingCases.photo("tall", 3000, 4000));
    List<Place> row = List.of(PlacingCases.place("1", 6, 4), PlacingCases.place("2", 3, 4));
    MinimalChangePlacing.Answer answer =
        GENTLE.place(inStory(line, row), Map.of(1, 0), (done, of) -> false);
    assertThat(answer.arrangement().placeOf()[0]).isEqualTo(1);
  }
}
