package drumnest.server.album;

import drumnest.core.measure.Size;
import drumnest.core.photo.Choice;
import drumnest.core.photo.DetailMap;
import drumnest.core.photo.Miniature;
import drumnest.core.photo.PhotoAnnotations;
import drumnest.core.photo.PixelBox;
import drumnest.server.PlainText;
import drumnest.server.store.PhotoDetailEntity;
import drumnest.server.store.PhotoDetails;
import drumnest.server.store.PhotoEntity;
import drumnest.server.store.Photos;
import drumnest.server.store.PixelFeatures;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Registers photos that come in with an album, and what is found out about them later. */
@Component
public class PhotoRegistrar {

  private static final int LONGEST_NAME = 255;

  private final Photos photos;
  private final LinePhotos line;
  private final PhotoDetails details;
  private final ApplicationEventPublisher events;

  PhotoRegistrar(
      Photos photos, LinePhotos line, PhotoDetails details, ApplicationEventPublisher events) {
    this.events = events;
    this.photos = photos;
    this.line = line;
    this.details = details;
  }

  /**
   * A photo that came in.
   *
   * @param detail where something is to be seen in it; null if the photo was here before
   */
  public record Arrival(PhotoEntity photo, @Nullable DetailMap detail) {}

  /**
   * Puts the photo on the line; if it was dropped it comes back.
   *
   * @return whether it was not on the line before
   */
  @Transactional
  public boolean register(long albumId, Arrival arrival, String name) {
    events.publishEvent(new AlbumArrival(Set.of(albumId)));
    String sha256 = arrival.photo().sha256();
    Optional<LinePhotoEntity> there = line.findByAlbumIdAndPhotoSha256(albumId, sha256);
    if (there.isPresent()) {
      LinePhotoEntity photo = there.get();
      PhotoAnnotations said = photo.annotations();
      boolean back = said.choosing().choice() == Choice.OUT;
      if (back) {
        photo.annotate(said.withChoosing(said.choosing().withChoice(Choice.OPEN)));
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

  /** Registers a print of which there is no file. */
  @Transactional
  public void registerPrint(
      long albumId, PhotoEntity print, String name, Size size, @Nullable LocalDateTime at) {
    events.publishEvent(new AlbumArrival(Set.of(albumId)));
    LinePhotoEntity photo =
        new LinePhotoEntity(albumId, photos.save(print), PlainText.ending(name, LONGEST_NAME));
    PhotoAnnotations said = photo.annotations().withOnTable(size);
    photo.annotate(at == null ? said : said.withDate(at));
    line.save(photo);
  }

  /** Gives a photo the stars that its sidecar says. */
  @Transactional
  public void rate(long albumId, String sha256, int stars) {
    events.publishEvent(new AlbumArrival(Set.of(albumId)));
    line.findByAlbumIdAndPhotoSha256(albumId, sha256).ifPresent(photo -> photo.rate(stars));
  }

  /**
   * Says what was found in a photo that came in before.
   *
   * @param faces its faces; null where nothing here finds any
   */
  @Transactional
  public void found(
      String sha256, @Nullable List<PixelBox> faces, double sharpness, Miniature miniature) {
    events.publishEvent(new AlbumArrival(line.albumsWith(sha256)));
    photos.findById(sha256).orElseThrow().find(faces, sharpness, miniature);
  }

  /** Says what was measured of a photo of an earlier version. */
  @Transactional
  public void see(String sha256, PixelFeatures features) {
    events.publishEvent(new AlbumArrival(line.albumsWith(sha256)));
    photos.findById(sha256).orElseThrow().see(features);
    details.save(new PhotoDetailEntity(sha256, features.detail()));
  }
}
