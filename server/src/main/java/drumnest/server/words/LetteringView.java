package drumnest.server.words;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import drumnest.core.album.ephemera.Lettering;
import drumnest.server.frame.Views;
import org.jspecify.annotations.Nullable;

/** How the words of a card are written, as it is shown. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "way")
@JsonSubTypes({
  @JsonSubTypes.Type(value = LetteringView.ByHandView.class, name = "hand"),
  @JsonSubTypes.Type(value = LetteringView.TypedView.class, name = "type")
})
sealed interface LetteringView {

  /**
   * By hand.
   *
   * @param lettersPerInch how many letters are an inch long, such as 9.5
   * @param pitch how far lines are apart
   */
  record ByHandView(String lettersPerInch, Views.LengthView pitch) implements LetteringView {}

  /**
   * In type.
   *
   * @param points the size of its letters, such as 9.25
   * @param ruling the lines of the card; left out on a blank one
   */
  record TypedView(String face, String points, @Nullable RulingView ruling)
      implements LetteringView {}

  /** The lines of a card: how far the first lies below its top, and how far they are apart. */
  record RulingView(Views.LengthView first, Views.LengthView distance) {}

  static LetteringView of(Lettering lettering) {
    return lettering.accept(
        new Lettering.Visitor<>() {
          @Override
          public LetteringView byHand(Lettering.ByHand hand) {
            return new ByHandView(
                CardViews.lettersPerInch(hand.letter()), Views.LengthView.of(hand.pitch()));
          }

          @Override
          public LetteringView typed(Lettering.Typed typed) {
            Lettering.Ruling ruling = typed.ruling();
            return new TypedView(
                typed.face(),
                CardViews.points(typed.quarterPoints()),
                ruling == null
                    ? null
                    : new RulingView(
                        Views.LengthView.of(ruling.first()), Views.LengthView.of(ruling.pitch())));
          }
        });
  }
}
