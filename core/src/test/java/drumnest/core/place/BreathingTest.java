package drumnest.core.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import drumnest.core.measure.Area;
import drumnest.core.measure.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class BreathingTest {

  private static final Area WIDE = Area.of(Size.ofInches(6, 4));

  private static double photos(Breathing breathing, List<Size> places, int page) {
    return breathing.room(places, page, PlacingCases.RULES).over(WIDE);
  }

  private static List<Size> wide(int count) {
    return IntStream.range(0, count).mapToObj(i -> Size.ofInches(6, 4)).toList();
  }

  /** Four fifths of six are 4.8: five pages in a row hold 24 of 30. */
  @Test
  void pages_take_turns_in_holding_more_and_less() {
    assertThat(IntStream.rangeClosed(1, 5).mapToDouble(i -> photos(Breathing.FULL, wide(6), i)))
        .containsExactly(5.0, 5.0, 4.0, 5.0, 5.0);
    assertThat(photos(Breathing.PACKED, wide(6), 7)).isEqualTo(6);
  }

  @Test
  void a_page_with_one_place_may_always_hold_it() {
    assertThat(IntStream.rangeClosed(1, 9).mapToDouble(i -> photos(Breathing.AIRY, wide(1), i)))
        .containsOnly(1.0);
  }

  /** Two of 6 × 4 and four of 3 × 4 are 96 square inches; four fifths of that are 3.2 of 6 × 4. */
  @Test
  void a_small_place_counts_by_its_area() {
    List<Size> mixed = new ArrayList<>(wide(2));
    IntStream.range(0, 4).forEach(i -> mixed.add(Size.ofInches(3, 4)));
    assertThat(photos(Breathing.FULL, mixed, 1)).isEqualTo(3);
    assertThat(photos(Breathing.FULL, mixed, 2)).isEqualTo(3.5);
  }

  @Test
  void a_page_without_places_has_no_room() {
    assertThat(Breathing.FULL.room(List.of(), 3, PlacingCases.RULES)).isEqualTo(Area.NONE);
  }

  @ParameterizedTest
  @EnumSource(Breathing.class)
  void over_any_run_of_pages_it_is_the_share_within_one_place(Breathing breathing) {
    double share = breathing.share(PlacingCases.RULES) / 100.0;
    for (int from = 1; from < 12; from++) {
      double sum = 0;
      for (int page = from; page < from + 30; page++) {
        sum += photos(breathing, wide(6), page);
        assertThat(sum).isCloseTo(share * 6 * (page - from + 1), within(1.0));
      }
    }
  }

  static IntStream seeds() {
    return IntStream.range(0, 100);
  }

  /** Whatever the sizes, units add up to the areas within what they are rounded to. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void units_are_the_areas_of_places_as_nearly_as_few_units_can_say(int seed) {
    Random random = new Random(seed);
    List<Area> areas =
        IntStream.rangeClosed(0, random.nextInt(12))
            .mapToObj(i -> Area.of(Size.ofInches(2 + random.nextInt(6), 2 + random.nextInt(6))))
            .toList();
    AreaUnits units = AreaUnits.of(areas);
    Area smallest = areas.stream().min(Area::compareTo).orElseThrow();
    for (int i = 0; i < areas.size(); i++) {
      double said = units.ofPlaces().get(i) * units.unit().over(smallest);
      assertThat(said).isCloseTo(areas.get(i).over(smallest), within(0.5));
    }
    assertThat(units.within(areas.stream().reduce(Area.NONE, Area::plus).times(2)))
        .isEqualTo(units.whole());
  }
}
