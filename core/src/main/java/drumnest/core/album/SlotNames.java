package drumnest.core.album;

/** Slots as makers speak of them. */
public final class SlotNames {

  private SlotNames() {}

  /** Such as {@code pocket 5, leaf 2 front}. */
  public static String of(Slot slot) {
    return within(slot) + ", leaf " + slot.leaf().number() + " " + of(slot.side());
  }

  /** The slot on its page: {@code pocket 5} or {@code mount 2}. */
  public static String within(Slot slot) {
    return (slot.kind() == Slot.Kind.POCKET ? "pocket " : "mount ") + slot.number();
  }

  public static String of(Side side) {
    return side == Side.FRONT ? "front" : "back";
  }
}
