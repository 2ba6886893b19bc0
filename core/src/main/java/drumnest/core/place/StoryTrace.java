package drumnest.core.place;

import org.jspecify.annotations.Nullable;

/**
 * The way back through the states of a {@link StoryRun}: for each place, layer and state of the
 * band what the cheapest state before it was.
 */
final class StoryTrace {

  /** The state before is at rest; else it is twice where its picture is, and one if that waits. */
  static final short FROM_REST = -1;

  private final StoryRow row;
  private final StoryPlaces places;
  private final StoryBand band;
  private final short[][][] rest;
  private final short[][][][] fill;

  /** For each place whose page ends there with several layers: the one that was kept. */
  private final @Nullable short[][] restLayer;

  private final short[][][] fillLayer;

  StoryTrace(StoryRow row, StoryPlaces places, StoryBand band) {
    this.row = row;
    this.places = places;
    this.band = band;
    int count = places.count();
    this.rest = new short[count + 1][][];
    this.fill = new short[count + 1][2][][];
    this.restLayer = new short[count + 1][];
    this.fillLayer = new short[count + 1][][];
  }

  /** The states after a place follow. */
  void begin(int place, int layers) {
    rest[place] = new short[layers][];
    fill[place][0] = new short[layers][];
    fill[place][1] = new short[layers][];
  }

  /** Where states at rest come from, to be written; counted from the least of the band. */
  short[] openRest(int place, int layer) {
    rest[place][layer] = new short[band.most(place) - band.least(place) + 1];
    return rest[place][layer];
  }

  /** Where states with a picture come from, to be written; counted from the first of the band. */
  short[] openFill(int place, int waits, int layer) {
    int pictures = row.begins()[band.most(place)] - firstIn(place);
    fill[place][waits][layer] = new short[pictures];
    return fill[place][waits][layer];
  }

  /** The first picture that a state of the band can have in a place. */
  int firstIn(int place) {
    return row.begins()[Math.max(0, band.least(place) - 1)];
  }

  /** A page ends, and of its layers one is kept for each state. */
  void pageEnds(int place, short[] layerAtRest, short[][] layerFilled) {
    restLayer[place] = layerAtRest;
    fillLayer[place] = layerFilled;
  }

  /**
   * Writes where the pictures went: the place of each, counted from the first of the problem.
   *
   * @param last the states after the last place
   */
  void write(StoryStates last, int[] placeOf) {
    int state = cheapest(last);
    int decided = row.moments();
    int layer = 0;
    for (int place = places.count(); place > 0; place--) {
      boolean filled = state != FROM_REST;
      int i = filled ? state / 2 : decided;
      if (restLayer[place] != null) {
        layer = filled ? fillLayer[place][state % 2][i] : restLayer[place][i];
      }
      if (filled) {
        placeOf[row.pictures()[i]] = places.inProblem(place);
        int origin = fill[place][state % 2][layer][i - firstIn(place)];
        decided = row.momentOf(i);
        layer = places.isLimited(place) ? layer - places.units(place) : layer;
        state = origin;
      } else {
        state = rest[place][layer][decided - band.least(place)];
      }
    }
  }

  /** The state after the last place that all moments cost the least with. */
  private int cheapest(StoryStates last) {
    int state = FROM_REST;
    long best = last.rest(0)[row.moments()];
    long leftOutAfter = 0;
    for (int moment = row.moments(); moment >= 1; moment--) {
      for (int i = row.begins()[moment] - 1; i >= row.begins()[moment - 1]; i--) {
        for (int waits = 0; waits < 2; waits++) {
          long filled = last.fill(waits, 0)[i];
          if (filled < PlacingCost.FORBIDDEN && filled + leftOutAfter <= best) {
            best = filled + leftOutAfter;
            state = 2 * i + waits;
          }
        }
      }
      leftOutAfter = Math.min(PlacingCost.FORBIDDEN, leftOutAfter + row.leftOut()[moment - 1]);
    }
    return state;
  }
}
