package drumnest.core.album.leaf;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.flap.Holds;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LeafType;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.junit.jupiter.api.Test;

/** Thicknesses of the trade: ply 0.004, card 0.011, print 0.009, button badge 0.180. */
class LeafThicknessTest {

  private static final LeafThickness THICKNESS =
      new LeafThickness(Length.parse(".004"), Length.parse(".011"));

  private static LeafType type(String key) {
    return (LeafType) Catalogue.beginning().get(key).item();
  }

  private static Function<Slot, Length> holding(Map<String, String> held) {
    return slot -> Length.parse(held.getOrDefault(slot.id(), "0"));
  }

  @Test
  void an_empty_protector_is_its_two_plies() {
    Leaf leaf = Leaf.of(1, 1, type(Catalogue.SIX_WIDE));
    assertThat(THICKNESS.of(leaf, slot -> Length.ZERO)).isEqualTo(Length.parse(".008"));
  }

  @Test
  void two_prints_back_to_back_in_one_pocket_add_up_and_prints_beside_each_other_do_not() {
    Leaf leaf = Leaf.of(1, 1, type(Catalogue.SIX_WIDE));
    // Pocket 1 of the front is pocket 2 of the back.
    assertThat(THICKNESS.of(leaf, holding(Map.of("1-front-1", ".009", "1-back-2", ".009"))))
        .isEqualTo(Length.parse(".026"));
    assertThat(THICKNESS.of(leaf, holding(Map.of("1-front-1", ".009", "1-back-1", ".009"))))
        .isEqualTo(Length.parse(".017"));
  }

  @Test
  void with_pockets_of_their_own_the_thickest_of_each_side_may_meet_and_there_is_a_ply_between() {
    LeafType shared = type(Catalogue.SIX_WIDE);
    Leaf leaf =
        Leaf.of(
            1, 1, new LeafType("separate", shared.size(), shared.pattern(), false, Length.ZERO));
    assertThat(THICKNESS.of(leaf, holding(Map.of("1-front-1", ".009", "1-back-1", ".180"))))
        .isEqualTo(Length.parse(".201"));
  }

  @Test
  void a_plain_page_counts_its_paper_and_what_is_stuck_on_both_faces() {
    Block one =
        new Block(
            1,
            new Shape.Single(Size.ofInches(4, 4)),
            new Anchor.OnPage(Anchor.Along.MIDDLE, Length.ZERO, Anchor.Along.MIDDLE, Length.ZERO),
            Holds.PHOTO,
            Length.ZERO);
    Size page = Size.ofInches(12, 12);
    PagePlan plan = new PageMeasure(page, Box.of(page), HouseRules.defaults()).plan(List.of(one));
    Leaf leaf = new Leaf(1, 1, LeafType.plain("plain", page), false, Length.ZERO, plan, plan);
    assertThat(THICKNESS.of(leaf, holding(Map.of("1-front-1.1", ".009", "1-back-1.1", ".060"))))
        .isEqualTo(Length.parse(".088"));
  }

  @Test
  void turned_over_it_is_as_thick_as_before() {
    Leaf leaf = Leaf.of(1, 1, type(Catalogue.ONE_WIDE_TEN_SMALL));
    Leaf turned = new Leaf(1, 1, leaf.type(), true, Length.ZERO, PagePlan.EMPTY, PagePlan.EMPTY);
    Function<Slot, Length> held = holding(Map.of("1-front-1", ".009", "1-back-3", ".060"));
    assertThat(THICKNESS.of(turned, held))
        .isEqualTo(THICKNESS.of(leaf, held))
        .isEqualTo(Length.parse(".077"));
  }
}
