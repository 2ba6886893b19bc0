package drumnest.server.leaves;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import drumnest.core.album.Anchor;
import drumnest.server.frame.Words;
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
      @Nullable String across, @Nullable String dx, @Nullable String down, @Nullable String dy)
      implements AnchorRequest {
    @Override
    public Anchor toAnchor(LengthReader lengths) {
      return new Anchor.OnPage(
          along(lengths, "across", across),
          lengths.offset("dx", dx),
          along(lengths, "down", down),
          lengths.offset("dy", dy));
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
      @Nullable String beside,
      @Nullable Integer block,
      @Nullable String distance,
      @Nullable String align)
      implements AnchorRequest {
    @Override
    public Anchor toAnchor(LengthReader lengths) {
      if (block == null) {
        throw lengths.problem("block", "Say which block it lies beside.");
      }
      return new Anchor.OfBlock(
          block,
          Words.choice(
              lengths.path() + "beside", Anchor.Beside.class, beside == null ? "" : beside),
          lengths.zeroIfBlank("distance", distance),
          along(lengths, "align", align));
    }
  }

  private static Anchor.Along along(LengthReader lengths, String field, @Nullable String word) {
    return word == null
        ? Anchor.Along.MIDDLE
        : Words.choice(lengths.path() + field, Anchor.Along.class, word);
  }

  static AnchorRequest of(Anchor anchor) {
    return anchor.accept(
        new Anchor.Visitor<>() {
          @Override
          public AnchorRequest onPage(Anchor.OnPage page) {
            return new OnPage(
                Words.key(page.across()),
                UnitsInUse.current().exact(page.dx()),
                Words.key(page.down()),
                UnitsInUse.current().exact(page.dy()));
          }

          @Override
          public AnchorRequest ofBlock(Anchor.OfBlock beside) {
            return new Beside(
                Words.key(beside.beside()),
                beside.block(),
                UnitsInUse.current().exact(beside.gap()),
                Words.key(beside.align()));
          }
        });
  }
}
