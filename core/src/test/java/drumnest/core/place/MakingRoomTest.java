package drumnest.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.Focus;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRule;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class MakingRoomTest {

  private static final MakingRoom.Means MEANS =
      new MakingRoom.Means(
          List.of(
              new MakingRoom.Sleeve("3x4", Size.ofInches(3, 4)),
              new MakingRoom.Sleeve("4x6", Size.ofInches(4, 6))),
          List.of(new MakingRoom.Inset("6x8", List.of(PlacingCases.place("i", 3, 4)))));

  private static Candidate kept(String id, int w, int h, String lookalike) {
    return new Candidate(
        id,
        new Pixels(w, h),
        null,
        Focus.NONE,
        3,
        lookalike,
        null,
        null,
        Candidate.PlacementHints.PLAIN,
        null);
  }

  private static Placing.Problem problem(List<Candidate> photos, List<Place> places) {
    return new Placing.Problem(
        photos, places, Map.of(), Placing.Order.STORY, PlacingCases.WEIGHTS, PlacingCases.RULES);
  }

  private static Optional<MakingRoom.Option> way(
      Placing.Problem problem, int photo, MakingRoom.Way way) {
    Placement now = new StoryPlacing().place(problem).placement();
    assertThat(now.isPlaced(photo)).isFalse();
    return MakingRoom.of(problem, now, photo, MEANS).stream()
        .filter(option -> option.way() == way)
        .findFirst();
  }

  @Test
  void a_wide_one_left_over_goes_into_a_wide_sleeve_over_the_picture_before_it() {
    Placing.Problem problem =
        problem(
            List.of(kept("a", 6000, 4000, null), PlacingCases.photo("b", 6000, 4000)),
            List.of(PlacingCases.place("1", 6, 4)));
    MakingRoom.Option sleeve = way(problem, 1, MakingRoom.Way.SLEEVE).orElseThrow();
    assertThat(sleeve.key()).isEqualTo("4x6");
    assertThat(sleeve.print()).isEqualTo(Size.ofInches(6, 4));
    assertThat(sleeve.place()).isZero();
    assertThat(sleeve.other()).isZero();
    assertThat(sleeve.more()).isNegative();
  }

  @Test
  void a_repeat_that_is_placed_can_be_dropped_for_it() {
    Placing.Problem problem =
        problem(
            List.of(
                kept("a", 6000, 4000, "g"),
                kept("again", 6000, 4000, "g"),
                kept("c", 900, 600, null)),
            List.of(
                PlacingCases.place("1", 6, 4),
                new Place(
                    "2",
                    Size.ofInches(6, 4),
                    false,
                    false,
                    new Place.At(1, 2, 0.5, false, false, false))));
    assertThat(way(problem, 2, MakingRoom.Way.DROP_REPEAT))
        .as("it does not show the same as either")
        .isEmpty();
    Placing.Problem again =
        problem(
            List.of(kept("a", 6000, 4000, "g"), kept("again", 900, 600, "g")),
            List.of(PlacingCases.place("1", 6, 4)));
    MakingRoom.Option drop = way(again, 1, MakingRoom.Way.DROP_REPEAT).orElseThrow();
    assertThat(drop.other()).isZero();
    assertThat(drop.place()).isZero();
  }

  @Test
  void two_uprights_share_the_place_of_a_wide_one() {
    Placing.Problem problem =
        problem(
            List.of(
                kept("wide", 900, 600, null),
                kept("u1", 3000, 4000, null),
                kept("u2", 3000, 4000, null)),
            List.of(new Place("1", Size.ofInches(6, 4), false, false)));
    Placement now = Placement.of(0, -1, -1);
    MakingRoom.Option share =
        MakingRoom.of(problem, now, 1, MEANS).stream()
            .filter(option -> option.way() == MakingRoom.Way.SHARE)
            .findFirst()
            .orElseThrow();
    assertThat(share.print()).isEqualTo(Size.ofInches(3, 4));
    assertThat(share.other()).isEqualTo(2);
  }

  /** A 5×7 place holds two 3×4 but not two 4×4 (handbook, what makes a double page look right). */
  @Test
  void half_a_five_by_seven_takes_a_three_by_four_and_no_four_by_four() {
    Size half = Size.ofInches(7, 5).half();
    assertThat(half).isEqualTo(new Size(Length.parse("3 1/2"), Length.parse("5")));
    assertThat(Size.ofInches(6, 4).half()).isEqualTo(Size.ofInches(3, 4));
    assertThat(half.w().isMoreThan(Length.ofInches(3))).isTrue();
    assertThat(half.w().isMoreThan(Length.ofInches(4))).isFalse();
  }

  static IntStream seeds() {
    return IntStream.range(5000, 5060);
  }

  private static int taken;
  private static int secondChoices;

  /** So that no seed after the other passes with nothing looked at. */
  @AfterAll
  static void much_was_compared() {
    assertThat(taken).isGreaterThan(30);
    assertThat(secondChoices).isGreaterThan(30);
  }

  private static Placing.Problem closedTo(Placing.Problem problem, int photo, int place) {
    Map<Integer, Set<Integer>> closed = new HashMap<>(problem.closed());
    Set<Integer> places = new HashSet<>(closed.getOrDefault(photo, Set.of()));
    places.add(place);
    closed.put(photo, places);
    return problem.withClosed(closed);
  }

  /** Every place that it could take is worked out as holding it there would cost. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void what_taking_a_place_costs_is_the_best_with_it_held_there(int seed) {
    Placing.Problem problem =
        PlacingCases.random(new Random(seed), 6, 4, false, Placing.Order.STORY);
    Placing.Arrangement now = new StoryPlacing().place(problem);
    for (int photo = 0; photo < problem.candidates().size(); photo++) {
      if (!now.placement().isPlaced(photo)) {
        int held = photo;
        MakingRoom.of(problem, now.placement(), photo, MEANS).stream()
            .filter(option -> option.way() == MakingRoom.Way.TAKE)
            .forEach(
                option -> {
                  assertThat(now.cost() + option.more())
                      .isEqualTo(
                          PlacingCases.cheapest(
                              problem.withLocked(Map.of(option.place(), held)), true));
                  taken++;
                });
      }
    }
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void the_next_best_place_is_where_it_goes_when_its_own_is_closed(int seed) {
    Placing.Problem problem =
        PlacingCases.random(new Random(seed), 5, 4, seed % 2 == 0, Placing.Order.STORY);
    Placing.Arrangement now = new StoryPlacing().place(problem);
    for (int photo = 0; photo < problem.candidates().size(); photo++) {
      if (now.placement().isPlaced(photo) && !problem.locked().containsValue(photo)) {
        NextBest next = NextBest.of(problem, now.placement(), photo);
        assertThat(next.place()).isNotEqualTo(now.placement().placeOf(photo));
        assertThat(now.cost() + next.more())
            .isEqualTo(
                PlacingCases.cheapest(
                    closedTo(problem, photo, now.placement().placeOf(photo)), true));
        secondChoices++;
      }
    }
  }

  @Test
  void sleeves_are_counted_by_what_suits_each_picture() {
    assertThat(
            SleevesFor.count(
                List.of(
                    kept("w", 6000, 4000, null),
                    kept("u", 3000, 4000, null),
                    kept("x", 4000, 6000, null)),
                MEANS.sleeves(),
                PlacingCases.RULES))
        .isEqualTo(Map.of("4x6", 2, "3x4", 1));
  }

  /** An inset costs its place's own fit and the weight of a leaf, and saves leaving one out. */
  @Test
  void an_inset_weighs_as_much_as_a_leaf() {
    Placing.Problem problem =
        problem(
            List.of(kept("a", 6000, 4000, null), kept("b", 3000, 4000, null)),
            List.of(PlacingCases.place("1", 6, 4)));
    MakingRoom.Option inset = way(problem, 1, MakingRoom.Way.INSET).orElseThrow();
    long leaf = Weights.weight(problem.rules(), HouseRule.LEAF_WEIGHT);
    Placing.Problem alone =
        problem(List.of(kept("b", 3000, 4000, null)), List.of(PlacingCases.place("i", 3, 4)));
    long inItsPlace = CostBreakdown.of(alone, new int[] {0}).total();
    long leftOut = CostBreakdown.of(alone, new int[] {-1}).total();
    assertThat(leaf).isPositive();
    assertThat(inset.more()).isEqualTo(inItsPlace + leaf - leftOut);
  }

  /** Told by the whole before and after: the place of one print holds two, and both are placed. */
  @Test
  void sharing_saves_what_leaving_both_out_and_the_picture_of_the_place_cost() {
    Placing.Problem problem =
        problem(
            List.of(
                kept("wide", 900, 600, null),
                kept("u1", 3000, 4000, null),
                kept("u2", 3000, 4000, null)),
            List.of(new Place("1", Size.ofInches(6, 4), false, false)));
    MakingRoom.Option share =
        MakingRoom.of(problem, Placement.of(0, -1, -1), 1, MEANS).stream()
            .filter(option -> option.way() == MakingRoom.Way.SHARE)
            .findFirst()
            .orElseThrow();
    long before = CostBreakdown.of(problem, Placement.of(0, -1, -1)).total();
    Placing.Problem halves =
        problem(
            problem.candidates(),
            List.of(
                new Place("1", Size.ofInches(3, 4), false, false),
                new Place("2", Size.ofInches(3, 4), false, false)));
    long after = CostBreakdown.of(halves, new int[] {-1, 0, 1}).total();
    assertThat(share.more()).isEqualTo(after - before);
  }
}
