package drumnest.server.place;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.Holding;
import drumnest.core.album.Slot;
import drumnest.core.album.SlotNames;
import drumnest.core.album.Thing;
import drumnest.server.NotThereException;
import drumnest.server.UnprocessableException;
import drumnest.server.album.AlbumChecks;
import drumnest.server.album.History;
import drumnest.server.album.OpenAlbums;
import drumnest.server.album.SeenAlbum;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;

/** Cards with words and keepsakes: made, changed, laid into slots. Every method is one step. */
@Service
public class ThingEdits {

  private static final int MOST = 1_000;

  private final OpenAlbums openAlbums;
  private final History history;

  ThingEdits(OpenAlbums openAlbums, History history) {
    this.openAlbums = openAlbums;
    this.history = history;
  }

  /** Adds one; its key is chosen here. */
  public int add(long albumId, long version, Thing thing) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    if (album.things().size() >= MOST) {
      throw new UnprocessableException(
          "thing", "An album has at most " + MOST + " cards and keepsakes.");
    }
    int key = album.nextThingKey();
    history.step(seen, "add " + thing.name(), List.of(new Change.OfThing(key, null, thing)));
    return key;
  }

  /** Says anew what one is. */
  public void change(long albumId, long version, Thing thing) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Thing before = thing(album, thing.key());
    history.step(
        seen, "change " + before.name(), List.of(new Change.OfThing(thing.key(), before, thing)));
  }

  /** Takes one away for good, out of its slot too. */
  public void remove(long albumId, long version, int key) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Thing thing = thing(album, key);
    List<Change> changes = new ArrayList<>();
    Slot slot = album.slotOfThing(key).orElse(null);
    if (slot != null) {
      Holding held = album.held(slot);
      AlbumChecks.requireUnlocked("thing", held);
      changes.add(new Change.OfHolding(slot.id(), held, null));
    }
    changes.add(new Change.OfThing(key, thing, null));
    history.step(seen, "take " + thing.name() + " away", changes);
  }

  /** Lays one into a slot; what was there goes where it came from, or back. */
  public void lay(long albumId, long version, int key, String slotId) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Thing thing = thing(album, key);
    Slot to = AlbumChecks.slot(album, "slot", slotId);
    Holding there = album.held(to);
    AlbumChecks.requireUnlocked("slot", there);
    Slot from = album.slotOfThing(key).orElse(null);
    List<Change> changes = new ArrayList<>();
    Holding held = from == null ? null : album.held(from);
    if (from != null) {
      if (from.id().equals(to.id())) {
        throw new UnprocessableException("slot", "It lies there already.");
      }
      AlbumChecks.requireUnlocked("thing", held);
      changes.add(new Change.OfHolding(from.id(), held, there));
    }
    changes.add(new Change.OfHolding(to.id(), there, held == null ? Holding.ofThing(key) : held));
    history.step(seen, "lay " + thing.name() + " in " + SlotNames.of(to), changes);
  }

  private static Thing thing(AlbumModel album, int key) {
    return album
        .thing(key)
        .orElseThrow(
            () ->
                new NotThereException(
                    "thing", "There is no card or keepsake with the key " + key + "."));
  }
}
