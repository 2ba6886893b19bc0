package drumnest.core.stock;

import static java.util.Collections.nCopies;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * The catalogue as it is before the maker changes it, by key. The sizes of A4 and A5 are those of
 * ISO 216, that of a bank card is ID-1 of ISO/IEC 7810; pocket patterns, sleeves, cards and prints
 * are common practice, no source; thicknesses are from memory.
 */
public final class Catalogue {

  /** Six 6 × 4, two across and three down. */
  public static final String SIX_WIDE = "12x12-six-6x4";

  /** One 6 × 4 at the top left with ten 3 × 4 around it. */
  public static final String ONE_WIDE_TEN_SMALL = "12x12-one-6x4-ten-3x4";

  /** An entry as the catalogue begins with it. */
  public record Entry(Provenance provenance, CatalogueItem item) {}

  private static final Map<String, Entry> BEGINNING = new LinkedHashMap<>();

  static {
    formats();
    protectors();
    pages();
    sleeves();
    cardsPrintsAndSheets();
    materials();
  }

  private Catalogue() {}

  /** All entries it begins with, by key, in the order they are shown in. */
  public static Map<String, Entry> beginning() {
    return Collections.unmodifiableMap(BEGINNING);
  }

  private static void add(String key, Provenance provenance, CatalogueItem item) {
    if (BEGINNING.put(key, new Entry(provenance, item)) != null) {
      throw new IllegalStateException("Two entries have the key " + key + ".");
    }
  }

  private static void formats() {
    for (String size :
        List.of(
            "12 x 12", "8 1/2 x 11", "10 x 12", "8 x 8", "6 x 12", "6 x 8", "6 x 6", "4 x 12")) {
      format(size, Provenance.COMMON_PRACTICE, inches(size));
    }
    format("5 x 8 3/8", Provenance.COMMON_PRACTICE, inches("5 x 8 3/8"));
    format("4 1/4 x 8 1/4", Provenance.FROM_MEMORY, inches("4 1/4 x 8 1/4"));
    format("A4", Provenance.PUBLISHED, millimetres(210, 297));
    format("A5", Provenance.PUBLISHED, millimetres(148, 210));
  }

  private static void format(String name, Provenance provenance, Size size) {
    add("format-" + key(name), provenance, new CatalogueItem.AlbumFormat(shown(name), size));
  }

  private static void protectors() {
    Size twelve = Size.ofInches(12, 12);
    grid(twelve, "six", 2, 3, Size.ofInches(6, 4));
    grid(twelve, "six", 3, 2, Size.ofInches(4, 6));
    grid(twelve, "twelve", 4, 3, Size.ofInches(3, 4));
    grid(twelve, "nine", 3, 3, Size.ofInches(4, 4));
    grid(twelve, "sixteen", 4, 4, Size.ofInches(3, 3));
    grid(twelve, "thirty-six", 6, 6, Size.ofInches(2, 2));
    Size wide = Size.ofInches(6, 4);
    Size small = Size.ofInches(3, 4);
    rows(
        ONE_WIDE_TEN_SMALL,
        "12 × 12, one 6 × 4 and ten 3 × 4",
        twelve,
        List.of(List.of(wide, small, small), nCopies(4, small), nCopies(4, small)));
    rows(
        "12x12-four-6x4-four-3x4",
        "12 × 12, four 6 × 4 and four 3 × 4",
        twelve,
        List.of(List.of(wide, wide), nCopies(4, small), List.of(wide, wide)));
    Size tall = Size.ofInches(4, 6);
    List<Box> columns = new ArrayList<>();
    for (int i = 0; i < 3; i++) {
      columns.add(Box.of(Length.ZERO, Length.ofInches(4L * i), wide));
    }
    for (int i = 0; i < 2; i++) {
      columns.add(Box.of(Length.ofInches(6), Length.ofInches(6L * i), tall));
    }
    protector(
        "10x12-three-6x4-two-4x6",
        "10 × 12, three 6 × 4 and two 4 × 6",
        PocketPattern.ofBoxes(Size.ofInches(10, 12), columns));
    grid(Size.ofInches(6, 12), "three", 1, 3, Size.ofInches(6, 4));
    grid(Size.ofInches(6, 12), "six", 2, 3, Size.ofInches(3, 4));
    grid(Size.ofInches(4, 12), "three", 1, 3, Size.ofInches(4, 4));
    grid(Size.ofInches(4, 12), "four", 1, 4, Size.ofInches(4, 3));
    grid(Size.ofInches(4, 12), "two", 1, 2, Size.ofInches(4, 6));
    grid(Size.ofInches(6, 8), "four", 2, 2, Size.ofInches(3, 4));
    grid(Size.ofInches(6, 8), "twelve", 3, 4, Size.ofInches(2, 2));
  }

  private static void grid(Size page, String count, int columns, int rows, Size pocket) {
    rows(
        key(page) + "-" + count + "-" + key(pocket),
        page + ", " + count + " " + pocket,
        page,
        nCopies(rows, nCopies(columns, pocket)));
  }

  private static void rows(String key, String name, Size page, List<List<Size>> rows) {
    protector(key, name, PocketPattern.ofRows(page, rows));
  }

  private static void protector(String key, String name, PocketPattern pattern) {
    add(key, Provenance.COMMON_PRACTICE, LeafType.pocketed(name, pattern));
  }

  private static void pages() {
    for (String size :
        List.of("12 x 12", "8 1/2 x 11", "10 x 12", "8 x 8", "6 x 12", "6 x 8", "6 x 6")) {
      plain(size, Provenance.COMMON_PRACTICE, inches(size));
    }
    plain("A4", Provenance.PUBLISHED, millimetres(210, 297));
    plain("A5", Provenance.PUBLISHED, millimetres(148, 210));
    Length holes = Length.ofInches(0, 3, 4);
    add(
        "card-page-5x8.3-8",
        Provenance.COMMON_PRACTICE,
        new LeafType("Card page, 5 × 8 3/8, punched", inches("5 x 8 3/8"), null, false, holes));
    add(
        "insert-4.1-4x8.1-4",
        Provenance.FROM_MEMORY,
        new LeafType(
            "Notebook insert, 4 1/4 × 8 1/4",
            inches("4 1/4 x 8 1/4"),
            null,
            false,
            Length.ZERO,
            LeafType.Binding.FOLD));
  }

  private static void plain(String size, Provenance provenance, Size page) {
    add("plain-" + key(size), provenance, LeafType.plain("Plain page, " + shown(size), page));
  }

  private static void sleeves() {
    for (int side : new int[] {2, 3, 4}) {
      sleeve(Size.ofInches(side, side), CatalogueItem.HingeEdge.ANY);
    }
    for (String size : List.of("3 x 4", "4 x 6", "5 x 7", "8 x 12", "6 x 12")) {
      sleeve(inches(size), CatalogueItem.HingeEdge.SHORT);
      sleeve(inches(size), CatalogueItem.HingeEdge.LONG);
    }
  }

  private static void sleeve(Size insert, CatalogueItem.HingeEdge hinge) {
    String on =
        hinge == CatalogueItem.HingeEdge.ANY
            ? ""
            : hinge == CatalogueItem.HingeEdge.SHORT ? ", short edge" : ", long edge";
    String ending = on.isEmpty() ? "" : hinge == CatalogueItem.HingeEdge.SHORT ? "-short" : "-long";
    add(
        "sleeve-" + key(insert) + ending,
        Provenance.COMMON_PRACTICE,
        new CatalogueItem.SleeveType("Sleeve " + insert + on, insert, hinge, 6));
  }

  private static void cardsPrintsAndSheets() {
    Length card = thousandths(12);
    for (String size : List.of("3 x 4", "4 x 6", "6 x 4", "2 x 2")) {
      add(
          "card-" + key(size),
          Provenance.COMMON_PRACTICE,
          new CatalogueItem.CardType("Card " + shown(size), inches(size), card));
    }
    add(
        "card-bank",
        Provenance.PUBLISHED,
        new CatalogueItem.CardType(
            "Bank or gift card",
            new Size(millimetres("85.60"), millimetres("53.98")),
            millimetres("0.76")));
    for (String size :
        List.of("2 x 2", "2 1/2 x 3 1/2", "3 x 3", "3 x 4", "4 x 4", "4 x 6", "5 x 7", "8 x 10")) {
      add(
          "print-" + key(size),
          Provenance.COMMON_PRACTICE,
          new CatalogueItem.PrintSize(shown(size), inches(size)));
    }
    for (String size : List.of("12 x 12", "8 1/2 x 11", "6 x 6")) {
      add("sheet-" + key(size), Provenance.COMMON_PRACTICE, sheet(shown(size), inches(size)));
    }
    add("sheet-a4", Provenance.PUBLISHED, sheet("A4", millimetres(210, 297)));
  }

  private static CatalogueItem sheet(String name, Size size) {
    return new CatalogueItem.SheetType(name, size, Length.ZERO, false);
  }

  private static void materials() {
    material("protector-ply", "Protector ply", 4);
    material("pocket-card", "Pocket card", 12);
    material("cardstock-65", "Cardstock 65 lb", 10);
    material("cardstock-80", "Cardstock 80 lb", 11);
    material("cardstock-100", "Cardstock 100 lb", 14);
    material("patterned-paper", "Patterned paper", 7);
    material("photo-print", "Photo print", 9);
    material("chipboard", "Thin chipboard", 30);
    material("foam-square", "Foam square", 60);
    material("wood-shape", "Wood shape", 40);
    material("button-badge", "Button badge", 180);
    material("enamel-dot", "Enamel dot", 60);
  }

  private static void material(String key, String name, int thousandths) {
    add(
        "material-" + key,
        Provenance.FROM_MEMORY,
        new CatalogueItem.Material(name, thousandths(thousandths)));
  }

  private static Length thousandths(int count) {
    return Length.ofInches(0, count, 1000);
  }

  private static Length millimetres(String text) {
    return Length.parse(text + " mm");
  }

  private static Size millimetres(int w, int h) {
    return new Size(Length.ofMillimetres(w), Length.ofMillimetres(h));
  }

  private static Size inches(String text) {
    String[] parts = text.split(" x ");
    return new Size(Length.parse(parts[0]), Length.parse(parts[1]));
  }

  private static String shown(String size) {
    return size.replace(" x ", " × ");
  }

  private static String key(String size) {
    return size.replace(" x ", "x").replace(" ", ".").replace("/", "-").toLowerCase(Locale.ROOT);
  }

  private static String key(Size size) {
    return key(size.w() + " x " + size.h());
  }
}
