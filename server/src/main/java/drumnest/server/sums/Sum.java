package drumnest.server.sums;

import drumnest.core.place.ProgressMonitor;
import drumnest.server.FieldProblemException;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** One stand-alone calculator. */
interface Sum {

  /** Tells what it is called in its address. */
  String name();

  /**
   * @throws FieldProblemException if a value is not accepted
   */
  Map<String, @Nullable Object> answer(JsonNode question);

  /**
   * The answer of a sum that may take long.
   *
   * @param monitor told of progress; may stop it, and then the best so far is the answer
   */
  default Map<String, @Nullable Object> answer(JsonNode question, ProgressMonitor monitor) {
    return answer(question);
  }
}
