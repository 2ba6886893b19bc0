package drumnest.core.mover.kind;

import drumnest.core.album.flap.Attachment;
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
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * An accordion of panels on each other, the last of them stuck down, cut in strips with tabs.
 *
 * <p>The folds go in turn: the one before the last panel is a valley as it is seen from above when
 * it is pulled out flat, so that panel comes to lie on the last; the next a mountain. Every tab
 * lies on what it is glued to, so that its glue is behind: on the first panel of the next strip,
 * under the photo of that, or on the page.
 */
final class AccordionMaking extends Making {

  private final Mechanism.Accordion accordion;
  private final Accordion cut;

  AccordionMaking(Mover mover, Mechanism.Accordion accordion, HouseRules rules) {
    super(mover, rules);
    this.accordion = accordion;
    requireRoom(accordion.mat());
    // Refuses what no sheet gives.
    this.cut = Accordion.of(mover, accordion);
  }

  @Override
  List<Flap> parts(@Nullable String below) {
    int panels = accordion.panels();
    Length mat = accordion.mat();
    List<Flap> parts = new ArrayList<>();
    for (int panel = 1; panel < panels; panel++) {
      boolean away = (panels - panel) % 2 == 1;
      Edge hinge = away ? mover.edge().opposite() : mover.edge();
      // The last one lies on the page; what hangs on it is hinged there.
      parts.add(linked(panel - 1, mover.at(), hinge, Flap.Body.CARD, mat, panel));
    }
    parts.add(
        lowest(
            panels - 1,
            mover.at(),
            mover.edge(),
            new Attachment.StuckDown(),
            Flap.Body.CARD,
            mat,
            below));
    return parts;
  }

  @Override
  List<Piece> pieces(List<Flap> parts) {
    List<Piece> pieces = new ArrayList<>();
    int panel = 1;
    for (int strip = 0; strip < cut.strips(); strip++) {
      int carries = cut.panelsPerStrip().get(strip);
      pieces.add(strip(parts, strip, panel, carries));
      panel += carries;
    }
    pieces.add(window(parts));
    return pieces;
  }

  /** A strip as it lies pulled out, with its tab towards the anchor. */
  private Piece strip(List<Flap> parts, int strip, int first, int carries) {
    Edge anchor = mover.edge();
    Size one = mover.at().size();
    boolean side = anchor.isAtSide();
    boolean last = strip == cut.strips() - 1;
    Length tab = cut.tabs().get(strip);
    Length along = side ? one.w() : one.h();
    Length length = along.times(carries).plus(tab);
    Box whole = Box.of(side ? new Size(length, one.h()) : new Size(one.w(), length));
    Edge free = anchor.opposite();
    List<Score> scores = new ArrayList<>();
    List<Panel> panels = new ArrayList<>();
    for (int i = 0; i < carries; i++) {
      int panel = first + i;
      Box upTo = free.along(whole, along.times(i + 1L));
      Box here = anchor.along(upTo, along);
      panels.add(Panel.of(parts.get(panel - 1), here, (parts.size() - panel) % 2 == 0));
      boolean stays = last && i == carries - 1;
      scores.add(new Score(anchor.line(here), stays ? Fold.FLAT : fold(panel)));
    }
    Role role = last ? Role.ANCHOR_STRIP : Role.STRIP;
    return Piece.plain(role, String.valueOf(strip + 1), Stuff.CARD, whole.size())
        .withScores(scores)
        .withAreas(new Area(Use.GLUE_BEHIND, anchor.along(whole, tab)))
        .withPanels(panels);
  }

  /** How the fold after a panel goes, as it is seen from above when it is pulled out flat. */
  private Fold fold(int panel) {
    return (accordion.panels() - 1 - panel) % 2 == 0 ? Fold.VALLEY : Fold.MOUNTAIN;
  }

  /**
   * The clear door over the stack: cut on three sides, the fourth on the side of the cover's hinge.
   */
  private Piece window(List<Flap> parts) {
    Length clear = rules.length(HouseRule.WINDOW_CLEARANCE);
    Edge hinge = parts.get(0).hinge();
    Size size = mover.at().size().grown(clear.times(2));
    Box whole = Box.of(size);
    return Piece.plain(Role.WINDOW, null, Stuff.FILM, size)
        .withOutline(
            whole.edges().stream().filter(edge -> !edge.equals(hinge.line(whole))).toList())
        .withScores(List.of(new Score(hinge.line(whole), Fold.UNCUT)));
  }
}
