package drumnest.core.album;

import drumnest.core.measure.Length;
import java.util.List;
import java.util.function.Function;

/**
 * How thick a leaf is: at its thickest place, and its protector. Source: common practice, no
 * source; the materials are the maker's.
 *
 * @param ply one ply of a protector
 * @param page the paper of a page without pockets
 */
public record LeafThickness(Length ply, Length page) {

  /**
   * @param held the thickness of what a slot holds; zero for nothing
   */
  public Length of(Leaf leaf, Function<Slot, Length> held) {
    Length protector = ply.times(2);
    if (leaf.type().pattern() == null) {
      return protector
          .plus(page)
          .plus(most(leaf, Side.FRONT, held))
          .plus(most(leaf, Side.BACK, held));
    }
    if (!leaf.type().shared()) {
      return protector
          .plus(ply)
          .plus(most(leaf, Side.FRONT, held))
          .plus(most(leaf, Side.BACK, held));
    }
    Length most = Length.ZERO;
    AlbumLeaves alone = new AlbumLeaves(List.of(leaf));
    for (Slot slot : leaf.slots(Side.FRONT, 0)) {
      Length behind = leaf.otherSideOf(slot).flatMap(alone::slot).map(held).orElse(Length.ZERO);
      most = most.max(held.apply(slot).plus(behind));
    }
    return protector.plus(most);
  }

  private static Length most(Leaf leaf, Side side, Function<Slot, Length> held) {
    return leaf.slots(side, 0).stream().map(held).reduce(Length.ZERO, Length::max);
  }
}
