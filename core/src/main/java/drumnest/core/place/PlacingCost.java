package drumnest.core.place;

import drumnest.core.photo.Look;
import drumnest.core.stock.HouseRule;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.atomic.AtomicReferenceArray;

/**
 * The cost of putting the pictures of a problem into its places, in whole millionths of a
 * millionth, so that sums are exact and comparisons never depend on the order of adding.
 *
 * <p>First what {@link PrintCost} says of the picture in a print of the size of the place. Then, by
 * {@link Weights}: the wrong way round, a hero made small, hidden, private on the cover, and by
 * weight the dark ones high. A crop that cuts the keep box, and a hero in a hidden place, are not
 * allowed. What a picture costs in a print is worked out when it is first asked for; several
 * threads may ask at a time. Source: common practice, no source.
 */
public final class PlacingCost {

  /** A cost of one. */
  public static final long ONE = 1_000_000_000_000L;

  /** Not allowed. Far above any sum of costs, and far enough below the range to be added to. */
  static final long FORBIDDEN = Long.MAX_VALUE / 4;

  private static final double MOST_BITS = 32;
  private static final double MOST_COLOUR = 40;
  private static final double MOST_LIGHT = 100;

  /** The faults of an arrangement. */
  public enum Term {
    CROP,
    HEADS_CUT,
    SUBJECT_CUT,
    EXPOSED,
    WHOLE,
    RESOLUTION,
    WRONG_WAY,
    SMALL_HERO,
    HIDDEN,
    NOT_HIDDEN,
    PRIVATE_ON_COVER,
    HEAVY_HIGH,
    ALIKE,
    ORDER_BROKEN,
    UNLIKE,
    CAPTION_APART,
    SCATTERED,
    LEFT_OUT
  }

  /** A part of a cost, above zero. */
  public record Part(Term term, long cost) {}

  private final Placing.Problem problem;
  private final Weights weights;
  private final AtomicReferenceArray<long[]> ofPrint;
  private final int[] printOf;
  private final List<Place> prints = new ArrayList<>();
  private final double largeFrom;
  private final Moments moments;
  private final PageCapacities rooms;
  private final boolean anyClosed;

  /** By the first of two places that follow each other. */
  private final boolean[] pairs;

  private final boolean[] samePage;

  /** By places: those of one kind cost every picture the same, but for what is closed. */
  private final int[] kindOf;

  private final int kinds;

  /** By pictures: the number of the group of its lookalikes. */
  private final int[] lookalikes;

  PlacingCost(Placing.Problem problem) {
    this.problem = problem;
    this.weights = problem.weights();
    this.moments = Moments.of(problem.candidates());
    this.rooms = new PageCapacities(problem);
    this.anyClosed = !problem.closed().isEmpty();
    int places = problem.places().size();
    this.printOf = new int[places];
    Map<Object, Integer> known = new HashMap<>();
    for (int i = 0; i < places; i++) {
      Place place = problem.places().get(i);
      printOf[i] =
          known.computeIfAbsent(
              List.of(place.print(), place.outline(), place.mayTurn()),
              key -> {
                prints.add(place);
                return prints.size() - 1;
              });
    }
    this.pairs = new boolean[places];
    this.samePage = new boolean[places];
    for (int i = 0; i + 1 < places; i++) {
      Place.At at = problem.places().get(i).at();
      Place.At next = problem.places().get(i + 1).at();
      pairs[i] = at.spread() == next.spread();
      samePage[i] = pairs[i] && at.page() == next.page();
    }
    this.largeFrom = problem.rules().length(HouseRule.HERO_LARGE_FROM).toNanometres();
    this.ofPrint = new AtomicReferenceArray<>(problem.candidates().size());
    Map<Object, Integer> kindsKnown = new HashMap<>();
    this.kindOf = new int[places];
    for (int i = 0; i < places; i++) {
      Place place = problem.places().get(i);
      double low = problem.order() == Placing.Order.WEIGHT ? place.at().low() : 0;
      kindOf[i] = number(kindsKnown, List.of(printOf[i], place.hidden(), place.at().cover(), low));
    }
    this.kinds = kindsKnown.size();
    Map<Object, Integer> groups = new HashMap<>();
    this.lookalikes = new int[problem.candidates().size()];
    for (int i = 0; i < lookalikes.length; i++) {
      String group = problem.candidates().get(i).lookalike();
      lookalikes[i] = group == null ? BestFill.ALONE : number(groups, group);
    }
  }

  private static int number(Map<Object, Integer> known, Object what) {
    return known.computeIfAbsent(what, key -> known.size());
  }

  static long percent(long percent) {
    return percent * (ONE / 100);
  }

  /** The cost of the picture in the place; {@link #FORBIDDEN} if it is not allowed there. */
  long of(int candidate, int place) {
    if (anyClosed) {
      Set<Integer> closed = problem.closed().get(candidate);
      if (closed != null && closed.contains(place)) {
        return FORBIDDEN;
      }
    }
    return ofOpen(candidate, place);
  }

  /** The cost of the picture in the place, whatever places are closed to the picture. */
  long ofOpen(int candidate, int place) {
    Candidate photo = problem.candidates().get(candidate);
    Place where = problem.places().get(place);
    if (photo.neverHidden() && where.hidden()) {
      return FORBIDDEN;
    }
    long print = ofPrint(candidate, printOf[place]);
    if (print >= FORBIDDEN) {
      return FORBIDDEN;
    }
    return print + smallHero(photo, where) + seen(photo, where) + heavyHigh(photo, where);
  }

  /** Places of one kind cost every picture the same, but for what is closed: numbers from 0. */
  int kind(int place) {
    return kindOf[place];
  }

  int kinds() {
    return kinds;
  }

  /** The number of the group of lookalikes that a picture is of, or {@link BestFill#ALONE}. */
  int lookalikesOf(int candidate) {
    return lookalikes[candidate];
  }

  private long ofPrint(int candidate, int print) {
    long[] row = ofPrint.getAcquire(candidate);
    if (row == null) {
      row = printCosts(candidate);
      ofPrint.setRelease(candidate, row);
    }
    return row[print];
  }

  private long[] printCosts(int candidate) {
    Candidate photo = problem.candidates().get(candidate);
    return prints.stream().mapToLong(place -> problem.prints().cost(photo, place)).toArray();
  }

  private long smallHero(Candidate photo, Place place) {
    if (!photo.hero()) {
      return 0;
    }
    double sides = place.print().w().plus(place.print().h()).toNanometres();
    return share(1 - Math.min(1, sides / largeFrom), weights.smallHero());
  }

  private long seen(Candidate photo, Place place) {
    return (photo.misplaced(place.hidden()) ? weights.hidden() : 0)
        + (place.at().cover() && photo.hints().secret() ? weights.privateOnCover() : 0);
  }

  private long heavyHigh(Candidate photo, Place place) {
    if (problem.order() != Placing.Order.WEIGHT || photo.look() == null) {
      return 0;
    }
    double dark = 1 - photo.look().mean().l() / MOST_LIGHT;
    double low = place.at().low();
    return share(dark * (1 - low) + (1 - dark) * low, weights.heavyHigh());
  }

  /** Tells what two pictures in a place and the one after it cost together. */
  long pair(int candidate, int other, int place) {
    if (!isPair(place)) {
      return 0;
    }
    Candidate one = problem.candidates().get(candidate);
    Candidate two = problem.candidates().get(other);
    return (one.looksLike(two) ? weights.alike() : 0)
        + orderBroken(candidate, other)
        + unlike(one, two);
  }

  /** Whether the place and the one after it are seen together. */
  boolean isPair(int place) {
    return place >= 0 && place < pairs.length && pairs[place];
  }

  private long orderBroken(int candidate, int other) {
    return problem.order() != Placing.Order.WEIGHT && moments.of(candidate) > moments.of(other)
        ? weights.orderBroken()
        : 0;
  }

  private long unlike(Candidate one, Candidate two) {
    return problem.order() == Placing.Order.VARIETY
        ? share(alikeness(one.look(), two.look()), weights.unlike())
        : 0;
  }

  /** How alike two pictures are, from 0 to 1, by their fingerprints and mean colours. */
  private static double alikeness(Look one, Look two) {
    if (one == null || two == null) {
      return 0;
    }
    double bits = Math.min(1, one.whole().distance(two.whole()) / MOST_BITS);
    double colour = Math.min(1, one.mean().difference(two.mean()) / MOST_COLOUR);
    return 1 - (bits + colour) / 2;
  }

  /** Whether a picture with words wants a place for them beside it that is not there yet. */
  boolean wantsWords(int place) {
    return weights.captionApart() > 0 && !problem.places().get(place).at().besideWords();
  }

  /** Whether a picture, with words or without, wants a place for them beside it. */
  boolean wantsWords(int candidate, int place) {
    return problem.candidates().get(candidate).hints().words() && wantsWords(place);
  }

  /** Whether words in the one of the place and its next would stand beside the other. */
  boolean touchesNext(int place) {
    return isPair(place) && problem.places().get(place).at().touchesNext();
  }

  /**
   * Tells what it costs that of the place and its next on the same page one holds a picture and the
   * other is free: free places then lie together, at the beginning or the end of their page.
   */
  long scattered(int place) {
    return isPair(place) && samePage[place] ? weights.scattered() : 0;
  }

  Moments moments() {
    return moments;
  }

  PageCapacities rooms() {
    return rooms;
  }

  /** Tells what leaving a moment out costs, by the most wanted of its pictures. */
  long leftOut(List<Integer> pictures) {
    int wanted = 0;
    for (int picture : pictures) {
      wanted = Math.max(wanted, problem.candidates().get(picture).wanted());
    }
    return wanted * weights.leftOut();
  }

  long captionApart() {
    return weights.captionApart();
  }

  /**
   * Tells what a locked picture costs in its place, which it keeps even where it is not allowed.
   */
  long ofLocked(int candidate, int place) {
    long own = of(candidate, place);
    return own >= FORBIDDEN ? ONE : own;
  }

  /** Tells what all locked pictures cost in their places. */
  long ofAllLocked() {
    return problem.locked().entrySet().stream()
        .mapToLong(lock -> ofLocked(lock.getValue(), lock.getKey()))
        .sum();
  }

  /** Tells what is wrong with a picture in a place, without its neighbours. */
  List<Part> parts(int candidate, int place) {
    Candidate photo = problem.candidates().get(candidate);
    Place where = problem.places().get(place);
    List<Part> parts = new ArrayList<>(PrintCost.of(photo, where, problem.rules(), weights));
    parts.add(new Part(Term.SMALL_HERO, smallHero(photo, where)));
    long misplaced = photo.misplaced(where.hidden()) ? weights.hidden() : 0;
    parts.add(new Part(where.hidden() ? Term.HIDDEN : Term.NOT_HIDDEN, misplaced));
    boolean bares = where.at().cover() && photo.hints().secret();
    parts.add(new Part(Term.PRIVATE_ON_COVER, bares ? weights.privateOnCover() : 0));
    parts.add(new Part(Term.HEAVY_HIGH, heavyHigh(photo, where)));
    return parts.stream().filter(part -> part.cost() > 0).toList();
  }

  /** Tells what is wrong with two pictures in a place and the one after it. */
  List<Part> pairParts(int candidate, int other, int place) {
    if (!isPair(place)) {
      return List.of();
    }
    Candidate one = problem.candidates().get(candidate);
    Candidate two = problem.candidates().get(other);
    return List.of(
            new Part(Term.ALIKE, one.looksLike(two) ? weights.alike() : 0),
            new Part(Term.ORDER_BROKEN, orderBroken(candidate, other)),
            new Part(Term.UNLIKE, unlike(one, two)))
        .stream()
        .filter(part -> part.cost() > 0)
        .toList();
  }

  static long share(double share, long weight) {
    return Math.round(share * weight);
  }
}
