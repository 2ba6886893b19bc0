package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** Entries of every kind are added, read as they were written, changed and taken off. */
class EveryKindOfEntryTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  static Stream<Arguments> kinds() {
    return Stream.of(
        Arguments.of("format", Map.of("w", "9", "h", "9 1/2")),
        Arguments.of("leaf", Map.of("w", "9", "h", "9 1/2", "keepFree", "1/2")),
        Arguments.of("sleeve", Map.of("w", "3", "h", "5", "hinge", "long", "perPack", 8)),
        Arguments.of("card", Map.of("w", "3", "h", "5", "thickness", ".014")),
        Arguments.of("print", Map.of("w", "3 1/2", "h", "5")),
        Arguments.of(
            "sheet", Map.of("w", "210 mm", "h", "297 mm", "strip", "1/2", "directional", true)),
        Arguments.of("material", Map.of("thickness", ".3 mm")));
  }

  private static Map<String, Object> form(String kind, String name, Map<String, Object> facts) {
    Map<String, Object> form = new LinkedHashMap<>(facts);
    form.put("kind", kind);
    form.put("name", name);
    return form;
  }

  private static JsonNode named(JsonNode catalogue, String name) {
    return catalogue
        .get("entries")
        .valueStream()
        .filter(entry -> entry.get("name").stringValue().equals(name))
        .findFirst()
        .orElse(null);
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void an_own_entry_is_there_until_it_is_taken_off(String kind, Map<String, Object> facts) {
    String name = "Own " + kind;
    JsonNode added =
        named(SERVER.post("/api/catalogue", form(kind, name, facts)).is(200).json(), name);
    assertThat(added.get("kind").stringValue()).isEqualTo(kind);
    assertThat(added.hasNonNull("provenance")).isFalse();
    JsonNode written = added.get("form");
    facts.forEach(
        (field, value) -> {
          if (!value.toString().contains("mm")) {
            assertThat(written.get(field).asString())
                .as(field)
                .isEqualTo(value.toString().replaceAll("^\\.(\\d+)$", "0.$1 in"));
          }
        });
    String key = added.get("key").stringValue();
    JsonNode renamed =
        SERVER.post("/api/catalogue/" + key, form(kind, name + " 2", facts)).is(200).json();
    assertThat(named(renamed, name)).isNull();
    assertThat(named(renamed, name + " 2").get("key").stringValue()).isEqualTo(key);
    JsonNode gone =
        SERVER.post("/api/catalogue/" + key + "/remove", Map.of("confirmed", false)).is(200).json();
    assertThat(named(gone, name + " 2").get("gone").booleanValue()).isTrue();
    JsonNode again = SERVER.post("/api/catalogue/" + key + "/restore", Map.of()).is(200).json();
    assertThat(named(again, name + " 2").get("gone").booleanValue()).isFalse();
  }

  @ParameterizedTest
  @CsvSource({
    "sleeve, hinge, sideways",
    "sleeve, perPack, 0",
    "card, thickness, thin",
    "card, thickness, 0",
    "sheet, strip, -1",
    "sheet, h, ''",
    "leaf, keepFree, 200",
    "material, thickness, ''",
    "format, w, 0"
  })
  void what_is_wrong_is_named_and_nothing_is_added(String kind, String field, String value) {
    Map<String, Object> facts = new LinkedHashMap<>();
    kinds()
        .filter(each -> each.get()[0].equals(kind))
        .forEach(each -> ((Map<?, ?>) each.get()[1]).forEach((k, v) -> facts.put(k + "", v)));
    facts.put(field, field.equals("perPack") ? Integer.valueOf(value) : value);
    JsonNode refused =
        SERVER.post("/api/catalogue", form(kind, "Wrong " + kind, facts)).is(400).json();
    assertThat(refused.get("field").stringValue()).isEqualTo(field);
    assertThat(named(SERVER.get("/api/catalogue").json(), "Wrong " + kind)).isNull();
  }

  @Test
  void an_entry_that_is_not_there_is_not_changed() {
    SERVER.post("/api/catalogue/none", form("print", "x", Map.of("w", "1", "h", "1"))).is(404);
    SERVER.post("/api/catalogue/none/back", Map.of()).is(404);
    SERVER.post("/api/catalogue/none/remove", Map.of("confirmed", true)).is(404);
    SERVER.get("/api/catalogue/none/pattern").is(404);
  }

  @Test
  void a_kind_is_not_changed_into_another() {
    JsonNode refused =
        SERVER
            .post(
                "/api/catalogue/print-4x6",
                form("card", "4 × 6", Map.of("w", "4", "h", "6", "thickness", ".01")))
            .is(400)
            .json();
    assertThat(refused.get("field").stringValue()).isEqualTo("kind");
  }
}
