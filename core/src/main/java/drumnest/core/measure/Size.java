package drumnest.core.measure;

/**
 * A width and a height, width first, as a thing lies in front of its reader. Either may be zero or
 * negative where the size is a difference (play, what is trimmed off).
 */
public record Size(Length w, Length h) {

  public static Size ofInches(long w, long h) {
    return new Size(Length.ofInches(w), Length.ofInches(h));
  }

  /** The size after a quarter turn. */
  public Size turned() {
    return new Size(h, w);
  }

  public Size turnedIf(boolean turn) {
    return turn ? turned() : this;
  }

  public Size minus(Size other) {
    return new Size(w.minus(other.w), h.minus(other.h));
  }

  public Size plus(Size other) {
    return new Size(w.plus(other.w), h.plus(other.h));
  }

  /** The larger of the two on each axis. */
  public Size max(Size other) {
    return new Size(w.max(other.w), h.max(other.h));
  }

  /** Both axes longer by {@code more} (shorter where it is negative). */
  public Size grown(Length more) {
    return new Size(w.plus(more), h.plus(more));
  }

  /** Half of each axis, as what stays on either side of something centred. */
  public Size halved() {
    return new Size(w.dividedBy(2), h.dividedBy(2));
  }

  /** One of two equal parts: beside each other, or below where it is higher than wide. */
  public Size half() {
    return h.isMoreThan(w) ? new Size(w, h.times(1, 2)) : new Size(w.times(1, 2), h);
  }

  /** Whether it goes into a room as it lies; as large is not too large. */
  public boolean fitsIn(Size room) {
    return !w.isMoreThan(room.w) && !h.isMoreThan(room.h);
  }

  /** The shorter of the two axes. */
  public Length tighter() {
    return w.min(h);
  }

  public Orientation orientation() {
    int order = w.compareTo(h);
    return order == 0 ? Orientation.SQUARE : order > 0 ? Orientation.WIDE : Orientation.UPRIGHT;
  }

  @Override
  public String toString() {
    return w + " × " + h;
  }
}
