package drumnest.core.place;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRule;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Ways to make room for a picture that is left out: each way is worked out, with what the whole
 * would cost then, and the ways are told from the cheapest on. Source of the ways: common practice,
 * no source.
 */
public final class MakingRoom {

  /** A way to make room. */
  public enum Way {
    /** A hinged sleeve over the picture that comes before it in the story. */
    SLEEVE,
    /** Another picture of the same look is dropped. */
    DROP_REPEAT,
    /** A small leaf more. */
    INSET,
    /** It takes the place of another, which is left out. */
    TAKE,
    /** Two prints share one place. */
    SHARE
  }

  /** A sleeve of the shelf. */
  public record Sleeve(String key, Size insert) {}

  /** A small leaf of the shelf. */
  public record Inset(String key, List<Place> places) {}

  /** The means there are to make room with. */
  public record Means(List<Sleeve> sleeves, List<Inset> insets) {
    public Means {
      sleeves = List.copyOf(sleeves);
      insets = List.copyOf(insets);
    }
  }

  /**
   * A way that is open.
   *
   * @param place the place it concerns, or -1
   * @param other the picture that goes, shares, or whose place is covered; -1 for none
   * @param key the sleeve or small leaf; null for none
   * @param print the size of the print in it; null where the place says it
   * @param more what the whole costs more then; below 0 where it gets cheaper
   */
  public record Option(
      Way way, int place, int other, @Nullable String key, @Nullable Size print, long more) {}

  private static final int MOST_REPEATS = 4;
  private static final int MOST_TAKEN = 3;

  private final Placing.Problem problem;
  private final PlacingCost cost;
  private final int[] placeOf;
  private final int[] photoAt;
  private final long now;
  private final int photo;

  private MakingRoom(Placing.Problem problem, int[] placeOf, int photo) {
    this.problem = problem;
    this.cost = new PlacingCost(problem);
    this.placeOf = placeOf;
    this.photoAt = Placement.photoAt(placeOf, problem.places().size());
    this.now = CostBreakdown.of(problem, placeOf).total();
    this.photo = photo;
  }

  /**
   * The ways that are open, the cheapest first, at most one of each kind but for taking a place.
   *
   * @param photo the picture, which is left out
   */
  public static List<Option> of(Placing.Problem problem, Placement now, int photo, Means means) {
    MakingRoom room = new MakingRoom(problem, now.toArray(), photo);
    List<Option> options = new ArrayList<>();
    room.sleeve(means.sleeves()).ifPresent(options::add);
    room.dropRepeat().ifPresent(options::add);
    room.inset(means.insets()).ifPresent(options::add);
    room.share().ifPresent(options::add);
    options.addAll(room.take());
    options.sort(Comparator.comparingLong(Option::more));
    return options;
  }

  private long leftOut() {
    return cost.leftOut(cost.moments().pictures(cost.moments().of(photo)));
  }

  private long own(Place place) {
    Placing.Problem alone =
        problem.withPlaces(List.of(place)).withLocked(Map.of()).withClosed(Map.of());
    return new PlacingCost(alone).of(photo, 0);
  }

  /** The place whose picture comes last before this one in the story, or the first at all. */
  private int before() {
    int moment = cost.moments().of(photo);
    int last = -1;
    for (int place = 0; place < photoAt.length; place++) {
      if (photoAt[place] >= 0 && (last < 0 || cost.moments().of(photoAt[place]) < moment)) {
        last = place;
      }
    }
    return last;
  }

  private Optional<Option> sleeve(List<Sleeve> sleeves) {
    int over = before();
    if (over < 0) {
      return Optional.empty();
    }
    Place place = problem.places().get(over);
    return sleeves.stream()
        .flatMap(sleeve -> IntStream.of(0, 1).mapToObj(turn -> sleeve(sleeve, turn == 1)))
        .filter(sleeve -> sleeve.insert().fitsIn(place.print()))
        .map(sleeve -> sleeved(place, over, sleeve))
        .filter(option -> option.more() < PlacingCost.FORBIDDEN / 2)
        .min(Comparator.comparingLong(Option::more));
  }

  private static Sleeve sleeve(Sleeve sleeve, boolean turned) {
    return new Sleeve(sleeve.key(), sleeve.insert().turnedIf(turned));
  }

  private Option sleeved(Place place, int over, Sleeve sleeve) {
    long own = own(new Place("sleeve", sleeve.insert(), true, false, place.at()));
    return new Option(
        Way.SLEEVE, over, photoAt[over], sleeve.key(), sleeve.insert(), own - leftOut());
  }

  private Optional<Option> inset(List<Inset> insets) {
    long leaf = Weights.weight(problem.rules(), HouseRule.LEAF_WEIGHT);
    return insets.stream()
        .flatMap(
            inset ->
                inset.places().stream()
                    .map(
                        place ->
                            new Option(
                                Way.INSET,
                                -1,
                                -1,
                                inset.key(),
                                place.print(),
                                own(place) + leaf - leftOut())))
        .filter(option -> option.more() < PlacingCost.FORBIDDEN / 2)
        .min(Comparator.comparingLong(Option::more));
  }

  /** Of the placed pictures that look like it, or show the same again, the one to drop. */
  private Optional<Option> dropRepeat() {
    Candidate wanted = problem.candidates().get(photo);
    return IntStream.range(0, placeOf.length)
        .filter(other -> placeOf[other] >= 0 && !problem.locked().containsKey(placeOf[other]))
        .filter(other -> repeats(problem.candidates().get(other), wanted))
        .limit(MOST_REPEATS)
        .mapToObj(this::without)
        .flatMap(Optional::stream)
        .min(Comparator.comparingLong(Option::more));
  }

  private boolean repeats(Candidate other, Candidate wanted) {
    if (other.looksLike(wanted)) {
      return true;
    }
    return other.look() != null
        && wanted.look() != null
        && other.look().centre().distance(wanted.look().centre())
            <= problem.rules().number(HouseRule.REPEAT_BITS)
        && other.look().mean().difference(wanted.look().mean())
            <= problem.rules().number(HouseRule.ALTERNATE_COLOUR);
  }

  /** The whole without another picture, if this one is placed then. */
  private Optional<Option> without(int other) {
    List<Integer> fewer =
        IntStream.range(0, problem.candidates().size()).filter(i -> i != other).boxed().toList();
    ProblemPart rest =
        new ProblemPart(problem, fewer, ProblemPart.range(0, problem.places().size()));
    Placing.Arrangement arrangement = Placing.by(problem.order()).place(rest.problem());
    int[] places = placeOf.clone();
    rest.write(arrangement.placeOf(), places);
    int place = places[photo];
    return place < 0
        ? Optional.empty()
        : Optional.of(
            new Option(Way.DROP_REPEAT, place, other, null, null, arrangement.cost() - now));
  }

  /** The places it would take at the least cost, and who is left out for it. */
  private List<Option> take() {
    return IntStream.range(0, problem.places().size())
        .filter(place -> !problem.locked().containsKey(place))
        .filter(place -> cost.of(photo, place) < PlacingCost.FORBIDDEN)
        .boxed()
        .sorted(
            Comparator.comparingLong((Integer place) -> cost.of(photo, place))
                .thenComparingInt(this::farFromStory))
        .limit(MOST_TAKEN)
        .map(this::taken)
        .toList();
  }

  /** How many pictures stand between a place and where the story has this one. */
  private int farFromStory(int place) {
    return Math.abs(place - before());
  }

  private Option taken(int place) {
    Map<Integer, Integer> locked = new HashMap<>(problem.locked());
    locked.put(place, photo);
    Placing.Arrangement with = Placing.by(problem.order()).place(problem.withLocked(locked));
    int goes =
        IntStream.range(0, placeOf.length)
            .filter(each -> placeOf[each] >= 0 && !with.placement().isPlaced(each))
            .findFirst()
            .orElse(-1);
    return new Option(Way.TAKE, place, goes, null, null, with.cost() - now);
  }

  /**
   * A place that takes this one and another that is left out, side by side or one above the other,
   * as two uprights share the place of a wide one.
   */
  private Optional<Option> share() {
    Length least = problem.rules().length(HouseRule.SHARED_FROM);
    List<Integer> others =
        IntStream.range(0, placeOf.length)
            .filter(other -> other != photo && placeOf[other] < 0)
            .filter(other -> cost.moments().of(other) != cost.moments().of(photo))
            .boxed()
            .sorted(Comparator.comparingInt(other -> Math.abs(other - photo)))
            .limit(MOST_REPEATS)
            .toList();
    return IntStream.range(0, photoAt.length)
        .filter(place -> !problem.locked().containsKey(place))
        .filter(place -> problem.places().get(place).outline().isStraight())
        .filter(place -> !problem.places().get(place).print().half().tighter().isLessThan(least))
        .boxed()
        .flatMap(place -> others.stream().map(other -> shared(place, other)))
        .filter(option -> option.more() < 0)
        .min(Comparator.comparingLong(Option::more));
  }

  private Option shared(int place, int other) {
    Place whole = problem.places().get(place);
    Size half = whole.print().half();
    Place part = new Place(whole.id(), half, whole.hidden(), false, whole.at());
    Placing.Problem alone =
        problem.withPlaces(List.of(part)).withLocked(Map.of()).withClosed(Map.of());
    PlacingCost own = new PlacingCost(alone);
    long two = own.of(photo, 0) + own.of(other, 0);
    int held = photoAt[place];
    long saved =
        leftOut()
            + cost.leftOut(cost.moments().pictures(cost.moments().of(other)))
            + (held < 0 ? 0 : cost.of(held, place));
    long lost = held < 0 ? 0 : cost.leftOut(cost.moments().pictures(cost.moments().of(held)));
    return new Option(Way.SHARE, place, other, null, half, two + lost - saved);
  }
}
