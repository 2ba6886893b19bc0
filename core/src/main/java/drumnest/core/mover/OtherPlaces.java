package drumnest.core.mover;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Holding;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Holds;
import drumnest.core.album.leaf.Slot;
import drumnest.core.fit.InsertFit;
import drumnest.core.fit.PrintInPocket;
import drumnest.core.measure.Box;
import drumnest.core.photo.AlbumPhoto;
import java.util.Comparator;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/**
 * The free places of a spread to which a photo could go on which the strip of a flap, or a band,
 * lies: makers move the photo below rather than what is stuck down. Such a place is under no flap,
 * and no strip or band lies on the photo there; not more of the picture is cut than where it was,
 * or no more than half of it, and never what must stay. Source: common practice, no source.
 */
public final class OtherPlaces {

  /** The least share of a picture that is seen after its move, unless it was less before. */
  private static final double LEAST_KEPT = 0.5;

  private final AlbumModel album;
  private final SpreadMotion motion;
  private final Set<Flap> bands;

  /**
   * @param bands those that lie over photos
   */
  public OtherPlaces(AlbumModel album, SpreadMotion motion, Set<Flap> bands) {
    this.album = album;
    this.motion = motion;
    this.bands = Set.copyOf(bands);
  }

  /** The one nearest in the order of reading; nothing where the photo stays where it is. */
  public Optional<Slot> nearest(Slot from) {
    Holding holding = album.held(from);
    AlbumPhoto photo =
        holding == null || holding.photo() == null || holding.locked()
            ? null
            : album.photo(holding.photo()).orElse(null);
    if (photo == null || holding.made() != null) {
      return Optional.empty();
    }
    double kept = seen(from, photo).keptShare();
    return motion.places().keySet().stream()
        .flatMap(id -> album.slot(id).stream())
        .filter(slot -> album.held(slot) == null && slot.holds() == Holds.PHOTO)
        .filter(slot -> slot.cover() == Slot.Cover.NONE && isClear(slot))
        .filter(fits(photo, Math.min(kept, LEAST_KEPT)))
        .min(Comparator.comparingInt(slot -> Math.abs(slot.rank() - from.rank())));
  }

  private Predicate<Slot> fits(AlbumPhoto photo, double least) {
    return slot -> {
      PrintInPocket print = seen(slot, photo);
      return !print.cutsKeepBox()
          && print.keptShare() >= least
          && print.fit().verdict() != InsertFit.Verdict.TOO_BIG;
    };
  }

  private PrintInPocket seen(Slot slot, AlbumPhoto photo) {
    return album.measure(slot, photo, false, false, photo.keep());
  }

  private boolean isClear(Slot slot) {
    Box there = motion.places().get(slot.id()).middleOf(slot.takes());
    return new StripsOnPhotos(Map.of(slot.id(), there)).of(motion.flaps()).isEmpty()
        && bands.stream().noneMatch(band -> band.closed().overlaps(there));
  }
}
