package drumnest.core.mover.kind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.tuple;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.Part;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DividedMakingTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final Part WHOLE = new Part.Whole();

  private static Part shared(Part.Direction way, Part... parts) {
    return new Part.Shared(way, List.of(parts));
  }

  private static List<Flap> made(Size card, Part part) {
    Mechanism divided = new Mechanism.Divided(part);
    Box at = Box.of(Length.ofInches(2), Length.ofInches(3), card);
    return MoverParts.of(new Mover(1, at, Edge.LEFT, null, divided), null, RULES);
  }

  /** Three pictures on the inside of a 6 × 12: a wide one above two. */
  @Test
  void three_pictures_on_6_by_12_are_one_above_two() {
    Part part = shared(Part.Direction.DOWN, WHOLE, shared(Part.Direction.ACROSS, WHOLE, WHOLE));
    assertThat(made(Size.ofInches(6, 12), part))
        .extracting(flap -> flap.closed().x(), flap -> flap.closed().y(), Flap::takes)
        .containsExactly(
            tuple(Length.ofInches(2), Length.ofInches(3), Size.ofInches(6, 6)),
            tuple(Length.ofInches(2), Length.ofInches(9), Size.ofInches(3, 6)),
            tuple(Length.ofInches(5), Length.ofInches(9), Size.ofInches(3, 6)));
  }

  @Test
  void what_is_too_small_too_deep_or_too_many_is_refused_by_its_part() {
    Part column = shared(Part.Direction.DOWN, WHOLE, WHOLE, WHOLE);
    assertThat(made(Size.ofInches(1, 3), column)).hasSize(3);
    assertThatExceptionOfType(MoverProblemException.class)
        .isThrownBy(() -> made(new Size(Length.ofInches(1), Length.parse("2 15/16")), column))
        .matches(e -> e.field().equals("part") && Length.ofInches(1).equals(e.nearest()))
        .withMessageContaining("part 1");
    Part two = shared(Part.Direction.ACROSS, WHOLE, WHOLE);
    Part three = shared(Part.Direction.DOWN, shared(Part.Direction.ACROSS, two, WHOLE), WHOLE);
    assertThat(made(Size.ofInches(12, 12), three)).hasSize(4);
    assertThatExceptionOfType(MoverProblemException.class)
        .isThrownBy(() -> made(Size.ofInches(12, 12), shared(Part.Direction.DOWN, three)))
        .matches(e -> e.field().equals("part"));
    Part four = shared(Part.Direction.ACROSS, WHOLE, WHOLE, WHOLE, WHOLE);
    assertThat(made(Size.ofInches(12, 12), shared(Part.Direction.DOWN, four, four, four)))
        .hasSize(12);
    assertThatExceptionOfType(MoverProblemException.class)
        .isThrownBy(
            () -> made(Size.ofInches(12, 12), shared(Part.Direction.DOWN, four, four, four, WHOLE)))
        .matches(e -> e.field().equals("count"));
  }

  /** The parts lie on the card, side by side, and cover all of it. */
  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
  void equal_parts_cover_the_card_and_do_not_overlap(int seed) {
    Random random = new Random(seed);
    Box card = Box.of(Size.ofInches(8 + random.nextInt(4), 7));
    List<Box> parts = random(random, 3).wholes(card);
    long covered = 0;
    for (Box part : parts) {
      assertThat(card.contains(part)).isTrue();
      assertThat(parts).noneMatch(other -> other != part && other.overlaps(part));
      covered += part.w().toNanometres() / 1000 * (part.h().toNanometres() / 1000);
    }
    long whole = card.w().toNanometres() / 1000 * (card.h().toNanometres() / 1000);
    assertThat((double) covered / whole).isBetween(0.9999, 1.0001);
  }

  private static Part random(Random random, int levels) {
    if (levels == 0 || random.nextInt(4) == 0) {
      return WHOLE;
    }
    Part[] parts = new Part[1 + random.nextInt(3)];
    for (int i = 0; i < parts.length; i++) {
      parts[i] = random(random, levels - 1);
    }
    return shared(Part.Direction.values()[random.nextInt(2)], parts);
  }
}
