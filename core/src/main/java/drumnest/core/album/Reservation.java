package drumnest.core.album;

/** The purpose for which a slot without a picture is reserved. */
public enum Reservation {
  /** Words to a picture beside it. */
  WORDS,
  /** The title of a chapter. */
  TITLE,
  /** Nothing: it stays empty on purpose. */
  EMPTY
}
