package drumnest.core.album;

import drumnest.core.measure.Box;
import drumnest.core.measure.Size;
import java.util.Locale;

/**
 * A place on a spread that holds one thing.
 *
 * @param leaf the number of the leaf it belongs to
 * @param side the side of the leaf it is seen on
 * @param pocket its number on that side, from 1, in reading order
 * @param box its named box on the page
 * @param rank its place in the reading order of the spread, from 1
 */
public record Slot(int leaf, Side side, int pocket, Box box, int rank) {

  /** The slot's name, the same for as long as its leaf has its pattern: {@code 2-front-5}. */
  public String id() {
    return leaf + "-" + side.name().toLowerCase(Locale.ROOT) + "-" + pocket;
  }

  /** The size the pocket is called after, which is also that of the print to order for it. */
  public Size named() {
    return box.size();
  }
}
