package drumnest.core.mover;

import drumnest.core.album.flap.CarriedAlong;
import drumnest.core.album.flap.Flap;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * Ways out of a clash: one of the two flaps changed in one way. Each is tried before it is offered:
 * the clash is gone, nothing that cannot be made so has come, there are fewer clashes than before,
 * and what was moved lies on its page, away from its edges as far as slits keep from seams.
 *
 * <p>Method: every way is tried for both flaps; those that leave fewest clashes come first, then
 * those that change least. Source: common practice, no source. Time: ways × flaps squared.
 */
public final class FlapFixes {

  /** How a flap is changed. */
  public enum Way {
    /** It is hinged on another edge. */
    HINGE,
    /** It is laid over the other. */
    LAY_ON,
    /** Its strip is meant to be stuck to the other, which then carries it. */
    FIX_TO,
    /** It goes through a slit, so that its strip lies under it. */
    SLIT,
    /** It is moved. */
    MOVE
  }

  /**
   * A fix that was tried.
   *
   * @param flap as it is then
   * @param right how far it is moved to the right; less than zero to the left
   * @param down how far it is moved down; less than zero upwards
   * @param left how many clashes are left
   */
  public record Fix(Way way, Flap flap, Length right, Length down, int left) {}

  private final List<Flap> flaps;
  private final Function<Flap, Box> pages;
  private final Predicate<Flap> single;
  private final HouseRules rules;
  private final Trial trial;

  /**
   * @param flaps the flaps of a page, or of a spread
   * @param pages where the page of each lies
   * @param single whether a flap may be changed by itself; the parts of a mover may not
   */
  public FlapFixes(
      List<Flap> flaps, Function<Flap, Box> pages, Predicate<Flap> single, HouseRules rules) {
    this.flaps = List.copyOf(flaps);
    this.pages = pages;
    this.single = single;
    this.rules = rules;
    this.trial = new Trial(flaps, clash -> true);
  }

  /** At most so many fixes of a clash. */
  public List<Fix> of(Clash clash, int most) {
    return Stream.of(clash.a(), clash.b())
        .filter(id -> single.test(flap(id)))
        .flatMap(id -> ways(flap(id), flap(id.equals(clash.a()) ? clash.b() : clash.a())).stream())
        .flatMap(way -> tried(way, after -> trial.isLess(after) && isGone(clash, after)).stream())
        .sorted(
            Comparator.comparingInt(Fix::left)
                .thenComparing(Fix::way)
                .thenComparing(fix -> new Clearing(fix.right(), fix.down()).far()))
        .limit(most)
        .toList();
  }

  /**
   * At most so many ways to get the strip of a flap off the photos of its neighbours: another
   * hinge, or a slit. None of them makes anything worse.
   */
  public List<Fix> offPhotos(Flap flap, StripsOnPhotos photos, int most) {
    return Stream.of(flap)
        .filter(single)
        .flatMap(each -> ways(each, each).stream())
        .filter(way -> way.way() == Way.HINGE || way.way() == Way.SLIT)
        .filter(way -> photos.of(way.flap()).isEmpty())
        .flatMap(way -> tried(way, after -> true).stream())
        .sorted(Comparator.comparingInt(Fix::left))
        .limit(most)
        .toList();
  }

  private Optional<Fix> tried(Fix way, Predicate<List<Clash>> wanted) {
    List<Flap> then = with(way.flap());
    if (!then.stream().filter(flap -> !flaps.contains(flap)).allMatch(this::isOnPage)) {
      return Optional.empty();
    }
    OptionalInt left = trial.left(then, wanted);
    return left.isEmpty()
        ? Optional.empty()
        : Optional.of(new Fix(way.way(), way.flap(), way.right(), way.down(), left.getAsInt()));
  }

  private List<Flap> with(Flap changed) {
    List<Flap> then =
        flaps.stream().map(flap -> flap.id().equals(changed.id()) ? changed : flap).toList();
    return new CarriedAlong(flaps, then, Set.of(changed.id())).flaps();
  }

  private Flap flap(String id) {
    return flaps.stream().filter(flap -> flap.id().equals(id)).findFirst().orElseThrow();
  }

  private List<Fix> ways(Flap flap, Flap other) {
    List<Fix> ways = new ArrayList<>();
    for (Edge hinge : Edge.values()) {
      if (hinge != flap.hinge()) {
        ways.add(way(Way.HINGE, flap.withHinge(hinge)));
      }
    }
    if (flap.below() == null) {
      ways.add(way(Way.LAY_ON, flap.lyingOn(other.id())));
      ways.add(way(Way.FIX_TO, flap.stuckTo(other.id())));
    }
    if (flap.isOnProtector() && !flap.strip().isMoreThan(flap.hinge().depth(flap.closed()))) {
      ways.add(way(Way.SLIT, flap.throughSlit()));
    }
    for (Clearing clear : Clearing.of(flap, other, rules.trimmerIncrement())) {
      Flap moved = flap.moved(clear.right(), clear.down());
      ways.add(new Fix(Way.MOVE, moved, clear.right(), clear.down(), 0));
    }
    return ways;
  }

  private static Fix way(Way way, Flap flap) {
    return new Fix(way, flap, Length.ZERO, Length.ZERO, 0);
  }

  private static boolean isGone(Clash clash, List<Clash> after) {
    return after.stream().noneMatch(each -> isOf(each, clash) && each.kind() == clash.kind());
  }

  private static boolean isOf(Clash one, Clash other) {
    return one.a().equals(other.a()) && one.b().equals(other.b())
        || one.a().equals(other.b()) && one.b().equals(other.a());
  }

  /** Whether what is in it lies on the page, and its slit, if it has one, off the seams. */
  private boolean isOnPage(Flap flap) {
    Box page = pages.apply(flap);
    Length off = rules.length(HouseRule.SLIT_DISTANCE);
    Length line = flap.hinge().of(flap.closed());
    Edge start = flap.hinge().isAtSide() ? Edge.LEFT : Edge.TOP;
    boolean slitOff =
        flap.isOnProtector()
            || !line.isLessThan(start.of(page).plus(off))
                && !line.isMoreThan(start.opposite().of(page).minus(off));
    return page.contains(flap.face()) && slitOff;
  }
}
