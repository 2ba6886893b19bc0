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
 * folded dotted, and what is glued is hatched; before them comes what is to be read first. Several
 * lie on a sheet. What is larger than the paper comes in tiles that overlap by a quarter inch and
 * say how they join. Sizes of paper: ISO 216 (A4, 210 × 297 mm); letter is 8 1/2 × 11 in (ANSI/ASME
 * Y14.1, size A).
 */
public final class PageTemplate {

  /** The paper it is printed on. */
  public enum Paper {
    /** A page of its own for each, as large as that and its ruler. */
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

  /** A hole that is punched, by its middle. */
  public record Hole(Length x, Length y, Length wide) {}

  /**
   * One side, or one piece.
   *
   * @param outline where it is cut out; of what is not cut nothing
   */
  public record Sheet(
      String title,
      Size size,
      List<Segment> outline,
      List<Place> places,
      List<Stroke> lines,
      List<Hatching> hatchings,
      List<Hole> holes) {

    /** A side with its places. */
    public Sheet(String title, Size size, List<Place> places) {
      this(title, size, Box.of(size).edges(), places, List.of(), List.of(), List.of());
    }
  }

  private static final float MARGIN = 36;
  private static final float OVERLAP = 18;
  private static final float SMALL = 8;
  private static final float READ = 10.5f;

  /** From one line that says what a sheet is to the next. */
  private static final float LINE = 10;

  /** How many of them a tile has. */
  private static final int TILE_LINES = 4;

  /** The least width in which they are broken. */
  private static final float CAPTION = 130;

  private static final Color INK = new Color(0x10262c);

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
      if (paper == Paper.WHOLE) {
        template.drawWhole(title, sheets);
      } else {
        template.drawOn(paper, title, sheets);
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
        for (String part : normal.broken(READ, line, width)) {
          y -= 14;
          normal.write(out, READ, INK, MARGIN, y, part);
        }
      }
    }
  }

  /** A sheet that lies on paper with what is said of it below. */
  private record Captioned(SheetDrawing drawing, List<String> caption, SheetLayout.Extent extent) {}

  private Captioned captioned(Sheet sheet, SheetDrawing drawing, float w, float h, String more)
      throws IOException {
    float wide = Math.max(w, CAPTION);
    List<String> lines =
        new ArrayList<>(
            heavy.broken(
                SMALL, sheet.title() + " · " + UnitsInUse.text(sheet.size()) + more, wide));
    for (String line : drawing.key()) {
      lines.addAll(heavy.broken(SMALL, line, wide));
    }
    return new Captioned(
        drawing, lines, new SheetLayout.Extent(wide, h + lines.size() * LINE + SMALL));
  }

  private Captioned captioned(Sheet sheet) throws IOException {
    return captioned(
        sheet,
        SheetDrawing.whole(sheet, normal, heavy),
        SheetDrawing.points(sheet.size().w()),
        SheetDrawing.points(sheet.size().h()),
        "");
  }

  /** Each on a page of its own size. */
  private void drawWhole(String title, List<Sheet> sheets) throws IOException {
    for (Sheet sheet : sheets) {
      Captioned captioned = captioned(sheet);
      float wide = Math.max(captioned.extent().w(), ControlRuler.WIDE);
      PDRectangle paper =
          new PDRectangle(
              wide + 2 * MARGIN, captioned.extent().h() + 2 * MARGIN + ControlRuler.HIGH);
      try (PDPageContentStream out = page(title, paper)) {
        draw(out, captioned, MARGIN, paper.getHeight() - MARGIN);
      }
    }
  }

  /** Several on a page; those that are larger than the paper come in tiles. */
  private void drawOn(Paper paper, String title, List<Sheet> sheets) throws IOException {
    SheetLayout.Extent upright = room(new PDRectangle(paper.w, paper.h));
    SheetLayout.Extent level = room(new PDRectangle(paper.h, paper.w));
    List<Captioned> fitting = new ArrayList<>();
    List<Sheet> larger = new ArrayList<>();
    for (Sheet sheet : sheets) {
      Captioned captioned = captioned(sheet);
      if (captioned.extent().fitsIn(upright) || captioned.extent().fitsIn(level)) {
        fitting.add(captioned);
      } else {
        larger.add(sheet);
      }
    }
    SheetLayout layout =
        SheetLayout.of(fitting.stream().map(Captioned::extent).toList(), upright, level);
    for (SheetLayout.Page page : layout.pages()) {
      PDRectangle size = oriented(paper, page.level());
      try (PDPageContentStream out = page(title, size)) {
        for (SheetLayout.Placed placed : page.placed()) {
          draw(
              out,
              fitting.get(placed.item()),
              MARGIN + placed.x(),
              size.getHeight() - MARGIN - placed.y());
        }
      }
    }
    for (Sheet sheet : larger) {
      boolean turned = tiles(sheet, tile(level)) < tiles(sheet, tile(upright));
      drawTiles(title, sheet, oriented(paper, turned), tile(turned ? level : upright));
    }
  }

  private static PDRectangle oriented(Paper paper, boolean level) {
    return level ? new PDRectangle(paper.h, paper.w) : new PDRectangle(paper.w, paper.h);
  }

  private static SheetLayout.Extent room(PDRectangle paper) {
    return new SheetLayout.Extent(
        paper.getWidth() - 2 * MARGIN, paper.getHeight() - 2 * MARGIN - ControlRuler.HIGH);
  }

  /** The part of the room that a tile takes, over what is said of it. */
  private static SheetLayout.Extent tile(SheetLayout.Extent room) {
    return new SheetLayout.Extent(room.w(), room.h() - TILE_LINES * LINE - SMALL);
  }

  private static int tiles(Sheet sheet, SheetLayout.Extent window) {
    return tiles(SheetDrawing.points(sheet.size().w()), window.w())
        * tiles(SheetDrawing.points(sheet.size().h()), window.h());
  }

  private static int tiles(float whole, float window) {
    return whole <= window + 0.01f
        ? 1
        : 1 + (int) Math.ceil((whole - window) / (window - OVERLAP) - 1e-4);
  }

  private void drawTiles(String title, Sheet sheet, PDRectangle paper, SheetLayout.Extent window)
      throws IOException {
    int across = tiles(SheetDrawing.points(sheet.size().w()), window.w());
    int down = tiles(SheetDrawing.points(sheet.size().h()), window.h());
    for (int row = 0; row < down; row++) {
      for (int column = 0; column < across; column++) {
        String words =
            " · tile "
                + (row * across + column + 1)
                + " of "
                + across * down
                + ", row "
                + (row + 1)
                + ", column "
                + (column + 1)
                + "; neighbours overlap by 1/4 in";
        float left = column * (window.w() - OVERLAP);
        float above = row * (window.h() - OVERLAP);
        SheetDrawing drawing =
            new SheetDrawing(
                sheet, normal, heavy, new FreeRoom.Rect(left, above, window.w(), window.h()));
        float top = paper.getHeight() - MARGIN;
        try (PDPageContentStream out = page(title, paper)) {
          out.saveGraphicsState();
          out.addRect(MARGIN - 1, top - window.h() - 1, window.w() + 2, window.h() + 2);
          out.clip();
          drawing.draw(out, MARGIN - left, top + above);
          out.restoreGraphicsState();
          Captioned captioned = captioned(sheet, drawing, window.w(), window.h(), words);
          write(out, captioned.caption(), MARGIN, top - window.h());
        }
      }
    }
  }

  /** A page with its ruler. */
  private PDPageContentStream page(String title, PDRectangle paper) throws IOException {
    PDPage page = new PDPage(paper);
    document.addPage(page);
    PDPageContentStream out = new PDPageContentStream(document, page);
    ControlRuler.draw(out, normal, title, MARGIN, MARGIN, paper.getWidth() - 2 * MARGIN);
    return out;
  }

  private void draw(PDPageContentStream out, Captioned captioned, float x, float top)
      throws IOException {
    captioned.drawing().draw(out, x, top);
    float high = captioned.extent().h() - captioned.caption().size() * LINE - SMALL;
    write(out, captioned.caption(), x, top - high);
  }

  /** Writes the lines that tell of a sheet, below it. */
  private void write(PDPageContentStream out, List<String> lines, float x, float top)
      throws IOException {
    for (int i = 0; i < lines.size(); i++) {
      (i == 0 ? heavy : normal).write(out, SMALL, INK, x, top - (i + 1) * LINE, lines.get(i));
    }
  }
}
