package drumnest.server.movers;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.leaf.Spread;
import drumnest.core.measure.Edge;
import drumnest.core.mover.MoverSuggestions;
import drumnest.core.mover.MoverSuggestions.Suggestion;
import drumnest.core.stock.HouseRule;
import drumnest.server.album.StockLeft;
import drumnest.server.frame.SlotNames;
import drumnest.server.frame.Words;
import drumnest.server.stock.UnitsInUse;
import java.util.List;
import org.springframework.stereotype.Component;

/** Shows the movers that would take in what is left over, on a spread. */
@Component
class SuggestionViews {

  /** More photos no spread is asked to take in at once. */
  private static final int MOST = 30;

  private final StockLeft stock;

  SuggestionViews(StockLeft stock) {
    this.stock = stock;
  }

  /**
   * A mover that could be put at a place.
   *
   * @param kind flap, chain or accordion
   * @param edge the edge over which it opens; of an accordion that of its anchor
   * @param faces how many places it gives
   * @param text what it is and where, in a sentence
   */
  record SuggestionView(
      String slot, MoverSuggestions.SuggestedMover kind, Edge edge, int faces, String text) {}

  /**
   * The movers that would take in what is left over.
   *
   * @param waiting how many photos have no place
   * @param faces how many places all of them together give
   */
  record SuggestionsView(int waiting, int faces, List<SuggestionView> suggestions) {}

  SuggestionsView of(AlbumModel album, Spread spread) {
    int waiting =
        (int)
            album.line().stream()
                .filter(photo -> !photo.isOut() && album.slotOf(photo.id()).isEmpty())
                .count();
    List<Suggestion> found =
        MoverSuggestions.of(
            spread,
            Math.min(MOST, waiting),
            stock.sleeves(album),
            album.rules().length(HouseRule.MOVER_THICKNESS),
            album.rules());
    return new SuggestionsView(
        waiting,
        found.stream().mapToInt(Suggestion::faces).sum(),
        found.stream().map(SuggestionViews::of).toList());
  }

  private static SuggestionView of(Suggestion suggestion) {
    String what =
        switch (suggestion.kind()) {
          case FLAP -> "A sleeve over ";
          case CHAIN -> "A chain of " + suggestion.used() + " sleeves over ";
          case ACCORDION -> "An accordion over ";
        };
    String past =
        suggestion.past().isPositive()
            ? ", " + UnitsInUse.text(suggestion.past()) + " past the page"
            : "";
    return new SuggestionView(
        suggestion.at().id(),
        suggestion.kind(),
        suggestion.edge(),
        suggestion.faces(),
        what
            + SlotNames.of(suggestion.at())
            + ": "
            + Words.counted(suggestion.faces(), "place", "places")
            + past
            + ".");
  }
}
