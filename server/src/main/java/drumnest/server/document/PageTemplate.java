package drumnest.server.document;

import drumnest.core.fit.Outline;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Segment;
import drumnest.core.measure.Size;
import drumnest.server.stock.UnitsInUse;
import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/**
 * Sides of leaves and pieces of movers at true size, with a control ruler on every sheet of paper.
 * What is cut is drawn through, a valley dashed, a mountain dashed and dotted, a score that is not
 * folded dotted, and what is glued is hatched; before them comes what is to be read first. On paper
 * smaller than the leaf it comes in tiles that overlap by a quarter inch and say how they join.
 * Sizes of paper: ISO 216 (A4, 210 × 297 mm); letter is 8 1/2 × 11 in (ANSI/ASME Y14.1, size A).
 */
public final class PageTemplate {

  /** The paper it is printed on. */
  public enum Paper {
    /** One sheet as large as the leaf and its ruler. */
    WHOLE(0, 0),
    LETTER(612, 792),
    A4(595.276f, 841.89f);

    private final float w;
    private final float h;

    Paper(float w, float h) {
      this.w = w;
      this.h = h;
    }
  }

  /** A place on a side, the outline in which it is cut, and what is written in it. */
  public record Place(Box box, Outline outline, String words) {}

  /** How a line is drawn. */
  public enum Style {
    CUT,
    VALLEY,
    MOUNTAIN,
    SCORE
  }

  /** A line, and what is written at it. */
  public record Stroke(Segment line, Style style, String words) {}

  /** An area that is hatched, with dots or drawn through, and what is written in it. */
  public record Hatching(Box box, boolean dotted, String words) {}

  /** One side, or one piece. */
  public record Sheet(
      String title, Size size, List<Place> places, List<Stroke> lines, List<Hatching> hatchings) {

    public Sheet(String title, Size size, List<Place> places) {
      this(title, size, places, List.of(), List.of());
    }
  }

  private static final float INCH = 72;
  private static final float MARGIN = 36;
  private static final float FOOT = 40;
  private static final float OVERLAP = 18;

  /** Where the handles of a curve lie that is a quarter circle, of its radius: 4(√2 − 1)/3. */
  private static final float QUARTER = 0.552_285f;

  private static final float[] DOTS = {1.5f, 2};
  private static final Color INK = new Color(0x10262c);
  private static final Color BLUE = new Color(0x3b4cc0);
  private static final Color QUIET = new Color(0x5a6f75);

  private final PDDocument document;
  private final Face normal;
  private final Face heavy;

  private PageTemplate(PDDocument document) throws IOException {
    this.document = document;
    SpareFonts spare = new SpareFonts(document);
    this.normal = spare.face("Archivo-Regular.ttf");
    this.heavy = spare.face("Archivo-Bold.ttf");
  }

  public static byte[] of(String title, List<Sheet> sheets, Paper paper) throws IOException {
    return of(title, List.of(), sheets, paper);
  }

  /**
   * @param words what is to be read first, a line each; nothing for no such page
   */
  public static byte[] of(String title, List<String> words, List<Sheet> sheets, Paper paper)
      throws IOException {
    try (PDDocument document = new PDDocument()) {
      document.getDocumentInformation().setTitle(title);
      PageTemplate template = new PageTemplate(document);
      if (!words.isEmpty()) {
        template.read(title, words);
      }
      for (Sheet sheet : sheets) {
        template.draw(title, sheet, paper);
      }
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      document.save(out);
      return out.toByteArray();
    }
  }

  /** A page of words, each line broken where it is too long. */
  private void read(String title, List<String> words) throws IOException {
    PDPage page = new PDPage(PDRectangle.LETTER);
    document.addPage(page);
    float width = PDRectangle.LETTER.getWidth() - 2 * MARGIN;
    try (PDPageContentStream out = new PDPageContentStream(document, page)) {
      float y = PDRectangle.LETTER.getHeight() - MARGIN - 20;
      heavy.write(out, 16, INK, MARGIN, y, title);
      y -= 12;
      for (String line : words) {
        y -= 8;
        for (String part : broken(line, width)) {
          y -= 14;
          normal.write(out, 10.5f, INK, MARGIN, y, part);
        }
      }
    }
  }

  private List<String> broken(String line, float width) throws IOException {
    List<String> parts = new ArrayList<>();
    String part = "";
    for (String word : line.split(" ")) {
      String longer = part.isEmpty() ? word : part + " " + word;
      if (!part.isEmpty() && normal.width(10.5f, longer) > width) {
        parts.add(part);
        part = word;
      } else {
        part = longer;
      }
    }
    parts.add(part);
    return parts;
  }

  private static float points(Length length) {
    return length.toNanometres() * INCH / Length.NANOMETRES_PER_INCH;
  }

  private void draw(String title, Sheet sheet, Paper paper) throws IOException {
    float w = points(sheet.size().w());
    float h = points(sheet.size().h());
    float windowW = paper == Paper.WHOLE ? w : paper.w - 2 * MARGIN;
    float windowH = paper == Paper.WHOLE ? h : paper.h - 2 * MARGIN - FOOT;
    int across = tiles(w, windowW);
    int down = tiles(h, windowH);
    for (int row = 0; row < down; row++) {
      for (int column = 0; column < across; column++) {
        PDPage page =
            new PDPage(new PDRectangle(windowW + 2 * MARGIN, windowH + 2 * MARGIN + FOOT));
        document.addPage(page);
        String tile =
            across * down == 1
                ? ""
                : " · sheet "
                    + (row * across + column + 1)
                    + " of "
                    + across * down
                    + ", row "
                    + (row + 1)
                    + ", column "
                    + (column + 1)
                    + "; neighbours overlap by 1/4 in";
        try (PDPageContentStream out = new PDPageContentStream(document, page)) {
          out.saveGraphicsState();
          out.addRect(MARGIN - 1, MARGIN + FOOT - 1, windowW + 2, windowH + 2);
          out.clip();
          side(
              out,
              sheet,
              MARGIN - column * (windowW - OVERLAP),
              MARGIN + FOOT + windowH + row * (windowH - OVERLAP));
          out.restoreGraphicsState();
          foot(out, title + ", " + sheet.title() + " · " + UnitsInUse.text(sheet.size()) + tile);
        }
      }
    }
  }

  private static int tiles(float whole, float window) {
    return whole <= window + 0.01f
        ? 1
        : 1 + (int) Math.ceil((whole - window) / (window - OVERLAP) - 1e-4);
  }

  /** The side with its top left corner at x, top. */
  private void side(PDPageContentStream out, Sheet sheet, float x, float top) throws IOException {
    float w = points(sheet.size().w());
    float h = points(sheet.size().h());
    out.setStrokingColor(INK);
    out.setLineWidth(1);
    out.addRect(x, top - h, w, h);
    out.stroke();
    for (Hatching hatching : sheet.hatchings()) {
      hatch(out, hatching, x, top);
    }
    for (Stroke line : sheet.lines()) {
      draw(out, line, x, top);
    }
    out.setLineDashPattern(new float[0], 0);
    out.setStrokingColor(INK);
    out.setLineWidth(0.5f);
    for (Place place : sheet.places()) {
      float left = x + points(place.box().x());
      float above = top - points(place.box().y());
      float boxW = points(place.box().w());
      float boxH = points(place.box().h());
      Size corner = place.outline().corner(place.box().size());
      outline(out, left, above - boxH, boxW, boxH, points(corner.w()), points(corner.h()));
      float size = Math.min(14, boxW / 7);
      float width = heavy.width(size, place.words());
      heavy.write(
          out, size, QUIET, left + (boxW - width) / 2, above - boxH / 2 - size / 3, place.words());
    }
  }

  private void draw(PDPageContentStream out, Stroke each, float x, float top) throws IOException {
    float left = x + points(each.line().x());
    float above = top - points(each.line().y());
    out.setStrokingColor(each.style() == Style.CUT ? INK : BLUE);
    out.setLineWidth(0.8f);
    out.setLineDashPattern(dashes(each.style()), 0);
    line(out, left, above, x + points(each.line().endX()), top - points(each.line().endY()));
    normal.write(out, 8, BLUE, left + 3, above + (each.line().level() ? 3 : -10), each.words());
  }

  private static float[] dashes(Style style) {
    return switch (style) {
      case CUT -> new float[0];
      case VALLEY -> new float[] {6, 3};
      case MOUNTAIN -> new float[] {8, 3, 1.5f, 3};
      case SCORE -> DOTS;
    };
  }

  private void hatch(PDPageContentStream out, Hatching hatching, float x, float top)
      throws IOException {
    float left = x + points(hatching.box().x());
    float below = top - points(hatching.box().bottom());
    float wide = points(hatching.box().w());
    float high = points(hatching.box().h());
    out.setStrokingColor(QUIET);
    out.setLineWidth(0.4f);
    out.setLineDashPattern(hatching.dotted() ? DOTS : new float[0], 0);
    out.saveGraphicsState();
    out.addRect(left, below, wide, high);
    out.clip();
    for (float at = left - high; at < left + wide; at += 7) {
      line(out, at, below, at + high, below + high);
    }
    out.restoreGraphicsState();
    out.addRect(left, below, wide, high);
    out.stroke();
    float words = normal.width(8, hatching.words());
    if (words + 6 < wide && high > 12) {
      out.setNonStrokingColor(Color.WHITE);
      out.addRect(left + 2, below + 2, words + 4, 11);
      out.fill();
      normal.write(out, 8, QUIET, left + 4, below + 4, hatching.words());
    }
  }

  /** A rectangle with its corners cut off, a quarter of an ellipse each. */
  private static void outline(
      PDPageContentStream out, float x, float y, float w, float h, float across, float down)
      throws IOException {
    float a = across * (1 - QUARTER);
    float d = down * (1 - QUARTER);
    float right = x + w;
    float top = y + h;
    out.moveTo(x + across, y);
    out.lineTo(right - across, y);
    out.curveTo(right - a, y, right, y + d, right, y + down);
    out.lineTo(right, top - down);
    out.curveTo(right, top - d, right - a, top, right - across, top);
    out.lineTo(x + across, top);
    out.curveTo(x + a, top, x, top - d, x, top - down);
    out.lineTo(x, y + down);
    out.curveTo(x, y + d, x + a, y, x + across, y);
    out.closeAndStroke();
  }

  /** Writes what this is, and draws a ruler to check the print with. */
  private void foot(PDPageContentStream out, String words) throws IOException {
    normal.write(out, 8, INK, MARGIN, MARGIN - 14, words);
    out.setStrokingColor(INK);
    out.setLineWidth(0.6f);
    float y = MARGIN + 14;
    line(out, MARGIN, y, MARGIN + 2 * INCH, y);
    for (int i = 0; i <= 32; i++) {
      float at = MARGIN + i * INCH / 16;
      line(out, at, y, at, y + (i % 16 == 0 ? 12 : i % 4 == 0 ? 8 : 5));
    }
    float below = MARGIN + 8;
    float millimetre = INCH / 25.4f;
    line(out, MARGIN, below, MARGIN + 50 * millimetre, below);
    for (int i = 0; i <= 50; i++) {
      float at = MARGIN + i * millimetre;
      line(out, at, below, at, below - (i % 10 == 0 ? 10 : i % 5 == 0 ? 7 : 4));
    }
    normal.write(out, 8, QUIET, MARGIN + 2 * INCH + 10, y, "Print at 100 %. Check: 2 in above,");
    normal.write(out, 8, QUIET, MARGIN + 2 * INCH + 10, y - 10, "50 mm below.");
  }

  private static void line(PDPageContentStream out, float x, float y, float toX, float toY)
      throws IOException {
    out.moveTo(x, y);
    out.lineTo(toX, toY);
    out.stroke();
  }
}
