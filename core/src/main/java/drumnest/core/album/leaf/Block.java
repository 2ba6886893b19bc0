package drumnest.core.album.leaf;

import drumnest.core.album.flap.Holds;
import drumnest.core.fit.Outline;
import drumnest.core.measure.Length;

/**
 * A group of mounts that is placed by measure.
 *
 * @param key its name on its page, from 1, which stays when other blocks come and go
 * @param outline the outline in which each of them is cut
 * @param mat what shows of each mount on every side of what it holds; zero for none
 */
public record Block(int key, Shape shape, Anchor anchor, Holds holds, Outline outline, Length mat) {

  /** A block of mounts that are cut straight. */
  public Block(int key, Shape shape, Anchor anchor, Holds holds, Length mat) {
    this(key, shape, anchor, holds, Outline.STRAIGHT, mat);
  }
}
