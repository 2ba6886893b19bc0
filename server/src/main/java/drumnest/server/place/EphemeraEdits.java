package drumnest.server.place;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.Holding;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.leaf.Slot;
import drumnest.core.words.CardChain;
import drumnest.server.NotThereException;
import drumnest.server.UnprocessableException;
import drumnest.server.album.AlbumChecks;
import drumnest.server.album.History;
import drumnest.server.album.OpenAlbums;
import drumnest.server.album.SeenAlbum;
import drumnest.server.frame.SlotNames;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;

/** Cards with words and keepsakes: made, changed, laid into slots. Every method is one step. */
@Service
public class EphemeraEdits {

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
    AlbumChecks.requireRoom(album, "ephemera", 1);
    int key = album.nextEphemeraKey();
    history.step(
        seen, "add " + ephemera.name(), List.of(new Change.OfEphemera(key, null, ephemera)));
    return key;
  }

  /** Says anew what one is; what is written on it stays. */
  public void change(long albumId, long version, Ephemera ephemera) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Ephemera before = ephemera(album, ephemera.key());
    Ephemera after =
        ephemera instanceof Ephemera.Card card && before.card() != null
            ? card.saying(before.card())
            : ephemera;
    history.step(
        seen,
        "change " + before.name(),
        List.of(new Change.OfEphemera(ephemera.key(), before, after)));
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
    if (ephemera instanceof Ephemera.Card card) {
      changes.addAll(CardChain.without(album, card));
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
    if (ephemera instanceof Ephemera.Card card && card.card().label() != null) {
      changes.add(new Change.OfEphemera(key, card, card.saying(card.card().labelling(null))));
    }
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
