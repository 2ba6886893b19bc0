package drumnest.core.album.leaf;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Holds;
import drumnest.core.album.flap.Panorama;
import drumnest.core.album.flap.Stacking;
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
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * The slots of a side of a leaf: its pockets or mounts in reading order, and the sides of its flaps
 * where they are read. A stack of flaps is read as it is leafed: its cover first; then, with each
 * flap that is opened, the inside of it and what came to light below it, from left to right or from
 * the top down. What is on the inside of a flap is read after that; what is tucked behind
 * something, after that. A stack that covers no place is read where it lies. A picture that runs
 * over all panels of an accordion is read at its end.
 */
final class PageSlots {

  private static final Comparator<Box> BEFORE = Comparator.comparing(Box::y).thenComparing(Box::x);

  private static final Comparator<Mount> READING = Comparator.comparing(Mount::box, BEFORE);

  private final PageSide page;
  private final Leaf leaf;
  private final Side face;
  private final String name;

  /** The uppermost first; of those that lie on as many, in the order in which they came. */
  private final List<Flap> flaps;

  private final Stacking stacking;

  /** Those on the page itself, rather than on the inside of another or tucked behind something. */
  private final List<Flap> onPage;

  private final Set<Flap> read = new HashSet<>();

  /**
   * @param name what the slots' names begin with
   */
  PageSlots(Leaf leaf, Side side, String name) {
    this.page = new PageSide(leaf, side);
    this.leaf = leaf;
    this.face = leaf.face(side);
    this.name = name;
    List<Flap> all = leaf.plan(face).flaps();
    this.stacking = new Stacking(all);
    this.flaps =
        all.stream().sorted(Comparator.comparingInt((Flap flap) -> -height(flap, all))).toList();
    this.onPage =
        flaps.stream()
            .filter(flap -> flap.move() != Flap.Move.SLIDES && stacking.surface(flap) == null)
            .toList();
  }

  /** On how many of them it lies. */
  private int height(Flap flap, List<Flap> all) {
    return (int) all.stream().filter(other -> stacking.liesOn(flap, other)).count();
  }

  /**
   * @param before how many slots come before these in the album
   */
  List<Slot> inOrder(int before) {
    List<Slot> places = leaf.type().pattern() == null ? mounts() : pockets();
    return ranked(flaps.isEmpty() ? places : withFlaps(places), before);
  }

  private static List<Slot> ranked(List<Slot> slots, int before) {
    List<Slot> ranked = new ArrayList<>();
    for (Slot slot : slots) {
      ranked.add(slot.withRank(before + ranked.size() + 1));
    }
    return ranked;
  }

  /** The places of the page, and the sides of its flaps where they are read. */
  private List<Slot> withFlaps(List<Slot> places) {
    Set<Flap> hiding =
        places.stream()
            .flatMap(slot -> Flap.hiding(onPage, slot.box()).stream())
            .collect(Collectors.toSet());
    List<Flap> besides = onPage.stream().filter(flap -> !hiding.contains(flap)).toList();
    List<Slot> slots = new ArrayList<>();
    for (Slot slot : places) {
      for (Flap flap : besides) {
        if (BEFORE.compare(flap.closed(), slot.box()) < 0) {
          readStack(slots, flap);
        }
      }
      List<Flap> over =
          Flap.hiding(onPage, slot.box()).stream().filter(flap -> !read.contains(flap)).toList();
      read.addAll(over);
      read(slots, over, slot);
      tucked(slots, null, slot.box());
    }
    besides.forEach(flap -> readStack(slots, flap));
    for (Flap flap : flaps) {
      if (read.add(flap)) {
        addOutside(slots, flap);
        addInside(slots, flap);
      }
    }
    return slots;
  }

  /** Reads a flap that covers no place with all that it lies on. */
  private void readStack(List<Slot> slots, Flap top) {
    List<Flap> stack = new ArrayList<>();
    for (Flap at = top; at != null && read.add(at); at = below(at)) {
      stack.add(at);
    }
    read(slots, stack, null);
  }

  private @Nullable Flap below(Flap flap) {
    return flap.below() == null ? null : leaf.plan(face).flap(flap.below()).orElse(null);
  }

  /**
   * Reads a stack as it is leafed. Where several lie uppermost beside each other, as two doors do,
   * all of them are seen first, and what lies below them is read between their insides.
   *
   * @param under what lies below it; null for nothing
   */
  private void read(List<Slot> slots, List<Flap> stack, @Nullable Slot under) {
    List<Flap> uppermost =
        stack.stream()
            .filter(flap -> stack.stream().noneMatch(other -> stacking.liesOn(other, flap)))
            .sorted(Comparator.comparing(flap -> stacking.reached(flap).closed(), BEFORE))
            .toList();
    if (uppermost.size() > 1) {
      uppermost.forEach(flap -> addOutside(slots, flap));
      uppermost.stream().filter(this::opensFirst).forEach(flap -> addInside(slots, flap));
      read(slots, stack.stream().filter(flap -> !uppermost.contains(flap)).toList(), under);
      uppermost.stream().filter(flap -> !opensFirst(flap)).forEach(flap -> addInside(slots, flap));
      return;
    }
    if (!stack.isEmpty()) {
      addOutside(slots, stack.get(0));
    } else if (under != null) {
      slots.add(under);
    }
    for (int i = 0; i < stack.size(); i++) {
      Flap top = stack.get(i);
      boolean before = opensFirst(top);
      if (before) {
        addInside(slots, top);
      }
      if (i + 1 < stack.size()) {
        addOutside(slots, stack.get(i + 1));
      } else if (under != null) {
        slots.add(under);
      }
      if (!before) {
        addInside(slots, top);
      }
    }
  }

  /** Whether its inside comes to lie before what it covers. */
  private boolean opensFirst(Flap flap) {
    Edge hinge = stacking.reached(flap).hinge();
    return hinge == Edge.LEFT || hinge == Edge.TOP;
  }

  /** The outside of a flap, unless it shows a piece of what is the outside of another. */
  private void addOutside(List<Slot> slots, Flap flap) {
    Panorama panorama = panorama(flap);
    if (panorama == null || !panorama.isOn(flap.id(), true) || panorama.last().equals(flap.id())) {
      slots.add(outside(flap, panorama));
    }
  }

  private @Nullable Panorama panorama(Flap flap) {
    return leaf.plan(face).panoramaOf(flap.id()).orElse(null);
  }

  /** The inside of a flap, and what is stuck to it or tucked there. */
  private void addInside(List<Slot> slots, Flap flap) {
    if (flap.move() == Flap.Move.STAYS) {
      return;
    }
    Panorama panorama = panorama(flap);
    if (panorama == null || !panorama.isOn(flap.id(), false)) {
      slots.add(inside(flap));
    }
    List<Flap> stuck =
        flaps.stream()
            .filter(each -> each.inside() && flap.id().equals(each.fixedTo()))
            .filter(each -> each.move() != Flap.Move.SLIDES)
            .filter(read::add)
            .toList();
    for (Flap lowest : stuck) {
      if (!lowest.isOverAnotherInside()) {
        List<Flap> there =
            stuck.stream().filter(each -> each == lowest || stacking.liesOn(each, lowest)).toList();
        List<Flap> stack =
            flaps.stream()
                .filter(each -> there.contains(each) || isFixedToAny(each, there) && read.add(each))
                .toList();
        read(slots, stack, null);
      }
    }
    tucked(slots, flap.id(), flap.closed());
  }

  private boolean isFixedToAny(Flap flap, List<Flap> carriers) {
    return carriers.stream().anyMatch(each -> stacking.isFixedTo(flap, each));
  }

  /**
   * Reads what is tucked behind a place.
   *
   * @param carrier the flap on the inside of which it is; null for the page
   */
  private void tucked(List<Slot> slots, @Nullable String carrier, Box place) {
    for (Flap flap : flaps) {
      if (flap.move() == Flap.Move.SLIDES
          && Objects.equals(flap.fixedTo(), carrier)
          && flap.closed().overlaps(place)
          && read.add(flap)) {
        addOutside(slots, flap);
        addInside(slots, flap);
      }
    }
  }

  private Slot.Cover cover(Box place) {
    return cover(
        Flap.hiding(
            flaps.stream().filter(flap -> !stacking.isInPocket(flap, Set.of())).toList(), place));
  }

  private static Slot.Cover cover(List<Flap> over) {
    if (over.stream().anyMatch(flap -> flap.move() == Flap.Move.STAYS)) {
      return Slot.Cover.STAYS;
    }
    return over.isEmpty() ? Slot.Cover.NONE : Slot.Cover.MOVES;
  }

  private String named(Flap flap) {
    return FlapNames.of(leaf, page.side(), flap.id());
  }

  /**
   * @param panorama what it is the slot of; null where it is one of its own
   */
  private Slot outside(Flap flap, @Nullable Panorama panorama) {
    Box box = flap.held();
    Slot.Cover over =
        cover(
            Flap.hiding(
                flaps.stream().filter(other -> stacking.liesOn(other, flap)).toList(), box));
    boolean inside = flap.move() == Flap.Move.SLIDES || stacking.surface(flap) != null;
    Slot.Cover cover = inside && over == Slot.Cover.NONE ? Slot.Cover.MOVES : over;
    Slot own =
        side(flap, page, FlapNames.outside(named(flap)), box, Turn.NONE, SlotKind.OUTSIDE, cover);
    boolean wide = panorama != null && panorama.last().equals(flap.id());
    return wide ? own.cutFrom(panorama.print(), panorama.outline()) : own;
  }

  private Slot inside(Flap flap) {
    String id = named(flap);
    Box box = Box.of(flap.border(), flap.border(), flap.takes());
    FlapFace parent = new FlapFace(page, id, flap);
    return side(
        flap,
        parent,
        FlapNames.inside(id),
        box,
        flap.insideTurn(),
        SlotKind.INSIDE,
        Slot.Cover.NONE);
  }

  private Slot side(
      Flap flap,
      SlotParent parent,
      String name,
      Box box,
      Turn turn,
      SlotKind kind,
      Slot.Cover cover) {
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
        leaf.plan(face).holdsOf(flap.id()),
        0,
        cover);
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
              SlotKind.POCKET,
              pocket.named(),
              Outline.STRAIGHT,
              pocket.ruled() ? pocket.box().size() : null,
              Length.ZERO,
              Holds.PHOTO,
              0,
              cover(pocket.box())));
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
              SlotKind.MOUNT,
              box.inset(mount.mat()).size(),
              mount.outline(),
              box.size(),
              mount.mat(),
              mount.holds(),
              0,
              cover(box)));
    }
    return slots;
  }
}
