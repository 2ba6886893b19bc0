package drumnest.server.words;

import drumnest.core.album.ephemera.Lettering;
import drumnest.core.stock.HouseRules;
import drumnest.core.words.Typefaces;
import drumnest.server.frame.Views;

/**
 * How cards are written as the house rules say, by hand and in type.
 *
 * @param lettersPerInch how many letters by hand are an inch long, such as 9.5
 * @param pitch how far lines by hand are apart
 * @param face the typeface
 * @param points the size of its letters, such as 10
 */
record UsualLetteringView(
    String lettersPerInch, Views.LengthView pitch, String face, String points) {

  static UsualLetteringView of(HouseRules rules) {
    Lettering.ByHand hand = Lettering.byHand(rules);
    Lettering.Typed typed = Lettering.typed(Typefaces.PLAIN, rules);
    return new UsualLetteringView(
        CardViews.lettersPerInch(hand.letter()),
        Views.LengthView.of(hand.pitch()),
        typed.face(),
        CardViews.points(typed.quarterPoints()));
  }
}
