package drumnest.core.mover.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Segment;
import drumnest.core.measure.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The pieces from which a mover is made, each in lengths from its own top left corner, as it lies
 * with its first side up: of an accordion the side that is up when it is pulled out flat, of others
 * the outside.
 *
 * @param pieces in the order in which they are made
 */
public record Construction(List<Piece> pieces) {

  public Construction {
    pieces = List.copyOf(pieces);
  }

  /** The stuff of which a piece is made. */
  public enum Stuff {
    CARD,
    SLEEVE,
    TAPE,
    /** The protector of the page, of which only the part around the mover is drawn. */
    FILM
  }

  /** How a score is folded, as it is seen on the first side. */
  public enum Fold {
    MOUNTAIN,
    VALLEY,
    /** Scored, so that it gives, but not folded. */
    FLAT,
    /** Neither cut nor scored: the hinge of a window in the protector. */
    UNCUT
  }

  /** The role of a piece in its mover. */
  public enum Role {
    FLAP,
    SLEEVE,
    CARD,
    TAB,
    /** The other half of a tab. */
    TAB_MIRRORED,
    /** The part of the protector around a slit. */
    SLIT,
    BAND,
    /** The half of a band on the facing page, or on the other side of the leaf. */
    BAND_MIRRORED,
    STRIP,
    /** The strip that ends in the anchor. */
    ANCHOR_STRIP,
    WINDOW,
    EXTENSION,
    PAGE_WITH_FLAP,
    DOOR,
    DOOR_HINGE,
    /** The back of a photo behind which something slides. */
    BACK_OF_PHOTO,
    /** The back of what lies over a tucked card. */
    BACK_OF_FRONT,
    POCKET_FRONT
  }

  /** Where something is done to a piece. */
  public enum Use {
    /** Glue on the first side. */
    GLUE,
    /** Glue on the other side. */
    GLUE_BEHIND,
    /** Adhesive strip or tape. */
    STRIP
  }

  /** A score along a line. */
  public record Score(Segment line, Fold fold) {}

  /** A hole that is punched, by its middle. */
  public record Hole(Length x, Length y, Length wide) {}

  public record Area(Use use, Box box) {}

  /**
   * A part of the mover on a piece: a panel of a strip, or the whole of a card.
   *
   * @param part the number of its flap
   * @param box where it lies on the piece
   * @param inset what shows of it around its picture
   * @param outsideUp whether its outside is the first side
   * @param other whether there is a place on the other side too
   * @param tumble whether the other side stands on its head against the first
   */
  public record Panel(
      String part, Box box, Length inset, boolean outsideUp, boolean other, boolean tumble) {

    /** A part of a mover on its piece, with all that its flap says. */
    static Panel of(Flap flap, Box box, boolean outsideUp) {
      return new Panel(
          flap.id(),
          box,
          flap.border(),
          outsideUp,
          flap.move() != Flap.Move.STAYS,
          !flap.hinge().isAtSide() && flap.move() == Flap.Move.TURNS);
    }
  }

  /**
   * A piece, told within the rectangle that it is cut from.
   *
   * @param role what it becomes
   * @param number the number of its flap, or of a strip; null where there is one only
   * @param size how large that rectangle is
   * @param outline where it is cut out: mostly the four edges of that; of a window three, and of
   *     the protector around a slit nothing
   * @param slits where it is slit inside
   */
  public record Piece(
      Role role,
      @Nullable String number,
      Stuff stuff,
      Size size,
      List<Segment> outline,
      List<Score> scores,
      List<Segment> slits,
      List<Hole> holes,
      List<Area> areas,
      List<Panel> panels) {

    public Piece {
      outline = List.copyOf(outline);
      scores = List.copyOf(scores);
      slits = List.copyOf(slits);
      holes = List.copyOf(holes);
      areas = List.copyOf(areas);
      panels = List.copyOf(panels);
    }

    /** A rectangle that is cut to a size, and no more. */
    static Piece plain(Role role, @Nullable String number, Stuff stuff, Size size) {
      return new Piece(
          role,
          number,
          stuff,
          size,
          Box.of(size).edges(),
          List.of(),
          List.of(),
          List.of(),
          List.of(),
          List.of());
    }

    /** Whether it is cut out along all four edges, and no others. */
    public boolean isRectangle() {
      return outline.equals(Box.of(size).edges());
    }

    /** A card that slides, which is all of its flap. */
    static Piece card(Flap flap) {
      Box whole = Box.of(flap.closed().size());
      return plain(Role.CARD, null, Stuff.CARD, whole.size())
          .withPanels(Panel.of(flap, whole, true));
    }

    /**
     * Two halves that are each other mirrored.
     *
     * @param stuck so much of the one is stuck down
     */
    static List<Piece> mirrorHalves(Flap flap, Box stuck) {
      Box whole = Box.of(flap.closed().size());
      Piece half =
          plain(Role.BAND, null, Stuff.CARD, whole.size())
              .withAreas(new Area(Use.GLUE_BEHIND, stuck))
              .withPanels(Panel.of(flap, whole, true));
      Piece other =
          plain(Role.BAND_MIRRORED, null, Stuff.CARD, whole.size())
              .withAreas(new Area(Use.GLUE_BEHIND, stuck.mirroredIn(whole.w())));
      return List.of(half, other);
    }

    Piece withOutline(List<Segment> next) {
      return new Piece(role, number, stuff, size, next, scores, slits, holes, areas, panels);
    }

    Piece withScores(List<Score> next) {
      return new Piece(role, number, stuff, size, outline, next, slits, holes, areas, panels);
    }

    Piece withSlit(Segment slit, List<Hole> nextHoles) {
      return new Piece(
          role, number, stuff, size, outline, scores, List.of(slit), nextHoles, areas, panels);
    }

    Piece withAreas(Area... next) {
      return new Piece(
          role, number, stuff, size, outline, scores, slits, holes, List.of(next), panels);
    }

    Piece withPanels(Panel next) {
      return withPanels(List.of(next));
    }

    Piece withPanels(List<Panel> next) {
      return new Piece(role, number, stuff, size, outline, scores, slits, holes, areas, next);
    }
  }
}
