package drumnest.core.place;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The moments that pictures in time order tell of. The versions of one subject tell of one moment,
 * which stands where the first of them was taken; every other picture is a moment of its own.
 */
final class Moments {

  private final int[] momentOf;
  private final List<List<Integer>> pictures = new ArrayList<>();

  private Moments(int count) {
    this.momentOf = new int[count];
  }

  static Moments of(List<Candidate> candidates) {
    Moments moments = new Moments(candidates.size());
    Map<String, Integer> known = new HashMap<>();
    for (int i = 0; i < candidates.size(); i++) {
      String group = candidates.get(i).alternates();
      Integer moment = group == null ? null : known.get(group);
      if (moment == null) {
        moment = moments.pictures.size();
        moments.pictures.add(new ArrayList<>());
        if (group != null) {
          known.put(group, moment);
        }
      }
      moments.momentOf[i] = moment;
      moments.pictures.get(moment).add(i);
    }
    return moments;
  }

  int of(int candidate) {
    return momentOf[candidate];
  }

  int count() {
    return pictures.size();
  }

  List<Integer> pictures(int moment) {
    return pictures.get(moment);
  }

  /**
   * The moments that are still to be placed, in order, each with its pictures: those of which no
   * picture is locked.
   */
  List<List<Integer>> open(Collection<Integer> locked) {
    Set<Integer> told = new HashSet<>();
    locked.forEach(picture -> told.add(momentOf[picture]));
    List<List<Integer>> open = new ArrayList<>();
    for (int moment = 0; moment < pictures.size(); moment++) {
      if (!told.contains(moment)) {
        open.add(pictures.get(moment));
      }
    }
    return open;
  }
}
