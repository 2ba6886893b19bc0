package drumnest.core.mover;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.MoverKind;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.album.leaf.SlotKind;
import drumnest.core.album.leaf.Spread;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.CatalogueItem.HingeEdge;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Movers for the photos that are left over, on one spread: sleeves over its places, chains of them,
 * and accordions over mounts, at most one at a place, none in the way of another or of what is
 * there, none thicker than allowed, and never more sleeves of a size than are left. Wanted are as
 * many new places as there are photos, then as few movers as give them. A place is worth less the
 * further its mover reaches past its page, and where it comes to lie over the facing one; the best
 * that way are told first.
 *
 * <p>Method: branch and bound over the places, most promising first; the bound takes for every
 * place to come the most that any of its movers holds. It is exact where it ends within its steps,
 * which it does for a spread; else the best that was found is told. Time: exponential in the
 * places, a few milliseconds for twenty. Source: common practice, no source, for the rules; Land
 * and Doig, "An automatic method of solving discrete programming problems", Econometrica 28 (1960),
 * for the method.
 */
public final class MoverSuggestions {

  private static final int MOST_STEPS = 200_000;
  private static final int LINKS = 3;
  private static final int PANELS = 4;
  private static final int EDGES = 2;

  private static final long FACE = 1_000_000;
  private static final long MOVER = 10_000;

  /** Ten inches past the page cost a place, and so do five movers over the facing page. */
  private static final long INCH_PAST = FACE / 10;

  private static final long OVER_FACING = FACE / 5;

  /**
   * Sleeves of a size.
   *
   * @param insert what goes into them, as its picture is read
   * @param hinge on which of its edges they are hinged
   * @param left how many are left; null for as many as needed
   */
  public record Sleeves(Size insert, HingeEdge hinge, @Nullable Integer left) {}

  /** The kinds that are suggested. */
  public enum SuggestedMover {
    FLAP,
    CHAIN,
    ACCORDION
  }

  /**
   * A mover at a place.
   *
   * @param at the place
   * @param kind what it is
   * @param edge the edge over which it opens; of an accordion that of its anchor
   * @param faces how many places it gives more than it hides for ever
   * @param sleeves which of those that are left it is made of; -1 for none
   * @param used how many of them
   * @param past how far it reaches past its page
   * @param overFacing whether it comes to lie over the facing page
   * @param flaps its parts, on the spread
   */
  public record Suggestion(
      Slot at,
      SuggestedMover kind,
      Edge edge,
      int faces,
      int sleeves,
      int used,
      Length past,
      boolean overFacing,
      List<Flap> flaps) {

    /** How good it is to open: what stays on its page before all else. */
    private static final Comparator<Suggestion> BEST_FIRST =
        Comparator.comparing(Suggestion::overFacing)
            .thenComparing(Suggestion::past)
            .thenComparing(Comparator.comparingInt(Suggestion::faces).reversed());
  }

  private final List<List<Suggestion>> byPlace;
  private final List<Sleeves> sleeves;
  private final int wanted;
  private final List<BitSet> apart = new ArrayList<>();
  private final List<Suggestion> all = new ArrayList<>();
  private final int[] mostFrom;
  private int steps;
  private long best;
  private List<Suggestion> found = List.of();

  private MoverSuggestions(List<List<Suggestion>> byPlace, List<Sleeves> sleeves, int wanted) {
    this.byPlace = byPlace;
    this.sleeves = sleeves;
    this.wanted = wanted;
    byPlace.forEach(all::addAll);
    for (Suggestion one : all) {
      BitSet clashing = new BitSet();
      for (int other = 0; other < all.size(); other++) {
        if (all.get(other).at() != one.at() && clash(one, all.get(other))) {
          clashing.set(other);
        }
      }
      apart.add(clashing);
    }
    mostFrom = new int[byPlace.size() + 1];
    for (int place = byPlace.size() - 1; place >= 0; place--) {
      int most = byPlace.get(place).stream().mapToInt(Suggestion::faces).max().orElse(0);
      mostFrom[place] = mostFrom[place + 1] + most;
    }
  }

  /**
   * @param wanted how many photos are left over
   * @param thickness how thick a mover may be, with a print in each of its faces
   */
  public static List<Suggestion> of(
      Spread spread, int wanted, List<Sleeves> sleeves, Length thickness, HouseRules rules) {
    return of(spread, wanted, sleeves, EnumSet.allOf(SuggestedMover.class), thickness, rules);
  }

  /**
   * Suggestions of some kinds only.
   *
   * @param wanted how many photos are left over
   * @param thickness how thick a mover may be, with a print in each of its faces
   */
  static List<Suggestion> of(
      Spread spread,
      int wanted,
      List<Sleeves> sleeves,
      Set<SuggestedMover> kinds,
      Length thickness,
      HouseRules rules) {
    List<List<Suggestion>> options = new ArrayList<>();
    for (List<Suggestion> place : new Options(spread, sleeves, thickness, rules).byPlace()) {
      List<Suggestion> these = place.stream().filter(each -> kinds.contains(each.kind())).toList();
      if (!these.isEmpty()) {
        options.add(these);
      }
    }
    return best(options, wanted, sleeves);
  }

  /** The best of what could be at each of some places. */
  static List<Suggestion> best(List<List<Suggestion>> options, int wanted, List<Sleeves> sleeves) {
    List<List<Suggestion>> sorted = new ArrayList<>(options);
    sorted.sort(
        Comparator.comparingInt(
            place -> -place.stream().mapToInt(Suggestion::faces).max().orElse(0)));
    MoverSuggestions search = new MoverSuggestions(sorted, sleeves, wanted);
    int[] left =
        sleeves.stream()
            .mapToInt(each -> each.left() == null ? Integer.MAX_VALUE : each.left())
            .toArray();
    search.place(0, 0, new ArrayList<>(), new BitSet(), 0, left);
    return search.found.stream().sorted(Suggestion.BEST_FIRST).toList();
  }

  private void place(
      int place, int first, List<Suggestion> taken, BitSet closed, int faces, int[] left) {
    long now = value(taken, faces);
    if (now > best) {
      best = now;
      found = List.copyOf(taken);
    }
    long most =
        Math.min(wanted, faces + mostFrom[place]) * FACE
            - (taken.size() + (faces < wanted ? 1 : 0)) * MOVER;
    if (place == byPlace.size() || faces >= wanted || most <= best || steps++ > MOST_STEPS) {
      return;
    }
    List<Suggestion> here = byPlace.get(place);
    for (int i = 0; i < here.size(); i++) {
      Suggestion each = here.get(i);
      boolean enough = each.sleeves() < 0 || left[each.sleeves()] >= each.used();
      if (closed.get(first + i) || !enough) {
        continue;
      }
      BitSet then = (BitSet) closed.clone();
      then.or(apart.get(first + i));
      taken.add(each);
      use(left, each, -1);
      place(place + 1, first + here.size(), taken, then, faces + each.faces(), left);
      use(left, each, 1);
      taken.remove(taken.size() - 1);
    }
    place(place + 1, first + here.size(), taken, closed, faces, left);
  }

  private void use(int[] left, Suggestion each, int sign) {
    if (each.sleeves() >= 0 && sleeves.get(each.sleeves()).left() != null) {
      left[each.sleeves()] += sign * each.used();
    }
  }

  /** The more the better; what reaches past its page counts by the inch. */
  private long value(List<Suggestion> taken, int faces) {
    return value(taken, faces, wanted);
  }

  static long value(List<Suggestion> taken, int faces, int wanted) {
    long past =
        taken.stream()
            .mapToLong(
                each ->
                    each.past().toNanometres() * INCH_PAST / Length.NANOMETRES_PER_INCH
                        + (each.overFacing() ? OVER_FACING : 0))
            .sum();
    return Math.min(wanted, faces) * FACE - taken.size() * MOVER - past;
  }

  /** Whether two are in each other's way at all. */
  static boolean clash(Suggestion one, Suggestion other) {
    List<Flap> both = new ArrayList<>(one.flaps());
    both.addAll(other.flaps());
    List<String> mine = one.flaps().stream().map(Flap::id).toList();
    return new Flaps(both)
        .clashes().stream().anyMatch(clash -> mine.contains(clash.a()) != mine.contains(clash.b()));
  }

  /** The choices for each place of a spread. */
  private static final class Options {

    private final Spread spread;
    private final List<Sleeves> sleeves;
    private final Length thickness;
    private final HouseRules rules;
    private final List<Flap> there;
    private int names;

    Options(Spread spread, List<Sleeves> sleeves, Length thickness, HouseRules rules) {
      this.spread = spread;
      this.sleeves = sleeves;
      this.thickness = thickness;
      this.rules = rules;
      this.there = SpreadMotion.of(spread, rules.length(HouseRule.PUNCHED_STRIP)).flaps().all();
    }

    List<List<Suggestion>> byPlace() {
      List<List<Suggestion>> places = new ArrayList<>();
      for (Side side : List.of(Side.BACK, Side.FRONT)) {
        Leaf leaf = spread.top(side);
        if (leaf == null) {
          continue;
        }
        for (Slot slot : leaf.slots(side, 0)) {
          if (slot.kind().isOfPage() && !slot.covered()) {
            List<Suggestion> here = at(slot);
            if (!here.isEmpty()) {
              places.add(here);
            }
          }
        }
      }
      return places;
    }

    private List<Suggestion> at(Slot slot) {
      List<Suggestion> here = new ArrayList<>();
      for (FlapChoices.Choice choice :
          FlapChoices.over(slot, slot.takes(), Flap.Body.SLEEVE, rules)) {
        int of = sleeves(slot.takes(), choice.flap().hinge(), 1);
        if (of >= 0) {
          add(
              here,
              slot,
              SuggestedMover.FLAP,
              choice.flap().hinge(),
              2,
              of,
              1,
              choice.past(),
              List.of(choice.flap()));
        }
      }
      for (MoverChoices.Choice choice : MoverChoices.everyEdge(slot, rules)) {
        MoverKind kind = choice.mover().mechanism().kind();
        Edge edge = choice.mover().edge();
        if (kind == MoverKind.CHAIN) {
          int of = sleeves(slot.takes(), edge, LINKS);
          if (of >= 0) {
            add(
                here,
                slot,
                SuggestedMover.CHAIN,
                edge,
                2 * LINKS,
                of,
                LINKS,
                choice.past(),
                choice.flaps());
          }
        } else if (kind == MoverKind.ACCORDION && slot.kind() == SlotKind.MOUNT) {
          // What lies below it is hidden for ever.
          int faces = 2 * PANELS - 1 - 1;
          add(
              here,
              slot,
              SuggestedMover.ACCORDION,
              edge,
              faces,
              -1,
              0,
              choice.past(),
              choice.flaps());
        }
      }
      return here;
    }

    /** Which sleeves take such a print and are hinged on that edge; -1 for none. */
    private int sleeves(Size print, Edge edge, int used) {
      for (int i = 0; i < sleeves.size(); i++) {
        Sleeves each = sleeves.get(i);
        boolean goes = each.insert().equals(print) || each.insert().turned().equals(print);
        if (goes
            && each.hinge().isOn(edge, print)
            && (each.left() == null || each.left() >= used)) {
          return i;
        }
      }
      return -1;
    }

    private void add(
        List<Suggestion> here,
        Slot slot,
        SuggestedMover kind,
        Edge edge,
        int faces,
        int of,
        int used,
        Length past,
        List<Flap> parts) {
      long same = here.stream().filter(each -> each.kind() == kind).count();
      if (same >= EDGES || isTooThick(parts)) {
        return;
      }
      String name = "s" + names++ + "-";
      Box page =
          Objects.requireNonNull(spread.topBox(slot.side(), rules.length(HouseRule.PUNCHED_STRIP)));
      List<Flap> flaps =
          parts.stream()
              .map(flap -> flap.renamed(id -> name + id, page.x(), page.y()))
              .map(flap -> onNothing(flap, name))
              .toList();
      Suggestion suggestion =
          new Suggestion(slot, kind, edge, faces, of, used, past, isOverFacing(slot, flaps), flaps);
      Suggestion present = new Suggestion(slot, kind, edge, 0, -1, 0, Length.ZERO, false, there);
      if (!clash(suggestion, present)) {
        here.add(suggestion);
      }
    }

    private boolean isOverFacing(Slot slot, List<Flap> flaps) {
      Box facing = spread.topBox(slot.side().other(), rules.length(HouseRule.PUNCHED_STRIP));
      SpreadMotion motion = new SpreadMotion(flaps);
      Set<String> open =
          flaps.stream()
              .filter(flap -> flap.move() != Flap.Move.STAYS)
              .map(Flap::id)
              .collect(Collectors.toSet());
      return facing != null
          && flaps.stream().anyMatch(flap -> flap.faceOf(motion.area(flap, open)).overlaps(facing));
    }

    /** The flap by itself; what it would lie on is told by its name on its page. */
    private static Flap onNothing(Flap flap, String name) {
      return flap.on() == null || flap.on().startsWith(name) ? flap : flap.lyingOn(null);
    }

    private boolean isTooThick(List<Flap> parts) {
      Length print = rules.length(HouseRule.MOVER_PRINT);
      Length card = rules.length(HouseRule.PULLOUT_CARD);
      Length thick = Length.ZERO;
      for (Flap part : parts) {
        long prints = part.move() == Flap.Move.STAYS ? 1 : 2;
        Length body = part.body() == Flap.Body.CARD ? card : Length.ZERO;
        thick = thick.plus(print.times(prints)).plus(body);
      }
      return thick.isMoreThan(thickness);
    }
  }
}
