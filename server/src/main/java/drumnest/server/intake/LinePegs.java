package drumnest.server.intake;

import drumnest.server.edit.NotThereException;
import drumnest.server.store.Albums;
import drumnest.server.store.LinePhotoEntity;
import drumnest.server.store.LinePhotos;
import drumnest.server.store.PhotoEntity;
import drumnest.server.store.Photos;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Hangs photos that came in on the line of an album. */
@Component
class LinePegs {

  private static final int LONGEST_NAME = 255;

  private final Albums albums;
  private final Photos photos;
  private final LinePhotos line;

  LinePegs(Albums albums, Photos photos, LinePhotos line) {
    this.albums = albums;
    this.photos = photos;
    this.line = line;
  }

  /**
   * @throws NotThereException if there is no such album
   */
  void require(long albumId) {
    if (!albums.existsById(albumId)) {
      throw new NotThereException("album", "There is no album " + albumId + ".");
    }
  }

  /**
   * Hangs the photo on the line; if it was set aside it comes back.
   *
   * @return whether it was not on the line before
   */
  @Transactional
  boolean peg(long albumId, PhotoEntity photo, String name) {
    Optional<LinePhotoEntity> there = line.findByAlbumIdAndPhotoSha256(albumId, photo.sha256());
    if (there.isPresent()) {
      boolean back = there.get().isAside();
      there.get().setAside(false);
      return back;
    }
    PhotoEntity stored = photos.findById(photo.sha256()).orElseGet(() -> photos.save(photo));
    line.save(new LinePhotoEntity(albumId, stored, shortened(name)));
    return true;
  }

  private static String shortened(String name) {
    return name.length() <= LONGEST_NAME ? name : name.substring(name.length() - LONGEST_NAME);
  }
}
