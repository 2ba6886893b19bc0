package drumnest.core.album.flap;

/** Something that is taken hold of to open a mover, and says that it opens. */
public enum Grip {
  /** Nothing. */
  NONE,
  /** A tab on its free edge: cut twice, one of them mirrored, and stuck together over the edge. */
  TAB,
  /** A string or ribbon that is stuck behind its free edge. */
  STRING
}
