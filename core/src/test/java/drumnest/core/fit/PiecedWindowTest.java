package drumnest.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.Focus;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class PiecedWindowTest {

  private static final HouseRules RULES = HouseRules.defaults();

  /** Two pieces of 4 × 4, 1/2 left out between them: 8 1/2 × 4. */
  private static final Outline.Pieces TWO = new Outline.Pieces(2, Length.parse("1/2"), true);

  private static final Size PRINT = new Size(Length.parse("8 1/2"), Length.ofInches(4));

  /** 100 pixels an inch at its largest. */
  private static final Pixels PICTURE = new Pixels(850, 600);

  private static Optional<CropWindow> crop(PixelBox keep) {
    return CropWindow.of(PICTURE, PRINT, TWO, keep, Focus.NONE, false, RULES);
  }

  @Test
  void what_lies_on_one_piece_leaves_the_window_as_large_as_it_can_be() {
    assertThat(crop(new PixelBox(100, 200, 300, 200)).orElseThrow().crop())
        .isEqualTo(new PixelBox(0, 100, 850, 400));
  }

  @Test
  void what_would_lie_on_the_fold_has_the_window_smaller_until_it_does_not() {
    PixelBox middle = new PixelBox(350, 200, 150, 200);
    PixelBox window = crop(middle).orElseThrow().crop();
    assertThat(window.w()).isLessThan(850);
    // What is left out is 400 to 450 of every 850.
    double from = window.x() + window.w() * 400 / 850.0;
    double to = window.x() + window.w() * 450 / 850.0;
    assertThat(to <= middle.x() || from >= middle.right()).isTrue();
  }

  @Test
  void what_is_wider_than_a_piece_goes_on_none() {
    assertThat(crop(new PixelBox(100, 200, 420, 100))).isEmpty();
  }

  @Test
  void heads_that_go_on_none_are_cut_and_that_is_said() {
    Focus wide = new Focus(List.of(new PixelBox(200, 200, 450, 100)), null, true, List.of());
    CropWindow window = CropWindow.of(PICTURE, PRINT, TWO, null, wide, false, RULES).orElseThrow();
    assertThat(window.cut(null, wide).heads()).isEqualTo(1);
  }

  @Test
  void a_fold_without_anything_left_out_runs_through_nothing_that_must_stay() {
    Outline.Pieces folded = new Outline.Pieces(2, Length.ZERO, true);
    PixelBox middle = new PixelBox(350, 200, 150, 200);
    PixelBox window =
        CropWindow.of(PICTURE, Size.ofInches(8, 4), folded, middle, Focus.NONE, false, RULES)
            .orElseThrow()
            .crop();
    int fold = window.x() + window.w() / 2;
    assertThat(fold <= middle.x() || fold >= middle.right()).isTrue();
    assertThat(window.contains(middle)).isTrue();
  }

  @Test
  void turned_its_pieces_lie_below_each_other_in_the_picture() {
    // The keep box is as wide as the picture, so that only pieces below each other hold it.
    PixelBox keep = new PixelBox(0, 100, 400, 200);
    Size upright = new Size(PRINT.h(), PRINT.w());
    assertThat(CropWindow.of(new Pixels(400, 850), PRINT, TWO, keep, Focus.NONE, true, RULES))
        .isPresent();
    assertThat(CropWindow.of(new Pixels(400, 850), upright, TWO, keep, Focus.NONE, false, RULES))
        .isEmpty();
  }

  @Test
  void pieces_of_a_print_and_the_print_of_pieces_go_together() {
    assertThat(TWO.piece(PRINT)).isEqualTo(Size.ofInches(4, 4));
    assertThat(TWO.whole(Size.ofInches(4, 4))).isEqualTo(PRINT);
  }

  static IntStream seeds() {
    return IntStream.range(0, 40);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void no_larger_window_of_its_shape_would_do(int seed) {
    Random random = new Random(seed);
    boolean sideways = random.nextBoolean();
    Outline.Pieces pieces =
        new Outline.Pieces(2 + random.nextInt(3), Length.parse("1/4"), sideways);
    Size print = pieces.whole(Size.ofInches(3, 3));
    Pixels picture = new Pixels(60 + random.nextInt(40), 60 + random.nextInt(40));
    List<PixelBox> heads = new ArrayList<>();
    for (int i = 0; i <= random.nextInt(2); i++) {
      heads.add(
          new PixelBox(
              random.nextInt(picture.w() - 8),
              random.nextInt(picture.h() - 8),
              1 + random.nextInt(7),
              1 + random.nextInt(7)));
    }
    Focus focus = new Focus(heads, null, true, List.of());
    PixelBox found =
        CropWindow.of(picture, print, pieces, null, focus, false, RULES).orElseThrow().crop();
    PixelBox largest =
        CropWindow.of(picture, print, Outline.STRAIGHT, null, Focus.NONE, false, RULES)
            .orElseThrow()
            .crop();
    int best = bySearch(picture, print, pieces, heads, largest);
    boolean whole = shows(found, print, pieces, heads);
    assertThat(whole).isEqualTo(best > 0);
    if (whole) {
      assertThat(found.w()).isEqualTo(Math.max(1, Math.round((float) largest.w() * best / 100)));
    }
  }

  /** The largest size, in hundredths, at which some window anywhere shows all; 0 for none. */
  private static int bySearch(
      Pixels picture, Size print, Outline.Pieces pieces, List<PixelBox> heads, PixelBox largest) {
    for (int size = 100; size > 0; size--) {
      int w = Math.max(1, Math.round((float) largest.w() * size / 100));
      int h = Math.max(1, Math.round((float) largest.h() * size / 100));
      for (int x = 0; x + w <= picture.w(); x++) {
        for (int y = 0; y + h <= picture.h(); y++) {
          if (shows(new PixelBox(x, y, w, h), print, pieces, heads)) {
            return size;
          }
        }
      }
    }
    return 0;
  }

  /** Whether each head lies on a piece, pixel by pixel. */
  private static boolean shows(
      PixelBox window, Size print, Outline.Pieces pieces, List<PixelBox> heads) {
    double length =
        (pieces.sideways() ? print.w() : print.h()).toNanometres()
            / (double) Length.NANOMETRES_PER_INCH;
    int pixels = pieces.sideways() ? window.w() : window.h();
    return heads.stream()
        .allMatch(
            head -> {
              int start = pieces.sideways() ? head.x() - window.x() : head.y() - window.y();
              int end = start + (pieces.sideways() ? head.w() : head.h());
              return window.contains(head)
                  && IntStream.range(start, end)
                      .allMatch(
                          pixel ->
                              IntStream.range(1, pieces.count())
                                  .noneMatch(
                                      gap ->
                                          (pixel + 1) * length / pixels > gap * 3.25 - 0.25 + 1e-9
                                              && pixel * length / pixels < gap * 3.25 - 1e-9));
            });
  }
}
