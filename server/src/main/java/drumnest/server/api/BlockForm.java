package drumnest.server.api;

import drumnest.core.album.Anchor;
import drumnest.core.album.Block;
import drumnest.core.album.Holds;
import drumnest.core.album.Shape;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.server.FieldProblemException;
import drumnest.server.shelf.UnitsInUse;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A block of mounts as it is written; lengths are text, and each shape uses only the parts that it
 * has.
 *
 * @param key its number on the page, from 1
 * @param shape single, row, grid or mixed
 * @param holds photo, words or keepsake
 * @param mat what shows of each mount; left out for none
 * @param w the width of a single piece, of a cell, or of the wide one
 * @param h its height
 * @param pieces how many in a row
 * @param columns of a grid
 * @param rows of a grid
 * @param span the length of a row
 * @param gap between the pieces; of a row, left out where the piece is given
 * @param piece the length of a piece of a row
 * @param other the measure of a piece across its row; left out for squares
 * @param outerGaps whether a row has gaps outside too
 * @param down whether a row goes down
 * @param border of a grid
 * @param uprightW the width of the upright one
 * @param uprightH its height
 * @param squares whether a mixed block has squares
 * @param uprightRight whether its upright one stands at the right
 * @param across start, middle or end: where on the page, or how it lines up with a block
 * @param dx from there, across
 * @param alongDown start, middle or end, down the page
 * @param dy from there, down
 * @param beside below, above, right-of or left-of; left out where it lies on the page by itself
 * @param block the key of the block it lies beside
 * @param distance how far from that
 */
record BlockForm(
    int key,
    @Nullable String shape,
    @Nullable String holds,
    @Nullable String mat,
    @Nullable String w,
    @Nullable String h,
    @Nullable Integer pieces,
    @Nullable Integer columns,
    @Nullable Integer rows,
    @Nullable String span,
    @Nullable String gap,
    @Nullable String piece,
    @Nullable String other,
    @Nullable Boolean outerGaps,
    @Nullable Boolean down,
    @Nullable String border,
    @Nullable String uprightW,
    @Nullable String uprightH,
    @Nullable Boolean squares,
    @Nullable Boolean uprightRight,
    @Nullable String across,
    @Nullable String dx,
    @Nullable String alongDown,
    @Nullable String dy,
    @Nullable String beside,
    @Nullable Integer block,
    @Nullable String distance) {

  private static final int MOST = 400;

  static List<Block> blocks(List<BlockForm> forms) {
    if (forms.size() > 60) {
      throw new FieldProblemException("blocks", "A page has at most 60 blocks.");
    }
    return forms.stream().map(BlockForm::toBlock).toList();
  }

  private Block toBlock() {
    return new Block(
        key,
        toShape(),
        toAnchor(),
        choice("holds", holds, "photo", Holds.values()),
        lengthOrNone("mat", mat));
  }

  private Shape toShape() {
    return switch (shape == null ? "" : shape) {
      case "single" -> new Shape.Single(size("w", w, "h", h));
      case "row" ->
          new Shape.InRow(
              Boolean.TRUE.equals(down),
              count("pieces", pieces),
              length("span", span),
              isGiven(piece) ? null : lengthOrNone("gap", gap),
              isGiven(piece) ? length("piece", piece) : null,
              Boolean.TRUE.equals(outerGaps),
              isGiven(other) ? length("other", other) : null);
      case "grid" -> grid();
      case "mixed" ->
          new Shape.Mixed(
              size("uprightW", uprightW, "uprightH", uprightH),
              size("w", w, "h", h),
              count("pieces", pieces),
              lengthOrNone("gap", gap),
              Boolean.TRUE.equals(squares),
              Boolean.TRUE.equals(uprightRight));
      default -> throw problem("shape", "A shape is single, row, grid or mixed.");
    };
  }

  private Shape grid() {
    int across = count("columns", columns);
    int downwards = count("rows", rows);
    if (across * downwards > MOST) {
      throw problem("columns", "A grid has at most " + MOST + " cells.");
    }
    return new Shape.InGrid(
        across,
        downwards,
        size("w", w, "h", h),
        lengthOrNone("gap", gap),
        lengthOrNone("border", border));
  }

  private Anchor toAnchor() {
    Anchor.Along first = choice("across", across, "middle", Anchor.Along.values());
    if (isGiven(beside)) {
      if (block == null) {
        throw problem("block", "Say which block it lies beside.");
      }
      return new Anchor.OfBlock(
          block,
          choice("beside", beside, "below", Anchor.Beside.values()),
          lengthOrNone("distance", distance),
          first);
    }
    return new Anchor.OnPage(
        first,
        offset("dx", dx),
        choice("alongDown", alongDown, "middle", Anchor.Along.values()),
        offset("dy", dy));
  }

  private static boolean isGiven(@Nullable String text) {
    return text != null && !text.isBlank();
  }

  private FieldProblemException problem(String field, String message) {
    return new FieldProblemException(path(field), message);
  }

  private String path(String field) {
    return "block " + key + "." + field;
  }

  private int count(String field, @Nullable Integer count) {
    if (count == null || count < 1 || count > MOST) {
      throw problem(field, "A count is from 1 to " + MOST + ".");
    }
    return count;
  }

  private Length length(String field, @Nullable String text) {
    return Requests.length(path(field), text);
  }

  private Length lengthOrNone(String field, @Nullable String text) {
    if (!isGiven(text)) {
      return Length.ZERO;
    }
    Length length = Requests.anyLength(path(field), text);
    if (length.isNegative()) {
      throw problem(field, "A length here is 0 or more.");
    }
    return length;
  }

  private Length offset(String field, @Nullable String text) {
    return isGiven(text) ? Requests.anyLength(path(field), text) : Length.ZERO;
  }

  private Size size(String wField, @Nullable String wText, String hField, @Nullable String hText) {
    return new Size(length(wField, wText), length(hField, hText));
  }

  private <E extends Enum<E>> E choice(
      String field, @Nullable String text, String usual, E[] choices) {
    String key = isGiven(text) ? text : usual;
    for (E each : choices) {
      if (Words.key(each).equals(key)) {
        return each;
      }
    }
    List<String> known = List.of(choices).stream().map(Words::key).toList();
    throw problem(field, "Accepted here: " + String.join(", ", known) + ".");
  }

  /** A block in the form it is written in, in the units in use where they are exact. */
  static BlockForm of(Block block) {
    Shape shape = block.shape();
    Size wide = null;
    Size upright = null;
    Integer pieces = null;
    Length gap = null;
    Shape.InRow row = null;
    Shape.InGrid grid = null;
    Shape.Mixed mixed = null;
    if (shape instanceof Shape.Single single) {
      wide = single.size();
    } else if (shape instanceof Shape.InRow each) {
      row = each;
      pieces = each.pieces();
      gap = each.gap();
    } else if (shape instanceof Shape.InGrid each) {
      grid = each;
      wide = each.cell();
      gap = each.gap();
    } else if (shape instanceof Shape.Mixed each) {
      mixed = each;
      wide = each.wide();
      upright = each.upright();
      pieces = each.pieces();
      gap = each.gap();
    }
    Anchor.OnPage page = block.anchor() instanceof Anchor.OnPage on ? on : null;
    Anchor.OfBlock beside = block.anchor() instanceof Anchor.OfBlock of ? of : null;
    return new BlockForm(
        block.key(),
        row != null ? "row" : grid != null ? "grid" : mixed != null ? "mixed" : "single",
        Words.key(block.holds()),
        text(block.mat()),
        wide == null ? null : text(wide.w()),
        wide == null ? null : text(wide.h()),
        pieces,
        grid == null ? null : grid.columns(),
        grid == null ? null : grid.rows(),
        row == null ? null : text(row.span()),
        text(gap),
        row == null ? null : text(row.piece()),
        row == null ? null : text(row.other()),
        row == null ? null : row.outerGaps(),
        row == null ? null : row.down(),
        grid == null ? null : text(grid.border()),
        upright == null ? null : text(upright.w()),
        upright == null ? null : text(upright.h()),
        mixed == null ? null : mixed.squares(),
        mixed == null ? null : mixed.uprightRight(),
        Words.key(
            page != null ? page.across() : beside == null ? Anchor.Along.START : beside.align()),
        page == null ? null : text(page.dx()),
        page == null ? null : Words.key(page.down()),
        page == null ? null : text(page.dy()),
        beside == null ? null : Words.key(beside.beside()),
        beside == null ? null : beside.block(),
        beside == null ? null : text(beside.gap()));
  }

  private static @Nullable String text(@Nullable Length length) {
    return length == null ? null : UnitsInUse.current().exact(length);
  }
}
