package drumnest.core.album;

import drumnest.core.fit.Outline;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.measure.Turn;
import drumnest.core.stock.Pocket;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * The slots of a side of a leaf: its pockets or mounts in reading order, and the sides of its flaps
 * where they are read. The outside of a flap comes before what it covers; its inside comes before
 * that too where it opens to the left or upwards, and after it where it opens to the right or down.
 * Of flaps on each other the uppermost comes first. One that covers no place comes last.
 */
final class PageSlots {

  private static final Comparator<Mount> READING =
      Comparator.comparing((Mount mount) -> mount.box().y())
          .thenComparing(mount -> mount.box().x());

  private final PageSide page;
  private final Leaf leaf;
  private final Side face;
  private final String name;
  private final List<Flap> flaps;
  private final Set<Flap> read = new HashSet<>();

  /**
   * @param name what the slots' names begin with
   */
  PageSlots(Leaf leaf, Side side, String name) {
    this.page = new PageSide(leaf, side);
    this.leaf = leaf;
    this.face = leaf.face(side);
    this.name = name;
    this.flaps = uppermostFirst(leaf.plan(face).flaps());
  }

  /** Those that lie on more flaps come first; of others, in the order in which they came. */
  private static List<Flap> uppermostFirst(List<Flap> flaps) {
    return flaps.stream()
        .sorted(Comparator.comparingInt((Flap flap) -> -height(flap, flaps)))
        .toList();
  }

  /** On how many flaps it lies, one on the other. */
  private static int height(Flap flap, List<Flap> flaps) {
    String below = flap.below();
    return flaps.stream()
        .filter(other -> other.id().equals(below))
        .findFirst()
        .map(other -> 1 + height(other, flaps))
        .orElse(0);
  }

  /**
   * @param before how many slots come before these in the album
   */
  List<Slot> inOrder(int before) {
    List<Slot> slots = new ArrayList<>();
    for (Slot slot : leaf.type().pattern() == null ? mounts() : pockets()) {
      List<Flap> over =
          flaps.stream().filter(flap -> !read.contains(flap) && flap.hides(slot.box())).toList();
      read.addAll(over);
      read(slots, over, slot);
    }
    for (Flap flap : flaps) {
      if (read.add(flap)) {
        slots.add(outside(flap));
        slots.add(inside(flap));
      }
    }
    List<Slot> ranked = new ArrayList<>();
    for (Slot slot : slots) {
      ranked.add(slot.withRank(before + ranked.size() + 1));
    }
    return ranked;
  }

  private void read(List<Slot> slots, List<Flap> over, Slot under) {
    if (over.isEmpty()) {
      slots.add(under);
      return;
    }
    Flap top = over.get(0);
    boolean before = top.hinge() == Edge.LEFT || top.hinge() == Edge.TOP;
    slots.add(outside(top));
    if (before) {
      slots.add(inside(top));
    }
    read(slots, over.subList(1, over.size()), under);
    if (!before) {
      slots.add(inside(top));
    }
  }

  private boolean isCovered(Box place) {
    return flaps.stream().anyMatch(flap -> flap.hides(place));
  }

  private String named(Flap flap) {
    return FlapNames.of(leaf, page.side(), flap.id());
  }

  private Slot outside(Flap flap) {
    Box box = flap.face();
    boolean covered =
        flaps.stream().anyMatch(other -> flap.id().equals(other.below()) && other.hides(box));
    return side(
        flap, page, FlapNames.outside(named(flap)), box, Turn.NONE, Slot.Kind.OUTSIDE, covered);
  }

  private Slot inside(Flap flap) {
    String id = named(flap);
    Box box = Box.of(flap.seal(), flap.seal(), flap.takes());
    FlapFace parent = new FlapFace(page, id, flap);
    return side(
        flap, parent, FlapNames.inside(id), box, flap.insideTurn(), Slot.Kind.INSIDE, false);
  }

  private Slot side(
      Flap flap,
      SlotParent parent,
      String name,
      Box box,
      Turn turn,
      Slot.Kind kind,
      boolean covered) {
    Size takes = flap.takes();
    return new Slot(
        name,
        parent,
        Integer.parseInt(flap.id()),
        box,
        turn,
        kind,
        takes,
        Outline.STRAIGHT,
        flap.body() == Flap.Body.CARD ? takes : null,
        Length.ZERO,
        Holds.PHOTO,
        0,
        covered);
  }

  private List<Slot> pockets() {
    List<Slot> slots = new ArrayList<>();
    for (Pocket pocket : leaf.pattern(face).orElseThrow().pockets()) {
      int number = slots.size() + 1;
      slots.add(
          new Slot(
              name + "-" + number,
              page,
              number,
              pocket.box(),
              Turn.NONE,
              Slot.Kind.POCKET,
              pocket.named(),
              Outline.STRAIGHT,
              pocket.ruled() ? pocket.box().size() : null,
              Length.ZERO,
              Holds.PHOTO,
              0,
              isCovered(pocket.box())));
    }
    return slots;
  }

  private List<Slot> mounts() {
    List<Slot> slots = new ArrayList<>();
    for (Mount mount : leaf.plan(face).mounts().stream().sorted(READING).toList()) {
      Box box = mount.box();
      slots.add(
          new Slot(
              name + "-" + mount.block() + "." + mount.index(),
              page,
              slots.size() + 1,
              box,
              Turn.NONE,
              Slot.Kind.MOUNT,
              box.inset(mount.mat()).size(),
              mount.outline(),
              box.size(),
              mount.mat(),
              mount.holds(),
              0,
              isCovered(box)));
    }
    return slots;
  }
}
