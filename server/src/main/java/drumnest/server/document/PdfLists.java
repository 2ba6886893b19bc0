package drumnest.server.document;

import drumnest.core.measure.Size;
import drumnest.server.intake.ImageRenderer;
import drumnest.server.stock.UnitsInUse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.springframework.stereotype.Component;

/** The lists as PDF, with a picture a line. */
@Component
public class PdfLists {

  private final ImageRenderer renderer;

  PdfLists(ImageRenderer renderer) {
    this.renderer = renderer;
  }

  /**
   * @param left what is in a pocket but not on the list, and why
   * @param paper the sheets it is printed on
   */
  public byte[] prints(String album, List<PrintRow> lines, List<String> left, PDRectangle paper)
      throws IOException {
    int copies = lines.stream().mapToInt(PrintRow::count).sum();
    try (ListSheet sheet =
        new ListSheet(
            "Prints to order",
            album + " · " + copies + (copies == 1 ? " print" : " prints"),
            paper)) {
      for (String each : left) {
        sheet.paragraph("Not on this list: " + each);
      }
      for (PrintRow line : lines) {
        sheet.line(
            renderer.forShowing(line.photo(), line.secret()),
            new ListSheet.Window(line.crop(), line.pixels()),
            size(line.size()),
            line.count() + " × · turn: " + line.turn() + " · " + String.join("; ", line.places()),
            line.name()
                + " · crop x "
                + line.crop().x()
                + ", y "
                + line.crop().y()
                + ", "
                + line.crop().w()
                + " × "
                + line.crop().h()
                + " px");
      }
      sheet.emptyIfNone("Nothing to order: no photo is in a pocket yet.");
      return bytes(sheet);
    }
  }

  public byte[] trims(String album, List<TrimRow> lines, List<String> cautions, PDRectangle paper)
      throws IOException {
    try (ListSheet sheet =
        new ListSheet(
            "Pieces to trim",
            album + " · " + lines.size() + (lines.size() == 1 ? " piece" : " pieces"),
            paper)) {
      for (String caution : cautions) {
        sheet.paragraph(caution);
      }
      for (TrimRow line : lines) {
        sheet.line(
            renderer.forShowing(line.photo(), line.secret()),
            null,
            size(line.to()),
            "from " + size(line.from()) + " · " + String.join(", ", line.off()),
            line.name() + " · " + line.place() + (line.onTable() ? " · print on the table" : ""));
      }
      sheet.emptyIfNone("Nothing to trim: every print goes in as it is.");
      return bytes(sheet);
    }
  }

  private static String size(Size size) {
    String text = UnitsInUse.text(size);
    return UnitsInUse.current().isMetric() ? text : text + " in";
  }

  private static byte[] bytes(ListSheet sheet) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    sheet.save(out);
    return out.toByteArray();
  }
}
