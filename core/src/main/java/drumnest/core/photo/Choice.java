package drumnest.core.photo;

/** A maker's decision on a picture. */
public enum Choice {
  /** Nothing yet. */
  OPEN,
  /** It goes into the album. */
  KEEP,
  /** It goes in where there is room. */
  MAYBE,
  /** It does not go in; it can always come back. */
  OUT
}
