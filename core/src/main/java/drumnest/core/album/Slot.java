package drumnest.core.album;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.measure.Turn;
import org.jspecify.annotations.Nullable;

/**
 * A place that holds one thing: a pocket, or a mount on a plain page.
 *
 * @param id its name, the same for as long as its leaf is of its type and its block is there:
 *     {@code 2-front-5} for a pocket, {@code 3-back-1.2} for the second mount of block 1
 * @param parent what it lies on
 * @param number its number on the page, from 1, in reading order
 * @param box its place on the parent
 * @param turn how what it holds is read, against the parent
 * @param kind what sort of place it is
 * @param takes the size of the print to order for it
 * @param knownOpening its clear opening where that is known without measuring; a mount's own size
 * @param mat what shows of the mount on each side of what it holds; zero for a pocket
 * @param holds what it is meant to hold
 * @param rank its place in the reading order of its album, from 1
 */
public record Slot(
    String id,
    SlotParent parent,
    int number,
    Box box,
    Turn turn,
    Kind kind,
    Size takes,
    @Nullable Size knownOpening,
    Length mat,
    Holds holds,
    int rank) {

  /** Mounts that lie no further apart stand side by side. Source: common practice, no source. */
  private static final Length NEAR = Length.ofInches(1, 1, 2);

  /** What sort of place a slot is. */
  public enum Kind {
    POCKET,
    MOUNT
  }

  /** The key of the leaf that a slot of this name is on. */
  public static Integer leafKey(String id) {
    return Integer.valueOf(id.substring(0, id.indexOf('-')));
  }

  public Leaf leaf() {
    return parent.page().leaf();
  }

  public Side side() {
    return parent.page().side();
  }

  /** How what it holds lies against a reader of the page. */
  public Turn readingTurn() {
    return parent.turn().plus(turn);
  }

  /**
   * Whether something in the one stands beside the other: on the same page, along an edge that they
   * share or nearly share.
   */
  public boolean touches(Slot other) {
    if (!parent.id().equals(other.parent.id())) {
      return false;
    }
    boolean beside =
        isNear(box.x(), box.right(), other.box.x(), other.box.right())
            && overlap(box.y(), box.bottom(), other.box.y(), other.box.bottom());
    boolean below =
        isNear(box.y(), box.bottom(), other.box.y(), other.box.bottom())
            && overlap(box.x(), box.right(), other.box.x(), other.box.right());
    return beside || below;
  }

  private static boolean isNear(Length from, Length to, Length otherFrom, Length otherTo) {
    Length gap = otherFrom.isMoreThan(from) ? otherFrom.minus(to) : from.minus(otherTo);
    return !gap.isNegative() && !gap.isMoreThan(NEAR);
  }

  private static boolean overlap(Length from, Length to, Length otherFrom, Length otherTo) {
    return to.isMoreThan(otherFrom) && otherTo.isMoreThan(from);
  }

  public boolean hiddenAtRest() {
    return parent.hiddenAtRest();
  }
}
