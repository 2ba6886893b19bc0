package drumnest.server.gather;

import drumnest.core.album.AlbumModel;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Chapters;
import drumnest.core.photo.ClockShift;
import drumnest.core.photo.StoryPhoto;
import drumnest.server.FieldProblemException;
import drumnest.server.NotThereException;
import drumnest.server.album.OpenAlbums;
import drumnest.server.frame.Words;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Shows the cameras of an album, and what a shift of a clock would do. */
@Component
class CameraViews {

  private static final int LONGEST_STRIP = 48;
  private static final int BEFORE = 6;

  private final OpenAlbums openAlbums;

  CameraViews(OpenAlbums openAlbums) {
    this.openAlbums = openAlbums;
  }

  /**
   * A camera.
   *
   * @param clock how far its clock is ahead of UTC, where its files say so
   * @param shift how far it is shifted, as text
   * @param suggested the whole shift that is suggested; left out where none is
   * @param why why it is suggested
   */
  record CameraView(
      String name,
      int photos,
      @Nullable String first,
      @Nullable String last,
      @Nullable String clock,
      String shift,
      @Nullable String suggested,
      @Nullable String why) {}

  /**
   * The cameras, the one with most photos first, and of two with as many the one that says its time
   * zone: its clock is taken to be right.
   */
  record CamerasView(List<CameraView> cameras, int withoutCamera) {}

  /**
   * The effect that a shift would have.
   *
   * @param shift the whole shift as text
   * @param text what changes, a sentence each
   * @param strip the line as it would be, around the first photo of the camera
   */
  record ClockTryView(String shift, List<String> text, List<StripPhoto> strip) {}

  /**
   * A photo of the strip.
   *
   * @param shifted whether it is one of the camera that is shifted
   */
  record StripPhoto(String photo, @Nullable String taken, boolean shifted) {}

  CamerasView cameras(long albumId) {
    AlbumModel album = openAlbums.open(albumId);
    Map<String, List<AlbumPhoto>> byCamera = new LinkedHashMap<>();
    int without = 0;
    for (AlbumPhoto photo : album.photos()) {
      String camera = photo.words().camera();
      if (camera == null) {
        without++;
      } else {
        byCamera.computeIfAbsent(camera, name -> new ArrayList<>()).add(photo);
      }
    }
    List<Map.Entry<String, List<AlbumPhoto>>> cameras = new ArrayList<>(byCamera.entrySet());
    cameras.sort(
        Comparator.comparing((Map.Entry<String, List<AlbumPhoto>> each) -> -each.getValue().size())
            .thenComparing(each -> zone(each.getValue()) == null));
    List<CameraView> views = new ArrayList<>();
    for (Map.Entry<String, List<AlbumPhoto>> camera : cameras) {
      views.add(camera(album, camera.getKey(), camera.getValue(), cameras.get(0).getValue()));
    }
    return new CamerasView(views, without);
  }

  private static CameraView camera(
      AlbumModel album, String name, List<AlbumPhoto> photos, List<AlbumPhoto> reference) {
    Duration shift = album.shiftOf(name);
    Duration suggested = null;
    String why = null;
    if (photos != reference) {
      ClockShift seen =
          ClockShift.suggest(story(reference), story(photos), album.rules()).orElse(null);
      Integer ours = zone(reference);
      Integer theirs = zone(photos);
      if (seen != null && seen.by().abs().toSeconds() > 60) {
        suggested = shift.plus(seen.by());
        why =
            seen.pairs()
                + " photos look like the other camera's of the same moments, "
                + ClockText.write(seen.by())
                + " apart.";
      } else if (seen == null
          && shift.isZero()
          && ours != null
          && theirs != null
          && !ours.equals(theirs)) {
        suggested = Duration.ofMinutes(ours - theirs);
        why =
            "Its clock is set to "
                + ClockText.zone(theirs)
                + ", the other camera's to "
                + ClockText.zone(ours)
                + ".";
      }
    }
    return new CameraView(
        name,
        photos.size(),
        Words.moment(photos.get(0).takenAt()),
        Words.moment(lastDated(photos)),
        zone(photos) == null ? null : ClockText.zone(zone(photos)),
        ClockText.write(shift),
        suggested == null ? null : ClockText.write(suggested),
        why);
  }

  private static @Nullable LocalDateTime lastDated(List<AlbumPhoto> photos) {
    return photos.stream()
        .map(AlbumPhoto::takenAt)
        .filter(at -> at != null)
        .reduce((a, b) -> b)
        .orElse(null);
  }

  private static @Nullable Integer zone(List<AlbumPhoto> photos) {
    return photos.stream()
        .map(photo -> photo.words().offsetMinutes())
        .filter(minutes -> minutes != null)
        .findFirst()
        .orElse(null);
  }

  private static List<StoryPhoto> story(List<AlbumPhoto> photos) {
    return photos.stream().map(AlbumPhoto::asStory).toList();
  }

  ClockTryView tried(long albumId, GatherRequests.ClockTry request) {
    AlbumModel album = openAlbums.open(albumId);
    Duration shift = shift(album, request);
    Duration more = shift.minus(album.shiftOf(request.camera()));
    List<StoryPhoto> before = album.story().photos();
    List<StoryPhoto> after =
        before.stream()
            .map(photo -> moved(album, photo, request.camera(), more))
            .sorted(StoryPhoto.TIME_ORDER)
            .toList();
    return new ClockTryView(
        ClockText.write(shift),
        text(album, before, after, request.camera()),
        strip(album, after, request.camera()));
  }

  private static Duration shift(AlbumModel album, GatherRequests.ClockTry request) {
    if (request.photo() == null || request.same() == null) {
      return ClockText.read("shift", request.shift() == null ? "" : request.shift());
    }
    AlbumPhoto photo = photo(album, "photo", request.photo());
    AlbumPhoto same = photo(album, "same", request.same());
    if (photo.takenAt() == null || same.takenAt() == null || photo.isDatedByMaker()) {
      throw new FieldProblemException(
          "same", "Choose two photos with a camera time to shift a clock by them.");
    }
    return album.shiftOf(request.camera()).plus(Duration.between(photo.takenAt(), same.takenAt()));
  }

  private static AlbumPhoto photo(AlbumModel album, String field, String id) {
    return album
        .photo(id)
        .orElseThrow(() -> new NotThereException(field, "There is no photo “" + id + "” here."));
  }

  private static boolean isOf(AlbumModel album, StoryPhoto photo, String camera) {
    AlbumPhoto entity = album.photo(photo.id()).orElseThrow();
    return camera.equals(entity.words().camera()) && !entity.isDatedByMaker();
  }

  private static StoryPhoto moved(AlbumModel album, StoryPhoto photo, String camera, Duration by) {
    return photo.takenAt() == null || !isOf(album, photo, camera)
        ? photo
        : new StoryPhoto(photo.id(), photo.takenAt().plus(by), photo.look(), photo.grouping());
  }

  private static List<String> text(
      AlbumModel album, List<StoryPhoto> before, List<StoryPhoto> after, String camera) {
    Map<String, String> neighbour = neighbours(before);
    Map<String, String> next = neighbours(after);
    long moved =
        before.stream()
            .filter(photo -> isOf(album, photo, camera))
            .filter(photo -> !neighbour.get(photo.id()).equals(next.get(photo.id())))
            .count();
    int chapters = album.chapters().size();
    int then = Chapters.divide(after, album.wantedChapters(), album.rules()).size();
    return List.of(
        moved == 0
            ? "No photo changes its place on the line."
            : moved == 1
                ? "1 photo finds another place on the line."
                : moved + " photos find another place on the line.",
        chapters == then
            ? "The line stays in " + chapters + (chapters == 1 ? " chapter." : " chapters.")
            : chapters + " chapters become " + then + ".");
  }

  /** Before which photo each one stands. */
  private static Map<String, String> neighbours(List<StoryPhoto> line) {
    Map<String, String> before = new HashMap<>();
    String last = "";
    for (StoryPhoto photo : line) {
      before.put(photo.id(), last);
      last = photo.id();
    }
    return before;
  }

  private static List<StripPhoto> strip(AlbumModel album, List<StoryPhoto> after, String camera) {
    int first = 0;
    while (first < after.size() && !isOf(album, after.get(first), camera)) {
      first++;
    }
    int from = Math.max(0, Math.min(first, after.size()) - BEFORE);
    return after.subList(from, Math.min(after.size(), from + LONGEST_STRIP)).stream()
        .map(
            photo ->
                new StripPhoto(
                    photo.id(), Words.moment(photo.takenAt()), isOf(album, photo, camera)))
        .toList();
  }
}
