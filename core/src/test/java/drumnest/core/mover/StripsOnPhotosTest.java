package drumnest.core.mover;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.flap.Attachment;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Support;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRules;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class StripsOnPhotosTest {

  private static final Box PAGE = Box.of(Size.ofInches(12, 12));
  private static final Length HALF = Length.parse("1/2");

  private static Box box(String x, String y, String w, String h) {
    return new Box(Length.parse(x), Length.parse(y), Length.parse(w), Length.parse(h));
  }

  /** A sleeve for 6 × 4 with its sealed edges over a photo, beside another photo on its left. */
  private static final Flap SLEEVE =
      new Flap(
          "1",
          box("6", "4", "6", "4").inset(Length.parse("-1/16")),
          Edge.LEFT,
          new Attachment.OnProtector(HALF),
          Support.PAGE,
          Flap.Body.SLEEVE,
          Length.parse("1/16"));

  private static final StripsOnPhotos PHOTOS =
      new StripsOnPhotos(
          Map.of("own", box("6", "4", "6", "4"), "left", box("0", "4", "5 7/8", "4")));

  @Test
  void the_strip_of_a_sleeve_lies_on_the_photo_beside_it_and_not_on_the_one_below_it() {
    // From 5 7/16 to 5 15/16; the photo ends at 5 7/8.
    assertThat(PHOTOS.of(new Flaps(List.of(SLEEVE))))
        .containsExactly(new StripsOnPhotos.OnPhoto("1", "left", Length.parse("7/16")));
    assertThat(PHOTOS.of(SLEEVE.withHinge(Edge.TOP))).isEmpty();
    assertThat(PHOTOS.of(SLEEVE.throughSlit())).isEmpty();
  }

  /** Its sealed edge alone, 1/16 wide, lies over the photo below; what is in it does not. */
  @Test
  void the_play_of_a_sleeve_over_a_neighbour_does_not_count() {
    StripsOnPhotos below = new StripsOnPhotos(Map.of("below", box("0", "8", "12", "4")));
    assertThat(below.of(SLEEVE)).isEmpty();
  }

  @Test
  void another_hinge_and_a_slit_take_it_off_and_nothing_comes_of_that() {
    FlapFixes fixes =
        new FlapFixes(List.of(SLEEVE), flap -> PAGE, flap -> true, HouseRules.defaults());
    List<FlapFixes.Fix> offered = fixes.offPhotos(SLEEVE, PHOTOS, 10);
    assertThat(offered)
        .extracting(FlapFixes.Fix::way)
        .contains(FlapFixes.Way.HINGE, FlapFixes.Way.SLIT);
    assertThat(offered).allMatch(fix -> PHOTOS.of(fix.flap()).isEmpty());
    // Over the next flap to the foot it would lie on that.
    Flap lower =
        Flap.sleeve(
            "2",
            box("6", "8 1/4", "6", "3"),
            Edge.BOTTOM,
            new Attachment.OnProtector(HALF),
            Support.PAGE);
    FlapFixes beside =
        new FlapFixes(List.of(SLEEVE, lower), flap -> PAGE, flap -> true, HouseRules.defaults());
    assertThat(beside.offPhotos(SLEEVE, PHOTOS, 10))
        .noneMatch(fix -> fix.flap().hinge() == Edge.BOTTOM);
  }
}
