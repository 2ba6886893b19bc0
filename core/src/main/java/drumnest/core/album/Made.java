package drumnest.core.album;

/** How far the making of what a slot holds has come. */
public enum Made {
  /** It is printed and cut for this slot. */
  CUT,
  /** It is in its place for good. */
  STUCK
}
