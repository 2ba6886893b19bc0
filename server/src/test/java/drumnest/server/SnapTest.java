package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.photo.Quad;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** A snap of a print of 6 × 4 in, beside which a card of 5 × 3 in lies. */
class SnapTest {

  private static final String SLOT = "1-back-1";
  private static final Map<String, String> SIZE = Map.of("w", "6", "h", "4");

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private String snap;

  @BeforeEach
  void bringIn() throws IOException {
    BufferedImage whole = GroupPhotographs.read(2);
    byte[] file =
        TableScene.file(whole.getSubimage(0, 0, whole.getWidth(), whole.getWidth() * 2 / 3));
    snap = SERVER.take("grandmother.jpg", file).is(200).json().get("photo").stringValue();
    SERVER.step("on-table", Map.of("photo", snap, "size", SIZE)).is(200);
  }

  @AfterEach
  void takeBack() {
    while (SERVER.album().has("undo")) {
      SERVER.step("undo", Map.of()).is(200);
    }
  }

  private static List<Map<String, Double>> corners(Quad quad) {
    return quad.corners().stream().map(at -> Map.of("x", at.x(), "y", at.y())).toList();
  }

  private JsonNode photo(String id) {
    return SERVER.line().stream()
        .filter(each -> each.get("id").stringValue().equals(id))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void print_and_card_are_found_and_the_print_is_measured_by_the_card() {
    JsonNode found = SERVER.get("/api/albums/1/photos/" + snap + "/corners").is(200).json();
    JsonNode size =
        SERVER
            .post(
                "/api/albums/1/photos/" + snap + "/measure",
                Map.of(
                    "print",
                    found.get("print"),
                    "sheet",
                    found.get("sheet"),
                    "size",
                    Map.of("w", "5", "h", "3")))
            .is(200)
            .json();
    assertThat(size.at("/w/in").doubleValue()).isBetween(5.9, 6.1);
    assertThat(size.at("/h/in").doubleValue()).isBetween(3.9, 4.1);
  }

  @Test
  void what_is_straightened_takes_the_place_of_its_snap_with_what_was_said_of_it() {
    SERVER.step("caption", Map.of("photo", snap, "caption", "At the well")).is(200);
    SERVER.step("put", Map.of("photo", snap, "slot", SLOT)).is(200);
    int before = SERVER.line().size();
    SERVER
        .step(
            "straighten", Map.of("photo", snap, "print", corners(TableScene.print()), "size", SIZE))
        .is(200);
    assertThat(SERVER.line()).hasSize(before);
    JsonNode straight = SERVER.line().get(0);
    assertThat(straight.get("id").stringValue()).isNotEqualTo(snap);
    assertThat(straight.get("caption").stringValue()).isEqualTo("At the well");
    assertThat(straight.at("/material/size/w/in").doubleValue()).isEqualTo(6);
    assertThat(straight.at("/where/slot").stringValue()).isEqualTo(SLOT);
    assertThat(straight.at("/pixels/w").doubleValue() / straight.at("/pixels/h").doubleValue())
        .isBetween(1.49, 1.51);
    SERVER.step("undo", Map.of()).is(200);
    assertThat(SERVER.line()).hasSize(before);
    assertThat(photo(snap).at("/where/slot").stringValue()).isEqualTo(SLOT);
  }

  @Test
  void wrong_corners_and_photos_that_are_no_snaps_are_refused() {
    Quad print = TableScene.print();
    Quad crossed =
        new Quad(print.topLeft(), print.bottomRight(), print.topRight(), print.bottomLeft());
    assertThat(
            SERVER
                .step("straighten", Map.of("photo", snap, "print", corners(crossed), "size", SIZE))
                .is(422)
                .text())
        .contains("print");
    assertThat(
            SERVER
                .step(
                    "straighten",
                    Map.of("photo", snap, "print", corners(print), "size", Map.of("w", "six")))
                .is(400)
                .text())
        .contains("size.w");
    SERVER.step("on-table", Map.of("photo", snap, "size", Map.of())).is(200);
    SERVER.get("/api/albums/1/photos/" + snap + "/corners").is(422);
  }
}
