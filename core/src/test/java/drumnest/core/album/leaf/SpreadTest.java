package drumnest.core.album.leaf;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.measure.Turn;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.LeafType;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SpreadTest {

  private static LeafType type(String key) {
    return (LeafType) Catalogue.beginning().get(key).item();
  }

  private static AlbumLeaves album(String... types) {
    List<Leaf> leaves = new ArrayList<>();
    for (String type : types) {
      leaves.add(Leaf.of(leaves.size() + 1, leaves.size() + 1, type(type)));
    }
    return new AlbumLeaves(leaves);
  }

  private static Box box(String x, String y, String w, String h) {
    return new Box(Length.parse(x), Length.parse(y), Length.parse(w), Length.parse(h));
  }

  @Test
  void a_spread_is_the_back_of_one_leaf_and_the_front_of_the_next() {
    Spread spread = album(Catalogue.SIX_WIDE, Catalogue.ONE_WIDE_TEN_SMALL).spread(1);
    List<Slot> slots = spread.slots();
    assertThat(slots).hasSize(17);
    assertThat(slots).extracting(Slot::rank).isSorted();
    assertThat(slots.get(0).id()).isEqualTo("1-back-1");
    assertThat(slots.get(6).id()).isEqualTo("2-front-1");
    assertThat(slots.get(6).takes()).isEqualTo(Size.ofInches(6, 4));
    assertThat(slots.get(0).readingTurn()).isEqualTo(Turn.NONE);
    assertThat(slots.get(0).hiddenAtRest()).isFalse();
    assertThat(spread.slot("2-front-11")).isPresent();
    assertThat(spread.slot("2-back-1")).isEmpty();
  }

  @Test
  void the_first_spread_has_no_left_page_and_the_last_no_right_one() {
    AlbumLeaves album = album(Catalogue.SIX_WIDE, Catalogue.SIX_WIDE);
    assertThat(album.spreads()).isEqualTo(3);
    assertThat(album.spread(0).top(Side.BACK)).isNull();
    assertThat(album.spread(0).slots()).extracting(Slot::side).containsOnly(Side.FRONT);
    assertThat(album.spread(2).top(Side.FRONT)).isNull();
    assertThat(album.spread(2).slots()).extracting(Slot::side).containsOnly(Side.BACK);
    assertThat(album.spread(99).number()).isEqualTo(2);
    assertThat(album.slots()).hasSize(24).extracting(Slot::rank).isSorted();
  }

  @Test
  void both_sides_of_a_shared_pocket_know_each_other() {
    Leaf leaf = Leaf.of(4, 1, type(Catalogue.ONE_WIDE_TEN_SMALL));
    Slot wide = leaf.slots(Side.FRONT, 0).get(0);
    assertThat(leaf.otherSideOf(wide)).contains("4-back-3");
    for (Slot slot : leaf.slots(Side.BACK, 0)) {
      String other = leaf.otherSideOf(slot).orElseThrow();
      Slot front =
          leaf.slots(Side.FRONT, 0).stream()
              .filter(each -> each.id().equals(other))
              .findFirst()
              .orElseThrow();
      assertThat(front.box()).isEqualTo(slot.box().mirroredIn(leaf.size().w()));
      assertThat(leaf.otherSideOf(front)).contains(slot.id());
    }
  }

  @Test
  void sides_with_pockets_of_their_own_share_none() {
    LeafType shared = type(Catalogue.SIX_WIDE);
    LeafType separate =
        new LeafType("separate", shared.size(), shared.pattern(), false, Length.ZERO);
    Leaf leaf = Leaf.of(1, 1, separate);
    assertThat(leaf.otherSideOf(leaf.slots(Side.FRONT, 0).get(0))).isEmpty();
  }

  @Test
  void a_leaf_turned_over_takes_its_ephemera_along() {
    Leaf leaf = Leaf.of(1, 1, type(Catalogue.ONE_WIDE_TEN_SMALL));
    Leaf turned = new Leaf(1, 1, leaf.type(), true, Length.ZERO, PagePlan.EMPTY, PagePlan.EMPTY);
    Slot before = leaf.slots(Side.FRONT, 0).get(0);
    Slot after =
        turned.slots(Side.BACK, 0).stream()
            .filter(slot -> slot.id().equals(before.id()))
            .findFirst()
            .orElseThrow();
    assertThat(after.takes()).isEqualTo(before.takes());
    assertThat(turned.slots(Side.FRONT, 0))
        .extracting(Slot::id)
        .allMatch(id -> id.contains("back"));
  }

  @Test
  void a_6_by_12_in_front_of_a_12_by_12_leaves_its_outer_half_visible() {
    Spread spread =
        album("12x12-six-6x4", "6x12-three-6x4", "12x12-nine-4x4", "12x12-six-4x6").spread(1);
    List<Spread.Layer> right = spread.layers(Side.FRONT);
    assertThat(right).hasSize(2);
    assertThat(right.get(0).leaf().number()).isEqualTo(2);
    assertThat(right.get(0).box()).isEqualTo(box("0", "0", "6", "12"));
    assertThat(right.get(1).leaf().number()).isEqualTo(3);
    assertThat(right.get(1).shows()).containsExactly(box("6", "0", "6", "12"));
  }

  @Test
  void on_the_left_a_small_leaf_lies_at_the_gutter_too() {
    Spread spread = album("12x12-six-6x4", "6x12-three-6x4", "12x12-nine-4x4").spread(2);
    List<Spread.Layer> left = spread.layers(Side.BACK);
    assertThat(left.get(0).box()).isEqualTo(box("6", "0", "6", "12"));
    assertThat(left.get(1).shows()).containsExactly(box("0", "0", "6", "12"));
  }

  @Test
  void an_inset_of_6_by_8_between_8_1_2_by_11_leaves_2_1_2_beside_and_3_below_it() {
    Spread spread = album("plain-6x8", "plain-8.1-2x11").spread(0);
    List<Box> shows = spread.layers(Side.FRONT).get(1).shows();
    assertThat(shows)
        .containsExactlyInAnyOrder(box("6", "0", "2 1/2", "8"), box("0", "8", "8 1/2", "3"));
    Spread.Visible visible = spread.visibleBehind(Side.FRONT).orElseThrow();
    assertThat(visible.behind().number()).isEqualTo(2);
    assertThat(visible.beside()).isEqualTo(Length.parse("2 1/2"));
    assertThat(visible.above()).isEqualTo(Length.ZERO);
    assertThat(visible.below()).isEqualTo(Length.parse("3"));
    assertThat(album("plain-8.1-2x11", "plain-6x8").spread(0).visibleBehind(Side.FRONT)).isEmpty();
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(longs = {1, 2, 3, 4})
  void what_is_seen_of_the_leaves_of_a_side_never_overlaps(long seed) {
    Random random = new Random(seed);
    String[] types = {
      "plain-12x12", "plain-6x8", "6x12-three-6x4", "plain-a5", "4x12-two-4x6", "plain-8.1-2x11"
    };
    List<Leaf> leaves = new ArrayList<>();
    for (int i = 1; i <= 9; i++) {
      Leaf leaf = Leaf.of(i, i, type(types[random.nextInt(types.length)]));
      leaves.add(
          new Leaf(
              i,
              i,
              leaf.type(),
              false,
              Length.ofInches(random.nextInt(4)),
              PagePlan.EMPTY,
              PagePlan.EMPTY));
    }
    AlbumLeaves album = new AlbumLeaves(leaves);
    for (int number = 0; number < album.spreads(); number++) {
      for (Side side : Side.values()) {
        List<Box> seen =
            album.spread(number).layers(side).stream()
                .flatMap(layer -> layer.shows().stream())
                .toList();
        for (int i = 0; i < seen.size(); i++) {
          for (int k = 0; k < i; k++) {
            assertThat(seen.get(i).overlaps(seen.get(k))).isFalse();
          }
        }
      }
    }
  }
}
