package drumnest.core.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import drumnest.core.fit.Outline;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.Focus;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.photo.Showing;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What pictures cost in places, against values worked out by hand from the house rules: cropping
 * weighs 100 points, good, soft and poor 5, 20 and 60 (from 300, 200 and 150 ppi), the wrong way
 * round 15, a small hero 60 (large from 10 in of width and height), hidden 25, private on the cover
 * 1000, lookalikes 10, against the story 5.
 */
class PlacingCostTest {

  private static final Place.At INSIDE = Place.At.IN_A_ROW;
  private static final Place.At COVER = new Place.At(0, 0, 0.5, true, false, false);

  private static PlacingCost cost(Placing.Order order, List<Candidate> photos, List<Place> places) {
    return new PlacingCost(
        new Placing.Problem(
            photos, places, Map.of(), order, PlacingCases.WEIGHTS, PlacingCases.RULES));
  }

  private static long of(Candidate photo, Place place) {
    return of(photo, place, PlacingCases.RULES);
  }

  private static long of(Candidate photo, Place place, HouseRules rules) {
    return new PlacingCost(
            new Placing.Problem(
                List.of(photo),
                List.of(place),
                Map.of(),
                Placing.Order.STORY,
                Weights.of(rules),
                rules))
        .of(0, 0);
  }

  private static double points(long cost) {
    return cost * 100.0 / PlacingCost.ONE;
  }

  @ParameterizedTest(name = "{0} × {1} pixels in {2} × {3}")
  @CsvSource({
    // the whole picture at 1000 ppi
    "6000, 4000, 6, 4, 0",
    // a third cropped away; a square takes either way round
    "6000, 4000, 4, 4, 33.3333333333",
    // half of it cropped away, and a wide one in an upright place
    "6000, 4000, 3, 4, 65",
    "1800, 1200, 6, 4, 0",
    "1794, 1196, 6, 4, 5",
    "1200, 800, 6, 4, 5",
    "1194, 796, 6, 4, 20",
    "900, 600, 6, 4, 20",
    "894, 596, 6, 4, 60",
    // a third cropped away, and 100 ppi
    "600, 400, 4, 4, 93.3333333333",
  })
  void a_file_costs_what_is_cropped_its_resolution_and_its_way_round(
      int pixelsW, int pixelsH, int w, int h, double points) {
    long cost = of(PlacingCases.photo("p", pixelsW, pixelsH), PlacingCases.place("s", w, h));
    assertThat(points(cost)).isCloseTo(points, within(1e-8));
  }

  @Test
  void a_quarter_turn_saves_the_crop_where_it_is_allowed() {
    Place turning = new Place("s", Size.ofInches(6, 4), false, true);
    assertThat(of(PlacingCases.photo("p", 4000, 6000), turning)).isZero();
  }

  @ParameterizedTest(name = "a print of {0} × {1} in {2} × {3}")
  @CsvSource({
    "6, 4, 6, 4, 0",
    // 6/7 of its width and 4/5 of its height stay
    "7, 5, 6, 4, 31.4285714286",
    // it covers 4/6 of the width and 3/4 of the height
    "4, 3, 6, 4, 50",
    // 6/8 of its width stay, and it covers 3/4 of the height
    "8, 3, 6, 4, 50",
  })
  void a_print_on_the_table_costs_what_is_trimmed_and_what_stays_bare(
      int printW, int printH, int w, int h, double points) {
    Size print = Size.ofInches(printW, printH);
    Candidate onTable = new Candidate("p", new Pixels(600, 400), null, false, null, print);
    assertThat(points(of(onTable, PlacingCases.place("s", w, h)))).isCloseTo(points, within(1e-8));
  }

  @Test
  void a_hero_wants_a_large_place_and_never_a_hidden_one() {
    Candidate hero =
        PlacingCases.photo("p", 3000, 4000, new Candidate.PlacementHints(true, true, false, false));
    // 3 + 4 in of 10 in: three tenths are missing.
    assertThat(points(of(hero, PlacingCases.place("s", 3, 4)))).isCloseTo(18, within(1e-8));
    assertThat(of(hero, PlacingCases.place("s", 6, 8))).isZero();
    assertThat(of(hero, new Place("s", Size.ofInches(6, 8), true, false)))
        .isEqualTo(PlacingCost.FORBIDDEN);
  }

  @Test
  void what_is_hidden_or_on_the_cover_costs_by_what_was_said_of_it() {
    Place hidden = new Place("s", Size.ofInches(6, 4), true, false, INSIDE);
    Place cover = new Place("s", Size.ofInches(6, 4), false, false, COVER);
    assertThat(points(of(PlacingCases.photo("p", 6000, 4000), hidden))).isEqualTo(25);
    Candidate.PlacementHints flap = new Candidate.PlacementHints(false, true, false, false);
    assertThat(of(PlacingCases.photo("p", 6000, 4000, flap), hidden)).isZero();
    Candidate closed = PlacingCases.photo("p", 6000, 4000, meant(Showing.CLOSED));
    assertThat(of(closed, hidden)).isEqualTo(PlacingCost.FORBIDDEN);
    assertThat(of(closed, cover)).isZero();
    Candidate opened = PlacingCases.photo("p", 6000, 4000, meant(Showing.OPENED));
    assertThat(of(opened, hidden)).isZero();
    assertThat(points(of(opened, cover))).isEqualTo(25);
    Candidate.PlacementHints secret = new Candidate.PlacementHints(false, false, true, false);
    assertThat(points(of(PlacingCases.photo("p", 6000, 4000, secret), cover))).isEqualTo(1000);
    assertThat(of(PlacingCases.photo("p", 6000, 4000), cover)).isZero();
  }

  private static Candidate.PlacementHints meant(Showing showing) {
    return new Candidate.PlacementHints(false, false, false, false, showing);
  }

  @ParameterizedTest(name = "heads at {0} and {1}, subject from {2}, {3} wide")
  @CsvSource({
    // Square, a third is cropped away: 33 1/3. Both heads stay whole, and all of the subject.
    "100, 3000, 100, 3400, 33.3333333333",
    // The heads are 5 400 apart: one of two is cut, (1 + 1/2)/2 of 100; of the subject 4 000 of
    // 5 500 pixels stay, 15/55 of 30 weigh 8.1818.
    "100, 5100, 100, 5500, 116.5151515152",
    // Nothing is found.
    "-1, -1, -1, 0, 33.3333333333",
  })
  void cutting_heads_and_subject_weighs_besides_the_cropping(
      int one, int other, int subject, int wide, double points) {
    Focus focus =
        one < 0
            ? Focus.NONE
            : new Focus(
                List.of(new PixelBox(one, 0, 500, 600), new PixelBox(other, 0, 500, 600)),
                new PixelBox(subject, 0, wide, 4000),
                true,
                List.of());
    Candidate photo = alone(null, focus);
    // To show it whole on a card weighs more than anything here.
    HouseRules filling = PlacingCases.RULES.with(HouseRule.WHOLE_WEIGHT, 1000);
    assertThat(points(of(photo, PlacingCases.place("s", 4, 4), filling)))
        .isCloseTo(points, within(1e-8));
  }

  @Test
  void where_a_head_would_be_cut_a_picture_is_shown_whole_on_a_card_if_that_weighs_less() {
    // An edge of 1/4 all around leaves 3 1/2 across, so 3 1/2 × 2 1/3 of 4 × 4: 8 1/6 of 16.
    double small = 120 * (1 - 49 / 6.0 / 16);
    Focus apart =
        new Focus(
            List.of(new PixelBox(100, 0, 500, 600), new PixelBox(5100, 0, 500, 600)),
            null,
            true,
            List.of());
    Place square = PlacingCases.place("s", 4, 4);
    Candidate people = alone(null, apart);
    assertThat(points(of(people, square))).isCloseTo(small, within(1e-5));
    assertThat(PrintCost.showsWhole(people, square, PlacingCases.RULES)).isTrue();
    Candidate kept = alone(new PixelBox(0, 0, 5000, 4000), Focus.NONE);
    assertThat(points(of(kept, square))).isCloseTo(small, within(1e-5));
    assertThat(PrintCost.showsWhole(kept, square, PlacingCases.RULES)).isTrue();
    // Nothing is cut that matters.
    assertThat(PrintCost.showsWhole(alone(null, Focus.NONE), square, PlacingCases.RULES)).isFalse();
    assertThat(PrintCost.showsWhole(people, PlacingCases.place("w", 6, 4), PlacingCases.RULES))
        .isFalse();
  }

  @Test
  void an_oval_costs_its_own_beside_a_straight_place_of_the_same_size() {
    Place straight = PlacingCases.place("s", 6, 4);
    Place oval = new Place("o", straight.print(), Outline.OVAL, false, false, Place.At.IN_A_ROW);
    Candidate corner = alone(new PixelBox(0, 0, 600, 400), Focus.NONE);
    PlacingCost both = cost(Placing.Order.STORY, List.of(corner), List.of(straight, oval));
    assertThat(both.of(0, 0)).isZero();
    assertThat(both.of(0, 1)).isEqualTo(of(corner, oval)).isPositive();
  }

  private static Candidate alone(PixelBox keep, Focus focus) {
    return new Candidate(
        "p",
        new Pixels(6000, 4000),
        keep,
        focus,
        1,
        null,
        null,
        null,
        Candidate.PlacementHints.PLAIN,
        null);
  }

  @Test
  void to_show_half_of_what_must_not_be_seen_weighs_half_of_150_besides_the_cropping() {
    // A 4 × 4 shows 4 000 of 6 000 pixels, wherever it begins; the box spans 2 000 to 6 000, of
    // which the first 4 000 pixels show half, and no other beginning shows less.
    Focus focus = Focus.NONE.concealing(List.of(new PixelBox(2000, 0, 4000, 500)));
    Candidate photo = alone(null, focus);
    assertThat(points(of(photo, PlacingCases.place("s", 4, 4))))
        .isCloseTo(100 / 3.0 + 75, within(1e-8));
  }

  @Test
  void a_crop_that_cuts_the_keep_box_is_not_allowed_where_no_card_has_room() {
    Candidate wide = alone(new PixelBox(0, 0, 5000, 4000), Focus.NONE);
    HouseRules wideEdge = PlacingCases.RULES.with(HouseRule.WHOLE_EDGE, Length.ofInches(2));
    assertThat(of(wide, PlacingCases.place("s", 4, 4), wideEdge)).isEqualTo(PlacingCost.FORBIDDEN);
    // Five sixths must stay, and the whole of it does.
    assertThat(of(wide, PlacingCases.place("s", 6, 4))).isZero();
  }

  @Test
  void neighbours_cost_what_is_alike_and_what_is_against_the_story() {
    List<Candidate> photos =
        List.of(
            new Candidate("a", new Pixels(6000, 4000), null, false, "same", null),
            new Candidate("b", new Pixels(6000, 4000), null, false, "same", null),
            PlacingCases.photo("c", 6000, 4000));
    Place.At next = new Place.At(1, 2, 0.5, false, false, false);
    List<Place> places =
        List.of(
            PlacingCases.place("1", 6, 4),
            PlacingCases.place("2", 6, 4),
            new Place("3", Size.ofInches(6, 4), false, false, next));
    PlacingCost cost = cost(Placing.Order.FREE, photos, places);
    assertThat(points(cost.pair(0, 1, 0))).isEqualTo(150);
    assertThat(points(cost.pair(1, 0, 0))).isEqualTo(155);
    assertThat(points(cost.pair(2, 0, 0))).isEqualTo(5);
    assertThat(cost.pair(0, 2, 0)).isZero();
    assertThat(cost.pair(0, 1, 1)).as("on another spread nobody sees both").isZero();
  }
}
