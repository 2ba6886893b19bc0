package drumnest.core.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
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
    assertThat(of(sharp)).isGreaterThan(of(soft));
    assertThat(of(soft)).isGreaterThan(of(softer));
  }

  @Test
  void an_even_picture_and_an_even_slope_have_none() {
    int[] even = new int[SIDE * SIDE];
    Arrays.fill(even, 140);
    assertThat(of(even)).isZero();
    int[] slope = new int[SIDE * SIDE];
    for (int i = 0; i < slope.length; i++) {
      slope[i] = 2 * (i % SIDE);
    }
    assertThat(of(slope)).isZero();
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(longs = {1, 2, 3, 4, 5})
  void fog_and_night_are_as_sharp_as_their_edges(long seed) {
    int[] sharp = blocks(seed);
    int[] fog = Arrays.stream(sharp).map(value -> 150 + value / 5).toArray();
    int[] night = Arrays.stream(sharp).map(value -> value / 6).toArray();
    assertThat(of(fog)).isCloseTo(of(sharp), within(6.0));
    assertThat(of(night)).isCloseTo(of(sharp), within(6.0));
  }

  @Test
  void it_is_judged_at_the_faces() {
    int[] picture = blocks(7);
    int[] soft = blurred(blurred(blurred(blurred(picture))));
    int[] softLeft = picture.clone();
    for (int y = 0; y < SIDE; y++) {
      System.arraycopy(soft, y * SIDE, softLeft, y * SIDE, SIDE / 2);
    }
    PixelBox left = new PixelBox(0, 0, 24, 48);
    PixelBox right = new PixelBox(24, 0, 24, 48);
    double atLeft = Sharpness.of(softLeft, SIDE, List.of(left));
    double atRight = Sharpness.of(softLeft, SIDE, List.of(right));
    assertThat(atLeft).isLessThan(atRight - 20);
    assertThat(of(softLeft)).as("without faces").isGreaterThan(atLeft + 20);
  }

  /** Worked by hand: one pair in a row differs by 90, and once more blurred by a ninth of that. */
  @Test
  void a_step_keeps_eight_ninths() {
    int w = 40;
    int[] grey = new int[w * 8];
    for (int i = 0; i < grey.length; i++) {
      grey[i] = i % w < 22 ? 0 : 90;
    }
    assertThat(Sharpness.of(grey, w, List.of())).isCloseTo(100 * 8 / 9.0, within(1e-9));
  }

  private static double of(int[] grey) {
    return Sharpness.of(grey, SIDE, List.of());
  }
}
