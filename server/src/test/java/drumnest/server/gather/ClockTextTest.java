package drumnest.server.gather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import drumnest.server.FieldProblemException;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ClockTextTest {

  @ParameterizedTest
  @CsvSource({
    "+1:07, PT1H7M",
    "-0:05:30, PT-5M-30S",
    "−12 min, PT-12M",
    "67 min, PT67M",
    "1 h 7 min, PT1H7M",
    "2h, PT2H",
    "1 d 2 h, PT26H",
    "90s, PT90S",
    "0, PT0S",
    "0:00, PT0S"
  })
  void reads_what_makers_write(String text, Duration shift) {
    assertThat(ClockText.read("shift", text)).isEqualTo(shift);
    assertThat(ClockText.read("shift", ClockText.write(shift))).isEqualTo(shift);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "later", "1:99", "1.5 h", "99999999 h", "+", "h", "9999 d 9999999 h"})
  void refuses_anything_else(String text) {
    assertThatExceptionOfType(FieldProblemException.class)
        .isThrownBy(() -> ClockText.read("shift", text))
        .withMessageContaining("accepted");
  }

  @ParameterizedTest
  @CsvSource({"120, UTC+02:00", "-210, UTC-03:30", "0, UTC+00:00"})
  void says_how_far_a_clock_is_ahead(int minutes, String text) {
    assertThat(ClockText.zone(minutes)).isEqualTo(text);
  }

  @Test
  void what_is_far_too_long_is_refused_at_once_and_told_by_its_beginning() {
    String blanks = "1d" + " ".repeat(500_000) + "x";
    assertThatExceptionOfType(FieldProblemException.class)
        .isThrownBy(() -> ClockText.read("shift", blanks))
        .satisfies(refused -> assertThat(refused.getMessage()).hasSizeLessThan(200));
  }
}
