package drumnest.core.words;

import java.util.OptionalInt;

/** The measures of a typeface, in units of which there are so many to the size of its letters. */
public interface Typeface {

  /** How many units the size of its letters is. */
  int unitsPerEm();

  /** How far it reaches above the line on which its letters stand. */
  int ascent();

  /** How high its capitals are. */
  int capitals();

  /** How far it reaches below that line. */
  int descent();

  /**
   * How far a letter takes the next one on.
   *
   * @return nothing where neither it nor those that help it out have that letter; 0 for signs that
   *     are no letters of their own, such as combining accents that are not drawn by themselves
   */
  OptionalInt advance(int letter);
}
