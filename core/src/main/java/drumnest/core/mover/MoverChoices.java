package drumnest.core.mover;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Grip;
import drumnest.core.album.flap.Holds;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverKind;
import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.Mount;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.album.leaf.SlotKind;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Increment;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.kind.Accordion;
import drumnest.core.mover.kind.MoverParts;
import drumnest.core.mover.kind.PullOutPocket;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.Part;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The movers that could be put over or behind a place, one of each kind, each over the edge at
 * which it does best: that which cannot be made comes last, then that which asks for an order, then
 * that which reaches past its page. Its measures are those with which it is usually begun. Source:
 * common practice, no source. Time: kinds × edges × flaps of the page, squared.
 */
public final class MoverChoices {

  private static final int SLEEVES = 3;
  private static final int CARDS = 4;

  /** How many times as deep as it is tucked a card is, at first. */
  private static final int TUCKED = 3;

  /** Seven faces, as makers usually begin one. */
  private static final int PANELS = 4;

  /**
   * A mover as it could be.
   *
   * @param flaps its parts
   * @param opened where they lie when all of it is open
   * @param clashes how many others it would be in the way of, or they of it
   * @param errors how many of these cannot be made so
   * @param past how far it reaches past its page when all of it is open
   */
  public record Choice(
      Mover mover, List<Flap> flaps, List<Box> opened, int clashes, int errors, Length past) {

    /** How many pictures it holds. */
    public int faces() {
      if (mover.mechanism().holds() != Holds.PHOTO) {
        return 0;
      }
      return flaps.stream().mapToInt(flap -> flap.move() == Flap.Move.STAYS ? 1 : 2).sum();
    }
  }

  private final Slot at;
  private final Leaf leaf;
  private final Side side;
  private final PagePlan plan;
  private final HouseRules rules;

  private MoverChoices(Slot at, HouseRules rules) {
    this.at = at;
    this.leaf = at.leaf();
    this.side = at.side();
    this.plan = leaf.plan(leaf.face(side));
    this.rules = rules;
  }

  /**
   * @param at a place of a page, the inside of a flap of card, or the front of a card that is drawn
   *     out
   */
  public static List<Choice> at(Slot at, HouseRules rules) {
    MoverChoices choices = new MoverChoices(at, rules);
    return choices.kinds().stream()
        .flatMap(kind -> choices.best(kind).stream())
        .sorted(Comparator.comparingInt(Choice::errors))
        .toList();
  }

  /** The movers of every kind over every edge, the best edge of each kind first. */
  public static List<Choice> everyEdge(Slot at, HouseRules rules) {
    MoverChoices choices = new MoverChoices(at, rules);
    return choices.kinds().stream().flatMap(kind -> choices.overEdges(kind).stream()).toList();
  }

  /** The best of the edges over which a mover could open; nothing where it goes nowhere. */
  private Optional<Choice> best(Mover mover) {
    return overEdges(mover).stream().findFirst();
  }

  private List<Choice> overEdges(Mover mover) {
    boolean oneOnly = mover.mechanism().kind() == MoverKind.FOLD_OUT || !mover.mechanism().opens();
    Stream<Edge> edges =
        oneOnly ? Stream.of(mover.edge()) : Stream.of(Edge.LEFT, Edge.RIGHT, Edge.TOP, Edge.BOTTOM);
    return edges
        .map(edge -> filled(mover.withEdge(edge)))
        .flatMap(each -> choice(each).stream())
        .sorted(
            Comparator.comparingInt(Choice::errors)
                .thenComparing(choice -> !isTabCovered(choice.mover()))
                .thenComparing(Choice::past)
                .thenComparingInt(Choice::clashes))
        .toList();
  }

  /**
   * With the measures that it has over this edge: a pull-out has the largest card that its pocket
   * takes, and the run of a waterfall is as long as the place.
   */
  private Mover filled(Mover mover) {
    return switch (mover.mechanism().kind()) {
      case PULL_OUT -> mover.with(new Mechanism.PullOut(cut(PullOutPocket.most(mover, rules))));
      case EDGE_TUCK -> mover.with(tucked(mover));
      case WATERFALL -> waterfall(mover);
      case ACCORDION -> accordion(mover);
      case CHAIN,
          BOOKLET,
          FOLD_OUT,
          DOOR,
          DOUBLE_DOOR,
          TUCK_SPOT,
          DIVIDED_PLACE,
          GUTTER_BAND,
          EDGE_BAND ->
          mover;
    };
  }

  /**
   * An accordion; on a card as large as leaves room beside it for its tab, which is never longer
   * than a panel.
   */
  private Mover accordion(Mover mover) {
    Box room = room();
    if (carrier() == null || room.contains(mover.at()) && isTabOnPaper(mover)) {
      return mover;
    }
    Length deep = mover.edge().depth(room);
    return Stream.of(deep.minus(rules.length(HouseRule.GLUE_OVERLAP)), deep.dividedBy(2))
        .map(panel -> rules.trimmerIncrement().below(panel))
        .map(panel -> mover.lying(mover.edge().opposite().along(room, panel)))
        .filter(this::isTabOnPaper)
        .findFirst()
        .orElse(mover);
  }

  /** Whether the tab by which an accordion is anchored stays on what it is stuck to. */
  private boolean isTabOnPaper(Mover mover) {
    return Accordion.tabOf(mover).map(tab -> room().contains(tab)).orElse(true);
  }

  /** Whether that lies under the photo of another place, as it must not be seen. */
  private boolean isTabCovered(Mover mover) {
    return carrier() != null
        || Accordion.tabOf(mover)
            .map(tab -> tab.inset(rules.length(HouseRule.ACCORDION_MAT)))
            .map(
                tab ->
                    leaf.slots(side, 0).stream()
                        .filter(slot -> slot.kind().isOfPage() && slot != at)
                        .anyMatch(slot -> slot.box().overlaps(tab)))
            .orElse(true);
  }

  /** The largest that can be cut: at the mark below. */
  private Size cut(Size size) {
    Increment mark = rules.trimmerIncrement();
    return new Size(mark.below(size.w()), mark.below(size.h()));
  }

  /** An edge tuck with a card as wide as its edge. */
  private Mechanism tucked(Mover mover) {
    Length depth = rules.length(HouseRule.TUCK_DEPTH);
    boolean side = mover.edge().isAtSide();
    Length across = side ? mover.at().h() : mover.at().w();
    return new Mechanism.EdgeTuck(new Size(across, depth.times(TUCKED)).turnedIf(side), depth);
  }

  /**
   * A waterfall of which all cards together are as deep as the place: of the usual number, or of
   * fewer, so that a print fits on each.
   */
  private Mover waterfall(Mover mover) {
    Length deep = mover.edge().depth(mover.at());
    Length least =
        rules.length(HouseRule.SMALLEST_PART).plus(rules.length(HouseRule.ACCORDION_MAT).times(2));
    int cards = CARDS;
    while (cards > 2 && deep.minus(step().times(cards - 1L)).isLessThan(least)) {
      cards--;
    }
    Length card = deep.minus(step().times(cards - 1L));
    return mover
        .with(new Mechanism.Waterfall(cards, step()))
        .lying(mover.edge().along(mover.at(), card));
  }

  private Length step() {
    return rules.length(HouseRule.SLIT_DISTANCE).max(rules.length(HouseRule.ADHESIVE_STRIP));
  }

  private Optional<Choice> choice(Mover mover) {
    try {
      Box room = room();
      return Optional.of(choice(mover, plan, leaf, side, rules))
          .filter(choice -> isTabOnPaper(mover))
          .filter(choice -> choice.flaps().stream().allMatch(flap -> room.contains(flap.face())));
    } catch (MoverProblemException doesNotGo) {
      return Optional.empty();
    }
  }

  /**
   * Tells what a mover would do among the flaps that are there.
   *
   * @throws MoverProblemException if it cannot be made so
   */
  public static Choice choice(Mover mover, PagePlan plan, Leaf leaf, Side side, HouseRules rules) {
    List<Flap> others =
        plan.flaps().stream().filter(flap -> !mover.parts().contains(flap.id())).toList();
    List<Flap> parts = MoverParts.of(mover, below(others, mover), rules);
    List<Flap> all = new ArrayList<>(others);
    all.addAll(parts);
    SpreadMotion motion = new SpreadMotion(all);
    List<Clash> clashes =
        motion.clashes().stream()
            .filter(clash -> mover.parts().contains(clash.a()) != mover.parts().contains(clash.b()))
            .toList();
    Box page = Box.of(leaf.size());
    Set<String> open =
        parts.stream()
            .filter(flap -> flap.move() != Flap.Move.STAYS)
            .map(Flap::id)
            .collect(Collectors.toSet());
    List<Box> opened = parts.stream().map(flap -> motion.area(flap, open)).toList();
    Length past =
        IntStream.range(0, parts.size())
            .mapToObj(part -> parts.get(part).faceOf(opened.get(part)))
            .map(area -> Overhang.of(area, page).furthest())
            .reduce(Length.ZERO, Length::max);
    int errors = Math.toIntExact(Clash.errors(clashes));
    return new Choice(mover, parts, opened, clashes.size(), errors, past);
  }

  /** Tells what it would lie on; doors and fold-outs lie over all that they cover. */
  private static @Nullable String below(List<Flap> flaps, Mover mover) {
    boolean covers =
        switch (mover.mechanism().kind()) {
          case FOLD_OUT, DOOR, DOUBLE_DOOR -> true;
          case CHAIN,
              BOOKLET,
              WATERFALL,
              ACCORDION,
              TUCK_SPOT,
              EDGE_TUCK,
              PULL_OUT,
              DIVIDED_PLACE,
              GUTTER_BAND,
              EDGE_BAND ->
              false;
        };
    return covers || mover.carrier() != null
        ? null
        : new Flaps(besides(flaps, mover)).uppermost(mover.at());
  }

  /** Those that do not rest on a mover, through the stack: none of them can be below it. */
  private static List<Flap> besides(List<Flap> flaps, Mover mover) {
    Set<String> resting = new HashSet<>(mover.parts());
    boolean more = true;
    while (more) {
      more = false;
      for (Flap flap : flaps) {
        boolean rests = resting.contains(flap.fixedTo()) || resting.contains(flap.on());
        more |= rests && resting.add(flap.id());
      }
    }
    return flaps.stream().filter(flap -> !resting.contains(flap.id())).toList();
  }

  /** Each kind with its usual measures; its edge is still to be chosen. */
  private List<Mover> kinds() {
    Length mat = rules.length(HouseRule.ACCORDION_MAT);
    Length side = rules.length(HouseRule.PAPER_SHEET);
    Size sheet = new Size(side, side);
    Box paper = paper();
    List<Mover> kinds = new ArrayList<>();
    kinds.add(mover(paper, new Mechanism.Chain(SLEEVES)));
    kinds.add(mover(paper, new Mechanism.Booklet(SLEEVES)));
    kinds.add(mover(paper, new Mechanism.Waterfall(CARDS, step())));
    kinds.add(
        mover(
            paper.inset(mat.negated()).movedInto(room()),
            new Mechanism.Accordion(PANELS, mat, sheet, rules.length(HouseRule.GLUE_OVERLAP))));
    kinds.add(mover(paper, new Mechanism.Door(false, mat)));
    kinds.add(mover(span(paper), new Mechanism.Door(true, mat)));
    kinds.add(foldOut(mat, sheet));
    tuckSpot(paper).ifPresent(kinds::add);
    kinds.add(
        mover(paper, new Mechanism.EdgeTuck(paper.size(), rules.length(HouseRule.TUCK_DEPTH))));
    kinds.add(mover(paper, new Mechanism.PullOut(paper.size())));
    kinds.add(mover(paper, new Mechanism.Divided(halves(paper))));
    return kinds;
  }

  /** Two halves of the longer side. */
  private static Part halves(Box card) {
    Part.Direction way =
        card.h().isMoreThan(card.w()) ? Part.Direction.DOWN : Part.Direction.ACROSS;
    return new Part.Shared(way, List.of(new Part.Whole(), new Part.Whole()));
  }

  /** The print of the place, in its middle, as it lies while all is closed. */
  private Box paper() {
    Flap carrier = carrier();
    return carrier == null ? at.box().middleOf(at.takes()) : carrier.closed().middleOf(at.takes());
  }

  /**
   * All cells of the block that a mount is one of, gaps and all, where no flap lies over any of
   * them; else the print of the place alone.
   */
  private Box span(Box paper) {
    return plan.mounts().stream()
        .filter(mount -> at.kind() == SlotKind.MOUNT && mount.box().equals(at.box()))
        .findFirst()
        .flatMap(mount -> cells(mount.block()).reduce(Box::around))
        .filter(span -> !span.equals(at.box()))
        .filter(
            span ->
                plan.flaps().stream()
                    .noneMatch(flap -> flap.canHide() && flap.closed().overlaps(span)))
        .orElse(paper);
  }

  private Stream<Box> cells(int block) {
    return plan.mounts().stream().filter(mount -> mount.block() == block).map(Mount::box);
  }

  /** The page, or what carries it. */
  private Box room() {
    Flap carrier = carrier();
    return carrier == null ? Box.of(leaf.size()) : carrier.closed();
  }

  private @Nullable Flap carrier() {
    return plan.carrierOf(at).orElse(null);
  }

  private Mover mover(Box box, Mechanism mechanism) {
    Flap carrier = carrier();
    String inside = carrier == null ? null : carrier.id();
    return new Mover(plan.nextNumber(), box, Edge.LEFT, inside, mechanism, usualGrip(mechanism));
  }

  /** The usual grip: a tab on what is of card, where nothing else says that it opens. */
  private static Grip usualGrip(Mechanism mechanism) {
    return switch (mechanism.kind()) {
      case CHAIN, BOOKLET -> Grip.NONE;
      case WATERFALL,
          ACCORDION,
          FOLD_OUT,
          DOOR,
          DOUBLE_DOOR,
          TUCK_SPOT,
          EDGE_TUCK,
          PULL_OUT,
          DIVIDED_PLACE,
          GUTTER_BAND,
          EDGE_BAND ->
          mechanism.isSeenToOpen() || !mechanism.opens() ? Grip.NONE : Grip.TAB;
    };
  }

  /**
   * Over the outer half of the page, but never as far as its binding; of one piece with a card that
   * carries it, over the half at the free edge of that.
   */
  private Mover foldOut(Length border, Size sheet) {
    Flap carrier = carrier();
    Box whole = room();
    Size page = whole.size();
    Edge outer = carrier != null ? carrier.freeEdge() : side == Side.FRONT ? Edge.RIGHT : Edge.LEFT;
    Length across = outer.depth(whole);
    Length deep = across.dividedBy(2).min(across.minus(rules.length(HouseRule.BINDING_MARGIN)));
    Size from = new Size(sheet.w().max(page.w()), sheet.h().max(page.h()));
    return mover(outer.along(whole, deep), new Mechanism.FoldOut(page, border, from))
        .withEdge(outer);
  }

  /** A card as large as goes behind the photo, of which a little shows at the top. */
  private Optional<Mover> tuckSpot(Box photo) {
    Length aside =
        rules.length(HouseRule.TUCK_RAIL).plus(rules.length(HouseRule.TUCK_PLAY)).times(2);
    Length visible = rules.length(HouseRule.TUCK_DEPTH);
    Size card = new Size(photo.w().minus(aside), photo.h().minus(aside));
    return card.tighter().isPositive()
        ? Optional.of(mover(photo, new Mechanism.TuckSpot(card, visible)))
        : Optional.empty();
  }
}
