package drumnest.server.frame;

import drumnest.core.album.Made;
import drumnest.core.album.Reservation;
import drumnest.core.album.ephemera.EphemeraKind;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Holds;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.SlotKind;
import drumnest.core.fit.InsertFit;
import drumnest.core.fit.Resolution;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.words.CardLayout;
import drumnest.server.stock.FlapMount;
import drumnest.server.stock.UnitsInUse;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The views that the page is told: lengths ready to show, and numbers only where it must draw to
 * scale.
 */
public final class Views {

  private Views() {}

  /**
   * A length: in inches and millimetres for drawing, as text for reading, and exactly as it would
   * be written in a field.
   */
  public record LengthView(BigDecimal in, BigDecimal mm, String text, String exact) {
    public static LengthView of(Length length) {
      return new LengthView(
          length.toInches(),
          length.toMillimetres(),
          UnitsInUse.text(length),
          UnitsInUse.current().exact(length));
    }
  }

  public record SizeView(LengthView w, LengthView h) {
    public static SizeView of(Size size) {
      return new SizeView(LengthView.of(size.w()), LengthView.of(size.h()));
    }

    public static @Nullable SizeView ofNullable(@Nullable Size size) {
      return size == null ? null : of(size);
    }
  }

  public record BoxView(LengthView x, LengthView y, LengthView w, LengthView h) {
    public static BoxView of(Box box) {
      return new BoxView(
          LengthView.of(box.x()),
          LengthView.of(box.y()),
          LengthView.of(box.w()),
          LengthView.of(box.h()));
    }
  }

  /** A box in a picture, in its upright pixels. */
  public record PixelBoxView(int x, int y, int w, int h) {
    public static @Nullable PixelBoxView ofNullable(@Nullable PixelBox box) {
      return box == null ? null : of(box);
    }

    public static PixelBoxView of(PixelBox box) {
      return new PixelBoxView(box.x(), box.y(), box.w(), box.h());
    }
  }

  public record PixelsView(int w, int h) {
    public static PixelsView of(Pixels pixels) {
      return new PixelsView(pixels.w(), pixels.h());
    }
  }

  /** A box as shares of what it lies in, each 0 to 1, to a millionth: for drawing only. */
  public record ShareBoxView(double x, double y, double w, double h) {

    private static final double MILLION = 1e6;

    /** Thousands of them are told at once, and most of their digits would draw nothing. */
    public ShareBoxView {
      x = Math.rint(x * MILLION) / MILLION;
      y = Math.rint(y * MILLION) / MILLION;
      w = Math.rint(w * MILLION) / MILLION;
      h = Math.rint(h * MILLION) / MILLION;
    }
  }

  /**
   * How a picture is drawn in its slot.
   *
   * @param shown the part of the upright picture that is seen
   * @param paper where the paper lies in the slot
   * @param turned whether the paper lies with a quarter turn to the right
   * @param covers what is to be laid over it, as shares of the paper as it lies; left out where
   *     nothing is
   */
  public record DrawingView(
      ShareBoxView shown,
      ShareBoxView paper,
      boolean turned,
      @Nullable List<ShareBoxView> covers) {}

  /** How far the corners of a piece are cut off, as shares of its width and its height. */
  public record CornerCutView(double across, double down) {}

  /**
   * A photo that is in a slot.
   *
   * @param byHand whether the maker put it there, rather than placing
   * @param whole whether it is shown small and whole, on a card; left out where it fills its place
   * @param cuts what its crop cuts of people and subject, in words; left out where that is little
   * @param exposes whether what must not be seen of it is seen; left out where it is not
   * @param made cut or stuck, where its making has come so far
   * @param blank whether there is no picture of it, only a sheet in its shape
   */
  public record SeatView(
      String photo,
      String name,
      boolean locked,
      boolean onTable,
      @Nullable Boolean whole,
      DrawingView drawing,
      InsertFit.Verdict verdict,
      @Nullable Resolution resolution,
      boolean cutsKeepBox,
      @Nullable String cuts,
      @Nullable Boolean exposes,
      boolean byHand,
      @Nullable Made made,
      boolean blank) {

    /** A copy drawn in another way. */
    SeatView drawn(DrawingView next) {
      return new SeatView(
          photo,
          name,
          locked,
          onTable,
          whole,
          next,
          verdict,
          resolution,
          cutsKeepBox,
          cuts,
          exposes,
          byHand,
          made,
          blank);
    }
  }

  /**
   * A line that is written on a card, in inches from its top left, for drawing.
   *
   * @param part heading, date or story
   * @param y where its letters stand
   * @param w how long it is
   * @param size how high its letters are drawn
   * @param beyond whether it lies beyond the end of the card
   */
  public record WrittenLineView(
      CardLayout.Part part,
      String text,
      double x,
      double y,
      double w,
      double size,
      boolean beyond) {}

  /**
   * A card or keepsake that lies in a slot.
   *
   * @param paper where it lies in the slot
   * @param lines what is written on it, line by line; empty on a keepsake
   * @param face the typeface in which that is drawn, pen for words by hand; left out on a keepsake
   * @param arrow the edge to which an arrow on it points; left out where there is none
   * @param mind what must be minded, a sentence each
   */
  public record LaidEphemeraView(
      int ephemera,
      EphemeraKind kind,
      String name,
      SizeView size,
      String words,
      List<WrittenLineView> lines,
      @Nullable String face,
      @Nullable Edge arrow,
      boolean locked,
      boolean turned,
      ShareBoxView paper,
      InsertFit.Verdict verdict,
      List<String> mind,
      @Nullable Made made) {}

  /**
   * A slot on its page.
   *
   * @param kind pocket, mount, outside or inside
   * @param holds photo, words or keepsake
   * @param inner the part of it that is not mat
   * @param corner how far its corners are cut off; left out where they are not
   * @param innerCorner the same of the part that is not mat
   * @param aside words, title or empty, where it is set aside
   * @param piece the side of a flap on which a piece of what it holds is seen; left out where it is
   *     seen in one place
   */
  public record SlotView(
      String id,
      int rank,
      String label,
      SlotKind kind,
      Holds holds,
      BoxView box,
      ShareBoxView inner,
      @Nullable CornerCutView corner,
      @Nullable CornerCutView innerCorner,
      SizeView named,
      boolean measured,
      @Nullable SeatView seat,
      @Nullable LaidEphemeraView laid,
      @Nullable Reservation aside,
      @Nullable String piece) {

    /** A copy where a piece of what it holds is seen; a card is seen whole, in one place. */
    SlotView piece(String side, @Nullable SeatView piece) {
      return new SlotView(
          id,
          rank,
          label,
          kind,
          holds,
          box,
          inner,
          corner,
          innerCorner,
          named,
          measured,
          piece,
          side.equals(id) ? laid : null,
          aside,
          side);
    }
  }

  /**
   * A flap on its page. Boxes are on the page; what is open may reach past it.
   *
   * @param id its name in the album
   * @param label what it is called
   * @param hinge top, bottom, left or right, as it is seen when it can be reached
   * @param body sleeve or card
   * @param mount protector, page, fold, flat or behind
   * @param motion how it moves, with what is seen of it once it has
   * @param level how many layers up it lies at rest: on the page 1
   * @param support what it is stuck to
   * @param mover the first part of the mover that it is a part of; left out where it is by itself
   * @param grip what is taken hold of to open it
   * @param edges which of its edges may be drawn elsewhere, as they are seen when it can be reached
   * @param band whether it is a band, which holds a keepsake at most
   * @param outside what is seen of it while it is closed
   */
  public record FlapView(
      String id,
      String label,
      Edge hinge,
      Flap.Body body,
      FlapMount mount,
      BoxView closed,
      BoxView open,
      BoxView strip,
      FlapMotionView motion,
      int level,
      FlapSupportView support,
      @Nullable String mover,
      GripView grip,
      List<Edge> edges,
      boolean band,
      SlotView outside) {}

  /**
   * A page of a spread.
   *
   * @param leaf the number of its leaf
   * @param key the key of its leaf
   * @param box where it lies on its side of the spread: from the outer top corner of the left side,
   *     from the gutter on the right
   * @param slots its own places
   * @param flaps what is hinged on it, the lowest first
   */
  public record PageView(
      int leaf,
      int key,
      Side side,
      String caption,
      String pattern,
      SizeView size,
      BoxView box,
      List<SlotView> slots,
      List<FlapView> flaps) {}

  /**
   * A spread.
   *
   * @param number how many leaves lie on its left
   * @param last the number of the last spread
   * @param left the page on the left; left out on the first spread
   * @param right the page on the right; left out on the last
   * @param leftBehind what the left page leaves visible of those behind it, the nearest first
   * @param rightBehind the same on the right
   * @param gutter how far the pages lie apart: the punched strips
   */
  public record SpreadView(
      int number,
      int last,
      @Nullable PageView left,
      @Nullable PageView right,
      List<PageView> leftBehind,
      List<PageView> rightBehind,
      LengthView leftWidth,
      LengthView rightWidth,
      LengthView gutter,
      LengthView height) {}

  /** The places that the sides of a leaf offer. */
  public enum Offers {
    POCKETS,
    PLAIN
  }

  /**
   * A leaf as the fore-edge shows it.
   *
   * @param type the key of its kind in the catalogue
   * @param kind what its sides offer
   * @param thickness as text
   * @param layers its thickness counted in photo prints, for drawing
   */
  public record LeafView(
      int number,
      int key,
      SizeView size,
      String type,
      String pattern,
      Offers kind,
      boolean turned,
      LengthView drop,
      int pockets,
      int held,
      String thickness,
      double layers) {}

  /** How many of what: the state of the stages. */
  public record CountsView(
      int onLine,
      int placed,
      int withoutPlace,
      int withoutDate,
      int slots,
      int kept,
      int undecided,
      int out,
      int toOrder,
      int trims,
      int cards,
      int cardsTooLong,
      int titles) {}

  /**
   * An album with the spread that lies open.
   *
   * @param version how often it was changed by steps
   * @param revision differs whenever anything that is shown of it may differ
   * @param leaves its leaves; where only what differs was asked for, those that do
   * @param order the keys of all leaves in order, where only those are told that differ
   */
  public record AlbumView(
      long id,
      String title,
      long version,
      String revision,
      SpreadView spread,
      List<LeafView> leaves,
      @Nullable List<Integer> order,
      @Nullable String format,
      CountsView counts,
      @Nullable String undo,
      @Nullable String redo) {}

  /** Where a photo is: its slot, the spread that shows it, and both in a few letters. */
  public record WhereView(String slot, int spread, String label) {}

  /**
   * A card or keepsake.
   *
   * @param lines how many lines of handwriting a card holds
   * @param words what is written on it
   * @param room whether that fits, in words; left out for a keepsake
   */
  public record EphemeraView(
      int key,
      EphemeraKind kind,
      String name,
      SizeView size,
      LengthView thickness,
      String thick,
      boolean original,
      String words,
      @Nullable String room,
      @Nullable WhereView where) {}
}
