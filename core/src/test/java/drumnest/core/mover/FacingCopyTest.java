package drumnest.core.mover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import drumnest.core.album.flap.Attachment;
import drumnest.core.album.flap.Band;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.Support;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Spread;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.kind.MoverParts;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LeafType;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class FacingCopyTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final LeafType SIX_WIDE =
      (LeafType) Catalogue.beginning().get(Catalogue.SIX_WIDE).item();

  private static Box box(long x, long y, long w, long h) {
    return new Box(Length.ofInches(x), Length.ofInches(y), Length.ofInches(w), Length.ofInches(h));
  }

  private static Leaf leaf(int number, PagePlan plan) {
    return new Leaf(number, number, SIX_WIDE, false, Length.ZERO, plan, plan);
  }

  private static Spread spread(PagePlan left, PagePlan right) {
    return new Spread(1, List.of(leaf(1, left), leaf(2, right)));
  }

  private static PagePlan with(Mover mover) {
    return PagePlan.EMPTY.withMovers(MoverParts.of(mover, null, RULES), List.of(mover));
  }

  private static Size size(long w, long h) {
    return new Size(Length.ofInches(w), Length.ofInches(h));
  }

  static List<Mover> movers() {
    Length quarter = Length.parse("1/4");
    Length one = Length.ofInches(1);
    return List.of(
        new Mover(1, box(1, 2, 4, 3), Edge.LEFT, null, new Mechanism.Chain(3)),
        new Mover(1, box(1, 2, 4, 3), Edge.TOP, null, new Mechanism.Booklet(2)),
        new Mover(1, box(1, 2, 4, 3), Edge.LEFT, null, new Mechanism.Waterfall(3, one)),
        new Mover(
            1,
            box(1, 2, 4, 3),
            Edge.RIGHT,
            null,
            new Mechanism.Accordion(4, quarter, size(12, 12), one)),
        new Mover(1, box(1, 2, 4, 3), Edge.LEFT, null, new Mechanism.Door(false, quarter)),
        new Mover(1, box(1, 2, 4, 3), Edge.LEFT, null, new Mechanism.Door(true, quarter)),
        new Mover(1, box(1, 2, 6, 4), Edge.LEFT, null, new Mechanism.TuckSpot(size(4, 3), one)),
        new Mover(1, box(1, 2, 6, 4), Edge.LEFT, null, new Mechanism.PullOut(size(4, 3))),
        new Mover(1, box(2, 2, 10, 1), Edge.RIGHT, null, new Band.Gutter(size(12, 12))));
  }

  @ParameterizedTest
  @MethodSource("movers")
  void mirrored_it_lies_as_far_from_the_gutter_and_mirrored_back_it_is_what_it_was(Mover mover) {
    PagePlan right = FacingCopy.of(spread(with(mover), PagePlan.EMPTY), Side.BACK, "1", RULES);
    Mover copy = right.movers().get(0);
    assertThat(copy.at().x()).isEqualTo(Length.ofInches(12).minus(mover.at().right()));
    assertThat(copy.at().y()).isEqualTo(mover.at().y());
    assertThat(copy.edge())
        .isEqualTo(mover.edge().isAtSide() ? mover.edge().opposite() : mover.edge());
    PagePlan left = FacingCopy.of(spread(PagePlan.EMPTY, right), Side.FRONT, "1", RULES);
    assertThat(left).isEqualTo(with(mover));
  }

  @Test
  void what_is_open_is_mirrored_too() {
    Flap flap =
        Flap.sleeve(
            "1",
            box(2, 1, 4, 3),
            Edge.LEFT,
            new Attachment.OnProtector(Length.parse("1/2")),
            Support.PAGE);
    Spread spread = spread(PagePlan.EMPTY.withFlaps(List.of(flap)), PagePlan.EMPTY);
    Flap copy = FacingCopy.of(spread, Side.BACK, "1", RULES).flaps().get(0);
    assertThat(copy.closed()).isEqualTo(box(6, 1, 4, 3));
    assertThat(copy.hinge()).isEqualTo(Edge.RIGHT);
    assertThat(copy.open()).isEqualTo(box(10, 1, 4, 3));
  }

  @Test
  void it_lies_on_what_is_uppermost_where_it_comes_to_lie_and_on_nothing_beside_that() {
    Flap flap =
        Flap.sleeve(
            "1",
            box(2, 1, 4, 3),
            Edge.LEFT,
            new Attachment.OnProtector(Length.parse("1/2")),
            Support.PAGE);
    PagePlan left = PagePlan.EMPTY.withFlaps(List.of(flap));
    Flap below = flap.withClosed(box(5, 0, 6, 5)).withHinge(Edge.TOP);
    PagePlan there = PagePlan.EMPTY.withFlaps(List.of(below));
    Flap copy = FacingCopy.of(spread(left, there), Side.BACK, "1", RULES).flap("2").orElseThrow();
    assertThat(copy.on()).isEqualTo("1");
    PagePlan beside = PagePlan.EMPTY.withFlaps(List.of(below.withClosed(box(0, 6, 6, 5))));
    assertThat(
            FacingCopy.of(spread(left, beside), Side.BACK, "1", RULES).flap("2").orElseThrow().on())
        .isNull();
  }

  /** A sleeve on the inside of the left door of a pair lies on the inside of the right one. */
  @Test
  void what_is_on_its_inside_goes_with_it_and_it_lies_on_what_is_there() {
    Mover pair =
        new Mover(
            1, box(1, 2, 8, 6), Edge.LEFT, null, new Mechanism.Door(true, Length.parse("1/4")));
    List<Flap> flaps = new ArrayList<>(MoverParts.of(pair, null, RULES));
    flaps.add(
        new Flap(
            "3",
            box(2, 3, 2, 3),
            Edge.LEFT,
            new Attachment.OnProtector(Length.parse("1/2")),
            new Support.Inside("1", null),
            Flap.Body.SLEEVE,
            Length.ZERO));
    Flap there =
        Flap.sleeve(
            "7",
            box(4, 3, 2, 2),
            Edge.TOP,
            new Attachment.OnProtector(Length.parse("1/2")),
            Support.PAGE);
    PagePlan left = PagePlan.EMPTY.withMovers(flaps, List.of(pair));
    PagePlan right = PagePlan.EMPTY.withFlaps(List.of(there));
    PagePlan copied = FacingCopy.of(spread(left, right), Side.BACK, "2", RULES);
    assertThat(copied.flaps()).hasSize(4).startsWith(there);
    Flap inside = copied.flap("10").orElseThrow();
    assertThat(inside.inside()).isTrue();
    assertThat(inside.closed()).isEqualTo(box(8, 3, 2, 3));
    Flap door = copied.flap(Objects.requireNonNull(inside.fixedTo())).orElseThrow();
    assertThat(door.hinge()).isEqualTo(Edge.RIGHT);
    assertThat(door.closed()).isEqualTo(box(7, 2, 4, 6));
    // Alone, what is on an inside is not mirrored.
    assertThatThrownBy(() -> FacingCopy.of(spread(left, right), Side.BACK, "3", RULES))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
