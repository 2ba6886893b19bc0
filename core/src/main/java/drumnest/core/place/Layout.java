package drumnest.core.place;

import java.util.List;

/** Which picture is where, while that is being looked at or improved, and what places cost so. */
final class Layout {

  private final Placing.Problem problem;
  private final PlacingCost cost;
  private final int[] placeOf;
  private final int[] photoAt;

  Layout(Placing.Problem problem, PlacingCost cost, int[] placeOf) {
    this.problem = problem;
    this.cost = cost;
    this.placeOf = placeOf;
    this.photoAt = Placing.photoAt(placeOf, problem.places().size());
  }

  int placeOf(int photo) {
    return placeOf[photo];
  }

  /** The picture in the place, or -1. */
  int photoAt(int place) {
    return place < 0 || place >= photoAt.length ? -1 : photoAt[place];
  }

  /** Puts a picture there, and whoever is there where it comes from; -1 is off all places. */
  void swap(int photo, int from, int other, int to) {
    if (from >= 0) {
      photoAt[from] = other;
    }
    if (to >= 0) {
      photoAt[to] = photo;
    }
    placeOf[photo] = to;
    if (other >= 0) {
      placeOf[other] = from;
    }
  }

  /** What a place costs: its picture, the pair it makes with the next, and its words. */
  long local(int place) {
    int photo = photoAt(place);
    if (photo < 0) {
      return 0;
    }
    boolean locked = problem.locked().containsKey(place);
    long sum = locked ? cost.ofLocked(photo, place) : cost.of(photo, place);
    int next = photoAt(place + 1);
    if (next >= 0) {
      sum += cost.pair(photo, next, place);
    }
    return sum + (wordsApart(place) ? cost.captionApart() : 0);
  }

  /** Whether the picture in the place has words, and no free place beside it for them. */
  boolean wordsApart(int place) {
    int photo = photoAt(place);
    return photo >= 0
        && !problem.locked().containsKey(place)
        && cost.wantsWords(photo, place)
        && !(place > 0 && photoAt(place - 1) < 0 && cost.touchesNext(place - 1))
        && !(cost.touchesNext(place) && photoAt(place + 1) < 0);
  }

  /** Whether a picture of the moment of this one is placed. */
  boolean isTold(int photo) {
    return pictures(photo).stream().anyMatch(each -> placeOf[each] >= 0);
  }

  List<Integer> pictures(int photo) {
    return cost.moments().pictures(cost.moments().of(photo));
  }

  /** What the moment of the picture costs where nothing of it is placed. */
  long untold(int photo) {
    return isTold(photo) ? 0 : cost.leftOut(pictures(photo));
  }

  /** What the whole costs. */
  long total() {
    long sum = 0;
    for (int moment = 0; moment < cost.moments().count(); moment++) {
      sum += untold(cost.moments().pictures(moment).get(0));
    }
    for (int place = 0; place < photoAt.length; place++) {
      sum += local(place);
    }
    return sum;
  }
}
