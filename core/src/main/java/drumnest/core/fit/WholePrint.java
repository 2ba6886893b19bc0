package drumnest.core.fit;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.Optional;

/**
 * A small print of a whole picture, mounted on a card that fills the place: what is left for a
 * picture of which too much would be cut. Source: common practice, no source.
 */
public final class WholePrint {

  private WholePrint() {}

  /**
   * The largest print of the picture's own shape that leaves the edge of the house rule of the card
   * all around; nothing where the place is too small for that.
   *
   * @param takes the size of the print that the place takes
   * @param turned whether the picture lies in it with a quarter turn
   */
  public static Optional<CropWindow> of(
      Pixels picture, Size takes, boolean turned, HouseRules rules) {
    Size room = takes.grown(rules.length(HouseRule.WHOLE_EDGE).times(2).negated());
    if (!room.tighter().isPositive()) {
      return Optional.empty();
    }
    Pixels lying = Turned.pixels(picture, turned);
    Length highest = room.w().times(lying.h(), lying.w());
    Size print =
        highest.isMoreThan(room.h())
            ? new Size(room.h().times(lying.w(), lying.h()), room.h())
            : new Size(room.w(), highest);
    return print.tighter().isPositive()
        ? Optional.of(CropWindow.whole(picture, print, turned, rules))
        : Optional.empty();
  }
}
