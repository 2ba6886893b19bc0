package drumnest.core.mover.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Grip;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.leaf.PagePlan;
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
import java.util.ArrayList;
import java.util.List;

/**
 * Works out the pieces of a mover, or of a single flap. Both are told as they are seen when they
 * can be reached: on the inside of a door they are built as they are read while that is open.
 * Source: common practice, no source. Time: parts.
 */
public final class Constructing {

  private Constructing() {}

  /**
   * The pieces of a flap of a page, or of the mover that it is a part of. Parts are counted from 1,
   * the one that is opened first.
   *
   * @param page the size of the page
   */
  public static Construction of(PagePlan plan, String flap, Size page, HouseRules rules) {
    return plan.moverOf(flap)
        .map(mover -> of(plan, mover, page, rules))
        .orElseGet(
            () -> {
              Flap seen = plan.seen(plan.flap(flap).orElseThrow());
              return of(seen, plan.seenFlaps(), rules);
            });
  }

  private static Construction of(PagePlan plan, Mover mover, Size page, HouseRules rules) {
    Box room = plan.roomOf(mover, page);
    Length right = room.x().negated();
    Length down = room.y().negated();
    Mover seen = plan.seen(mover);
    List<String> numbers = mover.parts();
    return of(
        seen.lying(seen.at().moved(right, down)).numbered(1),
        plan.seenParts(mover).stream()
            .map(part -> part.renamed(id -> String.valueOf(numbers.indexOf(id) + 1), right, down))
            .toList(),
        rules);
  }

  /**
   * The pieces of a single flap.
   *
   * @param flap as it is seen when it can be reached
   * @param all the flaps of its page, seen so too, itself among them
   */
  public static Construction of(Flap flap, List<Flap> all, HouseRules rules) {
    SharedSlit slit = SharedSlit.of(flap, all, rules).orElse(null);
    Flap first = flap.renamed(id -> "1", Length.ZERO, Length.ZERO);
    return withTabs(new HingedPieces(rules).of(first, slit), List.of(first), rules);
  }

  /**
   * The pieces of a mover.
   *
   * @param mover as it is seen when it can be reached, on a page, or on what carries it, that
   *     begins at the origin
   * @param parts its flaps, seen so too, the one that is opened first before the others
   */
  public static Construction of(Mover mover, List<Flap> parts, HouseRules rules) {
    return withTabs(Making.of(mover, rules).pieces(parts), parts, rules);
  }

  /**
   * The pieces and the tabs by which they are opened: each cut twice, one of them mirrored, as deep
   * on the card as they stick out.
   */
  private static Construction withTabs(List<Piece> pieces, List<Flap> parts, HouseRules rules) {
    List<Piece> all = new ArrayList<>(pieces);
    Length reach = rules.length(HouseRule.GRIP_REACH);
    Length wide = rules.length(HouseRule.GRIP_WIDTH);
    for (Flap flap : parts) {
      if (flap.grip() == Grip.TAB) {
        Edge edge = flap.freeEdge();
        Length deep = reach.times(2);
        Box whole = Box.of(edge.isAtSide() ? new Size(deep, wide) : new Size(wide, deep));
        Area glued = new Area(Use.GLUE_BEHIND, edge.opposite().along(whole, reach));
        for (Role half : List.of(Role.TAB, Role.TAB_MIRRORED)) {
          all.add(Piece.plain(half, flap.id(), Stuff.CARD, whole.size()).withAreas(glued));
        }
      }
    }
    return new Construction(all);
  }
}
