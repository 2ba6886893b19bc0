package drumnest.core.words;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Edge;
import java.util.Optional;

/**
 * Where the arrow on a card points: to the edge behind which the photo lies that it tells about.
 * Source: common practice, no source.
 */
public final class Arrow {

  private Arrow() {}

  /** Nothing where it lies beside none of its photos. */
  public static Optional<Edge> of(Ephemera card, AlbumModel album) {
    Slot at = album.slotOfEphemera(card.key()).orElse(null);
    return at == null
        ? Optional.empty()
        : CardsFollow.besides(card, album).map(photo -> towards(at, photo));
  }

  private static Edge towards(Slot card, Slot photo) {
    if (!photo.box().x().isLessThan(card.box().right())) {
      return Edge.RIGHT;
    }
    if (!card.box().x().isLessThan(photo.box().right())) {
      return Edge.LEFT;
    }
    return photo.box().y().isLessThan(card.box().y()) ? Edge.TOP : Edge.BOTTOM;
  }
}
