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
import java.util.function.ToLongFunction;
import java.util.stream.IntStream;

/**
 * What pages and leaves cost with a run of moments on them, in {@link LeafPlanning}: the {@link
 * RequestedPages} weighed.
 */
final class PageCosts {

  /** An empty place of this size weighs what the house rule says; others by their area. */
  private static final Area USUAL_PLACE = Area.of(Size.ofInches(6, 4));

  private final LeafPlanning.Request request;
  private final Placing.Problem problem;
  private final PlacingCost cost;
  private final List<List<Integer>> open;
  private final boolean[] chapterBegins;

  /** What it costs that a chapter worth a page begins within one. */
  private final long withinPage;

  private final int slack;
  private final long emptyWeight;
  private final long[] bonus;
  private final RequestedPages pages;

  /** By the prints that sleeves over a page take, and by picture: what that costs in one. */
  private final Map<List<Size>, long[]> inSleeve = new HashMap<>();

  private final long sleeveWeight;

  /**
   * @param leaves how many leaves a plan may have
   * @param sleevePrice what a place in a sleeve costs besides what it weighs
   */
  PageCosts(LeafPlanning.Request request, int leaves, int slack, long sleevePrice) {
    this.request = request;
    this.slack = slack;
    this.emptyWeight = Weights.weight(request.rules(), HouseRule.EMPTY_WEIGHT);
    this.pages = new RequestedPages(request, leaves);
    this.problem = pages.problem();
    this.bonus = problem.places().stream().mapToLong(place -> weight(place.area())).toArray();
    this.cost = new PlacingCost(problem);
    this.open = cost.moments().open(List.of());
    this.chapterBegins = chapterBegins();
    this.withinPage = Weights.weight(request.rules(), HouseRule.CHAPTER_WITHIN_WEIGHT);
    this.sleeveWeight = sleevePrice + Weights.weight(request.rules(), HouseRule.SLEEVE_WEIGHT);
  }

  /** What each picture costs in a sleeve over a page. */
  private long[] inSleeve(RequestedPages.Page page) {
    return inSleeve.computeIfAbsent(page.sleeves, this::inSleeve);
  }

  private long[] inSleeve(List<Size> prints) {
    List<Place> sides =
        prints.stream().map(print -> new Place("sleeve " + print, print, true, false)).toList();
    PlacingCost own = new PlacingCost(problem.withPlaces(sides));
    long[] costs = new long[problem.candidates().size()];
    Arrays.fill(costs, PlacingCost.FORBIDDEN);
    for (int photo = 0; photo < costs.length; photo++) {
      for (int side = 0; side < sides.size(); side++) {
        costs[photo] = Math.min(costs[photo], own.of(photo, side) + sleeveWeight);
      }
    }
    return costs;
  }

  /** The picture of a moment that costs least in a sleeve. */
  private static int forSleeve(List<Integer> moment, long[] costs) {
    return moment.stream().min(Comparator.comparingLong(photo -> costs[photo])).orElseThrow();
  }

  /** What a moment costs that a page has no place for. */
  private ToLongFunction<List<Integer>> withoutPlace(RequestedPages.Page page) {
    if (page.over == 0) {
      return cost::leftOut;
    }
    long[] costs = inSleeve(page);
    return moment -> Math.min(cost.leftOut(moment), costs[forSleeve(moment, costs)]);
  }

  private long weight(Area empty) {
    return Math.round(emptyWeight * empty.over(USUAL_PLACE));
  }

  /** Says which moments begin a chapter that is worth a page. */
  private boolean[] chapterBegins() {
    long worth = request.freshPages() ? 0 : request.rules().number(HouseRule.CHAPTER_PHOTOS);
    List<Integer> chapterOf = new ArrayList<>();
    for (int chapter = 0; chapter < request.chapters().size(); chapter++) {
      for (int i = 0; i < request.chapters().get(chapter).size(); i++) {
        chapterOf.add(chapter);
      }
    }
    boolean[] begins = new boolean[open.size()];
    for (int moment = 1; moment < begins.length; moment++) {
      int chapter = chapterOf.get(open.get(moment).get(0));
      boolean first = chapterOf.get(open.get(moment - 1).get(0)) != chapter;
      begins[moment] = first && request.chapters().get(chapter).size() >= worth;
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
    return pages.phases();
  }

  /** The phase of a leaf by its number in the plan, from 1. */
  int phase(int number) {
    return pages.phase(number);
  }

  /** What a page costs with the first moments from one on, by how many. */
  private long[] page(RequestedPages.Page page, int from) {
    if (page.costs == null || page.costs[from] == null) {
      weigh(page.alike, from);
    }
    return page.costs[from];
  }

  /** Weighs pages of the same places at once: what fits into one fits into those with more room. */
  private void weigh(List<RequestedPages.Page> alike, int from) {
    RequestedPages.Page roomiest = alike.get(alike.size() - 1);
    List<List<Integer>> moments = open.subList(from, end(roomiest, from));
    StoryRun run =
        StoryRun.ofPage(
            problem,
            cost,
            moments,
            roomiest.first,
            saved(roomiest),
            withoutPlace(roomiest),
            alike.get(0).units,
            roomiest.units);
    for (RequestedPages.Page page : alike) {
      long[] all = run.prefixCosts(page.units);
      long[] costs = Arrays.copyOf(all, end(page, from) - from + 1);
      long within = 0;
      for (int i = 0; i < costs.length; i++) {
        within += i > 1 && chapterBegins[from + i - 1] ? withinPage : 0;
        costs[i] += weight(page.room) + within;
      }
      page.costs = page.costs == null ? new long[open.size() + 1][] : page.costs;
      page.costs[from] = costs;
    }
  }

  private long[] saved(RequestedPages.Page page) {
    return Arrays.copyOfRange(bonus, page.first, page.first + page.places);
  }

  private int end(RequestedPages.Page page, int from) {
    // Over a page go no more sleeves than it has room for.
    int more = page.over == 0 ? slack : Math.min(slack, page.over);
    int end = Math.min(open.size(), from + page.most + more);
    for (int moment = from + 1; request.freshPages() && moment < end; moment++) {
      end = chapterBegins[moment] ? moment : end;
    }
    return end;
  }

  /**
   * What a leaf costs with the first moments from one on, by how many; not what it weighs itself.
   */
  long[] leaf(int kind, int phase, int from) {
    RequestedPages.Sides sides = pages.leaf(kind, phase);
    if (sides.costs == null) {
      sides.costs = new long[open.size() + 1][];
    }
    if (sides.costs[from] == null) {
      sides.costs[from] = leaf(sides, from);
    }
    return sides.costs[from];
  }

  private long[] leaf(RequestedPages.Sides sides, int from) {
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
    RequestedPages.Sides sides = pages.leaf(kind, phase(number));
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
    int[] front = laid(sides.front, from, from + best);
    int[] back = laid(sides.back, from + best, to);
    return new LeafPlanning.PlannedLeaf(
        request.kinds().get(kind),
        front,
        back,
        over(sides.front, front, from, from + best),
        over(sides.back, back, from + best, to));
  }

  /** The pictures of moments that go into sleeves over a page. */
  private List<Integer> over(RequestedPages.Page page, int[] at, int from, int to) {
    if (page.over == 0) {
      return List.of();
    }
    long[] costs = inSleeve(page);
    return open.subList(from, to).stream()
        .filter(moment -> IntStream.of(at).noneMatch(moment::contains))
        .filter(moment -> costs[forSleeve(moment, costs)] < cost.leftOut(moment))
        .map(moment -> forSleeve(moment, costs))
        .limit(page.over)
        .toList();
  }

  private int[] laid(RequestedPages.Page page, int from, int to) {
    int[] placeOf = new int[problem.candidates().size()];
    Arrays.fill(placeOf, -1);
    new StoryRun(problem, cost, open.subList(from, to), page.first, saved(page), withoutPlace(page))
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
