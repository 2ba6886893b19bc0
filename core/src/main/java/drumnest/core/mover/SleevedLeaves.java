package drumnest.core.mover;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Holding;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Holds;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.LeafState;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.album.leaf.Spread;
import drumnest.core.mover.MoverSuggestions.Sleeves;
import drumnest.core.mover.MoverSuggestions.SuggestedMover;
import drumnest.core.mover.MoverSuggestions.Suggestion;
import drumnest.core.place.AlbumPlaces;
import drumnest.core.place.AlbumPlacing;
import drumnest.core.place.Candidate;
import drumnest.core.place.Candidates;
import drumnest.core.place.LeafPlanning;
import drumnest.core.place.Placement;
import drumnest.core.place.Placing;
import drumnest.core.place.Weights;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Sleeves over the leaves of a plan, for the pictures that its pages have no place for: on each
 * spread those of {@link MoverSuggestions}, none in the way of another and no more than there are;
 * then the pictures of the spread are placed anew, in story order, into the places that held one
 * before and into the sleeves. A spread on which that finds room for no more of them stays as it
 * was. Source: common practice, no source.
 */
public final class SleevedLeaves {

  private final List<Integer> keys;
  private final List<Sleeves> sleeves;
  private final int[] used;
  private AlbumModel album;

  private SleevedLeaves(AlbumModel album, List<Leaf> leaves, List<Sleeves> sleeves) {
    this.album = album;
    this.keys = leaves.stream().map(Leaf::key).toList();
    this.sleeves = sleeves;
    this.used = new int[sleeves.size()];
  }

  /**
   * The album with sleeves.
   *
   * @param album as the leaves lie in it, with their pictures
   * @param leaves the leaves of the plan, one after the other
   * @param waiting what goes into sleeves, by spread: first what is over the front of the first
   *     leaf, last what is over the back of the last
   * @param sleeves how many of each are left
   */
  public static AlbumModel of(
      AlbumModel album, List<Leaf> leaves, List<List<String>> waiting, List<Sleeves> sleeves) {
    SleevedLeaves sleeved = new SleevedLeaves(album, leaves, sleeves);
    for (int spread = 0; spread < waiting.size(); spread++) {
      if (!waiting.get(spread).isEmpty()) {
        sleeved.put(spread, waiting.get(spread));
      }
    }
    return sleeved.album;
  }

  /** Tells what planning leaves may count on. */
  public static LeafPlanning.Sleeves countedOn(List<Sleeves> sleeves) {
    boolean any = sleeves.stream().anyMatch(each -> each.left() == null);
    int most = sleeves.stream().mapToInt(each -> each.left() == null ? 0 : 2 * each.left()).sum();
    return new LeafPlanning.Sleeves(
        sleeves.stream().map(Sleeves::insert).distinct().toList(),
        any ? null : Integer.valueOf(most));
  }

  /** How many pictures sleeves over a side of a leaf hold, as far as planning looks. */
  public static int room(Leaf leaf, Side side, List<Sleeves> sleeves, HouseRules rules) {
    Spread alone = new Spread(side == Side.FRONT ? 0 : 1, List.of(leaf));
    int most = LeafPlanning.SLACK;
    return Math.min(
        most, suggested(alone, most, sleeves, rules).stream().mapToInt(Suggestion::faces).sum());
  }

  /** Single sleeves where those are enough, which takes the fewest; else chains too. */
  private static List<Suggestion> suggested(
      Spread spread, int wanted, List<Sleeves> sleeves, HouseRules rules) {
    List<Suggestion> single =
        suggested(spread, wanted, sleeves, EnumSet.of(SuggestedMover.FLAP), rules);
    return single.stream().mapToInt(Suggestion::faces).sum() >= wanted
        ? single
        : suggested(
            spread, wanted, sleeves, EnumSet.of(SuggestedMover.FLAP, SuggestedMover.CHAIN), rules);
  }

  private static List<Suggestion> suggested(
      Spread spread,
      int wanted,
      List<Sleeves> sleeves,
      Set<SuggestedMover> kinds,
      HouseRules rules) {
    return MoverSuggestions.of(
        spread, wanted, sleeves, kinds, rules.length(HouseRule.MOVER_THICKNESS), rules);
  }

  private List<Sleeves> left() {
    return IntStream.range(0, used.length)
        .mapToObj(
            i -> {
              Sleeves each = sleeves.get(i);
              Integer left = each.left() == null ? null : Integer.valueOf(each.left() - used[i]);
              return new Sleeves(each.insert(), each.hinge(), left);
            })
        .toList();
  }

  /** The spread of the plan alone, without the leaves that were there before. */
  private Spread spread(AlbumModel in, int number) {
    return new Spread(
        number, in.leaves().leaves().stream().filter(leaf -> keys.contains(leaf.key())).toList());
  }

  private void put(int number, List<String> waiting) {
    Spread before = spread(album, number);
    Set<String> held = held(album, before.slots()).keySet();
    List<Suggestion> suggested = suggested(before, waiting.size(), left(), album.rules());
    if (suggested.isEmpty()) {
      return;
    }
    AlbumModel with = album.as(states(suggested), Map.of());
    List<Slot> slots =
        spread(with, number).slots().stream()
            .filter(slot -> slot.kind().isOfPage() ? held.contains(slot.id()) : isOpen(slot))
            .toList();
    Collection<String> there = held(album, before.slots()).values();
    // What has a place is not to lose it to what waits.
    for (int more = waiting.size(); more > 0; more--) {
      Set<String> photos = new LinkedHashSet<>(there);
      photos.addAll(waiting.subList(0, more));
      AlbumModel next = with.with(placed(with, slots, photos));
      Collection<String> then = held(next, slots).values();
      if (then.size() > there.size() && then.containsAll(there)) {
        finish(next, suggested);
        return;
      }
    }
  }

  private static boolean isOpen(Slot slot) {
    return slot.holds() == Holds.PHOTO && !slot.neverSeen();
  }

  /** The photos in some slots, by the slots' names. */
  private static Map<String, String> held(AlbumModel in, List<Slot> slots) {
    Map<String, String> held = new LinkedHashMap<>();
    for (Slot slot : slots) {
      in.seated(slot).ifPresent(seated -> held.put(slot.id(), seated.photo().id()));
    }
    return held;
  }

  /** The leaves with what is suggested on them. */
  private Map<Integer, LeafState> states(List<Suggestion> suggested) {
    Map<Integer, Leaf> leaves = new HashMap<>();
    Map<Integer, LeafState> states = new LinkedHashMap<>(album.leafStates());
    for (Suggestion each : suggested) {
      Leaf leaf = leaves.getOrDefault(each.at().leaf().key(), each.at().leaf());
      Side face = leaf.face(each.at().side());
      Slot at =
          leaf.slots(each.at().side(), 0).stream()
              .filter(slot -> slot.id().equals(each.at().id()))
              .findFirst()
              .orElseThrow();
      PagePlan plan = with(leaf.plan(face), at, each);
      leaves.put(leaf.key(), leaf.withPlan(face, plan));
      states.compute(leaf.key(), (key, state) -> state.withPlan(face, plan));
    }
    return states;
  }

  private PagePlan with(PagePlan plan, Slot at, Suggestion suggestion) {
    if (suggestion.kind() == SuggestedMover.FLAP) {
      return FlapChoices.over(at, at.takes(), Flap.Body.SLEEVE, album.rules()).stream()
          .map(FlapChoices.Choice::flap)
          .filter(flap -> flap.hinge() == suggestion.edge())
          .findFirst()
          .map(plan::with)
          .orElseThrow();
    }
    return MoverChoices.everyEdge(at, album.rules()).stream()
        .filter(choice -> choice.mover().mechanism() instanceof Mechanism.Chain)
        .filter(choice -> choice.mover().edge() == suggestion.edge())
        .findFirst()
        .map(choice -> plan.with(choice.mover(), choice.flaps()))
        .orElseThrow();
  }

  /** Tells what some slots hold, once photos are placed in them in story order. */
  private static Map<String, @Nullable Holding> placed(
      AlbumModel with, List<Slot> slots, Set<String> photos) {
    List<Candidate> candidates = Candidates.only(with, photos);
    HouseRules rules = with.rules();
    Placement placement =
        Placing.by(Placing.Order.STORY)
            .place(
                new Placing.Problem(
                    candidates,
                    AlbumPlaces.of(with, slots),
                    Map.of(),
                    Placing.Order.STORY,
                    Weights.of(rules),
                    rules))
            .placement();
    Map<String, @Nullable Holding> placed = new HashMap<>();
    slots.forEach(slot -> placed.put(slot.id(), null));
    for (int photo = 0; photo < placement.photos(); photo++) {
      if (placement.isPlaced(photo)) {
        Slot slot = slots.get(placement.placeOf(photo));
        placed.put(slot.id(), AlbumPlacing.placed(with, slot, candidates.get(photo).id()));
      }
    }
    return placed;
  }

  /** Takes the sleeves away that hold nothing, and counts the others. */
  private void finish(AlbumModel with, List<Suggestion> suggested) {
    Map<Integer, LeafState> states = new LinkedHashMap<>(with.leafStates());
    Set<Integer> concerned =
        suggested.stream().map(each -> each.at().leaf().key()).collect(Collectors.toSet());
    for (Leaf leaf : with.leaves().leaves()) {
      if (concerned.contains(leaf.key())) {
        for (Side side : Side.values()) {
          Side face = leaf.face(side);
          PagePlan plan = withoutEmpty(with, leaf, side);
          states.compute(leaf.key(), (key, state) -> state.withPlan(face, plan));
        }
      }
    }
    AlbumModel next = with.as(states, Map.of());
    for (Suggestion each : suggested) {
      used[each.sleeves()] += sleevesAt(next, each);
    }
    album = next;
  }

  private static PagePlan withoutEmpty(AlbumModel with, Leaf leaf, Side side) {
    PagePlan plan = leaf.plan(leaf.face(side));
    Set<String> holding = new HashSet<>();
    for (Slot slot : leaf.slots(side, 0)) {
      if (!slot.kind().isOfPage() && with.isFilled(slot)) {
        holding.addAll(plan.goingWith(String.valueOf(slot.number())));
      }
    }
    PagePlan next = plan;
    for (Flap flap : plan.flaps()) {
      if (!holding.contains(flap.id()) && next.flap(flap.id()).isPresent()) {
        next = next.without(flap.id());
      }
    }
    return next;
  }

  /** How many of the sleeves of a suggestion are still there. */
  private static int sleevesAt(AlbumModel in, Suggestion suggestion) {
    Leaf leaf =
        in.leaves().leaves().stream()
            .filter(each -> each.key() == suggestion.at().leaf().key())
            .findFirst()
            .orElseThrow();
    boolean there =
        !Flap.hiding(leaf.plan(leaf.face(suggestion.at().side())).flaps(), suggestion.at().box())
            .isEmpty();
    return there ? suggestion.used() : 0;
  }
}
