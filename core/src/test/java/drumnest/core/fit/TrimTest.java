package drumnest.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.measure.Increment;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRules;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TrimTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final Pixels PICTURE = new Pixels(6000, 4000);

  @Test
  void a_4_by_6_cut_to_a_4_by_4_loses_an_inch_above_and_below() {
    Trim trim =
        Trim.plan(Size.ofInches(4, 6), Size.ofInches(4, 4), new Pixels(4000, 6000), null, RULES);
    assertThat(trim.top()).isEqualTo(Length.ofInches(1));
    assertThat(trim.bottom()).isEqualTo(Length.ofInches(1));
    assertThat(trim.left()).isEqualTo(Length.ZERO);
    assertThat(trim.right()).isEqualTo(Length.ZERO);
  }

  @Test
  void what_must_stay_at_an_edge_keeps_that_edge_whole() {
    PixelBox atRight = new PixelBox(5500, 0, 500, 4000);
    Trim trim = Trim.plan(Size.ofInches(6, 4), Size.ofInches(3, 4), PICTURE, atRight, RULES);
    assertThat(trim.left()).isEqualTo(Length.ofInches(3));
    assertThat(trim.right()).isEqualTo(Length.ZERO);
    PixelBox atFoot = new PixelBox(0, 3900, 6000, 100);
    Trim sliver =
        Trim.plan(
            Size.ofInches(6, 4),
            new Size(Length.ofInches(6), Length.parse("3 7/8")),
            PICTURE,
            atFoot,
            RULES);
    assertThat(sliver.top()).isEqualTo(Length.parse("1/8"));
    assertThat(sliver.bottom()).isEqualTo(Length.ZERO);
  }

  @Test
  void a_print_that_fits_is_left_alone() {
    Trim trim = Trim.plan(Size.ofInches(6, 4), Size.ofInches(6, 4), PICTURE, null, RULES);
    assertThat(trim.isNeeded()).isFalse();
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(longs = {61, 62, 63})
  void what_comes_off_and_what_stays_make_the_print_and_the_first_cuts_are_on_a_mark(long seed) {
    Random random = new Random(seed);
    for (int i = 0; i < 400; i++) {
      Size to = new Size(sixteenths(random, 8, 90), sixteenths(random, 8, 90));
      Size from =
          new Size(to.w().plus(sixteenths(random, 0, 60)), to.h().plus(sixteenths(random, 0, 60)));
      int keepW = 1 + random.nextInt(PICTURE.w());
      int keepH = 1 + random.nextInt(PICTURE.h());
      PixelBox keep =
          new PixelBox(
              random.nextInt(PICTURE.w() - keepW + 1),
              random.nextInt(PICTURE.h() - keepH + 1),
              keepW,
              keepH);
      Trim trim = Trim.plan(from, to, PICTURE, random.nextBoolean() ? keep : null, RULES);
      assertThat(trim.left().plus(to.w()).plus(trim.right())).isEqualTo(from.w());
      assertThat(trim.top().plus(to.h()).plus(trim.bottom())).isEqualTo(from.h());
      for (Length off : new Length[] {trim.left(), trim.top(), trim.right(), trim.bottom()}) {
        assertThat(off.isNegative()).isFalse();
      }
      assertThat(Increment.SIXTEENTH.below(trim.left())).isEqualTo(trim.left());
      assertThat(Increment.SIXTEENTH.below(trim.top())).isEqualTo(trim.top());
    }
  }

  private static Length sixteenths(Random random, int from, int to) {
    return Length.ofInches(0, from + random.nextInt(to - from), 16);
  }
}
