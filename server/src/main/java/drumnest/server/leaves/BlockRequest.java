package drumnest.server.leaves;

import drumnest.core.album.flap.Holds;
import drumnest.core.album.leaf.Block;
import drumnest.core.fit.Outline;
import drumnest.server.FieldProblemException;
import drumnest.server.stock.LengthReader;
import drumnest.server.stock.UnitsInUse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A block of mounts as it is written; lengths are text.
 *
 * @param key its number on the page, from 1
 * @param holds photo, words or keepsake; photo where it is left out
 * @param outline in which each of its mounts is cut; straight where it is left out
 * @param mat what shows of each mount; left out for none
 */
record BlockRequest(
    int key,
    @Nullable Holds holds,
    @Nullable @Valid OutlineRequest outline,
    @Nullable String mat,
    @NotNull @Valid ShapeRequest shape,
    @NotNull @Valid AnchorRequest anchor) {

  private static final int MOST = 60;

  /**
   * @throws FieldProblemException if a part of a block is not understood, or there are too many
   */
  static List<Block> blocks(List<BlockRequest> requests) {
    if (requests.size() > MOST) {
      throw new FieldProblemException("blocks", "A page has at most " + MOST + " blocks.");
    }
    return requests.stream().map(BlockRequest::toBlock).toList();
  }

  private Block toBlock() {
    String path = "block " + key + ".";
    LengthReader lengths = LengthReader.inUse().within(path);
    return new Block(
        key,
        shape.toShape(lengths),
        anchor.toAnchor(lengths),
        holds == null ? Holds.PHOTO : holds,
        outline == null ? Outline.STRAIGHT : outline.toOutline(lengths),
        lengths.zeroIfBlank("mat", mat));
  }

  /** A block in the form it is written in, in the units in use where they are exact. */
  static BlockRequest of(Block block) {
    return new BlockRequest(
        block.key(),
        block.holds(),
        OutlineRequest.of(block.outline()),
        UnitsInUse.current().exact(block.mat()),
        ShapeRequest.of(block.shape()),
        AnchorRequest.of(block.anchor()));
  }
}
