package drumnest.core.place;

import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Which leaves for which pictures: the sequence of leaves, fronts and backs, that holds pictures in
 * story order at the least cost, with a few of the next best.
 *
 * <p>This is the breaking of a paragraph into lines, with pages for lines (Knuth and Plass,
 * Breaking paragraphs into lines, Software: Practice and Experience 11, 1981). What a page costs
 * with a run of moments is the optimum of {@link StoryPlacing} on it, plus what its empty places
 * weigh; each leaf weighs something too, and so does a picture left out. {@link LeafSearch} finds
 * the cheapest sequence of leaves.
 *
 * <p>Where sleeves are counted on, a picture for which a page has no place costs no more than it
 * does in a sleeve over that page, as far as such sleeves hold; where there are too few of them in
 * all, their places get a price. Which of them go where is worked out later, with what opens how.
 *
 * <p>Time: pages × moments × places of a page for the costs of pages; then moments × states ×
 * kinds.
 */
public final class LeafPlanning {

  /** The most leaves that are proposed at once. */
  public static final int MOST_LEAVES = 200;

  /** With how many moments that it has no place for a page is looked at. */
  public static final int SLACK = 8;

  /** How many, to begin with: few plans need to leave anything out. */
  private static final int FIRST_SLACK = 0;

  private static final int SLEEVE_ROUNDS = 4;

  /**
   * A kind of leaf.
   *
   * @param key its name
   * @param front the places of its front in reading order
   * @param back the places of its back
   * @param owned how many there are; null for as many as needed
   * @param overFront how many pictures sleeves over its front can hold besides, where those are
   *     counted on
   * @param overBack the same of its back
   */
  public record LeafKind(
      String key,
      List<Place> front,
      List<Place> back,
      @Nullable Integer owned,
      int overFront,
      int overBack) {
    public LeafKind {
      front = List.copyOf(front);
      back = List.copyOf(back);
    }

    /** One over which no sleeves go. */
    public LeafKind(String key, List<Place> front, List<Place> back, @Nullable Integer owned) {
      this(key, front, back, owned, 0, 0);
    }
  }

  /**
   * The sleeves that are counted on, for pictures that a page has no place for. One lies over a
   * place for such a print.
   *
   * @param inserts the sizes of the prints that go into them, whichever way up; none where none are
   *     counted on
   * @param most how many pictures they hold in all; null for as many as there are
   */
  public record Sleeves(List<Size> inserts, @Nullable Integer most) {

    public static final Sleeves NONE = new Sleeves(List.of(), 0);

    public Sleeves {
      inserts = List.copyOf(inserts);
    }

    /** Whether one goes over a place for such a print. */
    boolean goOver(Size print) {
      return inserts.contains(print) || inserts.contains(print.turned());
    }
  }

  /**
   * A request for plans.
   *
   * @param chapters the pictures of each chapter, in time order
   * @param kinds the kinds of leaves there are
   * @param breathing how much of a page is left to breathe
   * @param mostLeaves how many leaves may be used
   * @param freshPages whether every chapter begins on a page of its own; else those that are worth
   *     one do where that is cheaper than the rest of the page left empty
   * @param leavesBefore how many leaves of the album come before the first of the plan
   * @param plans how many plans are wanted, from 1
   * @param sleeves the sleeves that are counted on
   */
  public record Request(
      List<List<Candidate>> chapters,
      List<LeafKind> kinds,
      Sleeves sleeves,
      Breathing breathing,
      int mostLeaves,
      boolean freshPages,
      int leavesBefore,
      int plans,
      Weights weights,
      HouseRules rules) {
    public Request {
      chapters = List.copyOf(chapters);
      kinds = List.copyOf(kinds);
    }

    /** One that counts on no sleeves. */
    public Request(
        List<List<Candidate>> chapters,
        List<LeafKind> kinds,
        Breathing breathing,
        int mostLeaves,
        boolean freshPages,
        int leavesBefore,
        int plans,
        Weights weights,
        HouseRules rules) {
      this(
          chapters,
          kinds,
          Sleeves.NONE,
          breathing,
          mostLeaves,
          freshPages,
          leavesBefore,
          plans,
          weights,
          rules);
    }

    /** A copy by other rules, with one plan. */
    Request by(HouseRules other) {
      return new Request(
          chapters,
          kinds,
          sleeves,
          breathing,
          mostLeaves,
          freshPages,
          leavesBefore,
          1,
          Weights.of(other),
          other);
    }

    /** A copy without sleeves. */
    Request withoutSleeves() {
      return new Request(
          chapters, kinds, breathing, mostLeaves, freshPages, leavesBefore, plans, weights, rules);
    }
  }

  /**
   * A leaf of a plan.
   *
   * @param kind its kind
   * @param front for each place of its front the index of its picture among all, or -1
   * @param back the same of its back
   * @param overFront the pictures that go into sleeves over its front
   * @param overBack the same of its back
   */
  public record PlannedLeaf(
      LeafKind kind,
      List<Integer> front,
      List<Integer> back,
      List<Integer> overFront,
      List<Integer> overBack) {

    int inSleeves() {
      return overFront.size() + overBack.size();
    }

    private int inPlaces() {
      return (int) Stream.concat(front.stream(), back.stream()).filter(photo -> photo >= 0).count();
    }
  }

  /**
   * A sequence of leaves.
   *
   * @param cost what it costs, with its leaves and empty places
   */
  public record Plan(List<PlannedLeaf> leaves, long cost) {

    /** How many pictures go into sleeves. */
    public int inSleeves() {
      return leaves.stream().mapToInt(PlannedLeaf::inSleeves).sum();
    }

    /** How many pictures it has a place for, sleeves and all. */
    int pictures() {
      return leaves.stream().mapToInt(PlannedLeaf::inPlaces).sum() + inSleeves();
    }
  }

  /**
   * The plans, the cheapest first; no two use the same leaves.
   *
   * @param bound what no plan can cost less than
   */
  public record Answer(List<Plan> plans, long bound) {

    /** Whether the first plan is proven to be a best one. */
    public boolean isBest() {
      return !plans.isEmpty() && plans.get(0).cost() <= bound;
    }
  }

  private LeafPlanning() {}

  /** The best plans. Where nothing is to be placed, or nothing to place it on, there is none. */
  public static Answer plan(Request request, ProgressMonitor monitor) {
    boolean nothing =
        request.kinds().isEmpty()
            || request.mostLeaves() < 1
            || request.chapters().stream().allMatch(List::isEmpty);
    if (nothing) {
      return new Answer(List.of(), 0);
    }
    Answer first = search(request, monitor);
    return isInStock(first, request) ? first : withSleevesInStock(request, monitor);
  }

  /** Looks closely only where that may find or prove more, or something goes into sleeves. */
  private static Answer search(Request request, ProgressMonitor monitor) {
    if (!request.sleeves().inserts().isEmpty()) {
      return new LeafSearch(request, 0, SLACK, monitor).solve();
    }
    LeafSearch first = new LeafSearch(request, 0, FIRST_SLACK, monitor.part(0, 2));
    Answer answer = first.solve();
    ProgressMonitor closely = monitor.part(1, 2);
    return first.isCloseEnough(answer) || !closely.goOn(0, 1)
        ? answer
        : new LeafSearch(request, 0, SLACK, closely).solve();
  }

  private static boolean isInStock(Answer answer, Request request) {
    Integer most = request.sleeves().most();
    return most == null || answer.plans().stream().allMatch(plan -> plan.inSleeves() <= most);
  }

  /**
   * The plans at the lowest price of a place in a sleeve, found by halving, at which they need no
   * more of them than there are.
   */
  private static Answer withSleevesInStock(Request request, ProgressMonitor monitor) {
    long low = 0;
    long high = Weights.weight(request.rules(), HouseRule.LEFT_OUT_WEIGHT);
    Answer found = null;
    for (int round = 0; round < SLEEVE_ROUNDS; round++) {
      long price = (low + high) / 2;
      Answer answer =
          new LeafSearch(request, price, SLACK, monitor.part(round, SLEEVE_ROUNDS)).solve();
      if (isInStock(answer, request)) {
        found = answer;
        high = price;
      } else {
        low = price;
      }
    }
    return found == null ? search(request.withoutSleeves(), monitor) : found;
  }

  /** How many of each kind a plan uses. */
  public static Map<String, Integer> used(Plan plan) {
    Map<String, Integer> used = new HashMap<>();
    plan.leaves().forEach(leaf -> used.merge(leaf.kind().key(), 1, Integer::sum));
    return used;
  }
}
