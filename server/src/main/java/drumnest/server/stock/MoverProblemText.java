package drumnest.server.stock;

import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.measure.Length;

/** Says what is wrong with a mover, and what would do, in the units in use. */
public final class MoverProblemText {

  private MoverProblemText() {}

  /** A sentence that goes on from the name of the field. */
  public static String after(MoverProblemException e) {
    Length nearest = e.nearest();
    return " " + e.getMessage() + (nearest == null ? "" : " " + UnitsInUse.text(nearest)) + ".";
  }
}
