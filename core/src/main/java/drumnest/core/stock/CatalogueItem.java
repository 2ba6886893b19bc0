package drumnest.core.stock;

import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;

/** Something the catalogue knows by name. */
public sealed interface CatalogueItem
    permits LeafType,
        LetterSet,
        CatalogueItem.AlbumFormat,
        CatalogueItem.SleeveType,
        CatalogueItem.CardType,
        CatalogueItem.PrintSize,
        CatalogueItem.SheetType,
        CatalogueItem.Material {
  /** Lets a visitor do with this what it does with one of its kind. */
  <R> R accept(Visitor<R> visitor);

  /**
   * Does something with an entry of each kind; a new kind does not compile until each visitor knows
   * it.
   *
   * @param <R> the result
   */
  interface Visitor<R> {
    R leaf(LeafType leaf);

    R letters(LetterSet letters);

    R format(AlbumFormat format);

    R sleeve(SleeveType sleeve);

    R card(CardType card);

    R print(PrintSize print);

    R sheet(SheetType sheet);

    R material(Material material);
  }

  /** Tells what makers call it; unique among things of its kind. */
  String name();

  /** The page size of an album. */
  record AlbumFormat(String name, Size size) implements CatalogueItem {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.format(this);
    }
  }

  /**
   * A hinged sleeve.
   *
   * @param insert the size of what goes in, as its picture is read
   * @param hinge the edge of the insert it is hinged on
   * @param perPack how many a pack holds, from 1
   */
  record SleeveType(String name, Size insert, HingeEdge hinge, int perPack)
      implements CatalogueItem {

    /** Whether a print of this size goes in and is hinged so, whichever way it lies. */
    public boolean takes(Size print, Edge edge) {
      boolean goes = insert.equals(print) || insert.turned().equals(print);
      return goes && hinge.isOn(edge, print);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.sleeve(this);
    }
  }

  /** The edge a sleeve is hinged on. */
  enum HingeEdge {
    SHORT,
    LONG,
    /** All edges of a square are alike. */
    ANY;

    /** Whether that is this edge of a print, as it lies. */
    public boolean isOn(Edge edge, Size print) {
      Length along = edge.isAtSide() ? print.h() : print.w();
      return this == ANY || (this == SHORT) == along.equals(print.tighter());
    }
  }

  /**
   * A card for words or decoration.
   *
   * @param thickness how thick it is
   */
  record CardType(String name, Size size, Length thickness) implements CatalogueItem {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.card(this);
    }
  }

  /** A size that prints are ordered in. */
  record PrintSize(String name, Size size) implements CatalogueItem {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.print(this);
    }
  }

  /**
   * A sheet of paper.
   *
   * @param strip the printed strip along its top edge that is cut off first; zero for none
   * @param directional whether its pattern has a right way up, so that it may not be turned
   */
  record SheetType(String name, Size size, Length strip, boolean directional)
      implements CatalogueItem {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.sheet(this);
    }
  }

  /** Something with a thickness. */
  record Material(String name, Length thickness) implements CatalogueItem {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.material(this);
    }
  }
}
