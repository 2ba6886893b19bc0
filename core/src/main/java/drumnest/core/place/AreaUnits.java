package drumnest.core.place;

import drumnest.core.measure.Area;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The areas of a page's places in whole units, so that what a page may hold can be counted: places
 * of one size are a unit each, and a place of twice the size of the others is two. Areas are taken
 * to the nearest twelfth of the smallest, or more roughly where that would make too many units.
 *
 * @param unit what one unit is
 * @param ofPlaces the units of each place, one at least
 */
record AreaUnits(Area unit, List<Integer> ofPlaces) {

  private static final int[] PARTS = {12, 4, 2, 1};
  private static final int MOST = 48;

  /** A limit that is short of a whole unit by no more than this is one: areas are rounded. */
  private static final double NEARLY = 0.125;

  /**
   * @param places the areas of the places of one page
   */
  static AreaUnits of(List<Area> places) {
    if (places.isEmpty()) {
      return new AreaUnits(new Area(1), List.of());
    }
    return IntStream.of(PARTS)
        .mapToObj(parts -> of(places, parts))
        .filter(units -> units.whole() <= MOST)
        .findFirst()
        .orElseGet(() -> of(places, 1));
  }

  private static AreaUnits of(List<Area> places, int parts) {
    Area smallest = places.stream().min(Area::compareTo).orElseThrow();
    int[] shares =
        places.stream().mapToInt(area -> (int) Math.round(parts * area.over(smallest))).toArray();
    int common = IntStream.of(shares).reduce(0, AreaUnits::commonDivisor);
    return new AreaUnits(
        new Area(smallest.squareNanometres() * common / parts),
        IntStream.of(shares).mapToObj(each -> each / common).toList());
  }

  private static int commonDivisor(int one, int other) {
    return other == 0 ? one : commonDivisor(other, one % other);
  }

  int whole() {
    return ofPlaces.stream().mapToInt(Integer::intValue).sum();
  }

  int smallest() {
    return Collections.min(ofPlaces);
  }

  /** How many units an area has room for. */
  int within(Area area) {
    return (int) Math.min(whole(), Math.floor(area.over(unit) + NEARLY));
  }
}
