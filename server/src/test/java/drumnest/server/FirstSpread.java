package drumnest.server;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/**
 * The first spread of an album, on whose right page movers are put, as the server answers of it.
 */
final class FirstSpread {

  private static final LocalDateTime NOON = LocalDateTime.of(2021, 6, 14, 12, 0);
  private static final int PHOTOS = 9;

  private final RunningServer server;

  FirstSpread(RunningServer server) {
    this.server = server;
  }

  void takePhotos() {
    for (int i = 0; i < PHOTOS; i++) {
      server
          .take("p" + i + ".jpg", TestPictures.jpeg(900, 1200, 1, NOON.plusMinutes(i), i))
          .is(200);
    }
  }

  /** Takes all steps back, so that each test finds the album as it was. */
  void takeBack() {
    while (server.album().has("undo")) {
      server.step("undo", Map.of()).is(200);
    }
  }

  JsonNode page() {
    return server.album(1).at("/spread/right");
  }

  /** The spread with these flaps open. */
  JsonNode motion(String... open) {
    return server
        .get("/api/albums/1/spreads/1/motion?open=" + String.join(",", open))
        .is(200)
        .json();
  }

  static List<String> texts(JsonNode list) {
    List<String> texts = new ArrayList<>();
    list.forEach(each -> texts.add(each.stringValue()));
    return texts;
  }
}
