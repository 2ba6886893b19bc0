package drumnest.core.album;

/** What a slot is meant to hold. */
public enum Holds {
  PHOTO,
  WORDS,
  KEEPSAKE
}
