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
import drumnest.core.stock.HouseRule;
import java.util.Comparator;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The free places of a spread to which a photo could go on which the strip of a flap, or a band,
 * lies: makers move the photo below rather than what is stuck down. Such a place is under no flap,
 * and no strip or band lies on the photo there; not more of the picture is cut than where it was,
 * or than a house rule says, and never what must stay. Source: common practice, no source.
 */
public final class OtherPlaces {

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
    double least = album.rules().number(HouseRule.MOVED_SHARE) / 100.0;
    double kept = print(from, holding, photo).keptShare();
    return motion.places().keySet().stream()
        .flatMap(id -> album.slot(id).stream())
        .filter(slot -> album.held(slot) == null && slot.holds() == Holds.PHOTO)
        .filter(slot -> slot.cover() == Slot.Cover.NONE && isClear(slot))
        .filter(
            slot ->
                suits(
                    print(slot, Holding.moved(holding, from, slot), photo), Math.min(kept, least)))
        .min(Comparator.comparingInt(slot -> Math.abs(slot.rank() - from.rank())));
  }

  private static boolean suits(PrintInPocket print, double least) {
    return !print.cutsKeepBox()
        && print.keptShare() >= least
        && print.fit().verdict() != InsertFit.Verdict.TOO_BIG;
  }

  private PrintInPocket print(Slot slot, Holding holding, AlbumPhoto photo) {
    return album.measure(slot, photo, holding.turned(), holding.whole(), photo.keep());
  }

  private boolean isClear(Slot slot) {
    Box there = motion.places().get(slot.id()).middleOf(slot.takes());
    return new StripsOnPhotos(Map.of(slot.id(), there)).of(motion.flaps()).isEmpty()
        && bands.stream().noneMatch(band -> band.closed().overlaps(there));
  }
}
