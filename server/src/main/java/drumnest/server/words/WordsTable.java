package drumnest.server.words;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.ephemera.TitleWords;
import drumnest.server.document.WordsRow;
import drumnest.server.frame.SlotNames;
import drumnest.server.frame.WordsRoom;
import java.util.ArrayList;
import java.util.List;

/** The words of an album, a line for each card and title. */
final class WordsTable {

  private WordsTable() {}

  static List<WordsRow> of(AlbumModel album, boolean forShow) {
    List<WordsRow> lines = new ArrayList<>();
    WordsOrder order = WordsOrder.of(album);
    for (WordsOrder.InChapter chapter : order.chapters()) {
      for (Ephemera.Title each : chapter.titles()) {
        TitleWords title = each.title();
        lines.add(
            new WordsRow(
                chapter.title(),
                "title",
                title == null ? "" : title.text(),
                "",
                "",
                each.size(),
                place(album, each),
                ""));
      }
      for (Ephemera.Card each : chapter.cards()) {
        CardWords words = each.card();
        if (!(forShow && words.hidden())) {
          lines.add(
              new WordsRow(
                  chapter.title(),
                  words.continues() == null ? "card" : "runs on",
                  words.heading(),
                  words.date(),
                  words.body(),
                  each.size(),
                  place(album, each),
                  String.valueOf(WordsRoom.of(album, order.chain(), each))));
        }
      }
    }
    return lines;
  }

  private static String place(AlbumModel album, Ephemera each) {
    return album
        .slotOfEphemera(each.key())
        .map(
            slot ->
                "leaf "
                    + slot.leaf().number()
                    + " "
                    + SlotNames.of(slot.side())
                    + ", "
                    + SlotNames.of(slot))
        .orElse("");
  }
}
