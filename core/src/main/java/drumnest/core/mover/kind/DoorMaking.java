package drumnest.core.mover.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.kind.Construction.Area;
import drumnest.core.mover.kind.Construction.Fold;
import drumnest.core.mover.kind.Construction.Panel;
import drumnest.core.mover.kind.Construction.Piece;
import drumnest.core.mover.kind.Construction.Role;
import drumnest.core.mover.kind.Construction.Score;
import drumnest.core.mover.kind.Construction.Stuff;
import drumnest.core.mover.kind.Construction.Use;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A door, or a pair of them, each on a strip of paper that is folded in half. */
final class DoorMaking extends Making {

  private final Mechanism.Door door;

  DoorMaking(Mover mover, Mechanism.Door door, HouseRules rules) {
    super(mover, rules);
    this.door = door;
  }

  @Override
  List<Flap> parts(@Nullable String below) {
    List<DoorLeaves.Leaf> leaves =
        door.pair() ? DoorLeaves.pair(mover.at()) : DoorLeaves.single(mover.at(), mover.edge());
    List<Flap> parts = new ArrayList<>();
    for (DoorLeaves.Leaf leaf : leaves) {
      requireRoom(leaf.size(), door.border());
      parts.add(folded(parts.size(), leaf.closed(), leaf.hinge(), door.border(), below));
    }
    return parts;
  }

  @Override
  List<Piece> pieces(List<Flap> parts) {
    List<Piece> pieces = new ArrayList<>();
    for (Flap leaf : parts) {
      Box whole = Box.of(leaf.closed().size());
      pieces.add(
          Piece.plain(Role.DOOR, leaf.id(), Stuff.CARD, whole.size())
              .withAreas(new Area(Use.GLUE_BEHIND, leaf.hinge().along(whole, strip())))
              .withPanels(Panel.of(leaf, whole, true)));
      Length high = leaf.hinge().isAtSide() ? whole.h() : whole.w();
      Box hinge = Box.of(new Size(strip().times(2), high));
      pieces.add(
          Piece.plain(Role.DOOR_HINGE, leaf.id(), Stuff.CARD, hinge.size())
              .withScores(
                  List.of(new Score(Edge.RIGHT.line(Edge.LEFT.along(hinge, strip())), Fold.VALLEY)))
              .withAreas(new Area(Use.GLUE_BEHIND, hinge)));
    }
    return pieces;
  }
}
