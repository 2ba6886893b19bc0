package drumnest.server.frame;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.ephemera.Lettering;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.words.Arrow;
import drumnest.core.words.CardChain;
import drumnest.core.words.CardLayout;
import drumnest.server.type.ShippedFont;
import drumnest.server.type.ShippedTypefaces;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The words of a card as they are drawn on it, line by line. */
public final class WrittenLines {

  /** Letters by hand are drawn as high as this share of the distance of their lines. */
  private static final double OF_PITCH = 0.68;

  private static final double QUARTER_POINTS_PER_INCH = 288;
  private static final double PRECISION = 1e5;

  private WrittenLines() {}

  /** Tells what stands on a card; nothing of what is no card. */
  static List<Views.WrittenLineView> of(AlbumModel album, Ephemera thing) {
    if (!(thing instanceof Ephemera.Card card)) {
      return List.of();
    }
    CardLayout layout = CardChain.of(album).laid(card, ShippedTypefaces.ALL, album).layout();
    return of(card.card(), layout).stream().filter(line -> !line.beyond()).toList();
  }

  /** All lines, also those beyond the end of the card. */
  public static List<Views.WrittenLineView> of(CardWords words, CardLayout layout) {
    return layout.lines().stream()
        .map(
            line ->
                new Views.WrittenLineView(
                    line.part(),
                    line.text(),
                    inches(words.margin().plus(line.indent())),
                    inches(line.baseline()),
                    inches(line.width()),
                    letterSize(layout.lettering(line, words)),
                    line.beyond()))
        .toList();
  }

  /** The typeface in which the words of a card are drawn; null for what is no card. */
  static @Nullable String face(Ephemera card) {
    CardWords words = card.card();
    return words == null ? null : font(words.lettering()).key();
  }

  /** The font in which words are drawn: by hand that of a pen. */
  public static ShippedFont font(Lettering lettering) {
    return lettering instanceof Lettering.Typed typed
        ? ShippedFont.of(typed.face()).orElse(ShippedFont.PLAIN)
        : ShippedFont.PEN;
  }

  /** The edge to which an arrow on it points; null where there is none. */
  static @Nullable Edge arrow(AlbumModel album, Ephemera card) {
    CardWords words = card.card();
    return words != null && words.arrow() ? Arrow.of(card, album).orElse(null) : null;
  }

  /** How high letters are drawn, in inches. */
  public static double letterSize(Lettering lettering) {
    return lettering.accept(LETTER_SIZE);
  }

  private static final Lettering.Visitor<Double> LETTER_SIZE =
      new Lettering.Visitor<>() {
        @Override
        public Double byHand(Lettering.ByHand hand) {
          return inches(hand.pitch()) * OF_PITCH;
        }

        @Override
        public Double typed(Lettering.Typed typed) {
          return typed.quarterPoints() / QUARTER_POINTS_PER_INCH;
        }
      };

  /** A length in inches, for drawing only. */
  public static double inches(Length length) {
    return Math.rint(length.toNanometres() / (double) Length.NANOMETRES_PER_INCH * PRECISION)
        / PRECISION;
  }
}
