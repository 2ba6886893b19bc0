package drumnest.server.movers;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.MoverKind;
import drumnest.core.album.leaf.FlapNames;
import drumnest.core.album.leaf.PageSide;
import drumnest.core.album.leaf.Spread;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Turn;
import drumnest.core.mover.LyingFlat;
import drumnest.core.mover.Overhang;
import drumnest.core.mover.SpreadMotion;
import drumnest.core.mover.kind.SharedSlit;
import drumnest.core.stock.HouseRule;
import drumnest.server.frame.FlapWords;
import drumnest.server.stock.RuleText;
import drumnest.server.stock.UnitsInUse;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Shows each flap in a state of its spread. */
final class FlapStates {

  /**
   * A flap in a state of its spread.
   *
   * @param may whether it may be opened, or closed where it is open
   * @param hindrances what is in the way, a sentence each
   * @param reach where it opens to, in a sentence
   * @param thick how thick it is there
   * @param notes what keeps it from lying flat, a sentence each
   * @param slit how long its slit in the protector is; left out where it has none
   * @param form its measures; left out where it is a part of a mover, which has them
   */
  record FlapState(
      String id,
      boolean open,
      boolean may,
      List<String> hindrances,
      String reach,
      String thick,
      List<String> notes,
      @Nullable String slit,
      MoverRequests.@Nullable FlapForm form) {}

  private final AlbumModel album;
  private final SpreadMotion motion;
  private final SpreadPlans plans;
  private final LyingFlat lying;

  FlapStates(AlbumModel album, Spread spread, SpreadMotion motion, SpreadPlans plans) {
    this.album = album;
    this.motion = motion;
    this.plans = plans;
    this.lying = new LyingFlat(album, spread, motion);
  }

  List<FlapState> of(Set<String> open) {
    return motion.flaps().all().stream().map(flap -> of(flap, open)).toList();
  }

  private FlapState of(Flap flap, Set<String> open) {
    List<String> hindrances = motion.hindrances(flap, open).stream().map(this::words).toList();
    PageSide page = plans.page(flap.id()).orElseThrow();
    LyingFlat.Thickness thickness = lying.thickness(flap, page);
    return new FlapState(
        flap.id(),
        open.contains(flap.id()),
        hindrances.isEmpty(),
        hindrances,
        reach(flap),
        RuleText.thickness(thickness.here())
            + " as it is filled now, leaf "
            + RuleText.thickness(album.thickness(page.leaf())),
        notes(flap, thickness),
        slit(flap),
        plans.moverOf(flap.id()).isPresent() ? null : form(motion, flap));
  }

  private String words(SpreadMotion.Hindrance hindrance) {
    return switch (hindrance.why()) {
      case OPEN_FIRST -> "Open " + plans.called(hindrance.other()) + " first.";
      case CLOSE_FIRST -> "Close " + plans.called(hindrance.other()) + " first.";
      case STUCK -> "The strip of " + plans.called(hindrance.other()) + " holds it shut.";
      case FLAT -> "It is stuck down.";
    };
  }

  private List<String> notes(Flap flap, LyingFlat.Thickness thickness) {
    List<String> notes = new ArrayList<>();
    for (LyingFlat.Raised raised : lying.raised(flap)) {
      String name = "“" + raised.name() + "”";
      notes.add(
          switch (raised.where()) {
            case BELOW -> name + " lies below it, and is too thick for it to lie flat.";
            case WHERE_IT_OPENS ->
                "Open, it comes down on " + name + ", and does not lie flat there.";
          });
    }
    Length most = album.rules().length(HouseRule.MOVER_THICKNESS);
    if (thickness.here().isMoreThan(most)) {
      if (isCover(flap)) {
        notes.add(
            "With all that lies on each other here it is "
                + RuleText.thickness(thickness.here())
                + " thick, more than "
                + RuleText.thickness(most)
                + ": it fights its page. "
                + thinner(flap));
      }
    } else if (thickness.facing().isPositive() && thickness.together().isMoreThan(most)) {
      notes.add(
          "With what lies on it when the album is shut it is "
              + RuleText.thickness(thickness.together())
              + " thick: put one of them somewhere else.");
    }
    stripPast(flap).ifPresent(notes::add);
    slitNear(flap).ifPresent(notes::add);
    return notes;
  }

  private @Nullable String slit(Flap flap) {
    return slitOf(flap)
        .map(
            slit ->
                UnitsInUse.text(slit.line().length())
                    + (slit.isShared() ? ", one with " + called(slit.flaps(), flap) : "")
                    + ", a hole of "
                    + UnitsInUse.text(album.rules().length(HouseRule.SLIT_HOLE))
                    + " at each end")
        .orElse(null);
  }

  private Optional<SharedSlit> slitOf(Flap flap) {
    return SharedSlit.of(flap, onPageOf(flap), album.rules());
  }

  /** All flaps of the page of one. */
  private List<Flap> onPageOf(Flap flap) {
    return motion.flaps().all().stream()
        .filter(each -> motion.page(each).equals(motion.page(flap)))
        .toList();
  }

  private String called(List<Flap> flaps, Flap but) {
    return flaps.stream()
        .filter(each -> !each.id().equals(but.id()))
        .map(each -> plans.called(each.id()))
        .collect(Collectors.joining(" and "));
  }

  /** Slits so near to each other that the film between them gives way. */
  private Optional<String> slitNear(Flap flap) {
    return slitOf(flap)
        .map(slit -> slit.tooNear(onPageOf(flap), album.rules()))
        .filter(near -> !near.isEmpty())
        .map(
            near ->
                "Its slit is nearer to that of "
                    + called(near, flap)
                    + " than "
                    + UnitsInUse.text(album.rules().length(HouseRule.SLIT_DISTANCE))
                    + ": the film between them gives way. Put their hinges on one line, or further"
                    + " apart.");
  }

  /** Whether it is by itself, or the part of its mover that is opened first. */
  private boolean isCover(Flap flap) {
    return plans.moverOf(flap.id()).map(mover -> mover.id().equals(flap.id())).orElse(true);
  }

  /** Tells what would make it thinner. */
  private String thinner(Flap flap) {
    MoverKind kind =
        plans.moverOf(flap.id()).map(mover -> mover.mover().mechanism().kind()).orElse(null);
    String cutAway = ", or a page cut away below it.";
    if (kind == MoverKind.ACCORDION) {
      return "Fewer panels would help, thinner card" + cutAway;
    } else if (kind == MoverKind.CHAIN || kind == MoverKind.BOOKLET) {
      return "Fewer sleeves would help, some of them hinged at the other edge" + cutAway;
    }
    return "Thinner card would help, fewer layers" + cutAway;
  }

  /** Where its strip would be stuck to nothing. */
  private Optional<String> stripPast(Flap flap) {
    boolean onPage = flap.isOnProtector() && flap.fixedTo() == null;
    Overhang over = Overhang.of(flap.stripOfFace(), motion.page(flap));
    boolean fits = !over.furthest().isMoreThan(flap.border());
    String past = FlapWords.past(over);
    return !onPage || fits
        ? Optional.empty()
        : Optional.of(
            "Its adhesive strip lies past its page by "
                + past
                + ": put it through a slit, or hinge it elsewhere.");
  }

  /** The measures of a flap on its page, as it is seen when it can be reached. */
  static MoverRequests.FlapForm form(SpreadMotion motion, Flap flap) {
    Box page = motion.page(flap);
    Flap seen = motion.flaps().stacking().reached(flap);
    return MoverRequests.FlapForm.of(
        seen.renamed(FlapNames::number, page.x().negated(), page.y().negated()));
  }

  private String reach(Flap flap) {
    if (flap.move() == Flap.Move.STAYS) {
      return flap.isGround()
          ? "It is stuck down first, and photos lie over it."
          : "It covers what is below for good.";
    }
    Set<String> open = motion.stateFor(flap).orElse(Set.of(flap.id()));
    String past = FlapWords.past(overhang(flap, open));
    String when = flap.move() == Flap.Move.SLIDES ? "Drawn out" : "Open";
    String words =
        past.isEmpty()
            ? when + ", it stays on its page."
            : when + ", it reaches past its page by " + past + "." + overGutter(flap, open);
    return flap.insideTurn() == Turn.NONE
        ? words
        : words + " Put in what is inside standing on its head.";
  }

  /** With its grip. */
  private Overhang overhang(Flap flap, Set<String> open) {
    Box page = motion.page(flap);
    // A sleeve's own play over the edge is no fault.
    Overhang overhang = Overhang.of(flap.faceOf(motion.area(flap, open)), page);
    Optional<Box> grip = motion.gripArea(flap, open, album.rules());
    return grip.map(box -> overhang.or(Overhang.of(box, page))).orElse(overhang);
  }

  private String overGutter(Flap flap, Set<String> open) {
    return motion
        .overGutter(flap, open)
        .map(
            over ->
                over.isPositive()
                    ? (motion.hasRings() ? " It lies over the rings, and over" : " It lies over")
                        + " the facing page by "
                        + UnitsInUse.text(over)
                        + "."
                    : motion.hasRings() ? " It lies over the rings." : "")
        .orElse("");
  }
}
