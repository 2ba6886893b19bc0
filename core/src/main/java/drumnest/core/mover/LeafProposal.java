package drumnest.core.mover;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Holding;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.LeafState;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.mover.MoverSuggestions.Sleeves;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Chapter;
import drumnest.core.photo.Choice;
import drumnest.core.photo.Stack;
import drumnest.core.place.AlbumPlaces;
import drumnest.core.place.AlbumPlacing;
import drumnest.core.place.Breathing;
import drumnest.core.place.Candidate;
import drumnest.core.place.Candidates;
import drumnest.core.place.GapFilling;
import drumnest.core.place.LeafChoices;
import drumnest.core.place.LeafPlanning;
import drumnest.core.place.Place;
import drumnest.core.place.PlacingTask;
import drumnest.core.place.ProgressMonitor;
import drumnest.core.place.Weights;
import drumnest.core.stock.LeafType;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Leaves that are proposed for the photos of an album that have no place: up to three plans, each
 * best at something, that with the least paper first. Empty places are filled first; leaves on
 * which nothing is settled may be taken out. Source: common practice, no source.
 *
 * @param request what was wanted
 * @param goes the leaves that would be taken out
 * @param waiting the photos that are to be placed
 * @param candidates those of them for new leaves, as the plans count them
 * @param filled photos that go into empty places which are there already, by slot
 * @param owned how many are left to use, by their keys; what nobody has counted is missing
 * @param sleeves the sleeves that are left to use; none where none are counted on
 * @param choices plans that are each best at something; none where nothing is to be placed
 * @param nothing why nothing is to be placed; null where something is
 */
public record LeafProposal(
    AlbumModel album,
    Request request,
    List<Leaf> goes,
    List<Candidate> waiting,
    List<Candidate> candidates,
    Map<String, String> filled,
    Map<String, LeafType> types,
    Map<String, Integer> owned,
    List<Sleeves> sleeves,
    List<LeafChoices.Choice> choices,
    @Nullable Nothing nothing) {

  /**
   * A request for leaves.
   *
   * @param kinds the kinds of leaves that may be used, by their keys
   * @param breathing how much of a page is left to breathe
   * @param mostLeaves how many leaves may be used; null for as many as needed
   * @param freshPages whether every chapter begins on a page of its own, or only those that are
   *     worth one
   * @param undecided whether photos that nobody has decided on are to be placed too
   * @param anew whether leaves on which nothing is settled are taken out, and their photos placed
   *     again; else only what has no place gets leaves, at the end of the album
   * @param sleeves whether sleeves over the new pages are counted on, as many as there are
   */
  public record Request(
      List<String> kinds,
      Breathing breathing,
      @Nullable Integer mostLeaves,
      boolean freshPages,
      boolean undecided,
      boolean anew,
      boolean sleeves) {}

  /** Why nothing is to be placed. */
  public enum Nothing {
    /** There are no photos. */
    NO_PHOTOS,
    /** None is kept, and those that nobody has decided on are not asked for. */
    NONE_KEPT,
    /** All that are kept have a place. */
    KEPT_PLACED,
    /** All have a place. */
    ALL_PLACED
  }

  /** How much is left to use besides what an album uses. */
  public interface Stock {

    /** How many leaves of each kind, by their keys; what nobody has counted is missing. */
    Map<String, Integer> leaves(AlbumModel staying);

    List<Sleeves> sleeves(AlbumModel staying);
  }

  /** The album as it would be with a plan: with places set aside, as its pages breathe. */
  public AlbumModel with(LeafChoices.Choice choice) {
    LeafPlanning.Plan plan = choice.plan();
    AlbumModel staying = without(album, goes);
    Map<Integer, LeafState> states = new LinkedHashMap<>(staying.leafStates());
    Map<String, @Nullable Holding> held = new HashMap<>();
    filled.forEach(
        (slot, photo) ->
            held.put(slot, AlbumPlacing.placed(album, album.slot(slot).orElseThrow(), photo)));
    int number = states.size() + 1;
    int key = album.nextLeafKey();
    for (LeafPlanning.PlannedLeaf planned : plan.leaves()) {
      Leaf leaf = Leaf.of(key, number, types.get(planned.kind().key()));
      states.put(key++, LeafState.of(planned.kind().key()));
      number++;
      hold(leaf.slots(Side.FRONT, 0), planned.front(), held);
      hold(leaf.slots(Side.BACK, 0), planned.back(), held);
    }
    AlbumModel laid = staying.as(states, held);
    List<Leaf> added = added(laid, plan);
    Map<String, @Nullable Holding> settled = new HashMap<>();
    added.forEach(leaf -> leaf.slots().forEach(slot -> settled.put(slot.id(), null)));
    settled.putAll(AlbumPlacing.settled(laid, added, request.breathing()));
    return SleevedLeaves.of(laid.with(settled), added, inSleeves(plan), sleeves);
  }

  /** The photos that go into sleeves, by spread. */
  private List<List<String>> inSleeves(LeafPlanning.Plan plan) {
    List<List<String>> photos = new ArrayList<>();
    for (int spread = 0; spread <= plan.leaves().size(); spread++) {
      List<Integer> over = new ArrayList<>();
      if (spread > 0) {
        over.addAll(plan.leaves().get(spread - 1).overBack());
      }
      if (spread < plan.leaves().size()) {
        over.addAll(plan.leaves().get(spread).overFront());
      }
      photos.add(over.stream().map(photo -> candidates.get(photo).id()).toList());
    }
    return photos;
  }

  private void hold(List<Slot> slots, List<Integer> photoAt, Map<String, @Nullable Holding> held) {
    for (int i = 0; i < photoAt.size(); i++) {
      if (photoAt.get(i) >= 0) {
        held.put(
            slots.get(i).id(),
            AlbumPlacing.placed(album, slots.get(i), candidates.get(photoAt.get(i)).id()));
      }
    }
  }

  /** The leaves of a plan as they would lie in the album. */
  public static List<Leaf> added(AlbumModel with, LeafPlanning.Plan plan) {
    List<Leaf> all = with.leaves().leaves();
    return all.subList(all.size() - plan.leaves().size(), all.size());
  }

  /**
   * @param types the kinds of leaves that may be used, by their keys
   * @param mostInAlbum how many leaves an album may have
   */
  public static LeafProposal of(
      AlbumModel album,
      Request request,
      Map<String, LeafType> types,
      Stock stock,
      int mostInAlbum,
      ProgressMonitor monitor) {
    List<Leaf> goes = request.anew() ? loose(album) : List.of();
    AlbumModel staying = without(album, goes);
    Map<String, Integer> owned = stock.leaves(staying);
    List<Sleeves> sleeves = request.sleeves() ? stock.sleeves(staying) : List.of();
    Map<String, Candidate> waiting = waiting(album, request, goes);
    if (waiting.isEmpty()) {
      return new LeafProposal(
          album,
          request,
          goes,
          List.of(),
          List.of(),
          Map.of(),
          types,
          owned,
          sleeves,
          List.of(),
          nothing(album, request));
    }
    Map<String, String> filled = filled(staying, waiting, request.breathing());
    List<List<Candidate>> chapters = chapters(album, waiting, filled.values());
    List<LeafPlanning.LeafKind> kinds = new ArrayList<>();
    types.forEach(
        (key, type) -> {
          Leaf leaf = Leaf.of(1, 1, type);
          kinds.add(
              new LeafPlanning.LeafKind(
                  key,
                  places(leaf, Side.FRONT),
                  places(leaf, Side.BACK),
                  owned.get(key),
                  room(leaf, Side.FRONT, sleeves, album),
                  room(leaf, Side.BACK, sleeves, album)));
        });
    int stay = album.leaves().leaves().size() - goes.size();
    int most = Math.min(mostInAlbum - stay, LeafPlanning.MOST_LEAVES);
    List<LeafChoices.Choice> choices =
        chapters.isEmpty()
            ? List.of(LeafChoices.noLeaves())
            : LeafChoices.of(
                new LeafPlanning.Request(
                    chapters,
                    kinds,
                    SleevedLeaves.countedOn(sleeves),
                    request.breathing(),
                    request.mostLeaves() == null ? most : Math.min(most, request.mostLeaves()),
                    request.freshPages(),
                    stay,
                    3,
                    Weights.of(album.rules()),
                    album.rules()),
                monitor);
    return new LeafProposal(
        album,
        request,
        goes,
        List.copyOf(waiting.values()),
        chapters.stream().flatMap(List::stream).toList(),
        filled,
        types,
        owned,
        sleeves,
        choices,
        null);
  }

  private static int room(Leaf leaf, Side side, List<Sleeves> sleeves, AlbumModel album) {
    return sleeves.isEmpty() ? 0 : SleevedLeaves.room(leaf, side, sleeves, album.rules());
  }

  /** The album without some of its leaves, the others numbered anew. */
  private static AlbumModel without(AlbumModel album, List<Leaf> goes) {
    Map<String, @Nullable Holding> emptied = new HashMap<>();
    goes.forEach(leaf -> leaf.slots().forEach(slot -> emptied.put(slot.id(), null)));
    Map<Integer, LeafState> stay = new LinkedHashMap<>(album.leafStates());
    goes.forEach(leaf -> stay.remove(leaf.key()));
    return album.as(stay, emptied);
  }

  /** Photos for the empty places of the leaves that stay, by slot. */
  private static Map<String, String> filled(
      AlbumModel staying, Map<String, Candidate> waiting, Breathing breathing) {
    PlacingTask gaps = PlacingTask.ofGaps(staying, waiting.keySet(), breathing);
    Map<String, String> filled = new LinkedHashMap<>();
    GapFilling.of(gaps.problem())
        .forEach((place, photo) -> filled.put(gaps.slots().get(place).id(), photo));
    return filled;
  }

  private static Nothing nothing(AlbumModel album, Request request) {
    if (album.line().isEmpty()) {
      return Nothing.NO_PHOTOS;
    }
    if (request.undecided()) {
      return Nothing.ALL_PLACED;
    }
    return album.line().stream().anyMatch(photo -> photo.choosing().choice() == Choice.KEEP)
        ? Nothing.KEPT_PLACED
        : Nothing.NONE_KEPT;
  }

  /** Leaves on which nothing is locked, cut, stuck, laid, planned or measured. */
  private static List<Leaf> loose(AlbumModel album) {
    return album.leaves().leaves().stream()
        .filter(
            leaf ->
                leaf.plan().isEmpty()
                    && leaf.reversePlan().isEmpty()
                    && leaf.slots().stream().noneMatch(slot -> isSettled(album, slot)))
        .toList();
  }

  private static boolean isSettled(AlbumModel album, Slot slot) {
    Holding held = album.held(slot);
    boolean settled = held != null && (held.isFixed() || held.ephemera() != null);
    return settled || album.ownOpening(slot).isPresent();
  }

  /** The photos that are to be placed, by their names. */
  private static Map<String, Candidate> waiting(
      AlbumModel album, Request request, List<Leaf> goes) {
    Set<String> loose =
        goes.stream()
            .flatMap(leaf -> leaf.slots().stream())
            .map(Slot::id)
            .collect(Collectors.toSet());
    Map<String, Stack> stackOf = album.stackOf();
    Set<String> wanted = new HashSet<>();
    Set<String> told = new HashSet<>();
    for (AlbumPhoto photo : album.line()) {
      String id = photo.id();
      Slot slot = album.slotOf(id).orElse(null);
      if (slot != null && !loose.contains(slot.id())) {
        told.add(album.story().alternates().get(id));
      } else if (isWanted(photo, stackOf, request)) {
        wanted.add(id);
      }
    }
    Map<String, Candidate> waiting = new LinkedHashMap<>();
    Candidates.of(album, Set.of()).stream()
        .filter(each -> wanted.contains(each.id()))
        .filter(each -> each.alternates() == null || !told.contains(each.alternates()))
        .forEach(each -> waiting.put(each.id(), each));
    return waiting;
  }

  /** Those for new leaves, by chapters: all but those that have a place, and their versions. */
  private static List<List<Candidate>> chapters(
      AlbumModel album, Map<String, Candidate> waiting, Collection<String> filled) {
    Map<String, Candidate> candidates = new HashMap<>(waiting);
    Set<String> told = new HashSet<>();
    filled.forEach(photo -> told.add(waiting.get(photo).alternates()));
    told.remove(null);
    candidates.keySet().removeAll(filled);
    candidates.values().removeIf(each -> told.contains(each.alternates()));
    List<List<Candidate>> chapters = new ArrayList<>();
    for (Chapter chapter : album.chapters()) {
      List<Candidate> photos =
          chapter.photos().stream()
              .map(photo -> candidates.get(photo.id()))
              .filter(each -> each != null)
              .toList();
      if (!photos.isEmpty()) {
        chapters.add(photos);
      }
    }
    return chapters;
  }

  private static boolean isWanted(AlbumPhoto photo, Map<String, Stack> stackOf, Request request) {
    Choice choice = photo.choosing().choice();
    Stack stack = stackOf.get(photo.id());
    boolean best = stack == null || stack.best().id().equals(photo.id());
    return choice == Choice.KEEP || request.undecided() && choice == Choice.OPEN && best;
  }

  private static List<Place> places(Leaf leaf, Side side) {
    List<Slot> slots = leaf.slots(side, 0);
    List<Place> places = new ArrayList<>();
    for (int i = 0; i < slots.size(); i++) {
      Slot slot = slots.get(i);
      boolean touches = i + 1 < slots.size() && slot.touches(slots.get(i + 1));
      places.add(
          new Place(
              slot.id(),
              slot.takes(),
              slot.printOutline(),
              false,
              false,
              new Place.At(0, 0, AlbumPlaces.low(slot), false, touches, false)));
    }
    return places;
  }
}
