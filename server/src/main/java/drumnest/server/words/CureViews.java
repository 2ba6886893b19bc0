package drumnest.server.words;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.SlotNames;
import drumnest.core.words.CardCures;
import drumnest.core.words.Cure;
import drumnest.server.stock.UnitsInUse;
import java.util.List;

/** What would make a card fit, in words. */
final class CureViews {

  private CureViews() {}

  /**
   * A cure that works.
   *
   * @param way its name
   * @param text what is done
   * @param lines the lines needed of those that are there then
   */
  record CardCureView(String way, String text, String lines) {}

  static List<CardCureView> of(AlbumModel album, List<CardCures.Offer> offers) {
    return offers.stream()
        .map(
            offer ->
                new CardCureView(
                    way(offer.cure()),
                    text(album, offer.cure()),
                    offer.needed() + " of " + offer.there()))
        .toList();
  }

  /** The name of a cure; a card is offered one of each. */
  static String way(Cure cure) {
    if (cure instanceof Cure.SmallerType) {
      return "smaller";
    } else if (cure instanceof Cure.CloserLines) {
      return "closer";
    } else if (cure instanceof Cure.Typed) {
      return "typed";
    } else if (cure instanceof Cure.LargerCard) {
      return "larger";
    } else if (cure instanceof Cure.RunOn) {
      return "run-on";
    } else if (cure instanceof Cure.SecondCard) {
      return "second";
    } else if (cure instanceof Cure.Label) {
      return "label";
    }
    return "flap";
  }

  private static String text(AlbumModel album, Cure cure) {
    if (cure instanceof Cure.SmallerType smaller) {
      return "Smaller, " + points(smaller.quarterPoints());
    } else if (cure instanceof Cure.CloserLines closer) {
      return "Lines " + UnitsInUse.text(closer.pitch()) + " apart";
    } else if (cure instanceof Cure.Typed typed) {
      return "Typed, " + points(typed.quarterPoints());
    } else if (cure instanceof Cure.LargerCard larger) {
      return "On a card " + UnitsInUse.text(larger.size()) + " in " + place(album, larger.slot());
    } else if (cure instanceof Cure.RunOn on) {
      return "Run on in " + place(album, on.slot());
    } else if (cure instanceof Cure.SecondCard second) {
      return "A second card, " + UnitsInUse.text(second.size());
    } else if (cure instanceof Cure.Label label) {
      return "A clear label on its photo, "
          + UnitsInUse.text(label.size())
          + ", "
          + points(label.quarterPoints());
    }
    Cure.BehindFlap flap = (Cure.BehindFlap) cure;
    return "Behind a flap over " + place(album, flap.slot()) + ", " + UnitsInUse.text(flap.size());
  }

  private static String place(AlbumModel album, String slot) {
    return album.slot(slot).map(SlotNames::of).orElse(slot);
  }

  /** A size of type, such as {@code 9¼ pt}. */
  static String points(int quarterPoints) {
    String quarters = List.of("", "¼", "½", "¾").get(quarterPoints % 4);
    return quarterPoints / 4 + quarters + " pt";
  }
}
