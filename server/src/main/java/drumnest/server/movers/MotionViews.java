package drumnest.server.movers;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Flap;
import drumnest.core.album.FlapNames;
import drumnest.core.album.Spread;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Turn;
import drumnest.core.mover.Clash;
import drumnest.core.mover.Cures;
import drumnest.core.mover.MoverCures;
import drumnest.core.mover.Overhang;
import drumnest.core.mover.SpreadMotion;
import drumnest.server.FieldProblemException;
import drumnest.server.frame.FlapWords;
import drumnest.server.frame.Views;
import drumnest.server.frame.Words;
import drumnest.server.stock.UnitsInUse;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Shows how the flaps of a spread move. */
final class MotionViews {

  private static final int MOST_CURES = 3;

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
   * A cure that was tried, in words, and what it makes of a flap, or of the mover that it is a part
   * of.
   *
   * @param form the measures of the flap then; left out where it is a part of a mover
   * @param moverForm those of the mover; left out for a flap by itself
   */
  record CureView(
      String text,
      String flap,
      MoverRequests.@Nullable FlapForm form,
      @Nullable MoverForm moverForm) {}

  /**
   * Two flaps in each other's way.
   *
   * @param severity error or order
   */
  record ClashView(String severity, String text, String a, String b, List<CureView> cures) {}

  /**
   * A spread in a state.
   *
   * @param open which flaps are open
   * @param seen the slots that are seen
   * @param order in which order flaps are opened from rest until no other may be
   * @param never the slots that are seen in none of its states
   * @param areas where its flaps lie
   * @param states its states, one after the other, as it is leafed
   */
  record MotionView(
      List<String> open,
      List<String> seen,
      List<String> order,
      List<String> never,
      List<AreaView> areas,
      List<StateView> states,
      List<FlapState> flaps,
      List<MoverFacts.MoverState> movers,
      List<ClashView> clashes) {}

  /** Where a flap lies on the spread. */
  record AreaView(String flap, Views.BoxView box) {}

  /** A state of the spread by its name, what is open in it, and where all of them lie. */
  record StateView(String name, List<String> open, List<AreaView> areas) {}

  /**
   * @throws FieldProblemException if one that is to be open is not on this spread
   */
  static MotionView of(AlbumModel album, Spread spread, List<String> open) {
    SpreadMotion motion = SpreadMotion.of(spread);
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
        areas(motion, state),
        states,
        motion.flaps().all().stream().map(flap -> state(motion, plans, flap, state)).toList(),
        plans.movers().stream().map(each -> MoverFacts.of(album, each)).toList(),
        clashes(album, motion, plans));
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
      SpreadMotion motion, SpreadPlans plans, Flap flap, Set<String> open) {
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
        reach(motion, flap, page),
        plans.moverOf(flap.id()).isPresent() ? null : form(motion, flap, page));
  }

  private static MoverRequests.FlapForm form(SpreadMotion motion, Flap flap, Box page) {
    Flap seen = flap.inside() ? flap.mirroredIn(motion.flap(flap.fixedTo()).orElseThrow()) : flap;
    return MoverRequests.FlapForm.of(
        seen.renamed(FlapNames::number, page.x().negated(), page.y().negated()));
  }

  private static String reach(SpreadMotion motion, Flap flap, Box page) {
    if (flap.move() == Flap.Move.STAYS) {
      return "Stuck to the page, below the others.";
    }
    Set<String> open = motion.stateFor(flap).orElse(Set.of(flap.id()));
    String past = FlapWords.past(Overhang.of(motion.area(flap, open), page));
    String when = flap.move() == Flap.Move.SLIDES ? "Drawn out" : "Open";
    String words =
        past.isEmpty()
            ? when + ", it stays on its page."
            : when + ", it reaches past its page by " + past + ".";
    return flap.insideTurn() == Turn.NONE
        ? words
        : words + " Put in what is inside standing on its head.";
  }

  private static List<ClashView> clashes(AlbumModel album, SpreadMotion motion, SpreadPlans plans) {
    Cures cures =
        new Cures(
            motion.flaps().all(),
            motion::page,
            flap -> plans.moverOf(flap.id()).isEmpty() && !flap.inside(),
            album.rules());
    return motion.flaps().clashes().stream()
        .filter(clash -> !plans.areParts(clash.a(), clash.b()))
        .map(
            clash ->
                new ClashView(
                    Words.key(clash.severity()),
                    Words.capital(FlapWords.clash(clash, plans::called)) + ".",
                    clash.a(),
                    clash.b(),
                    Stream.concat(
                            cures.of(clash, MOST_CURES).stream()
                                .map(cure -> cure(motion, plans, clash, cure)),
                            moverCures(album, motion, plans, clash))
                        .limit(MOST_CURES)
                        .toList()))
        .toList();
  }

  /** What would cure a clash by changing a mover as a whole. */
  private static Stream<CureView> moverCures(
      AlbumModel album, SpreadMotion motion, SpreadPlans plans, Clash clash) {
    return Stream.of(clash.a(), clash.b())
        .flatMap(flap -> plans.moverOf(flap).stream())
        .distinct()
        .flatMap(
            placed -> {
              Box page = motion.page(motion.flap(placed.id()).orElseThrow());
              MoverCures cures =
                  new MoverCures(
                      motion.flaps().all(), placed.mover(), placed::name, page, album.rules());
              return cures.of(clash, MOST_CURES).stream().map(cure -> cure(placed, cure));
            });
  }

  private static CureView cure(SpreadPlans.PlacedMover placed, MoverCures.Cure cure) {
    String name = placed.mover().called();
    boolean moves = cure.mover().edge() == placed.mover().edge();
    String text =
        moves
            ? "Move " + name + " " + moved(cure.right(), cure.down())
            : "Open " + name + " over the " + Words.edge(ChoiceViews.opening(cure.mover()));
    return new CureView(text, placed.id(), null, MoverForm.of(cure.mover()));
  }

  private static CureView cure(
      SpreadMotion motion, SpreadPlans plans, Clash clash, Cures.Cure cure) {
    Flap flap = cure.flap();
    String other = plans.called(flap.id().equals(clash.a()) ? clash.b() : clash.a());
    String name = plans.called(flap.id());
    String text =
        switch (cure.way()) {
          case HINGE -> "Hinge " + name + " at the " + Words.edge(flap.hinge());
          case LAY_ON -> "Lay " + name + " over " + other;
          case FIX_TO -> "Fix " + name + " to " + other;
          case SLIT -> "Put " + name + " through a slit";
          case MOVE -> "Move " + name + " " + moved(cure.right(), cure.down());
        };
    Box page = motion.page(flap);
    return new CureView(text, flap.id(), form(motion, flap, page), null);
  }

  private static String moved(Length right, Length down) {
    if (right.isZero()) {
      return UnitsInUse.text(down.max(down.negated())) + (down.isNegative() ? " up" : " down");
    }
    return UnitsInUse.text(right.max(right.negated()))
        + (right.isNegative() ? " to the left" : " to the right");
  }
}
