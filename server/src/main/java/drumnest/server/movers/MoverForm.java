package drumnest.server.movers;

import drumnest.core.album.flap.Band;
import drumnest.core.album.flap.Grip;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.MoverParts;
import drumnest.server.FieldProblemException;
import drumnest.server.stock.LengthReader;
import drumnest.server.stock.UnitsInUse;
import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;

/**
 * A mover by its few real measures, as text; those that it has not are left out. One on the inside
 * of a flap is told as it is seen while that is open.
 *
 * @param x how far it lies from the left edge of the page, paper to paper
 * @param y how far from the top
 * @param w the width of what lies there: a sleeve's insert, a panel, a door, the photo in front
 * @param h its height
 * @param edge the edge over which it opens: top, bottom, left or right
 * @param count of how many sleeves, cards or panels it is
 * @param step by how much each card of a waterfall is set off
 * @param border what shows of the card around a photo
 * @param sheetW the width of a sheet from which it is cut
 * @param sheetH its height
 * @param overlap the least tab of an accordion
 * @param cardW the width of a card that is tucked
 * @param cardH its height
 * @param visible what shows of that
 * @param depth how deep a card is tucked under an edge, or how much of a band beyond the leaf is
 *     stuck to it
 * @param upper what is on the upper side of an accordion: each, for a picture on each panel, or
 *     across, for one over all of them; each where it is left out
 * @param pictures how pictures come onto an accordion: stuck or printed; stuck where it is left out
 * @param grip none, tab or string: what is taken hold of; none where it is left out
 */
record MoverForm(
    @NotNull String x,
    @NotNull String y,
    @NotNull String w,
    @NotNull String h,
    @NotNull Edge edge,
    @Nullable String count,
    @Nullable String step,
    @Nullable String border,
    @Nullable String sheetW,
    @Nullable String sheetH,
    @Nullable String overlap,
    @Nullable String cardW,
    @Nullable String cardH,
    @Nullable String visible,
    @Nullable String depth,
    @Nullable Upper upper,
    @Nullable Pictures pictures,
    @Nullable Grip grip) {

  /** How pictures come onto an accordion. */
  enum Pictures {
    STUCK,
    PRINTED
  }

  /** The pictures on the upper side of an accordion. */
  enum Upper {
    /** A picture on each panel. */
    EACH,
    /** One wide picture over all of them. */
    ACROSS
  }

  /**
   * @param of one of this plan
   */
  static MoverForm of(Mover of, PagePlan plan) {
    Mover mover = plan.seen(of);
    Fields fields = new Fields();
    Mechanism mechanism = mover.mechanism();
    if (mechanism instanceof Mechanism.Waterfall waterfall) {
      fields.step = exact(waterfall.step());
    } else if (mechanism instanceof Mechanism.Accordion accordion) {
      fields.border = exact(accordion.mat());
      fields.overlap = exact(accordion.overlap());
      fields.sheet = accordion.sheet();
      fields.upper = accordion.panorama() ? Upper.ACROSS : Upper.EACH;
      fields.pictures = accordion.printed() ? Pictures.PRINTED : Pictures.STUCK;
    } else if (mechanism instanceof Mechanism.FoldOut foldOut) {
      fields.border = exact(foldOut.border());
      fields.sheet = foldOut.sheet();
    } else if (mechanism instanceof Mechanism.Door door) {
      fields.border = exact(door.border());
    } else if (mechanism instanceof Mechanism.TuckSpot tuck) {
      fields.visible = exact(tuck.visible());
      fields.card = tuck.card();
    } else if (mechanism instanceof Mechanism.EdgeTuck tuck) {
      fields.depth = exact(tuck.depth());
      fields.card = tuck.card();
    } else if (mechanism instanceof Mechanism.PullOut pullOut) {
      fields.card = pullOut.card();
    } else if (mechanism instanceof Band.Beyond band) {
      fields.depth = exact(band.overlap());
    }
    boolean counted =
        mechanism instanceof Mechanism.Chain
            || mechanism instanceof Mechanism.Booklet
            || mechanism instanceof Mechanism.Waterfall
            || mechanism instanceof Mechanism.Accordion;
    return new MoverForm(
        exact(mover.at().x()),
        exact(mover.at().y()),
        exact(mover.at().w()),
        exact(mover.at().h()),
        mover.edge(),
        counted ? String.valueOf(mechanism.parts()) : null,
        fields.step,
        fields.border,
        fields.sheet == null ? null : exact(fields.sheet.w()),
        fields.sheet == null ? null : exact(fields.sheet.h()),
        fields.overlap,
        fields.card == null ? null : exact(fields.card.w()),
        fields.card == null ? null : exact(fields.card.h()),
        fields.visible,
        fields.depth,
        fields.upper,
        fields.pictures,
        mover.grip());
  }

  /** The fields that some kinds have. */
  private static final class Fields {
    private @Nullable String step;
    private @Nullable String border;
    private @Nullable Size sheet;
    private @Nullable String overlap;
    private @Nullable Size card;
    private @Nullable Upper upper;
    private @Nullable Pictures pictures;
    private @Nullable String visible;
    private @Nullable String depth;
  }

  private static String exact(Length length) {
    return UnitsInUse.current().exact(length);
  }

  /**
   * @throws FieldProblemException if a measure is not understood
   */
  Mover toMover(Mover before, PagePlan plan) {
    LengthReader lengths = LengthReader.inUse();
    Box at = Box.of(lengths.offset("x", x), lengths.offset("y", y), lengths.size("w", w, "h", h));
    // What nothing opens over stays at its edge.
    Edge over = before.mechanism().opens() ? edge : plan.seen(before).edge();
    Mechanism mechanism = mechanism(before.mechanism(), lengths);
    return plan.seen(
        new Mover(
            before.first(),
            mechanism.lying(at, over),
            over,
            before.carrier(),
            mechanism,
            MoverRequests.orNone(grip)));
  }

  private Mechanism mechanism(Mechanism before, LengthReader lengths) {
    if (before instanceof Mechanism.Chain) {
      return new Mechanism.Chain(parts());
    } else if (before instanceof Mechanism.Booklet) {
      return new Mechanism.Booklet(parts());
    } else if (before instanceof Mechanism.Waterfall) {
      return new Mechanism.Waterfall(parts(), lengths.positive("step", given("step", step)));
    } else if (before instanceof Mechanism.Accordion) {
      return new Mechanism.Accordion(
          parts(),
          lengths.zeroOrMore("border", given("border", border)),
          sheet(lengths),
          lengths.positive("overlap", given("overlap", overlap)),
          upper == Upper.ACROSS,
          pictures == Pictures.PRINTED);
    } else if (before instanceof Mechanism.FoldOut foldOut) {
      return new Mechanism.FoldOut(
          foldOut.page(), lengths.zeroOrMore("border", given("border", border)), sheet(lengths));
    } else if (before instanceof Mechanism.Door door) {
      return new Mechanism.Door(door.pair(), lengths.zeroOrMore("border", given("border", border)));
    } else if (before instanceof Mechanism.TuckSpot) {
      return new Mechanism.TuckSpot(
          card(lengths), lengths.zeroOrMore("visible", given("visible", visible)));
    } else if (before instanceof Mechanism.EdgeTuck) {
      return new Mechanism.EdgeTuck(
          card(lengths), lengths.positive("depth", given("depth", depth)));
    } else if (before instanceof Band.Beyond band) {
      return new Band.Beyond(band.page(), lengths.positive("depth", given("depth", depth)));
    } else if (!before.opens()) {
      return before;
    }
    return new Mechanism.PullOut(card(lengths));
  }

  private Size sheet(LengthReader lengths) {
    return lengths.size("sheetW", given("sheetW", sheetW), "sheetH", given("sheetH", sheetH));
  }

  private Size card(LengthReader lengths) {
    return lengths.size("cardW", given("cardW", cardW), "cardH", given("cardH", cardH));
  }

  private int parts() {
    String text = given("count", count).trim();
    if (!text.matches("\\d{1,3}")
        || Integer.parseInt(text) < 1
        || Integer.parseInt(text) > MoverParts.MOST) {
      throw new FieldProblemException(
          "count", "Give a whole number from 1 to " + MoverParts.MOST + ".");
    }
    return Integer.parseInt(text);
  }

  private static String given(String field, @Nullable String text) {
    if (text == null || text.isBlank()) {
      throw new FieldProblemException(field, "This measure is missing.");
    }
    return text;
  }
}
