package drumnest.core.album.leaf;

import drumnest.core.measure.Length;

/** Where a block lies: on the page, or beside another block. */
public sealed interface Anchor {
  /** Lets a visitor do with this what it does with one of its kind. */
  <R> R accept(Visitor<R> visitor);

  /**
   * Does something with an anchor of each kind; a new kind does not compile until each visitor
   * knows it.
   *
   * @param <R> the result
   */
  interface Visitor<R> {
    R onPage(OnPage page);

    R ofBlock(OfBlock block);
  }

  /** Along one axis of the page. */
  enum Along {
    /** From the left or top edge. */
    START,
    /** From the middle, moved right or down. */
    MIDDLE,
    /** From the right or lower edge. */
    END
  }

  /**
   * On the page itself; distances are from the edges of the paper.
   *
   * @param dx how far from the left or right edge, or moved right from the middle
   * @param dy how far from the top or lower edge, or moved down from the middle
   */
  record OnPage(Along across, Length dx, Along down, Length dy) implements Anchor {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.onPage(this);
    }
  }

  /** The side of another block. */
  enum Beside {
    BELOW,
    ABOVE,
    RIGHT_OF,
    LEFT_OF
  }

  /**
   * Beside a block that comes before it.
   *
   * @param block the key of that block
   * @param gap how far from it
   * @param align how the two line up along their common side
   */
  record OfBlock(int block, Beside beside, Length gap, Along align) implements Anchor {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.ofBlock(this);
    }
  }
}
