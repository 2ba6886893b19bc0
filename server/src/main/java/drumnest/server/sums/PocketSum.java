package drumnest.server.sums;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.kind.PullOutPocket;
import drumnest.core.stock.HouseRule;
import drumnest.server.stock.RulesInForce;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** How wide must a pocket be for a folded pull-out? */
@Component
class PocketSum implements Sum {

  private final RulesInForce rules;

  PocketSum(RulesInForce rules) {
    this.rules = rules;
  }

  @Override
  public String name() {
    return "pocket";
  }

  @Override
  public Map<String, @Nullable Object> answer(JsonNode question) {
    Values values = Values.of(question, "", "insert", "pages", "card", "play");
    Size insert = values.size("insert");
    Length play = values.lengthOrNone("play", rules.rules().length(HouseRule.PULLOUT_PLAY));
    int pages = values.count("pages");
    Length card = values.length("card", rules.rules().length(HouseRule.PULLOUT_CARD));
    PullOutPocket pocket = PullOutPocket.folded(insert, pages, card, play);
    Map<String, @Nullable Object> answer = Answers.open();
    answer.put("thickness", Answers.length(pocket.thickness()));
    answer.put("flatWidth", Answers.length(pocket.flatWidth()));
    Size flat = new Size(pocket.flatWidth(), insert.h());
    answer.put(
        "drawing", new Drawing().room(Box.of(flat)).piece(Drawing.within(flat, insert)).boxes());
    answer.put(
        "working",
        Answers.said(
            "%s + %s × %s + 2 × %s = %s", insert.w(), pages, card, play, pocket.flatWidth()));
    return answer;
  }
}
