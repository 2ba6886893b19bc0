package drumnest.server.album;

import drumnest.core.album.Change;
import drumnest.core.album.Ephemera;
import drumnest.core.album.Holding;
import drumnest.core.album.LeafState;
import drumnest.core.measure.Size;
import drumnest.server.stock.Shelf;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Makes the changes of a step in the database, within the transaction of the step. */
@Component
class ChangeWriter {

  private static final int MOST_LOOKED_FOR = 50;

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
    Rows rows = rows(album.id(), changes);
    changes.forEach(change -> collect(album, rows, change));
    rows.write();
    // The order of leaves is settled when all of them are there.
    changes.forEach(
        change -> {
          if (change instanceof Change.OfOrder order) {
            order(album.id(), order.after());
          }
        });
  }

  /** What is in the database of what a step alters. */
  private record Rows(
      StepRows<String, FillingEntity, Holding> fillings,
      StepRows<String, OpeningEntity, Size> openings,
      StepRows<Integer, LeafEntity, LeafState> leaves,
      StepRows<Integer, EphemeraEntity, Ephemera> ephemera,
      StepRows<String, CameraClockEntity, Duration> clocks,
      Map<String, LinePhotoEntity> photos) {

    void write() {
      fillings.write();
      openings.write();
      leaves.write();
      ephemera.write();
      clocks.write();
    }
  }

  private Rows rows(Long album, List<Change> changes) {
    return new Rows(
        new StepRows<>(
            fillings,
            there(
                keys(changes, Change.OfHolding.class, Change.OfHolding::slot),
                slots -> fillings.findByAlbumIdAndSlotIn(album, slots),
                () -> fillings.findByAlbumId(album)),
            FillingEntity::slot,
            slot -> new FillingEntity(album, slot),
            FillingEntity::hold),
        new StepRows<>(
            openings,
            there(
                keys(changes, Change.OfOpening.class, Change.OfOpening::slot),
                slots -> openings.findByAlbumIdAndSlotIn(album, slots),
                () -> openings.findByAlbumId(album)),
            OpeningEntity::slot,
            slot -> new OpeningEntity(album, slot),
            OpeningEntity::measure),
        new StepRows<>(
            leaves,
            there(
                keys(changes, Change.OfLeaf.class, Change.OfLeaf::leaf),
                some -> leaves.findByAlbumIdAndLeafKeyIn(album, some),
                () -> leaves.findByAlbumIdOrderByNumber(album)),
            LeafEntity::leafKey,
            key -> new LeafEntity(album, key),
            LeafEntity::be),
        new StepRows<>(
            allEphemera,
            there(
                keys(changes, Change.OfEphemera.class, Change.OfEphemera::ephemera),
                some -> allEphemera.findByAlbumIdAndEphemeraKeyIn(album, some),
                () -> allEphemera.findByAlbumIdOrderByEphemeraKey(album)),
            EphemeraEntity::ephemeraKey,
            key -> new EphemeraEntity(album, key),
            EphemeraEntity::be),
        new StepRows<>(
            clocks,
            there(
                keys(changes, Change.OfClock.class, Change.OfClock::camera),
                cameras -> clocks.findByAlbumIdAndCameraIn(album, cameras),
                () -> clocks.findByAlbumId(album)),
            CameraClockEntity::camera,
            camera -> new CameraClockEntity(album, camera),
            CameraClockEntity::set),
        there(
                keys(changes, Change.OfPhoto.class, Change.OfPhoto::photo),
                photos -> linePhotos.findByAlbumIdAndPhotoSha256In(album, photos),
                () -> linePhotos.findByAlbumIdOrderById(album))
            .stream()
            .collect(Collectors.toMap(LinePhotoEntity::sha256, each -> each, (a, b) -> a)));
  }

  private static <C extends Change, K> Set<K> keys(
      List<Change> changes, Class<C> of, Function<C, K> key) {
    return changes.stream()
        .filter(of::isInstance)
        .map(of::cast)
        .map(key)
        .collect(Collectors.toSet());
  }

  /** Rows by their keys; of many keys all rows are read, which is faster than looking for each. */
  private static <K, E> List<E> there(
      Set<K> keys, Function<Set<K>, List<E>> some, Supplier<List<E>> all) {
    if (keys.isEmpty()) {
      return List.of();
    }
    return keys.size() > MOST_LOOKED_FOR ? all.get() : some.apply(keys);
  }

  /** Says what rows are to say, and alters what is of the album itself. */
  private void collect(AlbumEntity album, Rows rows, Change change) {
    if (change instanceof Change.OfHolding holding) {
      rows.fillings().put(holding.slot(), holding.after());
    } else if (change instanceof Change.OfPhoto photo) {
      rows.photos().get(photo.photo()).annotate(photo.after());
    } else if (change instanceof Change.OfOpening opening) {
      rows.openings().put(opening.slot(), opening.after());
    } else if (change instanceof Change.OfTitle title) {
      album.retitle(title.after());
    } else if (change instanceof Change.OfFormat format) {
      album.setFormat(format.after());
    } else if (change instanceof Change.OfLeaf leaf) {
      rows.leaves().put(leaf.leaf(), leaf.after());
      if (leaf.after() != null) {
        album.useLeafKey(leaf.leaf());
      }
    } else if (change instanceof Change.OfEphemera ephemera) {
      rows.ephemera().put(ephemera.ephemera(), ephemera.after());
      if (ephemera.after() != null) {
        album.useEphemeraKey(ephemera.ephemera());
      }
    } else if (change instanceof Change.OfChapters chapters) {
      album.setChapters(chapters.after());
    } else if (change instanceof Change.OfFacts facts) {
      album.setFacts(facts.after());
    } else if (change instanceof Change.OfClock clock) {
      rows.clocks().put(clock.camera(), clock.after());
    } else if (change instanceof Change.OfEntry entry) {
      shelf.find(entry.entry()).ifPresent(item -> shelf.setGone(item.key(), entry.after()));
    }
  }

  /** Puts the leaves in order; those that are gone by now are left out. */
  private void order(Long album, List<Integer> keys) {
    for (LeafEntity leaf : leaves.findByAlbumIdOrderByNumber(album)) {
      leaf.stand(keys.indexOf(leaf.leafKey()) + 1);
    }
  }
}
