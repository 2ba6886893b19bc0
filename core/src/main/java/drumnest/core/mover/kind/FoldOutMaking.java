package drumnest.core.mover.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Segment;
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

/**
 * A fold-out, of one piece with its page at the outer edge of that. One that is not as long as the
 * edge stands out from the page, which is cut around it.
 */
final class FoldOutMaking extends Making {

  private final Mechanism.FoldOut foldOut;
  private final FoldOut cut;

  FoldOutMaking(Mover mover, Mechanism.FoldOut foldOut, HouseRules rules) {
    super(mover, rules);
    this.foldOut = foldOut;
    requireRoom(foldOut.border());
    // Refuses what no sheet gives.
    this.cut = FoldOut.of(mover, foldOut, rules);
  }

  @Override
  List<Flap> parts(@Nullable String below) {
    return List.of(folded(0, mover.at(), mover.edge(), foldOut.border(), below));
  }

  @Override
  void requirePlace(Box room) {
    Edge outer = mover.edge();
    if (!outer.of(mover.at()).equals(outer.of(room))) {
      Length deep = outer.depth(mover.at());
      Box atEdge = outer.along(room, deep);
      throw new MoverProblemException(
          outer.isAtSide() ? "x" : "y",
          "does not end at the edge over which it is folded; the nearest that works is",
          outer.isAtSide() ? atEdge.x() : atEdge.y());
    }
  }

  @Override
  List<Piece> pieces(List<Flap> parts) {
    Edge outer = mover.edge();
    boolean side = outer.isAtSide();
    Length base = cut.basePart().plus(cut.flap());
    Size size = side ? new Size(base, foldOut.page().h()) : new Size(foldOut.page().w(), base);
    Box whole = Box.of(size);
    Box here = folded(outer.along(whole, cut.flap()));
    Score score = new Score(outer.opposite().line(here), Fold.VALLEY);
    Piece page =
        Piece.plain(Role.PAGE_WITH_FLAP, null, Stuff.CARD, size)
            .withOutline(outline(outer.opposite().along(whole, cut.basePart()), here))
            .withScores(List.of(score))
            // Flat on the table the inside of the flap is up, like the page.
            .withPanels(Panel.of(parts.get(0), here, false));
    Size extension = cut.extension();
    if (extension == null) {
      return List.of(page);
    }
    List<Piece> pieces = new ArrayList<>();
    pieces.add(
        page.withAreas(new Area(Use.GLUE_BEHIND, outer.opposite().along(whole, cut.overlap()))));
    Size turned = extension.turnedIf(!side);
    pieces.add(
        Piece.plain(Role.EXTENSION, null, Stuff.CARD, turned)
            .withAreas(new Area(Use.GLUE, outer.along(Box.of(turned), cut.overlap()))));
    return pieces;
  }

  /** Of what lies beyond the page's edge that which is the flap. */
  private Box folded(Box beyond) {
    Box at = mover.at();
    return mover.edge().isAtSide()
        ? new Box(beyond.x(), at.y(), beyond.w(), at.h())
        : new Box(at.x(), beyond.y(), at.w(), beyond.h());
  }

  /** The lines along which page and flap are cut out; where both meet nothing is. */
  private List<Segment> outline(Box page, Box flap) {
    Edge outer = mover.edge();
    List<Segment> outline = new ArrayList<>();
    for (Edge edge : Edge.values()) {
      if (edge != outer) {
        outline.add(edge.line(page));
      }
      if (edge != outer.opposite()) {
        outline.add(edge.line(flap));
      }
    }
    outline.addAll(outer.line(page).without(outer.opposite().line(flap)));
    return outline;
  }
}
