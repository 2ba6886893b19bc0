package drumnest.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.PixelBox;
import java.awt.geom.Ellipse2D;
import java.awt.geom.RectangularShape;
import java.awt.geom.RoundRectangle2D;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class SeenWindowTest {

  private static final double HAIR = 1e-6;
  private static final Length QUARTER = Length.parse("1/4");

  @Test
  void an_oval_takes_half_of_each_side_off_its_corners_and_a_round_corner_its_radius() {
    Size piece = Size.ofInches(4, 3);
    assertThat(Outline.STRAIGHT.corner(piece)).isEqualTo(new Size(Length.ZERO, Length.ZERO));
    assertThat(Outline.OVAL.corner(piece))
        .isEqualTo(new Size(Length.parse("2"), Length.parse("1 1/2")));
    assertThat(new Outline.Rounded(QUARTER).corner(piece)).isEqualTo(new Size(QUARTER, QUARTER));
  }

  @Test
  void corners_are_never_rounded_by_more_than_half_the_shorter_side() {
    Length half = Length.parse("1 1/2");
    assertThat(new Outline.Rounded(Length.parse("3")).corner(Size.ofInches(4, 3)))
        .isEqualTo(new Size(half, half));
    assertThatIllegalArgumentException().isThrownBy(() -> new Outline.Rounded(Length.ZERO));
  }

  @Test
  void inside_an_edge_corners_are_rounder_by_less_until_they_are_none() {
    Outline outline = new Outline.Rounded(QUARTER);
    assertThat(outline.inset(Length.parse("1/16")))
        .isEqualTo(new Outline.Rounded(Length.parse("3/16")));
    assertThat(outline.inset(QUARTER)).isEqualTo(Outline.STRAIGHT);
    assertThat(Outline.OVAL.inset(QUARTER)).isEqualTo(Outline.OVAL);
  }

  /** A window, a box somewhere about it, and the same shape as the JDK has it. */
  private record Case(int seed, SeenWindow window, PixelBox box, RectangularShape shape) {
    @Override
    public String toString() {
      return "seed " + seed;
    }
  }

  static List<Case> cases() {
    return IntStream.range(0, 600).mapToObj(SeenWindowTest::random).toList();
  }

  private static Case random(int seed) {
    Random random = new Random(seed);
    PixelBox window = box(random, 20, 120);
    Size print = Size.ofInches(window.w(), window.h());
    int radius = 1 + random.nextInt(Math.min(window.w(), window.h()) / 2);
    boolean oval = seed % 2 == 0;
    Outline outline = oval ? Outline.OVAL : new Outline.Rounded(Length.ofInches(radius, 0, 1));
    RectangularShape shape =
        oval
            ? new Ellipse2D.Double(window.x(), window.y(), window.w(), window.h())
            : new RoundRectangle2D.Double(
                window.x(), window.y(), window.w(), window.h(), 2 * radius, 2 * radius);
    return new Case(seed, SeenWindow.of(window, outline, print), box(random, 1, 60), shape);
  }

  private static PixelBox box(Random random, int least, int more) {
    return new PixelBox(
        random.nextInt(40),
        random.nextInt(40),
        least + random.nextInt(more),
        least + random.nextInt(more));
  }

  /** The shape a hair larger or smaller, for what lies on its edge, which the JDK counts not in. */
  private static RectangularShape grown(RectangularShape shape, double by) {
    RectangularShape grown = (RectangularShape) shape.clone();
    grown.setFrame(
        shape.getX() - by,
        shape.getY() - by,
        shape.getWidth() + 2 * by,
        shape.getHeight() + 2 * by);
    return grown;
  }

  /** Source: {@code java.awt.geom} of the JDK. */
  @ParameterizedTest
  @MethodSource("cases")
  void a_box_is_seen_whole_where_the_shape_of_the_jdk_contains_it(Case one) {
    PixelBox box = one.box();
    assertThat(one.window().contains(box))
        .isEqualTo(grown(one.shape(), HAIR).contains(box.x(), box.y(), box.w(), box.h()));
    assertThat(one.window().common(box).isPresent())
        .isEqualTo(grown(one.shape(), -HAIR).intersects(box.x(), box.y(), box.w(), box.h()));
  }

  @Test
  void the_cases_hold_boxes_of_every_kind() {
    assertThat(cases()).anyMatch(one -> one.window().contains(one.box()));
    assertThat(cases())
        .anyMatch(
            one -> one.window().common(one.box()).isPresent() && !one.window().contains(one.box()));
    assertThat(cases())
        .anyMatch(
            one ->
                one.window().common(one.box()).isEmpty()
                    && one.box().common(one.window().window()).isPresent());
  }
}
