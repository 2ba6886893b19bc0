package drumnest.core.mover.kind;

import drumnest.core.album.flap.Band;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mover;
import drumnest.core.measure.Box;
import drumnest.core.mover.kind.Construction.Piece;
import drumnest.core.stock.HouseRules;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One half of a band across the gutter, stuck down whole. */
final class GutterBandMaking extends Making {

  private final Band.Gutter band;

  GutterBandMaking(Mover mover, Band.Gutter band, HouseRules rules) {
    super(mover, rules);
    this.band = band;
  }

  @Override
  List<Flap> parts(@Nullable String below) {
    return band(band, below);
  }

  @Override
  List<Piece> pieces(List<Flap> parts) {
    return Piece.mirrorHalves(parts.get(0), Box.of(mover.at().size()));
  }
}
