package drumnest.server.stock;

import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.server.FieldProblemException;
import drumnest.server.store.ChangedRules;
import drumnest.server.store.HouseRuleEntity;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The house rules in force; what the maker changed is stored with the data. */
@Service
public class RulesInForce {

  private final ChangedRules changed;
  private volatile @Nullable HouseRules known;

  RulesInForce(ChangedRules changed) {
    this.changed = changed;
  }

  public HouseRules rules() {
    HouseRules rules = known;
    if (rules == null) {
      Map<HouseRule, Long> values = new EnumMap<>(HouseRule.class);
      for (HouseRuleEntity each : changed.findAll()) {
        // A rule that a later version no longer has is left alone.
        for (HouseRule rule : HouseRule.values()) {
          if (rule.name().equals(each.name())) {
            values.put(rule, Math.max(rule.least(), Math.min(rule.most(), each.amount())));
          }
        }
      }
      rules = HouseRules.changed(values);
      known = rules;
    }
    return rules;
  }

  /**
   * The rules as they would be with one of them changed.
   *
   * @param value stored units of length, or the number itself
   * @throws FieldProblemException if the value is out of its range or contradicts another rule
   */
  public HouseRules with(HouseRule rule, long value) {
    if (value < rule.least() || value > rule.most()) {
      throw new FieldProblemException(
          "value",
          "“"
              + rule.title()
              + "” lies between "
              + RuleText.of(rule, rule.least())
              + " and "
              + RuleText.of(rule, rule.most())
              + ".");
    }
    Map<HouseRule, Long> values = new EnumMap<>(HouseRule.class);
    values.putAll(rules().changes());
    values.put(rule, value);
    return consistent(HouseRules.changed(values));
  }

  private static HouseRules consistent(HouseRules rules) {
    List<HouseRule> pair = rules.contradiction().orElse(null);
    if (pair != null) {
      throw new FieldProblemException(
          "value",
          "“" + pair.get(0).title() + "” cannot be more than “" + pair.get(1).title() + "”.");
    }
    return rules;
  }

  public void change(HouseRule rule, long value) {
    HouseRules next = with(rule, value);
    changed.save(new HouseRuleEntity(rule.name(), value));
    known = next;
  }

  /** Puts a rule back to its default. */
  public void putBack(HouseRule rule) {
    HouseRules next = consistent(rules().without(rule));
    changed.deleteById(rule.name());
    known = next;
  }
}
