package drumnest.core.stock;

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

  /** What makers call it; unique among things of its kind. */
  String name();

  /** The page size of an album. */
  record AlbumFormat(String name, Size size) implements CatalogueItem {}

  /**
   * A hinged sleeve.
   *
   * @param insert the size of what goes in, as its picture is read
   * @param hinge the edge of the insert it is hinged on
   * @param perPack how many a pack holds, from 1
   */
  record SleeveType(String name, Size insert, HingeEdge hinge, int perPack)
      implements CatalogueItem {}

  /** The edge a sleeve is hinged on. */
  enum HingeEdge {
    SHORT,
    LONG,
    /** All edges of a square are alike. */
    ANY
  }

  /**
   * A card for words or decoration.
   *
   * @param thickness how thick it is
   */
  record CardType(String name, Size size, Length thickness) implements CatalogueItem {}

  /** A size that prints are ordered in. */
  record PrintSize(String name, Size size) implements CatalogueItem {}

  /**
   * A sheet of paper.
   *
   * @param strip the printed strip along its top edge that is cut off first; zero for none
   * @param directional whether its pattern has a right way up, so that it may not be turned
   */
  record SheetType(String name, Size size, Length strip, boolean directional)
      implements CatalogueItem {}

  /** Something with a thickness. */
  record Material(String name, Length thickness) implements CatalogueItem {}
}
