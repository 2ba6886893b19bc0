package drumnest.core.place;

import drumnest.core.measure.Area;
import drumnest.core.measure.Size;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The pages of the leaves that may be proposed, laid side by side in one problem; those that are
 * alike but for their names are one. How much a page may hold depends on its number in the album
 * ({@link Breathing#room}); leaves whose pages of every kind may hold the same are of one phase.
 */
final class RequestedPages {

  /** A page, and what it costs once it is weighed: by the first moment, by how many. */
  static final class Page {
    final int first;
    final int places;
    final Area room;

    /** How many pictures sleeves over it can hold, and for which prints those are. */
    final int over;

    final List<Size> sleeves;

    /** How many units of area pictures may take, and how many pictures that is at most. */
    final int units;

    final int most;

    /** Those of the same places that hold more or less, and itself, the roomiest last. */
    final List<Page> alike;

    long[][] costs;

    Page(int first, AreaUnits units, Area room, int over, List<Size> sleeves, List<Page> alike) {
      this.first = first;
      this.places = units.ofPlaces().size();
      this.room = room;
      this.over = over;
      this.sleeves = sleeves;
      this.units = units.within(room);
      this.most = most(units, this.units);
      this.alike = alike;
    }

    /** How many of the places there is room for, the smallest first. */
    private static int most(AreaUnits units, int room) {
      int left = room;
      int most = 0;
      for (int each : units.ofPlaces().stream().sorted().toList()) {
        left -= each;
        most += left >= 0 ? 1 : 0;
      }
      return most;
    }
  }

  private final LeafPlanning.Request request;
  private final List<Candidate> candidates;
  private final boolean anySecret;
  private final List<Place> places = new ArrayList<>();
  private final Map<Integer, Area> rooms = new HashMap<>();
  private final Map<Object, List<Page>> like = new HashMap<>();
  private final Map<Object, LeafSides> leaves = new HashMap<>();

  /** The pages of a leaf of each kind, by phase. */
  private final List<List<LeafSides>> phases = new ArrayList<>();

  private final int[] phaseOf;

  /**
   * @param most how many leaves a plan may have
   */
  RequestedPages(LeafPlanning.Request request, int most) {
    this.request = request;
    this.candidates = request.chapters().stream().flatMap(List::stream).toList();
    this.anySecret = candidates.stream().anyMatch(photo -> photo.hints().secret());
    this.phaseOf = new int[most + 1];
    List<PageOfKind> fronts =
        request.kinds().stream()
            .map(kind -> new PageOfKind(kind.front(), kind.overFront()))
            .toList();
    List<PageOfKind> backs =
        request.kinds().stream().map(kind -> new PageOfKind(kind.back(), kind.overBack())).toList();
    for (int number = 1; number <= most; number++) {
      List<LeafSides> sides = new ArrayList<>();
      for (int kind = 0; kind < fronts.size(); kind++) {
        int before = 2 * (request.leavesBefore() + number - 1);
        Page front = page(fronts.get(kind), before + 1);
        Page back = page(backs.get(kind), before + 2);
        sides.add(leaves.computeIfAbsent(List.of(front, back), key -> new LeafSides(front, back)));
      }
      if (!phases.contains(sides)) {
        for (int kind = 0; kind < sides.size(); kind++) {
          sides.get(kind).uses.add(new LeafSides.Use(kind, phases.size()));
        }
        phases.add(sides);
      }
      phaseOf[number] = phases.indexOf(sides);
    }
  }

  /** A page of a kind of leaf, whatever its number. */
  private final class PageOfKind {
    private final List<Place> places;
    private final int over;
    private final AreaUnits units;

    /** All that it has in common with pages that are like it. */
    private final List<Object> nature = new ArrayList<>();

    /** The page by what else matters. */
    private final Map<Object, Page> known = new HashMap<>();

    PageOfKind(List<Place> places, int over) {
      this.places = places;
      this.over = request.sleeves().inserts().isEmpty() ? 0 : over;
      this.units = AreaUnits.of(places.stream().map(Place::area).toList());
      nature.add(this.over);
      for (Place place : places) {
        nature.add(
            List.of(place.print(), place.mayTurn(), place.hidden(), place.at().touchesNext()));
      }
    }
  }

  private Page page(PageOfKind of, int number) {
    boolean seen = number == 1 && anySecret;
    Area room = request.breathing().room(of.units, number, request.rules());
    return of.known.computeIfAbsent(List.of(seen, room), key -> page(of, room, seen));
  }

  private Page page(PageOfKind of, Area room, boolean seen) {
    List<Page> alike = like.computeIfAbsent(List.of(seen, of.nature), key -> new ArrayList<>());
    for (Page page : alike) {
      if (page.room.equals(room)) {
        return page;
      }
    }
    Page page = lay(of, room, seen, alike);
    alike.add(page);
    alike.sort(Comparator.comparingInt(each -> each.units));
    return page;
  }

  private Page lay(PageOfKind of, Area room, boolean seen, List<Page> alike) {
    int first = places.size();
    int number = rooms.size();
    for (Place place : of.places) {
      Place.At at = place.at();
      places.add(
          place.withAt(new Place.At(number, number, at.low(), seen, at.touchesNext(), false)));
    }
    rooms.put(number, room);
    List<Size> sleeves =
        of.places.stream().map(Place::print).distinct().filter(request.sleeves()::goOver).toList();
    return new Page(first, of.units, room, of.over, sleeves, alike);
  }

  Placing.Problem problem() {
    return new Placing.Problem(
        candidates,
        places,
        Map.of(),
        Map.of(),
        rooms,
        Placing.Order.STORY,
        request.weights(),
        request.rules());
  }

  /** All pages, those of the same places together. */
  Collection<List<Page>> alike() {
    return like.values();
  }

  /** All leaves that differ, those that hold the most first. */
  List<LeafSides> leaves() {
    return leaves.values().stream()
        .sorted(Comparator.comparingInt(LeafSides::most).reversed())
        .toList();
  }

  int phases() {
    return phases.size();
  }

  /** The phase of a leaf by its number in the plan, from 1. */
  int phase(int number) {
    return phaseOf[number];
  }

  /** After how many leaves phases come again, from the second leaf on. */
  int cycle() {
    for (int cycle = 1; cycle < phaseOf.length; cycle++) {
      boolean again = true;
      for (int number = 2; number + cycle < phaseOf.length; number++) {
        again &= phaseOf[number] == phaseOf[number + cycle];
      }
      if (again) {
        return cycle;
      }
    }
    return phaseOf.length;
  }

  LeafSides leaf(int kind, int phase) {
    return phases.get(phase).get(kind);
  }
}
