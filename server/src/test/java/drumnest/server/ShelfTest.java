package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

class ShelfTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static final Map<String, String> WHOLE = Map.of("is", "whole");

  private static JsonNode entry(String key) {
    return SERVER
        .get("/api/catalogue")
        .is(200)
        .json()
        .get("entries")
        .valueStream()
        .filter(each -> each.get("key").stringValue().equals(key))
        .findFirst()
        .orElseThrow();
  }

  private static JsonNode named(JsonNode catalogue, String name) {
    return catalogue
        .get("entries")
        .valueStream()
        .filter(each -> each.get("name").stringValue().equals(name))
        .findFirst()
        .orElseThrow();
  }

  private static RunningServer.Answer bringIn(byte[] file) {
    return SERVER.send(
        HttpRequest.newBuilder(URI.create(SERVER.address() + "/api/catalogue/import"))
            .header("Content-Type", "application/octet-stream")
            .POST(HttpRequest.BodyPublishers.ofByteArray(file))
            .build());
  }

  private static RunningServer.Answer bringIn(String text) {
    return bringIn(text.getBytes(StandardCharsets.UTF_8));
  }

  @Test
  void entries_are_changed_marked_and_put_back_also_after_a_restart() {
    String key = "material-foam-square";
    Map<String, String> thicker =
        Map.of("kind", "material", "name", "Foam square", "thickness", ".08");
    SERVER.post("/api/catalogue/" + key, thicker).is(200);
    SERVER.restart();
    assertThat(entry(key).get("changed").booleanValue()).isTrue();
    assertThat(entry(key).get("facts").get(0).stringValue()).startsWith("0.08");
    SERVER.post("/api/catalogue/" + key + "/back", Map.of()).is(200);
    assertThat(entry(key).get("changed").booleanValue()).isFalse();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "{\"kind\":\"print\",\"name\":\"\",\"w\":\"4\",\"h\":\"6\"};name",
        "{\"kind\":\"print\",\"name\":\"x\",\"w\":\"four\",\"h\":\"6\"};w",
        "{\"kind\":\"print\",\"name\":\"x\",\"w\":\"4\",\"h\":\"101\"};h",
        "{\"kind\":\"thing\",\"name\":\"x\"};kind",
        "{\"kind\":\"print\",\"name\":\"4 × 6\",\"w\":\"4\",\"h\":\"6\"};name",
        "{\"kind\":\"sleeve\",\"name\":\"x\",\"w\":\"3\",\"h\":\"4\",\"hinge\":\"any\",\"perPack\":6};hinge",
        "{\"kind\":\"sleeve\",\"name\":\"x\",\"w\":\"3\",\"h\":\"4\",\"hinge\":\"short\"};perPack",
        "{\"kind\":\"sheet\",\"name\":\"x\",\"w\":\"3\",\"h\":\"4\",\"strip\":\"5\"};strip",
        "{\"kind\":\"material\",\"name\":\"x\"};thickness",
        "{\"kind\":\"leaf\",\"name\":\"x\",\"w\":\"6\",\"h\":\"6\",\"pockets\":[{\"x\":\"4\",\"y\":\"0\",\"w\":\"3\",\"h\":\"3\"}]};pockets"
      })
  void a_wrong_entry_is_refused_by_its_field(String body, String field) {
    int before = SERVER.get("/api/catalogue").json().get("entries").size();
    JsonNode refused = SERVER.post("/api/catalogue", body).is(400).json();
    assertThat(refused.get("field").stringValue()).isEqualTo(field);
    assertThat(SERVER.get("/api/catalogue").json().get("entries")).hasSize(before);
  }

  @Test
  void the_file_that_goes_out_comes_in_again_and_brings_only_what_is_new() {
    byte[] file = SERVER.get("/api/catalogue/file.json").is(200).bytes();
    JsonNode nothing = bringIn(file).is(200).json();
    assertThat(nothing.get("added").intValue()).isZero();
    String more =
        new String(file, StandardCharsets.UTF_8)
            .replaceFirst("\"Card 3 × 4\"", "\"Card from a friend\"");
    assertThat(bringIn(more).is(200).json().get("added").intValue()).isEqualTo(1);
    JsonNode friend = named(SERVER.get("/api/catalogue").json(), "Card from a friend");
    assertThat(friend.get("provenance")).isNull();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "not json",
        "[]",
        "{\"file\": \"something else\", \"version\": 1, \"entries\": []}",
        "{\"file\": \"drumnest-catalogue\", \"version\": 7, \"entries\": []}",
        "{\"file\": \"drumnest-catalogue\", \"version\": 1}",
        "{\"file\": \"drumnest-catalogue\", \"version\": 1, \"entries\": [null]}",
        "{\"file\": \"drumnest-catalogue\", \"version\": 1, \"entries\": [], \"more\": 1}",
        "{\"file\": \"drumnest-catalogue\", \"version\": 1, \"entries\": [{\"kind\": \"print\","
            + " \"name\": \"good\", \"w\": \"1\", \"h\": \"1\"}, {\"kind\": \"print\", \"name\":"
            + " \"bad\", \"w\": \"-1\", \"h\": \"1\"}]}",
        "{\"file\": \"drumnest-catalogue\", \"version\": 1, \"entries\": [{\"kind\": \"leaf\","
            + " \"name\": \"half\", \"w\": \"1\", \"h\": \"1\", \"pockets\": [null]}]}"
      })
  void a_file_that_is_not_ours_or_broken_is_refused_whole(String file) {
    JsonNode before = SERVER.get("/api/catalogue").json();
    JsonNode refused = bringIn(file).is(400).json();
    assertThat(refused.get("detail").stringValue())
        .isNotBlank()
        .doesNotContain("drumnest.server", "jackson", "java.");
    assertThat(SERVER.get("/api/catalogue").json()).isEqualTo(before);
  }

  @Test
  void a_huge_file_is_refused() {
    JsonNode refused = bringIn(new byte[(4 << 20) + 1]).is(400).json();
    assertThat(refused.get("detail").stringValue()).contains("4 MB");
  }

  @Test
  void a_ruled_protector_becomes_a_kind_of_leaf_with_its_back_mirrored() {
    Map<String, Object> columns =
        Map.of(
            "is",
            "divided",
            "direction",
            "across",
            "prints",
            List.of("6", "4"),
            "parts",
            List.of(WHOLE, WHOLE));
    Map<String, Object> form =
        Map.of("name", "Ruled 6 and 4", "w", "12", "h", "6", "part", columns);
    JsonNode ruled = SERVER.post("/api/catalogue/ruling", form).is(200).json();
    assertThat(ruled.get("whole").booleanValue()).isTrue();
    assertThat(ruled.at("/leftOver/0/w/text").stringValue()).isEqualTo("1 3/4");
    assertThat(ruled.at("/back/0/box/x/text").stringValue()).isEqualTo("1 3/4");
    JsonNode entry =
        named(SERVER.post("/api/catalogue/ruled", form).is(200).json(), "Ruled 6 and 4");
    JsonNode album =
        SERVER
            .step("leaves/add", Map.of("type", entry.get("key").stringValue(), "at", 9))
            .is(200)
            .json();
    int leaf = album.get("leaves").get(album.get("leaves").size() - 1).get("key").intValue();
    JsonNode ticket = SERVER.get("/api/albums/1/tickets/" + leaf + "-front-1").is(200).json();
    assertThat(ticket.get("known").stringValue()).isEqualTo("ruled");
    assertThat(ticket.at("/opening/w/text").stringValue()).isEqualTo("6 1/8");
    SERVER.step("undo", Map.of()).is(200);
  }

  @Test
  void three_4_in_rows_do_not_fit_a_12_in_inside_and_are_not_kept() {
    Map<String, Object> rows =
        Map.of(
            "is",
            "divided",
            "direction",
            "down",
            "prints",
            List.of("4", "4", "4"),
            "parts",
            List.of(WHOLE, WHOLE, WHOLE));
    Map<String, Object> form = Map.of("name", "Too high", "w", "12", "h", "12", "part", rows);
    JsonNode ruled = SERVER.post("/api/catalogue/ruling", form).is(200).json();
    assertThat(ruled.at("/problems/0/message").stringValue()).contains("12 3/8", "3/8 too much");
    SERVER.post("/api/catalogue/ruled", form).is(400);
  }

  @Test
  void openings_measured_on_a_kind_of_leaf_hold_for_its_leaves_and_both_their_sides() {
    String key = "12x12-one-6x4-ten-3x4";
    Map<String, Object> opening =
        Map.of("face", "back", "pocket", 3, "opening", Map.of("w", "5 15/16", "h", "4"));
    JsonNode pattern = SERVER.post("/api/catalogue/" + key + "/opening", opening).is(200).json();
    assertThat(pattern.at("/front/0/opening/w/text").stringValue()).isEqualTo("5 15/16");
    assertThat(pattern.at("/back/2/opening/w/text").stringValue()).isEqualTo("5 15/16");
    for (String slot : List.of("2-front-1", "2-back-3")) {
      JsonNode ticket = SERVER.get("/api/albums/1/tickets/" + slot).json();
      assertThat(ticket.at("/opening/w/text").stringValue()).isEqualTo("5 15/16");
    }
    Map<String, Object> none =
        Map.of("face", "front", "pocket", 1, "opening", Map.of("w", "", "h", ""));
    SERVER.post("/api/catalogue/" + key + "/opening", none).is(200);
    assertThat(SERVER.get("/api/albums/1/tickets/2-front-1").json().get("known").stringValue())
        .isEqualTo("as-usual");
    SERVER
        .post(
            "/api/catalogue/" + key + "/opening",
            Map.of("face", "front", "pocket", 12, "opening", Map.of("w", "1", "h", "1")))
        .is(400);
  }

  @Test
  void a_kind_of_leaf_in_use_is_taken_off_only_when_that_is_meant_and_undo_brings_both_back() {
    String key = "12x12-six-6x4";
    JsonNode refused = SERVER.post("/api/catalogue/" + key + "/remove", Map.of()).is(422).json();
    assertThat(refused.get("lost").toString()).contains("1 leaf of");
    SERVER.post("/api/catalogue/" + key + "/remove", Map.of("confirmed", true)).is(200);
    assertThat(entry(key).get("gone").booleanValue()).isTrue();
    assertThat(SERVER.album().get("leaves")).hasSize(1);
    SERVER.step("leaves/add", Map.of("type", key, "at", 1)).is(404);
    SERVER.step("undo", Map.of()).is(200);
    assertThat(entry(key).get("gone").booleanValue()).isFalse();
    assertThat(SERVER.album().get("leaves")).hasSize(2);
  }

  @Test
  void a_format_in_use_and_one_that_is_not() {
    assertThat(
            SERVER
                .post("/api/catalogue/format-12x12/remove", Map.of())
                .is(422)
                .json()
                .get("lost")
                .toString())
        .contains("keeps its leaves");
    SERVER.post("/api/catalogue/format-8x8/remove", Map.of()).is(200);
    assertThat(entry("format-8x8").get("gone").booleanValue()).isTrue();
    SERVER.post("/api/catalogue/format-8x8/restore", Map.of()).is(200);
    assertThat(entry("format-8x8").get("gone").booleanValue()).isFalse();
    SERVER.post("/api/catalogue/format-12x12/remove", Map.of("confirmed", true)).is(200);
    assertThat(SERVER.album().get("format")).isNull();
    SERVER.step("undo", Map.of()).is(200);
    assertThat(SERVER.album().get("format").stringValue()).isEqualTo("format-12x12");
  }

  @Test
  void pockets_of_leaves_in_an_album_stay_but_their_name_changes() {
    String key = "12x12-six-6x4";
    JsonNode form = entry(key).get("form");
    String renamed = form.toString().replace("12 × 12, six 6 × 4", "My six");
    SERVER.post("/api/catalogue/" + key, renamed).is(200);
    assertThat(SERVER.album().get("leaves").get(0).get("pattern").stringValue())
        .isEqualTo("My six");
    String wider = renamed.replace("\"w\":\"12\"", "\"w\":\"13\"");
    SERVER.post("/api/catalogue/" + key, wider).is(422);
    SERVER.post("/api/catalogue/" + key + "/back", Map.of()).is(200);
    assertThat(entry(key).get("changed").booleanValue()).isFalse();
  }
}
