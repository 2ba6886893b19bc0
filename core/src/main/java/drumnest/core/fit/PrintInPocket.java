package drumnest.core.fit;

import drumnest.core.measure.Box;
import drumnest.core.measure.Increment;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.Focus;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Everything that is measured of one picture in one pocket.
 *
 * <p>A picture that is still a file is ordered at the named size of the pocket, cropped to its
 * shape. A print on the table keeps its size: it cannot grow, only be trimmed or backed, so it has
 * no crop window of its own; what is trimmed off it is its crop.
 *
 * @param print the print that goes in, before trimming, in the axes of the pocket
 * @param outline the outline in which it is cut
 * @param onTable whether it is a print on the table rather than one to order
 * @param turned whether the picture lies in the pocket with a quarter turn, its head to the right
 * @param whole whether it is shown small and whole, on a card
 * @param crop the part of the file that is printed; null for a print on the table, and where no
 *     window contains the keep box
 * @param opening the opening of the pocket
 * @param fit how the print goes in
 * @param trim how it is cut down so that it goes in; sizes equal where nothing comes off
 * @param keptShare the share of the picture that is seen in the end, above 0 and at most 1; 0 where
 *     no window contains the keep box
 * @param cutsKeepBox whether what must stay would be cut
 * @param cut what is cut of people and subject; nothing where the maker drew a keep box, for then
 *     that says all; and what is seen that must not be
 * @param covers what to lay over the parts that are seen and must not be, on the print before
 *     trimming: larger on each side by the house rule and out to the next marks, as far as the
 *     print goes
 */
public record PrintInPocket(
    Size print,
    Outline outline,
    boolean onTable,
    boolean turned,
    boolean whole,
    @Nullable CropWindow crop,
    Opening opening,
    InsertFit fit,
    Trim trim,
    double keptShare,
    boolean cutsKeepBox,
    FocusCut cut,
    List<Box> covers) {

  public PrintInPocket {
    covers = List.copyOf(covers);
  }

  /** Whether the print does not go in as it comes: it is trimmed, or cut to an outline. */
  public boolean isToBeCut() {
    return trim.isNeeded() || !outline.isStraight();
  }

  /**
   * @param picture the picture's pixels
   * @param keep what must stay of it, or null
   * @param focus what the crop follows where nothing must stay
   * @param onTable the size of the print if it lies on the table, as its picture is seen upright;
   *     null while it is a file
   * @param named the named size of the pocket
   * @param outline in which a mount is cut
   * @param turned whether the picture is given a quarter turn to the right
   * @param whole whether a file is printed small and whole, where the place is large enough for
   *     that
   */
  public static PrintInPocket of(
      Pixels picture,
      @Nullable PixelBox keep,
      Focus focus,
      @Nullable Size onTable,
      Size named,
      Outline outline,
      Opening opening,
      boolean turned,
      boolean whole,
      HouseRules rules) {
    return onTable == null
        ? ordered(picture, keep, focus, named, outline, opening, turned, whole, rules)
        : lying(picture, keep, focus, onTable, outline, opening, turned, rules);
  }

  private static PrintInPocket ordered(
      Pixels picture,
      @Nullable PixelBox keep,
      Focus focus,
      Size named,
      Outline outline,
      Opening opening,
      boolean turned,
      boolean wanted,
      HouseRules rules) {
    Optional<CropWindow> small =
        wanted ? WholePrint.of(picture, named, outline, turned, rules) : Optional.empty();
    Size print = small.map(CropWindow::print).orElse(named);
    InsertFit fit = InsertFit.of(print, opening, rules);
    Optional<CropWindow> crop =
        small.or(() -> CropWindow.of(picture, named, outline, keep, focus, turned, rules));
    PixelBox window = crop.map(CropWindow::crop).orElse(PixelBox.whole(picture));
    PixelBox held = keep == null ? focus.centre() : keep;
    PixelBox keepInPrint = held == null || crop.isEmpty() ? null : within(held, window);
    Trim trim = trim(print, fit, new Pixels(window.w(), window.h()), keepInPrint, turned, rules);
    double kept = crop.map(CropWindow::keptShare).orElse(0.0) * share(trim);
    FocusCut cut =
        crop.map(seen -> seen.cut(keep, focus))
            .orElseGet(() -> FocusCut.of(keep, focus, SeenWindow.of(window)));
    return new PrintInPocket(
        print,
        small.isPresent() ? Outline.STRAIGHT : outline,
        false,
        turned,
        small.isPresent(),
        crop.orElse(null),
        opening,
        fit,
        trim,
        kept,
        crop.isEmpty(),
        cut,
        covers(cut, window, print, turned, rules));
  }

  private static PrintInPocket lying(
      Pixels picture,
      @Nullable PixelBox keep,
      Focus focus,
      Size onTable,
      Outline outline,
      Opening opening,
      boolean turned,
      HouseRules rules) {
    Size print = onTable.turnedIf(turned);
    InsertFit fit = InsertFit.of(print, opening, rules);
    Trim trim = trim(print, fit, picture, keep == null ? focus.centre() : keep, turned, rules);
    SeenWindow seen =
        SeenWindow.of(
            Turned.back(left(trim, picture, turned), picture, turned),
            outline.turnedIf(turned),
            trim.to().turnedIf(turned));
    boolean cuts =
        keep != null
            && (cutsInto(trim, Turned.pixels(picture, turned), Turned.box(keep, picture, turned))
                || !outline.isStraight() && !seen.contains(keep));
    FocusCut cut = FocusCut.of(keep, focus, seen);
    return new PrintInPocket(
        print,
        outline,
        true,
        turned,
        false,
        null,
        opening,
        fit,
        trim,
        share(trim),
        cuts,
        cut,
        covers(cut, PixelBox.whole(picture), print, turned, rules));
  }

  /** Tells what covers the parts that must not be seen, on a print of a window of the picture. */
  private static List<Box> covers(
      FocusCut cut, PixelBox window, Size print, boolean turned, HouseRules rules) {
    return cut.exposed().stream()
        .flatMap(part -> onPrint(part, window, print, turned).stream())
        .map(part -> cover(part, print, rules))
        .toList();
  }

  /** A part with its overlap, out to the marks of the trimmer, as far as the print goes. */
  private static Box cover(Box part, Size print, HouseRules rules) {
    Length more = rules.length(HouseRule.COVER_OVERLAP);
    Increment marks = rules.trimmerIncrement();
    Length left = marks.below(part.x().minus(more)).max(Length.ZERO);
    Length top = marks.below(part.y().minus(more)).max(Length.ZERO);
    Length right = marks.above(part.right().plus(more)).min(print.w());
    Length bottom = marks.above(part.bottom().plus(more)).min(print.h());
    return new Box(left, top, right.minus(left), bottom.minus(top));
  }

  /**
   * Where a part of the picture is on the print, before trimming; nothing where it is cropped away.
   */
  public Optional<Box> onPrint(PixelBox part, Pixels picture) {
    return onPrint(part, seen(picture), print, turned);
  }

  /** The part of the picture that is on the print, before trimming. */
  public PixelBox seen(Pixels picture) {
    return crop == null ? PixelBox.whole(picture) : crop.crop();
  }

  private static Optional<Box> onPrint(PixelBox part, PixelBox window, Size print, boolean turned) {
    PixelBox seen = within(part, window);
    if (seen == null) {
      return Optional.empty();
    }
    Pixels shown = new Pixels(window.w(), window.h());
    PixelBox lying = Turned.box(seen, shown, turned);
    Pixels printed = Turned.pixels(shown, turned);
    Length left = print.w().times(lying.x(), printed.w());
    Length top = print.h().times(lying.y(), printed.h());
    return Optional.of(
        new Box(
            left,
            top,
            print.w().times(lying.right(), printed.w()).minus(left),
            print.h().times(lying.bottom(), printed.h()).minus(top)));
  }

  private static Trim trim(
      Size print,
      InsertFit fit,
      Pixels printed,
      @Nullable PixelBox keep,
      boolean turned,
      HouseRules rules) {
    return Trim.plan(
        print,
        fit.trimTo(),
        Turned.pixels(printed, turned),
        keep == null ? null : Turned.box(keep, printed, turned),
        rules);
  }

  private static boolean cutsInto(Trim trim, Pixels printed, PixelBox keep) {
    return trim.left().isMoreThan(trim.from().w().times(keep.x(), printed.w()))
        || trim.top().isMoreThan(trim.from().h().times(keep.y(), printed.h()))
        || trim.right()
            .isMoreThan(trim.from().w().times(printed.w() - keep.x() - keep.w(), printed.w()))
        || trim.bottom()
            .isMoreThan(trim.from().h().times(printed.h() - keep.y() - keep.h(), printed.h()));
  }

  /** Tells what is left of a picture that lies so after its print was trimmed. */
  private static PixelBox left(Trim trim, Pixels picture, boolean turned) {
    Pixels printed = Turned.pixels(picture, turned);
    int x = pixels(trim.left(), trim.from().w(), printed.w());
    int y = pixels(trim.top(), trim.from().h(), printed.h());
    int right = printed.w() - pixels(trim.right(), trim.from().w(), printed.w());
    int bottom = printed.h() - pixels(trim.bottom(), trim.from().h(), printed.h());
    return new PixelBox(x, y, Math.max(1, right - x), Math.max(1, bottom - y));
  }

  private static int pixels(Length off, Length whole, int available) {
    return (int) (off.toNanometres() * available / whole.toNanometres());
  }

  /** The part of a box that is in the window, in the window's pixels; nothing where none is. */
  private static @Nullable PixelBox within(PixelBox box, PixelBox window) {
    return box.common(window)
        .map(seen -> new PixelBox(seen.x() - window.x(), seen.y() - window.y(), seen.w(), seen.h()))
        .orElse(null);
  }

  private static double share(Trim trim) {
    return (double) trim.to().w().toNanometres()
        / trim.from().w().toNanometres()
        * trim.to().h().toNanometres()
        / trim.from().h().toNanometres();
  }
}
