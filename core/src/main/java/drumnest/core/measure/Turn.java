package drumnest.core.measure;

/** A turn to the right, in quarters, of a thing against what it lies on. */
public enum Turn {
  NONE,
  RIGHT,
  HALF,
  LEFT;

  /** 0, 90, 180 or 270. */
  public int degrees() {
    return 90 * ordinal();
  }

  /** This turn and then another. */
  public Turn plus(Turn other) {
    return values()[(ordinal() + other.ordinal()) % 4];
  }
}
