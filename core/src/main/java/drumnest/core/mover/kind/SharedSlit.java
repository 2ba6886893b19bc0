package drumnest.core.mover.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.measure.Length;
import drumnest.core.measure.Segment;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The slit in a protector through which a flap goes: its own, or one long slit for a row of flaps
 * whose hinges are on one line, nearer to each other than two slits may be. Source: common
 * practice, no source; how far apart slits are kept is a house rule.
 *
 * @param line from the first end of the row to the last
 * @param flaps all that go through it, in the order in which they stand along it
 */
public record SharedSlit(Segment line, List<Flap> flaps) {

  public SharedSlit {
    flaps = List.copyOf(flaps);
  }

  /**
   * The slit of a flap of a page; nothing where it goes through none.
   *
   * @param all the flaps of that page, itself among them
   */
  public static Optional<SharedSlit> of(Flap flap, List<Flap> all, HouseRules rules) {
    Segment own = flap.slit();
    if (own == null) {
      return Optional.empty();
    }
    Length apart = rules.length(HouseRule.SLIT_DISTANCE);
    List<Flap> inLine =
        all.stream()
            .filter(each -> isBeside(each, flap))
            .filter(each -> isOnLine(each.slit(), own))
            .sorted(Comparator.comparing(each -> Objects.requireNonNull(each.slit()).from()))
            .toList();
    SharedSlit row = null;
    for (Flap each : inLine) {
      Segment line = Objects.requireNonNull(each.slit());
      boolean near = row != null && line.from().minus(row.line.to()).isLessThan(apart);
      if (!near && row != null && row.flaps.contains(flap)) {
        break;
      }
      row = near ? row.with(each, line) : new SharedSlit(line, List.of(each));
    }
    return Optional.ofNullable(row);
  }

  /** Whether two are stuck to one thing, on one side of it. */
  private static boolean isBeside(Flap one, Flap other) {
    return Objects.equals(one.fixedTo(), other.fixedTo()) && one.inside() == other.inside();
  }

  private static boolean isOnLine(@Nullable Segment slit, Segment line) {
    return slit != null && slit.level() == line.level() && slit.at().equals(line.at());
  }

  private SharedSlit with(Flap flap, Segment slit) {
    List<Flap> more = new ArrayList<>(flaps);
    more.add(flap);
    return new SharedSlit(
        new Segment(line.level(), line.at(), line.from(), line.to().max(slit.to())), more);
  }

  /** Whether it is the slit of several. */
  public boolean isShared() {
    return flaps.size() > 1;
  }

  /**
   * Those of a page whose slits are beside this one, nearer than two may be, so that the film
   * between them would give way.
   */
  public List<Flap> tooNear(List<Flap> all, HouseRules rules) {
    Length apart = rules.length(HouseRule.SLIT_DISTANCE);
    return all.stream()
        .filter(each -> !flaps.contains(each))
        .filter(each -> isBeside(each, flaps.get(0)))
        .filter(each -> each.slit() != null && isNear(each.slit(), apart))
        .toList();
  }

  private boolean isNear(Segment slit, Length apart) {
    return slit.level() == line.level()
        && slit.at().minus(line.at()).abs().isLessThan(apart)
        && slit.from().minus(line.to()).isLessThan(apart)
        && line.from().minus(slit.to()).isLessThan(apart);
  }
}
