package drumnest.core.album.ephemera;

/** The kinds of ephemera, which are stored and asked for by name. */
public enum EphemeraKind {
  CARD,
  TITLE,
  KEEPSAKE
}
