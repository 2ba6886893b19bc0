package drumnest.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Length;
import drumnest.core.measure.Orientation;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.LeafType;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class ReasonTest {

  private static final Candidate WIDE = PlacingCases.photo("wide", 6000, 4000);
  private static final Candidate TALL = PlacingCases.photo("tall", 3000, 4000);
  private static final Candidate HERO =
      PlacingCases.photo("hero", 6000, 4000, Candidate.PlacementHints.HERO);

  /** A wide place, an upright one, and two wide ones. */
  private static Placing.Problem problem(
      Placing.Order order, Map<Integer, Integer> locked, Candidate... photos) {
    return new Placing.Problem(
        List.of(photos),
        List.of(
            PlacingCases.place("1", 6, 4),
            PlacingCases.place("2", 3, 4),
            PlacingCases.place("3", 6, 4),
            PlacingCases.place("4", 6, 4)),
        locked,
        order,
        PlacingCases.WEIGHTS,
        PlacingCases.RULES);
  }

  private static List<Reason> reasons(Placing.Problem problem, Placement now, int place) {
    return Reason.of(problem, Map.of(), now, place);
  }

  @Test
  void the_story_says_between_whom_it_is_over_places_that_are_free() {
    Placing.Problem problem = problem(Placing.Order.STORY, Map.of(), WIDE, TALL, WIDE);
    Placement now = Placement.of(0, 1, 3);
    assertThat(reasons(problem, now, 0)).containsExactly(new Reason.Opens(), new Reason.OwnShape());
    assertThat(reasons(problem, now, 1))
        .containsExactly(new Reason.Between(0, 2), new Reason.OwnShape());
    assertThat(reasons(problem, now, 3))
        .containsExactly(new Reason.After(1), new Reason.OwnShape());
  }

  @Test
  void alone_on_its_spread_it_neither_opens_nor_follows() {
    Placing.Problem problem = problem(Placing.Order.STORY, Map.of(), TALL);
    assertThat(reasons(problem, Placement.of(0), 0)).isEmpty();
  }

  @Test
  void in_another_order_the_story_is_no_reason() {
    Placing.Problem problem = problem(Placing.Order.FREE, Map.of(), WIDE, HERO);
    assertThat(reasons(problem, Placement.of(0, 2), 2))
        .containsExactly(new Reason.Hero(), new Reason.OwnShape());
  }

  @Test
  void what_is_fixed_says_so_before_what_was_put_by_hand() {
    Placing.Problem problem = problem(Placing.Order.FREE, Map.of(0, 0), TALL, TALL);
    Map<Integer, Integer> byHand = Map.of(0, 0, 2, 1);
    assertThat(Reason.of(problem, byHand, Placement.of(0, 2), 0))
        .containsExactly(new Reason.Fixed());
    assertThat(Reason.of(problem, byHand, Placement.of(0, 2), 2))
        .containsExactly(new Reason.PutByHand());
  }

  @Test
  void shapes_with_too_few_places_are_counted_where_there_is_room_for_all() {
    assertThat(ShapeShortage.of(problem(Placing.Order.STORY, Map.of(), TALL, WIDE, TALL)))
        .containsExactly(new ShapeShortage(Orientation.UPRIGHT, 2, 1));
    assertThat(ShapeShortage.of(problem(Placing.Order.STORY, Map.of(), WIDE, WIDE, TALL)))
        .isEmpty();
    assertThat(
            ShapeShortage.of(problem(Placing.Order.STORY, Map.of(), TALL, TALL, TALL, TALL, TALL)))
        .as("with too few places at all that is said elsewhere")
        .isEmpty();
  }

  private static PlacingTask task(Candidate... photos) {
    LeafType type = (LeafType) Catalogue.beginning().get(Catalogue.ONE_WIDE_TEN_SMALL).item();
    List<Slot> slots =
        new Leaf(1, 1, type, false, Length.ZERO, PagePlan.EMPTY, PagePlan.EMPTY)
            .slots(Side.FRONT, 0);
    List<Place> places =
        slots.stream().map(slot -> new Place(slot.id(), slot.takes(), false, false)).toList();
    return new PlacingTask(
        slots,
        new Placing.Problem(
            List.of(photos),
            places,
            Map.of(),
            Placing.Order.STORY,
            PlacingCases.WEIGHTS,
            PlacingCases.RULES),
        Map.of(),
        Map.of());
  }

  private static PlacingCost.Part wrong(PlacingCost.Term term) {
    return new PlacingCost.Part(term, PlacingCost.ONE);
  }

  @Test
  void a_wide_one_in_an_upright_place_swaps_with_an_upright_one_in_a_wide_place() {
    // The first place is the wide one.
    PlacingTask task = task(TALL, WIDE);
    assertThat(
            Suggestion.of(task, Placement.of(0, 3), 3, List.of(wrong(PlacingCost.Term.WRONG_WAY))))
        .contains(new Suggestion.SwapShapes(0, 0));
    assertThat(
            Suggestion.of(
                task(WIDE, WIDE),
                Placement.of(0, 3),
                3,
                List.of(wrong(PlacingCost.Term.WRONG_WAY))))
        .as("the wide place has a wide one already")
        .isEmpty();
  }

  @Test
  void for_words_the_smallest_neighbour_makes_way() {
    PlacingTask task = task(WIDE, TALL, TALL);
    Slot wide = task.slots().get(0);
    int beside =
        IntStream.range(1, task.slots().size())
            .filter(at -> wide.touches(task.slots().get(at)))
            .findFirst()
            .orElseThrow();
    assertThat(
            Suggestion.of(
                task,
                Placement.of(0, beside, -1),
                0,
                List.of(wrong(PlacingCost.Term.CAPTION_APART))))
        .contains(new Suggestion.WordsInstead(1, beside));
    assertThat(Suggestion.of(task, Placement.of(0, beside, -1), 0, List.of())).isEmpty();
  }
}
