package drumnest.core.photo;

import java.time.LocalDateTime;
import java.util.Comparator;
import org.jspecify.annotations.Nullable;

/**
 * A picture as it hangs on the line.
 *
 * @param id its identity
 * @param takenAt when it was taken, by the clock of the album, if that is known
 * @param look what it looks like, if that is known
 * @param grouping what the maker said of its company
 */
public record StoryPhoto(
    String id, @Nullable LocalDateTime takenAt, @Nullable Look look, Grouping grouping) {

  /** Time order; pictures without a time come last, in the order they are given. */
  public static final Comparator<StoryPhoto> TIME_ORDER =
      Comparator.comparing(StoryPhoto::takenAt, Comparator.nullsLast(Comparator.naturalOrder()));

  /** The maker's word on the border before a picture. */
  public enum Border {
    /** A chapter begins with it. */
    BEGINS,
    /** It goes on with the chapter before it. */
    JOINS
  }

  /**
   * The maker's word on the company of a picture, which goes before what is computed.
   *
   * @param stack the stack it belongs to; empty text where it stands alone; null if nothing was
   *     said
   * @param alternates the same of its upright and wide versions
   * @param border what is said of the border before it
   * @param chapterName the name of the chapter it is in
   */
  public record Grouping(
      @Nullable String stack,
      @Nullable String alternates,
      @Nullable Border border,
      @Nullable String chapterName) {

    /** Nothing was said. */
    public static final Grouping NONE = new Grouping(null, null, null, null);
  }
}
