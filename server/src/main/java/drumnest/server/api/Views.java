package drumnest.server.api;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What the page is told: lengths ready to show, and numbers only where it must draw to scale. */
final class Views {

  private Views() {}

  /** A length: in inches and millimetres for drawing, and as text for reading. */
  record LengthView(BigDecimal in, BigDecimal mm, String text) {
    static LengthView of(Length length) {
      return new LengthView(length.toInches(), length.toMillimetres(), length.toString());
    }
  }

  record SizeView(LengthView w, LengthView h) {
    static SizeView of(Size size) {
      return new SizeView(LengthView.of(size.w()), LengthView.of(size.h()));
    }

    static @Nullable SizeView ofNullable(@Nullable Size size) {
      return size == null ? null : of(size);
    }
  }

  record BoxView(LengthView x, LengthView y, LengthView w, LengthView h) {
    static BoxView of(Box box) {
      return new BoxView(
          LengthView.of(box.x()),
          LengthView.of(box.y()),
          LengthView.of(box.w()),
          LengthView.of(box.h()));
    }
  }

  /** A box in a picture, in its upright pixels. */
  record PixelBoxView(int x, int y, int w, int h) {
    static @Nullable PixelBoxView ofNullable(@Nullable PixelBox box) {
      return box == null ? null : new PixelBoxView(box.x(), box.y(), box.w(), box.h());
    }
  }

  record PixelsView(int w, int h) {
    static PixelsView of(Pixels pixels) {
      return new PixelsView(pixels.w(), pixels.h());
    }
  }

  /** A box as shares of what it lies in, each 0 to 1. */
  record ShareBoxView(double x, double y, double w, double h) {}

  /**
   * How a picture is drawn in its slot.
   *
   * @param shown the part of the upright picture that is seen
   * @param paper where the paper lies in the slot
   * @param turned whether the paper lies with a quarter turn to the right
   */
  record DrawingView(ShareBoxView shown, ShareBoxView paper, boolean turned) {}

  /** A photo that is in a slot. */
  record SeatView(
      String photo,
      String name,
      boolean locked,
      boolean onTable,
      DrawingView drawing,
      String verdict,
      String resolution,
      boolean cutsKeepBox) {}

  record SlotView(
      String id,
      int rank,
      String label,
      BoxView box,
      SizeView named,
      boolean measured,
      @Nullable SeatView seat) {}

  record PageView(
      int leaf, String side, String caption, String pattern, SizeView size, List<SlotView> slots) {}

  record SpreadView(PageView left, PageView right) {}

  /** A leaf as the fore-edge shows it. */
  record LeafView(int number, SizeView size, String pattern, int pockets, int held) {}

  /** How many of what: the state of the stages. */
  record CountsView(
      int onLine,
      int placed,
      int withoutPlace,
      int withoutDate,
      int slots,
      int aside,
      int toOrder,
      int trims) {}

  record AlbumView(
      long id,
      String title,
      long version,
      SpreadView spread,
      List<LeafView> leaves,
      CountsView counts,
      @Nullable String undo,
      @Nullable String redo) {}

  record AlbumName(long id, String title) {}

  /** A photo on the line. */
  record PhotoView(
      String id,
      String name,
      PixelsView pixels,
      @Nullable String takenAt,
      @Nullable String takenText,
      boolean datedByMaker,
      boolean blurred,
      @Nullable String lookalike,
      @Nullable PixelBoxView keep,
      @Nullable SizeView onTable) {}

  record ChapterView(String id, String title, List<PhotoView> photos) {}

  record LineView(List<ChapterView> chapters, List<PhotoView> aside) {}

  /**
   * The ticket of a slot.
   *
   * @param headline the measure that matters: what to cut or print
   * @param headlineMeans what the headline is, in words
   * @param todo what to do about it, a sentence a line
   * @param why why it is so
   */
  record TicketView(
      String slot,
      String place,
      @Nullable PhotoView photo,
      @Nullable SeatView seat,
      SizeView headline,
      String headlineMeans,
      SizeView named,
      SizeView opening,
      boolean measured,
      @Nullable String verdict,
      @Nullable SizeView play,
      @Nullable SizeView backing,
      @Nullable SizeView reveal,
      @Nullable String kept,
      @Nullable String sharpness,
      @Nullable PixelBoxView crop,
      @Nullable ShareBoxView cropShare,
      @Nullable ShareBoxView keepShare,
      List<String> todo,
      String why) {}

  record PrintView(
      int line,
      String photo,
      String name,
      SizeView size,
      String turn,
      int count,
      PixelBoxView crop,
      ShareBoxView shown,
      List<String> places) {}

  record TrimView(
      int line,
      String photo,
      String name,
      SizeView from,
      SizeView to,
      List<String> off,
      String place,
      boolean onTable) {}

  /**
   * Both lists.
   *
   * @param left what is in a pocket and yet on no list, and why
   */
  record ListsView(
      List<PrintView> prints, List<TrimView> trims, List<String> left, List<String> cautions) {}

  record AboutView(String version, String pictures, String data) {}

  /** What became of a file that came in. */
  record TakenView(String photo, boolean hadAlready) {}
}
