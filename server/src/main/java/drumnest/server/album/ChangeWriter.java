package drumnest.server.album;

import drumnest.core.album.Change;
import drumnest.core.album.Holding;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.leaf.LeafState;
import drumnest.core.measure.Size;
import drumnest.core.photo.PhotoAnnotations;
import drumnest.server.stock.Shelf;
import java.time.Duration;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Makes the changes of a step in the database, within the transaction of the step. */
@Component
class ChangeWriter {

  private final LinePhotos linePhotos;
  private final Fillings fillings;
  private final Openings openings;
  private final Leaves leaves;
  private final AllEphemera allEphemera;
  private final CameraClocks clocks;
  private final Shelf shelf;

  ChangeWriter(
      LinePhotos linePhotos,
      Fillings fillings,
      Openings openings,
      Leaves leaves,
      AllEphemera allEphemera,
      CameraClocks clocks,
      Shelf shelf) {
    this.linePhotos = linePhotos;
    this.fillings = fillings;
    this.openings = openings;
    this.leaves = leaves;
    this.allEphemera = allEphemera;
    this.clocks = clocks;
    this.shelf = shelf;
  }

  void write(AlbumEntity album, List<Change> changes) {
    Step step = new Step(album);
    changes.forEach(change -> change.accept(step));
    step.write();
  }

  /**
   * A step that is written. Visiting a change says what rows are to say, and alters what is of the
   * album itself.
   */
  private final class Step implements Change.Visitor<@Nullable Void> {

    private final AlbumEntity album;
    private final StepRows<String, FillingEntity, Holding> holdingRows;
    private final StepRows<String, OpeningEntity, Size> openingRows;
    private final StepRows<Integer, LeafEntity, LeafState> leafRows;
    private final StepRows<Integer, EphemeraEntity, Ephemera> ephemeraRows;
    private final StepRows<String, CameraClockEntity, Duration> clockRows;
    private final StepRows<String, LinePhotoEntity, PhotoAnnotations> photoRows;
    private @Nullable List<Integer> order;

    Step(AlbumEntity album) {
      this.album = album;
      Long id = album.id();
      holdingRows =
          new StepRows<>(
              fillings,
              slots -> fillings.findByAlbumIdAndSlotIn(id, slots),
              () -> fillings.findByAlbumId(id),
              FillingEntity::slot,
              slot -> new FillingEntity(id, slot),
              FillingEntity::hold);
      openingRows =
          new StepRows<>(
              openings,
              slots -> openings.findByAlbumIdAndSlotIn(id, slots),
              () -> openings.findByAlbumId(id),
              OpeningEntity::slot,
              slot -> new OpeningEntity(id, slot),
              OpeningEntity::measure);
      leafRows =
          new StepRows<>(
              leaves,
              keys -> leaves.findByAlbumIdAndLeafKeyIn(id, keys),
              () -> leaves.findByAlbumIdOrderByNumber(id),
              LeafEntity::leafKey,
              key -> new LeafEntity(id, key),
              LeafEntity::be);
      ephemeraRows =
          new StepRows<>(
              allEphemera,
              keys -> allEphemera.findByAlbumIdAndEphemeraKeyIn(id, keys),
              () -> allEphemera.findByAlbumIdOrderByEphemeraKey(id),
              EphemeraEntity::ephemeraKey,
              key -> new EphemeraEntity(id, key),
              EphemeraEntity::be);
      clockRows =
          new StepRows<>(
              clocks,
              cameras -> clocks.findByAlbumIdAndCameraIn(id, cameras),
              () -> clocks.findByAlbumId(id),
              CameraClockEntity::camera,
              camera -> new CameraClockEntity(id, camera),
              CameraClockEntity::set);
      photoRows =
          new StepRows<>(
              linePhotos,
              photos -> linePhotos.findByAlbumIdAndPhotoSha256In(id, photos),
              () -> linePhotos.findByAlbumIdOrderById(id),
              LinePhotoEntity::sha256,
              ChangeWriter::comesWithoutAStep,
              LinePhotoEntity::annotate);
    }

    void write() {
      holdingRows.write();
      openingRows.write();
      leafRows.write();
      ephemeraRows.write();
      clockRows.write();
      photoRows.write();
      // The order of leaves is settled when all of them are there.
      if (order != null) {
        putInOrder(album.id(), order);
      }
    }

    @Override
    public @Nullable Void holding(Change.OfHolding change) {
      holdingRows.put(change.slot(), change.after());
      return null;
    }

    @Override
    public @Nullable Void photo(Change.OfPhoto change) {
      photoRows.put(change.photo(), change.after());
      return null;
    }

    @Override
    public @Nullable Void opening(Change.OfOpening change) {
      openingRows.put(change.slot(), change.after());
      return null;
    }

    @Override
    public @Nullable Void title(Change.OfTitle change) {
      album.retitle(change.after());
      return null;
    }

    @Override
    public @Nullable Void format(Change.OfFormat change) {
      album.setFormat(change.after());
      return null;
    }

    @Override
    public @Nullable Void leaf(Change.OfLeaf change) {
      leafRows.put(change.leaf(), change.after());
      if (change.after() != null) {
        album.useLeafKey(change.leaf());
      }
      return null;
    }

    @Override
    public @Nullable Void order(Change.OfOrder change) {
      order = change.after();
      return null;
    }

    @Override
    public @Nullable Void ephemera(Change.OfEphemera change) {
      ephemeraRows.put(change.ephemera(), change.after());
      if (change.after() != null) {
        album.useEphemeraKey(change.ephemera());
      }
      return null;
    }

    @Override
    public @Nullable Void entry(Change.OfEntry change) {
      shelf.find(change.entry()).ifPresent(item -> shelf.setGone(item.key(), change.after()));
      return null;
    }

    @Override
    public @Nullable Void chapters(Change.OfChapters change) {
      album.setChapters(change.after());
      return null;
    }

    @Override
    public @Nullable Void facts(Change.OfFacts change) {
      album.setFacts(change.after());
      return null;
    }

    @Override
    public @Nullable Void clock(Change.OfClock change) {
      clockRows.put(change.camera(), change.after());
      return null;
    }
  }

  private static LinePhotoEntity comesWithoutAStep(String photo) {
    throw new IllegalStateException("Photo " + photo + " is not on the line.");
  }

  /** Puts the leaves in order; those that are gone by now are left out. */
  private void putInOrder(Long album, List<Integer> keys) {
    for (LeafEntity leaf : leaves.findByAlbumIdOrderByNumber(album)) {
      leaf.stand(keys.indexOf(leaf.leafKey()) + 1);
    }
  }
}
