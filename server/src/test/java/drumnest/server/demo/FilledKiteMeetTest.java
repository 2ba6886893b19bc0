package drumnest.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.server.RunningServer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
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

  /** The slots of a spread in reading order, those of what opens among them. */
  private static List<JsonNode> slots(JsonNode spread) {
    List<JsonNode> slots = new ArrayList<>();
    for (String side : List.of("left", "right")) {
      if (spread.has(side)) {
        slots.addAll(slotsOf(spread.get(side)));
      }
    }
    return slots;
  }

  private static List<JsonNode> slotsOf(JsonNode page) {
    Stream<JsonNode> ofFlaps =
        page.get("flaps")
            .valueStream()
            .flatMap(flap -> Stream.of(flap.get("outside"), flap.at("/motion/inside")))
            .filter(slot -> !slot.isMissingNode());
    return Stream.concat(page.get("slots").valueStream(), ofFlaps)
        .sorted(Comparator.comparingInt(slot -> slot.get("rank").intValue()))
        .toList();
  }

  private static List<String> photos(JsonNode spread) {
    return photos(spread, seat -> true);
  }

  /** The photos of a spread that nobody put there by hand. */
  private static List<String> placed(JsonNode spread) {
    return photos(spread, seat -> !seat.get("byHand").booleanValue());
  }

  private static List<String> photos(JsonNode spread, Predicate<JsonNode> which) {
    return slots(spread).stream()
        .filter(slot -> slot.has("seat") && which.test(slot.get("seat")))
        .map(slot -> slot.at("/seat/photo").stringValue())
        .toList();
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
      for (String photo : placed(spread)) {
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
      for (String photo : placed(spread)) {
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
    assertThat(photos(first)).noneMatch(photo -> isPrivate(PHOTOS.get(photo)));
    assertThat(PHOTOS.values().stream().filter(FilledKiteMeetTest::isPrivate)).isNotEmpty();
  }

  private static boolean isPrivate(JsonNode photo) {
    return photo.get("marks").valueStream().anyMatch(mark -> mark.stringValue().equals("secret"));
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
    assertThat(all).doesNotHaveDuplicates().allMatch(PHOTOS::containsKey).hasSizeGreaterThan(60);
  }

  @ParameterizedTest
  @ValueSource(strings = {"airy", "even", "full", "packed"})
  void filled_again_nothing_moves(String breathing) {
    SERVER.step("place-again", Map.of("breathing", breathing));
    JsonNode said = SERVER.step("place-again", Map.of("breathing", breathing)).is(422).json();
    assertThat(said.get("detail").stringValue()).startsWith("Nothing to change");
  }
}
