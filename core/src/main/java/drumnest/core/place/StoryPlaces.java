package drumnest.core.place;

import java.util.Arrays;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.jspecify.annotations.Nullable;

/** The places of a {@link StoryRun}, from 1, with their pages and what those may hold. */
final class StoryPlaces {

  private static final int UNLIMITED = PageCapacities.UNLIMITED;

  private final Placing.Problem problem;
  private final StoryRow row;
  private final int firstPlace;
  private final int count;
  private final @Nullable Integer[] locked;

  /** For each place how many units of its page free pictures may take, and how many it takes. */
  private final int[] freeOnPage;

  private final int[] units;

  /**
   * @param firstPlace which place of the problem the first is
   * @param count how many they are
   */
  StoryPlaces(Placing.Problem problem, PlacingCost cost, StoryRow row, int firstPlace, int count) {
    this.problem = problem;
    this.row = row;
    this.firstPlace = firstPlace;
    this.count = count;
    this.locked = new Integer[count + 2];
    for (int place = 1; place <= count; place++) {
      locked[place] = problem.locked().get(inProblem(place));
    }
    this.units = new int[count];
    this.freeOnPage = new int[count];
    for (int i = 0; i < count; i++) {
      units[i] = cost.rooms().units(firstPlace + i);
      freeOnPage[i] = cost.rooms().free(firstPlace + i);
    }
    forgetLimitsThatNeverBind(row.moments());
  }

  /** A page with room for as many as there are may as well be filled. */
  private void forgetLimitsThatNeverBind(int moments) {
    for (int from = 0; from < count; ) {
      int to = from;
      int largest = 0;
      while (to < count && page(to + 1) == page(from + 1)) {
        largest = Math.max(largest, units[to++]);
      }
      if (freeOnPage[from] >= (long) moments * largest) {
        Arrays.fill(freeOnPage, from, to, UNLIMITED);
      }
      from = to;
    }
  }

  /**
   * Lets all of them, which are of one page, hold as much of it.
   *
   * @param leastUnits where so many moments take no more than that, nothing limits them
   * @param mostUnits how much it is otherwise
   */
  void limitAll(int moments, int leastUnits, int mostUnits) {
    int wanted = moments * IntStream.of(units).max().orElse(0);
    Arrays.fill(freeOnPage, leastUnits >= wanted ? UNLIMITED : Math.min(mostUnits, wanted));
  }

  int count() {
    return count;
  }

  /** Which place of the problem a place is. */
  int inProblem(int place) {
    return firstPlace + place - 1;
  }

  /** The picture that is locked in a place; null for none, also beside the first and the last. */
  @Nullable Integer locked(int place) {
    return locked[place];
  }

  /** The page of a place. */
  int page(int place) {
    return problem.places().get(inProblem(place)).at().page();
  }

  /** The units of area of its page that a place takes. */
  int units(int place) {
    return units[place - 1];
  }

  /** Whether the page of a place may not be filled. */
  boolean isLimited(int place) {
    return freeOnPage[place - 1] != UNLIMITED;
  }

  /** How many sums of units the page of a place is looked at with. */
  int layers(int place) {
    return layersOf(freeOnPage[place - 1]);
  }

  /** How many sums of units a page of so many free ones is looked at with. */
  static int layersOf(int free) {
    return free == UNLIMITED ? 1 : free + 1;
  }

  /**
   * The states with which no more than so many moments have none of the places, all of one page.
   */
  StoryBand leavingOut(int most) {
    return StoryBand.leavingOut(most, units, count == 0 ? 1 : layers(1), row.moments());
  }

  /** The room of the places, and what filling them costs at least. */
  StoryBand.Rooms rooms() {
    long least = LongStream.of(row.leftOut()).min().orElse(0);
    long[] cheapest = new long[count + 1];
    for (int place = 1; place <= count; place++) {
      long own = locked[place] == null ? row.cheapest(inProblem(place)) : 0;
      cheapest[place] = Math.min(own, least);
    }
    StoryBand.Room[] upTo = new StoryBand.Room[count + 1];
    StoryBand.Room[] after = new StoryBand.Room[count + 1];
    upTo[0] = StoryBand.Room.NONE;
    after[count] = StoryBand.Room.NONE;
    for (int place = 1; place <= count; place++) {
      int first = firstOfPage(place);
      upTo[place] = upTo[first - 1].and(onPage(first, place, cheapest));
    }
    for (int place = count - 1; place >= 0; place--) {
      int last = lastOfPage(place + 1);
      after[place] = after[last].and(onPage(place + 1, last, cheapest));
    }
    return new StoryBand.Rooms(upTo, after, least, LongStream.of(cheapest).max().orElse(0));
  }

  /** The room from one place to another of the same page. */
  private StoryBand.Room onPage(int from, int to, long[] cheapest) {
    long[] free =
        IntStream.rangeClosed(from, to)
            .filter(place -> locked[place] == null)
            .mapToLong(place -> cheapest[place])
            .sorted()
            .toArray();
    int pictures = Math.min(mostOn(from), free.length);
    return new StoryBand.Room(pictures, LongStream.of(free).limit(pictures).sum());
  }

  private int firstOfPage(int place) {
    int first = place;
    while (first > 1 && page(first - 1) == page(place)) {
      first--;
    }
    return first;
  }

  private int lastOfPage(int place) {
    int last = place;
    while (last < count && page(last + 1) == page(place)) {
      last++;
    }
    return last;
  }

  /** How many free pictures the page of a place can hold at most. */
  private int mostOn(int place) {
    if (!isLimited(place)) {
      return Integer.MAX_VALUE;
    }
    int smallest = Integer.MAX_VALUE;
    for (int each = firstOfPage(place); each <= lastOfPage(place); each++) {
      smallest = Math.min(smallest, Math.max(1, units[each - 1]));
    }
    return freeOnPage[place - 1] / smallest;
  }
}
