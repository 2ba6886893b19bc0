package drumnest.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;

/** A maker's first evening: photos in, a spread filled and put right, lists taken away. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class MakerWalkIT {

  @TempDir static Path files;
  private static App app;
  private static Chromium chromium;
  private static Page page;

  @BeforeAll
  static void open() {
    app = App.empty();
    chromium = new Chromium();
    page = chromium.page(1280, 800);
  }

  @AfterAll
  static void close() {
    chromium.close();
    app.close();
  }

  private static Locator button(String name) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
  }

  private static Locator slot(String id) {
    return page.locator("[data-slot='" + id + "']");
  }

  /** Which photo is in which slot, as the page shows it. */
  private static Map<String, String> shown() {
    Map<String, String> shown = new TreeMap<>();
    for (Locator slot : page.locator("[data-slot][data-photo]").all()) {
      shown.put(slot.getAttribute("data-slot"), slot.getAttribute("data-photo"));
    }
    return shown;
  }

  private static void waitForPhotoIn(String slot, String photo) {
    assertThat(slot(slot)).hasAttribute("data-photo", photo);
  }

  private static Locator ticket() {
    return page.getByRole(AriaRole.COMPLEMENTARY, new Page.GetByRoleOptions().setName("Ticket"));
  }

  @Test
  @Order(1)
  void an_empty_album_says_what_to_do_first() {
    page.navigate(app.address());
    assertThat(page.getByText("The line is empty")).isVisible();
    assertThat(page.getByText("Drop photos or a folder here")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Place")).click();
    assertThat(page.getByText("Bring some in with Gather")).isVisible();
    assertThat(page.locator("[data-slot]")).hasCount(17);
  }

  @Test
  @Order(2)
  void photos_come_in_and_what_is_none_is_named_with_its_reason() {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Gather")).first().click();
    List<Path> chosen = new ArrayList<>(Pictures.many(files, 20, 1800));
    chosen.add(Pictures.text(files.resolve("shopping.jpg"), "glue, blades"));
    chosen.add(Pictures.text(files.resolve("nothing.png"), ""));
    chosen.add(Pictures.write(files.resolve("undated.jpg"), 900, 600, 99, null));
    page.getByLabel("Photos", new Page.GetByLabelOptions().setExact(true))
        .setInputFiles(chosen.toArray(Path[]::new));
    assertThat(page.getByText("21 new on the line")).isVisible();
    assertThat(page.getByText("2 not taken in; the others are")).isVisible();
    assertThat(
            page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("shopping.jpg: It is not a photo")))
        .isVisible();
    assertThat(
            page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("nothing.png: It is empty")))
        .isVisible();
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Time")).click();
    Locator undated =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Dates to give"));
    assertThat(undated.getByText("undated.jpg")).isVisible();
    Locator taken = undated.getByLabel("Taken");
    taken.fill("2021-06-14T23:30:05");
    taken.blur();
    assertThat(page.getByText("Every photo has a date")).isVisible();
  }

  @Test
  @Order(3)
  void the_spread_is_filled_in_story_order() {
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("In and out")).click();
    button("Go on to Place").click();
    page.getByLabel("Breathing room").selectOption("packed");
    button("Place P").click();
    assertThat(page.locator("[data-slot][data-photo]")).hasCount(17);
    assertThat(page.getByText("17 of 34 places")).isVisible();
    assertThat(page.getByText("4 without a place")).isVisible();
  }

  @Test
  @Order(4)
  void two_are_swapped_with_the_mouse() {
    Map<String, String> before = shown();
    Mouse.drag(page, slot("1-back-1"), slot("2-front-9"));
    waitForPhotoIn("2-front-9", before.get("1-back-1"));
    waitForPhotoIn("1-back-1", before.get("2-front-9"));
    button("Undo").click();
    waitForPhotoIn("1-back-1", before.get("1-back-1"));
    button("Redo").click();
    waitForPhotoIn("2-front-9", before.get("1-back-1"));
  }

  @Test
  @Order(5)
  void two_are_swapped_by_keyboard() {
    Map<String, String> before = shown();
    slot("1-back-3").focus();
    page.keyboard().press("Enter");
    assertThat(page.getByText("is in your hand: choose a pocket")).isVisible();
    page.keyboard().press("ArrowRight");
    page.keyboard().press("ArrowDown");
    page.keyboard().press("Enter");
    waitForPhotoIn("1-back-6", before.get("1-back-3"));
    waitForPhotoIn("1-back-3", before.get("1-back-6"));
    page.keyboard().press("z");
    waitForPhotoIn("1-back-3", before.get("1-back-3"));
    page.keyboard().press("y");
    waitForPhotoIn("1-back-6", before.get("1-back-3"));
  }

  @Test
  @Order(6)
  void one_is_taken_out_and_another_put_in_from_the_tray() {
    String out = shown().get("2-front-4");
    Mouse.drag(
        page,
        slot("2-front-4"),
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Without a place")));
    assertThat(page.locator("[data-waiting='" + out + "']")).isVisible();
    assertThat(slot("2-front-4")).not().hasAttribute("data-photo", out);
    Locator waiting = page.locator("[data-waiting]").last();
    String in = waiting.getAttribute("data-waiting");
    Mouse.drag(page, waiting, slot("2-front-4"));
    waitForPhotoIn("2-front-4", in);
  }

  @Test
  @Order(7)
  void a_locked_one_stays_when_all_are_placed_again() {
    String locked = shown().get("2-front-9");
    slot("2-front-9").click();
    page.keyboard().press("l");
    assertThat(slot("2-front-9")).hasAttribute("data-locked", "");
    page.keyboard().press("p");
    assertThat(page.getByText("Last: place in story order")).isVisible();
    assertThat(shown()).hasSize(17).containsEntry("2-front-9", locked);
  }

  @Test
  @Order(8)
  void the_crop_follows_the_keep_box_that_is_dragged() {
    slot("2-front-9").click();
    Locator crop = ticket().locator("[data-crop]");
    assertThat(crop).hasCSS("position", "absolute");
    double before = crop.boundingBox().x;
    BoundingBox picture = ticket().locator("img").first().boundingBox();
    // The box is drawn on the other side than where the crop lies of itself.
    boolean right = before - picture.x < picture.width / 4;
    double from = right ? 0.55 : 0.15;
    page.mouse().move(picture.x + picture.width * from, picture.y + picture.height * 0.2);
    page.mouse().down();
    page.mouse().move(picture.x + picture.width * (from + 0.05), picture.y + picture.height * 0.5);
    page.mouse().move(picture.x + picture.width * (from + 0.3), picture.y + picture.height * 0.8);
    page.waitForCondition(() -> Math.abs(crop.boundingBox().x - before) > 20);
    page.mouse().up();
    assertThat(page.getByText("Last: keep box")).isVisible();
    double after = crop.boundingBox().x;
    assertThat(after > before).isEqualTo(right);

    page.keyboard().press("b");
    page.keyboard().press(right ? "ArrowLeft" : "ArrowRight");
    page.keyboard().press(right ? "ArrowLeft" : "ArrowRight");
    page.waitForCondition(() -> Math.abs(crop.boundingBox().x - after) > 1);
    slot("2-front-9").focus();
    page.keyboard().press("z");
    page.keyboard().press("z");
    page.waitForCondition(() -> Math.abs(crop.boundingBox().x - after) < 1);
  }

  @Test
  @Order(9)
  void a_measured_pocket_changes_the_verdict_and_a_wrong_measure_is_refused_at_its_field() {
    slot("2-front-6").click();
    assertThat(ticket().getByText("Snug")).isVisible();
    assertThat(ticket().getByText("not measured")).isVisible();
    ticket().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("measure")).click();
    ticket().getByLabel("width").fill("3 feet");
    ticket().getByLabel("height").fill("4 1/16");
    ticket().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Save")).click();
    assertThat(ticket().getByRole(AriaRole.ALERT)).containsText("“3 feet” is not a length");
    assertThat(ticket().getByLabel("width")).hasAttribute("aria-invalid", "true");
    assertThat(ticket().getByLabel("height")).hasValue("4 1/16");
    ticket().getByLabel("width").fill("2 31/32");
    ticket().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Save")).click();
    assertThat(ticket().getByText("Too big")).isVisible();
    assertThat(ticket().locator("[data-headline]")).hasAttribute("title", "2 7/8 × 4 in");
  }

  @Test
  @Order(9)
  void a_print_on_the_table_is_trimmed_instead_of_ordered() {
    slot("2-front-8").click();
    ticket()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("change"))
        .last()
        .click();
    ticket().getByLabel("width").fill("6");
    ticket().getByLabel("height").fill("4");
    ticket().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Save")).click();
    assertThat(ticket().getByText("The print is 6 × 4, then trim to 3 × 4.")).isVisible();
    assertThat(slot("2-front-8")).hasAccessibleName(Pattern.compile("on the table"));
    page.keyboard().press("z");
    assertThat(ticket().getByText("to order")).isVisible();
  }

  @Test
  @Order(9)
  void a_quarter_turn_a_drop_and_a_title_are_steps_like_any_other() {
    slot("1-back-4").click();
    page.keyboard().press("r");
    assertThat(page.getByText("Last: turn in pocket 4, leaf 1 back")).isVisible();
    String photo = shown().get("1-back-4");
    page.keyboard().press("o");
    assertThat(page.getByText("Last: drop a photo")).isVisible();
    assertThat(slot("1-back-4")).not().hasAttribute("data-photo", photo);
    button("First album, change the title").click();
    page.getByLabel("Title of the album").fill("Wind and string");
    page.keyboard().press("Enter");
    assertThat(button("Wind and string, change the title")).isVisible();
    for (int i = 0; i < 3; i++) {
      button("Undo").click();
    }
    assertThat(button("First album, change the title")).isVisible();
    waitForPhotoIn("1-back-4", photo);
    assertThat(page.getByText("Last: turn in pocket 4")).not().isVisible();
  }

  @Test
  @Order(9)
  void a_chapter_of_the_line_folds_and_a_photo_of_the_line_is_placed_from_it_by_keyboard() {
    Locator line =
        page.getByRole(
            AriaRole.REGION, new Page.GetByRoleOptions().setName("The line: photos in time order"));
    Locator heading = line.getByRole(AriaRole.HEADING).first().getByRole(AriaRole.BUTTON);
    int before = line.locator("img").count();
    heading.click();
    assertThat(heading).hasAttribute("aria-expanded", "false");
    assertThat(line.getByText("folded")).isVisible();
    assertThat(line.locator("img").count()).isLessThan(before);
    heading.click();
    Locator waiting = page.locator("[data-waiting]").first();
    String photo = waiting.getAttribute("data-waiting");
    waiting.focus();
    page.keyboard().press("Enter");
    assertThat(page.getByText("is in your hand: choose a pocket")).isVisible();
    page.keyboard().press("ArrowRight");
    page.keyboard().press("Enter");
    assertThat(page.locator("[data-slot][data-photo='" + photo + "']")).isVisible();
    page.keyboard().press("z");
    assertThat(page.locator("[data-waiting='" + photo + "']")).isVisible();
  }

  @Test
  @Order(10)
  void after_a_kill_and_a_restart_all_is_found_again() {
    Map<String, String> before = shown();
    app.killAndRestart();
    page.navigate(app.address());
    assertThat(page.locator("[data-slot][data-photo]")).hasCount(17);
    assertThat(shown()).isEqualTo(before);
    assertThat(slot("2-front-9")).hasAttribute("data-locked", "");
    assertThat(page.getByText("Last: measure pocket 6, leaf 2 front")).isVisible();
    button("Undo").click();
    slot("2-front-6").click();
    assertThat(ticket().getByText("Snug")).isVisible();
    button("Redo").click();
    assertThat(ticket().getByText("Too big")).isVisible();
  }

  @Test
  @Order(11)
  void both_lists_are_taken_away() throws IOException {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Make")).click();
    Locator prints =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Prints to order"));
    Locator trims =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Pieces to trim"));
    assertThat(prints.getByText("17 prints to order")).isVisible();
    assertThat(trims.getByText("1 piece to trim")).isVisible();
    assertThat(trims.getByText("fresh blade")).isVisible();
    String csv = Files.readString(download(prints, "CSV"));
    assertThat(csv.lines()).hasSize(18);
    assertThat(csv).contains("3 x 4 in", "photo-00.jpg");
    String trimCsv = Files.readString(download(trims, "CSV"));
    assertThat(trimCsv).contains("2 7/8 x 4 in", "1/8 in off the");
    assertThat(Files.readAllBytes(download(prints, "PDF, A4"))).startsWith('%', 'P', 'D', 'F');
  }

  private static Path download(Locator list, String name) {
    Download download =
        page.waitForDownload(
            () ->
                list.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(name))
                    .click());
    return download.path();
  }

  @Test
  @Order(12)
  void a_window_that_has_not_seen_the_newest_overwrites_nothing_and_says_so() {
    page.navigate(app.address());
    assertThat(page.locator("[data-slot][data-photo]")).hasCount(17);
    page.route(
        "**/take-out?*",
        route -> {
          turnElsewhere("1-back-2");
          route.resume();
        });
    Routes.awaitEffect(page);
    slot("1-back-2").click();
    page.keyboard().press("Delete");
    assertThat(page.getByText("was changed in another window").first()).isVisible();
    assertThat(page.getByText("Last: turn in pocket 2")).isVisible();
    assertThat(page.locator("[data-slot][data-photo]")).hasCount(17);
    page.keyboard().press("z");
    assertThat(page.getByText("Last: turn in pocket 2")).hasCount(0);
  }

  /** Tells what another window would do. */
  private static void turnElsewhere(String slot) {
    HttpClient http = HttpClient.newHttpClient();
    URI album = URI.create(app.address() + "/api/albums/1");
    try {
      String seen =
          http.send(HttpRequest.newBuilder(album).build(), HttpResponse.BodyHandlers.ofString())
              .body();
      String version = seen.replaceAll(".*\"version\":(\\d+).*", "$1");
      http.send(
          HttpRequest.newBuilder(URI.create(album + "/turn"))
              .header("Content-Type", "application/json")
              .POST(
                  HttpRequest.BodyPublishers.ofString(
                      "{\"version\":" + version + ",\"slot\":\"" + slot + "\",\"turned\":true}"))
              .build(),
          HttpResponse.BodyHandlers.discarding());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
