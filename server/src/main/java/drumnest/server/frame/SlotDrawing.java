package drumnest.server.frame;

import drumnest.core.album.leaf.Slot;
import drumnest.core.fit.CropWindow;
import drumnest.core.fit.Outline;
import drumnest.core.fit.PrintInPocket;
import drumnest.core.fit.Trim;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.Focus;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRules;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** How a picture is drawn in its slot: which part of it, and where the paper lies. */
public final class SlotDrawing {

  private SlotDrawing() {}

  public static Views.DrawingView of(
      Size slot, Pixels picture, PrintInPocket seat, HouseRules rules) {
    Views.ShareBoxView shown = seat.onTable() ? trimmedShare(seat) : cropped(picture, seat, rules);
    return new Views.DrawingView(shown, paper(slot, seat), seat.turned(), covers(seat));
  }

  /** Tells what is to be laid over a print, as far as it is not trimmed away. */
  private static @Nullable List<Views.ShareBoxView> covers(PrintInPocket seat) {
    Trim trim = seat.trim();
    Box drawn = seat.onTable() ? Box.of(trim.left(), trim.top(), trim.to()) : Box.of(seat.print());
    List<Views.ShareBoxView> covers =
        seat.covers().stream().flatMap(cover -> share(cover, drawn).stream()).toList();
    return covers.isEmpty() ? null : covers;
  }

  private static Optional<Views.ShareBoxView> share(Box box, Box of) {
    return box.common(of)
        .map(
            seen ->
                new Views.ShareBoxView(
                    ratio(seen.x().minus(of.x()), of.w()),
                    ratio(seen.y().minus(of.y()), of.h()),
                    ratio(seen.w(), of.w()),
                    ratio(seen.h(), of.h())));
  }

  /** How far the corners of a piece are cut off; nothing where it is cut straight. */
  public static Views.@Nullable CornerCutView corner(Outline outline, Size piece) {
    Size corner = outline.corner(piece);
    return outline.isStraight()
        ? null
        : new Views.CornerCutView(ratio(corner.w(), piece.w()), ratio(corner.h(), piece.h()));
  }

  /**
   * Tells what is printed; where no crop holds the keep box, what the middle of the picture would
   * be.
   */
  private static Views.ShareBoxView cropped(Pixels picture, PrintInPocket seat, HouseRules rules) {
    CropWindow crop =
        seat.crop() != null
            ? seat.crop()
            : CropWindow.of(
                    picture, seat.print(), Outline.STRAIGHT, null, Focus.NONE, seat.turned(), rules)
                .orElseThrow();
    return share(crop.crop(), picture);
  }

  /** Where the paper lies in the slot: centred, and as large as it is after trimming. */
  private static Views.ShareBoxView paper(Size slot, PrintInPocket seat) {
    double w = ratio(seat.trim().to().w(), slot.w());
    double h = ratio(seat.trim().to().h(), slot.h());
    if (!seat.onTable() && !seat.whole()) {
      return new Views.ShareBoxView(0, 0, 1, 1);
    }
    double shownW = Math.min(1, w);
    double shownH = Math.min(1, h);
    return new Views.ShareBoxView((1 - shownW) / 2, (1 - shownH) / 2, shownW, shownH);
  }

  /** The part of a slot that is not mat. */
  public static Views.ShareBoxView inner(Slot slot) {
    double x = ratio(slot.mat(), slot.box().w());
    double y = ratio(slot.mat(), slot.box().h());
    return new Views.ShareBoxView(x, y, 1 - 2 * x, 1 - 2 * y);
  }

  /** A thing in the middle of a slot, no larger than it is drawn. */
  public static Views.ShareBoxView centred(Size slot, Size thing) {
    double w = Math.min(1, ratio(thing.w(), slot.w()));
    double h = Math.min(1, ratio(thing.h(), slot.h()));
    return new Views.ShareBoxView((1 - w) / 2, (1 - h) / 2, w, h);
  }

  /**
   * Tells what is seen of a print on the table after trimming, as shares of its upright picture.
   */
  public static Views.ShareBoxView trimmedShare(PrintInPocket seat) {
    Trim trim = seat.trim();
    double x = ratio(trim.left(), trim.from().w());
    double y = ratio(trim.top(), trim.from().h());
    double w = ratio(trim.to().w(), trim.from().w());
    double h = ratio(trim.to().h(), trim.from().h());
    // A print that lies turned to the right is cut along the pocket's axes; its picture is not.
    return seat.turned()
        ? new Views.ShareBoxView(y, 1 - x - w, h, w)
        : new Views.ShareBoxView(x, y, w, h);
  }

  public static Views.ShareBoxView share(PixelBox box, Pixels picture) {
    return new Views.ShareBoxView(
        (double) box.x() / picture.w(),
        (double) box.y() / picture.h(),
        (double) box.w() / picture.w(),
        (double) box.h() / picture.h());
  }

  private static double ratio(Length part, Length whole) {
    return (double) part.toNanometres() / whole.toNanometres();
  }
}
