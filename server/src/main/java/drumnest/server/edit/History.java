package drumnest.server.edit;

import drumnest.core.measure.Size;
import drumnest.server.store.AlbumEntity;
import drumnest.server.store.Albums;
import drumnest.server.store.FillingEntity;
import drumnest.server.store.Fillings;
import drumnest.server.store.LinePhotoEntity;
import drumnest.server.store.LinePhotos;
import drumnest.server.store.OpeningEntity;
import drumnest.server.store.Openings;
import drumnest.server.store.StepEntity;
import drumnest.server.store.Steps;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The history of an album: steps are done, taken back and done again, whole or not at all. */
@Service
@Transactional
public class History {

  private static final TypeReference<List<Change>> CHANGES = new TypeReference<>() {};

  private final Albums albums;
  private final LinePhotos linePhotos;
  private final Fillings fillings;
  private final Openings openings;
  private final Steps steps;
  private final JsonMapper json;

  History(
      Albums albums,
      LinePhotos linePhotos,
      Fillings fillings,
      Openings openings,
      Steps steps,
      JsonMapper json) {
    this.albums = albums;
    this.linePhotos = linePhotos;
    this.fillings = fillings;
    this.openings = openings;
    this.steps = steps;
    this.json = json;
  }

  private AlbumEntity open(long albumId, long version) {
    AlbumEntity album =
        albums
            .findById(albumId)
            .orElseThrow(
                () -> new NotThereException("album", "There is no album " + albumId + "."));
    if (album.version() != version) {
      throw new AlbumMovedOnException();
    }
    return album;
  }

  /**
   * Does a step. Steps that were taken back before it cannot be done again afterwards.
   *
   * @param seen the album as it was when the changes were made up
   * @throws AlbumMovedOnException if it was changed since
   */
  public void step(AlbumEntity seen, String label, List<Change> changes) {
    AlbumEntity album = open(seen.id(), seen.version());
    int number = album.stepsDone() + 1;
    steps.deleteByAlbumIdAndNumberGreaterThan(album.id(), album.stepsDone());
    steps.flush();
    apply(album, changes);
    steps.save(
        new StepEntity(
            album.id(), number, label, json.writerFor(CHANGES).writeValueAsString(changes)));
    album.setStepsDone(number);
    albums.saveAndFlush(album);
  }

  /** The step that would be taken back. */
  public Optional<StepEntity> last(AlbumEntity album) {
    return steps.findByAlbumIdAndNumber(album.id(), album.stepsDone());
  }

  /** The step that would be done again. */
  public Optional<StepEntity> next(AlbumEntity album) {
    return steps.findByAlbumIdAndNumber(album.id(), album.stepsDone() + 1);
  }

  /** Takes the last step back. */
  public void undo(long albumId, long version) {
    AlbumEntity album = open(albumId, version);
    StepEntity step =
        last(album)
            .orElseThrow(() -> new NotPossibleException("version", "There is nothing to undo."));
    List<Change> changes = new ArrayList<>();
    json.readValue(step.changes(), CHANGES).forEach(change -> changes.add(change.reversed()));
    Collections.reverse(changes);
    apply(album, changes);
    album.setStepsDone(album.stepsDone() - 1);
    albums.saveAndFlush(album);
  }

  /** Does the step again that was taken back last. */
  public void redo(long albumId, long version) {
    AlbumEntity album = open(albumId, version);
    StepEntity step =
        next(album)
            .orElseThrow(() -> new NotPossibleException("version", "There is nothing to redo."));
    apply(album, json.readValue(step.changes(), CHANGES));
    album.setStepsDone(album.stepsDone() + 1);
    albums.saveAndFlush(album);
  }

  private void apply(AlbumEntity album, List<Change> changes) {
    for (Change change : changes) {
      if (change instanceof Change.OfFilling filling) {
        fill(album, filling.slot(), filling.after());
      } else if (change instanceof Change.OfPhoto photo) {
        tell(album, photo.photo(), photo.after());
      } else if (change instanceof Change.OfOpening opening) {
        measure(album, opening.slot(), opening.after());
      } else if (change instanceof Change.OfTitle title) {
        album.retitle(title.after());
      }
    }
  }

  private void fill(AlbumEntity album, String slot, @Nullable Filling filling) {
    Optional<FillingEntity> held = fillings.findByAlbumIdAndSlot(album.id(), slot);
    if (filling == null) {
      held.ifPresent(fillings::delete);
      return;
    }
    FillingEntity entity = held.orElseGet(() -> new FillingEntity(album.id(), slot));
    entity.hold(filling.photo(), filling.turned(), filling.locked());
    fillings.save(entity);
  }

  private void tell(AlbumEntity album, String photo, Told told) {
    LinePhotoEntity entity = linePhotos.find(album.id(), photo).orElseThrow();
    entity.date(told.takenAt(), told.datedByMaker());
    entity.keep(told.keep());
    entity.onTable(told.onTable() == null ? null : told.onTable().toSize());
    entity.setAside(told.aside());
  }

  private void measure(AlbumEntity album, String slot, @Nullable StoredSize size) {
    Optional<OpeningEntity> measured = openings.findByAlbumIdAndSlot(album.id(), slot);
    if (size == null) {
      measured.ifPresent(openings::delete);
      return;
    }
    Size opening = size.toSize();
    OpeningEntity entity = measured.orElseGet(() -> new OpeningEntity(album.id(), slot));
    entity.measure(opening);
    openings.save(entity);
  }
}
