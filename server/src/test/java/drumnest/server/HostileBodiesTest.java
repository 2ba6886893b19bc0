package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Everything that takes JSON gets what it does not expect; nothing answers with a failure. */
class HostileBodiesTest {

  @RegisterExtension
  static final RunningServer SERVER = new RunningServer("--drumnest.share.addresses=127.0.0.2");

  private static long version;

  private static final List<Object> VALUES =
      List.of(
          "",
          "1/0",
          "99999999999999999999",
          "1e400",
          "../../etc/passwd",
          "\u0000",
          "🪁".repeat(3000),
          -1,
          2_000_000_000,
          1.5,
          true,
          List.of(1, "a"),
          Map.of("w", "x"));

  /** A request that takes a body: its path with names filled in, and the fields it knows. */
  private record Taking(String path, List<String> fields) {}

  private static JsonNode description() {
    return SERVER.get("/v3/api-docs").is(200).json();
  }

  private static Stream<Taking> taking() {
    JsonNode description = description();
    List<Taking> all = new ArrayList<>();
    description
        .get("paths")
        .propertyStream()
        .forEach(
            path -> {
              JsonNode schema =
                  path.getValue().at("/post/requestBody/content/application~1json/schema/$ref");
              if (schema.isString()) {
                String name = schema.stringValue().replaceAll(".*/", "");
                List<String> fields = new ArrayList<>();
                description
                    .at("/components/schemas/" + name + "/properties")
                    .propertyStream()
                    .forEach(field -> fields.add(field.getKey()));
                all.add(new Taking(filled(path.getKey()), fields));
              }
            });
    return all.stream();
  }

  private static String filled(String path) {
    return path.replace("{id}", "1")
        .replace("{key}", "12x12-six-6x4")
        .replace("{name}", "loose-above")
        .replaceAll("\\{[a-z]+}", "1");
  }

  private static void answersWithoutFailing(Taking taking, Object body) {
    RunningServer.Answer answer = SERVER.post(taking.path(), body);
    assertThat(answer.status())
        .as("%s with %s: %s", taking.path(), body, answer.text())
        .isLessThan(500);
    if (answer.status() == 200) {
      version = SERVER.album().get("version").longValue();
    }
  }

  @BeforeEach
  void newest() {
    version = SERVER.album().get("version").longValue();
  }

  @Test
  void there_are_requests_that_take_a_body() {
    assertThat(taking()).hasSizeGreaterThan(25);
  }

  @Test
  void what_is_no_object_is_refused() {
    taking()
        .forEach(
            taking ->
                Stream.of("", "{", "[]", "null", "7", "\"words\"", "{\"a\":", "\u0000")
                    .forEach(
                        body ->
                            assertThat(SERVER.post(taking.path(), body).status())
                                .as("%s with %s", taking.path(), body)
                                .isBetween(400, 499)));
  }

  @Test
  void a_field_that_is_not_known_is_refused_and_not_passed_over() {
    taking()
        .forEach(
            taking ->
                assertThat(SERVER.post(taking.path(), Map.of("surprise", 1)).status())
                    .as(taking.path())
                    .isBetween(400, 499));
  }

  @Test
  void no_value_of_any_field_makes_it_fail() {
    taking()
        .forEach(
            taking -> {
              for (String field : taking.fields()) {
                for (Object value : VALUES) {
                  Map<String, Object> body = new LinkedHashMap<>();
                  if (taking.fields().contains("version")) {
                    body.put("version", version);
                  }
                  body.put(field, value);
                  answersWithoutFailing(taking, body);
                }
              }
            });
    assertThat(SERVER.album().get("spread")).isNotNull();
  }

  @Test
  void no_pair_of_values_makes_it_fail() {
    List<Object> few = List.of("4", "front", "1-back-1", 1, 99, Map.of("w", "4", "h", "4"));
    taking()
        .forEach(
            taking -> {
              for (Object value : few) {
                Map<String, Object> body = new LinkedHashMap<>();
                for (String field : taking.fields()) {
                  body.put(field, value);
                }
                if (taking.fields().contains("version")) {
                  body.put("version", version);
                }
                answersWithoutFailing(taking, body);
              }
            });
  }
}
