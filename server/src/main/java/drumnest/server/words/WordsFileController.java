package drumnest.server.words;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.ephemera.TitleWords;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.LetterSet;
import drumnest.core.words.LabelGrid;
import drumnest.core.words.TitleFit;
import drumnest.server.FieldProblemException;
import drumnest.server.UnprocessableException;
import drumnest.server.album.OpenAlbums;
import drumnest.server.document.CardPages;
import drumnest.server.document.CsvLists;
import drumnest.server.document.SheetPaper;
import drumnest.server.document.TitleTemplate;
import drumnest.server.http.Attachment;
import drumnest.server.stock.LengthReader;
import drumnest.server.stock.PrinterInUse;
import drumnest.server.stock.UnitsInUse;
import drumnest.server.type.ShippedFont;
import io.swagger.v3.oas.annotations.Hidden;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Words to take away and to print. */
@Hidden
@RestController
@RequestMapping("/api")
class WordsFileController {

  private static final MediaType CSV = MediaType.parseMediaType("text/csv;charset=utf-8");
  private static final MediaType MARKDOWN = MediaType.parseMediaType("text/markdown;charset=utf-8");
  private static final int MOST_LABELS = 20;

  private final OpenAlbums openAlbums;
  private final LetterStock stock;
  private final PrinterInUse printer;

  WordsFileController(OpenAlbums openAlbums, LetterStock stock, PrinterInUse printer) {
    this.openAlbums = openAlbums;
    this.stock = stock;
    this.printer = printer;
  }

  /**
   * @param forShow whether words that are hidden are left out
   */
  @GetMapping("/albums/{id}/words.md")
  ResponseEntity<byte[]> markdown(
      @PathVariable("id") long id,
      @RequestParam(name = "show", defaultValue = "false") boolean forShow) {
    return Attachment.of(
        "words.md",
        MARKDOWN,
        StoryText.write(openAlbums.open(id), forShow).getBytes(StandardCharsets.UTF_8));
  }

  @GetMapping("/albums/{id}/words.csv")
  ResponseEntity<byte[]> csv(
      @PathVariable("id") long id,
      @RequestParam(name = "show", defaultValue = "false") boolean forShow) {
    return Attachment.of(
        "words.csv",
        CSV,
        CsvLists.words(WordsTable.of(openAlbums.open(id), forShow))
            .getBytes(StandardCharsets.UTF_8));
  }

  /**
   * The cards as they are printed.
   *
   * @param sheet blank, labels, single or strips
   * @param hand whether lines to write on by hand are printed too
   */
  @GetMapping("/albums/{id}/cards.pdf")
  ResponseEntity<byte[]> cards(
      @PathVariable("id") long id,
      @RequestParam(name = "paper", defaultValue = "a4") String paper,
      @RequestParam(name = "sheet", defaultValue = "blank") String sheet,
      @RequestParam(name = "hand", defaultValue = "false") boolean hand,
      @RequestParam(name = "mirrored", defaultValue = "false") boolean mirrored,
      @RequestParam(name = "labels", defaultValue = "") String labels)
      throws IOException {
    CardPrints prints = new CardPrints(openAlbums.open(id), !hand || sheet.equals("strips"));
    Size size = CardPages.size(SheetPaper.sheet(paper));
    byte[] pdf =
        switch (sheet) {
          case "blank" -> prints.sheets(size, mirrored, printer.now());
          case "labels" -> prints.labels(size, grid(labels, size), mirrored, printer.now());
          case "single" -> prints.oneByOne(printer.now());
          case "strips" -> prints.strips(size, printer.now());
          default ->
              throw new FieldProblemException(
                  "sheet", "Cards are printed on blank card, labels, single cards or strips.");
        };
    return Attachment.of("cards.pdf", MediaType.APPLICATION_PDF, pdf);
  }

  /** Columns, rows, width, height, left, top, across and down, with semicolons between. */
  private static LabelGrid grid(String text, Size paper) {
    String[] parts = text.split(";");
    if (parts.length != 8) {
      throw new FieldProblemException(
          "labels",
          "A sheet of labels is told by its columns, rows, the width and height of a label, its"
              + " left and top margin, and the distances across and down.");
    }
    LengthReader lengths = LengthReader.inUse().within("labels.");
    LabelGrid grid =
        new LabelGrid(
            count("columns", parts[0]),
            count("rows", parts[1]),
            lengths.size("w", parts[2], "h", parts[3]),
            lengths.zeroOrMore("left", parts[4]),
            lengths.zeroOrMore("top", parts[5]),
            lengths.positive("across", parts[6]),
            lengths.positive("down", parts[7]));
    if (!grid.isOn(paper)) {
      throw new FieldProblemException(
          "labels", "These labels reach past the sheet, or lie over each other.");
    }
    return grid;
  }

  private static int count(String field, String text) {
    return WordsRequests.number("labels." + field, text, 1, MOST_LABELS).intValue();
  }

  @GetMapping("/albums/{id}/titles/{title}.pdf")
  ResponseEntity<byte[]> title(
      @PathVariable("id") long id,
      @PathVariable("title") int key,
      @RequestParam(name = "paper", defaultValue = "a4") String paper)
      throws IOException {
    AlbumModel album = openAlbums.open(id);
    Ephemera.Title each = TitleEdits.title(album, key);
    TitleWords title = each.title();
    LetterStock.Box box = stock.before(album, key);
    @Nullable TitleFit fit = box.fit(title);
    LetterSet set = box.sets().get(title.set());
    if (fit == null || set == null) {
      throw new UnprocessableException("title", "Its letter set is gone from the shelf.");
    }
    Length across = title.stacked() ? fit.border().w() : set.height();
    List<TitleTemplate.Letter> letters =
        fit.letters().stream()
            .map(
                letter ->
                    new TitleTemplate.Letter(
                        letter.text(),
                        letter.start().max(Length.ZERO),
                        letter.extent(),
                        UnitsInUse.text(letter.start())))
            .toList();
    return Attachment.of(
        "title.pdf",
        MediaType.APPLICATION_PDF,
        TitleTemplate.of(
            title.text(),
            UnitsInUse.text(fit.length())
                + " of "
                + UnitsInUse.text(title.run())
                + ", letters "
                + UnitsInUse.text(set.height())
                + " high",
            letters,
            across,
            CardPages.size(SheetPaper.sheet(paper)),
            printer.now()));
  }

  @GetMapping("/printer/test.pdf")
  ResponseEntity<byte[]> test(@RequestParam(name = "paper", defaultValue = "a4") String paper)
      throws IOException {
    return Attachment.of(
        "test-print.pdf",
        MediaType.APPLICATION_PDF,
        CardPages.test(CardPages.size(SheetPaper.sheet(paper))));
  }

  /** A typeface as the page draws it: the same file that is printed with. */
  @GetMapping("/typefaces/{face}.ttf")
  ResponseEntity<byte[]> face(@PathVariable("face") String face) throws IOException {
    ShippedFont font =
        ShippedFont.of(face)
            .orElseThrow(() -> new FieldProblemException("face", "There is no such typeface."));
    try (InputStream in = font.open()) {
      return ResponseEntity.ok()
          .contentType(MediaType.parseMediaType("font/ttf"))
          .cacheControl(CacheControl.maxAge(Duration.ofDays(1)))
          .body(in.readAllBytes());
    }
  }
}
