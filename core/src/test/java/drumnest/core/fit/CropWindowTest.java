package drumnest.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.Focus;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRules;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CropWindowTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final Size WIDE = Size.ofInches(6, 4);
  private static final Size SMALL = Size.ofInches(3, 4);

  private static CropWindow crop(Pixels picture, Size print, PixelBox keep) {
    return CropWindow.of(picture, print, keep, RULES).orElseThrow();
  }

  @Test
  void a_3_to_2_file_gives_a_wide_print_whole() {
    CropWindow crop = crop(new Pixels(6000, 4000), WIDE, null);
    assertThat(crop.crop()).isEqualTo(new PixelBox(0, 0, 6000, 4000));
    assertThat(crop.keptShare()).isEqualTo(1.0);
    assertThat(crop.ppi()).isEqualTo(1000);
  }

  @Test
  void a_4_to_3_file_gives_a_wide_print_with_eight_ninths() {
    CropWindow crop = crop(new Pixels(4000, 3000), WIDE, null);
    assertThat(crop.keptShare()).isCloseTo(8 / 9.0, within(1e-12));
    assertThat(crop.crop()).isEqualTo(new PixelBox(0, 166, 4000, 2667));
  }

  @Test
  void a_4_by_6_to_a_4_by_4_keeps_two_thirds() {
    assertThat(crop(new Pixels(4000, 6000), Size.ofInches(4, 4), null).keptShare())
        .isCloseTo(2 / 3.0, within(1e-12));
  }

  @Test
  void a_3_to_2_file_as_an_upright_3_by_4_keeps_eight_ninths_when_it_is_upright() {
    assertThat(crop(new Pixels(4000, 6000), SMALL, null).keptShare())
        .isCloseTo(8 / 9.0, within(1e-12));
    assertThat(crop(new Pixels(6000, 4000), SMALL, null).keptShare()).isCloseTo(0.5, within(1e-12));
  }

  @Test
  void the_window_follows_the_keep_box_as_far_as_the_edges_allow() {
    Pixels picture = new Pixels(6000, 4000);
    assertThat(crop(picture, SMALL, new PixelBox(3500, 500, 1000, 800)).crop())
        .isEqualTo(new PixelBox(2500, 0, 3000, 4000));
    assertThat(crop(picture, SMALL, new PixelBox(5900, 0, 100, 100)).crop())
        .isEqualTo(new PixelBox(3000, 0, 3000, 4000));
    assertThat(crop(picture, SMALL, new PixelBox(0, 0, 10, 10)).crop())
        .isEqualTo(new PixelBox(0, 0, 3000, 4000));
  }

  @Test
  void a_keep_box_longer_than_any_window_leaves_none() {
    Pixels picture = new Pixels(6000, 4000);
    assertThat(CropWindow.of(picture, SMALL, new PixelBox(0, 0, 3000, 100), RULES)).isPresent();
    assertThat(CropWindow.of(picture, SMALL, new PixelBox(0, 0, 3001, 100), RULES)).isEmpty();
    assertThat(
            CropWindow.ofEitherTurn(
                picture, SMALL, Outline.STRAIGHT, new PixelBox(0, 0, 3001, 100), Focus.NONE, RULES))
        .hasValueSatisfying(crop -> assertThat(crop.turned()).isTrue());
  }

  @Test
  void turned_only_where_that_keeps_more() {
    assertThat(
            CropWindow.ofEitherTurn(
                new Pixels(6000, 4000), SMALL, Outline.STRAIGHT, null, Focus.NONE, RULES))
        .hasValueSatisfying(
            crop -> {
              assertThat(crop.turned()).isTrue();
              assertThat(crop.keptShare()).isCloseTo(8 / 9.0, within(1e-12));
            });
    assertThat(
            CropWindow.ofEitherTurn(
                new Pixels(4000, 4000), SMALL, Outline.STRAIGHT, null, Focus.NONE, RULES))
        .hasValueSatisfying(crop -> assertThat(crop.turned()).isFalse());
  }

  @ParameterizedTest
  @CsvSource({
    "1800, 1200, FINE",
    "1799, 1200, GOOD",
    "1200, 800, GOOD",
    "1199, 800, SOFT",
    "900, 600, SOFT",
    "899, 600, POOR"
  })
  void resolution_is_judged_on_the_pixel(int w, int h, Resolution verdict) {
    assertThat(crop(new Pixels(w, h), WIDE, null).resolution()).isEqualTo(verdict);
  }

  @Test
  void a_keep_box_outside_the_picture_is_refused() {
    assertThatIllegalArgumentException()
        .isThrownBy(
            () -> CropWindow.of(new Pixels(100, 100), WIDE, new PixelBox(50, 0, 51, 10), RULES));
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(longs = {31, 32, 33, 34})
  void the_window_is_in_the_picture_has_the_shape_and_holds_the_keep_box(long seed) {
    Random random = new Random(seed);
    for (int i = 0; i < 500; i++) {
      Pixels picture = new Pixels(200 + random.nextInt(6000), 200 + random.nextInt(6000));
      int keepW = 1 + random.nextInt(picture.w());
      int keepH = 1 + random.nextInt(picture.h());
      PixelBox keep =
          new PixelBox(
              random.nextInt(picture.w() - keepW + 1),
              random.nextInt(picture.h() - keepH + 1),
              keepW,
              keepH);
      Size print =
          new Size(
              Length.ofInches(0, 32 + random.nextInt(600), 64),
              Length.ofInches(0, 32 + random.nextInt(600), 64));
      CropWindow.of(picture, print, keep, RULES)
          .ifPresent(
              window -> {
                PixelBox crop = window.crop();
                assertThat(crop.isInside(picture)).isTrue();
                assertThat(crop.contains(keep)).isTrue();
                assertThat(crop.w() == picture.w() || crop.h() == picture.h()).isTrue();
                double shape = (double) print.w().toNanometres() / print.h().toNanometres();
                assertThat(crop.h() * shape)
                    .isCloseTo(crop.w(), within(Math.max(0.5001, 0.5001 * shape)));
              });
    }
  }
}
