package drumnest.server.document;

import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Segment;
import drumnest.core.measure.Size;
import drumnest.core.mover.kind.Construction;
import drumnest.core.mover.kind.Construction.Panel;
import drumnest.core.mover.kind.Construction.Piece;
import drumnest.core.words.PrinterOffset;
import drumnest.server.type.ShippedFont;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.pdfbox.pdmodel.PDDocument;

/**
 * The strips of an accordion with their pictures, at true size, to be printed on card: two pages
 * for each, its upper side and its other one, which lies behind the first when the sheet is turned
 * over like the leaf of a book. What the printer does to them is taken back. Marks at the corners
 * say where it is cut, dashes outside it where it is scored.
 */
public final class PrintedStrips {

  private static final Length MARGIN = Length.ofInches(0, 3, 8);
  private static final Length MARK = Length.ofInches(0, 1, 6);
  private static final Length GAP = Length.ofInches(0, 1, 18);
  private static final double HAIR = 0.4;
  private static final int SMALL = 7;

  private final PDDocument document;
  private final Face face;
  private final FacePicture.Source pictures;
  private final PrinterOffset printer;

  private PrintedStrips(
      PDDocument document, Face face, FacePicture.Source pictures, PrinterOffset printer) {
    this.document = document;
    this.face = face;
    this.pictures = pictures;
    this.printer = printer;
  }

  /**
   * Of a construction the pieces of card that have panels.
   *
   * @param printer what the printer does, which is taken back
   */
  public static byte[] of(
      String title, Construction construction, FacePicture.Source pictures, PrinterOffset printer)
      throws IOException {
    try (PDDocument document = new PDDocument()) {
      document.getDocumentInformation().setTitle(title);
      SpareFonts spare = new SpareFonts(document);
      PrintedStrips strips =
          new PrintedStrips(document, spare.face(ShippedFont.PLAIN.file()), pictures, printer);
      List<Piece> pieces =
          construction.pieces().stream().filter(piece -> !piece.panels().isEmpty()).toList();
      for (Piece piece : pieces) {
        strips.page(title + ", " + PieceNames.of(piece) + ", upper side", piece, true);
        strips.page(title + ", " + PieceNames.of(piece) + ", other side", piece, false);
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    }
  }

  private void page(String said, Piece piece, boolean upper) throws IOException {
    Size size = piece.size();
    Box at = Box.of(MARGIN, MARGIN, size);
    try (TrueSheet out = new TrueSheet(document, size.grown(MARGIN.times(2)), printer, false)) {
      out.write(face, SMALL, TrueSheet.QUIET, MARGIN.plus(GAP), MARGIN.minus(MARK), said);
      for (Panel panel : piece.panels()) {
        if (upper || panel.other()) {
          panel(out, size, panel, upper);
        }
      }
      for (Edge edge : Edge.values()) {
        cutMarks(out, edge.line(at), at);
      }
      for (Construction.Score score : piece.scores()) {
        Segment seen = upper ? score.line() : score.line().mirroredIn(size.w());
        scoreMarks(out, seen.moved(MARGIN, MARGIN), at);
      }
    }
  }

  /** Where something of a piece is seen from this side of it. */
  private static Box seen(Box box, Size piece, boolean upper) {
    return upper ? box : box.mirroredIn(piece.w());
  }

  private void panel(TrueSheet out, Size piece, Panel panel, boolean upper) throws IOException {
    Optional<FacePicture> picture = pictures.on(panel.part(), panel.outsideUp() == upper);
    if (picture.isPresent()) {
      Box box = seen(panel.box().inset(panel.inset()), piece, upper).moved(MARGIN, MARGIN);
      out.picture(document, picture.get(), box, !upper && panel.tumble());
    }
  }

  /** Marks at both ends of an edge, outside the piece. */
  private static void cutMarks(TrueSheet out, Segment line, Box piece) throws IOException {
    for (Segment mark : marks(line, piece)) {
      out.line(TrueSheet.INK, HAIR, mark.x(), mark.y(), mark.endX(), mark.endY());
    }
  }

  /** Dashes at both ends of a score, outside the piece. */
  private static void scoreMarks(TrueSheet out, Segment line, Box piece) throws IOException {
    for (Segment mark : marks(line, piece)) {
      out.dashes(TrueSheet.QUIET, HAIR, mark.x(), mark.y(), mark.endX(), mark.endY());
    }
  }

  private static List<Segment> marks(Segment line, Box piece) {
    Edge first = line.level() ? Edge.LEFT : Edge.TOP;
    return Stream.of(first, first.opposite())
        .map(
            edge -> {
              Box mark = edge.along(edge.beyond(piece, GAP.plus(MARK)), MARK);
              Length from = line.level() ? mark.x() : mark.y();
              return new Segment(line.level(), line.at(), from, from.plus(MARK));
            })
        .toList();
  }
}
