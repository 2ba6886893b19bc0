package drumnest.core.fit;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.Optional;

/**
 * An upright photo beside a wide one, with equal pieces in a row under the wide one and one gap
 * everywhere. The pieces are (W − (n − 1)·gap)/n wide and H − b − gap high, where H is the height
 * of the upright, W × b the wide one. They are squares only if the two agree; so there is the
 * slight oblong that fills exactly, and the largest square with what it leaves. Source: arithmetic.
 *
 * @param oblong the piece that fills exactly
 * @param side the side of the largest square
 * @param widthLeft what squares leave over in the width, in all
 * @param heightLeft what squares leave over in the height
 */
public record MixedBlock(Size oblong, Length side, Length widthLeft, Length heightLeft) {

  /**
   * @return nothing if there is no room for pieces
   */
  public static Optional<MixedBlock> of(Size upright, Size wide, int pieces, Length gap) {
    Length row = wide.w().minus(gap.times(pieces - 1L));
    Length height = upright.h().minus(wide.h()).minus(gap);
    Size oblong = new Size(row.dividedBy(pieces), height);
    if (!oblong.tighter().isPositive()) {
      return Optional.empty();
    }
    Length side = oblong.tighter();
    return Optional.of(
        new MixedBlock(oblong, side, row.minus(side.times(pieces)), height.minus(side)));
  }
}
