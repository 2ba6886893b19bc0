package drumnest.core.album.ephemera;

import drumnest.core.measure.Length;
import org.jspecify.annotations.Nullable;

/**
 * A title of letters from a set.
 *
 * @param text what it says
 * @param set the key of the letter set in the catalogue
 * @param second the key of the set from which it takes what the first one lacks; null for none
 * @param run how much room there is along it
 * @param spacing between letters; negative where they lie over each other
 * @param stacked whether the letters stand below each other, as down a photo's side
 * @param fromEnd whether its end is fixed, so that it is set from its last letter backwards
 * @param about the photo it lies on or beside, by its identity; null for none
 * @param chapter the photo by which its chapter is known; null for the album
 * @param stuck whether it is stuck, so that its letters are off the stock
 */
public record TitleWords(
    String text,
    String set,
    @Nullable String second,
    Length run,
    Length spacing,
    boolean stacked,
    boolean fromEnd,
    @Nullable String about,
    @Nullable String chapter,
    boolean stuck)
    implements Inscription {

  @Override
  public boolean hidden() {
    return false;
  }

  /** A copy saying something else. */
  public TitleWords saying(String next) {
    return new TitleWords(next, set, second, run, spacing, stacked, fromEnd, about, chapter, stuck);
  }

  /** A copy stuck or not. */
  public TitleWords withStuck(boolean next) {
    return new TitleWords(text, set, second, run, spacing, stacked, fromEnd, about, chapter, next);
  }

  /** A copy in letters of other sets. */
  public TitleWords withSets(String first, @Nullable String other) {
    return new TitleWords(
        text, first, other, run, spacing, stacked, fromEnd, about, chapter, stuck);
  }

  /** A copy with its letters closer together, or further apart. */
  public TitleWords withSpacing(Length next) {
    return new TitleWords(text, set, second, run, next, stacked, fromEnd, about, chapter, stuck);
  }
}
