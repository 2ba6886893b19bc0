package drumnest.server.movers;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.Flap;
import drumnest.core.album.FlapNames;
import drumnest.core.album.Holding;
import drumnest.core.album.Leaf;
import drumnest.core.album.Mover;
import drumnest.core.album.PagePlan;
import drumnest.core.album.PageSide;
import drumnest.core.album.Side;
import drumnest.core.album.Slot;
import drumnest.core.album.SlotNames;
import drumnest.core.fit.Outline;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.mover.Flaps;
import drumnest.server.FieldProblemException;
import drumnest.server.NotThereException;
import drumnest.server.UnprocessableException;
import drumnest.server.album.AlbumChecks;
import drumnest.server.album.History;
import drumnest.server.album.OpenAlbums;
import drumnest.server.album.SeenAlbum;
import drumnest.server.frame.Words;
import drumnest.server.leaves.LeafEdits;
import drumnest.server.stock.UnitsInUse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** One step that changes the flaps of a page: done whole or not at all. */
@Component
class MoverStep {

  /** More flaps than any page holds. */
  private static final int MOST = 40;

  private final OpenAlbums openAlbums;
  private final History history;

  MoverStep(OpenAlbums openAlbums, History history) {
    this.openAlbums = openAlbums;
    this.history = history;
  }

  SeenAlbum seen(long albumId, long version) {
    return openAlbums.seen(albumId, version);
  }

  /**
   * Gives a page other flaps. What was on a side that is gone goes back first, and so does what
   * something is stuck down over.
   *
   * @param renamed the numbers that flaps get instead of others; what they held stays in them
   * @param after what changes once they are there
   */
  void take(
      SeenAlbum seen,
      PageSide page,
      List<Flap> flaps,
      List<Mover> movers,
      String label,
      Map<String, String> renamed,
      List<Change> after) {
    if (flaps.size() > MOST) {
      throw new UnprocessableException("slot", "A page has at most " + MOST + " flaps.");
    }
    // Whatever lies on what there is not, or on itself, is refused here.
    new Flaps(flaps);
    AlbumModel album = seen.album();
    Leaf leaf = page.leaf();
    Side face = leaf.face(page.side());
    PagePlan plan = leaf.plan(face).withMovers(flaps, movers);
    Set<String> stay =
        sides(new PageSide(leaf.withPlan(face, plan), page.side())).stream()
            .map(Slot::id)
            .collect(Collectors.toSet());
    List<Slot> gone =
        sides(page).stream()
            .filter(side -> !stay.contains(side.id()) || isRenamed(side, renamed))
            .toList();
    List<Slot> stuckOver = stuckOver(page, leaf.withPlan(face, plan));
    stuckOver.forEach(slot -> AlbumChecks.requireUnlocked("slot", album.held(slot)));
    List<Change> changes = new ArrayList<>(LeafEdits.emptied(album, gone));
    changes.addAll(LeafEdits.emptied(album, stuckOver));
    for (Slot side : gone) {
      if (side.kind() == Slot.Kind.OUTSIDE) {
        album
            .ownOpening(side)
            .ifPresent(size -> changes.add(new Change.OfOpening(side.id(), size, null)));
      }
    }
    changes.add(
        new Change.OfLeaf(leaf.key(), album.state(leaf), album.state(leaf).withPlan(face, plan)));
    long held = 0;
    for (Slot side : gone) {
      Holding holding = album.held(side);
      String next = renamed.get(String.valueOf(side.number()));
      String name = next == null ? "" : FlapNames.of(leaf, page.side(), next);
      String to =
          side.kind() == Slot.Kind.OUTSIDE ? FlapNames.outside(name) : FlapNames.inside(name);
      if (holding != null && stay.contains(to)) {
        changes.add(new Change.OfHolding(to, null, holding));
      } else if (holding != null) {
        held++;
      }
    }
    changes.addAll(after);
    String with = held == 0 ? "" : " with " + Words.counted(held, "picture", "pictures") + " in it";
    long below = stuckOver.stream().filter(slot -> album.held(slot) != null).count();
    String back = below == 0 ? "" : "; what lay below it goes back";
    history.step(seen, label + with + back, changes);
  }

  /** The slots that are seen now and never again, but for those that are gone. */
  private static List<Slot> stuckOver(PageSide page, Leaf then) {
    Set<String> never =
        then.slots(page.side(), 0).stream()
            .filter(Slot::neverSeen)
            .map(Slot::id)
            .collect(Collectors.toSet());
    return page.leaf().slots(page.side(), 0).stream()
        .filter(slot -> !slot.neverSeen() && never.contains(slot.id()))
        .toList();
  }

  /** The sides of all flaps of a page. */
  private static List<Slot> sides(PageSide page) {
    return page.leaf().slots(page.side(), 0).stream()
        .filter(slot -> !slot.kind().isOfPage())
        .toList();
  }

  /** Whether it is over all panels of an accordion, which ends with another one then. */
  private static boolean isRenamed(Slot side, Map<String, String> renamed) {
    String number = String.valueOf(side.number());
    return side.outline() instanceof Outline.Pieces
        && !renamed.getOrDefault(number, number).equals(number);
  }

  static PagePlan plan(Slot slot) {
    return slot.leaf().plan(slot.leaf().face(slot.side()));
  }

  /** A side of a flap of this name that is a slot: its outside, if that is one. */
  static Slot side(AlbumModel album, String id) {
    return album
        .slot(FlapNames.outside(id))
        .or(() -> album.slot(FlapNames.inside(id)))
        .filter(slot -> !slot.kind().isOfPage())
        .orElseThrow(() -> new NotThereException("flap", "There is no flap “" + id + "”."));
  }

  /** On which page a slot is, such as {@code , leaf 2 front}. */
  static String page(Slot slot) {
    return ", leaf " + slot.leaf().number() + " " + SlotNames.of(slot.side());
  }

  /**
   * @param closed what must lie there
   * @param room where it may
   * @param on what that is called
   * @throws FieldProblemException if it reaches past that
   */
  static void requireWithin(Box closed, Box room, String on) {
    if (!room.contains(closed)) {
      boolean across = closed.x().isLessThan(room.x()) || closed.right().isMoreThan(room.right());
      throw new FieldProblemException(
          across ? "x" : "y",
          "Closed, it would reach past "
              + on
              + "; keep it within that, which is "
              + UnitsInUse.text(room.size())
              + ".");
    }
  }

  /** Where what is on a page may lie closed. */
  static Box room(Slot at) {
    return Box.of(Length.ZERO, Length.ZERO, at.leaf().size());
  }
}
