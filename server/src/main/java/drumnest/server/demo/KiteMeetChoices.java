package drumnest.server.demo;

import drumnest.core.album.AlbumModel;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Choice;
import drumnest.core.photo.Stack;
import drumnest.server.album.OpenAlbums;
import drumnest.server.gather.PhotoEdits;
import drumnest.server.intake.TablePrints;
import java.time.LocalDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/**
 * Chooses photos of the kite meet the way a maker would who has come as far as noon of the second
 * day: repeats dropped, the best kept, two heroes, one private, and two prints from the table.
 */
@Component
class KiteMeetChoices {

  private static final LocalDateTime SO_FAR = LocalDateTime.of(2025, 6, 14, 12, 0);
  private static final int EVERY_MAYBE = 7;

  private final PhotoEdits edits;
  private final TablePrints prints;
  private final OpenAlbums albums;

  KiteMeetChoices(PhotoEdits edits, TablePrints prints, OpenAlbums albums) {
    this.edits = edits;
    this.prints = prints;
    this.albums = albums;
  }

  private long version(long albumId) {
    return albums.open(albumId).version();
  }

  void choose(long albumId) {
    prints.add(
        albumId,
        "Kite list of the first day",
        new Size(Length.parse("3"), Length.parse("4")),
        LocalDateTime.of(2025, 6, 13, 15, 10));
    prints.add(
        albumId,
        "Round print from the beach stall",
        new Size(Length.parse("4"), Length.parse("4")),
        LocalDateTime.of(2025, 6, 14, 13, 5));
    shiftSecondClock(albumId);
    AlbumModel album = albums.open(albumId);
    Map<String, Stack> stackOf = album.stackOf();
    Map<String, Choice> choices = new LinkedHashMap<>();
    int in = 0;
    for (AlbumPhoto photo : album.line()) {
      if (photo.takenAt() != null && photo.takenAt().isBefore(SO_FAR)) {
        Choice choice = choice(photo, stackOf, in);
        in += choice == Choice.OUT ? 0 : 1;
        choices.put(photo.id(), choice);
      }
    }
    edits.choose(albumId, version(albumId), choices);
    heroesAndSecrets(albumId, album.line());
    edits.nameChapter(albumId, version(albumId), album.line().get(0).id(), "Arriving and building");
  }

  /** Two cameras tell the same moments apart by the time that one of them is slow. */
  private void shiftSecondClock(long albumId) {
    Shot.Camera second = Shot.Camera.PEBBLE;
    albums.open(albumId).photos().stream()
        .map(photo -> photo.words().camera())
        .filter(camera -> camera != null && camera.contains(second.model()))
        .findFirst()
        .ifPresent(camera -> edits.shiftClock(albumId, version(albumId), camera, second.slow()));
  }

  private static Choice choice(AlbumPhoto photo, Map<String, Stack> stackOf, int number) {
    Stack stack = stackOf.get(photo.id());
    if (stack != null && !stack.best().id().equals(photo.id())) {
      return Choice.OUT;
    }
    return number % EVERY_MAYBE == EVERY_MAYBE - 1 ? Choice.MAYBE : Choice.KEEP;
  }

  private void heroesAndSecrets(long albumId, List<AlbumPhoto> line) {
    List<String> heroes =
        line.stream()
            .filter(photo -> photo.rating() != null && photo.rating() == 5)
            .map(photo -> photo.id())
            .toList();
    edits.write(albumId, version(albumId), heroes, "hero", each -> each.withHero(true));
    AlbumPhoto group =
        line.stream()
            .filter(photo -> photo.rating() != null && photo.rating() == 4)
            .findFirst()
            .orElseThrow();
    edits.write(
        albumId,
        version(albumId),
        List.of(group.id()),
        "private",
        each -> each.withSecret(true).withCaption("The whole crew, before the first gust"));
    edits.write(
        albumId,
        version(albumId),
        List.of(line.get(1).id()),
        "fine behind a flap",
        each -> each.withFlap(true));
  }
}
