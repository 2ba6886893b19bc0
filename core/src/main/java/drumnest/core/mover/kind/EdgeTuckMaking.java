package drumnest.core.mover.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.mover.kind.Construction.Area;
import drumnest.core.mover.kind.Construction.Piece;
import drumnest.core.mover.kind.Construction.Role;
import drumnest.core.mover.kind.Construction.Stuff;
import drumnest.core.mover.kind.Construction.Use;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** An edge tuck: a card under an edge that is left free of glue. */
final class EdgeTuckMaking extends Making {

  private final Mechanism.EdgeTuck tuck;

  EdgeTuckMaking(Mover mover, Mechanism.EdgeTuck tuck, HouseRules rules) {
    super(mover, rules);
    this.tuck = tuck;
  }

  @Override
  List<Flap> parts(@Nullable String below) {
    boolean side = mover.edge().isAtSide();
    Length across = side ? mover.at().h() : mover.at().w();
    Length deep = side ? tuck.card().w() : tuck.card().h();
    if ((side ? tuck.card().h() : tuck.card().w()).isMoreThan(across)) {
      throw new MoverProblemException(
          side ? "card.h" : "card.w", "is wider than the edge; trim it to", across);
    }
    Length most =
        mover.edge().depth(mover.at()).minus(rules.length(HouseRule.GLUE_OVERLAP)).min(deep);
    if (tuck.depth().isMoreThan(most)) {
      throw new MoverProblemException(
          "depth", "leaves too little to glue, or is deeper than the card; the most is", most);
    }
    return List.of(behind(tuck.card(), deep.minus(tuck.depth())));
  }

  /** The card, and the back of its front, glued but for the edge under which the card goes. */
  @Override
  List<Piece> pieces(List<Flap> parts) {
    Box front = Box.of(mover.at().size());
    Length glued = mover.edge().depth(front).minus(tuck.depth());
    Area glue = new Area(Use.GLUE_BEHIND, mover.edge().opposite().along(front, glued));
    return List.of(
        Piece.plain(Role.BACK_OF_FRONT, null, Stuff.TAPE, front.size()).withAreas(glue),
        Piece.card(parts.get(0)));
  }
}
