package drumnest.core.mover.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.mover.kind.Construction.Area;
import drumnest.core.mover.kind.Construction.Panel;
import drumnest.core.mover.kind.Construction.Piece;
import drumnest.core.mover.kind.Construction.Role;
import drumnest.core.mover.kind.Construction.Stuff;
import drumnest.core.mover.kind.Construction.Use;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A divided place: prints on one card, in the place of a single one. */
final class DividedMaking extends Making {

  /** The most times that a part is divided in its turn. */
  private static final int DEEPEST = 3;

  private final Mechanism.Divided divided;

  DividedMaking(Mover mover, Mechanism.Divided divided, HouseRules rules) {
    super(mover, rules);
    this.divided = divided;
  }

  @Override
  List<Flap> parts(@Nullable String below) {
    if (divided.part() != null && divided.part().levels() > DEEPEST) {
      throw new MoverProblemException("part", "divides a part in its turn more than twice");
    }
    Length least = rules.length(HouseRule.SMALLEST_PART);
    List<Box> prints = divided.prints(mover.at());
    for (int i = 0; i < prints.size(); i++) {
      if (prints.get(i).size().tighter().isLessThan(least)) {
        throw new MoverProblemException(
            "part",
            "makes part " + (i + 1) + " smaller than a part may be; the least that works is",
            least);
      }
    }
    List<Flap> parts = new ArrayList<>();
    for (Box print : prints) {
      parts.add(stuckDown(parts.size(), print, Length.ZERO, below));
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
