package drumnest.server.api;

import drumnest.core.photo.Chapters;
import drumnest.core.photo.ClockShift;
import drumnest.core.photo.StoryPhoto;
import drumnest.server.FieldProblemException;
import drumnest.server.edit.Bench;
import drumnest.server.edit.Benches;
import drumnest.server.edit.NotThereException;
import drumnest.server.store.LinePhotoEntity;
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

  private final Benches benches;

  CameraViews(Benches benches) {
    this.benches = benches;
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
   * What a shift would do.
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
    Bench bench = benches.open(albumId);
    Map<String, List<LinePhotoEntity>> byCamera = new LinkedHashMap<>();
    int without = 0;
    for (LinePhotoEntity photo : bench.photos()) {
      String camera = photo.photo().words().camera();
      if (camera == null) {
        without++;
      } else {
        byCamera.computeIfAbsent(camera, name -> new ArrayList<>()).add(photo);
      }
    }
    List<Map.Entry<String, List<LinePhotoEntity>>> cameras = new ArrayList<>(byCamera.entrySet());
    cameras.sort(
        Comparator.comparing(
                (Map.Entry<String, List<LinePhotoEntity>> each) -> -each.getValue().size())
            .thenComparing(each -> zone(each.getValue()) == null));
    List<CameraView> views = new ArrayList<>();
    for (Map.Entry<String, List<LinePhotoEntity>> camera : cameras) {
      views.add(camera(bench, camera.getKey(), camera.getValue(), cameras.get(0).getValue()));
    }
    return new CamerasView(views, without);
  }

  private static CameraView camera(
      Bench bench, String name, List<LinePhotoEntity> photos, List<LinePhotoEntity> reference) {
    Duration shift = bench.shiftOf(name);
    Duration suggested = null;
    String why = null;
    if (photos != reference) {
      ClockShift seen =
          ClockShift.suggest(story(reference), story(photos), bench.rules()).orElse(null);
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

  private static @Nullable LocalDateTime lastDated(List<LinePhotoEntity> photos) {
    return photos.stream()
        .map(LinePhotoEntity::takenAt)
        .filter(at -> at != null)
        .reduce((a, b) -> b)
        .orElse(null);
  }

  private static @Nullable Integer zone(List<LinePhotoEntity> photos) {
    return photos.stream()
        .map(photo -> photo.photo().words().offsetMinutes())
        .filter(minutes -> minutes != null)
        .findFirst()
        .orElse(null);
  }

  private static List<StoryPhoto> story(List<LinePhotoEntity> photos) {
    return photos.stream().map(LinePhotoEntity::asStory).toList();
  }

  ClockTryView tried(long albumId, Requests.ClockTry request) {
    Bench bench = benches.open(albumId);
    Duration shift = shift(bench, request);
    Duration more = shift.minus(bench.shiftOf(request.camera()));
    List<StoryPhoto> before = bench.story();
    List<StoryPhoto> after =
        before.stream()
            .map(photo -> moved(bench, photo, request.camera(), more))
            .sorted(StoryPhoto.TIME_ORDER)
            .toList();
    return new ClockTryView(
        ClockText.write(shift),
        text(bench, before, after, request.camera()),
        strip(bench, after, request.camera()));
  }

  private static Duration shift(Bench bench, Requests.ClockTry request) {
    if (request.photo() == null || request.same() == null) {
      return ClockText.read("shift", request.shift() == null ? "" : request.shift());
    }
    LinePhotoEntity photo = photo(bench, "photo", request.photo());
    LinePhotoEntity same = photo(bench, "same", request.same());
    if (photo.takenAt() == null || same.takenAt() == null || photo.isDatedByMaker()) {
      throw new FieldProblemException(
          "same", "Choose two photos with a camera time to shift a clock by them.");
    }
    return bench.shiftOf(request.camera()).plus(Duration.between(photo.takenAt(), same.takenAt()));
  }

  private static LinePhotoEntity photo(Bench bench, String field, String id) {
    return bench
        .photo(id)
        .orElseThrow(() -> new NotThereException(field, "There is no photo “" + id + "” here."));
  }

  private static boolean isOf(Bench bench, StoryPhoto photo, String camera) {
    LinePhotoEntity entity = bench.photo(photo.id()).orElseThrow();
    return camera.equals(entity.photo().words().camera()) && !entity.isDatedByMaker();
  }

  private static StoryPhoto moved(Bench bench, StoryPhoto photo, String camera, Duration by) {
    return photo.takenAt() == null || !isOf(bench, photo, camera)
        ? photo
        : new StoryPhoto(photo.id(), photo.takenAt().plus(by), photo.look(), photo.marks());
  }

  private static List<String> text(
      Bench bench, List<StoryPhoto> before, List<StoryPhoto> after, String camera) {
    Map<String, String> neighbour = neighbours(before);
    Map<String, String> next = neighbours(after);
    long moved =
        before.stream()
            .filter(photo -> isOf(bench, photo, camera))
            .filter(photo -> !neighbour.get(photo.id()).equals(next.get(photo.id())))
            .count();
    int chapters = bench.chapters().size();
    int then = Chapters.divide(after, bench.album().chapters(), bench.rules()).size();
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

  private static List<StripPhoto> strip(Bench bench, List<StoryPhoto> after, String camera) {
    int first = 0;
    while (first < after.size() && !isOf(bench, after.get(first), camera)) {
      first++;
    }
    int from = Math.max(0, Math.min(first, after.size()) - BEFORE);
    return after.subList(from, Math.min(after.size(), from + LONGEST_STRIP)).stream()
        .map(
            photo ->
                new StripPhoto(
                    photo.id(), Words.moment(photo.takenAt()), isOf(bench, photo, camera)))
        .toList();
  }
}
