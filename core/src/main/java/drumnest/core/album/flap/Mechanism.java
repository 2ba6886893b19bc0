package drumnest.core.album.flap;

import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.Part;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * How a mover of several parts, or one that is folded or tucked, is made. Where it lies and over
 * which edge it opens is told by its {@link Mover}.
 */
public sealed interface Mechanism
    permits Mechanism.Chain,
        Mechanism.Booklet,
        Mechanism.Waterfall,
        Mechanism.Accordion,
        Mechanism.FoldOut,
        Mechanism.Door,
        Mechanism.TuckSpot,
        Mechanism.EdgeTuck,
        Mechanism.PullOut,
        Mechanism.Divided,
        Band {

  /** Lets a visitor do with this what it does with one of its kind. */
  <R> R accept(Visitor<R> visitor);

  /**
   * Does something with a mechanism of each kind; a new kind does not compile until each visitor
   * knows it.
   *
   * @param <R> the result
   */
  interface Visitor<R> {
    R chain(Chain chain);

    R booklet(Booklet booklet);

    R waterfall(Waterfall waterfall);

    R accordion(Accordion accordion);

    R foldOut(FoldOut foldOut);

    R door(Door door);

    R tuckSpot(TuckSpot tuck);

    R edgeTuck(EdgeTuck tuck);

    R pullOut(PullOut pullOut);

    R divided(Divided divided);

    R gutterBand(Band.Gutter band);

    R edgeBand(Band.Beyond band);
  }

  /** Sleeves hinged on each other's free edges, in turn at the one and the other side. */
  record Chain(int sleeves) implements Mechanism {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.chain(this);
    }

    @Override
    public int parts() {
      return sleeves;
    }

    @Override
    public MoverKind kind() {
      return MoverKind.CHAIN;
    }
  }

  /** Sleeves on each other, all hinged at the same edge. */
  record Booklet(int sleeves) implements Mechanism {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.booklet(this);
    }

    @Override
    public int parts() {
      return sleeves;
    }

    @Override
    public MoverKind kind() {
      return MoverKind.BOOKLET;
    }
  }

  /**
   * Cards or sleeves on each other, all hinged at the same edge, each set off from the one above.
   *
   * @param cards how many
   * @param step by how much
   * @param sleeves whether they are sleeves, each stuck by its strip, rather than cut cards
   */
  record Waterfall(int cards, Length step, boolean sleeves) implements Mechanism {

    /** One of cut cards. */
    public Waterfall(int cards, Length step) {
      this(cards, step, false);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.waterfall(this);
    }

    @Override
    public boolean isSeenToOpen() {
      return cards > 1;
    }

    @Override
    public int parts() {
      return cards;
    }

    @Override
    public MoverKind kind() {
      return MoverKind.WATERFALL;
    }
  }

  /**
   * Panels folded to and fro into a stack; the last of them is stuck down. It lies where the stack
   * does, and its edge is the one on the side of its anchor.
   *
   * @param mat what shows of a panel around its photo
   * @param sheet the size of the sheets from which it is cut
   * @param overlap its least tab
   * @param panorama whether one wide picture runs over all panels, on the side of them that is up
   *     when it is pulled out flat, rather than a picture on each
   * @param printed whether its pictures are printed on its strips, on both sides, rather than stuck
   */
  record Accordion(
      int panels, Length mat, Size sheet, Length overlap, boolean panorama, boolean printed)
      implements Mechanism {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.accordion(this);
    }

    /** One with a picture stuck on each of its faces. */
    public Accordion(int panels, Length mat, Size sheet, Length overlap) {
      this(panels, mat, sheet, overlap, false, false);
    }

    @Override
    public int parts() {
      return panels;
    }

    @Override
    public MoverKind kind() {
      return MoverKind.ACCORDION;
    }
  }

  /**
   * A flap of one piece with its page, folded in at the page's outer edge.
   *
   * @param page the size of that page
   * @param border what shows of it around its photo
   * @param sheet the size of the sheet from which page and flap are cut
   */
  record FoldOut(Size page, Length border, Size sheet) implements Mechanism {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.foldOut(this);
    }

    @Override
    public int parts() {
      return 1;
    }

    @Override
    public MoverKind kind() {
      return MoverKind.FOLD_OUT;
    }

    @Override
    public Set<Edge> movableEdges(Edge outer) {
      // It is folded in where its page ends.
      return EnumSet.complementOf(EnumSet.of(outer));
    }

    @Override
    public FoldOut onPage(Size other) {
      return new FoldOut(other, border, sheet);
    }
  }

  /**
   * A cover on a paper hinge, or two that meet in the middle.
   *
   * @param pair whether it is two, hinged at the left and at the right
   * @param border what shows of it around its photo
   */
  record Door(boolean pair, Length border) implements Mechanism {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.door(this);
    }

    @Override
    public int parts() {
      return pair ? 2 : 1;
    }

    @Override
    public MoverKind kind() {
      return pair ? MoverKind.DOUBLE_DOOR : MoverKind.DOOR;
    }
  }

  /**
   * A card behind a photo, on rails and a stop of tape. It lies where the photo does.
   *
   * @param card the size of the card
   * @param visible what of it shows beyond the photo
   */
  record TuckSpot(Size card, Length visible) implements Mechanism {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.tuckSpot(this);
    }

    @Override
    public boolean isSeenToOpen() {
      return visible.isPositive();
    }

    @Override
    public int parts() {
      return 1;
    }

    @Override
    public MoverKind kind() {
      return MoverKind.TUCK_SPOT;
    }
  }

  /**
   * A card under an edge of a photo or strip that is left free of glue there. It lies where that
   * does.
   *
   * @param card the size of the card
   * @param depth how deep it is tucked, which is how deep is left free of glue
   */
  record EdgeTuck(Size card, Length depth) implements Mechanism {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.edgeTuck(this);
    }

    @Override
    public boolean isSeenToOpen() {
      return true;
    }

    @Override
    public int parts() {
      return 1;
    }

    @Override
    public MoverKind kind() {
      return MoverKind.EDGE_TUCK;
    }
  }

  /**
   * A card in a pocket that is glued on three sides. It lies where the pocket does.
   *
   * @param card the size of the card
   */
  record PullOut(Size card) implements Mechanism {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.pullOut(this);
    }

    @Override
    public int parts() {
      return 1;
    }

    @Override
    public MoverKind kind() {
      return MoverKind.PULL_OUT;
    }
  }

  /**
   * Prints on one card, which takes the place of a single print; nothing of it moves.
   *
   * @param part how the card is divided; null for two halves of its longer side
   */
  record Divided(@Nullable Part part) implements Mechanism {

    /** Two halves of the longer side. */
    public Divided() {
      this(null);
    }

    /** The rectangles of its prints on a card, in reading order. */
    public List<Box> prints(Box card) {
      return part == null ? card.halves() : part.wholes(card);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.divided(this);
    }

    @Override
    public int parts() {
      return part == null ? 2 : part.count();
    }

    @Override
    public MoverKind kind() {
      return MoverKind.DIVIDED_PLACE;
    }

    @Override
    public boolean opens() {
      return false;
    }
  }

  /** Whether any of it moves. */
  default boolean opens() {
    return true;
  }

  /** Tells what its places are meant to hold. */
  default Holds holds() {
    return Holds.PHOTO;
  }

  /**
   * Which of its edges may be drawn elsewhere.
   *
   * @param edge its edge
   */
  default Set<Edge> movableEdges(Edge edge) {
    return EnumSet.allOf(Edge.class);
  }

  /** This mechanism for a page of another size. */
  default Mechanism onPage(Size page) {
    return this;
  }

  /**
   * Where it lies, as far as what it is says so: a band across the gutter begins there.
   *
   * @param at where it would lie else
   * @param edge its edge; of a band the one at the gutter, or the outer one
   */
  default Box lying(Box at, Edge edge) {
    return at;
  }

  /**
   * How far it is meant to reach beyond its leaf; zero of all but a band there.
   *
   * @param at where it lies
   */
  default Length beyond(Box at) {
    return Length.ZERO;
  }

  /** Whether some of what is hidden shows, so that it is seen to open. */
  default boolean isSeenToOpen() {
    return false;
  }

  /** How many parts of it move, or carry a picture. */
  int parts();

  /** Which of the kinds it is. */
  MoverKind kind();
}
