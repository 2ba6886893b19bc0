package drumnest.server.document;

import java.awt.Color;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;

/**
 * Letters of one weight in a PDF. What the face itself does not have is taken from the {@link
 * SpareFonts} of the document.
 */
final class Face {

  /** Letters in a row that one font has. */
  private record Run(PDFont font, StringBuilder letters) {}

  private final PDFont font;
  private final SpareFonts spare;

  Face(PDFont font, SpareFonts spare) {
    this.font = font;
    this.spare = spare;
  }

  void write(PDPageContentStream out, float size, Color color, float x, float y, String words)
      throws IOException {
    out.beginText();
    out.setNonStrokingColor(color);
    out.newLineAtOffset(x, y);
    for (Run run : runs(words)) {
      out.setFont(run.font(), size);
      out.showText(run.letters().toString());
    }
    out.endText();
  }

  float width(float size, String words) throws IOException {
    float width = 0;
    for (Run run : runs(words)) {
      width += run.font().getStringWidth(run.letters().toString());
    }
    return width / 1000 * size;
  }

  /** A line broken between words where it is wider than the room it has. */
  List<String> broken(float size, String line, float wide) throws IOException {
    List<String> parts = new ArrayList<>();
    String part = "";
    for (String word : line.split(" ")) {
      String longer = part.isEmpty() ? word : part + " " + word;
      if (!part.isEmpty() && width(size, longer) > wide) {
        parts.add(part);
        part = word;
      } else {
        part = longer;
      }
    }
    parts.add(part);
    return parts;
  }

  private List<Run> runs(String words) throws IOException {
    List<Run> runs = new ArrayList<>();
    for (int letter : words.codePoints().toArray()) {
      PDFont has = SpareFonts.has(font, letter) ? font : spare.withLetter(letter);
      Run last = runs.isEmpty() ? null : runs.get(runs.size() - 1);
      if (has == null) {
        // One that joins or colours the sign before it is no sign of its own.
        if (SpareFonts.isSign(letter)) {
          append(runs, last, font, '?');
        }
      } else {
        append(runs, last, has, letter);
      }
    }
    return runs;
  }

  private static void append(List<Run> runs, Run last, PDFont font, int letter) {
    Run run = last;
    if (run == null || run.font() != font) {
      run = new Run(font, new StringBuilder());
      runs.add(run);
    }
    run.letters().appendCodePoint(letter);
  }
}
