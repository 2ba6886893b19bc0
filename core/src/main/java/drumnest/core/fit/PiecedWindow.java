package drumnest.core.fit;

import drumnest.core.measure.Size;
import drumnest.core.photo.Focus;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The part of a picture for a print that is cut into pieces: the largest window of its shape in
 * which the keep box, or all heads where there is none, lies whole, each on one piece. Of windows
 * of one size it is the one that is nearest to having all of them in its middle.
 *
 * <p>Method: windows are tried from the largest that the picture has, each smaller by a hundredth
 * of that. Along the pieces a window may not begin where what is left out would run through a box;
 * which those beginnings are, and that the best lies at an end of such a stretch or in the middle,
 * is exact. Source: common practice, no source. Time: 100 × (boxes × pieces) squared.
 */
final class PiecedWindow {

  private static final int SIZES = 100;

  private final Pixels picture;
  private final Size shape;
  private final Outline.Pieces pieces;
  private final List<PixelBox> stay;
  private final PixelBox all;

  private PiecedWindow(Pixels picture, Size shape, Outline.Pieces pieces, List<PixelBox> stay) {
    this.picture = picture;
    this.shape = shape;
    this.pieces = pieces;
    this.stay = stay;
    this.all = stay.stream().reduce(PixelBox::around).orElseThrow();
  }

  /**
   * @param shape the size of the print as the picture lies when it is upright
   * @param largest the largest window of that shape
   * @param keep what must stay
   * @param focus what it follows where nothing must
   * @return nothing where there is no such window, or nothing that must lie on one piece
   */
  static Optional<PixelBox> of(
      Pixels picture,
      Size shape,
      Outline.Pieces pieces,
      PixelBox largest,
      @Nullable PixelBox keep,
      Focus focus) {
    List<PixelBox> stay =
        keep != null ? List.of(keep) : focus.followed() ? focus.heads() : List.of();
    return stay.isEmpty()
        ? Optional.empty()
        : new PiecedWindow(picture, shape, pieces, stay).largest(largest);
  }

  private Optional<PixelBox> largest(PixelBox largest) {
    for (int size = SIZES; size > 0; size--) {
      int w = Math.max(1, Math.round((float) largest.w() * size / SIZES));
      int h = Math.max(1, Math.round((float) largest.h() * size / SIZES));
      if (w < all.w() || h < all.h()) {
        return Optional.empty();
      }
      Optional<PixelBox> window =
          starts(w, h).stream()
              .map(start -> new PixelBox(start[0], start[1], w, h))
              .filter(this::shows)
              .min(Comparator.comparingInt(this::offMiddle).thenComparingInt(PixelBox::x));
      if (window.isPresent()) {
        return window;
      }
    }
    return Optional.empty();
  }

  private boolean shows(PixelBox window) {
    SeenWindow seen = SeenWindow.of(window, pieces, shape);
    return stay.stream().allMatch(seen::contains);
  }

  private int offMiddle(PixelBox window) {
    return Math.abs(2 * window.x() + window.w() - 2 * all.x() - all.w())
        + Math.abs(2 * window.y() + window.h() - 2 * all.y() - all.h());
  }

  /** Where a window may best begin: centred, and where something that is left out ends at a box. */
  private List<int[]> starts(int w, int h) {
    int x = between((2 * all.x() + all.w() - w) / 2, all.right() - w, all.x(), picture.w() - w);
    int y = between((2 * all.y() + all.h() - h) / 2, all.bottom() - h, all.y(), picture.h() - h);
    List<int[]> starts = new ArrayList<>();
    starts.add(new int[] {x, y});
    for (PixelBox left : SeenWindow.of(new PixelBox(0, 0, w, h), pieces, shape).leftOut()) {
      for (PixelBox box : stay) {
        if (pieces.sideways()) {
          addWithin(starts, box.x() - left.right(), w, picture.w(), y, true);
          addWithin(starts, box.right() - left.x(), w, picture.w(), y, true);
        } else {
          addWithin(starts, box.y() - left.bottom(), h, picture.h(), x, false);
          addWithin(starts, box.bottom() - left.y(), h, picture.h(), x, false);
        }
      }
    }
    return starts;
  }

  private static void addWithin(
      List<int[]> starts, int start, int length, int available, int other, boolean across) {
    if (start >= 0 && start + length <= available) {
      starts.add(across ? new int[] {start, other} : new int[] {other, start});
    }
  }

  /** The nearest to where it would be that keeps all of them inside and is in the picture. */
  private static int between(int wanted, int least, int most, int room) {
    return Math.max(0, Math.min(room, Math.max(least, Math.min(most, wanted))));
  }
}
