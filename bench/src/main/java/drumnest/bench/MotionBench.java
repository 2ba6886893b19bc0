package drumnest.bench;

import drumnest.core.album.flap.Attachment;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Support;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Spread;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.Clash;
import drumnest.core.mover.FlapFixes;
import drumnest.core.mover.MoverSuggestions;
import drumnest.core.mover.SpreadMotion;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.CatalogueItem.HingeEdge;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LeafType;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * A spread with twelve flaps: one state of it, what may move next, its clashes and their fixes, as
 * the start script runs the program.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(
    value = 1,
    jvmArgs = {"-Xmx208m", "-XX:+UseSerialGC", "-XX:TieredStopAtLevel=1"})
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
public class MotionBench {

  private static final int A_PAGE = 6;
  private static final int MOST_FIXES = 3;
  private static final int WANTED = 30;

  private Spread spread;

  @Setup
  public void lay() {
    spread = new Spread(1, List.of(leaf(1), leaf(2)));
  }

  /** Sleeves of 3 × 4 anywhere on the page, every other one over the one before. */
  private static Leaf leaf(int number) {
    Random random = new Random(number);
    LeafType type = (LeafType) Catalogue.beginning().get(Catalogue.SIX_WIDE).item();
    List<Flap> flaps = new ArrayList<>();
    for (int i = 1; i <= A_PAGE; i++) {
      Box closed =
          new Box(
              Length.ofInches(random.nextInt(9)),
              Length.ofInches(random.nextInt(8)),
              Length.ofInches(3),
              Length.ofInches(4));
      Edge hinge = Edge.values()[random.nextInt(4)];
      String on = i % 2 == 0 ? String.valueOf(i - 1) : null;
      flaps.add(
          Flap.sleeve(
              String.valueOf(i),
              closed,
              hinge,
              new Attachment.OnProtector(Length.parse("1/2")),
              Support.over(on)));
    }
    PagePlan plan = PagePlan.EMPTY.withFlaps(flaps);
    return new Leaf(number, number, type, false, Length.ZERO, plan, plan);
  }

  @Benchmark
  public int aState() {
    SpreadMotion motion = SpreadMotion.of(spread, Length.parse("1/2"));
    Set<String> open = Set.of(motion.openingOrder().get(0));
    int found = motion.seen(open).size();
    for (Flap flap : motion.flaps().all()) {
      found += motion.hindrances(flap, open).size();
    }
    FlapFixes fixes =
        new FlapFixes(motion.flaps().all(), motion::page, flap -> true, HouseRules.defaults());
    for (Clash clash : motion.flaps().clashes()) {
      found += fixes.of(clash, MOST_FIXES).size();
    }
    return found;
  }

  /** Movers for thirty photos on a spread of eighteen pockets, with sleeves of every kind. */
  @Benchmark
  public int suggestions() {
    LeafType type = (LeafType) Catalogue.beginning().get(Catalogue.ONE_WIDE_TEN_SMALL).item();
    LeafType wide = (LeafType) Catalogue.beginning().get(Catalogue.SIX_WIDE).item();
    Spread two = new Spread(1, List.of(Leaf.of(1, 1, wide), Leaf.of(2, 2, type)));
    List<MoverSuggestions.Sleeves> sleeves =
        List.of(
            new MoverSuggestions.Sleeves(Size.ofInches(6, 4), HingeEdge.ANY, null),
            new MoverSuggestions.Sleeves(Size.ofInches(3, 4), HingeEdge.LONG, 6),
            new MoverSuggestions.Sleeves(Size.ofInches(3, 4), HingeEdge.SHORT, null));
    return MoverSuggestions.of(two, WANTED, sleeves, Length.ofInches(1), HouseRules.defaults())
        .size();
  }
}
