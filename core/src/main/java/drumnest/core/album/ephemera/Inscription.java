package drumnest.core.album.ephemera;

/** Writing on something that takes a slot, and how. */
public sealed interface Inscription permits CardWords, TitleWords {

  /** All that is to be read, a line each. */
  String text();

  /** Whether it stays out of anything that is made for showing. */
  boolean hidden();
}
