package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Crops of a photograph of three people, two at its left and one at its right. */
class PeopleTest {

  private static final String WIDE = "1-back-1";
  private static final String NARROW = "2-front-2";

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private String photo;

  @BeforeEach
  void bringIn() throws IOException {
    byte[] file = GroupPhotographs.bytes(1);
    photo = SERVER.take("group.jpg", file).is(200).json().get("photo").stringValue();
    SERVER.step("put", Map.of("photo", photo, "slot", NARROW)).is(200);
  }

  @AfterEach
  void takeBack() {
    while (SERVER.album().has("undo")) {
      SERVER.step("undo", Map.of()).is(200);
    }
  }

  private JsonNode close() {
    return SERVER.get("/api/albums/1/photos/" + photo).is(200).json();
  }

  private static JsonNode ticket(String slot) {
    return SERVER.get("/api/albums/1/tickets/" + slot).is(200).json();
  }

  private static int cropX(String slot) {
    return ticket(slot).at("/crop/x").intValue();
  }

  @Test
  void heads_are_found_and_a_narrow_crop_keeps_as_many_as_it_can_and_says_which_it_cuts() {
    assertThat(close().get("heads")).hasSize(3);
    assertThat(close().get("framing").stringValue()).isEqualTo("follows");
    JsonNode ticket = ticket(NARROW);
    assertThat(ticket.at("/crop/w").intValue()).isEqualTo(960);
    assertThat(cropX(NARROW)).isLessThan(384);
    assertThat(ticket.get("todo").get(0).stringValue())
        .startsWith("Its crop cuts a head at the right.");
    assertThat(ticket.at("/seat/cuts").stringValue()).isEqualTo("cuts a head at the right");
  }

  @Test
  void a_wide_place_keeps_them_all() {
    SERVER.step("put", Map.of("photo", photo, "slot", WIDE)).is(200);
    assertThat(ticket(WIDE).at("/seat/cuts").isMissingNode()).isTrue();
  }

  @Test
  void the_ticket_says_where_something_may_be_stuck_clear_of_the_heads() {
    SERVER.step("put", Map.of("photo", photo, "slot", WIDE)).is(200);
    List<String> todo = new ArrayList<>();
    ticket(WIDE).get("todo").forEach(line -> todo.add(line.stringValue()));
    assertThat(todo)
        .filteredOn(line -> line.startsWith("Keep clips, words and titles off the heads: "))
        .singleElement()
        .asString()
        .contains(" is free at the ");
  }

  @Test
  void the_maker_has_it_cropped_by_the_middle_and_back() {
    int followed = cropX(NARROW);
    SERVER.step("frame", Map.of("photos", List.of(photo), "follows", false)).is(200);
    assertThat(cropX(NARROW)).isEqualTo(480);
    assertThat(close().get("framing").stringValue()).isEqualTo("centred");
    assertThat(SERVER.line().get(0).get("centred").booleanValue()).isTrue();
    assertThat(SERVER.get("/api/albums/1/crops").json().get("crops")).isEmpty();
    SERVER.step("undo", Map.of()).is(200);
    assertThat(cropX(NARROW)).isEqualTo(followed);
  }

  @Test
  void a_keep_box_goes_before_what_was_found() {
    SERVER
        .step(
            "keep", Map.of("photo", photo, "keep", Map.of("x", 1400, "y", 0, "w", 520, "h", 1280)))
        .is(200);
    assertThat(cropX(NARROW)).isEqualTo(960);
    assertThat(ticket(NARROW).at("/seat/cuts").isMissingNode()).isTrue();
  }

  @Test
  void what_was_found_is_made_the_keep_box() {
    JsonNode subject = close().get("proposal");
    SERVER.step("keep-as-proposed", Map.of("photos", List.of(photo))).is(200);
    assertThat(SERVER.line().get(0).get("keep")).isEqualTo(subject);
  }

  @Test
  void the_maker_shows_it_whole_on_a_card_and_has_it_fill_the_pocket_again() {
    SERVER.step("whole", Map.of("slot", NARROW, "whole", true)).is(200);
    JsonNode ticket = ticket(NARROW);
    assertThat(ticket.at("/seat/whole").booleanValue()).isTrue();
    assertThat(ticket.at("/seat/cuts").isMissingNode()).isTrue();
    assertThat(ticket.get("verdict").stringValue()).isEqualTo("on-a-card");
    assertThat(ticket.get("kept").stringValue()).isEqualTo("100 %");
    assertThat(ticket.get("todo").get(0).stringValue())
        .startsWith("Print 2 1/2 × ")
        .endsWith(", whole; mount it on a card of 3 × 4.");
    // What is drawn is as large as what is printed.
    assertThat(ticket.at("/seat/drawing/paper/w").doubleValue()).isCloseTo(2.5 / 3, within(1e-6));
    assertThat(SERVER.get("/api/albums/1/lists").is(200).text()).contains("2 1/2 × ");
    SERVER.step("put", Map.of("photo", photo, "slot", WIDE)).is(200);
    assertThat(ticket(WIDE).at("/seat/whole").isMissingNode()).isTrue();
    SERVER.step("undo", Map.of()).is(200);
    SERVER.step("whole", Map.of("slot", NARROW, "whole", false)).is(200);
    assertThat(ticket(NARROW).at("/seat/whole").isMissingNode()).isTrue();
    SERVER.step("whole", Map.of("slot", WIDE, "whole", true)).is(422);
  }

  @Test
  void placing_shows_people_whole_on_a_card_where_every_place_would_cut_them() {
    SERVER.step("take-out", Map.of("slot", NARROW)).is(200);
    for (String page : List.of("1-front", "1-back", "2-front", "2-back")) {
      for (int i = 1; i <= 10; i++) {
        String slot = page + "-" + i;
        JsonNode ticket = SERVER.get("/api/albums/1/tickets/" + slot).json();
        if (ticket.at("/named/w/in").asDouble() > 4) {
          SERVER.step("set-aside", Map.of("slot", slot, "aside", "empty")).is(200);
        }
      }
    }
    SERVER.step("place-again", Map.of("order", "story", "breathing", "packed")).is(200);
    JsonNode where = SERVER.line().get(0).get("where");
    JsonNode seat = ticket(where.get("slot").stringValue()).get("seat");
    assertThat(seat.has("cuts")).isFalse();
    assertThat(seat.at("/whole").asBoolean()).as("%s %s", where, seat).isTrue();
  }

  private static Map<String, Integer> box(int x, int y, int w, int h) {
    return Map.of("x", x, "y", y, "w", w, "h", h);
  }

  @Test
  void what_must_not_be_seen_is_left_out_of_the_crop_even_where_that_cuts_heads() {
    // The narrow pocket shows half of the picture's 1 920 pixels.
    SERVER.step("conceal", Map.of("photo", photo, "boxes", List.of(box(700, 0, 200, 300)))).is(200);
    int from = cropX(NARROW);
    assertThat(from).isGreaterThanOrEqualTo(900);
    assertThat(ticket(NARROW).at("/seat/exposes").isMissingNode()).isTrue();
    assertThat(SERVER.line().get(0).at("/concealed/0/x").intValue()).isEqualTo(700);
    SERVER.step("undo", Map.of()).is(200);
    assertThat(cropX(NARROW)).isLessThan(384);
  }

  @Test
  void a_place_that_cannot_leave_it_out_says_so_and_how_large_a_cover_is() {
    SERVER
        .step("conceal", Map.of("photo", photo, "boxes", List.of(box(0, 640, 1920, 128))))
        .is(200);
    JsonNode ticket = ticket(NARROW);
    assertThat(ticket.at("/seat/exposes").booleanValue()).isTrue();
    // A tenth of the height of 4 in and the whole width of 3 in, and 1/16 in more on each side.
    assertThat(ticket.get("todo").toString())
        .contains(
            "Cover it with a card or a clip of 3 × 9/16, at the left and 1 15/16 from the top");
    SERVER
        .step("conceal", Map.of("photo", photo, "boxes", List.of(box(1900, 0, 100, 100))))
        .is(422);
  }

  @Test
  void placing_gives_a_photo_of_people_a_place_that_cuts_none() {
    SERVER.step("take-out", Map.of("slot", NARROW)).is(200);
    SERVER.step("place-again", Map.of("order", "story", "breathing", "packed")).is(200);
    JsonNode where = SERVER.line().get(0).get("where");
    assertThat(ticket(where.get("slot").stringValue()).at("/seat/cuts").isMissingNode()).isTrue();
  }

  @Test
  void a_wrong_request_says_what_is_missing() {
    assertThat(SERVER.step("frame", Map.of("photos", List.of(photo))).is(400).text())
        .contains("follows");
    SERVER.step("frame", Map.of("photos", List.of("nobody"), "follows", true)).is(404);
  }
}
