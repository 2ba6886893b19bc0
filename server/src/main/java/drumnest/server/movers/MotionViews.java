package drumnest.server.movers;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.leaf.FlapNames;
import drumnest.core.album.leaf.Spread;
import drumnest.core.mover.SpreadMotion;
import drumnest.core.stock.HouseRule;
import drumnest.server.FieldProblemException;
import drumnest.server.frame.Views;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Shows how the flaps of a spread move. */
final class MotionViews {

  private MotionViews() {}

  /**
   * A spread in a state.
   *
   * @param open which flaps are open
   * @param seen the slots that are seen
   * @param order in which order flaps are opened from rest until no other may be
   * @param never the slots that are seen in none of its states
   * @param closed how many places are seen at rest
   * @param opened how many are seen in the one or the other state
   * @param unmarked the outsides of what moves though nothing says so
   * @param areas where its flaps lie, the lowest first
   * @param states its states, one after the other, as it is leafed
   * @param mark how far ruler marks lie apart, from which to which edges are moved
   */
  record MotionView(
      List<String> open,
      List<String> seen,
      List<String> order,
      List<String> never,
      int closed,
      int opened,
      List<String> unmarked,
      List<AreaView> areas,
      List<StateView> states,
      List<FlapStates.FlapState> flaps,
      List<MoverState> movers,
      List<ClashViews.ClashView> clashes,
      Views.LengthView mark) {}

  /**
   * Where a flap lies on the spread.
   *
   * @param level how many layers up: on the page 1
   */
  record AreaView(String flap, Views.BoxView box, int level) {}

  /**
   * A state of the spread by its name, what is open in it, and where all of them lie, the lowest
   * first.
   */
  record StateView(String name, List<String> open, List<AreaView> areas) {}

  /**
   * @throws FieldProblemException if one that is to be open is not on this spread
   */
  static MotionView of(AlbumModel album, Spread spread, List<String> open) {
    SpreadMotion motion = SpreadMotion.of(spread, album.rules().length(HouseRule.PUNCHED_STRIP));
    for (String id : open) {
      if (motion.flap(id).isEmpty()) {
        throw new FieldProblemException("open", "There is no flap “" + id + "” on this spread.");
      }
    }
    Set<String> state = new LinkedHashSet<>(open);
    SpreadPlans plans = new SpreadPlans(spread);
    List<StateView> states = states(motion, plans);
    List<String> never = never(album, motion, states);
    return new MotionView(
        List.copyOf(state),
        List.copyOf(motion.seen(state)),
        motion.openingOrder(),
        never,
        (int) motion.seen(Set.of()).stream().filter(motion.slots()::contains).count(),
        opened(motion, states),
        motion.flaps().all().stream()
            .filter(plans::isUnmarked)
            .map(flap -> FlapNames.outside(flap.id()))
            .toList(),
        areas(motion, state),
        states,
        new FlapStates(album, spread, motion, plans).of(state),
        plans.movers().stream().map(each -> MoverState.of(album, each)).toList(),
        new ClashViews(album, motion, plans).clashes(),
        Views.LengthView.of(album.rules().length(HouseRule.TRIMMER_MARK)));
  }

  /**
   * At rest; each that is opened with what must be; chains and accordions pulled out; everything.
   */
  private static List<StateView> states(SpreadMotion motion, SpreadPlans plans) {
    Map<Set<String>, String> states = new LinkedHashMap<>();
    states.put(Set.of(), "at rest");
    for (Flap flap : motion.flaps().all()) {
      motion.stateFor(flap).ifPresent(state -> states.putIfAbsent(state, plans.called(flap.id())));
      plans
          .moverEndingWith(flap.id())
          .filter(mover -> mover.mover().mechanism().parts() > 1)
          .ifPresent(
              mover ->
                  pulledOut(motion, mover)
                      .ifPresent(
                          state -> states.putIfAbsent(state, plans.called(mover) + ", open")));
    }
    states.putIfAbsent(new LinkedHashSet<>(motion.openingOrder()), "everything open");
    return states.entrySet().stream()
        .map(state -> state(motion, state.getValue(), state.getKey()))
        .toList();
  }

  /** How many slots are seen in the one or the other state. */
  private static int opened(SpreadMotion motion, List<StateView> states) {
    Set<String> seen = new LinkedHashSet<>();
    states.forEach(state -> seen.addAll(motion.seen(new LinkedHashSet<>(state.open()))));
    seen.retainAll(motion.slots());
    return seen.size();
  }

  private static StateView state(SpreadMotion motion, String name, Set<String> open) {
    return new StateView(name, List.copyOf(open), areas(motion, open));
  }

  private static List<AreaView> areas(SpreadMotion motion, Set<String> open) {
    Map<String, Integer> levels = motion.levels(open);
    return motion.flaps().all().stream()
        .map(
            flap ->
                new AreaView(
                    flap.id(), Views.BoxView.of(motion.area(flap, open)), levels.get(flap.id())))
        .sorted(Comparator.comparingInt(AreaView::level))
        .toList();
  }

  /** All of a mover open, with what must be open for it. */
  private static Optional<Set<String>> pulledOut(
      SpreadMotion motion, SpreadPlans.PlacedMover mover) {
    Set<String> open = new LinkedHashSet<>();
    for (String part : mover.parts()) {
      Flap flap = motion.flap(part).orElseThrow();
      if (flap.move() != Flap.Move.STAYS) {
        Optional<Set<String>> state = motion.stateFor(flap);
        if (state.isEmpty()) {
          return state;
        }
        open.addAll(state.get());
      }
    }
    return Optional.of(open);
  }

  /** But for what something is stuck down over and that holds nothing: nobody looks for it. */
  private static List<String> never(AlbumModel album, SpreadMotion motion, List<StateView> states) {
    Set<String> never = new LinkedHashSet<>(motion.slots());
    never.removeIf(
        id -> album.slot(id).filter(slot -> slot.neverSeen() && !album.isFilled(slot)).isPresent());
    states.forEach(state -> never.removeAll(motion.seen(new LinkedHashSet<>(state.open()))));
    return List.copyOf(never);
  }
}
