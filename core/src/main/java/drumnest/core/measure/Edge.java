package drumnest.core.measure;

/** An edge of an upright rectangle: the one on which something is hinged. */
public enum Edge {
  TOP,
  BOTTOM,
  LEFT,
  RIGHT;

  /** Whether what is hinged here opens to the side, like a page. */
  public boolean isAtSide() {
    return this == LEFT || this == RIGHT;
  }

  public Edge opposite() {
    return switch (this) {
      case TOP -> BOTTOM;
      case BOTTOM -> TOP;
      case LEFT -> RIGHT;
      case RIGHT -> LEFT;
    };
  }

  /** Where the edge of a box lies: across for an edge at the side, down for the others. */
  public Length of(Box box) {
    return switch (this) {
      case TOP -> box.y();
      case BOTTOM -> box.bottom();
      case LEFT -> box.x();
      case RIGHT -> box.right();
    };
  }

  /** This edge of a box, as a line. */
  public Segment line(Box box) {
    return isAtSide()
        ? new Segment(false, of(box), box.y(), box.bottom())
        : new Segment(true, of(box), box.x(), box.right());
  }

  /** How far a box goes from this edge: its width for an edge at the side, its height else. */
  public Length depth(Box box) {
    return isAtSide() ? box.w() : box.h();
  }

  /** A box mirrored in this edge of another. Mirrored twice it is itself. */
  public Box mirrored(Box box, Box hinged) {
    Length twice = of(hinged).times(2);
    return isAtSide()
        ? new Box(twice.minus(box.right()), box.y(), box.w(), box.h())
        : new Box(box.x(), twice.minus(box.bottom()), box.w(), box.h());
  }

  /**
   * A box with this edge somewhere else, the others where they are.
   *
   * @param to where the edge comes to lie; it is no box where that is at the other edge or past it
   */
  public Box moved(Box box, Length to) {
    return switch (this) {
      case TOP -> new Box(box.x(), to, box.w(), box.bottom().minus(to));
      case BOTTOM -> new Box(box.x(), box.y(), box.w(), to.minus(box.y()));
      case LEFT -> new Box(to, box.y(), box.right().minus(to), box.h());
      case RIGHT -> new Box(box.x(), box.y(), to.minus(box.x()), box.h());
    };
  }

  /** A box moved away from this edge, into the rectangle and beyond. */
  public Box away(Box box, Length by) {
    return switch (this) {
      case TOP -> box.moved(Length.ZERO, by);
      case BOTTOM -> box.moved(Length.ZERO, by.negated());
      case LEFT -> box.moved(by, Length.ZERO);
      case RIGHT -> box.moved(by.negated(), Length.ZERO);
    };
  }

  /** Tells what lies along this edge outside a box. */
  public Box beyond(Box box, Length deep) {
    return mirrored(along(box, deep), box);
  }

  /** Tells what lies along this edge inside a box. */
  public Box along(Box box, Length deep) {
    return switch (this) {
      case TOP -> new Box(box.x(), box.y(), box.w(), deep);
      case BOTTOM -> new Box(box.x(), box.bottom().minus(deep), box.w(), deep);
      case LEFT -> new Box(box.x(), box.y(), deep, box.h());
      case RIGHT -> new Box(box.right().minus(deep), box.y(), deep, box.h());
    };
  }
}
