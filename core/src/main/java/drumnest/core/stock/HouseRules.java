package drumnest.core.stock;

import drumnest.core.measure.Increment;
import drumnest.core.measure.Length;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The house rules in force: the defaults, and in their place what the maker changed. Immutable. */
public final class HouseRules {

  /** Rules that must not pass each other, the smaller first. */
  private static final List<List<HouseRule>> RISING =
      List.of(
          List.of(HouseRule.TIGHT_BELOW, HouseRule.LOOSE_ABOVE),
          List.of(HouseRule.EDGE_FROM, HouseRule.EDGE_TO),
          List.of(HouseRule.SOFT_PPI, HouseRule.GOOD_PPI, HouseRule.FINE_PPI),
          List.of(
              HouseRule.AIRY_SHARE,
              HouseRule.EVEN_SHARE,
              HouseRule.FULL_SHARE,
              HouseRule.PACKED_SHARE));

  private static final HouseRules DEFAULTS = new HouseRules(new EnumMap<>(HouseRule.class));

  private final Map<HouseRule, Long> changed;

  private HouseRules(Map<HouseRule, Long> changed) {
    this.changed = changed;
  }

  public static HouseRules defaults() {
    return DEFAULTS;
  }

  /**
   * The defaults, but for these; values are stored units of length or the number itself.
   *
   * @throws IllegalArgumentException if a value is outside the range of its rule
   */
  public static HouseRules changed(Map<HouseRule, Long> values) {
    Map<HouseRule, Long> changed = new EnumMap<>(HouseRule.class);
    values.forEach(
        (rule, value) -> {
          requireInRange(rule, value);
          changed.put(rule, value);
        });
    return new HouseRules(changed);
  }

  /**
   * These rules with one length changed.
   *
   * @throws IllegalArgumentException if the rule is no length, or the value is outside its range
   */
  public HouseRules with(HouseRule rule, Length value) {
    return with(rule, HouseRule.Quantity.LENGTH, value.toNanometres());
  }

  /**
   * These rules with one number changed.
   *
   * @throws IllegalArgumentException if the rule is no number, or the value is outside its range
   */
  public HouseRules with(HouseRule rule, long value) {
    return with(rule, HouseRule.Quantity.NUMBER, value);
  }

  private HouseRules with(HouseRule rule, HouseRule.Quantity kind, long value) {
    require(rule, kind);
    Map<HouseRule, Long> next = new EnumMap<>(HouseRule.class);
    next.putAll(changed);
    next.put(rule, value);
    return changed(next);
  }

  /** These rules with one put back to its default. */
  public HouseRules without(HouseRule rule) {
    Map<HouseRule, Long> next = new EnumMap<>(HouseRule.class);
    next.putAll(changed);
    next.remove(rule);
    return new HouseRules(next);
  }

  /** Tells what was changed: stored units of length, or the number itself. */
  public Map<HouseRule, Long> changes() {
    return Collections.unmodifiableMap(changed);
  }

  public boolean isChanged(HouseRule rule) {
    return value(rule) != rule.defaultValue();
  }

  /** Two rules that contradict each other, the one that should be smaller first, if any do. */
  public Optional<List<HouseRule>> contradiction() {
    for (List<HouseRule> rising : RISING) {
      for (int i = 1; i < rising.size(); i++) {
        if (value(rising.get(i - 1)) > value(rising.get(i))) {
          return Optional.of(rising.subList(i - 1, i + 1));
        }
      }
    }
    return Optional.empty();
  }

  /**
   * @throws IllegalArgumentException if the rule is no length
   */
  public Length length(HouseRule rule) {
    require(rule, HouseRule.Quantity.LENGTH);
    return Length.ofNanometres(value(rule));
  }

  /**
   * @throws IllegalArgumentException if the rule is no number
   */
  public long number(HouseRule rule) {
    require(rule, HouseRule.Quantity.NUMBER);
    return value(rule);
  }

  /** The mark of the maker's trimmer. */
  public Increment trimmerIncrement() {
    return new Increment(length(HouseRule.TRIMMER_MARK));
  }

  private long value(HouseRule rule) {
    return changed.getOrDefault(rule, rule.defaultValue());
  }

  private static void require(HouseRule rule, HouseRule.Quantity kind) {
    if (rule.kind() != kind) {
      throw new IllegalArgumentException(rule + " is a " + rule.kind() + ".");
    }
  }

  private static void requireInRange(HouseRule rule, long value) {
    if (value < rule.least() || value > rule.most()) {
      throw new IllegalArgumentException(rule + " is out of its range.");
    }
  }
}
