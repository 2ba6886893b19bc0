package drumnest.server.document;

import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.words.PrinterOffset;
import drumnest.server.stock.UnitsInUse;
import drumnest.server.type.ShippedFont;
import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.jspecify.annotations.Nullable;

/** Cards to print, true to size, as PDF; what each says comes laid out. */
public final class CardPages {

  /** How far a cut mark stays off its card, and how long it is. */
  private static final Length OFF = Length.ofInches(0, 1, 32);

  private static final Length MARK = Length.ofInches(0, 3, 16);

  private static final Color GUIDE = new Color(0xb9c6c9);

  /**
   * A line on a card, from its top left.
   *
   * @param size of its letters, in points
   */
  public record PrintedLine(String text, Length x, Length baseline, double size) {}

  /**
   * A card.
   *
   * @param ruling lines to write on by hand; empty where it is typed
   * @param arrow the edge to which an arrow on it points; null for none
   */
  public record Card(
      String name,
      Size size,
      ShippedFont font,
      List<PrintedLine> lines,
      List<Length> ruling,
      @Nullable Edge arrow) {}

  /** A card where it lies on a sheet. */
  public record Placed(Card card, Box box) {}

  private final PDDocument document = new PDDocument();
  private final SpareFonts spare = new SpareFonts(document);
  private final Map<ShippedFont, Face> faces = new EnumMap<>(ShippedFont.class);
  private final PrinterOffset printer;

  private CardPages(PrinterOffset printer) {
    this.printer = printer;
  }

  /**
   * Several cards on each sheet, with cut marks and a control ruler.
   *
   * @param marks whether cut marks are drawn; not on labels, which are cut already
   */
  public static byte[] sheets(
      String title,
      List<List<Placed>> sheets,
      Size paper,
      boolean marks,
      boolean mirrored,
      PrinterOffset printer)
      throws IOException {
    CardPages pages = new CardPages(printer);
    try (PDDocument document = pages.document) {
      document.getDocumentInformation().setTitle(title);
      for (List<Placed> sheet : sheets) {
        try (TrueSheet out = new TrueSheet(document, paper, printer, mirrored)) {
          for (Placed placed : sheet) {
            pages.draw(out, placed.card(), placed.box().x(), placed.box().y());
            if (marks) {
              marks(out, placed.box());
            }
          }
          out.ruler(
              pages.face(ShippedFont.PLAIN),
              Length.ofInches(0, 1, 2),
              paper.h().minus(Length.ofInches(0, 1, 4)));
        }
      }
      return pages.saved();
    }
  }

  /** Each card on a page of its own size, for cards that go through the printer one by one. */
  public static byte[] oneByOne(String title, List<Card> cards, PrinterOffset printer)
      throws IOException {
    CardPages pages = new CardPages(printer);
    try (PDDocument document = pages.document) {
      document.getDocumentInformation().setTitle(title);
      for (Card card : cards) {
        try (TrueSheet out = new TrueSheet(document, card.size(), printer, false)) {
          pages.words(out, card, Length.ZERO, Length.ZERO);
        }
      }
      return pages.saved();
    }
  }

  /** Each line of the cards as a strip to be cut out, and after them the list of what to cut. */
  public static byte[] strips(
      String title, List<Card> cards, Size paper, Length margin, PrinterOffset printer)
      throws IOException {
    CardPages pages = new CardPages(printer);
    try (PDDocument document = pages.document) {
      document.getDocumentInformation().setTitle(title);
      pages.strips(cards, paper, margin);
      return pages.saved();
    }
  }

  /** A sheet on which a printer shows how it prints. */
  public static byte[] test(Size paper) throws IOException {
    CardPages pages = new CardPages(PrinterOffset.NONE);
    try (PDDocument document = pages.document) {
      document.getDocumentInformation().setTitle("Test print");
      Face face = pages.face(ShippedFont.PLAIN);
      try (TrueSheet out = new TrueSheet(document, paper, PrinterOffset.NONE, false)) {
        Length cross = Length.ofMillimetres(30);
        Length arm = Length.ofMillimetres(20);
        out.line(TrueSheet.INK, 0.4, cross, cross.minus(arm), cross, cross.plus(arm));
        out.line(TrueSheet.INK, 0.4, cross.minus(arm), cross, cross.plus(arm), cross);
        Length left = Length.ofMillimetres(30);
        Length at = Length.ofMillimetres(90);
        out.ruler(face, left, at);
        List<String> words =
            List.of(
                "1. Print this at 100 %, without fitting it to the page.",
                "2. Measure from the left edge of the paper to the upright line of the cross: 30 mm"
                    + " is right.",
                "3. Measure from the top edge to its level line: 30 mm is right.",
                "4. Measure the ruler below: 100 mm is right.",
                "5. Type in how much is over 30 mm, to the right and down, and how long the ruler"
                    + " came out.");
        Length line = Length.ofMillimetres(110);
        for (String each : words) {
          out.write(face, 10, TrueSheet.INK, left, line, each);
          line = line.plus(Length.ofMillimetres(7));
        }
      }
      return pages.saved();
    }
  }

  private Face face(ShippedFont font) throws IOException {
    Face face = faces.get(font);
    if (face == null) {
      face = spare.face(font.file());
      faces.put(font, face);
    }
    return face;
  }

  private void draw(TrueSheet out, Card card, Length left, Length top) throws IOException {
    for (Length line : card.ruling()) {
      Length inset = card.size().w().times(1, 24);
      out.line(
          GUIDE,
          0.4,
          left.plus(inset),
          top.plus(line),
          left.plus(card.size().w()).minus(inset),
          top.plus(line));
    }
    words(out, card, left, top);
  }

  private void words(TrueSheet out, Card card, Length left, Length top) throws IOException {
    if (card.arrow() != null) {
      arrow(out, card, card.arrow(), left, top);
    }
    Face face = face(card.font());
    for (PrintedLine line : card.lines()) {
      out.write(
          face,
          line.size(),
          TrueSheet.INK,
          left.plus(line.x()),
          top.plus(line.baseline()),
          line.text());
    }
  }

  /** An open angle in the middle of an edge, which points over it. */
  private static void arrow(TrueSheet out, Card card, Edge edge, Length left, Length top)
      throws IOException {
    Length arm = Length.ofInches(0, 1, 10);
    Box whole = Box.of(left, top, card.size());
    Box middle = whole.middleOf(new Size(Length.ZERO, Length.ZERO));
    Length tip = edge.of(whole);
    Length inward = Length.ofInches(0, 1, 16);
    boolean back = edge == Edge.LEFT || edge == Edge.TOP;
    Length x = edge.isAtSide() ? (back ? tip.plus(inward) : tip.minus(inward)) : middle.x();
    Length y = edge.isAtSide() ? middle.y() : (back ? tip.plus(inward) : tip.minus(inward));
    Length in = back ? arm : arm.negated();
    if (edge.isAtSide()) {
      out.line(TrueSheet.INK, 0.9, x, y, x.plus(in), y.minus(arm));
      out.line(TrueSheet.INK, 0.9, x, y, x.plus(in), y.plus(arm));
    } else {
      out.line(TrueSheet.INK, 0.9, x, y, x.minus(arm), y.plus(in));
      out.line(TrueSheet.INK, 0.9, x, y, x.plus(arm), y.plus(in));
    }
  }

  /** Cut marks at the four corners of a card. */
  private static void marks(TrueSheet out, Box box) throws IOException {
    for (Length x : List.of(box.x(), box.right())) {
      out.line(TrueSheet.HAIRLINE, 0.3, x, box.y().minus(OFF).minus(MARK), x, box.y().minus(OFF));
      out.line(
          TrueSheet.HAIRLINE, 0.3, x, box.bottom().plus(OFF), x, box.bottom().plus(OFF).plus(MARK));
    }
    for (Length y : List.of(box.y(), box.bottom())) {
      out.line(TrueSheet.HAIRLINE, 0.3, box.x().minus(OFF).minus(MARK), y, box.x().minus(OFF), y);
      out.line(
          TrueSheet.HAIRLINE, 0.3, box.right().plus(OFF), y, box.right().plus(OFF).plus(MARK), y);
    }
  }

  private void strips(List<Card> cards, Size paper, Length margin) throws IOException {
    List<String> list = new ArrayList<>();
    Length pad = Length.ofInches(0, 1, 8);
    TrueSheet out = new TrueSheet(document, paper, printer, false);
    Length y = margin;
    int number = 0;
    for (Card card : cards) {
      Face face = face(card.font());
      for (PrintedLine line : card.lines()) {
        if (line.text().isBlank()) {
          continue;
        }
        number++;
        Length width =
            Length.ofNanometres(
                    Math.round(
                        face.width((float) line.size(), line.text())
                            / 72.0
                            * Length.NANOMETRES_PER_INCH))
                .plus(pad.times(2));
        Length height =
            Length.ofNanometres(Math.round(line.size() * 1.6 / 72 * Length.NANOMETRES_PER_INCH));
        if (y.plus(height).isMoreThan(paper.h().minus(margin))) {
          out.close();
          out = new TrueSheet(document, paper, printer, false);
          y = margin;
        }
        out.frame(TrueSheet.HAIRLINE, 0.3, margin, y, new Size(width, height));
        out.write(
            face,
            line.size(),
            TrueSheet.INK,
            margin.plus(pad),
            y.plus(height.times(68, 100)),
            line.text());
        list.add(
            number
                + "   "
                + UnitsInUse.text(new Size(width, height))
                + "   "
                + card.name()
                + ": "
                + line.text());
        y = y.plus(height);
      }
    }
    out.close();
    cutList(list, paper, margin);
  }

  private void cutList(List<String> list, Size paper, Length margin) throws IOException {
    Face face = face(ShippedFont.PLAIN);
    Length step = Length.ofInches(0, 1, 5);
    TrueSheet out = new TrueSheet(document, paper, printer, false);
    Length y = margin.plus(step);
    out.write(face, 14, TrueSheet.INK, margin, y, "Strips to cut");
    y = y.plus(step.times(2));
    for (String each : list) {
      if (y.isMoreThan(paper.h().minus(margin))) {
        out.close();
        out = new TrueSheet(document, paper, printer, false);
        y = margin.plus(step);
      }
      out.write(face, 9, TrueSheet.INK, margin, y, each);
      y = y.plus(step);
    }
    out.close();
  }

  private byte[] saved() throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    document.save(bytes);
    return bytes.toByteArray();
  }

  /** The size of a sheet of paper. */
  public static Size size(PDRectangle paper) {
    return new Size(inches(paper.getWidth()), inches(paper.getHeight()));
  }

  private static Length inches(float points) {
    return Length.ofNanometres(Math.round(points / 72.0 * Length.NANOMETRES_PER_INCH));
  }
}
