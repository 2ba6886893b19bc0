package drumnest.core.place;

import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRules;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * Which sleeves pictures need that find no place on a page: each the one that costs least by {@link
 * PlacingCost}, whichever way it is hung; of those that cost the same the first. Source: common
 * practice, no source.
 */
public final class SleevesFor {

  private SleevesFor() {}

  /** How many of each sleeve are needed, by its key; a picture that suits none is passed over. */
  public static Map<String, Integer> count(
      List<Candidate> pictures, List<MakingRoom.Sleeve> sleeves, HouseRules rules) {
    List<Place> places = sleeves.stream().flatMap(SleevesFor::places).toList();
    Placing.Problem problem =
        new Placing.Problem(
            pictures, places, Map.of(), Placing.Order.FREE, Weights.of(rules), rules);
    PlacingCost cost = new PlacingCost(problem);
    Map<String, Integer> count = new LinkedHashMap<>();
    for (int picture = 0; picture < pictures.size(); picture++) {
      int best = -1;
      long least = PlacingCost.FORBIDDEN;
      for (int place = 0; place < places.size(); place++) {
        long own = cost.of(picture, place);
        if (own < least) {
          least = own;
          best = place;
        }
      }
      if (best >= 0) {
        count.merge(places.get(best).id(), 1, Integer::sum);
      }
    }
    return count;
  }

  private static Stream<Place> places(MakingRoom.Sleeve sleeve) {
    return Stream.of(sleeve.insert(), sleeve.insert().turned())
        .distinct()
        .map((Size insert) -> new Place(sleeve.key(), insert, true, false));
  }
}
