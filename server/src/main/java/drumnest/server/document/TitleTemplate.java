package drumnest.server.document;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.words.PrinterOffset;
import drumnest.server.type.ShippedFont;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;

/**
 * A strip of scrap paper, true to size, on which the letters of a title are lined up before they
 * are stuck: a line for their feet, and for each the box it takes, with where it begins. One that
 * is longer than the paper goes on in rows to be put end to end.
 */
public final class TitleTemplate {

  /**
   * A letter.
   *
   * @param start where it begins along the strip
   * @param extent how long it is along it
   * @param mark where it begins, in words
   */
  public record Letter(String text, Length start, Length extent, String mark) {}

  private static final Length MARGIN = Length.ofInches(0, 1, 2);
  private static final Length BELOW = Length.ofInches(0, 3, 8);

  private TitleTemplate() {}

  /**
   * @param across how high the letters are, or stacked, how wide
   */
  public static byte[] of(
      String title,
      String said,
      List<Letter> letters,
      Length across,
      Size paper,
      PrinterOffset printer)
      throws IOException {
    try (PDDocument document = new PDDocument()) {
      document.getDocumentInformation().setTitle(title);
      SpareFonts spare = new SpareFonts(document);
      Face face = spare.face(ShippedFont.PLAIN.file());
      Length room = paper.w().minus(MARGIN.times(2));
      Length row = across.plus(BELOW).plus(MARGIN);
      Length end =
          letters.stream()
              .map(letter -> letter.start().plus(letter.extent()))
              .reduce(Length.ZERO, Length::max);
      TrueSheet out = new TrueSheet(document, paper, printer, false);
      out.write(face, 14, TrueSheet.INK, MARGIN, MARGIN.plus(MARGIN.times(1, 2)), title);
      out.write(face, 9, TrueSheet.QUIET, MARGIN, MARGIN.plus(MARGIN), said);
      Length top = MARGIN.times(3);
      for (Length from = Length.ZERO; from.isLessThan(end); from = from.plus(room)) {
        if (top.plus(row).isMoreThan(paper.h().minus(MARGIN))) {
          out.close();
          out = new TrueSheet(document, paper, printer, false);
          top = MARGIN;
        }
        strip(out, face, letters, across, from, room, top);
        top = top.plus(row);
      }
      out.ruler(face, MARGIN, paper.h().minus(Length.ofInches(0, 1, 4)));
      out.close();
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    }
  }

  private static void strip(
      TrueSheet out,
      Face face,
      List<Letter> letters,
      Length across,
      Length from,
      Length room,
      Length top)
      throws IOException {
    Length feet = top.plus(across);
    out.line(TrueSheet.INK, 0.5, MARGIN, feet, MARGIN.plus(room), feet);
    for (Letter letter : letters) {
      Length start = letter.start().minus(from);
      Length stop = start.plus(letter.extent());
      if (letter.text().isBlank() || !stop.isPositive() || !start.isLessThan(room)) {
        continue;
      }
      Length left = MARGIN.plus(start.max(Length.ZERO));
      Length right = MARGIN.plus(stop.min(room));
      out.frame(TrueSheet.HAIRLINE, 0.4, left, top, new Size(right.minus(left), across));
      if (!start.isNegative()) {
        Length down = feet.plus(Length.ofInches(0, 1, 8));
        out.line(TrueSheet.INK, 0.5, left, feet, left, down);
        out.write(face, 7, TrueSheet.INK, left, feet.plus(Length.ofInches(0, 1, 4)), letter.mark());
        out.write(
            face,
            11,
            TrueSheet.QUIET,
            left.plus(Length.ofInches(0, 1, 16)),
            top.plus(Length.ofInches(0, 3, 16)),
            letter.text());
      }
    }
  }
}
