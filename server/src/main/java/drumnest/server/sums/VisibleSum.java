package drumnest.server.sums;

import drumnest.core.cut.VisibleStrips;
import drumnest.core.measure.Box;
import drumnest.core.stock.HouseRule;
import drumnest.server.stock.RulesInForce;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** The sum of what shows of a sheet under others, and what is enough to cut. */
@Component
class VisibleSum implements Sum {

  private final RulesInForce rules;

  VisibleSum(RulesInForce rules) {
    this.rules = rules;
  }

  /** More would take long to divide up. */
  private static final int MOST_COVERS = 200;

  @Override
  public String name() {
    return "visible";
  }

  @Override
  public Map<String, @Nullable Object> answer(JsonNode question) {
    Values values = Values.of(question, "", "piece", "covers", "tuck");
    Box piece = values.box("piece");
    List<Box> covers = values.boxes("covers", MOST_COVERS);
    VisibleStrips visible =
        VisibleStrips.of(
            piece, covers, values.lengthOrNone("tuck", rules.rules().length(HouseRule.TUCK_UNDER)));
    Map<String, @Nullable Object> answer = Answers.open();
    answer.put("shows", visible.shows().stream().map(Answers::box).toList());
    answer.put("strips", visible.strips().stream().map(Answers::box).toList());
    answer.put("saved", visible.saved());
    Drawing drawing = new Drawing().room(piece);
    visible.strips().forEach(drawing::piece);
    covers.forEach(drawing::cover);
    answer.put("drawing", drawing.boxes());
    answer.put(
        "working",
        Answers.said(
            "%.2f − %.2f sq in: %.0f %% saved",
            area(piece),
            visible.strips().stream().mapToDouble(VisibleSum::area).sum(),
            visible.saved() * 100));
    return answer;
  }

  private static double area(Box box) {
    return box.w().toInches().doubleValue() * box.h().toInches().doubleValue();
  }
}
