package drumnest.core.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class VisibleStripsTest {

  private static final Length TUCK = Length.parse("1/4");

  private static Box box(double x, double y, double w, double h) {
    return new Box(sixteenths(x), sixteenths(y), sixteenths(w), sixteenths(h));
  }

  private static Length sixteenths(double inches) {
    return Length.ofInches(0, Math.round(inches * 16), 16);
  }

  @Test
  void a_sheet_with_nothing_on_it_is_needed_whole() {
    VisibleStrips visible = VisibleStrips.of(box(0, 0, 8, 10), List.of(), TUCK);
    assertThat(visible.shows()).containsExactly(box(0, 0, 8, 10));
    assertThat(visible.strips()).containsExactly(box(0, 0, 8, 10));
    assertThat(visible.saved()).isZero();
  }

  @Test
  void a_sheet_that_is_wholly_covered_is_not_needed() {
    VisibleStrips visible = VisibleStrips.of(box(0, 0, 8, 10), List.of(box(-1, -1, 12, 12)), TUCK);
    assertThat(visible.shows()).isEmpty();
    assertThat(visible.strips()).isEmpty();
    assertThat(visible.saved()).isEqualTo(1);
  }

  @Test
  void a_mat_whose_middle_is_covered_is_a_frame_of_four_strips() {
    VisibleStrips visible = VisibleStrips.of(box(0, 0, 8, 10), List.of(box(1, 1, 6, 8)), TUCK);
    assertThat(visible.shows()).hasSize(4);
    assertThat(visible.strips())
        .containsExactlyInAnyOrder(
            box(0, 0, 8, 1.25),
            box(0, 8.75, 8, 1.25),
            box(0, 1.25, 1.25, 7.5),
            box(6.75, 1.25, 1.25, 7.5));
    assertThat(visible.saved()).isCloseTo(5.5 * 7.5 / 80, within(1e-12));
  }

  @Test
  void a_band_over_the_sheet_leaves_two_strips_that_reach_under_it() {
    VisibleStrips visible = VisibleStrips.of(box(0, 0, 8, 10), List.of(box(-1, 4, 10, 3)), TUCK);
    assertThat(visible.shows()).containsExactlyInAnyOrder(box(0, 0, 8, 4), box(0, 7, 8, 3));
    assertThat(visible.strips())
        .containsExactlyInAnyOrder(box(0, 0, 8, 4.25), box(0, 6.75, 8, 3.25));
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(longs = {81, 82, 83, 84, 85, 86})
  void strips_cover_what_is_seen_and_the_tuck_around_it_and_nothing_else(long seed) {
    Random random = new Random(seed);
    for (int round = 0; round < 25; round++) {
      Box piece =
          box(random.nextInt(3), random.nextInt(3), 4 + random.nextInt(6), 4 + random.nextInt(6));
      List<Box> covers = new ArrayList<>();
      for (int i = random.nextInt(6); i > 0; i--) {
        covers.add(
            box(
                random.nextInt(160) / 16.0 - 1,
                random.nextInt(160) / 16.0 - 1,
                (1 + random.nextInt(90)) / 16.0,
                (1 + random.nextInt(90)) / 16.0));
      }
      VisibleStrips visible = VisibleStrips.of(piece, covers, TUCK);
      assertApart(visible.strips());
      assertApart(visible.shows());
      for (int probe = 0; probe < 150; probe++) {
        // Odd 32nds lie on no edge.
        Box point = pointIn(piece, random);
        boolean seen = covers.stream().noneMatch(point::overlaps);
        assertThat(visible.shows().stream().anyMatch(point::overlaps)).isEqualTo(seen);
        boolean needed = isNearSeen(point, piece, covers);
        assertThat(visible.strips().stream().anyMatch(point::overlaps))
            .as("%s on %s under %s", point, piece, covers)
            .isEqualTo(needed);
      }
    }
  }

  private static void assertApart(List<Box> boxes) {
    for (int i = 0; i < boxes.size(); i++) {
      for (int k = 0; k < i; k++) {
        assertThat(boxes.get(i).overlaps(boxes.get(k))).isFalse();
      }
    }
  }

  private static Box pointIn(Box piece, Random random) {
    int across = (int) (piece.w().toNanometres() / (2 * Length.NANOMETRES_PER_64TH));
    int down = (int) (piece.h().toNanometres() / (2 * Length.NANOMETRES_PER_64TH));
    Length step = Length.ofInches(0, 1, 32);
    return new Box(
        piece.x().plus(step.times(random.nextInt(across / 2) * 2L + 1)),
        piece.y().plus(step.times(random.nextInt(down / 2) * 2L + 1)),
        Length.ofNanometres(1),
        Length.ofNanometres(1));
  }

  /** Whether a place of the sheet within the tuck, across and down, is seen. */
  private static boolean isNearSeen(Box point, Box piece, List<Box> covers) {
    Length step = Length.ofInches(0, 1, 16);
    for (int i = -4; i <= 4; i++) {
      for (int k = -4; k <= 4; k++) {
        Box other =
            new Box(
                point.x().plus(step.times(i)), point.y().plus(step.times(k)), point.w(), point.h());
        if (piece.contains(other) && covers.stream().noneMatch(other::overlaps)) {
          return true;
        }
      }
    }
    return false;
  }
}
