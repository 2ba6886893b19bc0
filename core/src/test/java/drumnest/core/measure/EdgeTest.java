package drumnest.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EdgeTest {

  private static final Box BOX =
      new Box(Length.ofInches(2), Length.ofInches(3), Length.ofInches(4), Length.ofInches(6));

  @ParameterizedTest
  @CsvSource({"TOP, 1", "TOP, 4", "BOTTOM, 12", "LEFT, 0", "LEFT, 5", "RIGHT, 3", "RIGHT, 9"})
  void one_edge_moves_and_the_others_stay(Edge edge, long to) {
    Box moved = edge.moved(BOX, Length.ofInches(to));
    for (Edge each : Edge.values()) {
      assertThat(each.of(moved)).isEqualTo(each == edge ? Length.ofInches(to) : each.of(BOX));
    }
  }

  @ParameterizedTest
  @CsvSource({"TOP", "BOTTOM", "LEFT", "RIGHT"})
  void mirrored_twice_it_is_itself_and_what_lies_beyond_is_what_lies_along_mirrored(Edge edge) {
    Box other = new Box(Length.ofInches(7), Length.ZERO, Length.ofInches(1), Length.ofInches(2));
    assertThat(edge.mirrored(edge.mirrored(other, BOX), BOX)).isEqualTo(other);
    Box beyond = edge.beyond(BOX, Length.ofInches(1));
    assertThat(edge.opposite().of(beyond)).isEqualTo(edge.of(BOX));
    assertThat(beyond.overlaps(BOX)).isFalse();
  }
}
