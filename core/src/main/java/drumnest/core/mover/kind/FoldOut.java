package drumnest.core.mover.kind;

import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import org.jspecify.annotations.Nullable;

/**
 * A page with a flap at its outer edge, cut from one sheet. Where what is left of the sheet is wide
 * enough, page and flap are one piece; else the flap and a part of the page are, and an extension
 * that overlaps that part makes up the rest. Source: common practice, no source.
 *
 * @param page the size of the page without its flap
 * @param flap how wide the flap is
 * @param sheet the size of the sheet
 * @param taken what of its width is cut off already
 * @param overlap by how much an extension overlaps
 */
public record FoldOut(Size page, Length flap, Size sheet, Length taken, Length overlap) {

  /**
   * @throws MoverProblemException if what is left of the sheet is no wider than the flap, or the
   *     sheet lower than the page
   */
  public FoldOut {
    Length left = sheet.w().minus(taken);
    if (!flap.isLessThan(left)) {
      throw new MoverProblemException(
          "flap",
          "is not narrower than what is left of the sheet; it must be less than",
          left.max(Length.ZERO));
    }
    if (sheet.h().isLessThan(page.h())) {
      throw new MoverProblemException(
          "sheet.h", "is lower than the page; the lowest that works is", page.h());
    }
  }

  /** A mover of this kind as it is cut, from a sheet of which nothing is gone. */
  public static FoldOut of(Mover mover, Mechanism.FoldOut foldOut, HouseRules rules) {
    boolean side = mover.edge().isAtSide();
    return new FoldOut(
        foldOut.page().turnedIf(!side),
        mover.edge().depth(mover.at()),
        foldOut.sheet(),
        Length.ZERO,
        rules.length(HouseRule.FOLDOUT_OVERLAP));
  }

  private Length left() {
    return sheet.w().minus(taken);
  }

  public boolean isOnePiece() {
    return !left().isLessThan(opened());
  }

  /** Where it is scored, from the outer edge of the flap. */
  public Length score() {
    return flap;
  }

  /** How much of the page is one piece with the flap. */
  public Length basePart() {
    return isOnePiece() ? page.w() : left().minus(flap);
  }

  /** By how much that part is short of the page. */
  public Length shortBy() {
    return page.w().minus(basePart());
  }

  /** The piece that makes up for that, overlap and all; null where none is needed. */
  public @Nullable Size extension() {
    return isOnePiece() ? null : new Size(shortBy().plus(overlap), page.h());
  }

  /**
   * The strip that is left over the whole width of the sheet when it is cut to the page's height.
   */
  public Size offcut() {
    return new Size(sheet.w(), sheet.h().minus(page.h()));
  }

  /** Whether the extension can be cut from that strip, turned if need be. */
  public boolean isExtensionFromOffcut() {
    Size extension = extension();
    return extension != null && (extension.fitsIn(offcut()) || extension.turned().fitsIn(offcut()));
  }

  /** How wide it is opened. */
  public Length opened() {
    return page.w().plus(flap);
  }

  /** Whether the closed flap stays off the binding edge of its page by this. */
  public boolean clearsBinding(Length margin) {
    return !page.w().minus(flap).isLessThan(margin);
  }
}
