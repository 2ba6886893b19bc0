package drumnest.server.sums;

import drumnest.core.measure.Length;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.core.words.CardLines;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** How many words go onto a card? */
@Component
class LinesSum implements Sum {

  @Override
  public String name() {
    return "lines";
  }

  @Override
  public Map<String, @Nullable Object> answer(JsonNode question) {
    Values values = Values.of(question, "", "card", "margin", "heading", "pitch", "letter", "text");
    HouseRules rules = HouseRules.defaults();
    CardLines card =
        CardLines.of(
            values.size("card"),
            values.lengthOrNone("margin", rules.length(HouseRule.CARD_MARGIN)),
            values.lengthOrNone("heading", Length.ZERO),
            values.length("pitch", rules.length(HouseRule.HAND_PITCH)),
            values.length("letter", rules.length(HouseRule.HAND_LETTER)));
    Map<String, @Nullable Object> answer = Answers.open();
    answer.put("lines", card.lines());
    answer.put("lettersPerLine", card.lettersPerLine());
    answer.put("words", card.words());
    if (values.has("text")) {
      int needed = card.needed(values.text("text"));
      answer.put("needed", needed);
      answer.put("fits", needed <= card.lines());
    }
    return answer;
  }
}
