package drumnest.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CardSheetsTest {

  private static final Box LETTER =
      Box.of(new Size(Length.parse("8 1/2"), Length.ofInches(11))).inset(Length.parse("3/8"));

  @Test
  void four_3_by_4_cards_lie_on_a_letter_sheet_and_a_fifth_on_the_next() {
    List<Size> cards = List.copyOf(java.util.Collections.nCopies(5, Size.ofInches(3, 4)));
    CardSheets.Result result = CardSheets.of(cards, LETTER, Length.parse("1/4"));
    assertThat(result.sheets().stream().map(List::size)).containsExactly(4, 1);
  }

  @Test
  void a_card_larger_than_the_sheet_is_left_over() {
    CardSheets.Result result =
        CardSheets.of(
            List.of(Size.ofInches(9, 4), Size.ofInches(4, 4)), LETTER, Length.parse("1/4"));
    assertThat(result.left()).containsExactly(0);
    assertThat(result.sheets()).hasSize(1);
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void every_card_lies_once_on_its_sheet_and_none_over_another(long seed) {
    Random random = new Random(seed);
    Length gap = Length.ofInches(0, random.nextInt(4), 16);
    List<Size> cards =
        IntStream.range(0, 40)
            .mapToObj(
                i ->
                    new Size(
                        Length.ofInches(1 + random.nextInt(6), 1, 2),
                        Length.ofInches(1 + random.nextInt(6))))
            .toList();
    CardSheets.Result result = CardSheets.of(cards, LETTER, gap);
    List<Integer> laid = new ArrayList<>(result.left());
    for (List<CardSheets.PlacedCard> sheet : result.sheets()) {
      for (CardSheets.PlacedCard each : sheet) {
        laid.add(each.card());
        assertThat(LETTER.contains(each.box())).isTrue();
        assertThat(each.box().size()).isEqualTo(cards.get(each.card()));
        for (CardSheets.PlacedCard other : sheet) {
          assertThat(other != each && other.box().overlaps(each.box())).isFalse();
        }
      }
    }
    assertThat(laid).containsExactlyInAnyOrderElementsOf(IntStream.range(0, 40).boxed().toList());
  }

  @Test
  void labels_lie_on_their_sheet_or_are_refused() {
    Size letter = new Size(Length.parse("8 1/2"), Length.ofInches(11));
    LabelGrid thirty =
        new LabelGrid(
            3,
            10,
            new Size(Length.parse("2 5/8"), Length.ofInches(1)),
            Length.parse("3/16"),
            Length.parse("1/2"),
            Length.parse("2 3/4"),
            Length.ofInches(1));
    assertThat(thirty.isOn(letter)).isTrue();
    assertThat(thirty.boxes()).hasSize(30);
    assertThat(thirty.boxes().get(4).x()).isEqualTo(Length.parse("2 15/16"));
    LabelGrid over =
        new LabelGrid(
            3, 11, thirty.label(), thirty.left(), thirty.top(), thirty.across(), thirty.down());
    assertThat(over.isOn(letter)).isFalse();
  }

  /** 1.5 mm to the right, 0.8 down and 99.6 %: shifted back and divided by 0.996. */
  @Test
  void what_a_printer_does_is_taken_back() {
    PrinterOffset printer =
        new PrinterOffset(Length.parse("1.5 mm"), Length.parse("0.8 mm"), new BigDecimal("99.6"));
    Length sent = printer.sentAcross(Length.ofMillimetres(100));
    assertThat(printed(sent, printer.right())).isEqualTo(Length.ofMillimetres(100));
    assertThat(printed(printer.sentDown(Length.ofMillimetres(40)), printer.down()))
        .isEqualTo(Length.ofMillimetres(40));
    assertThat(sent.toMillimetres()).isEqualByComparingTo("98.895582");
  }

  private static Length printed(Length sent, Length offset) {
    return sent.times(996, 1000).plus(offset);
  }

  /** Two cards of 3 in and a gap of 1/4 take 6 1/4 in: in 6 3/16 they do not lie side by side. */
  @Test
  void between_cards_the_gap_stays_free_and_beside_the_edge_it_need_not() {
    List<Size> two = List.of(Size.ofInches(3, 4), Size.ofInches(3, 4));
    for (String free : List.of("6 1/4", "6 3/16")) {
      Box room = Box.of(new Size(Length.parse(free), Length.ofInches(8)));
      List<List<CardSheets.PlacedCard>> sheets =
          CardSheets.of(two, room, Length.parse("1/4")).sheets();
      assertThat(sheets).hasSize(free.equals("6 1/4") ? 1 : 2);
      assertThat(sheets.get(0).get(0).box().x()).isEqualTo(Length.ZERO);
    }
    Box tall = Box.of(new Size(Length.ofInches(3), Length.parse("8 1/4")));
    List<CardSheets.PlacedCard> column =
        CardSheets.of(two, tall, Length.parse("1/4")).sheets().get(0);
    assertThat(column.get(1).box().y()).isEqualTo(Length.parse("4 1/4"));
  }
}
