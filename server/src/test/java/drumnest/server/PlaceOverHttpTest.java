package drumnest.server;

import static drumnest.server.RunningServer.held;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Placing many photos at once, why and what if, words, late photos, and proposed leaves. */
class PlaceOverHttpTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static final LocalDateTime NOON = LocalDateTime.of(2021, 6, 14, 12, 0);

  /** Wide ones at even numbers, upright ones at odd, half an hour apart, in two chapters. */
  @BeforeAll
  static void photos() {
    for (int i = 0; i < 24; i++) {
      boolean wide = i % 2 == 0;
      LocalDateTime when = NOON.plusMinutes(30L * i).plusDays(i < 12 ? 0 : 1);
      SERVER
          .take("p" + i, TestPictures.jpeg(wide ? 1800 : 1200, wide ? 1200 : 1800, 1, when, i))
          .is(200);
    }
  }

  @AfterEach
  void allTakenBack() {
    while (SERVER.album().has("undo") && isOurs(SERVER.album().get("undo").stringValue())) {
      SERVER.step("undo", Map.of()).is(200);
    }
  }

  private static boolean isOurs(String label) {
    return !label.startsWith("take in");
  }

  private static Map<String, Object> request(Object... more) {
    Map<String, Object> request = new HashMap<>();
    request.put("kinds", List.of("12x12-six-6x4", "12x12-six-4x6", "12x12-one-6x4-ten-3x4"));
    request.put("breathing", "full");
    request.put("freshPages", true);
    request.put("undecided", true);
    request.put("anew", true);
    for (int i = 0; i < more.length; i += 2) {
      request.put((String) more[i], more[i + 1]);
    }
    return request;
  }

  private static JsonNode plans(Map<String, Object> request) {
    return SERVER.post("/api/albums/1/plans", request).is(200).json();
  }

  private static Map<String, String> asides(JsonNode album) {
    Map<String, String> asides = new TreeMap<>();
    for (String side : List.of("left", "right")) {
      JsonNode page = album.at("/spread/" + side);
      page.at("/slots")
          .forEach(
              slot -> {
                if (slot.has("aside")) {
                  asides.put(slot.get("id").stringValue(), slot.get("aside").stringValue());
                }
              });
    }
    return asides;
  }

  @Test
  void with_room_to_breathe_places_stay_free_for_words_and_titles() {
    JsonNode packed = SERVER.step("place-again", Map.of("spread", 1)).is(200).json();
    assertThat(held(packed)).hasSize(17);
    assertThat(asides(packed)).isEmpty();
    JsonNode even =
        SERVER.step("place-again", Map.of("spread", 1, "breathing", "even")).is(200).json();
    assertThat(held(even)).as("60 % of 6 and of 11").hasSize(4 + 7);
    assertThat(asides(even)).hasSize(6).containsValues("title", "empty");
    String told = held(even).values().stream().skip(6).findFirst().orElseThrow();
    SERVER.step("caption", Map.of("photo", told, "caption", "It flew all day")).is(200);
    even = SERVER.step("place-again", Map.of("spread", 1, "breathing", "even")).is(200).json();
    assertThat(asides(even)).as("a place beside it").containsValue("words");
    JsonNode account = SERVER.get("/api/albums/1/account?spread=1&breathing=even").is(200).json();
    assertThat(account.get("placed").intValue()).isEqualTo(11);
    assertThat(account.get("proven").booleanValue()).isTrue();
    assertThat(account.get("points").doubleValue()).isEqualTo(account.get("best").doubleValue());
    double sum = 0;
    for (JsonNode part : account.get("parts")) {
      sum += part.get("points").doubleValue();
    }
    assertThat(sum).isCloseTo(account.get("points").doubleValue(), within(0.5));
  }

  @Test
  void what_was_put_by_hand_stays_when_it_costs_little_and_a_lock_holds_in_any_case() {
    Map<String, String> before = held(SERVER.step("place-again", Map.of("spread", 1)).json());
    SERVER.step("swap", Map.of("from", "2-front-4", "to", "2-front-6")).is(200);
    SERVER.step("lock", Map.of("slot", "1-back-1", "locked", true)).is(200);
    SERVER.step("place-again", Map.of("spread", 1));
    Map<String, String> after = held(SERVER.album(1));
    assertThat(after)
        .containsEntry("2-front-4", before.get("2-front-6"))
        .containsEntry("2-front-6", before.get("2-front-4"))
        .containsEntry("1-back-1", before.get("1-back-1"));
  }

  @Test
  void locks_against_the_story_are_answered_and_said() {
    Map<String, String> before = held(SERVER.step("place-again", Map.of("spread", 1)).json());
    SERVER.step("swap", Map.of("from", "2-front-2", "to", "2-front-11")).is(200);
    for (String slot : List.of("2-front-2", "2-front-11")) {
      SERVER.step("lock", Map.of("slot", slot, "locked", true)).is(200);
    }
    SERVER.step("place-again", Map.of("spread", 1));
    Map<String, String> after = held(SERVER.album(1));
    assertThat(after)
        .containsEntry("2-front-2", before.get("2-front-11"))
        .containsEntry("2-front-11", before.get("2-front-2"));
    assertThat(SERVER.get("/api/albums/1/account?spread=1").json().get("parts").toString())
        .contains("against the story");
    assertThat(SERVER.get("/api/albums/1/why/2-front-2").json().get("reasons").toString())
        .contains("fixed here");
  }

  @Test
  void a_chapter_is_placed_on_its_own_pages() {
    String second = SERVER.line().get(12).get("id").stringValue();
    JsonNode album = SERVER.step("place-again", Map.of("chapter", second)).is(200).json();
    List<String> ofChapter = new ArrayList<>();
    SERVER.line().subList(12, 24).forEach(photo -> ofChapter.add(photo.get("id").stringValue()));
    List<String> placed = new ArrayList<>();
    for (int spread = 0; spread <= 2; spread++) {
      placed.addAll(held(SERVER.album(spread)).values());
    }
    assertThat(placed).isNotEmpty().allMatch(ofChapter::contains);
    assertThat(album.get("undo").stringValue()).isEqualTo("place the chapter in story order");
    assertThat(SERVER.step("place-again", Map.of("chapter", "nobody")).is(404).json().get("field"))
        .hasToString("\"chapter\"");
    SERVER.step("place-again", Map.of("chapter", second, "spread", 1)).is(400);
  }

  @ParameterizedTest
  @CsvSource({
    "order, sideways, story",
    "breathing, stuffed, airy",
  })
  void a_word_that_is_no_choice_is_refused_with_what_is_accepted(
      String field, String word, String accepted) {
    JsonNode problem = SERVER.step("place-again", Map.of("spread", 1, field, word)).is(400).json();
    assertThat(problem.get("field").stringValue()).isEqualTo(field);
    assertThat(problem.get("detail").stringValue()).contains(word).contains(accepted);
  }

  @Test
  void every_other_order_places_the_same_photos_on_the_spread() {
    Map<String, String> story = held(SERVER.step("place-again", Map.of("spread", 1)).json());
    for (String order : List.of("weight", "variety")) {
      Map<String, String> other =
          held(SERVER.step("place-again", Map.of("spread", 1, "order", order)).is(200).json());
      assertThat(other.values()).containsExactlyInAnyOrderElementsOf(story.values());
    }
    assertThat(
            held(SERVER.step("place-again", Map.of("spread", 1, "order", "free")).is(200).json()))
        .hasSize(17);
  }

  @Test
  void a_pocket_set_aside_by_hand_is_left_alone_and_can_be_given_back() {
    SERVER.step("set-aside", Map.of("slot", "2-front-4", "aside", "words")).is(200);
    JsonNode placed = SERVER.step("place-again", Map.of("spread", 1)).is(200).json();
    assertThat(held(placed)).hasSize(16).doesNotContainKey("2-front-4");
    assertThat(asides(placed)).containsExactly(Map.entry("2-front-4", "words"));
    JsonNode refused =
        SERVER.step("set-aside", Map.of("slot", "2-front-5", "aside", "words")).is(422).json();
    assertThat(refused.get("detail").stringValue()).contains("Take it out first");
    assertThat(
            SERVER
                .step("set-aside", Map.of("slot", "2-front-4", "aside", "glitter"))
                .is(400)
                .json()
                .get("field"))
        .hasToString("\"aside\"");
    SERVER.step("set-aside", Map.of("slot", "2-front-4")).is(200);
    assertThat(held(SERVER.step("place-again", Map.of("spread", 1)).json())).hasSize(17);
  }

  @Test
  void what_is_stuck_is_not_moved_and_what_is_cut_is_placed_around() {
    Map<String, String> before = held(SERVER.step("place-again", Map.of("spread", 1)).json());
    SERVER.step("made", Map.of("slot", "1-back-1", "made", "stuck")).is(200);
    SERVER.step("made", Map.of("slot", "2-front-5", "made", "cut")).is(200);
    JsonNode refused = SERVER.step("take-out", Map.of("slot", "1-back-1")).is(422).json();
    assertThat(refused.get("detail").stringValue()).contains("stuck");
    SERVER.step("swap", Map.of("from", "1-back-1", "to", "1-back-2")).is(422);
    Map<String, String> after =
        held(SERVER.step("place-again", Map.of("spread", 1, "breathing", "airy")).is(200).json());
    assertThat(after)
        .containsEntry("1-back-1", before.get("1-back-1"))
        .containsEntry("2-front-5", before.get("2-front-5"));
    JsonNode moved = SERVER.step("swap", Map.of("from", "2-front-5", "to", "1-back-6")).json();
    assertThat(moved.toString())
        .as("cut for 3×4, it is cut anew for 6×4")
        .doesNotContain("\"cut\"");
  }

  @Test
  void late_photos_are_offered_to_gaps_and_nothing_else_is_moved() {
    assertThat(SERVER.get("/api/albums/1/late").json()).as("nothing is placed yet").isEmpty();
    JsonNode placed = SERVER.step("place-again", Map.of("spread", 1)).is(200).json();
    SERVER.step("take-out", Map.of("slot", "1-back-3")).is(200);
    SERVER.step("made", Map.of("slot", "1-back-1", "made", "stuck")).is(200);
    JsonNode late = SERVER.get("/api/albums/1/late").is(200).json();
    assertThat(late).hasSize(8);
    assertThat(late.valueStream().filter(each -> each.has("where")))
        .as("leaf 1 front and leaf 2 back have gaps too")
        .isNotEmpty();
    Map<String, String> before = held(SERVER.album());
    SERVER.step("put-late", Map.of()).is(200);
    assertThat(held(SERVER.album())).containsAllEntriesOf(before);
    assertThat(SERVER.album().get("undo").stringValue()).startsWith("put ").contains("late");
    assertThat(held(placed)).hasSize(17);
  }

  @Test
  void without_a_gap_a_late_photo_is_told_what_else_would_make_room() {
    SERVER.step("place-again", Map.of()).is(200);
    SERVER.step("leaves/remove", Map.of("leaf", 2, "confirmed", true)).is(200);
    SERVER.step("place-again", Map.of()).is(200);
    List<String> told = new ArrayList<>();
    SERVER
        .get("/api/albums/1/late")
        .json()
        .forEach(
            each -> {
              if (!each.has("where")) {
                told.add(each.get("fits").stringValue());
              }
            });
    assertThat(told).isNotEmpty();
    assertThat(told).anyMatch(Pattern.compile("[Ss]leeve|small leaf").asPredicate());
  }

  @Test
  void why_and_what_would_make_room_are_answered_for_every_photo() {
    JsonNode album = SERVER.step("place-again", Map.of("spread", 1)).is(200).json();
    for (String slot : held(album).keySet()) {
      JsonNode why = SERVER.get("/api/albums/1/why/" + slot).is(200).json();
      assertThat(why.get("next").stringValue())
          .as("nothing is better than the best")
          .isNotEmpty()
          .doesNotContain("Better");
      assertThat(why.get("reasons")).isNotEmpty();
    }
    for (JsonNode photo : SERVER.line()) {
      if (!photo.has("where")) {
        JsonNode room =
            SERVER
                .get("/api/albums/1/room/" + photo.get("id").stringValue() + "?spread=1")
                .is(200)
                .json();
        assertThat(room).isNotEmpty();
        List<Double> points = new ArrayList<>();
        room.forEach(way -> points.add(way.get("points").doubleValue()));
        assertThat(points).as("the best first").isSorted();
      }
    }
    String emptied = held(album).keySet().iterator().next();
    SERVER.step("take-out", Map.of("slot", emptied)).is(200);
    assertThat(SERVER.get("/api/albums/1/why/" + emptied).is(200).json().get("reasons").toString())
        .contains("no photo in that place now");
    assertThat(SERVER.get("/api/albums/1/why/9-front-1").is(404).json().get("field"))
        .hasToString("\"slot\"");
    assertThat(SERVER.get("/api/albums/1/room/nobody").is(404).json().get("field"))
        .hasToString("\"photo\"");
  }

  @Test
  void a_full_page_is_not_asked_to_breathe_when_it_says_why() {
    JsonNode album = SERVER.step("place-again", Map.of("spread", 1)).is(200).json();
    String slot = held(album).keySet().iterator().next();
    JsonNode packed = SERVER.get("/api/albums/1/why/" + slot).is(200).json();
    assertThat(SERVER.get("/api/albums/1/why/" + slot + "?breathing=airy").is(200).json())
        .as("what its next best place costs is not that others must leave")
        .isEqualTo(packed);
  }

  @Test
  void a_photo_held_over_a_pocket_shows_its_ticket_and_who_goes_where() {
    Map<String, String> held = held(SERVER.step("place-again", Map.of("spread", 1)).json());
    JsonNode over =
        SERVER
            .post(
                "/api/albums/1/tickets/preview",
                Map.of("slot", "2-front-2", "photo", held.get("1-back-1")))
            .is(200)
            .json();
    assertThat(over.at("/ticket/seat/photo").stringValue()).isEqualTo(held.get("1-back-1"));
    assertThat(over.at("/ticket/kept").stringValue()).isEqualTo("50 %");
    assertThat(over.get("swapped").stringValue()).contains("goes to pocket 1, leaf 1 back");
    assertThat(held(SERVER.album())).as("nothing is changed").isEqualTo(held);
    SERVER
        .post("/api/albums/1/tickets/preview", Map.of("slot", "2-front-2", "photo", "nobody"))
        .is(404);
  }

  @Test
  void three_plans_with_their_sums_and_one_is_laid_with_its_photos() {
    Map<String, Object> request =
        request(
            "kinds",
            List.of("12x12-six-6x4", "12x12-six-4x6", "12x12-nine-4x4", "12x12-twelve-3x4"),
            "breathing",
            "airy");
    JsonNode proposal = plans(request);
    assertThat(proposal.get("photos").stringValue()).isEqualTo("24 photos to place");
    assertThat(proposal.get("goes")).hasSize(2);
    assertThat(proposal.get("plans").size()).isBetween(2, 3);
    JsonNode first = proposal.at("/plans/0");
    assertThat(first.get("words").stringValue()).containsPattern("No better choice|Close to");
    int needed = 0;
    for (JsonNode kind : first.get("kinds")) {
      needed += kind.get("needed").intValue();
    }
    assertThat(needed).isEqualTo(first.get("leaves").size());
    assertThat(first.get("photos").intValue() + first.get("left").size()).isEqualTo(24);
    assertThat(
            first.get("photos").intValue()
                + first.get("kept").intValue()
                + first.get("empty").intValue())
        .isEqualTo(first.get("places").intValue());
    assertThat(first.get("title").stringValue()).startsWith("Fewest leaves");
    assertThat(proposal.get("plans").valueStream().map(plan -> plan.get("title").stringValue()))
        .doesNotHaveDuplicates();
    for (JsonNode plan : proposal.get("plans")) {
      assertThat(plan.get("leaves").size()).isGreaterThanOrEqualTo(first.get("leaves").size());
    }
    assertThat(plans(request)).as("the same question, the same answer").isEqualTo(proposal);

    JsonNode laid =
        SERVER.step("take-plan", Map.of("request", request, "number", 2)).is(200).json();
    JsonNode second = proposal.at("/plans/1");
    assertThat(laid.get("leaves")).hasSize(second.get("leaves").size());
    assertThat(laid.at("/counts/placed").intValue()).isEqualTo(second.get("photos").intValue());
    SERVER.step("undo", Map.of()).is(200);
    assertThat(SERVER.album().get("leaves")).hasSize(2);
    SERVER.step("redo", Map.of()).is(200);
    assertThat(SERVER.album().get("leaves")).hasSize(second.get("leaves").size());
  }

  @Test
  void a_plan_is_not_laid_once_what_it_goes_by_has_changed() {
    Map<String, Object> request = request("run", "before");
    plans(request);
    SERVER.post("/api/catalogue/12x12-six-6x4/owned", Map.of("owned", 1)).is(200);
    JsonNode before = SERVER.album().get("leaves");
    SERVER.step("take-plan", Map.of("request", request, "number", 1)).is(409);
    assertThat(SERVER.album().get("leaves")).isEqualTo(before);
    plans(request);
    SERVER.step("take-plan", Map.of("request", request, "number", 1)).is(200);
    SERVER.post("/api/catalogue/12x12-six-6x4/owned", Map.of()).is(200);
  }

  /** Wide photos that must stay whole have seven places on the spread, and one is the next. */
  @Test
  void a_run_that_ends_before_its_spread_is_full_says_at_which_photo() {
    // No card shows so much edge: nothing is shown small and whole.
    SERVER.post("/api/rules/whole-edge", Map.of("value", "3")).is(200);
    for (JsonNode photo : SERVER.line()) {
      if (photo.at("/pixels/w").intValue() > photo.at("/pixels/h").intValue()) {
        Map<String, Integer> whole = Map.of("x", 0, "y", 0, "w", 1800, "h", 1200);
        SERVER.step("keep", Map.of("photo", photo.get("id").stringValue(), "keep", whole)).is(200);
      }
    }
    JsonNode album = SERVER.step("place-again", Map.of("spread", 1)).is(200).json();
    assertThat(album.at("/counts/placed").intValue()).isBetween(7, 16);
    assertThat(SERVER.get("/api/albums/1/account?spread=1").is(200).json().get("words"))
        .hasToString(
            "\"Best possible arrangement. Next comes “p8”, which fits no pocket left here.\"");
    SERVER.post("/api/rules/whole-edge/back", Map.of()).is(200);
  }

  @Test
  void places_that_are_empty_already_are_filled_before_leaves_are_added() {
    Map<String, Object> request = request("anew", false, "breathing", "airy");
    JsonNode proposal = plans(request);
    assertThat(proposal.get("photos").stringValue())
        .matches("24 photos to place; \\d+ go into places that are empty already");
    JsonNode album = SERVER.album();
    JsonNode laid =
        SERVER.step("take-plan", Map.of("request", request, "number", 1)).is(200).json();
    assertThat(laid.at("/counts/placed").intValue()).isEqualTo(24);
    assertThat(laid.get("leaves").get(0).get("held").intValue()).isPositive();
    assertThat(laid.get("leaves").size())
        .isEqualTo(album.get("leaves").size() + proposal.at("/plans/0/leaves").size());
    SERVER.step("undo", Map.of()).is(200);
    assertThat(SERVER.album().at("/counts/placed").intValue()).isZero();
    JsonNode packed = plans(request("anew", false, "breathing", "packed"));
    assertThat(packed.at("/plans/0/title").stringValue()).isEqualTo("No new leaf needed");
    assertThat(packed.at("/plans/0/leaves")).isEmpty();
  }

  @Test
  void plans_keep_to_what_is_owned_and_to_the_leaves_allowed() {
    SERVER.post("/api/catalogue/12x12-six-6x4/owned", Map.of("owned", 1)).is(200);
    for (JsonNode plan : plans(request()).get("plans")) {
      for (JsonNode kind : plan.get("kinds")) {
        if (kind.get("key").stringValue().equals("12x12-six-6x4")) {
          assertThat(kind.get("needed").intValue()).isEqualTo(1);
          assertThat(kind.get("owned").intValue()).isEqualTo(1);
        }
      }
    }
    SERVER.post("/api/catalogue/12x12-six-6x4/owned", Map.of()).is(200);
    JsonNode one = plans(request("mostLeaves", 1)).at("/plans/0");
    assertThat(one.get("leaves")).hasSize(1);
    assertThat(one.get("left")).isNotEmpty();
    assertThat(one.get("sleeves")).as("what is left over wants sleeves").isNotEmpty();
  }

  @Test
  void sleeves_are_counted_on_where_that_is_allowed_and_no_more_than_are_owned() {
    SERVER.post("/api/catalogue/sleeve-4x6-short/owned", Map.of("owned", 2)).is(200);
    SERVER.post("/api/catalogue/sleeve-4x6-long/owned", Map.of("owned", 0)).is(200);
    Map<String, Object> without =
        request("mostLeaves", 1, "kinds", List.of("12x12-six-6x4"), "breathing", "packed");
    Map<String, Object> request = new HashMap<>(without);
    request.put("sleeves", true);
    JsonNode plain = plans(without).at("/plans/0");
    JsonNode sleeved = plans(request).at("/plans/0");
    assertThat(plain.get("inSleeves").intValue()).isZero();
    assertThat(sleeved.get("inSleeves").intValue()).isBetween(1, 4);
    assertThat(sleeved.get("left").size()).isLessThan(plain.get("left").size());
    JsonNode laid =
        SERVER.step("take-plan", Map.of("request", request, "number", 1)).is(200).json();
    assertThat(laid.at("/counts/placed").intValue())
        .isEqualTo(sleeved.get("photos").intValue() + sleeved.get("inSleeves").intValue());
    int sleeves = 0;
    for (int spread = 0; spread < 2; spread++) {
      JsonNode motion = SERVER.get("/api/albums/1/spreads/" + spread + "/motion").is(200).json();
      assertThat(motion.get("clashes").valueStream())
          .noneMatch(clash -> clash.get("severity").stringValue().equals("error"));
      assertThat(motion.get("never")).isEmpty();
      sleeves += motion.get("flaps").size();
    }
    assertThat(sleeves).isBetween(1, 2);
    SERVER.step("undo", Map.of()).is(200);
    assertThat(SERVER.album().at("/counts/placed").intValue()).isZero();
    SERVER.post("/api/catalogue/sleeve-4x6-short/owned", Map.of()).is(200);
    SERVER.post("/api/catalogue/sleeve-4x6-long/owned", Map.of()).is(200);
  }

  @Test
  void a_request_that_makes_no_sense_is_refused_at_its_field() {
    assertThat(
            SERVER
                .post("/api/albums/1/plans", request("kinds", List.of("plain-12x12")))
                .is(400)
                .json()
                .get("field"))
        .hasToString("\"kinds\"");
    SERVER.post("/api/albums/1/plans", request("kinds", List.of())).is(400);
    SERVER.post("/api/albums/1/plans", request("mostLeaves", 0)).is(400);
    JsonNode nothingKept = plans(request("undecided", false));
    assertThat(nothingKept.get("photos").stringValue()).contains("undecided");
    assertThat(nothingKept.get("plans")).isEmpty();
    SERVER.step("take-plan", Map.of("request", request("undecided", false), "number", 1)).is(422);
    SERVER.step("take-plan", Map.of("request", request(), "number", 9)).is(404);
    SERVER.post("/api/catalogue/12x12-six-6x4/owned", Map.of("owned", -1)).is(400);
    SERVER.post("/api/catalogue/nothing/owned", Map.of("owned", 1)).is(404);
  }

  @Test
  void leaves_with_something_settled_on_them_stay_when_it_is_begun_anew() {
    SERVER.step("place-again", Map.of("spread", 1)).is(200);
    SERVER.step("lock", Map.of("slot", "1-back-1", "locked", true)).is(200);
    JsonNode proposal = plans(request());
    assertThat(proposal.get("goes").toString()).isEqualTo("[2]");
    String locked = held(SERVER.album()).get("1-back-1");
    SERVER.step("take-plan", Map.of("request", request(), "number", 1)).is(200);
    assertThat(held(SERVER.album())).containsEntry("1-back-1", locked);
  }

  @Test
  void a_spread_takes_the_photos_that_the_story_has_there() {
    List<String> line = new ArrayList<>();
    SERVER.line().forEach(photo -> line.add(photo.get("id").stringValue()));
    int middle = 10;
    SERVER.step("put", Map.of("photo", line.get(middle), "slot", "1-back-1")).is(200);
    SERVER.step("place-again", Map.of("spread", 2)).is(200);
    assertThat(held(SERVER.album(2)).values())
        .isNotEmpty()
        .allMatch(photo -> line.indexOf(photo) > middle);
    SERVER.step("place-again", Map.of("spread", 0)).is(200);
    assertThat(held(SERVER.album(0)).values())
        .isNotEmpty()
        .allMatch(photo -> line.indexOf(photo) < middle);
  }

  @Test
  void a_run_that_nobody_knows_has_ended() {
    assertThat(SERVER.get("/api/runs/none-such").is(200).json().has("progress")).isFalse();
    SERVER.post("/api/runs/none-such/stop", Map.of()).is(200);
    SERVER.step("place-again", Map.of("spread", 1, "run", "a-run")).is(200);
    assertThat(SERVER.get("/api/runs/a-run").json().has("progress")).isFalse();
  }
}
