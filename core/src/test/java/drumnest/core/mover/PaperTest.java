package drumnest.core.mover;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.flap.Attachment;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Support;
import drumnest.core.album.leaf.FlapNames;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Spread;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.mover.PaperPile.Sheet;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.LeafType;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Sheets of paper turned by hand lie, hide and hinder as is computed. */
class PaperTest {

  private static final String PAGE = "1-back-m";
  private static final int SPREADS = 500;
  private static final int STEPS = 20;
  private static final int SMALL = 6;

  /** Spreads of 3 to 12 parts of which it is said which lies over which. */
  static List<List<Sheet>> spreads() {
    List<List<Sheet>> spreads = new ArrayList<>();
    for (int seed = 0; spreads.size() < SPREADS; seed++) {
      List<Sheet> sheets = random(new Random(seed), 3 + spreads.size() % 10);
      PaperPile pile = new PaperPile(sheets);
      if (!pile.isUndecided() && !pile.hasOneOverAHinge()) {
        spreads.add(sheets);
      }
    }
    return spreads;
  }

  private static List<Sheet> random(Random random, int parts) {
    List<Sheet> sheets = new ArrayList<>();
    for (int i = 1; i <= parts; i++) {
      Sheet below = i > 1 && random.nextInt(4) > 0 ? sheets.get(random.nextInt(i - 1)) : null;
      int w = 1 + 2 * random.nextInt(3);
      int h = 1 + 2 * random.nextInt(3);
      int x = below == null ? random.nextInt(24) : below.x() + random.nextInt(below.w()) - w / 2;
      int y = below == null ? random.nextInt(18) : below.y() + random.nextInt(below.h()) - h / 2;
      int way = random.nextInt(3);
      boolean beside = below != null && below.under() && way == 0;
      sheets.add(
          new Sheet(
              String.valueOf(i),
              x,
              y,
              w,
              h,
              Edge.values()[random.nextInt(4)],
              below == null || way == 0 && !beside ? null : beside ? below.stuckTo() : below.name(),
              beside || below != null && way == 1,
              below != null && way == 0 ? below.name() : null));
    }
    return sheets;
  }

  private static Flap flap(Sheet sheet) {
    Support support =
        sheet.under()
            ? new Support.Inside(sheet.stuckTo(), sheet.on())
            : sheet.stuckTo() == null
                ? Support.over(sheet.on())
                : new Support.StuckTo(sheet.stuckTo());
    Box closed =
        new Box(
            Length.ofInches(sheet.x()),
            Length.ofInches(sheet.y()),
            Length.ofInches(sheet.w()),
            Length.ofInches(sheet.h()));
    return Flap.sleeve(
        sheet.name(),
        closed,
        sheet.edge(),
        new Attachment.ThroughSlit(Length.ofInches(1)),
        support);
  }

  private static SpreadMotion motion(List<Sheet> sheets) {
    LeafType type = (LeafType) Catalogue.beginning().get(Catalogue.SIX_WIDE).item();
    PagePlan plan = PagePlan.EMPTY.withFlaps(sheets.stream().map(PaperTest::flap).toList());
    Leaf left = new Leaf(1, 1, type, false, Length.ZERO, PagePlan.EMPTY, plan);
    Leaf right = new Leaf(2, 2, type, false, Length.ZERO, PagePlan.EMPTY, PagePlan.EMPTY);
    return SpreadMotion.of(new Spread(1, List.of(left, right)), Length.parse("1/2"));
  }

  @ParameterizedTest
  @MethodSource("spreads")
  void paper_that_is_turned_by_hand_does_what_is_computed(List<Sheet> sheets) {
    SpreadMotion motion = motion(sheets);
    PaperPile pile = new PaperPile(sheets);
    Random random = new Random(sheets.size());
    for (int step = 0; step < STEPS; step++) {
      Map<String, PaperPile> next = new LinkedHashMap<>();
      for (Sheet sheet : sheets) {
        PaperPile then = pile.turned(sheet.name());
        if (then != null) {
          next.put(sheet.name(), then);
        }
      }
      assertIsComputed(sheets, motion, pile, next.keySet());
      if (next.isEmpty()) {
        return;
      }
      pile = List.copyOf(next.values()).get(random.nextInt(next.size()));
    }
  }

  private static void assertIsComputed(
      List<Sheet> sheets, SpreadMotion motion, PaperPile pile, Set<String> may) {
    Set<String> open =
        pile.open().stream().map(PaperTest::name).collect(Collectors.toCollection(TreeSet::new));
    Set<String> computedMay = new TreeSet<>();
    Set<String> seen = new TreeSet<>();
    Map<String, Integer> levels = motion.levels(open);
    for (Sheet sheet : sheets) {
      if (motion.hindrances(flap(motion, sheet), open).isEmpty()) {
        computedMay.add(sheet.name());
      }
      if (pile.isSeen(sheet.name())) {
        boolean up = pile.isFaceUp(sheet.name());
        String id = name(sheet.name());
        seen.add(up ? FlapNames.outside(id) : FlapNames.inside(id));
      }
      for (Sheet other : sheets) {
        if (sheet != other
            && pile.shareAPlace(sheet.name(), other.name())
            && pile.liesOver(sheet.name(), other.name())) {
          assertThat(levels.get(name(sheet.name())))
              .as("%s over %s in %s of %s", sheet.name(), other.name(), pile.open(), sheets)
              .isGreaterThan(levels.get(name(other.name())));
        }
      }
    }
    assertThat(computedMay).as("may move in %s of %s", pile.open(), sheets).isEqualTo(may);
    assertThat(motion.seen(open).stream().filter(id -> id.startsWith(PAGE)))
        .as("seen in %s of %s", pile.open(), sheets)
        .containsExactlyInAnyOrderElementsOf(seen);
  }

  /** Every state that a hand can come to, of spreads of up to six parts. */
  static List<List<Sheet>> smallSpreads() {
    return spreads().stream().filter(sheets -> sheets.size() <= SMALL).toList();
  }

  @ParameterizedTest
  @MethodSource("smallSpreads")
  void what_no_hand_can_open_is_told(List<Sheet> sheets) {
    Map<Set<String>, PaperPile> known = new LinkedHashMap<>();
    List<PaperPile> next = new ArrayList<>(List.of(new PaperPile(sheets)));
    Set<String> opened = new TreeSet<>();
    while (!next.isEmpty()) {
      PaperPile pile = next.remove(0);
      if (known.putIfAbsent(new TreeSet<>(pile.open()), pile) == null) {
        opened.addAll(pile.open());
        for (Sheet sheet : sheets) {
          PaperPile then = pile.turned(sheet.name());
          if (then != null) {
            next.add(then);
          }
        }
      }
    }
    List<Clash> clashes = motion(sheets).clashes();
    // What wants one place with another says so instead.
    Set<String> told = new TreeSet<>();
    clashes.stream()
        .filter(clash -> clash.kind() == ClashKind.CLOSED_OVERLAP)
        .forEach(clash -> told.addAll(Set.of(clash.a(), clash.b())));
    Set<String> never = new TreeSet<>();
    sheets.stream()
        .filter(sheet -> !opened.contains(sheet.name()))
        .forEach(sheet -> never.add(name(sheet.name())));
    never.removeAll(told);
    assertThat(
            clashes.stream().filter(clash -> clash.kind() == ClashKind.NEVER_OPENS).map(Clash::b))
        .as("never opens of %s", sheets)
        .containsExactlyInAnyOrderElementsOf(never);
  }

  @Test
  void some_of_the_small_spreads_have_what_never_opens_and_most_have_not() {
    long stuck =
        smallSpreads().stream()
            .filter(
                sheets ->
                    motion(sheets).clashes().stream()
                        .anyMatch(clash -> clash.kind() == ClashKind.NEVER_OPENS))
            .count();
    assertThat(stuck).isBetween(5L, smallSpreads().size() / 2L);
  }

  private static String name(String sheet) {
    return PAGE + sheet;
  }

  private static Flap flap(SpreadMotion motion, Sheet sheet) {
    return motion.flap(name(sheet.name())).orElseThrow();
  }

  @Test
  void the_spreads_hold_insides_of_insides_and_states_with_several_open() {
    assertThat(spreads().stream().filter(PaperTest::hasInsideOfInside)).hasSizeGreaterThan(40);
    long several =
        spreads().stream().filter(sheets -> motion(sheets).openingOrder().size() > 4).count();
    assertThat(several).isGreaterThan(100);
  }

  private static boolean hasInsideOfInside(List<Sheet> sheets) {
    Set<String> under =
        sheets.stream().filter(Sheet::under).map(Sheet::name).collect(Collectors.toSet());
    return sheets.stream().anyMatch(sheet -> sheet.under() && under.contains(sheet.stuckTo()));
  }
}
