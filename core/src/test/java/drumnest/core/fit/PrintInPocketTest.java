package drumnest.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.Focus;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRules;
import org.junit.jupiter.api.Test;

class PrintInPocketTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final Size SMALL = Size.ofInches(3, 4);
  private static final Pixels WIDE_FILE = new Pixels(6000, 4000);

  private static Size size(String w, String h) {
    return new Size(Length.parse(w), Length.parse(h));
  }

  private static PrintInPocket seat(PixelBox keep, Size onTable, Opening opening, boolean turned) {
    return PrintInPocket.of(
        WIDE_FILE,
        keep,
        Focus.NONE,
        onTable,
        SMALL,
        Outline.STRAIGHT,
        opening,
        turned,
        false,
        RULES);
  }

  @Test
  void a_pocket_that_nobody_measured_is_a_16th_wider_and_higher_than_its_name() {
    PrintInPocket seat = seat(null, null, Opening.asUsual(SMALL, RULES), false);
    assertThat(seat.opening().size()).isEqualTo(size("3 1/16", "4 1/16"));
    assertThat(seat.opening().measured()).isFalse();
    assertThat(seat.fit().verdict()).isEqualTo(InsertFit.Verdict.SNUG);
    assertThat(seat.trim().isNeeded()).isFalse();
    assertThat(seat.keptShare()).isCloseTo(0.5, within(1e-12));
  }

  @Test
  void a_sliver_comes_off_the_right_unless_the_keep_box_is_nearer_to_it() {
    Opening narrow = Opening.measured(size("2 31/32", "4 1/16"));
    Trim right = seat(new PixelBox(100, 1000, 200, 200), null, narrow, false).trim();
    assertThat(right.right()).isEqualTo(Length.parse("1/8"));
    assertThat(right.left()).isEqualTo(Length.ZERO);
    Trim centred = seat(null, null, narrow, false).trim();
    assertThat(centred.right()).isEqualTo(Length.parse("1/8"));
    assertThat(centred.left()).isEqualTo(Length.ZERO);
    Trim left = seat(new PixelBox(5000, 1000, 900, 200), null, narrow, false).trim();
    assertThat(left.left()).isEqualTo(Length.parse("1/8"));
    assertThat(left.right()).isEqualTo(Length.ZERO);
  }

  @Test
  void a_wide_print_on_the_table_is_cut_around_what_must_stay() {
    Opening usual = Opening.asUsual(SMALL, RULES);
    PrintInPocket seat = seat(new PixelBox(4000, 500, 500, 500), size("6", "4"), usual, false);
    assertThat(seat.onTable()).isTrue();
    assertThat(seat.fit().verdict()).isEqualTo(InsertFit.Verdict.TOO_BIG);
    assertThat(seat.trim().to()).isEqualTo(size("3", "4"));
    assertThat(seat.trim().left()).isEqualTo(Length.parse("2 3/4"));
    assertThat(seat.trim().right()).isEqualTo(Length.parse("1/4"));
    assertThat(seat.keptShare()).isCloseTo(0.5, within(1e-12));
    assertThat(seat.cutsKeepBox()).isFalse();
  }

  @Test
  void a_print_whose_keep_box_is_too_wide_for_the_pocket_says_so() {
    Opening usual = Opening.asUsual(SMALL, RULES);
    assertThat(seat(new PixelBox(1000, 500, 3500, 500), size("6", "4"), usual, false).cutsKeepBox())
        .isTrue();
    PrintInPocket file = seat(new PixelBox(1000, 500, 3500, 500), null, usual, false);
    assertThat(file.cutsKeepBox()).isTrue();
    assertThat(file.crop()).isNull();
  }

  @Test
  void a_turned_print_is_cut_along_the_axes_of_the_pocket() {
    Opening usual = Opening.asUsual(SMALL, RULES);
    PrintInPocket seat = seat(new PixelBox(0, 0, 1000, 1000), size("6", "4"), usual, true);
    assertThat(seat.print()).isEqualTo(size("4", "6"));
    assertThat(seat.trim().to()).isEqualTo(size("3", "4"));
    assertThat(seat.trim().right()).isEqualTo(Length.ZERO);
    assertThat(seat.trim().top()).isEqualTo(Length.ZERO);
    assertThat(seat.trim().left()).isEqualTo(Length.ofInches(1));
    assertThat(seat.trim().bottom()).isEqualTo(Length.ofInches(2));
    assertThat(seat.cutsKeepBox()).isFalse();
  }
}
