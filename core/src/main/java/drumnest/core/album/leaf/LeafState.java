package drumnest.core.album.leaf;

import drumnest.core.measure.Length;

/**
 * A leaf as its maker keeps it.
 *
 * @param type the key of its kind in the catalogue
 * @param turned whether it was turned over
 * @param drop how far its top lies below that of the album's page
 * @param plan what is planned on its first face
 * @param reversePlan what is planned on its second face
 */
public record LeafState(
    String type, boolean turned, Length drop, PagePlan plan, PagePlan reversePlan) {

  /** A leaf as it comes from the shelf. */
  public static LeafState of(String type) {
    return new LeafState(type, false, Length.ZERO, PagePlan.EMPTY, PagePlan.EMPTY);
  }

  public LeafState turnedOver() {
    return new LeafState(type, !turned, drop, plan, reversePlan);
  }

  public LeafState withDrop(Length next) {
    return new LeafState(type, turned, next, plan, reversePlan);
  }

  /** With another plan of one of its faces. */
  public LeafState withPlan(Side face, PagePlan next) {
    boolean first = face == Side.FRONT;
    return new LeafState(type, turned, drop, first ? next : plan, first ? reversePlan : next);
  }
}
