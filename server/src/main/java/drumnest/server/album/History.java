package drumnest.server.album;

import drumnest.core.album.Change;
import drumnest.core.album.Footprint;
import drumnest.core.words.CardsFollow;
import drumnest.core.words.Sentences;
import drumnest.server.NotThereException;
import drumnest.server.PlainText;
import drumnest.server.StaleVersionException;
import drumnest.server.UnprocessableException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
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

  /** As long as its column is. */
  private static final int LONGEST_LABEL = 200;

  private final Albums albums;
  private final ChangeWriter writer;
  private final Steps steps;
  private final OpenAlbums open;
  private final RecentSteps recent;
  private final AlbumLocks locks;
  private final TransactionTemplate transactions;

  History(
      Albums albums,
      ChangeWriter writer,
      Steps steps,
      OpenAlbums open,
      RecentSteps recent,
      AlbumLocks locks,
      PlatformTransactionManager transactions) {
    this.albums = albums;
    this.writer = writer;
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
   * @return that it was done
   * @throws StaleVersionException if others have changed what the step touches since it was seen
   */
  public StepTaken step(SeenAlbum seen, String label, List<Change> changes) {
    CardsFollow.Following following = CardsFollow.of(seen.album(), changes);
    List<Change> all = new ArrayList<>(changes);
    all.addAll(following.changes());
    alone(
        seen.album().id(),
        album -> {
          requireFree(seen, album.version(), all);
          add(album, label + FollowingText.of(following), all);
        });
    return new StepTaken(label);
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
    Footprint since =
        recent
            .between(seen.album().id(), madeUpOn, now)
            .orElseThrow(StaleVersionException::new)
            .and(seen.since());
    if (Footprint.of(changes).conflictsWith(since)) {
      throw new StaleVersionException();
    }
  }

  /**
   * The steps that could be taken back and done again.
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
    writer.write(album, changes);
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCommit() {
            open.stepped(id, version, changes);
          }
        });
  }
}
