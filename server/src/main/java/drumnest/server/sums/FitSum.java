package drumnest.server.sums;

import drumnest.core.fit.InsertFit;
import drumnest.core.stock.HouseRules;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Does it go in? */
@Component
class FitSum implements Sum {

  @Override
  public String name() {
    return "fit";
  }

  @Override
  public Map<String, @Nullable Object> answer(JsonNode question) {
    Values values = Values.of(question, "", "insert", "opening", "mayTurn");
    InsertFit fit =
        InsertFit.of(
            values.size("insert"),
            values.size("opening"),
            values.flag("mayTurn", true),
            HouseRules.defaults());
    Map<String, @Nullable Object> answer = Answers.open();
    answer.put("turned", fit.turned());
    answer.put("play", Answers.size(fit.play()));
    answer.put("verdict", Answers.key(fit.verdict()));
    answer.put("trimTo", Answers.size(fit.trimTo()));
    answer.put("trim", Answers.size(fit.trim()));
    if (fit.verdict() == InsertFit.Verdict.LOOSE) {
      answer.put("backing", Answers.size(fit.backing()));
      answer.put("reveal", Answers.size(fit.reveal()));
    }
    return answer;
  }
}
