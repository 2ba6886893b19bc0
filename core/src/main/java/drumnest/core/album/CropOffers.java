package drumnest.core.album;

import drumnest.core.album.leaf.Slot;
import drumnest.core.fit.CropWindow;
import drumnest.core.fit.FocusCut;
import drumnest.core.fit.PrintInPocket;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Framing;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Crops that were settled before anything was found in their photos, and that would cut fewer heads
 * if they followed what was found. What is cut from its paper already is left as it is.
 */
public final class CropOffers {

  private CropOffers() {}

  /**
   * A photo whose crop could follow it.
   *
   * @param slot where it is
   * @param photo as it is
   * @param now what is printed of it
   * @param then what would be
   * @param saved how many heads fewer would be cut
   */
  public record Offer(Slot slot, AlbumPhoto photo, CropWindow now, CropWindow then, int saved) {}

  /** All of them, in the order of the album. */
  public static List<Offer> of(AlbumModel album) {
    List<Offer> offers = new ArrayList<>();
    for (Slot slot : album.leaves().slots()) {
      Holding holding = album.holding(slot.id()).orElse(null);
      if (holding != null
          && holding.photo() != null
          && holding.made() == null
          && !holding.whole()) {
        album
            .photo(holding.photo())
            .flatMap(photo -> of(album, slot, photo, holding.turned()))
            .ifPresent(offers::add);
      }
    }
    return offers;
  }

  private static Optional<Offer> of(AlbumModel album, Slot slot, AlbumPhoto photo, boolean turned) {
    boolean asBefore = photo.annotations().framing() == Framing.AS_BEFORE;
    if (!asBefore || photo.keep() != null || photo.found().heads().isEmpty()) {
      return Optional.empty();
    }
    AlbumPhoto following = photo.with(photo.annotations().withFraming(Framing.FOLLOWS));
    PrintInPocket now = album.measure(slot, photo, turned, false, null);
    PrintInPocket then = album.measure(slot, following, turned, false, null);
    if (now.crop() == null || then.crop() == null) {
      return Optional.empty();
    }
    FocusCut before = now.crop().cut(null, photo.found());
    int saved = before.heads() - then.cut().heads();
    return saved > 0
        ? Optional.of(new Offer(slot, photo, now.crop(), then.crop(), saved))
        : Optional.empty();
  }
}
