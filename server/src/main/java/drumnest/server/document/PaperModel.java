package drumnest.server.document;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Segment;
import drumnest.core.measure.Size;
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
 * A mover at half its size on paper, to be cut out and folded before any good paper is touched,
 * with its pictures small on their faces. A piece with pictures on both sides is printed twice,
 * edge to edge, and folded back to back along that edge; where that is too large for the paper, its
 * sides are printed apart and stuck back to back. What is larger still comes in tiles.
 */
public final class PaperModel {

  private static final float INCH = 72;
  private static final float MARGIN = 28;
  private static final float HEAD = 34;

  /** The name of a piece, above it. */
  private static final float NAME = 11;

  private static final float HALF = 0.5f;
  private static final float OVERLAP = 18;
  private static final float SMALL = 7;
  private static final Color INK = new Color(0x10262c);
  private static final Color FOLD = new Color(0x3b4cc0);
  private static final Color QUIET = new Color(0x5a6f75);

  /** The sides of a piece that are printed together. */
  private enum Sides {
    BOTH,
    FIRST,
    OTHER
  }

  /** A piece, or one side of it, as it is printed. */
  private record Print(Piece piece, Sides sides, String name) {

    /** Whether the other side is over the upper edge of the first, rather than the left one. */
    boolean isOverTop() {
      return !piece.size().w().isLessThan(piece.size().h());
    }

    float w() {
      return points(piece.size().w()) * (sides == Sides.BOTH && !isOverTop() ? 2 : 1);
    }

    float h() {
      return points(piece.size().h()) * (sides == Sides.BOTH && isOverTop() ? 2 : 1);
    }
  }

  private final PDDocument document;
  private final Face normal;
  private final Face heavy;
  private final FacePicture.Source pictures;
  private final String title;
  private final PDRectangle paper;

  private PaperModel(
      PDDocument document, FacePicture.Source pictures, String title, PDRectangle paper)
      throws IOException {
    SpareFonts spare = new SpareFonts(document);
    this.document = document;
    this.normal = spare.face("Archivo-Regular.ttf");
    this.heavy = spare.face("Archivo-Bold.ttf");
    this.pictures = pictures;
    this.title = title;
    this.paper = paper;
  }

  /**
   * @param paper letter or A4
   */
  public static byte[] of(
      String title, Construction construction, PDRectangle paper, FacePicture.Source pictures)
      throws IOException {
    List<Piece> pieces =
        construction.pieces().stream().filter(piece -> piece.stuff() != Stuff.FILM).toList();
    try (PDDocument document = new PDDocument()) {
      document.getDocumentInformation().setTitle(title);
      new PaperModel(document, pictures, title, paper).draw(pieces);
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    }
  }

  private static float points(Length length) {
    return length.toNanometres() * INCH / Length.NANOMETRES_PER_INCH * HALF;
  }

  private static boolean isDoubled(Piece piece) {
    return piece.panels().stream().anyMatch(Panel::other);
  }

  private static SheetLayout.Extent room(PDRectangle paper) {
    return new SheetLayout.Extent(
        paper.getWidth() - 2 * MARGIN, paper.getHeight() - 2 * MARGIN - HEAD);
  }

  private PDRectangle oriented(boolean level) {
    return level ? new PDRectangle(paper.getHeight(), paper.getWidth()) : paper;
  }

  private boolean fits(SheetLayout.Extent extent) {
    return extent.fitsIn(room(paper)) || extent.fitsIn(room(oriented(true)));
  }

  private SheetLayout.Extent extent(Print print) throws IOException {
    float wide = Math.max(print.w(), normal.width(SMALL, print.name()));
    return new SheetLayout.Extent(wide, print.h() + NAME);
  }

  /** A piece as it is printed: doubled, if the paper is large enough for that. */
  private List<Print> prints(Piece piece) throws IOException {
    String name = PieceNames.of(piece);
    if (!isDoubled(piece)) {
      return List.of(new Print(piece, Sides.FIRST, name));
    }
    Print both = new Print(piece, Sides.BOTH, name);
    return fits(extent(both))
        ? List.of(both)
        : List.of(
            new Print(piece, Sides.FIRST, name + ", first side"),
            new Print(piece, Sides.OTHER, name + ", other side: back to back"));
  }

  private void draw(List<Piece> pieces) throws IOException {
    List<Print> fitting = new ArrayList<>();
    List<Print> larger = new ArrayList<>();
    List<SheetLayout.Extent> extents = new ArrayList<>();
    for (Piece piece : pieces) {
      for (Print print : prints(piece)) {
        SheetLayout.Extent extent = extent(print);
        if (fits(extent)) {
          fitting.add(print);
          extents.add(extent);
        } else {
          larger.add(print);
        }
      }
    }
    SheetLayout layout = SheetLayout.of(extents, room(paper), room(oriented(true)));
    for (SheetLayout.Page page : layout.pages()) {
      PDRectangle size = oriented(page.level());
      try (PDPageContentStream out = page(size)) {
        for (SheetLayout.Placed placed : page.placed()) {
          Print print = fitting.get(placed.item());
          float x = MARGIN + placed.x();
          float top = size.getHeight() - MARGIN - HEAD - placed.y();
          normal.write(out, SMALL, QUIET, x, top - NAME + 3, print.name());
          new Sheet(out).draw(print, x, top - NAME);
        }
      }
    }
    for (Print print : larger) {
      tiles(print);
    }
  }

  /** A print that no sheet holds, in parts that overlap. */
  private void tiles(Print print) throws IOException {
    PDRectangle size = oriented(print.w() > print.h());
    SheetLayout.Extent room = room(size);
    float wide = room.w() - OVERLAP;
    float high = room.h() - NAME - OVERLAP;
    for (float down = 0; down < print.h() - OVERLAP; down += high) {
      for (float across = 0; across < print.w() - OVERLAP; across += wide) {
        float top = size.getHeight() - MARGIN - HEAD - NAME;
        try (PDPageContentStream out = page(size)) {
          normal.write(
              out,
              SMALL,
              QUIET,
              MARGIN,
              top + 3,
              print.name() + ", in parts that overlap by 1/4 in");
          out.saveGraphicsState();
          out.addRect(MARGIN, top - room.h() + NAME, room.w(), room.h() - NAME);
          out.clip();
          new Sheet(out).draw(print, MARGIN - across, top + down);
          out.restoreGraphicsState();
        }
      }
    }
  }

  /** A page with its head. */
  private PDPageContentStream page(PDRectangle size) throws IOException {
    PDPage page = new PDPage(size);
    document.addPage(page);
    PDPageContentStream out = new PDPageContentStream(document, page);
    float top = size.getHeight() - MARGIN;
    heavy.write(out, 12, INK, MARGIN, top - 10, title);
    normal.write(
        out,
        8.5f,
        QUIET,
        MARGIN,
        top - 22,
        "Paper model, half size. Cut out; fold doubled pieces back to back along the blue edge;"
            + " then fold.");
    return out;
  }

  /** The pen for one page. */
  private final class Sheet {
    private final PDPageContentStream out;

    Sheet(PDPageContentStream out) {
      this.out = out;
    }

    /**
     * @param x where it begins at the left
     * @param above where it begins at the top
     */
    void draw(Print print, float x, float above) throws IOException {
      Piece piece = print.piece();
      float w = points(piece.size().w());
      float h = points(piece.size().h());
      boolean both = print.sides() == Sides.BOTH;
      boolean overTop = print.isOverTop();
      // The first side lies below the edge that is folded, or to the right of it.
      float left = both && !overTop ? x + w : x;
      float top = both && overTop ? above - h : above;
      if (print.sides() == Sides.OTHER) {
        reverse(piece, x + w, above);
      } else {
        first(piece, left, top);
        if (both) {
          for (Panel panel : piece.panels()) {
            if (panel.other()) {
              other(panel, left, top, overTop);
            }
          }
          for (Construction.Score score : piece.scores()) {
            Construction.Score behind = over(score, piece.size(), overTop);
            scoreOf(behind, overTop ? left : left - w, overTop ? top + h : top);
          }
        }
      }
      out.setLineDashPattern(new float[0], 0);
      out.setStrokingColor(INK);
      out.setLineWidth(0.7f);
      out.addRect(x, above - print.h(), print.w(), print.h());
      out.stroke();
      if (both) {
        out.setStrokingColor(FOLD);
        out.setLineWidth(1.2f);
        line(left, overTop ? top : top - h, overTop ? left + w : left, top);
      }
    }

    private void first(Piece piece, float left, float top) throws IOException {
      for (Panel panel : piece.panels()) {
        Box box = panel.box().inset(panel.inset());
        face(
            panel.part(),
            panel.outsideUp(),
            left + points(box.x()),
            top - points(box.bottom()),
            points(box.w()),
            points(box.h()),
            false);
      }
      for (Construction.Area area : piece.areas()) {
        areaOf(area, left, top);
      }
      for (Construction.Score score : piece.scores()) {
        scoreOf(score, left, top);
      }
    }

    /** The other side by itself, turned over like the leaf of a book. */
    private void reverse(Piece piece, float right, float top) throws IOException {
      for (Panel panel : piece.panels()) {
        if (panel.other()) {
          other(panel, right, top, false);
        }
      }
      for (Construction.Score score : piece.scores()) {
        scoreOf(over(score, piece.size(), false), right - points(piece.size().w()), top);
      }
    }

    /**
     * A score as it is seen on the other side: a fold is a mountain there that is a valley here.
     *
     * @param overTop whether that is over the upper edge, rather than the left one
     */
    private Construction.Score over(Construction.Score score, Size piece, boolean overTop) {
      Construction.Fold fold =
          switch (score.fold()) {
            case VALLEY -> Construction.Fold.MOUNTAIN;
            case MOUNTAIN -> Construction.Fold.VALLEY;
            case FLAT, UNCUT -> Construction.Fold.FLAT;
          };
      Segment line = score.line();
      return new Construction.Score(
          overTop ? line.upsideDown(piece.h()) : line.mirroredIn(piece.w()), fold);
    }

    /**
     * The other side: over the edge, so that it comes to lie behind the first when that is folded.
     */
    private void other(Panel panel, float left, float top, boolean overTop) throws IOException {
      Box box = panel.box().inset(panel.inset());
      float w = points(box.w());
      float h = points(box.h());
      float x = overTop ? left + points(box.x()) : left - points(box.right());
      float y = overTop ? top + points(box.y()) : top - points(box.bottom());
      // Folded back over a level edge it stands on its head; so it does where it tumbles.
      face(panel.part(), !panel.outsideUp(), x, y, w, h, overTop != panel.tumble());
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
          left + points(at.x()),
          top - points(at.y()),
          left + points(at.endX()),
          top - points(at.endY()));
    }

    private void areaOf(Construction.Area area, float left, float top) throws IOException {
      Box box = area.box();
      out.setStrokingColor(QUIET);
      out.setLineWidth(0.3f);
      out.setLineDashPattern(new float[] {1, 1}, 0);
      float x = left + points(box.x());
      float y = top - points(box.bottom());
      out.addRect(x, y, points(box.w()), points(box.h()));
      out.stroke();
      String words =
          switch (area.use()) {
            case GLUE -> "glue";
            case GLUE_BEHIND -> "glue behind";
            case STRIP -> "strip";
          };
      if (points(box.w()) > normal.width(6, words) + 2) {
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
}
