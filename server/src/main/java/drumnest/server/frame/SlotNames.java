package drumnest.server.frame;

import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.PageSide;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.fit.Outline;

/** Slots as makers speak of them. */
public final class SlotNames {

  private SlotNames() {}

  /** Such as {@code pocket 5, leaf 2 front}. */
  public static String of(Slot slot) {
    return within(slot) + ", " + of(new PageSide(slot.leaf(), slot.side()));
  }

  /** The slot on its page: {@code pocket 5}, {@code mount 2}, {@code flap 1 inside}. */
  public static String within(Slot slot) {
    return switch (slot.kind()) {
      case POCKET -> "pocket " + slot.number();
      case MOUNT -> "mount " + slot.number();
      case OUTSIDE ->
          slot.outline() instanceof Outline.Pieces
              ? "all panels of " + MoverNames.whole(plan(slot), String.valueOf(slot.number()))
              : flap(slot) + " outside";
      case INSIDE -> flap(slot) + " inside";
    };
  }

  private static String flap(Slot slot) {
    return MoverNames.flap(plan(slot), String.valueOf(slot.number()));
  }

  private static PagePlan plan(Slot slot) {
    return slot.leaf().plan(slot.leaf().face(slot.side()));
  }

  /** Its number, or that of its flap as {@code f1}. */
  public static String brief(Slot slot) {
    return (slot.kind().isOfPage() ? "" : "f") + slot.number();
  }

  /** Such as {@code leaf 2 front}. */
  public static String of(PageSide page) {
    return "leaf " + page.leaf().number() + " " + of(page.side());
  }

  public static String of(Side side) {
    return side == Side.FRONT ? "front" : "back";
  }
}
