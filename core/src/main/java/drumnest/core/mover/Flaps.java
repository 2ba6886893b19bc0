package drumnest.core.mover;

import drumnest.core.album.Flap;
import drumnest.core.album.MoverProblemException;
import drumnest.core.measure.Box;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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

  /** Whether the one lies on the other, through the stack. */
  public boolean liesOn(Flap flap, Flap other) {
    String at = flap.below();
    while (at != null && !at.equals(other.id())) {
      at = flaps.get(at).below();
    }
    return at != null;
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
    boolean closed = a.face().overlaps(b.face());
    add(clashes, Clash.Kind.CLOSED_OVERLAP, closed && !liesOn(a, b) && !liesOn(b, a), a, b);
    add(clashes, Clash.Kind.ON_TOP, isLaidOn(a, b), a, b);
    add(clashes, Clash.Kind.ON_TOP, isLaidOn(b, a), b, a);
    if (!isFixedTo(a, b) && !isFixedTo(b, a)) {
      add(clashes, Clash.Kind.COVERS_WHEN_OPEN, a.openFace().overlaps(b.face()), a, b);
      add(clashes, Clash.Kind.COVERS_WHEN_OPEN, b.openFace().overlaps(a.face()), b, a);
      add(clashes, Clash.Kind.OPEN_OVERLAP, a.openFace().overlaps(b.openFace()), a, b);
    }
  }

  private static void add(List<Clash> clashes, Clash.Kind kind, boolean is, Flap a, Flap b) {
    if (is) {
      clashes.add(new Clash(kind, a.id(), b.id()));
    }
  }

  /** Whether the strip of the one comes to lie on the other, which it is not meant to hold. */
  private boolean isStuckBy(Flap by, Flap other) {
    return by.mount() == Flap.Mount.PROTECTOR
        && by.stripArea().overlaps(other.face())
        && !isFixedTo(by, other)
        && !liesOn(other, by);
  }

  private static boolean isLaidOn(Flap flap, Flap other) {
    return flap.fixedTo() == null && other.id().equals(flap.on());
  }
}
