package drumnest.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Lettering;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRules;
import java.math.BigDecimal;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class CardLayoutTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final Lettering BY_HAND =
      new Lettering.ByHand(Length.ofInches(0, 1, 12), Length.parse("5/16"));
  private static final Size WIDE = Size.ofInches(6, 4);

  private static CardWords card(String body, Lettering lettering, String margin) {
    return CardWords.of(body, RULES).written(lettering).withMargin(Length.parse(margin));
  }

  private static CardLayout laid(CardWords words, Size size) {
    return CardLayout.of(words, size, Faces.ALL, RULES);
  }

  private static Lettering typed(int points) {
    return new Lettering.Typed("plain", points * 4, null);
  }

  private static List<String> texts(CardLayout layout) {
    return layout.lines().stream().map(CardLayout.TextLine::text).toList();
  }

  @Test
  void twelve_letters_an_inch_on_a_6_by_4_card_are_8_lines_of_66_letters_105_words() {
    CardLines card =
        CardLines.of(
            WIDE,
            Length.parse("1/4"),
            Length.parse("3/4"),
            Length.parse("5/16"),
            Length.ofInches(0, 1, 12));
    assertThat(card.lines()).isEqualTo(8);
    assertThat(card.lettersPerLine()).isEqualTo(66);
    assertThat(card.words()).isEqualTo(105);
    CardLayout layout = laid(card("", BY_HAND, "1/4"), WIDE);
    assertThat(layout.lettersPerLine()).isEqualTo(66);
    assertThat(layout.there()).isEqualTo(11);
    assertThat(layout.needed()).isZero();
  }

  @ParameterizedTest
  @CsvSource({"i, 1", "W, 4"})
  void forty_narrow_letters_take_fewer_lines_than_forty_wide_ones(String letter, int lines) {
    // At 12 points forty i are 96 points long and forty W 480; a line of 2 in holds 144.
    CardLayout layout =
        laid(card(letter.repeat(40), typed(12), "1/2"), new Size(Length.ofInches(3), WIDE.h()));
    assertThat(layout.needed()).isEqualTo(lines);
  }

  @Test
  void a_heading_of_type_is_larger_and_pushes_the_story_down() {
    CardWords words = card("one two", typed(10), "1/4").saying("Head", "Saturday", "one two");
    CardLayout layout = laid(words, WIDE);
    // 10 points at 125 % leading are 12 1/2; the heading, at 140 %, 17 1/2 points below the margin.
    assertThat(texts(layout)).containsExactly("Head", "Saturday", "one two");
    Length headingToDate = layout.lines().get(1).baseline().minus(layout.lines().get(0).baseline());
    Length dateToStory = layout.lines().get(2).baseline().minus(layout.lines().get(1).baseline());
    assertThat(dateToStory.minus(points("12.5")).abs().toNanometres()).isLessThan(3);
    // From the middle of the one line to that of the other is half of each; letters stand 0.3 of
    // their size below that middle.
    assertThat(headingToDate.minus(points("13.8")).abs().toNanometres()).isLessThan(3);
    assertThat(layout.there()).isEqualTo(17);
  }

  private static Length points(String points) {
    return Length.ofInches(new BigDecimal(points)).dividedBy(72);
  }

  @Test
  void items_of_a_list_hang_below_their_bullet() {
    CardLayout layout =
        laid(
            card("- one two three\nrest", BY_HAND, "1/4"),
            new Size(Length.parse("1 1/2"), Length.ofInches(4)));
    assertThat(texts(layout)).containsExactly("• one two", "three", "rest");
    assertThat(layout.lines().get(1).indent()).isEqualTo(Length.ofInches(0, 1, 12).times(2));
    assertThat(layout.lines().get(2).indent()).isEqualTo(Length.ZERO);
  }

  @Test
  void letters_in_type_stand_on_the_lines_of_a_ruled_card() {
    Lettering ruled =
        new Lettering.Typed(
            "plain", 40, new Lettering.Ruling(Length.parse("3/4"), Length.parse("1/4")));
    CardLayout layout = laid(card("one\ntwo\nthree", ruled, "1/8"), Size.ofInches(3, 4));
    assertThat(layout.lines().stream().map(CardLayout.TextLine::baseline))
        .containsExactly(Length.parse("3/4"), Length.ofInches(1), Length.parse("1 1/4"));
    // The last line lies at 3 3/4: 13 lines from 3/4 on, every 1/4.
    assertThat(layout.there()).isEqualTo(13);
    assertThat(layout.ruling()).hasSize(13).startsWith(Length.parse("3/4"));
  }

  @Test
  void what_is_too_long_is_said_from_where_the_card_ends() {
    CardWords words = card("one\ntwo\nthree\nfour", BY_HAND, "1/4");
    Size two = new Size(Length.ofInches(3), Length.parse("1 1/8"));
    CardLayout layout = laid(words, two);
    assertThat(layout.there()).isEqualTo(2);
    assertThat(layout.needed()).isEqualTo(4);
    assertThat(words.body().substring(layout.cut())).isEqualTo("three\nfour");
    CardLayout rest = CardLayout.of(words, words.body(), layout.cut(), two, Faces.ALL, RULES);
    assertThat(texts(rest)).containsExactly("three", "four");
    assertThat(rest.fits()).isTrue();
  }

  @Test
  void letters_that_the_type_lacks_are_named_and_by_hand_all_can_be_written() {
    String text = "風 and שלום";
    assertThat(laid(card(text, typed(10), "1/4"), WIDE).missing())
        .containsExactlyInAnyOrder(0x98A8, 0x5E9, 0x5DC, 0x5D5, 0x5DD);
    assertThat(laid(card(text, BY_HAND, "1/4"), WIDE).missing()).isEmpty();
  }

  @Test
  void an_empty_card_and_a_text_of_blanks_need_no_line_that_is_not_there() {
    assertThat(laid(card("", BY_HAND, "1/4"), WIDE).lines()).isEmpty();
    CardLayout none = laid(card("word", BY_HAND, "2"), Size.ofInches(3, 4));
    assertThat(none.there()).isZero();
    assertThat(none.fits()).isFalse();
    assertThat(none.lines()).hasSize(4);
  }

  static List<Long> seeds() {
    return IntStream.range(0, 60).mapToObj(Long::valueOf).toList();
  }

  /** Nothing is lost and nothing doubled, no line is too long, and none takes too few words. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void lines_are_the_text_and_each_is_as_full_as_can_be(long seed) {
    Random random = new Random(seed);
    String text =
        random
            .ints(1 + random.nextInt(300), 0, 9)
            .mapToObj(i -> List.of("a", "i", "W", " ", "kite", " ", "\n", "o", "é").get(i))
            .collect(Collectors.joining());
    Lettering lettering = random.nextBoolean() ? typed(6 + random.nextInt(20)) : BY_HAND;
    Size size = new Size(Length.ofInches(1 + random.nextInt(5)), Length.ofInches(4));
    CardWords words = card(text, lettering, "1/8");
    CardLayout layout = laid(words, size);
    String read = String.join("", texts(layout)).replace("•", "-");
    assertThat(read.replaceAll("\\s", "")).isEqualTo(text.replaceAll("\\s", ""));
    LetterRoom room = LetterRoom.of(lettering, Faces.ALL);
    Length width = size.w().minus(Length.parse("1/4"));
    for (int i = 0; i < layout.lines().size(); i++) {
      CardLayout.TextLine line = layout.lines().get(i);
      boolean oneLetter = line.text().codePointCount(0, line.text().length()) == 1;
      assertThat(room.units(line.text()) <= room.unitsIn(width) || oneLetter).isTrue();
      if (i + 1 < layout.lines().size() && line.indent().isZero()) {
        CardLayout.TextLine next = layout.lines().get(i + 1);
        String between = text.substring(line.start(), next.start());
        boolean ownLine = between.contains("\n");
        String first = next.text().split("\\s", -1)[0];
        String together = between + first;
        if (!ownLine && !first.isEmpty() && !line.text().startsWith("•")) {
          assertThat(room.units(together)).isGreaterThan(room.unitsIn(width));
        }
      }
    }
  }

  @Test
  void on_a_ruled_card_the_first_line_that_letters_reach_up_to_below_the_margin_is_the_first() {
    Lettering ruled =
        new Lettering.Typed(
            "plain", 40, new Lettering.Ruling(Length.parse("1/4"), Length.parse("1/4")));
    // Letters of 10 points reach 8 points up, 1/9 in: below a margin of 1/8 the line at 1/4 is the
    // first; below one of 3/16 it is too high.
    assertThat(laid(card("one", ruled, "1/8"), Size.ofInches(3, 4)).lines().get(0).baseline())
        .isEqualTo(Length.parse("1/4"));
    assertThat(laid(card("one", ruled, "3/16"), Size.ofInches(3, 4)).lines().get(0).baseline())
        .isEqualTo(Length.parse("1/2"));
    CardLayout high = laid(card("one", ruled, "3/16"), Size.ofInches(3, 4));
    // From 1/2 to 3 3/4 in, every 1/4.
    assertThat(high.there()).isEqualTo(14);
  }

  @Test
  void a_card_that_runs_on_begins_with_words_and_not_with_the_blank_lines_before_them() {
    CardWords words = card("one\n\n\ntwo", BY_HAND, "1/4");
    Size one = new Size(Length.ofInches(3), Length.parse("13/16"));
    CardLayout first = laid(words, one);
    assertThat(first.there()).isEqualTo(1);
    CardLayout rest = CardLayout.of(words, words.body(), first.cut(), one, Faces.ALL, RULES);
    assertThat(texts(rest)).containsExactly("two");
    assertThat(rest.needed()).isEqualTo(1);
    // At the very beginning blank lines are the maker's own.
    assertThat(texts(laid(card("\n\ntwo", BY_HAND, "1/4"), WIDE))).containsExactly("", "", "two");
  }
}
