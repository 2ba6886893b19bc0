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
 * @param wanted how much it is wanted, 1 and more: leaving it out costs as many times as much
 * @param lookalike the group of pictures it looks like, if there is one
 * @param alternates the group of versions of its subject, of which one is placed, if there is one
 * @param onTable its size if it is a print on the table, as its picture is seen upright
 */
public record Candidate(
    String id,
    Pixels pixels,
    @Nullable PixelBox keep,
    boolean hero,
    int wanted,
    @Nullable String lookalike,
    @Nullable String alternates,
    @Nullable Size onTable) {

  /** A picture that is wanted like any other and has no other versions. */
  public Candidate(
      String id,
      Pixels pixels,
      @Nullable PixelBox keep,
      boolean hero,
      @Nullable String lookalike,
      @Nullable Size onTable) {
    this(id, pixels, keep, hero, 1, lookalike, null, onTable);
  }

  /** What leaving it out costs, in the unit of {@link PlacingCost}. */
  long leftOut() {
    return wanted * PlacingCost.LEFT_OUT;
  }

  /** Whether the two belong to one group of lookalikes. */
  boolean looksLike(Candidate other) {
    return lookalike != null && lookalike.equals(other.lookalike);
  }
}
