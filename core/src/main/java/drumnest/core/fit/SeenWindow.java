package drumnest.core.fit;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.PixelBox;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The part of a picture that is seen: a window in it, less what an outline takes off its corners or
 * leaves out between pieces. Each corner is a quarter of an ellipse; where its radii are zero,
 * nothing is taken off.
 *
 * @param window in the pixels of the picture
 * @param across the radius of its corners across, in pixels, at most half the window's width
 * @param down their radius down, at most half its height
 * @param leftOut what is left out between pieces, in the pixels of the picture
 */
record SeenWindow(PixelBox window, double across, double down, List<PixelBox> leftOut) {

  /** One in a single piece. */
  SeenWindow(PixelBox window, double across, double down) {
    this(window, across, down, List.of());
  }

  /** All of a window. */
  static SeenWindow of(PixelBox window) {
    return new SeenWindow(window, 0, 0);
  }

  /**
   * A window as an outline shows it.
   *
   * @param print the size at which the window is printed, as the picture lies when it is upright
   */
  static SeenWindow of(PixelBox window, Outline outline, Size print) {
    Size corner = outline.corner(print);
    return new SeenWindow(
        window,
        (double) corner.w().toNanometres() / print.w().toNanometres() * window.w(),
        (double) corner.h().toNanometres() / print.h().toNanometres() * window.h(),
        outline instanceof Outline.Pieces pieces ? leftOut(window, pieces, print) : List.of());
  }

  /** Tells what lies between the pieces, each out to whole pixels; a fold takes one. */
  private static List<PixelBox> leftOut(PixelBox window, Outline.Pieces pieces, Size print) {
    boolean sideways = pieces.sideways();
    Size piece = pieces.piece(print);
    Length one = sideways ? piece.w() : piece.h();
    double perPixel =
        (double) (sideways ? print.w() : print.h()).toNanometres()
            / (sideways ? window.w() : window.h());
    List<PixelBox> leftOut = new ArrayList<>();
    for (int at = 1; at < pieces.count(); at++) {
      Length end = one.times(at).plus(pieces.between().times(at));
      int from = (int) Math.floor(end.minus(pieces.between()).toNanometres() / perPixel);
      int to = Math.max(from + 1, (int) Math.ceil(end.toNanometres() / perPixel));
      leftOut.add(
          sideways
              ? new PixelBox(window.x() + from, window.y(), to - from, window.h())
              : new PixelBox(window.x(), window.y() + from, window.w(), to - from));
    }
    return leftOut;
  }

  /** Whether all of a box is seen. */
  boolean contains(PixelBox box) {
    int inset = insetAcross(box.y() - window.y(), box.bottom() - window.y());
    return window.contains(box)
        && leftOut.stream().noneMatch(left -> left.overlap(box) > 0)
        && box.x() - window.x() >= inset
        && window.right() - box.right() >= inset;
  }

  /**
   * How far from the left and the right end of the window a box must stay, rounded up; as far as
   * the window is wide where it cannot be seen whole anywhere.
   *
   * @param top of the box, from the top of the window
   * @param bottom of the box, from the same
   */
  int insetAcross(int top, int bottom) {
    return inset(across, down, window.w(), Math.max(down - top, down - (window.h() - bottom)));
  }

  /** How far it is inset from the top and the bottom. */
  int insetDown(int left, int right) {
    return inset(down, across, window.h(), Math.max(across - left, across - (window.w() - right)));
  }

  /**
   * @param into how far a box reaches into the corners, against the direction that is asked about
   */
  private static int inset(double along, double against, int never, double into) {
    if (into <= 0 || against <= 0) {
      return 0;
    }
    double share = into / against;
    return share > 1 ? never : (int) Math.ceil(along * (1 - Math.sqrt(1 - share * share)));
  }

  /** The part of a box that is in the window, unless all of it is cut off with a corner. */
  Optional<PixelBox> common(PixelBox box) {
    return box.common(window).filter(this::meets);
  }

  private boolean meets(PixelBox part) {
    double x = intoCorner(part.x() - window.x(), part.right() - window.x(), window.w(), across);
    double y = intoCorner(part.y() - window.y(), part.bottom() - window.y(), window.h(), down);
    return x * x + y * y < 1;
  }

  /** How far even the innermost point of a stretch is in a corner, of the corner's radius. */
  private static double intoCorner(int from, int to, int length, double radius) {
    double into = Math.max(radius - to, radius - (length - from));
    return into <= 0 ? 0 : into / radius;
  }
}
