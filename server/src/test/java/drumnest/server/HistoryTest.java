package drumnest.server;

import static drumnest.server.RunningServer.held;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The law of the history: undone step by step an album is what it was, redone what it became. */
class HistoryTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static final LocalDateTime NOON = LocalDateTime.of(2021, 6, 14, 12, 0);

  @BeforeAll
  static void photos() {
    for (int i = 0; i < 12; i++) {
      SERVER.take("p" + i, TestPictures.jpeg(600, 400, 1, NOON.plusMinutes(30L * i), i)).is(200);
    }
  }

  /** All that steps can change, without what only counts them. */
  private static List<Object> state() {
    JsonNode album = SERVER.album();
    List<Object> tickets = new ArrayList<>();
    for (String slot : List.of("1-back-1", "1-back-4", "2-front-1", "2-front-7")) {
      tickets.add(SERVER.get("/api/albums/1/tickets/" + slot).is(200).json());
    }
    return List.of(
        album.get("title"),
        album.get("spread"),
        album.get("counts"),
        ((ObjectNode) SERVER.get("/api/albums/1/line").is(200).json()).without("revision"),
        tickets);
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(longs = {1, 2, 3})
  void a_random_evening_can_be_taken_back_and_done_again(long seed) {
    Random random = new Random(seed);
    List<List<Object>> states = new ArrayList<>();
    states.add(state());
    while (states.size() <= 18) {
      if (randomStep(random).status() == 200) {
        states.add(state());
      }
    }
    for (int i = states.size() - 2; i >= 0; i--) {
      SERVER.step("undo", Map.of()).is(200);
      assertThat(state()).as("undone to %d", i).isEqualTo(states.get(i));
    }
    for (int i = 1; i < states.size(); i++) {
      SERVER.step("redo", Map.of()).is(200);
      assertThat(state()).as("redone to %d", i).isEqualTo(states.get(i));
    }
  }

  private static RunningServer.Answer randomStep(Random random) {
    List<String> photos = SERVER.line().stream().map(p -> p.get("id").stringValue()).toList();
    String photo = photos.get(random.nextInt(photos.size()));
    String slot = slot(random);
    Map<String, String> held = held(SERVER.album());
    switch (random.nextInt(10)) {
      case 0:
        return SERVER.step("place-again", Map.of("spread", 1));
      case 1:
        return SERVER.step("swap", Map.of("from", slot, "to", slot(random)));
      case 2:
        return SERVER.step("take-out", Map.of("slot", slot));
      case 3:
        return SERVER.step("lock", Map.of("slot", slot, "locked", random.nextBoolean()));
      case 4:
        return SERVER.step("turn", Map.of("slot", slot, "turned", random.nextBoolean()));
      case 5:
        Map<String, Integer> box =
            Map.of("x", random.nextInt(300), "y", 0, "w", 1 + random.nextInt(300), "h", 300);
        return SERVER.step("keep", Map.of("photo", photo, "keep", box));
      case 6:
        return SERVER.step(
            "opening",
            Map.of(
                "slot", slot, "opening", Map.of("w", "3 " + random.nextInt(9) + "/64", "h", "4")));
      case 7:
        return SERVER.step(
            "choose", Map.of("photos", List.of(photo), "choice", held.size() > 3 ? "out" : "open"));
      case 8:
        Map<String, Object> print = new HashMap<>();
        print.put("photo", photo);
        print.put("size", random.nextBoolean() ? Map.of("w", "6", "h", "4") : Map.of());
        return SERVER.step("on-table", print);
      default:
        return SERVER.step("put", Map.of("photo", photo, "slot", slot));
    }
  }

  private static String slot(Random random) {
    return random.nextBoolean()
        ? "1-back-" + (1 + random.nextInt(6))
        : "2-front-" + (1 + random.nextInt(11));
  }
}
