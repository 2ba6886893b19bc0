package drumnest.core.album.leaf;

import drumnest.core.measure.Size;
import drumnest.core.measure.Turn;

/**
 * Something that slots lie on: the side of a leaf, or whatever lies on one and has faces of its
 * own.
 */
public interface SlotParent {

  /** Its name within the album, with which the names of its slots begin: {@code 2-front}. */
  String id();

  /** The side of a leaf that it lies on in the end. */
  PageSide page();

  Size size();

  /** How it lies against a reader of the page. */
  Turn turn();

  /** Whether it is out of sight until something is opened. */
  boolean hiddenAtRest();
}
