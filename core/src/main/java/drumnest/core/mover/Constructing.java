package drumnest.core.mover;

import drumnest.core.album.flap.Band;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Grip;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Segment;
import drumnest.core.measure.Size;
import drumnest.core.mover.Construction.Area;
import drumnest.core.mover.Construction.Cut;
import drumnest.core.mover.Construction.Fold;
import drumnest.core.mover.Construction.Hole;
import drumnest.core.mover.Construction.Panel;
import drumnest.core.mover.Construction.Piece;
import drumnest.core.mover.Construction.Role;
import drumnest.core.mover.Construction.Score;
import drumnest.core.mover.Construction.Stuff;
import drumnest.core.mover.Construction.Use;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Works out the pieces of a mover. The folds of an accordion go in turn: the one before the last
 * panel is a valley as it is seen from above when it is pulled out flat, so that panel comes to lie
 * on the last; the next a mountain. Source: common practice, no source. Time: parts.
 */
public final class Constructing {

  private final HouseRules rules;
  private final List<Flap> parts;

  private Constructing(List<Flap> parts, HouseRules rules) {
    this.parts = parts;
    this.rules = rules;
  }

  /** The pieces of a single flap. */
  public static Construction of(Flap flap, HouseRules rules) {
    Constructing constructing = new Constructing(List.of(flap), rules);
    return new Construction(constructing.withTabs(constructing.hinged(List.of(flap), Role.FLAP)));
  }

  /**
   * The pieces of a mover.
   *
   * @param parts its flaps, the one that is opened first before the others
   */
  public static Construction of(Mover mover, List<Flap> parts, HouseRules rules) {
    Constructing constructing = new Constructing(parts, rules);
    return new Construction(constructing.withTabs(constructing.pieces(mover)));
  }

  private List<Piece> pieces(Mover mover) {
    return mover
        .mechanism()
        .accept(
            new Mechanism.Visitor<>() {
              @Override
              public List<Piece> chain(Mechanism.Chain chain) {
                return hinged(parts, Role.SLEEVE);
              }

              @Override
              public List<Piece> booklet(Mechanism.Booklet booklet) {
                return hinged(parts, Role.SLEEVE);
              }

              @Override
              public List<Piece> waterfall(Mechanism.Waterfall waterfall) {
                return hinged(parts, Role.CARD);
              }

              @Override
              public List<Piece> accordion(Mechanism.Accordion accordion) {
                return Constructing.this.accordion(mover, MoverParts.cutting(mover, accordion));
              }

              @Override
              public List<Piece> foldOut(Mechanism.FoldOut foldOut) {
                return Constructing.this.foldOut(
                    mover, foldOut, MoverParts.cutting(mover, foldOut, rules));
              }

              @Override
              public List<Piece> door(Mechanism.Door door) {
                return doors();
              }

              @Override
              public List<Piece> tuckSpot(Mechanism.TuckSpot tuck) {
                return Constructing.this.tuckSpot(mover, MoverParts.measured(mover, tuck, rules));
              }

              @Override
              public List<Piece> edgeTuck(Mechanism.EdgeTuck tuck) {
                return Constructing.this.edgeTuck(mover, tuck);
              }

              @Override
              public List<Piece> pullOut(Mechanism.PullOut pullOut) {
                return Constructing.this.pullOut(mover);
              }

              @Override
              public List<Piece> divided(Mechanism.Divided divided) {
                return Constructing.this.divided(mover);
              }

              @Override
              public List<Piece> gutterBand(Band.Gutter band) {
                return Constructing.this.band(mover, whole(mover.at().size()));
              }

              @Override
              public List<Piece> edgeBand(Band.Beyond band) {
                return Constructing.this.band(
                    mover, mover.edge().opposite().along(whole(mover.at().size()), band.overlap()));
              }
            });
  }

  /**
   * The pieces and the tabs by which they are opened: each cut twice, one of them mirrored, as deep
   * on the card as they stick out.
   */
  private List<Piece> withTabs(List<Piece> pieces) {
    List<Piece> all = new ArrayList<>(pieces);
    Length reach = rules.length(HouseRule.GRIP_REACH);
    Length wide = rules.length(HouseRule.GRIP_WIDTH);
    for (Flap flap : parts) {
      if (flap.grip() == Grip.TAB) {
        Edge edge = flap.gripEdge();
        Length deep = reach.times(2);
        Box whole = whole(edge.isAtSide() ? new Size(deep, wide) : new Size(wide, deep));
        Area glued = new Area(Use.GLUE_BEHIND, edge.opposite().along(whole, reach));
        for (Role half : List.of(Role.TAB, Role.TAB_MIRRORED)) {
          all.add(
              Piece.plain(half, flap.id(), Stuff.CARD, whole.size())
                  .with(List.of(), List.of(glued), List.of()));
        }
      }
    }
    return all;
  }

  private static Box whole(Size size) {
    return Box.of(Length.ZERO, Length.ZERO, size);
  }

  private Panel panel(Flap flap, Box box, boolean outsideUp) {
    return new Panel(
        flap.id(),
        box,
        flap.border(),
        outsideUp,
        flap.move() != Flap.Move.STAYS,
        !flap.hinge().isAtSide() && flap.move() == Flap.Move.TURNS);
  }

  /**
   * Sleeves with their adhesive strips, and cards with a strip of their own that is folded under;
   * and what is cut in the protector for those that go through it.
   */
  private List<Piece> hinged(List<Flap> flaps, Role role) {
    List<Piece> pieces = new ArrayList<>();
    for (Flap flap : flaps) {
      String number = flaps.size() == 1 ? null : flap.id();
      pieces.add(
          flap.body() == Flap.Body.SLEEVE ? sleeve(flap, role, number) : card(flap, role, number));
    }
    flaps.stream().filter(flap -> flap.slit() != null).map(this::slit).forEach(pieces::add);
    return pieces;
  }

  private Piece sleeve(Flap flap, Role role, @Nullable String number) {
    Box whole = whole(flap.closed().size());
    return Piece.plain(role, number, Stuff.SLEEVE, whole.size())
        .with(
            List.of(),
            List.of(new Area(Use.STRIP, flap.hinge().along(whole, flap.strip()))),
            List.of(panel(flap, whole, true)));
  }

  /** A card and the strip by which it hangs, scored between them. */
  private Piece card(Flap flap, Role role, @Nullable String number) {
    Box card = whole(flap.closed().size());
    Box strip = flap.hinge().beyond(card, flap.strip());
    Length right = strip.x().min(Length.ZERO).negated();
    Length down = strip.y().min(Length.ZERO).negated();
    boolean side = flap.hinge().isAtSide();
    Size size =
        new Size(
            side ? card.w().plus(flap.strip()) : card.w(),
            side ? card.h() : card.h().plus(flap.strip()));
    Box at = card.moved(right, down);
    return Piece.plain(role, number, Stuff.CARD, size)
        .with(
            List.of(new Score(flap.hinge().line(at), Fold.VALLEY)),
            List.of(new Area(Use.GLUE_BEHIND, strip.moved(right, down))),
            List.of(panel(flap, at, true)));
  }

  /** The slit in the protector at a hinge, with a hole at each end so that it does not run on. */
  private Piece slit(Flap flap) {
    Length room = rules.length(HouseRule.SLIT_DISTANCE);
    Box flapHere = whole(flap.closed().size()).moved(room, room);
    Segment line = flap.hinge().line(flapHere);
    Length wide = rules.length(HouseRule.SLIT_HOLE);
    return Piece.plain(Role.SLIT, flap.id(), Stuff.FILM, flap.closed().size().grown(room.times(2)))
        .withCuts(
            List.of(new Cut(line)),
            List.of(new Hole(line.x(), line.y(), wide), new Hole(line.endX(), line.endY(), wide)));
  }

  /** The card on which both prints are stuck. */
  private List<Piece> divided(Mover mover) {
    Box at = mover.at();
    List<Panel> halves =
        parts.stream()
            .map(flap -> panel(flap, flap.closed().moved(at.x().negated(), at.y().negated()), true))
            .toList();
    return List.of(
        Piece.plain(Role.CARD, null, Stuff.CARD, at.size())
            .with(List.of(), List.of(new Area(Use.GLUE_BEHIND, whole(at.size()))), halves));
  }

  /** Both halves of a band, of which so much of the one is stuck to its page. */
  private List<Piece> band(Mover mover, Box stuck) {
    Piece half =
        Piece.plain(Role.BAND, null, Stuff.CARD, mover.at().size())
            .with(
                List.of(),
                List.of(new Area(Use.GLUE_BEHIND, stuck)),
                List.of(panel(parts.get(0), whole(mover.at().size()), true)));
    Box mirrored = stuck.mirroredIn(mover.at().w());
    Piece other =
        Piece.plain(Role.BAND_MIRRORED, null, Stuff.CARD, mover.at().size())
            .with(List.of(), List.of(new Area(Use.GLUE_BEHIND, mirrored)), List.of());
    return List.of(half, other);
  }

  private List<Piece> accordion(Mover mover, Accordion cut) {
    List<Piece> pieces = new ArrayList<>();
    int panel = 1;
    for (int strip = 0; strip < cut.strips(); strip++) {
      int carries = cut.panelsPerStrip().get(strip);
      boolean last = strip == cut.strips() - 1;
      Length tab = last ? cut.anchorTab() : cut.joinTab();
      pieces.add(strip(mover, strip + 1, panel, carries, tab, last));
      panel += carries;
    }
    pieces.add(window(mover));
    return pieces;
  }

  /** A strip as it lies pulled out, with its tab towards the anchor. */
  private Piece strip(Mover mover, int number, int first, int carries, Length tab, boolean last) {
    Edge anchor = mover.edge();
    Size one = mover.at().size();
    boolean side = anchor.isAtSide();
    Length along = side ? one.w() : one.h();
    Length length = along.times(carries).plus(tab);
    Box whole = whole(side ? new Size(length, one.h()) : new Size(one.w(), length));
    Edge free = anchor.opposite();
    List<Score> scores = new ArrayList<>();
    List<Panel> panels = new ArrayList<>();
    for (int i = 0; i < carries; i++) {
      int panel = first + i;
      Flap flap = parts.get(panel - 1);
      Box upTo = free.along(whole, along.times(i + 1L));
      Box here = anchor.along(upTo, along);
      panels.add(panel(flap, here, (parts.size() - panel) % 2 == 0));
      boolean stays = last && i == carries - 1;
      scores.add(new Score(anchor.line(here), stays ? Fold.FLAT : fold(panel)));
    }
    Area glued = new Area(last ? Use.GLUE_BEHIND : Use.GLUE, anchor.along(whole, tab));
    Role role = last ? Role.ANCHOR_STRIP : Role.STRIP;
    return Piece.plain(role, String.valueOf(number), Stuff.CARD, whole.size())
        .with(scores, List.of(glued), panels);
  }

  /** How the fold after a panel goes, as it is seen from above when it is pulled out flat. */
  private Fold fold(int panel) {
    return (parts.size() - 1 - panel) % 2 == 0 ? Fold.VALLEY : Fold.MOUNTAIN;
  }

  /**
   * The clear door over the stack: cut on three sides, the fourth on the side of the cover's hinge.
   */
  private Piece window(Mover mover) {
    Length clear = rules.length(HouseRule.WINDOW_CLEARANCE);
    Edge hinge = parts.get(0).hinge();
    return Piece.plain(Role.WINDOW, null, Stuff.FILM, mover.at().size().grown(clear.times(2)))
        .uncutAt(hinge);
  }

  private List<Piece> foldOut(Mover mover, Mechanism.FoldOut folded, FoldOut cut) {
    Edge outer = mover.edge();
    Flap flap = parts.get(0);
    boolean side = outer.isAtSide();
    Length base = cut.basePart().plus(cut.flap());
    Size size = side ? new Size(base, folded.page().h()) : new Size(folded.page().w(), base);
    Box whole = whole(size);
    Box here = outer.along(whole, cut.flap());
    Score score = new Score(outer.opposite().line(here), Fold.VALLEY);
    // Flat on the table the inside of the flap is up, like the page.
    Panel panel = panel(flap, here, false);
    Size extension = cut.extension();
    List<Area> glued = new ArrayList<>();
    List<Piece> pieces = new ArrayList<>();
    if (extension != null) {
      glued.add(new Area(Use.GLUE_BEHIND, outer.opposite().along(whole, cut.overlap())));
      Size turned = extension.turnedIf(!side);
      pieces.add(
          Piece.plain(Role.EXTENSION, null, Stuff.CARD, turned)
              .with(
                  List.of(),
                  List.of(new Area(Use.GLUE, outer.along(whole(turned), cut.overlap()))),
                  List.of()));
    }
    pieces.add(
        0,
        Piece.plain(Role.PAGE_WITH_FLAP, null, Stuff.CARD, size)
            .with(List.of(score), glued, List.of(panel)));
    return pieces;
  }

  private List<Piece> doors() {
    Length strip = rules.length(HouseRule.ADHESIVE_STRIP);
    List<Piece> pieces = new ArrayList<>();
    for (Flap leaf : parts) {
      Box whole = whole(leaf.closed().size());
      pieces.add(
          Piece.plain(Role.DOOR, leaf.id(), Stuff.CARD, whole.size())
              .with(
                  List.of(),
                  List.of(new Area(Use.GLUE_BEHIND, leaf.hinge().along(whole, strip))),
                  List.of(panel(leaf, whole, true))));
      Length high = leaf.hinge().isAtSide() ? whole.h() : whole.w();
      Size hinge = new Size(strip.times(2), high);
      Segment middle = new Segment(false, strip, Length.ZERO, high);
      pieces.add(
          Piece.plain(Role.DOOR_HINGE, leaf.id(), Stuff.CARD, hinge)
              .with(
                  List.of(new Score(middle, Fold.VALLEY)),
                  List.of(new Area(Use.GLUE_BEHIND, whole(hinge))),
                  List.of()));
    }
    return pieces;
  }

  private List<Piece> tuckSpot(Mover mover, TuckSpot tuck) {
    Flap card = parts.get(0);
    Edge edge = mover.edge();
    Box photo = whole(mover.at().size());
    Length deep = tuck.stopBelowTop();
    Box run = edge.along(photo, deep);
    boolean upright = !edge.isAtSide();
    Edge one = upright ? Edge.LEFT : Edge.TOP;
    Length across = tuck.card().w();
    Length aside = (upright ? photo.w() : photo.h()).minus(across).dividedBy(2).minus(tuck.play());
    Box stop = edge.along(photo, deep.plus(tuck.rail()));
    List<Area> areas =
        List.of(
            new Area(Use.STRIP, one.opposite().along(one.along(run, aside), tuck.rail())),
            new Area(Use.STRIP, one.along(one.opposite().along(run, aside), tuck.rail())),
            new Area(Use.STRIP, edge.opposite().along(stop, tuck.rail())));
    return List.of(
        Piece.plain(Role.BACK_OF_PHOTO, null, Stuff.TAPE, photo.size())
            .with(List.of(), areas, List.of()),
        Piece.plain(Role.CARD, null, Stuff.CARD, card.closed().size())
            .with(List.of(), List.of(), List.of(panel(card, whole(card.closed().size()), true))));
  }

  /** The pieces of an edge tuck: what is in front is glued but for the edge the card goes under. */
  private List<Piece> edgeTuck(Mover mover, Mechanism.EdgeTuck tuck) {
    Flap card = parts.get(0);
    Box front = whole(mover.at().size());
    Length glued = mover.edge().depth(front).minus(tuck.depth());
    Area glue = new Area(Use.GLUE_BEHIND, mover.edge().opposite().along(front, glued));
    return List.of(
        Piece.plain(Role.BACK_OF_FRONT, null, Stuff.TAPE, front.size())
            .with(List.of(), List.of(glue), List.of()),
        Piece.plain(Role.CARD, null, Stuff.CARD, card.closed().size())
            .with(List.of(), List.of(), List.of(panel(card, whole(card.closed().size()), true))));
  }

  private List<Piece> pullOut(Mover mover) {
    Flap card = parts.get(0);
    Box pocket = whole(mover.at().size());
    Length glue = rules.length(HouseRule.TUCK_RAIL);
    List<Area> areas = new ArrayList<>();
    for (Edge edge : Edge.values()) {
      if (edge != mover.edge()) {
        areas.add(new Area(Use.GLUE_BEHIND, edge.along(pocket, glue)));
      }
    }
    return List.of(
        Piece.plain(Role.POCKET_FRONT, null, Stuff.CARD, pocket.size())
            .with(List.of(), areas, List.of()),
        Piece.plain(Role.CARD, null, Stuff.CARD, card.closed().size())
            .with(List.of(), List.of(), List.of(panel(card, whole(card.closed().size()), true))));
  }
}
