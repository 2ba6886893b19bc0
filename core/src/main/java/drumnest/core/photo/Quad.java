package drumnest.core.photo;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Four corners of something flat in a picture of it, clockwise from the top left, in its upright
 * pixels.
 */
public record Quad(Corner topLeft, Corner topRight, Corner bottomRight, Corner bottomLeft) {

  /** A point of a picture, in pixels from its left and its top edge. */
  public record Corner(double x, double y) {

    double distance(Corner other) {
      return Math.hypot(x - other.x, y - other.y);
    }
  }

  /**
   * Four corners in any order.
   *
   * @throws IllegalArgumentException if they are not four
   */
  public static Quad of(List<Corner> corners) {
    if (corners.size() != 4) {
      throw new IllegalArgumentException("Something flat has four corners.");
    }
    double x = corners.stream().mapToDouble(Corner::x).average().orElseThrow();
    double y = corners.stream().mapToDouble(Corner::y).average().orElseThrow();
    List<Corner> round = new ArrayList<>(corners);
    round.sort(Comparator.comparingDouble(corner -> Math.atan2(corner.y - y, corner.x - x)));
    int first = 0;
    for (int i = 1; i < round.size(); i++) {
      Corner one = round.get(i);
      Corner best = round.get(first);
      if (one.x + one.y < best.x + best.y) {
        first = i;
      }
    }
    return new Quad(
        round.get(first),
        round.get((first + 1) % 4),
        round.get((first + 2) % 4),
        round.get((first + 3) % 4));
  }

  public List<Corner> corners() {
    return List.of(topLeft, topRight, bottomRight, bottomLeft);
  }

  /** Whether going round it turns to the right at every corner, as four corners of a sheet do. */
  public boolean isConvex() {
    List<Corner> all = corners();
    for (int i = 0; i < 4; i++) {
      Corner a = all.get(i);
      Corner b = all.get((i + 1) % 4);
      Corner c = all.get((i + 2) % 4);
      if ((b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x) <= 0) {
        return false;
      }
    }
    return true;
  }

  /** How many pixels it covers (source: the shoelace formula). */
  public double area() {
    List<Corner> all = corners();
    double twice = 0;
    for (int i = 0; i < 4; i++) {
      Corner a = all.get(i);
      Corner b = all.get((i + 1) % 4);
      twice += a.x * b.y - b.x * a.y;
    }
    return Math.abs(twice) / 2;
  }

  /** Whether all corners lie in a picture or on its edge. */
  public boolean isInside(Pixels picture) {
    return corners().stream()
        .allMatch(
            corner ->
                corner.x >= 0
                    && corner.y >= 0
                    && corner.x <= picture.w()
                    && corner.y <= picture.h());
  }

  /** How wide it is seen: the mean of its upper and its lower side. */
  public double width() {
    return (topLeft.distance(topRight) + bottomLeft.distance(bottomRight)) / 2;
  }

  /** How high it is seen: the mean of its left and its right side. */
  public double height() {
    return (topLeft.distance(bottomLeft) + topRight.distance(bottomRight)) / 2;
  }

  public Quad scaled(double by) {
    List<Corner> all =
        corners().stream().map(corner -> new Corner(corner.x * by, corner.y * by)).toList();
    return new Quad(all.get(0), all.get(1), all.get(2), all.get(3));
  }
}
