package drumnest.server.movers.kind;

import drumnest.core.album.flap.Band;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Grip;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.measure.Increment;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRules;
import drumnest.server.stock.UnitsInUse;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** A mover of one kind in words: the facts that are worked out of it, and how it is made. */
public abstract class MoverWords {

  /** How parts are pressed that lie on each other. */
  static final String EACH = "each, the lowest first, so that every strip lies under the one above";

  final Mover mover;
  final List<Flap> parts;
  final HouseRules rules;
  private final List<MoverFact> facts = new ArrayList<>();

  MoverWords(Mover mover, List<Flap> parts, HouseRules rules) {
    this.mover = mover;
    this.parts = parts;
    this.rules = rules;
  }

  /**
   * The words for a mover of a page, by its kind: as it is seen when it can be reached.
   *
   * @param told the mover as the plan has it
   */
  public static MoverWords of(PagePlan plan, Mover told, HouseRules rules) {
    Mover mover = plan.seen(told);
    List<Flap> parts = plan.seenParts(told);
    return mover
        .mechanism()
        .accept(
            new Mechanism.Visitor<>() {
              @Override
              public MoverWords chain(Mechanism.Chain chain) {
                return new ChainWords(mover, chain, parts, rules);
              }

              @Override
              public MoverWords booklet(Mechanism.Booklet booklet) {
                return new BookletWords(mover, booklet, parts, rules);
              }

              @Override
              public MoverWords waterfall(Mechanism.Waterfall waterfall) {
                return new WaterfallWords(mover, waterfall, parts, rules);
              }

              @Override
              public MoverWords accordion(Mechanism.Accordion accordion) {
                return new AccordionWords(mover, accordion, parts, rules);
              }

              @Override
              public MoverWords foldOut(Mechanism.FoldOut foldOut) {
                return new FoldOutWords(mover, foldOut, parts, rules);
              }

              @Override
              public MoverWords door(Mechanism.Door door) {
                return new DoorWords(mover, door, parts, rules);
              }

              @Override
              public MoverWords tuckSpot(Mechanism.TuckSpot tuck) {
                return new TuckSpotWords(mover, tuck, parts, rules);
              }

              @Override
              public MoverWords edgeTuck(Mechanism.EdgeTuck tuck) {
                return new EdgeTuckWords(mover, tuck, parts, rules);
              }

              @Override
              public MoverWords pullOut(Mechanism.PullOut pullOut) {
                Flap card = plan.flap(parts.get(0).id()).orElseThrow();
                return new PullOutWords(mover, pullOut, parts, plan.carriedBy(card), rules);
              }

              @Override
              public MoverWords divided(Mechanism.Divided divided) {
                return new DividedWords(mover, parts, rules);
              }

              @Override
              public MoverWords gutterBand(Band.Gutter band) {
                return new GutterBandWords(mover, band, parts, rules);
              }

              @Override
              public MoverWords edgeBand(Band.Beyond band) {
                return new EdgeBandWords(mover, band, parts, rules);
              }
            });
  }

  /**
   * How a single flap of a page is made.
   *
   * @param told the flap as the plan has it
   */
  public static List<MakingStep> steps(PagePlan plan, Flap told, HouseRules rules) {
    Flap flap = plan.seen(told);
    StepList steps = new StepList(rules);
    steps.hang(List.of(flap), plan.seenFlaps(), "the flap");
    steps.grip(flap.grip());
    return steps.all();
  }

  /** The facts that are worked out of it. */
  public final List<MoverFact> facts() {
    facts.clear();
    tellFacts();
    return List.copyOf(facts);
  }

  /** How it is made. */
  public final List<MakingStep> steps() {
    StepList steps = new StepList(rules);
    boolean seen = mover.mechanism().isSeenToOpen() || !mover.mechanism().opens();
    Grip grip = seen && mover.grip() == Grip.NONE ? null : mover.grip();
    if (isGripFirst()) {
      steps.grip(grip);
    }
    tellSteps(steps);
    if (!isGripFirst()) {
      steps.grip(grip);
    }
    return steps.all();
  }

  abstract void tellFacts();

  abstract void tellSteps(StepList steps);

  /** Whether its free end is hard to come by once all is made. */
  boolean isGripFirst() {
    return false;
  }

  final void fact(String name, String value) {
    facts.add(new MoverFact(name, value));
  }

  /** Its parts in the order in which they are fixed. */
  final List<Flap> lowestFirst() {
    List<Flap> lowestFirst = new ArrayList<>(parts);
    Collections.reverse(lowestFirst);
    return lowestFirst;
  }

  /** The measure of a strip, or of a panel, across the way in which it opens. */
  final Length across() {
    return mover.edge().isAtSide() ? mover.at().h() : mover.at().w();
  }

  static String text(Length length) {
    return UnitsInUse.text(length);
  }

  static String text(Size size) {
    return UnitsInUse.text(size);
  }

  /** A size at the marks of the maker's trimmer, at which it can be cut; rounding is said. */
  final String toCut(Size size) {
    Increment mark = rules.trimmerIncrement();
    Size marked = new Size(mark.below(size.w()), mark.below(size.h()));
    return marked.equals(size)
        ? text(size)
        : text(marked) + ", down to the mark from " + text(size);
  }

  /** A length at the mark, at which it can be cut; rounding is said. */
  final String toCut(Length length) {
    Length marked = rules.trimmerIncrement().below(length);
    return marked.equals(length)
        ? text(length)
        : text(marked) + ", down to the mark from " + text(length);
  }
}
