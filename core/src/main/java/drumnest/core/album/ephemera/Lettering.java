package drumnest.core.album.ephemera;

import drumnest.core.measure.Length;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import org.jspecify.annotations.Nullable;

/** How the words of a card are written. */
public sealed interface Lettering {
  /** Lets a visitor do with this what it does with one of its kind. */
  <R> R accept(Visitor<R> visitor);

  /**
   * Does something with a lettering of each kind; a new kind does not compile until each visitor
   * knows it.
   *
   * @param <R> the result
   */
  interface Visitor<R> {
    R byHand(ByHand hand);

    R typed(Typed typed);
  }

  /** By the house's own hand. */
  static ByHand byHand(HouseRules rules) {
    return new ByHand(rules.length(HouseRule.HAND_LETTER), rules.length(HouseRule.HAND_PITCH));
  }

  /** In the house's usual size of type, on a blank card. */
  static Typed typed(String face, HouseRules rules) {
    return new Typed(
        face, (int) rules.number(HouseRule.TYPE_SIZE) * Typed.QUARTERS_PER_POINT, null);
  }

  /**
   * By hand, on lines.
   *
   * @param letter the mean width of a letter, the space after words among them
   * @param pitch the distance of the lines
   */
  record ByHand(Length letter, Length pitch) implements Lettering {

    public ByHand withPitch(Length next) {
      return new ByHand(letter, next);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.byHand(this);
    }
  }

  /**
   * Typed and printed.
   *
   * @param face the name of the typeface
   * @param quarterPoints the size of its letters in quarters of a point of 1/72 in
   * @param ruling the lines of the card on which the letters are to stand; null on a blank card
   */
  record Typed(String face, int quarterPoints, @Nullable Ruling ruling) implements Lettering {

    public static final int QUARTERS_PER_POINT = 4;

    public Typed withSize(int next) {
      return new Typed(face, next, ruling);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.typed(this);
    }
  }

  /**
   * The lines that a card is ruled with.
   *
   * @param first how far the first line lies below the top of the card
   * @param pitch the distance of the lines
   */
  record Ruling(Length first, Length pitch) {}
}
