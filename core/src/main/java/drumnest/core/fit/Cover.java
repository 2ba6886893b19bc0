package drumnest.core.fit;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;

/**
 * A card or a clip over a part of a print that must not be seen, larger than that part on each side
 * by the house rule, as far as the print goes. Source: common practice, no source.
 *
 * @param left from the left edge of the print, before trimming, to that of the cover
 * @param top the same from above
 * @param size its size
 */
public record Cover(Length left, Length top, Size size) {

  /**
   * @param part the part, in the pixels that are printed, as they lie
   * @param printed how many these are
   * @param print the size of the print
   */
  static Cover of(PixelBox part, Pixels printed, Size print, HouseRules rules) {
    Length more = rules.length(HouseRule.COVER_OVERLAP);
    Length left = print.w().times(part.x(), printed.w()).minus(more).max(Length.ZERO);
    Length top = print.h().times(part.y(), printed.h()).minus(more).max(Length.ZERO);
    Length right = print.w().times(part.right(), printed.w()).plus(more).min(print.w());
    Length bottom = print.h().times(part.bottom(), printed.h()).plus(more).min(print.h());
    return new Cover(left, top, new Size(right.minus(left), bottom.minus(top)));
  }
}
