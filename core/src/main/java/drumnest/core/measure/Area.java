package drumnest.core.measure;

import java.util.Collection;

/**
 * The area that a flat thing covers, in square nanometres, so that sums of areas are exact. An
 * album's page is far below the range.
 */
public record Area(long squareNanometres) implements Comparable<Area> {

  public static final Area NONE = new Area(0);

  public static Area of(Size size) {
    return new Area(Math.multiplyExact(size.w().toNanometres(), size.h().toNanometres()));
  }

  /** Tells what several things cover together. */
  public static Area of(Collection<Size> sizes) {
    return sizes.stream().map(Area::of).reduce(NONE, Area::plus);
  }

  public Area plus(Area other) {
    return new Area(Math.addExact(squareNanometres, other.squareNanometres));
  }

  public Area minus(Area other) {
    return new Area(Math.subtractExact(squareNanometres, other.squareNanometres));
  }

  public Area times(long count) {
    return new Area(Math.multiplyExact(squareNanometres, count));
  }

  /** How many times the other goes into this one. */
  public double over(Area other) {
    return (double) squareNanometres / other.squareNanometres;
  }

  @Override
  public int compareTo(Area other) {
    return Long.compare(squareNanometres, other.squareNanometres);
  }
}
