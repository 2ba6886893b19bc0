package drumnest.core.place;

import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;

/**
 * The weights of all that may be wrong with a picture in a place, in the unit of {@link
 * PlacingCost}. Source: common practice, no source; each is a house rule.
 *
 * @param crop to crop a picture away whole
 * @param headsCut to cut all heads of a picture; to cut one weighs at least half of it
 * @param subjectCut to cut the subject of a picture away whole
 * @param exposed to show all of what must not be seen of a picture
 * @param whole to show a picture on a card in next to no size; {@link PlacingCost#FORBIDDEN} where
 *     that is not done
 * @param good that a print is good rather than fine
 * @param soft that a print is soft
 * @param poor that a print has too few pixels
 * @param wrongWay an upright picture in a wide place, or a wide one in an upright place
 * @param alike two near-repeats in neighbouring places
 * @param smallHero a hero in a place of next to no size
 * @param hidden a picture out of sight that need not be
 * @param captionApart no free place for words beside a picture that has words
 * @param scattered a picture and a free place side by side on a page
 * @param privateOnCover a private picture on the first page
 * @param orderBroken of two neighbours the later one first
 * @param moved to move a picture that was put by hand
 * @param heavyHigh by weight: the darkest picture at the top of a page
 * @param unlike by variety: neighbours that look quite the same
 * @param leftOut to leave out a picture that is perhaps wanted
 */
public record Weights(
    long crop,
    long headsCut,
    long subjectCut,
    long exposed,
    long whole,
    long good,
    long soft,
    long poor,
    long wrongWay,
    long alike,
    long smallHero,
    long hidden,
    long captionApart,
    long scattered,
    long privateOnCover,
    long orderBroken,
    long moved,
    long heavyHigh,
    long unlike,
    long leftOut) {

  /**
   * Those of the stand-alone sum, which are settled: cropping, too few pixels, lookalikes side by
   * side, and what is left out; nothing else weighs anything.
   */
  public static final Weights OF_THE_SUM =
      new Weights(
          PlacingCost.percent(100),
          0,
          0,
          0,
          PlacingCost.FORBIDDEN,
          PlacingCost.percent(5),
          PlacingCost.percent(20),
          PlacingCost.percent(60),
          0,
          PlacingCost.percent(10),
          0,
          0,
          0,
          0,
          0,
          0,
          0,
          0,
          0,
          PlacingCost.percent(200));

  /** Those of the house rules. */
  public static Weights of(HouseRules rules) {
    return new Weights(
        weight(rules, HouseRule.CROP_WEIGHT),
        weight(rules, HouseRule.HEADS_CUT_WEIGHT),
        weight(rules, HouseRule.SUBJECT_CUT_WEIGHT),
        weight(rules, HouseRule.EXPOSED_WEIGHT),
        weight(rules, HouseRule.WHOLE_WEIGHT),
        weight(rules, HouseRule.GOOD_WEIGHT),
        weight(rules, HouseRule.SOFT_WEIGHT),
        weight(rules, HouseRule.POOR_WEIGHT),
        weight(rules, HouseRule.WRONG_WAY_WEIGHT),
        weight(rules, HouseRule.ALIKE_WEIGHT),
        weight(rules, HouseRule.SMALL_HERO_WEIGHT),
        weight(rules, HouseRule.HIDDEN_WEIGHT),
        weight(rules, HouseRule.CAPTION_APART_WEIGHT),
        weight(rules, HouseRule.SCATTERED_WEIGHT),
        weight(rules, HouseRule.PRIVATE_COVER_WEIGHT),
        weight(rules, HouseRule.ORDER_BROKEN_WEIGHT),
        weight(rules, HouseRule.MOVED_WEIGHT),
        weight(rules, HouseRule.HEAVY_HIGH_WEIGHT),
        weight(rules, HouseRule.UNLIKE_WEIGHT),
        weight(rules, HouseRule.LEFT_OUT_WEIGHT));
  }

  static long weight(HouseRules rules, HouseRule rule) {
    return PlacingCost.percent(rules.number(rule));
  }
}
