package drumnest.core.mover.kind;

import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;

/**
 * The pocket of a pull-out: glued on three sides around a folded strip, which it must go round. The
 * sheets of both its sides are longer than the insert is wide by what it is thick, and by some
 * play. What a fold is thicker than the pages it joins is not counted. Source: common practice, no
 * source.
 *
 * @param insert the size of the strip as it is folded
 * @param pages how many layers of card it has, from 1
 * @param card how thick one is
 * @param play what is to spare on each side
 */
public record PullOutPocket(Size insert, int pages, Length card, Length play) {

  /**
   * The pocket of a mover of this kind, for its one card: that is wide across the way in which it
   * is drawn out, so that of one that opens sideways its height counts.
   */
  public static PullOutPocket of(Mover mover, Mechanism.PullOut pullOut, HouseRules rules) {
    return new PullOutPocket(
        pullOut.card().turnedIf(mover.edge().isAtSide()),
        1,
        rules.length(HouseRule.PULLOUT_CARD),
        rules.length(HouseRule.PULLOUT_PLAY));
  }

  /**
   * How large the card of a mover of this kind may be: glued on three sides, with some play across.
   */
  public static Size most(Mover mover, HouseRules rules) {
    Length side =
        rules
            .length(HouseRule.TUCK_RAIL)
            .plus(rules.length(HouseRule.PULLOUT_PLAY))
            .plus(rules.length(HouseRule.PULLOUT_CARD).dividedBy(2));
    Size pocket = mover.at().size();
    return mover.edge().isAtSide()
        ? new Size(pocket.w().minus(side), pocket.h().minus(side.times(2)))
        : new Size(pocket.w().minus(side.times(2)), pocket.h().minus(side));
  }

  /** How thick the folded strip is. */
  public Length thickness() {
    return card.times(pages);
  }

  /** How wide the pocket is inside, as it lies flat. */
  public Length flatWidth() {
    return insert.w().plus(thickness()).plus(play.times(2));
  }
}
