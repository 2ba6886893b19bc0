package drumnest.core.mover;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.flap.Attachment;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Grip;
import drumnest.core.album.flap.Support;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.album.leaf.Spread;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.mover.SpreadMotion.Hindrance;
import drumnest.core.mover.SpreadMotion.Why;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LeafType;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class SpreadMotionTest {

  private static final LeafType SIX_WIDE =
      (LeafType) Catalogue.beginning().get(Catalogue.SIX_WIDE).item();
  private static final Length SEAL = Length.parse("1/16");

  private static Box box(int x, int y, int w, int h) {
    return new Box(Length.ofInches(x), Length.ofInches(y), Length.ofInches(w), Length.ofInches(h));
  }

  /** A sleeve over a place, insert over print. */
  private static Flap over(String id, Box place, Edge hinge, String on) {
    return new Flap(
        id,
        place.inset(SEAL.negated()),
        hinge,
        new Attachment.ThroughSlit(Length.parse("1/2")),
        Support.of(on, null, false),
        Flap.Body.SLEEVE,
        SEAL);
  }

  private static Leaf leaf(int number, List<Flap> flaps) {
    PagePlan plan = PagePlan.EMPTY.withFlaps(flaps);
    return new Leaf(number, number, SIX_WIDE, false, Length.ZERO, plan, plan);
  }

  private static SpreadMotion spread(List<Flap> flaps) {
    return SpreadMotion.of(
        new Spread(1, List.of(leaf(1, flaps), leaf(2, flaps))), Length.parse("1/2"));
  }

  @Test
  void the_right_page_lies_beyond_the_gutter() {
    SpreadMotion motion = spread(List.of(over("1", box(0, 0, 6, 4), Edge.LEFT, null)));
    Flap left = motion.flap("1-back-m1").orElseThrow();
    Flap right = motion.flap("2-front-m1").orElseThrow();
    assertThat(left.takes()).isEqualTo(box(0, 0, 6, 4).size());
    assertThat(left.closed().inset(SEAL)).isEqualTo(box(0, 0, 6, 4));
    assertThat(right.closed().inset(SEAL)).isEqualTo(box(13, 0, 6, 4));
    // Opened, it lies over the left page.
    assertThat(
            motion.area(right, Set.of(right.id())).inset(SEAL).x().isLessThan(right.open().right()))
        .isTrue();
    assertThat(right.open().right()).isEqualTo(right.closed().x());
    // Its sealed edge lies 1/16 over the gutter; so it reaches 6 1/8 less that, and the gutter,
    // over.
    assertThat(motion.overGutter(right, Set.of(right.id()))).hasValue(Length.parse("5 3/16"));
    assertThat(motion.overGutter(left, Set.of(left.id()))).isEmpty();
  }

  @Test
  void what_is_narrower_than_the_gutter_ends_over_the_rings() {
    Box narrow = new Box(Length.ZERO, Length.ZERO, Length.parse("3/4"), Length.ofInches(4));
    SpreadMotion motion = spread(List.of(over("1", narrow, Edge.LEFT, null)));
    Flap right = motion.flap("2-front-m1").orElseThrow();
    assertThat(motion.overGutter(right, Set.of(right.id()))).hasValue(Length.ZERO);
    assertThat(motion.overGutter(right, Set.of())).isEmpty();
  }

  /** The rings go through the middle of the punched strip, which is half an inch wide. */
  @Test
  void it_lies_over_the_rings_only_past_half_of_the_strip() {
    // An inch wide, with a sealed edge of 1/16: open it reaches 1/4 past its page, and 17/64.
    for (String from : List.of("15/16", "59/64")) {
      Box box = new Box(Length.parse(from), Length.ZERO, Length.ofInches(1), Length.ofInches(4));
      SpreadMotion motion = spread(List.of(over("1", box, Edge.LEFT, null)));
      Flap right = motion.flap("2-front-m1").orElseThrow();
      assertThat(motion.overGutter(right, Set.of(right.id())).isPresent())
          .as(from)
          .isEqualTo(!from.equals("15/16"));
    }
  }

  @Test
  void a_tab_sticks_out_of_the_free_edge_and_goes_over_with_it() {
    Flap flap = over("1", box(2, 4, 4, 3), Edge.LEFT, null).withGrip(Grip.TAB);
    SpreadMotion motion = new SpreadMotion(List.of(flap));
    Length half = Length.parse("1/2");
    assertThat(motion.gripArea(flap, Set.of(), HouseRules.defaults()))
        .hasValue(new Box(flap.closed().right(), Length.ofInches(5), half, Length.ofInches(1)));
    assertThat(motion.gripArea(flap, Set.of("1"), HouseRules.defaults()))
        .hasValue(
            new Box(flap.open().x().minus(half), Length.ofInches(5), half, Length.ofInches(1)));
    assertThat(motion.gripArea(flap.withGrip(Grip.NONE), Set.of(), HouseRules.defaults()))
        .isEmpty();
  }

  @Test
  void a_flap_hides_the_pocket_below_it_until_it_is_open_and_then_shows_its_inside() {
    SpreadMotion motion = spread(List.of(over("1", box(0, 4, 6, 4), Edge.TOP, null)));
    assertThat(motion.seen(Set.of()))
        .contains("1-back-m1.1", "1-back-1")
        .doesNotContain("1-back-3", "1-back-m1.2");
    // It comes to lie over the pocket above.
    assertThat(motion.seen(Set.of("1-back-m1")))
        .contains("1-back-3", "1-back-m1.2")
        .doesNotContain("1-back-m1.1", "1-back-1");
  }

  @Test
  void slots_are_read_outside_first_and_the_inside_where_it_opens_to() {
    Leaf above = leaf(1, List.of(over("1", box(6, 0, 6, 4), Edge.RIGHT, null)));
    assertThat(names(above)).containsExactly("1", "m1.1", "2", "m1.2", "3", "4", "5", "6");
    Leaf twice =
        leaf(
            1,
            List.of(
                over("1", box(0, 0, 6, 4), Edge.LEFT, null),
                over("2", box(0, 0, 6, 4), Edge.BOTTOM, "1")));
    assertThat(names(twice).subList(0, 6))
        .containsExactly("m2.1", "m1.1", "m2.2", "m1.2", "1", "2");
    List<Slot> slots = twice.slots(Side.FRONT, 0);
    assertThat(slots.stream().filter(Slot::hiddenAtRest).map(Slot::id))
        .containsExactly("1-front-m1.1", "1-front-m2.2", "1-front-m1.2", "1-front-1");
    assertThat(slots).extracting(Slot::rank).isSorted().doesNotHaveDuplicates();
  }

  private static List<String> names(Leaf leaf) {
    return leaf.slots(Side.FRONT, 0).stream()
        .map(slot -> slot.id().replace("1-front-", ""))
        .toList();
  }

  @Test
  void what_lies_on_another_is_opened_first() {
    SpreadMotion motion =
        new SpreadMotion(
            List.of(
                over("1", box(4, 4, 4, 4), Edge.LEFT, null),
                over("2", box(4, 4, 4, 4), Edge.RIGHT, "1")));
    Flap below = motion.flap("1").orElseThrow();
    Flap above = motion.flap("2").orElseThrow();
    assertThat(motion.hindrances(below, Set.of()))
        .containsExactly(new Hindrance(Why.OPEN_FIRST, "2"));
    assertThat(motion.hindrances(above, Set.of())).isEmpty();
    assertThat(motion.hindrances(below, Set.of("2"))).isEmpty();
    // Laid back onto the page, it is in the way of the other, which must come under it again.
    assertThat(motion.hindrances(above, Set.of("1", "2"))).isEmpty();
    assertThat(motion.hindrances(below, Set.of("1")))
        .containsExactly(new Hindrance(Why.OPEN_FIRST, "2"));
    assertThat(motion.openingOrder()).containsExactly("2", "1");
  }

  @Test
  void what_opens_onto_another_makes_it_wait_and_two_never_open_onto_one_place() {
    SpreadMotion motion =
        new SpreadMotion(
            List.of(
                over("1", box(4, 4, 4, 4), Edge.TOP, null),
                over("2", box(4, 0, 4, 4), Edge.LEFT, null),
                over("3", box(0, 4, 4, 4), Edge.TOP, null)));
    assertThat(motion.hindrances(motion.flap("2").orElseThrow(), Set.of("1")))
        .containsExactly(new Hindrance(Why.CLOSE_FIRST, "1"));
    // Two opens to where three would.
    assertThat(motion.hindrances(motion.flap("3").orElseThrow(), Set.of("2")))
        .containsExactly(new Hindrance(Why.CLOSE_FIRST, "2"));
    assertThat(motion.openingOrder()).containsExactly("1", "3");
  }

  @Test
  void one_to_which_a_strip_is_stuck_never_opens() {
    Flap below = over("1", box(4, 4, 4, 4), Edge.LEFT, null);
    Flap stuck =
        Flap.sleeve("2", box(4, 8, 4, 2), Edge.TOP, new Attachment.OnProtector(SEAL), Support.PAGE);
    SpreadMotion motion = new SpreadMotion(List.of(below, stuck));
    assertThat(motion.hindrances(below, Set.of())).containsExactly(new Hindrance(Why.STUCK, "2"));
  }

  @Test
  void a_chain_goes_along() {
    Flap first = over("1", box(6, 0, 3, 4), Edge.LEFT, null);
    Flap second =
        new Flap(
            "2",
            first.closed(),
            Edge.RIGHT,
            new Attachment.OnProtector(SEAL),
            new Support.StuckTo("1"),
            Flap.Body.SLEEVE,
            SEAL);
    SpreadMotion motion = new SpreadMotion(List.of(first, second));
    assertThat(motion.area(second, Set.of("1")).inset(SEAL).x())
        .isEqualTo(box(3, 0, 3, 4).x().minus(SEAL.times(2)));
    assertThat(motion.openingOrder()).containsExactly("1", "2");
  }

  private static Flap sleeve(String id, Box closed, Edge hinge, Support support) {
    return Flap.sleeve(id, closed, hinge, new Attachment.ThroughSlit(SEAL), support);
  }

  @Test
  void what_is_open_lies_over_what_is_closed_even_where_it_lay_on_that() {
    List<Flap> flaps =
        List.of(
            sleeve("1", box(4, 1, 4, 4), Edge.TOP, Support.PAGE),
            sleeve("2", box(7, 1, 4, 4), Edge.RIGHT, new Support.Over("1")),
            sleeve("3", box(7, 1, 4, 4), Edge.LEFT, new Support.StuckTo("2")));
    SpreadMotion motion = spread(flaps);
    assertThat(motion.seen(Set.of())).contains("1-back-m1.1");
    assertThat(motion.seen(Set.of("1-back-m3"))).doesNotContain("1-back-m1.1");
  }

  @Test
  void a_sleeve_wider_than_what_carries_it_is_in_the_way_of_what_it_covers() {
    SpreadMotion motion =
        new SpreadMotion(
            List.of(
                sleeve("1", box(6, 0, 3, 4), Edge.LEFT, Support.PAGE),
                sleeve("2", box(6, 0, 5, 4), Edge.RIGHT, new Support.Inside("1", null)),
                sleeve("3", box(1, 0, 2, 4), Edge.LEFT, Support.PAGE)));
    Flap covered = motion.flap("3").orElseThrow();
    assertThat(motion.hindrances(covered, Set.of())).isEmpty();
    // Opened, the first lies from 3 to 6, and what it carries from 1 on.
    assertThat(motion.hindrances(covered, Set.of("1")))
        .containsExactly(new Hindrance(Why.CLOSE_FIRST, "1"));
  }

  @Test
  void what_is_on_an_outside_that_looks_down_swings_out_over_its_edge_or_waits() {
    Flap cover = sleeve("1", box(4, 0, 4, 4), Edge.LEFT, Support.PAGE);
    Flap beyond = sleeve("2", box(4, 0, 4, 4), Edge.RIGHT, new Support.StuckTo("1"));
    Flap within = sleeve("3", box(5, 1, 2, 2), Edge.LEFT, new Support.StuckTo("1"));
    SpreadMotion motion = new SpreadMotion(List.of(cover, beyond));
    assertThat(motion.hindrances(beyond, Set.of("1"))).isEmpty();
    SpreadMotion other = new SpreadMotion(List.of(cover, within));
    assertThat(other.hindrances(within, Set.of())).isEmpty();
    assertThat(other.hindrances(within, Set.of("1")))
        .containsExactly(new Hindrance(Why.CLOSE_FIRST, "1"));
  }

  static List<List<Flap>> spreads() {
    return FlapsTest.spreads();
  }

  /** Every state that can be reached from rest by moving one flap at a time. */
  private static Map<Set<String>, Set<Set<String>>> reached(SpreadMotion motion) {
    Map<Set<String>, Set<Set<String>>> next = new HashMap<>();
    Deque<Set<String>> left = new ArrayDeque<>(List.of(Set.of()));
    while (!left.isEmpty()) {
      Set<String> state = left.pop();
      if (next.containsKey(state)) {
        continue;
      }
      Set<Set<String>> from = new HashSet<>();
      for (Flap flap : motion.flaps().all()) {
        if (motion.hindrances(flap, state).isEmpty()) {
          Set<String> then = new TreeSet<>(state);
          if (!then.add(flap.id())) {
            then.remove(flap.id());
          }
          from.add(then);
        }
      }
      next.put(state, from);
      left.addAll(from);
    }
    return next;
  }

  @ParameterizedTest
  @MethodSource("spreads")
  void no_two_that_are_open_lie_in_one_place_and_all_can_be_closed_again(List<Flap> flaps) {
    SpreadMotion motion = new SpreadMotion(flaps);
    Map<Set<String>, Set<Set<String>>> next = reached(motion);
    for (Set<String> state : next.keySet()) {
      List<Flap> open = flaps.stream().filter(flap -> state.contains(flap.id())).toList();
      for (Flap one : open) {
        for (Flap other : open) {
          boolean together =
              motion.flaps().stacking().isFixedTo(one, other)
                  || motion.flaps().stacking().isFixedTo(other, one);
          // Leaves that are turned one after the other lie on each other open too.
          if (one != other && !together && !motion.flaps().stacking().areLeaves(one, other)) {
            assertThat(motion.area(one, state).overlaps(motion.area(other, state))).isFalse();
          }
        }
      }
      assertThat(leadsTo(next, state)).contains(Set.of());
    }
    assertThat(next.keySet()).contains(new HashSet<>(motion.openingOrder()));
  }

  private static Set<Set<String>> leadsTo(
      Map<Set<String>, Set<Set<String>>> next, Set<String> state) {
    Set<Set<String>> seen = new HashSet<>();
    Deque<Set<String>> left = new ArrayDeque<>(List.of(state));
    while (!left.isEmpty()) {
      Set<String> at = left.pop();
      if (seen.add(at)) {
        left.addAll(next.get(at));
      }
    }
    return seen;
  }

  @Test
  void the_spreads_hold_some_in_which_several_are_open_at_once() {
    List<Integer> most = new ArrayList<>();
    for (List<Flap> flaps : spreads()) {
      most.add(
          reached(new SpreadMotion(flaps)).keySet().stream().mapToInt(Set::size).max().orElse(0));
    }
    assertThat(most).contains(1, 2, 3);
  }
}
