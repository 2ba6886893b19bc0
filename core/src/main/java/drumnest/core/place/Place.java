package drumnest.core.place;

import drumnest.core.album.leaf.Slot;
import drumnest.core.fit.Outline;
import drumnest.core.measure.Area;
import drumnest.core.measure.Orientation;
import drumnest.core.measure.Size;

/**
 * A slot as placing sees it.
 *
 * @param id its identity
 * @param print the size of the print it takes
 * @param outline the outline in which the print is cut
 * @param hidden whether it is not seen at rest
 * @param mayTurn whether a picture may lie in it with a quarter turn
 * @param at where it is
 */
public record Place(
    String id, Size print, Outline outline, boolean hidden, boolean mayTurn, At at) {

  /**
   * Where a place is.
   *
   * @param spread the spread it is seen on; only places of one spread are neighbours
   * @param page the page it is on, counted through the album
   * @param low how low on its page its middle is, from 0 at the top to 1 at the foot
   * @param cover whether its page is the first of the album
   * @param touchesNext whether it shares an edge with the next place in reading order
   * @param besideWords whether it shares an edge with a place that words have already
   */
  public record At(
      int spread, int page, double low, boolean cover, boolean touchesNext, boolean besideWords) {

    /** One row of places, of which no more is known. */
    public static final At IN_A_ROW = new At(0, 0, 0.5, false, false, false);
  }

  /** The shape of the print that it takes. */
  public Orientation shape() {
    return Orientation.of(print.w().toNanometres(), print.h().toNanometres());
  }

  /** Tells what a picture takes of its page here. */
  public Area area() {
    return Area.of(print);
  }

  /** A place in one row of places. */
  public Place(String id, Size print, boolean hidden, boolean mayTurn) {
    this(id, print, hidden, mayTurn, At.IN_A_ROW);
  }

  /** A place that is cut straight. */
  public Place(String id, Size print, boolean hidden, boolean mayTurn, At at) {
    this(id, print, Outline.STRAIGHT, hidden, mayTurn, at);
  }

  /** A copy somewhere else. */
  public Place withAt(At other) {
    return new Place(id, print, outline, hidden, mayTurn, other);
  }

  /** A slot for itself, wherever it is. */
  public static Place alone(Slot slot) {
    return new Place(slot.id(), slot.takes(), slot.printOutline(), false, false, At.IN_A_ROW);
  }
}
