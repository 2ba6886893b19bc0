package drumnest.core.mover;

import drumnest.core.album.flap.Attachment;
import drumnest.core.album.flap.Band;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.album.flap.Support;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The flaps of which a mover consists: the one that is opened first comes first, and each lies on
 * the next. Source: the handbook of the trade for each kind; common practice, no source.
 */
public final class MoverParts {

  /** More parts no stack of a mover has. */
  public static final int MOST = 12;

  private final Mover mover;
  private final HouseRules rules;

  private MoverParts(Mover mover, HouseRules rules) {
    this.mover = mover;
    this.rules = rules;
  }

  /**
   * @param below the flap on which it lies; null for none
   * @throws MoverProblemException if it cannot be made so, with the measure that is wrong
   */
  public static List<Flap> of(Mover mover, @Nullable String below, HouseRules rules) {
    int count = mover.mechanism().parts();
    if (count < 1 || count > MOST) {
      throw new MoverProblemException("count", "is not between 1 and " + MOST);
    }
    return new MoverParts(mover, rules)
        .parts(below).stream()
            .map(part -> mover.gripped().contains(part.id()) ? part.withGrip(mover.grip()) : part)
            .toList();
  }

  private List<Flap> parts(@Nullable String below) {
    return mover
        .mechanism()
        .accept(
            new Mechanism.Visitor<>() {
              @Override
              public List<Flap> chain(Mechanism.Chain chain) {
                return MoverParts.this.chain(below);
              }

              @Override
              public List<Flap> booklet(Mechanism.Booklet booklet) {
                return stack(Flap.Body.SLEEVE, Length.ZERO, seal(), below);
              }

              @Override
              public List<Flap> waterfall(Mechanism.Waterfall waterfall) {
                return MoverParts.this.waterfall(waterfall, below);
              }

              @Override
              public List<Flap> accordion(Mechanism.Accordion accordion) {
                return MoverParts.this.accordion(accordion, below);
              }

              @Override
              public List<Flap> foldOut(Mechanism.FoldOut foldOut) {
                requireRoom(foldOut.border());
                // Refuses what no sheet gives.
                cutting(mover, foldOut, rules);
                return List.of(folded(0, mover.at(), mover.edge(), foldOut.border(), below));
              }

              @Override
              public List<Flap> door(Mechanism.Door door) {
                return MoverParts.this.door(door, below);
              }

              @Override
              public List<Flap> tuckSpot(Mechanism.TuckSpot tuck) {
                return MoverParts.this.tuckSpot(tuck);
              }

              @Override
              public List<Flap> edgeTuck(Mechanism.EdgeTuck tuck) {
                return MoverParts.this.edgeTuck(tuck);
              }

              @Override
              public List<Flap> pullOut(Mechanism.PullOut pullOut) {
                return MoverParts.this.pullOut(pullOut);
              }

              @Override
              public List<Flap> divided(Mechanism.Divided divided) {
                return MoverParts.this.divided(below);
              }

              @Override
              public List<Flap> gutterBand(Band.Gutter band) {
                return MoverParts.this.band(below);
              }

              @Override
              public List<Flap> edgeBand(Band.Beyond band) {
                if (!mover.at().w().isMoreThan(band.overlap())) {
                  throw new MoverProblemException(
                      "w",
                      "ends on the leaf; it must be more than what is stuck to that",
                      band.overlap());
                }
                return MoverParts.this.band(below);
              }
            });
  }

  private Length seal() {
    return rules.length(HouseRule.SLEEVE_SEAL);
  }

  private Length strip() {
    return rules.length(HouseRule.ADHESIVE_STRIP);
  }

  private String id(int part) {
    return String.valueOf(mover.first() + part);
  }

  /** The lowest part, which is stuck to the page, or to the inside of what carries the mover. */
  private Flap lowest(
      int part,
      Box closed,
      Edge hinge,
      Attachment attachment,
      Flap.Body body,
      Length border,
      @Nullable String below) {
    String carrier = mover.carrier();
    Support support = carrier == null ? Support.over(below) : new Support.Inside(carrier, null);
    return new Flap(id(part), closed, hinge, attachment, support, body, border);
  }

  private List<Flap> chain(@Nullable String below) {
    if (!mover.edge().isAtSide()) {
      throw new MoverProblemException(
          "edge",
          "is at the top or foot, and every other picture of a chain would stand on its head");
    }
    int sleeves = mover.mechanism().parts();
    Box closed = mover.at().inset(seal().negated());
    List<Edge> hinges = new SleeveChain(closed.size(), sleeves, mover.edge()).hinges();
    List<Flap> parts = new ArrayList<>();
    for (int part = 0; part < sleeves - 1; part++) {
      parts.add(
          linked(part, closed, hinges.get(sleeves - 1 - part), Flap.Body.SLEEVE, seal(), part + 1));
    }
    parts.add(
        lowest(
            sleeves - 1,
            closed,
            mover.edge(),
            new Attachment.OnProtector(strip()),
            Flap.Body.SLEEVE,
            seal(),
            below));
    return parts;
  }

  /** A part that hangs on the next. */
  private Flap linked(int part, Box closed, Edge hinge, Flap.Body body, Length border, int next) {
    return new Flap(
        id(part),
        closed,
        hinge,
        new Attachment.OnFold(strip()),
        new Support.StuckTo(id(next)),
        body,
        border);
  }

  private List<Flap> waterfall(Mechanism.Waterfall waterfall, @Nullable String below) {
    if (waterfall.step().isLessThan(strip())) {
      throw new MoverProblemException(
          "step",
          "is less than the adhesive strip, which would show; the least that works is",
          strip());
    }
    return stack(Flap.Body.CARD, waterfall.step(), rules.length(HouseRule.ACCORDION_MAT), below);
  }

  /** Parts on each other, all hinged at one edge, each set off from the one above. */
  private List<Flap> stack(Flap.Body body, Length step, Length border, @Nullable String below) {
    int count = mover.mechanism().parts();
    Box top = body == Flap.Body.SLEEVE ? mover.at().inset(border.negated()) : mover.at();
    requireRoom(body == Flap.Body.SLEEVE ? Length.ZERO : border);
    List<Flap> parts = new ArrayList<>();
    for (int part = 0; part < count; part++) {
      Box closed = off(top, step.times(part));
      Flap flap =
          lowest(
              part, closed, mover.edge(), new Attachment.OnProtector(strip()), body, border, below);
      parts.add(part == count - 1 ? flap : flap.over(id(part + 1)));
    }
    return parts;
  }

  /** Set off from the hinge. */
  private Box off(Box box, Length step) {
    return switch (mover.edge()) {
      case TOP -> box.moved(Length.ZERO, step);
      case BOTTOM -> box.moved(Length.ZERO, step.negated());
      case LEFT -> box.moved(step, Length.ZERO);
      case RIGHT -> box.moved(step.negated(), Length.ZERO);
    };
  }

  /** An accordion as it is cut. */
  public static Accordion cutting(Mover mover, Mechanism.Accordion accordion) {
    return new Accordion(
        mover.at().inset(accordion.mat()).size(),
        accordion.mat(),
        accordion.panels(),
        accordion.sheet(),
        accordion.overlap(),
        mover.edge().isAtSide());
  }

  /** A fold-out as it is cut: what it is folded from is as much of the page as lies below it. */
  public static FoldOut cutting(Mover mover, Mechanism.FoldOut foldOut, HouseRules rules) {
    Size flap = mover.at().size().turnedIf(!mover.edge().isAtSide());
    return new FoldOut(
        foldOut.page().turnedIf(!mover.edge().isAtSide()),
        flap.w(),
        foldOut.sheet(),
        Length.ZERO,
        rules.length(HouseRule.FOLDOUT_OVERLAP));
  }

  private List<Flap> accordion(Mechanism.Accordion accordion, @Nullable String below) {
    requireRoom(accordion.mat());
    // Refuses what no sheet gives.
    cutting(mover, accordion);
    int panels = accordion.panels();
    List<Flap> parts = new ArrayList<>();
    for (int panel = 1; panel < panels; panel++) {
      boolean away = (panels - panel) % 2 == 1;
      Edge hinge = away ? mover.edge().opposite() : mover.edge();
      // The last one lies on the page; what hangs on it is hinged there.
      parts.add(linked(panel - 1, mover.at(), hinge, Flap.Body.CARD, accordion.mat(), panel));
    }
    parts.add(
        lowest(
            panels - 1,
            mover.at(),
            mover.edge(),
            new Attachment.StuckDown(),
            Flap.Body.CARD,
            accordion.mat(),
            below));
    return parts;
  }

  private Flap folded(int part, Box closed, Edge hinge, Length border, @Nullable String below) {
    return lowest(
        part, closed, hinge, new Attachment.OnFold(strip()), Flap.Body.CARD, border, below);
  }

  private List<Flap> door(Mechanism.Door door, @Nullable String below) {
    if (!door.pair()) {
      requireRoom(door.border());
      return List.of(folded(0, mover.at(), mover.edge(), door.border(), below));
    }
    List<Flap> parts = new ArrayList<>();
    for (DoorLeaves.Leaf leaf : DoorLeaves.pair(mover.at())) {
      requireRoom(leaf.size(), door.border());
      parts.add(folded(parts.size(), leaf.closed(), leaf.hinge(), door.border(), below));
    }
    return parts;
  }

  private List<Flap> divided(@Nullable String below) {
    List<Flap> parts = new ArrayList<>();
    for (Box half : mover.at().halves()) {
      parts.add(
          lowest(
              parts.size(),
              half,
              mover.edge(),
              new Attachment.StuckDown(),
              Flap.Body.CARD,
              Length.ZERO,
              below));
    }
    return parts;
  }

  private List<Flap> band(@Nullable String below) {
    return List.of(
        lowest(
            0,
            mover.at(),
            mover.edge(),
            new Attachment.StuckDown(),
            Flap.Body.CARD,
            Length.ZERO,
            below));
  }

  private void requireRoom(Length border) {
    requireRoom(mover.at().size(), border);
  }

  private static void requireRoom(Size part, Length border) {
    if (!part.tighter().isMoreThan(border.times(2))) {
      throw new MoverProblemException(
          "border",
          "leaves no room for a picture; it must be less than",
          part.tighter().dividedBy(2));
    }
  }

  /** Tells what a tuck spot behind a photo measures. */
  public static TuckSpot measured(Mover mover, Mechanism.TuckSpot tuck, HouseRules rules) {
    boolean upright = !mover.edge().isAtSide();
    return new TuckSpot(
        mover.at().size().turnedIf(!upright),
        tuck.card().turnedIf(!upright),
        tuck.visible(),
        rules.length(HouseRule.TUCK_RAIL),
        rules.length(HouseRule.TAPE_PLY),
        rules.length(HouseRule.TUCK_PLAY),
        rules.length(HouseRule.TUCKED_CARD),
        rules.length(HouseRule.TAPE_OVER_CARD));
  }

  private List<Flap> tuckSpot(Mechanism.TuckSpot tuck) {
    TuckSpot measured = measured(mover, tuck, rules);
    Length trimTo = measured.trimCardTo();
    if (trimTo != null) {
      throw new MoverProblemException(
          "card", "does not go between the rails behind this photo; trim it to", trimTo);
    } else if (!measured.stopFits()) {
      throw new MoverProblemException(
          "visible",
          "leaves so much of the card behind the photo that its stop would show; the least is",
          measured.card().h().plus(measured.rail()).minus(measured.photo().h()));
    }
    return List.of(behind(tuck.card(), tuck.visible()));
  }

  private List<Flap> edgeTuck(Mechanism.EdgeTuck tuck) {
    boolean side = mover.edge().isAtSide();
    Length across = side ? mover.at().h() : mover.at().w();
    Length deep = side ? tuck.card().w() : tuck.card().h();
    if ((side ? tuck.card().h() : tuck.card().w()).isMoreThan(across)) {
      throw new MoverProblemException(
          side ? "card.h" : "card.w", "is wider than the edge; trim it to", across);
    }
    Length most =
        mover.edge().depth(mover.at()).minus(rules.length(HouseRule.GLUE_OVERLAP)).min(deep);
    if (tuck.depth().isMoreThan(most)) {
      throw new MoverProblemException(
          "depth", "leaves too little to glue, or is deeper than the card; the most is", most);
    }
    return List.of(behind(tuck.card(), deep.minus(tuck.depth())));
  }

  /** A card in the middle behind a photo or pocket, of which so much shows beyond the edge. */
  private Flap behind(Size card, Length visible) {
    Box at = mover.at();
    Length across = at.w().minus(card.w()).dividedBy(2);
    Length down = at.h().minus(card.h()).dividedBy(2);
    Box closed =
        switch (mover.edge()) {
          case TOP -> Box.of(at.x().plus(across), at.y().minus(visible), card);
          case BOTTOM ->
              Box.of(at.x().plus(across), at.bottom().plus(visible).minus(card.h()), card);
          case LEFT -> Box.of(at.x().minus(visible), at.y().plus(down), card);
          case RIGHT -> Box.of(at.right().plus(visible).minus(card.w()), at.y().plus(down), card);
        };
    return lowest(
        0, closed, mover.edge(), new Attachment.Tucked(), Flap.Body.CARD, Length.ZERO, null);
  }

  /** How large a card of a pull-out in this pocket may be: glued on three sides, with some play. */
  public static Size mostInPocket(Mover mover, HouseRules rules) {
    Length side =
        rules
            .length(HouseRule.TUCK_RAIL)
            .plus(rules.length(HouseRule.PULLOUT_PLAY))
            .plus(rules.length(HouseRule.PULLOUT_CARD).dividedBy(2));
    Size pocket = mover.at().size();
    return mover.edge().isAtSide()
        ? new Size(pocket.w().minus(side), pocket.h().minus(side.times(2)))
        : new Size(pocket.w().minus(side.times(2)), pocket.h().minus(side));
  }

  private List<Flap> pullOut(Mechanism.PullOut pullOut) {
    Size most = mostInPocket(mover, rules);
    if (!pullOut.card().fitsIn(most)) {
      boolean wide = pullOut.card().w().isMoreThan(most.w());
      throw new MoverProblemException(
          "card",
          "does not go into this pocket; its " + (wide ? "width" : "height") + " may be at most",
          wide ? most.w() : most.h());
    }
    return List.of(behind(pullOut.card(), Length.ZERO));
  }
}
