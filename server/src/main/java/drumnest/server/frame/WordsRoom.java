package drumnest.server.frame;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.ephemera.Lettering;
import drumnest.core.words.CardChain;
import drumnest.core.words.CardLayout;
import drumnest.server.type.MissingLetters;
import drumnest.server.type.ShippedTypefaces;
import org.jspecify.annotations.Nullable;

/** Whether what is written on a card fits it. */
public final class WordsRoom {

  private WordsRoom() {}

  /** In words; null for what is no card. */
  public static @Nullable String of(AlbumModel album, CardChain chain, Ephemera thing) {
    return thing instanceof Ephemera.Card card
        ? said(chain.laid(card, ShippedTypefaces.ALL, album))
        : null;
  }

  /** In words, of a card as it stands in its chain. */
  public static String said(CardChain.OnCard on) {
    CardLayout layout = on.layout();
    CardWords words = on.card().card();
    String way = words.lettering() instanceof Lettering.Typed ? " typed" : " by hand";
    if (!layout.missing().isEmpty()) {
      return "its type lacks " + MissingLetters.named(layout.missing());
    }
    if (layout.needed() == 0) {
      return "room for " + Words.counted(layout.there(), "line", "lines") + way;
    }
    if (layout.fits()) {
      return layout.needed() + " of " + Words.counted(layout.there(), "line", "lines") + way;
    }
    return on.last()
        ? layout.needed() + " lines, room for " + layout.there() + way
        : layout.there() + " of " + layout.there() + " lines" + way + ", runs on";
  }
}
