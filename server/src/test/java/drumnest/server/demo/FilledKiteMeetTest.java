package drumnest.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.server.RunningServer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** One press fills the kite meet as somebody would who makes albums. */
class FilledKiteMeetTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer("--drumnest.demo=true");

  private static final Map<String, JsonNode> PHOTOS = new LinkedHashMap<>();
  private static final List<JsonNode> SPREADS = new ArrayList<>();

  @BeforeAll
  static void fill() {
    JsonNode album = SERVER.step("place-again", Map.of("breathing", "full")).is(200).json();
    for (JsonNode photo : SERVER.line()) {
      PHOTOS.put(photo.get("id").stringValue(), photo);
    }
    for (int spread = 0; spread <= album.at("/spread/last").intValue(); spread++) {
      SPREADS.add(SERVER.album(spread).get("spread"));
    }
  }

  private static List<JsonNode> slots(JsonNode spread) {
    List<JsonNode> slots = new ArrayList<>();
    for (String side : List.of("left", "right")) {
      if (spread.has(side)) {
        spread.get(side).get("slots").forEach(slots::add);
      }
    }
    return slots;
  }

  private static List<String> photos(JsonNode spread) {
    List<String> photos = new ArrayList<>();
    for (JsonNode slot : slots(spread)) {
      if (slot.has("seat")) {
        photos.add(slot.at("/seat/photo").stringValue());
      }
    }
    return photos;
  }

  @Test
  void every_spread_has_photos_and_some_place_that_is_free() {
    assertThat(SPREADS).hasSizeGreaterThan(5);
    for (JsonNode spread : SPREADS.subList(0, SPREADS.size() - 1)) {
      assertThat(photos(spread)).as("spread %s", spread.get("number")).isNotEmpty();
    }
  }

  @Test
  void photos_stand_in_story_order_from_spread_to_spread() {
    List<String> line = new ArrayList<>(PHOTOS.keySet());
    int before = -1;
    for (JsonNode spread : SPREADS) {
      for (String photo : photos(spread)) {
        boolean version = PHOTOS.get(photo).has("alternates");
        if (!version) {
          assertThat(line.indexOf(photo)).isGreaterThan(before);
          before = line.indexOf(photo);
        }
      }
    }
  }

  @Test
  void of_near_repeats_that_nobody_kept_one_is_there() {
    Map<String, Integer> ofStack = new HashMap<>();
    for (JsonNode spread : SPREADS) {
      for (String photo : photos(spread)) {
        JsonNode told = PHOTOS.get(photo);
        boolean kept = told.get("choice").stringValue().equals("keep");
        if (told.has("lookalike") && !kept) {
          ofStack.merge(told.get("lookalike").stringValue(), 1, Integer::sum);
        }
      }
    }
    assertThat(ofStack.values()).isNotEmpty().allMatch(count -> count == 1);
  }

  @Test
  void the_first_page_has_a_title_and_nothing_private() {
    JsonNode first = SPREADS.get(0);
    assertThat(slots(first).get(0).get("aside").stringValue()).isEqualTo("title");
    assertThat(photos(first)).noneMatch(photo -> isYes(photo, "secret"));
    assertThat(PHOTOS.values().stream().filter(each -> each.has("secret"))).isNotEmpty();
  }

  private static boolean isYes(String photo, String what) {
    JsonNode said = PHOTOS.get(photo).get(what);
    return said != null && said.booleanValue();
  }

  @Test
  void a_photo_with_a_caption_has_a_place_for_words_on_its_page() {
    Set<String> told = new HashSet<>();
    for (JsonNode spread : SPREADS) {
      for (String side : List.of("left", "right")) {
        JsonNode page = spread.get(side);
        if (page == null) {
          continue;
        }
        boolean words =
            page.get("slots")
                .valueStream()
                .anyMatch(
                    slot -> slot.has("aside") && slot.get("aside").stringValue().equals("words"));
        page.get("slots")
            .valueStream()
            .filter(slot -> slot.has("seat"))
            .map(slot -> slot.at("/seat/photo").stringValue())
            .filter(photo -> PHOTOS.get(photo).has("caption"))
            .filter(photo -> words)
            .forEach(told::add);
      }
    }
    assertThat(told).isNotEmpty();
  }

  @Test
  void no_photo_is_in_two_places_and_none_was_dropped() {
    List<String> all = SPREADS.stream().flatMap(spread -> photos(spread).stream()).toList();
    assertThat(all).doesNotHaveDuplicates().allMatch(PHOTOS::containsKey).hasSizeGreaterThan(45);
  }
}
