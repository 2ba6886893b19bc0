package drumnest.core.words;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Holding;
import drumnest.core.album.Reservation;
import drumnest.core.album.leaf.Slot;
import java.util.Comparator;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Places that words could have: empty ones, those that are kept for words, and those that placing
 * has left empty for the page to breathe, but not what the maker keeps empty. Source: common
 * practice, no source.
 */
public final class FreePlaces {

  private FreePlaces() {}

  /**
   * @param held what the place holds or is reserved for; null for nothing
   */
  public static boolean isFree(@Nullable Holding held) {
    return held == null
        || isForWords(held)
        || held.reserved() == Reservation.EMPTY && !held.byHand() && !held.locked();
  }

  static boolean isForWords(@Nullable Holding held) {
    return held != null && held.reserved() == Reservation.WORDS;
  }

  /** A free place that touches another; one that is kept for words before one that is not. */
  public static Optional<Slot> beside(AlbumModel album, Slot at) {
    return album.leaves().slotsOf(at.leaf(), at.side()).stream()
        .filter(at::touches)
        .filter(slot -> isFree(album.held(slot)))
        .min(Comparator.comparing(slot -> !isForWords(album.held(slot))));
  }
}
