package drumnest.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WordsTest {

  private static Length in(String text) {
    return Length.parse(text);
  }

  private static CardLines card(String w, String h) {
    return CardLines.of(new Size(in(w), in(h)), in("1/8"), Length.ZERO, in("1/4"), in("1/8"));
  }

  @Test
  void a_3_by_4_card_by_hand_has_15_lines_of_22_letters() {
    CardLines lines = card("3", "4");
    assertThat(lines.lines()).isEqualTo(15);
    assertThat(lines.lettersPerLine()).isEqualTo(22);
    assertThat(lines.words()).isEqualTo(66);
  }

  @Test
  void a_heading_takes_its_lines_and_a_tiny_card_has_none() {
    CardLines headed = CardLines.of(Size.ofInches(3, 4), in("1/8"), in("1"), in("1/4"), in("1/8"));
    assertThat(headed.lines()).isEqualTo(11);
    assertThat(card("1/4", "1/8").lines()).isZero();
    assertThat(card("1/4", "1/8").needed("x")).isEqualTo(Integer.MAX_VALUE);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "'' | 0",
        "kite | 1",
        "the kite flew | 2",
        "0123456789 | 1",
        "01234567890 | 2",
        "a 01234567890123456789 b | 4",
        "a 0123456789012345 b | 3",
        "one two | 1",
        "one two three | 2"
      })
  void text_is_broken_at_spaces_and_longer_words_are_broken(String text, int lines) {
    assertThat(new CardLines(9, 10).needed(text)).isEqualTo(lines);
  }

  @Test
  void a_text_that_breaks_itself_is_broken_there() {
    assertThat(new CardLines(9, 10).needed("a\nb\n\nc")).isEqualTo(4);
  }

  @Test
  void a_title_is_the_sum_of_its_letters_and_what_is_between() {
    TitleRun run = TitleRun.of(List.of(in("1/2"), in("1"), in("3/4")), in("1/8"));
    assertThat(run.length()).isEqualTo(in("2 1/2"));
    assertThat(run.starts()).containsExactly(in("0"), in("5/8"), in("1 3/4"));
    assertThat(run.startsFromEnd(in("6"))).containsExactly(in("3 1/2"), in("4 1/8"), in("5 1/4"));
  }

  @Test
  void a_set_that_has_two_of_three_letters_lacks_one() {
    assertThat(TitleRun.missing("BEE KEEPER", Map.of("B", 1, "E", 3, "K", 1, "P", 1, "R", 1)))
        .isEqualTo(Map.of("E", 2));
    assertThat(TitleRun.missing("See", Map.of("S", 1, "E", 1, "e", 1))).isEqualTo(Map.of("e", 1));
    assertThat(TitleRun.missing("ah", Map.of("A", 1))).isEqualTo(Map.of("h", 1));
  }
}
