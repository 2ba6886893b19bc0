package drumnest.core.album.flap;

import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.EnumSet;
import java.util.Set;

/**
 * A strip of paper or cloth in two halves that belong together, each on a page of its own. Nothing
 * of it moves, and it holds a keepsake at most. Source: common practice, no source.
 */
public sealed interface Band extends Mechanism {

  /**
   * One half of a band across the gutter: a strip of paper or cloth that begins at the edge of its
   * page at the gutter. The other half lies mirrored on the facing page.
   *
   * @param page the size of its page
   * @param under whether photos lie over it, so that it hides none
   */
  record Gutter(Size page, boolean under) implements Band {

    /** One that lies over the photos. */
    public Gutter(Size page) {
      this(page, false);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.gutterBand(this);
    }

    @Override
    public Gutter lyingUnder() {
      return new Gutter(page, true);
    }

    @Override
    public MoverKind kind() {
      return MoverKind.GUTTER_BAND;
    }

    @Override
    public Gutter onPage(Size other) {
      return new Gutter(other, under);
    }

    @Override
    public Set<Edge> movableEdges(Edge gutter) {
      return EnumSet.complementOf(EnumSet.of(gutter));
    }

    @Override
    public Box lying(Box at, Edge gutter) {
      Box along = gutter.along(Box.of(page), at.w());
      return new Box(along.x(), at.y(), at.w(), at.h());
    }
  }

  /**
   * One half of a band beyond the outer edge of a leaf that is narrower than others: a strip of
   * paper or cloth as long as the leaf. The other half lies mirrored on the leaf's other side, back
   * to back with it beyond the edge.
   *
   * @param page the size of its page
   * @param overlap how much of its width is stuck to the leaf
   * @param under whether photos lie over it, so that it hides none
   */
  record Beyond(Size page, Length overlap, boolean under) implements Band {

    /** One that lies over the photos. */
    public Beyond(Size page, Length overlap) {
      this(page, overlap, false);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.edgeBand(this);
    }

    @Override
    public Beyond lyingUnder() {
      return new Beyond(page, overlap, true);
    }

    @Override
    public MoverKind kind() {
      return MoverKind.EDGE_BAND;
    }

    @Override
    public Beyond onPage(Size other) {
      return new Beyond(other, overlap, under);
    }

    @Override
    public Set<Edge> movableEdges(Edge outer) {
      return EnumSet.of(outer);
    }

    @Override
    public Box lying(Box at, Edge outer) {
      Box leaf = Box.of(page);
      Box onLeaf = outer.along(leaf, overlap);
      return outer.moved(onLeaf, beyond(outer, leaf, at.w()));
    }

    @Override
    public Length beyond(Box at) {
      return at.w().minus(overlap);
    }

    /** Where a band of this width ends. */
    private Length beyond(Edge outer, Box leaf, Length wide) {
      Length past = wide.minus(overlap);
      return outer.of(leaf).plus(outer == Edge.RIGHT ? past : past.negated());
    }
  }

  /** Whether photos lie over it. */
  boolean under();

  /** A copy over which photos lie. */
  Band lyingUnder();

  @Override
  default int parts() {
    return 1;
  }

  @Override
  default boolean opens() {
    return false;
  }

  @Override
  default Holds holds() {
    return Holds.KEEPSAKE;
  }
}
