package drumnest.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.ephemera.TitleWords;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LetterSet;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TitleFitTest {

  private static final HouseRules RULES = HouseRules.defaults();

  /** Letters 1 1/4 high; B, I and G measured; two I where three are wanted for BIG WIND I. */
  private static final LetterSet BLOCK =
      new LetterSet(
          "Block",
          Length.parse("1 1/4"),
          Map.of("B", Length.ofInches(1), "I", Length.parse("1/2"), "G", Length.parse("1 1/8")),
          Map.of("B", 1, "I", 1, "G", 1, "W", 1, "N", 1, "D", 1),
          "#10262c");

  private static final LetterSet SMALL =
      new LetterSet(
          "Small", Length.parse("1/2"), Map.of("a", Length.parse("3/8")), null, "#ffffff");

  private static TitleWords title(String text, String run) {
    return new TitleWords(
        text,
        "block",
        null,
        Length.parse(run),
        Length.parse("1/8"),
        false,
        false,
        null,
        null,
        false);
  }

  private static TitleFit fit(TitleWords title) {
    return TitleFit.of(title, BLOCK, null, Map.of(BLOCK, BLOCK.letters()), Faces.ALL, RULES);
  }

  @Test
  void a_word_of_measured_letters_is_the_sum_of_their_widths() {
    TitleFit fit = fit(title("BIG", "8"));
    // 1 + 1/2 + 1 1/8 and two gaps of 1/8.
    assertThat(fit.length()).isEqualTo(Length.parse("2 7/8"));
    assertThat(fit.letters().stream().map(TitleFit.Letter::start))
        .containsExactly(Length.ZERO, Length.parse("1 1/8"), Length.parse("1 3/4"));
    assertThat(fit.letters()).allMatch(TitleFit.Letter::measured);
    assertThat(fit.verdict()).isEqualTo(TitleFit.Verdict.TOO_SHORT);
    assertThat(fit.border()).isEqualTo(new Size(Length.parse("2 7/8"), Length.parse("1 1/2")));
  }

  @Test
  void set_from_its_end_the_last_letter_ends_where_the_run_does() {
    TitleWords fromEnd =
        new TitleWords(
            "BIG",
            "block",
            null,
            Length.ofInches(4),
            Length.parse("1/8"),
            false,
            true,
            null,
            null,
            false);
    TitleFit.Letter last = fit(fromEnd).letters().get(2);
    assertThat(last.end()).isEqualTo(Length.ofInches(4));
  }

  @Test
  void a_second_i_is_missing_where_the_box_has_one() {
    TitleFit fit = fit(title("BIG WIND", "9"));
    assertThat(fit.missing()).isEqualTo(Map.of("I", 1));
    assertThat(fit.works()).isFalse();
    assertThat(fit.letters().get(5).from()).isNull();
  }

  @Test
  void a_set_of_capitals_gives_capitals_however_the_title_is_written() {
    TitleFit fit = fit(title("Big", "8"));
    assertThat(fit.letters().stream().map(TitleFit.Letter::text)).containsExactly("B", "I", "G");
    assertThat(fit.length()).isEqualTo(Length.parse("2 7/8"));
    assertThat(TitleFit.used(fit, BLOCK)).isEqualTo(Map.of("B", 1, "I", 1, "G", 1));
  }

  @Test
  void letters_that_nobody_measured_are_estimated_from_those_that_were() {
    // In the typeface of these tests B, I and G are 5 tenths wide each, together 15; they measure
    // 2 5/8. W takes 10 tenths: 10/15 of that.
    TitleFit fit = fit(title("W", "2"));
    assertThat(fit.letters().get(0).measured()).isFalse();
    assertThat(fit.length()).isEqualTo(Length.parse("1 3/4"));
  }

  @Test
  void stacked_it_is_as_long_as_its_letters_are_high() {
    TitleWords down =
        new TitleWords(
            "BIG",
            "block",
            null,
            Length.ofInches(4),
            Length.parse("1/8"),
            true,
            false,
            "a",
            null,
            false);
    // 3 letters of 1 1/4 and two gaps of 1/8.
    assertThat(fit(down).length()).isEqualTo(Length.ofInches(4));
    // As wide as its widest letter, with 1/8 on both sides.
    assertThat(fit(down).border()).isEqualTo(new Size(Length.parse("1 3/8"), Length.ofInches(4)));
    assertThat(fit(down).verdict()).isEqualTo(TitleFit.Verdict.FITS);
  }

  @Test
  void fixes_work_and_take_no_letter_that_is_not_there() {
    Map<String, LetterSet> sets = Map.of("block", BLOCK, "small", SMALL);
    Map<LetterSet, Map<String, Integer>> left = Map.of(BLOCK, BLOCK.letters());
    List<TitleFixes.Offer> offers =
        TitleFixes.of(title("BIG WIND", "9"), sets, left, Faces.ALL, RULES);
    assertThat(offers.stream().map(TitleFixes.Offer::fix))
        .contains(new TitleFix.SecondSet("small"));
    assertThat(offers.stream().flatMap(offer -> offer.lines().stream()))
        .allMatch(TitleFixes.TitleLine::works);
    assertThat(TitleFixes.of(title("BIG", "4"), sets, left, Faces.ALL, RULES)).isEmpty();
  }

  @Test
  void one_that_lacks_a_letter_and_is_too_long_takes_a_second_set_and_closer_letters() {
    LetterSet other = new LetterSet("Other", BLOCK.height(), BLOCK.widths(), null, "#10262c");
    Map<String, LetterSet> sets = Map.of("block", BLOCK, "other", other);
    Map<LetterSet, Map<String, Integer>> left = Map.of(BLOCK, BLOCK.letters());
    TitleFit wide = fit(title("BIG WIND", "9"));
    TitleWords tight = title("BIG WIND", wide.length().minus(Length.parse("7/16")).toExactText());
    TitleFixes.Offer offer =
        TitleFixes.of(tight, sets, left, Faces.ALL, RULES).stream()
            .filter(each -> each.fix().equals(new TitleFix.SecondSet("other")))
            .findFirst()
            .orElseThrow();
    // Seven gaps of 1/8 and 7/16 too much: 1/16 less at each.
    assertThat(offer.spacing()).isEqualTo(Length.parse("1/16"));
    assertThat(offer.length()).isEqualTo(tight.run());
  }

  @Test
  void a_bought_phrase_is_cut_at_the_gaps_between_its_words() {
    LetterSet phrase =
        new LetterSet(
            "Phrase",
            Length.ofInches(1),
            Map.of(
                "high",
                Length.parse("2 1/4"),
                "tide",
                Length.ofInches(2),
                " ",
                Length.parse("1/2")),
            null,
            "#000000");
    TitleFit fit = TitleFit.of(title("high tide", "6"), phrase, null, Map.of(), Faces.ALL, RULES);
    // 2 1/4, a gap of 1/2 and 2, with 1/8 before and after the gap.
    assertThat(fit.length()).isEqualTo(Length.ofInches(5));
    assertThat(fit.letters().stream().map(TitleFit.Letter::text))
        .containsExactly("high", " ", "tide");
    assertThat(
            TitleFixes.of(
                    title("high tide", "3"), Map.of("block", phrase), Map.of(), Faces.ALL, RULES)
                .stream()
                .map(TitleFixes.Offer::fix))
        .containsExactly(new TitleFix.TwoLines("high", "tide"));
  }

  @Test
  void closer_letters_are_tried_by_the_marks_of_the_ruler() {
    LetterSet counted = new LetterSet("All", BLOCK.height(), BLOCK.widths(), null, "#000000");
    TitleWords wide =
        new TitleWords(
            "BIG",
            "all",
            null,
            Length.parse("2 3/4"),
            Length.parse("1/4"),
            false,
            false,
            null,
            null,
            false);
    assertThat(
            TitleFixes.of(wide, Map.of("all", counted), Map.of(), Faces.ALL, RULES).stream()
                .map(TitleFixes.Offer::fix))
        .contains(new TitleFix.Spacing(Length.parse("1/16")));
  }

  @ParameterizedTest
  @CsvSource({
    "Monday, Mon",
    "SATURDAY IN JUNE, SAT IN JUN",
    "The big wind, big wind",
    "Sand and wind, Sand & wind"
  })
  void shorter_wordings_are_those_of_days_and_months(String title, String shorter) {
    assertThat(TitleWordings.of(title)).contains(shorter).doesNotContain(title);
  }

  /** O is 5 tenths of its size wide as I and G are: as much as they on average, rounded up. */
  @Test
  void a_width_that_is_estimated_is_rounded_up_to_the_mark() {
    LetterSet odd =
        new LetterSet(
            "Odd",
            Length.parse("1 1/4"),
            Map.of("I", Length.parse("1/2"), "G", Length.parse("17/32")),
            null,
            "#10262c");
    LetterWidths widths = new LetterWidths(odd, Faces.ALL.face("plain"), RULES.trimmerIncrement());
    assertThat(widths.isMeasured("O")).isFalse();
    // The mean of 16/32 and 17/32 is 33/64; the next mark of 1/16 above is 9/16.
    assertThat(widths.width("O")).isEqualTo(Length.parse("9/16"));
    assertThat(widths.width("G")).as("measured, as it is").isEqualTo(Length.parse("17/32"));
  }

  @Test
  void two_lines_are_offered_only_where_each_of_them_works() {
    Map<String, LetterSet> sets = Map.of("block", BLOCK);
    Map<LetterSet, Map<String, Integer>> left = Map.of(BLOCK, BLOCK.letters());
    assertThat(TitleFixes.of(title("BIG WND", "4"), sets, left, Faces.ALL, RULES))
        .anyMatch(offer -> offer.fix() instanceof TitleFix.TwoLines)
        .filteredOn(offer -> offer.fix() instanceof TitleFix.TwoLines)
        .allSatisfy(offer -> assertThat(offer.lines()).allMatch(line -> line.fit().works()));
    // In a run of 2 in neither line of it works.
    assertThat(TitleFixes.of(title("BIG WND", "2"), sets, left, Faces.ALL, RULES))
        .noneMatch(offer -> offer.fix() instanceof TitleFix.TwoLines);
  }
}
