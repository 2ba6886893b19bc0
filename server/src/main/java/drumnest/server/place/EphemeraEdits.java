package drumnest.server.place;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.Ephemera;
import drumnest.core.album.Holding;
import drumnest.core.album.Slot;
import drumnest.core.album.SlotNames;
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
public class EphemeraEdits {

  private static final int MOST = 1_000;

  private final OpenAlbums openAlbums;
  private final History history;

  EphemeraEdits(OpenAlbums openAlbums, History history) {
    this.openAlbums = openAlbums;
    this.history = history;
  }

  /** Adds one; its key is chosen here. */
  public int add(long albumId, long version, Ephemera ephemera) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    if (album.allEphemera().size() >= MOST) {
      throw new UnprocessableException(
          "ephemera", "An album has at most " + MOST + " cards and keepsakes.");
    }
    int key = album.nextEphemeraKey();
    history.step(
        seen, "add " + ephemera.name(), List.of(new Change.OfEphemera(key, null, ephemera)));
    return key;
  }

  /** Says anew what one is. */
  public void change(long albumId, long version, Ephemera ephemera) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Ephemera before = ephemera(album, ephemera.key());
    history.step(
        seen,
        "change " + before.name(),
        List.of(new Change.OfEphemera(ephemera.key(), before, ephemera)));
  }

  /** Takes one away for good, out of its slot too. */
  public void remove(long albumId, long version, int key) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Ephemera ephemera = ephemera(album, key);
    List<Change> changes = new ArrayList<>();
    Slot slot = album.slotOfEphemera(key).orElse(null);
    if (slot != null) {
      Holding held = album.held(slot);
      AlbumChecks.requireUnlocked("ephemera", held);
      changes.add(new Change.OfHolding(slot.id(), held, null));
    }
    changes.add(new Change.OfEphemera(key, ephemera, null));
    history.step(seen, "take " + ephemera.name() + " away", changes);
  }

  /** Lays one into a slot; what was there goes where it came from, or back. */
  public void lay(long albumId, long version, int key, String slotId) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Ephemera ephemera = ephemera(album, key);
    Slot to = AlbumChecks.slot(album, "slot", slotId);
    Holding there = album.held(to);
    AlbumChecks.requireUnlocked("slot", there);
    Slot from = album.slotOfEphemera(key).orElse(null);
    List<Change> changes = new ArrayList<>();
    Holding held = from == null ? null : album.held(from);
    if (from != null) {
      if (from.id().equals(to.id())) {
        throw new UnprocessableException("slot", "It lies there already.");
      }
      AlbumChecks.requireUnlocked("ephemera", held);
      changes.add(new Change.OfHolding(from.id(), held, there));
    }
    changes.add(
        new Change.OfHolding(to.id(), there, held == null ? Holding.ofEphemera(key) : held));
    history.step(seen, "lay " + ephemera.name() + " in " + SlotNames.of(to), changes);
  }

  private static Ephemera ephemera(AlbumModel album, int key) {
    return album
        .ephemera(key)
        .orElseThrow(
            () ->
                new NotThereException(
                    "ephemera", "There is no card or keepsake with the key " + key + "."));
  }
}
