package drumnest.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.measure.Size;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class NextRunTest {

  private static Candidate photo(String id) {
    return new Candidate(id, new Pixels(3000, 2000), null, false, null, null);
  }

  private static Placing.Problem problem(int photos, int places, Map<Integer, Integer> locked) {
    List<Place> slots =
        IntStream.range(0, places)
            .mapToObj(i -> new Place("s" + i, Size.ofInches(6, 4), false, false))
            .toList();
    return new Placing.Problem(
        IntStream.range(0, photos).mapToObj(i -> photo("p" + i)).toList(),
        slots,
        locked,
        Placing.Order.STORY,
        Weights.OF_THE_SUM,
        HouseRules.defaults());
  }

  private static Set<String> names(int from, int to) {
    return Set.copyOf(IntStream.range(from, to).mapToObj(i -> "p" + i).toList());
  }

  @Test
  void six_places_take_the_first_six_of_forty() {
    assertThat(NextRun.after(problem(40, 6, Map.of()))).isEqualTo(names(6, 40));
  }

  @Test
  void all_go_where_there_is_room_for_all() {
    assertThat(NextRun.after(problem(6, 6, Map.of()))).isEmpty();
    assertThat(NextRun.after(problem(0, 6, Map.of()))).isEmpty();
  }

  @Test
  void a_locked_picture_takes_its_room_and_stays_whatever_the_run() {
    // The last of all is locked in the second place: the story can then only end before it.
    Set<String> after = NextRun.after(problem(10, 4, Map.of(3, 9)));
    assertThat(after).isEqualTo(names(3, 9));
  }

  static IntStream seeds() {
    return IntStream.range(0, 150);
  }

  /** By trying every length. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void it_is_the_longest_that_has_room(int seed) {
    Placing.Problem problem =
        PlacingCases.random(new Random(seed), 6, 5, seed % 2 == 0, Placing.Order.STORY);
    Set<String> after = NextRun.after(problem);
    PlacingCost cost = new PlacingCost(problem);
    List<List<Integer>> moments = cost.moments().open(problem.locked().values());
    int longest = 0;
    for (int length = 1; length <= moments.size(); length++) {
      if (allPlaced(problem, moments, length)) {
        longest = length;
      }
    }
    List<String> expected = new ArrayList<>();
    moments
        .subList(longest, moments.size())
        .forEach(moment -> moment.forEach(i -> expected.add(problem.candidates().get(i).id())));
    assertThat(after).containsExactlyInAnyOrderElementsOf(expected);
  }

  private static boolean allPlaced(
      Placing.Problem problem, List<List<Integer>> moments, int length) {
    PlacingCost cost = new PlacingCost(problem);
    int most =
        moments.stream()
            .flatMap(List::stream)
            .mapToInt(i -> problem.candidates().get(i).wanted())
            .max()
            .orElse(0);
    Map<Integer, Set<Integer>> closed = new HashMap<>(problem.closed());
    Set<Integer> everywhere =
        Set.copyOf(IntStream.range(0, problem.places().size()).boxed().toList());
    moments
        .subList(length, moments.size())
        .forEach(moment -> moment.forEach(i -> closed.put(i, everywhere)));
    int[] placeOf = new StoryPlacing().place(problem.withClosed(closed)).placeOf();
    return moments.subList(0, length).stream()
        .filter(
            moment ->
                moment.stream()
                    .filter(i -> problem.candidates().get(i).wanted() == most)
                    .anyMatch(
                        i ->
                            IntStream.range(0, problem.places().size())
                                .anyMatch(
                                    place ->
                                        !problem.locked().containsKey(place)
                                            && cost.of(i, place) < PlacingCost.FORBIDDEN)))
        .allMatch(moment -> moment.stream().anyMatch(i -> placeOf[i] >= 0));
  }
}
