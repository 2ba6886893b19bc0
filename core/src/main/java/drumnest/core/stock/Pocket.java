package drumnest.core.stock;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;

/**
 * One pocket of a protector.
 *
 * @param box where it lies on the page
 * @param named the size it is called after, which is also that of the print to order for it
 * @param ruled whether the box is its true opening, because it was ruled to that measure; else it
 *     is the named size on the named page, and the opening is not known until it is measured
 */
public record Pocket(Box box, Size named, boolean ruled) {

  /** A pocket of the trade, called after its box. */
  public static Pocket named(Box box) {
    return new Pocket(box, box.size(), false);
  }

  Pocket mirroredIn(Length width) {
    return new Pocket(box.mirroredIn(width), named, ruled);
  }
}
