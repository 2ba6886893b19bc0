package drumnest.core.album.leaf;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.LeafType;
import drumnest.core.stock.PocketPattern;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * One leaf of an album.
 *
 * <p>Its faces are those of its type, whichever way it is turned: the slots of its first face are
 * called {@code front}. Turned over, the first face is the left-hand page, mirrored as it is seen
 * from behind.
 *
 * @param key its name in the album, which stays when leaves before it come and go
 * @param number its place in the album, from 1
 * @param type what kind of leaf it is
 * @param turned whether it was turned over, so that its first face is the back
 * @param drop how far its top edge lies below that of the album's page
 * @param plan what is planned on its first face
 * @param reversePlan what is planned on its second face
 */
public record Leaf(
    int key,
    int number,
    LeafType type,
    boolean turned,
    Length drop,
    PagePlan plan,
    PagePlan reversePlan) {

  /** A leaf as it comes from the shelf. */
  public static Leaf of(int key, int number, LeafType type) {
    return new Leaf(key, number, type, false, Length.ZERO, PagePlan.EMPTY, PagePlan.EMPTY);
  }

  public Size size() {
    return type.size();
  }

  /** Which face of the type is seen on a side. */
  public Side face(Side side) {
    return turned ? side.other() : side;
  }

  /** On which side a face of the type is seen. */
  public Side sideOf(Side face) {
    return turned ? face.other() : face;
  }

  /** A copy with another plan of a face. */
  public Leaf withPlan(Side face, PagePlan next) {
    return new Leaf(
        key,
        number,
        type,
        turned,
        drop,
        face == Side.FRONT ? next : plan,
        face == Side.FRONT ? reversePlan : next);
  }

  /** Tells what is planned on a face. */
  public PagePlan plan(Side face) {
    return face == Side.FRONT ? plan : reversePlan;
  }

  /** The pockets of a face as they are seen from the side it is on. */
  public Optional<PocketPattern> pattern(Side face) {
    PocketPattern pattern = type.pattern();
    return Optional.ofNullable(
        pattern == null || face == Side.FRONT ? pattern : pattern.mirrored());
  }

  /**
   * Its slots as they are seen on a side, in reading order.
   *
   * @param before how many slots come before these in the album
   */
  public List<Slot> slots(Side side, int before) {
    // Slots are called after their face, so that turning the leaf over takes its things along.
    String name = new PageSide(this, face(side)).id();
    return new PageSlots(this, side, name).inOrder(before);
  }

  /** Its slots on the front, then those on the back. */
  public List<Slot> slots() {
    List<Slot> slots = new ArrayList<>(slots(Side.FRONT, 0));
    slots.addAll(slots(Side.BACK, 0));
    return slots;
  }

  /** The slot that is the other side of the same pocket; none where sides share nothing. */
  public Optional<String> otherSideOf(Slot slot) {
    PocketPattern pattern = type.pattern();
    if (pattern == null || !type.shared() || slot.kind() != SlotKind.POCKET) {
      return Optional.empty();
    }
    Side face = face(slot.side());
    int pocket = slot.number() - 1;
    int other = (face == Side.FRONT ? pattern.otherSide(pocket) : pattern.frontOf(pocket)) + 1;
    return Optional.of(new PageSide(this, face.other()).id() + "-" + other);
  }

  /** Where it lies when {@code width} is open on its side of the gutter. */
  public Box placeOn(Side side, Length width) {
    Length x = side == Side.FRONT ? Length.ZERO : width.minus(size().w());
    return Box.of(x, drop, size());
  }
}
