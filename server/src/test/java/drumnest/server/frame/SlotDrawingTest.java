package drumnest.server.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import drumnest.core.fit.Opening;
import drumnest.core.fit.Outline;
import drumnest.core.fit.PrintInPocket;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.Focus;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRules;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is drawn in a pocket has the shape of what is seen of the picture, never stretched. */
class SlotDrawingTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final Size SMALL = Size.ofInches(3, 4);
  private static final Pixels WIDE = new Pixels(6000, 4000);

  private static Views.DrawingView draw(
      Pixels picture, PixelBox keep, Size onTable, Size slot, boolean turned) {
    PrintInPocket seat =
        PrintInPocket.of(
            picture,
            keep,
            Focus.NONE,
            onTable,
            slot,
            Outline.STRAIGHT,
            Opening.asUsual(slot, RULES),
            turned,
            false,
            RULES);
    return SlotDrawing.of(slot, picture, seat, RULES);
  }

  @Test
  void a_file_fills_its_pocket_with_the_crop() {
    Views.DrawingView drawing = draw(WIDE, null, null, SMALL, false);
    assertThat(drawing.shown()).isEqualTo(new Views.ShareBoxView(0.25, 0, 0.5, 1));
    assertThat(drawing.paper()).isEqualTo(new Views.ShareBoxView(0, 0, 1, 1));
  }

  /**
   * The finger takes 600 of 6000 pixels at the left edge; the cover is 1/16 larger, to the mark.
   */
  @Test
  void what_must_not_be_seen_is_drawn_covered_where_it_lies_on_the_paper() {
    Size wide = Size.ofInches(6, 4);
    Focus finger = Focus.NONE.concealing(List.of(new PixelBox(0, 2000, 600, 2000)));
    Opening opening = Opening.asUsual(wide, RULES);
    PrintInPocket seat =
        PrintInPocket.of(
            WIDE, null, finger, null, wide, Outline.STRAIGHT, opening, false, false, RULES);
    Box cover = seat.covers().get(0);
    assertThat(SlotDrawing.of(wide, WIDE, seat, RULES).covers())
        .singleElement()
        .satisfies(
            drawn -> {
              assertThat(drawn.x()).isZero();
              assertThat(drawn.w() * 6).isCloseTo(cover.w().toInches().doubleValue(), within(1e-5));
              assertThat(drawn.w() * 6).isBetween(0.6, 0.8);
              assertThat(drawn.y() + drawn.h()).isCloseTo(1, within(1e-5));
            });
  }

  @Test
  void a_small_print_on_the_table_lies_in_the_middle_of_its_pocket() {
    Views.DrawingView drawing =
        draw(new Pixels(3000, 3000), null, Size.ofInches(2, 2), SMALL, false);
    assertThat(drawing.paper().w()).isCloseTo(2 / 3.0, within(1e-6));
    assertThat(drawing.paper().h()).isCloseTo(0.5, within(1e-6));
    assertThat(drawing.paper().x()).isCloseTo(1 / 6.0, within(1e-6));
    assertThat(drawing.shown()).isEqualTo(new Views.ShareBoxView(0, 0, 1, 1));
  }

  @Test
  void where_no_crop_holds_the_keep_box_the_middle_is_drawn_unstretched() {
    Views.DrawingView drawing = draw(WIDE, new PixelBox(0, 0, 5000, 100), null, SMALL, false);
    assertThat(drawing.shown()).isEqualTo(new Views.ShareBoxView(0.25, 0, 0.5, 1));
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(longs = {91, 92, 93, 94})
  void a_picture_is_never_stretched(long seed) {
    Random random = new Random(seed);
    for (int i = 0; i < 200; i++) {
      Pixels picture = new Pixels(600 + random.nextInt(5000), 600 + random.nextInt(5000));
      Size slot = Size.ofInches(2 + random.nextInt(5), 2 + random.nextInt(5));
      boolean turned = random.nextBoolean();
      boolean lies = random.nextInt(3) == 0;
      long tableW = 2 + random.nextInt(6);
      Size onTable =
          lies
              ? new Size(
                  Length.ofInches(tableW), Length.ofInches(tableW).times(picture.h(), picture.w()))
              : null;
      PixelBox keep =
          random.nextBoolean()
              ? new PixelBox(random.nextInt(300), random.nextInt(300), 200, 200)
              : null;
      Views.DrawingView drawing = draw(picture, keep, onTable, slot, turned);
      Views.ShareBoxView shown = drawing.shown();
      assertThat(shown.x()).isBetween(-1e-9, 1.0);
      assertThat(shown.y()).isBetween(-1e-9, 1.0);
      assertThat(shown.x() + shown.w()).isLessThanOrEqualTo(1 + 1e-9);
      assertThat(shown.y() + shown.h()).isLessThanOrEqualTo(1 + 1e-9);
      double seen = shown.w() * picture.w() / (shown.h() * picture.h());
      double paper =
          drawing.paper().w()
              * slot.w().toInches().doubleValue()
              / (drawing.paper().h() * slot.h().toInches().doubleValue());
      double upright = turned ? 1 / paper : paper;
      // Whole pixels, and cuts on a mark, leave a little.
      assertThat(seen / upright).isCloseTo(1, within(0.012));
    }
  }
}
