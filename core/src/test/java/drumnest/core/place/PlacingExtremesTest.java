package drumnest.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.measure.Size;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What is far from usual is answered all the same. */
class PlacingExtremesTest {

  private static final Candidate.PlacementHints SECRET =
      new Candidate.PlacementHints(false, false, true, false);

  private static Placing.Problem problem(
      Placing.Order order, int photos, int places, IntFunction<Candidate> photo) {
    return new Placing.Problem(
        IntStream.range(0, photos).mapToObj(photo).toList(),
        IntStream.range(0, places)
            .mapToObj(
                i ->
                    new Place(
                        "s" + i,
                        Size.ofInches(i % 2 == 0 ? 6 : 3, 4),
                        false,
                        false,
                        new Place.At(i / 6, i / 6, 0.5, i < 6, true, false)))
            .toList(),
        Map.of(),
        order,
        PlacingCases.WEIGHTS,
        PlacingCases.RULES);
  }

  private static Candidate usual(int i) {
    return PlacingCases.photo("p" + i, i % 3 == 0 ? 4000 : 6000, i % 3 == 0 ? 6000 : 4000);
  }

  private static long placed(Placing.Arrangement arrangement) {
    return Arrays.stream(arrangement.placeOf()).filter(place -> place >= 0).count();
  }

  @ParameterizedTest
  @EnumSource
  void nobody_one_and_nowhere(Placing.Order order) {
    Placing placing = Placing.by(order);
    assertThat(placed(placing.place(problem(order, 0, 12, PlacingExtremesTest::usual)))).isZero();
    assertThat(placed(placing.place(problem(order, 1, 12, PlacingExtremesTest::usual)))).isOne();
    assertThat(placed(placing.place(problem(order, 5, 0, PlacingExtremesTest::usual)))).isZero();
  }

  @ParameterizedTest
  @EnumSource
  void a_thousand_photos_for_twelve_places(Placing.Order order) {
    Placing.Problem problem = problem(order, 1000, 12, PlacingExtremesTest::usual);
    Placing.Arrangement answer = Placing.by(order).place(problem);
    assertThat(placed(answer)).isEqualTo(12);
    assertThat(answer.placeOf()).hasSize(1000);
    assertThat(Placing.by(order).place(problem).placeOf())
        .as("the same again")
        .isEqualTo(answer.placeOf());
  }

  @ParameterizedTest
  @EnumSource
  void more_than_can_be_placed_at_once_are_placed_in_blocks(Placing.Order order) {
    Placing.Problem problem = problem(order, 40, 60, PlacingExtremesTest::usual);
    Placing.Problem locked = problem.withLocked(Map.of(50, 2, 3, 39));
    Placing.Arrangement answer = new BlockPlacing(inside(order), 300).place(locked);
    assertThat(placed(answer)).as("there is room for all").isEqualTo(40);
    assertThat(answer.placeOf()[2]).isEqualTo(50);
    assertThat(answer.placeOf()[39]).isEqualTo(3);
    assertThat(Arrays.stream(answer.placeOf()).distinct().count()).isEqualTo(40);
    assertThat(answer.cost()).isEqualTo(CostBreakdown.of(locked, answer.placeOf()).total());
    if (order == Placing.Order.STORY) {
      assertThat(PlacingCases.inStoryOrder(locked, answer.placeOf())).isTrue();
      assertThat(new BlockPlacing(inside(order), 1_000_000).place(locked).cost())
          .as("in one block")
          .isEqualTo(inside(order).place(locked).cost());
    }
  }

  private static Placing inside(Placing.Order order) {
    return switch (order) {
      case STORY -> new StoryPlacing();
      case FREE -> new FreePlacing();
      case WEIGHT, VARIETY -> new SpreadPlacing();
    };
  }

  @ParameterizedTest
  @EnumSource
  void only_panoramas_are_cropped_rather_than_left_out(Placing.Order order) {
    Placing.Arrangement answer =
        Placing.by(order)
            .place(problem(order, 6, 12, i -> PlacingCases.photo("p" + i, 12000, 2000)));
    assertThat(placed(answer)).isEqualTo(6);
  }

  @ParameterizedTest
  @EnumSource
  void all_of_them_private_leave_the_first_page_bare(Placing.Order order) {
    Placing.Arrangement answer =
        Placing.by(order)
            .place(problem(order, 12, 12, i -> PlacingCases.photo("p" + i, 6000, 4000, SECRET)));
    assertThat(placed(answer)).isEqualTo(6);
    assertThat(Arrays.stream(answer.placeOf()).filter(place -> place >= 0))
        .allMatch(place -> place >= 6);
  }

  @ParameterizedTest
  @EnumSource
  void locks_that_contradict_the_story_hold_all_of_them(Placing.Order order) {
    Map<Integer, Integer> backwards = new HashMap<>();
    IntStream.range(0, 12).forEach(i -> backwards.put(i, 11 - i));
    Placing.Problem problem =
        problem(order, 14, 12, PlacingExtremesTest::usual).withLocked(backwards);
    Placing.Arrangement answer = Placing.by(order).place(problem);
    backwards.forEach((place, photo) -> assertThat(answer.placeOf()[photo]).isEqualTo(place));
    assertThat(answer.cost()).isEqualTo(CostBreakdown.of(problem, answer.placeOf()).total());
    assertThat(CostBreakdown.of(problem, answer.placeOf()).left()).isEqualTo(List.of(12, 13));
  }
}
