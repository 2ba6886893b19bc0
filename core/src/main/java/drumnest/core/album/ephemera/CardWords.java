package drumnest.core.album.ephemera;

import drumnest.core.measure.Length;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The words of a card.
 *
 * @param heading what stands above it; empty for nothing
 * @param date the day it tells of, as it is to be read; empty for none
 * @param body the story, as it was typed; a line that begins with a hyphen and a space is an item
 *     of a list. Empty on a card on which another one runs on
 * @param lettering how it is written
 * @param margin what stays free around it
 * @param about the photos it tells about, by their identities
 * @param arrow whether an arrow on it points to the first of them
 * @param continues the key of the card whose words run on here; null where it has its own
 * @param label the photo on which it is stuck as a clear label, by its identity; null for a card
 * @param hidden whether it stays out of anything that is made for showing
 */
public record CardWords(
    String heading,
    String date,
    String body,
    Lettering lettering,
    Length margin,
    List<String> about,
    boolean arrow,
    @Nullable Integer continues,
    @Nullable String label,
    boolean hidden)
    implements Inscription {

  public CardWords {
    about = List.copyOf(about);
  }

  /** A card with nothing but a text, by the house's own hand. */
  public static CardWords of(String body, HouseRules rules) {
    return new CardWords(
        "",
        "",
        body,
        Lettering.byHand(rules),
        rules.length(HouseRule.CARD_MARGIN),
        List.of(),
        false,
        null,
        null,
        false);
  }

  @Override
  public String text() {
    return Stream.of(heading, date, body)
        .filter(part -> !part.isBlank())
        .collect(Collectors.joining("\n"));
  }

  /** A copy saying something else. */
  public CardWords saying(String nextHeading, String nextDate, String nextBody) {
    return new CardWords(
        nextHeading, nextDate, nextBody, lettering, margin, about, arrow, continues, label, hidden);
  }

  /** A copy written in another way. */
  public CardWords written(Lettering next) {
    return new CardWords(heading, date, body, next, margin, about, arrow, continues, label, hidden);
  }

  /** A copy with another margin. */
  public CardWords withMargin(Length next) {
    return new CardWords(
        heading, date, body, lettering, next, about, arrow, continues, label, hidden);
  }

  /** A copy about other photos. */
  public CardWords about(List<String> next) {
    return new CardWords(
        heading, date, body, lettering, margin, next, arrow, continues, label, hidden);
  }

  /** A copy with an arrow or without. */
  public CardWords withArrow(boolean next) {
    return new CardWords(
        heading, date, body, lettering, margin, about, next, continues, label, hidden);
  }

  /** A copy, on which the words of another card run on. */
  public CardWords continuing(@Nullable Integer card) {
    return new CardWords(heading, date, body, lettering, margin, about, arrow, card, label, hidden);
  }

  /** A copy for showing or not. */
  public CardWords withHidden(boolean next) {
    return new CardWords(
        heading, date, body, lettering, margin, about, arrow, continues, label, next);
  }

  /** A copy stuck on a photo as a clear label; null for a card. */
  public CardWords labelling(@Nullable String photo) {
    return new CardWords(
        heading, date, body, lettering, margin, about, arrow, continues, photo, hidden);
  }
}
