package drumnest.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class InsertFitTest {

  private static final HouseRules RULES = HouseRules.defaults();

  private static Size size(String w, String h) {
    return new Size(Length.parse(w), Length.parse(h));
  }

  private static InsertFit fit(String w, String h, String openW, String openH, boolean mayTurn) {
    return InsertFit.of(size(w, h), size(openW, openH), mayTurn, RULES);
  }

  @ParameterizedTest
  @CsvSource({
    "3, 4, 2 31/32, 4 1/16, TOO_BIG",
    "3, 4, 3, 4 1/16, TIGHT",
    "3, 4, 3 1/64, 4 1/16, TIGHT",
    "3, 4, 3 1/32, 4 1/16, SNUG",
    "3, 4, 3 1/8, 4 1/8, SNUG",
    "3, 4, 3 9/64, 4 1/16, LOOSE",
    "3, 4, 3 1/64, 5, TIGHT"
  })
  void verdicts_of_the_table(String w, String h, String openW, String openH, String verdict) {
    assertThat(fit(w, h, openW, openH, false).verdict())
        .isEqualTo(InsertFit.Verdict.valueOf(verdict));
  }

  @Test
  void a_3_by_4_card_in_a_pocket_of_2_31_32_is_trimmed_to_2_7_8() {
    InsertFit fit = fit("3", "4", "2 31/32", "4 1/16", true);
    assertThat(fit.verdict()).isEqualTo(InsertFit.Verdict.TOO_BIG);
    assertThat(fit.trimTo()).isEqualTo(size("2 7/8", "4"));
    assertThat(fit.trim()).isEqualTo(size("1/8", "0"));
    assertThat(fit.turned()).isFalse();
  }

  @Test
  void a_loose_insert_gets_a_backing_and_an_even_edge() {
    InsertFit fit = fit("3", "3", "4 1/16", "4 1/16", false);
    assertThat(fit.verdict()).isEqualTo(InsertFit.Verdict.LOOSE);
    assertThat(fit.backing()).isEqualTo(size("4", "4"));
    assertThat(fit.reveal()).isEqualTo(size("1/2", "1/2"));
  }

  @Test
  void a_backing_is_never_smaller_than_the_insert() {
    InsertFit fit = fit("3", "4", "3 1/2", "4 1/32", false);
    assertThat(fit.backing()).isEqualTo(size("3 7/16", "4"));
  }

  @Test
  void turned_only_where_that_helps() {
    assertThat(fit("4", "6", "6 1/16", "4 1/16", true).turned()).isTrue();
    assertThat(fit("4", "6", "6 1/16", "4 1/16", true).insert()).isEqualTo(size("6", "4"));
    assertThat(fit("4", "6", "6 1/16", "4 1/16", false).turned()).isFalse();
    assertThat(fit("8", "9", "3", "4", true).turned()).isFalse();
    assertThat(fit("3", "4", "4", "4", true).turned()).isFalse();
  }

  /** ISO/IEC 7810 ID-1 is 85.60 × 53.98 mm, so a bank card goes into a pocket for 3 × 4 cards. */
  @Test
  void a_bank_card_goes_into_a_3_by_4_pocket() {
    Size card = size("85.60 mm", "53.98 mm");
    Opening pocket = Opening.asUsual(Size.ofInches(3, 4), RULES);
    InsertFit fit = InsertFit.of(card, pocket.size(), true, RULES);
    assertThat(fit.turned()).isTrue();
    assertThat(fit.verdict()).isEqualTo(InsertFit.Verdict.LOOSE);
  }

  @Test
  void a_changed_house_rule_changes_the_verdict() {
    HouseRules strict = RULES.with(HouseRule.TIGHT_BELOW, Length.parse("1/8"));
    assertThat(InsertFit.of(size("3", "4"), size("3 1/16", "4 1/16"), false, strict).verdict())
        .isEqualTo(InsertFit.Verdict.TIGHT);
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(longs = {21, 22, 23, 24})
  void what_was_trimmed_as_told_goes_in_afterwards(long seed) {
    Random random = new Random(seed);
    for (int i = 0; i < 300; i++) {
      Size insert = new Size(sixtyFourths(random, 64, 700), sixtyFourths(random, 64, 700));
      Size opening = new Size(sixtyFourths(random, 64, 700), sixtyFourths(random, 64, 700));
      InsertFit fit = InsertFit.of(insert, opening, true, RULES);
      assertThat(fit.trimTo().plus(fit.trim())).isEqualTo(fit.insert());
      InsertFit after = InsertFit.of(fit.trimTo(), opening, false, RULES);
      assertThat(after.verdict()).isIn(InsertFit.Verdict.SNUG, InsertFit.Verdict.LOOSE);
      assertThat(after.trimTo()).isEqualTo(fit.trimTo());
    }
  }

  private static Length sixtyFourths(Random random, int from, int to) {
    return Length.ofInches(0, from + random.nextInt(to - from), 64);
  }

  @ParameterizedTest(name = "a print of {0} × {1} on a mount of 4 × 4: {2}")
  @CsvSource({"4, 4, SNUG, 4, 4", "4 1/32, 4, TOO_BIG, 4, 4", "3 1/2, 4, LOOSE, 3 1/2, 4"})
  void on_a_mount_nothing_has_to_go_in(
      String w, String h, String verdict, String trimW, String trimH) {
    InsertFit fit =
        InsertFit.onMount(
            new Size(Length.parse(w), Length.parse(h)), Size.ofInches(4, 4), HouseRules.defaults());
    assertThat(fit.verdict()).hasToString(verdict);
    assertThat(fit.trimTo()).isEqualTo(new Size(Length.parse(trimW), Length.parse(trimH)));
    if (fit.reveal() != null) {
      assertThat(fit.reveal().w()).isEqualTo(Length.parse("1/4"));
    }
  }
}
