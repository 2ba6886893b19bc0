package drumnest.core.stock;

import drumnest.core.measure.Length;
import drumnest.core.measure.Mark;
import java.util.EnumMap;
import java.util.Map;

/** The house rules in force: the defaults, and in their place what the maker changed. Immutable. */
public final class HouseRules {

  private static final HouseRules DEFAULTS = new HouseRules(new EnumMap<>(HouseRule.class));

  private final Map<HouseRule, Long> changed;

  private HouseRules(Map<HouseRule, Long> changed) {
    this.changed = changed;
  }

  public static HouseRules defaults() {
    return DEFAULTS;
  }

  /**
   * These rules with one length changed.
   *
   * @throws IllegalArgumentException if the rule is no length, or the value is below zero
   */
  public HouseRules with(HouseRule rule, Length value) {
    return with(rule, HouseRule.Kind.LENGTH, value.toNanometres());
  }

  /**
   * These rules with one number changed.
   *
   * @throws IllegalArgumentException if the rule is no number, or the value is below zero
   */
  public HouseRules with(HouseRule rule, long value) {
    return with(rule, HouseRule.Kind.NUMBER, value);
  }

  private HouseRules with(HouseRule rule, HouseRule.Kind kind, long value) {
    require(rule, kind);
    if (value < 0) {
      throw new IllegalArgumentException(rule + " is not below zero.");
    }
    Map<HouseRule, Long> next = new EnumMap<>(HouseRule.class);
    next.putAll(changed);
    next.put(rule, value);
    return new HouseRules(next);
  }

  /**
   * @throws IllegalArgumentException if the rule is no length
   */
  public Length length(HouseRule rule) {
    require(rule, HouseRule.Kind.LENGTH);
    return Length.ofNanometres(value(rule));
  }

  /**
   * @throws IllegalArgumentException if the rule is no number
   */
  public long number(HouseRule rule) {
    require(rule, HouseRule.Kind.NUMBER);
    return value(rule);
  }

  /** The mark of the maker's trimmer. */
  public Mark trimmerMark() {
    return new Mark(length(HouseRule.TRIMMER_MARK));
  }

  private long value(HouseRule rule) {
    return changed.getOrDefault(rule, rule.fallback());
  }

  private static void require(HouseRule rule, HouseRule.Kind kind) {
    if (rule.kind() != kind) {
      throw new IllegalArgumentException(rule + " is a " + rule.kind() + ".");
    }
  }
}
