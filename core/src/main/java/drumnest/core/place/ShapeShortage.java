package drumnest.core.place;

import drumnest.core.measure.Orientation;
import java.util.ArrayList;
import java.util.List;

/**
 * A shape that more pictures have than places, though there are places enough in all.
 *
 * @param photos how many pictures are of the shape
 * @param places how many places are
 */
public record ShapeShortage(Orientation shape, int photos, int places) {

  /** Those of a problem; squares look well either way. */
  public static List<ShapeShortage> of(Placing.Problem problem) {
    if (problem.candidates().size() > problem.places().size()) {
      return List.of();
    }
    List<ShapeShortage> shortages = new ArrayList<>();
    for (Orientation shape : List.of(Orientation.UPRIGHT, Orientation.WIDE)) {
      long photos =
          problem.candidates().stream()
              .filter(photo -> photo.pixels().orientation() == shape)
              .count();
      long places = problem.places().stream().filter(place -> place.shape() == shape).count();
      if (photos > places) {
        shortages.add(new ShapeShortage(shape, (int) photos, (int) places));
      }
    }
    return shortages;
  }
}
