package drumnest.core.place;

import drumnest.core.stock.HouseRule;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What pages and leaves cost with a run of moments on them, in {@link LeafPlanning}. */
final class PageCosts {

  /** A page of one kind of leaf. */
  private record Page(int first, int places, int most) {}

  private final LeafPlanning.Wish wish;
  private final Placing.Problem problem;
  private final PlacingCost cost;
  private final List<List<Integer>> open;
  private final int[] chapterEnd;
  private final int slack;
  private final long emptyWeight;
  private final boolean anySecret;

  /** The pages of each kind: its front, its back, and its front as the first page of an album. */
  private final Page[][] pages;

  private final Map<Page, long[][]> known = new HashMap<>();

  PageCosts(LeafPlanning.Wish wish, int slack) {
    this.wish = wish;
    this.slack = slack;
    this.emptyWeight = Weights.weight(wish.rules(), HouseRule.EMPTY_WEIGHT);
    List<Candidate> candidates = wish.chapters().stream().flatMap(List::stream).toList();
    this.anySecret = candidates.stream().anyMatch(photo -> photo.manner().secret());
    List<Place> places = new ArrayList<>();
    Map<Integer, Integer> most = new HashMap<>();
    Map<Object, Page> like = new HashMap<>();
    this.pages = new Page[wish.kinds().size()][];
    for (int kind = 0; kind < pages.length; kind++) {
      LeafPlanning.Kind of = wish.kinds().get(kind);
      pages[kind] =
          new Page[] {
            page(of.front(), false, places, most, like),
            page(of.back(), false, places, most, like),
            page(of.front(), true, places, most, like)
          };
    }
    this.problem =
        new Placing.Problem(
            candidates,
            places,
            Map.of(),
            Map.of(),
            most,
            Placing.Order.STORY,
            wish.weights(),
            wish.rules());
    this.cost = new PlacingCost(problem);
    this.open = cost.moments().open(List.of());
    this.chapterEnd = chapterEnds();
  }

  /** A page; pages that are alike but for their names are one. */
  private Page page(
      List<Place> of,
      boolean cover,
      List<Place> places,
      Map<Integer, Integer> most,
      Map<Object, Page> like) {
    boolean seen = cover && wish.opens() && anySecret;
    List<Object> nature = new ArrayList<>(List.of(seen));
    for (Place place : of) {
      nature.add(List.of(place.print(), place.mayTurn(), place.hidden(), place.at().touchesNext()));
    }
    return like.computeIfAbsent(
        nature,
        key -> {
          int number = like.size();
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
          int holds = wish.breathing().most(of.size(), wish.rules());
          most.put(number, holds);
          return new Page(first, of.size(), holds);
        });
  }

  /**
   * For each moment before which one a page must end: the first of the next chapter that begins on
   * a page of its own.
   */
  private int[] chapterEnds() {
    long worth = wish.freshPages() ? 0 : wish.rules().number(HouseRule.CHAPTER_PHOTOS);
    List<Integer> chapterOf = new ArrayList<>();
    for (int chapter = 0; chapter < wish.chapters().size(); chapter++) {
      for (int i = 0; i < wish.chapters().get(chapter).size(); i++) {
        chapterOf.add(chapter);
      }
    }
    int[] ends = new int[open.size()];
    int end = open.size();
    for (int moment = open.size() - 1; moment >= 0; moment--) {
      ends[moment] = end;
      int chapter = chapterOf.get(open.get(moment).get(0));
      boolean first = moment == 0 || chapterOf.get(open.get(moment - 1).get(0)) != chapter;
      if (first && wish.chapters().get(chapter).size() >= worth) {
        end = moment;
      }
    }
    return ends;
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

  /** What a page costs with the first moments from one on, by how many. */
  private long[] page(Page page, int from) {
    long[][] rows = known.computeIfAbsent(page, key -> new long[open.size() + 1][]);
    if (rows[from] == null) {
      int to = from == open.size() ? from : end(page, from);
      long[] costs =
          new StoryRun(
                  problem, cost, open.subList(from, to), page.first(), page.places(), emptyWeight)
              .run()
              .prefixCosts();
      for (int i = 0; i < costs.length; i++) {
        costs[i] += page.most() * emptyWeight;
      }
      rows[from] = costs;
    }
    return rows[from];
  }

  private int end(Page page, int from) {
    return Math.min(chapterEnd[from], from + page.most() + slack);
  }

  /**
   * What a leaf costs with the first moments from one on, by how many; not what it weighs itself.
   *
   * @param cover whether its front is the first page of the album
   */
  long[] leaf(int kind, int from, boolean cover) {
    long[] front = page(pages[kind][cover ? 2 : 0], from);
    Page back = pages[kind][1];
    int most = 0;
    for (int onFront = 0; onFront < front.length; onFront++) {
      most = Math.max(most, onFront + page(back, from + onFront).length - 1);
    }
    long[] costs = new long[most + 1];
    Arrays.fill(costs, PlacingCost.FORBIDDEN);
    for (int onFront = 0; onFront < front.length; onFront++) {
      long[] onBack = page(back, from + onFront);
      for (int i = 0; i < onBack.length; i++) {
        costs[onFront + i] = Math.min(costs[onFront + i], front[onFront] + onBack[i]);
      }
    }
    return costs;
  }

  /** Who is where on a leaf that has these moments. */
  LeafPlanning.PlannedLeaf laid(int kind, int from, int to, boolean cover) {
    Page front = pages[kind][cover ? 2 : 0];
    Page back = pages[kind][1];
    long[] fronts = page(front, from);
    int best = 0;
    long least = PlacingCost.FORBIDDEN;
    for (int onFront = 0; onFront < fronts.length && from + onFront <= to; onFront++) {
      long[] onBack = page(back, from + onFront);
      int left = to - from - onFront;
      if (left < onBack.length && fronts[onFront] + onBack[left] <= least) {
        least = fronts[onFront] + onBack[left];
        best = onFront;
      }
    }
    return new LeafPlanning.PlannedLeaf(
        wish.kinds().get(kind), laid(front, from, from + best), laid(back, from + best, to));
  }

  private int[] laid(Page page, int from, int to) {
    int[] placeOf = new int[problem.candidates().size()];
    Arrays.fill(placeOf, -1);
    new StoryRun(problem, cost, open.subList(from, to), page.first(), page.places(), emptyWeight)
        .run()
        .trace(placeOf);
    int[] at = new int[page.places()];
    Arrays.fill(at, -1);
    for (int photo = 0; photo < placeOf.length; photo++) {
      if (placeOf[photo] >= 0) {
        at[placeOf[photo] - page.first()] = photo;
      }
    }
    return at;
  }
}
