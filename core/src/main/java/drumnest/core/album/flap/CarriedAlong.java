package drumnest.core.album.flap;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Flaps some of which were changed, and all that is stuck to those: it goes along where one is
 * moved as a whole, and stays where it is where that becomes larger or smaller, or opens over
 * another edge. Source: common practice, no source. Time: flaps × height of the highest stack.
 */
public final class CarriedAlong {

  /** How far something is moved to the right and down. */
  private record Way(Length right, Length down) {
    static final Way NONE = new Way(Length.ZERO, Length.ZERO);
  }

  private final Map<String, Flap> after = new LinkedHashMap<>();
  private final Map<String, Way> moved = new LinkedHashMap<>();
  private final Set<String> changed;

  /**
   * @param before all flaps as they were
   * @param after all flaps, those changed as they are to be
   * @param changed the names of those that were changed
   */
  public CarriedAlong(List<Flap> before, List<Flap> after, Set<String> changed) {
    this.changed = Set.copyOf(changed);
    after.forEach(flap -> this.after.put(flap.id(), flap));
    for (Flap was : before) {
      Flap is = this.after.get(was.id());
      if (is != null && is.closed().size().equals(was.closed().size())) {
        Box from = was.closed();
        Box to = is.closed();
        moved.put(was.id(), new Way(to.x().minus(from.x()), to.y().minus(from.y())));
      }
    }
  }

  /** All flaps, each where it then lies. */
  public List<Flap> flaps() {
    return after.values().stream().map(this::placed).toList();
  }

  private Flap placed(Flap flap) {
    Way way = changed.contains(flap.id()) ? Way.NONE : way(flap.fixedTo());
    return flap.moved(way.right(), way.down());
  }

  /** A mover that was not changed itself, where it then lies. */
  public Mover placed(Mover mover) {
    Way way = way(mover.carrier());
    return mover.lying(mover.at().moved(way.right(), way.down()));
  }

  /** The way of the nearest one that was changed, down the stack. */
  private Way way(@Nullable String carrier) {
    for (String at = carrier; at != null; at = after.get(at).fixedTo()) {
      if (changed.contains(at)) {
        return moved.getOrDefault(at, Way.NONE);
      }
    }
    return Way.NONE;
  }

  /**
   * The first that is no longer whole on the inside of one that was changed, or on the front of its
   * card; nothing where all are.
   */
  public Optional<Flap> beyondItsCarrier() {
    return flaps().stream()
        .filter(flap -> flap.inside() && changed.contains(flap.fixedTo()))
        .filter(flap -> !changed.contains(flap.id()))
        .filter(flap -> !after.get(flap.fixedTo()).closed().contains(flap.face()))
        .findFirst();
  }
}
