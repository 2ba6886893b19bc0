package drumnest.core.mover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import drumnest.core.album.flap.Attachment;
import drumnest.core.album.flap.Band;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Grip;
import drumnest.core.album.flap.Holds;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverKind;
import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.album.flap.Support;
import drumnest.core.album.leaf.Anchor;
import drumnest.core.album.leaf.Block;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.Mount;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Shape;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.fit.Outline;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.kind.Constructing;
import drumnest.core.mover.kind.Construction;
import drumnest.core.mover.kind.Construction.Piece;
import drumnest.core.mover.kind.Construction.Role;
import drumnest.core.mover.kind.Construction.Use;
import drumnest.core.mover.kind.MoverParts;
import drumnest.core.mover.kind.PullOutPocket;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LeafType;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Movers as they are usually begun with: what is refused, what is offered, what is cut for them.
 */
class UsualMoversTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final Length INCH = Length.ofInches(1);
  private static final Size SHEET = Size.ofInches(12, 12);
  private static final Box SMALL = Box.of(INCH, INCH, Size.ofInches(2, 2));
  private static final LeafType SIX_WIDE =
      (LeafType) Catalogue.beginning().get(Catalogue.SIX_WIDE).item();

  private static Mover mover(Box at, Edge edge, Mechanism mechanism) {
    return new Mover(1, at, edge, null, mechanism);
  }

  private static MoverProblemException refused(Mover mover) {
    return assertThatExceptionOfType(MoverProblemException.class)
        .isThrownBy(() -> MoverParts.of(mover, null, RULES))
        .actual();
  }

  private static Leaf leaf(PagePlan plan) {
    return new Leaf(1, 1, SIX_WIDE, false, Length.ZERO, plan, plan);
  }

  private static Slot pocket(PagePlan plan) {
    return leaf(plan).slots(Side.FRONT, 0).get(3);
  }

  @Test
  void a_frame_as_wide_as_half_the_piece_leaves_no_room() {
    List<Mechanism> framed =
        List.of(
            new Mechanism.Accordion(3, INCH, SHEET, Length.parse("1/2")),
            new Mechanism.FoldOut(SHEET, INCH, Size.ofInches(18, 12)),
            new Mechanism.Door(false, INCH),
            new Mechanism.Door(true, Length.parse("1/2")));
    for (Mechanism mechanism : framed) {
      refused(mover(SMALL, Edge.RIGHT, mechanism));
    }
    Box hair = Box.of(INCH, INCH, new Size(Length.parse("3/16"), Length.parse("3/16")));
    refused(mover(hair, Edge.TOP, new Mechanism.Waterfall(2, INCH)));
  }

  @Test
  void there_is_one_part_at_least_and_no_more_than_can_be_made() {
    assertThat(MoverParts.of(mover(SMALL, Edge.LEFT, new Mechanism.Booklet(1)), null, RULES))
        .hasSize(1);
    assertThat(refused(mover(SMALL, Edge.LEFT, new Mechanism.Booklet(0))).field())
        .isEqualTo("count");
    Mechanism most = new Mechanism.Booklet(MoverParts.MOST);
    assertThat(MoverParts.of(mover(SMALL, Edge.LEFT, most), null, RULES)).hasSize(MoverParts.MOST);
    refused(mover(SMALL, Edge.LEFT, new Mechanism.Booklet(MoverParts.MOST + 1)));
  }

  @Test
  void a_card_that_is_wider_than_the_edge_is_trimmed_to_it() {
    Size card = Size.ofInches(3, 4);
    Length deep = Length.parse("1/2");
    MoverProblemException top = refused(mover(SMALL, Edge.TOP, new Mechanism.EdgeTuck(card, deep)));
    assertThat(top.field()).isEqualTo("card.w");
    assertThat(top.nearest()).isEqualTo(SMALL.w());
    Box narrow = Box.of(INCH, INCH, Size.ofInches(5, 3));
    MoverProblemException left =
        refused(mover(narrow, Edge.LEFT, new Mechanism.EdgeTuck(card, deep)));
    assertThat(left.field()).isEqualTo("card.h");
    assertThat(left.nearest()).isEqualTo(narrow.h());
    assertThat(
            MoverParts.of(mover(narrow, Edge.TOP, new Mechanism.EdgeTuck(card, deep)), null, RULES))
        .hasSize(1);
  }

  /** Play and rails come off the two closed sides, and off the one opposite the mouth. */
  @Test
  void a_pocket_says_what_its_card_may_measure() {
    Box pocket = Box.of(INCH, INCH, Size.ofInches(6, 4));
    Length side =
        RULES
            .length(HouseRule.TUCK_RAIL)
            .plus(RULES.length(HouseRule.PULLOUT_PLAY))
            .plus(RULES.length(HouseRule.PULLOUT_CARD).dividedBy(2));
    Mover wide = mover(pocket, Edge.TOP, new Mechanism.PullOut(Size.ofInches(6, 3)));
    assertThat(PullOutPocket.most(wide, RULES))
        .isEqualTo(new Size(pocket.w().minus(side.times(2)), pocket.h().minus(side)));
    assertThat(PullOutPocket.most(wide.withEdge(Edge.LEFT), RULES))
        .isEqualTo(new Size(pocket.w().minus(side), pocket.h().minus(side.times(2))));
    assertThat(refused(wide).nearest()).isEqualTo(pocket.w().minus(side.times(2)));
    Mover high = mover(pocket, Edge.TOP, new Mechanism.PullOut(Size.ofInches(3, 4)));
    assertThat(refused(high).nearest()).isEqualTo(pocket.h().minus(side));
  }

  @Test
  void of_card_what_does_not_show_that_it_opens_has_a_tab() {
    List<MoverChoices.Choice> choices = MoverChoices.at(pocket(PagePlan.EMPTY), RULES);
    Set<MoverKind> tabs =
        choices.stream()
            .map(MoverChoices.Choice::mover)
            .filter(mover -> mover.grip() == Grip.TAB)
            .map(mover -> mover.mechanism().kind())
            .collect(Collectors.toSet());
    assertThat(tabs)
        .isEqualTo(
            EnumSet.of(
                MoverKind.ACCORDION,
                MoverKind.FOLD_OUT,
                MoverKind.DOOR,
                MoverKind.DOUBLE_DOOR,
                MoverKind.PULL_OUT));
    assertThat(choices)
        .allMatch(choice -> choice.mover().grip() != Grip.STRING)
        .allMatch(choice -> choice.mover().carrier() == null);
  }

  @Test
  void each_kind_is_tried_over_every_edge_over_which_it_goes() {
    Slot pocket = pocket(PagePlan.EMPTY);
    List<MoverChoices.Choice> all = MoverChoices.everyEdge(pocket, RULES);
    for (MoverKind kind : MoverKind.values()) {
      List<Edge> edges =
          all.stream()
              .filter(choice -> choice.mover().mechanism().kind() == kind)
              .map(choice -> choice.mover().edge())
              .toList();
      switch (kind) {
        case FOLD_OUT -> assertThat(edges).containsExactly(Edge.RIGHT);
        case DIVIDED_PLACE -> assertThat(edges).containsExactly(Edge.LEFT);
        case GUTTER_BAND, EDGE_BAND -> assertThat(edges).isEmpty();
        case CHAIN -> assertThat(edges).containsExactlyInAnyOrder(Edge.LEFT, Edge.RIGHT);
        default -> assertThat(edges).as("%s", kind).doesNotHaveDuplicates().isNotEmpty();
      }
    }
    // A waterfall runs over the whole place, its cards set off from each other within it.
    all.stream()
        .map(MoverChoices.Choice::flaps)
        .filter(flaps -> flaps.size() > 1)
        .forEach(
            flaps ->
                assertThat(flaps).allMatch(flap -> Box.of(SIX_WIDE.size()).contains(flap.face())));
    Box paper = pocket.box().middleOf(pocket.takes());
    all.stream()
        .filter(choice -> choice.mover().mechanism().kind() == MoverKind.WATERFALL)
        .forEach(
            choice -> {
              Edge edge = choice.mover().edge();
              Box last = choice.flaps().get(choice.flaps().size() - 1).closed();
              assertThat(edge.opposite().of(last)).isEqualTo(edge.opposite().of(paper));
              assertThat(edge.of(choice.mover().at())).isEqualTo(edge.of(paper));
            });
  }

  /** Only a cover does not rest on what it covers; a fold-out opens over the outer edge. */
  @Test
  void a_mover_lies_on_the_flap_that_is_there_and_a_door_over_it() {
    Slot empty = pocket(PagePlan.EMPTY);
    Flap there =
        Flap.sleeve(
            "1",
            empty.box(),
            Edge.TOP,
            new Attachment.OnProtector(Length.parse("1/2")),
            Support.PAGE);
    Slot pocket = pocket(PagePlan.EMPTY.withFlaps(List.of(there)));
    for (MoverChoices.Choice choice : MoverChoices.everyEdge(pocket, RULES)) {
      Flap lowest = choice.flaps().get(choice.flaps().size() - 1);
      switch (choice.mover().mechanism().kind()) {
        case CHAIN, BOOKLET, WATERFALL -> assertThat(lowest.on()).isEqualTo("1");
        case DOOR, DOUBLE_DOOR, FOLD_OUT -> assertThat(lowest.on()).isNull();
        default -> assertThat(choice.mover().first()).isEqualTo(2);
      }
    }
    Slot back = leaf(PagePlan.EMPTY).slots(Side.BACK, 0).get(3);
    assertThat(MoverChoices.everyEdge(back, RULES))
        .filteredOn(choice -> choice.mover().mechanism().kind() == MoverKind.FOLD_OUT)
        .extracting(choice -> choice.mover().edge())
        .containsExactly(Edge.LEFT);
  }

  private static Mechanism usual(MoverKind kind) {
    Length quarter = Length.parse("1/4");
    return switch (kind) {
      case CHAIN -> new Mechanism.Chain(3);
      case BOOKLET -> new Mechanism.Booklet(2);
      case WATERFALL -> new Mechanism.Waterfall(3, INCH);
      case ACCORDION -> new Mechanism.Accordion(3, quarter, SHEET, Length.parse("1/2"));
      case FOLD_OUT -> new Mechanism.FoldOut(SHEET, quarter, Size.ofInches(18, 12));
      case DOOR -> new Mechanism.Door(false, quarter);
      case DOUBLE_DOOR -> new Mechanism.Door(true, quarter);
      case TUCK_SPOT -> new Mechanism.TuckSpot(Size.ofInches(2, 3), Length.parse("1/2"));
      case EDGE_TUCK -> new Mechanism.EdgeTuck(Size.ofInches(3, 3), INCH);
      case PULL_OUT -> new Mechanism.PullOut(Size.ofInches(3, 3));
      case DIVIDED_PLACE -> new Mechanism.Divided();
      case GUTTER_BAND -> new Band.Gutter(SHEET);
      case EDGE_BAND -> new Band.Beyond(SHEET, INCH);
    };
  }

  private static List<Role> roles(MoverKind kind) {
    return switch (kind) {
      case CHAIN -> List.of(Role.SLEEVE, Role.SLEEVE, Role.SLEEVE);
      case BOOKLET -> List.of(Role.SLEEVE, Role.SLEEVE);
      case WATERFALL -> List.of(Role.CARD, Role.CARD, Role.CARD);
      case ACCORDION -> List.of(Role.STRIP, Role.ANCHOR_STRIP, Role.WINDOW);
      case FOLD_OUT -> List.of(Role.PAGE_WITH_FLAP);
      case DOOR -> List.of(Role.DOOR, Role.DOOR_HINGE);
      case DOUBLE_DOOR -> List.of(Role.DOOR, Role.DOOR_HINGE, Role.DOOR, Role.DOOR_HINGE);
      case TUCK_SPOT -> List.of(Role.BACK_OF_PHOTO, Role.CARD);
      case EDGE_TUCK -> List.of(Role.BACK_OF_FRONT, Role.CARD);
      case PULL_OUT -> List.of(Role.POCKET_FRONT, Role.CARD);
      case DIVIDED_PLACE -> List.of(Role.CARD);
      case GUTTER_BAND, EDGE_BAND -> List.of(Role.BAND, Role.BAND_MIRRORED);
    };
  }

  private static Mover onPage(MoverKind kind) {
    Mechanism mechanism = usual(kind);
    Box at = Box.of(INCH, INCH, Size.ofInches(4, 4));
    return switch (kind) {
      case GUTTER_BAND, EDGE_BAND, FOLD_OUT ->
          mover(Edge.RIGHT.along(Box.of(SHEET), Length.ofInches(4)), Edge.RIGHT, mechanism);
      default -> mover(at, kind == MoverKind.CHAIN ? Edge.LEFT : Edge.TOP, mechanism);
    };
  }

  @ParameterizedTest
  @EnumSource(MoverKind.class)
  void all_that_is_cut_scored_and_glued_lies_on_its_piece_and_every_part_is_on_one(MoverKind kind) {
    Mover mover = onPage(kind);
    List<Flap> parts = MoverParts.of(mover, null, RULES);
    List<Piece> pieces = Constructing.of(mover, parts, RULES).pieces();
    assertThat(pieces).extracting(Piece::role).containsExactlyElementsOf(roles(kind));
    List<String> shown = new ArrayList<>();
    for (Piece piece : pieces) {
      Box whole = Box.of(piece.size());
      assertThat(piece.areas()).allMatch(area -> whole.contains(area.box()));
      assertThat(piece.panels()).allMatch(panel -> whole.contains(panel.box()));
      assertThat(piece.scores()).allMatch(score -> score.line().isIn(whole));
      piece.panels().forEach(panel -> shown.add(panel.part()));
    }
    assertThat(shown).containsExactlyInAnyOrderElementsOf(mover.parts());
  }

  @Test
  void what_is_glued_on_three_sides_is_open_at_its_mouth() {
    Mover pullOut = onPage(MoverKind.PULL_OUT);
    Piece front =
        Constructing.of(pullOut, MoverParts.of(pullOut, null, RULES), RULES).pieces().get(0);
    Box whole = Box.of(front.size());
    Length rail = RULES.length(HouseRule.TUCK_RAIL);
    assertThat(front.areas())
        .extracting(Construction.Area::box)
        .containsExactlyInAnyOrder(
            Edge.LEFT.along(whole, rail),
            Edge.RIGHT.along(whole, rail),
            Edge.BOTTOM.along(whole, rail));
    assertThat(front.areas()).allMatch(area -> area.use() == Use.GLUE_BEHIND);
    Mover tuck = onPage(MoverKind.EDGE_TUCK);
    Piece over = Constructing.of(tuck, MoverParts.of(tuck, null, RULES), RULES).pieces().get(0);
    assertThat(over.areas())
        .extracting(Construction.Area::box)
        .containsExactly(Edge.BOTTOM.along(whole, whole.h().minus(INCH)));
  }

  @Test
  void the_halves_of_a_band_are_glued_mirrored_where_they_lie_on_their_leaf() {
    Mover beyond = onPage(MoverKind.EDGE_BAND);
    List<Piece> halves =
        Constructing.of(beyond, MoverParts.of(beyond, null, RULES), RULES).pieces();
    Box whole = Box.of(beyond.at().size());
    assertThat(halves.get(0).areas().get(0).box()).isEqualTo(Edge.LEFT.along(whole, INCH));
    assertThat(halves.get(1).areas().get(0).box()).isEqualTo(Edge.RIGHT.along(whole, INCH));
    Mover gutter = onPage(MoverKind.GUTTER_BAND);
    assertThat(Constructing.of(gutter, MoverParts.of(gutter, null, RULES), RULES).pieces())
        .allMatch(piece -> piece.areas().get(0).box().equals(whole));
  }

  /** Four mounts of 3 × 4 in two rows, with half an inch between them. */
  @Test
  void two_doors_close_over_all_cells_of_a_block_but_where_something_lies_over_one() {
    Anchor corner = new Anchor.OnPage(Anchor.Along.START, INCH, Anchor.Along.START, INCH);
    Block block =
        new Block(
            1,
            new Shape.InGrid(2, 2, Size.ofInches(3, 4), Length.parse("1/2"), Length.ZERO),
            corner,
            Holds.PHOTO,
            Outline.STRAIGHT,
            Length.ZERO);
    List<Mount> mounts = new ArrayList<>();
    for (int cell = 0; cell < 4; cell++) {
      Box box =
          Box.of(
              INCH.plus(Length.parse("3 1/2").times(cell % 2)),
              INCH.plus(Length.parse("4 1/2").times(cell / 2)),
              Size.ofInches(3, 4));
      mounts.add(new Mount(1, cell + 1, box, Outline.STRAIGHT, Length.ZERO, Holds.PHOTO, cell + 1));
    }
    PagePlan plan = new PagePlan(List.of(block), mounts);
    assertThat(doors(plan))
        .isEqualTo(Box.of(INCH, INCH, new Size(Length.parse("6 1/2"), Length.parse("8 1/2"))));
    Flap over =
        Flap.sleeve(
            "1",
            mounts.get(3).box(),
            Edge.TOP,
            new Attachment.OnProtector(Length.parse("1/2")),
            Support.PAGE);
    assertThat(doors(plan.with(over)).size()).isEqualTo(Size.ofInches(3, 4));
  }

  private static Box doors(PagePlan plan) {
    Leaf leaf =
        new Leaf(1, 1, LeafType.plain("plain", SHEET), false, Length.ZERO, plan, PagePlan.EMPTY);
    Slot first =
        leaf.slots(Side.FRONT, 0).stream()
            .filter(slot -> slot.kind().isOfPage())
            .findFirst()
            .orElseThrow();
    return MoverChoices.at(first, RULES).stream()
        .map(MoverChoices.Choice::mover)
        .filter(mover -> mover.mechanism().kind() == MoverKind.DOUBLE_DOOR)
        .findFirst()
        .orElseThrow()
        .at();
  }
}
