package drumnest.core.place;

import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;

/**
 * How much of a page is left to breathe: presets of the share of its places that hold photos.
 * Source: from memory; each is a house rule.
 */
public enum Breathing {
  AIRY(HouseRule.AIRY_SHARE),
  EVEN(HouseRule.EVEN_SHARE),
  FULL(HouseRule.FULL_SHARE),
  PACKED(HouseRule.PACKED_SHARE);

  private final HouseRule rule;

  Breathing(HouseRule rule) {
    this.rule = rule;
  }

  /** The share in percent. */
  public long share(HouseRules rules) {
    return rules.number(rule);
  }

  /** How many of a page's places hold photos: the nearest whole number, and at least one. */
  public int most(int places, HouseRules rules) {
    return places == 0 ? 0 : (int) Math.max(1, Math.round(places * share(rules) / 100.0));
  }
}
