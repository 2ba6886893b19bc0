package drumnest.server.document;

import drumnest.core.measure.Size;
import drumnest.core.measure.Units;
import drumnest.server.stock.UnitsInUse;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * The lists as CSV (source: RFC 4180), UTF-8. Measures carry their unit, so that no spreadsheet
 * takes a fraction for a date, and no text begins like a formula.
 */
public final class CsvLists {

  /**
   * The signs that a formula begins with, in letters of full width too (source: OWASP, CSV
   * Injection).
   */
  private static final String BEGINS_FORMULA = "=+-@＝＋－＠";

  /** Signs at which a list that is read carelessly may be split. */
  private static final String SPLITS = ";,\t\r\n|";

  private CsvLists() {}

  public static String words(List<WordsRow> lines) {
    return write(
        List.of("chapter", "kind", "heading", "date", "text", "size", "place", "lines"),
        lines.stream()
            .map(
                line ->
                    List.<Object>of(
                        plain(line.chapter()),
                        line.kind(),
                        plain(line.heading()),
                        plain(line.date()),
                        plain(line.text()),
                        size(line.size()),
                        plain(line.place()),
                        plain(line.lines())))
            .toList());
  }

  public static String prints(List<PrintRow> lines) {
    return write(
        List.of(
            "line",
            "file",
            "size",
            "turn",
            "count",
            "crop x",
            "crop y",
            "crop w",
            "crop h",
            "picture w",
            "picture h",
            "for"),
        lines.stream()
            .map(
                line ->
                    List.<Object>of(
                        line.line(),
                        plain(line.name()),
                        size(line.size()),
                        line.turn(),
                        line.count(),
                        line.crop().x(),
                        line.crop().y(),
                        line.crop().w(),
                        line.crop().h(),
                        line.pixels().w(),
                        line.pixels().h(),
                        String.join("; ", line.places())))
            .toList());
  }

  public static String trims(List<TrimRow> lines) {
    return write(
        List.of("line", "file", "from", "to", "take off", "for", "print"),
        lines.stream()
            .map(
                line ->
                    List.<Object>of(
                        line.line(),
                        plain(line.name()),
                        size(line.from()),
                        size(line.to()),
                        String.join("; ", line.off().stream().map(CsvLists::withUnit).toList()),
                        line.place(),
                        line.onTable() ? "on the table" : "to order"))
            .toList());
  }

  public static String chosen(List<ChosenRow> lines) {
    return write(
        List.of(
            "line",
            "chapter",
            "file",
            "choice",
            "hero",
            "private",
            "behind a flap",
            "meant for",
            "taken",
            "picture w",
            "picture h",
            "print on the table",
            "stars",
            "caption",
            "place"),
        lines.stream()
            .map(
                line ->
                    List.<Object>of(
                        line.number(),
                        plain(line.chapter()),
                        line.told() ? plain(line.name()) : "",
                        line.choosing().choice().name().toLowerCase(Locale.ROOT),
                        yes(line.choosing().hero()),
                        yes(line.choosing().secret()),
                        yes(line.choosing().flap()),
                        line.choosing().showing().name().toLowerCase(Locale.ROOT),
                        line.takenAt(),
                        line.pixels().w(),
                        line.pixels().h(),
                        line.onTable() == null ? "" : size(line.onTable()),
                        line.stars() == null ? "" : line.stars(),
                        line.told() ? plain(line.choosing().caption()) : "",
                        line.place()))
            .toList());
  }

  private static String yes(boolean flag) {
    return flag ? "yes" : "";
  }

  private static String withUnit(String off) {
    return UnitsInUse.current().isMetric() ? off : off.replace(" off the", " in off the");
  }

  private static String size(Size size) {
    Units units = UnitsInUse.current();
    String text = units.text(size.w()) + " x " + units.text(size.h());
    return units.isMetric() ? text : text + " in";
  }

  /**
   * Makes a text that a spreadsheet does not take for a formula: neither the whole nor a part of
   * it, where the list is split at semicolons or tabs, and quotes and blanks are left out (source:
   * OWASP, CSV Injection). Each sign is looked at once.
   */
  static String plain(String text) {
    StringBuilder plain = new StringBuilder(text.length() + 8);
    boolean begins = true;
    for (int i = 0; i < text.length(); i++) {
      char sign = text.charAt(i);
      boolean blank = Character.isWhitespace(sign);
      if (begins && BEGINS_FORMULA.indexOf(sign) >= 0 || i == 0 && "\t\r\n".indexOf(sign) >= 0) {
        plain.append('\'');
      }
      plain.append(sign);
      begins = SPLITS.indexOf(sign) >= 0 || begins && (blank || sign == '"');
    }
    return plain.toString();
  }

  private static String write(List<String> head, List<List<Object>> rows) {
    StringWriter text = new StringWriter();
    try (CSVPrinter csv =
        CSVFormat.RFC4180.builder().setHeader(head.toArray(String[]::new)).get().print(text)) {
      for (List<Object> row : rows) {
        csv.printRecord(row);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString();
  }
}
