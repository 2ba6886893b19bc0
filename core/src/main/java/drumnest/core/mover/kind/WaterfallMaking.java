package drumnest.core.mover.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.mover.kind.Construction.Piece;
import drumnest.core.mover.kind.Construction.Role;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A waterfall of cards, or of sleeves, all hinged at one edge, each set off from the one above. */
final class WaterfallMaking extends Making {

  private final Mechanism.Waterfall waterfall;

  WaterfallMaking(Mover mover, Mechanism.Waterfall waterfall, HouseRules rules) {
    super(mover, rules);
    this.waterfall = waterfall;
  }

  @Override
  List<Flap> parts(@Nullable String below) {
    if (waterfall.step().isLessThan(strip())) {
      throw new MoverProblemException(
          "step",
          "is less than the adhesive strip, which would show; the least that works is",
          strip());
    }
    boolean sleeves = waterfall.sleeves();
    Length border = sleeves ? seal() : rules.length(HouseRule.ACCORDION_MAT);
    requireRoom(sleeves ? Length.ZERO : border);
    Box top = sleeves ? mover.at().inset(border.negated()) : mover.at();
    Flap.Body body = sleeves ? Flap.Body.SLEEVE : Flap.Body.CARD;
    return stacked(waterfall.cards(), top, waterfall.step(), body, border, below);
  }

  @Override
  List<Piece> pieces(List<Flap> parts) {
    return new HingedPieces(rules).of(parts, waterfall.sleeves() ? Role.SLEEVE : Role.CARD);
  }
}
