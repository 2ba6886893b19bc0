package drumnest.server.edit;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.Holding;
import drumnest.core.album.Leaf;
import drumnest.core.album.Made;
import drumnest.core.album.Reservation;
import drumnest.core.album.Slot;
import drumnest.core.album.SlotNames;
import drumnest.core.measure.Area;
import drumnest.core.measure.Size;
import drumnest.core.photo.Chapter;
import drumnest.core.photo.StoryPhoto;
import drumnest.core.place.Breathing;
import drumnest.core.place.LateOffers;
import drumnest.core.place.MinimalChangePlacing;
import drumnest.core.place.Placing;
import drumnest.core.place.PlacingTask;
import drumnest.core.place.ProgressMonitor;
import drumnest.core.place.TitleRoom;
import drumnest.core.place.WordsPlaces;
import drumnest.server.NotThereException;
import drumnest.server.UnprocessableException;
import drumnest.server.album.History;
import drumnest.server.album.OpenAlbums;
import drumnest.server.album.SeenAlbum;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * Placing many photos at once, and what slots are set aside for. Every method is one step of the
 * album's history, done whole or not at all, and only if the album is still as the page that asks
 * has seen it.
 */
@Service
public class PlaceEdits {

  /** More late photos than so many are offered when these have their places. */
  private static final int MOST_LATE = 100;

  private final OpenAlbums openAlbums;
  private final History history;

  PlaceEdits(OpenAlbums openAlbums, History history) {
    this.openAlbums = openAlbums;
    this.history = history;
  }

  /**
   * How photos are to be placed.
   *
   * @param scope which part of the album
   * @param order by what
   * @param breathing how much of each page is left to breathe
   */
  public record Wish(PlacingTask.Scope scope, Placing.Order order, Breathing breathing) {

    /** In story order, every pocket filled. */
    public static Wish story(PlacingTask.Scope scope) {
      return new Wish(scope, Placing.Order.STORY, Breathing.PACKED);
    }
  }

  /**
   * @throws NotThereException if the scope is a chapter that the album does not have
   */
  public static void requireChapter(AlbumModel album, PlacingTask.Scope scope) {
    if (!scope.isIn(album)) {
      throw new NotThereException("chapter", "There is no chapter that begins with this photo.");
    }
  }

  /**
   * Places photos of the line again, around those that are locked, cut or stuck and around cards
   * and keepsakes; what was put by hand stays unless moving it pays.
   */
  public void placeAgain(long albumId, long version, Wish wish, ProgressMonitor monitor) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    requireChapter(album, wish.scope());
    PlacingTask task = PlacingTask.of(album, wish.scope(), wish.order(), wish.breathing());
    Arranged arranged = arranged(album, task, wish, monitor);
    Map<Integer, Holding> after = after(album, task, arranged.placeOf(), wish.breathing());
    List<Change> changes = new ArrayList<>();
    for (int i = 0; i < task.slots().size(); i++) {
      Holding before = AlbumEdits.held(album, task.slots().get(i));
      if (!Objects.equals(before, after.get(i))) {
        changes.add(new Change.OfHolding(task.slots().get(i).id(), before, after.get(i)));
      }
    }
    if (changes.isEmpty()) {
      throw new UnprocessableException("scope", nothingToDo(album, task, wish));
    }
    history.step(seen, label(wish), changes);
  }

  /** Why placing again would change nothing. */
  private static String nothingToDo(AlbumModel album, PlacingTask task, Wish wish) {
    String part =
        wish.scope().spread() != null
            ? "this spread"
            : wish.scope().chapter() != null ? "this chapter" : "the album";
    if (album.line().isEmpty()) {
      return "There are no photos yet. Bring some in with Gather.";
    }
    if (task.slots().isEmpty()) {
      return wish.scope().chapter() != null
          ? "This chapter has no page yet. Add leaves, or propose some."
          : "There is no place for a photo in " + part + ".";
    }
    if (task.problem().candidates().isEmpty()) {
      return wish.scope().spread() != null
          ? "Every photo has its place already; none waits for this spread."
          : "All photos of " + part + " have a place.";
    }
    return "Nothing to change: "
        + (wish.scope().spread() == null ? "all photos of " : "the photos of ")
        + part
        + " already stand as placing would put them.";
  }

  /**
   * What placing comes to.
   *
   * @param placeOf for each picture the index of its place, or -1
   * @param best the arrangement it comes from, before titles were given their places
   */
  public record Arranged(int[] placeOf, Placing.Arrangement best) {}

  /** Places photos, without changing anything yet. */
  public static Arranged arranged(
      AlbumModel album, PlacingTask task, Wish wish, ProgressMonitor monitor) {
    Placing.Arrangement best =
        new MinimalChangePlacing(Placing.by(wish.order()))
            .place(task.problem(), task.byHand(), monitor)
            .arrangement();
    return new Arranged(titled(album, task, best.placeOf(), wish.breathing()), best);
  }

  /** The same with places for titles before their chapters, where there is room to breathe. */
  private static int[] titled(
      AlbumModel album, PlacingTask task, int[] found, Breathing breathing) {
    int[] placeOf = found;
    if (breathing != Breathing.PACKED) {
      for (int first : begins(album, task, found).keySet()) {
        placeOf = TitleRoom.before(task.problem(), placeOf, first);
      }
    }
    return placeOf;
  }

  private static String label(Wish wish) {
    String what =
        wish.scope().chapter() != null
            ? "place the chapter "
            : wish.scope().spread() == null ? "place the whole album " : "place ";
    return what
        + switch (wish.order()) {
          case STORY -> "in story order";
          case WEIGHT -> "by weight";
          case VARIETY -> "by variety";
          case FREE -> "freely";
        };
  }

  /** What the slots hold then, with the places that are set aside. */
  private static Map<Integer, Holding> after(
      AlbumModel album, PlacingTask task, int[] placeOf, Breathing breathing) {
    Map<Integer, Holding> after = new HashMap<>();
    int[] photoAt = Placing.photoAt(placeOf, task.slots().size());
    for (int i = 0; i < photoAt.length; i++) {
      Holding held = AlbumEdits.held(album, task.slots().get(i));
      if (photoAt[i] >= 0) {
        String photo = task.problem().candidates().get(photoAt[i]).id();
        boolean stays = held != null && photo.equals(held.photo());
        after.put(i, stays ? held : Holding.ofPhoto(photo));
      }
    }
    if (breathing != Breathing.PACKED) {
      setAside(album, task, photoAt, begins(album, task, placeOf).keySet(), after);
    }
    return after;
  }

  /** What the slots of these leaves hold, once titles and words have their places. */
  static Map<String, Holding> settled(AlbumModel album, List<Leaf> leaves, Breathing breathing) {
    PlacingTask task =
        PlacingTask.of(album, PlacingTask.Scope.ALBUM, Placing.Order.STORY, breathing);
    Map<String, Holding> settled = new HashMap<>();
    int[] titled = titled(album, task, task.placeOf(album), breathing);
    after(album, task, titled, breathing)
        .forEach(
            (i, filling) -> {
              if (leaves.contains(task.slots().get(i).leaf())) {
                settled.put(task.slots().get(i).id(), filling);
              }
            });
    return settled;
  }

  /** The first placed picture of each chapter, and its place. */
  private static Map<Integer, Integer> begins(AlbumModel album, PlacingTask task, int[] placeOf) {
    Map<Integer, Integer> begins = new LinkedHashMap<>();
    for (Chapter chapter : album.chapters()) {
      Set<String> ids = chapter.photos().stream().map(StoryPhoto::id).collect(Collectors.toSet());
      IntStream.range(0, placeOf.length)
          .filter(i -> placeOf[i] >= 0)
          .filter(i -> ids.contains(task.problem().candidates().get(i).id()))
          .boxed()
          .min(Comparator.comparing(i -> placeOf[i]))
          .filter(first -> isBegin(album, task, ids, placeOf[first]))
          .ifPresent(first -> begins.put(first, placeOf[first]));
    }
    return begins;
  }

  /** Whether no earlier page has a photo of the chapter. */
  private static boolean isBegin(AlbumModel album, PlacingTask task, Set<String> ids, int place) {
    int rank = task.slots().get(place).leaf().number();
    return album.leaves().leaves().stream()
        .filter(leaf -> leaf.number() < rank)
        .flatMap(leaf -> LeafEdits.slots(leaf).stream())
        .filter(slot -> task.placeOf(slot.id()) < 0)
        .noneMatch(
            slot -> album.holding(slot.id()).map(f -> ids.contains(f.photo())).orElse(false));
  }

  private static void setAside(
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

  /**
   * Sets an empty slot aside, or gives it back to photos.
   *
   * @param aside what for; null for nothing in particular
   */
  public void setAside(long albumId, long version, String slotId, @Nullable Reservation aside) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Slot slot = AlbumEdits.slot(album, "slot", slotId);
    Holding before = AlbumEdits.held(album, slot);
    if (before != null && before.isSomething()) {
      throw new UnprocessableException(
          "slot", "Something lies in " + SlotNames.of(slot) + ". Take it out first.");
    }
    Holding after = aside == null ? null : Holding.reserved(aside, true);
    String what =
        aside == null
            ? "give back "
            : switch (aside) {
              case WORDS -> "keep for words: ";
              case TITLE -> "keep for a title: ";
              case EMPTY -> "leave empty: ";
            };
    history.step(
        seen, what + SlotNames.of(slot), List.of(new Change.OfHolding(slotId, before, after)));
  }

  /** Says how far the making of what a slot holds has come; null for not begun. */
  public void made(long albumId, long version, String slotId, @Nullable Made made) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Slot slot = AlbumEdits.slot(album, "slot", slotId);
    Holding before = AlbumEdits.held(album, slot);
    if (before == null || !before.isSomething()) {
      throw new UnprocessableException("slot", "There is nothing in " + SlotNames.of(slot) + ".");
    }
    String what = made == null ? "not cut yet: " : made == Made.CUT ? "cut: " : "stuck: ";
    history.step(
        seen,
        what + SlotNames.of(slot),
        List.of(new Change.OfHolding(slotId, before, before.withMade(made))));
  }

  /** A photo without a place and the gap it is offered to; null where none suits it. */
  public record Late(String photo, @Nullable Slot gap) {}

  /**
   * Photos that have no place, offered to the gaps of the album, while everything that has a place
   * stays. Only those that are kept are offered, or that nobody has decided on where nothing is
   * kept.
   */
  public static List<Late> late(AlbumModel album) {
    PlacingTask task =
        PlacingTask.of(album, PlacingTask.Scope.ALBUM, Placing.Order.STORY, Breathing.PACKED);
    int[] placeOf = task.placeOf(album);
    Map<Integer, Integer> placed = new HashMap<>();
    Set<String> told = new HashSet<>();
    for (int i = 0; i < placeOf.length; i++) {
      if (placeOf[i] >= 0) {
        placed.put(placeOf[i], i);
        told.add(task.problem().candidates().get(i).alternates());
      }
    }
    // A gap is a slot that holds nothing and was not set aside, by the maker or by placing.
    Map<Integer, Set<Integer>> closed = new HashMap<>();
    Set<Integer> aside = new HashSet<>();
    for (int i = 0; i < task.slots().size(); i++) {
      if (album.reservation(task.slots().get(i)).isPresent()) {
        aside.add(i);
      }
    }
    int most =
        task.problem().candidates().stream()
            .map(each -> each.wanted())
            .max(Comparator.naturalOrder())
            .orElse(0);
    List<Integer> late = new ArrayList<>();
    for (int i = 0; i < placeOf.length; i++) {
      String versions = task.problem().candidates().get(i).alternates();
      boolean wanted = task.problem().candidates().get(i).wanted() == most;
      boolean more = late.size() < MOST_LATE;
      if (more && placeOf[i] < 0 && wanted && (versions == null || told.add(versions))) {
        late.add(i);
        closed.put(i, aside);
      }
    }
    if (placed.isEmpty()) {
      return List.of();
    }
    return LateOffers.of(task.problem().withLocked(placed).withClosed(closed), late).stream()
        .map(
            offer ->
                new Late(
                    task.problem().candidates().get(offer.photo()).id(),
                    offer.place() < 0 ? null : task.slots().get(offer.place())))
        .toList();
  }

  /** Puts every late photo into the gap it is offered to; everything else stays. */
  public void putLate(long albumId, long version) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    // It says what was proposed for the album as it was seen.
    seen.requireUnchanged();
    AlbumModel album = seen.album();
    List<Change> changes = new ArrayList<>();
    for (Late late : late(album)) {
      if (late.gap() != null) {
        changes.add(
            new Change.OfHolding(
                late.gap().id(),
                AlbumEdits.held(album, late.gap()),
                Holding.ofPhoto(late.photo())));
      }
    }
    if (changes.isEmpty()) {
      throw new UnprocessableException("version", "There is no gap for a photo without a place.");
    }
    history.step(
        seen,
        "put " + LeafEdits.counted(changes.size(), "late photo", "late photos") + " into gaps",
        changes);
  }
}
