package drumnest.core.place;

import drumnest.core.stock.HouseRules;
import java.util.List;
import java.util.Map;

/**
 * The problem of giving pictures to places at the least cost, and its answer.
 *
 * <p>The cost of a picture in a place is {@link PlacingCost#of}; a picture left out costs {@link
 * PlacingCost#LEFT_OUT} as many times as it is wanted, a place left empty nothing, two lookalikes
 * in neighbouring places {@link PlacingCost#NEIGHBOURS_ALIKE}. Each place takes one picture, each
 * picture one place.
 */
public interface Placing {

  /**
   * What is to be placed where.
   *
   * @param candidates the pictures, in time order
   * @param places the places, in reading order
   * @param locked pictures that stay where they are: index of the place to index of the picture.
   *     They are placed whatever it costs, and count as neighbours
   * @param rules the house rules
   */
  record Problem(
      List<Candidate> candidates,
      List<Place> places,
      Map<Integer, Integer> locked,
      HouseRules rules) {

    public Problem {
      candidates = List.copyOf(candidates);
      places = List.copyOf(places);
      locked = Map.copyOf(locked);
      if (locked.values().stream().distinct().count() < locked.size()) {
        throw new IllegalArgumentException("A picture is locked to one place.");
      }
    }
  }

  /**
   * Who went where.
   *
   * @param placeOf for each picture the index of its place, or -1 if it was left out
   * @param cost the cost of the whole in the unit of {@link PlacingCost}
   */
  record Arrangement(int[] placeOf, long cost) {}

  Arrangement place(Problem problem);
}
