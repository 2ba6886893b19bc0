package drumnest.core.place;

import drumnest.core.measure.Size;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import org.jspecify.annotations.Nullable;

/**
 * A picture that wants a place.
 *
 * @param id its identity
 * @param pixels its size
 * @param keep what must stay of it
 * @param hero whether it must never be hidden
 * @param lookalike the group of pictures it looks like, if there is one
 * @param onTable its size if it is a print on the table, as its picture is seen upright
 */
public record Candidate(
    String id,
    Pixels pixels,
    @Nullable PixelBox keep,
    boolean hero,
    @Nullable String lookalike,
    @Nullable Size onTable) {

  /** Whether the two belong to one group of lookalikes. */
  boolean looksLike(Candidate other) {
    return lookalike != null && lookalike.equals(other.lookalike);
  }
}
