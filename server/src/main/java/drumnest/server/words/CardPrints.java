package drumnest.server.words;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.ephemera.Lettering;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRule;
import drumnest.core.words.Arrow;
import drumnest.core.words.CardChain;
import drumnest.core.words.CardLayout;
import drumnest.core.words.CardSheets;
import drumnest.core.words.LabelGrid;
import drumnest.core.words.PrinterOffset;
import drumnest.server.UnprocessableException;
import drumnest.server.document.CardPages;
import drumnest.server.frame.WrittenLines;
import drumnest.server.type.ShippedTypefaces;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** The cards of an album as they are printed. */
final class CardPrints {

  private static final int POINTS_PER_INCH = 72;

  private final AlbumModel album;
  private final List<CardPages.Card> cards = new ArrayList<>();

  /**
   * @param typedOnly whether cards that are written by hand are left out
   */
  CardPrints(AlbumModel album, boolean typedOnly) {
    this.album = album;
    for (WordsOrder.InChapter chapter : WordsOrder.of(album).chapters()) {
      for (Ephemera.Card each : chapter.cards()) {
        boolean typed = each.card().lettering() instanceof Lettering.Typed;
        if (typed || !typedOnly) {
          cards.add(card(each));
        }
      }
    }
    if (cards.isEmpty()) {
      throw new UnprocessableException(
          "sheet",
          typedOnly
              ? "No card is typed yet. Have one be typed, or print the lines to write on."
              : "There is no card yet.");
    }
  }

  private CardPages.Card card(Ephemera.Card card) {
    CardWords words = card.card();
    CardLayout layout = CardChain.of(album).laid(card, ShippedTypefaces.ALL, album).layout();
    boolean typed = words.lettering() instanceof Lettering.Typed;
    List<CardPages.PrintedLine> lines =
        typed
            ? layout.lines().stream()
                .filter(line -> !line.beyond())
                .map(line -> line(words, layout, line))
                .toList()
            : List.of();
    return new CardPages.Card(
        card.name(),
        card.size(),
        WrittenLines.font(words.lettering()),
        lines,
        typed ? List.of() : layout.ruling(),
        words.arrow() ? Arrow.of(card, album).orElse(null) : null);
  }

  private static CardPages.PrintedLine line(
      CardWords words, CardLayout layout, CardLayout.TextLine line) {
    return new CardPages.PrintedLine(
        line.text(),
        words.margin().plus(line.indent()),
        line.baseline(),
        WrittenLines.letterSize(layout.lettering(line, words)) * POINTS_PER_INCH);
  }

  byte[] sheets(Size paper, boolean mirrored, PrinterOffset printer) throws IOException {
    Length margin = album.rules().length(HouseRule.SHEET_MARGIN);
    Box room = Box.of(paper).inset(margin);
    CardSheets.Result result =
        CardSheets.of(
            cards.stream().map(CardPages.Card::size).toList(),
            room,
            album.rules().length(HouseRule.SHEET_GAP));
    if (result.sheets().isEmpty()) {
      throw new UnprocessableException("paper", "Every card is larger than the paper.");
    }
    List<List<CardPages.Placed>> sheets =
        result.sheets().stream()
            .map(
                sheet ->
                    sheet.stream()
                        .map(laid -> new CardPages.Placed(cards.get(laid.card()), laid.box()))
                        .toList())
            .toList();
    return CardPages.sheets(title(), sheets, paper, true, mirrored, printer);
  }

  /** Each card on a label, in turn. */
  byte[] labels(Size paper, LabelGrid grid, boolean mirrored, PrinterOffset printer)
      throws IOException {
    CardPages.Card large =
        cards.stream().filter(card -> !card.size().fitsIn(grid.label())).findFirst().orElse(null);
    if (large != null) {
      throw new UnprocessableException(
          "label", "“" + large.name() + "” is larger than a label. Make that card smaller.");
    }
    List<Box> boxes = grid.boxes();
    List<List<CardPages.Placed>> sheets = new ArrayList<>();
    for (int from = 0; from < cards.size(); from += boxes.size()) {
      int first = from;
      sheets.add(
          IntStream.range(from, Math.min(cards.size(), from + boxes.size()))
              .mapToObj(i -> new CardPages.Placed(cards.get(i), boxes.get(i - first)))
              .toList());
    }
    return CardPages.sheets(title(), sheets, paper, false, mirrored, printer);
  }

  byte[] oneByOne(PrinterOffset printer) throws IOException {
    return CardPages.oneByOne(title(), cards, printer);
  }

  byte[] strips(Size paper, PrinterOffset printer) throws IOException {
    return CardPages.strips(
        title(), cards, paper, album.rules().length(HouseRule.SHEET_MARGIN), printer);
  }

  private String title() {
    return album.title() + ", cards";
  }
}
