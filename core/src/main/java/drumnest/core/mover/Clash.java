package drumnest.core.mover;

import java.util.List;

/**
 * Two movers of a spread that are in each other's way.
 *
 * @param kind how
 * @param a the one that is in the way
 * @param b the other
 */
public record Clash(ClashKind kind, String a, String b) {

  /** How bad it is. */
  public enum Severity {
    /** It cannot be made so. */
    ERROR,
    /** It must be opened, or closed, in an order. */
    ORDER
  }

  public Severity severity() {
    return kind.severity();
  }

  /** Whether neither errors nor clashes in all are more than before. */
  static boolean isNoWorse(List<Clash> after, List<Clash> before) {
    return errors(after) <= errors(before) && after.size() <= before.size();
  }

  /** How many of them cannot be made so. */
  static long errors(List<Clash> clashes) {
    return clashes.stream().filter(clash -> clash.severity() == Severity.ERROR).count();
  }
}
