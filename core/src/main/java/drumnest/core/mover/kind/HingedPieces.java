package drumnest.core.mover.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Segment;
import drumnest.core.measure.Size;
import drumnest.core.mover.kind.Construction.Area;
import drumnest.core.mover.kind.Construction.Fold;
import drumnest.core.mover.kind.Construction.Hole;
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
 * The pieces of flaps that each hang by a strip: sleeves with their adhesive strips and cards with
 * a strip of their own, both beyond the hinge, where they lie before anything is folded; and what
 * is cut in the protector for those that go through it. Source: common practice, no source.
 *
 * @param rules for the slits
 */
record HingedPieces(HouseRules rules) {

  List<Piece> of(List<Flap> flaps, Role role) {
    List<Piece> pieces = new ArrayList<>();
    for (Flap flap : flaps) {
      pieces.add(hanging(flap, role, flaps.size() == 1 ? null : flap.id()));
    }
    flaps.stream()
        .flatMap(flap -> SharedSlit.of(flap, List.of(flap), rules).stream())
        .map(slit -> slit(slit, slit.flaps().get(0).id()))
        .forEach(pieces::add);
    return pieces;
  }

  /**
   * The pieces of one by itself, which may share its slit with others.
   *
   * @param slit the slit through which it goes; null for none
   */
  List<Piece> of(Flap flap, @Nullable SharedSlit slit) {
    List<Piece> pieces = new ArrayList<>();
    pieces.add(hanging(flap, Role.FLAP, null));
    if (slit != null) {
      pieces.add(slit(slit, slit.isShared() ? null : flap.id()));
    }
    return pieces;
  }

  /** A sleeve or card and the strip by which it hangs; a card is scored between the two. */
  private static Piece hanging(Flap flap, Role role, @Nullable String number) {
    boolean sleeve = flap.body() == Flap.Body.SLEEVE;
    Box body = Box.of(flap.closed().size());
    Box strip = flap.hinge().beyond(body, flap.strip());
    Length right = strip.x().min(Length.ZERO).negated();
    Length down = strip.y().min(Length.ZERO).negated();
    boolean side = flap.hinge().isAtSide();
    Length more = flap.strip();
    Size size =
        new Size(side ? body.w().plus(more) : body.w(), side ? body.h() : body.h().plus(more));
    Box at = body.moved(right, down);
    Score hinge = new Score(flap.hinge().line(at), Fold.VALLEY);
    return Piece.plain(role, number, sleeve ? Stuff.SLEEVE : Stuff.CARD, size)
        .withScores(sleeve ? List.of() : List.of(hinge))
        .withAreas(new Area(sleeve ? Use.STRIP : Use.GLUE_BEHIND, strip.moved(right, down)))
        .withPanels(Panel.of(flap, at, true));
  }

  /**
   * The part of the protector around a hinge, or around all of a row, of which nothing is cut but
   * the slit and a hole at each of its ends, so that it does not run on.
   */
  private Piece slit(SharedSlit slit, @Nullable String number) {
    Length room = rules.length(HouseRule.SLIT_DISTANCE);
    Box row = slit.flaps().stream().map(Flap::closed).reduce(Box::around).orElseThrow();
    Segment line = slit.line().moved(room.minus(row.x()), room.minus(row.y()));
    Length wide = rules.length(HouseRule.SLIT_HOLE);
    return Piece.plain(Role.SLIT, number, Stuff.FILM, row.size().grown(room.times(2)))
        .withOutline(List.of())
        .withSlit(
            line,
            List.of(new Hole(line.x(), line.y(), wide), new Hole(line.endX(), line.endY(), wide)));
  }
}
