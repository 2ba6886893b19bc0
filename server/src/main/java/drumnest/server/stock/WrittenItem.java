package drumnest.server.stock;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.measure.Units;
import drumnest.core.stock.CatalogueItem;
import drumnest.core.stock.LeafType;
import drumnest.core.stock.LetterSet;
import drumnest.core.stock.Pocket;
import drumnest.core.stock.PocketPattern;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * An entry of the catalogue as it is written, in a form, in the file and in the database; lengths
 * are text. What is left out is null, so that what is missing is told of with its name.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = WrittenItem.FormatItem.class, name = "format"),
  @JsonSubTypes.Type(value = WrittenItem.LeafItem.class, name = "leaf"),
  @JsonSubTypes.Type(value = WrittenItem.SleeveItem.class, name = "sleeve"),
  @JsonSubTypes.Type(value = WrittenItem.CardItem.class, name = "card"),
  @JsonSubTypes.Type(value = WrittenItem.PrintItem.class, name = "print"),
  @JsonSubTypes.Type(value = WrittenItem.SheetItem.class, name = "sheet"),
  @JsonSubTypes.Type(value = WrittenItem.MaterialItem.class, name = "material"),
  @JsonSubTypes.Type(value = WrittenItem.LetterItem.class, name = "letters")
})
public sealed interface WrittenItem {

  /**
   * The entry that is written.
   *
   * @throws drumnest.server.FieldProblemException if a part is missing, not understood or out of
   *     range
   */
  CatalogueItem read(LengthReader lengths);

  /** The page size of an album. */
  record FormatItem(@Nullable String name, @Nullable String w, @Nullable String h)
      implements WrittenItem {
    @Override
    public CatalogueItem read(LengthReader lengths) {
      return new CatalogueItem.AlbumFormat(nameOf(lengths, name), lengths.size("w", w, "h", h));
    }
  }

  /**
   * A kind of leaf.
   *
   * @param shared whether both sides of a leaf share their pockets
   * @param keepFree what a punched page keeps free; left out for nothing
   * @param pockets the pockets, seen from the front; left out for a plain page
   * @param binding rings or fold; rings where it is left out
   */
  record LeafItem(
      @Nullable String name,
      @Nullable String w,
      @Nullable String h,
      @Nullable Boolean shared,
      @Nullable String keepFree,
      @Nullable List<@Nullable WrittenPocket> pockets,
      LeafType.@Nullable Binding binding)
      implements WrittenItem {

    private static final int MOST_POCKETS = 400;

    @Override
    public CatalogueItem read(LengthReader lengths) {
      String called = nameOf(lengths, name);
      Size size = lengths.size("w", w, "h", h);
      Length free = lengths.zeroIfBlank("keepFree", keepFree);
      if (!free.isLessThan(size.w())) {
        throw lengths.problem("keepFree", "What is kept free is narrower than the page.");
      }
      PocketPattern pattern = pockets == null ? null : pattern(lengths, size, pockets);
      return new LeafType(
          called,
          size,
          pattern,
          pattern != null && !Boolean.FALSE.equals(shared),
          free,
          binding == null ? LeafType.Binding.RINGS : binding);
    }

    private static PocketPattern pattern(
        LengthReader lengths, Size size, List<@Nullable WrittenPocket> pockets) {
      if (pockets.isEmpty() || pockets.size() > MOST_POCKETS) {
        throw lengths.problem("pockets", "A pattern has 1 to " + MOST_POCKETS + " pockets.");
      }
      List<Pocket> read = new ArrayList<>();
      for (int i = 0; i < pockets.size(); i++) {
        LengthReader within = lengths.within("pockets[" + i + "].");
        WrittenPocket pocket = pockets.get(i);
        if (pocket == null) {
          throw within.problem("w", "A pocket has x, y, w and h.");
        }
        read.add(pocket.read(within));
      }
      try {
        return new PocketPattern(size, read);
      } catch (IllegalArgumentException e) {
        throw lengths.problem("pockets", e.getMessage());
      }
    }
  }

  /**
   * A pocket as it is written.
   *
   * @param printW the width of the print it takes; left out where that is its own
   * @param printH the height of the print it takes
   * @param ruled whether its box is its true opening
   */
  record WrittenPocket(
      @Nullable String x,
      @Nullable String y,
      @Nullable String w,
      @Nullable String h,
      @Nullable String printW,
      @Nullable String printH,
      @Nullable Boolean ruled) {

    private Pocket read(LengthReader lengths) {
      Box box =
          Box.of(
              lengths.zeroOrMore("x", x), lengths.zeroOrMore("y", y), lengths.size("w", w, "h", h));
      Size print =
          printW == null && printH == null
              ? box.size()
              : lengths.size("printW", printW, "printH", printH);
      return new Pocket(box, print, Boolean.TRUE.equals(ruled));
    }
  }

  /**
   * A hinged sleeve.
   *
   * @param hinge short, long or any
   */
  record SleeveItem(
      @Nullable String name,
      @Nullable String w,
      @Nullable String h,
      @Nullable String hinge,
      @Nullable Integer perPack)
      implements WrittenItem {
    @Override
    public CatalogueItem read(LengthReader lengths) {
      String called = nameOf(lengths, name);
      Size insert = lengths.size("w", w, "h", h);
      CatalogueItem.HingeEdge edge =
          switch (hinge == null ? "" : hinge) {
            case "short" -> CatalogueItem.HingeEdge.SHORT;
            case "long" -> CatalogueItem.HingeEdge.LONG;
            case "any" -> CatalogueItem.HingeEdge.ANY;
            default -> throw lengths.problem("hinge", "A hinge edge is short, long or any.");
          };
      if ((edge == CatalogueItem.HingeEdge.ANY) != insert.w().equals(insert.h())) {
        throw lengths.problem(
            "hinge", "A square is hinged on any edge, an oblong on its short or its long one.");
      }
      if (perPack == null || perPack < 1 || perPack > 10_000) {
        throw lengths.problem("perPack", "A pack holds from 1 to 10 000 sleeves.");
      }
      return new CatalogueItem.SleeveType(called, insert, edge, perPack);
    }
  }

  /** A card for words or decoration. */
  record CardItem(
      @Nullable String name, @Nullable String w, @Nullable String h, @Nullable String thickness)
      implements WrittenItem {
    @Override
    public CatalogueItem read(LengthReader lengths) {
      return new CatalogueItem.CardType(
          nameOf(lengths, name),
          lengths.size("w", w, "h", h),
          lengths.positive("thickness", thickness));
    }
  }

  /** A size that prints are ordered in. */
  record PrintItem(@Nullable String name, @Nullable String w, @Nullable String h)
      implements WrittenItem {
    @Override
    public CatalogueItem read(LengthReader lengths) {
      return new CatalogueItem.PrintSize(nameOf(lengths, name), lengths.size("w", w, "h", h));
    }
  }

  /**
   * A sheet of paper.
   *
   * @param strip its printed strip; left out for none
   * @param directional whether it may not be turned
   */
  record SheetItem(
      @Nullable String name,
      @Nullable String w,
      @Nullable String h,
      @Nullable String strip,
      @Nullable Boolean directional)
      implements WrittenItem {
    @Override
    public CatalogueItem read(LengthReader lengths) {
      String called = nameOf(lengths, name);
      Size size = lengths.size("w", w, "h", h);
      Length band = lengths.zeroIfBlank("strip", strip);
      if (!band.isLessThan(size.h())) {
        throw lengths.problem("strip", "The printed strip is lower than the sheet.");
      }
      return new CatalogueItem.SheetType(called, size, band, Boolean.TRUE.equals(directional));
    }
  }

  /** Something with a thickness. */
  record MaterialItem(@Nullable String name, @Nullable String thickness) implements WrittenItem {
    @Override
    public CatalogueItem read(LengthReader lengths) {
      return new CatalogueItem.Material(
          nameOf(lengths, name), lengths.positive("thickness", thickness));
    }
  }

  /**
   * A set of letters for titles.
   *
   * @param height how high its letters are
   * @param widths the widths that were measured, such as {@code A 7/8, W 1 1/4}
   * @param letters all letters that are left, one after the other, such as {@code AABEEE}; left out
   *     where nobody has counted
   * @param colour such as {@code #10262c}
   */
  record LetterItem(
      @Nullable String name,
      @Nullable String height,
      @Nullable String widths,
      @Nullable String letters,
      @Nullable String colour)
      implements WrittenItem {
    @Override
    public CatalogueItem read(LengthReader lengths) {
      return LetterSetText.read(lengths, nameOf(lengths, name), height, widths, letters, colour);
    }
  }

  private static String nameOf(LengthReader lengths, @Nullable String text) {
    String name = text == null ? "" : text.strip();
    if (name.isEmpty() || name.length() > 120) {
      throw lengths.problem("name", "A name has 1 to 120 letters.");
    }
    return name;
  }

  /** Tells what the kind of an entry is called; entries are stored and asked for by it. */
  static String kind(CatalogueItem item) {
    return item.accept(KIND);
  }

  CatalogueItem.Visitor<String> KIND =
      new CatalogueItem.Visitor<>() {
        @Override
        public String leaf(LeafType leaf) {
          return "leaf";
        }

        @Override
        public String letters(LetterSet letters) {
          return "letters";
        }

        @Override
        public String format(CatalogueItem.AlbumFormat format) {
          return "format";
        }

        @Override
        public String sleeve(CatalogueItem.SleeveType sleeve) {
          return "sleeve";
        }

        @Override
        public String card(CatalogueItem.CardType card) {
          return "card";
        }

        @Override
        public String print(CatalogueItem.PrintSize print) {
          return "print";
        }

        @Override
        public String sheet(CatalogueItem.SheetType sheet) {
          return "sheet";
        }

        @Override
        public String material(CatalogueItem.Material material) {
          return "material";
        }
      };

  /** An entry in its exact written form, in inches where no other unit stands behind it. */
  static WrittenItem of(CatalogueItem item) {
    return of(item, Units.SIXTY_FOURTHS);
  }

  /** An entry in its exact written form. */
  static WrittenItem of(CatalogueItem item, Units units) {
    return item.accept(
        new CatalogueItem.Visitor<>() {
          @Override
          public WrittenItem leaf(LeafType leaf) {
            PocketPattern pattern = leaf.pattern();
            return new LeafItem(
                leaf.name(),
                units.exact(leaf.size().w()),
                units.exact(leaf.size().h()),
                leaf.shared(),
                units.exact(leaf.keepFree()),
                pattern == null
                    ? null
                    : pattern.pockets().stream()
                        .map(pocket -> WrittenItem.of(pocket, units))
                        .toList(),
                leaf.binding());
          }

          @Override
          public WrittenItem letters(LetterSet letters) {
            return new LetterItem(
                letters.name(),
                units.exact(letters.height()),
                LetterSetText.widths(letters, units),
                LetterSetText.letters(letters),
                letters.colour());
          }

          @Override
          public WrittenItem format(CatalogueItem.AlbumFormat format) {
            return new FormatItem(
                format.name(), units.exact(format.size().w()), units.exact(format.size().h()));
          }

          @Override
          public WrittenItem sleeve(CatalogueItem.SleeveType sleeve) {
            return new SleeveItem(
                sleeve.name(),
                units.exact(sleeve.insert().w()),
                units.exact(sleeve.insert().h()),
                sleeve.hinge().name().toLowerCase(Locale.ROOT),
                sleeve.perPack());
          }

          @Override
          public WrittenItem card(CatalogueItem.CardType card) {
            return new CardItem(
                card.name(),
                units.exact(card.size().w()),
                units.exact(card.size().h()),
                units.exact(card.thickness()));
          }

          @Override
          public WrittenItem print(CatalogueItem.PrintSize print) {
            return new PrintItem(
                print.name(), units.exact(print.size().w()), units.exact(print.size().h()));
          }

          @Override
          public WrittenItem sheet(CatalogueItem.SheetType sheet) {
            return new SheetItem(
                sheet.name(),
                units.exact(sheet.size().w()),
                units.exact(sheet.size().h()),
                units.exact(sheet.strip()),
                sheet.directional());
          }

          @Override
          public WrittenItem material(CatalogueItem.Material material) {
            return new MaterialItem(material.name(), units.exact(material.thickness()));
          }
        });
  }

  private static WrittenPocket of(Pocket pocket, Units units) {
    Box box = pocket.box();
    boolean own = pocket.named().equals(box.size());
    return new WrittenPocket(
        units.exact(box.x()),
        units.exact(box.y()),
        units.exact(box.w()),
        units.exact(box.h()),
        own ? null : units.exact(pocket.named().w()),
        own ? null : units.exact(pocket.named().h()),
        pocket.ruled() ? true : null);
  }
}
