package drumnest.core.place;

import java.util.Arrays;

/**
 * Which states of a {@link StoryRun} are looked at: after each place at least and at most so many
 * moments are decided.
 *
 * <p>Where an arrangement of some cost {@code U} is known, states on no way that is as cheap can be
 * left alone. Of {@code n} moments, {@code i} decided after a place up to which {@code a} pictures
 * have room and after which {@code b} have, at least {@code max(0, i - a) + max(0, n - i - b)} are
 * left out, each for at least {@code c}; nothing costs less than nothing. So {@code n - b - U/c <=
 * i <= a + U/c}. The answer stays optimal. Source: bounding a dynamic programme, common practice.
 *
 * @param least by the places, from 0 for before the first
 * @param most by the places, no less than the least
 */
record StoryBand(int[] least, int[] most) {

  /** All states. */
  static StoryBand whole(int places, int moments) {
    int[] most = new int[places + 1];
    Arrays.fill(most, moments);
    return new StoryBand(new int[places + 1], most);
  }

  /**
   * How many pictures have room.
   *
   * @param upTo by the places, from 0 for before the first: in those up to it
   * @param after the same: in those after it
   */
  record Room(int[] upTo, int[] after) {}

  /** States along the way on which every place has its share of the moments. */
  static StoryBand along(Room room, int moments, int width) {
    int places = room.upTo().length - 1;
    int[] least = new int[places + 1];
    int[] most = new int[places + 1];
    int all = Math.max(1, room.upTo()[places]);
    for (int place = 0; place <= places; place++) {
      int middle = (int) ((long) moments * room.upTo()[place] / all);
      least[place] = Math.max(0, middle - width);
      most[place] = place == places ? moments : Math.min(moments, middle + width);
    }
    return new StoryBand(least, most);
  }

  /**
   * States on ways that cost no more than an arrangement that is known.
   *
   * @param mostLeftOut how many moments may be left out for its cost
   */
  static StoryBand within(Room room, int moments, long mostLeftOut) {
    int places = room.upTo().length - 1;
    int[] least = new int[places + 1];
    int[] most = new int[places + 1];
    for (int place = 0; place <= places; place++) {
      long undecided = room.after()[place] + mostLeftOut;
      least[place] = (int) Math.max(0, moments - undecided);
      most[place] = (int) Math.min(moments, room.upTo()[place] + mostLeftOut);
    }
    return new StoryBand(least, most);
  }
}
