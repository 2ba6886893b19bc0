package drumnest.core.mover.kind;

import drumnest.core.album.flap.Band;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.measure.Box;
import drumnest.core.mover.kind.Construction.Piece;
import drumnest.core.stock.HouseRules;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One half of a band beyond a narrow leaf, of which a strip is stuck to that. */
final class EdgeBandMaking extends Making {

  private final Band.Beyond band;

  EdgeBandMaking(Mover mover, Band.Beyond band, HouseRules rules) {
    super(mover, rules);
    this.band = band;
  }

  @Override
  List<Flap> parts(@Nullable String below) {
    if (!mover.at().w().isMoreThan(band.overlap())) {
      throw new MoverProblemException(
          "w", "ends on the leaf; it must be more than what is stuck to that", band.overlap());
    }
    return band(band, below);
  }

  @Override
  List<Piece> pieces(List<Flap> parts) {
    Box stuck = mover.edge().opposite().along(Box.of(mover.at().size()), band.overlap());
    return Piece.mirrorHalves(parts.get(0), stuck);
  }
}
