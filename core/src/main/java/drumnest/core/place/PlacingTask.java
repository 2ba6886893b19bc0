package drumnest.core.place;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Holding;
import drumnest.core.album.flap.Holds;
import drumnest.core.album.leaf.Slot;
import drumnest.core.album.leaf.SlotKind;
import drumnest.core.measure.Area;
import drumnest.core.measure.Size;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.place.budget.ChapterBudget;
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

    /** Whether the album has it: there is such a chapter, if it is one. */
    public boolean isIn(AlbumModel album) {
      return chapter == null
          || album.chapters().stream().anyMatch(each -> each.photos().get(0).id().equals(chapter));
    }

    public static Scope spread(int number) {
      return new Scope(number, null);
    }
  }

  /**
   * The task of a part of an album. A spread and a chapter take the next run of the story that
   * waits; where none is next but photos wait, an empty spread is offered those.
   *
   * @param breathing how much of each page is left to breathe
   * @throws IllegalArgumentException if there is no such chapter
   */
  public static PlacingTask of(
      AlbumModel album, Scope scope, Placing.Order order, Breathing breathing) {
    return of(album, scope, order, breathing, Who.NEXT_RUN);
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
   * @throws IllegalArgumentException if there is no such chapter
   */
  public static PlacingTask of(
      AlbumModel album, Scope scope, Placing.Order order, Breathing breathing, Who who) {
    List<Slot> asked = asked(album, scope);
    List<Slot> slots = asked.stream().filter(slot -> takesPhotos(album, slot)).toList();
    Set<String> here = slots.stream().map(Slot::id).collect(Collectors.toSet());
    Set<String> notHere = PhotosElsewhere.placed(album, here);
    if (scope.spread() != null) {
      Set<String> outOfStory = PhotosElsewhere.outOfStory(album, scope.spread(), here);
      outOfStory.addAll(notHere);
      if (!Candidates.of(album, outOfStory).isEmpty()) {
        notHere = outOfStory;
      }
    }
    if (scope.chapter() != null) {
      notHere.addAll(PhotosElsewhere.ofOtherChapters(album, scope.chapter(), here));
    }
    PlacingTask whole = of(album, asked, slots, Candidates.of(album, notHere), order, breathing);
    if (who == Who.ALL_WHO_WAIT || scope.spread() == null && scope.chapter() == null) {
      return whole;
    }
    // What was put here by hand is here, whatever the run.
    Map<Integer, Integer> stays = new HashMap<>(whole.byHand());
    stays.putAll(whole.problem().locked());
    Set<String> later = NextRun.after(whole.problem().withLocked(stays));
    if (who == Who.AS_IT_IS) {
      later.removeIf(photo -> album.slotOf(photo).map(Slot::id).filter(here::contains).isPresent());
    }
    if (later.isEmpty()) {
      return whole;
    }
    later.addAll(notHere);
    return of(album, asked, slots, Candidates.of(album, later), order, breathing);
  }

  /**
   * The empty places of an album, for these photos: all that is placed stays where it is.
   *
   * @param waiting photos by their names
   */
  public static PlacingTask ofGaps(AlbumModel album, Set<String> waiting, Breathing breathing) {
    List<Slot> asked = album.leaves().slots();
    List<Slot> slots = asked.stream().filter(slot -> takesPhotos(album, slot)).toList();
    Set<String> others = new HashSet<>();
    for (AlbumPhoto each : album.line()) {
      String photo = each.id();
      if (!waiting.contains(photo) && album.slotOf(photo).isEmpty()) {
        others.add(photo);
      }
    }
    PlacingTask task =
        of(album, asked, slots, Candidates.of(album, others), Placing.Order.STORY, breathing);
    Map<Integer, Integer> placed = task.now(album).photoByPlace();
    return new PlacingTask(slots, task.problem().withLocked(placed), Map.of(), task.pages());
  }

  /** A spread as it is, and one photo that waits. */
  public static PlacingTask besides(AlbumModel album, int spread, String photo) {
    List<Slot> asked = asked(album, Scope.spread(spread));
    List<Slot> slots = asked.stream().filter(slot -> takesPhotos(album, slot)).toList();
    Set<String> these = new HashSet<>(Set.of(photo));
    slots.forEach(slot -> album.seated(slot).ifPresent(seated -> these.add(seated.photo().id())));
    List<Candidate> candidates = Candidates.only(album, these);
    return of(album, asked, slots, candidates, Placing.Order.STORY, Breathing.PACKED);
  }

  private static PlacingTask of(
      AlbumModel album,
      List<Slot> asked,
      List<Slot> slots,
      List<Candidate> candidates,
      Placing.Order order,
      Breathing breathing) {
    Map<String, Integer> indexOf = new HashMap<>();
    for (int i = 0; i < candidates.size(); i++) {
      indexOf.put(candidates.get(i).id(), i);
    }
    Map<Integer, Integer> locked = new HashMap<>();
    Map<Integer, Integer> byHand = new HashMap<>();
    for (int i = 0; i < slots.size(); i++) {
      Holding held = album.holding(slots.get(i).id()).orElse(null);
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
            pages
                .computeIfAbsent(AlbumPlaces.pageNumber(slot), page -> new ArrayList<>())
                .add(slot.takes()));
    Map<Integer, Area> room = new HashMap<>();
    pages.forEach((page, sizes) -> room.put(page, breathing.room(sizes, page, album.rules())));
    // Mounts were measured for a photo each: a plain page breathes as its maker planned it.
    asked.stream()
        .filter(slot -> slot.kind() == SlotKind.MOUNT)
        .forEach(slot -> room.remove(AlbumPlaces.pageNumber(slot)));
    Placing.Problem problem =
        new Placing.Problem(
            candidates,
            AlbumPlaces.of(album, slots),
            locked,
            Map.of(),
            room,
            order,
            PrintCostCache.of(album));
    return new PlacingTask(slots, problem, byHand, pages);
  }

  private static List<Slot> asked(AlbumModel album, Scope scope) {
    if (scope.spread() != null) {
      return album.leaves().spread(scope.spread()).slots();
    }
    if (scope.chapter() == null) {
      return album.leaves().slots();
    }
    ChapterBudget budget = new ChapterBudget(album);
    if (!scope.isIn(album)) {
      throw new IllegalArgumentException("There is no chapter that begins with this photo.");
    }
    return budget.slots(scope.chapter());
  }

  /** Whether placing may put a photo there, or leave one that is there. */
  private static boolean takesPhotos(AlbumModel album, Slot slot) {
    Holding held = album.holding(slot.id()).orElse(null);
    boolean taken =
        held != null && (held.ephemera() != null || held.reserved() != null && held.byHand());
    return slot.holds() == Holds.PHOTO && !taken && !slot.neverSeen();
  }

  /**
   * A copy, with no page allowed to hold less than it does now: what is there is not asked to
   * leave.
   *
   * @param now where the photos are
   */
  public PlacingTask asFullAsNow(Placement now) {
    Map<Integer, Area> held = held(now);
    Map<Integer, Area> room = new HashMap<>(problem.room());
    room.replaceAll(
        (page, limit) -> {
          Area full = held.getOrDefault(page, Area.NONE);
          return full.compareTo(limit) > 0 ? full : limit;
        });
    return new PlacingTask(slots, problem.withRoom(room), byHand, pages);
  }

  /**
   * Whether a place that nothing is set aside for is empty, on a page that may hold more.
   *
   * @param now where the photos are
   */
  public boolean hasRoomInGap(AlbumModel album, Placement now) {
    int[] photoAt = now.photoAt(slots.size());
    Map<Integer, Area> held = held(now);
    for (int i = 0; i < photoAt.length; i++) {
      Place place = problem.places().get(i);
      Area room = problem.room().get(place.at().page());
      Area with = held.getOrDefault(place.at().page(), Area.NONE).plus(place.area());
      boolean fits = room == null || with.compareTo(room) <= 0;
      if (photoAt[i] < 0 && album.reservation(slots.get(i)).isEmpty() && fits) {
        return true;
      }
    }
    return false;
  }

  /** How much area photos take of each page. */
  private Map<Integer, Area> held(Placement now) {
    Map<Integer, Area> held = new HashMap<>();
    for (int photo = 0; photo < now.photos(); photo++) {
      if (now.isPlaced(photo)) {
        Place each = problem.places().get(now.placeOf(photo));
        held.merge(each.at().page(), each.area(), Area::plus);
      }
    }
    return held;
  }

  /** Where the photos of the problem are in an album. */
  public Placement now(AlbumModel album) {
    Map<String, Integer> indexOf = new HashMap<>();
    for (int i = 0; i < slots.size(); i++) {
      Holding held = album.holding(slots.get(i).id()).orElse(null);
      if (held != null && held.photo() != null) {
        indexOf.put(held.photo(), i);
      }
    }
    int[] placeOf = new int[problem.candidates().size()];
    Arrays.setAll(placeOf, i -> indexOf.getOrDefault(problem.candidates().get(i).id(), -1));
    return Placement.of(placeOf);
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
