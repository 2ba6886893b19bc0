package drumnest.core.album.leaf;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.LeafType;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class LeafTest {

  static List<LeafType> kinds() {
    return Catalogue.beginning().values().stream()
        .map(Catalogue.Entry::item)
        .filter(LeafType.class::isInstance)
        .map(LeafType.class::cast)
        .toList();
  }

  private static Leaf turned(Leaf leaf) {
    return new Leaf(
        leaf.key(),
        leaf.number(),
        leaf.type(),
        !leaf.turned(),
        leaf.drop(),
        leaf.plan(),
        leaf.reversePlan());
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void the_slots_of_a_side_lie_within_the_leaf_and_apart(LeafType type) {
    Leaf leaf = Leaf.of(1, 1, type);
    Box all = Box.of(type.size());
    for (Side side : Side.values()) {
      List<Slot> slots = leaf.slots(side, 0);
      for (Slot slot : slots) {
        assertThat(all.contains(slot.box())).as("%s", slot).isTrue();
        assertThat(slot.side()).isEqualTo(side);
        for (Slot other : slots) {
          assertThat(slot == other || !slot.box().overlaps(other.box())).isTrue();
        }
      }
    }
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void turned_over_twice_it_is_itself(LeafType type) {
    Leaf leaf = Leaf.of(4, 2, type);
    for (Side side : Side.values()) {
      assertThat(turned(turned(leaf)).slots(side, 9)).isEqualTo(leaf.slots(side, 9));
      assertThat(leaf.sideOf(leaf.face(side))).isEqualTo(side);
      assertThat(turned(leaf).sideOf(turned(leaf).face(side))).isEqualTo(side);
    }
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void turned_over_each_slot_keeps_its_name_and_stands_mirrored(LeafType type) {
    Leaf leaf = Leaf.of(4, 2, type);
    for (Slot before : leaf.slots(Side.FRONT, 0)) {
      Slot after =
          turned(leaf).slots(Side.BACK, 0).stream()
              .filter(slot -> slot.id().equals(before.id()))
              .findFirst()
              .orElseThrow();
      assertThat(after.takes()).isEqualTo(before.takes());
      assertThat(after.box().size()).isEqualTo(before.box().size());
    }
  }

  @Test
  void at_the_gutter_a_small_leaf_lies_left_on_the_right_and_right_on_the_left() {
    Leaf small =
        new Leaf(
            1,
            1,
            LeafType.plain("inset", Size.ofInches(6, 8)),
            false,
            Length.ofInches(2),
            PagePlan.EMPTY,
            PagePlan.EMPTY);
    Length twelve = Length.ofInches(12);
    assertThat(small.placeOn(Side.FRONT, twelve).x()).isEqualTo(Length.ZERO);
    assertThat(small.placeOn(Side.BACK, twelve).x()).isEqualTo(Length.ofInches(6));
    assertThat(small.placeOn(Side.BACK, twelve).bottom()).isEqualTo(Length.ofInches(10));
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(longs = {61, 62, 63, 64, 65})
  void in_any_album_ranks_count_from_1_names_are_unlike_and_every_slot_is_on_its_spread(long seed) {
    Random random = new Random(seed);
    List<LeafType> kinds = kinds();
    List<Leaf> leaves = new ArrayList<>();
    for (int number = 1; number <= 8; number++) {
      Leaf leaf = Leaf.of(100 - number, number, kinds.get(random.nextInt(kinds.size())));
      leaves.add(random.nextBoolean() ? leaf : turned(leaf));
    }
    AlbumLeaves album = new AlbumLeaves(leaves);
    Set<String> names = new HashSet<>();
    int rank = 0;
    for (Slot slot : album.slots()) {
      assertThat(slot.rank()).isEqualTo(++rank);
      assertThat(names.add(slot.id())).isTrue();
      assertThat(album.slot(slot.id())).contains(slot);
      int spread = album.spreadOf(slot.parent().page());
      assertThat(album.spread(spread).slot(slot.id())).isPresent();
    }
    assertThat(album.spreads()).isEqualTo(9);
    assertThat(album.leaf(97)).map(Leaf::number).contains(3);
    assertThat(album.leaf(1)).isEmpty();
    assertThat(album.slot("1-front-1")).isEmpty();
    assertThat(album.spread(-3).number()).isZero();
  }

  @Test
  void an_album_without_leaves_has_one_empty_spread() {
    AlbumLeaves album = new AlbumLeaves(List.of());
    assertThat(album.spreads()).isEqualTo(1);
    assertThat(album.slots()).isEmpty();
    Spread spread = album.spread(0);
    assertThat(spread.slots()).isEmpty();
    assertThat(spread.layers(Side.FRONT)).isEmpty();
    assertThat(spread.top(Side.BACK)).isNull();
    assertThat(spread.visibleBehind(Side.BACK)).isEmpty();
  }
}
