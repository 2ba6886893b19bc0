package drumnest.core.album.leaf;

import drumnest.core.album.flap.Flap;
import drumnest.core.measure.Size;
import drumnest.core.measure.Turn;

/** The inside of a flap, which is seen when it is open. */
record FlapFace(PageSide page, String id, Flap flap) implements SlotParent {

  @Override
  public Size size() {
    return flap.closed().size();
  }

  @Override
  public Turn turn() {
    return flap.insideTurn();
  }

  @Override
  public boolean hiddenAtRest() {
    return true;
  }
}
