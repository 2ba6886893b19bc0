package drumnest.server.movers.kind;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import drumnest.core.album.flap.Band;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.kind.MoverParts;
import drumnest.server.FieldProblemException;
import drumnest.server.stock.LengthReader;
import drumnest.server.stock.UnitsInUse;
import org.jspecify.annotations.Nullable;

/** How a mover of a kind is made, by the few real measures of that kind, as text. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
@JsonSubTypes({
  @JsonSubTypes.Type(value = ChainWords.ChainForm.class, name = "chain"),
  @JsonSubTypes.Type(value = BookletWords.BookletForm.class, name = "booklet"),
  @JsonSubTypes.Type(value = WaterfallWords.WaterfallForm.class, name = "waterfall"),
  @JsonSubTypes.Type(value = AccordionWords.AccordionForm.class, name = "accordion"),
  @JsonSubTypes.Type(value = FoldOutWords.FoldOutForm.class, name = "fold-out"),
  @JsonSubTypes.Type(value = DoorWords.DoorForm.class, name = "door"),
  @JsonSubTypes.Type(value = TuckSpotWords.TuckSpotForm.class, name = "tuck-spot"),
  @JsonSubTypes.Type(value = EdgeTuckWords.EdgeTuckForm.class, name = "edge-tuck"),
  @JsonSubTypes.Type(value = PullOutWords.PullOutForm.class, name = "pull-out"),
  @JsonSubTypes.Type(value = DividedWords.DividedForm.class, name = "divided-place"),
  @JsonSubTypes.Type(value = GutterBandWords.GutterBandForm.class, name = "gutter-band"),
  @JsonSubTypes.Type(value = EdgeBandWords.EdgeBandForm.class, name = "edge-band")
})
public sealed interface MechanismForm
    permits ChainWords.ChainForm,
        BookletWords.BookletForm,
        WaterfallWords.WaterfallForm,
        AccordionWords.AccordionForm,
        FoldOutWords.FoldOutForm,
        DoorWords.DoorForm,
        TuckSpotWords.TuckSpotForm,
        EdgeTuckWords.EdgeTuckForm,
        PullOutWords.PullOutForm,
        DividedWords.DividedForm,
        GutterBandWords.GutterBandForm,
        EdgeBandWords.EdgeBandForm {

  /**
   * How it is made by these measures.
   *
   * @param before how it was made, which says what no measure does
   * @throws FieldProblemException if a measure is not understood, or the mover is of another kind
   */
  Mechanism toMechanism(Mechanism before, LengthReader lengths);

  /** The measures of a mechanism. */
  static MechanismForm of(Mechanism mechanism) {
    return mechanism.accept(
        new Mechanism.Visitor<>() {
          @Override
          public MechanismForm chain(Mechanism.Chain chain) {
            return ChainWords.ChainForm.of(chain);
          }

          @Override
          public MechanismForm booklet(Mechanism.Booklet booklet) {
            return BookletWords.BookletForm.of(booklet);
          }

          @Override
          public MechanismForm waterfall(Mechanism.Waterfall waterfall) {
            return WaterfallWords.WaterfallForm.of(waterfall);
          }

          @Override
          public MechanismForm accordion(Mechanism.Accordion accordion) {
            return AccordionWords.AccordionForm.of(accordion);
          }

          @Override
          public MechanismForm foldOut(Mechanism.FoldOut foldOut) {
            return FoldOutWords.FoldOutForm.of(foldOut);
          }

          @Override
          public MechanismForm door(Mechanism.Door door) {
            return DoorWords.DoorForm.of(door);
          }

          @Override
          public MechanismForm tuckSpot(Mechanism.TuckSpot tuck) {
            return TuckSpotWords.TuckSpotForm.of(tuck);
          }

          @Override
          public MechanismForm edgeTuck(Mechanism.EdgeTuck tuck) {
            return EdgeTuckWords.EdgeTuckForm.of(tuck);
          }

          @Override
          public MechanismForm pullOut(Mechanism.PullOut pullOut) {
            return PullOutWords.PullOutForm.of(pullOut);
          }

          @Override
          public MechanismForm divided(Mechanism.Divided divided) {
            return DividedWords.DividedForm.of(divided);
          }

          @Override
          public MechanismForm gutterBand(Band.Gutter band) {
            return GutterBandWords.GutterBandForm.of(band);
          }

          @Override
          public MechanismForm edgeBand(Band.Beyond band) {
            return EdgeBandWords.EdgeBandForm.of(band);
          }
        });
  }

  /** One of the kind that is written. */
  static <M extends Mechanism> M ofKind(Class<M> kind, Mechanism before) {
    if (!kind.isInstance(before)) {
      throw new FieldProblemException("made.is", "This mover is of another kind; keep that.");
    }
    return kind.cast(before);
  }

  /**
   * @throws FieldProblemException if it is no number of parts
   */
  static int count(@Nullable String text) {
    String given = text == null ? "" : text.trim();
    if (!given.matches("\\d{1,3}")
        || Integer.parseInt(given) < 1
        || Integer.parseInt(given) > MoverParts.MOST) {
      throw new FieldProblemException(
          "count", "Give a whole number from 1 to " + MoverParts.MOST + ".");
    }
    return Integer.parseInt(given);
  }

  /**
   * @throws FieldProblemException if it is not understood
   */
  static Size card(LengthReader lengths, @Nullable String w, @Nullable String h) {
    return lengths.size("cardW", w, "cardH", h);
  }

  /**
   * @throws FieldProblemException if it is not understood
   */
  static Size sheet(LengthReader lengths, @Nullable String w, @Nullable String h) {
    return lengths.size("sheetW", w, "sheetH", h);
  }

  /** A length as it is written in a field. */
  static String exact(Length length) {
    return UnitsInUse.current().exact(length);
  }
}
