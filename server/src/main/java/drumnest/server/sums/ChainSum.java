package drumnest.server.sums;

import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.mover.kind.SleeveChain;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** How far does a chain of sleeves pull out? */
@Component
class ChainSum implements Sum {

  private static final int MOST_DRAWN = 200;

  @Override
  public String name() {
    return "chain";
  }

  @Override
  public Map<String, @Nullable Object> answer(JsonNode question) {
    Values values = Values.of(question, "", "sleeve", "links", "first");
    Edge first =
        values.oneOfChoices("first", "left", "right").equals("left") ? Edge.LEFT : Edge.RIGHT;
    SleeveChain chain = new SleeveChain(values.size("sleeve"), values.count("links"), first);
    Map<String, @Nullable Object> answer = Answers.open();
    answer.put("reach", Answers.length(chain.reach()));
    answer.put("hinges", chain.hinges().stream().map(Answers::key).toList());
    Drawing drawing = new Drawing();
    for (int i = 0; i < Math.min(chain.links(), MOST_DRAWN); i++) {
      drawing.piece(Box.of(chain.sleeve().w().times(i), Length.ZERO, chain.sleeve()));
    }
    answer.put("drawing", drawing.boxes());
    answer.put(
        "working", Answers.said("%s × %s = %s", chain.links(), chain.sleeve().w(), chain.reach()));
    return answer;
  }
}
