package drumnest.server.place;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.Holding;
import drumnest.core.album.SlotOpenings;
import drumnest.core.album.leaf.Slot;
import drumnest.core.album.leaf.SlotKind;
import drumnest.core.fit.WholePrint;
import drumnest.core.measure.Size;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Choice;
import drumnest.server.UnprocessableException;
import drumnest.server.album.AlbumChecks;
import drumnest.server.album.History;
import drumnest.server.album.OpenAlbums;
import drumnest.server.album.SeenAlbum;
import drumnest.server.frame.SlotNames;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * The steps that a maker takes with slots and what lies in them. Every method is one step of its
 * history, done whole or not at all, and refused where others have changed what it touches since
 * the page that asks has seen it.
 */
@Service
public class SlotEdits {

  private final OpenAlbums openAlbums;
  private final History history;

  SlotEdits(OpenAlbums openAlbums, History history) {
    this.openAlbums = openAlbums;
    this.history = history;
  }

  /** Puts a photo into a slot; what was in the slot goes where the photo was, or on the line. */
  public void put(long albumId, long version, String photo, String slotId) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Slot slot = AlbumChecks.slot(album, "slot", slotId);
    AlbumPhoto entity = AlbumChecks.photo(album, "photo", photo);
    Optional<Slot> from = album.slotOf(photo);
    if (from.isPresent()) {
      swap(seen, from.get(), slot);
      return;
    }
    Holding before = album.held(slot);
    AlbumChecks.requireUnlocked("slot", before);
    List<Change> changes = new ArrayList<>();
    changes.add(new Change.OfHolding(slotId, before, Holding.ofPhoto(photo).putByHand()));
    if (entity.isOut()) {
      changes.add(Change.OfPhoto.decided(entity, Choice.KEEP));
    }
    history.step(seen, "put in " + SlotNames.of(slot), changes);
  }

  /** Swaps what two slots hold; one of them may be empty. */
  public void swap(long albumId, long version, String from, String to) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    swap(seen, AlbumChecks.slot(album, "from", from), AlbumChecks.slot(album, "to", to));
  }

  private void swap(SeenAlbum seen, Slot from, Slot to) {
    AlbumModel album = seen.album();
    Holding one = album.held(from);
    Holding other = album.held(to);
    if (from.id().equals(to.id()) || !isSomething(one) && !isSomething(other)) {
      throw new UnprocessableException("to", "There is nothing to swap there.");
    }
    AlbumChecks.requireUnlocked("from", one);
    AlbumChecks.requireUnlocked("to", other);
    history.step(
        seen,
        (isSomething(one) && isSomething(other) ? "swap with " : "move to ") + SlotNames.of(to),
        List.of(
            new Change.OfHolding(from.id(), one, Holding.moved(other, to, from)),
            new Change.OfHolding(to.id(), other, Holding.moved(one, from, to))));
  }

  /** Takes the photo out of a slot and hangs it on the line. */
  public void takeOut(long albumId, long version, String slotId) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Slot slot = AlbumChecks.slot(album, "slot", slotId);
    Holding before = filled(album, slot);
    AlbumChecks.requireUnlocked("slot", before);
    history.step(
        seen,
        "take out of " + SlotNames.of(slot),
        List.of(new Change.OfHolding(slotId, before, null)));
  }

  /** Locks the photo in its slot, or unlocks it. */
  public void lock(long albumId, long version, String slotId, boolean locked) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Slot slot = AlbumChecks.slot(album, "slot", slotId);
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
    Slot slot = AlbumChecks.slot(album, "slot", slotId);
    Holding before = filled(album, slot);
    history.step(
        seen,
        "turn in " + SlotNames.of(slot),
        List.of(new Change.OfHolding(slotId, before, before.withTurned(turned).putByHand())));
  }

  /** Shows the photo in a slot small and whole on a card, or has it fill the slot again. */
  public void showWhole(long albumId, long version, String slotId, boolean whole) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Slot slot = AlbumChecks.slot(album, "slot", slotId);
    Holding before = filled(album, slot);
    AlbumPhoto photo =
        album
            .photo(before.photo())
            .filter(each -> each.onTable() == null)
            .orElseThrow(
                () ->
                    new UnprocessableException(
                        "slot",
                        "Only a photo that is still to be printed can be shown whole on a card: a"
                            + " print keeps its size."));
    if (whole
        && WholePrint.of(
                photo.pixels(), slot.takes(), slot.printOutline(), before.turned(), album.rules())
            .isEmpty()) {
      throw new UnprocessableException(
          "slot", SlotNames.of(slot) + " is too small for a card with an edge all around.");
    }
    history.step(
        seen,
        (whole ? "whole on a card in " : "fill ") + SlotNames.of(slot),
        List.of(
            new Change.OfHolding(
                slotId, before, before.withWhole(whole).withMade(null).putByHand())));
  }

  /** Measures the opening of a pocket; null if it is as usual after all. */
  public void measure(long albumId, long version, String slotId, @Nullable Size opening) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Slot slot = AlbumChecks.slot(album, "slot", slotId);
    if (slot.kind() == SlotKind.MOUNT) {
      throw new UnprocessableException("slot", "A mount has no opening: things are stuck on it.");
    }
    Size before = album.ownOpening(slot).orElse(null);
    history.step(
        seen,
        "measure " + SlotNames.of(slot),
        List.of(new Change.OfOpening(SlotOpenings.key(slot), before, opening)));
  }

  private static boolean isSomething(@Nullable Holding filling) {
    return filling != null && filling.isSomething();
  }

  private static Holding filled(AlbumModel album, Slot slot) {
    Holding held = album.held(slot);
    if (held == null || !held.isSomething()) {
      throw new UnprocessableException("slot", "There is nothing in " + SlotNames.of(slot) + ".");
    }
    return held;
  }
}
