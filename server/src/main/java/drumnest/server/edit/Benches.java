package drumnest.server.edit;

import drumnest.server.store.AlbumEntity;
import drumnest.server.store.AlbumLeaves;
import drumnest.server.store.Albums;
import drumnest.server.store.Fillings;
import drumnest.server.store.LinePhotos;
import drumnest.server.store.Openings;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lays an album open. */
@Service
@Transactional(readOnly = true)
public class Benches {

  private final Albums albums;
  private final AlbumLeaves leaves;
  private final LinePhotos linePhotos;
  private final Fillings fillings;
  private final Openings openings;

  Benches(
      Albums albums,
      AlbumLeaves leaves,
      LinePhotos linePhotos,
      Fillings fillings,
      Openings openings) {
    this.albums = albums;
    this.leaves = leaves;
    this.linePhotos = linePhotos;
    this.fillings = fillings;
    this.openings = openings;
  }

  /**
   * @throws NotThereException if there is no such album
   */
  public Bench open(long albumId) {
    AlbumEntity album =
        albums
            .findById(albumId)
            .orElseThrow(
                () -> new NotThereException("album", "There is no album " + albumId + "."));
    return new Bench(
        album,
        leaves.findByAlbumIdOrderByNumber(albumId),
        linePhotos.ofAlbum(albumId),
        fillings.findByAlbumId(albumId),
        openings.findByAlbumId(albumId));
  }
}
