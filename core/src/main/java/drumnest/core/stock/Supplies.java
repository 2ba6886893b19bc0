package drumnest.core.stock;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.Map;

/**
 * The supplies that albums draw on and that no album has to itself.
 *
 * @param leafTypes kinds of leaves by their keys in the catalogue, those off the shelf among them
 * @param openings openings that were measured on kinds of leaves
 * @param materials what leaves are made of
 * @param rules the house rules in force
 */
public record Supplies(
    Map<String, LeafType> leafTypes,
    Map<TypePocket, Size> openings,
    Materials materials,
    HouseRules rules) {

  public Supplies {
    leafTypes = Map.copyOf(leafTypes);
    openings = Map.copyOf(openings);
  }

  /**
   * A pocket of a kind of leaf.
   *
   * @param type the key of the kind
   * @param face {@code front} or {@code back}
   * @param pocket its number on the face, from 1
   */
  public record TypePocket(String type, String face, int pocket) {}

  /**
   * The materials that leaves are made of and filled with, by thickness.
   *
   * @param ply one of a protector
   * @param page a plain page
   * @param print a photo print
   * @param card a card for words
   * @param letters letters of titles
   */
  public record Materials(Length ply, Length page, Length print, Length card, Length letters) {}

  /** A copy under other house rules. */
  public Supplies under(HouseRules other) {
    return new Supplies(leafTypes, openings, materials, other);
  }
}
