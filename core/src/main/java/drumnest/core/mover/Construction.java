package drumnest.core.mover;

import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
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
    FLAT
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

  /** A cut along a line inside a piece. */
  public record Cut(Segment line) {}

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
      String part, Box box, Length inset, boolean outsideUp, boolean other, boolean tumble) {}

  /**
   * A piece, which is a rectangle.
   *
   * @param role what it becomes
   * @param number the number of its flap, or of a strip; null where there is one only
   * @param size how large it is cut
   * @param uncut the edge of a window that stays; null where nothing stays
   */
  public record Piece(
      Role role,
      @Nullable String number,
      Stuff stuff,
      Size size,
      List<Score> scores,
      List<Cut> cuts,
      List<Hole> holes,
      List<Area> areas,
      List<Panel> panels,
      @Nullable Edge uncut) {

    public Piece {
      scores = List.copyOf(scores);
      cuts = List.copyOf(cuts);
      holes = List.copyOf(holes);
      areas = List.copyOf(areas);
      panels = List.copyOf(panels);
    }

    /** A piece that is cut to a size, and no more. */
    static Piece plain(Role role, @Nullable String number, Stuff stuff, Size size) {
      return new Piece(
          role, number, stuff, size, List.of(), List.of(), List.of(), List.of(), List.of(), null);
    }

    Piece with(List<Score> nextScores, List<Area> nextAreas, List<Panel> nextPanels) {
      return new Piece(
          role, number, stuff, size, nextScores, cuts, holes, nextAreas, nextPanels, uncut);
    }

    Piece withCuts(List<Cut> nextCuts, List<Hole> nextHoles) {
      return new Piece(
          role, number, stuff, size, scores, nextCuts, nextHoles, areas, panels, uncut);
    }

    Piece uncutAt(Edge edge) {
      return new Piece(role, number, stuff, size, scores, cuts, holes, areas, panels, edge);
    }
  }
}
