package drumnest.server.frame;

import drumnest.core.photo.PixelBox;
import drumnest.server.FieldProblemException;
import jakarta.validation.constraints.NotNull;

/** Whole pixels of an upright picture. */
public record PixelBoxRequest(
    @NotNull Integer x, @NotNull Integer y, @NotNull Integer w, @NotNull Integer h) {

  /**
   * @throws FieldProblemException if it is no box
   */
  public PixelBox toBox(String field) {
    if (x < 0 || y < 0 || w < 1 || h < 1) {
      throw new FieldProblemException(
          field, "A box has x and y from 0 and w and h from 1, in pixels of the picture.");
    }
    return new PixelBox(x, y, w, h);
  }
}
