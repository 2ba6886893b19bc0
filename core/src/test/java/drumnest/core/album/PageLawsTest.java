package drumnest.core.album;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.flap.Holds;
import drumnest.core.album.leaf.Anchor;
import drumnest.core.album.leaf.Block;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.Mount;
import drumnest.core.album.leaf.PageMeasure;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.PlanProblemException;
import drumnest.core.album.leaf.RulerMarks;
import drumnest.core.album.leaf.Shape;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LeafType;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What holds for every plan of mounts, whatever is said. */
class PageLawsTest {

  private static final Size PAGE = Size.ofInches(12, 12);
  private static final Box ALL = Box.of(PAGE);
  private static final PageMeasure MEASURE = new PageMeasure(PAGE, ALL, HouseRules.defaults());

  /** A number of 16ths of an inch between two. */
  private static Length sixteenths(Random random, int from, int to) {
    return Length.ofInches(0, from + random.nextInt(to - from + 1), 16);
  }

  private static Shape anyShape(Random random) {
    Length gap = sixteenths(random, 1, 6);
    return switch (random.nextInt(4)) {
      case 0 -> new Shape.Single(new Size(sixteenths(random, 8, 40), sixteenths(random, 8, 40)));
      case 1 ->
          new Shape.InRow(
              random.nextBoolean(),
              1 + random.nextInt(4),
              sixteenths(random, 48, 80),
              gap,
              null,
              random.nextBoolean(),
              random.nextBoolean() ? null : sixteenths(random, 8, 24));
      case 2 ->
          new Shape.InGrid(
              1 + random.nextInt(3),
              1 + random.nextInt(3),
              new Size(sixteenths(random, 8, 20), sixteenths(random, 8, 20)),
              gap,
              sixteenths(random, 0, 4));
      default ->
          new Shape.Mixed(
              Size.ofInches(2, 4),
              Size.ofInches(4, 2),
              1 + random.nextInt(4),
              gap,
              random.nextBoolean(),
              random.nextBoolean());
    };
  }

  private static Anchor anyAnchor(Random random, int before) {
    Anchor.Along[] along = Anchor.Along.values();
    if (before > 0 && random.nextBoolean()) {
      return new Anchor.OfBlock(
          1 + random.nextInt(before),
          Anchor.Beside.values()[random.nextInt(4)],
          sixteenths(random, 0, 8),
          along[random.nextInt(3)]);
    }
    Anchor.Along across = along[random.nextInt(3)];
    Anchor.Along down = along[random.nextInt(3)];
    return new Anchor.OnPage(across, sixteenths(random, 0, 24), down, sixteenths(random, 0, 24));
  }

  /** Blocks that come out together: each is tried, and left out if it is refused. */
  private static PagePlan anyPlan(long seed) {
    Random random = new Random(seed);
    List<Block> blocks = new ArrayList<>();
    PagePlan plan = PagePlan.EMPTY;
    for (int tried = 0; tried < 40; tried++) {
      List<Block> more = new ArrayList<>(blocks);
      more.add(
          new Block(
              blocks.size() + 1,
              anyShape(random),
              anyAnchor(random, blocks.size()),
              Holds.PHOTO,
              random.nextBoolean() ? Length.ZERO : sixteenths(random, 1, 3)));
      try {
        plan = MEASURE.plan(more);
        blocks = more;
      } catch (PlanProblemException refused) {
        assertThat(refused.block()).isEqualTo(more.size());
      }
    }
    assertThat(blocks).hasSizeGreaterThan(1);
    return plan;
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(longs = {11, 12, 13, 14, 15, 16, 17, 18})
  void mounts_stay_on_the_paper_and_never_lie_on_each_other(long seed) {
    List<Mount> mounts = anyPlan(seed).mounts();
    for (int i = 0; i < mounts.size(); i++) {
      Box box = mounts.get(i).box();
      assertThat(ALL.contains(box)).as("%s", mounts.get(i)).isTrue();
      for (Mount other : mounts.subList(i + 1, mounts.size())) {
        assertThat(box.overlaps(other.box())).as("%s and %s", mounts.get(i), other).isFalse();
      }
    }
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(longs = {21, 22, 23, 24})
  void the_mounts_of_a_block_are_numbered_and_stuck_one_after_the_other(long seed) {
    PagePlan plan = anyPlan(seed);
    for (Block block : plan.blocks()) {
      List<Mount> own =
          plan.mounts().stream().filter(mount -> mount.block() == block.key()).toList();
      List<Integer> counted = IntStream.rangeClosed(1, own.size()).boxed().toList();
      assertThat(own).extracting(Mount::index).containsExactlyElementsOf(counted);
      assertThat(own).extracting(Mount::order).containsExactlyInAnyOrderElementsOf(counted);
    }
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(longs = {31, 32, 33, 34, 35, 36})
  void a_mount_that_is_off_within_its_range_still_touches_nothing(long seed) {
    List<Mount> mounts = anyPlan(seed).mounts();
    for (Mount mount : mounts) {
      RulerMarks marks = RulerMarks.of(mount, mounts, ALL);
      for (RulerMarks.Range range : List.of(marks.left(), marks.top())) {
        assertThat(range.from().isMoreThan(range.at())).isFalse();
        assertThat(range.to().isLessThan(range.at())).isFalse();
      }
      Box box = mount.box();
      clear(mounts, mount, box.moved(marks.left().from().minus(box.x()), Length.ZERO));
      clear(mounts, mount, box.moved(marks.left().to().minus(box.x()), Length.ZERO));
      clear(mounts, mount, box.moved(Length.ZERO, marks.top().from().minus(box.y())));
      clear(mounts, mount, box.moved(Length.ZERO, marks.top().to().minus(box.y())));
    }
  }

  private static void clear(List<Mount> mounts, Mount mount, Box moved) {
    assertThat(ALL.contains(moved)).isTrue();
    for (Mount other : mounts) {
      assertThat(other.equals(mount) || !other.box().overlaps(moved))
          .as("%s moved to %s, and %s", mount, moved, other)
          .isTrue();
    }
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(longs = {41, 42, 43})
  void the_same_words_give_the_same_plan(long seed) {
    PagePlan plan = anyPlan(seed);
    assertThat(MEASURE.plan(plan.blocks())).isEqualTo(plan);
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(longs = {51, 52, 53, 54})
  void the_slots_of_a_planned_page_are_its_mounts_in_reading_order(long seed) {
    PagePlan plan = anyPlan(seed);
    Leaf leaf =
        new Leaf(7, 3, LeafType.plain("plain", PAGE), false, Length.ZERO, plan, PagePlan.EMPTY);
    List<Slot> slots = leaf.slots(Side.FRONT, 100);
    assertThat(slots).hasSameSizeAs(plan.mounts());
    for (int i = 0; i < slots.size(); i++) {
      Slot slot = slots.get(i);
      assertThat(slot.rank()).isEqualTo(101 + i);
      assertThat(slot.takes().grown(slot.mat().times(2))).isEqualTo(slot.knownOpening());
      if (i > 0) {
        Box before = slots.get(i - 1).box();
        assertThat(before.y().isMoreThan(slot.box().y())).isFalse();
      }
    }
    assertThat(leaf.slots(Side.BACK, 0)).isEmpty();
  }

  @Test
  void a_mount_keeps_its_name_when_other_blocks_come_and_go() {
    Block first =
        new Block(
            1,
            new Shape.Single(Size.ofInches(2, 2)),
            new Anchor.OnPage(
                Anchor.Along.START, Length.ofInches(1), Anchor.Along.END, Length.ofInches(1)),
            Holds.PHOTO,
            Length.ZERO);
    Block second =
        new Block(
            2,
            new Shape.Single(Size.ofInches(3, 3)),
            new Anchor.OnPage(
                Anchor.Along.START, Length.ofInches(1), Anchor.Along.START, Length.ofInches(1)),
            Holds.WORDS,
            Length.ZERO);
    assertThat(names(first, second)).containsExactly("5-front-2.1", "5-front-1.1");
    assertThat(names(first)).containsExactly("5-front-1.1");
    assertThat(names(second)).containsExactly("5-front-2.1");
  }

  private static List<String> names(Block... blocks) {
    PagePlan plan = MEASURE.plan(List.of(blocks));
    Leaf leaf =
        new Leaf(5, 1, LeafType.plain("plain", PAGE), false, Length.ZERO, plan, PagePlan.EMPTY);
    return leaf.slots(Side.FRONT, 0).stream().map(Slot::id).toList();
  }
}
