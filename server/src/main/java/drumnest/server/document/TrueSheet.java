package drumnest.server.document;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.words.PrinterOffset;
import java.awt.Color;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.util.Matrix;

/**
 * A page on which everything comes out where it belongs, true to size: lengths are told from the
 * top left of the paper, to the right and down, and what the printer does to them is taken back.
 */
final class TrueSheet implements AutoCloseable {

  static final Color INK = new Color(0x10262c);
  static final Color QUIET = new Color(0x5a6f75);
  static final Color HAIRLINE = new Color(0x8fa3a8);

  private static final double POINTS_PER_INCH = 72;

  /** How wide a control ruler is. */
  private static final Length RULER = Length.ofMillimetres(100);

  private final PDPageContentStream out;
  private final double height;

  /**
   * @param mirrored whether it is printed as in a mirror, for film that is read through
   */
  TrueSheet(PDDocument document, Size paper, PrinterOffset printer, boolean mirrored)
      throws IOException {
    this.height = points(paper.h());
    PDPage page = new PDPage(new PDRectangle((float) points(paper.w()), (float) height));
    document.addPage(page);
    this.out = new PDPageContentStream(document, page);
    float scale = printer.scale().floatValue();
    double across = points(printer.sentAcross(Length.ZERO));
    double down = points(printer.sentDown(Length.ZERO));
    out.transform(
        new Matrix(scale, 0, 0, scale, (float) across, (float) (height - down - scale * height)));
    if (mirrored) {
      out.transform(new Matrix(-1, 0, 0, 1, (float) points(paper.w()), 0));
    }
  }

  static double points(Length length) {
    return (double) length.toNanometres() / Length.NANOMETRES_PER_INCH * POINTS_PER_INCH;
  }

  private float x(Length x) {
    return (float) points(x);
  }

  private float y(Length y) {
    return (float) (height - points(y));
  }

  /** Writes words that stand on a line. */
  void write(Face face, double size, Color color, Length x, Length baseline, String words)
      throws IOException {
    if (!words.isEmpty()) {
      face.write(out, (float) size, color, x(x), y(baseline), words);
    }
  }

  void line(Color color, double width, Length x1, Length y1, Length x2, Length y2)
      throws IOException {
    out.setStrokingColor(color);
    out.setLineWidth((float) width);
    out.moveTo(x(x1), y(y1));
    out.lineTo(x(x2), y(y2));
    out.stroke();
  }

  void dashes(Color color, double width, Length x1, Length y1, Length x2, Length y2)
      throws IOException {
    out.setLineDashPattern(new float[] {2, 1.5f}, 0);
    line(color, width, x1, y1, x2, y2);
    out.setLineDashPattern(new float[0], 0);
  }

  /**
   * A picture in a box.
   *
   * @param onItsHead whether it is turned by half, as it is seen from the other side
   */
  void picture(PDDocument document, FacePicture picture, Box box, boolean onItsHead)
      throws IOException {
    float w = (float) points(box.w());
    float h = (float) points(box.h());
    out.saveGraphicsState();
    if (onItsHead) {
      out.transform(new Matrix(-1, 0, 0, -1, 2 * x(box.x()) + w, 2 * y(box.bottom()) + h));
    }
    picture.paint(document, out, x(box.x()), y(box.bottom()), w, h);
    out.restoreGraphicsState();
  }

  void frame(Color color, double width, Length left, Length top, Size size) throws IOException {
    out.setStrokingColor(color);
    out.setLineWidth((float) width);
    out.addRect(x(left), y(top.plus(size.h())), x(size.w()), (float) points(size.h()));
    out.stroke();
  }

  /** A ruler of 100 mm, by which a print is checked. */
  void ruler(Face face, Length left, Length at) throws IOException {
    line(INK, 0.5, left, at, left.plus(RULER), at);
    for (int i = 0; i <= 10; i++) {
      Length tick = left.plus(Length.ofMillimetres(10L * i));
      line(INK, 0.5, tick, at, tick, at.minus(Length.ofMillimetres(i % 5 == 0 ? 3 : 2)));
    }
    write(
        face,
        7,
        QUIET,
        left.plus(RULER).plus(Length.ofMillimetres(3)),
        at,
        "100 mm: measure it; print at 100 %, without fitting to the page");
  }

  @Override
  public void close() throws IOException {
    out.close();
  }
}
