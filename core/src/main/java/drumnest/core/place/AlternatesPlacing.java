package drumnest.core.place;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Places pictures of which some are versions of one subject, an upright and a wide one, so that at
 * most one of each group is placed: the one with which the whole is cheapest.
 *
 * <p>Method: all versions are offered first; of each group of which several were placed, in turn,
 * every version is tried alone and the cheapest stays. A version that is left out for another costs
 * nothing. The answer is optimal where one group has several versions placed, and a good one
 * otherwise: groups are decided one after the other. A locked version is the one that stays. Time:
 * one placing a version.
 */
public final class AlternatesPlacing implements Placing {

  private final Placing placing;

  /**
   * @param placing what places pictures that have no versions
   */
  public AlternatesPlacing(Placing placing) {
    this.placing = placing;
  }

  @Override
  public Arrangement place(Problem problem) {
    Map<String, List<Integer>> groups = groups(problem);
    Set<Integer> out = besideLocked(problem, groups.values());
    Arrangement best = without(problem, out);
    for (List<Integer> group : groups.values()) {
      List<Integer> placed = placed(best, group);
      if (placed.size() < 2) {
        continue;
      }
      Arrangement cheapest = null;
      Set<Integer> cheapestOut = out;
      for (int version : placed) {
        Set<Integer> tried = new HashSet<>(out);
        group.stream().filter(other -> other != version).forEach(tried::add);
        Arrangement arrangement = without(problem, tried);
        if (cheapest == null || arrangement.cost() < cheapest.cost()) {
          cheapest = arrangement;
          cheapestOut = tried;
        }
      }
      best = cheapest;
      out = cheapestOut;
    }
    return best;
  }

  private static Map<String, List<Integer>> groups(Problem problem) {
    Map<String, List<Integer>> groups = new LinkedHashMap<>();
    for (int i = 0; i < problem.candidates().size(); i++) {
      String group = problem.candidates().get(i).alternates();
      if (group != null) {
        groups.computeIfAbsent(group, name -> new ArrayList<>()).add(i);
      }
    }
    return groups;
  }

  /** The versions that are left out because another is locked. */
  private static Set<Integer> besideLocked(Problem problem, Collection<List<Integer>> groups) {
    Set<Integer> out = new HashSet<>();
    for (List<Integer> group : groups) {
      if (group.stream().anyMatch(problem.locked()::containsValue)) {
        group.stream().filter(i -> !problem.locked().containsValue(i)).forEach(out::add);
      }
    }
    return out;
  }

  private static List<Integer> placed(Arrangement arrangement, List<Integer> group) {
    return group.stream().filter(i -> arrangement.placeOf()[i] >= 0).toList();
  }

  /** Places all but these, and gives the answer in the numbers of the whole problem. */
  private Arrangement without(Problem problem, Set<Integer> out) {
    List<Candidate> kept = new ArrayList<>();
    int[] numberOf = new int[problem.candidates().size()];
    Arrays.fill(numberOf, -1);
    for (int i = 0; i < numberOf.length; i++) {
      if (!out.contains(i)) {
        numberOf[i] = kept.size();
        kept.add(problem.candidates().get(i));
      }
    }
    Map<Integer, Integer> locked = new HashMap<>();
    problem.locked().forEach((place, photo) -> locked.put(place, numberOf[photo]));
    Arrangement arrangement =
        placing.place(new Problem(kept, problem.places(), locked, problem.rules()));
    int[] placeOf = new int[numberOf.length];
    for (int i = 0; i < numberOf.length; i++) {
      placeOf[i] = numberOf[i] < 0 ? -1 : arrangement.placeOf()[numberOf[i]];
    }
    return new Arrangement(placeOf, arrangement.cost());
  }
}
