package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Prints that lie on the table and of which there is no file. */
class TablePrintsTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static String added(String name, String w, String h) {
    return SERVER
        .post(
            "/api/albums/1/prints",
            Map.of("name", name, "w", w, "h", h, "takenAt", "2021-06-14T12:00"))
        .is(200)
        .json()
        .get("photo")
        .stringValue();
  }

  @Test
  void hangs_on_the_line_in_its_shape_and_takes_a_place_as_it_is() throws IOException {
    String print = added("Grandmother at the tide line", "4", "6");
    JsonNode shown =
        SERVER.line().stream()
            .filter(each -> each.get("id").stringValue().equals(print))
            .findFirst()
            .orElseThrow();
    assertThat(shown.at("/material/of").stringValue()).isEqualTo("print");
    assertThat(shown.at("/material/size/w/text").stringValue()).isEqualTo("4");
    assertThat(shown.at("/taken/at").stringValue()).isEqualTo("2021-06-14T12:00");
    var picture =
        ImageIO.read(
            new ByteArrayInputStream(
                SERVER.get("/api/photos/" + print + "/small").is(200).bytes()));
    assertThat(picture.getHeight()).isGreaterThan(picture.getWidth());
    SERVER.get("/api/photos/" + print + "/whole").is(200);

    JsonNode placed = SERVER.step("put", Map.of("photo", print, "slot", "1-back-1")).is(200).json();
    assertThat(RunningServer.held(placed)).containsEntry("1-back-1", print);
    JsonNode ticket = SERVER.get("/api/albums/1/tickets/1-back-1").is(200).json();
    assertThat(ticket.has("crop")).isFalse();
    JsonNode lists = SERVER.get("/api/albums/1/lists").is(200).json();
    assertThat(lists.get("prints")).isEmpty();
    JsonNode problem =
        SERVER.step("on-table", Map.of("photo", print, "size", Map.of())).is(422).json();
    assertThat(problem.get("detail").stringValue()).contains("no file");
  }

  @Test
  void two_without_a_file_are_never_taken_for_lookalikes() {
    added("One", "3", "4");
    added("Two", "3", "4");
    assertThat(SERVER.get("/api/albums/1/line").json().get("stacks")).isEmpty();
  }

  @Test
  void is_counted_as_a_fixed_print_and_stays_out_of_the_archive() {
    String print = added("Too large for any place", "8", "10");
    SERVER.step("choose", Map.of("photos", List.of(print), "choice", "keep")).is(200);
    JsonNode budget = SERVER.get("/api/albums/1/budget").is(200).json();
    assertThat(budget.at("/whole/text").stringValue())
        .contains("1 print finds no place that takes it whole");
    assertThat(SERVER.get("/api/albums/1/chosen.zip").is(200).text()).doesNotContain("Too large");
    assertThat(SERVER.get("/api/albums/1/chosen.csv").is(200).text())
        .contains("Too large for any place")
        .contains("8 x 10 in");
  }

  @ParameterizedTest
  @CsvSource({
    "'', 4, 6, '', name",
    "A print, , 6, '', w",
    "A print, 4, six, '', h",
    "A print, 4, 6, yesterday, takenAt"
  })
  void what_is_no_print_is_refused_with_the_field(
      String name, String w, String h, String takenAt, String field) {
    var body = new java.util.HashMap<String, Object>();
    body.put("name", name);
    body.put("w", w);
    body.put("h", h);
    body.put("takenAt", takenAt);
    int before = SERVER.line().size();
    JsonNode problem = SERVER.post("/api/albums/1/prints", body).is(400).json();
    assertThat(problem.get("field").stringValue()).isEqualTo(field);
    assertThat(SERVER.line()).hasSize(before);
  }
}
