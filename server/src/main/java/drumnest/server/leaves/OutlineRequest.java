package drumnest.server.leaves;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import drumnest.core.fit.Outline;
import drumnest.server.stock.LengthReader;
import drumnest.server.stock.UnitsInUse;
import org.jspecify.annotations.Nullable;

/** The outline in which the mounts of a block are cut, as it is written. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
@JsonSubTypes({
  @JsonSubTypes.Type(value = OutlineRequest.Straight.class, name = "straight"),
  @JsonSubTypes.Type(value = OutlineRequest.Oval.class, name = "oval"),
  @JsonSubTypes.Type(value = OutlineRequest.Rounded.class, name = "rounded")
})
sealed interface OutlineRequest {

  /**
   * @throws drumnest.server.FieldProblemException if a part of it is not understood
   */
  Outline toOutline(LengthReader lengths);

  /** Along the edges. */
  record Straight() implements OutlineRequest {
    @Override
    public Outline toOutline(LengthReader lengths) {
      return Outline.STRAIGHT;
    }
  }

  /** An oval, or round. */
  record Oval() implements OutlineRequest {
    @Override
    public Outline toOutline(LengthReader lengths) {
      return Outline.OVAL;
    }
  }

  /**
   * Straight, with round corners.
   *
   * @param radius of the corners
   */
  record Rounded(@Nullable String radius) implements OutlineRequest {
    @Override
    public Outline toOutline(LengthReader lengths) {
      return new Outline.Rounded(lengths.positive("outline.radius", radius));
    }
  }

  static OutlineRequest of(Outline outline) {
    return outline.accept(
        new Outline.Visitor<>() {
          @Override
          public OutlineRequest straight(Outline.Straight straight) {
            return new Straight();
          }

          @Override
          public OutlineRequest oval(Outline.Oval oval) {
            return new Oval();
          }

          @Override
          public OutlineRequest rounded(Outline.Rounded rounded) {
            return new Rounded(UnitsInUse.current().exact(rounded.radius()));
          }

          @Override
          public OutlineRequest pieces(Outline.Pieces pieces) {
            // Movers are cut into pieces, not mounts, which alone are written so.
            return new Straight();
          }
        });
  }
}
