package drumnest.server.leaves;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import drumnest.core.album.leaf.Anchor;
import drumnest.server.stock.LengthReader;
import drumnest.server.stock.UnitsInUse;
import org.jspecify.annotations.Nullable;

/** Where a block lies, as it is written. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "on")
@JsonSubTypes({
  @JsonSubTypes.Type(value = AnchorRequest.OnPage.class, name = "page"),
  @JsonSubTypes.Type(value = AnchorRequest.Beside.class, name = "block")
})
sealed interface AnchorRequest {

  /**
   * @throws drumnest.server.FieldProblemException if a part of it is not understood
   */
  Anchor toAnchor(LengthReader lengths);

  /**
   * On the page by itself.
   *
   * @param across start, middle or end: from where on the page; middle where it is left out
   * @param dx how far from there, across
   * @param down start, middle or end, down the page
   * @param dy how far from there, down
   */
  record OnPage(
      Anchor.@Nullable Along across,
      @Nullable String dx,
      Anchor.@Nullable Along down,
      @Nullable String dy)
      implements AnchorRequest {
    @Override
    public Anchor toAnchor(LengthReader lengths) {
      return new Anchor.OnPage(
          along(across), lengths.offset("dx", dx), along(down), lengths.offset("dy", dy));
    }
  }

  /**
   * Beside a block.
   *
   * @param beside below, above, right-of or left-of
   * @param block the key of that block
   * @param distance how far from it
   * @param align start, middle or end: how the two line up; middle where it is left out
   */
  record Beside(
      Anchor.@Nullable Beside beside,
      @Nullable Integer block,
      @Nullable String distance,
      Anchor.@Nullable Along align)
      implements AnchorRequest {
    @Override
    public Anchor toAnchor(LengthReader lengths) {
      if (beside == null) {
        throw lengths.problem("beside", "It lies below, above, right-of or left-of a block.");
      }
      if (block == null) {
        throw lengths.problem("block", "Say which block it lies beside.");
      }
      return new Anchor.OfBlock(
          block, beside, lengths.zeroIfBlank("distance", distance), along(align));
    }
  }

  private static Anchor.Along along(Anchor.@Nullable Along from) {
    return from == null ? Anchor.Along.MIDDLE : from;
  }

  static AnchorRequest of(Anchor anchor) {
    return anchor.accept(
        new Anchor.Visitor<>() {
          @Override
          public AnchorRequest onPage(Anchor.OnPage page) {
            return new OnPage(
                page.across(),
                UnitsInUse.current().exact(page.dx()),
                page.down(),
                UnitsInUse.current().exact(page.dy()));
          }

          @Override
          public AnchorRequest ofBlock(Anchor.OfBlock beside) {
            return new Beside(
                beside.beside(),
                beside.block(),
                UnitsInUse.current().exact(beside.gap()),
                beside.align());
          }
        });
  }
}
