package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class PlainTextTest {

  private static final String KITE = "\uD83E\uDE81";

  @ParameterizedTest
  @ValueSource(
      strings = {
        "a\u0000", "\u0007", "\u001f", "\u007f", "\u0085", "\ud83e", "\ude81x", "\ufffe", "\uffff"
      })
  void what_xml_cannot_hold_is_not_plain(String text) {
    assertThat(PlainText.is(text, true)).isFalse();
    assertThat(PlainText.is(PlainText.of(text, true), false)).isTrue();
  }

  @Test
  void lines_are_plain_where_they_may_be() {
    assertThat(PlainText.is("one\r\n\ttwo", true)).isTrue();
    assertThat(PlainText.is("one\ntwo", false)).isFalse();
    assertThat(PlainText.is("Größe 4×6, " + KITE + " 風箏", false)).isTrue();
  }

  @Test
  void no_character_is_cut_through_the_middle() {
    assertThat(PlainText.beginning("a" + KITE, 2)).isEqualTo("a");
    assertThat(PlainText.beginning("a" + KITE, 3)).isEqualTo("a" + KITE);
    assertThat(PlainText.ending(KITE + "a", 2)).isEqualTo("a");
    assertThat(PlainText.ending(KITE + "a", 3)).isEqualTo(KITE + "a");
    assertThat(PlainText.beginning("abc", 0)).isEmpty();
  }

  static IntStream seeds() {
    return IntStream.range(0, 50);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void whatever_comes_is_made_plain_and_what_is_plain_stays(int seed) {
    Random random = new Random(seed);
    StringBuilder any = new StringBuilder();
    random.ints(40, 0, 0x10000).forEach(each -> any.append((char) each));
    String plain = PlainText.of(any.toString(), true);
    assertThat(PlainText.is(plain, true)).isTrue();
    assertThat(PlainText.of(plain, true)).isEqualTo(plain);
    int most = random.nextInt(40);
    assertThat(PlainText.is(PlainText.beginning(plain, most), true)).isTrue();
    assertThat(PlainText.is(PlainText.ending(plain, most), true)).isTrue();
  }
}
