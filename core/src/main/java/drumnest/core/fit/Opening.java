package drumnest.core.fit;

import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;

/**
 * The clear inside size of a pocket, or the size of a mount.
 *
 * @param size its width and height
 * @param known how it is known
 */
public record Opening(Size size, Known known) {

  /** How an opening is known. */
  public enum Known {
    /** Not measured: the named size and the usual ease. */
    AS_USUAL,
    /** Ruled to this measure. */
    RULED,
    /** Measured by the maker. */
    MEASURED,
    /** A mount: nothing goes in, it is stuck on. */
    MOUNT
  }

  /** The opening of a pocket that nobody has measured: its named size and the usual ease. */
  public static Opening asUsual(Size named, HouseRules rules) {
    return new Opening(named.grown(rules.length(HouseRule.POCKET_EASE)), Known.AS_USUAL);
  }

  public static Opening measured(Size size) {
    return new Opening(size, Known.MEASURED);
  }

  public static Opening ruled(Size size) {
    return new Opening(size, Known.RULED);
  }

  public static Opening mount(Size size) {
    return new Opening(size, Known.MOUNT);
  }

  /** Whether the maker measured it. */
  public boolean measured() {
    return known == Known.MEASURED;
  }
}
