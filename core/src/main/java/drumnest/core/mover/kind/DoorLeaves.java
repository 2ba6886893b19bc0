package drumnest.core.mover.kind;

import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Size;
import java.util.List;

/**
 * The leaves of a door over a span. A single one is as large as the span; two of a double door are
 * half of it each, gaps and all, so that they meet in the middle. Source: common practice, no
 * source.
 */
public final class DoorLeaves {

  private DoorLeaves() {}

  /**
   * A leaf of a door.
   *
   * @param closed where it lies closed
   * @param hinge the edge on which it is hinged
   */
  public record Leaf(Box closed, Edge hinge) {

    public Size size() {
      return closed.size();
    }

    /** Where it lies open. */
    public Box open() {
      return hinge.mirrored(closed, closed);
    }
  }

  /** One leaf. */
  public static List<Leaf> single(Box span, Edge hinge) {
    return List.of(new Leaf(span, hinge));
  }

  /** Two leaves, hinged at the left and at the right. */
  public static List<Leaf> pair(Box span) {
    Box left = new Box(span.x(), span.y(), span.w().dividedBy(2), span.h());
    Box right = new Box(left.right(), span.y(), span.w().minus(left.w()), span.h());
    return List.of(new Leaf(left, Edge.LEFT), new Leaf(right, Edge.RIGHT));
  }
}
