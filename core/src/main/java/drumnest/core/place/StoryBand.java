package drumnest.core.place;

import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * Which states of a {@link StoryRun} are looked at: after each place at least and at most so many
 * moments are decided. On a page of which no more than a few moments are to be left out, that
 * depends on the layer too: what is taken of the page says how many pictures are on it.
 *
 * <p>Where an arrangement of some cost {@code U} is known, states that are on no way as cheap can
 * be left alone. Say leaving out a moment costs at least {@code c}, filling a place at least what
 * its cheapest picture costs there or {@code c}, whichever is less, at most {@code x} for any
 * place. Up to a place {@code a} pictures have room, for {@code A} at least. Of {@code i} moments
 * decided there at least {@code i - a} are left out, and where there are fewer, up to {@code a - i}
 * places stay free: they cost at least {@code A + c * max(0, i - a) - x * max(0, a - i)}. The same
 * holds of the moments and places after it; both together may not cost more than {@code U}. The
 * answer stays optimal. Source: bounding a dynamic programme, common practice.
 */
final class StoryBand {

  /** By the places, from 0 for before the first. */
  private final int[] least;

  private final int[] most;

  /** By layers; no more is known of those beyond. */
  private final int[] leastIn;

  private final int[] mostIn;

  private StoryBand(int[] least, int[] most, int[] leastIn, int[] mostIn) {
    this.least = least;
    this.most = most;
    this.leastIn = leastIn;
    this.mostIn = mostIn;
  }

  private StoryBand(int[] least, int[] most) {
    this(least, most, new int[0], new int[0]);
  }

  /**
   * How many moments are decided at least after a place, from 0 for before the first, in any layer.
   */
  int least(int place) {
    return least[place];
  }

  /** How many at most, no fewer than the least. */
  int most(int place) {
    return most[place];
  }

  /** How many moments are decided at least after a place in a layer. */
  int least(int place, int layer) {
    return layer < leastIn.length ? Math.max(least[place], leastIn[layer]) : least[place];
  }

  /** How many at most; fewer than the least where there is no such state. */
  int most(int place, int layer) {
    return layer < mostIn.length ? Math.min(most[place], mostIn[layer]) : most[place];
  }

  /** How many states that are. */
  long states() {
    long states = 0;
    for (int place = 0; place < least.length; place++) {
      states += most[place] - least[place] + 1;
    }
    return states;
  }

  /** All states. */
  static StoryBand whole(int places, int moments) {
    int[] most = new int[places + 1];
    Arrays.fill(most, moments);
    return new StoryBand(new int[places + 1], most);
  }

  /**
   * States of a page on which no more than so many of its moments are left out.
   *
   * @param units how many units of area each place takes
   * @param layers how many units of area are told apart; one layer where they do not matter
   */
  static StoryBand leavingOut(int leftOut, int[] units, int layers, int moments) {
    int places = units.length;
    int[] most = new int[places + 1];
    for (int place = 0; place <= places; place++) {
      most[place] = Math.min(moments, place + leftOut);
    }
    int[] leastIn = new int[layers];
    int[] mostIn = new int[layers];
    Arrays.fill(mostIn, moments);
    int smallest = IntStream.of(units).min().orElse(1);
    int largest = IntStream.of(units).max().orElse(1);
    for (int layer = 0; layer < layers && layers > 1; layer++) {
      leastIn[layer] = (layer + largest - 1) / largest;
      mostIn[layer] = layer / smallest + leftOut;
    }
    return new StoryBand(new int[places + 1], most, leastIn, mostIn);
  }

  /**
   * How many pictures have room in a part of the places, and what filling all of it costs at least.
   */
  record Room(int pictures, long cost) {

    static final Room NONE = new Room(0, 0);

    Room and(Room other) {
      return new Room(pictures + other.pictures, cost + other.cost);
    }

    /** Tells what so many moments in it cost at least. */
    long least(int moments, long leftOut, long dearest) {
      return moments > pictures
          ? cost + (moments - pictures) * leftOut
          : cost - (pictures - moments) * dearest;
    }
  }

  /** The room of a row of places. */
  static final class Rooms {

    private final Room[] upTo;
    private final Room[] after;
    private final long leftOut;
    private final long dearest;

    /**
     * @param upTo by the places, from 0 for before the first: in those up to it
     * @param after the same: in those after it
     * @param leftOut what leaving out a moment costs at least
     * @param dearest what filling any place costs at least, at most as much
     */
    Rooms(Room[] upTo, Room[] after, long leftOut, long dearest) {
      this.upTo = upTo;
      this.after = after;
      this.leftOut = leftOut;
      this.dearest = dearest;
    }

    /** Tells what leaving out a moment costs at least. */
    long leftOut() {
      return leftOut;
    }

    int places() {
      return upTo.length - 1;
    }

    /**
     * Tells what a way costs at least on which so many of the moments are decided after a place.
     */
    private long least(int place, int decided, int moments) {
      return upTo[place].least(decided, leftOut, dearest)
          + after[place].least(moments - decided, leftOut, dearest);
    }

    /** With how many it costs the least: the cost is convex, so walking down from any finds it. */
    private int cheapest(int place, int from, int moments) {
      int decided = from;
      while (decided > 0 && least(place, decided - 1, moments) <= least(place, decided, moments)) {
        decided--;
      }
      while (decided < moments
          && least(place, decided + 1, moments) < least(place, decided, moments)) {
        decided++;
      }
      return decided;
    }
  }

  /** States along the way on which every place has its share of the moments. */
  static StoryBand along(Rooms rooms, int moments, int width) {
    int places = rooms.places();
    int[] least = new int[places + 1];
    int[] most = new int[places + 1];
    int all = Math.max(1, rooms.upTo[places].pictures());
    for (int place = 0; place <= places; place++) {
      int middle = (int) ((long) moments * rooms.upTo[place].pictures() / all);
      least[place] = Math.max(0, middle - width);
      most[place] = place == places ? moments : Math.min(moments, middle + width);
    }
    return new StoryBand(least, most);
  }

  /**
   * States on ways that cost no more than an arrangement that is known.
   *
   * @param known what that costs
   */
  static StoryBand within(Rooms rooms, int moments, long known) {
    int places = rooms.places();
    int[] least = new int[places + 1];
    int[] most = new int[places + 1];
    int cheapest = 0;
    int from = 0;
    int to = 0;
    for (int place = 0; place <= places; place++) {
      cheapest = rooms.cheapest(place, cheapest, moments);
      from = Math.min(from, cheapest);
      while (from > 0 && rooms.least(place, from - 1, moments) <= known) {
        from--;
      }
      while (from < cheapest && rooms.least(place, from, moments) > known) {
        from++;
      }
      to = Math.max(to, cheapest);
      while (to < moments && rooms.least(place, to + 1, moments) <= known) {
        to++;
      }
      while (to > cheapest && rooms.least(place, to, moments) > known) {
        to--;
      }
      least[place] = from;
      most[place] = to;
    }
    return new StoryBand(least, most);
  }
}
