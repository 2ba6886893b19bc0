package drumnest.core.stock;

import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.ArrayList;
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

  /**
   * The rectangles of those parts that are left whole, in reading order, without any ease.
   *
   * @param within what is divided
   */
  default List<Box> wholes(Box within) {
    return accept(
        new Visitor<>() {
          @Override
          public List<Box> whole(Whole whole) {
            return List.of(within);
          }

          @Override
          public List<Box> shut(Shut shut) {
            return List.of();
          }

          @Override
          public List<Box> divided(Divided divided) {
            List<Box> boxes = new ArrayList<>();
            Edge first = divided.direction() == Direction.ACROSS ? Edge.LEFT : Edge.TOP;
            Box left = within;
            for (int i = 0; i < divided.parts().size(); i++) {
              Length deep = divided.prints().get(i).min(first.depth(left));
              boxes.addAll(divided.parts().get(i).wholes(first.along(left, deep)));
              left = first.moved(left, first.of(left).plus(deep));
            }
            return boxes;
          }

          @Override
          public List<Box> shared(Shared shared) {
            List<Box> boxes = new ArrayList<>();
            Edge first = shared.direction() == Direction.ACROSS ? Edge.LEFT : Edge.TOP;
            int count = shared.parts().size();
            for (int i = 0; i < count; i++) {
              Length from = first.depth(within).times(i, count);
              Length to = first.depth(within).times(i + 1, count);
              Box upTo = first.along(within, to);
              boxes.addAll(
                  shared.parts().get(i).wholes(first.opposite().along(upTo, to.minus(from))));
            }
            return boxes;
          }
        });
  }

  /** How many parts are left whole. */
  default int count() {
    return wholes(Box.of(new Size(Length.ofInches(1), Length.ofInches(1)))).size();
  }

  /** How many times a part in it is divided in its turn, itself too; 0 for one left whole. */
  default int levels() {
    return accept(
        new Visitor<>() {
          @Override
          public Integer whole(Whole whole) {
            return 0;
          }

          @Override
          public Integer shut(Shut shut) {
            return 0;
          }

          @Override
          public Integer divided(Divided divided) {
            return 1 + deepest(divided.parts());
          }

          @Override
          public Integer shared(Shared shared) {
            return 1 + deepest(shared.parts());
          }
        });
  }

  private static int deepest(List<Part> parts) {
    return parts.stream().mapToInt(Part::levels).max().orElse(0);
  }

  /** How pieces follow each other. */
  enum Direction {
    /** Side by side, left to right: the lines are upright. */
    ACROSS,
    /** One under the other: the lines are level. */
    DOWN
  }
}
