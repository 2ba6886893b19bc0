package drumnest.server.sums;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.core.words.CardLines;
import drumnest.server.stock.RulesInForce;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** How many words go onto a card? */
@Component
class LinesSum implements Sum {

  private final RulesInForce rules;

  LinesSum(RulesInForce rules) {
    this.rules = rules;
  }

  private static final int MOST_DRAWN = 200;

  @Override
  public String name() {
    return "lines";
  }

  @Override
  public Map<String, @Nullable Object> answer(JsonNode question) {
    Values values = Values.of(question, "", "card", "margin", "heading", "pitch", "letter", "text");
    HouseRules inForce = rules.rules();
    Size size = values.size("card");
    Length margin = values.lengthOrNone("margin", inForce.length(HouseRule.CARD_MARGIN));
    Length heading = values.lengthOrNone("heading", Length.ZERO);
    Length pitch = values.length("pitch", inForce.length(HouseRule.HAND_PITCH));
    Length letter = values.length("letter", inForce.length(HouseRule.HAND_LETTER));
    CardLines card = CardLines.of(size, margin, heading, pitch, letter);
    Map<String, @Nullable Object> answer = Answers.open();
    answer.put("lines", card.lines());
    answer.put("lettersPerLine", card.lettersPerLine());
    answer.put("words", card.words());
    if (values.has("text")) {
      int needed = card.needed(values.text("text"));
      answer.put("needed", needed);
      answer.put("fits", needed <= card.lines());
    }
    Drawing drawing = new Drawing().room(Box.of(size));
    for (int i = 1; i <= card.lines() && i <= MOST_DRAWN; i++) {
      drawing.mark(
          new Box(
              margin,
              margin.plus(heading).plus(pitch.times(i)),
              size.w().minus(margin.times(2)),
              Length.ZERO));
    }
    answer.put("drawing", drawing.boxes());
    answer.put(
        "working",
        Answers.said(
            "(%s − %s − 2 × %s) ÷ %s: %d lines; (%s − 2 × %s) ÷ %s: %d letters; %d × %d ÷ 5: %d"
                + " words",
            size.h(),
            heading,
            margin,
            pitch,
            card.lines(),
            size.w(),
            margin,
            letter,
            card.lettersPerLine(),
            card.lines(),
            card.lettersPerLine(),
            card.words()));
    return answer;
  }
}
