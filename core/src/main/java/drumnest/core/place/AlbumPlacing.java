package drumnest.core.place;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Holding;
import drumnest.core.album.Reservation;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Area;
import drumnest.core.measure.Size;
import drumnest.core.photo.Chapter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Placing photos in a part of an album: where they go, and what the slots around them are reserved
 * for then, as pages breathe: titles before their chapters, words beside their photos, and air.
 */
public final class AlbumPlacing {

  private AlbumPlacing() {}

  /**
   * How photos are to be placed.
   *
   * @param scope which part of the album
   * @param order by what
   * @param breathing how much of each page is left to breathe
   */
  public record Request(PlacingTask.Scope scope, Placing.Order order, Breathing breathing) {

    /** In story order, every pocket filled. */
    public static Request story(PlacingTask.Scope scope) {
      return new Request(scope, Placing.Order.STORY, Breathing.PACKED);
    }
  }

  /**
   * The result of placing.
   *
   * @param placement where each picture is
   * @param best the arrangement it comes from, before titles were given their places
   */
  public record Arranged(Placement placement, Placing.Arrangement best) {}

  /** Places photos, without changing anything yet. */
  public static Arranged arranged(
      AlbumModel album, PlacingTask task, Request request, ProgressMonitor monitor) {
    Map<Integer, Integer> locked = new HashMap<>(task.problem().locked());
    Map<Integer, Integer> byHand = new HashMap<>();
    task.byHand()
        .forEach(
            (place, photo) -> {
              String id = task.problem().candidates().get(photo).id();
              // A weaker one of a stack is in the album only because it was put just there.
              (Candidates.isRepeat(album, id) ? locked : byHand).put(place, photo);
            });
    MinimalChangePlacing.Answer answer =
        new MinimalChangePlacing(Placing.by(request.order()))
            .place(task.problem().withLocked(locked), byHand, monitor);
    byHand.values().removeAll(answer.moved());
    locked.putAll(byHand);
    Placing.Problem staying = task.problem().withLocked(locked);
    Placing.Arrangement best = answer.arrangement();
    return new Arranged(titled(album, task, staying, best.placement(), request.breathing()), best);
  }

  /**
   * An arrangement with places for titles before their chapters, where there is room to breathe.
   *
   * @param staying the problem with all that stays where it is locked
   */
  private static Placement titled(
      AlbumModel album,
      PlacingTask task,
      Placing.Problem staying,
      Placement found,
      Breathing breathing) {
    if (breathing == Breathing.PACKED) {
      return found;
    }
    TitleRoom room = new TitleRoom(staying);
    int[] placeOf = found.toArray();
    for (int first : begins(album, task, found).keySet()) {
      placeOf = room.before(placeOf, first);
    }
    return Placement.of(placeOf);
  }

  /** Tells what the slots hold then, with the places that are reserved. */
  public static Map<Integer, Holding> holdings(
      AlbumModel album, PlacingTask task, Placement placement, Breathing breathing) {
    Map<Integer, Holding> after = new HashMap<>();
    int[] photoAt = placement.photoAt(task.slots().size());
    for (int i = 0; i < photoAt.length; i++) {
      Holding held = album.holding(task.slots().get(i).id()).orElse(null);
      if (photoAt[i] >= 0) {
        String photo = task.problem().candidates().get(photoAt[i]).id();
        boolean stays = held != null && photo.equals(held.photo());
        after.put(i, stays ? held : placed(album, task.slots().get(i), photo));
      }
    }
    if (breathing != Breathing.PACKED) {
      reserve(album, task, photoAt, begins(album, task, placement).keySet(), after);
    }
    return after;
  }

  /** A photo in a slot as placing puts it there: filling it, or whole on a card. */
  public static Holding placed(AlbumModel album, Slot slot, String photo) {
    Candidate candidate = Candidates.alone(album.photo(photo).orElseThrow());
    Place place = Place.alone(slot);
    return Holding.ofPhoto(photo).withWhole(PrintCostCache.of(album).showsWhole(candidate, place));
  }

  /** Tells what the slots of these leaves hold, once titles and words have their places. */
  public static Map<String, Holding> settled(
      AlbumModel album, List<Leaf> leaves, Breathing breathing) {
    PlacingTask task =
        PlacingTask.of(album, PlacingTask.Scope.ALBUM, Placing.Order.STORY, breathing);
    Set<Integer> keys = leaves.stream().map(Leaf::key).collect(Collectors.toSet());
    Map<String, Holding> settled = new HashMap<>();
    Map<Integer, Integer> staying = new HashMap<>(task.problem().locked());
    staying.putAll(task.byHand());
    Placement titled =
        titled(album, task, task.problem().withLocked(staying), task.now(album), breathing);
    holdings(album, task, titled, breathing)
        .forEach(
            (i, holding) -> {
              if (keys.contains(task.slots().get(i).leaf().key())) {
                settled.put(task.slots().get(i).id(), holding);
              }
            });
    return settled;
  }

  /** The first placed picture of each chapter, and its place. */
  private static Map<Integer, Integer> begins(
      AlbumModel album, PlacingTask task, Placement placement) {
    Map<String, Chapter> chapterOf = new HashMap<>();
    album
        .chapters()
        .forEach(chapter -> chapter.photos().forEach(each -> chapterOf.put(each.id(), chapter)));
    // Whether two chapters are equal is a question of all their photos, which is not asked here.
    Map<Chapter, Integer> firsts = new IdentityHashMap<>();
    for (int i = 0; i < placement.photos(); i++) {
      Chapter chapter = chapterOf.get(task.problem().candidates().get(i).id());
      if (chapter != null && placement.isPlaced(i)) {
        firsts.merge(
            chapter,
            i,
            (one, other) -> placement.placeOf(other) < placement.placeOf(one) ? other : one);
      }
    }
    Set<String> here = task.slots().stream().map(Slot::id).collect(Collectors.toSet());
    Map<Integer, Integer> begins = new LinkedHashMap<>();
    for (Chapter chapter : album.chapters()) {
      Integer first = firsts.get(chapter);
      if (first != null
          && isBegin(album, chapter, task.slots().get(placement.placeOf(first)), here)) {
        begins.put(first, placement.placeOf(first));
      }
    }
    return begins;
  }

  /**
   * Whether no earlier page has a photo of the chapter.
   *
   * @param here the slots whose photos are being placed
   */
  private static boolean isBegin(AlbumModel album, Chapter chapter, Slot first, Set<String> here) {
    return chapter.photos().stream()
        .flatMap(photo -> album.slotOf(photo.id()).stream())
        .noneMatch(
            slot -> slot.leaf().number() < first.leaf().number() && !here.contains(slot.id()));
  }

  private static void reserve(
      AlbumModel album,
      PlacingTask task,
      int[] photoAt,
      Set<Integer> begins,
      Map<Integer, Holding> after) {
    Map<Integer, List<Integer>> pages = new LinkedHashMap<>();
    for (int i = 0; i < photoAt.length; i++) {
      pages
          .computeIfAbsent(task.problem().places().get(i).at().page(), page -> new ArrayList<>())
          .add(i);
    }
    pages.forEach(
        (number, places) -> {
          boolean holdsAny = places.stream().anyMatch(i -> photoAt[i] >= 0);
          if (holdsAny && task.problem().room().containsKey(number)) {
            List<Size> sizes = task.pages().get(number);
            WordsPlaces.Page page = page(task, photoAt, places, begins, sizes.size());
            Map<String, WordsPlaces.Use> uses = WordsPlaces.of(page, album.rules());
            // What the breathing room leaves free is left so on purpose; the rest are gaps.
            Area air = Area.of(sizes).minus(task.problem().room().get(number));
            for (int i : places) {
              WordsPlaces.Use use = uses.get(task.slots().get(i).id());
              if (use != null) {
                after.put(i, Holding.reserved(Reservation.valueOf(use.name()), false));
                air = air.minus(area(task, i));
              }
            }
            for (int i : places) {
              // A place that is mostly within the air is part of it.
              if (photoAt[i] < 0 && !after.containsKey(i) && air.over(area(task, i)) > 0.5) {
                after.put(i, Holding.reserved(Reservation.EMPTY, false));
                air = air.minus(area(task, i));
              }
            }
          }
        });
  }

  private static Area area(PlacingTask task, int place) {
    return task.problem().places().get(place).area();
  }

  private static WordsPlaces.Page page(
      PlacingTask task, int[] photoAt, List<Integer> places, Set<Integer> begins, int size) {
    List<String> free = new ArrayList<>();
    Map<String, List<String>> beside = new LinkedHashMap<>();
    for (int i : places) {
      if (photoAt[i] < 0) {
        free.add(task.slots().get(i).id());
      } else if (wantsWords(task, photoAt[i], i)) {
        Slot slot = task.slots().get(i);
        beside.put(
            task.problem().candidates().get(photoAt[i]).id(),
            places.stream()
                .filter(other -> photoAt[other] < 0 && slot.touches(task.slots().get(other)))
                .map(other -> task.slots().get(other).id())
                .toList());
      }
    }
    Integer first =
        places.stream().filter(i -> begins.contains(photoAt[i])).findFirst().orElse(null);
    return new WordsPlaces.Page(
        size,
        free,
        beside,
        first != null,
        first == null ? null : head(task, photoAt, places, first));
  }

  /** The first of the free places right before a chapter's first picture, if there is one. */
  private static @Nullable String head(
      PlacingTask task, int[] photoAt, List<Integer> places, int first) {
    int head = first;
    while (places.contains(head - 1) && photoAt[head - 1] < 0) {
      head--;
    }
    return head == first ? null : task.slots().get(head).id();
  }

  private static boolean wantsWords(PlacingTask task, int photo, int place) {
    return task.problem().candidates().get(photo).hints().words()
        && !task.problem().places().get(place).at().besideWords();
  }
}
