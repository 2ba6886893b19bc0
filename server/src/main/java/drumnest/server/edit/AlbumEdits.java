package drumnest.server.edit;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.Holding;
import drumnest.core.album.Made;
import drumnest.core.album.Slot;
import drumnest.core.album.SlotNames;
import drumnest.core.measure.Size;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Choice;
import drumnest.server.NotThereException;
import drumnest.server.UnprocessableException;
import drumnest.server.album.History;
import drumnest.server.album.OpenAlbums;
import drumnest.server.album.SeenAlbum;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * What a maker does to an album. Every method is one step of its history, done whole or not at all,
 * and refused where others have changed what it touches since the page that asks has seen it.
 */
@Service
public class AlbumEdits {

  private final OpenAlbums openAlbums;
  private final History history;

  AlbumEdits(OpenAlbums openAlbums, History history) {
    this.openAlbums = openAlbums;
    this.history = history;
  }

  /** Puts a photo into a slot; what was in the slot goes where the photo was, or on the line. */
  public void put(long albumId, long version, String photo, String slotId) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Slot slot = slot(album, "slot", slotId);
    AlbumPhoto entity = photo(album, "photo", photo);
    Optional<Slot> from = album.slotOf(photo);
    if (from.isPresent()) {
      swap(seen, from.get(), slot);
      return;
    }
    Holding before = held(album, slot);
    requireUnlocked("slot", before);
    List<Change> changes = new ArrayList<>();
    changes.add(new Change.OfHolding(slotId, before, Holding.ofPhoto(photo).putByHand()));
    if (entity.isOut()) {
      changes.add(PhotoEdits.choose(entity, Choice.KEEP));
    }
    history.step(seen, "put in " + SlotNames.of(slot), changes);
  }

  /** Swaps what two slots hold; one of them may be empty. */
  public void swap(long albumId, long version, String from, String to) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    swap(seen, slot(album, "from", from), slot(album, "to", to));
  }

  private void swap(SeenAlbum seen, Slot from, Slot to) {
    AlbumModel album = seen.album();
    Holding one = held(album, from);
    Holding other = held(album, to);
    if (from.id().equals(to.id()) || !isSomething(one) && !isSomething(other)) {
      throw new UnprocessableException("to", "There is nothing to swap there.");
    }
    requireUnlocked("from", one);
    requireUnlocked("to", other);
    history.step(
        seen,
        (isSomething(one) && isSomething(other) ? "swap with " : "move to ") + SlotNames.of(to),
        List.of(
            new Change.OfHolding(from.id(), one, moved(other, to, from)),
            new Change.OfHolding(to.id(), other, moved(one, from, to))));
  }

  /** The album as it would be with a photo put into a slot. */
  public static AlbumModel asPut(AlbumModel album, Slot slot, String photo) {
    Map<String, @Nullable Holding> changed = new HashMap<>();
    Slot from = album.slotOf(photo).orElse(null);
    Holding other = held(album, slot);
    if (from == null) {
      changed.put(slot.id(), Holding.ofPhoto(photo).putByHand());
    } else if (!from.id().equals(slot.id())) {
      changed.put(from.id(), moved(other, slot, from));
      changed.put(slot.id(), moved(held(album, from), from, slot));
    }
    return album.with(changed);
  }

  /** What comes to another slot by hand; what was cut for a place of another size is cut anew. */
  private static @Nullable Holding moved(@Nullable Holding filling, Slot from, Slot to) {
    if (filling == null || !filling.isSomething()) {
      return null;
    }
    boolean stillCut = from.takes().equals(to.takes());
    return filling.putByHand().withMade(stillCut ? filling.made() : null);
  }

  /** Takes the photo out of a slot and hangs it on the line. */
  public void takeOut(long albumId, long version, String slotId) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Slot slot = slot(album, "slot", slotId);
    Holding before = filled(album, slot);
    requireUnlocked("slot", before);
    history.step(
        seen,
        "take out of " + SlotNames.of(slot),
        List.of(new Change.OfHolding(slotId, before, null)));
  }

  /** Locks the photo in its slot, or unlocks it. */
  public void lock(long albumId, long version, String slotId, boolean locked) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Slot slot = slot(album, "slot", slotId);
    Holding before = filled(album, slot);
    history.step(
        seen,
        (locked ? "lock " : "unlock ") + SlotNames.of(slot),
        List.of(new Change.OfHolding(slotId, before, before.withLocked(locked))));
  }

  /** Gives the photo in a slot a quarter turn, or takes it back. */
  public void turn(long albumId, long version, String slotId, boolean turned) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Slot slot = slot(album, "slot", slotId);
    Holding before = filled(album, slot);
    history.step(
        seen,
        "turn in " + SlotNames.of(slot),
        List.of(new Change.OfHolding(slotId, before, before.withTurned(turned).putByHand())));
  }

  /** Measures the opening of a pocket; null if it is as usual after all. */
  public void measure(long albumId, long version, String slotId, @Nullable Size opening) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Slot slot = slot(album, "slot", slotId);
    if (slot.kind() == Slot.Kind.MOUNT) {
      throw new UnprocessableException("slot", "A mount has no opening: things are stuck on it.");
    }
    Size before = album.ownOpening(slot).orElse(null);
    history.step(
        seen,
        "measure " + SlotNames.of(slot),
        List.of(new Change.OfOpening(AlbumModel.openingKey(slot), before, opening)));
  }

  /** Gives the album a title. */
  public void retitle(long albumId, long version, String title) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    history.step(seen, "title", List.of(new Change.OfTitle(album.title(), title)));
  }

  public void undo(long albumId, long version) {
    history.undo(albumId, version);
  }

  public void redo(long albumId, long version) {
    history.redo(albumId, version);
  }

  static Slot slot(AlbumModel album, String field, String id) {
    return album
        .slot(id)
        .orElseThrow(() -> new NotThereException(field, "There is no place “" + id + "”."));
  }

  static AlbumPhoto photo(AlbumModel album, String field, String sha256) {
    return album
        .photo(sha256)
        .orElseThrow(
            () -> new NotThereException(field, "There is no photo “" + sha256 + "” on the line."));
  }

  static @Nullable Holding held(AlbumModel album, Slot slot) {
    return album.holding(slot.id()).orElse(null);
  }

  private static boolean isSomething(@Nullable Holding filling) {
    return filling != null && filling.isSomething();
  }

  private static Holding filled(AlbumModel album, Slot slot) {
    Holding held = held(album, slot);
    if (held == null || !held.isSomething()) {
      throw new UnprocessableException("slot", "There is nothing in " + SlotNames.of(slot) + ".");
    }
    return held;
  }

  static void requireUnlocked(String field, @Nullable Holding filling) {
    if (filling != null && filling.made() == Made.STUCK) {
      throw new UnprocessableException(
          field,
          "It is stuck in its place already. If that is not so, take the mark off on its ticket.");
    }
    if (filling != null && filling.locked()) {
      throw new UnprocessableException(
          field,
          (filling.photo() == null ? "What lies there" : "That photo")
              + " is locked. Unlock it first.");
    }
  }
}
