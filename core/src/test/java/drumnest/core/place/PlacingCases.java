package drumnest.core.place;

import drumnest.core.measure.Size;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/** Small placing problems and their answers found by trying everything. */
final class PlacingCases {

  private static final int[][] SHAPES = {
    {6000, 4000}, {4000, 6000}, {3000, 4000}, {900, 600}, {500, 500}
  };
  private static final int[][] PRINTS = {{6, 4}, {3, 4}, {4, 4}};

  private PlacingCases() {}

  static Candidate photo(String id, int w, int h) {
    return new Candidate(id, new Pixels(w, h), null, false, null, null);
  }

  static Place place(String id, int w, int h) {
    return new Place(id, Size.ofInches(w, h), false, false);
  }

  static Placing.Problem random(Random random, int mostPhotos, int mostPlaces, boolean locks) {
    List<Candidate> photos = new ArrayList<>();
    int photoCount = random.nextInt(mostPhotos + 1);
    for (int i = 0; i < photoCount; i++) {
      int[] shape = SHAPES[random.nextInt(SHAPES.length)];
      PixelBox keep =
          random.nextInt(3) == 0
              ? new PixelBox(shape[0] / 8, shape[1] / 4, shape[0] * 3 / 5, shape[1] / 2)
              : null;
      String group = random.nextInt(5) < 3 ? "g" + random.nextInt(2) : null;
      Size onTable = random.nextInt(6) == 0 ? Size.ofInches(6, 4) : null;
      photos.add(
          new Candidate(
              "p" + i,
              new Pixels(shape[0], shape[1]),
              keep,
              random.nextInt(4) == 0,
              1 + random.nextInt(3),
              group,
              null,
              onTable));
    }
    List<Place> places = new ArrayList<>();
    int placeCount = random.nextInt(mostPlaces + 1);
    for (int i = 0; i < placeCount; i++) {
      int[] print = PRINTS[random.nextInt(PRINTS.length)];
      places.add(
          new Place(
              "s" + i,
              Size.ofInches(print[0], print[1]),
              random.nextInt(4) == 0,
              random.nextInt(4) == 0));
    }
    Map<Integer, Integer> locked = new HashMap<>();
    if (locks && photoCount > 0 && placeCount > 0) {
      locked.put(random.nextInt(placeCount), random.nextInt(photoCount));
      int place = random.nextInt(placeCount);
      int photo = random.nextInt(photoCount);
      if (!locked.containsKey(place) && !locked.containsValue(photo)) {
        locked.put(place, photo);
      }
    }
    return new Placing.Problem(photos, places, locked, HouseRules.defaults());
  }

  static long cheapest(Placing.Problem problem, boolean story) {
    int[] placeOf = new int[problem.candidates().size()];
    return search(problem, placeOf, 0, story);
  }

  private static long search(Placing.Problem problem, int[] placeOf, int photo, boolean story) {
    if (photo == placeOf.length) {
      return story && !inStoryOrder(problem, placeOf) ? Long.MAX_VALUE : cost(problem, placeOf);
    }
    long best = Long.MAX_VALUE;
    for (int place = -1; place < problem.places().size(); place++) {
      if (isOpen(problem, placeOf, photo, place)) {
        placeOf[photo] = place;
        best = Math.min(best, search(problem, placeOf, photo + 1, story));
      }
    }
    return best;
  }

  private static boolean isOpen(Placing.Problem problem, int[] placeOf, int photo, int place) {
    if (problem.locked().containsValue(photo)) {
      return place >= 0 && Integer.valueOf(photo).equals(problem.locked().get(place));
    }
    if (place < 0) {
      return true;
    }
    if (problem.locked().containsKey(place)
        || PlacingCost.of(
                problem.candidates().get(photo), problem.places().get(place), problem.rules())
            >= PlacingCost.FORBIDDEN) {
      return false;
    }
    for (int other = 0; other < photo; other++) {
      if (placeOf[other] == place) {
        return false;
      }
    }
    return true;
  }

  static boolean inStoryOrder(Placing.Problem problem, int[] placeOf) {
    int last = -1;
    for (int photo = 0; photo < placeOf.length; photo++) {
      if (placeOf[photo] < 0 || problem.locked().containsValue(photo)) {
        continue;
      }
      if (placeOf[photo] <= last) {
        return false;
      }
      last = placeOf[photo];
    }
    return true;
  }

  static long cost(Placing.Problem problem, int[] placeOf) {
    long sum = 0;
    Candidate[] at = new Candidate[problem.places().size()];
    for (int photo = 0; photo < placeOf.length; photo++) {
      Candidate candidate = problem.candidates().get(photo);
      if (placeOf[photo] < 0) {
        sum += candidate.leftOut();
        continue;
      }
      at[placeOf[photo]] = candidate;
      long own = PlacingCost.of(candidate, problem.places().get(placeOf[photo]), problem.rules());
      sum += own >= PlacingCost.FORBIDDEN ? PlacingCost.ONE : own;
    }
    for (int i = 1; i < at.length; i++) {
      if (at[i - 1] != null && at[i] != null && at[i - 1].looksLike(at[i])) {
        sum += PlacingCost.NEIGHBOURS_ALIKE;
      }
    }
    return sum;
  }
}
