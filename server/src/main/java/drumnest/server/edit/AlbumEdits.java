package drumnest.server.edit;

import drumnest.core.album.Slot;
import drumnest.core.measure.Size;
import drumnest.core.photo.Choice;
import drumnest.server.store.LinePhotoEntity;
import drumnest.server.store.Made;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * What a maker does to an album. Every method is one step of its history, done whole or not at all,
 * and only if the album is still as the page that asks has seen it.
 */
@Service
public class AlbumEdits {

  private final Benches benches;
  private final History history;

  AlbumEdits(Benches benches, History history) {
    this.benches = benches;
    this.history = history;
  }

  /** Puts a photo into a slot; what was in the slot goes where the photo was, or on the line. */
  public void put(long albumId, long version, String photo, String slotId) {
    Bench bench = benches.seen(albumId, version);
    Slot slot = slot(bench, "slot", slotId);
    LinePhotoEntity entity = photo(bench, "photo", photo);
    Optional<Slot> from = bench.slotOf(photo);
    if (from.isPresent()) {
      swap(bench, from.get(), slot);
      return;
    }
    Filling before = held(bench, slot);
    requireUnlocked("slot", before);
    List<Change> changes = new ArrayList<>();
    changes.add(new Change.OfFilling(slotId, before, Filling.ofPhoto(photo).putByHand()));
    if (entity.isOut()) {
      changes.add(PhotoEdits.choose(entity, Choice.KEEP));
    }
    history.step(bench.album(), "put in " + SlotNames.of(slot), changes);
  }

  /** Swaps what two slots hold; one of them may be empty. */
  public void swap(long albumId, long version, String from, String to) {
    Bench bench = benches.seen(albumId, version);
    swap(bench, slot(bench, "from", from), slot(bench, "to", to));
  }

  private void swap(Bench bench, Slot from, Slot to) {
    Filling one = held(bench, from);
    Filling other = held(bench, to);
    if (from.id().equals(to.id()) || !isSomething(one) && !isSomething(other)) {
      throw new NotPossibleException("to", "There is nothing to swap there.");
    }
    requireUnlocked("from", one);
    requireUnlocked("to", other);
    history.step(
        bench.album(),
        (isSomething(one) && isSomething(other) ? "swap with " : "move to ") + SlotNames.of(to),
        List.of(
            new Change.OfFilling(from.id(), one, moved(other, to, from)),
            new Change.OfFilling(to.id(), other, moved(one, from, to))));
  }

  /** The album as it would be with a photo put into a slot. */
  public static Bench asPut(Bench bench, Slot slot, String photo) {
    Map<String, @Nullable Filling> changed = new HashMap<>();
    Slot from = bench.slotOf(photo).orElse(null);
    Filling other = held(bench, slot);
    if (from == null) {
      changed.put(slot.id(), Filling.ofPhoto(photo).putByHand());
    } else if (!from.id().equals(slot.id())) {
      changed.put(from.id(), moved(other, slot, from));
      changed.put(slot.id(), moved(held(bench, from), from, slot));
    }
    return bench.with(changed);
  }

  /** What comes to another slot by hand; what was cut for a place of another size is cut anew. */
  private static @Nullable Filling moved(@Nullable Filling filling, Slot from, Slot to) {
    if (filling == null || !filling.isSomething()) {
      return null;
    }
    boolean stillCut = from.takes().equals(to.takes());
    return filling.putByHand().withMade(stillCut ? filling.made() : null);
  }

  /** Takes the photo out of a slot and hangs it on the line. */
  public void takeOut(long albumId, long version, String slotId) {
    Bench bench = benches.seen(albumId, version);
    Slot slot = slot(bench, "slot", slotId);
    Filling before = filled(bench, slot);
    requireUnlocked("slot", before);
    history.step(
        bench.album(),
        "take out of " + SlotNames.of(slot),
        List.of(new Change.OfFilling(slotId, before, null)));
  }

  /** Locks the photo in its slot, or unlocks it. */
  public void lock(long albumId, long version, String slotId, boolean locked) {
    Bench bench = benches.seen(albumId, version);
    Slot slot = slot(bench, "slot", slotId);
    Filling before = filled(bench, slot);
    history.step(
        bench.album(),
        (locked ? "lock " : "unlock ") + SlotNames.of(slot),
        List.of(new Change.OfFilling(slotId, before, before.withLocked(locked))));
  }

  /** Gives the photo in a slot a quarter turn, or takes it back. */
  public void turn(long albumId, long version, String slotId, boolean turned) {
    Bench bench = benches.seen(albumId, version);
    Slot slot = slot(bench, "slot", slotId);
    Filling before = filled(bench, slot);
    history.step(
        bench.album(),
        "turn in " + SlotNames.of(slot),
        List.of(new Change.OfFilling(slotId, before, before.withTurned(turned).putByHand())));
  }

  /** Measures the opening of a pocket; null if it is as usual after all. */
  public void measure(long albumId, long version, String slotId, @Nullable Size opening) {
    Bench bench = benches.seen(albumId, version);
    Slot slot = slot(bench, "slot", slotId);
    if (slot.kind() == Slot.Kind.MOUNT) {
      throw new NotPossibleException("slot", "A mount has no opening: things are stuck on it.");
    }
    StoredSize before = bench.ownOpening(slot).map(StoredSize::of).orElse(null);
    history.step(
        bench.album(),
        "measure " + SlotNames.of(slot),
        List.of(new Change.OfOpening(Bench.openingKey(slot), before, StoredSize.of(opening))));
  }

  /** Gives the album a title. */
  public void retitle(long albumId, long version, String title) {
    Bench bench = benches.seen(albumId, version);
    history.step(bench.album(), "title", List.of(new Change.OfTitle(bench.album().title(), title)));
  }

  public void undo(long albumId, long version) {
    history.undo(albumId, version);
  }

  public void redo(long albumId, long version) {
    history.redo(albumId, version);
  }

  static Slot slot(Bench bench, String field, String id) {
    return bench
        .slot(id)
        .orElseThrow(() -> new NotThereException(field, "There is no place “" + id + "”."));
  }

  static LinePhotoEntity photo(Bench bench, String field, String sha256) {
    return bench
        .photo(sha256)
        .orElseThrow(
            () -> new NotThereException(field, "There is no photo “" + sha256 + "” on the line."));
  }

  static @Nullable Filling held(Bench bench, Slot slot) {
    return bench.filling(slot.id()).map(Filling::of).orElse(null);
  }

  private static boolean isSomething(@Nullable Filling filling) {
    return filling != null && filling.isSomething();
  }

  private static Filling filled(Bench bench, Slot slot) {
    Filling held = held(bench, slot);
    if (held == null || !held.isSomething()) {
      throw new NotPossibleException("slot", "There is nothing in " + SlotNames.of(slot) + ".");
    }
    return held;
  }

  static void requireUnlocked(String field, @Nullable Filling filling) {
    if (filling != null && filling.made() == Made.STUCK) {
      throw new NotPossibleException(
          field,
          "It is stuck in its place already. If that is not so, take the mark off on its ticket.");
    }
    if (filling != null && filling.locked()) {
      throw new NotPossibleException(
          field,
          (filling.photo() == null ? "What lies there" : "That photo")
              + " is locked. Unlock it first.");
    }
  }
}
