package drumnest.core.place;

import drumnest.core.measure.Area;
import java.util.List;
import java.util.stream.IntStream;

/** The capacities of the pages of a problem, counted in {@link AreaUnits} of each page. */
final class PageCapacities {

  /** Of a page that may be filled. */
  static final int UNLIMITED = -1;

  private final int[] units;
  private final int[] most;
  private final int[] locked;

  PageCapacities(Placing.Problem problem) {
    int places = problem.places().size();
    this.units = new int[places];
    this.most = new int[places];
    this.locked = new int[places];
    for (int from = 0; from < places; ) {
      int page = problem.places().get(from).at().page();
      int to = from + 1;
      while (to < places && problem.places().get(to).at().page() == page) {
        to++;
      }
      page(problem, from, to, problem.room().get(page));
      from = to;
    }
  }

  private void page(Placing.Problem problem, int from, int to, Area room) {
    List<Area> areas = problem.places().subList(from, to).stream().map(Place::area).toList();
    AreaUnits page = AreaUnits.of(areas);
    int mayHold = room == null ? page.whole() : page.within(room);
    int lockedUnits =
        IntStream.range(from, to)
            .filter(problem.locked()::containsKey)
            .map(place -> page.ofPlaces().get(place - from))
            .sum();
    for (int place = from; place < to; place++) {
      units[place] = page.ofPlaces().get(place - from);
      most[place] = mayHold < page.whole() ? mayHold : UNLIMITED;
      locked[place] = lockedUnits;
    }
  }

  /** The units of a place. */
  int units(int place) {
    return units[place];
  }

  /** How many units the page of a place may hold; {@link #UNLIMITED} where it may be filled. */
  int most(int place) {
    return most[place];
  }

  /** How many of them pictures may take that are not locked. */
  int free(int place) {
    return most[place] == UNLIMITED ? UNLIMITED : Math.max(0, most[place] - locked[place]);
  }
}
