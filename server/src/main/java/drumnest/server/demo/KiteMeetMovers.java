package drumnest.server.demo;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Flap;
import drumnest.core.measure.Edge;
import drumnest.core.photo.AlbumPhoto;
import drumnest.server.album.OpenAlbums;
import drumnest.server.movers.FlapEdits;
import drumnest.server.place.SlotEdits;
import java.time.LocalDateTime;
import java.util.List;
import org.springframework.stereotype.Component;

/** The movers of the kite meet, with what is in them. */
@Component
class KiteMeetMovers {

  private static final int EVENING = 17;

  /** The upright one of the plain page. */
  private static final String UPRIGHT = "4-front-1.1";

  private final FlapEdits movers;
  private final SlotEdits slots;
  private final OpenAlbums albums;

  KiteMeetMovers(FlapEdits movers, SlotEdits slots, OpenAlbums albums) {
    this.movers = movers;
    this.slots = slots;
    this.albums = albums;
  }

  /** A sleeve over the upright picture, with two of the evening of that day. */
  void movers(long album) {
    movers.add(album, version(album), UPRIGHT, Edge.RIGHT, Flap.Body.SLEEVE, null, null);
    List<String> more =
        albums.open(album).line().stream()
            .filter(photo -> isLoose(albums.open(album), photo))
            .map(AlbumPhoto::id)
            .limit(2)
            .toList();
    for (int i = 0; i < more.size(); i++) {
      slots.put(album, version(album), more.get(i), "4-front-m1." + (i + 1));
    }
  }

  private static boolean isLoose(AlbumModel album, AlbumPhoto photo) {
    return album.slotOf(photo.id()).isEmpty()
        && photo.takenAt() != null
        && photo.takenAt().isAfter(evening(album))
        && !photo.choosing().secret()
        && photo.onTable() == null;
  }

  /** The evening of the day on which the picture below was taken. */
  private static LocalDateTime evening(AlbumModel album) {
    return album
        .slot(UPRIGHT)
        .flatMap(album::seated)
        .map(seated -> seated.photo().takenAt())
        .map(taken -> taken.toLocalDate().atTime(EVENING, 0))
        .orElseThrow();
  }

  private long version(long album) {
    return albums.open(album).version();
  }
}
