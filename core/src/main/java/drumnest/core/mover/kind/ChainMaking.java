package drumnest.core.mover.kind;

import drumnest.core.album.flap.Attachment;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.mover.kind.Construction.Piece;
import drumnest.core.mover.kind.Construction.Role;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A chain: sleeves on each other's free edges, every one but the lowest stuck to the next. */
final class ChainMaking extends Making {

  private final int sleeves;

  ChainMaking(Mover mover, Mechanism.Chain chain, HouseRules rules) {
    super(mover, rules);
    this.sleeves = chain.sleeves();
  }

  @Override
  List<Flap> parts(@Nullable String below) {
    if (!mover.edge().isAtSide()) {
      throw new MoverProblemException(
          "edge",
          "is at the top or foot, and every other picture of a chain would stand on its head");
    }
    Box closed = mover.at().inset(seal().negated());
    List<Edge> hinges = new SleeveChain(closed.size(), sleeves, mover.edge()).hinges();
    List<Flap> parts = new ArrayList<>();
    for (int part = 0; part < sleeves - 1; part++) {
      parts.add(
          linked(part, closed, hinges.get(sleeves - 1 - part), Flap.Body.SLEEVE, seal(), part + 1));
    }
    parts.add(
        lowest(
            sleeves - 1,
            closed,
            mover.edge(),
            new Attachment.OnProtector(strip()),
            Flap.Body.SLEEVE,
            seal(),
            below));
    return parts;
  }

  @Override
  List<Piece> pieces(List<Flap> parts) {
    return new HingedPieces(rules).of(parts, Role.SLEEVE);
  }
}
