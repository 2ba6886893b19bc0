package drumnest.server.intake;

import drumnest.core.measure.Size;
import drumnest.core.photo.Choice;
import drumnest.core.photo.DetailMap;
import drumnest.server.PlainText;
import drumnest.server.edit.NotThereException;
import drumnest.server.store.Albums;
import drumnest.server.store.LinePhotoEntity;
import drumnest.server.store.LinePhotos;
import drumnest.server.store.PhotoDetailEntity;
import drumnest.server.store.PhotoDetails;
import drumnest.server.store.PhotoEntity;
import drumnest.server.store.Photos;
import drumnest.server.store.PixelFeatures;
import java.time.LocalDateTime;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Hangs photos that came in on the line of an album. */
@Component
class PegBoard {

  private static final int LONGEST_NAME = 255;

  private final Albums albums;
  private final Photos photos;
  private final LinePhotos line;
  private final PhotoDetails details;

  PegBoard(Albums albums, Photos photos, LinePhotos line, PhotoDetails details) {
    this.albums = albums;
    this.photos = photos;
    this.line = line;
    this.details = details;
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
   * A photo that came in.
   *
   * @param detail where something is to be seen in it; null if the photo was here before
   */
  record Arrival(PhotoEntity photo, @Nullable DetailMap detail) {}

  /**
   * Hangs the photo on the line; if it was dropped it comes back.
   *
   * @return whether it was not on the line before
   */
  @Transactional
  boolean peg(long albumId, Arrival arrival, String name) {
    String sha256 = arrival.photo().sha256();
    Optional<LinePhotoEntity> there = line.findByAlbumIdAndPhotoSha256(albumId, sha256);
    if (there.isPresent()) {
      LinePhotoEntity photo = there.get();
      boolean back = photo.isOut();
      if (back) {
        photo.choose(photo.choosing().withChoice(Choice.OPEN));
      }
      return back;
    }
    PhotoEntity stored = photos.findById(sha256).orElseGet(() -> photos.save(arrival.photo()));
    if (arrival.detail() != null) {
      details.save(new PhotoDetailEntity(sha256, arrival.detail()));
    }
    line.save(new LinePhotoEntity(albumId, stored, PlainText.ending(name, LONGEST_NAME)));
    return true;
  }

  /** Hangs a print on the line of which there is no file. */
  @Transactional
  void pegPrint(
      long albumId, PhotoEntity print, String name, Size size, @Nullable LocalDateTime at) {
    LinePhotoEntity photo =
        new LinePhotoEntity(albumId, photos.save(print), PlainText.ending(name, LONGEST_NAME));
    photo.onTable(size);
    if (at != null) {
      photo.date(at, true);
    }
    line.save(photo);
  }

  /** Gives a photo the stars that its sidecar says. */
  @Transactional
  void rate(long albumId, String sha256, int stars) {
    line.findByAlbumIdAndPhotoSha256(albumId, sha256).ifPresent(photo -> photo.rate(stars));
  }

  /** Says what was measured of a photo of an earlier version. */
  @Transactional
  void see(String sha256, PixelFeatures features) {
    photos.findById(sha256).orElseThrow().see(features);
    details.save(new PhotoDetailEntity(sha256, features.detail()));
  }
}
