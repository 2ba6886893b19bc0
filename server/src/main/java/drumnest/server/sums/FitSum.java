package drumnest.server.sums;

import drumnest.core.fit.InsertFit;
import drumnest.core.measure.Box;
import drumnest.core.measure.Size;
import drumnest.server.stock.RulesInForce;
import drumnest.server.stock.UnitsInUse;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Does it go in? */
@Component
class FitSum implements Sum {

  private final RulesInForce rules;

  FitSum(RulesInForce rules) {
    this.rules = rules;
  }

  @Override
  public String name() {
    return "fit";
  }

  @Override
  public Map<String, @Nullable Object> answer(JsonNode question) {
    Values values = Values.of(question, "", "insert", "opening", "mayTurn");
    Size insert = values.size("insert");
    Size opening = values.size("opening");
    InsertFit fit = InsertFit.of(insert, opening, values.flag("mayTurn", true), rules.rules());
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
    Drawing drawing = new Drawing().room(Box.of(opening));
    if (fit.backing() != null) {
      drawing.cover(Drawing.within(opening, fit.backing()));
    }
    answer.put("drawing", drawing.piece(Drawing.within(opening, fit.insert())).boxes());
    answer.put("working", working(opening, fit));
    return answer;
  }

  private static String working(Size opening, InsertFit fit) {
    String play =
        Answers.said(
            "%s − %s = %s across; %s − %s = %s down",
            opening.w(),
            fit.insert().w(),
            fit.play().w(),
            opening.h(),
            fit.insert().h(),
            fit.play().h());
    return fit.trimTo().equals(fit.insert())
        ? play
        : play + "; trim to " + UnitsInUse.text(fit.trimTo());
  }
}
