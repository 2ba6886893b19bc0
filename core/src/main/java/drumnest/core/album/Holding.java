package drumnest.core.album;

import org.jspecify.annotations.Nullable;

/**
 * What a slot holds: a photo, a card or keepsake, or nothing while it is reserved.
 *
 * @param photo the identity of the photo; null for another thing
 * @param turned whether it lies with a quarter turn to the right
 * @param locked whether placing again leaves it there
 * @param thing the key of the card or keepsake; null for a photo
 * @param reserved what the slot is reserved for; null where it holds something
 * @param byHand whether the maker put it there, rather than placing
 * @param made how far its making has come; null where nothing is cut yet
 */
public record Holding(
    @Nullable String photo,
    boolean turned,
    boolean locked,
    @Nullable Integer thing,
    @Nullable Reservation reserved,
    boolean byHand,
    @Nullable Made made) {

  public static Holding ofPhoto(String photo) {
    return new Holding(photo, false, false, null, null, false, null);
  }

  public static Holding ofThing(int thing) {
    return new Holding(null, false, false, thing, null, true, null);
  }

  /** A slot reserved by the maker or by placing. */
  public static Holding reserved(Reservation reserved, boolean byHand) {
    return new Holding(null, false, false, null, reserved, byHand, null);
  }

  /**
   * What comes to another slot by hand; what was cut for a place of another size is cut anew.
   *
   * @return null where nothing comes
   */
  public static @Nullable Holding moved(@Nullable Holding holding, Slot from, Slot to) {
    if (holding == null || !holding.isSomething()) {
      return null;
    }
    boolean stillCut = from.takes().equals(to.takes());
    return holding.putByHand().withMade(stillCut ? holding.made() : null);
  }

  public Holding withTurned(boolean isTurned) {
    return new Holding(photo, isTurned, locked, thing, reserved, byHand, made);
  }

  public Holding withLocked(boolean isLocked) {
    return new Holding(photo, turned, isLocked, thing, reserved, byHand, made);
  }

  public Holding withMade(@Nullable Made next) {
    return new Holding(photo, turned, locked, thing, reserved, byHand, next);
  }

  /** The same, put by the maker. */
  public Holding putByHand() {
    return new Holding(photo, turned, locked, thing, reserved, true, made);
  }

  /** Whether placing leaves it there: it is locked, cut, or in its place for good. */
  public boolean isFixed() {
    return locked || made != null;
  }

  /** Whether it is something, rather than a slot that is reserved. */
  public boolean isSomething() {
    return photo != null || thing != null;
  }
}
