package drumnest.core.place;

import java.util.List;

/** Which picture is where, while that is being looked at or improved, and what places cost so. */
final class Layout {

  private final PlacingCost cost;
  private final int[] placeOf;
  private final int[] photoAt;
  private final boolean[] locked;

  Layout(Placing.Problem problem, PlacingCost cost, int[] placeOf) {
    this.cost = cost;
    this.placeOf = placeOf;
    this.photoAt = Placement.photoAt(placeOf, problem.places().size());
    this.locked = new boolean[photoAt.length];
    problem.locked().keySet().forEach(place -> locked[place] = true);
  }

  int placeOf(int photo) {
    return placeOf[photo];
  }

  /** The picture in the place, or -1. */
  int photoAt(int place) {
    return place < 0 || place >= photoAt.length ? -1 : photoAt[place];
  }

  boolean isLocked(int place) {
    return locked[place];
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

  /** Tells what a place costs: its picture, its words, and what the next is to it. */
  long local(int place) {
    int photo = photoAt(place);
    if (photo < 0) {
      return photoAt(place + 1) < 0 ? 0 : cost.scattered(place);
    }
    long sum = locked[place] ? cost.ofLocked(photo, place) : cost.of(photo, place);
    int next = photoAt(place + 1);
    sum += next >= 0 ? cost.pair(photo, next, place) : cost.scattered(place);
    return sum + (wordsApart(place) ? cost.captionApart() : 0);
  }

  /** Whether the picture in the place has words, and no free place beside it for them. */
  boolean wordsApart(int place) {
    int photo = photoAt(place);
    return photo >= 0
        && !locked[place]
        && cost.wantsWords(photo, place)
        && !(place > 0 && photoAt(place - 1) < 0 && cost.touchesNext(place - 1))
        && !(cost.touchesNext(place) && photoAt(place + 1) < 0);
  }

  /** Whether a picture of the moment of this one is placed. */
  boolean isTold(int photo) {
    for (int each : pictures(photo)) {
      if (placeOf[each] >= 0) {
        return true;
      }
    }
    return false;
  }

  List<Integer> pictures(int photo) {
    return cost.moments().pictures(cost.moments().of(photo));
  }

  /** Tells what the moment of the picture costs where nothing of it is placed. */
  long untold(int photo) {
    return isTold(photo) ? 0 : cost.leftOut(pictures(photo));
  }

  /** Tells what the whole costs. */
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
