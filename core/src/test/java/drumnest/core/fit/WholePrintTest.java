package drumnest.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.Focus;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import org.junit.jupiter.api.Test;

class WholePrintTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final Pixels WIDE = new Pixels(6000, 4000);
  private static final Size UPRIGHT = Size.ofInches(3, 4);

  @Test
  void it_is_as_large_as_the_edge_of_the_card_allows() {
    assertThat(
            WholePrint.of(WIDE, Size.ofInches(4, 4), Outline.STRAIGHT, false, RULES)
                .map(CropWindow::print))
        .contains(new Size(Length.parse("3 1/2"), Length.parse("3 1/2").times(2, 3)));
    assertThat(WholePrint.of(WIDE, UPRIGHT, Outline.STRAIGHT, true, RULES).map(CropWindow::print))
        .contains(new Size(Length.parse("3 1/2").times(2, 3), Length.parse("3 1/2")));
    HouseRules edge = RULES.with(HouseRule.WHOLE_EDGE, Length.parse("1 1/2"));
    assertThat(WholePrint.of(WIDE, UPRIGHT, Outline.STRAIGHT, false, edge)).isEmpty();
  }

  /** A square in a circle of 3 1/2 has that as its diagonal (Euclid, Elements, book 4, 6). */
  @Test
  void on_a_round_card_its_corners_lie_on_the_circle_inside_the_edge() {
    Size print =
        WholePrint.of(new Pixels(900, 900), Size.ofInches(4, 4), Outline.OVAL, false, RULES)
            .orElseThrow()
            .print();
    assertThat(print.w()).isEqualTo(print.h());
    assertThat(print.w().toInches().doubleValue()).isCloseTo(3.5 / Math.sqrt(2), within(1e-6));
  }

  @Test
  void all_of_the_picture_is_seen_on_a_card_that_fills_the_opening() {
    PixelBox everything = new PixelBox(0, 0, 6000, 4000);
    PrintInPocket seat =
        PrintInPocket.of(
            WIDE,
            everything,
            Focus.NONE,
            null,
            UPRIGHT,
            Outline.STRAIGHT,
            Opening.asUsual(UPRIGHT, RULES),
            false,
            true,
            RULES);
    assertThat(seat.whole()).isTrue();
    assertThat(seat.cutsKeepBox()).isFalse();
    assertThat(seat.crop().crop()).isEqualTo(everything);
    assertThat(seat.trim().isNeeded()).isFalse();
    // The opening of 3 1/16 × 4 1/16 less the clearance of 1/16.
    assertThat(seat.fit().backing()).isEqualTo(UPRIGHT);
  }

  @Test
  void a_print_on_the_table_is_never_made_smaller() {
    PrintInPocket seat =
        PrintInPocket.of(
            WIDE,
            null,
            Focus.NONE,
            UPRIGHT,
            UPRIGHT,
            Outline.STRAIGHT,
            Opening.asUsual(UPRIGHT, RULES),
            false,
            true,
            RULES);
    assertThat(seat.whole()).isFalse();
    assertThat(seat.print()).isEqualTo(UPRIGHT);
  }
}
