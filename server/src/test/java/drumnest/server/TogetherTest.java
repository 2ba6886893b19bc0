package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Several windows and devices on one album: what is not in each other's way goes through. */
class TogetherTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static final LocalDateTime NOON = LocalDateTime.of(2021, 6, 14, 12, 0);
  private static List<String> photos;

  private long seen;

  @BeforeAll
  static void photos() {
    for (int i = 0; i < 6; i++) {
      SERVER.take("p" + i, TestPictures.jpeg(900, 600, 1, NOON.plusHours(i), i)).is(200);
    }
    photos = SERVER.line().stream().map(photo -> photo.get("id").stringValue()).toList();
    for (int i = 0; i < 3; i++) {
      SERVER.step("put", Map.of("photo", photos.get(i), "slot", slot(i))).is(200);
    }
  }

  @BeforeEach
  void all_have_seen_the_same() {
    seen = SERVER.album().get("version").longValue();
  }

  private static String slot(int number) {
    return "1-front-" + (number + 1);
  }

  /** A step of somebody who has not looked since. */
  private static RunningServer.Answer step(long seen, String path, Map<String, ?> body) {
    Map<String, Object> whole = new HashMap<>(body);
    whole.put("version", seen);
    return SERVER.post("/api/albums/1/" + path + "?spread=0", whole);
  }

  @Test
  void a_lock_here_and_a_caption_there_both_go_through() {
    step(seen, "lock", Map.of("slot", slot(0), "locked", true)).is(200);
    JsonNode album =
        step(seen, "caption", Map.of("photo", photos.get(4), "caption", "The first gust"))
            .is(200)
            .json();
    assertThat(album.get("version").longValue()).isEqualTo(seen + 2);
    assertThat(album.at("/spread/right/slots/0/seat/locked").booleanValue()).isTrue();
    assertThat(SERVER.line().get(4).get("caption").stringValue()).isEqualTo("The first gust");
    SERVER.step("undo", Map.of()).is(200);
    assertThat(SERVER.line().get(4).has("caption")).isFalse();
    SERVER.step("undo", Map.of()).is(200);
  }

  @Test
  void a_leaf_laid_here_is_in_no_captions_way_there() {
    step(seen, "leaves/add", Map.of("type", "12x12-six-6x4", "at", 1)).is(200);
    JsonNode album =
        step(seen, "caption", Map.of("photo", photos.get(5), "caption", "All of it"))
            .is(200)
            .json();
    assertThat(album.get("version").longValue()).isEqualTo(seen + 2);
    SERVER.step("undo", Map.of()).is(200);
    SERVER.step("undo", Map.of()).is(200);
  }

  @Test
  void three_who_work_in_turn_and_never_look_lose_no_step() {
    long[] each = {seen, seen, seen};
    for (int round = 0; round < 30; round++) {
      int who = round % 3;
      JsonNode album =
          step(each[who], "turn", Map.of("slot", slot(who), "turned", round / 3 % 2 == 0))
              .is(200)
              .json();
      each[who] = album.get("version").longValue();
    }
    assertThat(SERVER.album().get("version").longValue()).isEqualTo(seen + 30);
  }

  @Test
  void three_who_press_at_the_same_moment_lose_no_step() throws Exception {
    int rounds = 20;
    CyclicBarrier together = new CyclicBarrier(3);
    ExecutorService hands = Executors.newFixedThreadPool(3);
    try {
      List<Future<Void>> all = new ArrayList<>();
      for (int who = 0; who < 3; who++) {
        Map<String, Object> here = Map.of("slot", slot(who));
        all.add(
            hands.submit(
                () -> {
                  long mine = seen;
                  for (int round = 0; round < rounds; round++) {
                    Map<String, Object> body = new HashMap<>(here);
                    body.put("turned", round % 2 == 0);
                    together.await(60, TimeUnit.SECONDS);
                    mine = step(mine, "turn", body).is(200).json().get("version").longValue();
                  }
                  return null;
                }));
      }
      for (Future<Void> one : all) {
        one.get();
      }
    } finally {
      hands.shutdownNow();
    }
    assertThat(SERVER.album().get("version").longValue()).isEqualTo(seen + 3L * rounds);
  }

  @Test
  void two_who_want_the_same_place_or_the_same_photo_are_told() {
    step(seen, "put", Map.of("photo", photos.get(3), "slot", slot(4))).is(200);
    step(seen, "put", Map.of("photo", photos.get(4), "slot", slot(4))).is(409);
    step(seen, "put", Map.of("photo", photos.get(3), "slot", slot(5))).is(409);
    step(seen, "put", Map.of("photo", photos.get(5), "slot", slot(5))).is(200);
    SERVER.step("take-out", Map.of("slot", slot(4))).is(200);
    SERVER.step("take-out", Map.of("slot", slot(5))).is(200);
  }

  @Test
  void undo_takes_back_only_what_was_seen() {
    step(seen, "title", Map.of("title", "Another title")).is(200);
    step(seen, "undo", Map.of()).is(409);
    step(seen, "title", Map.of("title", "A third title")).is(409);
    step(seen + 1, "undo", Map.of()).is(200);
  }

  @Test
  void who_has_seen_what_nobody_remembers_is_told() {
    step(seen + 5, "title", Map.of("title", "From the future")).is(409);
    SERVER.restart();
    step(seen, "title", Map.of("title", "Seen before the restart")).is(200);
    SERVER.restart();
    step(seen, "lock", Map.of("slot", slot(0), "locked", true)).is(409);
  }

  @Test
  void the_revision_differs_after_steps_arrivals_and_changed_supplies() {
    String before = revision();
    assertThat(revision()).isEqualTo(before);
    assertThat(SERVER.album().get("revision").stringValue()).isEqualTo(before);
    step(seen, "title", Map.of("title", "Title of a revision")).is(200);
    String stepped = revision();
    SERVER.take("late", TestPictures.jpeg(900, 600, 1, NOON.plusDays(2), 77)).is(200);
    String arrived = revision();
    SERVER.post("/api/rules/loose-above", Map.of("value", "1/32")).is(200);
    String ruled = revision();
    SERVER
        .post(
            "/api/catalogue/12x12-six-6x4/opening",
            Map.of("pocket", 1, "face", "front", "opening", Map.of("w", "5 7/8", "h", "3 7/8")))
        .is(200);
    String measured = revision();
    SERVER.post("/api/catalogue/12x12-six-6x4/owned", Map.of("owned", 3)).is(200);
    String counted = revision();
    SERVER.post("/api/catalogue/sleeve-4x6-short/remove", Map.of("confirmed", true)).is(200);
    assertThat(List.of(before, stepped, arrived, ruled, measured, counted, revision()))
        .doesNotHaveDuplicates();
  }

  private static String revision() {
    return SERVER.get("/api/albums/1/revision").is(200).json().get("revision").stringValue();
  }
}
