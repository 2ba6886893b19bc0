package drumnest.core.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SharpnessTest {

  private static final int SIDE = 48;

  /** Blocks of random grey, as a picture with edges. */
  private static int[] blocks(long seed) {
    Random random = new Random(seed);
    int[] grey = new int[SIDE * SIDE];
    int[] tones = random.ints(64, 0, 256).toArray();
    for (int i = 0; i < grey.length; i++) {
      grey[i] = tones[i / SIDE / 6 * 8 + i % SIDE / 6];
    }
    return grey;
  }

  /** Each value the mean of itself and its eight neighbours. */
  private static int[] blurred(int[] grey) {
    int[] soft = grey.clone();
    for (int y = 1; y < SIDE - 1; y++) {
      for (int x = 1; x < SIDE - 1; x++) {
        int sum = 0;
        for (int near = 0; near < 9; near++) {
          sum += grey[(y + near / 3 - 1) * SIDE + x + near % 3 - 1];
        }
        soft[y * SIDE + x] = sum / 9;
      }
    }
    return soft;
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(longs = {1, 2, 3, 4, 5})
  void each_blur_leaves_less(long seed) {
    int[] sharp = blocks(seed);
    int[] soft = blurred(sharp);
    int[] softer = blurred(blurred(soft));
    assertThat(Sharpness.of(sharp, SIDE)).isGreaterThan(Sharpness.of(soft, SIDE));
    assertThat(Sharpness.of(soft, SIDE)).isGreaterThan(Sharpness.of(softer, SIDE));
  }

  @Test
  void an_even_picture_and_an_even_slope_have_none() {
    int[] even = new int[SIDE * SIDE];
    Arrays.fill(even, 140);
    assertThat(Sharpness.of(even, SIDE)).isZero();
    int[] slope = new int[SIDE * SIDE];
    for (int i = 0; i < slope.length; i++) {
      slope[i] = 2 * (i % SIDE);
    }
    assertThat(Sharpness.of(slope, SIDE)).isZero();
  }

  /** One white dot in the middle of 3 × 3 bends once, so that there is nothing to deviate from. */
  @Test
  void of_a_single_value_there_is_no_deviation_and_below_three_there_is_no_value() {
    assertThat(Sharpness.of(new int[] {0, 0, 0, 0, 255, 0, 0, 0, 0}, 3)).isZero();
    assertThat(Sharpness.of(new int[] {0, 255, 0, 255}, 2)).isZero();
    assertThat(Sharpness.of(new int[] {0, 255, 0}, 3)).isZero();
  }

  /** Worked by hand: in 4 × 3 with one white value the two bends are −1020 and 255. */
  @Test
  void the_deviation_of_two_bends() {
    int[] grey = {0, 0, 0, 0, 0, 255, 0, 0, 0, 0, 0, 0};
    assertThat(Sharpness.of(grey, 4)).isCloseTo(637.5, within(1e-9));
  }
}
