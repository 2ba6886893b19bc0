package drumnest.core.album.leaf;

/** A side of a leaf: the front is a right-hand page, the back a left-hand one once it is turned. */
public enum Side {
  FRONT,
  BACK;

  public Side other() {
    return this == FRONT ? BACK : FRONT;
  }
}
