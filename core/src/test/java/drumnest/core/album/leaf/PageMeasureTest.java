package drumnest.core.album.leaf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import drumnest.core.album.flap.Holds;
import drumnest.core.fit.Joined;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LeafType;
import java.util.List;
import org.junit.jupiter.api.Test;

class PageMeasureTest {

  private static final Size TWELVE = Size.ofInches(12, 12);
  private static final Length EIGHTH = Length.parse("1/8");
  private static final Anchor MIDDLE =
      new Anchor.OnPage(Anchor.Along.MIDDLE, Length.ZERO, Anchor.Along.MIDDLE, Length.ZERO);

  private static PageMeasure on(Size page) {
    return new PageMeasure(page, Box.of(page), HouseRules.defaults());
  }

  private static Block block(int key, Shape shape, Anchor anchor) {
    return new Block(key, shape, anchor, Holds.PHOTO, Length.ZERO);
  }

  private static Anchor at(String x, String y) {
    return new Anchor.OnPage(
        Anchor.Along.START, Length.parse(x), Anchor.Along.START, Length.parse(y));
  }

  private static List<String> lefts(PagePlan plan, int block) {
    return plan.mounts().stream()
        .filter(mount -> mount.block() == block)
        .map(mount -> mount.box().x().toString())
        .toList();
  }

  @Test
  void three_squares_under_the_wide_one_an_eighth_apart() {
    Block wide = block(1, new Shape.Single(Size.ofInches(6, 4)), at("3", "2"));
    Block squares =
        block(
            2,
            new Shape.InRow(false, 3, Length.ofInches(6), EIGHTH, null, false, null),
            new Anchor.OfBlock(1, Anchor.Beside.BELOW, EIGHTH, Anchor.Along.START));
    PagePlan plan = on(TWELVE).plan(List.of(wide, squares));
    assertThat(plan.mounts()).hasSize(4);
    assertThat(lefts(plan, 2)).containsExactly("3", "5 1/16", "7 1/8");
    Mount first = plan.mounts().get(1);
    assertThat(first.box().size())
        .isEqualTo(new Size(Length.parse("1 7/8"), Length.parse("1 7/8")));
    assertThat(first.box().y()).isEqualTo(Length.parse("6 1/8"));
    assertThat(plan.mounts().stream().skip(1).map(Mount::order)).containsExactly(1, 3, 2);
  }

  @Test
  void three_2_1_2_squares_with_quarter_gaps_and_borders_stand_at_absolute_marks() {
    Shape grid =
        new Shape.InGrid(
            3,
            3,
            new Size(Length.parse("2 1/2"), Length.parse("2 1/2")),
            Length.parse("1/4"),
            Length.parse("1/4"));
    PagePlan plan =
        on(new Size(Length.parse("8 1/2"), Length.parse("8 1/2")))
            .plan(List.of(block(1, grid, MIDDLE)));
    assertThat(lefts(plan, 1)).contains("1/4", "3", "5 3/4").hasSize(9);
    assertThat(plan.mounts().get(4).order()).isEqualTo(1);
  }

  @Test
  void the_lower_edge_of_the_centre_row_of_3_in_cells_is_at_7_1_2() {
    Shape grid = new Shape.InGrid(3, 3, Size.ofInches(3, 3), EIGHTH, Length.ZERO);
    PagePlan plan = on(TWELVE).plan(List.of(block(1, grid, MIDDLE)));
    assertThat(plan.mounts().get(4).box().bottom()).isEqualTo(Length.parse("7 1/2"));
  }

  /** Handbook 7: a piece across two cells needs 2a + g, 3 in cells and 1/8 apart make 6 1/8. */
  @Test
  void joined_cells_are_one_place_gap_and_all_and_the_others_keep_their_numbers() {
    Shape grid =
        new Shape.InGrid(
            3,
            3,
            Size.ofInches(3, 3),
            EIGHTH,
            Length.ZERO,
            List.of(new Joined(2, 1), new Joined(6, 8)));
    PagePlan plan = on(TWELVE).plan(List.of(block(1, grid, at("1", "1"))));
    assertThat(plan.mounts()).extracting(Mount::index).containsExactly(1, 3, 4, 5, 7);
    assertThat(plan.mounts().get(0).box())
        .isEqualTo(
            Box.of(
                Length.ofInches(1),
                Length.ofInches(1),
                new Size(Length.parse("6 1/8"), Length.ofInches(3))));
    assertThat(plan.mounts().get(3).box())
        .isEqualTo(
            Box.of(
                Length.parse("4 1/8"),
                Length.parse("4 1/8"),
                new Size(Length.parse("6 1/8"), Length.parse("6 1/8"))));
    // The one with the middle cell in it is set first.
    assertThat(plan.mounts()).extracting(Mount::order).containsExactlyInAnyOrder(1, 2, 3, 4, 5);
    assertThat(plan.mounts().get(3).order()).isEqualTo(1);
  }

  @Test
  void a_cell_that_there_is_not_or_that_is_joined_already_is_named() {
    for (List<Joined> wrong :
        List.of(
            List.of(new Joined(1, 10)),
            List.of(new Joined(0, 2)),
            List.of(new Joined(1, 5), new Joined(5, 6)))) {
      Shape grid = new Shape.InGrid(3, 3, Size.ofInches(3, 3), EIGHTH, Length.ZERO, wrong);
      assertThatExceptionOfType(PlanProblemException.class)
          .isThrownBy(() -> on(TWELVE).plan(List.of(block(1, grid, MIDDLE))))
          .satisfies(problem -> assertThat(problem.field()).isEqualTo("joined"));
    }
  }

  @Test
  void a_mixed_block_has_squares_with_a_wider_margin_or_slight_oblongs() {
    Size upright = Size.ofInches(4, 6);
    Size wide = Size.ofInches(6, 4);
    PagePlan squares =
        on(TWELVE)
            .plan(
                List.of(block(1, new Shape.Mixed(upright, wide, 3, EIGHTH, true, false), MIDDLE)));
    assertThat(squares.mounts()).hasSize(5);
    assertThat(squares.mounts().get(2).box().size())
        .isEqualTo(new Size(Length.parse("1 7/8"), Length.parse("1 7/8")));
    Mount last = squares.mounts().get(4);
    assertThat(last.box().right()).isEqualTo(squares.mounts().get(1).box().right());
    assertThat(last.box().bottom()).isEqualTo(squares.mounts().get(0).box().bottom());
    PagePlan right =
        on(TWELVE)
            .plan(
                List.of(block(1, new Shape.Mixed(upright, wide, 3, EIGHTH, false, true), MIDDLE)));
    assertThat(right.mounts().get(0).box().x())
        .isEqualTo(right.mounts().get(1).box().right().plus(EIGHTH));
  }

  @Test
  void beside_another_block_it_lines_up_with_it() {
    Block first = block(1, new Shape.Single(Size.ofInches(2, 2)), at("5", "5"));
    for (Anchor.Beside beside : Anchor.Beside.values()) {
      Block second =
          block(
              2,
              new Shape.Single(Size.ofInches(1, 1)),
              new Anchor.OfBlock(1, beside, EIGHTH, Anchor.Along.MIDDLE));
      Box box = on(TWELVE).plan(List.of(first, second)).mounts().get(1).box();
      String expected =
          switch (beside) {
            case BELOW -> "5 1/2, 7 1/8";
            case ABOVE -> "5 1/2, 3 7/8";
            case RIGHT_OF -> "7 1/8, 5 1/2";
            case LEFT_OF -> "3 7/8, 5 1/2";
          };
      assertThat(box.x() + ", " + box.y()).isEqualTo(expected);
    }
  }

  @Test
  void what_does_not_come_out_is_refused_with_the_block_that_is_wrong() {
    Block first = block(1, new Shape.Single(Size.ofInches(6, 4)), at("0", "0"));
    refused(
        List.of(first, block(2, new Shape.Single(Size.ofInches(6, 4)), at("5", "3"))),
        2,
        "anchor",
        "lie on block 1");
    refused(
        List.of(block(1, new Shape.Single(Size.ofInches(6, 4)), at("7", "0"))),
        1,
        "anchor",
        "past the right edge of the paper");
    refused(
        List.of(
            block(
                3,
                new Shape.InRow(
                    false, 9, Length.ofInches(6), Length.ofInches(1), null, false, null),
                MIDDLE)),
        3,
        "gap",
        "over the span by 2");
    refused(
        List.of(
            block(
                1,
                new Shape.Single(Size.ofInches(1, 1)),
                new Anchor.OfBlock(7, Anchor.Beside.BELOW, EIGHTH, Anchor.Along.START))),
        1,
        "anchor",
        "no block 7");
    refused(
        List.of(
            new Block(
                1,
                new Shape.Single(Size.ofInches(1, 1)),
                MIDDLE,
                Holds.PHOTO,
                Length.parse("1/2"))),
        1,
        "mat",
        "nothing to see");
  }

  private static void refused(List<Block> blocks, int block, String field, String words) {
    assertThatExceptionOfType(PlanProblemException.class)
        .isThrownBy(() -> on(TWELVE).plan(blocks))
        .withMessageContaining(words)
        .satisfies(
            problem -> {
              assertThat(problem.block()).isEqualTo(block);
              assertThat(problem.field()).isEqualTo(field);
            });
  }

  @Test
  void nothing_covers_the_holes_of_a_punched_page_on_either_side() {
    LeafType punched = (LeafType) Catalogue.beginning().get("card-page-5x8.3-8").item();
    Leaf leaf = Leaf.of(1, 1, punched);
    Block atLeft = block(1, new Shape.Single(Size.ofInches(4, 6)), at("0", "0"));
    PageMeasure front =
        new PageMeasure(leaf.size(), PageMeasure.usable(leaf, Side.FRONT), HouseRules.defaults());
    PageMeasure back =
        new PageMeasure(leaf.size(), PageMeasure.usable(leaf, Side.BACK), HouseRules.defaults());
    assertThatExceptionOfType(PlanProblemException.class)
        .isThrownBy(() -> front.plan(List.of(atLeft)))
        .withMessageContaining("holes");
    assertThat(back.plan(List.of(atLeft)).mounts()).hasSize(1);
  }

  @Test
  void a_matted_mount_takes_a_print_smaller_by_its_mat() {
    Block matted =
        new Block(
            1,
            new Shape.Single(Size.ofInches(5, 7)),
            at("1", "1"),
            Holds.PHOTO,
            Length.parse("1/4"));
    PagePlan plan = on(TWELVE).plan(List.of(matted));
    Leaf leaf =
        new Leaf(3, 1, LeafType.plain("plain", TWELVE), false, Length.ZERO, plan, PagePlan.EMPTY);
    Slot slot = leaf.slots(Side.FRONT, 0).get(0);
    assertThat(slot.id()).isEqualTo("3-front-1.1");
    assertThat(slot.takes()).isEqualTo(new Size(Length.parse("4 1/2"), Length.parse("6 1/2")));
    assertThat(slot.box().size()).isEqualTo(Size.ofInches(5, 7));
  }

  @Test
  void each_mark_says_how_far_it_may_be_off() {
    PagePlan plan =
        on(TWELVE)
            .plan(
                List.of(
                    block(1, new Shape.Single(Size.ofInches(4, 4)), at("1", "1")),
                    block(2, new Shape.Single(Size.ofInches(4, 4)), at("6", "2"))));
    Length quarter = Length.parse("1/4");
    Box room = Box.of(TWELVE).inset(quarter);
    RulerMarks first = RulerMarks.of(plan.mounts().get(0), plan.mounts(), room);
    assertThat(first.left())
        .isEqualTo(new RulerMarks.Range(Length.ofInches(1), quarter, Length.ofInches(2)));
    assertThat(first.top())
        .isEqualTo(new RulerMarks.Range(Length.ofInches(1), quarter, Length.parse("7 3/4")));
    RulerMarks second = RulerMarks.of(plan.mounts().get(1), plan.mounts(), room);
    assertThat(second.left().from()).isEqualTo(Length.ofInches(5));
    assertThat(second.left().to()).isEqualTo(Length.parse("7 3/4"));
  }
}
