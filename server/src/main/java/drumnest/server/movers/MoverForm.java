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
    Fields fields = mover.mechanism().accept(Fields.OF);
    return new MoverForm(
        exact(mover.at().x()),
        exact(mover.at().y()),
        exact(mover.at().w()),
        exact(mover.at().h()),
        mover.edge(),
        fields.count,
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
    private static final Mechanism.Visitor<Fields> OF =
        new Mechanism.Visitor<>() {
          @Override
          public Fields chain(Mechanism.Chain chain) {
            return counted(chain.sleeves());
          }

          @Override
          public Fields booklet(Mechanism.Booklet booklet) {
            return counted(booklet.sleeves());
          }

          @Override
          public Fields waterfall(Mechanism.Waterfall waterfall) {
            Fields fields = counted(waterfall.cards());
            fields.step = exact(waterfall.step());
            return fields;
          }

          @Override
          public Fields accordion(Mechanism.Accordion accordion) {
            Fields fields = counted(accordion.panels());
            fields.border = exact(accordion.mat());
            fields.overlap = exact(accordion.overlap());
            fields.sheet = accordion.sheet();
            fields.upper = accordion.panorama() ? Upper.ACROSS : Upper.EACH;
            fields.pictures = accordion.printed() ? Pictures.PRINTED : Pictures.STUCK;
            return fields;
          }

          @Override
          public Fields foldOut(Mechanism.FoldOut foldOut) {
            Fields fields = new Fields();
            fields.border = exact(foldOut.border());
            fields.sheet = foldOut.sheet();
            return fields;
          }

          @Override
          public Fields door(Mechanism.Door door) {
            Fields fields = new Fields();
            fields.border = exact(door.border());
            return fields;
          }

          @Override
          public Fields tuckSpot(Mechanism.TuckSpot tuck) {
            Fields fields = new Fields();
            fields.visible = exact(tuck.visible());
            fields.card = tuck.card();
            return fields;
          }

          @Override
          public Fields edgeTuck(Mechanism.EdgeTuck tuck) {
            Fields fields = new Fields();
            fields.depth = exact(tuck.depth());
            fields.card = tuck.card();
            return fields;
          }

          @Override
          public Fields pullOut(Mechanism.PullOut pullOut) {
            Fields fields = new Fields();
            fields.card = pullOut.card();
            return fields;
          }

          @Override
          public Fields divided(Mechanism.Divided divided) {
            return new Fields();
          }

          @Override
          public Fields gutterBand(Band.Gutter band) {
            return new Fields();
          }

          @Override
          public Fields edgeBand(Band.Beyond band) {
            Fields fields = new Fields();
            fields.depth = exact(band.overlap());
            return fields;
          }
        };

    private static Fields counted(int parts) {
      Fields fields = new Fields();
      fields.count = String.valueOf(parts);
      return fields;
    }

    private @Nullable String count;
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

  /** That of the same kind as the one before, with these measures. */
  private Mechanism mechanism(Mechanism before, LengthReader lengths) {
    return before.accept(
        new Mechanism.Visitor<>() {
          @Override
          public Mechanism chain(Mechanism.Chain chain) {
            return new Mechanism.Chain(parts());
          }

          @Override
          public Mechanism booklet(Mechanism.Booklet booklet) {
            return new Mechanism.Booklet(parts());
          }

          @Override
          public Mechanism waterfall(Mechanism.Waterfall waterfall) {
            return new Mechanism.Waterfall(parts(), lengths.positive("step", given("step", step)));
          }

          @Override
          public Mechanism accordion(Mechanism.Accordion accordion) {
            return new Mechanism.Accordion(
                parts(),
                lengths.zeroOrMore("border", given("border", border)),
                sheet(lengths),
                lengths.positive("overlap", given("overlap", overlap)),
                upper == Upper.ACROSS,
                pictures == Pictures.PRINTED);
          }

          @Override
          public Mechanism foldOut(Mechanism.FoldOut foldOut) {
            return new Mechanism.FoldOut(
                foldOut.page(),
                lengths.zeroOrMore("border", given("border", border)),
                sheet(lengths));
          }

          @Override
          public Mechanism door(Mechanism.Door door) {
            return new Mechanism.Door(
                door.pair(), lengths.zeroOrMore("border", given("border", border)));
          }

          @Override
          public Mechanism tuckSpot(Mechanism.TuckSpot tuck) {
            return new Mechanism.TuckSpot(
                card(lengths), lengths.zeroOrMore("visible", given("visible", visible)));
          }

          @Override
          public Mechanism edgeTuck(Mechanism.EdgeTuck tuck) {
            return new Mechanism.EdgeTuck(
                card(lengths), lengths.positive("depth", given("depth", depth)));
          }

          @Override
          public Mechanism pullOut(Mechanism.PullOut pullOut) {
            return new Mechanism.PullOut(card(lengths));
          }

          @Override
          public Mechanism divided(Mechanism.Divided divided) {
            return divided;
          }

          @Override
          public Mechanism gutterBand(Band.Gutter band) {
            return band;
          }

          @Override
          public Mechanism edgeBand(Band.Beyond band) {
            return new Band.Beyond(band.page(), lengths.positive("depth", given("depth", depth)));
          }
        });
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
