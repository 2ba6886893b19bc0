package drumnest.core.mover.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.kind.Construction.Area;
import drumnest.core.mover.kind.Construction.Piece;
import drumnest.core.mover.kind.Construction.Role;
import drumnest.core.mover.kind.Construction.Stuff;
import drumnest.core.mover.kind.Construction.Use;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A pull-out: a card in a pocket that is glued on three sides. */
final class PullOutMaking extends Making {

  private final Mechanism.PullOut pullOut;

  PullOutMaking(Mover mover, Mechanism.PullOut pullOut, HouseRules rules) {
    super(mover, rules);
    this.pullOut = pullOut;
  }

  @Override
  List<Flap> parts(@Nullable String below) {
    Size most = PullOutPocket.most(mover, rules);
    if (!pullOut.card().fitsIn(most)) {
      boolean wide = pullOut.card().w().isMoreThan(most.w());
      throw new MoverProblemException(
          "card",
          "does not go into this pocket; its " + (wide ? "width" : "height") + " may be at most",
          wide ? most.w() : most.h());
    }
    return List.of(behind(pullOut.card(), Length.ZERO));
  }

  @Override
  List<Piece> pieces(List<Flap> parts) {
    Box pocket = Box.of(mover.at().size());
    Length glue = rules.length(HouseRule.TUCK_RAIL);
    Area[] glued =
        Stream.of(Edge.values())
            .filter(edge -> edge != mover.edge())
            .map(edge -> new Area(Use.GLUE_BEHIND, edge.along(pocket, glue)))
            .toArray(Area[]::new);
    return List.of(
        Piece.plain(Role.POCKET_FRONT, null, Stuff.CARD, pocket.size()).withAreas(glued),
        Piece.card(parts.get(0)));
  }
}
