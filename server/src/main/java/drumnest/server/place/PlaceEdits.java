package drumnest.server.place;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.Holding;
import drumnest.core.album.Made;
import drumnest.core.album.Reservation;
import drumnest.core.album.leaf.Slot;
import drumnest.core.place.AlbumPlacing;
import drumnest.core.place.LatePhotos;
import drumnest.core.place.Placement;
import drumnest.core.place.PlacingTask;
import drumnest.core.place.ProgressMonitor;
import drumnest.server.NotThereException;
import drumnest.server.UnprocessableException;
import drumnest.server.album.AlbumChecks;
import drumnest.server.album.History;
import drumnest.server.album.OpenAlbums;
import drumnest.server.album.SeenAlbum;
import drumnest.server.frame.SlotNames;
import drumnest.server.frame.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * Placing many photos at once, and what slots are set aside for. Every method is one step of the
 * album's history, done whole or not at all, and refused where others have changed what it touches
 * since the page that asks has seen it.
 */
@Service
public class PlaceEdits {

  private final OpenAlbums openAlbums;
  private final History history;

  PlaceEdits(OpenAlbums openAlbums, History history) {
    this.openAlbums = openAlbums;
    this.history = history;
  }

  /**
   * @throws NotThereException if the scope is a chapter that the album does not have
   */
  public static void requireChapter(AlbumModel album, PlacingTask.Scope scope) {
    if (!scope.isIn(album)) {
      throw new NotThereException("chapter", "There is no chapter that begins with this photo.");
    }
  }

  /**
   * Places photos of the line again, around those that are locked, cut or stuck and around cards
   * and keepsakes; what was put by hand stays unless moving it pays.
   */
  public void placeAgain(
      long albumId, long version, AlbumPlacing.Request request, ProgressMonitor monitor) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    requireChapter(album, request.scope());
    PlacingTask task = PlacingTask.of(album, request.scope(), request.order(), request.breathing());
    Placement placement = AlbumPlacing.arranged(album, task, request, monitor).placement();
    Map<Integer, Holding> after =
        AlbumPlacing.holdings(album, task, placement, request.breathing());
    List<Change> changes = new ArrayList<>();
    for (int i = 0; i < task.slots().size(); i++) {
      Holding before = album.held(task.slots().get(i));
      if (!Objects.equals(before, after.get(i))) {
        changes.add(new Change.OfHolding(task.slots().get(i).id(), before, after.get(i)));
      }
    }
    if (changes.isEmpty()) {
      throw new UnprocessableException("scope", nothingToDo(album, task, request));
    }
    history.step(seen, label(request), changes);
  }

  /** Why placing again would change nothing. */
  private static String nothingToDo(
      AlbumModel album, PlacingTask task, AlbumPlacing.Request request) {
    String part =
        request.scope().spread() != null
            ? "this spread"
            : request.scope().chapter() != null ? "this chapter" : "the album";
    if (album.line().isEmpty()) {
      return "There are no photos yet. Bring some in with Gather.";
    }
    if (task.slots().isEmpty()) {
      return request.scope().chapter() != null
          ? "This chapter has no page yet. Add leaves, or propose some."
          : "There is no place for a photo in " + part + ".";
    }
    if (task.problem().candidates().isEmpty()) {
      return request.scope().spread() != null
          ? "Every photo has its place already; none waits for this spread."
          : "All photos of " + part + " have a place.";
    }
    return "Nothing to change: "
        + (request.scope().spread() == null ? "all photos of " : "the photos of ")
        + part
        + " already stand as placing would put them.";
  }

  private static String label(AlbumPlacing.Request request) {
    String what =
        request.scope().chapter() != null
            ? "place the chapter "
            : request.scope().spread() == null ? "place the whole album " : "place ";
    return what
        + switch (request.order()) {
          case STORY -> "in story order";
          case WEIGHT -> "by weight";
          case VARIETY -> "by variety";
          case FREE -> "freely";
        };
  }

  /**
   * Sets an empty slot aside, or gives it back to photos.
   *
   * @param aside what for; null for nothing in particular
   */
  public void setAside(long albumId, long version, String slotId, @Nullable Reservation aside) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Slot slot = AlbumChecks.slot(album, "slot", slotId);
    Holding before = album.held(slot);
    if (before != null && before.isSomething()) {
      throw new UnprocessableException(
          "slot", "Something lies in " + SlotNames.of(slot) + ". Take it out first.");
    }
    Holding after = aside == null ? null : Holding.reserved(aside, true);
    String what =
        aside == null
            ? "give back "
            : switch (aside) {
              case WORDS -> "keep for words: ";
              case TITLE -> "keep for a title: ";
              case EMPTY -> "leave empty: ";
            };
    history.step(
        seen, what + SlotNames.of(slot), List.of(new Change.OfHolding(slotId, before, after)));
  }

  /** Says how far the making of what a slot holds has come; null for not begun. */
  public void made(long albumId, long version, String slotId, @Nullable Made made) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Slot slot = AlbumChecks.slot(album, "slot", slotId);
    Holding before = album.held(slot);
    if (before == null || !before.isSomething()) {
      throw new UnprocessableException("slot", "There is nothing in " + SlotNames.of(slot) + ".");
    }
    String what = made == null ? "not cut yet: " : made == Made.CUT ? "cut: " : "stuck: ";
    history.step(
        seen,
        what + SlotNames.of(slot),
        List.of(new Change.OfHolding(slotId, before, before.withMade(made))));
  }

  /** Puts every late photo into the gap it is offered to; everything else stays. */
  public void putLate(long albumId, long version) {
    // It says what was proposed for the album as it was seen.
    SeenAlbum seen = openAlbums.seen(albumId, version).unchanged();
    AlbumModel album = seen.album();
    List<Change> changes = new ArrayList<>();
    for (LatePhotos.Offer late : LatePhotos.of(album)) {
      if (late.gap() != null) {
        changes.add(
            new Change.OfHolding(
                late.gap().id(),
                album.held(late.gap()),
                AlbumPlacing.placed(album, late.gap(), late.photo())));
      }
    }
    if (changes.isEmpty()) {
      throw new UnprocessableException("version", "There is no gap for a photo without a place.");
    }
    history.step(
        seen,
        "put " + Words.counted(changes.size(), "late photo", "late photos") + " into gaps",
        changes);
  }
}
