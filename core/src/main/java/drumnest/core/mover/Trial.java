package drumnest.core.mover;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.MoverProblemException;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.Predicate;

/**
 * Tries changes of the flaps of a spread: whether one leaves what is wanted, and makes nothing
 * worse. Where flaps meet is looked at first, which is quick; only of what passes that it is looked
 * whether all of it still opens. Time of a trial: flaps squared, then as {@link NeverOpening}.
 */
final class Trial {

  private final Predicate<Clash> counts;
  private final List<Clash> before;

  /**
   * @param flaps as they are before
   * @param counts which clashes count
   */
  Trial(List<Flap> flaps, Predicate<Clash> counts) {
    this.counts = counts;
    this.before = counting(new SpreadMotion(flaps).clashes());
  }

  private List<Clash> counting(List<Clash> clashes) {
    return clashes.stream().filter(counts).toList();
  }

  /** Whether there are fewer clashes than before. */
  boolean isLess(List<Clash> after) {
    return after.size() < before.size();
  }

  /**
   * How many clashes are left; nothing where it is not as it is wanted, ends in another fault, or
   * cannot be at all.
   *
   * @param then all flaps as they are then
   * @param wanted asked of the clashes that count then
   */
  OptionalInt left(List<Flap> then, Predicate<List<Clash>> wanted) {
    try {
      SpreadMotion motion = new SpreadMotion(then);
      if (!passes(counting(motion.flaps().clashes()), wanted)) {
        return OptionalInt.empty();
      }
      List<Clash> after = counting(motion.clashes());
      return passes(after, wanted) ? OptionalInt.of(after.size()) : OptionalInt.empty();
    } catch (MoverProblemException ring) {
      return OptionalInt.empty();
    }
  }

  /** What passes with more clashes passes with fewer, but for what is wanted. */
  private boolean passes(List<Clash> after, Predicate<List<Clash>> wanted) {
    return Clash.isNoWorse(after, before) && wanted.test(after);
  }
}
