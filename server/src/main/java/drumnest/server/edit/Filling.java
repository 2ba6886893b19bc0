package drumnest.server.edit;

import org.jspecify.annotations.Nullable;

/**
 * What a slot holds: a photo, or a card or keepsake.
 *
 * @param photo the SHA-256 of the photo; null for another thing
 * @param turned whether it lies with a quarter turn to the right
 * @param locked whether placing again leaves it there
 * @param thing the key of the card or keepsake; null for a photo
 */
public record Filling(
    @Nullable String photo, boolean turned, boolean locked, @Nullable Integer thing) {

  static Filling ofPhoto(String photo) {
    return new Filling(photo, false, false, null);
  }

  static Filling ofThing(int thing) {
    return new Filling(null, false, false, thing);
  }

  Filling withTurned(boolean isTurned) {
    return new Filling(photo, isTurned, locked, thing);
  }

  Filling withLocked(boolean isLocked) {
    return new Filling(photo, turned, isLocked, thing);
  }
}
