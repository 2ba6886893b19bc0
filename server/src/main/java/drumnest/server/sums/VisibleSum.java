package drumnest.server.sums;

import drumnest.core.cut.VisibleStrips;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** What shows of a sheet under others, and what is enough to cut. */
@Component
class VisibleSum implements Sum {

  /** More would take long to divide up. */
  private static final int MOST_COVERS = 200;

  @Override
  public String name() {
    return "visible";
  }

  @Override
  public Map<String, @Nullable Object> answer(JsonNode question) {
    Values values = Values.of(question, "", "piece", "covers", "tuck");
    VisibleStrips visible =
        VisibleStrips.of(
            values.box("piece"),
            values.boxes("covers", MOST_COVERS),
            values.lengthOrNone("tuck", HouseRules.defaults().length(HouseRule.TUCK_UNDER)));
    Map<String, @Nullable Object> answer = Answers.open();
    answer.put("shows", visible.shows().stream().map(Answers::box).toList());
    answer.put("strips", visible.strips().stream().map(Answers::box).toList());
    answer.put("saved", visible.saved());
    return answer;
  }
}
