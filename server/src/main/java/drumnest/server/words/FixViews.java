package drumnest.server.words;

import drumnest.core.album.AlbumModel;
import drumnest.core.words.CardFix;
import drumnest.core.words.CardFixes;
import drumnest.server.frame.SlotNames;
import drumnest.server.stock.UnitsInUse;
import java.util.List;

/** Says in words what would make a card fit. */
final class FixViews {

  private FixViews() {}

  /**
   * A fix that works.
   *
   * @param way its name
   * @param text what is done
   * @param lines the lines needed of those that are there then
   */
  record CardFixView(String way, String text, String lines) {}

  static List<CardFixView> of(AlbumModel album, List<CardFixes.Offer> offers) {
    return offers.stream()
        .map(
            offer ->
                new CardFixView(
                    way(offer.fix()),
                    text(album, offer.fix()),
                    offer.needed() + " of " + offer.there()))
        .toList();
  }

  /** The name of a fix; a card is offered one of each. */
  static String way(CardFix fix) {
    return fix.accept(WAY);
  }

  private static final CardFix.Visitor<String> WAY =
      new CardFix.Visitor<>() {
        @Override
        public String smallerType(CardFix.SmallerType smaller) {
          return "smaller";
        }

        @Override
        public String closerLines(CardFix.CloserLines closer) {
          return "closer";
        }

        @Override
        public String typed(CardFix.Typed typed) {
          return "typed";
        }

        @Override
        public String largerCard(CardFix.LargerCard larger) {
          return "larger";
        }

        @Override
        public String runOn(CardFix.RunOn on) {
          return "run-on";
        }

        @Override
        public String secondCard(CardFix.SecondCard second) {
          return "second";
        }

        @Override
        public String behindFlap(CardFix.BehindFlap flap) {
          return "flap";
        }

        @Override
        public String label(CardFix.Label label) {
          return "label";
        }
      };

  private static String text(AlbumModel album, CardFix fix) {
    return fix.accept(
        new CardFix.Visitor<>() {
          @Override
          public String smallerType(CardFix.SmallerType smaller) {
            return "Smaller, " + points(smaller.quarterPoints());
          }

          @Override
          public String closerLines(CardFix.CloserLines closer) {
            return "Lines " + UnitsInUse.text(closer.pitch()) + " apart";
          }

          @Override
          public String typed(CardFix.Typed typed) {
            return "Typed, " + points(typed.quarterPoints());
          }

          @Override
          public String largerCard(CardFix.LargerCard larger) {
            return "On a card "
                + UnitsInUse.text(larger.size())
                + " in "
                + place(album, larger.slot());
          }

          @Override
          public String runOn(CardFix.RunOn on) {
            return "Run on in " + place(album, on.slot());
          }

          @Override
          public String secondCard(CardFix.SecondCard second) {
            return "A second card, " + UnitsInUse.text(second.size());
          }

          @Override
          public String behindFlap(CardFix.BehindFlap flap) {
            return "Behind a flap over "
                + place(album, flap.slot())
                + ", "
                + UnitsInUse.text(flap.size());
          }

          @Override
          public String label(CardFix.Label label) {
            return "A clear label on its photo, "
                + UnitsInUse.text(label.size())
                + ", "
                + points(label.quarterPoints());
          }
        });
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
