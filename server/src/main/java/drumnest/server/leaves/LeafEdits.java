package drumnest.server.leaves;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.Holding;
import drumnest.core.album.SlotOpenings;
import drumnest.core.album.leaf.Block;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.LeafState;
import drumnest.core.album.leaf.PageMeasure;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Length;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.stock.CatalogueItem;
import drumnest.core.stock.LeafType;
import drumnest.server.NotThereException;
import drumnest.server.UnprocessableException;
import drumnest.server.WouldLoseException;
import drumnest.server.album.AlbumChecks;
import drumnest.server.album.History;
import drumnest.server.album.OpenAlbums;
import drumnest.server.album.SeenAlbum;
import drumnest.server.frame.SlotNames;
import drumnest.server.frame.Words;
import drumnest.server.stock.Shelf;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * The steps that a maker takes on the leaves of an album. Every method is one step of its history,
 * done whole or not at all, and refused where others have changed what it touches since the page
 * that asks has seen it.
 */
@Service
public class LeafEdits {

  /** More leaves than any binding holds. */
  static final int MOST = 500;

  private final OpenAlbums openAlbums;
  private final History history;
  private final Shelf shelf;

  LeafEdits(OpenAlbums openAlbums, History history, Shelf shelf) {
    this.openAlbums = openAlbums;
    this.history = history;
    this.shelf = shelf;
  }

  /** Adds a leaf with nothing on it; at the end where its number is past it. */
  public void add(long albumId, long version, String type, int at) {
    add(albumId, version, type, at, null);
  }

  /**
   * Adds a leaf.
   *
   * @param at its number, from 1; it moves to the end where that is past it
   * @param photoId a photo without a place that goes onto its front; null for none
   */
  public void add(long albumId, long version, String type, int at, @Nullable String photoId) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Shelf.Entry entry =
        shelf
            .find(type)
            .filter(each -> each.item() instanceof LeafType && !each.gone())
            .orElseThrow(
                () -> new NotThereException("type", "There is no kind of leaf “" + type + "”."));
    List<Change> on = new ArrayList<>();
    if (photoId != null) {
      AlbumPhoto photo = AlbumChecks.loose(album, "photo", photoId);
      Leaf leaf = Leaf.of(album.nextLeafKey(), at, (LeafType) entry.item());
      String slot = suiting(leaf, photo).id();
      on.add(new Change.OfHolding(slot, null, Holding.ofPhoto(photoId).putByHand()));
    }
    insert(seen, LeafState.of(type), at, "add a leaf: " + entry.item().name(), on);
  }

  /** The first place on its front that lies as a picture does, or the first at all. */
  private static Slot suiting(Leaf leaf, AlbumPhoto photo) {
    List<Slot> slots = leaf.slots(Side.FRONT, 0);
    if (slots.isEmpty()) {
      throw new UnprocessableException("photo", "This leaf has no place for a photo yet.");
    }
    return slots.stream()
        .filter(slot -> slot.takes().orientation() == photo.pixels().orientation())
        .findFirst()
        .orElse(slots.get(0));
  }

  /**
   * @param on what changes once it is there
   */
  private void insert(SeenAlbum seen, LeafState leaf, int at, String label, List<Change> on) {
    AlbumModel album = seen.album();
    List<Integer> before = album.leaves().keys();
    if (before.size() >= MOST) {
      throw new UnprocessableException("type", "An album has at most " + MOST + " leaves.");
    }
    // A key is never used twice, not even of a leaf that was taken out: a step may bring it back.
    int key = album.nextLeafKey();
    List<Integer> after = new ArrayList<>(before);
    after.add(Math.max(0, Math.min(at - 1, after.size())), key);
    List<Change> changes = new ArrayList<>();
    changes.add(new Change.OfLeaf(key, null, leaf));
    changes.add(new Change.OfOrder(before, after));
    changes.addAll(on);
    history.step(seen, label, changes);
  }

  /**
   * Takes a leaf out.
   *
   * @throws WouldLoseException if something is on it and that was not confirmed
   */
  public void remove(long albumId, long version, int key, boolean confirmed) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Leaf leaf = AlbumChecks.leaf(album, key);
    List<String> lost = lost(album, leaf);
    if (!confirmed && !lost.isEmpty()) {
      throw new WouldLoseException("Leaf " + leaf.number() + " is not empty.", lost);
    }
    history.step(seen, "take leaf " + leaf.number() + " out", removal(album, List.of(leaf)));
  }

  /** Tells what is lost with a leaf, a line each. */
  private static List<String> lost(AlbumModel album, Leaf leaf) {
    List<Slot> slots = leaf.slots();
    List<String> lost = new ArrayList<>();
    long photos = slots.stream().filter(slot -> album.seated(slot).isPresent()).count();
    long allEphemera = slots.stream().filter(slot -> album.laid(slot).isPresent()).count();
    long measured =
        slots.stream()
            .filter(slot -> album.ownOpening(slot).isPresent())
            .map(SlotOpenings::key)
            .distinct()
            .count();
    int mounts = leaf.plan().mounts().size() + leaf.reversePlan().mounts().size();
    int flaps = leaf.plan().flaps().size() + leaf.reversePlan().flaps().size();
    if (photos > 0) {
      lost.add(Words.counted(photos, "photo goes", "photos go") + " back on the line");
    }
    if (allEphemera > 0) {
      lost.add(
          Words.counted(allEphemera, "card or keepsake goes", "cards or keepsakes go")
              + " back to the tray");
    }
    if (measured > 0) {
      lost.add(
          Words.counted(measured, "measured opening is", "measured openings are") + " forgotten");
    }
    if (mounts > 0) {
      lost.add(Words.counted(mounts, "mount is", "mounts are") + " lost");
    }
    if (flaps > 0) {
      lost.add(Words.counted(flaps, "flap is", "flaps are") + " lost");
    }
    return lost;
  }

  private static List<Change> removal(AlbumModel album, List<Leaf> leaves) {
    List<Change> changes = new ArrayList<>();
    List<Integer> before = album.leaves().keys();
    List<Integer> after = new ArrayList<>(before);
    for (Leaf leaf : leaves) {
      changes.addAll(emptied(album, leaf.slots()));
      for (Slot slot : leaf.slots()) {
        String opening = SlotOpenings.key(slot);
        if (opening.equals(slot.id())) {
          album
              .ownOpening(slot)
              .ifPresent(size -> changes.add(new Change.OfOpening(opening, size, null)));
        }
      }
      changes.add(new Change.OfLeaf(leaf.key(), album.state(leaf), null));
      after.remove(Integer.valueOf(leaf.key()));
    }
    changes.add(new Change.OfOrder(before, after));
    return changes;
  }

  public static List<Change> emptied(AlbumModel album, List<Slot> slots) {
    List<Change> changes = new ArrayList<>();
    for (Slot slot : slots) {
      Holding held = album.held(slot);
      if (held != null) {
        changes.add(new Change.OfHolding(slot.id(), held, null));
      }
    }
    return changes;
  }

  /** Moves a leaf to another number, from 1. */
  public void move(long albumId, long version, int key, int to) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Leaf leaf = AlbumChecks.leaf(album, key);
    List<Integer> before = album.leaves().keys();
    List<Integer> after = new ArrayList<>(before);
    after.remove(Integer.valueOf(key));
    after.add(Math.max(0, Math.min(to - 1, after.size())), key);
    if (after.equals(before)) {
      throw new UnprocessableException("to", "The leaf is there already.");
    }
    history.step(
        seen,
        "move leaf " + leaf.number() + " to " + (after.indexOf(key) + 1),
        List.of(new Change.OfOrder(before, after)));
  }

  /** Turns a leaf over, with everything on it. */
  public void turnOver(long albumId, long version, int key) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Leaf leaf = AlbumChecks.leaf(album, key);
    if (leaf.type().keepFree().isPositive()) {
      throw new UnprocessableException(
          "leaf",
          "Turned over, the holes of this page would come to its outer edge. Move what is on it"
              + " instead.");
    }
    change(seen, leaf, album.state(leaf).turnedOver(), "turn leaf " + leaf.number() + " over");
  }

  /** Puts a like leaf behind it: of its kind, with its mounts, without its things. */
  public void duplicate(long albumId, long version, int key) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Leaf leaf = AlbumChecks.leaf(album, key);
    insert(
        seen, album.state(leaf), leaf.number() + 1, "duplicate leaf " + leaf.number(), List.of());
  }

  /** Says how far a leaf's top edge lies below that of the album's page. */
  public void drop(long albumId, long version, int key, Length drop) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Leaf leaf = AlbumChecks.leaf(album, key);
    change(seen, leaf, album.state(leaf).withDrop(drop), "height of leaf " + leaf.number());
  }

  private void change(SeenAlbum seen, Leaf leaf, LeafState after, String label) {
    history.step(
        seen, label, List.of(new Change.OfLeaf(leaf.key(), seen.album().state(leaf), after)));
  }

  /** The plan that blocks make on the side of a leaf; nothing is changed. */
  public PagePlan planned(AlbumModel album, int key, Side side, List<Block> blocks) {
    Leaf leaf = AlbumChecks.leaf(album, key);
    if (leaf.type().pattern() != null) {
      throw new UnprocessableException(
          "leaf", "This leaf has pockets; mounts are measured on plain pages.");
    }
    return new PageMeasure(leaf.size(), PageMeasure.usable(leaf, side), album.rules())
        .plan(blocks)
        .withMovers(leaf.plan(leaf.face(side)).flaps(), leaf.plan(leaf.face(side)).movers());
  }

  /** Plans the mounts on a side of a plain page; what has no mount any more goes back. */
  public void plan(long albumId, long version, int key, Side side, List<Block> blocks) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Leaf leaf = AlbumChecks.leaf(album, key);
    PagePlan plan = planned(album, key, side, blocks);
    boolean first = leaf.face(side) == Side.FRONT;
    Leaf next =
        new Leaf(
            leaf.key(),
            leaf.number(),
            leaf.type(),
            leaf.turned(),
            leaf.drop(),
            first ? plan : leaf.plan(),
            first ? leaf.reversePlan() : plan);
    List<String> stay = next.slots(side, 0).stream().map(Slot::id).toList();
    List<Change> changes =
        new ArrayList<>(
            emptied(
                album,
                leaf.slots(side, 0).stream().filter(slot -> !stay.contains(slot.id())).toList()));
    changes.add(
        new Change.OfLeaf(
            leaf.key(), album.state(leaf), album.state(leaf).withPlan(leaf.face(side), plan)));
    history.step(seen, "mounts on leaf " + leaf.number() + " " + SlotNames.of(side), changes);
  }

  /** Says which format the album is of; null for none. */
  public void format(long albumId, long version, @Nullable String format) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    if (format != null
        && shelf
            .find(format)
            .filter(each -> each.item() instanceof CatalogueItem.AlbumFormat && !each.gone())
            .isEmpty()) {
      throw new NotThereException("format", "There is no album format “" + format + "”.");
    }
    history.step(seen, "format", List.of(new Change.OfFormat(album.format(), format)));
  }

  /**
   * Takes an entry off the shelf. Leaves of that kind go with it, as one step of each album, so
   * that undo brings both back.
   *
   * @throws WouldLoseException if an album uses it and that was not confirmed
   */
  public void takeOffShelf(String entryKey, boolean confirmed) {
    Shelf.Entry entry =
        shelf
            .find(entryKey)
            .filter(each -> !each.gone())
            .orElseThrow(
                () -> new NotThereException("entry", "There is no entry “" + entryKey + "”."));
    List<AlbumModel> using =
        openAlbums.all().stream().filter(album -> uses(album, entryKey)).toList();
    if (!confirmed && !using.isEmpty()) {
      throw new WouldLoseException(
          "“" + entry.item().name() + "” is in use.",
          using.stream().map(album -> lost(album, entryKey)).toList());
    }
    Change off = new Change.OfEntry(entryKey, false, true);
    for (AlbumModel album : using) {
      List<Change> changes = new ArrayList<>(List.of(off));
      if (entryKey.equals(album.format())) {
        changes.add(new Change.OfFormat(entryKey, null));
      }
      List<Leaf> leaves = leavesOf(album, entryKey);
      if (!leaves.isEmpty()) {
        changes.addAll(removal(album, leaves));
      }
      history.step(SeenAlbum.now(album), "take off the shelf: " + entry.item().name(), changes);
    }
    if (using.isEmpty()) {
      shelf.setGone(entryKey, true);
    }
  }

  private static boolean uses(AlbumModel album, String entry) {
    return entry.equals(album.format()) || !leavesOf(album, entry).isEmpty();
  }

  private static List<Leaf> leavesOf(AlbumModel album, String type) {
    return album.leaves().leaves().stream()
        .filter(leaf -> type.equals(album.typeKey(leaf)))
        .toList();
  }

  private static String lost(AlbumModel album, String entry) {
    List<Leaf> leaves = leavesOf(album, entry);
    String title = "“" + album.title() + "”";
    if (leaves.isEmpty()) {
      return title + " is of this format; it keeps its leaves and no longer says its format";
    }
    long allEphemera =
        leaves.stream().flatMap(leaf -> leaf.slots().stream()).filter(album::isFilled).count();
    return Words.counted(leaves.size(), "leaf", "leaves")
        + " of "
        + title
        + (leaves.size() == 1 ? " is" : " are")
        + " taken out"
        + (allEphemera == 0
            ? ""
            : ", what " + Words.counted(allEphemera, "place holds", "places hold") + " goes back");
  }
}
