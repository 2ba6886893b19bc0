package drumnest.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import drumnest.core.measure.Length;
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
    assertThat(rule.source()).isNotNull();
    if (rule.kind() == HouseRule.Kind.LENGTH) {
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
}
