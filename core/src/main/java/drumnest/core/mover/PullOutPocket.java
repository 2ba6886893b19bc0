package drumnest.core.mover;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;

/**
 * The pocket of a pull-out: glued on three sides around a folded strip, which it must go round. The
 * sheets of both its sides are longer than the insert is wide by what it is thick, and by some
 * play. What a fold is thicker than the pages it joins is not counted. Source: common practice, no
 * source.
 *
 * @param insert the size of the strip as it is folded
 * @param pages how many layers of card it has, from 1
 * @param card how thick one is
 * @param play what is to spare on each side
 */
public record PullOutPocket(Size insert, int pages, Length card, Length play) {

  /** How thick the folded strip is. */
  public Length thickness() {
    return card.times(pages);
  }

  /** How wide the pocket is inside, as it lies flat. */
  public Length flatWidth() {
    return insert.w().plus(thickness()).plus(play.times(2));
  }
}
