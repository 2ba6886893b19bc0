package drumnest.core.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Source of the figures: W3C, WCAG 2.2, contrast ratio (black on white is 21 to 1), and the greys
 * of Understanding 1.4.3, of which #777777 on white is just short of 4.5 to 1 and #767676 just over
 * it.
 */
class ContrastTest {

  @ParameterizedTest
  @CsvSource({"0x000000, 21", "0xffffff, 1", "0x777777, 4.48", "0x767676, 4.54", "0xff0000, 4.0"})
  void colours_on_white(String colour, double ratio) {
    assertThat(Contrast.between(Integer.decode(colour), 0xffffff)).isCloseTo(ratio, within(0.01));
    assertThat(Contrast.between(0xffffff, Integer.decode(colour))).isCloseTo(ratio, within(0.01));
  }

  @Test
  void a_ground_in_lab_is_as_light_as_the_colour_it_was_made_of() {
    for (int colour : new int[] {0x000000, 0x0a0a0a, 0x3b4cc0, 0xd8412b, 0xfbfcfb}) {
      assertThat(Contrast.between(0xffffff, Lab.ofSrgb(colour)))
          .isCloseTo(Contrast.between(0xffffff, colour), within(0.01));
    }
  }
}
