package drumnest.server.edit;

import drumnest.core.album.Holds;
import drumnest.core.album.PageSide;
import drumnest.core.album.Side;
import drumnest.core.album.Slot;
import drumnest.core.album.Thing;
import drumnest.core.measure.Area;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.place.Breathing;
import drumnest.core.place.Candidate;
import drumnest.core.place.NextRun;
import drumnest.core.place.Place;
import drumnest.core.place.Placing;
import drumnest.core.place.Weights;
import drumnest.server.store.Aside;
import drumnest.server.store.LinePhotoEntity;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * The placing of photos into a part of an album, as a problem.
 *
 * @param slots the slots that take photos: those of its places, in the same order
 * @param problem what is to be placed where
 * @param byHand what was put there by hand and is not locked
 * @param pages the sizes that the slots of each page take, by the page's number in the problem
 */
public record PlacingTask(
    List<Slot> slots,
    Placing.Problem problem,
    Map<Integer, Integer> byHand,
    Map<Integer, List<Size>> pages) {

  /**
   * Which part of the album.
   *
   * @param spread a spread, or null
   * @param chapter a chapter by its first photo, or null; the whole album where both are null
   */
  public record Scope(@Nullable Integer spread, @Nullable String chapter) {

    public static final Scope ALBUM = new Scope(null, null);

    public static Scope spread(int number) {
      return new Scope(number, null);
    }
  }

  /**
   * The task of a part of an album. A spread and a chapter take the next run of the story that
   * waits; where none is next but photos wait, an empty spread is offered those.
   *
   * @param breathing how much of each page is left to breathe
   * @throws NotThereException if there is no such chapter
   */
  public static PlacingTask of(Bench bench, Scope scope, Placing.Order order, Breathing breathing) {
    return of(bench, scope, order, breathing, Who.NEXT_RUN);
  }

  /** Who is to be placed. */
  public enum Who {
    /** The next run of the story. */
    NEXT_RUN,
    /** That, and who is there already: to look at what is there now. */
    AS_IT_IS,
    /** Everybody who waits: to look at one of them. */
    ALL_WHO_WAIT
  }

  /**
   * The task of a part of an album for these.
   *
   * @throws NotThereException if there is no such chapter
   */
  public static PlacingTask of(
      Bench bench, Scope scope, Placing.Order order, Breathing breathing, Who who) {
    List<Slot> asked = asked(bench, scope);
    List<Slot> slots = asked.stream().filter(slot -> takesPhotos(bench, slot)).toList();
    Set<String> here = slots.stream().map(Slot::id).collect(Collectors.toSet());
    Set<String> notHere = elsewhere(bench, here);
    if (scope.spread() != null) {
      Set<String> outOfStory = outOfStory(bench, scope.spread(), here);
      outOfStory.addAll(notHere);
      if (!bench.candidates(outOfStory).isEmpty()) {
        notHere = outOfStory;
      }
    }
    if (scope.chapter() != null) {
      notHere.addAll(ofOtherChapters(bench, scope.chapter(), here));
    }
    PlacingTask whole = of(bench, asked, slots, notHere, order, breathing);
    if (who == Who.ALL_WHO_WAIT || scope.spread() == null && scope.chapter() == null) {
      return whole;
    }
    // What was put here by hand is here, whatever the run.
    Map<Integer, Integer> stays = new HashMap<>(whole.byHand());
    stays.putAll(whole.problem().locked());
    Set<String> later = NextRun.after(whole.problem().withLocked(stays));
    if (who == Who.AS_IT_IS) {
      later.removeIf(photo -> bench.slotOf(photo).map(Slot::id).filter(here::contains).isPresent());
    }
    if (later.isEmpty()) {
      return whole;
    }
    later.addAll(notHere);
    return of(bench, asked, slots, later, order, breathing);
  }

  /**
   * The empty places of an album, for these photos: all that is placed stays where it is.
   *
   * @param waiting photos by their names
   */
  static PlacingTask ofGaps(Bench bench, Set<String> waiting, Breathing breathing) {
    List<Slot> asked = bench.leaves().slots();
    List<Slot> slots = asked.stream().filter(slot -> takesPhotos(bench, slot)).toList();
    Set<String> others = new HashSet<>();
    for (LinePhotoEntity each : bench.line()) {
      String photo = each.photo().sha256();
      if (!waiting.contains(photo) && bench.slotOf(photo).isEmpty()) {
        others.add(photo);
      }
    }
    PlacingTask task = of(bench, asked, slots, others, Placing.Order.STORY, breathing);
    int[] placeOf = task.placeOf(bench);
    Map<Integer, Integer> placed = new HashMap<>();
    for (int i = 0; i < placeOf.length; i++) {
      if (placeOf[i] >= 0) {
        placed.put(placeOf[i], i);
      }
    }
    return new PlacingTask(slots, task.problem().withLocked(placed), Map.of(), task.pages());
  }

  private static PlacingTask of(
      Bench bench,
      List<Slot> asked,
      List<Slot> slots,
      Set<String> notHere,
      Placing.Order order,
      Breathing breathing) {
    List<Candidate> candidates = bench.candidates(notHere);
    Map<String, Integer> indexOf = new HashMap<>();
    for (int i = 0; i < candidates.size(); i++) {
      indexOf.put(candidates.get(i).id(), i);
    }
    Map<Integer, Integer> locked = new HashMap<>();
    Map<Integer, Integer> byHand = new HashMap<>();
    for (int i = 0; i < slots.size(); i++) {
      Filling held = AlbumEdits.held(bench, slots.get(i));
      Integer photo = held == null ? null : indexOf.get(held.photo());
      if (photo != null && held.isFixed()) {
        locked.put(i, photo);
      } else if (photo != null && held.byHand()) {
        byHand.put(i, photo);
      }
    }
    Map<Integer, List<Size>> pages = new HashMap<>();
    asked.forEach(
        slot ->
            pages.computeIfAbsent(pageNumber(slot), page -> new ArrayList<>()).add(slot.takes()));
    Map<Integer, Area> room = new HashMap<>();
    pages.forEach((page, sizes) -> room.put(page, breathing.room(sizes, page, bench.rules())));
    // Mounts were measured for a photo each: a plain page breathes as its maker planned it.
    asked.stream()
        .filter(slot -> slot.kind() == Slot.Kind.MOUNT)
        .forEach(slot -> room.remove(pageNumber(slot)));
    Placing.Problem problem =
        new Placing.Problem(
            candidates,
            places(bench, slots),
            locked,
            Map.of(),
            room,
            order,
            Weights.of(bench.rules()),
            bench.rules());
    return new PlacingTask(slots, problem, byHand, pages);
  }

  private static List<Slot> asked(Bench bench, Scope scope) {
    if (scope.spread() != null) {
      return bench.leaves().spread(scope.spread()).slots();
    }
    if (scope.chapter() == null) {
      return bench.leaves().slots();
    }
    ChapterBudget budget = new ChapterBudget(bench);
    if (budget.lines().stream().noneMatch(line -> line.id().equals(scope.chapter()))) {
      throw new NotThereException("chapter", "There is no chapter that begins with this photo.");
    }
    return budget.slots(scope.chapter());
  }

  /** Whether placing may put a photo there, or leave one that is there. */
  private static boolean takesPhotos(Bench bench, Slot slot) {
    Filling held = AlbumEdits.held(bench, slot);
    boolean taken = held != null && (held.thing() != null || held.aside() != null && held.byHand());
    return slot.holds() == Holds.PHOTO && !taken;
  }

  private static Set<String> elsewhere(Bench bench, Set<String> here) {
    Set<String> elsewhere = new HashSet<>();
    bench
        .line()
        .forEach(
            photo ->
                bench
                    .slotOf(photo.photo().sha256())
                    .filter(slot -> !here.contains(slot.id()))
                    .ifPresent(slot -> elsewhere.add(photo.photo().sha256())));
    return elsewhere;
  }

  /**
   * Photos that the story has on other spreads: before the last one that is placed on the nearest
   * page before the spread, or after the first on the nearest page behind it. Those that are on the
   * spread already are not among them.
   */
  private static Set<String> outOfStory(Bench bench, int spread, Set<String> here) {
    List<String> line = bench.line().stream().map(photo -> photo.photo().sha256()).toList();
    int from = -1;
    int to = line.size();
    int pageBefore = -1;
    int pageAfter = Integer.MAX_VALUE;
    for (int i = 0; i < line.size(); i++) {
      Slot slot = bench.slotOf(line.get(i)).orElse(null);
      if (slot == null || here.contains(slot.id())) {
        continue;
      }
      int page = pageNumber(slot);
      boolean before = bench.leaves().spreadOf(slot.parent().page()) < spread;
      if (before && page >= pageBefore) {
        from = i;
        pageBefore = page;
      } else if (!before && page < pageAfter) {
        to = i;
        pageAfter = page;
      }
    }
    Set<String> out = new HashSet<>();
    for (int i = 0; i < line.size() && from < to; i++) {
      boolean there =
          bench.slotOf(line.get(i)).filter(slot -> here.contains(slot.id())).isPresent();
      if (!there && (i < from || i > to)) {
        out.add(line.get(i));
      }
    }
    return out;
  }

  /** Photos of other chapters, but for those that are fixed or put by hand on these pages. */
  private static Set<String> ofOtherChapters(Bench bench, String chapter, Set<String> here) {
    return bench.chapters().stream()
        .filter(each -> !each.photos().get(0).id().equals(chapter))
        .flatMap(each -> each.photos().stream())
        .map(photo -> photo.id())
        .filter(
            photo ->
                bench
                    .slotOf(photo)
                    .filter(slot -> here.contains(slot.id()))
                    .map(slot -> AlbumEdits.held(bench, slot))
                    .map(held -> !held.isFixed() && !held.byHand())
                    .orElse(true))
        .collect(Collectors.toCollection(HashSet::new));
  }

  /** The number of a slot's page in the album, from 1. */
  private static int pageNumber(Slot slot) {
    return 2 * slot.leaf().number() - (slot.side() == Side.FRONT ? 1 : 0);
  }

  /** Slots as placing sees them. */
  static List<Place> places(Bench bench, List<Slot> slots) {
    List<Place> places = new ArrayList<>();
    Map<PageSide, List<Slot>> words = words(bench, slots);
    for (int i = 0; i < slots.size(); i++) {
      Slot slot = slots.get(i);
      PageSide page = slot.parent().page();
      boolean touchesNext = i + 1 < slots.size() && slot.touches(slots.get(i + 1));
      places.add(
          new Place(
              slot.id(),
              slot.takes(),
              slot.hiddenAtRest(),
              false,
              new Place.At(
                  bench.leaves().spreadOf(page),
                  pageNumber(slot),
                  low(slot),
                  slot.leaf().number() == 1 && slot.side() == Side.FRONT,
                  touchesNext,
                  words.get(page).stream().anyMatch(slot::touches))));
    }
    return places;
  }

  /** The slots of each page that have words in them, or are kept for them. */
  private static Map<PageSide, List<Slot>> words(Bench bench, List<Slot> slots) {
    Map<PageSide, List<Slot>> words = new HashMap<>();
    for (Slot slot : slots) {
      words.computeIfAbsent(
          slot.parent().page(),
          page ->
              page.leaf().slots(page.side(), 0).stream()
                  .filter(each -> hasWords(bench, each))
                  .toList());
    }
    return words;
  }

  private static boolean hasWords(Bench bench, Slot slot) {
    boolean card =
        bench
            .laid(slot)
            .map(laid -> laid.thing().kind() == Thing.Kind.CARD && !laid.thing().words().isBlank())
            .orElse(false);
    Filling held = AlbumEdits.held(bench, slot);
    boolean aside = held != null && held.aside() == Aside.WORDS && held.byHand();
    return card || aside || slot.holds() == Holds.WORDS;
  }

  /** How low its middle is on its page, from 0 to 1. */
  static double low(Slot slot) {
    Length middle = slot.box().y().plus(slot.box().h().times(1, 2));
    return (double) middle.toNanometres() / slot.parent().size().h().toNanometres();
  }

  /**
   * The same, with no page allowed to hold less than it does now: what is there is not asked to
   * leave.
   *
   * @param placeOf where the photos are now
   */
  public PlacingTask asFullAsNow(int[] placeOf) {
    Map<Integer, Area> held = held(placeOf);
    Map<Integer, Area> room = new HashMap<>(problem.room());
    room.replaceAll(
        (page, limit) -> {
          Area now = held.getOrDefault(page, Area.NONE);
          return now.compareTo(limit) > 0 ? now : limit;
        });
    Placing.Problem roomier =
        new Placing.Problem(
            problem.candidates(),
            problem.places(),
            problem.locked(),
            problem.closed(),
            room,
            problem.order(),
            problem.weights(),
            problem.rules());
    return new PlacingTask(slots, roomier, byHand, pages);
  }

  /**
   * Whether a place that nothing is set aside for is empty, on a page that may hold more.
   *
   * @param placeOf where the photos are now
   */
  public boolean hasRoomInGap(Bench bench, int[] placeOf) {
    int[] photoAt = Placing.photoAt(placeOf, slots.size());
    Map<Integer, Area> held = held(placeOf);
    for (int i = 0; i < photoAt.length; i++) {
      Place place = problem.places().get(i);
      Area room = problem.room().get(place.at().page());
      Area with = held.getOrDefault(place.at().page(), Area.NONE).plus(place.area());
      boolean fits = room == null || with.compareTo(room) <= 0;
      if (photoAt[i] < 0 && bench.aside(slots.get(i)).isEmpty() && fits) {
        return true;
      }
    }
    return false;
  }

  /** How much area photos take of each page. */
  private Map<Integer, Area> held(int[] placeOf) {
    Map<Integer, Area> held = new HashMap<>();
    for (int place : placeOf) {
      if (place >= 0) {
        Place each = problem.places().get(place);
        held.merge(each.at().page(), each.area(), Area::plus);
      }
    }
    return held;
  }

  /** Where the photos are now: for each picture of the problem the index of its place, or -1. */
  public int[] placeOf(Bench bench) {
    Map<String, Integer> indexOf = new HashMap<>();
    for (int i = 0; i < slots.size(); i++) {
      Filling held = AlbumEdits.held(bench, slots.get(i));
      if (held != null && held.photo() != null) {
        indexOf.put(held.photo(), i);
      }
    }
    int[] placeOf = new int[problem.candidates().size()];
    Arrays.setAll(placeOf, i -> indexOf.getOrDefault(problem.candidates().get(i).id(), -1));
    return placeOf;
  }

  /** The index of a slot among the places of the problem, or -1. */
  public int placeOf(String slot) {
    for (int i = 0; i < slots.size(); i++) {
      if (slots.get(i).id().equals(slot)) {
        return i;
      }
    }
    return -1;
  }

  /** The index of a photo among the pictures of the problem, or -1. */
  public int indexOf(String photo) {
    for (int i = 0; i < problem.candidates().size(); i++) {
      if (problem.candidates().get(i).id().equals(photo)) {
        return i;
      }
    }
    return -1;
  }
}
