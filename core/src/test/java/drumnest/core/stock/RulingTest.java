package drumnest.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalStateException;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RulingTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final Size TWELVE = Size.ofInches(12, 12);

  private static List<Length> inches(String... prints) {
    return List.of(prints).stream().map(Length::parse).toList();
  }

  private static List<Part> whole(int count) {
    return IntStream.range(0, count).<Part>mapToObj(i -> new Part.Whole()).toList();
  }

  private static Part divided(Part.Direction direction, String... prints) {
    return new Part.Divided(direction, inches(prints), whole(prints.length));
  }

  @Test
  void three_4_in_rows_need_12_3_8_and_do_not_fit_a_12_in_inside() {
    Ruling ruling = Ruling.of(TWELVE, divided(Part.Direction.DOWN, "4", "4", "4"), RULES);
    assertThat(ruling.isWhole()).isFalse();
    Ruling.Problem problem = ruling.problems().get(0);
    assertThat(problem.reason()).isEqualTo(Ruling.Reason.TOO_LONG);
    assertThat(problem.needs()).isEqualTo(Length.parse("12 3/8"));
    assertThat(problem.overBy()).isEqualTo(Length.parse("3/8"));
    assertThat(ruling.pockets()).isEmpty();
    assertThat(ruling.pieces())
        .extracting(Ruling.Piece::path)
        .containsExactly(List.of(0), List.of(1), List.of(2));
    assertThat(ruling.pieces().get(2).box().bottom()).isEqualTo(Length.parse("12 3/8"));
    assertThatIllegalStateException().isThrownBy(ruling::pattern);
  }

  @Test
  void columns_for_6_and_4_need_10_1_4_and_leave_1_3_4_of_a_12_in_inside() {
    Ruling ruling = Ruling.of(TWELVE, divided(Part.Direction.ACROSS, "6", "4"), RULES);
    assertThat(ruling.isWhole()).isTrue();
    assertThat(ruling.pockets())
        .extracting(pocket -> pocket.box().w().toString())
        .containsExactly("6 1/8", "4 1/8");
    assertThat(ruling.pockets())
        .extracting(pocket -> pocket.named().w().toString())
        .containsExactly("6", "4");
    assertThat(ruling.leftOver())
        .containsExactly(
            new Box(
                Length.parse("10 1/4"), Length.ZERO, Length.parse("1 3/4"), Length.ofInches(12)));
  }

  @Test
  void parts_are_divided_again_within_themselves() {
    Part part =
        new Part.Divided(
            Part.Direction.DOWN,
            inches("4", "7"),
            List.of(divided(Part.Direction.ACROSS, "6", "4"), new Part.Shut()));
    Ruling ruling = Ruling.of(TWELVE, part, RULES);
    assertThat(ruling.pockets())
        .extracting(Pocket::named)
        .containsExactly(Size.ofInches(6, 4), Size.ofInches(4, 4));
    assertThat(ruling.leftOver()).hasSize(3);
    assertThat(ruling.pattern().mirrored().pockets().get(0).box().x())
        .isEqualTo(Length.parse("1 3/4"));
  }

  @Test
  void a_part_within_a_part_is_named_by_its_path() {
    Part part =
        new Part.Divided(
            Part.Direction.DOWN,
            inches("4", "4"),
            List.of(new Part.Whole(), divided(Part.Direction.ACROSS, "6", "6")));
    Ruling.Problem problem = Ruling.of(TWELVE, part, RULES).problems().get(0);
    assertThat(problem.path()).containsExactly(1);
    assertThat(problem.needs()).isEqualTo(Length.parse("12 1/4"));
  }

  @Test
  void a_part_no_wider_than_the_ease_is_no_pocket() {
    Part part = new Part.Shared(Part.Direction.ACROSS, whole(2));
    Ruling ruling = Ruling.of(new Size(Length.parse("1/4"), Length.ofInches(4)), part, RULES);
    assertThat(ruling.problems())
        .extracting(Ruling.Problem::reason)
        .containsOnly(Ruling.Reason.TOO_SMALL);
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(longs = {7, 8, 9, 10})
  void whatever_is_ruled_pockets_and_what_is_left_fill_the_inside_and_never_overlap(long seed) {
    Random random = new Random(seed);
    for (int round = 0; round < 50; round++) {
      Ruling ruling = Ruling.of(TWELVE, part(random, 3), RULES);
      List<Box> all = new ArrayList<>(ruling.leftOver());
      ruling.pockets().forEach(pocket -> all.add(pocket.box()));
      Box inside = Box.of(TWELVE);
      for (int i = 0; i < all.size(); i++) {
        assertThat(inside.contains(all.get(i))).isTrue();
        for (int k = 0; k < i; k++) {
          assertThat(all.get(i).overlaps(all.get(k))).isFalse();
        }
      }
      if (ruling.problems().isEmpty()) {
        assertThat(all.stream().mapToDouble(RulingTest::area).sum())
            .isCloseTo(area(inside), Offset.offset(1e-6));
      }
    }
  }

  private static double area(Box box) {
    return box.w().toInches().doubleValue() * box.h().toInches().doubleValue();
  }

  private static Part part(Random random, int depth) {
    int kind = depth == 0 ? 0 : random.nextInt(4);
    if (kind == 0) {
      return random.nextInt(5) == 0 ? new Part.Shut() : new Part.Whole();
    }
    Part.Direction direction = random.nextBoolean() ? Part.Direction.ACROSS : Part.Direction.DOWN;
    int count = 1 + random.nextInt(3);
    List<Part> parts = IntStream.range(0, count).mapToObj(i -> part(random, depth - 1)).toList();
    if (kind == 1) {
      return new Part.Shared(direction, parts);
    }
    List<Length> prints =
        IntStream.range(0, count)
            .mapToObj(i -> Length.ofInches(0, 8 + random.nextInt(40), 8))
            .toList();
    return new Part.Divided(direction, prints, parts);
  }
}
