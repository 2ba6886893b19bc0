package drumnest.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.measure.Area;
import drumnest.core.measure.Size;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AreaUnitsTest {

  private static Area inches(int w, int h) {
    return Area.of(Size.ofInches(w, h));
  }

  @Test
  void places_of_one_size_are_a_unit_each() {
    AreaUnits units = AreaUnits.of(List.of(inches(3, 4), inches(4, 3), inches(3, 4)));
    assertThat(units.ofPlaces()).containsExactly(1, 1, 1);
    assertThat(units.whole()).isEqualTo(3);
  }

  @Test
  void a_place_twice_as_large_is_two() {
    AreaUnits units = AreaUnits.of(List.of(inches(3, 4), inches(6, 4)));
    assertThat(units.ofPlaces()).containsExactly(1, 2);
    assertThat(units.smallest()).isEqualTo(1);
  }

  /** Areas are rounded: a limit that misses a unit by less than an eighth of it has room for it. */
  @ParameterizedTest
  @CsvSource({"200, 2", "188, 2", "187, 1", "100, 1", "88, 1", "87, 0", "999, 3"})
  void a_limit_may_be_short_of_a_unit_by_an_eighth(int hundredths, int units) {
    Area one = inches(1, 1);
    AreaUnits all = AreaUnits.of(List.of(one, one, one));
    assertThat(all.within(new Area(one.squareNanometres() * hundredths / 100))).isEqualTo(units);
  }
}
