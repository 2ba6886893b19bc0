package drumnest.core.place;

import drumnest.core.measure.Area;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRule;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntConsumer;
import java.util.function.ToLongFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * The costs of pages and leaves with a run of moments on them, in {@link LeafPlanning}: the {@link
 * RequestedPages} weighed.
 */
final class PageCosts {

  /** An empty place of this size weighs what the house rule says; others by their area. */
  private static final Area USUAL_PLACE = Area.of(Size.ofInches(6, 4));

  private final LeafPlanning.Request request;
  private final Placing.Problem problem;
  private final PlacingCost cost;

  /** The moments that may be placed, in order, each with its pictures. */
  private final List<List<Integer>> open;

  private final long[] leftOut;
  private final long nowhere;
  private final boolean[] chapterBegins;

  /** The cost of it that a chapter worth a page begins within one. */
  private final long withinPage;

  private final int slack;
  private final long emptyWeight;
  private final long[] bonus;
  private final RequestedPages pages;
  private final List<LeafSides> leaves;

  private final SleeveCosts sleeves;

  /**
   * @param leaves how many leaves a plan may have
   * @param sleevePrice what a place in a sleeve costs besides what it weighs
   */
  PageCosts(LeafPlanning.Request request, int leaves, int slack, long sleevePrice) {
    this.request = request;
    this.slack = slack;
    this.emptyWeight = Weights.weight(request.rules(), HouseRule.EMPTY_WEIGHT);
    this.pages = new RequestedPages(request, leaves);
    this.leaves = pages.leaves();
    this.problem = pages.problem();
    this.bonus = problem.places().stream().mapToLong(place -> weight(place.area())).toArray();
    this.cost = new PlacingCost(problem);
    this.withinPage = Weights.weight(request.rules(), HouseRule.CHAPTER_WITHIN_WEIGHT);
    this.sleeves =
        new SleeveCosts(
            problem,
            pages.alike().stream().flatMap(List::stream).toList(),
            sleevePrice + Weights.weight(request.rules(), HouseRule.SLEEVE_WEIGHT));
    Map<Boolean, List<List<Integer>>> byFit =
        cost.moments().open(List.of()).stream()
            .collect(
                Collectors.partitioningBy(moment -> moment.stream().anyMatch(this::fitsAnywhere)));
    this.open = byFit.get(true);
    this.nowhere = byFit.get(false).stream().mapToLong(cost::leftOut).sum();
    this.leftOut = open.stream().mapToLong(cost::leftOut).toArray();
    this.chapterBegins = chapterBegins();
  }

  private boolean fitsAnywhere(int photo) {
    return sleeves.fits(photo)
        || IntStream.range(0, problem.places().size())
            .anyMatch(place -> cost.of(photo, place) < PlacingCost.FORBIDDEN);
  }

  /** Tells what a moment costs that a page has no place for. */
  private ToLongFunction<List<Integer>> withoutPlace(RequestedPages.Page page) {
    if (page.over == 0) {
      return slack == 0 ? moment -> PlacingCost.FORBIDDEN : cost::leftOut;
    }
    return moment -> Math.min(cost.leftOut(moment), sleeves.of(page, moment));
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

  /** How many moments may be placed; those that fit into no place at all are not among them. */
  int moments() {
    return open.size();
  }

  /** Tells what it costs to leave out those that fit into none. */
  long nowhere() {
    return nowhere;
  }

  long leftOut(int moment) {
    return leftOut[moment];
  }

  /** How many moments every page is looked at with for which it has no place. */
  int looked() {
    return pages.alike().stream()
        .flatMap(List::stream)
        .mapToInt(page -> more(page, slack))
        .min()
        .orElse(slack);
  }

  /** Tells what the moments cost at least on a leaf of a kind, each for itself. */
  LeavingOutBound.Relaxed relaxed(int kind) {
    LeafSides leaf = pages.leaf(kind, 0);
    long[] inPlace = new long[open.size()];
    long[] withoutPlace = leftOut.clone();
    Arrays.fill(inPlace, PlacingCost.FORBIDDEN);
    for (RequestedPages.Page page : List.of(leaf.front, leaf.back)) {
      ToLongFunction<List<Integer>> without = withoutPlace(page);
      int[] differing = differing(page);
      for (int i = 0; i < inPlace.length; i++) {
        withoutPlace[i] = Math.min(withoutPlace[i], without.applyAsLong(open.get(i)));
        for (int photo : open.get(i)) {
          for (int place : differing) {
            inPlace[i] = Math.min(inPlace[i], cost.of(photo, place) - bonus[place]);
          }
        }
      }
    }
    return LeavingOutBound.Relaxed.of(inPlace, withoutPlace);
  }

  /** Of the places of a page that cost every picture the same, one each. */
  private int[] differing(RequestedPages.Page page) {
    Map<Object, Integer> known = new LinkedHashMap<>();
    for (int place = page.first; place < page.first + page.places; place++) {
      known.putIfAbsent(List.of(cost.kind(place), bonus[place]), place);
    }
    return known.values().stream().mapToInt(Integer::intValue).toArray();
  }

  /** How many moments have a place on a leaf at most. */
  int holds(int kind, int phase) {
    return pages.leaf(kind, phase).most();
  }

  /** Tells what a leaf costs on which all places are empty; not what it weighs itself. */
  long empty(int kind, int phase) {
    LeafSides leaf = pages.leaf(kind, phase);
    return weight(leaf.front.room) + weight(leaf.back.room);
  }

  int phases() {
    return pages.phases();
  }

  /** After how many leaves phases come again, from the second leaf on. */
  int cycle() {
    return pages.cycle();
  }

  /** The phase of a leaf by its number in the plan, from 1. */
  int phase(int number) {
    return pages.phase(number);
  }

  /**
   * Weighs all pages, wherever they may begin; only after that anything is known of leaves.
   *
   * @param keep whether what leaves cost is kept, because it is asked for again and again; an album
   *     of thousands has no room for it otherwise
   */
  void weighAll(boolean keep, ProgressMonitor monitor) {
    Collection<List<RequestedPages.Page>> all = pages.alike();
    List<LeafSides> leaves = keep ? this.leaves : List.of();
    PageRows.Rows rows = new PageRows.Rows(problem, cost, open);
    int done = 0;
    for (List<RequestedPages.Page> alike : all) {
      alike.forEach(page -> page.costs = new long[open.size() + 1][]);
      if (isOfRows(alike)) {
        weigh(alike, rows);
      } else {
        fromEverywhere(from -> weigh(alike, from));
      }
      monitor.goOn(++done, all.size() + leaves.size());
    }
    for (LeafSides sides : leaves) {
      sides.keep(open.size());
      monitor.goOn(++done, all.size() + leaves.size());
    }
  }

  /** Each moment on its own, so all processors can take part; also from after the last one. */
  private void fromEverywhere(IntConsumer weigh) {
    IntStream.rangeClosed(0, open.size()).parallel().forEach(weigh);
  }

  /** Whether all moments are placed, and how many they are says how much of the page they take. */
  private boolean isOfRows(List<RequestedPages.Page> alike) {
    RequestedPages.Page any = alike.get(0);
    return slack == 0
        && any.over == 0
        && IntStream.range(any.first, any.first + any.places)
                .map(cost.rooms()::units)
                .distinct()
                .count()
            <= 1;
  }

  /** Weighs pages of the same places that may hold so many moments. */
  private void weigh(List<RequestedPages.Page> alike, PageRows.Rows rows) {
    RequestedPages.Page roomiest = alike.get(alike.size() - 1);
    PageRows page = rows.page(roomiest.first, saved(roomiest));
    page.rows().forEach(row -> fromEverywhere(row::weigh));
    fromEverywhere(from -> write(page.prefixCosts(from, end(roomiest, from) - from), alike, from));
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
            more(roomiest, slack),
            alike.get(0).units,
            roomiest.units);
    for (RequestedPages.Page page : alike) {
      write(run.prefixCosts(page.units), List.of(page), from);
    }
  }

  /**
   * Writes what pages cost.
   *
   * @param placing what placing so many moments costs, or more of them than a page can hold
   */
  private void write(long[] placing, List<RequestedPages.Page> pages, int from) {
    for (RequestedPages.Page page : pages) {
      long[] costs = Arrays.copyOf(placing, end(page, from) - from + 1);
      long besides = weight(page.room);
      for (int i = 0; i < costs.length; i++) {
        besides += i > 1 && chapterBegins[from + i - 1] ? withinPage : 0;
        costs[i] += besides;
      }
      page.costs[from] = costs;
    }
  }

  private long[] saved(RequestedPages.Page page) {
    return Arrays.copyOfRange(bonus, page.first, page.first + page.places);
  }

  /**
   * How many moments a page is looked at with for which it has no place. Over it go no more sleeves
   * than it has room for.
   */
  private static int more(RequestedPages.Page page, int slack) {
    return page.over == 0 ? slack : Math.min(slack, page.over);
  }

  private int end(RequestedPages.Page page, int from) {
    int end = Math.min(open.size(), from + page.most + more(page, slack));
    for (int moment = from + 1; request.freshPages() && moment < end; moment++) {
      end = chapterBegins[moment] ? moment : end;
    }
    return end;
  }

  /**
   * Tells what a leaf costs with the first moments from one on, by how many; not what it weighs
   * itself.
   */
  long[] leaf(int kind, int phase, int from) {
    return pages.leaf(kind, phase).costs(from);
  }

  /** Tells what the front of a leaf costs, likewise. */
  long[] front(int kind, int phase, int from) {
    return pages.leaf(kind, phase).front.costs[from];
  }

  /** Tells what its back costs. */
  long[] back(int kind, int phase, int from) {
    return pages.leaf(kind, phase).back.costs[from];
  }

  /** Is told what a leaf of a kind costs in a phase, by how many moments are on it. */
  interface LeafCosts {

    /**
     * @param costs not to be kept
     * @param most how many moments can be on it; what is told of more means nothing
     */
    void tell(int kind, int phase, long[] costs, int most);
  }

  /** Tells what leaves of all kinds cost from a moment on, those that hold the most first. */
  void leaves(int from, LeafCosts costs) {
    long[] room = new long[leaves.isEmpty() ? 0 : leaves.get(0).most() + 2 * slack + 1];
    for (LeafSides sides : leaves) {
      long[] known = sides.costs(from, room);
      for (LeafSides.Use use : sides.uses) {
        costs.tell(use.kind(), use.phase(), known, sides.mostFrom(from));
      }
    }
  }

  /** Who is where on a leaf that has these moments. */
  LeafPlanning.PlannedLeaf laid(int kind, int number, int from, int to) {
    LeafSides sides = pages.leaf(kind, phase(number));
    int middle = sides.split(from, to);
    List<Integer> front = laid(sides.front, from, middle);
    List<Integer> back = laid(sides.back, middle, to);
    return new LeafPlanning.PlannedLeaf(
        request.kinds().get(kind),
        front,
        back,
        over(sides.front, front, from, middle),
        over(sides.back, back, middle, to));
  }

  /** The pictures of moments that go into sleeves over a page. */
  private List<Integer> over(RequestedPages.Page page, List<Integer> at, int from, int to) {
    if (page.over == 0) {
      return List.of();
    }
    return open.subList(from, to).stream()
        .filter(moment -> at.stream().noneMatch(moment::contains))
        .filter(moment -> sleeves.of(page, moment) < cost.leftOut(moment))
        .map(moment -> sleeves.best(page, moment))
        .limit(page.over)
        .toList();
  }

  private List<Integer> laid(RequestedPages.Page page, int from, int to) {
    int[] placeOf = new int[problem.candidates().size()];
    Arrays.fill(placeOf, -1);
    new StoryRun(problem, cost, open.subList(from, to), page.first, saved(page), withoutPlace(page))
        .leavingOut(more(page, slack))
        .run()
        .trace(placeOf);
    int[] photoAt = Placement.photoAt(placeOf, problem.places().size());
    return IntStream.range(page.first, page.first + page.places)
        .mapToObj(place -> photoAt[place])
        .toList();
  }
}
