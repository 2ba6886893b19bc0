package drumnest.server.album;

import drumnest.core.album.Change;
import drumnest.core.album.Ephemera;
import drumnest.core.album.Holding;
import drumnest.core.album.LeafState;
import drumnest.core.album.Touched;
import drumnest.core.measure.Size;
import drumnest.core.words.CardsFollow;
import drumnest.core.words.Sentences;
import drumnest.server.NotThereException;
import drumnest.server.PlainText;
import drumnest.server.StaleVersionException;
import drumnest.server.UnprocessableException;
import drumnest.server.stock.Shelf;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/** The history of an album: steps are done, taken back and done again, whole or not at all. */
@Service
public class History {

  private static final int MOST_LOOKED_FOR = 50;

  /** As long as its column is. */
  private static final int LONGEST_LABEL = 200;

  private final Albums albums;
  private final LinePhotos linePhotos;
  private final Fillings fillings;
  private final Openings openings;
  private final Leaves leaves;
  private final AllEphemera allEphemera;
  private final Shelf shelf;
  private final CameraClocks clocks;
  private final Steps steps;
  private final OpenAlbums open;
  private final RecentSteps recent;
  private final AlbumLocks locks;
  private final TransactionTemplate transactions;

  History(
      Albums albums,
      LinePhotos linePhotos,
      Fillings fillings,
      Openings openings,
      Leaves leaves,
      AllEphemera allEphemera,
      Shelf shelf,
      CameraClocks clocks,
      Steps steps,
      OpenAlbums open,
      RecentSteps recent,
      AlbumLocks locks,
      PlatformTransactionManager transactions) {
    this.albums = albums;
    this.linePhotos = linePhotos;
    this.fillings = fillings;
    this.openings = openings;
    this.leaves = leaves;
    this.allEphemera = allEphemera;
    this.shelf = shelf;
    this.clocks = clocks;
    this.steps = steps;
    this.open = open;
    this.recent = recent;
    this.locks = locks;
    this.transactions = new TransactionTemplate(transactions);
  }

  /** Does something to an album, whole or not at all, while nobody else does. */
  private void alone(long albumId, Consumer<AlbumEntity> what) {
    locks.holding(
        albumId,
        () -> {
          transactions.executeWithoutResult(
              status ->
                  what.accept(
                      albums
                          .findToStep(albumId)
                          .orElseThrow(
                              () ->
                                  new NotThereException(
                                      "album", "There is no album " + albumId + "."))));
          return null;
        });
  }

  /**
   * Does a step. Steps that were taken back before it cannot be done again afterwards.
   *
   * @param seen the album as it was when the changes were made up; others may have done something
   *     to it by now
   * @throws StaleVersionException if others have changed what the step touches since it was seen
   */
  public void step(SeenAlbum seen, String label, List<Change> changes) {
    CardsFollow.Following following = CardsFollow.of(seen.album(), changes);
    List<Change> all = new ArrayList<>(changes);
    all.addAll(following.changes());
    alone(
        seen.album().id(),
        album -> {
          requireFree(seen, album.version(), all);
          add(album, label + following.words(), all);
        });
  }

  private void add(AlbumEntity album, String label, List<Change> changes) {
    int number = album.stepsDone() + 1;
    steps.deleteByAlbumIdAndNumberGreaterThan(album.id(), album.stepsDone());
    steps.flush();
    apply(album, changes);
    steps.save(
        new StepEntity(
            album.id(),
            number,
            PlainText.beginning(label, LONGEST_LABEL),
            StepJson.write(changes)));
    album.stepped(number);
    albums.saveAndFlush(album);
  }

  /**
   * Writes on a card: a step of its own where a sentence was ended since the last one, and a part
   * of the last step otherwise, so that writing is taken back by sentences.
   *
   * @throws StaleVersionException if others have changed the card since it was seen
   */
  public void write(SeenAlbum seen, String label, Change.OfEphemera change) {
    alone(
        seen.album().id(),
        album -> {
          requireFree(seen, album.version(), List.of(change));
          StepEntity last = step(album, album.stepsDone()).orElse(null);
          List<Change> joined = last == null ? null : joined(last, change);
          if (joined == null) {
            add(album, label, List.of(change));
            return;
          }
          steps.deleteByAlbumIdAndNumberGreaterThan(album.id(), album.stepsDone());
          steps.flush();
          apply(album, List.of(change));
          last.change(StepJson.write(joined));
          steps.save(last);
          album.stepped(album.stepsDone());
          albums.saveAndFlush(album);
        });
  }

  /** The changes of the last step with this one in it; null where that is a step of its own. */
  private static @Nullable List<Change> joined(StepEntity last, Change.OfEphemera change) {
    List<Change> before = StepJson.read(last.changes());
    if (before.size() != 1
        || !(before.get(0) instanceof Change.OfEphemera open)
        || open.ephemera() != change.ephemera()
        || !Objects.equals(open.after(), change.before())
        || !Sentences.isOpen(open.before(), open.after())) {
      return null;
    }
    return List.of(new Change.OfEphemera(change.ephemera(), open.before(), change.after()));
  }

  private void requireFree(SeenAlbum seen, long now, List<Change> changes) {
    long madeUpOn = seen.album().version();
    if (seen.whole() && madeUpOn != now) {
      throw new StaleVersionException();
    }
    Touched since =
        recent
            .between(seen.album().id(), madeUpOn, now)
            .orElseThrow(StaleVersionException::new)
            .and(seen.since());
    if (Touched.by(changes).isInTheWayOf(since)) {
      throw new StaleVersionException();
    }
  }

  /**
   * What could be taken back and done again.
   *
   * @param undo what the last step was; null where there is none
   * @param redo what the step was that was taken back last; null where there is none
   */
  public record Around(@Nullable String undo, @Nullable String redo) {}

  /** The steps on both sides of where an album is in its history. */
  @Transactional(readOnly = true)
  public Around around(long albumId) {
    int done = albums.findStepsDone(albumId).orElse(0);
    Map<Integer, String> labels = new HashMap<>();
    steps
        .findLabels(albumId, done, done + 1)
        .forEach(step -> labels.put(step.getNumber(), step.getLabel()));
    return new Around(labels.get(done), labels.get(done + 1));
  }

  private Optional<StepEntity> step(AlbumEntity album, int number) {
    return steps.findByAlbumIdAndNumber(album.id(), number);
  }

  /** Takes the last step back. */
  public void undo(long albumId, long version) {
    alone(
        albumId,
        album -> {
          requireVersion(album, version);
          StepEntity step =
              step(album, album.stepsDone())
                  .orElseThrow(
                      () -> new UnprocessableException("version", "There is nothing to undo."));
          List<Change> changes = new ArrayList<>();
          StepJson.read(step.changes()).forEach(change -> changes.add(change.reversed()));
          Collections.reverse(changes);
          apply(album, changes);
          album.stepped(album.stepsDone() - 1);
          albums.saveAndFlush(album);
        });
  }

  /** Does the step again that was taken back last. */
  public void redo(long albumId, long version) {
    alone(
        albumId,
        album -> {
          requireVersion(album, version);
          StepEntity step =
              step(album, album.stepsDone() + 1)
                  .orElseThrow(
                      () -> new UnprocessableException("version", "There is nothing to redo."));
          apply(album, StepJson.read(step.changes()));
          album.stepped(album.stepsDone() + 1);
          albums.saveAndFlush(album);
        });
  }

  private static void requireVersion(AlbumEntity album, long version) {
    if (album.version() != version) {
      throw new StaleVersionException();
    }
  }

  /** Makes the changes in the database, and in memory once they are there for good. */
  private void apply(AlbumEntity album, List<Change> changes) {
    long version = album.version();
    Long id = album.id();
    Rows rows = rows(id, changes);
    changes.forEach(change -> apply(album, rows, change));
    rows.write();
    // The order of leaves is settled when all of them are there.
    changes.forEach(
        change -> {
          if (change instanceof Change.OfOrder order) {
            order(id, order.after());
          }
        });
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCommit() {
            open.stepped(id, version, changes);
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

  private void apply(AlbumEntity album, Rows rows, Change change) {
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
