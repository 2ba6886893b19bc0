package drumnest.core.words;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;

/** What would make the words of a card fit. */
public sealed interface Cure {

  /** Typed smaller. */
  record SmallerType(int quarterPoints) implements Cure {}

  /** On lines that are closer together. */
  record CloserLines(Length pitch) implements Cure {}

  /** Typed rather than by hand. */
  record Typed(String face, int quarterPoints) implements Cure {}

  /** On a card as large as a free place beside it or its photo. */
  record LargerCard(String slot, Size size) implements Cure {}

  /** Running on to a second card in a free place. */
  record RunOn(String slot, Size size) implements Cure {}

  /** Running on to a second card that has no place yet. */
  record SecondCard(Size size) implements Cure {}

  /** On a card on the inside of a flap over a photo that it tells about. */
  record BehindFlap(String slot, Size size) implements Cure {}

  /** In type on a clear label over the quiet part of a photo that it tells about. */
  record Label(String photo, Size size, String face, int quarterPoints) implements Cure {}
}
