package drumnest.server.document;

import java.awt.Color;
import java.io.IOException;
import java.io.InputStream;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** Our letters in a PDF. */
final class PdfText {

  private PdfText() {}

  static PDFont font(PDDocument document, String file) throws IOException {
    try (InputStream in = PdfText.class.getResourceAsStream("/fonts/" + file)) {
      if (in == null) {
        throw new IOException("The font " + file + " is missing.");
      }
      // Without ligatures, whose letters could not be found or copied in the finished file.
      TrueTypeFont letters = new TTFParser().parse(new RandomAccessReadBuffer(in));
      letters.setEnableGsub(false);
      return PDType0Font.load(document, letters, true);
    }
  }

  static void write(
      PDPageContentStream out, PDFont font, float size, Color color, float x, float y, String words)
      throws IOException {
    out.beginText();
    out.setFont(font, size);
    out.setNonStrokingColor(color);
    out.newLineAtOffset(x, y);
    out.showText(printable(font, words));
    out.endText();
  }

  static float width(PDFont font, float size, String words) throws IOException {
    return font.getStringWidth(printable(font, words)) / 1000 * size;
  }

  /** The words with a question mark for every letter that the font does not have. */
  static String printable(PDFont font, String words) {
    StringBuilder printable = new StringBuilder();
    words
        .codePoints()
        .forEach(
            letter -> {
              String one = Character.toString(letter);
              try {
                font.encode(one);
                printable.append(one);
              } catch (IOException | IllegalArgumentException notInFont) {
                printable.append('?');
              }
            });
    return printable.toString();
  }
}
