package drumnest.core.place;

import drumnest.core.measure.Area;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRule;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * What pages and leaves cost with a run of moments on them, in {@link LeafPlanning}. How much a
 * page may hold depends on its number in the album ({@link Breathing#room}); leaves whose pages of
 * every kind may hold the same are of one phase.
 */
final class PageCosts {

  /** An empty place of this size weighs what the house rule says; others by their area. */
  private static final Area USUAL_PLACE = Area.of(Size.ofInches(6, 4));

  /** A page, and what it costs, as far as that is known: by the first moment, by how many. */
  private static final class Page {
    private final int first;
    private final int places;

    /** How many units of area pictures may take, and how many pictures that is at most. */
    private final int units;

    private final int most;

    /** What its room weighs if nothing is in it. */
    private final long full;

    /** Those of the same places that hold more or less, and itself, the roomiest last. */
    private final List<Page> alike;

    private long[][] costs;

    Page(int first, AreaUnits units, int within, long full, List<Page> alike) {
      this.first = first;
      this.places = units.of().length;
      this.units = within;
      this.most = most(units, within);
      this.full = full;
      this.alike = alike;
    }

    /** How many of the places there is room for, the smallest first. */
    private static int most(AreaUnits units, int room) {
      int left = room;
      int most = 0;
      for (int each : IntStream.of(units.of()).sorted().toArray()) {
        left -= each;
        most += left >= 0 ? 1 : 0;
      }
      return most;
    }
  }

  /** The pages of a leaf, and what it costs, likewise. */
  private static final class Sides {
    private final Page front;
    private final Page back;
    private long[][] costs;

    Sides(Page front, Page back) {
      this.front = front;
      this.back = back;
    }

    boolean hasPages(Page front, Page back) {
      return this.front == front && this.back == back;
    }
  }

  private final LeafPlanning.Wish wish;
  private final Placing.Problem problem;
  private final PlacingCost cost;
  private final List<List<Integer>> open;
  private final boolean[] chapterBegins;

  /** What it costs that a chapter worth a page begins within one. */
  private final long withinPage;

  private final int slack;
  private final long emptyWeight;
  private final boolean anySecret;
  private final long[] bonus;
  private final int[] phaseOf;

  /** The pages of a leaf of each kind, by phase. */
  private final List<List<Sides>> phases = new ArrayList<>();

  /**
   * @param leaves how many leaves a plan may have
   */
  PageCosts(LeafPlanning.Wish wish, int leaves, int slack) {
    this.wish = wish;
    this.slack = slack;
    this.emptyWeight = Weights.weight(wish.rules(), HouseRule.EMPTY_WEIGHT);
    List<Candidate> candidates = wish.chapters().stream().flatMap(List::stream).toList();
    this.anySecret = candidates.stream().anyMatch(photo -> photo.manner().secret());
    Laid laid = new Laid();
    this.phaseOf = new int[leaves + 1];
    for (int number = 1; number <= leaves; number++) {
      List<Sides> sides = new ArrayList<>();
      for (LeafPlanning.Kind kind : wish.kinds()) {
        int before = 2 * (wish.leavesBefore() + number - 1);
        sides.add(
            laid.sides(laid.page(kind.front(), before + 1), laid.page(kind.back(), before + 2)));
      }
      if (!phases.contains(sides)) {
        phases.add(sides);
      }
      phaseOf[number] = phases.indexOf(sides);
    }
    this.problem =
        new Placing.Problem(
            candidates,
            laid.places,
            Map.of(),
            Map.of(),
            laid.room,
            Placing.Order.STORY,
            wish.weights(),
            wish.rules());
    this.bonus = laid.places.stream().mapToLong(place -> weight(Area.of(place.print()))).toArray();
    this.cost = new PlacingCost(problem);
    this.open = cost.moments().open(List.of());
    this.chapterBegins = chapterBegins();
    this.withinPage = Weights.weight(wish.rules(), HouseRule.CHAPTER_WITHIN_WEIGHT);
  }

  private long weight(Area empty) {
    return Math.round(emptyWeight * empty.over(USUAL_PLACE));
  }

  /** Pages laid side by side in one problem; those that are alike but for their names are one. */
  private final class Laid {
    private final List<Place> places = new ArrayList<>();
    private final Map<Integer, Area> room = new HashMap<>();
    private final Map<Object, List<Page>> like = new HashMap<>();
    private final List<Sides> leaves = new ArrayList<>();
    private int pages;

    private Sides sides(Page front, Page back) {
      for (Sides each : leaves) {
        if (each.hasPages(front, back)) {
          return each;
        }
      }
      Sides sides = new Sides(front, back);
      leaves.add(sides);
      return sides;
    }

    private Page page(List<Place> of, int number) {
      boolean seen = number == 1 && anySecret;
      List<Size> sizes = of.stream().map(Place::print).toList();
      Area holds = wish.breathing().room(sizes, number, wish.rules());
      List<Object> nature = new ArrayList<>(List.of(seen));
      for (Place place : of) {
        nature.add(
            List.of(place.print(), place.mayTurn(), place.hidden(), place.at().touchesNext()));
      }
      List<Page> alike = like.computeIfAbsent(nature, key -> new ArrayList<>());
      long full = weight(holds);
      for (Page page : alike) {
        if (page.full == full) {
          return page;
        }
      }
      Page page = lay(of, pages++, holds, seen, alike);
      alike.add(page);
      alike.sort(Comparator.comparingInt(each -> each.units));
      return page;
    }

    private Page lay(List<Place> of, int number, Area holds, boolean seen, List<Page> alike) {
      int first = places.size();
      for (Place place : of) {
        Place.At at = place.at();
        places.add(
            new Place(
                place.id(),
                place.print(),
                place.hidden(),
                place.mayTurn(),
                new Place.At(number, number, at.low(), seen, at.touchesNext(), false)));
      }
      room.put(number, holds);
      AreaUnits units = AreaUnits.of(of.stream().map(place -> Area.of(place.print())).toList());
      return new Page(first, units, units.within(holds), weight(holds), alike);
    }
  }

  /** Says which moments begin a chapter that is worth a page. */
  private boolean[] chapterBegins() {
    long worth = wish.freshPages() ? 0 : wish.rules().number(HouseRule.CHAPTER_PHOTOS);
    List<Integer> chapterOf = new ArrayList<>();
    for (int chapter = 0; chapter < wish.chapters().size(); chapter++) {
      for (int i = 0; i < wish.chapters().get(chapter).size(); i++) {
        chapterOf.add(chapter);
      }
    }
    boolean[] begins = new boolean[open.size()];
    for (int moment = 1; moment < begins.length; moment++) {
      int chapter = chapterOf.get(open.get(moment).get(0));
      boolean first = chapterOf.get(open.get(moment - 1).get(0)) != chapter;
      begins[moment] = first && wish.chapters().get(chapter).size() >= worth;
    }
    return begins;
  }

  int moments() {
    return open.size();
  }

  long leftOut(int moment) {
    return cost.leftOut(open.get(moment));
  }

  /**
   * Below what cost an answer is proven. A page is not looked at with more than a few moments more
   * than it holds; a plan that leaves out more of them on one page costs at least this.
   */
  long provenBelow() {
    long least = open.stream().mapToLong(cost::leftOut).min().orElse(0);
    return (slack + 1) * least;
  }

  int phases() {
    return phases.size();
  }

  /** The phase of a leaf by its number in the plan, from 1. */
  int phase(int number) {
    return phaseOf[number];
  }

  /** What a page costs with the first moments from one on, by how many. */
  private long[] page(Page page, int from) {
    if (page.costs == null || page.costs[from] == null) {
      weigh(page.alike, from);
    }
    return page.costs[from];
  }

  /** Weighs pages of the same places at once: what fits into one fits into those with more room. */
  private void weigh(List<Page> pages, int from) {
    Page roomiest = pages.get(pages.size() - 1);
    List<List<Integer>> moments = open.subList(from, end(roomiest, from));
    StoryRun run =
        StoryRun.ofPage(
            problem,
            cost,
            moments,
            roomiest.first,
            saved(roomiest),
            pages.get(0).units,
            roomiest.units);
    for (Page page : pages) {
      long[] all = run.prefixCosts(page.units);
      long[] costs = Arrays.copyOf(all, end(page, from) - from + 1);
      long within = 0;
      for (int i = 0; i < costs.length; i++) {
        within += i > 1 && chapterBegins[from + i - 1] ? withinPage : 0;
        costs[i] += page.full + within;
      }
      page.costs = page.costs == null ? new long[open.size() + 1][] : page.costs;
      page.costs[from] = costs;
    }
  }

  private long[] saved(Page page) {
    return Arrays.copyOfRange(bonus, page.first, page.first + page.places);
  }

  private int end(Page page, int from) {
    int end = Math.min(open.size(), from + page.most + slack);
    for (int moment = from + 1; wish.freshPages() && moment < end; moment++) {
      end = chapterBegins[moment] ? moment : end;
    }
    return end;
  }

  /**
   * What a leaf costs with the first moments from one on, by how many; not what it weighs itself.
   */
  long[] leaf(int kind, int phase, int from) {
    Sides sides = phases.get(phase).get(kind);
    if (sides.costs == null) {
      sides.costs = new long[open.size() + 1][];
    }
    if (sides.costs[from] == null) {
      sides.costs[from] = leaf(sides, from);
    }
    return sides.costs[from];
  }

  private long[] leaf(Sides sides, int from) {
    long[] front = page(sides.front, from);
    int most = 0;
    for (int onFront = 0; onFront < front.length; onFront++) {
      most = Math.max(most, onFront + page(sides.back, from + onFront).length - 1);
    }
    long[] costs = new long[most + 1];
    Arrays.fill(costs, PlacingCost.FORBIDDEN);
    for (int onFront = 0; onFront < front.length; onFront++) {
      long[] onBack = page(sides.back, from + onFront);
      for (int i = 0; i < onBack.length; i++) {
        costs[onFront + i] = Math.min(costs[onFront + i], front[onFront] + onBack[i]);
      }
    }
    return costs;
  }

  /** Who is where on a leaf that has these moments. */
  LeafPlanning.PlannedLeaf laid(int kind, int number, int from, int to) {
    Sides sides = phases.get(phase(number)).get(kind);
    long[] fronts = page(sides.front, from);
    int best = 0;
    long least = PlacingCost.FORBIDDEN;
    for (int onFront = 0; onFront < fronts.length && from + onFront <= to; onFront++) {
      long[] onBack = page(sides.back, from + onFront);
      int left = to - from - onFront;
      if (left < onBack.length && fronts[onFront] + onBack[left] <= least) {
        least = fronts[onFront] + onBack[left];
        best = onFront;
      }
    }
    return new LeafPlanning.PlannedLeaf(
        wish.kinds().get(kind),
        laid(sides.front, from, from + best),
        laid(sides.back, from + best, to));
  }

  private int[] laid(Page page, int from, int to) {
    int[] placeOf = new int[problem.candidates().size()];
    Arrays.fill(placeOf, -1);
    new StoryRun(problem, cost, open.subList(from, to), page.first, saved(page))
        .run()
        .trace(placeOf);
    int[] at = new int[page.places];
    Arrays.fill(at, -1);
    for (int photo = 0; photo < placeOf.length; photo++) {
      if (placeOf[photo] >= 0) {
        at[placeOf[photo] - page.first] = photo;
      }
    }
    return at;
  }
}
