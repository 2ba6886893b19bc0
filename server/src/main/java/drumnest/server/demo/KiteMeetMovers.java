package drumnest.server.demo;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.MoverKind;
import drumnest.core.album.leaf.FlapNames;
import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Edge;
import drumnest.core.photo.AlbumPhoto;
import drumnest.server.album.OpenAlbums;
import drumnest.server.movers.FlapEdits;
import drumnest.server.movers.MoverEdits;
import drumnest.server.place.SlotEdits;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** The movers of the kite meet, with what is in them. */
@Component
class KiteMeetMovers {

  private static final int EVENING = 17;
  private static final List<String> ACCORDION =
      List.of("7-front-m1", "7-front-m2", "7-front-m3", "7-front-m4");

  /** Five flyers side by side, so that no fold runs through one. */
  private static final String PANORAMA = "kite-141.jpg";

  /** The upright one of the plain page. */
  private static final String UPRIGHT = "4-front-1.1";

  private final FlapEdits flaps;
  private final MoverEdits movers;
  private final SlotEdits slots;
  private final OpenAlbums albums;

  KiteMeetMovers(FlapEdits flaps, MoverEdits movers, SlotEdits slots, OpenAlbums albums) {
    this.flaps = flaps;
    this.movers = movers;
    this.slots = slots;
    this.albums = albums;
  }

  /** A sleeve over the upright picture, with two of the evening of that day. */
  void movers(long album) {
    flaps.add(album, version(album), UPRIGHT, Edge.RIGHT, Flap.Body.SLEEVE, null, null);
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

  /**
   * One of each other kind on the last leaf, with the last pictures of the night on their faces.
   */
  void everyKind(long album) {
    put(album, "7-front-1.2", MoverKind.ACCORDION, Edge.LEFT);
    put(album, "7-front-1.1", MoverKind.TUCK_SPOT, Edge.TOP);
    put(album, "7-back-1.1", MoverKind.WATERFALL, Edge.TOP);
    put(album, "7-back-1.2", MoverKind.CHAIN, Edge.RIGHT);
    put(album, "7-back-1.3", MoverKind.DOUBLE_DOOR, Edge.LEFT);
    put(album, "7-back-1.4", MoverKind.PULL_OUT, Edge.BOTTOM);
    put(album, "7-front-2.2", MoverKind.BOOKLET, Edge.RIGHT);
    put(album, "7-front-2.1", MoverKind.DOOR, Edge.BOTTOM);
    put(album, "7-back-1.1", MoverKind.FOLD_OUT, Edge.LEFT);
    put(album, "3-front-1", MoverKind.EDGE_BAND, Edge.RIGHT);
    put(album, "6-back-1", MoverKind.GUTTER_BAND, Edge.RIGHT);
    movers.spanPanels(album, version(album), ACCORDION.get(0));
    fillAccordion(album);
  }

  /**
   * One picture over all panels of it, and the last ones in time order on its other faces as they
   * are leafed.
   */
  private void fillAccordion(long album) {
    AlbumModel now = albums.open(album);
    List<Slot> faces =
        ACCORDION.stream()
            .flatMap(flap -> Stream.of(FlapNames.outside(flap), FlapNames.inside(flap)))
            .flatMap(face -> now.slot(face).stream())
            .sorted(Comparator.comparingInt(Slot::rank))
            .toList();
    AlbumPhoto wide =
        now.line().stream()
            .filter(photo -> photo.name().equals(PANORAMA))
            .findFirst()
            .orElseThrow();
    List<AlbumPhoto> last =
        now.line().stream()
            .filter(photo -> now.slotOf(photo.id()).isEmpty() && photo.takenAt() != null)
            .filter(photo -> !photo.choosing().secret() && photo.onTable() == null)
            .filter(photo -> photo.pixels().h() > photo.pixels().w())
            .toList();
    List<AlbumPhoto> these = last.subList(last.size() - faces.size(), last.size());
    for (int i = 0; i < faces.size(); i++) {
      String photo = faces.get(i).outline().isStraight() ? these.get(i).id() : wide.id();
      slots.put(album, version(album), photo, faces.get(i).id());
    }
  }

  private void put(long album, String slot, MoverKind kind, Edge edge) {
    movers.add(album, version(album), slot, kind, edge, List.of());
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
