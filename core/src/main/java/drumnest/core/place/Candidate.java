package drumnest.core.place;

import drumnest.core.measure.Size;
import drumnest.core.photo.Focus;
import drumnest.core.photo.Look;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.photo.Showing;
import org.jspecify.annotations.Nullable;

/**
 * A picture that wants a place.
 *
 * @param id its identity
 * @param pixels its size
 * @param keep what must stay of it
 * @param focus what a crop of it follows where nothing must stay
 * @param wanted how much it is wanted, 1 and more: leaving it out costs as many times as much
 * @param lookalike the group of pictures it looks like, if there is one
 * @param alternates the group of versions of its subject, of which one is placed, if there is one
 * @param onTable its size if it is a print on the table, as its picture is seen upright
 * @param hints what was said of how it is to be seen
 * @param look what it looks like, if that is known
 */
public record Candidate(
    String id,
    Pixels pixels,
    @Nullable PixelBox keep,
    Focus focus,
    int wanted,
    @Nullable String lookalike,
    @Nullable String alternates,
    @Nullable Size onTable,
    PlacementHints hints,
    @Nullable Look look) {

  /**
   * The maker's word on how a picture is to be seen.
   *
   * @param hero whether it must never be hidden, and is wanted large
   * @param flap whether it may well lie out of sight
   * @param secret whether it is private
   * @param words whether there are words to it, which want to stand beside it
   * @param showing for which state of its spread it is meant
   */
  public record PlacementHints(
      boolean hero, boolean flap, boolean secret, boolean words, Showing showing) {

    /** One that is meant for no state. */
    public PlacementHints(boolean hero, boolean flap, boolean secret, boolean words) {
      this(hero, flap, secret, words, Showing.ANY);
    }

    /** Nothing was said. */
    public static final PlacementHints PLAIN = new PlacementHints(false, false, false, false);

    /** A hero of which nothing else was said. */
    public static final PlacementHints HERO = new PlacementHints(true, false, false, false);
  }

  /** A picture that is wanted like any other and has no other versions. */
  public Candidate(
      String id,
      Pixels pixels,
      @Nullable PixelBox keep,
      boolean hero,
      @Nullable String lookalike,
      @Nullable Size onTable) {
    this(
        id,
        pixels,
        keep,
        Focus.NONE,
        1,
        lookalike,
        null,
        onTable,
        hero ? PlacementHints.HERO : PlacementHints.PLAIN,
        null);
  }

  boolean hero() {
    return hints.hero();
  }

  /** Whether it must never lie out of sight. */
  boolean neverHidden() {
    return hints.hero() || hints.showing() == Showing.CLOSED;
  }

  /** Whether it would rather not lie out of sight, or, where it does not, would rather do so. */
  boolean misplaced(boolean hidden) {
    boolean inside = hints.showing() == Showing.OPENED;
    return hidden ? !hints.flap() && !inside : inside;
  }

  /** Whether the two belong to one group of lookalikes. */
  boolean looksLike(Candidate other) {
    return lookalike != null && lookalike.equals(other.lookalike);
  }
}
