package drumnest.core.mover.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.List;

/**
 * The pocket of a pull-out: glued on three sides around a folded strip, which it must go round. The
 * sheets of both its sides are longer than the insert is wide by what it is thick, and by some
 * play. What a fold is thicker than the pages it joins is not counted. Source: common practice, no
 * source.
 *
 * @param insert the size of the strip as it is folded
 * @param thickness how thick it is then
 * @param play what is to spare on each side
 */
public record PullOutPocket(Size insert, Length thickness, Length play) {

  /**
   * One for a folded strip.
   *
   * @param pages how many layers of card it has, from 1
   * @param card how thick one is
   */
  public static PullOutPocket folded(Size insert, int pages, Length card, Length play) {
    return new PullOutPocket(insert, card.times(pages), play);
  }

  /**
   * The pocket of a mover of this kind, for its card and all that is on it: that is wide across the
   * way in which it is drawn out, so that of one that opens sideways its height counts.
   *
   * @param carried what is on the card, see {@link #carriedThickness}
   */
  public static PullOutPocket of(
      Mover mover, Mechanism.PullOut pullOut, Length carried, HouseRules rules) {
    return new PullOutPocket(
        pullOut.card().turnedIf(mover.edge().isAtSide()),
        rules.length(HouseRule.PULLOUT_CARD).plus(carried),
        rules.length(HouseRule.PULLOUT_PLAY));
  }

  /**
   * How thick flaps on the card are at most, as if all lay on each other: each the card that it is
   * of, with a print on every side that is seen.
   */
  public static Length carriedThickness(List<Flap> flaps, HouseRules rules) {
    Length card = rules.length(HouseRule.PULLOUT_CARD);
    Length print = rules.length(HouseRule.MOVER_PRINT);
    return flaps.stream()
        .map(flap -> card.plus(print.times(flap.move() == Flap.Move.STAYS ? 1 : 2)))
        .reduce(Length.ZERO, Length::plus);
  }

  /** How large the card of a mover of this kind may be with nothing on it. */
  public static Size most(Mover mover, HouseRules rules) {
    return most(mover, Length.ZERO, rules);
  }

  /**
   * How large the card of a mover of this kind may be: glued on three sides, with some play across.
   *
   * @param carried how thick what is on the card is
   */
  public static Size most(Mover mover, Length carried, HouseRules rules) {
    Length side =
        rules
            .length(HouseRule.TUCK_RAIL)
            .plus(rules.length(HouseRule.PULLOUT_PLAY))
            .plus(rules.length(HouseRule.PULLOUT_CARD).plus(carried).dividedBy(2));
    Size pocket = mover.at().size();
    return mover.edge().isAtSide()
        ? new Size(pocket.w().minus(side), pocket.h().minus(side.times(2)))
        : new Size(pocket.w().minus(side.times(2)), pocket.h().minus(side));
  }

  /** How wide the pocket is inside, as it lies flat. */
  public Length flatWidth() {
    return insert.w().plus(thickness).plus(play.times(2));
  }
}
