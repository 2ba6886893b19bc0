package drumnest.server.movers;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Flap;
import drumnest.core.album.FlapNames;
import drumnest.core.album.Spread;
import drumnest.core.measure.Box;
import drumnest.core.measure.Turn;
import drumnest.core.mover.Overhang;
import drumnest.core.mover.SpreadMotion;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.server.FieldProblemException;
import drumnest.server.frame.FlapWords;
import drumnest.server.frame.Views;
import drumnest.server.stock.UnitsInUse;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Shows how the flaps of a spread move. */
final class MotionViews {

  private MotionViews() {}

  /**
   * A flap in a state of its spread.
   *
   * @param may whether it may be opened, or closed where it is open
   * @param hindrances what is in the way, a sentence each
   * @param reach where it opens to, in a sentence
   * @param form its measures; left out where it is a part of a mover, which has them
   */
  record FlapState(
      String id,
      boolean open,
      boolean may,
      List<String> hindrances,
      String reach,
      MoverRequests.@Nullable FlapForm form) {}

  /**
   * A spread in a state.
   *
   * @param open which flaps are open
   * @param seen the slots that are seen
   * @param order in which order flaps are opened from rest until no other may be
   * @param never the slots that are seen in none of its states
   * @param unmarked the outsides of what moves though nothing says so
   * @param areas where its flaps lie
   * @param states its states, one after the other, as it is leafed
   */
  record MotionView(
      List<String> open,
      List<String> seen,
      List<String> order,
      List<String> never,
      List<String> unmarked,
      List<AreaView> areas,
      List<StateView> states,
      List<FlapState> flaps,
      List<MoverFacts.MoverState> movers,
      List<ClashViews.ClashView> clashes) {}

  /** Where a flap lies on the spread. */
  record AreaView(String flap, Views.BoxView box) {}

  /** A state of the spread by its name, what is open in it, and where all of them lie. */
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
    return new MotionView(
        List.copyOf(state),
        List.copyOf(motion.seen(state)),
        motion.openingOrder(),
        never(motion, states),
        motion.flaps().all().stream()
            .filter(plans::isUnmarked)
            .map(flap -> FlapNames.outside(flap.id()))
            .toList(),
        areas(motion, state),
        states,
        motion.flaps().all().stream()
            .map(flap -> state(motion, plans, flap, state, album.rules()))
            .toList(),
        plans.movers().stream().map(each -> MoverFacts.of(album, each)).toList(),
        new ClashViews(album, motion, plans).clashes());
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
                          state -> states.putIfAbsent(state, mover.mover().called() + ", open")));
    }
    states.putIfAbsent(new LinkedHashSet<>(motion.openingOrder()), "everything open");
    return states.entrySet().stream()
        .map(state -> state(motion, state.getValue(), state.getKey()))
        .toList();
  }

  private static StateView state(SpreadMotion motion, String name, Set<String> open) {
    return new StateView(name, List.copyOf(open), areas(motion, open));
  }

  private static List<AreaView> areas(SpreadMotion motion, Set<String> open) {
    return motion.flaps().all().stream()
        .map(flap -> new AreaView(flap.id(), Views.BoxView.of(motion.area(flap, open))))
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

  private static List<String> never(SpreadMotion motion, List<StateView> states) {
    Set<String> never = new LinkedHashSet<>(motion.slots());
    states.forEach(state -> never.removeAll(motion.seen(new LinkedHashSet<>(state.open()))));
    return List.copyOf(never);
  }

  private static FlapState state(
      SpreadMotion motion, SpreadPlans plans, Flap flap, Set<String> open, HouseRules rules) {
    List<String> hindrances =
        motion.hindrances(flap, open).stream()
            .map(
                hindrance ->
                    switch (hindrance.why()) {
                      case OPEN_FIRST -> "Open " + plans.called(hindrance.other()) + " first.";
                      case CLOSE_FIRST -> "Close " + plans.called(hindrance.other()) + " first.";
                      case STUCK ->
                          "The strip of " + plans.called(hindrance.other()) + " holds it shut.";
                      case FLAT -> "It is stuck down.";
                    })
            .toList();
    Box page = motion.page(flap);
    return new FlapState(
        flap.id(),
        open.contains(flap.id()),
        hindrances.isEmpty(),
        hindrances,
        reach(motion, flap, page, rules),
        plans.moverOf(flap.id()).isPresent() ? null : form(motion, flap, page));
  }

  /** The measures of a flap on its page, as it is seen when it can be reached. */
  static MoverRequests.FlapForm form(SpreadMotion motion, Flap flap, Box page) {
    Flap seen = flap.inside() ? flap.mirroredIn(motion.flap(flap.fixedTo()).orElseThrow()) : flap;
    return MoverRequests.FlapForm.of(
        seen.renamed(FlapNames::number, page.x().negated(), page.y().negated()));
  }

  private static String overGutter(SpreadMotion motion, Flap flap, Set<String> open) {
    return motion
        .overGutter(flap, open)
        .map(
            over ->
                over.isPositive()
                    ? " It lies over the rings, and over the facing page by "
                        + UnitsInUse.text(over)
                        + "."
                    : " It lies over the rings.")
        .orElse("");
  }

  private static String reach(SpreadMotion motion, Flap flap, Box page, HouseRules rules) {
    if (flap.move() == Flap.Move.STAYS) {
      return "Stuck to the page, below the others.";
    }
    Set<String> open = motion.stateFor(flap).orElse(Set.of(flap.id()));
    Overhang overhang = Overhang.of(motion.area(flap, open), page);
    Optional<Box> grip = motion.gripArea(flap, open, rules);
    String past =
        FlapWords.past(grip.map(box -> overhang.or(Overhang.of(box, page))).orElse(overhang));
    String when = flap.move() == Flap.Move.SLIDES ? "Drawn out" : "Open";
    String words =
        past.isEmpty()
            ? when + ", it stays on its page."
            : when + ", it reaches past its page by " + past + "." + overGutter(motion, flap, open);
    return flap.insideTurn() == Turn.NONE
        ? words
        : words + " Put in what is inside standing on its head.";
  }
}
