package drumnest.core.stock;

import drumnest.core.measure.Length;
import java.util.List;

/**
 * A part of a protector that its maker rules: left whole, as one pocket, or divided by straight
 * lines that run from side to side within it.
 */
public sealed interface Part {
  /** Lets a visitor do with this what it does with one of its kind. */
  <R> R accept(Visitor<R> visitor);

  /**
   * Does something with a part of each kind; a new kind does not compile until each visitor knows
   * it.
   *
   * @param <R> the result
   */
  interface Visitor<R> {
    R whole(Whole whole);

    R shut(Shut shut);

    R divided(Divided divided);

    R shared(Shared shared);
  }

  /** One pocket. */
  record Whole() implements Part {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.whole(this);
    }
  }

  /** No pocket: sewn or welded shut. */
  record Shut() implements Part {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.shut(this);
    }
  }

  /**
   * Divided into pieces that each take a print and its ease; what they leave over, at the right or
   * the foot, is no pocket.
   *
   * @param direction how the pieces follow each other
   * @param prints the measure of each print along the direction, above zero
   * @param parts what each piece is in its turn, as many as there are prints
   */
  record Divided(Direction direction, List<Length> prints, List<Part> parts) implements Part {
    public Divided {
      prints = List.copyOf(prints);
      parts = List.copyOf(parts);
      if (prints.isEmpty() || prints.size() != parts.size()) {
        throw new IllegalArgumentException("There is one part for each print.");
      }
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.divided(this);
    }
  }

  /** Divided into equal pieces that leave nothing over. */
  record Shared(Direction direction, List<Part> parts) implements Part {
    public Shared {
      parts = List.copyOf(parts);
      if (parts.isEmpty()) {
        throw new IllegalArgumentException("There is at least one part.");
      }
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.shared(this);
    }
  }

  /** How pieces follow each other. */
  enum Direction {
    /** Side by side, left to right: the lines are upright. */
    ACROSS,
    /** One under the other: the lines are level. */
    DOWN
  }
}
