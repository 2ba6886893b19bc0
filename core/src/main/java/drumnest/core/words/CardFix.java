package drumnest.core.words;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;

/** Something that would make the words of a card fit. */
public sealed interface CardFix {
  /** Lets a visitor do with this what it does with one of its kind. */
  <R> R accept(Visitor<R> visitor);

  /**
   * Does something with a fix of each kind; a new kind does not compile until each visitor knows
   * it.
   *
   * @param <R> the result
   */
  interface Visitor<R> {
    R smallerType(SmallerType smaller);

    R closerLines(CloserLines closer);

    R typed(Typed typed);

    R largerCard(LargerCard larger);

    R runOn(RunOn on);

    R secondCard(SecondCard second);

    R behindFlap(BehindFlap flap);

    R label(Label label);
  }

  /** Typed smaller. */
  record SmallerType(int quarterPoints) implements CardFix {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.smallerType(this);
    }
  }

  /** On lines that are closer together. */
  record CloserLines(Length pitch) implements CardFix {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.closerLines(this);
    }
  }

  /** Typed rather than by hand. */
  record Typed(String face, int quarterPoints) implements CardFix {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.typed(this);
    }
  }

  /** On a card as large as a free place beside it or its photo. */
  record LargerCard(String slot, Size size) implements CardFix {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.largerCard(this);
    }
  }

  /** Running on to a second card in a free place. */
  record RunOn(String slot, Size size) implements CardFix {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.runOn(this);
    }
  }

  /** Running on to a second card that has no place yet. */
  record SecondCard(Size size) implements CardFix {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.secondCard(this);
    }
  }

  /** On a card on the inside of a flap over a photo that it tells about. */
  record BehindFlap(String slot, Size size) implements CardFix {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.behindFlap(this);
    }
  }

  /** In type on a clear label over the quiet part of a photo that it tells about. */
  record Label(String photo, Size size, String face, int quarterPoints) implements CardFix {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.label(this);
    }
  }
}
