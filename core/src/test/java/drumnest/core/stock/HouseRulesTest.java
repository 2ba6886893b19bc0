package drumnest.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import drumnest.core.measure.Length;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class HouseRulesTest {

  private static final HouseRules DEFAULTS = HouseRules.defaults();

  @ParameterizedTest
  @CsvSource({
    "TRIM_CLEARANCE, 1/16",
    "TIGHT_BELOW, 1/32",
    "LOOSE_ABOVE, 1/8",
    "POCKET_EASE, 1/16",
    "TRIMMER_MARK, 1/16"
  })
  void lengths_of_the_trade(HouseRule rule, String length) {
    assertThat(DEFAULTS.length(rule)).isEqualTo(Length.parse(length));
  }

  @ParameterizedTest
  @CsvSource({"FINE_PPI, 300", "GOOD_PPI, 200", "SOFT_PPI, 150"})
  void numbers_of_the_trade(HouseRule rule, long number) {
    assertThat(DEFAULTS.number(rule)).isEqualTo(number);
  }

  @Test
  void a_change_changes_that_rule_only_and_not_the_defaults() {
    HouseRules changed = DEFAULTS.with(HouseRule.POCKET_EASE, Length.parse("1/32"));
    assertThat(changed.length(HouseRule.POCKET_EASE)).isEqualTo(Length.parse("1/32"));
    assertThat(changed.length(HouseRule.LOOSE_ABOVE))
        .isEqualTo(DEFAULTS.length(HouseRule.LOOSE_ABOVE));
    assertThat(DEFAULTS.length(HouseRule.POCKET_EASE)).isEqualTo(Length.parse("1/16"));
  }

  @ParameterizedTest
  @EnumSource(HouseRule.class)
  void every_rule_has_a_default_above_zero_and_a_source(HouseRule rule) {
    assertThat(rule.provenance()).isNotNull();
    if (rule.kind() == HouseRule.Quantity.LENGTH) {
      assertThat(DEFAULTS.length(rule).isPositive()).isTrue();
      assertThatIllegalArgumentException().isThrownBy(() -> DEFAULTS.number(rule));
      assertThatIllegalArgumentException()
          .isThrownBy(() -> DEFAULTS.with(rule, Length.parse("-1/8")));
    } else {
      assertThat(DEFAULTS.number(rule)).isPositive();
      assertThatIllegalArgumentException().isThrownBy(() -> DEFAULTS.length(rule));
      assertThatIllegalArgumentException().isThrownBy(() -> DEFAULTS.with(rule, -1));
    }
  }

  @ParameterizedTest
  @EnumSource(HouseRule.class)
  void every_rule_says_what_it_means_and_its_default_lies_within_its_range(HouseRule rule) {
    assertThat(rule.defaultValue()).isBetween(rule.least(), rule.most());
    assertThat(rule.title()).isNotBlank();
    assertThat(rule.meaning()).endsWith(".");
    assertThat(rule.affects()).isNotBlank();
    assertThatIllegalArgumentException()
        .isThrownBy(() -> HouseRules.changed(Map.of(rule, rule.most() + 1)));
  }

  @Test
  void a_rule_that_is_put_back_is_as_if_it_had_never_been_changed() {
    HouseRules changed = DEFAULTS.with(HouseRule.FINE_PPI, 250);
    assertThat(changed.isChanged(HouseRule.FINE_PPI)).isTrue();
    assertThat(changed.without(HouseRule.FINE_PPI).changes()).isEmpty();
  }

  @Test
  void rules_that_contradict_each_other_are_found() {
    assertThat(DEFAULTS.contradiction()).isEmpty();
    assertThat(DEFAULTS.with(HouseRule.TIGHT_BELOW, Length.parse("1/4")).contradiction())
        .contains(List.of(HouseRule.TIGHT_BELOW, HouseRule.LOOSE_ABOVE));
    assertThat(DEFAULTS.with(HouseRule.GOOD_PPI, 400).contradiction())
        .contains(List.of(HouseRule.GOOD_PPI, HouseRule.FINE_PPI));
  }
}
