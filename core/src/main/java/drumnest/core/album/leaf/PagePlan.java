package drumnest.core.album.leaf;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Grip;
import drumnest.core.album.flap.Holds;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.Panorama;
import drumnest.core.album.flap.Stacking;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Size;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The plan of one face of a leaf. A maker says blocks, movers, and flaps one by one; the mounts of
 * the blocks and the flaps that are parts of the movers follow from that by the house rules of the
 * day. They are kept as they were measured: house rules that are changed later alter nothing that
 * stands, only what is planned or changed after them.
 *
 * @param blocks as they were said, on a plain page
 * @param mounts those of the blocks, and no others
 * @param flaps all parts of the movers, and those that were put there one by one
 * @param movers as they were said
 */
public record PagePlan(
    List<Block> blocks, List<Mount> mounts, List<Flap> flaps, List<Mover> movers) {

  public static final PagePlan EMPTY = new PagePlan(List.of(), List.of());

  /**
   * @throws IllegalArgumentException if a mount, or a part of a mover, is not what was said
   */
  public PagePlan {
    blocks = List.copyOf(blocks);
    mounts = List.copyOf(mounts);
    flaps = List.copyOf(flaps);
    movers = List.copyOf(movers);
    Set<Integer> said = blocks.stream().map(Block::key).collect(Collectors.toSet());
    for (Mount mount : mounts) {
      require(said.contains(mount.block()), "A mount belongs to no block.");
    }
    Set<String> there = new HashSet<>();
    for (Flap flap : flaps) {
      require(there.add(flap.id()), "Two flaps have one name.");
    }
    Set<String> parts = new HashSet<>();
    for (Mover mover : movers) {
      for (String part : mover.parts()) {
        require(there.contains(part), "A mover lacks a part.");
        require(parts.add(part), "A flap is a part of two movers.");
      }
    }
  }

  private static void require(boolean holds, String otherwise) {
    if (!holds) {
      throw new IllegalArgumentException(otherwise);
    }
  }

  /** One without movers. */
  public PagePlan(List<Block> blocks, List<Mount> mounts) {
    this(blocks, mounts, List.of(), List.of());
  }

  /** Whether nothing is planned. */
  public boolean isEmpty() {
    return blocks.isEmpty() && flaps.isEmpty();
  }

  /** A copy with other flaps. */
  public PagePlan withFlaps(List<Flap> next) {
    return new PagePlan(blocks, mounts, next, movers);
  }

  /** A copy with other flaps, and the movers from which some of them come. */
  public PagePlan withMovers(List<Flap> nextFlaps, List<Mover> next) {
    return new PagePlan(blocks, mounts, nextFlaps, next);
  }

  public Optional<Flap> flap(String id) {
    return flaps.stream().filter(flap -> flap.id().equals(id)).findFirst();
  }

  /**
   * The flap that carries what is put on a place: the one of which it is the inside, or the card of
   * a pull-out of which it is the front; nothing for all other places.
   */
  public Optional<Flap> carrierOf(Slot at) {
    if (at.kind().isOfPage()) {
      return Optional.empty();
    }
    String id = String.valueOf(at.number());
    boolean drawnOut =
        moverOf(id).filter(each -> each.mechanism() instanceof Mechanism.PullOut).isPresent();
    return flap(id)
        .filter(flap -> drawnOut || flap.move() == Flap.Move.TURNS)
        .filter(flap -> (at.kind() == SlotKind.INSIDE) != drawnOut);
  }

  /** Whether a mover can be put on a place: of the page, or on a flap that carries it. */
  public boolean takesMover(Slot at) {
    return at.kind().isOfPage() || carrierOf(at).isPresent();
  }

  /** The mover that a flap is a part of; nothing for one that was put there by itself. */
  public Optional<Mover> moverOf(String flap) {
    return movers.stream().filter(mover -> mover.parts().contains(flap)).findFirst();
  }

  /**
   * A mover of this page as it is seen when it can be reached: of one on the inside of another when
   * that is open. It is by this that it is read, built and changed.
   */
  public Mover seen(Mover mover) {
    return new Stacking(flaps).reached(mover);
  }

  /**
   * Whether a flap can be put over a place or on it: where a mover can, or over the outside of one
   * that is not drawn out.
   */
  public boolean takesFlap(Slot at) {
    boolean outside =
        at.kind() == SlotKind.OUTSIDE
            && flap(String.valueOf(at.number()))
                .filter(flap -> flap.move() != Flap.Move.SLIDES)
                .isPresent();
    return outside || takesMover(at);
  }

  /** A flap of this page as it is seen when it can be reached. */
  public Flap seen(Flap flap) {
    return new Stacking(flaps).reached(flap);
  }

  /** All flaps that one carries, stuck to it through the stack, wherever on it they are. */
  public List<Flap> carriedBy(Flap carrier) {
    Stacking stacking = new Stacking(flaps);
    return flaps.stream().filter(flap -> stacking.isFixedTo(flap, carrier)).toList();
  }

  /** All flaps as they are seen when they can be reached. */
  public List<Flap> seenFlaps() {
    return flaps.stream().map(this::seen).toList();
  }

  /** The parts of a mover as they are seen when they can be reached, the first one first. */
  public List<Flap> seenParts(Mover mover) {
    return mover.parts().stream().map(part -> seen(flap(part).orElseThrow())).toList();
  }

  /** A mover as this plan has it, of which this is how it is seen. */
  public Mover told(Mover seen) {
    return new Stacking(flaps).told(seen);
  }

  /** A flap as this plan has it, of which this is how it is seen. */
  public Flap told(Flap seen) {
    return new Stacking(flaps).told(seen);
  }

  /** Tells on what a mover lies as it is seen: its page, or the open flap that carries it. */
  public Box roomOf(Mover mover, Size page) {
    return mover.carrier() == null
        ? Box.of(page)
        : seen(flap(mover.carrier()).orElseThrow()).open();
  }

  /**
   * The panorama of the accordion that a flap is a panel of, as it is seen; nothing where it is
   * none of one.
   */
  public Optional<Panorama> panoramaOf(String flap) {
    return moverOf(flap).map(this::seen).flatMap(Panorama::of);
  }

  /** Tells what the sides of a flap are meant to hold. */
  public Holds holdsOf(String flap) {
    return moverOf(flap).map(mover -> mover.mechanism().holds()).orElse(Holds.PHOTO);
  }

  /** Whether the pictures of a flap are printed on it, rather than stuck. */
  public boolean isPrinted(String flap) {
    return moverOf(flap)
        .filter(mover -> mover.mechanism() instanceof Mechanism.Accordion on && on.printed())
        .isPresent();
  }

  /** A flap, what is on its inside, and all parts of the movers that any of them are parts of. */
  public Set<String> goingWith(String flap) {
    Set<String> going = new HashSet<>(Set.of(flap));
    boolean more = true;
    while (more) {
      more = false;
      for (Flap each : flaps) {
        boolean carried = isOnInside(each.id()) && going.contains(each.fixedTo());
        boolean part =
            moverOf(each.id())
                .filter(mover -> mover.parts().stream().anyMatch(going::contains))
                .isPresent();
        more |= (carried || part) && going.add(each.id());
      }
    }
    return going;
  }

  /**
   * A copy without a flap, the rest of the mover that it is a part of and what is stuck to them.
   * What lay on them lies where they lay.
   */
  public PagePlan without(String flap) {
    Set<String> gone = goingWith(flap);
    return withMovers(
        flaps.stream()
            .filter(each -> !gone.contains(each.id()))
            .map(each -> laidDown(each, gone))
            .toList(),
        movers.stream().filter(mover -> !gone.contains(String.valueOf(mover.first()))).toList());
  }

  /** Lays what lay on one that is gone, or was stuck to it, on what that lay on. */
  private Flap laidDown(Flap flap, Set<String> gone) {
    Flap laid = flap;
    while (laid.below() != null && gone.contains(laid.below())) {
      Flap below = flap(laid.below()).orElseThrow();
      if (laid.isOverAnotherInside()) {
        laid = laid.over(below.on());
        continue;
      }
      boolean stuck = laid.fixedTo() != null && below.fixedTo() != null;
      laid = stuck ? laid.stuckTo(below.fixedTo()) : laid.lyingOn(below.below());
    }
    return laid;
  }

  /** A copy with one more flap. */
  public PagePlan with(Flap flap) {
    List<Flap> next = new ArrayList<>(flaps);
    next.add(flap);
    return withFlaps(next);
  }

  /** A copy with one more mover and its parts. */
  public PagePlan with(Mover mover, List<Flap> parts) {
    List<Flap> nextFlaps = new ArrayList<>(flaps);
    nextFlaps.addAll(parts);
    List<Mover> next = new ArrayList<>(movers);
    next.add(mover);
    return withMovers(nextFlaps, next);
  }

  /** Whether it is stuck to the inside of another, or to one that is. */
  public boolean isOnInside(String id) {
    Flap flap = flap(id).orElseThrow();
    return flap.inside() || flap.fixedTo() != null && isOnInside(flap.fixedTo());
  }

  /**
   * The flap to the inside of which one is stuck, or the mover that it is a part of; nothing where
   * it is on the page, or stuck to one that is on an inside.
   */
  public Optional<Flap> carrierOf(Flap flap) {
    Optional<Mover> mover = moverOf(flap.id());
    String carrier =
        mover.isPresent() ? mover.get().carrier() : flap.inside() ? flap.fixedTo() : null;
    return carrier == null ? Optional.empty() : flap(carrier);
  }

  /**
   * Which edges of a flap, or of the mover that it is a part of, may be drawn elsewhere, as they
   * are seen when it is reached: none of one that is stuck to another on an inside.
   */
  public Set<Edge> movableEdges(Flap flap) {
    if (isOnInside(flap.id()) && carrierOf(flap).isEmpty()) {
      return Set.of();
    }
    return moverOf(flap.id())
        .map(mover -> mover.mechanism().movableEdges(seen(mover).edge()))
        .orElse(EnumSet.allOf(Edge.class));
  }

  /**
   * Whether it moves, and neither a grip nor anything of what is below it says so. Of a mover only
   * the parts that its grip is for are asked.
   */
  public boolean isUnmarked(Flap flap) {
    Optional<Mover> mover = moverOf(flap.id());
    boolean cover = mover.map(each -> each.gripped().contains(flap.id())).orElse(true);
    boolean seen = mover.map(each -> each.mechanism().isSeenToOpen()).orElse(false);
    return flap.move() != Flap.Move.STAYS && flap.grip() == Grip.NONE && cover && !seen;
  }

  /** The number for another flap. */
  public int nextNumber() {
    return 1 + flaps.stream().mapToInt(flap -> Integer.parseInt(flap.id())).max().orElse(0);
  }
}
