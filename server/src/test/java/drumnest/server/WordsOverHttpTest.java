package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Words on cards and titles, over HTTP, on an album of two leaves and nine photos. */
class WordsOverHttpTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static final FirstSpread SPREAD = new FirstSpread(SERVER);

  private static final String LONG =
      "Then the box kite went up and took the whole line with it. ".repeat(9);

  private static final String LONGER =
      "Then the box kite went up and took the whole line with it. ".repeat(17);

  @BeforeAll
  static void photos() {
    SPREAD.takePhotos();
  }

  @AfterEach
  void taken_back() {
    SPREAD.takeBack();
  }

  private static String photo(int i) {
    return SERVER.line().get(i).get("id").stringValue();
  }

  private static void put(int photo, String slot) {
    SERVER.step("put", Map.of("photo", photo(photo), "slot", slot)).is(200);
  }

  private static JsonNode words() {
    return SERVER.get("/api/albums/1/words?chapter=" + photo(0)).is(200).json();
  }

  private static List<JsonNode> cards() {
    List<JsonNode> cards = new ArrayList<>();
    JsonNode words = words();
    words.get("chapter").get("rows").forEach(row -> row.get("cards").forEach(cards::add));
    return cards;
  }

  private static JsonNode card(int key) {
    return SERVER.get("/api/albums/1/words/cards/" + key).is(200).json();
  }

  /** Begins a card in a place, or nowhere, and says its key. */
  private static int begin(String slot, String... photos) {
    Map<String, Object> request = new LinkedHashMap<>();
    if (slot != null) {
      request.put("slot", slot);
    }
    if (photos.length > 0) {
      request.put("photos", List.of(photos));
    }
    SERVER.step("words/begin", request).is(200);
    JsonNode all = SERVER.get("/api/albums/1/line").is(200).json().get("allEphemera");
    return all.get(all.size() - 1).get("key").intValue();
  }

  private static void write(int card, String body) {
    SERVER
        .step("words/write", Map.of("card", card, "heading", "", "date", "", "body", body))
        .is(200);
  }

  private static void set(int card, Map<String, Object> other) {
    JsonNode now = card(card);
    Map<String, Object> set = new LinkedHashMap<>();
    set.put("card", card);
    set.put(
        "size",
        Map.of(
            "w",
            now.at("/size/w/exact").stringValue(),
            "h",
            now.at("/size/h/exact").stringValue()));
    set.put("margin", "1/8");
    set.put("way", "hand");
    set.put("lettersPerInch", "12");
    set.put("pitch", "1/4");
    set.putAll(other);
    SERVER.step("words/set", set).is(200);
  }

  private static final Map<String, Object> TYPED =
      Map.of("way", "type", "face", "plain", "points", "10");

  @Test
  void a_card_begun_in_a_place_is_as_large_as_that_and_tells_of_the_photos_beside_it() {
    put(0, "2-front-1");
    int card = begin("2-front-2");
    JsonNode begun = card(card);
    assertThat(begun.at("/size/w/text").stringValue()).isEqualTo("3");
    assertThat(begun.at("/about/0").stringValue()).isEqualTo(photo(0));
    assertThat(begun.get("beside").booleanValue()).isTrue();
    assertThat(begun.get("towards").stringValue()).isEqualTo("left");
    assertThat(begun.at("/layout/there").intValue()).isEqualTo(15);
  }

  @ParameterizedTest
  @CsvSource({
    "smaller, 2-front-2, 2-front-3",
    "larger, 2-front-2, 2-front-3",
    "run-on, 2-front-2, 2-front-3",
    "second, 2-front-2, 2-front-3",
    "flap, 2-front-1, 2-front-2"
  })
  void every_fix_that_is_offered_for_type_makes_it_fit(String way, String photo, String place) {
    put(0, photo);
    int card = begin(place);
    set(card, TYPED);
    write(card, LONGER);
    take(card, way);
  }

  @ParameterizedTest
  @CsvSource({"closer", "typed", "larger", "run-on", "label"})
  void every_fix_that_is_offered_by_hand_makes_it_fit(String way) {
    put(0, "2-front-2");
    int card = begin("2-front-3");
    set(card, Map.of());
    write(card, LONG);
    take(card, way);
  }

  private static void take(int card, String way) {
    JsonNode before = card(card);
    assertThat(before.at("/layout/tooLong").booleanValue()).isTrue();
    List<String> offered =
        before.get("fixes").valueStream().map(fix -> fix.get("way").stringValue()).toList();
    assertThat(offered).contains(way);
    SERVER.step("words/fix", Map.of("key", card, "fix", way)).is(200);
    assertThat(cards().stream().map(each -> each.at("/layout/tooLong").booleanValue()))
        .containsOnly(false);
    SERVER.step("undo", Map.of()).is(200);
    assertThat(card(card)).isEqualTo(before);
  }

  @Test
  void the_size_that_is_offered_fits_and_a_quarter_point_more_does_not() {
    int card = begin(null, photo(0));
    set(card, TYPED);
    write(card, LONGER);
    SERVER.step("words/fix", Map.of("key", card, "fix", "smaller")).is(200);
    JsonNode fixed = card(card);
    double points = Double.parseDouble(fixed.at("/lettering/points").stringValue());
    assertThat(fixed.at("/layout/tooLong").booleanValue()).isFalse();
    set(card, Map.of("way", "type", "face", "plain", "points", String.valueOf(points + 0.25)));
    assertThat(card(card).at("/layout/tooLong").booleanValue()).isTrue();
  }

  @Test
  void a_label_that_is_laid_into_a_place_or_taken_off_its_photo_is_a_card_again() {
    put(0, "2-front-2");
    int card = begin("2-front-3");
    set(card, Map.of());
    write(card, LONG);
    SERVER.step("words/fix", Map.of("key", card, "fix", "label")).is(200);
    assertThat(card(card).at("/place/where").stringValue()).startsWith("on its photo, ");
    SERVER.step("ephemera/lay", Map.of("ephemera", card, "slot", "2-front-6")).is(200);
    assertThat(card(card).at("/place/of").stringValue()).isNotEqualTo("label");
    SERVER.step("undo", Map.of()).is(200);
    assertThat(card(card).at("/place/of").stringValue()).isEqualTo("label");
    SERVER.step("words/mark", Map.of("card", card, "label", false)).is(200);
    assertThat(card(card).at("/place/of").stringValue()).isNotEqualTo("label");
  }

  @Test
  void what_is_not_said_of_a_card_stays_as_it_is() {
    SERVER.post("/api/rules/hand-letter", Map.of("value", ".121")).is(200);
    int card = begin(null, photo(0));
    assertThat(card(card).at("/lettering/lettersPerInch").stringValue()).isEqualTo("8.26");
    JsonNode layout = card(card).get("layout");
    set(card, Map.of("lettersPerInch", "8.26"));
    SERVER.step("words/mark", Map.of("card", card, "arrow", true)).is(200);
    assertThat(card(card).get("layout")).isEqualTo(layout);
    assertThat(card(card).get("arrow").booleanValue()).isTrue();
    assertThat(card(card).get("hidden").booleanValue()).isFalse();
    SERVER.post("/api/rules/hand-letter/back", Map.of()).is(200);
  }

  @Test
  void a_story_runs_on_from_card_to_card_and_survives_its_first_card() {
    int first = begin(null, photo(0));
    set(first, TYPED);
    write(first, LONGER);
    SERVER.step("words/fix", Map.of("key", first, "fix", "second")).is(200);
    int second = card(first).at("/story/next").intValue();
    String read = text(card(first)) + " " + text(card(second));
    assertThat(read.replaceAll("\\s+", " ").strip()).isEqualTo(LONGER.strip());
    SERVER.step("ephemera/remove", Map.of("ephemera", first)).is(200);
    assertThat(card(second).get("body").stringValue()).isEqualTo(LONGER);
  }

  /** Tells what is to be read on a card, as far as it goes. */
  private static String text(JsonNode card) {
    List<String> lines = new ArrayList<>();
    card.at("/layout/lines")
        .forEach(
            line -> {
              if (!line.get("beyond").booleanValue()) {
                lines.add(line.get("text").stringValue());
              }
            });
    return String.join(" ", lines);
  }

  @Test
  void a_card_goes_along_with_its_photo_and_one_undo_brings_both_back() {
    put(0, "2-front-1");
    int card = begin("2-front-2");
    SERVER.step("swap", Map.of("from", "2-front-1", "to", "2-front-8")).is(200);
    JsonNode moved = card(card);
    assertThat(moved.at("/place/where/slot").stringValue()).isNotEqualTo("2-front-2");
    assertThat(moved.get("beside").booleanValue()).isTrue();
    assertThat(SERVER.album().get("undo").stringValue()).contains("its words with it");
    SERVER.step("undo", Map.of()).is(200);
    assertThat(card(card).at("/place/where/slot").stringValue()).isEqualTo("2-front-2");
    assertThat(card(card).get("towards").stringValue()).isEqualTo("left");
  }

  @Test
  void where_no_place_is_free_the_card_stays_and_that_is_said() {
    put(0, "2-front-1");
    int card = begin("2-front-2");
    for (int i = 1; i < 7; i++) {
      put(i, "1-back-" + i);
    }
    SERVER.step("swap", Map.of("from", "2-front-1", "to", "1-back-1")).is(200);
    assertThat(card(card).at("/place/where/slot").stringValue()).isEqualTo("2-front-2");
    assertThat(card(card).get("beside").booleanValue()).isFalse();
    assertThat(SERVER.album().get("undo").stringValue()).contains("no free place");
  }

  @Test
  void a_caption_becomes_a_card_and_back() {
    put(0, "2-front-1");
    SERVER
        .step("caption", Map.of("photo", photo(0), "caption", "The first gust\nof the day"))
        .is(200);
    SERVER.step("words/of-photo", Map.of("photo", photo(0))).is(200);
    JsonNode card = cards().get(0);
    assertThat(card.get("body").stringValue()).isEqualTo("The first gust\nof the day");
    assertThat(card.get("beside").booleanValue()).isTrue();
    assertThat(SERVER.line().get(0).has("caption")).isFalse();
    SERVER.step("words/to-photo", Map.of("card", card.get("key").intValue())).is(200);
    assertThat(cards()).isEmpty();
    assertThat(SERVER.line().get(0).get("caption").stringValue())
        .isEqualTo("The first gust\nof the day");
  }

  @Test
  void writing_is_taken_back_by_sentences_not_by_letters() {
    int card = begin(null, photo(0));
    for (String body :
        List.of("F", "Fl", "Flat", "Flat.", "Flat. T", "Flat. Th", "Flat. Then up.")) {
      write(card, body);
    }
    SERVER.step("undo", Map.of()).is(200);
    assertThat(card(card).get("body").stringValue()).isEqualTo("Flat.");
    SERVER.step("undo", Map.of()).is(200);
    assertThat(card(card).get("body").stringValue()).isEmpty();
    SERVER.step("redo", Map.of()).is(200);
    assertThat(card(card).get("body").stringValue()).isEqualTo("Flat.");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "Ärger über Öl, ça va, čtyři",
        "風が強い。凧が上がる。",
        "שלום עולם",
        "kite 🪁 and wind 🌬️ and 👨‍👩‍👧",
        "  two  blanks,\n\n\na gap and a tab\tin it  ",
        "one-very-long-word-one-very-long-word-one-very-long-word-one-very-long-word",
        "<script>alert(1)</script> & \"quotes\""
      })
  void whatever_is_typed_is_kept_as_it_was_typed(String text) {
    int card = begin(null, photo(0));
    write(card, text);
    assertThat(card(card).get("body").stringValue()).isEqualTo(text);
    set(card, TYPED);
    String missing = card(card).at("/layout/missing").asString("");
    assertThat(missing.contains("hebrew letter shin")).isEqualTo(text.contains("ש"));
    assertThat(pdf("cards.pdf?paper=letter")).isNotEmpty();
  }

  @Test
  void ten_thousand_words_are_kept_and_refused_nothing_but_room() {
    String text = "A word or two. ".repeat(3_000);
    int card = begin(null, photo(0));
    write(card, text);
    assertThat(card(card).get("body").stringValue()).hasSize(text.length());
    assertThat(card(card).at("/layout/wordsOver").longValue()).isGreaterThan(8_000);
    SERVER
        .step(
            "words/write",
            Map.of("card", card, "heading", "", "date", "", "body", "x".repeat(120_001)))
        .is(400);
    assertThat(card(card).get("body").stringValue()).hasSize(text.length());
  }

  @Test
  void what_is_typed_is_measured_before_it_is_kept() {
    int card = begin(null, photo(0));
    JsonNode measured =
        SERVER
            .post(
                "/api/albums/1/words/measure",
                Map.of("card", card, "heading", "Head", "date", "", "body", LONG))
            .is(200)
            .json();
    assertThat(measured.at("/cards/0/tooLong").booleanValue()).isTrue();
    assertThat(measured.at("/cards/0/lines/0/text").stringValue()).isEqualTo("Head");
    assertThat(card(card).get("body").stringValue()).isEmpty();
  }

  @Test
  void text_comes_in_by_chapters_and_cards_and_goes_out_again() {
    put(0, "2-front-1");
    SERVER.step("set-aside", Map.of("slot", "2-front-2", "aside", "words")).is(200);
    String title = words().at("/chapter/title").stringValue();
    SERVER
        .step(
            "words/bring-in",
            Map.of(
                "text",
                "# " + title + "\n\nFlat as a plate.\n\n### Up\nThen up it went,\nall of it.\n",
                "chapter",
                photo(0)))
        .is(200);
    List<JsonNode> cards = cards();
    assertThat(cards).hasSize(2);
    assertThat(cards.get(0).at("/place/where/slot").stringValue()).isEqualTo("2-front-2");
    assertThat(cards.get(1).get("heading").stringValue()).isEqualTo("Up");
    assertThat(SERVER.get("/api/albums/1/words.md").is(200).text())
        .isEqualTo(
            "# " + title + "\n\nFlat as a plate.\n\n### Up\n\nThen up it went,\nall of it.\n\n");
    assertThat(SERVER.get("/api/albums/1/words.csv").is(200).text())
        .contains("Flat as a plate.")
        .contains("leaf 2 front, pocket 2");
  }

  @Test
  void what_is_private_stays_out_of_what_is_made_for_showing() {
    int card = begin(null, photo(0));
    write(card, "Nobody else's business.");
    SERVER.step("words/mark", Map.of("card", card, "hidden", true)).is(200);
    assertThat(SERVER.get("/api/albums/1/words.md").text()).contains("business");
    assertThat(SERVER.get("/api/albums/1/words.md?show=true").text()).doesNotContain("business");
    assertThat(SERVER.get("/api/albums/1/words.csv?show=true").text()).doesNotContain("business");
  }

  @Test
  void my_hand_is_remembered_for_new_cards() {
    int card = begin(null, photo(0));
    set(card, Map.of("lettersPerInch", "12", "pitch", "5/16"));
    SERVER.step("words/usual", Map.of("card", card)).is(200);
    int next = begin(null, photo(1));
    assertThat(card(next).at("/lettering/lettersPerInch").stringValue()).isEqualTo("12");
    assertThat(card(next).at("/lettering/pitch/text").stringValue()).isEqualTo("5/16");
    SERVER.post("/api/rules/type-size", Map.of("value", "11")).is(200);
    assertThat(words().at("/usual/lettersPerInch").stringValue()).isEqualTo("12");
    assertThat(words().at("/usual/pitch/text").stringValue()).isEqualTo("5/16");
    assertThat(words().at("/usual/points").stringValue()).isEqualTo("11");
    for (String rule : List.of("hand-letter", "hand-pitch", "card-margin", "type-size")) {
      SERVER.post("/api/rules/" + rule + "/back", Map.of()).is(200);
    }
  }

  @Test
  void facts_are_told_once_their_words_stand_on_a_card() {
    SERVER
        .step("facts/note", Map.of("kind", "weather", "text", "14 knots", "chapter", photo(0)))
        .is(200);
    assertThat(words().at("/chapter/facts/0/told").booleanValue()).isFalse();
    int card = begin(null, photo(0));
    write(card, "It blew");
    SERVER.step("facts/tell", Map.of("text", "14 knots", "card", card)).is(200);
    assertThat(card(card).get("body").stringValue()).isEqualTo("It blew. 14 knots");
    assertThat(words().at("/chapter/facts/0/told").booleanValue()).isTrue();
    SERVER
        .step("facts/note", Map.of("kind", "weather", "text", "14 knots", "chapter", photo(0)))
        .is(422);
  }

  @Test
  void a_wrong_setting_is_refused_at_its_field_and_nothing_is_lost() {
    int card = begin(null, photo(0));
    write(card, "Words");
    JsonNode before = card(card);
    Map<String, Object> wrong = new LinkedHashMap<>();
    wrong.put("card", card);
    wrong.put("size", Map.of("w", "3", "h", "4"));
    wrong.put("margin", "1/8");
    wrong.put("way", "type");
    wrong.put("face", "plain");
    wrong.put("points", "9.1");
    assertThat(SERVER.step("words/set", wrong).is(400).json().get("field").stringValue())
        .isEqualTo("points");
    wrong.put("points", "9");
    wrong.put("face", "fancy");
    assertThat(SERVER.step("words/set", wrong).is(400).json().get("field").stringValue())
        .isEqualTo("face");
    assertThat(card(card)).isEqualTo(before);
  }

  private static byte[] pdf(String path) {
    return SERVER.get("/api/albums/1/" + path).is(200).bytes();
  }

  private static String read(byte[] pdf) {
    try (PDDocument document = Loader.loadPDF(pdf)) {
      return new PDFTextStripper().getText(document);
    } catch (java.io.IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
  }

  @Test
  void a_sheet_of_cards_says_what_they_say_and_carries_its_ruler() {
    int card = begin(null, photo(0));
    set(card, TYPED);
    write(card, "Flat as a plate.");
    assertThat(read(pdf("cards.pdf?paper=letter")))
        .contains("Flat as a plate.")
        .contains("100 mm: measure it");
    assertThat(read(pdf("cards.pdf?paper=a4&sheet=strips"))).contains("Strips to cut");
    assertThat(read(pdf("cards.pdf?sheet=single"))).isEqualToIgnoringNewLines("Flat as a plate.");
    assertThat(
            SERVER
                .get("/api/albums/1/cards.pdf?sheet=labels&paper=letter&labels=2;9;4;2;0;0;4;2")
                .is(400)
                .json()
                .get("field")
                .stringValue())
        .isEqualTo("labels");
    assertThat(
            SERVER
                .get("/api/albums/1/cards.pdf?sheet=labels&paper=letter&labels=2;5;4;2;0;0;4;2")
                .is(422)
                .json()
                .get("detail")
                .stringValue())
        .contains("larger than a label");
  }

  @Test
  void the_printer_is_measured_and_taken_back() {
    SERVER
        .post("/api/printer", Map.of("right", "1.5 mm", "down", "0.8 mm", "percent", "99.6"))
        .is(200);
    JsonNode printer = SERVER.get("/api/printer").is(200).json();
    assertThat(printer.get("percent").stringValue()).isEqualTo("99.6");
    assertThat(
            SERVER
                .post("/api/printer", Map.of("right", "0", "down", "0", "percent", "about 100"))
                .is(400)
                .json()
                .get("field")
                .stringValue())
        .isEqualTo("percent");
    for (String far : List.of("100", "-1 1/16", "26 mm")) {
      JsonNode refused =
          SERVER
              .post("/api/printer", Map.of("right", "0", "down", far, "percent", "100"))
              .is(400)
              .json();
      assertThat(refused.get("field").stringValue()).isEqualTo("down");
      assertThat(refused.get("detail").stringValue()).contains("off by 1 at most");
    }
    assertThat(SERVER.get("/api/printer").json()).isEqualTo(printer);
    SERVER.post("/api/printer", Map.of("right", "", "down", "", "percent", "")).is(200);
    assertThat(SERVER.get("/api/printer").json().get("measured").booleanValue()).isFalse();
    assertThat(read(SERVER.get("/api/printer/test.pdf?paper=a4").is(200).bytes()))
        .contains("30 mm is right");
  }

  @Test
  void letters_that_are_stuck_are_off_the_stock_and_those_planned_before_are_spoken_for() {
    String set = letterSet("Block", "BIGWNDI");
    int big = title("BIG", set, "3");
    assertThat(title(big).has("missing")).isFalse();
    int wind = title("WIND", set, "4");
    assertThat(title(wind).has("missing")).isFalse();
    int in = title("IN", set, "2");
    assertThat(title(in).get("missing").stringValue()).isEqualTo("1 I, 1 N too few");
    SERVER.step("titles/stick", Map.of("key", in, "stuck", true)).is(422);
    SERVER.step("titles/stick", Map.of("key", big, "stuck", true)).is(200);
    assertThat(title(wind).has("missing")).isFalse();
    SERVER.step("titles/stick", Map.of("key", big, "stuck", false)).is(200);
    SERVER.step("ephemera/remove", Map.of("ephemera", wind)).is(200);
    assertThat(title(in).has("missing")).isFalse();
    assertThat(read(pdf("titles/" + in + ".pdf?paper=a4"))).contains("IN").contains("100 mm");
  }

  private static String letterSet(String name, String letters) {
    SERVER
        .post(
            "/api/catalogue",
            Map.of(
                "kind",
                "letters",
                "name",
                name,
                "height",
                "1 1/4",
                "letters",
                letters,
                "widths",
                "B 7/8, I 7/16"))
        .is(200);
    for (JsonNode entry : SERVER.get("/api/catalogue").json().get("entries")) {
      if (entry.get("name").stringValue().equals(name)) {
        return entry.get("key").stringValue();
      }
    }
    throw new AssertionError("The set is not on the shelf.");
  }

  private static int title(String text, String set, String run) {
    SERVER
        .step(
            "titles/save",
            Map.of(
                "text", text, "set", set, "run", run, "spacing", "1/16", "stacked", false,
                "fromEnd", false, "chapter", photo(0)))
        .is(200);
    JsonNode titles = words().at("/chapter/titles");
    return titles.get(titles.size() - 1).get("key").intValue();
  }

  private static JsonNode title(int key) {
    for (JsonNode title : words().at("/chapter/titles")) {
      if (title.get("key").intValue() == key) {
        return title;
      }
    }
    throw new AssertionError("There is no title " + key + ".");
  }

  @Test
  void ten_thousand_words_on_the_narrowest_and_longest_card_are_laid_out() {
    int card = begin(null, photo(0));
    write(card, "kites ".repeat(10_000));
    set(card, Map.of("size", Map.of("w", "1/64", "h", "100")));
    assertThat(card(card).at("/layout/tooLong").booleanValue()).isTrue();
    set(card, TYPED);
    assertThat(card(card).at("/layout/needed").intValue()).isGreaterThan(10_000);
    SERVER.get("/api/albums/1/words.csv").is(200);
  }

  @Test
  void a_story_has_a_limit_that_is_said_while_it_is_typed() {
    int card = begin(null, photo(0));
    Map<String, Object> draft =
        Map.of("card", card, "heading", "", "date", "", "body", "k".repeat(120_001));
    JsonNode problem = SERVER.post("/api/albums/1/words/measure", draft).is(400).json();
    assertThat(problem.get("field").stringValue()).isEqualTo("body");
    assertThat(problem.get("detail").stringValue()).contains("at most 120\u00a0000 letters");
  }
}
