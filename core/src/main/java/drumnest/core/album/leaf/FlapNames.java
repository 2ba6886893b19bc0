package drumnest.core.album.leaf;

/**
 * The names of flaps and their sides in an album: after the face of the leaf on which they are
 * hinged, so that turning the leaf over takes them along. Flap 1 of the first face of leaf 2 is
 * {@code 2-front-m1}, its outside {@code 2-front-m1.1} and its inside {@code 2-front-m1.2}.
 */
public final class FlapNames {

  private static final String MARK = "-m";

  private FlapNames() {}

  /**
   * @param number its number on the page
   */
  public static String of(Leaf leaf, Side side, String number) {
    return new PageSide(leaf, leaf.face(side)).id() + MARK + number;
  }

  /** The number on its page of a flap of this name. */
  public static String number(String flap) {
    return flap.substring(flap.lastIndexOf(MARK) + MARK.length());
  }

  /** Another flap of the same page as one of this name, by its number. */
  public static String beside(String flap, String number) {
    return flap.substring(0, flap.lastIndexOf(MARK) + MARK.length()) + number;
  }

  public static String outside(String flap) {
    return flap + ".1";
  }

  public static String inside(String flap) {
    return flap + ".2";
  }

  /** The flap of which a slot of this name is a side. */
  static String ofSide(String slot) {
    return slot.substring(0, slot.lastIndexOf('.'));
  }
}
