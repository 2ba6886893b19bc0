package drumnest.core.album;

import drumnest.core.album.leaf.Slot;
import org.jspecify.annotations.Nullable;

/**
 * The contents of a slot, and how it holds them.
 *
 * @param content a photo, a card or keepsake, or nothing but what the slot is reserved for
 * @param turned whether it lies with a quarter turn to the right
 * @param whole whether its photo is shown small and whole, on a card
 * @param locked whether placing again leaves it there
 * @param byHand whether the maker put it there, rather than placing
 * @param made how far its making has come; null where nothing is cut yet
 */
public record Holding(
    Content content,
    boolean turned,
    boolean whole,
    boolean locked,
    boolean byHand,
    @Nullable Made made) {

  /** The contents of a slot. */
  public sealed interface Content {

    /**
     * @param photo its identity
     */
    record OfPhoto(String photo) implements Content {}

    /**
     * @param key the key of the card or keepsake
     */
    record OfEphemera(int key) implements Content {}

    /**
     * @param purpose what the slot, which holds nothing, is kept free for
     */
    record Reserved(Reservation purpose) implements Content {}
  }

  public static Holding ofPhoto(String photo) {
    return new Holding(new Content.OfPhoto(photo), false, false, false, false, null);
  }

  public static Holding ofEphemera(int key) {
    return new Holding(new Content.OfEphemera(key), false, false, false, true, null);
  }

  /** A slot reserved by the maker or by placing. */
  public static Holding reserved(Reservation purpose, boolean byHand) {
    return new Holding(new Content.Reserved(purpose), false, false, false, byHand, null);
  }

  /**
   * Tells what comes to another slot by hand; what was cut for a place of another size is cut anew,
   * and what was shown whole there fills this one.
   *
   * @return null where nothing comes
   */
  public static @Nullable Holding moved(@Nullable Holding holding, Slot from, Slot to) {
    if (holding == null || !holding.isSomething()) {
      return null;
    }
    return from.takes().equals(to.takes())
        ? holding.putByHand()
        : holding.putByHand().withMade(null).withWhole(false);
  }

  /** The identity of the photo it holds; null where it holds none. */
  public @Nullable String photo() {
    return content instanceof Content.OfPhoto held ? held.photo() : null;
  }

  /** The key of the card or keepsake it holds; null where it holds none. */
  public @Nullable Integer ephemera() {
    return content instanceof Content.OfEphemera held ? held.key() : null;
  }

  /** Tells what it is reserved for; null where it holds something. */
  public @Nullable Reservation reserved() {
    return content instanceof Content.Reserved held ? held.purpose() : null;
  }

  /** Another photo, held as this one is. */
  public Holding withPhoto(String photo) {
    return new Holding(new Content.OfPhoto(photo), turned, whole, locked, byHand, made);
  }

  public Holding withTurned(boolean isTurned) {
    return new Holding(content, isTurned, whole, locked, byHand, made);
  }

  public Holding withWhole(boolean isWhole) {
    return new Holding(content, turned, isWhole, locked, byHand, made);
  }

  public Holding withLocked(boolean isLocked) {
    return new Holding(content, turned, whole, isLocked, byHand, made);
  }

  public Holding withMade(@Nullable Made next) {
    return new Holding(content, turned, whole, locked, byHand, next);
  }

  /** A copy, put by the maker. */
  public Holding putByHand() {
    return new Holding(content, turned, whole, locked, true, made);
  }

  /** Whether placing leaves it there: it is locked, cut, or in its place for good. */
  public boolean isFixed() {
    return locked || made != null;
  }

  /** Whether it is something, rather than a slot that is reserved. */
  public boolean isSomething() {
    return !(content instanceof Content.Reserved);
  }
}
