package drumnest.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class UnitsTest {

  @ParameterizedTest
  @CsvSource({
    "1 11/12, SIXTEENTHS, ~1 15/16",
    "1 11/12, THIRTY_SECONDS, ~1 29/32",
    "1 11/12, SIXTY_FOURTHS, ~1 59/64",
    "1 11/12, MILLIMETRES, ~48.7 mm",
    "4 1/4, SIXTEENTHS, 4 1/4",
    "4 1/4, MILLIMETRES, ~108 mm",
    "108 mm, MILLIMETRES, 108 mm",
    "0, MILLIMETRES, 0 mm",
    "-1/32, SIXTEENTHS, ~0",
    "-1/32, THIRTY_SECONDS, -1/32",
    "100 mm, MILLIMETRES, 100 mm"
  })
  void lengths_in_the_units_of_the_maker(String length, Units units, String text) {
    assertThat(units.text(Length.parse(length))).isEqualTo(text);
  }

  @Test
  void a_number_without_a_unit_is_meant_in_the_units_of_the_maker() {
    assertThat(Units.MILLIMETRES.parse("108")).isEqualTo(Length.ofMillimetres(108));
    assertThat(Units.MILLIMETRES.parse("10.5")).isEqualTo(Length.parse("10.5 mm"));
    assertThat(Units.MILLIMETRES.parse("4 1/4")).isEqualTo(Length.parse("4 1/4"));
    assertThat(Units.MILLIMETRES.parse("4 in")).isEqualTo(Length.ofInches(4));
    assertThat(Units.SIXTEENTHS.parse("4")).isEqualTo(Length.ofInches(4));
  }

  @ParameterizedTest
  @EnumSource(Units.class)
  void a_length_on_a_mark_printed_and_read_again_is_the_same(Units units) {
    Length mark =
        switch (units) {
          case SIXTEENTHS -> Length.ofInches(0, 1, 16);
          case THIRTY_SECONDS -> Length.ofInches(0, 1, 32);
          case SIXTY_FOURTHS -> Length.ofInches(0, 1, 64);
          case MILLIMETRES -> Length.parse("0.1 mm");
        };
    for (int i = -300; i < 300; i++) {
      Length length = mark.times(i);
      assertThat(units.parse(units.text(length))).isEqualTo(length);
    }
  }

  @Test
  void a_size_is_shown_width_first() {
    assertThat(Units.SIXTEENTHS.text(Size.ofInches(6, 4))).isEqualTo("6 × 4");
    assertThat(Units.MILLIMETRES.text(Size.ofInches(5, 10))).isEqualTo("127 mm × 254 mm");
  }

  @ParameterizedTest
  @CsvSource({
    "4 1/4, SIXTEENTHS, 4 1/4",
    "1/64, SIXTEENTHS, 1/64",
    "4 1/4, MILLIMETRES, 107.95 mm",
    "85.6 mm, MILLIMETRES, 85.6 mm",
    "1/64, MILLIMETRES, 0.396875 mm"
  })
  void a_field_to_be_changed_shows_the_exact_length(String length, Units units, String text) {
    assertThat(units.exact(Length.parse(length))).isEqualTo(text);
    assertThat(units.parse(text)).isEqualTo(Length.parse(length));
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(longs = {11, 12})
  void any_length_has_an_exact_form_that_is_read_back(long seed) {
    Random random = new Random(seed);
    for (int i = 0; i < 500; i++) {
      Length length = Length.ofNanometres(random.nextLong(-2_540_000_000L, 2_540_000_000L));
      assertThat(Length.parse(length.toExactText())).isEqualTo(length);
    }
    assertThat(Length.parse("4 1/4").toExactText()).isEqualTo("4 1/4");
    assertThat(Length.parse("85.60 mm").toExactText()).isEqualTo("85.6 mm");
    assertThat(Length.parse(".014 in").toExactText()).isEqualTo("0.014 in");
  }

  @Test
  void turns_add_up_to_a_whole_one() {
    assertThat(Turn.HALF.plus(Turn.HALF)).isEqualTo(Turn.NONE);
    assertThat(Turn.RIGHT.plus(Turn.HALF)).isEqualTo(Turn.LEFT);
    assertThat(Turn.LEFT.degrees()).isEqualTo(270);
  }
}
