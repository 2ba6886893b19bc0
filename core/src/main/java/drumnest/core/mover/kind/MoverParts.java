package drumnest.core.mover.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.measure.Box;
import drumnest.core.stock.HouseRules;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The flaps of which a mover consists: the one that is opened first comes first, and each lies on
 * the next. Source: the handbook of the trade for each kind; common practice, no source.
 */
public final class MoverParts {

  /** More parts no stack of a mover has. */
  public static final int MOST = 12;

  private MoverParts() {}

  /**
   * @param below the flap on which it lies; null for none
   * @throws MoverProblemException if it cannot be made so, with the measure that is wrong
   */
  public static List<Flap> of(Mover mover, @Nullable String below, HouseRules rules) {
    int count = mover.mechanism().parts();
    if (count < 1 || count > MOST) {
      throw new MoverProblemException("count", "makes more parts than " + MOST + ", or none");
    }
    return Making.of(mover, rules).parts(below).stream()
        .map(part -> mover.gripped().contains(part.id()) ? part.withGrip(mover.grip()) : part)
        .toList();
  }

  /**
   * Requires that a mover lies where it can be made: a fold-out at the edge over which it opens.
   *
   * @param room the page, or what carries it, as it lies while that is closed
   * @throws MoverProblemException if it does not, with the measure that is wrong
   */
  public static void requirePlace(Mover mover, Box room, HouseRules rules) {
    Making.of(mover, rules).requirePlace(room);
  }
}
