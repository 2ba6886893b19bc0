package drumnest.server.words;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.words.Arrow;
import drumnest.core.words.CardChain;
import drumnest.core.words.CardFixes;
import drumnest.core.words.CardLayout;
import drumnest.core.words.CardsFollow;
import drumnest.server.frame.Views;
import drumnest.server.frame.WordsRoom;
import drumnest.server.frame.WrittenLines;
import drumnest.server.type.MissingLetters;
import drumnest.server.type.ShippedTypefaces;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Cards as the page shows them. */
final class CardViews {

  private CardViews() {}

  /**
   * A card.
   *
   * @param chapter the photo by which its chapter is known; empty for none
   * @param lettering how its words are written
   * @param story which part of the story stands on it
   * @param towards the edge behind which its photo lies; left out where it lies beside none
   * @param beside whether it lies beside a photo that it tells about
   * @param place where it is
   * @param fixes what would make it fit
   */
  record CardView(
      int key,
      String chapter,
      String name,
      String heading,
      String date,
      String body,
      Views.SizeView size,
      Views.LengthView margin,
      LetteringView lettering,
      List<String> about,
      boolean arrow,
      @Nullable Edge towards,
      boolean beside,
      boolean hidden,
      CardStoryView story,
      CardPlaceView place,
      CardLayoutView layout,
      List<FixViews.CardFixView> fixes) {}

  /**
   * How words stand on a card. Lengths are in inches, for drawing.
   *
   * @param needed how many lines the story needs, of those that are there
   * @param words how many standard words are on it, of those it holds
   * @param letter how high its letters are drawn
   * @param ruling the lines it is written on; empty for none
   * @param said whether it fits, in words
   * @param tooLong whether words are left over that nothing holds
   */
  record CardLayoutView(
      int key,
      List<Views.WrittenLineView> lines,
      int there,
      int needed,
      long words,
      long room,
      long wordsLeft,
      long wordsOver,
      double letter,
      List<Double> ruling,
      String said,
      boolean tooLong,
      @Nullable String missing) {}

  static CardView of(AlbumModel album, WordsOrder order, Ephemera.Card card, PrintGround ground) {
    CardWords words = card.card();
    CardChain chain = order.chain();
    List<Ephemera.Card> all = chain.from(chain.first(card));
    CardChain.OnCard on = chain.laid(card, ShippedTypefaces.ALL, album);
    return new CardView(
        card.key(),
        order.chapterOf(card),
        card.name(),
        words.heading(),
        words.date(),
        words.body(),
        Views.SizeView.of(card.size()),
        Views.LengthView.of(words.margin()),
        LetteringView.of(words.lettering()),
        words.about(),
        words.arrow(),
        Arrow.of(card, album).orElse(null),
        CardsFollow.isBeside(card, album),
        words.hidden(),
        CardStoryView.of(card, all),
        CardPlaceView.of(album, card, ground),
        layout(on, all.get(0).card().body()),
        on.isTooLong()
            ? FixViews.of(album, CardFixes.of(album, card, ShippedTypefaces.ALL, ground))
            : List.of());
  }

  static String lettersPerInch(Length letter) {
    return BigDecimal.valueOf(Length.NANOMETRES_PER_INCH)
        .divide(BigDecimal.valueOf(letter.toNanometres()), 2, RoundingMode.HALF_UP)
        .stripTrailingZeros()
        .toPlainString();
  }

  static String points(int quarterPoints) {
    return BigDecimal.valueOf(quarterPoints)
        .divide(BigDecimal.valueOf(4), 2, RoundingMode.UNNECESSARY)
        .stripTrailingZeros()
        .toPlainString();
  }

  static CardLayoutView layout(CardChain.OnCard on, String story) {
    CardWords words = on.card().card();
    CardLayout layout = on.layout();
    int to = on.last() ? story.length() : layout.cut();
    return new CardLayoutView(
        on.card().key(),
        WrittenLines.of(words, layout),
        layout.there(),
        layout.needed(),
        CardLayout.standardWords(story.substring(Math.min(on.from(), to), to)),
        layout.words(),
        layout.wordsLeft(),
        on.isTooLong() ? CardLayout.standardWords(story.substring(layout.cut())) : 0,
        WrittenLines.letterSize(words.lettering()),
        layout.ruling().stream().map(WrittenLines::inches).toList(),
        WordsRoom.said(on),
        on.isTooLong() || !layout.missing().isEmpty(),
        layout.missing().isEmpty() ? null : MissingLetters.named(layout.missing()));
  }
}
