package drumnest.server.gather;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.Holding;
import drumnest.core.measure.Increment;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Choice;
import drumnest.core.photo.KnownSheet;
import drumnest.core.photo.PhotoAnnotations;
import drumnest.core.photo.Quad;
import drumnest.server.UnprocessableException;
import drumnest.server.album.AlbumChecks;
import drumnest.server.album.History;
import drumnest.server.album.OpenAlbums;
import drumnest.server.album.SeenAlbum;
import drumnest.server.intake.Snaps;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Prints on the table, of which there is a snap: measured by it, straightened, cut out of it. */
@Service
class Straightening {

  private static final Length LARGEST = Length.ofInches(100);

  private final OpenAlbums openAlbums;
  private final History history;
  private final Snaps snaps;

  Straightening(OpenAlbums openAlbums, History history, Snaps snaps) {
    this.openAlbums = openAlbums;
    this.history = history;
    this.snaps = snaps;
  }

  /**
   * The shapes that were found in a snap.
   *
   * @param print the corners of the print; those of the whole snap where none was found
   * @param sheet those of a sheet beside it, if there is one
   */
  record Found(Quad print, Optional<Quad> sheet) {}

  Found find(long albumId, String photo) throws IOException {
    AlbumPhoto snap = snap(openAlbums.open(albumId), photo);
    List<Quad> sheets = snaps.sheets(snap.file());
    if (sheets.isEmpty()) {
      return new Found(whole(snap), Optional.empty());
    }
    Quad print = sheets.get(0);
    return new Found(
        print, sheets.stream().skip(1).filter(other -> isBeside(other, print)).findFirst());
  }

  private static Quad whole(AlbumPhoto snap) {
    double w = snap.pixels().w();
    double h = snap.pixels().h();
    return new Quad(
        new Quad.Corner(0, 0), new Quad.Corner(w, 0), new Quad.Corner(w, h), new Quad.Corner(0, h));
  }

  /** Whether no corner of one is within the upright box round the other. */
  private static boolean isBeside(Quad one, Quad other) {
    double left = other.corners().stream().mapToDouble(Quad.Corner::x).min().orElseThrow();
    double right = other.corners().stream().mapToDouble(Quad.Corner::x).max().orElseThrow();
    double top = other.corners().stream().mapToDouble(Quad.Corner::y).min().orElseThrow();
    double bottom = other.corners().stream().mapToDouble(Quad.Corner::y).max().orElseThrow();
    return one.corners().stream()
        .noneMatch(at -> at.x() > left && at.x() < right && at.y() > top && at.y() < bottom);
  }

  /** The size of a print by a sheet of known size beside it, to the next mark of the trimmer. */
  Size measure(long albumId, String photo, Quad print, Quad sheet, Size size) {
    AlbumModel album = openAlbums.open(albumId);
    AlbumPhoto snap = snap(album, photo);
    require(snap, "print", print);
    require(snap, "sheet", sheet);
    Size measured = new KnownSheet(sheet, size).measure(print);
    if (!measured.tighter().isPositive() || measured.w().max(measured.h()).isMoreThan(LARGEST)) {
      throw new UnprocessableException(
          "sheet", "These corners do not go together: no print is of such a size.");
    }
    return new Size(nearest(album, measured.w()), nearest(album, measured.h()));
  }

  private static Length nearest(AlbumModel album, Length length) {
    Increment marks = album.rules().trimmerIncrement();
    Length below = marks.below(length);
    Length above = marks.above(length);
    return length.minus(below).isMoreThan(above.minus(length)) ? above : below;
  }

  /**
   * Puts a straightened picture of a print in the place of its snap, on the line and in the album.
   *
   * @param size the size of the print, as its picture is seen upright
   */
  void straighten(long albumId, long version, String photo, Quad print, Size size)
      throws IOException {
    // What was seen is asked first, so that nothing comes in for a step that cannot be taken.
    AlbumPhoto snap = snap(openAlbums.seen(albumId, version).album(), photo);
    require(snap, "print", print);
    double aspect = (double) size.w().toNanometres() / size.h().toNanometres();
    String straight = snaps.straighten(albumId, snap.name(), snap.file(), print, aspect);
    if (straight.equals(photo)) {
      return;
    }
    AlbumModel album = openAlbums.open(albumId);
    PhotoAnnotations came = album.photo(straight).orElseThrow().annotations();
    // Taken back, it is dropped rather than one photo more on the line.
    PhotoAnnotations before = came.withChoosing(came.choosing().withChoice(Choice.OUT));
    PhotoAnnotations said = snap(album, photo).annotations();
    PhotoAnnotations after = said.withKeep(null).withConcealed(List.of()).withOnTable(size);
    // It has no camera whose clock could be shifted.
    if (snap.takenAt() != null && !snap.takenAt().equals(said.takenAt())) {
      after = after.withDate(snap.takenAt());
    }
    List<Change> changes = new ArrayList<>();
    changes.add(new Change.OfPhoto(straight, before, after));
    album
        .slotOf(photo)
        .ifPresent(
            slot -> {
              Holding held = album.held(slot);
              changes.add(new Change.OfHolding(slot.id(), held, held.withPhoto(straight)));
            });
    changes.add(
        new Change.OfPhoto(photo, said, said.withChoosing(said.choosing().withChoice(Choice.OUT))));
    history.step(SeenAlbum.now(album), "straighten " + snap.name(), changes);
  }

  private static AlbumPhoto snap(AlbumModel album, String id) {
    AlbumPhoto snap = AlbumChecks.photo(album, "photo", id);
    if (!snap.hasFile() || snap.onTable() == null) {
      throw new UnprocessableException(
          "photo", "Only a snap of a print that lies on the table is straightened.");
    }
    return snap;
  }

  private static void require(AlbumPhoto snap, String field, Quad corners) {
    if (!corners.isInside(snap.pixels()) || !corners.isConvex()) {
      throw new UnprocessableException(
          field,
          "The four corners of the "
              + field
              + " lie in the picture and go round it from the top left to the right.");
    }
  }
}
