package drumnest.server.store;

/** What a slot without a picture is set aside for. */
public enum Aside {
  /** Words to a picture beside it. */
  WORDS,
  /** The title of a chapter. */
  TITLE,
  /** Nothing: it stays empty on purpose. */
  EMPTY
}
