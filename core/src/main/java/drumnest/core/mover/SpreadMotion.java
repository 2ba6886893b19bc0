package drumnest.core.mover;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Panorama;
import drumnest.core.album.leaf.FlapNames;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.PageSide;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.album.leaf.SlotKind;
import drumnest.core.album.leaf.Spread;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The flaps of a spread and how they move: where each lies in any state of the spread, which may be
 * opened or closed next, and what is in the way of the others. A state is the set of those that are
 * open. Those of both pages are looked at together, in lengths from the top left of the left page.
 *
 * <p>What is fixed to a flap moves with it. A flap may be opened when none that lies on what moves
 * is still closed, and nothing that was moved, by itself or with what carries it, lies over that or
 * where it would come to lie; it may be closed where it might be opened again from there, so that
 * whatever was opened can be closed. One on an underside opens only if it swings out from there,
 * and is come at from below. One on which the strip of another is stuck never opens. So, from rest,
 * no two that are open ever lie in one place, unless the one carries the other, or they are turned
 * one after the other like the leaves of a book.
 *
 * <p>Source: common practice, no source. Time of a question about one flap: flaps × height of the
 * highest stack; of all of them: that squared.
 */
public final class SpreadMotion {

  /** Why a flap may not be moved. */
  public enum Why {
    /** The other lies on it, closed. */
    OPEN_FIRST,
    /** The other lies, open, over it, or where it would come to lie. */
    CLOSE_FIRST,
    /** The other is stuck to it with its strip, so that it never opens. */
    STUCK,
    /** It is stuck down itself, whole. */
    FLAT
  }

  /** Something that is in the way of a flap. */
  public record Hindrance(Why why, String other) {}

  private final Flaps flaps;
  private final Layering layering;
  private final Map<String, Flap> byId = new LinkedHashMap<>();
  private final Map<String, Box> places = new LinkedHashMap<>();
  private final Map<String, Box> pages = new LinkedHashMap<>();
  private final Map<Side, Box> tops = new EnumMap<>(Side.class);
  private final Map<String, String> flapOf = new LinkedHashMap<>();
  private final Map<String, SlotKind> kinds = new LinkedHashMap<>();
  private final Set<String> pieces = new LinkedHashSet<>();
  private final List<Clash> meeting;
  private final Set<Clash> stuck;
  private final Length strip;

  /** Flaps of a spread without places. */
  SpreadMotion(List<Flap> flaps) {
    this(flaps, Length.ZERO);
  }

  private SpreadMotion(List<Flap> flaps, Length strip) {
    this.strip = strip;
    this.flaps = new Flaps(flaps);
    this.layering = new Layering(flaps, this.flaps.stacking());
    flaps.forEach(flap -> byId.put(flap.id(), flap));
    this.meeting = this.flaps.clashes();
    this.stuck =
        meeting.stream()
            .filter(clash -> clash.kind() == ClashKind.STRIP_ON_MOVING)
            .collect(Collectors.toSet());
  }

  /**
   * The flaps of both pages on top of a spread.
   *
   * @param strip how wide the punched strip of a leaf is
   */
  public static SpreadMotion of(Spread spread, Length strip) {
    List<Flap> all = new ArrayList<>();
    Map<PageSide, Box> pages = new LinkedHashMap<>();
    for (Side side : List.of(Side.BACK, Side.FRONT)) {
      Leaf leaf = spread.top(side);
      Box page = spread.topBox(side, strip);
      if (leaf == null || page == null) {
        continue;
      }
      pages.put(new PageSide(leaf, side), page);
      leaf.plan(leaf.face(side))
          .flaps()
          .forEach(
              flap ->
                  all.add(flap.renamed(id -> FlapNames.of(leaf, side, id), page.x(), page.y())));
    }
    SpreadMotion motion = new SpreadMotion(all, spread.isFolded() ? Length.ZERO : strip);
    pages.forEach(motion::place);
    return motion;
  }

  private void place(PageSide page, Box at) {
    tops.put(page.side(), at);
    String name = FlapNames.of(page.leaf(), page.side(), "");
    flaps.all().stream()
        .filter(flap -> flap.id().startsWith(name))
        .forEach(flap -> pages.put(flap.id(), at));
    for (Slot slot : page.leaf().slots(page.side(), 0)) {
      kinds.put(slot.id(), slot.kind());
      slot.flap().ifPresent(flap -> flapOf.put(slot.id(), flap));
      if (slot.kind().isOfPage()) {
        places.put(slot.id(), slot.box().moved(at.x(), at.y()));
      }
    }
    PagePlan plan = page.leaf().plan(page.leaf().face(page.side()));
    plan.movers().stream()
        .flatMap(mover -> Panorama.of(mover).stream())
        .forEach(panorama -> placePieces(panorama, name));
  }

  /** The faces that show a piece of what is the slot of another. */
  private void placePieces(Panorama panorama, String name) {
    for (String part : panorama.mover().parts()) {
      boolean outside = panorama.isOn(part, true);
      String flap = name + part;
      String face = outside ? FlapNames.outside(flap) : FlapNames.inside(flap);
      if (!kinds.containsKey(face)) {
        kinds.put(face, outside ? SlotKind.OUTSIDE : SlotKind.INSIDE);
        flapOf.put(face, flap);
        pieces.add(face);
      }
    }
  }

  /** All flaps, those of the left page first, by their names in the album. */
  public Flaps flaps() {
    return flaps;
  }

  /**
   * All pairs that are in each other's way, and those that never open, each with what is in its
   * way.
   */
  public List<Clash> clashes() {
    List<Clash> clashes = new ArrayList<>(meeting);
    clashes.addAll(new NeverOpening(this).clashes(meeting));
    return clashes;
  }

  /** All slots of both pages. */
  public Set<String> slots() {
    Set<String> slots = new LinkedHashSet<>(kinds.keySet());
    slots.removeAll(pieces);
    return slots;
  }

  /** Where the places of the pages themselves lie. */
  public Map<String, Box> places() {
    return Collections.unmodifiableMap(places);
  }

  /** Whether there are rings between its pages, rather than a fold. */
  public boolean hasRings() {
    return strip.isPositive();
  }

  /** Where the page of a flap lies. */
  public Box page(Flap flap) {
    return pages.get(flap.id());
  }

  public Optional<Flap> flap(String id) {
    return Optional.ofNullable(byId.get(id));
  }

  /** Where a flap lies when these are open. */
  public Box area(Flap flap, Set<String> open) {
    return carried(open.contains(flap.id()) ? flap.open() : flap.closed(), flap, open);
  }

  /**
   * How many layers up each lies when these are open: on the page 1, else one more than the highest
   * of those over which it lies.
   */
  public Map<String, Integer> levels(Set<String> open) {
    return layering.levels(open, flap -> area(flap, open));
  }

  /** Where what it is taken hold of by sticks out then; nothing where it has none. */
  public Optional<Box> gripArea(Flap flap, Set<String> open, HouseRules rules) {
    return flap.gripArea(
            open.contains(flap.id()),
            rules.length(HouseRule.GRIP_REACH),
            rules.length(HouseRule.GRIP_WIDTH))
        .map(grip -> carried(grip, flap, open));
  }

  private Box carried(Box closed, Flap flap, Set<String> open) {
    Box area = closed;
    for (Flap carrier : flaps.stacking().carriers(flap)) {
      if (open.contains(carrier.id())) {
        area = carrier.carriedOut(area);
      }
    }
    return area;
  }

  /**
   * How far a flap lies over the facing page when these are open: zero where it ends over the rings
   * between them, or there is no facing page; nothing where it does not reach the rings, which go
   * through the middle of the punched strip.
   */
  public Optional<Length> overGutter(Flap flap, Set<String> open) {
    Box area = area(flap, open);
    boolean left = page(flap).equals(tops.get(Side.BACK));
    Box facing = tops.get(left ? Side.FRONT : Side.BACK);
    Length past = left ? area.right().minus(page(flap).right()) : page(flap).x().minus(area.x());
    if (!past.isMoreThan(strip.times(1, 2))) {
      return Optional.empty();
    }
    Length over =
        facing == null
            ? Length.ZERO
            : left ? area.right().minus(facing.x()) : facing.right().minus(area.x());
    return Optional.of(over.max(Length.ZERO));
  }

  /** Where what is in a flap lies then. */
  private Box face(Flap flap, Set<String> open) {
    return flap.faceOf(area(flap, open));
  }

  /**
   * Tells what is in the way of opening a closed flap, or of closing an open one; nothing if it may
   * be. It may be closed where it might be opened again from there.
   */
  public List<Hindrance> hindrances(Flap flap, Set<String> open) {
    Set<String> before = new LinkedHashSet<>(open);
    before.remove(flap.id());
    Set<String> then = new LinkedHashSet<>(before);
    then.add(flap.id());
    if (flap.move() == Flap.Move.STAYS) {
      return List.of(new Hindrance(Why.FLAT, flap.id()));
    }
    List<Flap> moved =
        flaps.all().stream()
            .filter(each -> each == flap || flaps.stacking().isFixedTo(each, flap))
            .toList();
    List<Hindrance> hindrances = new ArrayList<>(inside(flap, moved, before));
    hindrances.addAll(underneath(flap, moved, before, then));
    Flap lifted = layering.lifted(flap, before);
    flaps.all().stream()
        .filter(other -> !moved.contains(other) && !flaps.stacking().isFixedTo(flap, other))
        .flatMap(
            other ->
                moved.stream()
                    .flatMap(each -> hindrance(each, other, lifted, before, then).stream())
                    .limit(1))
        .forEach(hindrances::add);
    return hindrances.stream().distinct().toList();
  }

  /**
   * Holds that the inside of a flap, or the card that is drawn out, is reached when that is open,
   * and that what is on it is closed before that is.
   */
  private List<Hindrance> inside(Flap flap, List<Flap> moved, Set<String> before) {
    List<Hindrance> hindrances = new ArrayList<>();
    for (Flap at = flap; at.fixedTo() != null; at = byId.get(at.fixedTo())) {
      if (at.inside() && !before.contains(at.fixedTo())) {
        hindrances.add(new Hindrance(Why.OPEN_FIRST, at.fixedTo()));
      }
    }
    for (Flap each : moved) {
      if (flap.id().equals(flaps.stacking().surface(each)) && before.contains(each.id())) {
        hindrances.add(new Hindrance(Why.CLOSE_FIRST, each.id()));
      }
    }
    return hindrances;
  }

  /**
   * Holds that one on the underside of what carries it swings out from there, over the edge of
   * that, or stays: it cannot be come at.
   */
  private List<Hindrance> underneath(
      Flap flap, List<Flap> moved, Set<String> before, Set<String> then) {
    return flaps.stacking().carriers(flap).stream()
        .filter(carrier -> layering.liesOver(carrier, flap, before))
        .filter(
            carrier ->
                moved.stream().anyMatch(each -> face(each, then).overlaps(face(carrier, before))))
        .flatMap(carrier -> layering.movedBy(carrier, before).stream())
        .map(open -> new Hindrance(Why.CLOSE_FIRST, open.id()))
        .toList();
  }

  /** Tells how another is in the way of one of those that move, between two states. */
  private Optional<Hindrance> hindrance(
      Flap moved, Flap other, @Nullable Flap lifted, Set<String> before, Set<String> then) {
    if (other.move() == Flap.Move.STAYS) {
      return Optional.empty();
    }
    if (stuck.contains(new Clash(ClashKind.STRIP_ON_MOVING, other.id(), moved.id()))) {
      return Optional.of(new Hindrance(Why.STUCK, other.id()));
    }
    Box place = face(other, before);
    boolean shared = place.overlaps(face(moved, before));
    Optional<Flap> movedBy = layering.movedAgainst(other, moved, before);
    if (movedBy.isEmpty()) {
      return shared && layering.isInFront(other, moved, lifted, before)
          ? Optional.of(new Hindrance(Why.OPEN_FIRST, other.id()))
          : Optional.empty();
    }
    boolean over = shared && !layering.isInFront(moved, other, lifted, before);
    boolean met = place.overlaps(face(moved, then)) && !layering.isNextLeaf(moved, other, then);
    return over || met
        ? Optional.of(new Hindrance(Why.CLOSE_FIRST, movedBy.get().id()))
        : Optional.empty();
  }

  /**
   * Tells what is seen when these are open: a place that no flap hides, and the side of each that
   * is up. A side that shows a piece of what runs over several has the name that it would have as a
   * slot.
   */
  public Set<String> seen(Set<String> open) {
    Set<String> seen = new LinkedHashSet<>();
    kinds.forEach(
        (slot, kind) -> {
          boolean up =
              switch (kind) {
                case POCKET, MOUNT -> !isHidden(places.get(slot), flaps.all().stream(), open);
                case OUTSIDE -> isUp(flapOf.get(slot), open, false);
                case INSIDE -> isUp(flapOf.get(slot), open, true);
              };
          if (up) {
            seen.add(slot);
          }
        });
    return seen;
  }

  /**
   * Whether a side of a flap is up, and nothing lies over it. Of one that is drawn out both sides
   * are seen, but for what is stuck to its front: it is in the hand.
   */
  private boolean isUp(String id, Set<String> open, boolean inside) {
    Flap flap = byId.get(id);
    if (flap.move() == Flap.Move.SLIDES) {
      Stream<Flap> on =
          flaps.all().stream().filter(other -> flaps.stacking().isFixedTo(other, flap));
      return open.contains(id) && (inside || !isHidden(face(flap, open), on, open));
    }
    boolean up = inside == layering.isFaceDown(flap, open);
    return up
        && !flaps.stacking().isInPocket(flap, open)
        && !isHidden(
            face(flap, open),
            flaps.all().stream()
                .filter(other -> other != flap && layering.liesOver(other, flap, open)),
            open);
  }

  /** Whether some of those that lie over a place hide it. */
  private boolean isHidden(Box place, Stream<Flap> over, Set<String> open) {
    return place.isHiddenBy(
        over.filter(flap -> flap.canHide() && !flaps.stacking().isInPocket(flap, open))
            .map(flap -> face(flap, open))
            .toList());
  }

  /**
   * The order in which flaps are opened, from rest, until no other may be: each time the first that
   * may, in the order of the spread.
   */
  public List<String> openingOrder() {
    Set<String> open = new LinkedHashSet<>();
    boolean moved = true;
    while (moved) {
      moved = false;
      for (Flap flap : flaps.all()) {
        if (!open.contains(flap.id()) && hindrances(flap, open).isEmpty()) {
          open.add(flap.id());
          moved = true;
        }
      }
    }
    return List.copyOf(open);
  }

  /**
   * The state in which, from rest, a flap is open and as few others as may be: those that lie on
   * it, and those on the inside of which it is; nothing where it cannot be opened so.
   */
  public Optional<Set<String>> stateFor(Flap flap) {
    Set<String> open = new LinkedHashSet<>();
    return opens(flap, open, flaps.all().size()) ? Optional.of(open) : Optional.empty();
  }

  private boolean opens(Flap flap, Set<String> open, int steps) {
    if (steps < 0) {
      return false;
    }
    List<Hindrance> hindrances = hindrances(flap, open);
    while (!hindrances.isEmpty()) {
      Hindrance first = hindrances.get(0);
      if (first.why() != Why.OPEN_FIRST
          || open.contains(first.other())
          || !opens(byId.get(first.other()), open, steps - 1)) {
        return false;
      }
      hindrances = hindrances(flap, open);
    }
    return open.add(flap.id());
  }
}
