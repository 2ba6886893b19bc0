package drumnest.server.sums;

import drumnest.core.stock.PaperWeight;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Pounds and grams of paper. */
@Component
class PaperSum implements Sum {

  @Override
  public String name() {
    return "paper";
  }

  @Override
  public Map<String, @Nullable Object> answer(JsonNode question) {
    Values values = Values.of(question, "", "basis", "pounds", "gsm");
    PaperWeight weight =
        PaperWeight.valueOf(
            values
                .oneOfChoices("basis", "cover", "text", "bond", "index")
                .toUpperCase(Locale.ROOT));
    boolean byPounds = values.oneOf("pounds", "gsm").equals("pounds");
    double gsm = byPounds ? weight.gsm(values.number("pounds")) : values.number("gsm");
    Map<String, @Nullable Object> answer = Answers.open();
    answer.put("gsm", gsm);
    answer.put("pounds", byPounds ? values.number("pounds") : weight.pounds(gsm));
    answer.put(
        "working",
        Answers.said(
            "%.2f lb × %.4f = %.2f g/m²",
            byPounds ? values.number("pounds") : weight.pounds(gsm), weight.gsm(1), gsm));
    return answer;
  }
}
