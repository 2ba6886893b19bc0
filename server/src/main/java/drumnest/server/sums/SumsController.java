package drumnest.server.sums;

import drumnest.server.FieldProblemException;
import drumnest.server.frame.Runs;
import io.swagger.v3.oas.annotations.Hidden;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The stand-alone calculators: a question in, an answer out, no album needed. */
@Hidden
@RestController
class SumsController {

  private final Sums sums;
  private final Runs runs;
  private final JsonMapper strict =
      JsonMapper.builder(
              JsonFactory.builder().enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION).build())
          .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
          .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
          .build();

  SumsController(Sums sums, Runs runs) {
    this.runs = runs;
    this.sums = sums;
  }

  @PostMapping(value = "/api/sums/{name}", produces = MediaType.APPLICATION_JSON_VALUE)
  String answer(
      @PathVariable("name") String name,
      @RequestParam(name = "run", required = false) @Nullable String run,
      @RequestBody(required = false) byte @Nullable [] body) {
    // An answer says null where there is no value, unlike the rest of the interface.
    JsonNode question = question(body);
    return strict.writeValueAsString(
        runs.run(run, monitor -> sums.answer(name, question, monitor)));
  }

  private JsonNode question(byte @Nullable [] body) {
    try {
      JsonNode question = strict.readTree(body == null ? new byte[0] : body);
      if (question != null && question.isObject()) {
        return question;
      }
    } catch (JacksonException notJson) {
      throw new FieldProblemException("body", "The body is no JSON; accepted is a JSON object.");
    }
    throw new FieldProblemException("body", "The body is no JSON object.");
  }
}
