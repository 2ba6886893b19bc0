package drumnest.server.stock;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.measure.Units;

/**
 * The units in which the request at hand is answered. Bound to its thread, as its language would
 * be; inches in 64ths where nothing was said.
 */
public final class UnitsInUse {

  private static final ThreadLocal<Units> CURRENT =
      ThreadLocal.withInitial(() -> Units.SIXTY_FOURTHS);

  private UnitsInUse() {}

  public static Units current() {
    return CURRENT.get();
  }

  public static void set(Units units) {
    CURRENT.set(units);
  }

  public static void clear() {
    CURRENT.remove();
  }

  /** A length in a maker's words. */
  public static String text(Length length) {
    return current().text(length);
  }

  /** A size in a maker's words. */
  public static String text(Size size) {
    return current().text(size);
  }
}
