package drumnest.server.movers;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.Holding;
import drumnest.core.album.leaf.FlapNames;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.LeafState;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.PageSide;
import drumnest.core.album.leaf.Slot;
import drumnest.core.album.leaf.SlotKind;
import drumnest.core.album.leaf.Spread;
import drumnest.core.fit.Outline;
import drumnest.core.measure.Box;
import drumnest.core.mover.Flaps;
import drumnest.server.FieldProblemException;
import drumnest.server.NotThereException;
import drumnest.server.UnprocessableException;
import drumnest.server.album.AlbumChecks;
import drumnest.server.album.History;
import drumnest.server.album.OpenAlbums;
import drumnest.server.album.SeenAlbum;
import drumnest.server.album.StepTaken;
import drumnest.server.frame.SlotNames;
import drumnest.server.frame.Words;
import drumnest.server.leaves.LeafEdits;
import drumnest.server.stock.UnitsInUse;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** One step that changes the flaps of pages: done whole or not at all. */
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
   * Gives pages other flaps. What was on a side that is gone goes back first, and so does what
   * something is stuck down over.
   *
   * @param after what changes once they are there
   * @return that it was done
   */
  StepTaken take(SeenAlbum seen, List<NextPlan> pages, String label, List<Change> after) {
    AlbumModel album = seen.album();
    List<Slot> gone = new ArrayList<>();
    List<Slot> stuckOver = new ArrayList<>();
    Map<Integer, LeafState> states = new LinkedHashMap<>();
    Map<Integer, Leaf> leaves = new HashMap<>();
    for (NextPlan next : pages) {
      require(next.plan());
      gone.addAll(gone(next));
      stuckOver.addAll(stuckOver(next));
      Leaf leaf = next.page().leaf();
      leaves.put(leaf.key(), leaf);
      states.merge(
          leaf.key(), with(album.state(leaf), next), (before, alone) -> with(before, next));
    }
    stuckOver.forEach(slot -> AlbumChecks.requireUnlocked("slot", album.held(slot)));
    List<Change> changes = new ArrayList<>(LeafEdits.emptied(album, gone));
    changes.addAll(LeafEdits.emptied(album, stuckOver));
    for (Slot side : gone) {
      if (side.kind() == SlotKind.OUTSIDE) {
        album
            .ownOpening(side)
            .ifPresent(size -> changes.add(new Change.OfOpening(side.id(), size, null)));
      }
    }
    states.forEach(
        (key, state) -> changes.add(new Change.OfLeaf(key, album.state(leaves.get(key)), state)));
    pages.forEach(next -> changes.addAll(carriedOver(album, next)));
    changes.addAll(after);
    return history.step(seen, label + held(album, gone, pages) + back(album, stuckOver), changes);
  }

  private static LeafState with(LeafState state, NextPlan next) {
    return state.withPlan(next.page().leaf().face(next.page().side()), next.plan());
  }

  private static void require(PagePlan plan) {
    if (plan.flaps().size() > MOST) {
      throw new UnprocessableException("slot", "A page has at most " + MOST + " flaps.");
    }
    // Whatever lies on what there is not, or on itself, is refused here.
    new Flaps(plan.flaps());
  }

  /** The sides of flaps that a page has no more, or that hold something else then. */
  private static List<Slot> gone(NextPlan next) {
    Set<String> stay = stay(next);
    return sides(next.page()).stream()
        .filter(side -> !stay.contains(side.id()) || isRenamed(side, next.renamed()))
        .toList();
  }

  private static Set<String> stay(NextPlan next) {
    return sides(new PageSide(next.leaf(), next.page().side())).stream()
        .map(Slot::id)
        .collect(Collectors.toSet());
  }

  /** Tells what was on sides that are gone and comes into others instead. */
  private static List<Change> carriedOver(AlbumModel album, NextPlan next) {
    List<Change> changes = new ArrayList<>();
    for (Slot side : gone(next)) {
      Holding holding = album.held(side);
      if (holding != null && staysIn(side, next)) {
        changes.add(new Change.OfHolding(instead(side, next), null, holding));
      }
    }
    return changes;
  }

  private static boolean staysIn(Slot side, NextPlan next) {
    return stay(next).contains(instead(side, next));
  }

  /** The side that holds what was on one that is gone; that of no flap where none does. */
  private static String instead(Slot side, NextPlan next) {
    String number = next.renamed().get(String.valueOf(side.number()));
    String name =
        number == null ? "" : FlapNames.of(next.page().leaf(), next.page().side(), number);
    return side.kind() == SlotKind.OUTSIDE ? FlapNames.outside(name) : FlapNames.inside(name);
  }

  /** How much goes back that was on sides that are gone. */
  private static String held(AlbumModel album, List<Slot> gone, List<NextPlan> pages) {
    long kept = pages.stream().mapToLong(next -> carriedOver(album, next).size()).sum();
    long held = gone.stream().filter(slot -> album.held(slot) != null).count() - kept;
    return held == 0 ? "" : " with " + Words.counted(held, "picture", "pictures") + " in it";
  }

  private static String back(AlbumModel album, List<Slot> stuckOver) {
    boolean held = stuckOver.stream().anyMatch(slot -> album.held(slot) != null);
    return held ? "; what lay below it goes back" : "";
  }

  /** The slots that are seen now and never again, but for those that are gone. */
  private static List<Slot> stuckOver(NextPlan next) {
    PageSide page = next.page();
    Set<String> never =
        next.leaf().slots(page.side(), 0).stream()
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
    return NextPlan.plan(slot.parent().page());
  }

  /** The spread on which a page is seen. */
  static Spread spread(AlbumModel album, PageSide page) {
    return album.leaves().spread(album.leaves().spreadOf(page));
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
  static Box room(PageSide page) {
    return Box.of(page.leaf().size());
  }
}
