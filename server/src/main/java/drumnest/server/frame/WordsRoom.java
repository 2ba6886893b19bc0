package drumnest.server.frame;

import drumnest.core.album.Ephemera;
import drumnest.core.measure.Length;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.core.words.CardLines;

/** Whether what is written on a card fits it, by hand. */
public final class WordsRoom {

  private WordsRoom() {}

  public static String of(Ephemera card, HouseRules rules) {
    CardLines lines =
        CardLines.of(
            card.size(),
            rules.length(HouseRule.CARD_MARGIN),
            Length.ZERO,
            rules.length(HouseRule.HAND_PITCH),
            rules.length(HouseRule.HAND_LETTER));
    if (card.words().isBlank()) {
      return "room for " + lines.lines() + " lines by hand";
    }
    int needed = lines.needed(card.words());
    return needed <= lines.lines()
        ? needed + " of " + lines.lines() + " lines by hand"
        : "needs "
            + needed
            + " lines, has "
            + lines.lines()
            + ": a larger or a second card, or behind a flap";
  }
}
