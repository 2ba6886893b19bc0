package drumnest.core.place;

import java.util.ArrayList;
import java.util.List;

/**
 * How a row of places may begin or end, as far as that matters for the rows beside it: with an
 * empty place ({@link #EMPTY}), or with a picture of some lookalikes. Pictures of one moment that
 * are of the same lookalikes, or of none, are one way.
 */
final class RowEnds {

  static final int EMPTY = 0;

  private final int ways;
  private final int[] ofPicture;
  private final int[] waysOf;

  /** The lookalikes by moments and ways. */
  private final int[] groups;

  RowEnds(StoryRow row) {
    int[] begins = row.begins();
    this.ofPicture = new int[row.pictures().length];
    this.waysOf = new int[row.moments()];
    List<List<Integer>> known = new ArrayList<>();
    int most = 1;
    for (int moment = 0; moment < row.moments(); moment++) {
      List<Integer> groupsOf = new ArrayList<>();
      for (int i = begins[moment]; i < begins[moment + 1]; i++) {
        int group = row.groups()[i];
        if (!groupsOf.contains(group)) {
          groupsOf.add(group);
        }
        ofPicture[i] = groupsOf.indexOf(group) + 1;
      }
      waysOf[moment] = groupsOf.size() + 1;
      most = Math.max(most, waysOf[moment]);
      known.add(groupsOf);
    }
    this.ways = most;
    this.groups = new int[row.moments() * ways];
    for (int moment = 0; moment < known.size(); moment++) {
      for (int way = 1; way < waysOf[moment]; way++) {
        groups[moment * ways + way] = known.get(moment).get(way - 1);
      }
    }
  }

  /** How many ways there are at most with any moment. */
  int ways() {
    return ways;
  }

  /** How many ways there are with a moment. */
  int waysOf(int moment) {
    return waysOf[moment];
  }

  /** The way with a picture, by where it is in the row of all pictures. */
  int ofPicture(int i) {
    return ofPicture[i];
  }

  /** Whether one row that ends with a moment and one that begins with the next have lookalikes. */
  boolean areAlike(int moment, int way, int nextWay) {
    int group = groups[moment * ways + way];
    return group != BestFill.ALONE && group == groups[(moment + 1) * ways + nextWay];
  }
}
