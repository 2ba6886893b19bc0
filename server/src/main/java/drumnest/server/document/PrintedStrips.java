package drumnest.server.document;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.Construction;
import drumnest.core.mover.Construction.Panel;
import drumnest.core.mover.Construction.Piece;
import drumnest.server.type.ShippedFont;
import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.util.Matrix;

/**
 * The strips of an accordion with their pictures, at true size, to be printed on card: two pages
 * for each, its upper side and its other one, which lies behind the first when the sheet is turned
 * over like the leaf of a book. Marks at the corners say where it is cut, dashes outside it where
 * it is scored.
 */
public final class PrintedStrips {

  private static final double POINTS = 72;
  private static final float MARGIN = 27;
  private static final float MARK = 12;
  private static final float GAP = 4;
  private static final Color INK = new Color(0x10262c);
  private static final Color QUIET = new Color(0x5a6f75);

  private final PDDocument document;
  private final Face face;
  private final FacePicture.Source pictures;

  private PrintedStrips(PDDocument document, Face face, FacePicture.Source pictures) {
    this.document = document;
    this.face = face;
    this.pictures = pictures;
  }

  /** Of a construction the pieces of card that have panels. */
  public static byte[] of(String title, Construction construction, FacePicture.Source pictures)
      throws IOException {
    try (PDDocument document = new PDDocument()) {
      document.getDocumentInformation().setTitle(title);
      SpareFonts spare = new SpareFonts(document);
      PrintedStrips strips =
          new PrintedStrips(document, spare.face(ShippedFont.PLAIN.file()), pictures);
      List<Piece> pieces =
          construction.pieces().stream().filter(piece -> !piece.panels().isEmpty()).toList();
      for (Piece piece : pieces) {
        strips.page(title + ", " + piece.name() + ", upper side", piece, true);
        strips.page(title + ", " + piece.name() + ", other side", piece, false);
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    }
  }

  private static float points(Length length) {
    return (float) (length.toNanometres() * POINTS / Length.NANOMETRES_PER_INCH);
  }

  private void page(String said, Piece piece, boolean upper) throws IOException {
    Size size = piece.size();
    float w = points(size.w());
    float h = points(size.h());
    PDPage page = new PDPage(new PDRectangle(w + 2 * MARGIN, h + 2 * MARGIN));
    document.addPage(page);
    try (PDPageContentStream out = new PDPageContentStream(document, page)) {
      face.write(out, 7, QUIET, MARGIN, MARGIN + h + MARK, said);
      for (Panel panel : piece.panels()) {
        if (upper || panel.other()) {
          panel(out, size, panel, upper);
        }
      }
      cutMarks(out, w, h);
      for (Construction.Score score : piece.scores()) {
        scoreMarks(out, seen(score.line(), size, upper), h);
      }
    }
  }

  /** Where something of a piece is seen from this side of it. */
  private static Box seen(Box box, Size piece, boolean upper) {
    return upper ? box : new Box(piece.w().minus(box.right()), box.y(), box.w(), box.h());
  }

  private void panel(PDPageContentStream out, Size piece, Panel panel, boolean upper)
      throws IOException {
    Optional<FacePicture> picture = pictures.on(panel.part(), panel.outsideUp() == upper);
    if (picture.isEmpty()) {
      return;
    }
    Box box = seen(panel.box().inset(panel.inset()), piece, upper);
    float x = MARGIN + points(box.x());
    float y = MARGIN + points(piece.h().minus(box.bottom()));
    float w = points(box.w());
    float h = points(box.h());
    out.saveGraphicsState();
    if (!upper && panel.tumble()) {
      out.transform(new Matrix(-1, 0, 0, -1, 2 * x + w, 2 * y + h));
    }
    picture.get().paint(document, out, x, y, w, h);
    out.restoreGraphicsState();
  }

  private static void cutMarks(PDPageContentStream out, float w, float h) throws IOException {
    out.setStrokingColor(INK);
    out.setLineWidth(0.4f);
    for (float x : new float[] {MARGIN, MARGIN + w}) {
      line(out, x, MARGIN - GAP - MARK, x, MARGIN - GAP);
      line(out, x, MARGIN + h + GAP, x, MARGIN + h + GAP + MARK);
    }
    for (float y : new float[] {MARGIN, MARGIN + h}) {
      line(out, MARGIN - GAP - MARK, y, MARGIN - GAP, y);
      float right = MARGIN + w + GAP;
      line(out, right, y, right + MARK, y);
    }
  }

  /** Dashes at both ends of a score, outside the piece. */
  private static void scoreMarks(PDPageContentStream out, Box line, float h) throws IOException {
    out.setStrokingColor(QUIET);
    out.setLineWidth(0.4f);
    out.setLineDashPattern(new float[] {2, 1.5f}, 0);
    float x = MARGIN + points(line.x());
    float y = MARGIN + h - points(line.y());
    if (line.w().isZero()) {
      line(out, x, MARGIN - GAP - MARK, x, MARGIN - GAP);
      line(out, x, MARGIN + h + GAP, x, MARGIN + h + GAP + MARK);
    } else {
      line(out, MARGIN - GAP - MARK, y, MARGIN - GAP, y);
      float right = MARGIN + points(line.right()) + GAP;
      line(out, right, y, right + MARK, y);
    }
    out.setLineDashPattern(new float[0], 0);
  }

  private static void line(PDPageContentStream out, float x, float y, float toX, float toY)
      throws IOException {
    out.moveTo(x, y);
    out.lineTo(toX, toY);
    out.stroke();
  }
}
