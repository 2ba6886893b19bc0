package drumnest.core.photo;

/** What the maker decided of a picture. */
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
