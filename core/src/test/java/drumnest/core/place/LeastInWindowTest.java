package drumnest.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class LeastInWindowTest {

  private static final int VALUES = 40;

  static IntStream seeds() {
    return IntStream.range(0, 50);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void tells_the_least_of_what_is_in_the_window(int seed) {
    Random random = new Random(seed);
    long[] values = random.longs(VALUES, 0, 15).toArray();
    LeastInWindow window = new LeastInWindow(VALUES);
    int from = VALUES;
    int upTo = VALUES - 1;
    while (from > 0 || upTo > 0) {
      for (int more = random.nextInt(4); more > 0 && from > 0; more--) {
        from--;
        window.add(from, values[from]);
      }
      upTo = Math.max(0, upTo - random.nextInt(4));
      long least =
          IntStream.rangeClosed(from, upTo)
              .mapToLong(place -> values[place])
              .min()
              .orElse(PlacingCost.FORBIDDEN);
      assertThat(window.upTo(upTo)).as("from %d to %d", from, upTo).isEqualTo(least);
    }
  }
}
