package drumnest.core.place;

import drumnest.core.measure.Area;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.List;

/**
 * How much is left to breathe: presets of the share of the picture area that holds photos. Source:
 * from memory; each is a house rule.
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

  /**
   * How much of a page's places may hold photos. A page holds whole photos, so the pages of an
   * album take turns in holding a little more and a little less than the share: over any run of
   * pages of one kind the sum is within one place of it. Every page may hold its smallest place at
   * least. Method: what the pages up to this one may hold, rounded, less what those before it may,
   * rounded (error diffusion; Bresenham 1965, from memory).
   *
   * @param places the sizes of the page's places
   * @param number which page of the album it is, from 1
   */
  public Area room(List<Size> places, int number, HouseRules rules) {
    return places.isEmpty()
        ? Area.NONE
        : room(AreaUnits.of(places.stream().map(Area::of).toList()), number, rules);
  }

  /** How much a page may hold, by the areas of its places. */
  Area room(AreaUnits units, int number, HouseRules rules) {
    if (units.ofPlaces().isEmpty()) {
      return Area.NONE;
    }
    long upTo = rounded(units.whole(), number, rules) - rounded(units.whole(), number - 1L, rules);
    return units.unit().times(Math.max(units.smallest(), upTo));
  }

  private long rounded(int units, long pages, HouseRules rules) {
    return Math.round(pages * units * share(rules) / 100.0);
  }
}
