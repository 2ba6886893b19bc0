package drumnest.core.mover.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.mover.kind.Construction.Piece;
import drumnest.core.mover.kind.Construction.Role;
import drumnest.core.stock.HouseRules;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A booklet: sleeves on each other, each by a strip of its own at the same edge. */
final class BookletMaking extends Making {

  private final int sleeves;

  BookletMaking(Mover mover, Mechanism.Booklet booklet, HouseRules rules) {
    super(mover, rules);
    this.sleeves = booklet.sleeves();
  }

  @Override
  List<Flap> parts(@Nullable String below) {
    requireRoom(Length.ZERO);
    Box top = mover.at().inset(seal().negated());
    return stacked(sleeves, top, Length.ZERO, Flap.Body.SLEEVE, seal(), below);
  }

  @Override
  List<Piece> pieces(List<Flap> parts) {
    return new HingedPieces(rules).of(parts, Role.SLEEVE);
  }
}
