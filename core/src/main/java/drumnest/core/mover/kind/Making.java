package drumnest.core.mover.kind;

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
import drumnest.core.mover.kind.Construction.Piece;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A mover of one kind as it is made: the flaps of which it consists, and the pieces of those. */
abstract class Making {

  final Mover mover;
  final HouseRules rules;

  Making(Mover mover, HouseRules rules) {
    this.mover = mover;
    this.rules = rules;
  }

  /** The making of a mover, by its kind. */
  static Making of(Mover mover, HouseRules rules) {
    return mover
        .mechanism()
        .accept(
            new Mechanism.Visitor<>() {
              @Override
              public Making chain(Mechanism.Chain chain) {
                return new ChainMaking(mover, chain, rules);
              }

              @Override
              public Making booklet(Mechanism.Booklet booklet) {
                return new BookletMaking(mover, booklet, rules);
              }

              @Override
              public Making waterfall(Mechanism.Waterfall waterfall) {
                return new WaterfallMaking(mover, waterfall, rules);
              }

              @Override
              public Making accordion(Mechanism.Accordion accordion) {
                return new AccordionMaking(mover, accordion, rules);
              }

              @Override
              public Making foldOut(Mechanism.FoldOut foldOut) {
                return new FoldOutMaking(mover, foldOut, rules);
              }

              @Override
              public Making door(Mechanism.Door door) {
                return new DoorMaking(mover, door, rules);
              }

              @Override
              public Making tuckSpot(Mechanism.TuckSpot tuck) {
                return new TuckSpotMaking(mover, tuck, rules);
              }

              @Override
              public Making edgeTuck(Mechanism.EdgeTuck tuck) {
                return new EdgeTuckMaking(mover, tuck, rules);
              }

              @Override
              public Making pullOut(Mechanism.PullOut pullOut) {
                return new PullOutMaking(mover, pullOut, rules);
              }

              @Override
              public Making divided(Mechanism.Divided divided) {
                return new DividedMaking(mover, divided, rules);
              }

              @Override
              public Making gutterBand(Band.Gutter band) {
                return new GutterBandMaking(mover, band, rules);
              }

              @Override
              public Making edgeBand(Band.Beyond band) {
                return new EdgeBandMaking(mover, band, rules);
              }
            });
  }

  /**
   * Its flaps: the one that is opened first comes first, and each lies on the next.
   *
   * @param below the flap on which it lies; null for none
   * @throws MoverProblemException if it cannot be made so
   */
  abstract List<Flap> parts(@Nullable String below);

  /**
   * Its pieces.
   *
   * @param parts its flaps, as they are seen when they can be reached
   */
  abstract List<Piece> pieces(List<Flap> parts);

  /**
   * Requires that it lies where it can be made.
   *
   * @param room the page, or what carries it
   * @throws MoverProblemException if it does not
   */
  void requirePlace(Box room) {}

  final String id(int part) {
    return String.valueOf(mover.first() + part);
  }

  final Length strip() {
    return rules.length(HouseRule.ADHESIVE_STRIP);
  }

  final Length seal() {
    return rules.length(HouseRule.SLEEVE_SEAL);
  }

  /** The lowest part, which is stuck to the page, or to the inside of what carries the mover. */
  final Flap lowest(
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

  /** A part that hangs on the next. */
  final Flap linked(int part, Box closed, Edge hinge, Flap.Body body, Length border, int next) {
    return new Flap(
        id(part),
        closed,
        hinge,
        new Attachment.OnFold(strip()),
        new Support.StuckTo(id(next)),
        body,
        border);
  }

  /**
   * Parts on each other by strips of their own at the same edge, each over the next.
   *
   * @param top the uppermost
   * @param step by how much each is set off from the one above
   */
  final List<Flap> stacked(
      int count, Box top, Length step, Flap.Body body, Length border, @Nullable String below) {
    List<Flap> parts = new ArrayList<>();
    for (int part = 0; part < count; part++) {
      Flap flap =
          lowest(
              part,
              mover.edge().away(top, step.times(part)),
              mover.edge(),
              new Attachment.OnProtector(strip()),
              body,
              border,
              below);
      parts.add(part == count - 1 ? flap : flap.over(id(part + 1)));
    }
    return parts;
  }

  /** A card that hangs on a fold of its own. */
  final Flap folded(int part, Box closed, Edge hinge, Length border, @Nullable String below) {
    return lowest(
        part, closed, hinge, new Attachment.OnFold(strip()), Flap.Body.CARD, border, below);
  }

  /** A band, stuck down whole, over the photos or under them. */
  final List<Flap> band(Band band, @Nullable String below) {
    Attachment held = band.under() ? new Attachment.Ground() : new Attachment.StuckDown();
    return List.of(
        lowest(
            0,
            mover.at(),
            mover.edge(),
            held,
            Flap.Body.CARD,
            Length.ZERO,
            band.under() ? null : below));
  }

  /** A card that is stuck down whole. */
  final Flap stuckDown(int part, Box at, Length border, @Nullable String below) {
    return lowest(
        part, at, mover.edge(), new Attachment.StuckDown(), Flap.Body.CARD, border, below);
  }

  /** A card in the middle behind a photo or pocket, of which so much shows beyond the edge. */
  final Flap behind(Size card, Length visible) {
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

  final void requireRoom(Length border) {
    requireRoom(mover.at().size(), border);
  }

  static void requireRoom(Size part, Length border) {
    if (!part.tighter().isMoreThan(border.times(2))) {
      throw new MoverProblemException(
          "border",
          "leaves no room for a picture; it must be less than",
          part.tighter().dividedBy(2));
    }
  }
}
