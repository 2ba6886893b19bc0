package drumnest.core.mover.kind;

import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import org.jspecify.annotations.Nullable;

/**
 * A card behind a photo that stands on two rails of tape and a stop. The photo must cover the card,
 * its play and the rails; the stop is as wide as a rail, and must lie behind the photo too; and the
 * tape must be a little thicker than the card. Source: common practice, no source.
 *
 * @param photo the size of the photo
 * @param card the size of the card
 * @param visible what of the card shows above the photo
 * @param rail how wide a rail is
 * @param tape how thick one layer of its tape is
 * @param play what the card has to spare on each side
 * @param cardThickness how thick the card is
 * @param over by how much the tape is to be thicker than the card
 */
public record TuckSpot(
    Size photo,
    Size card,
    Length visible,
    Length rail,
    Length tape,
    Length play,
    Length cardThickness,
    Length over) {

  /**
   * @throws MoverProblemException if more of the card is to show than there is, or the rails leave
   *     no room for any card
   */
  public TuckSpot {
    if (visible.isMoreThan(card.h())) {
      throw new MoverProblemException(
          "visible", "is more than the card is high; the most that works is", card.h());
    }
    if (!room(photo, rail, play).isPositive()) {
      throw new MoverProblemException(
          "rail.w",
          "leaves no room between the rails; it must be less than",
          photo.w().minus(play.times(2)).dividedBy(2));
    }
  }

  /** A mover of this kind, by the rules, turned so that its card is drawn out at the top. */
  public static TuckSpot of(Mover mover, Mechanism.TuckSpot tuck, HouseRules rules) {
    boolean side = mover.edge().isAtSide();
    return new TuckSpot(
        mover.at().size().turnedIf(side),
        tuck.card().turnedIf(side),
        tuck.visible(),
        rules.length(HouseRule.TUCK_RAIL),
        rules.length(HouseRule.TAPE_PLY),
        rules.length(HouseRule.TUCK_PLAY),
        rules.length(HouseRule.TUCKED_CARD),
        rules.length(HouseRule.TAPE_OVER_CARD));
  }

  private static Length room(Size photo, Length rail, Length play) {
    return photo.w().minus(play.times(2)).minus(rail.times(2));
  }

  /** Whether the photo covers the card, rails and all, and its stop. */
  public boolean fits() {
    return trimCardTo() == null && stopFits();
  }

  /** How wide the card may be at most; null where it is no wider. */
  public @Nullable Length trimCardTo() {
    Length room = room(photo, rail, play);
    return card.w().isMoreThan(room) ? room : null;
  }

  /** How far below the top edge of the photo the stop is stuck. */
  public Length stopBelowTop() {
    return card.h().minus(visible);
  }

  /** Whether all of the stop lies behind the photo. */
  public boolean stopFits() {
    return !stopBelowTop().plus(rail).isMoreThan(photo.h());
  }

  /** How many layers of tape make it thick enough. */
  public long layers() {
    long least = cardThickness.plus(over).toNanometres();
    return (least + tape.toNanometres() - 1) / tape.toNanometres();
  }
}
