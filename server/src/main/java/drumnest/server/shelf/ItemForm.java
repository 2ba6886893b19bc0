package drumnest.server.shelf;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.LengthFormatException;
import drumnest.core.measure.Size;
import drumnest.core.measure.Units;
import drumnest.core.stock.CatalogueItem;
import drumnest.core.stock.LeafType;
import drumnest.core.stock.Pocket;
import drumnest.core.stock.PocketPattern;
import drumnest.server.FieldProblemException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * An entry of the catalogue as it is written: in a form on the page, in a file, in the database.
 * Lengths are text; each kind uses only the parts that it has.
 *
 * @param kind format, leaf, sleeve, card, print, sheet or material
 * @param w width
 * @param h height
 * @param thickness of a card or a material
 * @param hinge short, long or any, of a sleeve
 * @param perPack of a sleeve
 * @param strip the printed strip of a sheet; left out for none
 * @param directional whether a sheet may not be turned
 * @param shared whether both sides of a leaf share their pockets
 * @param keepFree what a punched page keeps free; left out for nothing
 * @param pockets the pockets of a leaf, seen from the front; left out for a plain page
 */
public record ItemForm(
    @Nullable String kind,
    @Nullable String name,
    @Nullable String w,
    @Nullable String h,
    @Nullable String thickness,
    @Nullable String hinge,
    @Nullable Integer perPack,
    @Nullable String strip,
    @Nullable Boolean directional,
    @Nullable Boolean shared,
    @Nullable String keepFree,
    @Nullable List<@Nullable PocketForm> pockets) {

  /** The kinds there are. */
  public static final List<String> KINDS =
      List.of("format", "leaf", "sleeve", "card", "print", "sheet", "material");

  private static final int MOST_POCKETS = 400;
  private static final Length LONGEST = Length.ofInches(100);

  /**
   * A pocket as it is written.
   *
   * @param printW the width of the print it takes; left out where that is its own
   * @param printH the height of the print it takes
   * @param ruled whether its box is its true opening
   */
  public record PocketForm(
      @Nullable String x,
      @Nullable String y,
      @Nullable String w,
      @Nullable String h,
      @Nullable String printW,
      @Nullable String printH,
      @Nullable Boolean ruled) {}

  /** An entry in its exact written form, in inches where no other unit stands behind it. */
  public static ItemForm of(CatalogueItem item) {
    return new Writer(Units.SIXTY_FOURTHS).write(item);
  }

  /** An entry in its exact written form, in the units of the house. */
  public static ItemForm inUse(CatalogueItem item) {
    return new Writer(UnitsInUse.current()).write(item);
  }

  private record Writer(Units units) {

    ItemForm write(CatalogueItem item) {
      if (item instanceof CatalogueItem.AlbumFormat format) {
        return sized("format", format.name(), format.size(), null, null, null, null, null);
      } else if (item instanceof CatalogueItem.SleeveType sleeve) {
        return sized(
            "sleeve",
            sleeve.name(),
            sleeve.insert(),
            null,
            sleeve.hinge().name().toLowerCase(Locale.ROOT),
            sleeve.perPack(),
            null,
            null);
      } else if (item instanceof CatalogueItem.CardType card) {
        return sized(
            "card", card.name(), card.size(), text(card.thickness()), null, null, null, null);
      } else if (item instanceof CatalogueItem.PrintSize print) {
        return sized("print", print.name(), print.size(), null, null, null, null, null);
      } else if (item instanceof CatalogueItem.SheetType sheet) {
        return sized(
            "sheet",
            sheet.name(),
            sheet.size(),
            null,
            null,
            null,
            text(sheet.strip()),
            sheet.directional());
      } else if (item instanceof CatalogueItem.Material material) {
        String thickness = text(material.thickness());
        return new ItemForm(
            "material",
            material.name(),
            null,
            null,
            thickness,
            null,
            null,
            null,
            null,
            null,
            null,
            null);
      }
      return leaf((LeafType) item);
    }

    private ItemForm sized(
        String kind,
        String name,
        Size size,
        @Nullable String thickness,
        @Nullable String hinge,
        @Nullable Integer perPack,
        @Nullable String strip,
        @Nullable Boolean directional) {
      return new ItemForm(
          kind,
          name,
          text(size.w()),
          text(size.h()),
          thickness,
          hinge,
          perPack,
          strip,
          directional,
          null,
          null,
          null);
    }

    private ItemForm leaf(LeafType type) {
      PocketPattern pattern = type.pattern();
      return new ItemForm(
          "leaf",
          type.name(),
          text(type.size().w()),
          text(type.size().h()),
          null,
          null,
          null,
          null,
          null,
          type.shared(),
          text(type.keepFree()),
          pattern == null ? null : pattern.pockets().stream().map(this::pocket).toList());
    }

    private String text(Length length) {
      return units.exact(length);
    }

    private PocketForm pocket(Pocket pocket) {
      Box box = pocket.box();
      boolean own = pocket.named().equals(box.size());
      return new PocketForm(
          text(box.x()),
          text(box.y()),
          text(box.w()),
          text(box.h()),
          own ? null : text(pocket.named().w()),
          own ? null : text(pocket.named().h()),
          pocket.ruled() ? true : null);
    }
  }

  /**
   * The entry that is written.
   *
   * @param path what the names of fields begin with, such as {@code entries[3].}
   * @param units what numbers without a unit are meant in
   * @throws FieldProblemException if a part is missing, not understood or out of range
   */
  public CatalogueItem read(String path, Units units) {
    Reader reader = new Reader(path, units);
    String itemName = reader.name(name);
    if (kind == null || !KINDS.contains(kind)) {
      throw new FieldProblemException(
          path + "kind", "A kind is one of " + String.join(", ", KINDS) + ".");
    }
    return switch (kind) {
      case "format" -> new CatalogueItem.AlbumFormat(itemName, reader.size(w, h));
      case "sleeve" -> sleeve(reader, itemName);
      case "card" ->
          new CatalogueItem.CardType(
              itemName, reader.size(w, h), reader.length("thickness", thickness, true));
      case "print" -> new CatalogueItem.PrintSize(itemName, reader.size(w, h));
      case "sheet" -> sheet(reader, itemName);
      case "material" ->
          new CatalogueItem.Material(itemName, reader.length("thickness", thickness, true));
      default -> leaf(reader, itemName);
    };
  }

  private CatalogueItem sleeve(Reader reader, String itemName) {
    Size insert = reader.size(w, h);
    CatalogueItem.HingeEdge edge =
        switch (hinge == null ? "" : hinge) {
          case "short" -> CatalogueItem.HingeEdge.SHORT;
          case "long" -> CatalogueItem.HingeEdge.LONG;
          case "any" -> CatalogueItem.HingeEdge.ANY;
          default ->
              throw new FieldProblemException(
                  reader.path + "hinge", "A hinge edge is short, long or any.");
        };
    if ((edge == CatalogueItem.HingeEdge.ANY) != insert.w().equals(insert.h())) {
      throw new FieldProblemException(
          reader.path + "hinge",
          "A square is hinged on any edge, an oblong on its short or its long one.");
    }
    if (perPack == null || perPack < 1 || perPack > 10_000) {
      throw new FieldProblemException(
          reader.path + "perPack", "A pack holds from 1 to 10 000 sleeves.");
    }
    return new CatalogueItem.SleeveType(itemName, insert, edge, perPack);
  }

  private CatalogueItem sheet(Reader reader, String itemName) {
    Size size = reader.size(w, h);
    Length band = reader.optional("strip", strip);
    if (!band.isLessThan(size.h())) {
      throw new FieldProblemException(
          reader.path + "strip", "The printed strip is lower than the sheet.");
    }
    return new CatalogueItem.SheetType(itemName, size, band, Boolean.TRUE.equals(directional));
  }

  private CatalogueItem leaf(Reader reader, String itemName) {
    Size size = reader.size(w, h);
    Length free = reader.optional("keepFree", keepFree);
    if (!free.isLessThan(size.w())) {
      throw new FieldProblemException(
          reader.path + "keepFree", "What is kept free is narrower than the page.");
    }
    PocketPattern pattern = null;
    if (pockets != null) {
      if (pockets.isEmpty() || pockets.size() > MOST_POCKETS) {
        throw new FieldProblemException(
            reader.path + "pockets", "A pattern has 1 to " + MOST_POCKETS + " pockets.");
      }
      List<Pocket> read = new ArrayList<>();
      for (int i = 0; i < pockets.size(); i++) {
        read.add(pocket(new Reader(reader.path + "pockets[" + i + "].", reader.units), i));
      }
      try {
        pattern = new PocketPattern(size, read);
      } catch (IllegalArgumentException e) {
        throw new FieldProblemException(reader.path + "pockets", e.getMessage());
      }
    }
    return new LeafType(
        itemName, size, pattern, pattern != null && !Boolean.FALSE.equals(shared), free);
  }

  private Pocket pocket(Reader reader, int index) {
    PocketForm form = pockets == null ? null : pockets.get(index);
    if (form == null) {
      throw new FieldProblemException(reader.path + "w", "A pocket has x, y, w and h.");
    }
    Box box =
        Box.of(
            reader.position("x", form.x()),
            reader.position("y", form.y()),
            reader.size(form.w(), form.h()));
    Size print =
        form.printW() == null && form.printH() == null
            ? box.size()
            : new Size(
                reader.length("printW", form.printW(), true),
                reader.length("printH", form.printH(), true));
    return new Pocket(box, print, Boolean.TRUE.equals(form.ruled()));
  }

  private record Reader(String path, Units units) {

    String name(@Nullable String text) {
      String name = text == null ? "" : text.strip();
      if (name.isEmpty() || name.length() > 120) {
        throw new FieldProblemException(path + "name", "A name has 1 to 120 letters.");
      }
      return name;
    }

    Size size(@Nullable String w, @Nullable String h) {
      return new Size(length("w", w, true), length("h", h, true));
    }

    Length position(String field, @Nullable String text) {
      return length(field, text, false);
    }

    Length optional(String field, @Nullable String text) {
      return text == null || text.isBlank() ? Length.ZERO : length(field, text, false);
    }

    Length length(String field, @Nullable String text, boolean aboveZero) {
      try {
        Length length = units.parse(text == null ? "" : text);
        if (length.isNegative() || (aboveZero && length.isZero()) || length.isMoreThan(LONGEST)) {
          throw new FieldProblemException(
              path + field,
              "A length here is " + (aboveZero ? "above 0" : "0 or more") + " and at most 100 in.");
        }
        return length;
      } catch (LengthFormatException e) {
        throw new FieldProblemException(
            path + field, e.getMessage() + " " + LengthFormatException.accepted());
      }
    }
  }
}
