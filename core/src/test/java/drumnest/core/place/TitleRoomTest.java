package drumnest.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.stock.HouseRule;
import java.util.Arrays;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class TitleRoomTest {

  @Test
  void pictures_make_way_for_the_title_where_that_costs_little() {
    Placing.Problem problem = PlacingCases.row(3, 4);
    assertThat(new TitleRoom(problem).before(new int[] {0, 1, 2}, 0)).containsExactly(1, 2, 3);
    assertThat(new TitleRoom(problem).before(new int[] {0, 1, 2}, 1))
        .as("a chapter begins with the second")
        .containsExactly(0, 2, 3);
    assertThat(new TitleRoom(PlacingCases.row(4, 4)).before(new int[] {0, 1, 2, 3}, 0))
        .as("a full page stays")
        .containsExactly(0, 1, 2, 3);
    assertThat(new TitleRoom(problem.withLocked(Map.of(0, 0))).before(new int[] {0, 1, 2}, 0))
        .as("so does one with a locked picture")
        .containsExactly(0, 1, 2);
  }

  static IntStream seeds() {
    return IntStream.range(0, 200);
  }

  /** Checks the whole cost against {@link PlacingCases#cost}, which knows no pages. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void the_room_costs_no_more_than_the_rule_and_nobody_leaves_a_page_or_the_story(int seed) {
    Placing.Problem problem =
        PlacingCases.random(new Random(seed), 6, 9, false, Placing.Order.STORY);
    int[] placeOf = new StoryPlacing().place(problem).placeOf();
    TitleRoom room = new TitleRoom(problem);
    long most = Weights.weight(PlacingCases.RULES, HouseRule.TITLE_APART_WEIGHT);
    for (int first = 0; first < placeOf.length; first++) {
      if (placeOf[first] < 0) {
        continue;
      }
      int[] moved = room.before(placeOf, first);
      if (Arrays.equals(moved, placeOf)) {
        continue;
      }
      assertThat(PlacingCases.cost(problem, moved) - PlacingCases.cost(problem, placeOf))
          .isLessThanOrEqualTo(most);
      assertThat(Placement.photoAt(moved, problem.places().size())[moved[first] - 1]).isNegative();
      assertThat(PlacingCases.inStoryOrder(problem, moved)).isTrue();
      for (int photo = 0; photo < moved.length; photo++) {
        assertThat(pageOf(problem, moved[photo])).isEqualTo(pageOf(problem, placeOf[photo]));
      }
    }
  }

  private static int pageOf(Placing.Problem problem, int place) {
    return place < 0 ? -1 : problem.places().get(place).at().page();
  }
}
