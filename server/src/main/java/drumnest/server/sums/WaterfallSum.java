package drumnest.server.sums;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.kind.Waterfall;
import drumnest.core.stock.HouseRule;
import drumnest.server.stock.RulesInForce;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** How many cards go into a waterfall, or how long is one? */
@Component
class WaterfallSum implements Sum {

  private static final int MOST_DRAWN = 200;

  private final RulesInForce rules;

  WaterfallSum(RulesInForce rules) {
    this.rules = rules;
  }

  @Override
  public String name() {
    return "waterfall";
  }

  @Override
  public Map<String, @Nullable Object> answer(JsonNode question) {
    Values values = Values.of(question, "", "card", "step", "run", "count");
    Size card = values.size("card");
    Length step = values.length("step");
    Waterfall waterfall =
        values.oneOf("run", "count").equals("run")
            ? Waterfall.over(values.length("run"), card, step)
            : new Waterfall(card, step, values.count("count"));
    Length strip = rules.rules().length(HouseRule.ADHESIVE_STRIP);
    Map<String, @Nullable Object> answer = Answers.open();
    answer.put("count", waterfall.count());
    answer.put("run", Answers.length(waterfall.run()));
    answer.put("starts", Answers.lengths(waterfall.starts()));
    answer.put("visible", Answers.lengths(waterfall.visible()));
    answer.put(
        "warning",
        step.isLessThan(strip)
            ? Answers.said(
                "A step of %s is less than the adhesive strip of %s, which would stick to the card"
                    + " above it.",
                step, strip)
            : null);
    answer.put("drawing", drawing(waterfall));
    answer.put(
        "working",
        Answers.said("%s + %s × %s = %s", card.h(), waterfall.count() - 1, step, waterfall.run()));
    return answer;
  }

  /** The lowest layer first, so that each lies over the one before. */
  private static List<Map<String, @Nullable Object>> drawing(Waterfall waterfall) {
    Drawing drawing =
        new Drawing()
            .room(new Box(Length.ZERO, Length.ZERO, waterfall.card().w(), waterfall.run()));
    waterfall.starts().stream()
        .limit(MOST_DRAWN)
        .forEach(
            start ->
                drawing.piece(
                    Box.of(
                        Length.ZERO,
                        waterfall.run().minus(start).minus(waterfall.card().h()),
                        waterfall.card())));
    return drawing.boxes();
  }
}
