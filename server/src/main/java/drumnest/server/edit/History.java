package drumnest.server.edit;

import drumnest.core.measure.Size;
import drumnest.server.store.AlbumEntity;
import drumnest.server.store.Albums;
import drumnest.server.store.CameraClockEntity;
import drumnest.server.store.CameraClocks;
import drumnest.server.store.CatalogueItems;
import drumnest.server.store.FillingEntity;
import drumnest.server.store.Fillings;
import drumnest.server.store.LeafEntity;
import drumnest.server.store.Leaves;
import drumnest.server.store.LinePhotoEntity;
import drumnest.server.store.LinePhotos;
import drumnest.server.store.OpeningEntity;
import drumnest.server.store.Openings;
import drumnest.server.store.StepEntity;
import drumnest.server.store.Steps;
import drumnest.server.store.ThingEntity;
import drumnest.server.store.Things;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
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
  private final Leaves leaves;
  private final Things things;
  private final CatalogueItems catalogue;
  private final CameraClocks clocks;
  private final Steps steps;
  private final JsonMapper json;

  History(
      Albums albums,
      LinePhotos linePhotos,
      Fillings fillings,
      Openings openings,
      Leaves leaves,
      Things things,
      CatalogueItems catalogue,
      CameraClocks clocks,
      Steps steps,
      JsonMapper json) {
    this.albums = albums;
    this.linePhotos = linePhotos;
    this.fillings = fillings;
    this.openings = openings;
    this.leaves = leaves;
    this.things = things;
    this.catalogue = catalogue;
    this.clocks = clocks;
    this.steps = steps;
    this.json = json;
  }

  private AlbumEntity open(long albumId, long version) {
    AlbumEntity album =
        albums
            .findToStep(albumId)
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
  @Transactional(readOnly = true)
  public Optional<StepEntity> last(AlbumEntity album) {
    return steps.findByAlbumIdAndNumber(album.id(), album.stepsDone());
  }

  /** The step that would be done again. */
  @Transactional(readOnly = true)
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
    // The order of leaves is settled when all of them are there.
    changes.stream()
        .sorted(Comparator.comparing(change -> change instanceof Change.OfOrder))
        .forEach(change -> apply(album, change));
  }

  private void apply(AlbumEntity album, Change change) {
    if (change instanceof Change.OfFilling filling) {
      fill(album, filling.slot(), filling.after());
    } else if (change instanceof Change.OfPhoto photo) {
      tell(album, photo.photo(), photo.after());
    } else if (change instanceof Change.OfOpening opening) {
      measure(album, opening.slot(), opening.after());
    } else if (change instanceof Change.OfTitle title) {
      album.retitle(title.after());
    } else if (change instanceof Change.OfFormat format) {
      album.setFormat(format.after());
    } else if (change instanceof Change.OfLeaf leaf) {
      lay(album, leaf.leaf(), leaf.after());
    } else if (change instanceof Change.OfOrder order) {
      order(album, order.after());
    } else if (change instanceof Change.OfThing thing) {
      keep(album, thing.thing(), thing.after());
    } else if (change instanceof Change.OfChapters chapters) {
      album.setChapters(chapters.after());
    } else if (change instanceof Change.OfClock clock) {
      shift(album, clock.camera(), Duration.ofSeconds(clock.after()));
    } else if (change instanceof Change.OfEntry entry) {
      catalogue.findById(entry.entry()).ifPresent(item -> item.setGone(entry.after()));
    }
  }

  private void lay(AlbumEntity album, int key, @Nullable StoredLeaf leaf) {
    Optional<LeafEntity> there = leaves.findByAlbumIdAndLeafKey(album.id(), key);
    if (leaf == null) {
      there.ifPresent(leaves::delete);
      leaves.flush();
      return;
    }
    album.useLeafKey(key);
    LeafEntity entity = there.orElseGet(() -> new LeafEntity(album.id(), key));
    entity.lie(leaf.type(), leaf.turned(), leaf.dropBy(), leaf.plan(), leaf.reversePlan());
    leaves.saveAndFlush(entity);
  }

  /** Puts the leaves in order; those that are gone by now are left out. */
  private void order(AlbumEntity album, List<Integer> keys) {
    for (LeafEntity leaf : leaves.findByAlbumIdOrderByNumber(album.id())) {
      leaf.stand(keys.indexOf(leaf.leafKey()) + 1);
    }
    leaves.flush();
  }

  private void keep(AlbumEntity album, int key, @Nullable StoredThing thing) {
    Optional<ThingEntity> there = things.findByAlbumIdAndThingKey(album.id(), key);
    if (thing == null) {
      there.ifPresent(things::delete);
      return;
    }
    album.useThingKey(key);
    ThingEntity entity = there.orElseGet(() -> new ThingEntity(album.id(), key));
    entity.be(thing.asThing(key));
    things.save(entity);
  }

  private void fill(AlbumEntity album, String slot, @Nullable Filling filling) {
    Optional<FillingEntity> held = fillings.findByAlbumIdAndSlot(album.id(), slot);
    if (filling == null) {
      held.ifPresent(fillings::delete);
      return;
    }
    FillingEntity entity = held.orElseGet(() -> new FillingEntity(album.id(), slot));
    filling.tell(entity);
    fillings.save(entity);
  }

  private void tell(AlbumEntity album, String photo, Told told) {
    LinePhotoEntity entity =
        linePhotos.findByAlbumIdAndPhotoSha256(album.id(), photo).orElseThrow();
    entity.date(told.takenAt(), told.datedByMaker());
    entity.keep(told.keep());
    entity.onTable(told.onTable() == null ? null : told.onTable().toSize());
    entity.choose(told.choosing());
    entity.mark(told.marks());
  }

  private void shift(AlbumEntity album, String camera, Duration by) {
    CameraClockEntity clock =
        clocks
            .findByAlbumIdAndCamera(album.id(), camera)
            .orElseGet(() -> new CameraClockEntity(album.id(), camera));
    clock.set(by);
    clocks.save(clock);
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
