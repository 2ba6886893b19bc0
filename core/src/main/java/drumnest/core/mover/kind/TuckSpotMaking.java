package drumnest.core.mover.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.mover.kind.Construction.Area;
import drumnest.core.mover.kind.Construction.Piece;
import drumnest.core.mover.kind.Construction.Role;
import drumnest.core.mover.kind.Construction.Stuff;
import drumnest.core.mover.kind.Construction.Use;
import drumnest.core.stock.HouseRules;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A tuck spot: a card behind a photo, on two rails of tape and a stop. */
final class TuckSpotMaking extends Making {

  private final Mechanism.TuckSpot tuck;
  private final TuckSpot measured;

  TuckSpotMaking(Mover mover, Mechanism.TuckSpot tuck, HouseRules rules) {
    super(mover, rules);
    this.tuck = tuck;
    this.measured = TuckSpot.of(mover, tuck, rules);
  }

  @Override
  List<Flap> parts(@Nullable String below) {
    Length trimTo = measured.trimCardTo();
    if (trimTo != null) {
      throw new MoverProblemException(
          "card", "does not go between the rails behind this photo; trim it to", trimTo);
    } else if (!measured.stopFits()) {
      throw new MoverProblemException(
          "visible",
          "leaves so much of the card behind the photo that its stop would show; the least is",
          measured.card().h().plus(measured.rail()).minus(measured.photo().h()));
    }
    return List.of(behind(tuck.card(), tuck.visible()));
  }

  @Override
  List<Piece> pieces(List<Flap> parts) {
    Edge edge = mover.edge();
    Box photo = Box.of(mover.at().size());
    Length deep = measured.stopBelowTop();
    Box run = edge.along(photo, deep);
    boolean upright = !edge.isAtSide();
    Edge one = upright ? Edge.LEFT : Edge.TOP;
    Length across = measured.card().w();
    Length aside =
        (upright ? photo.w() : photo.h()).minus(across).dividedBy(2).minus(measured.play());
    Length rail = measured.rail();
    Box stop = edge.along(photo, deep.plus(rail));
    return List.of(
        Piece.plain(Role.BACK_OF_PHOTO, null, Stuff.TAPE, photo.size())
            .withAreas(
                new Area(Use.STRIP, one.opposite().along(one.along(run, aside), rail)),
                new Area(Use.STRIP, one.along(one.opposite().along(run, aside), rail)),
                new Area(Use.STRIP, edge.opposite().along(stop, rail))),
        Piece.card(parts.get(0)));
  }
}
