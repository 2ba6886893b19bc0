package drumnest.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRules;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class AlternatesPlacingTest {

  private static final Placing PLACING = new AlternatesPlacing(new StoryPlacing());

  private static Candidate version(String id, int w, int h, @Nullable String group) {
    return new Candidate(id, new Pixels(w, h), null, false, 1, null, group, null);
  }

  private static Placing.Arrangement place(
      List<Candidate> photos, List<Place> places, Map<Integer, Integer> locked) {
    return PLACING.place(new Placing.Problem(photos, places, locked, HouseRules.defaults()));
  }

  @Test
  void of_an_upright_and_a_wide_version_the_one_that_fits_is_placed() {
    List<Candidate> photos =
        List.of(version("upright", 4000, 6000, "g"), version("wide", 6000, 4000, "g"));
    List<Place> two = List.of(PlacingCases.place("a", 6, 4), PlacingCases.place("b", 6, 4));
    assertThat(place(photos, two, Map.of()).placeOf()[0]).isEqualTo(-1);
    assertThat(place(photos, two, Map.of()).placeOf()[1]).isGreaterThanOrEqualTo(0);
    List<Place> upright = List.of(PlacingCases.place("a", 4, 6), PlacingCases.place("b", 4, 6));
    assertThat(place(photos, upright, Map.of()).placeOf()[1]).isEqualTo(-1);
  }

  @Test
  void a_locked_version_is_the_one_that_stays() {
    List<Candidate> photos =
        List.of(version("upright", 4000, 6000, "g"), version("wide", 6000, 4000, "g"));
    List<Place> two = List.of(PlacingCases.place("a", 6, 4), PlacingCases.place("b", 6, 4));
    assertThat(place(photos, two, Map.of(1, 0)).placeOf()).containsExactly(1, -1);
  }

  @Test
  void pictures_without_versions_are_placed_as_ever() {
    List<Candidate> photos =
        List.of(
            version("x", 6000, 4000, null),
            version("y", 6000, 4000, "g"),
            version("z", 6000, 4000, "h"));
    List<Place> three =
        List.of(
            PlacingCases.place("a", 6, 4),
            PlacingCases.place("b", 6, 4),
            PlacingCases.place("c", 6, 4));
    assertThat(place(photos, three, Map.of()).placeOf()).containsExactly(0, 1, 2);
  }

  @Test
  void what_is_kept_goes_before_what_is_only_perhaps_wanted() {
    Candidate perhaps =
        new Candidate("perhaps", new Pixels(6000, 4000), null, false, 1, null, null, null);
    Candidate kept =
        new Candidate("kept", new Pixels(4000, 6000), null, false, 3, null, null, null);
    List<Place> one = List.of(PlacingCases.place("a", 6, 4));
    assertThat(place(List.of(perhaps, kept), one, Map.of()).placeOf()).containsExactly(-1, 0);
  }
}
