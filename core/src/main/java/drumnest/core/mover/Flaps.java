package drumnest.core.mover;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.album.flap.Stacking;
import drumnest.core.measure.Box;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The flaps of one spread, what lies on what, and where they are in each other's way.
 *
 * <p>One lies on another as {@link Stacking} says; it is fixed to another through the stack where a
 * way leads down from it over those alone to which each is stuck. Areas that only touch do not
 * clash. A pair in which one is fixed to the other moves together, so that where they lie open is
 * never a clash.
 *
 * <p>Source: common practice, no source. Time of {@link #clashes}: flaps squared × height of the
 * highest stack.
 */
public final class Flaps {

  private final Map<String, Flap> flaps = new LinkedHashMap<>();
  private final Stacking stacking;

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
    this.stacking = new Stacking(flaps);
  }

  private void require(Flap flap) {
    requireKnown(flap, "on", flap.on());
    requireKnown(flap, "fixedTo", flap.fixedTo());
    if (flap.isOverAnotherInside() && !isBesideIt(flap)) {
      throw problem(flap, "on", "is not on the same inside");
    }
    int steps = 0;
    for (String at = flap.below(); at != null; at = flaps.get(at).below()) {
      if (at.equals(flap.id()) || ++steps > flaps.size()) {
        throw problem(
            flap, flap.fixedTo() == null ? "on" : "fixedTo", "leads back to itself, in a ring");
      }
    }
  }

  /** Whether what it lies on is on the same inside. */
  private boolean isBesideIt(Flap flap) {
    Flap other = flaps.get(flap.on());
    return flap.inside() && other.inside() && Objects.equals(other.fixedTo(), flap.fixedTo());
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

  /** Tells what lies on what while all are closed. */
  public Stacking stacking() {
    return stacking;
  }

  /** Whether the one lies over the other while all are closed. */
  public boolean liesOn(String flap, String other) {
    return stacking.liesOn(flaps.get(flap), flaps.get(other));
  }

  /**
   * How many layers up each lies while all are closed: on the page 1, else one more than the
   * highest of those over which it lies.
   */
  public Map<String, Integer> levels() {
    return new Layering(all(), stacking).levels(Set.of(), Flap::closed);
  }

  /**
   * The flap that lies uppermost where the middle of something is to come; null where none does.
   */
  @Nullable String uppermost(Box place) {
    List<Flap> there =
        all().stream()
            .filter(flap -> flap.hides(place) && !stacking.isInPocket(flap, Set.of()))
            .toList();
    return there.stream()
        .filter(flap -> there.stream().noneMatch(other -> stacking.liesOn(other, flap)))
        .map(Flap::id)
        .findFirst()
        .orElse(null);
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
    List<Flap> carriers = stacking.carriers(flap);
    if (carriers.isEmpty()) {
      return Optional.empty();
    }
    Box carried = box;
    for (Flap carrier : carriers) {
      carried = carrier.carriedOut(carried);
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
    add(clashes, ClashKind.STRIP_ON_MOVING, isStuckBy(a, b), a, b);
    add(clashes, ClashKind.STRIP_ON_MOVING, isStuckBy(b, a), b, a);
    boolean closed =
        a.face().overlaps(b.face()) && Objects.equals(stacking.surface(a), stacking.surface(b));
    add(
        clashes,
        ClashKind.CLOSED_OVERLAP,
        closed && !stacking.liesOn(a, b) && !stacking.liesOn(b, a),
        a,
        b);
    add(clashes, ClashKind.ON_TOP, isLaidOn(a, b), a, b);
    add(clashes, ClashKind.ON_TOP, isLaidOn(b, a), b, a);
    if (!stacking.isFixedTo(a, b) && !stacking.isFixedTo(b, a)) {
      Flap seenA = stacking.reached(a);
      Flap seenB = stacking.reached(b);
      add(clashes, ClashKind.COVERS_WHEN_OPEN, covers(seenA, seenB), a, b);
      add(clashes, ClashKind.COVERS_WHEN_OPEN, covers(seenB, seenA), b, a);
      boolean open = opens(a) && opens(b) && seenA.openFace().overlaps(seenB.openFace());
      add(clashes, ClashKind.OPEN_OVERLAP, open, a, b);
    }
  }

  private static boolean opens(Flap flap) {
    return flap.move() != Flap.Move.STAYS;
  }

  private static boolean covers(Flap open, Flap closed) {
    return opens(open) && opens(closed) && open.openFace().overlaps(closed.face());
  }

  private static void add(List<Clash> clashes, ClashKind kind, boolean is, Flap a, Flap b) {
    if (is) {
      clashes.add(new Clash(kind, a.id(), b.id()));
    }
  }

  /** Whether the strip of the one comes to lie on the other, which it is not meant to hold. */
  private boolean isStuckBy(Flap by, Flap other) {
    return by.isOnProtector()
        && Objects.equals(stacking.surface(by), stacking.surface(other))
        && by.stripArea().overlaps(other.face())
        && opens(other)
        && !stacking.isFixedTo(by, other)
        && !stacking.liesOn(other, by);
  }

  private static boolean isLaidOn(Flap flap, Flap other) {
    boolean laid = flap.fixedTo() == null || flap.isOverAnotherInside();
    return laid && other.id().equals(flap.on()) && opens(other);
  }
}
