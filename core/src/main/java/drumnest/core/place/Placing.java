package drumnest.core.place;

import drumnest.core.measure.Area;
import drumnest.core.stock.HouseRules;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The problem of giving pictures to places at the least cost, and its answer.
 *
 * <p>Each place takes one picture, each picture one place; of several versions of one subject one
 * is placed. The cost is that of every picture in its place, of every two pictures side by side,
 * and of every subject left out, all by {@link PlacingCost}. A place left empty costs nothing but
 * that it should not lie between pictures.
 */
public interface Placing {

  /** By what pictures are given to places. */
  enum Order {
    /** Pictures in time order take places in reading order. */
    STORY,
    /** On each spread dark pictures stand low and pale ones high. */
    WEIGHT,
    /** On each spread neighbours are unlike. */
    VARIETY,
    /** Any picture may stand anywhere. */
    FREE
  }

  /**
   * A question of what is to be placed where.
   *
   * @param candidates the pictures, in time order
   * @param places the places, in reading order; those of one page, and of one spread, one after the
   *     other
   * @param locked pictures that stay where they are: index of the place to index of the picture.
   *     They are placed whatever it costs, and count as neighbours
   * @param closed places that a picture must not take: index of the picture to indices of places
   * @param room how much of a page's picture area may hold pictures, by the page's number; pages
   *     that are not named may be filled. Locked pictures count, and stay where there are more of
   *     them
   * @param order by what they are placed
   * @param prints what pictures cost in prints, by what everything weighs and the house rules
   */
  record Problem(
      List<Candidate> candidates,
      List<Place> places,
      Map<Integer, Integer> locked,
      Map<Integer, Set<Integer>> closed,
      Map<Integer, Area> room,
      Order order,
      PrintCostCache prints) {

    /**
     * @throws IllegalArgumentException if a picture is locked to two places
     */
    public Problem {
      candidates = List.copyOf(candidates);
      places = List.copyOf(places);
      locked = Map.copyOf(locked);
      closed = Map.copyOf(closed);
      room = Map.copyOf(room);
      if (locked.values().stream().distinct().count() < locked.size()) {
        throw new IllegalArgumentException("A picture is locked to one place.");
      }
    }

    /** With costs that are worked out anew. */
    public Problem(
        List<Candidate> candidates,
        List<Place> places,
        Map<Integer, Integer> locked,
        Map<Integer, Set<Integer>> closed,
        Map<Integer, Area> room,
        Order order,
        Weights weights,
        HouseRules rules) {
      this(candidates, places, locked, closed, room, order, new PrintCostCache(rules, weights));
    }

    /** Pages may be filled, and no place is closed to anybody. */
    public Problem(
        List<Candidate> candidates,
        List<Place> places,
        Map<Integer, Integer> locked,
        Order order,
        Weights weights,
        HouseRules rules) {
      this(candidates, places, locked, Map.of(), Map.of(), order, weights, rules);
    }

    /** Tells what everything weighs. */
    public Weights weights() {
      return prints.weights();
    }

    /** The house rules. */
    public HouseRules rules() {
      return prints.rules();
    }

    public Problem withLocked(Map<Integer, Integer> other) {
      return new Problem(candidates, places, other, closed, room, order, prints);
    }

    public Problem withClosed(Map<Integer, Set<Integer>> other) {
      return new Problem(candidates, places, locked, other, room, order, prints);
    }

    public Problem withPlaces(List<Place> other) {
      return new Problem(candidates, other, locked, closed, room, order, prints);
    }

    public Problem withRoom(Map<Integer, Area> other) {
      return new Problem(candidates, places, locked, closed, other, order, prints);
    }

    public Problem withOrder(Order other) {
      return new Problem(candidates, places, locked, closed, room, other, prints);
    }
  }

  /**
   * Who went where.
   *
   * @param placement the place of each picture, or none if it was left out
   * @param cost the cost of the whole in the unit of {@link PlacingCost}
   * @param bound what no arrangement can cost less than; where it is the cost, the answer is proven
   *     to be a best one
   */
  record Arrangement(Placement placement, long cost, long bound) {

    Arrangement(int[] placeOf, long cost, long bound) {
      this(Placement.of(placeOf), cost, bound);
    }

    int[] placeOf() {
      return placement.toArray();
    }

    public boolean isBest() {
      return cost <= bound;
    }
  }

  /**
   * Places the pictures.
   *
   * @param monitor told of progress where it takes long; may stop it, and then the best so far is
   *     the answer
   */
  Arrangement place(Problem problem, ProgressMonitor monitor);

  /** Places the pictures without being watched. */
  default Arrangement place(Problem problem) {
    return place(problem, ProgressMonitor.NONE);
  }

  /** The solver that places by an order, however many pictures there are. */
  static Placing by(Order order) {
    return switch (order) {
      case STORY -> new BlockPlacing(new StoryPlacing(), StoryPlacing.MOST_CELLS);
      case FREE -> new BlockPlacing(new FreePlacing(), FreePlacing.MOST_CELLS);
      case WEIGHT, VARIETY -> new BlockPlacing(new SpreadPlacing(), StoryPlacing.MOST_CELLS);
    };
  }
}
