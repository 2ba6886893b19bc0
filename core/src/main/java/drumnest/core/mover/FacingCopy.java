package drumnest.core.mover;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.album.flap.Support;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Spread;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.stock.HouseRules;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A flap or a mover mirrored in the gutter, for the facing page, with what is on its inside: what
 * lies so far from the gutter here lies as far from it there, and what is hinged at the left is
 * hinged at the right. It lies on what is uppermost there. Mirrored back it is what it was. Source:
 * common practice, no source.
 */
public final class FacingCopy {

  private final PagePlan from;
  private final Spread spread;
  private final Side side;
  private final Leaf facing;
  private final HouseRules rules;
  private final Map<String, String> numbers = new HashMap<>();
  private PagePlan plan;

  private FacingCopy(Spread spread, Side side, Leaf here, Leaf facing, HouseRules rules) {
    this.spread = spread;
    this.side = side;
    this.from = here.plan(here.face(side));
    this.facing = facing;
    this.rules = rules;
    this.plan = facing.plan(facing.face(side.other()));
  }

  /**
   * The plan of the facing page with the copy on it.
   *
   * @param side the page on which it is
   * @param flap the number of the flap, or of a part of the mover, on its page
   * @throws MoverProblemException if it cannot be made so there
   * @throws IllegalArgumentException if the spread has no facing page, or it is on the inside of
   *     another
   */
  public static PagePlan of(Spread spread, Side side, String flap, HouseRules rules) {
    Leaf here = Objects.requireNonNull(spread.top(side));
    Leaf facing = spread.top(side.other());
    if (facing == null) {
      throw new IllegalArgumentException("There is no facing page.");
    }
    FacingCopy copy = new FacingCopy(spread, side, here, facing, rules);
    copy.add(flap);
    return copy.plan;
  }

  private void add(String flap) {
    Set<String> waiting = new HashSet<>(from.goingWith(flap));
    Optional<Mover> mover = from.moverOf(flap);
    List<String> root = mover.map(Mover::parts).orElse(List.of(flap));
    if (from.flap(root.get(root.size() - 1)).orElseThrow().inside()) {
      throw new IllegalArgumentException("It is on the inside of another.");
    }
    copy(root, mover.orElse(null), waiting);
    boolean more = true;
    while (more) {
      more = false;
      for (Flap next : from.flaps()) {
        if (waiting.contains(next.id()) && numbers.containsKey(next.fixedTo())) {
          Mover whole = from.moverOf(next.id()).orElse(null);
          copy(whole == null ? List.of(next.id()) : whole.parts(), whole, waiting);
          more = true;
        }
      }
    }
  }

  private void copy(List<String> parts, @Nullable Mover mover, Set<String> waiting) {
    parts.forEach(waiting::remove);
    List<Flap> before = parts.stream().map(part -> from.flap(part).orElseThrow()).toList();
    List<Flap> made = mover == null ? add(copied(before.get(0))) : add(copied(mover));
    for (int i = 0; i < made.size(); i++) {
      numbers.put(parts.get(i), like(before.get(i), made, i).id());
    }
  }

  private List<Flap> add(Flap flap) {
    plan = plan.with(flap);
    return List.of(flap);
  }

  private List<Flap> add(Mover mover) {
    List<Flap> parts = MoverChoices.choice(mover, plan, facing, side.other(), rules).flaps();
    plan = plan.with(mover, parts);
    return parts;
  }

  /** The part that lies where the other lies mirrored: the doors of a pair change places. */
  private Flap like(Flap part, List<Flap> made, int index) {
    Box closed = mirrored(part.closed());
    return made.get(index).closed().equals(closed)
        ? made.get(index)
        : made.stream().filter(each -> each.closed().equals(closed)).findFirst().orElseThrow();
  }

  private Mover copied(Mover mover) {
    return new Mover(
        plan.nextNumber(),
        mirrored(mover.at()),
        mirrored(mover.edge()),
        mover.carrier() == null ? null : numbers.get(mover.carrier()),
        mover.mechanism().onPage(facing.size()),
        mover.grip());
  }

  private Flap copied(Flap flap) {
    Box closed = mirrored(flap.closed());
    String fixedTo = flap.fixedTo() == null ? null : numbers.get(flap.fixedTo());
    String on = fixedTo == null ? new Flaps(plan.flaps()).uppermost(closed) : null;
    return new Flap(
        String.valueOf(plan.nextNumber()),
        closed,
        mirrored(flap.hinge()),
        flap.attachment(),
        Support.of(on, fixedTo, fixedTo != null && flap.inside()),
        flap.body(),
        flap.border(),
        flap.grip());
  }

  private static Edge mirrored(Edge edge) {
    return edge.isAtSide() ? edge.opposite() : edge;
  }

  private Box mirrored(Box box) {
    return spread.mirrored(side, box);
  }
}
