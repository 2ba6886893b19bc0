package drumnest.core.album.flap;

/** What a slot is meant to hold. */
public enum Holds {
  PHOTO,
  WORDS,
  KEEPSAKE
}
