package drumnest.core.mover.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mover;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.mover.kind.Construction.Piece;
import drumnest.core.stock.HouseRules;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One half of a band across the gutter, stuck down whole. */
final class GutterBandMaking extends Making {

  GutterBandMaking(Mover mover, HouseRules rules) {
    super(mover, rules);
  }

  @Override
  List<Flap> parts(@Nullable String below) {
    return List.of(stuckDown(0, mover.at(), Length.ZERO, below));
  }

  @Override
  List<Piece> pieces(List<Flap> parts) {
    return Piece.mirrorHalves(parts.get(0), Box.of(mover.at().size()));
  }
}
