package drumnest.server.http;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import tools.jackson.databind.json.JsonMapper;

/**
 * Answers a request that comes to no controller with a problem document (source: RFC 9457).
 *
 * @param status the status of HTTP
 * @param title the kind of problem, in a few words
 * @param detail what is wrong and what is accepted, in sentences
 * @param field the part of the request that is wrong; null where it is none in particular
 */
public record ProblemResponse(int status, String title, String detail, @Nullable String field) {

  private static final JsonMapper JSON = JsonMapper.builder().build();

  public void write(HttpServletResponse response) throws IOException {
    Map<String, Object> problem = new LinkedHashMap<>();
    problem.put("title", title);
    problem.put("status", status);
    problem.put("detail", detail);
    if (field != null) {
      problem.put("field", field);
    }
    response.setStatus(status);
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response.setCharacterEncoding("UTF-8");
    response.getWriter().write(JSON.writeValueAsString(problem));
  }
}
