package drumnest.core.fit;

import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;

/**
 * The clear inside size of a pocket.
 *
 * @param size its width and height
 * @param measured whether the maker measured it; if not it is taken to be as usual
 */
public record Opening(Size size, boolean measured) {

  /** The opening of a pocket that nobody has measured: its named size and the usual ease. */
  public static Opening asUsual(Size named, HouseRules rules) {
    return new Opening(named.grown(rules.length(HouseRule.POCKET_EASE)), false);
  }

  public static Opening measured(Size size) {
    return new Opening(size, true);
  }
}
