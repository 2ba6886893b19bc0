package drumnest.server.edit;

import drumnest.core.album.AlbumLeaves;
import drumnest.core.album.Block;
import drumnest.core.album.Leaf;
import drumnest.core.album.PageMeasure;
import drumnest.core.album.PagePlan;
import drumnest.core.album.Side;
import drumnest.core.album.Slot;
import drumnest.core.measure.Length;
import drumnest.core.stock.CatalogueItem;
import drumnest.core.stock.LeafType;
import drumnest.server.shelf.PlanJson;
import drumnest.server.shelf.Shelf;
import drumnest.server.store.Albums;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * What a maker does to the leaves of an album. Every method is one step of its history, done whole
 * or not at all, and only if the album is still as the page that asks has seen it.
 */
@Service
public class LeafEdits {

  /** More leaves than any binding holds. */
  static final int MOST = 500;

  private final Benches benches;
  private final History history;
  private final Shelf shelf;
  private final Albums albums;

  LeafEdits(Benches benches, History history, Shelf shelf, Albums albums) {
    this.benches = benches;
    this.history = history;
    this.shelf = shelf;
    this.albums = albums;
  }

  /**
   * Adds a leaf.
   *
   * @param at its number, from 1; it moves to the end where that is past it
   */
  public void add(long albumId, long version, String type, int at) {
    Bench bench = benches.seen(albumId, version);
    Shelf.Entry entry =
        shelf
            .find(type)
            .filter(each -> each.item() instanceof LeafType && !each.gone())
            .orElseThrow(
                () -> new NotThereException("type", "There is no kind of leaf “" + type + "”."));
    insert(
        bench,
        new StoredLeaf(type, false, 0, null, null),
        at,
        "add a leaf: " + entry.item().name());
  }

  private void insert(Bench bench, StoredLeaf leaf, int at, String label) {
    List<Integer> before = order(bench);
    if (before.size() >= MOST) {
      throw new NotPossibleException("type", "An album has at most " + MOST + " leaves.");
    }
    // A key is never used twice, not even of a leaf that was taken out: a step may bring it back.
    int key = bench.album().nextLeafKey();
    List<Integer> after = new ArrayList<>(before);
    after.add(Math.max(0, Math.min(at - 1, after.size())), key);
    history.step(
        bench.album(),
        label,
        List.of(new Change.OfLeaf(key, null, leaf), new Change.OfOrder(before, after)));
  }

  /**
   * Takes a leaf out.
   *
   * @throws WouldLoseException if something is on it and that was not confirmed
   */
  public void remove(long albumId, long version, int key, boolean confirmed) {
    Bench bench = benches.seen(albumId, version);
    Leaf leaf = leaf(bench, key);
    List<String> lost = lost(bench, leaf);
    if (!confirmed && !lost.isEmpty()) {
      throw new WouldLoseException("Leaf " + leaf.number() + " is not empty.", lost);
    }
    history.step(
        bench.album(), "take leaf " + leaf.number() + " out", removal(bench, List.of(leaf)));
  }

  /** What is lost with a leaf, a line each. */
  private static List<String> lost(Bench bench, Leaf leaf) {
    List<Slot> slots = slots(leaf);
    List<String> lost = new ArrayList<>();
    long photos = slots.stream().filter(slot -> bench.seated(slot).isPresent()).count();
    long things = slots.stream().filter(slot -> bench.laid(slot).isPresent()).count();
    long measured =
        slots.stream()
            .filter(slot -> bench.ownOpening(slot).isPresent())
            .map(Bench::openingKey)
            .distinct()
            .count();
    int mounts = leaf.plan().mounts().size() + leaf.reversePlan().mounts().size();
    if (photos > 0) {
      lost.add(counted(photos, "photo goes", "photos go") + " back on the line");
    }
    if (things > 0) {
      lost.add(
          counted(things, "card or keepsake goes", "cards or keepsakes go") + " back to the tray");
    }
    if (measured > 0) {
      lost.add(counted(measured, "measured opening is", "measured openings are") + " forgotten");
    }
    if (mounts > 0) {
      lost.add(counted(mounts, "mount is", "mounts are") + " lost");
    }
    return lost;
  }

  static String counted(long count, String one, String many) {
    return count + " " + (count == 1 ? one : many);
  }

  static List<Slot> slots(Leaf leaf) {
    List<Slot> slots = new ArrayList<>(leaf.slots(Side.FRONT, 0));
    slots.addAll(leaf.slots(Side.BACK, 0));
    return slots;
  }

  private static List<Change> removal(Bench bench, List<Leaf> leaves) {
    List<Change> changes = new ArrayList<>();
    List<Integer> before = order(bench);
    List<Integer> after = new ArrayList<>(before);
    for (Leaf leaf : leaves) {
      changes.addAll(emptied(bench, slots(leaf)));
      for (Slot slot : slots(leaf)) {
        String opening = Bench.openingKey(slot);
        if (opening.equals(slot.id())) {
          bench
              .ownOpening(slot)
              .ifPresent(
                  size -> changes.add(new Change.OfOpening(opening, StoredSize.of(size), null)));
        }
      }
      changes.add(new Change.OfLeaf(leaf.key(), stored(bench, leaf), null));
      after.remove(Integer.valueOf(leaf.key()));
    }
    changes.add(new Change.OfOrder(before, after));
    return changes;
  }

  static List<Change> emptied(Bench bench, List<Slot> slots) {
    List<Change> changes = new ArrayList<>();
    for (Slot slot : slots) {
      Filling held = AlbumEdits.held(bench, slot);
      if (held != null) {
        changes.add(new Change.OfFilling(slot.id(), held, null));
      }
    }
    return changes;
  }

  /** Moves a leaf to another number, from 1. */
  public void move(long albumId, long version, int key, int to) {
    Bench bench = benches.seen(albumId, version);
    Leaf leaf = leaf(bench, key);
    List<Integer> before = order(bench);
    List<Integer> after = new ArrayList<>(before);
    after.remove(Integer.valueOf(key));
    after.add(Math.max(0, Math.min(to - 1, after.size())), key);
    if (after.equals(before)) {
      throw new NotPossibleException("to", "The leaf is there already.");
    }
    history.step(
        bench.album(),
        "move leaf " + leaf.number() + " to " + (after.indexOf(key) + 1),
        List.of(new Change.OfOrder(before, after)));
  }

  /** Turns a leaf over, with everything on it. */
  public void turnOver(long albumId, long version, int key) {
    Bench bench = benches.seen(albumId, version);
    Leaf leaf = leaf(bench, key);
    if (leaf.type().keepFree().isPositive()) {
      throw new NotPossibleException(
          "leaf",
          "Turned over, the holes of this page would come to its outer edge. Move what is on it"
              + " instead.");
    }
    StoredLeaf before = stored(bench, leaf);
    change(
        bench,
        leaf,
        new StoredLeaf(
            before.type(), !before.turned(), before.dropBy(), before.plan(), before.reversePlan()),
        "turn leaf " + leaf.number() + " over");
  }

  /** Puts a like leaf behind it: of its kind, with its mounts, without its things. */
  public void duplicate(long albumId, long version, int key) {
    Bench bench = benches.seen(albumId, version);
    Leaf leaf = leaf(bench, key);
    insert(bench, stored(bench, leaf), leaf.number() + 1, "duplicate leaf " + leaf.number());
  }

  /** Says how far a leaf's top edge lies below that of the album's page. */
  public void drop(long albumId, long version, int key, Length drop) {
    Bench bench = benches.seen(albumId, version);
    Leaf leaf = leaf(bench, key);
    StoredLeaf before = stored(bench, leaf);
    change(
        bench,
        leaf,
        new StoredLeaf(
            before.type(),
            before.turned(),
            drop.toNanometres(),
            before.plan(),
            before.reversePlan()),
        "height of leaf " + leaf.number());
  }

  private void change(Bench bench, Leaf leaf, StoredLeaf after, String label) {
    history.step(
        bench.album(), label, List.of(new Change.OfLeaf(leaf.key(), stored(bench, leaf), after)));
  }

  /** The plan that blocks make on the side of a leaf; nothing is changed. */
  public PagePlan planned(Bench bench, int key, Side side, List<Block> blocks) {
    Leaf leaf = leaf(bench, key);
    if (leaf.type().pattern() != null) {
      throw new NotPossibleException(
          "leaf", "This leaf has pockets; mounts are measured on plain pages.");
    }
    return new PageMeasure(leaf.size(), PageMeasure.usable(leaf, side), bench.rules()).plan(blocks);
  }

  /** Plans the mounts on a side of a plain page; what has no mount any more goes back. */
  public void plan(long albumId, long version, int key, Side side, List<Block> blocks) {
    Bench bench = benches.seen(albumId, version);
    Leaf leaf = leaf(bench, key);
    PagePlan plan = planned(bench, key, side, blocks);
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
                bench,
                leaf.slots(side, 0).stream().filter(slot -> !stay.contains(slot.id())).toList()));
    changes.add(
        new Change.OfLeaf(leaf.key(), stored(bench, leaf), stored(bench.typeKey(leaf), next)));
    history.step(
        bench.album(), "mounts on leaf " + leaf.number() + " " + SlotNames.of(side), changes);
  }

  /** Says which format the album is of; null for none. */
  public void format(long albumId, long version, @Nullable String format) {
    Bench bench = benches.seen(albumId, version);
    if (format != null
        && shelf
            .find(format)
            .filter(each -> each.item() instanceof CatalogueItem.AlbumFormat && !each.gone())
            .isEmpty()) {
      throw new NotThereException("format", "There is no album format “" + format + "”.");
    }
    history.step(
        bench.album(), "format", List.of(new Change.OfFormat(bench.album().format(), format)));
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
    List<Bench> using =
        albums.findAll().stream()
            .map(album -> benches.open(album.id()))
            .filter(bench -> uses(bench, entryKey))
            .sorted(Comparator.comparing(bench -> bench.album().id()))
            .toList();
    if (!confirmed && !using.isEmpty()) {
      throw new WouldLoseException(
          "“" + entry.item().name() + "” is in use.",
          using.stream().map(bench -> lost(bench, entryKey)).toList());
    }
    Change off = new Change.OfEntry(entryKey, false, true);
    for (Bench bench : using) {
      List<Change> changes = new ArrayList<>(List.of(off));
      if (entryKey.equals(bench.album().format())) {
        changes.add(new Change.OfFormat(entryKey, null));
      }
      List<Leaf> leaves = leavesOf(bench, entryKey);
      if (!leaves.isEmpty()) {
        changes.addAll(removal(bench, leaves));
      }
      history.step(bench.album(), "take off the shelf: " + entry.item().name(), changes);
    }
    if (using.isEmpty()) {
      shelf.setGone(entryKey, true);
    }
  }

  private static boolean uses(Bench bench, String entry) {
    return entry.equals(bench.album().format()) || !leavesOf(bench, entry).isEmpty();
  }

  private static List<Leaf> leavesOf(Bench bench, String type) {
    return bench.leaves().leaves().stream()
        .filter(leaf -> type.equals(bench.typeKey(leaf)))
        .toList();
  }

  private static String lost(Bench bench, String entry) {
    List<Leaf> leaves = leavesOf(bench, entry);
    String album = "“" + bench.album().title() + "”";
    if (leaves.isEmpty()) {
      return album + " is of this format; it keeps its leaves and no longer says its format";
    }
    long things =
        leaves.stream().flatMap(leaf -> slots(leaf).stream()).filter(bench::isFilled).count();
    return counted(leaves.size(), "leaf", "leaves")
        + " of "
        + album
        + (leaves.size() == 1 ? " is" : " are")
        + " taken out"
        + (things == 0
            ? ""
            : ", what " + counted(things, "place holds", "places hold") + " goes back");
  }

  static StoredLeaf stored(Bench bench, Leaf leaf) {
    return stored(bench.typeKey(leaf), leaf);
  }

  private static StoredLeaf stored(String type, Leaf leaf) {
    return new StoredLeaf(
        type,
        leaf.turned(),
        leaf.drop().toNanometres(),
        PlanJson.write(leaf.plan()),
        PlanJson.write(leaf.reversePlan()));
  }

  static List<Integer> order(Bench bench) {
    return bench.leaves().leaves().stream().map(Leaf::key).toList();
  }

  /** A leaf of an album by its key. */
  public static Leaf leaf(Bench bench, int key) {
    AlbumLeaves leaves = bench.leaves();
    Optional<Leaf> leaf = leaves.leaf(key);
    return leaf.orElseThrow(
        () -> new NotThereException("leaf", "There is no leaf with the key " + key + "."));
  }
}
