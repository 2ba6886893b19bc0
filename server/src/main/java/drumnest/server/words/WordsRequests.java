package drumnest.server.words;

import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Fact;
import drumnest.core.album.ephemera.Lettering;
import drumnest.core.album.ephemera.TitleWords;
import drumnest.core.measure.Length;
import drumnest.core.words.PrinterOffset;
import drumnest.server.FieldProblemException;
import drumnest.server.frame.SizeRequest;
import drumnest.server.http.Plain;
import drumnest.server.stock.LengthReader;
import drumnest.server.stock.UnitsInUse;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Requests to do something with words. Each step names the version of the album it has seen. */
final class WordsRequests {

  private static final int MOST_LETTERS = 120_000;

  private WordsRequests() {}

  /**
   * Begins a card.
   *
   * @param slot where it goes; left out for nowhere yet
   * @param photos what it tells about; left out for the photos beside its place
   */
  record BeginCard(
      @NotNull Long version, @Nullable String slot, @Nullable List<@NotBlank String> photos) {}

  /** The words on a card, as it was typed. */
  record WriteCard(
      @NotNull Long version,
      @NotNull Integer card,
      @NotNull @Plain(is = "a heading", max = 300) String heading,
      @NotNull @Plain(is = "a date", max = 120) String date,
      @NotNull @Plain(is = "a text", max = MOST_LETTERS, lines = true) String body) {}

  /** The words on a card while they are typed; nothing is kept. */
  record CardDraft(
      @NotNull Integer card,
      @NotNull @Plain(is = "a heading", max = 300) String heading,
      @NotNull @Plain(is = "a date", max = 120) String date,
      @NotNull @Plain(is = "a text", max = MOST_LETTERS, lines = true) String body) {}

  /**
   * How a card is set.
   *
   * @param way hand or type
   * @param lettersPerInch by hand, how many letters are an inch long, such as 12 or 9.5
   * @param pitch by hand, how far lines are apart
   * @param face in type, its typeface
   * @param points in type, its size, in steps of a quarter
   * @param firstLine in type on a ruled card, how far its first line lies below its top
   * @param lineDistance how far its lines are apart; both left out on a blank card
   */
  record SetCard(
      @NotNull Long version,
      @NotNull Integer card,
      @NotNull SizeRequest size,
      @NotNull String margin,
      @NotBlank String way,
      @Nullable String lettersPerInch,
      @Nullable String pitch,
      @Nullable String face,
      @Nullable String points,
      @Nullable String firstLine,
      @Nullable String lineDistance) {

    private static final int MOST_POINTS = 72;
    private static final int LEAST_POINTS = 4;
    private static final int QUARTERS = 4;

    CardWords of(CardWords before) {
      LengthReader lengths = LengthReader.inUse();
      return before
          .written(lettering(lengths, before.lettering()))
          .withMargin(lengths.zeroOrMore("margin", margin));
    }

    private Lettering lettering(LengthReader lengths, Lettering before) {
      if (way.equals("hand")) {
        return new Lettering.ByHand(letter(before), lengths.positive("pitch", pitch));
      }
      if (!way.equals("type")) {
        throw new FieldProblemException("way", "Words are written by hand or in type.");
      }
      BigDecimal size = number("points", points, LEAST_POINTS, MOST_POINTS);
      BigDecimal quarters = size.multiply(BigDecimal.valueOf(QUARTERS));
      if (quarters.stripTrailingZeros().scale() > 0) {
        throw new FieldProblemException("points", "A size goes by quarters of a point.");
      }
      Length first = lengths.nullIfBlank("firstLine", firstLine);
      Length distance = lengths.nullIfBlank("lineDistance", lineDistance);
      if ((first == null) != (distance == null)) {
        throw new FieldProblemException(
            first == null ? "firstLine" : "lineDistance",
            "A ruled card has a first line and a distance; a blank one has neither.");
      }
      return new Lettering.Typed(
          face == null ? "" : face,
          quarters.intValueExact(),
          first == null || distance == null ? null : new Lettering.Ruling(first, distance));
    }

    /** A letter that is written as it was shown stays as it is: what is shown was rounded. */
    private Length letter(Lettering before) {
      if (before instanceof Lettering.ByHand hand
          && CardViews.lettersPerInch(hand.letter()).equals(lettersPerInch)) {
        return hand.letter();
      }
      BigDecimal letters = number("lettersPerInch", lettersPerInch, 2, 100);
      return Length.ofInches(BigDecimal.ONE.divide(letters, 12, RoundingMode.HALF_UP));
    }
  }

  /** Asks that new cards be written as this one is, by the house rules. */
  record UsualCard(@NotNull Long version, @NotNull Integer card) {}

  static BigDecimal number(String field, @Nullable String text, int least, int most) {
    try {
      BigDecimal number =
          new BigDecimal((text == null ? "" : text).strip().replace(',', '.').replace(" pt", ""));
      if (number.scale() <= 6
          && number.compareTo(BigDecimal.valueOf(least)) >= 0
          && number.compareTo(BigDecimal.valueOf(most)) <= 0) {
        return number;
      }
    } catch (NumberFormatException notOne) {
      // Said below.
    }
    throw new FieldProblemException(
        field, "Accepted is a number from " + least + " to " + most + ", such as " + least + ".5.");
  }

  /**
   * The marks of a card; what is left out stays.
   *
   * @param arrow whether an arrow on it points to its photo
   * @param hidden whether it stays out of what is made to show
   * @param label false to take it off the photo it is stuck on as a clear label
   */
  record MarkCard(
      @NotNull Long version,
      @NotNull Integer card,
      @Nullable Boolean arrow,
      @Nullable Boolean hidden,
      @Nullable Boolean label) {

    CardWords of(CardWords before) {
      CardWords next = arrow == null ? before : before.withArrow(arrow);
      next = hidden == null ? next : next.withHidden(hidden);
      return Boolean.FALSE.equals(label) ? next.labelling(null) : next;
    }
  }

  /** The photos that a card tells about. */
  record TellOf(
      @NotNull Long version, @NotNull Integer card, @NotNull List<@NotBlank String> photos) {}

  /** Takes a fix that was offered, by its name. */
  record TakeWordsFix(@NotNull Long version, @NotNull Integer key, @NotBlank String fix) {}

  record OfCard(@NotNull Long version, @NotNull Integer card) {}

  record WordsOfPhoto(@NotNull Long version, @NotBlank String photo) {}

  /**
   * A title.
   *
   * @param key left out for a new one
   * @param set the letter set it is made of
   * @param second the set from which it takes what that one lacks; left out for none
   * @param spacing between letters; may be negative
   */
  record SaveTitle(
      @NotNull Long version,
      @Nullable Integer key,
      @NotNull @Plain(is = "a title", max = 120, needed = true) String text,
      @NotBlank String set,
      @Nullable String second,
      @NotNull String run,
      @Nullable String spacing,
      @NotNull Boolean stacked,
      @NotNull Boolean fromEnd,
      @Nullable String about,
      @Nullable String chapter) {

    TitleWords toTitle() {
      LengthReader lengths = LengthReader.inUse();
      Length between = lengths.offset("spacing", spacing);
      if (between.isLessThan(Length.ofInches(-1))) {
        throw new FieldProblemException("spacing", "Letters lie at most an inch over each other.");
      }
      return new TitleWords(
          text.strip(),
          set,
          second == null || second.isBlank() ? null : second,
          lengths.positive("run", run),
          between,
          stacked,
          fromEnd,
          about == null || about.isBlank() ? null : about,
          chapter == null || chapter.isBlank() ? null : chapter,
          false);
    }
  }

  record StickTitle(@NotNull Long version, @NotNull Integer key, @NotNull Boolean stuck) {}

  /**
   * A fact.
   *
   * @param kind who, where, weather, overheard, thanks or other
   * @param chapter a photo of its chapter; left out for the whole album
   */
  record FactForm(
      @NotNull Long version,
      @NotNull Fact.Subject kind,
      @NotNull @Plain(is = "a fact", max = 300, needed = true) String text,
      @Nullable String chapter) {

    Fact toFact() {
      return new Fact(kind, text.strip(), chapter == null || chapter.isBlank() ? null : chapter);
    }
  }

  record TellFact(@NotNull Long version, @NotBlank String text, @NotNull Integer card) {}

  /** Plain text or Markdown, of which cards are made. */
  record BringIn(
      @NotNull Long version,
      @NotNull @Plain(is = "a text", max = MOST_LETTERS, lines = true, needed = true) String text,
      @Nullable String chapter) {}

  /** The printer's own offset, as it was measured on a test print; blank is as it should be. */
  record Printer(@Nullable String right, @Nullable String down, @Nullable String percent) {

    PrinterOffset toOffset() {
      return new PrinterOffset(
          off("right", right),
          off("down", down),
          percent == null || percent.isBlank()
              ? PrinterOffset.NONE.percent()
              : number("percent", percent.replace("%", ""), 50, 200));
    }

    private static Length off(String field, @Nullable String text) {
      Length off = LengthReader.inUse().offset(field, text);
      if (off.abs().isMoreThan(PrinterOffset.MOST)) {
        throw new FieldProblemException(
            field,
            "A printer is off by "
                + UnitsInUse.text(PrinterOffset.MOST)
                + " at most, either way. Measure the test print again.");
      }
      return off;
    }
  }
}
