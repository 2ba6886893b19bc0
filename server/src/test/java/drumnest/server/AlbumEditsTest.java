package drumnest.server;

import static drumnest.server.RunningServer.held;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

class AlbumEditsTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static final LocalDateTime NOON = LocalDateTime.of(2021, 6, 14, 12, 0);

  /** Wide ones at even numbers, upright ones at odd, ten minutes apart. */
  @BeforeAll
  static void photos() {
    for (int i = 0; i < 20; i++) {
      boolean wide = i % 2 == 0;
      SERVER
          .take(
              "p" + i,
              TestPictures.jpeg(
                  wide ? 1800 : 1200, wide ? 1200 : 1800, 1, NOON.plusMinutes(30L * i), i))
          .is(200);
    }
  }

  @BeforeEach
  void place() {
    for (String slot : held(SERVER.album()).keySet()) {
      JsonNode seat = seat(SERVER.album(), slot);
      if (seat.get("locked").booleanValue()) {
        SERVER.step("lock", Map.of("slot", slot, "locked", false)).is(200);
      }
      if (seat.get("byHand").booleanValue()) {
        SERVER.step("take-out", Map.of("slot", slot)).is(200);
      }
    }
    // Where the photos stand already this changes nothing, and says so.
    assertThat(SERVER.step("place-again", Map.of("spread", 1)).status()).isIn(200, 422);
  }

  private static JsonNode seat(JsonNode album, String slot) {
    return album
        .get("spread")
        .valueStream()
        .flatMap(page -> page.isObject() ? page.get("slots").valueStream() : null)
        .filter(each -> each.get("id").stringValue().equals(slot))
        .map(each -> each.get("seat"))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void photos_are_placed_in_story_order_wide_ones_wide() {
    Map<String, String> held = held(SERVER.album());
    assertThat(held).hasSize(17);
    List<String> line = SERVER.line().stream().map(p -> p.get("id").stringValue()).toList();
    assertThat(held.values().stream().map(line::indexOf)).isSorted();
    assertThat(line.indexOf(held.get("1-back-1")) % 2).isZero();
    assertThat(SERVER.album().at("/counts/withoutPlace").intValue()).isEqualTo(3);
  }

  @Test
  void a_swap_is_undone_and_redone_also_after_a_restart() {
    Map<String, String> before = held(SERVER.album());
    JsonNode swapped =
        SERVER.step("swap", Map.of("from", "1-back-1", "to", "2-front-3")).is(200).json();
    Map<String, String> after = held(swapped);
    assertThat(after.get("1-back-1")).isEqualTo(before.get("2-front-3"));
    assertThat(after.get("2-front-3")).isEqualTo(before.get("1-back-1"));
    assertThat(swapped.get("undo").stringValue()).isEqualTo("swap with pocket 3, leaf 2 front");
    SERVER.restart();
    assertThat(held(SERVER.album())).isEqualTo(after);
    JsonNode undone = SERVER.step("undo", Map.of()).is(200).json();
    assertThat(held(undone)).isEqualTo(before);
    SERVER.restart();
    JsonNode redone = SERVER.step("redo", Map.of()).is(200).json();
    assertThat(held(redone)).isEqualTo(after);
    assertThat(redone.has("redo")).isFalse();
  }

  @Test
  void a_new_step_ends_what_could_be_redone() {
    SERVER.step("take-out", Map.of("slot", "1-back-2")).is(200);
    SERVER.step("undo", Map.of()).is(200);
    SERVER.step("take-out", Map.of("slot", "1-back-3")).is(200);
    JsonNode problem = SERVER.step("redo", Map.of()).is(422).json();
    assertThat(problem.get("detail").stringValue()).contains("nothing to redo");
  }

  @Test
  void locked_photos_stay_and_the_others_are_placed_around_them() {
    String first = held(SERVER.album()).get("1-back-1");
    SERVER.step("swap", Map.of("from", "1-back-1", "to", "2-front-11")).is(200);
    SERVER.step("lock", Map.of("slot", "2-front-11", "locked", true)).is(200);
    JsonNode again = SERVER.step("place-again", Map.of("spread", 1)).is(200).json();
    assertThat(held(again).get("2-front-11")).isEqualTo(first);
    assertThat(held(again)).hasSize(17).doesNotContainEntry("1-back-1", first);
    assertThat(held(again).values()).doesNotHaveDuplicates();
    JsonNode refused = SERVER.step("take-out", Map.of("slot", "2-front-11")).is(422).json();
    assertThat(refused.get("detail").stringValue()).contains("Unlock");
    SERVER.step("swap", Map.of("from", "1-back-2", "to", "2-front-11")).is(422);
    SERVER.step("choose", Map.of("photos", List.of(first), "choice", "out")).is(422);
  }

  @Test
  void a_photo_of_the_line_takes_a_place_and_one_put_elsewhere_swaps() {
    Map<String, String> before = held(SERVER.album());
    String waiting =
        SERVER.line().stream()
            .map(photo -> photo.get("id").stringValue())
            .filter(photo -> !before.containsValue(photo))
            .findFirst()
            .orElseThrow();
    JsonNode put = SERVER.step("put", Map.of("photo", waiting, "slot", "2-front-4")).is(200).json();
    assertThat(held(put)).hasSize(17).containsEntry("2-front-4", waiting);
    JsonNode moved =
        SERVER.step("put", Map.of("photo", waiting, "slot", "2-front-5")).is(200).json();
    assertThat(held(moved))
        .containsEntry("2-front-5", waiting)
        .containsEntry("2-front-4", before.get("2-front-5"));
  }

  @Test
  void the_crop_follows_the_keep_box() {
    Map<String, String> held = held(SERVER.album());
    String wide = held.get("1-back-1");
    SERVER.step("swap", Map.of("from", "1-back-1", "to", "2-front-2")).is(200);
    SERVER.step("frame", Map.of("photos", List.of(wide), "follows", false)).is(200);
    Map<String, Object> right = Map.of("x", 1500, "y", 0, "w", 300, "h", 1200);
    JsonNode preview =
        SERVER
            .post("/api/albums/1/tickets/preview", Map.of("slot", "2-front-2", "keep", right))
            .is(200)
            .json();
    assertThat(preview.at("/ticket/crop/x").intValue()).isEqualTo(900);
    assertThat(SERVER.get("/api/albums/1/tickets/2-front-2").json().at("/crop/x").intValue())
        .isEqualTo(450);
    SERVER.step("keep", Map.of("photo", wide, "keep", right)).is(200);
    JsonNode ticket = SERVER.get("/api/albums/1/tickets/2-front-2").is(200).json();
    assertThat(ticket.at("/crop/x").intValue()).isEqualTo(900);
    assertThat(ticket.get("kept").stringValue()).isEqualTo("50 %");
    SERVER.step("undo", Map.of()).is(200);
    assertThat(SERVER.get("/api/albums/1/tickets/2-front-2").json().at("/crop/x").intValue())
        .isEqualTo(450);
    Map<String, Object> outside = Map.of("x", 1500, "y", 0, "w", 301, "h", 10);
    JsonNode refused = SERVER.step("keep", Map.of("photo", wide, "keep", outside)).is(422).json();
    assertThat(refused.get("field").stringValue()).isEqualTo("keep");
  }

  @Test
  void a_photo_whose_keep_box_no_crop_holds_is_named_instead_of_listed() {
    String wide = held(SERVER.album()).get("1-back-1");
    SERVER.step("swap", Map.of("from", "1-back-1", "to", "2-front-2")).is(200);
    Map<String, Object> broad = Map.of("x", 100, "y", 0, "w", 1600, "h", 800);
    JsonNode album = SERVER.step("keep", Map.of("photo", wide, "keep", broad)).is(200).json();
    assertThat(seat(album, "2-front-2").get("cutsKeepBox").booleanValue()).isTrue();
    JsonNode lists = SERVER.get("/api/albums/1/lists").is(200).json();
    assertThat(lists.get("prints")).hasSize(16);
    assertThat(lists.at("/left/0").stringValue()).contains("pocket 2, leaf 2 front");
    SERVER.step("keep", Map.of("photo", wide)).is(200);
    assertThat(SERVER.get("/api/albums/1/lists").json().get("left")).isEmpty();
  }

  @Test
  void a_measured_opening_rules_the_fit() {
    JsonNode usual = SERVER.get("/api/albums/1/tickets/2-front-5").is(200).json();
    assertThat(usual.get("verdict").stringValue()).isEqualTo("snug");
    assertThat(usual.get("measured").booleanValue()).isFalse();
    Map<String, String> narrow = Map.of("w", "2 31/32", "h", "4 1/16");
    SERVER.step("opening", Map.of("slot", "2-front-5", "opening", narrow)).is(200);
    JsonNode ticket = SERVER.get("/api/albums/1/tickets/2-front-5").is(200).json();
    assertThat(ticket.get("verdict").stringValue()).isEqualTo("too-big");
    assertThat(ticket.at("/headline/w/text").stringValue()).isEqualTo("2 7/8");
    assertThat(ticket.get("todo").toString()).contains("1/8 off the right");
    JsonNode refused =
        SERVER
            .step("opening", Map.of("slot", "2-front-5", "opening", Map.of("w", "wide", "h", "4")))
            .is(400)
            .json();
    assertThat(refused.get("field").stringValue()).isEqualTo("opening.w");
    assertThat(refused.get("detail").stringValue()).contains("4 1/4", "108 mm");
    SERVER.step("opening", Map.of("slot", "2-front-5", "opening", Map.of())).is(200);
    assertThat(SERVER.get("/api/albums/1/tickets/2-front-5").json().get("verdict").stringValue())
        .isEqualTo("snug");
  }

  @Test
  void a_photo_set_aside_leaves_the_line_and_its_slot_and_comes_back() {
    String photo = held(SERVER.album()).get("1-back-4");
    JsonNode aside =
        SERVER.step("choose", Map.of("photos", List.of(photo), "choice", "out")).is(200).json();
    assertThat(held(aside)).doesNotContainValue(photo);
    assertThat(SERVER.line()).noneMatch(each -> each.get("id").stringValue().equals(photo));
    JsonNode undone = SERVER.step("undo", Map.of()).is(200).json();
    assertThat(held(undone)).containsEntry("1-back-4", photo);
    SERVER.step("redo", Map.of()).is(200);
    JsonNode put = SERVER.step("put", Map.of("photo", photo, "slot", "1-back-4")).is(200).json();
    assertThat(held(put)).containsEntry("1-back-4", photo);
    assertThat(SERVER.line()).anyMatch(each -> each.get("id").stringValue().equals(photo));
  }

  @Test
  void a_quarter_turn_shows_another_part() {
    SERVER.step("turn", Map.of("slot", "1-back-1", "turned", true)).is(200);
    JsonNode ticket = SERVER.get("/api/albums/1/tickets/1-back-1").json();
    assertThat(ticket.at("/crop/w").intValue()).isEqualTo(800);
    assertThat(ticket.at("/crop/h").intValue()).isEqualTo(1200);
    assertThat(ticket.at("/seat/drawing/turned").booleanValue()).isTrue();
  }

  @Test
  void a_page_that_has_not_seen_the_newest_changes_nothing() {
    long seen = SERVER.album().get("version").longValue();
    SERVER.step("take-out", Map.of("slot", "1-back-1")).is(200);
    JsonNode now = SERVER.album();
    RunningServer.Answer late = SERVER.post("/api/albums/1/undo", Map.of("version", seen)).is(409);
    assertThat(late.json().get("detail").stringValue()).contains("another window");
    assertThat(SERVER.album()).isEqualTo(now);
  }

  @Test
  void the_title_is_a_step_too() {
    SERVER.step("title", Map.of("title", "  Wind and string ")).is(200);
    assertThat(SERVER.album().get("title").stringValue()).isEqualTo("Wind and string");
    SERVER.step("undo", Map.of()).is(200);
    assertThat(SERVER.album().get("title").stringValue()).isEqualTo("First album");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "swap | from=1-back-1 | 400 | to",
        "swap | from=1-back-1,to=9-back-9 | 404 | to",
        "put | photo=nobody,slot=1-back-1 | 404 | photo",
        "take-out | slot=  | 400 | slot",
        "title | title=  | 400 | title",
        "lock | slot=1-back-1,locked=perhaps | 400 | locked",
        "lock | slot=1-back-1,locked=true,colour=red | 400 | colour"
      })
  void what_is_not_understood_names_its_field(String path, String body, int status, String field) {
    Map<String, Object> values = new HashMap<>();
    for (String pair : body.split(",")) {
      String[] parts = pair.split("=", 2);
      values.put(parts[0], parts[1].equals("true") ? Boolean.TRUE : parts[1]);
    }
    JsonNode before = SERVER.album();
    JsonNode problem = SERVER.step(path, values).is(status).json();
    assertThat(problem.get("field").stringValue()).isEqualTo(field);
    assertThat(SERVER.album()).isEqualTo(before);
  }

  @Test
  void an_album_that_is_not_there_is_said_to_be_so() {
    assertThat(SERVER.get("/api/albums/99").is(404).json().get("field").stringValue())
        .isEqualTo("album");
    SERVER.get("/api/albums/first").is(404);
    SERVER.get("/api/nothing").is(404);
  }
}
