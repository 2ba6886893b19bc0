package drumnest.core.place;

import drumnest.core.fit.Resolution;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.Optional;

/**
 * Why a photo that nobody has kept is placed last. What the maker keeps has none that counts.
 * Source: common practice, no source.
 */
public enum Weakness {
  /** Its subject is out of focus or shaken. */
  BLURRED,
  /** It is much too dark. */
  DARK,
  /** It has too few pixels even for a small print. */
  FEW_PIXELS;

  /** The first weakness of a photo's file; a print that lies on the table has none. */
  public static Optional<Weakness> of(AlbumPhoto photo, HouseRules rules) {
    if (!photo.hasFile() || photo.onTable() != null) {
      return Optional.empty();
    }
    if (photo.isBlurred(rules)) {
      return Optional.of(BLURRED);
    }
    if (photo.look() != null && photo.look().light().isMuchTooDark(rules)) {
      return Optional.of(DARK);
    }
    int shorter = Math.min(photo.pixels().w(), photo.pixels().h());
    return Resolution.of(shorter, rules.length(HouseRule.SMALLEST_PRINT), rules) == Resolution.POOR
        ? Optional.of(FEW_PIXELS)
        : Optional.empty();
  }
}
