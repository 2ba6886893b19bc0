package drumnest.core.fit;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.Focus;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRules;
import java.util.Optional;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/**
 * The part of a picture that a print shows: the largest window of the print's shape that contains
 * the keep box, centred on it as far as the picture's edges and what must not be seen allow. Where
 * there is no keep box it follows the focus, as {@link FollowingWindow} says; where there is none
 * either it is centred on the picture. In an oval or with round corners only what the outline shows
 * counts as inside.
 *
 * <p>Such a window always spans the picture on one axis, the limiting one; on the other it is as
 * long as the print's shape asks, rounded to the nearest pixel. There is none where the keep box is
 * longer than the window on either axis, which is decided before rounding, or reaches into a corner
 * that the outline takes off wherever the window lies. A window under half a pixel is one pixel.
 *
 * <p>A print that is cut into pieces is another thing: there the window is as large as lets what
 * must stay lie whole on one piece each, as {@link PiecedWindow} says. Where it is heads that do
 * not, they are cut.
 *
 * <p>Source of the rule: common practice, no source.
 *
 * @param print the size of the print the window fills, as the picture lies in it when it is turned
 * @param outline the outline in which the print is cut
 * @param turned whether the picture is given a quarter turn to fill the print
 * @param crop the window in the picture's own pixels
 * @param keptShare window area over picture area before rounding, above 0 and at most 1
 * @param ppi pixels per printed inch before rounding
 * @param resolution the verdict on {@code ppi}, decided exactly
 */
public record CropWindow(
    Size print,
    Outline outline,
    boolean turned,
    PixelBox crop,
    double keptShare,
    double ppi,
    Resolution resolution) {

  /**
   * The window for a print that must not be turned against the picture.
   *
   * @param keep what must stay, inside the picture
   * @return nothing if no window of the print's shape contains the keep box
   * @throws IllegalArgumentException if the keep box leaves the picture or the print has no area
   */
  public static Optional<CropWindow> of(
      Pixels picture, Size print, @Nullable PixelBox keep, HouseRules rules) {
    return of(picture, print, Outline.STRAIGHT, keep, Focus.NONE, false, rules);
  }

  /**
   * The window for a print whose picture lies in it with a quarter turn, or without.
   *
   * @param outline in which the print is cut
   * @param focus what it follows where there is no keep box, and what must not be seen
   * @see #of(Pixels, Size, PixelBox, HouseRules)
   */
  public static Optional<CropWindow> of(
      Pixels picture,
      Size print,
      Outline outline,
      @Nullable PixelBox keep,
      Focus focus,
      boolean turned,
      HouseRules rules) {
    require(picture, print, keep);
    Size shape = print.turnedIf(turned);
    long across = picture.w() * shape.h().toNanometres();
    long down = picture.h() * shape.w().toNanometres();
    boolean spansWidth = across <= down;
    Length limit = spansWidth ? shape.w() : shape.h();
    Length other = spansWidth ? shape.h() : shape.w();
    int limitPixels = spansWidth ? picture.w() : picture.h();
    int otherPixels = spansWidth ? picture.h() : picture.w();

    long free = limitPixels * other.toNanometres();
    if (keep != null) {
      long keepOnOther = spansWidth ? keep.h() : keep.w();
      if (keepOnOther * limit.toNanometres() > free) {
        return Optional.empty();
      }
    }
    int window = Math.min(otherPixels, Math.max(1, nearest(free, limit.toNanometres())));
    PixelBox first =
        spansWidth
            ? new PixelBox(0, 0, picture.w(), window)
            : new PixelBox(0, 0, window, picture.h());
    if (outline instanceof Outline.Pieces pieces) {
      Outline.Pieces lying = pieces.turnedIf(turned);
      Optional<PixelBox> pieced = PiecedWindow.of(picture, shape, lying, first, keep, focus);
      if (pieced.isPresent() || keep != null) {
        return pieced.map(seen -> of(picture, print, pieces, turned, seen, rules));
      }
    }
    OptionalInt start =
        FollowingWindow.start(
            SeenWindow.of(first, outline, shape), otherPixels, keep, focus, !spansWidth);
    if (start.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        new CropWindow(
            print,
            outline,
            turned,
            first.moved(spansWidth ? 0 : start.getAsInt(), spansWidth ? start.getAsInt() : 0),
            (double) Math.min(across, down) / Math.max(across, down),
            (double) limitPixels * Length.NANOMETRES_PER_INCH / limit.toNanometres(),
            Resolution.of(limitPixels, limit, rules)));
  }

  /** A window that does not span the picture. */
  private static CropWindow of(
      Pixels picture,
      Size print,
      Outline outline,
      boolean turned,
      PixelBox window,
      HouseRules rules) {
    Length across = print.turnedIf(turned).w();
    return new CropWindow(
        print,
        outline,
        turned,
        window,
        (double) window.area() / PixelBox.whole(picture).area(),
        (double) window.w() * Length.NANOMETRES_PER_INCH / across.toNanometres(),
        Resolution.of(window.w(), across, rules));
  }

  /**
   * The better of both turns: a quarter turn only where that keeps more of the picture, or only
   * that is possible, and never where it lays people on their side.
   *
   * @see #of(Pixels, Size, Outline, PixelBox, Focus, boolean, HouseRules)
   */
  public static Optional<CropWindow> ofEitherTurn(
      Pixels picture,
      Size print,
      Outline outline,
      @Nullable PixelBox keep,
      Focus focus,
      HouseRules rules) {
    Optional<CropWindow> straight = of(picture, print, outline, keep, focus, false, rules);
    if (focus.hasPeople()) {
      return straight;
    }
    Optional<CropWindow> turned = of(picture, print, outline, keep, focus, true, rules);
    if (straight.isEmpty() || turned.isEmpty()) {
      return straight.or(() -> turned);
    }
    return turned.get().keptShare() > straight.get().keptShare() ? turned : straight;
  }

  /** All of a picture, on a print of its own shape. */
  static CropWindow whole(Pixels picture, Size print, boolean turned, HouseRules rules) {
    Length across = print.turnedIf(turned).w();
    return new CropWindow(
        print,
        Outline.STRAIGHT,
        turned,
        PixelBox.whole(picture),
        1,
        (double) picture.w() * Length.NANOMETRES_PER_INCH / across.toNanometres(),
        Resolution.of(picture.w(), across, rules));
  }

  /** Tells what the window cuts of the focus, and shows of what must not be seen. */
  public FocusCut cut(@Nullable PixelBox keep, Focus focus) {
    return FocusCut.of(keep, focus, seen());
  }

  /** Tells what is seen of the picture. */
  SeenWindow seen() {
    return SeenWindow.of(crop, outline.turnedIf(turned), print.turnedIf(turned));
  }

  private static void require(Pixels picture, Size print, @Nullable PixelBox keep) {
    if (keep != null && !keep.isInside(picture)) {
      throw new IllegalArgumentException("A keep box lies inside its picture.");
    }
    if (!print.tighter().isPositive()) {
      throw new IllegalArgumentException("A print has a width and a height above zero.");
    }
  }

  private static int nearest(long dividend, long divisor) {
    return (int) Math.min(Integer.MAX_VALUE, (dividend + divisor / 2) / divisor);
  }
}
