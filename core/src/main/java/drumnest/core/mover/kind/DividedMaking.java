package drumnest.core.mover.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mover;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.mover.kind.Construction.Area;
import drumnest.core.mover.kind.Construction.Panel;
import drumnest.core.mover.kind.Construction.Piece;
import drumnest.core.mover.kind.Construction.Role;
import drumnest.core.mover.kind.Construction.Stuff;
import drumnest.core.mover.kind.Construction.Use;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A divided place: prints on one card, in the place of a single one. */
final class DividedMaking extends Making {

  DividedMaking(Mover mover, HouseRules rules) {
    super(mover, rules);
  }

  @Override
  List<Flap> parts(@Nullable String below) {
    List<Flap> parts = new ArrayList<>();
    for (Box half : mover.at().halves()) {
      parts.add(stuckDown(parts.size(), half, Length.ZERO, below));
    }
    return parts;
  }

  /** The card on which all prints are stuck. */
  @Override
  List<Piece> pieces(List<Flap> parts) {
    Box at = mover.at();
    List<Panel> prints =
        parts.stream()
            .map(
                flap ->
                    Panel.of(flap, flap.closed().moved(at.x().negated(), at.y().negated()), true))
            .toList();
    return List.of(
        Piece.plain(Role.CARD, null, Stuff.CARD, at.size())
            .withAreas(new Area(Use.GLUE_BEHIND, Box.of(at.size())))
            .withPanels(prints));
  }
}
