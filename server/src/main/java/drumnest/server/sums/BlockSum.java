package drumnest.server.sums;

import drumnest.core.fit.MixedBlock;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** An upright photo beside a wide one, with pieces under the wide one. */
@Component
class BlockSum implements Sum {

  @Override
  public String name() {
    return "block";
  }

  @Override
  public Map<String, @Nullable Object> answer(JsonNode question) {
    Values values = Values.of(question, "", "upright", "wide", "pieces", "gap");
    MixedBlock block =
        MixedBlock.of(
                values.size("upright"),
                values.size("wide"),
                values.count("pieces"),
                values.lengthOrNone("gap"))
            .orElseThrow(
                () -> values.refuse("pieces", "do not fit beside the upright under the wide one"));
    Map<String, @Nullable Object> square = Answers.open();
    square.put("side", Answers.length(block.side()));
    square.put("widthLeft", Answers.length(block.widthLeft()));
    square.put("heightLeft", Answers.length(block.heightLeft()));
    Map<String, @Nullable Object> answer = Answers.open();
    answer.put("oblong", Answers.size(block.oblong()));
    answer.put("square", square);
    return answer;
  }
}
