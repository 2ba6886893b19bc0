package drumnest.core.photo;

import static drumnest.core.photo.Looks.RULES;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import drumnest.core.stock.HouseRule;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DetailMapTest {

  private static final Pixels PICTURE = new Pixels(3200, 1600);
  private static final PixelBox ALL = new PixelBox(0, 0, PICTURE.w(), PICTURE.h());

  /** A plain picture of 320 × 160 with a restless rectangle in it, in cells of 10 × 5. */
  private static DetailMap restless(int column, int row, int columns, int rows) {
    int w = 320;
    int[] grey = new int[w * 160];
    Arrays.fill(grey, 120);
    for (int y = row * 5; y < (row + rows) * 5; y++) {
      for (int x = column * 10; x < (column + columns) * 10; x++) {
        grey[y * w + x] = (x + y) % 2 == 0 ? 90 : 150;
      }
    }
    return DetailMap.of(grey, w);
  }

  @Test
  void detail_is_where_something_is() {
    DetailMap map = restless(8, 4, 6, 10);
    assertThat(map.at(10, 8)).isGreaterThan(100);
    assertThat(map.at(20, 8)).isZero();
    assertThat(DetailMap.ofBytes(map.toBytes())).isEqualTo(map);
    assertThat(DetailMap.of(new int[] {1, 2, 3, 4}, 2).mean()).isZero();
    assertThatThrownBy(() -> DetailMap.ofBytes(new byte[3]))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void the_proposed_keep_box_is_around_the_subject() {
    PixelBox box = Subject.propose(restless(8, 4, 6, 10), PICTURE, RULES).orElseThrow();
    assertThat(box.contains(new PixelBox(810, 210, 580, 480))).isTrue();
    assertThat(new PixelBox(700, 150, 800, 600).contains(box)).isTrue();
  }

  @Test
  void a_picture_in_which_nothing_or_everything_stands_out_has_no_proposal() {
    assertThat(Subject.propose(restless(0, 0, 0, 0), PICTURE, RULES)).isEmpty();
    assertThat(Subject.propose(restless(0, 0, 32, 32), PICTURE, RULES)).isEmpty();
  }

  @Test
  void the_quiet_area_is_the_largest_rectangle_beside_the_subject() {
    DetailMap map = restless(8, 0, 6, 32);
    assertThat(QuietArea.of(map, PICTURE, ALL, List.of(), RULES))
        .contains(new PixelBox(1400, 0, 1800, 1600));
    PixelBox keepRight = new PixelBox(1400, 0, 1800, 1600);
    assertThat(QuietArea.of(map, PICTURE, ALL, List.of(keepRight), RULES))
        .contains(new PixelBox(0, 0, 800, 1600));
    PixelBox right = new PixelBox(1600, 400, 1600, 800);
    assertThat(QuietArea.of(map, PICTURE, right, List.of(), RULES)).contains(right);
    DetailMap everywhere = restless(0, 0, 32, 32);
    assertThat(
            QuietArea.of(everywhere, PICTURE, ALL, List.of(), RULES.with(HouseRule.QUIET_BELOW, 0)))
        .isEmpty();
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
  void the_quiet_area_is_as_large_as_any_found_by_trying_all(int seed) {
    Random random = new Random(seed);
    byte[] cells = new byte[DetailMap.CELLS * DetailMap.CELLS];
    for (int i = 0; i < cells.length; i++) {
      cells[i] = (byte) (random.nextInt(12) == 0 ? 90 : 0);
    }
    DetailMap map = DetailMap.ofBytes(cells);
    int best = 0;
    for (int top = 0; top < 32; top++) {
      for (int left = 0; left < 32; left++) {
        int widest = 32 - left;
        for (int bottom = top; bottom < 32; bottom++) {
          int run = 0;
          while (run < widest && map.at(left + run, bottom) == 0) {
            run++;
          }
          widest = run;
          best = Math.max(best, widest * (bottom - top + 1));
        }
      }
    }
    PixelBox area =
        QuietArea.of(map, new Pixels(32, 32), new PixelBox(0, 0, 32, 32), List.of(), RULES)
            .orElseThrow();
    assertThat(area.w() * area.h()).isEqualTo(best);
    for (int y = area.y(); y < area.y() + area.h(); y++) {
      for (int x = area.x(); x < area.x() + area.w(); x++) {
        assertThat(map.at(x, y)).isZero();
      }
    }
  }

  @Test
  void cells_of_a_tiny_picture_are_pixels_inside_it() {
    Pixels one = new Pixels(1, 1);
    assertThat(DetailMap.pixels(one, 31, 31, 1, 1).isInside(one)).isTrue();
    assertThat(DetailMap.pixels(one, 0, 0, 32, 32)).isEqualTo(new PixelBox(0, 0, 1, 1));
  }

  @Test
  void light_is_dark_even_or_pale() {
    assertThat(Light.of(new int[] {10, 20, 30}).word(RULES)).isEqualTo(Light.Word.DARK);
    assertThat(Light.of(new int[] {110, 120, 130}).word(RULES)).isEqualTo(Light.Word.EVEN);
    assertThat(Light.of(new int[] {240, 250, 255}).word(RULES)).isEqualTo(Light.Word.PALE);
    assertThat(Light.of(new int[] {0, 255, 255, 120})).isEqualTo(new Light(157.5, 0.25, 0.5));
    assertThat(Light.of(new int[] {118, 118}).fault())
        .isLessThan(Light.of(new int[] {0, 236}).fault());
  }
}
