package drumnest.server.sums;

import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.place.ProgressMonitor;
import drumnest.server.FieldProblemException;
import drumnest.server.stock.MoverProblemText;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** All the stand-alone calculators by name. */
@Component
public class Sums {

  private final Map<String, Sum> sums;

  Sums(List<Sum> sums) {
    this.sums = sums.stream().collect(Collectors.toMap(Sum::name, Function.identity()));
  }

  /**
   * The answer to a question.
   *
   * @throws FieldProblemException if there is no such sum, or the question is not understood
   */
  public Map<String, @Nullable Object> answer(String name, JsonNode question) {
    return answer(name, question, ProgressMonitor.NONE);
  }

  /** The answer, watched: what takes long says how far it is, and can be stopped. */
  public Map<String, @Nullable Object> answer(
      String name, JsonNode question, ProgressMonitor monitor) {
    Sum sum = sums.get(name);
    if (sum == null) {
      throw new FieldProblemException(
          "name",
          "There is no sum of this name; known are "
              + sums.keySet().stream().sorted().collect(Collectors.joining(", "))
              + ".");
    }
    try {
      return sum.answer(question, monitor);
    } catch (MoverProblemException e) {
      throw problem(e, e.field());
    }
  }

  /** Tells what is wrong with a mover, at the field of the question that says it. */
  static FieldProblemException problem(MoverProblemException e, String field) {
    return new FieldProblemException(field, field + MoverProblemText.after(e));
  }
}
