package drumnest.server.document;

import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.server.PlainText;
import java.awt.Color;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.jspecify.annotations.Nullable;

/** A list on pages of paper, a picture and three lines of text a line, with a box to tick. */
final class ListSheet implements AutoCloseable {

  private static final float MARGIN = 48;
  private static final float LINE_HEIGHT = 66;
  private static final float PICTURE = 54;
  private static final Color INK = new Color(0x10262c);
  private static final Color QUIET = new Color(0x5a6f75);
  private static final Color HAIRLINE = new Color(0xd5dedf);
  private static final Color SIGNAL = new Color(0xd8412b);

  /** The part of a picture that is printed. */
  record Window(PixelBox crop, Pixels picture) {}

  private final PDDocument document = new PDDocument();
  private final SpareFonts spare = new SpareFonts(document);
  private final Face normal;
  private final Face heavy;
  private final PDRectangle paper;
  private final String title;
  private final String subtitle;
  private final List<PDPage> pages = new ArrayList<>();
  private @Nullable PDPageContentStream page;
  private float y;
  private int lines;

  ListSheet(String title, String subtitle, PDRectangle paper) throws IOException {
    this.paper = paper;
    this.title = title;
    this.subtitle = subtitle;
    this.normal = spare.face("Archivo-Regular.ttf");
    this.heavy = spare.face("Archivo-Bold.ttf");
    document.getDocumentInformation().setTitle(title + ", " + subtitle);
    turnPage();
  }

  private PDPageContentStream turnPage() throws IOException {
    if (page != null) {
      page.close();
    }
    PDPage next = new PDPage(paper);
    document.addPage(next);
    pages.add(next);
    page = new PDPageContentStream(document, next);
    y = paper.getHeight() - MARGIN - 18;
    heavy.write(page, 18, INK, MARGIN, y, title);
    normal.write(page, 10, QUIET, MARGIN, y - 16, subtitle);
    normal.write(page, 9, QUIET, paper.getWidth() - MARGIN - 30, y, "page " + pages.size());
    y -= 34;
    return page;
  }

  private PDPageContentStream room(float height) throws IOException {
    return page == null || y - height < MARGIN ? turnPage() : page;
  }

  void paragraph(String words) throws IOException {
    float width = paper.getWidth() - 2 * MARGIN;
    StringBuilder row = new StringBuilder();
    for (String word : words.split(" ")) {
      if (normal.width(9, row + " " + word) > width) {
        paragraphRow(row.toString());
        row.setLength(0);
      }
      row.append(row.isEmpty() ? "" : " ").append(word);
    }
    paragraphRow(row.toString());
    y -= 4;
  }

  private void paragraphRow(String row) throws IOException {
    PDPageContentStream out = room(12);
    normal.write(out, 9, INK, MARGIN, y, row);
    y -= 12;
  }

  /** A line: its picture with what is printed of it framed, its measure, and two lines of words. */
  void line(Path picture, @Nullable Window window, String measure, String what, String source)
      throws IOException {
    PDPageContentStream out = room(LINE_HEIGHT);
    lines++;
    float top = y - 4;
    out.setStrokingColor(HAIRLINE);
    out.setLineWidth(0.5f);
    rule(out, y);
    out.setStrokingColor(INK);
    out.addRect(MARGIN, top - 12, 9, 9);
    out.stroke();
    draw(out, picture, window, MARGIN + 20, top);
    float left = MARGIN + 20 + PICTURE * 1.5f + 12;
    float width = paper.getWidth() - MARGIN - left;
    heavy.write(out, 15, INK, left, top - 16, measure);
    normal.write(out, 10, INK, left, top - 32, fitted(normal, 10, width, what));
    normal.write(out, 8, QUIET, left, top - 46, fitted(normal, 8, width, source));
    y -= LINE_HEIGHT;
  }

  void emptyIfNone(String words) throws IOException {
    if (lines == 0) {
      paragraph(words);
    }
  }

  private void rule(PDPageContentStream out, float at) throws IOException {
    out.moveTo(MARGIN, at);
    out.lineTo(paper.getWidth() - MARGIN, at);
    out.stroke();
  }

  private void draw(
      PDPageContentStream out, Path file, @Nullable Window window, float left, float top)
      throws IOException {
    PDImageXObject picture = PDImageXObject.createFromFileByContent(file.toFile(), document);
    float scale = Math.min(PICTURE * 1.5f / picture.getWidth(), PICTURE / picture.getHeight());
    float w = picture.getWidth() * scale;
    float h = picture.getHeight() * scale;
    out.drawImage(picture, left, top - h, w, h);
    if (window != null) {
      PixelBox crop = window.crop();
      float across = w / window.picture().w();
      float down = h / window.picture().h();
      out.setStrokingColor(SIGNAL);
      out.setLineWidth(0.8f);
      out.addRect(
          left + crop.x() * across,
          top - (crop.y() + crop.h()) * down,
          crop.w() * across,
          crop.h() * down);
      out.stroke();
    }
  }

  private static String fitted(Face face, float size, float width, String words)
      throws IOException {
    if (face.width(size, words) <= width) {
      return words;
    }
    String fits = words;
    while (fits.length() > 1 && face.width(size, fits + "…") > width) {
      fits = PlainText.beginning(fits, fits.length() - 1);
    }
    return fits + "…";
  }

  void save(OutputStream out) throws IOException {
    String missing = spare.missing();
    if (missing != null) {
      paragraph(missing);
    }
    if (page != null) {
      page.close();
      page = null;
    }
    document.save(out);
  }

  @Override
  public void close() throws IOException {
    if (page != null) {
      page.close();
    }
    document.close();
  }
}
