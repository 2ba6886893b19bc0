package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Choices, stacks, chapters and budget over HTTP, on a line of three chapters. */
class ChoicesTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static final LocalDateTime NOON = LocalDateTime.of(2021, 6, 14, 12, 0);
  private static String[] photos;

  /** Two alike, then two others an hour apart; five hours later two more; a day later one. */
  @BeforeAll
  static void line() {
    photos =
        new String[] {
          taken(NOON, 900, 600, 0),
          taken(NOON.plusSeconds(3), 900, 601, 0),
          taken(NOON.plusHours(1), 900, 602, 255),
          taken(NOON.plusHours(2), 600, 900, 85),
          taken(NOON.plusHours(7), 900, 603, 170),
          taken(NOON.plusHours(8), 900, 604, 15),
          taken(NOON.plusDays(1), 900, 605, 240)
        };
  }

  private static String taken(LocalDateTime at, int w, int h, int seed) {
    return SERVER
        .take(at.toString(), TestPictures.jpeg(w, h, 1, at, seed))
        .is(200)
        .json()
        .get("photo")
        .stringValue();
  }

  private static JsonNode line(String part) {
    return SERVER.get("/api/albums/1/line").is(200).json().get(part);
  }

  private static JsonNode photo(String id) {
    return line("chapters")
        .valueStream()
        .flatMap(
            chapter ->
                java.util.stream.Stream.concat(
                    chapter.get("photos").valueStream(), chapter.get("out").valueStream()))
        .filter(each -> each.get("id").stringValue().equals(id))
        .findFirst()
        .orElseThrow();
  }

  private static String choice(String id) {
    return photo(id).get("choice").stringValue();
  }

  private static List<String> begins() {
    return line("chapters").valueStream().map(chapter -> chapter.get("id").stringValue()).toList();
  }

  private static void undo() {
    SERVER.step("undo", Map.of()).is(200);
  }

  @Test
  void every_choice_is_a_step_that_can_be_taken_back() {
    for (String word : List.of("keep", "maybe", "out", "open")) {
      SERVER.step("choose", Map.of("photos", List.of(photos[2]), "choice", word)).is(200);
      assertThat(choice(photos[2])).isEqualTo(word);
    }
    undo();
    assertThat(choice(photos[2])).isEqualTo("out");
    assertThat(SERVER.album().at("/counts/out").intValue()).isEqualTo(1);
    undo();
    undo();
    undo();
    assertThat(choice(photos[2])).isEqualTo("open");
    JsonNode problem =
        SERVER
            .step("choose", Map.of("photos", List.of(photos[2]), "choice", "perhaps"))
            .is(400)
            .json();
    assertThat(problem.get("field").stringValue()).isEqualTo("choice");
    SERVER.step("choose", Map.of("photos", List.of("nobody"), "choice", "keep")).is(404);
    SERVER.step("choose", Map.of("photos", List.of(), "choice", "keep")).is(400);
  }

  @Test
  void of_a_stack_the_best_are_kept_and_the_others_dropped_in_one_step() {
    JsonNode stack = line("stacks").get(0);
    assertThat(stack.get("photos").valueStream().map(JsonNode::stringValue))
        .containsExactlyInAnyOrder(photos[0], photos[1]);
    assertThat(stack.get("reason").stringValue()).endsWith("of 2");
    String best = stack.get("photos").get(0).stringValue();
    SERVER.step("choose-of-stack", Map.of("photo", photos[1], "keep", 1)).is(200);
    assertThat(choice(best)).isEqualTo("keep");
    assertThat(choice(best.equals(photos[0]) ? photos[1] : photos[0])).isEqualTo("out");
    undo();
    assertThat(choice(photos[0])).isEqualTo("open");
    SERVER.step("choose-of-stack", Map.of("photo", photos[1], "keep", 3)).is(422);
    SERVER.step("choose-of-stack", Map.of("photo", photos[2], "keep", 1)).is(422);
  }

  @Test
  void what_was_kept_or_dropped_of_a_stack_goes_before_what_is_sharper() {
    JsonNode stack = line("stacks").get(0);
    String best = stack.get("photos").get(0).stringValue();
    String other = stack.get("photos").get(1).stringValue();
    SERVER.step("choose", Map.of("photos", List.of(best), "choice", "out")).is(200);
    SERVER.step("choose-of-stack", Map.of("photo", other, "keep", 1)).is(200);
    assertThat(choice(best)).isEqualTo("out");
    assertThat(choice(other)).isEqualTo("keep");
    undo();
    undo();
    SERVER.step("choose", Map.of("photos", List.of(other), "choice", "keep")).is(200);
    SERVER.step("choose-of-stack", Map.of("photo", best, "keep", 1)).is(200);
    assertThat(choice(other)).isEqualTo("keep");
    assertThat(choice(best)).isEqualTo("out");
    undo();
    undo();
  }

  @Test
  void stacks_and_versions_follow_the_maker() {
    SERVER.step("stack", Map.of("photos", List.of(photos[0]), "together", false)).is(200);
    assertThat(line("stacks")).isEmpty();
    SERVER.step("stack", Map.of("photos", List.of(photos[2], photos[4]), "together", true)).is(200);
    assertThat(photo(photos[2]).get("lookalike")).isEqualTo(photo(photos[4]).get("lookalike"));
    undo();
    undo();
    SERVER
        .step("alternates", Map.of("photos", List.of(photos[2], photos[3]), "together", true))
        .is(200);
    assertThat(photo(photos[2]).get("alternates")).isEqualTo(photo(photos[3]).get("alternates"));
    undo();
    assertThat(photo(photos[2]).has("alternates")).isFalse();
  }

  @Test
  void what_is_said_of_a_photo_is_kept() {
    SERVER.step("flags", Map.of("photos", List.of(photos[4]), "hero", true)).is(200);
    SERVER.step("flags", Map.of("photos", List.of(photos[4]), "secret", true)).is(200);
    SERVER.step("flags", Map.of("photos", List.of(photos[4]), "flap", true)).is(200);
    SERVER.step("flags", Map.of("photos", List.of(photos[4]), "showing", "opened")).is(200);
    SERVER.step("flags", Map.of("photos", List.of(photos[4]), "showing", "upside down")).is(400);
    SERVER.step("caption", Map.of("photo", photos[4], "caption", " The wind turned ")).is(200);
    SERVER.restart();
    JsonNode told = photo(photos[4]);
    assertThat(told.get("marks").valueStream().map(JsonNode::stringValue))
        .containsExactly("hero", "secret", "flap");
    assertThat(told.get("showing").stringValue()).isEqualTo("opened");
    assertThat(told.get("caption").stringValue()).isEqualTo("The wind turned");
    for (int i = 0; i < 5; i++) {
      undo();
    }
    assertThat(photo(photos[4]).get("marks")).isEmpty();
    assertThat(photo(photos[4]).get("showing").stringValue()).isEqualTo("any");
    JsonNode problem =
        SERVER
            .step("caption", Map.of("photo", photos[4], "caption", "x".repeat(2001)))
            .is(400)
            .json();
    assertThat(problem.get("field").stringValue()).isEqualTo("caption");
  }

  @Test
  void a_keep_box_is_proposed_where_something_stands_out_and_a_quiet_area_beside_it() {
    JsonNode close = SERVER.get("/api/albums/1/photos/" + photos[5]).is(200).json();
    assertThat(close.has("quiet")).isTrue();
    JsonNode proposal = close.get("proposal");
    SERVER.step("keep-as-proposed", Map.of("photos", List.of(photos[5]))).is(200);
    assertThat(photo(photos[5]).get("keep")).isEqualTo(proposal);
    SERVER.step("keep-as-proposed", Map.of("photos", List.of(photos[5]))).is(422);
    undo();
    assertThat(photo(photos[5]).has("keep")).isFalse();
  }

  @Test
  void chapters_are_divided_joined_moved_and_named() {
    assertThat(begins()).containsExactly(photos[0], photos[4], photos[6]);
    SERVER.step("chapters", Map.of("count", 2)).is(200);
    assertThat(begins()).containsExactly(photos[0], photos[6]);
    SERVER.step("border", Map.of("photo", photos[2], "begins", true)).is(200);
    assertThat(begins()).containsExactly(photos[0], photos[2], photos[6]);
    SERVER.step("chapter-name", Map.of("photo", photos[3], "name", "Out on the sand")).is(200);
    SERVER.step("move-border", Map.of("from", photos[2], "to", photos[3])).is(200);
    assertThat(begins()).containsExactly(photos[0], photos[3], photos[6]);
    assertThat(line("chapters").get(1).get("title").stringValue()).isEqualTo("Out on the sand");
    SERVER.step("move-border", Map.of("from", photos[3], "to", photos[1])).is(200);
    assertThat(begins()).containsExactly(photos[0], photos[1], photos[6]);
    assertThat(line("chapters").get(1).get("title").stringValue()).isEqualTo("Out on the sand");
    assertThat(line("chapters").get(0).get("named").booleanValue()).isFalse();
    SERVER.step("move-border", Map.of("from", photos[1], "to", photos[6])).is(422);
    SERVER.step("move-border", Map.of("from", photos[0], "to", photos[1])).is(422);
    SERVER.step("chapter-name", Map.of("photo", photos[1], "name", "")).is(200);
    assertThat(line("chapters").get(1).get("named").booleanValue()).isFalse();
    SERVER.step("border", Map.of("photo", photos[1], "begins", false)).is(200);
    assertThat(begins()).containsExactly(photos[0], photos[6]);
    SERVER.step("chapters", Map.of()).is(200);
    assertThat(begins()).containsExactly(photos[0], photos[4], photos[6]);
    SERVER.step("chapters", Map.of("count", 0)).is(422);
    for (int i = 0; i < 8; i++) {
      undo();
    }
    assertThat(begins()).containsExactly(photos[0], photos[4], photos[6]);
  }

  @Test
  void dropping_the_first_photo_of_a_chapter_moves_no_border() {
    SERVER.step("choose", Map.of("photos", List.of(photos[4]), "choice", "out")).is(200);
    assertThat(begins()).containsExactly(photos[0], photos[4], photos[6]);
    assertThat(line("chapters").get(1).get("photos")).hasSize(1);
    undo();
  }

  @Test
  void the_budget_grows_and_shrinks_with_choices_and_leaves() {
    JsonNode before = SERVER.get("/api/albums/1/budget").is(200).json();
    assertThat(before.at("/whole/kept").intValue()).isZero();
    int places = before.at("/whole/places").intValue();
    SERVER.step("choose", Map.of("photos", List.of(photos), "choice", "keep")).is(200);
    SERVER.step("leaves/remove", Map.of("leaf", 1, "confirmed", true)).is(200);
    JsonNode after = SERVER.get("/api/albums/1/budget").is(200).json();
    assertThat(after.at("/whole/kept").intValue()).isEqualTo(7);
    assertThat(after.at("/whole/places").intValue()).isLessThan(places);
    SERVER.step("leaves/remove", Map.of("leaf", 2, "confirmed", true)).is(200);
    JsonNode none = SERVER.get("/api/albums/1/budget").is(200).json();
    assertThat(none.at("/whole/text").stringValue()).isEqualTo("no page yet; wants about 2 pages");
    for (JsonNode chapter : none.get("chapters")) {
      assertThat(chapter.get("state").stringValue()).isEqualTo("even");
      assertThat(chapter.get("drops")).as("nothing is to be dropped for want of a page").isEmpty();
    }
    undo();
    undo();
    undo();
  }

  @Test
  void kept_photos_are_placed_before_others_and_dropped_ones_never() {
    SERVER.step("choose", Map.of("photos", List.of(photos[6]), "choice", "out")).is(200);
    SERVER.step("choose", Map.of("photos", List.of(photos[5]), "choice", "keep")).is(200);
    JsonNode placed = SERVER.step("place-again", Map.of("spread", 1)).is(200).json();
    assertThat(RunningServer.held(placed).values()).contains(photos[5]).doesNotContain(photos[6]);
    String slot =
        RunningServer.held(placed).entrySet().stream()
            .filter(each -> each.getValue().equals(photos[5]))
            .findFirst()
            .orElseThrow()
            .getKey();
    SERVER.step("lock", Map.of("slot", slot, "locked", true)).is(200);
    JsonNode problem =
        SERVER.step("choose", Map.of("photos", List.of(photos[5]), "choice", "out")).is(422).json();
    assertThat(problem.get("detail").stringValue()).contains("locked");
    for (int i = 0; i < 4; i++) {
      undo();
    }
  }

  @Test
  void a_page_that_has_not_seen_the_newest_chooses_nothing() {
    long stale = SERVER.album().get("version").longValue();
    SERVER.step("choose", Map.of("photos", List.of(photos[2]), "choice", "maybe")).is(200);
    SERVER
        .post(
            "/api/albums/1/choose",
            Map.of("version", stale, "photos", List.of(photos[2]), "choice", "out"))
        .is(409);
    assertThat(choice(photos[2])).isEqualTo("maybe");
    undo();
  }
}
