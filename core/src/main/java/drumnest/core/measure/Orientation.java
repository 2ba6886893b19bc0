package drumnest.core.measure;

/** Which of its two sides a thing is longer on, as it lies in front of its reader. */
public enum Orientation {
  UPRIGHT,
  WIDE,
  SQUARE;

  /** The orientation of {@code w} by {@code h} of any unit. */
  public static Orientation of(long w, long h) {
    return w == h ? SQUARE : w > h ? WIDE : UPRIGHT;
  }
}
