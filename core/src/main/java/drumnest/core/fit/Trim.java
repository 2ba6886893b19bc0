package drumnest.core.fit;

import drumnest.core.measure.Increment;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import org.jspecify.annotations.Nullable;

/**
 * How a print is cut down, as the picture is seen: how much comes off which edge.
 *
 * <p>A sliver (at most what makes a fit loose) comes off one edge in one cut: the right or the
 * foot, unless what must stay lies nearer to it than to the edge across. More than a sliver comes
 * off both edges so that what stays is as near centred on the keep box as the print allows; the cut
 * at the left and the top is rounded down to the mark. Source: common practice, no source.
 *
 * @param from the print
 * @param to what is left of it
 */
public record Trim(Size from, Size to, Length left, Length top, Length right, Length bottom) {

  /**
   * @param printed the pixels that the print shows
   * @param keep what must stay of them, or null
   */
  public static Trim plan(
      Size from, Size to, Pixels printed, @Nullable PixelBox keep, HouseRules rules) {
    Length left =
        before(
            from.w(),
            to.w(),
            keep == null ? 0 : keep.x(),
            keep == null ? printed.w() : keep.w(),
            printed.w(),
            rules);
    Length top =
        before(
            from.h(),
            to.h(),
            keep == null ? 0 : keep.y(),
            keep == null ? printed.h() : keep.h(),
            printed.h(),
            rules);
    return new Trim(
        from, to, left, top, from.w().minus(to.w()).minus(left), from.h().minus(to.h()).minus(top));
  }

  /** Whether anything comes off at all. */
  public boolean isNeeded() {
    return !from.equals(to);
  }

  /** Tells what comes off before the part that stays, on one axis. */
  private static Length before(
      Length from, Length to, int keepStart, int keepLength, int pixels, HouseRules rules) {
    Length off = from.minus(to);
    if (!off.isPositive()) {
      return Length.ZERO;
    }
    int keepEnd = pixels - keepStart - keepLength;
    if (!off.isMoreThan(rules.length(HouseRule.LOOSE_ABOVE))) {
      return keepEnd < keepStart ? off : Length.ZERO;
    }
    Length centre = from.times(2L * keepStart + keepLength, 2L * pixels);
    Increment mark = rules.trimmerIncrement();
    Length start = mark.below(centre.minus(to.dividedBy(2)));
    return start.max(Length.ZERO).min(off);
  }
}
