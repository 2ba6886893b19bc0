package drumnest.server.document;

import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;

/** A page of a PDF as it was drawn: its straight lines and its letters, in points. */
final class DrawnPage extends PDFGraphicsStreamEngine {

  /** A straight line. */
  record Line(double x, double y, double toX, double toY) {
    double length() {
      return Math.hypot(toX - x, toY - y);
    }
  }

  /** A letter with the rectangle that it fills. */
  record Letter(String letter, Rectangle2D box) {}

  private final List<Line> lines = new ArrayList<>();
  private Point2D current = new Point2D.Double();

  private DrawnPage(PDPage page) throws IOException {
    super(page);
    processPage(page);
  }

  static List<Line> lines(PDPage page) throws IOException {
    return new DrawnPage(page).lines;
  }

  static List<Letter> letters(PDDocument document, int page) throws IOException {
    List<Letter> letters = new ArrayList<>();
    PDFTextStripper stripper =
        new PDFTextStripper() {
          @Override
          protected void processTextPosition(TextPosition text) {
            double high = text.getHeightDir();
            letters.add(
                new Letter(
                    text.getUnicode(),
                    new Rectangle2D.Double(
                        text.getXDirAdj(), text.getYDirAdj() - high, text.getWidthDirAdj(), high)));
          }
        };
    stripper.setStartPage(page + 1);
    stripper.setEndPage(page + 1);
    stripper.getText(document);
    return letters.stream().filter(letter -> !letter.letter().isBlank()).toList();
  }

  @Override
  public void appendRectangle(Point2D a, Point2D b, Point2D c, Point2D d) {
    Point2D[] corners = {a, b, c, d};
    for (int i = 0; i < corners.length; i++) {
      Point2D next = corners[(i + 1) % corners.length];
      lines.add(new Line(corners[i].getX(), corners[i].getY(), next.getX(), next.getY()));
    }
    current = a;
  }

  @Override
  public void drawImage(PDImage image) {}

  @Override
  public void clip(int windingRule) {}

  @Override
  public void moveTo(float x, float y) {
    current = new Point2D.Double(x, y);
  }

  @Override
  public void lineTo(float x, float y) {
    lines.add(new Line(current.getX(), current.getY(), x, y));
    current = new Point2D.Double(x, y);
  }

  @Override
  public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
    current = new Point2D.Double(x3, y3);
  }

  @Override
  public Point2D getCurrentPoint() {
    return current;
  }

  @Override
  public void closePath() {}

  @Override
  public void endPath() {}

  @Override
  public void strokePath() {}

  @Override
  public void fillPath(int windingRule) {}

  @Override
  public void fillAndStrokePath(int windingRule) {}

  @Override
  public void shadingFill(COSName name) {}
}
