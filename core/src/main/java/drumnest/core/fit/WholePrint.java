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

  /** How far in from both edges a round corner has its middle, of its radius: 1 − √½. */
  private static final double CORNER_OFF = 1 - Math.sqrt(0.5);

  private WholePrint() {}

  /**
   * The largest print of the picture's own shape that leaves the edge of the house rule of the card
   * all around; nothing where the place is too small for that, or its print is cut into pieces. On
   * a card with corners that are cut off it stays inside the largest rectangle, of the print's
   * shape where the card is oval, that has its corners on the outline.
   *
   * @param takes the size of the print that the place takes
   * @param outline in which its card is cut
   * @param turned whether the picture lies in it with a quarter turn
   */
  public static Optional<CropWindow> of(
      Pixels picture, Size takes, Outline outline, boolean turned, HouseRules rules) {
    Size inside = takes.grown(rules.length(HouseRule.WHOLE_EDGE).times(2).negated());
    if (!inside.tighter().isPositive() || outline instanceof Outline.Pieces) {
      return Optional.empty();
    }
    Pixels lying = Turned.pixels(picture, turned);
    Size room = room(inside, outline, lying);
    Length highest = room.w().times(lying.h(), lying.w());
    Size print =
        highest.isMoreThan(room.h())
            ? new Size(room.h().times(lying.w(), lying.h()), room.h())
            : new Size(room.w(), highest);
    return print.tighter().isPositive()
        ? Optional.of(CropWindow.whole(picture, print, turned, rules))
        : Optional.empty();
  }

  /** The room for a rectangle of a picture's shape on a card of this outline. */
  private static Size room(Size card, Outline outline, Pixels lying) {
    if (outline instanceof Outline.Oval) {
      double across = (double) lying.w() / card.w().toNanometres();
      double down = (double) lying.h() / card.h().toNanometres();
      double scale = 1 / Math.hypot(across, down);
      return new Size(
          Length.ofNanometres((long) (scale * lying.w())),
          Length.ofNanometres((long) (scale * lying.h())));
    }
    Size corner = outline.corner(card);
    Length off = Length.ofNanometres((long) (corner.w().toNanometres() * CORNER_OFF));
    return card.grown(off.times(2).negated());
  }
}
