package drumnest.core.album;

/** What a slot without a picture is reserved for. */
public enum Reservation {
  /** Words to a picture beside it. */
  WORDS,
  /** The title of a chapter. */
  TITLE,
  /** Nothing: it stays empty on purpose. */
  EMPTY
}
