package drumnest.core.album.leaf;

/** The sorts of places that a slot can be. */
public enum SlotKind {
  POCKET,
  MOUNT,
  /** The side of a flap that is seen while it is closed. */
  OUTSIDE,
  /** The other side, seen while it is open. */
  INSIDE;

  /** Whether it is a place of the page itself. */
  public boolean isOfPage() {
    return this == POCKET || this == MOUNT;
  }
}
