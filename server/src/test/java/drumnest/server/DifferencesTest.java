package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** A page that names the revision it shows is told only what differs from it. */
class DifferencesTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static final LocalDateTime NOON = LocalDateTime.of(2021, 6, 14, 12, 0);

  @BeforeAll
  static void an_album_of_two_chapters() {
    for (int i = 0; i < 8; i++) {
      SERVER.take("p" + i, TestPictures.jpeg(900, 600, 1, NOON.plusHours(i / 4 * 30 + i), i));
    }
    SERVER.step("leaves/add", Map.of("type", "12x12-six-6x4", "at", 2)).is(200);
    SERVER.step("leaves/add", Map.of("type", "12x12-nine-4x4", "at", 3)).is(200);
    SERVER.step("chapters", Map.of("count", 2)).is(200);
  }

  private static JsonNode step(String path, Map<String, ?> body) {
    JsonNode seen = SERVER.album();
    Map<String, Object> whole = new HashMap<>(body);
    whole.put("version", seen.get("version").longValue());
    String since = "?spread=1&since=" + seen.get("revision").stringValue();
    return SERVER.post("/api/albums/1/" + path + since, whole).is(200).json();
  }

  private static List<Integer> keys(JsonNode leaves) {
    List<Integer> keys = new ArrayList<>();
    leaves.forEach(leaf -> keys.add(leaf.get("key").intValue()));
    return keys;
  }

  private static JsonNode line() {
    return SERVER.get("/api/albums/1/line").is(200).json();
  }

  private static JsonNode changes(JsonNode since) {
    String revision = since.get("revision").stringValue();
    return SERVER.get("/api/albums/1/line/changes?since=" + revision).is(200).json();
  }

  private static String id(int photo) {
    return SERVER.line().get(photo).get("id").stringValue();
  }

  @Test
  void a_step_tells_only_of_the_leaves_it_changes() {
    List<Integer> all = keys(SERVER.album().get("leaves"));
    assertThat(SERVER.album().has("order")).isFalse();
    JsonNode put = step("put", Map.of("photo", id(0), "slot", all.get(0) + "-front-1"));
    assertThat(keys(put.get("leaves"))).containsExactly(all.get(0));
    assertThat(put.get("order").toString()).isEqualTo(all.toString().replace(" ", ""));
    JsonNode locked = step("lock", Map.of("slot", all.get(0) + "-front-1", "locked", true));
    assertThat(locked.get("leaves")).isEmpty();
    JsonNode moved = step("leaves/move", Map.of("leaf", all.get(2), "to", 2));
    assertThat(keys(moved.get("leaves"))).containsExactlyInAnyOrder(all.get(1), all.get(2));
    assertThat(moved.get("order").get(1).intValue()).isEqualTo(all.get(2));
    JsonNode removed = step("leaves/remove", Map.of("leaf", all.get(2)));
    assertThat(removed.get("order")).hasSize(all.size() - 1);
    assertThat(keys(removed.get("leaves"))).contains(all.get(1)).doesNotContain(all.get(0));
  }

  @Test
  void a_caption_changes_one_photo_of_chapters_that_are_the_same() {
    JsonNode before = line();
    SERVER.step("caption", Map.of("photo", id(5), "caption", "Over the dunes")).is(200);
    JsonNode changes = changes(before);
    assertThat(changes.get("photos")).hasSize(1);
    assertThat(changes.at("/photos/0/caption").stringValue()).isEqualTo("Over the dunes");
    assertThat(changes.at("/chapters/0/same").intValue()).isZero();
    assertThat(changes.at("/chapters/1/same").intValue()).isEqualTo(1);
    assertThat(changes.at("/chapters/1").has("photos")).isFalse();
    assertThat(changes.has("stacks")).isFalse();
    assertThat(changes.get("revision")).isEqualTo(line().get("revision"));
  }

  @Test
  void a_photo_that_comes_in_makes_its_chapter_another_one() {
    JsonNode before = line();
    SERVER.take("late", TestPictures.jpeg(900, 600, 1, NOON.plusHours(40), 77)).is(200);
    JsonNode changes = changes(before);
    JsonNode chapters = changes.get("chapters");
    assertThat(chapters.get(0).get("same").intValue()).isZero();
    assertThat(chapters.get(chapters.size() - 1).has("same")).isFalse();
    assertThat(chapters.get(chapters.size() - 1).get("photos").findValues("name").toString())
        .contains("late");
  }

  private static Map<String, JsonNode> photosOf(JsonNode line) {
    Map<String, JsonNode> photos = new HashMap<>();
    for (JsonNode chapter : line.get("chapters")) {
      chapter.get("photos").forEach(photo -> photos.put(photo.get("id").stringValue(), photo));
      chapter.get("out").forEach(photo -> photos.put(photo.get("id").stringValue(), photo));
    }
    return photos;
  }

  @Test
  void what_differs_put_over_what_was_there_is_what_is_there_now() {
    List<Integer> all = keys(SERVER.album().get("leaves"));
    List<Runnable> steps =
        List.of(
            () -> step("put", Map.of("photo", id(2), "slot", all.get(1) + "-front-3")),
            () -> step("caption", Map.of("photo", id(6), "caption", "The long tail")),
            () -> step("leaves/move", Map.of("leaf", all.get(1), "to", 1)),
            () -> step("choose", Map.of("photos", List.of(id(1), id(4)), "choice", "out")),
            () -> step("undo", Map.of()),
            () -> step("chapters", Map.of("count", 3)),
            () -> step("undo", Map.of()),
            () -> step("undo", Map.of()));
    JsonNode before = line();
    Map<String, JsonNode> shown = photosOf(before);
    for (Runnable step : steps) {
      step.run();
      JsonNode changes = changes(before);
      for (JsonNode chapter : changes.get("chapters")) {
        if (chapter.has("photos")) {
          chapter.get("photos").forEach(each -> shown.put(each.get("id").stringValue(), each));
        }
      }
      changes.get("photos").forEach(each -> shown.put(each.get("id").stringValue(), each));
      before = line();
      assertThat(shown).isEqualTo(photosOf(before));
      List<Integer> order = keys(SERVER.album().get("leaves"));
      for (JsonNode photo : shown.values()) {
        if (photo.has("where")) {
          String slot = photo.at("/where/slot").stringValue();
          int leaf = Integer.parseInt(slot.substring(0, slot.indexOf('-')));
          assertThat(photo.at("/where/label").stringValue())
              .startsWith(order.indexOf(leaf) + 1 + " ");
        }
      }
    }
  }

  @Test
  void who_shows_what_nobody_remembers_is_told_everything() {
    JsonNode whole =
        SERVER.get("/api/albums/1/line/changes?since=before-the-flood").is(200).json().get("whole");
    assertThat(whole).isEqualTo(line());
    JsonNode album = SERVER.get("/api/albums/1?since=before-the-flood").is(200).json();
    assertThat(album.has("order")).isFalse();
    assertThat(album.get("leaves")).isNotEmpty();
  }

  @Test
  void units_change_what_is_told_too() {
    JsonNode before = SERVER.album();
    SERVER.post("/api/settings/units", Map.of("units", "millimetres")).is(200);
    try {
      JsonNode after =
          SERVER.get("/api/albums/1?since=" + before.get("revision").stringValue()).is(200).json();
      assertThat(after.get("leaves")).hasSameSizeAs(before.get("leaves"));
      assertThat(after.get("revision")).isNotEqualTo(before.get("revision"));
    } finally {
      SERVER.post("/api/settings/units", Map.of("units", "sixteenths")).is(200);
    }
  }

  /** What a page shows: it asks since what it shows and puts both together. */
  private static final class Shown {
    private String revision = "none";
    private final Map<Integer, JsonNode> leaves = new HashMap<>();

    void ask() {
      JsonNode told = SERVER.get("/api/albums/1?since=" + revision).is(200).json();
      told.get("leaves").forEach(leaf -> leaves.put(leaf.get("key").intValue(), leaf));
      revision = told.get("revision").stringValue();
    }
  }

  @Test
  void who_asks_while_others_work_shows_in_the_end_what_is_there() throws Exception {
    String slot = keys(SERVER.album().get("leaves")).get(0) + "-front-2";
    String photo = id(1);
    Thread other =
        new Thread(
            () -> {
              for (int i = 0; i < 40; i++) {
                SERVER.step("put", Map.of("photo", photo, "slot", slot));
                SERVER.step("take-out", Map.of("slot", slot));
              }
              SERVER.step("put", Map.of("photo", photo, "slot", slot));
            });
    other.start();
    List<Shown> pages = List.of(new Shown(), new Shown(), new Shown());
    while (other.isAlive()) {
      pages.parallelStream().forEach(Shown::ask);
    }
    other.join();
    for (Shown page : pages) {
      page.ask();
      SERVER
          .album()
          .get("leaves")
          .forEach(leaf -> assertThat(page.leaves.get(leaf.get("key").intValue())).isEqualTo(leaf));
    }
    SERVER.step("take-out", Map.of("slot", slot)).is(200);
  }
}
