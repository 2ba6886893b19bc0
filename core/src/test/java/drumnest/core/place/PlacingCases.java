package drumnest.core.place;

import drumnest.core.measure.Area;
import drumnest.core.measure.Size;
import drumnest.core.photo.Fingerprint;
import drumnest.core.photo.Focus;
import drumnest.core.photo.Lab;
import drumnest.core.photo.Light;
import drumnest.core.photo.Look;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;

/** Small placing problems and their answers found by trying everything. */
public final class PlacingCases {

  static final HouseRules RULES = HouseRules.defaults();
  static final Weights WEIGHTS = Weights.of(RULES);

  private static final int[][] SHAPES = {
    {6000, 4000}, {4000, 6000}, {3000, 4000}, {900, 600}, {500, 500}
  };
  private static final int[][] PRINTS = {{6, 4}, {3, 4}, {4, 4}};

  /** What goes into the area of every one of them. */
  private static final Area QUARTER = Area.of(Size.ofInches(2, 2));

  private PlacingCases() {}

  static Candidate photo(String id, int w, int h) {
    return new Candidate(id, new Pixels(w, h), null, false, null, null);
  }

  /** One that is kept. */
  static Candidate kept(String id, int w, int h) {
    return new Candidate(
        id,
        new Pixels(w, h),
        null,
        Focus.NONE,
        3,
        null,
        null,
        null,
        Candidate.PlacementHints.PLAIN,
        null);
  }

  /** One that is kept: of three, two are wide and one is upright. */
  static Candidate anyKept(String id, Random random) {
    return random.nextInt(3) > 0 ? kept(id, 6000, 4000) : kept(id, 4000, 6000);
  }

  static Candidate photo(String id, int w, int h, Candidate.PlacementHints hints) {
    return new Candidate(id, new Pixels(w, h), null, Focus.NONE, 1, null, null, null, hints, null);
  }

  static Place place(String id, int w, int h) {
    return new Place(id, Size.ofInches(w, h), false, false);
  }

  static Placing.Problem problem(
      List<Candidate> photos, List<Place> places, Map<Integer, Integer> locked) {
    return new Placing.Problem(
        photos, places, locked, Placing.Order.STORY, Weights.OF_THE_SUM, RULES);
  }

  /** So many wide pictures for so many wide places in one row. */
  static Placing.Problem row(int photos, int places) {
    return new Placing.Problem(
        IntStream.range(0, photos).mapToObj(i -> photo("p" + i, 6000, 4000)).toList(),
        IntStream.range(0, places).mapToObj(i -> place("s" + i, 6, 4)).toList(),
        Map.of(),
        Placing.Order.STORY,
        WEIGHTS,
        RULES);
  }

  /** Wide pictures for spreads of two pages with so many wide places each. */
  static Placing.Problem spreads(int spreads, int onPage, int photos) {
    List<Place> places = new ArrayList<>();
    for (int i = 0; i < 2 * spreads * onPage; i++) {
      int page = i / onPage;
      places.add(
          new Place(
              "s" + i,
              Size.ofInches(6, 4),
              false,
              false,
              new Place.At(page / 2, page, 0, false, false, false)));
    }
    return new Placing.Problem(
        IntStream.range(0, photos).mapToObj(i -> photo("p" + i, 6000, 4000)).toList(),
        places,
        Map.of(),
        Placing.Order.STORY,
        WEIGHTS,
        RULES);
  }

  /** About one picture in so many, put anywhere: index of the place to index of the picture. */
  static Map<Integer, Integer> byHand(Random random, Placing.Problem problem, int everyMany) {
    Map<Integer, Integer> byHand = new HashMap<>();
    for (int photo = 0; photo < problem.candidates().size(); photo++) {
      int place = random.nextInt(everyMany * problem.places().size() + 1);
      if (place < problem.places().size()) {
        byHand.putIfAbsent(place, photo);
      }
    }
    return byHand;
  }

  /** A picture whose look is its number: neighbours in number are alike. */
  public static Look look(int darkness, int bits) {
    return new Look(
        new Fingerprint((1L << bits) - 1),
        new Fingerprint((1L << bits) - 1),
        null,
        new Lab(100 - darkness, 0, 0),
        new Lab(50, 0, 0),
        100,
        new Light(120, 0, 0),
        new Pixels(6000, 4000));
  }

  static Placing.Problem random(
      Random random, int mostPhotos, int mostPlaces, boolean locks, Placing.Order order) {
    List<Candidate> photos = new ArrayList<>();
    int photoCount = random.nextInt(mostPhotos + 1);
    for (int i = 0; i < photoCount; i++) {
      photos.add(randomPhoto(random, i));
    }
    List<Place> places = new ArrayList<>();
    int placeCount = random.nextInt(mostPlaces + 1);
    int page = 0;
    for (int i = 0; i < placeCount; i++) {
      int[] print = PRINTS[random.nextInt(PRINTS.length)];
      page += random.nextInt(3) == 0 ? 1 : 0;
      places.add(
          new Place(
              "s" + i,
              Size.ofInches(print[0], print[1]),
              random.nextInt(4) == 0,
              random.nextInt(4) == 0,
              new Place.At(
                  (page + 1) / 2,
                  page,
                  random.nextInt(5) / 4.0,
                  page == 0,
                  random.nextInt(3) > 0,
                  random.nextInt(5) == 0)));
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
    Map<Integer, Set<Integer>> closed = new HashMap<>();
    if (photoCount > 0 && placeCount > 0 && random.nextBoolean()) {
      closed.put(random.nextInt(photoCount), Set.of(random.nextInt(placeCount)));
    }
    Map<Integer, Area> room = new HashMap<>();
    for (int i = 0; i <= page; i++) {
      if (random.nextInt(3) == 0) {
        room.put(i, QUARTER.times(random.nextInt(13)));
      }
    }
    return new Placing.Problem(photos, places, locked, closed, room, order, WEIGHTS, RULES);
  }

  private static Candidate randomPhoto(Random random, int i) {
    int[] shape = SHAPES[random.nextInt(SHAPES.length)];
    PixelBox keep =
        random.nextInt(3) == 0
            ? new PixelBox(shape[0] / 8, shape[1] / 4, shape[0] * 3 / 5, shape[1] / 2)
            : null;
    return new Candidate(
        "p" + i,
        new Pixels(shape[0], shape[1]),
        keep,
        Focus.NONE,
        1 + random.nextInt(3),
        random.nextInt(5) < 3 ? "g" + random.nextInt(2) : null,
        random.nextInt(3) == 0 ? "v" + random.nextInt(2) : null,
        random.nextInt(6) == 0 ? Size.ofInches(6, 4) : null,
        new Candidate.PlacementHints(
            random.nextInt(4) == 0,
            random.nextInt(3) == 0,
            random.nextInt(4) == 0,
            random.nextInt(3) == 0),
        look(random.nextInt(100), random.nextInt(40)));
  }

  /** The least that any allowed arrangement costs. */
  static long cheapest(Placing.Problem problem, boolean story) {
    return search(problem, new int[problem.candidates().size()], 0, story);
  }

  private static long search(Placing.Problem problem, int[] placeOf, int photo, boolean story) {
    if (photo == placeOf.length) {
      boolean allowed = pagesHold(problem, placeOf) && (!story || inStoryOrder(problem, placeOf));
      return allowed ? cost(problem, placeOf) : Long.MAX_VALUE;
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
        || problem.locked().values().stream().anyMatch(lock -> versions(problem, photo, lock))
        || new PlacingCost(problem).of(photo, place) >= PlacingCost.FORBIDDEN) {
      return false;
    }
    for (int other = 0; other < photo; other++) {
      if (placeOf[other] == place || (placeOf[other] >= 0 && versions(problem, photo, other))) {
        return false;
      }
    }
    return true;
  }

  /** Whether the two are versions of one subject. */
  static boolean versions(Placing.Problem problem, int one, int other) {
    String group = problem.candidates().get(one).alternates();
    return group != null && group.equals(problem.candidates().get(other).alternates());
  }

  /** No page holds more than it may, unless more are locked there. */
  static boolean pagesHold(Placing.Problem problem, int[] placeOf) {
    Map<Integer, Area> free = new HashMap<>();
    Map<Integer, Area> locked = new HashMap<>();
    for (int photo = 0; photo < placeOf.length; photo++) {
      if (placeOf[photo] >= 0) {
        Place place = problem.places().get(placeOf[photo]);
        (problem.locked().containsValue(photo) ? locked : free)
            .merge(place.at().page(), Area.of(place.print()), Area::plus);
      }
    }
    return problem.room().entrySet().stream()
        .filter(room -> free.containsKey(room.getKey()))
        .allMatch(
            room ->
                free.get(room.getKey())
                        .plus(locked.getOrDefault(room.getKey(), Area.NONE))
                        .compareTo(room.getValue())
                    <= 0);
  }

  /** Versions count as taken when the first of them was. */
  private static int moment(Placing.Problem problem, int photo) {
    for (int other = 0; other < photo; other++) {
      if (versions(problem, photo, other)) {
        return other;
      }
    }
    return photo;
  }

  static boolean inStoryOrder(Placing.Problem problem, int[] placeOf) {
    for (int one = 0; one < placeOf.length; one++) {
      for (int other = 0; other < placeOf.length; other++) {
        boolean free =
            !problem.locked().containsValue(one) && !problem.locked().containsValue(other);
        if (free
            && placeOf[one] >= 0
            && placeOf[other] >= 0
            && moment(problem, one) < moment(problem, other)
            && placeOf[one] > placeOf[other]) {
          return false;
        }
      }
    }
    return true;
  }

  static long cost(Placing.Problem problem, int[] placeOf) {
    PlacingCost own = new PlacingCost(problem);
    Integer[] at = new Integer[problem.places().size()];
    Map<Integer, Integer> wanted = new HashMap<>();
    Set<Integer> told = new HashSet<>();
    long sum = 0;
    for (int photo = 0; photo < placeOf.length; photo++) {
      int moment = moment(problem, photo);
      wanted.merge(moment, problem.candidates().get(photo).wanted(), Math::max);
      if (placeOf[photo] >= 0) {
        told.add(moment);
        at[placeOf[photo]] = photo;
        long here = own.of(photo, placeOf[photo]);
        sum += here >= PlacingCost.FORBIDDEN ? PlacingCost.ONE : here;
      }
    }
    for (Map.Entry<Integer, Integer> moment : wanted.entrySet()) {
      sum += told.contains(moment.getKey()) ? 0 : moment.getValue() * problem.weights().leftOut();
    }
    for (int i = 0; i < at.length; i++) {
      boolean samePage = i > 0 && samePage(problem, i);
      sum += samePage && (at[i - 1] == null) != (at[i] == null) ? problem.weights().scattered() : 0;
      if (at[i] != null) {
        sum += i > 0 && at[i - 1] != null ? pair(problem, at[i - 1], at[i], i) : 0;
        sum += wordsApart(problem, at, i) ? problem.weights().captionApart() : 0;
      }
    }
    return sum;
  }

  private static boolean samePage(Placing.Problem problem, int place) {
    Place.At before = problem.places().get(place - 1).at();
    Place.At here = problem.places().get(place).at();
    return before.spread() == here.spread() && before.page() == here.page();
  }

  private static long pair(Placing.Problem problem, int before, int photo, int place) {
    if (problem.places().get(place - 1).at().spread()
        != problem.places().get(place).at().spread()) {
      return 0;
    }
    boolean alike = problem.candidates().get(before).looksLike(problem.candidates().get(photo));
    boolean broken =
        problem.order() != Placing.Order.WEIGHT && moment(problem, before) > moment(problem, photo);
    return (alike ? problem.weights().alike() : 0) + (broken ? problem.weights().orderBroken() : 0);
  }

  private static boolean wordsApart(Placing.Problem problem, Integer[] at, int place) {
    Place.At where = problem.places().get(place).at();
    if (!problem.candidates().get(at[place]).hints().words()
        || where.besideWords()
        || problem.locked().containsKey(place)) {
      return false;
    }
    boolean before = place > 0 && at[place - 1] == null && touch(problem, place - 1);
    boolean after = place + 1 < at.length && at[place + 1] == null && touch(problem, place);
    return !before && !after;
  }

  private static boolean touch(Placing.Problem problem, int place) {
    Place.At one = problem.places().get(place).at();
    return one.touchesNext() && one.spread() == problem.places().get(place + 1).at().spread();
  }
}
