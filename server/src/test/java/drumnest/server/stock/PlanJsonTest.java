package drumnest.server.stock;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.flap.Attachment;
import drumnest.core.album.flap.Band;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Grip;
import drumnest.core.album.flap.Holds;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.Support;
import drumnest.core.album.leaf.Anchor;
import drumnest.core.album.leaf.Block;
import drumnest.core.album.leaf.PageMeasure;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Shape;
import drumnest.core.fit.Joined;
import drumnest.core.fit.Outline;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.Part;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class PlanJsonTest {

  private static final Size PAGE = Size.ofInches(12, 12);

  static List<Outline> outlines() {
    return List.of(Outline.STRAIGHT, Outline.OVAL, new Outline.Rounded(Length.parse("3/8")));
  }

  private static PagePlan plan(Outline outline) {
    Anchor anchor =
        new Anchor.OnPage(Anchor.Along.MIDDLE, Length.ZERO, Anchor.Along.MIDDLE, Length.ZERO);
    Shape shape = new Shape.Single(Size.ofInches(4, 3));
    Block block = new Block(1, shape, anchor, Holds.PHOTO, outline, Length.parse("1/8"));
    return new PageMeasure(PAGE, Box.of(PAGE), HouseRules.defaults()).plan(List.of(block));
  }

  @ParameterizedTest
  @MethodSource("outlines")
  void what_is_written_is_read_again(Outline outline) {
    PagePlan read = PlanJson.read(PlanJson.write(plan(outline)));
    assertThat(read).isEqualTo(plan(outline));
    assertThat(read.mounts().get(0).outline().isStraight()).isEqualTo(outline.isStraight());
  }

  @Test
  void a_grid_that_says_nothing_of_joined_cells_has_none() {
    Anchor anchor =
        new Anchor.OnPage(Anchor.Along.MIDDLE, Length.ZERO, Anchor.Along.MIDDLE, Length.ZERO);
    PageMeasure page = new PageMeasure(PAGE, Box.of(PAGE), HouseRules.defaults());
    Shape.InGrid apart =
        new Shape.InGrid(3, 3, Size.ofInches(3, 3), Length.parse("1/8"), Length.ZERO);
    Shape.InGrid together =
        new Shape.InGrid(
            3,
            3,
            Size.ofInches(3, 3),
            Length.parse("1/8"),
            Length.ZERO,
            List.of(new Joined(1, 2), new Joined(5, 9)));
    for (Shape.InGrid grid : List.of(apart, together)) {
      PagePlan plan =
          page.plan(List.of(new Block(1, grid, anchor, Holds.PHOTO, Length.parse("1/8"))));
      assertThat(PlanJson.read(PlanJson.write(plan))).isEqualTo(plan);
    }
    PagePlan plan = page.plan(List.of(new Block(1, apart, anchor, Holds.PHOTO, Length.ZERO)));
    String written = PlanJson.write(plan);
    String earlier = written.replace(",\"joined\":[]", "");
    assertThat(earlier).isNotEqualTo(written);
    assertThat(PlanJson.read(earlier)).isEqualTo(plan);
  }

  @ParameterizedTest
  @MethodSource("outlines")
  void a_plan_that_says_nothing_of_outlines_is_cut_straight(Outline outline) {
    String written = PlanJson.write(plan(outline));
    String earlier = written.replaceAll(",?\"outline\":\\{[^}]*}", "");
    assertThat(earlier).isNotEqualTo(written).doesNotContain("outline");
    assertThat(PlanJson.read(earlier)).isEqualTo(plan(Outline.STRAIGHT));
  }

  static List<Mechanism> mechanisms() {
    Length small = Length.parse("1/8");
    Size sheet = Size.ofInches(12, 12);
    return List.of(
        new Mechanism.Chain(3),
        new Mechanism.Booklet(2),
        new Mechanism.Waterfall(4, small),
        new Mechanism.Accordion(4, small, sheet, small, true, true),
        new Mechanism.FoldOut(PAGE, small, sheet),
        new Mechanism.Door(true, small),
        new Mechanism.TuckSpot(Size.ofInches(2, 3), small),
        new Mechanism.PullOut(Size.ofInches(2, 3)),
        new Mechanism.EdgeTuck(Size.ofInches(4, 2), small),
        new Mechanism.Divided(),
        new Mechanism.Divided(
            new Part.Shared(
                Part.Direction.DOWN,
                List.of(
                    new Part.Whole(),
                    new Part.Divided(
                        Part.Direction.ACROSS, List.of(small), List.of(new Part.Whole()))))),
        new Band.Gutter(PAGE),
        new Band.Beyond(PAGE, small));
  }

  @ParameterizedTest
  @MethodSource("mechanisms")
  void a_mover_that_is_written_is_read_again(Mechanism mechanism) {
    Box at = Box.of(Size.ofInches(4, 6));
    Mover mover = new Mover(2, at, Edge.LEFT, null, mechanism);
    List<Flap> parts =
        mover.parts().stream()
            .map(
                id ->
                    new Flap(
                        id,
                        at,
                        Edge.LEFT,
                        new Attachment.OnFold(Length.parse("1/2")),
                        new Support.Inside("1", null),
                        Flap.Body.CARD,
                        Length.ZERO))
            .toList();
    PagePlan plan = PagePlan.EMPTY.withMovers(parts, List.of(mover));
    String written = PlanJson.write(plan);
    assertThat(PlanJson.read(written)).isEqualTo(plan);
    PagePlan gripped =
        PagePlan.EMPTY.withMovers(
            parts.stream().map(part -> part.withGrip(Grip.STRING)).toList(),
            List.of(mover.withGrip(Grip.TAB)));
    assertThat(PlanJson.read(PlanJson.write(gripped))).isEqualTo(gripped);
    // Plans of earlier versions say nothing of grips.
    String earlier = written.replaceAll(",?\"grip\":\"NONE\"", "");
    assertThat(earlier).doesNotContain("grip");
    assertThat(PlanJson.read(earlier)).isEqualTo(plan);
  }

  @Test
  void an_accordion_that_says_nothing_of_a_panorama_or_of_printing_has_neither() {
    Length small = Length.parse("1/8");
    Mechanism accordion = new Mechanism.Accordion(4, small, PAGE, small);
    Box at = Box.of(Size.ofInches(4, 6));
    Mover mover = new Mover(1, at, Edge.LEFT, null, accordion);
    List<Flap> panels =
        mover.parts().stream()
            .map(id -> Flap.sleeve(id, at, Edge.LEFT, new Attachment.StuckDown(), Support.PAGE))
            .toList();
    PagePlan plan = PagePlan.EMPTY.withMovers(panels, List.of(mover));
    String written = PlanJson.write(plan);
    String earlier = written.replaceAll(",\"(panorama|printed)\":false", "");
    assertThat(earlier).doesNotContain("panorama").doesNotContain("printed");
    assertThat(PlanJson.read(earlier)).isEqualTo(plan);
  }

  @Test
  void a_plan_that_knows_no_movers_has_none() {
    String earlier =
        PlanJson.write(plan(Outline.STRAIGHT)).replaceAll(",\"(flaps|movers)\":\\[]", "");
    assertThat(earlier).doesNotContain("flaps").doesNotContain("movers");
    assertThat(PlanJson.read(earlier)).isEqualTo(plan(Outline.STRAIGHT));
  }
}
