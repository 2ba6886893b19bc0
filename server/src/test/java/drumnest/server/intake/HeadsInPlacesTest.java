package drumnest.server.intake;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.Slot;
import drumnest.core.fit.CropWindow;
import drumnest.core.fit.Outline;
import drumnest.core.measure.Size;
import drumnest.core.photo.Focus;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.place.Candidate;
import drumnest.core.place.Place;
import drumnest.core.place.PrintCost;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LeafType;
import drumnest.server.GroupPhotographs;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/**
 * The heads of six group photographs in every place of every kind of leaf of the catalogue, and in
 * mounts as large, cut oval and with round corners.
 */
class HeadsInPlacesTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final List<Outline> OUTLINES = List.of(Outline.STRAIGHT, Outline.OVAL);

  /** A photograph in a place. */
  private record Put(Pixels picture, Focus focus, Place place) {

    Candidate candidate() {
      Candidate.PlacementHints plain = Candidate.PlacementHints.PLAIN;
      return new Candidate("p", picture, null, focus, 1, null, null, null, plain, null);
    }

    CropWindow window(Focus follows) {
      return CropWindow.of(picture, place.print(), place.outline(), null, follows, false, RULES)
          .orElseThrow();
    }

    /** How many heads are not whole in a window, whatever it follows. */
    int cut(CropWindow window) {
      return window.cut(null, focus).heads();
    }

    /** The fewest heads that any window of the place's shape and outline cuts. */
    int least() {
      CropWindow any = window(Focus.NONE);
      PixelBox size = any.crop();
      return Stream.iterate(0, x -> x <= picture.w() - size.w(), x -> x + 1)
          .flatMap(
              x ->
                  Stream.iterate(0, y -> y <= picture.h() - size.h(), y -> y + 1)
                      .map(y -> new PixelBox(x, y, size.w(), size.h())))
          .mapToInt(
              crop ->
                  cut(
                      new CropWindow(
                          any.print(),
                          any.outline(),
                          false,
                          crop,
                          any.keptShare(),
                          any.ppi(),
                          any.resolution())))
          .min()
          .orElseThrow();
    }
  }

  private static final List<Put> ALL = new ArrayList<>();
  private static int heads;

  @BeforeAll
  static void put() throws IOException {
    FaceFinder finder = new OpenCvFaceFinder();
    List<Size> sizes =
        Catalogue.beginning().values().stream()
            .map(Catalogue.Entry::item)
            .filter(LeafType.class::isInstance)
            .flatMap(type -> Leaf.of(1, 1, (LeafType) type).slots().stream())
            .map(Slot::takes)
            .toList();
    for (int number = 1; number <= GroupPhotographs.COUNT; number++) {
      BufferedImage photograph = GroupPhotographs.read(number);
      Sample sample = Sample.of(photograph);
      Pixels picture = new Pixels(sample.w(), sample.h());
      List<PixelBox> faces = finder.find(sample, picture, GroupPhotographs.file(number));
      Focus focus = Focus.of(faces, null, picture, RULES);
      for (Outline outline : OUTLINES) {
        for (Size size : sizes) {
          Place place = new Place("s", size, outline, false, false, Place.At.IN_A_ROW);
          ALL.add(new Put(picture, focus, place));
          heads += faces.size();
        }
      }
    }
  }

  @Test
  void a_head_is_cut_only_where_no_window_of_the_place_holds_it() {
    List<Put> different = ALL.stream().distinct().toList();
    assertThat(different).hasSizeGreaterThan(40);
    assertThat(different)
        .allSatisfy(put -> assertThat(put.cut(put.window(put.focus()))).isEqualTo(put.least()));
  }

  @Test
  void as_placing_shows_them_hardly_a_head_is_cut() {
    int centred = ALL.stream().mapToInt(put -> put.cut(put.window(Focus.NONE))).sum();
    int following = ALL.stream().mapToInt(put -> put.cut(put.window(put.focus()))).sum();
    int placed =
        ALL.stream()
            .filter(put -> !PrintCost.showsWhole(put.candidate(), put.place(), RULES))
            .mapToInt(put -> put.cut(put.window(put.focus())))
            .sum();
    assertThat(following).isLessThan(centred);
    assertThat(placed * 100).isLessThanOrEqualTo(3 * heads);
  }
}
