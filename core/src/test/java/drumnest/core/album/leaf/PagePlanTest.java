package drumnest.core.album.leaf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import drumnest.core.album.flap.Attachment;
import drumnest.core.album.flap.Band;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Grip;
import drumnest.core.album.flap.Holds;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.Support;
import drumnest.core.fit.Outline;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Nothing stands on a page but what was said, and what follows from that. */
class PagePlanTest {

  private static final Box AT = Box.of(Size.ofInches(4, 6));
  private static final Mover CHAIN = new Mover(1, AT, Edge.LEFT, null, new Mechanism.Chain(2));

  private static Flap flap(String id) {
    return Flap.sleeve(
        id, AT, Edge.LEFT, new Attachment.OnProtector(Length.ofInches(1)), Support.PAGE);
  }

  @Test
  void a_mover_stands_with_all_its_parts() {
    PagePlan plan = PagePlan.EMPTY.withMovers(List.of(flap("1"), flap("2")), List.of(CHAIN));
    assertThat(plan.moverOf("2")).contains(CHAIN);
    assertThatIllegalArgumentException()
        .isThrownBy(() -> PagePlan.EMPTY.withMovers(List.of(flap("1")), List.of(CHAIN)));
    assertThatIllegalArgumentException().isThrownBy(() -> plan.withFlaps(List.of(flap("2"))));
  }

  @Test
  void a_flap_has_one_name_and_is_a_part_of_one_mover() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> PagePlan.EMPTY.withFlaps(List.of(flap("1"), flap("1"))));
    assertThatIllegalArgumentException()
        .isThrownBy(
            () -> PagePlan.EMPTY.withMovers(List.of(flap("1"), flap("2")), List.of(CHAIN, CHAIN)));
  }

  @Test
  void a_mount_belongs_to_a_block() {
    Mount mount = new Mount(1, 1, AT, Outline.STRAIGHT, Length.ZERO, Holds.PHOTO, 1);
    assertThatIllegalArgumentException().isThrownBy(() -> new PagePlan(List.of(), List.of(mount)));
  }

  private static Flap on(String id, Support support) {
    return flap(id).with(support);
  }

  /** Doors 1 and 2, sleeve 3 inside door 1, sleeve 4 on sleeve 3, sleeve 5 over door 2. */
  private static PagePlan doors() {
    Mover pair = new Mover(1, AT, Edge.LEFT, null, new Mechanism.Door(true, Length.ZERO));
    return PagePlan.EMPTY.withMovers(
        List.of(
            flap("1"),
            flap("2"),
            on("3", new Support.Inside("1", null)),
            on("4", new Support.StuckTo("3")),
            on("5", new Support.Over("2"))),
        List.of(pair));
  }

  @Test
  void what_goes_takes_along_what_is_on_its_inside_and_the_rest_of_its_mover() {
    PagePlan plan = doors();
    assertThat(plan.goingWith("1")).containsExactlyInAnyOrder("1", "2", "3", "4");
    assertThat(plan.goingWith("3")).containsExactlyInAnyOrder("3", "4");
    assertThat(plan.goingWith("5")).containsExactly("5");
    assertThat(plan.isOnInside("3")).isTrue();
    assertThat(plan.isOnInside("4")).as("stuck to one on an inside").isTrue();
    assertThat(plan.isOnInside("2")).isFalse();
    PagePlan without = plan.without("2");
    assertThat(without.movers()).isEmpty();
    assertThat(without.flaps()).containsExactly(on("5", Support.PAGE));
    assertThat(plan.without("3").flaps()).extracting(Flap::id).containsExactly("1", "2", "5");
  }

  @Test
  void what_lay_on_one_that_is_gone_lies_where_that_lay() {
    PagePlan over =
        PagePlan.EMPTY.withFlaps(
            List.of(flap("1"), on("2", new Support.Over("1")), on("3", new Support.Over("2"))));
    assertThat(over.without("2").flap("3")).contains(on("3", new Support.Over("1")));
    assertThat(over.without("1").flap("2")).contains(on("2", Support.PAGE));
    PagePlan chained =
        PagePlan.EMPTY.withFlaps(
            List.of(
                flap("1"), on("2", new Support.StuckTo("1")), on("3", new Support.StuckTo("2"))));
    assertThat(chained.without("2").flap("3")).contains(on("3", new Support.StuckTo("1")));
    PagePlan inside =
        PagePlan.EMPTY.withFlaps(
            List.of(
                flap("1"),
                on("2", new Support.Inside("1", null)),
                on("3", new Support.Inside("1", "2"))));
    assertThat(inside.without("2").flap("3")).contains(on("3", new Support.Inside("1", null)));
  }

  @Test
  void who_carries_what() {
    PagePlan plan = doors();
    assertThat(plan.carrierOf(plan.flap("3").orElseThrow())).contains(flap("1"));
    assertThat(plan.carrierOf(plan.flap("4").orElseThrow())).isEmpty();
    assertThat(plan.carrierOf(plan.flap("1").orElseThrow())).isEmpty();
    Mover carried = new Mover(6, AT, Edge.TOP, "1", new Mechanism.Chain(2));
    PagePlan with =
        plan.with(
            carried,
            List.of(on("6", new Support.StuckTo("7")), on("7", new Support.Inside("1", null))));
    assertThat(with.carrierOf(with.flap("6").orElseThrow())).contains(flap("1"));
    assertThat(with.seen(carried)).isEqualTo(carried.carriedOutBy(flap("1")));
    assertThat(with.seen(with.movers().get(0))).isEqualTo(with.movers().get(0));
    assertThat(with.nextNumber()).isEqualTo(8);
    assertThat(PagePlan.EMPTY.nextNumber()).isEqualTo(1);
    assertThat(with.flap("9")).isEmpty();
    assertThat(PagePlan.EMPTY.isEmpty()).isTrue();
    assertThat(with.isEmpty()).isFalse();
  }

  @Test
  void what_a_flap_is_meant_to_hold() {
    PagePlan plan = doors();
    assertThat(plan.holdsOf("1")).isEqualTo(Holds.PHOTO);
    Mover band = new Mover(6, AT, Edge.RIGHT, null, new Band.Gutter(Size.ofInches(12, 12)));
    assertThat(plan.with(band, List.of(flap("6"))).holdsOf("6")).isEqualTo(Holds.KEEPSAKE);
    assertThat(plan.isPrinted("1")).isFalse();
    for (boolean printed : List.of(false, true)) {
      Mechanism accordion =
          new Mechanism.Accordion(
              2, Length.ZERO, Size.ofInches(12, 12), Length.ZERO, false, printed);
      PagePlan folded =
          PagePlan.EMPTY.withMovers(
              List.of(flap("1"), flap("2")), List.of(new Mover(1, AT, Edge.LEFT, null, accordion)));
      assertThat(folded.isPrinted("2")).isEqualTo(printed);
    }
  }

  @Test
  void which_edges_can_be_drawn_elsewhere() {
    PagePlan plan = doors();
    assertThat(plan.movableEdges(plan.flap("5").orElseThrow())).containsExactly(Edge.values());
    assertThat(plan.movableEdges(plan.flap("3").orElseThrow())).containsExactly(Edge.values());
    assertThat(plan.movableEdges(plan.flap("4").orElseThrow()))
        .as("stuck to another on an inside")
        .isEmpty();
    Band beyond = new Band.Beyond(Size.ofInches(12, 12), Length.ofInches(1));
    Mover band = new Mover(6, AT, Edge.LEFT, null, beyond);
    assertThat(plan.with(band, List.of(flap("6"))).movableEdges(flap("6")))
        .containsExactly(Edge.LEFT);
    // On the inside of one that is hinged at the left, left is seen as right.
    Mover inside = new Mover(6, AT, Edge.LEFT, "1", beyond);
    Flap carried = on("6", new Support.Inside("1", null));
    assertThat(plan.with(inside, List.of(carried)).movableEdges(carried))
        .containsExactly(Edge.RIGHT);
  }

  @Test
  void what_moves_without_a_grip_and_shows_nothing_is_not_marked() {
    assertThat(doors().isUnmarked(flap("5"))).isTrue();
    assertThat(doors().isUnmarked(flap("5").withGrip(Grip.TAB))).isFalse();
    assertThat(doors().isUnmarked(flap("5").with(new Attachment.StuckDown()))).isFalse();
    assertThat(doors().isUnmarked(flap("2"))).as("both doors of a pair are gripped").isTrue();
    Mechanism steps = new Mechanism.Waterfall(2, Length.ofInches(1));
    PagePlan seen =
        PagePlan.EMPTY.withMovers(
            List.of(flap("1"), flap("2")), List.of(new Mover(1, AT, Edge.TOP, null, steps)));
    assertThat(seen.isUnmarked(flap("1"))).isFalse();
    PagePlan chain = PagePlan.EMPTY.withMovers(List.of(flap("1"), flap("2")), List.of(CHAIN));
    assertThat(chain.isUnmarked(flap("1"))).isTrue();
    assertThat(chain.isUnmarked(flap("2"))).as("only the first of a chain is gripped").isFalse();
  }
}
