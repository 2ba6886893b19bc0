package drumnest.core.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import drumnest.core.measure.Size;
import drumnest.core.photo.Quad.Corner;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class KnownSheetTest {

  private static final Size CARD = Size.ofInches(5, 3);

  /** Something flat on the table, in inches. */
  private static List<double[]> flat(double x, double y, double w, double h, double degrees) {
    double cos = Math.cos(Math.toRadians(degrees));
    double sin = Math.sin(Math.toRadians(degrees));
    List<double[]> corners = new ArrayList<>();
    for (double[] at : new double[][] {{0, 0}, {w, 0}, {w, h}, {0, h}}) {
      corners.add(new double[] {x + at[0] * cos - at[1] * sin, y + at[0] * sin + at[1] * cos});
    }
    return corners;
  }

  /**
   * Tells what a camera sees of it: one that leans over the table by an angle and hangs over it by
   * a height. Source: the pinhole camera, by hand.
   */
  private static Quad seen(List<double[]> corners, double leaning, double height) {
    double cos = Math.cos(Math.toRadians(leaning));
    double sin = Math.sin(Math.toRadians(leaning));
    List<Corner> seen = new ArrayList<>();
    for (double[] at : corners) {
      double away = height + at[1] * sin;
      seen.add(new Corner(1500 + 2000 * at[0] / away, 1000 + 2000 * at[1] * cos / away));
    }
    return new Quad(seen.get(0), seen.get(1), seen.get(2), seen.get(3));
  }

  private static void assertSize(Size found, double w, double h) {
    assertThat((double) found.w().toNanometres()).isCloseTo(w * 25_400_000, within(25.4));
    assertThat((double) found.h().toNanometres()).isCloseTo(h * 25_400_000, within(25.4));
  }

  @Test
  void seen_from_straight_above_it_is_a_rule_of_three() {
    Quad card = seen(flat(0, 0, 5, 3, 0), 0, 20);
    Quad print = seen(flat(-4, -3, 3.5, 5, 0), 0, 20);
    assertSize(new KnownSheet(card, CARD).measure(print), 3.5, 5);
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
  void however_the_camera_leans_and_the_sheets_lie(long seed) {
    Random random = new Random(seed);
    double leaning = random.nextDouble() * 40;
    double height = 15 + random.nextDouble() * 10;
    Quad card = seen(flat(1, 1, 5, 3, random.nextDouble() * 30 - 15), leaning, height);
    double w = 2 + random.nextDouble() * 4;
    double h = 2 + random.nextDouble() * 4;
    Quad print = seen(flat(-6, -4, w, h, random.nextDouble() * 30 - 15), leaning, height);
    assertSize(new KnownSheet(card, CARD).measure(print), w, h);
  }

  @Test
  void corners_in_any_order_go_round_from_the_top_left() {
    Quad quad =
        new Quad(new Corner(10, 20), new Corner(110, 25), new Corner(105, 95), new Corner(5, 90));
    for (int i = 0; i < 24; i++) {
      List<Corner> any = new ArrayList<>(quad.corners());
      Collections.shuffle(any, new Random(i));
      assertThat(Quad.of(any)).isEqualTo(quad);
    }
    assertThat(quad.isConvex()).isTrue();
    assertThat(quad.area()).isCloseTo(7025, within(1e-9));
    assertThat(quad.isInside(new Pixels(110, 95))).isTrue();
    assertThat(quad.isInside(new Pixels(109, 95))).isFalse();
  }

  @Test
  void corners_that_cross_are_no_sheet() {
    Quad crossed =
        new Quad(new Corner(0, 0), new Corner(100, 100), new Corner(100, 0), new Corner(0, 100));
    assertThat(crossed.isConvex()).isFalse();
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new KnownSheet(crossed, CARD))
        .withMessage("The corners of a sheet go round it.");
  }
}
