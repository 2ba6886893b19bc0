package drumnest.server.album;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.AlbumParts;
import drumnest.core.album.Holding;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.leaf.LeafState;
import drumnest.core.fit.FitQuestion;
import drumnest.core.measure.Size;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.stock.Supplies;
import drumnest.server.NotThereException;
import java.time.Duration;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Reads albums from the database. */
@Component
class StoredAlbum {

  private final Albums albums;
  private final Leaves leaves;
  private final LinePhotos photos;
  private final Fillings fillings;
  private final Openings openings;
  private final AllEphemera allEphemera;
  private final CameraClocks clocks;
  private final Steps steps;
  private final FitQuestion.Answers fits;

  StoredAlbum(
      Albums albums,
      Leaves leaves,
      LinePhotos photos,
      Fillings fillings,
      Openings openings,
      AllEphemera allEphemera,
      CameraClocks clocks,
      Steps steps,
      FitQuestion.Answers fits) {
    this.albums = albums;
    this.leaves = leaves;
    this.photos = photos;
    this.fillings = fillings;
    this.openings = openings;
    this.allEphemera = allEphemera;
    this.clocks = clocks;
    this.steps = steps;
    this.fits = fits;
  }

  /** How often an album was changed by steps; nothing where there is no such album. */
  @Transactional(readOnly = true)
  Optional<Long> version(long id) {
    return albums.findVersion(id);
  }

  /** The numbers of all albums, in the order in which they were begun. */
  @Transactional(readOnly = true)
  List<Long> ids() {
    return albums.findIds();
  }

  /** The names of all albums, in the same order. */
  @Transactional(readOnly = true)
  List<AlbumName> names() {
    return albums.findNames();
  }

  /** The album that was worked at last, or the first one; nothing where there is none. */
  @Transactional(readOnly = true)
  Optional<Long> lastWorkedAt() {
    return steps.findAlbumOfLast().or(() -> albums.findIds().stream().findFirst());
  }

  /**
   * @throws NotThereException if there is no such album
   */
  @Transactional(readOnly = true)
  AlbumModel read(long id, Supplies supplies) {
    // Its version first: whatever is read of a later one is read again with it.
    AlbumEntity album =
        albums
            .findById(id)
            .orElseThrow(() -> new NotThereException("album", "There is no album " + id + "."));
    Map<Integer, LeafState> leafStates = new LinkedHashMap<>();
    leaves
        .findByAlbumIdOrderByNumber(id)
        .forEach(leaf -> leafStates.put(leaf.leafKey(), leaf.state()));
    Map<String, Duration> shifts = new HashMap<>();
    clocks.findByAlbumId(id).forEach(clock -> shifts.put(clock.camera(), clock.shift()));
    Map<String, Holding> holdings = new HashMap<>();
    fillings.findByAlbumId(id).forEach(each -> holdings.put(each.slot(), each.holding()));
    Map<String, Size> measured = new HashMap<>();
    openings.findByAlbumId(id).forEach(each -> measured.put(each.slot(), each.size()));
    Map<Integer, Ephemera> byKey = new TreeMap<>();
    allEphemera
        .findByAlbumIdOrderByEphemeraKey(id)
        .forEach(each -> byKey.put(each.asEphemera().key(), each.asEphemera()));
    List<AlbumPhoto> arrived =
        photos.findByAlbumIdOrderById(id).stream()
            .map(photo -> photo.asPhoto(supplies.rules()))
            .map(photo -> shifted(photo, shifts))
            .toList();
    return new AlbumModel(
        album.head(),
        new AlbumParts(leafStates, arrived, shifts, holdings, measured, byKey),
        supplies,
        fits);
  }

  private static AlbumPhoto shifted(AlbumPhoto photo, Map<String, Duration> shifts) {
    String camera = photo.words().camera();
    Duration by = camera == null ? null : shifts.get(camera);
    return by == null ? photo : photo.shiftedBy(by);
  }
}
