package drumnest.core.mover;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.Panorama;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.PagePlan;
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
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class PanoramaTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final LeafType SIX_WIDE =
      (LeafType) Catalogue.beginning().get(Catalogue.SIX_WIDE).item();
  private static final String PAGE = "1-front-m";

  private static Mover accordion(Edge anchor, int panels) {
    Box at =
        new Box(
            Length.ofInches(4), Length.ofInches(2), Length.parse("4 1/4"), Length.parse("6 1/4"));
    Mechanism wide =
        new Mechanism.Accordion(
            panels, Length.parse("1/8"), Size.ofInches(24, 24), Length.parse("1/2"), true, false);
    return new Mover(1, at, anchor, null, wide);
  }

  private static Leaf leaf(Mover mover) {
    PagePlan plan = PagePlan.EMPTY.withMovers(MoverParts.of(mover, null, RULES), List.of(mover));
    return new Leaf(1, 1, SIX_WIDE, false, Length.ZERO, plan, PagePlan.EMPTY);
  }

  private static Panorama panorama(Mover mover) {
    return Panorama.of(mover).orElseThrow();
  }

  static Stream<Arguments> accordions() {
    return IntStream.rangeClosed(1, 9)
        .boxed()
        .flatMap(panels -> Stream.of(Edge.values()).map(edge -> Arguments.of(edge, panels)));
  }

  @ParameterizedTest
  @MethodSource("accordions")
  void pulled_out_its_pieces_are_what_is_up_in_their_order(Edge anchor, int panels) {
    Mover mover = accordion(anchor, panels);
    SpreadMotion motion = SpreadMotion.of(new Spread(0, List.of(leaf(mover))), Length.ZERO);
    Set<String> open =
        IntStream.range(1, panels).mapToObj(panel -> PAGE + panel).collect(Collectors.toSet());
    Set<String> up =
        motion.seen(open).stream().filter(face -> face.contains("-m")).collect(Collectors.toSet());
    assertThat(up)
        .isEqualTo(
            mover.parts().stream()
                .map(part -> PAGE + part + (panorama(mover).isOn(part, true) ? ".1" : ".2"))
                .collect(Collectors.toSet()));
    Comparator<Flap> along =
        Comparator.comparing(
            flap -> anchor.isAtSide() ? motion.area(flap, open).x() : motion.area(flap, open).y());
    assertThat(
            motion.flaps().all().stream()
                .sorted(along)
                .map(flap -> panorama(mover).piece(flap.id().replace(PAGE, ""))))
        .isEqualTo(IntStream.range(0, panels).boxed().toList());
  }

  @ParameterizedTest
  @MethodSource("accordions")
  void it_is_one_slot_beside_those_on_the_other_side(Edge anchor, int panels) {
    Mover mover = accordion(anchor, panels);
    List<Slot> slots =
        leaf(mover).slots(Side.FRONT, 0).stream().filter(slot -> !slot.kind().isOfPage()).toList();
    assertThat(slots).hasSize(panels);
    assertThat(slots)
        .filteredOn(slot -> slot.takes().equals(Size.ofInches(4, 6)))
        .hasSize(panels - (panels == 1 ? 0 : 1));
    Slot wide =
        slots.stream()
            .filter(slot -> slot.id().equals(PAGE + panels + ".1"))
            .findFirst()
            .orElseThrow();
    assertThat(wide.layers()).isEqualTo(panels);
    assertThat(((Outline.Pieces) wide.outline()).piece(wide.takes()))
        .isEqualTo(Size.ofInches(4, 6));
  }

  @Test
  void four_panels_of_4_by_6_take_a_print_16_3_4_wide() {
    // 4 × 4 and three gaps of twice a mat of 1/8.
    assertThat(panorama(accordion(Edge.LEFT, 4)).print())
        .isEqualTo(new Size(Length.parse("16 3/4"), Length.ofInches(6)));
    assertThat(panorama(accordion(Edge.TOP, 4)).print())
        .isEqualTo(new Size(Length.ofInches(4), Length.parse("24 3/4")));
  }
}
