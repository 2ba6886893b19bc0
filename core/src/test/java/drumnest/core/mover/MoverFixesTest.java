package drumnest.core.mover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import drumnest.core.album.flap.Attachment;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.Support;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.kind.Accordion;
import drumnest.core.mover.kind.MoverParts;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class MoverFixesTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final Box PAGE = Box.of(Length.ofInches(12), Length.ZERO, Size.ofInches(12, 12));
  private static final UnaryOperator<String> NAME = part -> "right-" + part;

  private static Box box(int x, int y, int w, int h) {
    return new Box(Length.ofInches(x), Length.ofInches(y), Length.ofInches(w), Length.ofInches(h));
  }

  private static List<Flap> placed(Mover mover) {
    return MoverParts.of(mover, null, RULES).stream()
        .map(part -> part.renamed(NAME, PAGE.x(), PAGE.y()))
        .toList();
  }

  static Stream<Arguments> cases() {
    return IntStream.range(0, 200).mapToObj(seed -> Arguments.of("seed " + seed, seed));
  }

  private static Mover mover(Random random) {
    List<Mechanism> kinds =
        List.of(
            new Mechanism.Chain(2),
            new Mechanism.Booklet(2),
            new Mechanism.Door(random.nextBoolean(), Length.parse("1/8")),
            new Mechanism.Accordion(
                3, Length.parse("1/8"), Size.ofInches(24, 24), Length.parse("1/2")));
    Mechanism kind = kinds.get(random.nextInt(kinds.size()));
    Edge edge = random.nextBoolean() ? Edge.LEFT : Edge.RIGHT;
    return new Mover(1, box(1 + random.nextInt(7), 1 + random.nextInt(7), 3, 3), edge, null, kind);
  }

  private static Flap other(Random random) {
    return Flap.sleeve(
        "left-1",
        box(10 + random.nextInt(10), random.nextInt(9), 1 + random.nextInt(4), 3),
        Edge.values()[random.nextInt(4)],
        random.nextBoolean()
            ? new Attachment.ThroughSlit(Length.parse("1/2"))
            : new Attachment.OnProtector(Length.parse("1/2")),
        Support.PAGE);
  }

  private static List<Clash> clashesOf(List<Flap> flaps) {
    return new SpreadMotion(flaps)
        .clashes().stream()
            .filter(clash -> clash.a().equals("left-1") != clash.b().equals("left-1"))
            .toList();
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("cases")
  void each_fix_is_one_and_stays_on_its_page(String name, int seed) {
    Random random = new Random(seed);
    Mover mover = mover(random);
    Flap other = other(random);
    List<Flap> all = new ArrayList<>(placed(mover));
    all.add(other);
    List<Clash> before = clashesOf(all);
    MoverFixes fixes = new MoverFixes(all, mover, NAME, PAGE, RULES);
    for (Clash clash : before) {
      for (MoverFixes.Fix fix : fixes.of(clash, 5)) {
        List<Flap> then = new ArrayList<>(placed(fix.mover()));
        assertThat(then).allMatch(part -> PAGE.contains(part.face()));
        then.add(other);
        List<Clash> after = clashesOf(then);
        assertThat(after).hasSizeLessThan(before.size());
        assertThat(after).noneMatch(each -> each.kind() == clash.kind());
        assertThat(fix.left()).isEqualTo(after.size());
      }
    }
  }

  @Test
  void most_that_clash_can_be_fixed() {
    int clashing = 0;
    int fixed = 0;
    for (int seed = 0; seed < 200; seed++) {
      Random random = new Random(seed);
      Mover mover = mover(random);
      List<Flap> all = new ArrayList<>(placed(mover));
      all.add(other(random));
      List<Clash> before = clashesOf(all);
      MoverFixes fixes = new MoverFixes(all, mover, NAME, PAGE, RULES);
      clashing += before.isEmpty() ? 0 : 1;
      fixed += before.stream().anyMatch(clash -> !fixes.of(clash, 1).isEmpty()) ? 1 : 0;
    }
    assertThat(clashing).isGreaterThan(60);
    assertThat(fixed).isGreaterThan(clashing / 2);
  }

  /** A fold-out moved off its edge cannot be made, and an accordion's tab lies on paper. */
  @Test
  void no_way_out_takes_a_fold_out_off_its_edge_or_a_tab_off_the_page() {
    Size sheet = Size.ofInches(12, 12);
    Length eighth = Length.parse("1/8");
    List<Mover> movers =
        List.of(
            new Mover(
                1,
                box(8, 0, 4, 12),
                Edge.RIGHT,
                null,
                new Mechanism.FoldOut(sheet, eighth, Size.ofInches(16, 12))),
            new Mover(
                1,
                box(4, 4, 4, 4),
                Edge.LEFT,
                null,
                new Mechanism.Accordion(3, eighth, sheet, Length.parse("1/2"))));
    int offered = 0;
    for (Mover mover : movers) {
      for (int seed = 0; seed < 100; seed++) {
        List<Flap> all = new ArrayList<>(placed(mover));
        all.add(other(new Random(seed)));
        MoverFixes fixes = new MoverFixes(all, mover, NAME, PAGE, RULES);
        for (Clash clash : clashesOf(all)) {
          for (MoverFixes.Fix fix : fixes.of(clash, 20)) {
            offered++;
            Box page = Box.of(sheet);
            assertThatCode(() -> MoverParts.requirePlace(fix.mover(), page, RULES))
                .doesNotThrowAnyException();
            assertThat(Accordion.tabOf(fix.mover()).stream()).allMatch(page::contains);
          }
        }
      }
    }
    assertThat(offered).isPositive();
  }
}
