package drumnest.core.words;

import drumnest.core.measure.Length;

/** Something that would make a title fit, or have all its letters. */
public sealed interface TitleFix {
  /** Lets a visitor do with this what it does with one of its kind. */
  <R> R accept(Visitor<R> visitor);

  /**
   * Does something with a fix of each kind; a new kind does not compile until each visitor knows
   * it.
   *
   * @param <R> the result
   */
  interface Visitor<R> {
    R wording(Wording wording);

    R otherSet(OtherSet other);

    R secondSet(SecondSet second);

    R spacing(Spacing spacing);

    R twoLines(TwoLines lines);
  }

  /** Said in another way. */
  record Wording(String text) implements TitleFix {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.wording(this);
    }
  }

  /** In letters of another set. */
  record OtherSet(String set) implements TitleFix {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.otherSet(this);
    }
  }

  /** With what is missing taken from another set. */
  record SecondSet(String set) implements TitleFix {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.secondSet(this);
    }
  }

  /** With letters closer together, or further apart; negative where they lie over each other. */
  record Spacing(Length spacing) implements TitleFix {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.spacing(this);
    }
  }

  /** On two lines, cut at the gap between two words. */
  record TwoLines(String first, String second) implements TitleFix {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.twoLines(this);
    }
  }
}
