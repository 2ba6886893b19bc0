package drumnest.core.mover;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import java.util.stream.Stream;

/**
 * How far something reaches past the edges of what it lies on; zero where it does not.
 *
 * @param left past the left edge
 * @param top past the top edge
 * @param right past the right edge
 * @param bottom past the lower edge
 */
public record Overhang(Length left, Length top, Length right, Length bottom) {

  public static Overhang of(Box box, Box whole) {
    return new Overhang(
        past(whole.x().minus(box.x())),
        past(whole.y().minus(box.y())),
        past(box.right().minus(whole.right())),
        past(box.bottom().minus(whole.bottom())));
  }

  /** How far the one or the other of two reaches. */
  public Overhang or(Overhang other) {
    return new Overhang(
        left.max(other.left), top.max(other.top), right.max(other.right), bottom.max(other.bottom));
  }

  private static Length past(Length reach) {
    return reach.max(Length.ZERO);
  }

  /** The furthest of them. */
  public Length furthest() {
    return Stream.of(left, top, right, bottom).reduce(Length.ZERO, Length::max);
  }
}
