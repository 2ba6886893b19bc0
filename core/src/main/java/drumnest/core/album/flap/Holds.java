package drumnest.core.album.flap;

/** The sort of thing that a slot is meant to hold. */
public enum Holds {
  PHOTO,
  WORDS,
  KEEPSAKE
}
