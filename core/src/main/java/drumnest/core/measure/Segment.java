package drumnest.core.measure;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * A straight piece of line along one axis: level, from left to right, or upright, from top to foot.
 * It has no width. One whose ends are the same is a point.
 *
 * @param level whether it is level
 * @param at where it lies across itself: y of a level one, x of an upright one
 * @param from where it begins along itself
 * @param to where it ends, not before it begins
 */
public record Segment(boolean level, Length at, Length from, Length to) {

  /**
   * @throws IllegalArgumentException if it ends before it begins
   */
  public Segment {
    if (to.isLessThan(from)) {
      throw new IllegalArgumentException("A segment ends where it begins, or after.");
    }
  }

  public Length length() {
    return to.minus(from);
  }

  /** Where it begins: its left end, or its upper one. */
  public Length x() {
    return level ? from : at;
  }

  /** Where it begins, from the top. */
  public Length y() {
    return level ? at : from;
  }

  /** Where it ends: its right end, or its lower one. */
  public Length endX() {
    return level ? to : at;
  }

  /** Where it ends, from the top. */
  public Length endY() {
    return level ? at : to;
  }

  /** This segment moved to the right and down. */
  public Segment moved(Length right, Length down) {
    Length across = level ? down : right;
    Length along = level ? right : down;
    return new Segment(level, at.plus(across), from.plus(along), to.plus(along));
  }

  /** This segment seen from the other side of a page {@code width} wide. */
  public Segment mirroredIn(Length width) {
    return level
        ? new Segment(true, at, width.minus(to), width.minus(from))
        : new Segment(false, width.minus(at), from, to);
  }

  /** This segment on a page {@code height} high that is turned over top to foot. */
  public Segment upsideDown(Length height) {
    return level
        ? new Segment(true, height.minus(at), from, to)
        : new Segment(false, at, height.minus(to), height.minus(from));
  }

  /** Tells what is left of it before and behind another on the same line. */
  public List<Segment> without(Segment other) {
    return Stream.of(
            new Segment(level, at, from, from.max(other.from.min(to))),
            new Segment(level, at, to.min(other.to.max(from)), to))
        .filter(left -> left.length().isPositive())
        .toList();
  }

  /** Whether all of it lies in a box or on its edge. */
  public boolean isIn(Box box) {
    return isBesideNeither(box) && !from.isLessThan(begin(box)) && !to.isMoreThan(end(box));
  }

  /** Whether boxes, alone or together, lie over all of it; their edges count as theirs. */
  public boolean isCoveredBy(Collection<Box> boxes) {
    List<Box> over =
        boxes.stream()
            .filter(this::isBesideNeither)
            .sorted(Comparator.comparing(this::begin))
            .toList();
    Length covered = from;
    boolean begun = false;
    for (Box box : over) {
      if (!begin(box).isMoreThan(covered) && !end(box).isLessThan(covered)) {
        covered = end(box);
        begun = true;
      }
    }
    return begun && !covered.isLessThan(to);
  }

  /** Whether the line that it is on runs through a box, or along its edge. */
  private boolean isBesideNeither(Box box) {
    Length before = level ? box.y() : box.x();
    Length behind = level ? box.bottom() : box.right();
    return !before.isMoreThan(at) && !behind.isLessThan(at);
  }

  private Length begin(Box box) {
    return level ? box.x() : box.y();
  }

  private Length end(Box box) {
    return level ? box.right() : box.bottom();
  }
}
