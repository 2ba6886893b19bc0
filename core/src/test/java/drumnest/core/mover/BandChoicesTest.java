package drumnest.core.mover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import drumnest.core.album.flap.Band;
import drumnest.core.album.flap.Holds;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverKind;
import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.album.leaf.Anchor;
import drumnest.core.album.leaf.Block;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.Mount;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.PageSide;
import drumnest.core.album.leaf.Shape;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.album.leaf.Spread;
import drumnest.core.fit.Outline;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.kind.MoverParts;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LeafType;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class BandChoicesTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final LeafType WIDE = LeafType.plain("wide", Size.ofInches(12, 12));
  private static final LeafType NARROW = LeafType.plain("narrow", Size.ofInches(10, 12));
  private static final LeafType POCKETS =
      (LeafType) Catalogue.beginning().get(Catalogue.SIX_WIDE).item();

  private static Box box(String x, String y, String w, String h) {
    return new Box(Length.parse(x), Length.parse(y), Length.parse(w), Length.parse(h));
  }

  private static PagePlan mounts(Box... boxes) {
    List<Block> blocks = new ArrayList<>();
    List<Mount> mounts = new ArrayList<>();
    for (Box box : boxes) {
      int key = blocks.size() + 1;
      Anchor at = new Anchor.OnPage(Anchor.Along.START, box.x(), Anchor.Along.START, box.y());
      blocks.add(
          new Block(
              key, new Shape.Single(box.size()), at, Holds.PHOTO, Outline.STRAIGHT, Length.ZERO));
      mounts.add(new Mount(key, 1, box, Outline.STRAIGHT, Length.ZERO, Holds.PHOTO, 1));
    }
    return new PagePlan(blocks, mounts);
  }

  private static Leaf leaf(int number, LeafType type, PagePlan plan) {
    return new Leaf(number, number, type, false, Length.ZERO, plan, plan);
  }

  private static Spread spread(Leaf left, Leaf right) {
    return new Spread(1, List.of(left, right));
  }

  /** A mount of 4 × 4 in the middle, and a band through the middle of that. */
  @Test
  void photos_lie_over_a_band_on_the_ground_and_one_over_them_hides_them_for_good() {
    PagePlan mount = mounts(box("4", "4", "4", "4"));
    Box through = box("0", "5 1/4", "12", "1 1/2");
    for (boolean under : List.of(true, false)) {
      Mover band =
          new Mover(1, through, Edge.LEFT, null, new Band.Gutter(Size.ofInches(12, 12), under));
      PagePlan plan = mount.with(band, MoverParts.of(band, null, RULES));
      Leaf right = new Leaf(2, 2, WIDE, false, Length.ZERO, plan, PagePlan.EMPTY);
      Slot place =
          right.slots(Side.FRONT, 0).stream()
              .filter(s -> s.kind().isOfPage())
              .findFirst()
              .orElseThrow();
      assertThat(place.neverSeen()).isEqualTo(!under);
      SpreadMotion motion =
          SpreadMotion.of(spread(leaf(1, WIDE, PagePlan.EMPTY), right), Length.ZERO);
      assertThat(motion.seen(Set.of()).contains(place.id())).isEqualTo(under);
      assertThat(motion.clashes()).isEmpty();
    }
  }

  private static Mover only(Spread spread, Side side, Class<? extends Mechanism> kind) {
    Slot at = spread.top(side).slots(side, 0).get(0);
    return BandChoices.at(spread, at, RULES).stream()
        .map(MoverChoices.Choice::mover)
        .filter(mover -> kind.isInstance(mover.mechanism()))
        .findFirst()
        .orElseThrow();
  }

  private static Spread with(Spread spread, MirrorPiece half) {
    List<Leaf> leaves = new ArrayList<>(spread.leaves());
    Leaf leaf = half.page().leaf();
    Side face = leaf.face(half.page().side());
    PagePlan plan =
        leaf.plan(face).withMovers(MoverParts.of(half.mover(), null, RULES), List.of(half.mover()));
    leaves.set(leaf.number() - 1, leaf.withPlan(face, plan));
    return new Spread(spread.number(), leaves);
  }

  /** Free are 0–3 and 5–7 on the left, and 0–2 1/2 and 5 1/2–8 on the right. */
  @Test
  void a_band_goes_where_there_is_room_on_both_pages_near_the_place() {
    Spread spread =
        spread(
            leaf(1, WIDE, mounts(box("1", "3", "4", "2"), box("6", "7", "4", "5"))),
            leaf(2, WIDE, mounts(box("1", "2 1/2", "10", "3"), box("1", "8", "6", "4"))));
    Mover left = only(spread, Side.BACK, Band.Gutter.class);
    assertThat(left.at()).isEqualTo(box("0", "5 3/4", "12", "1"));
    assertThat(left.edge()).isEqualTo(Edge.RIGHT);
    PageSide page = new PageSide(spread.top(Side.BACK), Side.BACK);
    MirrorPiece right = MirrorPiece.of(spread, page, left).orElseThrow();
    assertThat(right.mover().at()).isEqualTo(box("0", "5 3/4", "12", "1"));
    assertThat(right.mover().edge()).isEqualTo(Edge.LEFT);
    assertThat(right.there()).isEmpty();
    MirrorPiece back =
        MirrorPiece.of(with(spread, right), right.page(), right.mover()).orElseThrow();
    assertThat(back.mover()).isEqualTo(left);
  }

  /** Pockets leave no room: half of it lies over the place, half over the next. */
  @Test
  void where_there_is_no_room_it_lies_over_the_edge_of_the_place_and_hides_no_picture() {
    Spread spread = spread(leaf(1, POCKETS, PagePlan.EMPTY), leaf(2, POCKETS, PagePlan.EMPTY));
    Mover band = only(spread, Side.FRONT, Band.Gutter.class);
    Slot place = spread.top(Side.FRONT).slots(Side.FRONT, 0).get(0);
    assertThat(band.at().y().plus(Length.parse("1/2"))).isEqualTo(place.box().bottom());
    PageSide page = new PageSide(spread.top(Side.FRONT), Side.FRONT);
    Spread with = with(spread, new MirrorPiece(page, band));
    List<Slot> slots = with.top(Side.FRONT).slots(Side.FRONT, 0);
    assertThat(slots).filteredOn(slot -> slot.kind().isOfPage()).noneMatch(Slot::neverSeen);
    // The band itself is for a keepsake, and nobody misses one.
    assertThat(slots)
        .filteredOn(slot -> !slot.kind().isOfPage())
        .allMatch(slot -> slot.holds() == Holds.KEEPSAKE && slot.mayStayEmpty())
        .hasSize(1);
  }

  /** A 10 × 12 leaf among 12 × 12 ones leaves a band of 2, here with 1/2 stuck to the leaf. */
  @ParameterizedTest
  @EnumSource(Side.class)
  void beyond_a_narrow_leaf_it_fills_what_is_missing_and_its_other_half_lies_behind_it(Side side) {
    Leaf narrow = leaf(side == Side.BACK ? 1 : 2, NARROW, mounts(box("1", "1", "4", "3")));
    Leaf wide = leaf(side == Side.BACK ? 2 : 1, WIDE, mounts(box("1", "1", "4", "3")));
    Spread spread = side == Side.BACK ? spread(narrow, wide) : spread(wide, narrow);
    Mover band = only(spread, side, Band.Beyond.class);
    Box left = box("-2", "0", "2 1/2", "12");
    Box right = box("9 1/2", "0", "2 1/2", "12");
    assertThat(band.at()).isEqualTo(side == Side.BACK ? left : right);
    PageSide page = new PageSide(narrow, side);
    MirrorPiece behind = MirrorPiece.of(spread, page, band).orElseThrow();
    assertThat(behind.page()).isEqualTo(new PageSide(narrow, side.other()));
    assertThat(behind.mover().at()).isEqualTo(side == Side.BACK ? right : left);
    assertThat(with(spread, new MirrorPiece(page, band)).leaves()).hasSize(2);
    Mover onLeaf = band.lying(band.mechanism().lying(box("0", "3", "1/2", "1"), band.edge()));
    assertThat(onLeaf.at().h()).isEqualTo(Length.ofInches(12));
    assertThatExceptionOfType(MoverProblemException.class)
        .isThrownBy(() -> MoverParts.of(onLeaf, null, RULES));
    Slot onWide = wide.slots(side.other(), 0).get(0);
    assertThat(BandChoices.at(spread, onWide, RULES))
        .extracting(choice -> choice.mover().mechanism().kind())
        .containsExactly(MoverKind.GUTTER_BAND);
  }

  /**
   * Pictures that reach to 1/4 from the edge leave that much; those that reach to it, what holds.
   */
  @Test
  void beside_pictures_less_of_it_is_stuck_to_the_leaf() {
    Leaf wide = leaf(1, WIDE, PagePlan.EMPTY);
    for (String[] each : new String[][] {{"5 3/4", "1/4"}, {"6", "1/8"}, {"4", "1/2"}}) {
      Leaf narrow = leaf(2, NARROW, mounts(box("4", "1", each[0], "3")));
      Mover band = only(spread(wide, narrow), Side.FRONT, Band.Beyond.class);
      // The back has it at 4 from its own outer edge.
      assertThat(((Band.Beyond) band.mechanism()).overlap()).isEqualTo(Length.parse(each[1]));
    }
  }

  @Test
  void a_page_that_faces_none_has_no_band_across_the_gutter() {
    Leaf first = leaf(1, WIDE, mounts(box("1", "1", "4", "3")));
    Spread spread = new Spread(0, List.of(first));
    assertThat(BandChoices.at(spread, first.slots(Side.FRONT, 0).get(0), RULES)).isEmpty();
  }

  /** In random plans it lies in both pages, over nothing where it found room, and mirrors back. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
  void in_random_spreads_it_covers_nothing_where_there_is_room(long seed) {
    Random random = new Random(seed);
    Spread spread = spread(leaf(1, WIDE, rows(random)), leaf(2, NARROW, rows(random)));
    for (Side side : Side.values()) {
      Mover band = only(spread, side, Band.Gutter.class);
      PageSide page = new PageSide(spread.top(side), side);
      MirrorPiece other = MirrorPiece.of(spread, page, band).orElseThrow();
      assertThat(places(page)).noneMatch(place -> place.overlaps(band.at()));
      assertThat(places(other.page())).noneMatch(place -> place.overlaps(other.mover().at()));
      for (PageSide each : List.of(page, other.page())) {
        Box whole = Box.of(each.size());
        assertThat(whole.contains(each == page ? band.at() : other.mover().at())).isTrue();
      }
      assertThat(MirrorPiece.of(spread, other.page(), other.mover()).orElseThrow().mover())
          .isEqualTo(band);
    }
  }

  private static List<Box> places(PageSide page) {
    return page.leaf().slots(page.side(), 0).stream().map(Slot::box).toList();
  }

  /** Two rows that leave 1 1/2 free at the foot at least. */
  private static PagePlan rows(Random random) {
    return mounts(
        Stream.of(0, 1)
            .map(
                row ->
                    new Box(
                        Length.ofInches(random.nextInt(4)),
                        Length.parse("1/4").times(random.nextInt(9) + row * 21L),
                        Length.ofInches(3),
                        Length.ofInches(3)))
            .toArray(Box[]::new));
  }
}
