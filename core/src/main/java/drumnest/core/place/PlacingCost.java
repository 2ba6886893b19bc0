package drumnest.core.place;

import drumnest.core.fit.CropWindow;
import drumnest.core.fit.Resolution;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRules;
import java.util.Optional;

/**
 * What it costs to put a picture into a place, in whole millionths of a millionth, so that sums are
 * exact and comparisons never depend on the order of adding.
 *
 * <p>For a file: the share of the picture that is cropped away, plus 0, 0.05, 0.2 or 0.6 for a
 * fine, good, soft or poor resolution. For a print on the table: the share of the print that is
 * trimmed away plus the share of the place that it leaves bare. A crop that cuts the keep box, and
 * a hero in a hidden place, are not allowed. Source: common practice, no source.
 */
public final class PlacingCost {

  /** A cost of one. */
  public static final long ONE = 1_000_000_000_000L;

  /** What a picture without a place costs. */
  public static final long LEFT_OUT = 2 * ONE;

  /** What two lookalikes in neighbouring places cost. */
  public static final long NEIGHBOURS_ALIKE = ONE / 10;

  /** Not allowed. Far above any sum of costs, and far enough below the range to be added to. */
  static final long FORBIDDEN = Long.MAX_VALUE / 4;

  private PlacingCost() {}

  /** The cost of the picture in the place; {@link #FORBIDDEN} if it is not allowed there. */
  static long of(Candidate candidate, Place place, HouseRules rules) {
    if (candidate.hero() && place.hidden()) {
      return FORBIDDEN;
    }
    Size onTable = candidate.onTable();
    if (onTable != null) {
      long straight = lying(onTable, place.print());
      return place.mayTurn()
          ? Math.min(straight, lying(onTable.turned(), place.print()))
          : straight;
    }
    return window(candidate, place, rules)
        .map(crop -> share(1 - crop.keptShare()) + resolution(crop.resolution()))
        .orElse(FORBIDDEN);
  }

  /** The crop window that the cost of a file is taken from. */
  public static Optional<CropWindow> window(Candidate candidate, Place place, HouseRules rules) {
    return place.mayTurn()
        ? CropWindow.ofEitherTurn(candidate.pixels(), place.print(), candidate.keep(), rules)
        : CropWindow.of(candidate.pixels(), place.print(), candidate.keep(), rules);
  }

  private static long lying(Size print, Size place) {
    double seen =
        overlap(print.w().toNanometres(), place.w().toNanometres())
            * overlap(print.h().toNanometres(), place.h().toNanometres());
    double covered =
        overlap(place.w().toNanometres(), print.w().toNanometres())
            * overlap(place.h().toNanometres(), print.h().toNanometres());
    return share(1 - seen) + share(1 - covered);
  }

  /** The share of {@code length} that is inside {@code limit}. */
  private static double overlap(long length, long limit) {
    return (double) Math.min(length, limit) / length;
  }

  private static long share(double share) {
    return Math.round(share * ONE);
  }

  private static long resolution(Resolution resolution) {
    return switch (resolution) {
      case FINE -> 0;
      case GOOD -> ONE / 20;
      case SOFT -> ONE / 5;
      case POOR -> 3 * ONE / 5;
    };
  }
}
