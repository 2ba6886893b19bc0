package drumnest.core.place;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * Places pictures by weight or by variety: story order says which pictures stand on which spread,
 * and on each spread they stand where the order asked for makes the whole cheapest ({@link
 * FreePlacing}). The bound holds for these pictures on these spreads.
 */
public final class SpreadPlacing implements Placing {

  /**
   * @throws IllegalArgumentException if the problem is too large
   */
  @Override
  public Arrangement place(Problem problem, Watch watch) {
    int[] placeOf =
        new StoryPlacing().place(problem.withOrder(Order.STORY), Watch.NONE).placeOf().clone();
    Map<Integer, List<Integer>> spreads = new TreeMap<>();
    for (int place = 0; place < problem.places().size(); place++) {
      spreads
          .computeIfAbsent(problem.places().get(place).at().spread(), key -> new ArrayList<>())
          .add(place);
    }
    long saved = 0;
    int done = 0;
    for (List<Integer> spread : spreads.values()) {
      if (!watch.goOn(done++, spreads.size())) {
        break;
      }
      Spread part = new Spread(problem, spread, Placing.photoAt(placeOf, problem.places().size()));
      Arrangement best = new FreePlacing().place(part.problem, watch);
      saved += best.cost() - best.bound();
      part.write(best, placeOf);
    }
    long cost = Account.of(problem, placeOf).total();
    return new Arrangement(placeOf, cost, Math.min(cost, cost - saved));
  }

  /** The pictures of one spread and its places, as a problem of their own. */
  private static final class Spread {
    private final List<Integer> places;
    private final List<Integer> pictures = new ArrayList<>();
    private final Problem problem;

    Spread(Problem whole, List<Integer> places, int[] photoAt) {
      this.places = places;
      places.stream().filter(place -> photoAt[place] >= 0).forEach(p -> pictures.add(photoAt[p]));
      pictures.sort(null);
      Map<Integer, Integer> locked = new HashMap<>();
      for (int i = 0; i < places.size(); i++) {
        if (whole.locked().containsKey(places.get(i))) {
          locked.put(i, pictures.indexOf(whole.locked().get(places.get(i))));
        }
      }
      Map<Integer, Set<Integer>> closed = new HashMap<>();
      for (int i = 0; i < pictures.size(); i++) {
        Set<Integer> shut = whole.closed().getOrDefault(pictures.get(i), Set.of());
        closed.put(
            i, shut.stream().map(places::indexOf).filter(p -> p >= 0).collect(Collectors.toSet()));
      }
      this.problem =
          new Problem(
              pictures.stream().map(whole.candidates()::get).toList(),
              places.stream().map(whole.places()::get).toList(),
              locked,
              closed,
              whole.room(),
              whole.order(),
              whole.weights(),
              whole.rules());
    }

    void write(Arrangement best, int[] placeOf) {
      for (int i = 0; i < pictures.size(); i++) {
        int place = best.placeOf()[i];
        placeOf[pictures.get(i)] = place < 0 ? -1 : places.get(place);
      }
    }
  }
}
