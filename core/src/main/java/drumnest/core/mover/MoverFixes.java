package drumnest.core.mover;

import drumnest.core.album.flap.CarriedAlong;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.mover.kind.Accordion;
import drumnest.core.mover.kind.MoverParts;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * Ways out of a clash with a mover of several parts: the whole of it over another edge, or moved
 * until it is clear. Each is tried before it is offered: the clash of its parts with the other is
 * gone, no error has come, there are fewer clashes than before, and all of it lies on its page, or
 * on what carries it. Source: common practice, no source. Time: ways × flaps squared.
 */
public final class MoverFixes {

  /**
   * A fix that was tried.
   *
   * @param mover as it is then, on its page
   * @param right how far it is moved to the right; less than zero to the left, zero where it is not
   * @param down how far it is moved down; less than zero upwards
   * @param left how many clashes are left
   */
  public record Fix(Mover mover, Length right, Length down, int left) {}

  private final List<Flap> flaps;
  private final Mover mover;
  private final UnaryOperator<String> name;
  private final Box page;
  private final HouseRules rules;
  private final Set<String> parts;
  private final Trial trial;

  /**
   * @param flaps all flaps of the spread
   * @param name what a part of the mover is called on the spread
   * @param page where its page lies
   */
  public MoverFixes(
      List<Flap> flaps, Mover mover, UnaryOperator<String> name, Box page, HouseRules rules) {
    this.flaps = List.copyOf(flaps);
    this.mover = mover;
    this.name = name;
    this.page = page;
    this.rules = rules;
    this.parts = new LinkedHashSet<>(mover.parts().stream().map(name).toList());
    // Those of its parts with each other are its own.
    this.trial =
        new Trial(flaps, clash -> !(parts.contains(clash.a()) && parts.contains(clash.b())));
  }

  /** At most so many fixes of a clash of one of its parts with another flap. */
  public List<Fix> of(Clash clash, int most) {
    String other = parts.contains(clash.a()) ? clash.b() : clash.a();
    return ways(other).stream()
        .flatMap(
            way ->
                tried(
                    way,
                    then -> true,
                    after -> trial.isLess(after) && isGone(clash.kind(), other, after))
                    .stream())
        .sorted(
            Comparator.comparingInt(Fix::left)
                .thenComparing(fix -> new Clearing(fix.right(), fix.down()).far()))
        .limit(most)
        .toList();
  }

  /** At most so many other edges at which its strips lie on no neighbour's photo. */
  public List<Fix> offPhotos(StripsOnPhotos photos, int most) {
    return overOtherEdges().stream()
        .flatMap(
            way ->
                tried(
                    way,
                    then -> own(then).allMatch(flap -> photos.of(flap).isEmpty()),
                    after -> true)
                    .stream())
        .sorted(Comparator.comparingInt(Fix::left))
        .limit(most)
        .toList();
  }

  private Stream<Flap> own(List<Flap> all) {
    return all.stream().filter(flap -> parts.contains(flap.id()));
  }

  private static boolean isGone(ClashKind kind, String other, List<Clash> after) {
    return after.stream()
        .noneMatch(
            each -> each.kind() == kind && (each.a().equals(other) || each.b().equals(other)));
  }

  private List<Fix> overOtherEdges() {
    return Stream.of(Edge.values())
        .filter(edge -> edge != mover.edge())
        .map(edge -> new Fix(mover.withEdge(edge), Length.ZERO, Length.ZERO, 0))
        .toList();
  }

  private List<Fix> ways(String other) {
    List<Fix> ways = new ArrayList<>(overOtherEdges());
    Flap clear = flaps.stream().filter(flap -> flap.id().equals(other)).findFirst().orElseThrow();
    own(flaps)
        .flatMap(part -> Clearing.of(part, clear, rules.trimmerIncrement()).stream())
        .distinct()
        .forEach(way -> ways.add(moved(way)));
    return ways;
  }

  private Fix moved(Clearing way) {
    Mover there = mover.lying(mover.at().moved(way.right(), way.down()));
    return new Fix(there, way.right(), way.down(), 0);
  }

  /**
   * A fix where it can be made, ends in no other fault, and is one.
   *
   * @param lying asked of all flaps as they are then
   * @param wanted asked of the clashes then
   */
  private Optional<Fix> tried(Fix way, Predicate<List<Flap>> lying, Predicate<List<Clash>> wanted) {
    try {
      List<Flap> then = with(way.mover());
      if (!lies(way.mover(), then) || !lying.test(then)) {
        return Optional.empty();
      }
      OptionalInt left = trial.left(then, wanted);
      return left.isEmpty()
          ? Optional.empty()
          : Optional.of(new Fix(way.mover(), way.right(), way.down(), left.getAsInt()));
    } catch (MoverProblemException cannotBeMade) {
      return Optional.empty();
    }
  }

  /** All flaps, with the parts of the mover as they are then. */
  private List<Flap> with(Mover next) {
    String below =
        flaps.stream()
            .filter(flap -> flap.id().equals(name.apply(lastOf(mover))))
            .findFirst()
            .map(Flap::on)
            .orElse(null);
    List<Flap> then = new ArrayList<>(flaps);
    for (Flap part : MoverParts.of(next, null, rules)) {
      Flap here = part.renamed(name, page.x(), page.y());
      Flap placed = part.id().equals(lastOf(next)) && below != null ? here.lyingOn(below) : here;
      then.replaceAll(flap -> flap.id().equals(placed.id()) ? placed : flap);
    }
    return new CarriedAlong(flaps, then, parts).flaps();
  }

  private static String lastOf(Mover mover) {
    return mover.parts().get(mover.parts().size() - 1);
  }

  /**
   * Whether all of it lies on its page, or on what carries it, its tab too if it is anchored by
   * one.
   *
   * @throws MoverProblemException if it cannot be made there
   */
  private boolean lies(Mover next, List<Flap> then) {
    String carrier = mover.carrier();
    Box room =
        carrier == null
            ? page
            : then.stream()
                .filter(flap -> flap.id().equals(name.apply(carrier)))
                .findFirst()
                .orElseThrow()
                .closed();
    Box onPage = room.moved(page.x().negated(), page.y().negated());
    MoverParts.requirePlace(next, onPage, rules);
    return Accordion.tabOf(next).map(onPage::contains).orElse(true)
        && own(then).allMatch(flap -> room.contains(flap.face()));
  }
}
