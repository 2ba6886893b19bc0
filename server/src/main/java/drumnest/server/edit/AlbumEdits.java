package drumnest.server.edit;

import drumnest.core.album.Holds;
import drumnest.core.album.Slot;
import drumnest.core.measure.Size;
import drumnest.core.photo.Choice;
import drumnest.core.place.AlternatesPlacing;
import drumnest.core.place.Candidate;
import drumnest.core.place.Placing;
import drumnest.core.place.StoryPlacing;
import drumnest.server.store.FillingEntity;
import drumnest.server.store.LinePhotoEntity;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
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
  private final Placing story = new AlternatesPlacing(new StoryPlacing());

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
    changes.add(new Change.OfFilling(slotId, before, Filling.ofPhoto(photo)));
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
    if (from.id().equals(to.id()) || (one == null && other == null)) {
      throw new NotPossibleException("to", "There is nothing to swap there.");
    }
    requireUnlocked("from", one);
    requireUnlocked("to", other);
    history.step(
        bench.album(),
        (one == null || other == null ? "move to " : "swap with ") + SlotNames.of(to),
        List.of(
            new Change.OfFilling(from.id(), one, other),
            new Change.OfFilling(to.id(), other, one)));
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
        List.of(new Change.OfFilling(slotId, before, before.withTurned(turned))));
  }

  /**
   * Places photos of the line again in story order, around those that are locked and around cards
   * and keepsakes.
   *
   * @param spread the spread to fill, with photos that are nowhere else; null for the whole album
   */
  public void placeAgain(long albumId, long version, @Nullable Integer spread) {
    Bench bench = benches.seen(albumId, version);
    List<Slot> asked =
        spread == null ? bench.leaves().slots() : bench.leaves().spread(spread).slots();
    List<Slot> slots =
        asked.stream()
            .filter(slot -> slot.holds() == Holds.PHOTO && !holdsThing(bench, slot))
            .toList();
    Set<String> here = slots.stream().map(Slot::id).collect(Collectors.toSet());
    Set<String> elsewhere =
        bench.line().stream()
            .map(photo -> photo.photo().sha256())
            .filter(
                photo -> bench.slotOf(photo).map(slot -> !here.contains(slot.id())).orElse(false))
            .collect(Collectors.toSet());
    List<Candidate> candidates = bench.candidates(elsewhere);
    Map<String, Integer> indexOf = new HashMap<>();
    for (int i = 0; i < candidates.size(); i++) {
      indexOf.put(candidates.get(i).id(), i);
    }
    Map<Integer, Integer> locked = new HashMap<>();
    for (int i = 0; i < slots.size(); i++) {
      Filling held = held(bench, slots.get(i));
      if (held != null && held.locked()) {
        locked.put(i, indexOf.get(held.photo()));
      }
    }
    Placing.Arrangement arrangement =
        story.place(new Placing.Problem(candidates, Bench.places(slots), locked, bench.rules()));
    Map<Integer, Filling> after = new HashMap<>();
    for (int photo = 0; photo < candidates.size(); photo++) {
      int place = arrangement.placeOf()[photo];
      if (place >= 0 && !locked.containsKey(place)) {
        after.put(place, Filling.ofPhoto(candidates.get(photo).id()));
      }
    }
    List<Change> changes = new ArrayList<>();
    for (int i = 0; i < slots.size(); i++) {
      Filling before = held(bench, slots.get(i));
      if (!locked.containsKey(i) && !Objects.equals(before, after.get(i))) {
        changes.add(new Change.OfFilling(slots.get(i).id(), before, after.get(i)));
      }
    }
    history.step(
        bench.album(),
        spread == null ? "place the whole album in story order" : "place in story order",
        changes);
  }

  private static boolean holdsThing(Bench bench, Slot slot) {
    Filling held = held(bench, slot);
    return held != null && held.thing() != null;
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
        .orElseThrow(() -> new NotThereException(field, "There is no slot “" + id + "”."));
  }

  static LinePhotoEntity photo(Bench bench, String field, String sha256) {
    return bench
        .photo(sha256)
        .orElseThrow(
            () -> new NotThereException(field, "There is no photo “" + sha256 + "” on the line."));
  }

  static @Nullable Filling held(Bench bench, Slot slot) {
    FillingEntity entity = bench.filling(slot.id()).orElse(null);
    return entity == null
        ? null
        : new Filling(entity.sha256(), entity.isTurned(), entity.isLocked(), entity.thingKey());
  }

  private static Filling filled(Bench bench, Slot slot) {
    Filling held = held(bench, slot);
    if (held == null) {
      throw new NotPossibleException("slot", "There is nothing in " + SlotNames.of(slot) + ".");
    }
    return held;
  }

  static void requireUnlocked(String field, @Nullable Filling filling) {
    if (filling != null && filling.locked()) {
      throw new NotPossibleException(
          field,
          (filling.photo() == null ? "What lies there" : "That photo")
              + " is locked. Unlock it first.");
    }
  }
}
