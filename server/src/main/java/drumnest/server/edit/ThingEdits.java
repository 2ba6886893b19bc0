package drumnest.server.edit;

import drumnest.core.album.Slot;
import drumnest.core.album.Thing;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;

/** Cards with words and keepsakes: made, changed, laid into slots. Every method is one step. */
@Service
public class ThingEdits {

  private static final int MOST = 1_000;

  private final Benches benches;
  private final History history;

  ThingEdits(Benches benches, History history) {
    this.benches = benches;
    this.history = history;
  }

  /** Adds one; its key is chosen here. */
  public int add(long albumId, long version, Thing thing) {
    Bench bench = benches.seen(albumId, version);
    if (bench.things().size() >= MOST) {
      throw new NotPossibleException(
          "thing", "An album has at most " + MOST + " cards and keepsakes.");
    }
    int key = bench.album().nextThingKey();
    history.step(
        bench.album(),
        "add " + thing.name(),
        List.of(new Change.OfThing(key, null, StoredThing.of(thing))));
    return key;
  }

  /** Says anew what one is. */
  public void change(long albumId, long version, Thing thing) {
    Bench bench = benches.seen(albumId, version);
    Thing before = thing(bench, thing.key());
    history.step(
        bench.album(),
        "change " + before.name(),
        List.of(new Change.OfThing(thing.key(), StoredThing.of(before), StoredThing.of(thing))));
  }

  /** Takes one away for good, out of its slot too. */
  public void remove(long albumId, long version, int key) {
    Bench bench = benches.seen(albumId, version);
    Thing thing = thing(bench, key);
    List<Change> changes = new ArrayList<>();
    Slot slot = bench.slotOfThing(key).orElse(null);
    if (slot != null) {
      Filling held = AlbumEdits.held(bench, slot);
      AlbumEdits.requireUnlocked("thing", held);
      changes.add(new Change.OfFilling(slot.id(), held, null));
    }
    changes.add(new Change.OfThing(key, StoredThing.of(thing), null));
    history.step(bench.album(), "take " + thing.name() + " away", changes);
  }

  /** Lays one into a slot; what was there goes where it came from, or back. */
  public void lay(long albumId, long version, int key, String slotId) {
    Bench bench = benches.seen(albumId, version);
    Thing thing = thing(bench, key);
    Slot to = AlbumEdits.slot(bench, "slot", slotId);
    Filling there = AlbumEdits.held(bench, to);
    AlbumEdits.requireUnlocked("slot", there);
    Slot from = bench.slotOfThing(key).orElse(null);
    List<Change> changes = new ArrayList<>();
    Filling held = from == null ? null : AlbumEdits.held(bench, from);
    if (from != null) {
      if (from.id().equals(to.id())) {
        throw new NotPossibleException("slot", "It lies there already.");
      }
      AlbumEdits.requireUnlocked("thing", held);
      changes.add(new Change.OfFilling(from.id(), held, there));
    }
    changes.add(new Change.OfFilling(to.id(), there, held == null ? Filling.ofThing(key) : held));
    history.step(bench.album(), "lay " + thing.name() + " in " + SlotNames.of(to), changes);
  }

  private static Thing thing(Bench bench, int key) {
    return bench
        .thing(key)
        .orElseThrow(
            () ->
                new NotThereException(
                    "thing", "There is no card or keepsake with the key " + key + "."));
  }
}
