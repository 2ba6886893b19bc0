package drumnest.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.math.BigDecimal;
import java.util.Random;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthTest {

  @Nested
  class Unit {

    /** International yard and pound agreement, 1959: one inch is 25.4 mm exactly. */
    @Test
    void an_inch_is_25_4_millimetres_exactly() {
      assertThat(Length.ofInches(1)).isEqualTo(Length.parse("25.4 mm"));
      assertThat(Length.ofInches(5)).isEqualTo(Length.ofMillimetres(127));
    }

    @Test
    void a_64th_and_a_millimetre_are_whole_units() {
      assertThat(Length.ofInches(0, 1, 64).toNanometres()).isEqualTo(396_875);
      assertThat(Length.ofMillimetres(1).toNanometres()).isEqualTo(1_000_000);
    }

    @Test
    void what_a_division_leaves_over_is_rounded_once() {
      Length third = Length.ofInches(1).dividedBy(3);
      assertThat(third.toNanometres()).isEqualTo(8_466_667);
      assertThat(Length.ofNanometres(5).dividedBy(2).toNanometres()).isEqualTo(3);
      assertThat(Length.ofNanometres(-5).dividedBy(2).toNanometres()).isEqualTo(-3);
      assertThat(Length.ofInches(6).times(2, 3)).isEqualTo(Length.ofInches(4));
    }

    @Test
    void leaving_the_range_is_refused() {
      Length longest = Length.ofNanometres(Long.MAX_VALUE);
      assertThatExceptionOfType(ArithmeticException.class)
          .isThrownBy(() -> longest.plus(Length.ofNanometres(1)));
      assertThatExceptionOfType(ArithmeticException.class).isThrownBy(() -> longest.times(2));
    }

    @Test
    void numbers_out_are_exact() {
      Length length = Length.parse("4 1/4");
      assertThat(length.toInches()).isEqualTo(new BigDecimal("4.25"));
      assertThat(length.toMillimetres()).isEqualTo(new BigDecimal("107.95"));
      assertThat(Length.ofInches(100).toInches()).isEqualTo(new BigDecimal("100"));
    }
  }

  @Nested
  class Reading {

    @ParameterizedTest
    @CsvSource({
      "4, 101600000",
      "4.25, 107950000",
      ".125, 3175000",
      "1/8, 3175000",
      "4 1/4, 107950000",
      "4-1/4, 107950000",
      "4¼, 107950000",
      "8⅜, 212725000",
      "¾, 19050000",
      "1/3, 8466667",
      "'4\"', 101600000",
      "4 1/4 in, 107950000",
      "4¼in, 107950000",
      "1⁄8, 3175000",
      "108 mm, 108000000",
      "10.8 cm, 108000000",
      "10.8cm, 108000000",
      "'  4 1/4  ', 107950000",
      "-1/32, -793750",
      "0, 0"
    })
    void accepts_what_makers_write(String text, long nanometres) {
      assertThat(Length.parse(text).toNanometres()).isEqualTo(nanometres);
    }

    @ParameterizedTest
    @ValueSource(
        strings = {
          "",
          " ",
          "four",
          "4 ft",
          "4,25",
          "1/0",
          "4 5/4",
          "4 4/4",
          "4 1/4 mm",
          "1/2 cm",
          "4 1",
          "--4",
          "4..2",
          "1e3",
          "4 1/4 1/4",
          "4''",
          "½½",
          "NaN",
          "4 in in",
          "1/2/3",
          "99999999999999999999",
          "0000000000000000000000000000000000000000004"
        })
    void refuses_everything_else_with_a_reason(String text) {
      assertThatExceptionOfType(LengthFormatException.class)
          .isThrownBy(() -> Length.parse(text))
          .satisfies(refusal -> assertThat(refusal.getMessage()).isNotBlank());
      assertThat(LengthFormatException.accepted()).contains("4 1/4", "108 mm");
    }
  }

  @Nested
  class Writing {

    @ParameterizedTest
    @CsvSource({
      "107950000, 4 1/4",
      "0, 0",
      "-793750, -1/32",
      "101600000, 4",
      "48683333, ~1 59/64",
      "1, ~0",
      "198437, ~0",
      "198438, ~1/64",
      "-107950000, -4 1/4",
      "25399999, ~1"
    })
    void writes_inches_to_the_nearest_64th(long nanometres, String text) {
      assertThat(Length.ofNanometres(nanometres)).hasToString(text);
    }

    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void a_length_on_a_mark_printed_and_read_again_is_the_same(long seed) {
      Random random = new Random(seed);
      for (int i = 0; i < 500; i++) {
        Length onMark = Length.ofInches(0, random.nextInt(12_800) - 6_400, 64);
        assertThat(Length.parse(onMark.toString())).isEqualTo(onMark);
      }
    }
  }

  @Nested
  class Marks {

    @Test
    void inserts_go_down_and_backings_up_to_the_mark() {
      Length gap = Length.ofInches(23).dividedBy(12);
      assertThat(Increment.SIXTEENTH.below(gap)).isEqualTo(Length.parse("1 7/8"));
      assertThat(Increment.SIXTEENTH.above(gap)).isEqualTo(Length.parse("1 15/16"));
    }

    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {11, 12, 13})
    void a_mark_is_never_on_the_wrong_side(long seed) {
      Random random = new Random(seed);
      for (int i = 0; i < 500; i++) {
        Length length = Length.ofNanometres(random.nextInt(2_000_000_000) - 1_000_000_000L);
        Length below = Increment.SIXTEENTH.below(length);
        Length above = Increment.SIXTEENTH.above(length);
        assertThat(below).isLessThanOrEqualTo(length);
        assertThat(above).isGreaterThanOrEqualTo(length);
        assertThat(above.minus(below)).isLessThanOrEqualTo(Increment.SIXTEENTH.step());
        assertThat(Increment.SIXTEENTH.below(below)).isEqualTo(below);
      }
    }
  }

  @ParameterizedTest
  @CsvSource({
    "1 1/2, 1, 1 9/16",
    "1 1/2, -1, 1 7/16",
    "1 17/32, 1, 1 9/16",
    "1 17/32, -1, 1 1/2",
    "1 17/32, 0, 1 17/32",
    "1/32, -1, 0",
    "0, -2, -1/8",
    "0, 3, 3/16"
  })
  void goes_on_from_mark_to_mark(String from, long marks, String to) {
    assertThat(length(from).byMarks(marks, Length.parse("1/16"))).isEqualTo(length(to));
  }

  private static Length length(String text) {
    return text.startsWith("-") ? Length.parse(text.substring(1)).negated() : Length.parse(text);
  }
}
