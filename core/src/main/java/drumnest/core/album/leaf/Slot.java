package drumnest.core.album.leaf;

import drumnest.core.album.flap.Holds;
import drumnest.core.fit.Outline;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.measure.Turn;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A place that holds one thing: a pocket, a mount on a plain page, or a side of a flap.
 *
 * @param id its name, the same for as long as its leaf is of its type and its block or flap is
 *     there: {@code 2-front-5} for a pocket, {@code 3-back-1.2} for the second mount of block 1,
 *     {@code 2-front-m1.2} for the inside of flap 1
 * @param parent what it lies on
 * @param number its number on the page, from 1, in reading order; for a side of a flap that of the
 *     flap
 * @param box its place on the parent; of a print that is cut into pieces that of one of them
 * @param turn how what it holds is read, against the parent
 * @param kind what sort of place it is
 * @param takes the size of the print to order for it
 * @param outline the outline in which a mount is cut
 * @param knownOpening its clear opening where that is known without measuring; a mount's own size
 * @param mat what shows of the mount on each side of what it holds; zero for a pocket
 * @param holds what it is meant to hold
 * @param rank its place in the reading order of its album, from 1
 * @param cover what lies on it while all is closed
 */
public record Slot(
    String id,
    SlotParent parent,
    int number,
    Box box,
    Turn turn,
    SlotKind kind,
    Size takes,
    Outline outline,
    @Nullable Size knownOpening,
    Length mat,
    Holds holds,
    int rank,
    Cover cover) {

  /** Mounts that lie no further apart stand side by side. Source: common practice, no source. */
  private static final Length NEAR = Length.ofInches(1, 1, 2);

  /** The cover that lies on a slot while all is closed. */
  public enum Cover {
    NONE,
    /** Something that can be opened, or lifted. */
    MOVES,
    /** Something that is stuck down, so that it is never seen. */
    STAYS
  }

  /** The name of the flap that this is a side of; nothing for places of the page itself. */
  public Optional<String> flap() {
    return kind.isOfPage() ? Optional.empty() : Optional.of(FlapNames.ofSide(id));
  }

  /** The key of the leaf that a slot of this name is on. */
  public static Integer leafKey(String id) {
    return Integer.valueOf(id.substring(0, id.indexOf('-')));
  }

  /** The outline in which the print is cut that it takes. */
  public Outline printOutline() {
    return outline.inset(mat);
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

  /** A copy for a larger print that is cut in this outline. */
  Slot cutFrom(Size print, Outline in) {
    return new Slot(id, parent, number, box, turn, kind, print, in, print, mat, holds, rank, cover);
  }

  /** How many layers what it holds is of, once it is cut; none of what is printed in place. */
  public int layers() {
    if (isPrinted()) {
      return 0;
    }
    return outline instanceof Outline.Pieces pieces ? pieces.count() : 1;
  }

  /** Whether what it holds is printed on what carries it: nothing is ordered, cut or stuck. */
  public boolean isPrinted() {
    return !kind.isOfPage() && leaf().plan(leaf().face(side())).isPrinted(String.valueOf(number));
  }

  /** A copy at another place in the reading order. */
  Slot withRank(int next) {
    return new Slot(
        id, parent, number, box, turn, kind, takes, outline, knownOpening, mat, holds, next, cover);
  }

  /** Whether a flap lies on it while that is closed. */
  public boolean covered() {
    return cover != Cover.NONE;
  }

  /** Whether something is stuck down over it, so that nothing in it is ever seen. */
  public boolean neverSeen() {
    return cover == Cover.STAYS;
  }

  /** Whether nobody misses anything where it is empty: below what is stuck down, and on bands. */
  public boolean mayStayEmpty() {
    return neverSeen() || !kind.isOfPage() && holds == Holds.KEEPSAKE;
  }

  /** Whether it is out of sight until something is opened. */
  public boolean hiddenAtRest() {
    return covered() || parent.hiddenAtRest();
  }
}
