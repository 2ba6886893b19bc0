package drumnest.server.sums;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** One stand-alone calculator. */
interface Sum {

  /** What it is called in its address. */
  String name();

  /**
   * @throws SumProblemException if a value is not accepted
   */
  Map<String, @Nullable Object> answer(JsonNode question);
}
