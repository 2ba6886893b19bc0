package drumnest.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class BoxTest {

  private static Box box(long x, long y, long w, long h) {
    return Box.of(Length.ofInches(x), Length.ofInches(y), Size.ofInches(w, h));
  }

  @ParameterizedTest(name = "0 0 4 4 and {0} {1} {2} {3}: {4}")
  @CsvSource({
    "1, 1, 1, 1, true",
    "3, 3, 4, 4, true",
    "4, 0, 2, 2, false",
    "0, 4, 2, 2, false",
    "4, 4, 1, 1, false",
    "-2, 1, 2, 1, false",
    "-2, 1, 3, 1, true"
  })
  void boxes_that_only_touch_do_not_overlap(long x, long y, long w, long h, boolean overlaps) {
    assertThat(box(0, 0, 4, 4).overlaps(box(x, y, w, h))).isEqualTo(overlaps);
    assertThat(box(x, y, w, h).overlaps(box(0, 0, 4, 4))).isEqualTo(overlaps);
  }

  @Test
  void a_box_contains_what_lies_on_its_edge() {
    assertThat(box(0, 0, 4, 4).contains(box(0, 0, 4, 4))).isTrue();
    assertThat(box(0, 0, 4, 4).contains(box(3, 3, 1, 1))).isTrue();
    assertThat(box(0, 0, 4, 4).contains(box(3, 3, 2, 1))).isFalse();
    assertThat(box(0, 0, 4, 4).contains(box(-1, 0, 1, 1))).isFalse();
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(longs = {51, 52})
  void mirrored_twice_it_is_where_it_was(long seed) {
    Random random = new Random(seed);
    Length width = Length.ofInches(12);
    for (int i = 0; i < 200; i++) {
      Box box = box(random.nextInt(20) - 5, random.nextInt(9), random.nextInt(5), 1);
      assertThat(box.mirroredIn(width).mirroredIn(width)).isEqualTo(box);
      assertThat(box.mirroredIn(width).size()).isEqualTo(box.size());
    }
    assertThat(box(0, 0, 6, 4).mirroredIn(width)).isEqualTo(box(6, 0, 6, 4));
  }

  @Test
  void sizes_know_how_they_lie() {
    assertThat(Size.ofInches(6, 4).orientation()).isEqualTo(Orientation.WIDE);
    assertThat(Size.ofInches(6, 4).turned().orientation()).isEqualTo(Orientation.UPRIGHT);
    assertThat(Size.ofInches(4, 4).orientation()).isEqualTo(Orientation.SQUARE);
    assertThat(Size.ofInches(6, 4)).hasToString("6 × 4");
    assertThat(Size.ofInches(6, 4).turnedIf(false)).isEqualTo(Size.ofInches(6, 4));
  }

  @Test
  void a_mark_has_a_step_above_zero() {
    assertThatIllegalArgumentException().isThrownBy(() -> new Increment(Length.ZERO));
    Increment millimetre = new Increment(Length.ofMillimetres(1));
    assertThat(millimetre.below(Length.parse("1/16"))).isEqualTo(Length.ofMillimetres(1));
    assertThat(millimetre.above(Length.parse("-1/16"))).isEqualTo(Length.ofMillimetres(-1));
  }

  @Test
  void two_that_meet_over_the_middle_hide_it_and_one_alone_does_not() {
    Box wide = box(0, 0, 6, 4);
    List<Box> doors = wide.halves();
    assertThat(doors).containsExactly(box(0, 0, 3, 4), box(3, 0, 3, 4));
    assertThat(wide.isHiddenBy(doors)).isTrue();
    assertThat(wide.isHiddenBy(doors.subList(0, 1))).isFalse();
    assertThat(wide.isHiddenBy(List.of(box(1, 1, 4, 2)))).isTrue();
    assertThat(wide.isHiddenBy(List.of(box(0, 0, 3, 4), box(3, 0, 3, 1)))).isFalse();
    assertThat(wide.isHiddenBy(List.of())).isFalse();
    assertThat(box(0, 0, 4, 6).halves()).containsExactly(box(0, 0, 4, 3), box(0, 3, 4, 3));
  }

  /** By every quarter inch of the middle line. */
  @ParameterizedTest(name = "seed {0}")
  @ValueSource(longs = {71, 72, 73})
  void a_middle_is_hidden_where_each_of_its_points_is(long seed) {
    Random random = new Random(seed);
    for (int i = 0; i < 300; i++) {
      Box place = box(2, 2, 2 + random.nextInt(5), 2 + random.nextInt(5));
      List<Box> others =
          random
              .ints(1 + random.nextInt(4), 0, 8)
              .mapToObj(
                  x -> box(x, random.nextInt(8), 1 + random.nextInt(4), 1 + random.nextInt(4)))
              .toList();
      Segment line = place.middle();
      Length quarter = Length.parse("1/4");
      long points = line.length().toNanometres() / quarter.toNanometres();
      boolean all =
          LongStream.rangeClosed(0, points)
              .mapToObj(off -> line.from().plus(quarter.times(off)))
              .map(
                  along ->
                      line.level()
                          ? new Box(along, line.at(), Length.ZERO, Length.ZERO)
                          : new Box(line.at(), along, Length.ZERO, Length.ZERO))
              .allMatch(point -> others.stream().anyMatch(other -> other.contains(point)));
      assertThat(place.isHiddenBy(others)).isEqualTo(all);
    }
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(longs = {61, 62, 63})
  void what_is_left_of_a_box_and_what_was_taken_make_it_up(long seed) {
    Random random = new Random(seed);
    Box whole = box(2, 2, 6, 6);
    for (int i = 0; i < 200; i++) {
      Box cover =
          box(random.nextInt(9), random.nextInt(9), 1 + random.nextInt(6), 1 + random.nextInt(6));
      int cells = 0;
      for (Box part : whole.minus(cover)) {
        assertThat(whole.contains(part)).isTrue();
        assertThat(part.overlaps(cover)).isFalse();
        cells += (int) (part.w().toInches().longValue() * part.h().toInches().longValue());
      }
      int covered = 0;
      for (int x = 2; x < 8; x++) {
        for (int y = 2; y < 8; y++) {
          covered += cover.contains(box(x, y, 1, 1)) ? 1 : 0;
        }
      }
      assertThat(cells).isEqualTo(36 - covered);
    }
  }

  @Test
  void the_middle_of_a_box_is_a_segment_and_that_of_a_square_a_point() {
    assertThat(box(1, 1, 6, 2).middle())
        .isEqualTo(new Segment(true, Length.ofInches(2), Length.ofInches(2), Length.ofInches(6)));
    assertThat(box(1, 1, 2, 6).middle())
        .isEqualTo(new Segment(false, Length.ofInches(2), Length.ofInches(2), Length.ofInches(6)));
    Segment point = box(1, 1, 4, 4).middle();
    assertThat(point.length()).isEqualTo(Length.ZERO);
    assertThat(point.isIn(box(3, 3, 1, 1))).as("its edge is its own").isTrue();
    assertThat(point.isIn(box(4, 3, 1, 1))).isFalse();
    assertThat(new Box(Length.ZERO, Length.ZERO, Length.ZERO, Length.ZERO).middle().length())
        .isEqualTo(Length.ZERO);
  }

  @Test
  void what_is_inset_by_more_than_there_is_has_nothing_left_and_stays_in_the_middle() {
    assertThat(box(1, 1, 6, 4).inset(Length.ofInches(1))).isEqualTo(box(2, 2, 4, 2));
    assertThat(box(1, 1, 6, 4).inset(Length.ofInches(-1))).isEqualTo(box(0, 0, 8, 6));
    assertThat(box(1, 1, 6, 4).inset(Length.ofInches(2))).isEqualTo(box(3, 3, 2, 0));
    assertThat(box(1, 1, 6, 4).inset(Length.ofInches(5))).isEqualTo(box(4, 3, 0, 0));
    Length odd = Length.ofNanometres(3);
    Box tiny = new Box(Length.ZERO, Length.ZERO, odd, odd).inset(Length.ofInches(1));
    assertThat(tiny.w()).isEqualTo(Length.ZERO);
    assertThat(tiny.x().isMoreThan(odd)).isFalse();
  }

  @Test
  void a_segment_is_covered_by_boxes_that_meet_and_not_where_they_leave_a_gap() {
    Segment line = new Segment(true, Length.ofInches(2), Length.ofInches(1), Length.ofInches(7));
    assertThat(line.isCoveredBy(List.of(box(1, 1, 3, 2), box(4, 0, 3, 2)))).isTrue();
    assertThat(line.isCoveredBy(List.of(box(1, 1, 3, 2), box(5, 0, 3, 3)))).isFalse();
    assertThat(line.isCoveredBy(List.of(box(0, 3, 9, 1)))).as("beside it").isFalse();
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Segment(true, Length.ZERO, Length.ofInches(1), Length.ZERO));
  }
}
