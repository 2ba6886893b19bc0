package drumnest.server.document;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Segment;
import drumnest.core.mover.kind.Construction;
import drumnest.core.mover.kind.Construction.Panel;
import drumnest.core.mover.kind.Construction.Piece;
import drumnest.core.mover.kind.Construction.Stuff;
import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.util.Matrix;

/**
 * A mover at half its size on one sheet of paper, to be cut out and folded before any good paper is
 * touched, with its pictures small on their faces. A piece with pictures on both sides is printed
 * twice, edge to edge, and folded back to back along that edge. What does not go on the sheet at
 * half size is printed smaller, and says so.
 */
public final class PaperModel {

  private static final float INCH = 72;
  private static final float MARGIN = 28;
  private static final float HEAD = 34;
  private static final float GAP = 14;
  private static final float HALF = 0.5f;
  private static final float SMALLER = 0.97f;
  private static final Color INK = new Color(0x10262c);
  private static final Color FOLD = new Color(0x3b4cc0);
  private static final Color QUIET = new Color(0x5a6f75);

  /** A piece on the sheet, by its lower left corner in points. */
  private record PlacedPiece(Piece piece, float x, float y, float w, float h, boolean doubled) {}

  private final PDDocument document;
  private final PDPageContentStream out;
  private final Face normal;
  private final float scale;
  private final FacePicture.Source pictures;

  private PaperModel(
      PDDocument document,
      PDPageContentStream out,
      Face normal,
      float scale,
      FacePicture.Source pictures) {
    this.document = document;
    this.out = out;
    this.normal = normal;
    this.scale = scale;
    this.pictures = pictures;
  }

  /**
   * @param paper letter or A4
   */
  public static byte[] of(
      String title, Construction construction, PDRectangle paper, FacePicture.Source pictures)
      throws IOException {
    List<Piece> pieces =
        construction.pieces().stream().filter(piece -> piece.stuff() != Stuff.FILM).toList();
    float scale = HALF;
    List<PlacedPiece> laid = lay(pieces, scale, paper);
    while (laid.isEmpty() && !pieces.isEmpty()) {
      scale *= SMALLER;
      laid = lay(pieces, scale, paper);
    }
    try (PDDocument document = new PDDocument()) {
      document.getDocumentInformation().setTitle(title);
      PDPage page = new PDPage(paper);
      document.addPage(page);
      SpareFonts spare = new SpareFonts(document);
      Face heavy = spare.face("Archivo-Bold.ttf");
      try (PDPageContentStream out = new PDPageContentStream(document, page)) {
        PaperModel model =
            new PaperModel(document, out, spare.face("Archivo-Regular.ttf"), scale, pictures);
        float top = paper.getHeight() - MARGIN;
        heavy.write(out, 12, INK, MARGIN, top - 10, title);
        String size = scale == HALF ? "half size" : Math.round(scale * 100) + " % of its size";
        model.normal.write(
            out,
            8.5f,
            QUIET,
            MARGIN,
            top - 22,
            "Paper model, "
                + size
                + ". Cut out; fold doubled pieces back to back along the blue edge; then fold.");
        for (PlacedPiece each : laid) {
          model.draw(each);
        }
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    }
  }

  private static float points(Length length, float scale) {
    return length.toNanometres() * INCH / Length.NANOMETRES_PER_INCH * scale;
  }

  private static boolean isDoubled(Piece piece) {
    return piece.panels().stream().anyMatch(Panel::other);
  }

  private static boolean isWide(Piece piece) {
    return !piece.size().w().isLessThan(piece.size().h());
  }

  /** In rows from the top; nothing where they do not go on the sheet. */
  private static List<PlacedPiece> lay(List<Piece> pieces, float scale, PDRectangle paper) {
    List<PlacedPiece> laid = new ArrayList<>();
    float x = MARGIN;
    float top = paper.getHeight() - MARGIN - HEAD;
    float row = 0;
    for (Piece piece : pieces) {
      boolean doubled = isDoubled(piece);
      float w = points(piece.size().w(), scale) * (doubled && !isWide(piece) ? 2 : 1);
      float h = points(piece.size().h(), scale) * (doubled && isWide(piece) ? 2 : 1);
      if (x > MARGIN && x + w > paper.getWidth() - MARGIN) {
        x = MARGIN;
        top -= row + GAP;
        row = 0;
      }
      if (x + w > paper.getWidth() - MARGIN || top - h < MARGIN) {
        return List.of();
      }
      laid.add(new PlacedPiece(piece, x, top - h, w, h, doubled));
      x += w + GAP;
      row = Math.max(row, h);
    }
    return laid;
  }

  private void draw(PlacedPiece laid) throws IOException {
    Piece piece = laid.piece();
    float w = points(piece.size().w(), scale);
    float h = points(piece.size().h(), scale);
    boolean wide = isWide(piece);
    // The first side lies below the edge that is folded, or to the right of it.
    float left = laid.doubled() && !wide ? laid.x() + w : laid.x();
    float top = laid.y() + h;
    for (Panel panel : piece.panels()) {
      Box box = panel.box();
      face(
          panel.part(),
          panel.outsideUp(),
          left + points(box.x().plus(panel.inset()), scale),
          top - points(box.bottom().minus(panel.inset()), scale),
          points(box.w().minus(panel.inset().times(2)), scale),
          points(box.h().minus(panel.inset().times(2)), scale),
          false);
      if (panel.other()) {
        other(panel, left, top, wide);
      }
    }
    for (Construction.Area area : piece.areas()) {
      areaOf(area, left, top);
    }
    for (Construction.Score score : piece.scores()) {
      scoreOf(score, left, top);
      if (laid.doubled()) {
        Construction.Score behind = mirrored(score);
        scoreOf(behind, wide ? left : left - w, wide ? top + h : top);
      }
    }
    out.setLineDashPattern(new float[0], 0);
    out.setStrokingColor(INK);
    out.setLineWidth(0.7f);
    out.addRect(laid.x(), laid.y(), laid.w(), laid.h());
    out.stroke();
    if (laid.doubled()) {
      out.setStrokingColor(FOLD);
      out.setLineWidth(1.2f);
      line(left, wide ? top : top - h, wide ? left + w : left, top);
    }
    normal.write(out, 7, QUIET, laid.x() + 2, laid.y() + laid.h() + 3, PieceNames.of(piece));
  }

  /**
   * A fold is a mountain on the other side of a valley; it lies over the edge in the same place.
   */
  private static Construction.Score mirrored(Construction.Score score) {
    Construction.Fold fold =
        switch (score.fold()) {
          case VALLEY -> Construction.Fold.MOUNTAIN;
          case MOUNTAIN -> Construction.Fold.VALLEY;
          case FLAT, UNCUT -> Construction.Fold.FLAT;
        };
    return new Construction.Score(score.line(), fold);
  }

  /**
   * The other side: over the edge, so that it comes to lie behind the first when that is folded.
   */
  private void other(Panel panel, float left, float top, boolean wide) throws IOException {
    Box box = panel.box().inset(panel.inset());
    float w = points(box.w(), scale);
    float h = points(box.h(), scale);
    float x = wide ? left + points(box.x(), scale) : left - points(box.right(), scale);
    float y = wide ? top + points(box.y(), scale) : top - points(box.bottom(), scale);
    // Folded back over a level edge it stands on its head; so it does where it tumbles.
    face(panel.part(), !panel.outsideUp(), x, y, w, h, wide != panel.tumble());
  }

  private void scoreOf(Construction.Score score, float left, float top) throws IOException {
    out.setStrokingColor(FOLD);
    out.setLineWidth(0.6f);
    out.setLineDashPattern(
        switch (score.fold()) {
          case VALLEY -> new float[] {4, 2};
          case MOUNTAIN -> new float[] {6, 2, 1, 2};
          case FLAT, UNCUT -> new float[] {1, 1.5f};
        },
        0);
    Segment at = score.line();
    line(
        left + points(at.x(), scale),
        top - points(at.y(), scale),
        left + points(at.endX(), scale),
        top - points(at.endY(), scale));
  }

  private void areaOf(Construction.Area area, float left, float top) throws IOException {
    Box box = area.box();
    out.setStrokingColor(QUIET);
    out.setLineWidth(0.3f);
    out.setLineDashPattern(new float[] {1, 1}, 0);
    float x = left + points(box.x(), scale);
    float y = top - points(box.bottom(), scale);
    out.addRect(x, y, points(box.w(), scale), points(box.h(), scale));
    out.stroke();
    String words =
        switch (area.use()) {
          case GLUE -> "glue";
          case GLUE_BEHIND -> "glue behind";
          case STRIP -> "strip";
        };
    if (points(box.w(), scale) > normal.width(6, words) + 2) {
      normal.write(out, 6, QUIET, x + 2, y + 2, words);
    }
  }

  private void line(float x, float y, float toX, float toY) throws IOException {
    out.moveTo(x, y);
    out.lineTo(toX, toY);
    out.stroke();
  }

  /** A face with its picture, or its name where it has none. */
  private void face(
      String part, boolean outside, float x, float y, float w, float h, boolean onItsHead)
      throws IOException {
    out.saveGraphicsState();
    out.addRect(x, y, w, h);
    out.clip();
    if (onItsHead) {
      out.transform(new Matrix(-1, 0, 0, -1, 2 * x + w, 2 * y + h));
    }
    Optional<FacePicture> picture = pictures.on(part, outside);
    if (picture.isPresent()) {
      picture.get().paint(document, out, x, y, w, h);
    } else {
      String words = part + (outside ? " outside" : " inside");
      float size = Math.min(9, w / 8);
      normal.write(out, size, QUIET, x + 3, y + h / 2, words);
    }
    out.restoreGraphicsState();
    out.setLineDashPattern(new float[0], 0);
    out.setStrokingColor(QUIET);
    out.setLineWidth(0.25f);
    out.addRect(x, y, w, h);
    out.stroke();
  }
}
