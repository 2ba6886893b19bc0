package drumnest.core.album.flap;

import java.util.Objects;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/** The thing a flap rests on, or to which its strip is stuck. */
public sealed interface Support {

  /** The page or its protector, and nothing in between. */
  Support PAGE = new Page();

  /** The flap over which it lies; null where it lies on none, or on what carries it. */
  default @Nullable String on() {
    return null;
  }

  /** The flap to which it is stuck, and which carries it; null where it is stuck to the page. */
  default @Nullable String fixedTo() {
    return null;
  }

  /**
   * Whether it is stuck to the inside of that, or to the front of a card that is drawn out, so that
   * it is reached when that is open.
   */
  default boolean inside() {
    return false;
  }

  /** This with other names for the flaps. */
  Support renamed(UnaryOperator<String> name);

  /** The page or its protector. */
  record Page() implements Support {
    @Override
    public Support renamed(UnaryOperator<String> name) {
      return this;
    }
  }

  /** It lies over another flap, and is stuck to the page. */
  record Over(String on) implements Support {
    @Override
    public Support renamed(UnaryOperator<String> name) {
      return new Over(name.apply(on));
    }
  }

  /** It is stuck to the outside of another, or behind the edge of one. */
  record StuckTo(String fixedTo) implements Support {
    @Override
    public Support renamed(UnaryOperator<String> name) {
      return new StuckTo(name.apply(fixedTo));
    }
  }

  /**
   * It is stuck to the inside of another, or to the front of a card that is drawn out.
   *
   * @param on one there over which it lies; null where it lies on none of those
   */
  record Inside(String fixedTo, @Nullable String on) implements Support {
    @Override
    public boolean inside() {
      return true;
    }

    @Override
    public Support renamed(UnaryOperator<String> name) {
      return new Inside(name.apply(fixedTo), on == null ? null : name.apply(on));
    }
  }

  /** The page, or a flap over which it lies. */
  static Support over(@Nullable String on) {
    return on == null ? PAGE : new Over(on);
  }

  /**
   * That which is told by names.
   *
   * @throws MoverProblemException if it is to be inside one to which it is not stuck, or is stuck
   *     to another than it lies on
   */
  static Support of(@Nullable String on, @Nullable String fixedTo, boolean inside) {
    if (inside && fixedTo == null) {
      throw new MoverProblemException("fixedTo", "names no flap, inside which it is to be stuck");
    }
    if (fixedTo == null) {
      return over(on);
    }
    if (inside) {
      return new Inside(fixedTo, Objects.equals(on, fixedTo) ? null : on);
    }
    if (on != null && !on.equals(fixedTo)) {
      throw new MoverProblemException(
          "fixedTo", "is another than the one it lies on; give one of the two, or one twice");
    }
    return new StuckTo(fixedTo);
  }
}
