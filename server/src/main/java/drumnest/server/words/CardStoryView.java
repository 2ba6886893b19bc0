package drumnest.server.words;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import drumnest.core.album.ephemera.Ephemera;
import java.util.List;

/** The part of a story that stands on a card; other cards are named by their keys. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "of")
@JsonSubTypes({
  @JsonSubTypes.Type(value = CardStoryView.WholeView.class, name = "whole"),
  @JsonSubTypes.Type(value = CardStoryView.BeginsView.class, name = "begins"),
  @JsonSubTypes.Type(value = CardStoryView.RunsOnView.class, name = "runs-on"),
  @JsonSubTypes.Type(value = CardStoryView.EndsView.class, name = "ends")
})
sealed interface CardStoryView {

  /** All of it. */
  record WholeView() implements CardStoryView {}

  /** Its beginning; it runs on on the next card. */
  record BeginsView(int next) implements CardStoryView {}

  /** A part of the story of the card before, which runs on on the next. */
  record RunsOnView(int before, int next) implements CardStoryView {}

  /** The end of the story of the card before. */
  record EndsView(int before) implements CardStoryView {}

  /**
   * That of one of the cards over which a story runs.
   *
   * @param all these cards, in order
   */
  static CardStoryView of(Ephemera.Card card, List<Ephemera.Card> all) {
    int at = all.indexOf(card);
    boolean ends = at == all.size() - 1;
    if (at == 0) {
      return ends ? new WholeView() : new BeginsView(all.get(1).key());
    }
    int before = all.get(at - 1).key();
    return ends ? new EndsView(before) : new RunsOnView(before, all.get(at + 1).key());
  }
}
