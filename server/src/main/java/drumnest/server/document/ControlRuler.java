package drumnest.server.document;

import java.awt.Color;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** The foot of a sheet: a ruler by which the print is checked, and what the sheet is. */
final class ControlRuler {

  /** How high it is. */
  static final float HIGH = 66;

  /** The least room that it needs across. */
  static final float WIDE = 470;

  private static final float INCH = 72;
  private static final float MILLIMETRE = INCH / 25.4f;
  private static final int INCHES = 4;
  private static final int MILLIMETRES = 100;
  private static final float SMALL = 8;
  private static final Color INK = new Color(0x10262c);
  private static final Color QUIET = new Color(0x5a6f75);

  private ControlRuler() {}

  /**
   * @param x where it begins
   * @param below its lower edge
   * @param wide the room that it has
   */
  static void draw(
      PDPageContentStream out, Face face, String words, float x, float below, float wide)
      throws IOException {
    out.setLineDashPattern(new float[0], 0);
    out.setStrokingColor(INK);
    out.setLineWidth(0.6f);
    float inches = below + 42;
    line(out, x, inches, x + INCHES * INCH, inches);
    for (int i = 0; i <= INCHES * 16; i++) {
      float at = x + i * INCH / 16;
      line(out, at, inches, at, inches + (i % 16 == 0 ? 12 : i % 4 == 0 ? 8 : 5));
    }
    float metric = below + 36;
    line(out, x, metric, x + MILLIMETRES * MILLIMETRE, metric);
    for (int i = 0; i <= MILLIMETRES; i++) {
      float at = x + i * MILLIMETRE;
      line(out, at, metric, at, metric - (i % 10 == 0 ? 10 : i % 5 == 0 ? 7 : 4));
    }
    float beside = x + INCHES * INCH + 12;
    face.write(out, SMALL, QUIET, beside, inches + 2, "Print at 100 %. Check by a ruler:");
    face.write(
        out, SMALL, QUIET, beside, inches - 9, INCHES + " in above, " + MILLIMETRES + " mm below.");
    List<String> lines = face.broken(SMALL, words, wide);
    for (int i = 0; i < Math.min(2, lines.size()); i++) {
      face.write(out, SMALL, INK, x, below + 14 - i * 10, lines.get(i));
    }
  }

  private static void line(PDPageContentStream out, float x, float y, float toX, float toY)
      throws IOException {
    out.moveTo(x, y);
    out.lineTo(toX, toY);
    out.stroke();
  }
}
