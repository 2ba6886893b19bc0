package drumnest.server.album;

import drumnest.core.album.Holding;
import drumnest.core.album.Holding.Content;
import drumnest.core.album.Made;
import drumnest.core.album.Reservation;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.util.StdConverter;

/**
 * The contents of a slot as it is stored in a row and in a step: exactly one of photo, thing and
 * aside is given.
 *
 * @param thing the key of a card or keepsake
 * @param aside what the slot is reserved for
 */
record StoredHolding(
    @Nullable String photo,
    boolean turned,
    boolean whole,
    boolean locked,
    @Nullable Integer thing,
    @Nullable Reservation aside,
    boolean byHand,
    @Nullable Made made) {

  static StoredHolding of(Holding holding) {
    return new StoredHolding(
        holding.photo(),
        holding.turned(),
        holding.whole(),
        holding.locked(),
        holding.ephemera(),
        holding.reserved(),
        holding.byHand(),
        holding.made());
  }

  Holding holding() {
    return new Holding(content(), turned, whole, locked, byHand, made);
  }

  private Content content() {
    if (photo != null) {
      return new Content.OfPhoto(photo);
    }
    if (thing != null) {
      return new Content.OfEphemera(thing);
    }
    if (aside != null) {
      return new Content.Reserved(aside);
    }
    throw new IllegalStateException("A slot that holds nothing was stored.");
  }

  static final class Write extends StdConverter<Holding, StoredHolding> {
    @Override
    public StoredHolding convert(Holding holding) {
      return of(holding);
    }
  }

  static final class Read extends StdConverter<StoredHolding, Holding> {
    @Override
    public Holding convert(StoredHolding stored) {
      return stored.holding();
    }
  }
}
