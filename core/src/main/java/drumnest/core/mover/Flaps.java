package drumnest.core.mover;

import drumnest.core.album.Flap;
import drumnest.core.album.MoverProblemException;
import drumnest.core.measure.Box;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The flaps of one spread, what lies on what, and where they are in each other's way.
 *
 * <p>A flap lies on another, <i>through the stack</i>, where a way leads down from it over those on
 * which each lies or to which it is stuck; it is fixed to another through the stack where that way
 * goes over those alone to which each is stuck. Areas that only touch do not clash. A pair in which
 * one is fixed to the other moves together, so that where they lie open is never a clash.
 *
 * <p>Source: common practice, no source. Time of {@link #clashes}: flaps squared × height of the
 * highest stack.
 */
public final class Flaps {

  private final Map<String, Flap> flaps = new LinkedHashMap<>();

  /**
   * @param flaps each with a name of its own
   * @throws MoverProblemException if one lies on a flap that there is not, on itself, through a
   *     ring even, or is stuck to another than it lies on
   */
  public Flaps(List<Flap> flaps) {
    for (Flap flap : flaps) {
      this.flaps.put(flap.id(), flap);
    }
    flaps.forEach(this::require);
  }

  private void require(Flap flap) {
    requireKnown(flap, "on", flap.on());
    requireKnown(flap, "fixedTo", flap.fixedTo());
    if (flap.on() != null && flap.fixedTo() != null && !flap.on().equals(flap.fixedTo())) {
      throw problem(
          flap, "fixedTo", "is another than the one it lies on; give one of the two, or one twice");
    }
    int steps = 0;
    for (String at = flap.below(); at != null; at = flaps.get(at).below()) {
      if (at.equals(flap.id()) || ++steps > flaps.size()) {
        throw problem(
            flap, flap.fixedTo() == null ? "on" : "fixedTo", "leads back to itself, in a ring");
      }
    }
  }

  private void requireKnown(Flap flap, String field, @Nullable String id) {
    if (id != null && !flaps.containsKey(id)) {
      throw problem(flap, field, "names no flap of this spread");
    }
  }

  private static MoverProblemException problem(Flap flap, String field, String message) {
    return new MoverProblemException(flap.id(), field, message, null);
  }

  public List<Flap> all() {
    return List.copyOf(flaps.values());
  }

  /**
   * Whether the one lies over the other while both are closed: through the stack, or because it
   * carries it on its inside; a door or fold-out lies over all that it covers, and what is tucked
   * behind something lies below everything.
   */
  public boolean liesOn(Flap flap, Flap other) {
    if (flap.id().equals(other.id())) {
      return false;
    } else if (isFixedTo(flap, other)) {
      return !isInside(flap, other);
    } else if (isFixedTo(other, flap)) {
      return isInside(other, flap);
    } else if (leadsDown(flap, other)) {
      return true;
    } else if (leadsDown(other, flap) || !flap.closed().overlaps(other.closed())) {
      return false;
    }
    return level(flap) > level(other);
  }

  private boolean leadsDown(Flap flap, Flap other) {
    String at = beneath(flap);
    while (at != null && !at.equals(other.id())) {
      at = beneath(flaps.get(at));
    }
    return at != null;
  }

  /** The one below it while all is closed: what carries it on its inside lies above it. */
  private @Nullable String beneath(Flap flap) {
    return flap.inside() ? beneath(flaps.get(flap.fixedTo())) : flap.below();
  }

  /**
   * What lies over what where nothing else says so: what is tucked, what is not, what is folded.
   */
  private int level(Flap flap) {
    if (flap.fixedTo() != null) {
      return level(flaps.get(flap.fixedTo()));
    }
    return switch (flap.mount()) {
      case BEHIND -> 0;
      case PROTECTOR, PAGE, FLAT -> 1;
      case FOLD -> flap.on() == null ? 2 : 1;
    };
  }

  /** Whether one that is fixed to another, through the stack, is so on its inside. */
  private boolean isInside(Flap flap, Flap carrier) {
    Flap at = flap;
    while (!carrier.id().equals(at.fixedTo())) {
      at = flaps.get(at.fixedTo());
    }
    return at.inside();
  }

  /**
   * Whether two are turned one after the other like the leaves of a book: one lies on the other,
   * and both are hinged on the same edge. Open, they lie on each other the other way round.
   */
  public boolean areLeaves(Flap flap, Flap other) {
    return flap.hinge() == other.hinge()
        && flap.move() == Flap.Move.TURNS
        && other.move() == Flap.Move.TURNS
        && (leadsDown(flap, other) || leadsDown(other, flap))
        && carriers(flap).equals(carriers(other));
  }

  /** The flap to the inside of which it is stuck, through the stack; null where there is none. */
  @Nullable String surface(Flap flap) {
    Flap at = flap;
    while (at.fixedTo() != null && !at.inside()) {
      at = flaps.get(at.fixedTo());
    }
    return at.fixedTo();
  }

  /** Whether the one is fixed to the other, through the stack. */
  public boolean isFixedTo(Flap flap, Flap other) {
    return carriers(flap).contains(other);
  }

  /** All that a flap is stuck to, down the stack, the nearest first. */
  public List<Flap> carriers(Flap flap) {
    List<Flap> carriers = new ArrayList<>();
    String at = flap.fixedTo();
    while (at != null) {
      Flap carrier = flaps.get(at);
      carriers.add(carrier);
      at = carrier.fixedTo();
    }
    return carriers;
  }

  /** Where a flap lies closed when all that it is stuck to is open; nothing where that is none. */
  public Optional<Box> carried(Flap flap) {
    return carried(flap, flap.closed());
  }

  /** Where it lies open then. */
  public Optional<Box> carriedOpen(Flap flap) {
    return carried(flap, flap.open());
  }

  private Optional<Box> carried(Flap flap, Box box) {
    List<Flap> carriers = carriers(flap);
    if (carriers.isEmpty()) {
      return Optional.empty();
    }
    Box carried = box;
    for (Flap carrier : carriers) {
      carried = carrier.hinge().mirrored(carried, carrier.closed());
    }
    return Optional.of(carried);
  }

  /**
   * All pairs that are in each other's way: those that have a direction in each in which it is so,
   * the others once, in the order in which the flaps were given.
   */
  public List<Clash> clashes() {
    List<Clash> clashes = new ArrayList<>();
    List<Flap> all = all();
    for (int i = 0; i < all.size(); i++) {
      for (int j = i + 1; j < all.size(); j++) {
        add(clashes, all.get(i), all.get(j));
      }
    }
    return clashes;
  }

  private void add(List<Clash> clashes, Flap a, Flap b) {
    add(clashes, Clash.Kind.STRIP_ON_MOVING, isStuckBy(a, b), a, b);
    add(clashes, Clash.Kind.STRIP_ON_MOVING, isStuckBy(b, a), b, a);
    boolean closed = a.face().overlaps(b.face()) && Objects.equals(surface(a), surface(b));
    add(clashes, Clash.Kind.CLOSED_OVERLAP, closed && !liesOn(a, b) && !liesOn(b, a), a, b);
    add(clashes, Clash.Kind.ON_TOP, isLaidOn(a, b), a, b);
    add(clashes, Clash.Kind.ON_TOP, isLaidOn(b, a), b, a);
    if (!isFixedTo(a, b) && !isFixedTo(b, a)) {
      Flap seenA = reached(a);
      Flap seenB = reached(b);
      add(clashes, Clash.Kind.COVERS_WHEN_OPEN, covers(seenA, seenB), a, b);
      add(clashes, Clash.Kind.COVERS_WHEN_OPEN, covers(seenB, seenA), b, a);
      boolean open = opens(a) && opens(b) && seenA.openFace().overlaps(seenB.openFace());
      add(clashes, Clash.Kind.OPEN_OVERLAP, open, a, b);
    }
  }

  private static boolean opens(Flap flap) {
    return flap.move() != Flap.Move.STAYS;
  }

  private static boolean covers(Flap open, Flap closed) {
    return opens(open) && opens(closed) && open.openFace().overlaps(closed.face());
  }

  /**
   * A flap as it lies when it can be reached: when those are open that carry it on their inside.
   */
  Flap reached(Flap flap) {
    Flap seen = flap;
    Flap at = flap;
    while (at.fixedTo() != null) {
      Flap carrier = flaps.get(at.fixedTo());
      if (at.inside()) {
        seen = seen.mirroredIn(carrier);
      }
      at = carrier;
    }
    return seen;
  }

  private static void add(List<Clash> clashes, Clash.Kind kind, boolean is, Flap a, Flap b) {
    if (is) {
      clashes.add(new Clash(kind, a.id(), b.id()));
    }
  }

  /** Whether the strip of the one comes to lie on the other, which it is not meant to hold. */
  private boolean isStuckBy(Flap by, Flap other) {
    return by.mount() == Flap.Mount.PROTECTOR
        && Objects.equals(surface(by), surface(other))
        && by.stripArea().overlaps(other.face())
        && opens(other)
        && !isFixedTo(by, other)
        && !liesOn(other, by);
  }

  private static boolean isLaidOn(Flap flap, Flap other) {
    return flap.fixedTo() == null && other.id().equals(flap.on()) && opens(other);
  }
}
