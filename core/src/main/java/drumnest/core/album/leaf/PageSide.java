package drumnest.core.album.leaf;

import drumnest.core.measure.Size;
import drumnest.core.measure.Turn;
import java.util.Locale;

/** One side of a leaf, as a page of the album. */
public record PageSide(Leaf leaf, Side side) implements SlotParent {

  @Override
  public String id() {
    return leaf.key() + "-" + side.name().toLowerCase(Locale.ROOT);
  }

  @Override
  public PageSide page() {
    return this;
  }

  @Override
  public Size size() {
    return leaf.size();
  }

  @Override
  public Turn turn() {
    return Turn.NONE;
  }

  @Override
  public boolean hiddenAtRest() {
    return false;
  }
}
