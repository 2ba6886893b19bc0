package drumnest.core.mover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import drumnest.core.album.flap.Attachment;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverKind;
import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.album.flap.Support;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.album.leaf.Spread;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.measure.Turn;
import drumnest.core.mover.SpreadMotion.Hindrance;
import drumnest.core.mover.SpreadMotion.Why;
import drumnest.core.mover.kind.Accordion;
import drumnest.core.mover.kind.Accordion.Half;
import drumnest.core.mover.kind.MoverParts;
import drumnest.core.mover.kind.PullOutPocket;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LeafType;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class MoverPartsTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final LeafType SIX_WIDE =
      (LeafType) Catalogue.beginning().get(Catalogue.SIX_WIDE).item();
  private static final Length MAT = Length.parse("1/8");
  private static final Size SHEET = Size.ofInches(12, 12);

  private static Box box(String x, String y, String w, String h) {
    return new Box(Length.parse(x), Length.parse(y), Length.parse(w), Length.parse(h));
  }

  private static Mover accordion(Box at, Edge anchor, int panels) {
    return new Mover(
        1, at, anchor, null, new Mechanism.Accordion(panels, MAT, SHEET, Length.parse("1/2")));
  }

  private static SpreadMotion motion(Mover mover) {
    return new SpreadMotion(MoverParts.of(mover, null, RULES));
  }

  private static Leaf leaf(List<Flap> flaps, List<Mover> movers) {
    PagePlan plan = PagePlan.EMPTY.withMovers(flaps, movers);
    return new Leaf(1, 1, SIX_WIDE, false, Length.ZERO, plan, PagePlan.EMPTY);
  }

  /** A face of an accordion as its slot is called: the outside of panel 1 is {@code m1.1}. */
  private static String slot(Accordion.Face face, int panels) {
    boolean outside =
        face.side() == ((panels - face.panel()) % 2 == 0 ? Accordion.Side.U : Accordion.Side.D);
    return "m" + face.panel() + (outside ? ".1" : ".2");
  }

  static Stream<Arguments> accordions() {
    return Stream.of(1, 2, 3, 4, 5, 6, 7, 8, 9)
        .flatMap(panels -> Stream.of(Edge.values()).map(edge -> Arguments.of(panels, edge)));
  }

  @ParameterizedTest
  @MethodSource("accordions")
  void the_slots_of_an_accordion_are_read_as_the_table_says(int panels, Edge anchor) {
    Mover mover = accordion(box("7", "1", "4 1/4", "6 1/4"), anchor, panels);
    Leaf leaf = leaf(MoverParts.of(mover, null, RULES), List.of(mover));
    List<String> read =
        leaf.slots(Side.FRONT, 0).stream()
            .filter(slot -> !slot.kind().isOfPage())
            .map(slot -> slot.id().replace("1-front-", ""))
            .toList();
    Accordion cut = Accordion.of(mover, (Mechanism.Accordion) mover.mechanism());
    Half half = anchor == Edge.RIGHT || anchor == Edge.BOTTOM ? Half.LEFT : Half.RIGHT;
    List<String> table = new ArrayList<>();
    cut.reading(half).forEach(step -> step.forEach(face -> table.add(slot(face, panels))));
    assertThat(read).isEqualTo(table).hasSize(2 * panels - 1).doesNotHaveDuplicates();
  }

  @ParameterizedTest
  @MethodSource("accordions")
  void leafed_it_shows_what_the_table_says_and_pulled_out_it_is_as_long_as_its_panels(
      int panels, Edge anchor) {
    Mover mover = accordion(box("7", "1", "4 1/4", "6 1/4"), anchor, panels);
    Leaf leaf = leaf(MoverParts.of(mover, null, RULES), List.of(mover));
    SpreadMotion motion = SpreadMotion.of(new Spread(0, List.of(leaf)), Length.ZERO);
    Accordion cut = Accordion.of(mover, (Mechanism.Accordion) mover.mechanism());
    Half half = anchor == Edge.RIGHT || anchor == Edge.BOTTOM ? Half.LEFT : Half.RIGHT;
    for (int step = 0; step < panels; step++) {
      Set<String> open = step == 0 ? Set.of() : Set.of("1-front-m" + step);
      if (step > 0) {
        assertThat(motion.hindrances(motion.flap("1-front-m" + step).orElseThrow(), Set.of()))
            .filteredOn(hindrance -> hindrance.why() != Why.OPEN_FIRST)
            .isEmpty();
      }
      assertThat(motion.seen(open).stream().filter(slot -> slot.contains("-m")))
          .containsExactlyInAnyOrderElementsOf(
              cut.reading(half).get(step).stream()
                  .map(face -> "1-front-" + slot(face, panels))
                  .toList());
    }
    Set<String> all = new HashSet<>();
    for (int panel = 1; panel < panels; panel++) {
      all.add("1-front-m" + panel);
    }
    List<Box> areas = motion.flaps().all().stream().map(flap -> motion.area(flap, all)).toList();
    Length from =
        areas.stream()
            .map(area -> anchor.isAtSide() ? area.x() : area.y())
            .reduce(Length::min)
            .orElseThrow();
    Length to =
        areas.stream()
            .map(area -> anchor.isAtSide() ? area.right() : area.bottom())
            .reduce(Length::max)
            .orElseThrow();
    assertThat(to.minus(from)).isEqualTo(cut.pulledOut());
    assertThat(motion.seen(all).stream().filter(slot -> slot.contains("-m"))).hasSize(panels);
  }

  @Test
  void the_seven_faces_of_the_handbook_are_pulled_out_twelve_and_three_quarters_beyond_the_stack() {
    SpreadMotion motion = motion(accordion(box("7", "1", "4 1/4", "6 1/4"), Edge.LEFT, 4));
    Set<String> all = Set.copyOf(motion.openingOrder());
    assertThat(motion.openingOrder()).containsExactly("1", "2", "3");
    assertThat(motion.area(motion.flap("1").orElseThrow(), all))
        .isEqualTo(box("19 3/4", "1", "4 1/4", "6 1/4"));
    // The last one is stuck down.
    assertThat(motion.hindrances(motion.flap("4").orElseThrow(), Set.of()))
        .containsExactly(new Hindrance(Why.FLAT, "4"));
  }

  @Test
  void with_level_folds_every_inside_stands_on_its_head_against_its_outside() {
    assertThat(MoverParts.of(accordion(box("7", "1", "4 1/4", "6 1/4"), Edge.TOP, 3), null, RULES))
        .allMatch(flap -> flap.insideTurn() == Turn.HALF);
  }

  @Test
  void a_chain_is_hinged_at_one_and_the_other_side_in_turn_and_never_at_the_top() {
    Mover chain = new Mover(1, box("0", "0", "6", "4"), Edge.LEFT, null, new Mechanism.Chain(3));
    assertThat(MoverParts.of(chain, null, RULES))
        .extracting(Flap::hinge)
        .containsExactly(Edge.LEFT, Edge.RIGHT, Edge.LEFT);
    assertThat(motion(chain).openingOrder()).containsExactly("1", "2", "3");
    assertThatExceptionOfType(MoverProblemException.class)
        .isThrownBy(() -> MoverParts.of(chain.withEdge(Edge.TOP), null, RULES))
        .matches(problem -> problem.field().equals("edge"));
  }

  @Test
  void the_cards_of_a_waterfall_are_turned_one_after_the_other_and_back() {
    Mover waterfall =
        new Mover(
            1,
            box("2", "5", "6", "3"),
            Edge.TOP,
            null,
            new Mechanism.Waterfall(4, Length.parse("1/2")));
    List<Flap> cards = MoverParts.of(waterfall, null, RULES);
    // The lowest lies furthest from the hinges' end: run = 3 + 3 × 1/2.
    assertThat(cards.get(3).closed().bottom()).isEqualTo(Length.parse("9 1/2"));
    SpreadMotion motion = new SpreadMotion(cards);
    assertThat(motion.openingOrder()).containsExactly("1", "2", "3", "4");
    assertThat(motion.hindrances(cards.get(1), Set.of()))
        .containsExactly(new Hindrance(Why.OPEN_FIRST, "1"));
    assertThat(motion.hindrances(cards.get(0), Set.of("1", "2")))
        .containsExactly(new Hindrance(Why.CLOSE_FIRST, "2"));
    // Each strip lies under the card above it: nothing is glued shut.
    assertThat(motion.flaps().clashes())
        .allMatch(clash -> clash.severity() == Clash.Severity.ORDER);
    assertThatExceptionOfType(MoverProblemException.class)
        .isThrownBy(
            () ->
                MoverParts.of(
                    waterfall.with(new Mechanism.Waterfall(4, Length.parse("1/4"))), null, RULES))
        .matches(problem -> Length.parse("1/2").equals(problem.nearest()));
  }

  @Test
  void the_leaves_of_a_booklet_lie_on_each_other_the_other_way_round_when_they_are_turned() {
    Mover booklet =
        new Mover(1, box("6", "0", "6", "4"), Edge.LEFT, null, new Mechanism.Booklet(3));
    Leaf leaf = leaf(MoverParts.of(booklet, null, RULES), List.of(booklet));
    SpreadMotion motion = SpreadMotion.of(new Spread(0, List.of(leaf)), Length.ZERO);
    assertThat(motion.openingOrder()).hasSize(3);
    assertThat(motion.seen(Set.of("1-front-m1", "1-front-m2")))
        .contains("1-front-m2.2", "1-front-m3.1")
        .doesNotContain("1-front-m1.2", "1-front-m1.1", "1-front-m2.1");
  }

  @Test
  void two_leaves_of_a_door_open_apart_and_what_is_below_waits_for_them() {
    Mover door =
        new Mover(2, box("6", "4", "6", "4"), Edge.LEFT, null, new Mechanism.Door(true, MAT));
    Flap below =
        Flap.sleeve(
            "1", box("6", "4", "2", "4"), Edge.TOP, new Attachment.ThroughSlit(MAT), Support.PAGE);
    List<Flap> all = new ArrayList<>(List.of(below));
    all.addAll(MoverParts.of(door, null, RULES));
    SpreadMotion motion = new SpreadMotion(all);
    assertThat(motion.hindrances(below, Set.of()))
        .containsExactly(new Hindrance(Why.OPEN_FIRST, "2"));
    assertThat(motion.hindrances(below, Set.of("2"))).isEmpty();
    assertThat(motion.flaps().clashes())
        .noneMatch(clash -> clash.severity() == Clash.Severity.ERROR);
    // It comes down over nothing that is open.
    assertThat(motion.area(motion.flap("3").orElseThrow(), Set.of("3")).x())
        .isEqualTo(Length.ofInches(12));
  }

  private static Mover foldOut(int first) {
    return new Mover(
        first,
        box("0", "0", "6", "12"),
        Edge.LEFT,
        null,
        new Mechanism.FoldOut(Size.ofInches(12, 12), MAT, Size.ofInches(18, 12)));
  }

  @Test
  void a_fold_out_lies_over_the_doors_it_covers_and_is_opened_before_them() {
    Mover doors =
        new Mover(2, box("2", "4", "3", "4"), Edge.LEFT, null, new Mechanism.Door(true, MAT));
    List<Flap> all = new ArrayList<>(MoverParts.of(doors, null, RULES));
    all.addAll(MoverParts.of(foldOut(1), null, RULES));
    SpreadMotion motion = new SpreadMotion(all);
    assertThat(motion.flaps().clashes())
        .noneMatch(clash -> clash.severity() == Clash.Severity.ERROR);
    Flap door = motion.flap("2").orElseThrow();
    assertThat(motion.hindrances(door, Set.of()))
        .containsExactly(new Hindrance(Why.OPEN_FIRST, "1"));
    assertThat(motion.stateFor(door)).contains(Set.of("1", "2"));
    // Two of one size in one place still have to be told.
    List<Flap> same = new ArrayList<>(MoverParts.of(foldOut(1), null, RULES));
    same.addAll(MoverParts.of(foldOut(2), null, RULES));
    assertThat(new Flaps(same).clashes())
        .extracting(Clash::kind)
        .contains(ClashKind.CLOSED_OVERLAP);
  }

  @Test
  void what_lies_on_a_fold_out_lies_over_what_that_covers() {
    Flap on =
        Flap.sleeve(
            "2",
            box("1", "1", "3", "4"),
            Edge.TOP,
            new Attachment.ThroughSlit(MAT),
            new Support.Over("1"));
    Flap under =
        Flap.sleeve(
            "3", box("2", "2", "3", "4"), Edge.TOP, new Attachment.ThroughSlit(MAT), Support.PAGE);
    List<Flap> all = new ArrayList<>(List.of(on, under));
    all.addAll(MoverParts.of(foldOut(1), null, RULES));
    Flaps flaps = new Flaps(all);
    assertThat(flaps.stacking().liesOn(on, under)).isTrue();
    assertThat(flaps.clashes()).noneMatch(clash -> clash.severity() == Clash.Severity.ERROR);
  }

  @Test
  void what_is_put_over_a_flap_on_an_inside_goes_along_with_it() {
    Mover door =
        new Mover(1, box("1", "4", "3", "4"), Edge.LEFT, null, new Mechanism.Door(false, MAT));
    Flap carrier = MoverParts.of(door, null, RULES).get(0);
    Leaf bare = leaf(List.of(carrier), List.of(door));
    Slot inside = slot(bare, "1-front-m1.2");
    Flap first = FlapChoices.over(inside, inside.takes(), Flap.Body.SLEEVE, RULES).get(0).flap();
    assertThat(first.inside()).isTrue();
    Leaf filled = leaf(List.of(carrier, first), List.of(door));
    Slot cover = slot(filled, "1-front-m2.1");
    Flap second = FlapChoices.over(cover, cover.takes(), Flap.Body.SLEEVE, RULES).get(0).flap();
    assertThat(second.fixedTo()).isEqualTo("2");
    assertThat(second.inside()).isFalse();
    SpreadMotion motion = new SpreadMotion(List.of(carrier, first, second));
    assertThat(motion.hindrances(second, Set.of())).contains(new Hindrance(Why.OPEN_FIRST, "1"));
    assertThat(motion.openingOrder()).hasSize(3);
  }

  private static Slot slot(Leaf leaf, String id) {
    return leaf.slots(Side.FRONT, 0).stream()
        .filter(slot -> slot.id().equals(id))
        .findFirst()
        .orElseThrow();
  }

  /** The nested example of the handbook's trade: a sleeve on the inside of a fold-out. */
  @Test
  void a_sleeve_on_a_fold_out_opens_when_that_is_open_and_is_refused_when_it_is_shut() {
    Mover foldOut =
        new Mover(
            1,
            box("0", "0", "4 1/2", "12"),
            Edge.LEFT,
            null,
            new Mechanism.FoldOut(Size.ofInches(12, 12), MAT, Size.ofInches(18, 12)));
    Flap carrier = MoverParts.of(foldOut, null, RULES).get(0);
    Flap seen =
        new Flap(
            "2",
            box("-3 3/4", "2", "3", "4"),
            Edge.LEFT,
            new Attachment.ThroughSlit(MAT),
            new Support.Inside("1", null),
            Flap.Body.SLEEVE,
            Length.ZERO);
    Flap sleeve = seen.carriedOutBy(carrier);
    assertThat(sleeve.closed()).isEqualTo(box("3/4", "2", "3", "4"));
    assertThat(sleeve.carriedBackBy(carrier)).isEqualTo(seen);
    SpreadMotion motion = new SpreadMotion(List.of(carrier, sleeve));
    assertThat(motion.area(sleeve, Set.of())).isEqualTo(box("3/4", "2", "3", "4"));
    assertThat(motion.area(sleeve, Set.of("1"))).isEqualTo(box("-3 3/4", "2", "3", "4"));
    assertThat(motion.area(sleeve, Set.of("1", "2"))).isEqualTo(box("-6 3/4", "2", "3", "4"));
    assertThat(motion.hindrances(sleeve, Set.of()))
        .containsExactly(new Hindrance(Why.OPEN_FIRST, "1"));
    assertThat(motion.hindrances(sleeve, Set.of("1"))).isEmpty();
    assertThat(motion.hindrances(carrier, Set.of("1", "2")))
        .containsExactly(new Hindrance(Why.CLOSE_FIRST, "2"));
    assertThat(motion.openingOrder()).containsExactly("1", "2");
    assertThat(motion.flaps().clashes()).isEmpty();
    Leaf leaf = leaf(List.of(carrier, sleeve), List.of(foldOut));
    SpreadMotion spread = SpreadMotion.of(new Spread(0, List.of(leaf)), Length.ZERO);
    assertThat(spread.seen(Set.of("1-front-m1")))
        .contains("1-front-m2.1")
        .doesNotContain("1-front-m2.2", "1-front-m1.1");
    assertThat(spread.seen(Set.of("1-front-m1", "1-front-m2")))
        .contains("1-front-m2.2", "1-front-m1.2")
        .doesNotContain("1-front-m2.1");
    assertThat(spread.seen(Set.of())).doesNotContain("1-front-m2.1", "1-front-m2.2");
  }

  @Test
  void a_tucked_card_is_drawn_out_over_the_edge_it_shows_at_and_both_its_sides_are_seen_then() {
    Mover tuck =
        new Mover(
            1,
            box("1", "1", "4", "6"),
            Edge.TOP,
            null,
            new Mechanism.TuckSpot(new Size(Length.parse("3 3/8"), Length.ofInches(4)), MAT));
    Flap card = MoverParts.of(tuck, null, RULES).get(0);
    assertThat(card.closed()).isEqualTo(box("1 5/16", "7/8", "3 3/8", "4"));
    assertThat(card.open().bottom()).isEqualTo(card.closed().y());
    Leaf leaf = leaf(List.of(card), List.of(tuck));
    SpreadMotion motion = SpreadMotion.of(new Spread(0, List.of(leaf)), Length.ZERO);
    assertThat(motion.seen(Set.of())).noneMatch(slot -> slot.contains("-m1")).hasSize(6);
    assertThat(motion.seen(Set.of("1-front-m1"))).contains("1-front-m1.1", "1-front-m1.2");
    assertThat(leaf.slots(Side.FRONT, 0))
        .filteredOn(Slot::hiddenAtRest)
        .extracting(Slot::id)
        .containsExactly("1-front-m1.1", "1-front-m1.2");
    assertThatExceptionOfType(MoverProblemException.class)
        .isThrownBy(
            () ->
                MoverParts.of(
                    tuck.with(new Mechanism.TuckSpot(Size.ofInches(4, 4), MAT)), null, RULES))
        .withMessageContaining("trim")
        .matches(problem -> Length.parse("3 7/16").equals(problem.nearest()));
  }

  @ParameterizedTest
  @CsvSource({"TOP", "BOTTOM", "LEFT", "RIGHT"})
  void a_pull_out_lies_in_its_pocket_with_play(Edge edge) {
    Mover pocket =
        new Mover(
            1, box("2", "2", "4", "5"), edge, null, new Mechanism.PullOut(Size.ofInches(1, 1)));
    Mover full = pocket.with(new Mechanism.PullOut(PullOutPocket.most(pocket, RULES)));
    Flap card = MoverParts.of(full, null, RULES).get(0);
    assertThat(pocket.at().contains(card.closed())).isTrue();
    assertThat(edge.of(card.closed())).isEqualTo(edge.of(pocket.at()));
    assertThatExceptionOfType(MoverProblemException.class)
        .isThrownBy(
            () ->
                MoverParts.of(pocket.with(new Mechanism.PullOut(pocket.at().size())), null, RULES));
  }

  private static List<String> read(Mover mover) {
    return leaf(MoverParts.of(mover, null, RULES), List.of(mover)).slots(Side.FRONT, 0).stream()
        .map(slot -> slot.id().replace("1-front-", ""))
        .toList();
  }

  @Test
  void a_divided_place_is_read_in_halves_and_what_is_below_is_never_seen() {
    Slot pocket = leaf(List.of(), List.of()).slots(Side.FRONT, 0).get(5);
    Mover mover = new Mover(1, pocket.box(), Edge.LEFT, null, new Mechanism.Divided());
    assertThat(read(mover)).endsWith("5", "m1.1", "m2.1", "6");
    List<Slot> slots = leaf(MoverParts.of(mover, null, RULES), List.of(mover)).slots(Side.FRONT, 0);
    assertThat(slots).filteredOn(Slot::neverSeen).extracting(Slot::number).containsExactly(6);
    assertThat(slots).filteredOn(slot -> slot.id().contains("-m")).noneMatch(Slot::hiddenAtRest);
  }

  @Test
  void two_doors_are_read_before_what_they_hide_together() {
    Slot pocket = leaf(List.of(), List.of()).slots(Side.FRONT, 0).get(5);
    Mover doors = new Mover(1, pocket.box(), Edge.LEFT, null, new Mechanism.Door(true, MAT));
    assertThat(read(doors)).endsWith("5", "m1.1", "m2.1", "m1.2", "6", "m2.2");
    Leaf leaf = leaf(MoverParts.of(doors, null, RULES), List.of(doors));
    SpreadMotion motion = SpreadMotion.of(new Spread(0, List.of(leaf)), Length.ZERO);
    assertThat(motion.seen(Set.of())).doesNotContain("1-front-6");
    assertThat(motion.seen(Set.of("1-front-m1", "1-front-m2"))).contains("1-front-6");
  }

  @ParameterizedTest
  @EnumSource(Edge.class)
  void a_card_under_a_free_edge_is_tucked_as_deep_as_is_left_free_of_glue(Edge edge) {
    Size card = edge.isAtSide() ? Size.ofInches(2, 3) : Size.ofInches(3, 2);
    Mechanism.EdgeTuck half = new Mechanism.EdgeTuck(card, Length.parse("1/2"));
    Mover strip = new Mover(1, box("4", "4", "3", "3"), edge, null, half);
    Flap tucked = MoverParts.of(strip, null, RULES).get(0);
    // 1 1/2 of 2 shows beyond the edge.
    assertThat(edge.depth(tucked.closed().common(strip.at()).orElseThrow()))
        .isEqualTo(Length.parse("1/2"));
    assertThat(tucked.move()).isEqualTo(Flap.Move.SLIDES);
    Mechanism deeper = new Mechanism.EdgeTuck(card, Length.parse("2 5/8"));
    assertThatExceptionOfType(MoverProblemException.class)
        .isThrownBy(() -> MoverParts.of(strip.with(deeper), null, RULES));
    Mechanism wider = new Mechanism.EdgeTuck(Size.ofInches(4, 4), Length.parse("1/2"));
    assertThatExceptionOfType(MoverProblemException.class)
        .isThrownBy(() -> MoverParts.of(strip.with(wider), null, RULES));
  }

  static Stream<Arguments> onInsides() {
    Length half = Length.parse("1/2");
    return Stream.of(
            new Mechanism.Chain(3),
            new Mechanism.Booklet(3),
            new Mechanism.Waterfall(3, half),
            new Mechanism.Accordion(4, MAT, SHEET, half),
            new Mechanism.Door(false, MAT),
            new Mechanism.FoldOut(Size.ofInches(6, 6), MAT, SHEET))
        .flatMap(
            mechanism ->
                Stream.of(Edge.values())
                    .flatMap(
                        edge ->
                            Stream.of(Edge.values())
                                .map(hinge -> Arguments.of(mechanism, edge, hinge))))
        .filter(
            each ->
                ((Edge) each.get()[1]).isAtSide() || !(each.get()[0] instanceof Mechanism.Chain));
  }

  /** On the inside of a card, all moves as it does on a page that lies where the card opens to. */
  @ParameterizedTest
  @MethodSource("onInsides")
  void on_an_inside_it_opens_as_on_a_page(Mechanism mechanism, Edge edge, Edge hinge) {
    Flap card =
        new Flap(
            "9",
            box("10", "10", "6", "6"),
            hinge,
            new Attachment.OnFold(MAT),
            Support.PAGE,
            Flap.Body.CARD,
            MAT);
    Box at = card.open().inset(Length.ofInches(2));
    Mover onPage = new Mover(1, at, edge, null, mechanism);
    Mover onInside =
        new Mover(1, hinge.mirrored(at, card.closed()), card.mirrored(edge), "9", mechanism);
    SpreadMotion page = new SpreadMotion(MoverParts.of(onPage, null, RULES));
    List<Flap> all = new ArrayList<>(MoverParts.of(onInside, null, RULES));
    all.add(card);
    SpreadMotion inside = new SpreadMotion(all);
    Set<String> open = new HashSet<>();
    List<String> order = page.openingOrder();
    for (int step = 0; step <= order.size(); step++) {
      Set<String> withCard = new HashSet<>(open);
      withCard.add("9");
      for (Flap part : page.flaps().all()) {
        Flap there = inside.flap(part.id()).orElseThrow();
        assertThat(inside.area(there, withCard)).isEqualTo(page.area(part, open));
        assertThat(inside.hindrances(there, withCard)).isEqualTo(page.hindrances(part, open));
        assertThat(inside.hindrances(there, open)).isNotEmpty();
      }
      if (step < order.size()) {
        open.add(order.get(step));
      }
    }
    List<String> after = new ArrayList<>(List.of("9"));
    after.addAll(order);
    assertThat(inside.openingOrder()).containsExactlyInAnyOrderElementsOf(after);
  }

  /** Both sides of every part are read once, each after the inside that carries it. */
  @Test
  void a_booklet_on_the_inside_of_a_door_is_read_like_one_on_a_page() {
    Slot pocket = leaf(List.of(), List.of()).slots(Side.FRONT, 0).get(5);
    Mover door = new Mover(1, pocket.box(), Edge.RIGHT, null, new Mechanism.Door(false, MAT));
    Mover booklet =
        new Mover(
            2, pocket.box().inset(Length.ofInches(1)), Edge.LEFT, "1", new Mechanism.Booklet(3));
    List<Flap> flaps = new ArrayList<>(MoverParts.of(door, null, RULES));
    flaps.addAll(MoverParts.of(booklet, null, RULES));
    List<String> read =
        leaf(flaps, List.of(door, booklet)).slots(Side.FRONT, 0).stream()
            .map(slot -> slot.id().replace("1-front-", ""))
            .toList();
    // It is hinged at the left as it is told, so at the right where it is seen: insides come last.
    assertThat(read).endsWith("m1.1", "6", "m1.2", "m2.1", "m3.1", "m2.2", "m4.1", "m3.2", "m4.2");
  }

  @Test
  void every_kind_is_offered_over_a_pocket_with_what_it_holds() {
    Slot pocket = leaf(List.of(), List.of()).slots(Side.FRONT, 0).get(3);
    List<MoverChoices.Choice> choices = MoverChoices.at(pocket, RULES);
    assertThat(choices)
        .extracting(choice -> choice.mover().mechanism().kind())
        .containsExactlyInAnyOrderElementsOf(
            EnumSet.complementOf(EnumSet.of(MoverKind.GUTTER_BAND, MoverKind.EDGE_BAND)));
    assertThat(choices).allMatch(choice -> choice.errors() == 0);
    assertThat(choices)
        .filteredOn(choice -> choice.mover().mechanism() instanceof Mechanism.Accordion)
        .extracting(MoverChoices.Choice::faces)
        .containsExactly(7);
  }

  /** Three sleeves for 4 × 3, half an inch each: sealed edges of 1/16 all around. */
  @Test
  void a_waterfall_of_sleeves_is_set_off_like_one_of_cards_and_each_has_its_strip() {
    Length half = Length.parse("1/2");
    Mover mover =
        new Mover(
            1, box("2", "4", "4", "3"), Edge.TOP, null, new Mechanism.Waterfall(3, half, true));
    List<Flap> sleeves = MoverParts.of(mover, null, RULES);
    assertThat(sleeves)
        .extracting(Flap::held)
        .containsExactly(
            box("2", "4", "4", "3"), box("2", "4 1/2", "4", "3"), box("2", "5", "4", "3"));
    assertThat(sleeves)
        .allMatch(flap -> flap.body() == Flap.Body.SLEEVE && flap.strip().equals(half));
    assertThat(new SpreadMotion(sleeves).openingOrder()).containsExactly("1", "2", "3");
    assertThat(new Flaps(sleeves).clashes())
        .noneMatch(clash -> clash.severity() == Clash.Severity.ERROR);
  }
}
