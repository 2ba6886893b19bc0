package drumnest.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class GapFillingTest {

  private static Placing.Problem album(int photos, int places, Map<Integer, Integer> placed) {
    return PlacingCases.problem(
        IntStream.range(0, photos).mapToObj(i -> PlacingCases.photo("p" + i, 6000, 4000)).toList(),
        IntStream.range(0, places).mapToObj(i -> PlacingCases.place("s" + i, 6, 4)).toList(),
        placed);
  }

  @Test
  void an_empty_album_takes_the_first_of_the_story() {
    assertThat(GapFilling.of(album(40, 3, Map.of()))).isEqualTo(Map.of(0, "p0", 1, "p1", 2, "p2"));
  }

  @Test
  void a_gap_takes_only_what_the_story_has_there() {
    // p0, a gap, p4, two gaps: p1 to p3 and p5 to p8 wait.
    assertThat(GapFilling.of(album(9, 5, Map.of(0, 0, 2, 4))))
        .isEqualTo(Map.of(1, "p1", 3, "p5", 4, "p6"));
  }

  @Test
  void a_full_album_takes_none_and_nothing_that_is_placed_moves() {
    assertThat(GapFilling.of(album(5, 2, Map.of(0, 3, 1, 0)))).isEmpty();
  }
}
