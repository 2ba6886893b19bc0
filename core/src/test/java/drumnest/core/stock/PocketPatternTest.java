package drumnest.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PocketPatternTest {

  private static final Size PAGE = Size.ofInches(12, 12);

  private static Box box(long x, long y, long w, long h) {
    return Box.of(Length.ofInches(x), Length.ofInches(y), Size.ofInches(w, h));
  }

  @Test
  void pockets_are_kept_in_reading_order_however_they_are_given() {
    PocketPattern pattern =
        PocketPattern.ofBoxes(
            PAGE, List.of(box(6, 8, 6, 4), box(6, 0, 3, 4), box(0, 8, 6, 4), box(0, 0, 6, 4)));
    assertThat(pattern.pockets())
        .extracting(Pocket::box)
        .containsExactly(box(0, 0, 6, 4), box(6, 0, 3, 4), box(0, 8, 6, 4), box(6, 8, 6, 4));
  }

  @Test
  void a_pocket_that_leaves_the_page_or_lies_on_another_is_refused() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> PocketPattern.ofBoxes(PAGE, List.of(box(7, 0, 6, 4))))
        .withMessageContaining("leaves the page");
    assertThatIllegalArgumentException()
        .isThrownBy(() -> PocketPattern.ofBoxes(PAGE, List.of(box(0, 0, 6, 4), box(5, 3, 6, 4))))
        .withMessageContaining("overlap");
    assertThat(PocketPattern.ofBoxes(PAGE, List.of(box(0, 0, 6, 4), box(6, 0, 6, 4))).pockets())
        .hasSize(2);
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(longs = {41, 42, 43})
  void any_pattern_mirrored_twice_is_itself_and_its_pockets_stay_apart(long seed) {
    Random random = new Random(seed);
    for (int round = 0; round < 60; round++) {
      List<Box> pockets = new ArrayList<>();
      for (int tries = 0; tries < 30; tries++) {
        Box next =
            box(
                random.nextInt(10),
                random.nextInt(10),
                1 + random.nextInt(4),
                1 + random.nextInt(4));
        boolean fits =
            !next.right().isMoreThan(PAGE.w())
                && !next.bottom().isMoreThan(PAGE.h())
                && pockets.stream().noneMatch(next::overlaps);
        if (fits) {
          pockets.add(next);
        }
      }
      PocketPattern pattern = PocketPattern.ofBoxes(PAGE, pockets);
      PocketPattern back = pattern.mirrored();
      assertThat(back.mirrored()).isEqualTo(pattern);
      assertThat(back.pockets())
          .extracting(Pocket::named)
          .containsExactlyInAnyOrderElementsOf(
              pattern.pockets().stream().map(Pocket::named).toList());
      for (int i = 0; i < pockets.size(); i++) {
        Pocket behind = pattern.pockets().get(i).mirroredIn(PAGE.w());
        assertThat(pattern.otherSide(i)).isEqualTo(back.pockets().indexOf(behind));
        assertThat(pattern.frontOf(pattern.otherSide(i))).isEqualTo(i);
      }
    }
  }

  @Test
  void each_pocket_knows_the_one_behind_it() {
    PocketPattern pattern =
        PocketPattern.ofBoxes(PAGE, List.of(box(0, 0, 6, 4), box(6, 0, 3, 4), box(9, 0, 3, 4)));
    assertThat(pattern.otherSide(0)).isEqualTo(2);
    assertThat(pattern.otherSide(1)).isEqualTo(1);
    assertThat(pattern.otherSide(2)).isZero();
  }
}
