package drumnest.core.album;

import drumnest.core.measure.Size;
import drumnest.core.stock.PocketPattern;

/**
 * One protector with pockets that are seen from both sides, so that its back is its front mirrored
 * left to right.
 *
 * @param number its place in the album, from 1
 * @param pattern its pockets, seen from the front
 */
public record Leaf(int number, PocketPattern pattern) {

  /** The pockets as they are seen on one side. */
  public PocketPattern seenFrom(Side side) {
    return side == Side.FRONT ? pattern : pattern.mirrored();
  }

  public Size size() {
    return pattern.page();
  }
}
