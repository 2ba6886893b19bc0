package drumnest.server.shelf;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.CatalogueItem;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LeafType;
import drumnest.core.stock.LetterSet;
import drumnest.core.stock.Part;
import drumnest.core.stock.Pocket;
import drumnest.core.stock.PocketPattern;
import drumnest.core.stock.Provenance;
import drumnest.core.stock.Ruling;
import drumnest.server.frame.Views;
import drumnest.server.frame.Words;
import drumnest.server.stock.RuleText;
import drumnest.server.stock.Shelf;
import drumnest.server.stock.UnitsInUse;
import drumnest.server.stock.WrittenItem;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The shelf as it is shown: the catalogue, the house rules, units, sharing. */
final class ShelfViews {

  private ShelfViews() {}

  /**
   * An entry of the catalogue.
   *
   * @param facts what there is to say of it besides its name, ready to show
   * @param form the same as it is written in a form
   * @param provenance published, common-practice or from-memory; left out for the maker's own
   * @param used how many leaves or albums have it
   */
  record EntryView(
      String key,
      String kind,
      String name,
      List<String> facts,
      WrittenItem form,
      Views.@Nullable SizeView size,
      @Nullable List<PocketView> pockets,
      @Nullable Provenance provenance,
      boolean changed,
      boolean gone,
      int used,
      @Nullable Integer owned) {}

  /**
   * A pocket of a pattern.
   *
   * @param number its number in reading order
   * @param opening the opening measured on this kind of leaf, if it was
   */
  record PocketView(
      int number,
      Views.BoxView box,
      Views.SizeView named,
      boolean ruled,
      Views.@Nullable SizeView opening) {}

  record CatalogueView(List<EntryView> entries) {}

  /** The fate of a file that came in. */
  record ImportView(int added, int hadAlready) {}

  /**
   * A kind of leaf from both sides.
   *
   * @param shared whether both sides share their pockets
   */
  record PatternView(
      String key,
      String name,
      Views.SizeView size,
      boolean shared,
      List<PocketView> front,
      List<PocketView> back) {}

  record RuledView(
      Views.SizeView inside,
      List<PocketView> front,
      List<PocketView> back,
      List<Views.BoxView> leftOver,
      List<RulingProblem> problems,
      boolean whole,
      List<RulingPiece> pieces) {}

  /** The part that does not come out, and the indices that lead to the part. */
  record RulingProblem(List<Integer> path, String message) {}

  /** A part that is divided no further, with the indices that lead to it. */
  record RulingPiece(List<Integer> path, Views.BoxView box) {}

  /**
   * A house rule.
   *
   * @param value as text, as the maker writes it
   * @param defaultValue its default as text
   * @param range between what it may lie, as text
   */
  record RuleView(
      HouseRule name,
      HouseRule.Group group,
      String title,
      String meaning,
      String affects,
      Provenance provenance,
      String value,
      String defaultValue,
      String range,
      boolean changed) {}

  record RulesView(List<RuleView> rules) {}

  /** The effects of a changed rule, a line a place. */
  record EffectView(int places, List<String> changes) {}

  record SettingsView(String units) {}

  static EntryView entry(Shelf.Entry entry, int used, TypeMeasured openings) {
    CatalogueItem item = entry.item();
    LeafType leaf = item instanceof LeafType type ? type : null;
    PocketPattern pattern = leaf == null ? null : leaf.pattern();
    return new EntryView(
        entry.key(),
        WrittenItem.kind(item),
        item.name(),
        item.accept(FACTS),
        WrittenItem.of(item, UnitsInUse.current()),
        Views.SizeView.ofNullable(item.accept(SIZE)),
        pattern == null
            ? null
            : pockets(pattern, number -> openings.of(entry.key(), "front", number)),
        entry.provenance(),
        entry.changed(),
        entry.gone(),
        used,
        entry.owned());
  }

  /** The opening measured on a pocket of a face of a kind of leaf. */
  interface TypeMeasured {
    @Nullable Size of(String key, String face, int pocket);
  }

  /** The opening measured on a pocket. */
  interface Measured {
    @Nullable Size of(int pocket);
  }

  static List<PocketView> pockets(PocketPattern pattern, Measured measured) {
    List<Pocket> pockets = pattern.pockets();
    return Stream.iterate(1, number -> number + 1)
        .limit(pockets.size())
        .map(
            number ->
                new PocketView(
                    number,
                    Views.BoxView.of(pockets.get(number - 1).box()),
                    Views.SizeView.of(pockets.get(number - 1).named()),
                    pockets.get(number - 1).ruled(),
                    Views.SizeView.ofNullable(measured.of(number))))
        .toList();
  }

  private static final CatalogueItem.Visitor<@Nullable Size> SIZE =
      new CatalogueItem.Visitor<>() {
        @Override
        public @Nullable Size leaf(LeafType leaf) {
          return leaf.size();
        }

        @Override
        public @Nullable Size letters(LetterSet letters) {
          return null;
        }

        @Override
        public @Nullable Size format(CatalogueItem.AlbumFormat format) {
          return format.size();
        }

        @Override
        public @Nullable Size sleeve(CatalogueItem.SleeveType sleeve) {
          return sleeve.insert();
        }

        @Override
        public @Nullable Size card(CatalogueItem.CardType card) {
          return card.size();
        }

        @Override
        public @Nullable Size print(CatalogueItem.PrintSize print) {
          return print.size();
        }

        @Override
        public @Nullable Size sheet(CatalogueItem.SheetType sheet) {
          return sheet.size();
        }

        @Override
        public @Nullable Size material(CatalogueItem.Material material) {
          return null;
        }
      };

  private static final CatalogueItem.Visitor<List<String>> FACTS =
      new CatalogueItem.Visitor<>() {
        @Override
        public List<String> leaf(LeafType leaf) {
          PocketPattern pattern = leaf.pattern();
          if (pattern != null) {
            return List.of(
                pattern.pockets().size() + " pockets",
                leaf.shared() ? "shared by both sides" : "own pockets on each side");
          }
          return List.of(
              "plain",
              leaf.binding() == LeafType.Binding.FOLD
                  ? "folded, no rings"
                  : leaf.keepFree().isZero()
                      ? "no holes"
                      : Views.LengthView.of(leaf.keepFree()).text() + " free at the holes");
        }

        @Override
        public List<String> letters(LetterSet letters) {
          Map<String, Integer> counts = letters.letters();
          String left =
              counts == null
                  ? "not counted"
                  : Words.counted(
                      counts.values().stream().mapToInt(Integer::intValue).sum(),
                      "letter",
                      "letters");
          return List.of(Views.LengthView.of(letters.height()).text() + " high", left);
        }

        @Override
        public List<String> format(CatalogueItem.AlbumFormat format) {
          return List.of();
        }

        @Override
        public List<String> sleeve(CatalogueItem.SleeveType sleeve) {
          return List.of(
              switch (sleeve.hinge()) {
                case SHORT -> "hinged on its short edge";
                case LONG -> "hinged on its long edge";
                case ANY -> "hinged on any edge";
              },
              sleeve.perPack() + " a pack");
        }

        @Override
        public List<String> card(CatalogueItem.CardType card) {
          return List.of(RuleText.thickness(card.thickness()) + " thick");
        }

        @Override
        public List<String> print(CatalogueItem.PrintSize print) {
          return List.of();
        }

        @Override
        public List<String> sheet(CatalogueItem.SheetType sheet) {
          String strip =
              sheet.strip().isZero()
                  ? "no strip"
                  : Views.LengthView.of(sheet.strip()).text() + " strip to cut off";
          return List.of(strip, sheet.directional() ? "has a right way up" : "may be turned");
        }

        @Override
        public List<String> material(CatalogueItem.Material material) {
          return List.of(RuleText.thickness(material.thickness()) + " thick");
        }
      };

  static RuleView rule(HouseRule rule, HouseRules rules) {
    long value =
        rule.kind() == HouseRule.Quantity.LENGTH
            ? rules.length(rule).toNanometres()
            : rules.number(rule);
    return new RuleView(
        rule,
        rule.group(),
        rule.title(),
        rule.meaning(),
        rule.affects(),
        rule.provenance(),
        RuleText.of(rule, value),
        RuleText.of(rule, rule.defaultValue()),
        RuleText.of(rule, rule.least()) + " to " + RuleText.of(rule, rule.most()),
        rules.isChanged(rule));
  }

  static RuledView ruled(Ruling ruling) {
    PocketPattern pattern = new PocketPattern(ruling.inside(), ruling.pockets());
    return new RuledView(
        Views.SizeView.of(ruling.inside()),
        pockets(pattern, number -> null),
        pockets(pattern.mirrored(), number -> null),
        ruling.leftOver().stream().map(Views.BoxView::of).toList(),
        ruling.problems().stream().map(ShelfViews::problem).toList(),
        ruling.isWhole(),
        ruling.pieces().stream()
            .map(piece -> new RulingPiece(piece.path(), Views.BoxView.of(piece.box())))
            .toList());
  }

  private static RulingProblem problem(Ruling.Problem problem) {
    boolean across = problem.direction() == Part.Direction.ACROSS;
    String way = across ? "width" : "height";
    String needs = text(problem.needs());
    String has = text(problem.has());
    return new RulingProblem(
        problem.path(),
        problem.reason() == Ruling.Reason.TOO_LONG
            ? "These need "
                + needs
                + " of "
                + way
                + " and have "
                + has
                + ": "
                + text(problem.overBy())
                + " too much."
            : "Too small for a pocket: " + has + " of " + way + ", " + needs + " of it is ease.");
  }

  private static String text(Length length) {
    return Views.LengthView.of(length).text();
  }
}
