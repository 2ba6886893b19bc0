package drumnest.core.album;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.flap.Holds;
import drumnest.core.album.leaf.Anchor;
import drumnest.core.album.leaf.Block;
import drumnest.core.album.leaf.Mount;
import drumnest.core.album.leaf.PageMeasure;
import drumnest.core.album.leaf.Shape;
import drumnest.core.fit.Grid;
import drumnest.core.fit.Row;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * The planner and the sums are two ways to the marks of a block: they must come to the same ones,
 * whatever edge a block is hung on and whatever belongs to it outside its pieces.
 */
class PlannerAgreesWithSumsTest {

  private static final Size PAGE = Size.ofInches(12, 12);
  private static final Length BY = Length.parse("1 1/2");
  private static final HouseRules RULES = HouseRules.defaults();

  private static List<Box> planned(Shape shape, Anchor anchor) {
    PageMeasure measure = new PageMeasure(PAGE, Box.of(PAGE), RULES);
    Block block = new Block(1, shape, anchor, Holds.PHOTO, Length.ZERO);
    return measure.plan(List.of(block)).mounts().stream().map(Mount::box).toList();
  }

  private static Anchor from(String left, String top) {
    return new Anchor.OnPage(
        Anchor.Along.START, Length.parse(left), Anchor.Along.START, Length.parse(top));
  }

  @Test
  void nine_squares_with_a_border_are_hung_by_their_border() {
    Length quarter = Length.parse("1/4");
    Length cell = Length.parse("2 1/2");
    Shape nine = new Shape.InGrid(3, 3, new Size(cell, cell), quarter, quarter);
    assertThat(planned(nine, from("1 1/2", "1 1/2")).stream().map(Box::x).distinct())
        .containsExactly(Length.parse("1 3/4"), Length.parse("4 1/2"), Length.parse("7 1/4"));
  }

  @Test
  void three_with_gaps_outside_too_begin_with_a_gap() {
    Shape row =
        new Shape.InRow(false, 3, Length.parse("8 1/2"), Length.parse("1/4"), null, true, null);
    assertThat(planned(row, from("0", "0")).stream().map(Box::x))
        .containsExactly(Length.parse("1/4"), Length.parse("3"), Length.parse("5 3/4"));
  }

  static Stream<Arguments> everyShapeOnEveryAnchor() {
    List<Arguments> cases = new ArrayList<>();
    for (Anchor.Along across : Anchor.Along.values()) {
      for (Anchor.Along down : Anchor.Along.values()) {
        for (String outside : List.of("0", "1/16", "1/4", "3/8")) {
          cases.add(Arguments.of(across, down, Length.parse(outside)));
        }
      }
    }
    return cases.stream();
  }

  /** Where a whole of this length begins, by the definition of the anchor. */
  private static Length begins(Anchor.Along along, Length page, Length whole) {
    return switch (along) {
      case START -> BY;
      case MIDDLE -> page.minus(whole).dividedBy(2).plus(BY);
      case END -> page.minus(whole).minus(BY);
    };
  }

  @ParameterizedTest(name = "{0}, {1}, border {2}")
  @MethodSource("everyShapeOnEveryAnchor")
  void a_grid_stands_where_the_sum_says(Anchor.Along across, Anchor.Along down, Length border) {
    Size cell = new Size(Length.parse("1 1/2"), Length.parse("2"));
    Length gap = Length.parse("1/8");
    Grid grid = new Grid(3, 2, cell, gap, border);
    Length x = begins(across, PAGE.w(), grid.size().w());
    Length y = begins(down, PAGE.h(), grid.size().h());
    List<Box> planned =
        planned(new Shape.InGrid(3, 2, cell, gap, border), new Anchor.OnPage(across, BY, down, BY));
    assertThat(planned)
        .containsExactlyElementsOf(
            grid.cells(x, y).stream().map(each -> Box.of(each.x(), each.y(), cell)).toList());
  }

  static Stream<Arguments> everyRowOnEveryAnchor() {
    List<Arguments> cases = new ArrayList<>();
    for (Anchor.Along along : Anchor.Along.values()) {
      for (boolean lying : new boolean[] {true, false}) {
        for (boolean outer : new boolean[] {true, false}) {
          for (int pieces : new int[] {1, 2, 3, 5}) {
            cases.add(Arguments.of(along, lying, outer, pieces, Length.parse("1/8"), null));
            cases.add(Arguments.of(along, lying, outer, pieces, null, Length.parse("1 1/4")));
          }
        }
      }
    }
    return cases.stream();
  }

  @ParameterizedTest(name = "{0}, lying {1}, gaps outside {2}, {3} pieces, gap {4}, piece {5}")
  @MethodSource("everyRowOnEveryAnchor")
  void a_row_stands_where_the_sum_says(
      Anchor.Along along,
      boolean lying,
      boolean outer,
      int pieces,
      @Nullable Length gap,
      @Nullable Length piece) {
    Length span = Length.parse("8 1/2");
    Row row =
        (gap != null
                ? Row.withGap(span, pieces, gap, outer, RULES.trimmerIncrement())
                : Row.withPiece(span, pieces, piece, outer, RULES.trimmerIncrement()))
            .orElseThrow();
    Length other = Length.parse("1");
    Anchor anchor =
        lying
            ? new Anchor.OnPage(along, BY, Anchor.Along.START, Length.ZERO)
            : new Anchor.OnPage(Anchor.Along.START, Length.ZERO, along, BY);
    List<Box> planned =
        planned(new Shape.InRow(!lying, pieces, span, gap, piece, outer, other), anchor);
    Length begin = begins(along, PAGE.w(), span);
    assertThat(planned.stream().map(box -> lying ? box.x() : box.y()))
        .containsExactlyElementsOf(row.starts().stream().map(begin::plus).toList());
    assertThat(planned.stream().map(box -> lying ? box.w() : box.h())).allMatch(row.cut()::equals);
  }

  /** Distances from a block are kept from its border, not from its pieces. */
  @Test
  void a_block_beside_another_keeps_its_distance_from_the_whole() {
    Length quarter = Length.parse("1/4");
    Length cell = Length.parse("2");
    Block grid =
        new Block(
            1,
            new Shape.InGrid(2, 2, new Size(cell, cell), quarter, quarter),
            from("1", "1"),
            Holds.PHOTO,
            Length.ZERO);
    Block below =
        new Block(
            2,
            new Shape.Single(Size.ofInches(2, 2)),
            new Anchor.OfBlock(1, Anchor.Beside.BELOW, quarter, Anchor.Along.START),
            Holds.PHOTO,
            Length.ZERO);
    PageMeasure measure = new PageMeasure(PAGE, Box.of(PAGE), RULES);
    List<Mount> mounts = measure.plan(List.of(grid, below)).mounts();
    assertThat(mounts.get(4).box().x()).isEqualTo(Length.parse("1"));
    assertThat(mounts.get(4).box().y()).isEqualTo(Length.parse("6"));
  }
}
