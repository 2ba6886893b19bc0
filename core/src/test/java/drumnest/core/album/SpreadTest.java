package drumnest.core.album;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.PocketPattern;
import drumnest.core.stock.PocketPatterns;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SpreadTest {

  private static PocketPattern pattern(String id) {
    return PocketPatterns.find(id).orElseThrow();
  }

  private static Spread spread() {
    return new Spread(
        new Leaf(1, pattern(PocketPatterns.SIX_WIDE)),
        new Leaf(2, pattern(PocketPatterns.ONE_WIDE_TEN_SMALL)));
  }

  @Test
  void slots_read_left_page_before_right_top_to_bottom_left_to_right() {
    List<Slot> slots = spread().slots();
    assertThat(slots).hasSize(17);
    assertThat(slots).extracting(Slot::rank).containsExactly(range(1, 17));
    assertThat(slots.get(0).id()).isEqualTo("1-back-1");
    assertThat(slots.get(6).id()).isEqualTo("2-front-1");
    assertThat(slots.get(6).named()).isEqualTo(Size.ofInches(6, 4));
    assertThat(slots.get(6).box().x()).isEqualTo(Length.ZERO);
    assertThat(slots.get(7).box().x()).isEqualTo(Length.ofInches(6));
    assertThat(slots.subList(7, 17)).extracting(Slot::named).containsOnly(Size.ofInches(3, 4));
    assertThat(spread().slot("2-front-11")).contains(slots.get(16));
    assertThat(spread().slot("2-front-12")).isEmpty();
  }

  @Test
  void the_back_has_its_wide_pocket_at_the_top_right() {
    Leaf leaf = new Leaf(1, pattern(PocketPatterns.ONE_WIDE_TEN_SMALL));
    Box wide =
        leaf.seenFrom(Side.BACK).pockets().stream()
            .filter(pocket -> pocket.size().equals(Size.ofInches(6, 4)))
            .findFirst()
            .orElseThrow();
    assertThat(wide.x()).isEqualTo(Length.ofInches(6));
    assertThat(wide.y()).isEqualTo(Length.ZERO);
  }

  @ParameterizedTest
  @ValueSource(strings = {PocketPatterns.SIX_WIDE, PocketPatterns.ONE_WIDE_TEN_SMALL})
  void mirroring_twice_is_nothing_and_pockets_fill_the_page(String id) {
    PocketPattern pattern = pattern(id);
    assertThat(pattern.mirrored().mirrored()).isEqualTo(pattern);
    double area =
        pattern.pockets().stream()
            .mapToDouble(
                pocket -> pocket.w().toInches().doubleValue() * pocket.h().toInches().doubleValue())
            .sum();
    assertThat(area).isEqualTo(144.0);
  }

  private static Integer[] range(int from, int to) {
    return java.util.stream.IntStream.rangeClosed(from, to).boxed().toArray(Integer[]::new);
  }
}
