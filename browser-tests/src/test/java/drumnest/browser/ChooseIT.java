package drumnest.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.zip.ZipFile;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Choosing among the photos of the kite meet, by the keyboard alone where a maker would. */
class ChooseIT {

  @RegisterExtension static final Sitting SITTING = Sitting.atTheDemo();

  private static FirstAlbum album;

  private Page page;

  @BeforeAll
  static void find() {
    album = new FirstAlbum(SITTING.address());
  }

  @BeforeEach
  void open() {
    page = SITTING.page(1280, 800);
    page.navigate(SITTING.address() + "/albums/1/gather");
    sheet().focus();
    assertThat(current()).hasCount(1);
  }

  @AfterEach
  void close() {
    page.context().close();
    album.leaveAsFound();
  }

  private Locator sheet() {
    return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Contact sheet"));
  }

  private Locator current() {
    return page.locator("[data-tile][data-current]");
  }

  private Locator tile(String photo) {
    return page.locator("[data-tile='" + photo + "']");
  }

  private String standing() {
    return current().getAttribute("data-tile");
  }

  private void press(String... keys) {
    for (String key : keys) {
      page.keyboard().press(key);
    }
  }

  private Locator filter(String name) {
    return page.getByRole(
            AriaRole.GROUP, new Page.GetByRoleOptions().setName("Show photos that are"))
        .getByRole(
            AriaRole.RADIO,
            new Locator.GetByRoleOptions().setName(Pattern.compile("^" + name + " ")));
  }

  /** Shows the photos of a filter, chosen with its radio button by the keyboard. */
  private void show(String name) {
    filter(name).focus();
    press("Space");
    assertThat(filter(name)).isChecked();
    sheet().focus();
  }

  private void tab(String name) {
    Locator tab = page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name));
    tab.focus();
    press("Enter");
    assertThat(tab).hasAttribute("data-state", "active");
  }

  @Test
  void single_keys_decide_and_go_on_and_undo_takes_back() {
    show("Undecided");
    String first = standing();
    press("k");
    assertThat(tile(first)).hasCount(0);
    String second = standing();
    assertThat(second).isNotEqualTo(first);
    press("m");
    assertThat(tile(second)).hasCount(0);
    show("Maybe");
    assertThat(tile(second)).hasAttribute("data-choice", "maybe");
    press("z");
    assertThat(tile(second)).hasCount(0);
    show("Undecided");
    assertThat(tile(second)).hasAttribute("data-choice", "open");
    press("z");
    assertThat(tile(first)).hasAttribute("data-choice", "open");
  }

  @Test
  void what_is_taken_back_before_it_was_confirmed_is_shown_as_it_was() {
    show("Undecided");
    String first = standing();
    List<Route> held = new ArrayList<>();
    page.route(Pattern.compile("/choose\\?"), held::add);
    Routes.awaitEffect(page);
    press("k");
    assertThat(tile(first)).hasCount(0);
    press("z");
    page.waitForCondition(() -> !held.isEmpty());
    held.get(0).resume();
    assertThat(tile(first)).hasAttribute("data-choice", "open");
  }

  @Test
  void a_stack_is_opened_its_best_kept_and_two_are_taken() {
    show("Undecided");
    page.getByLabel("only").selectOption("stacked");
    sheet().focus();
    Locator alike = current().getByText(Pattern.compile("\\d alike"));
    assertThat(alike).isVisible();
    int count = Integer.parseInt(alike.textContent().replace(" alike", ""));
    int tiles = page.locator("[data-tile]").count();
    press("Space");
    assertThat(page.locator("[data-tile]")).hasCount(tiles + count - 1);
    assertThat(sheet().getByText("sharpest of").first()).isVisible();
    press("Space");
    assertThat(page.locator("[data-tile]")).hasCount(tiles);
    String best = standing();
    press("k");
    assertThat(page.locator("[data-tile]")).hasCount(tiles - 1);
    show("Kept");
    assertThat(tile(best)).hasAttribute("data-choice", "keep");
    press("z");
    assertThat(tile(best)).hasCount(0);
    show("Undecided");
    assertThat(page.locator("[data-tile]")).hasCount(tiles);
    press("Home", "2");
    assertThat(page.locator("[data-tile]")).hasCount(tiles - 1);
    show("Kept");
    assertThat(page.locator("[data-tile]").getByText("2 alike").first()).isVisible();
    press("z");
  }

  @Test
  void photos_are_marked_for_what_they_are_and_captioned() {
    show("Undecided");
    String photo = standing();
    press("h");
    assertThat(tile(photo)).containsText("hero");
    press("q");
    assertThat(page.getByLabel(Pattern.compile("^Private"))).isChecked();
    press("f");
    assertThat(page.getByLabel(Pattern.compile("^Fine behind a flap"))).isChecked();
    Locator meant = page.getByLabel(Pattern.compile("^Meant for"));
    press("3");
    assertThat(meant).hasValue("closed");
    press("3");
    assertThat(meant).hasValue("opened");
    press("w");
    Locator caption = page.getByLabel(Pattern.compile("^Caption"));
    assertThat(caption).isFocused();
    page.keyboard().type("The wind drops");
    press("Enter");
    assertThat(sheet()).isFocused();
    assertThat(tile(photo)).containsText("The wind drops");
    page.reload();
    show("Undecided");
    page.getByLabel("only").selectOption("caption");
    assertThat(tile(photo)).hasCount(1);
    sheet().focus();
    for (int i = 0; i < 6; i++) {
      press("z");
    }
    assertThat(tile(photo)).hasCount(0);
  }

  @Test
  void chapters_are_begun_joined_and_moved() {
    Locator heads = sheet().locator("[data-budget]");
    tab("Time");
    Locator chapters =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Chapters"));
    int count =
        Integer.parseInt(
            chapters
                .getByText(Pattern.compile("^\\d+ chapters$"))
                .textContent()
                .replaceAll("\\D", ""));
    String asMany = count + " chapters";
    String oneMore = count + 1 + " chapters";
    sheet().focus();
    press("Home", "ArrowRight", "ArrowRight", "ArrowRight", "n");
    assertThat(chapters.getByText(oneMore)).isVisible();
    String begin = standing();
    Locator later =
        chapters
            .getByRole(
                AriaRole.BUTTON,
                new Locator.GetByRoleOptions().setName(Pattern.compile("one photo later")))
            .first();
    String second = chapters.locator("li").nth(1).textContent();
    later.focus();
    press("Enter");
    assertThat(current()).not().hasAttribute("data-tile", begin);
    assertThat(chapters.locator("li").nth(1)).not().hasText(second);
    sheet().focus();
    press("j");
    assertThat(chapters.getByText(asMany)).isVisible();
    Locator more =
        chapters.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("one more"));
    more.focus();
    press("Enter");
    assertThat(chapters.getByText(oneMore)).isVisible();
    assertThat(heads.first()).isVisible();
    sheet().focus();
    for (int i = 0; i < 4; i++) {
      press("z");
    }
    assertThat(chapters.getByText(asMany)).isVisible();
  }

  @Test
  void the_clock_of_the_second_camera_is_shifted_after_its_effect_was_seen() {
    tab("Time");
    Locator cameras =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Cameras"));
    cameras.getByText("shift its clock", new Locator.GetByTextOptions().setExact(true)).click();
    cameras.getByLabel(Pattern.compile("^Add to its times")).fill("0 min");
    press("Enter");
    cameras.getByText(Pattern.compile("^Shift by")).click();
    assertThat(cameras.getByText("Its clock seems to be off")).isVisible();
    cameras.getByText("shift its clock", new Locator.GetByTextOptions().setExact(true)).focus();
    press("Enter");
    Locator field = cameras.getByLabel(Pattern.compile("^Add to its times"));
    assertThat(field).hasValue(Pattern.compile("^\\+1:0"));
    field.fill("a while");
    press("Enter");
    assertThat(cameras.getByRole(AriaRole.ALERT)).containsText("not a valid time shift");
    field.fill("67 min");
    press("Enter");
    assertThat(cameras.getByText(Pattern.compile("find another place"))).isVisible();
    assertThat(cameras.getByRole(AriaRole.STATUS).locator("img").first()).isVisible();
    assertThat(cameras.getByText("Its clock seems to be off")).isVisible();
    cameras.getByText("Shift by +1:07").focus();
    press("Enter");
    assertThat(cameras.getByText("shifted by +1:07")).isVisible();
    assertThat(cameras.getByText("Its clock seems to be off")).not().isVisible();
    sheet().focus();
    press("z");
    assertThat(cameras.getByText("shifted by +1:07")).not().isVisible();
    press("z");
    assertThat(cameras.getByText("shifted by +1:07")).isVisible();
  }

  @Test
  void the_budget_follows_every_choice_and_says_what_to_drop_first() {
    tab("Budget");
    Locator panel = page.getByRole(AriaRole.TABPANEL);
    assertThat(panel.locator("p").first()).containsText("kept for");
    String before = panel.locator("p").first().textContent();
    show("Undecided");
    press("k");
    assertThat(panel.locator("p").first()).not().hasText(before);
    press("z");
    assertThat(panel.locator("p").first()).hasText(before);
    sheet().focus();
    assertThat(sheet().locator("[data-budget]").first()).containsText("kept,");
  }

  @Test
  void more_than_there_is_room_for_is_said_with_a_suggestion_that_does_nothing_by_itself() {
    // Without the leaf of the movers there is not room for all.
    album.removeLeaf(7);
    page.navigate(SITTING.address() + "/albums/1/leaves");
    page.navigate(SITTING.address() + "/albums/1/gather");
    tab("Budget");
    Locator first = page.locator("[aria-label^='Budget of Arriving']");
    assertThat(first.getByText(Pattern.compile("photos? over")).first()).isVisible();
    Locator drop =
        first
            .getByRole(
                AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Drop ")))
            .first();
    String label = drop.getAttribute("aria-label");
    Locator kept = filter("Kept");
    String count = kept.locator("xpath=..").textContent();
    assertThat(kept.locator("xpath=..")).hasText(count);
    drop.focus();
    press("Enter");
    assertThat(kept.locator("xpath=..")).not().hasText(count);
    assertThat(first.locator("[aria-label='" + label + "']")).hasCount(0);
    sheet().focus();
    press("z");
    assertThat(page.getByText("6 leaves")).isVisible();
  }

  /** Two fingers in the middle of a box, drawn from so far apart to so far. */
  private void pinch(BoundingBox box, int from, int to) {
    CDPSession fingers = page.context().newCDPSession(page);
    touch(fingers, "touchStart", box, from);
    touch(fingers, "touchMove", box, (from + to) / 2);
    touch(fingers, "touchMove", box, to);
    JsonObject end = new JsonObject();
    end.addProperty("type", "touchEnd");
    end.add("touchPoints", new JsonArray());
    fingers.send("Input.dispatchTouchEvent", end);
    fingers.detach();
  }

  private static void touch(CDPSession fingers, String type, BoundingBox box, int apart) {
    JsonArray points = new JsonArray();
    for (int finger = 0; finger < 2; finger++) {
      JsonObject point = new JsonObject();
      point.addProperty("x", box.x + box.width / 2 + (finger == 0 ? -apart : apart) / 2.0);
      point.addProperty("y", box.y + box.height / 2);
      point.addProperty("id", finger);
      points.add(point);
    }
    JsonObject event = new JsonObject();
    event.addProperty("type", type);
    event.add("touchPoints", points);
    fingers.send("Input.dispatchTouchEvent", event);
  }

  @Test
  void photos_are_compared_with_one_zoom_and_decided_on() {
    show("Undecided");
    page.getByLabel("only").selectOption("stacked");
    sheet().focus();
    press("Enter");
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    Locator pictures = dialog.locator("img");
    assertThat(pictures.nth(1)).isVisible();
    BoundingBox first = pictures.nth(0).boundingBox();
    press("+", "+");
    assertThat(dialog.getByText("225 % of the whole")).isVisible();
    for (int i = 0; i < 2; i++) {
      assertThat(pictures.nth(i).boundingBox().width / first.width)
          .isCloseTo(2.25, org.assertj.core.api.Assertions.within(0.02));
    }
    double left = pictures.nth(1).boundingBox().x;
    press("Shift+ArrowRight");
    page.waitForFunction(
        "left => document.querySelectorAll('[role=dialog] img')[1].getBoundingClientRect().x < left",
        left - 1);
    press("0");
    assertThat(dialog.getByText("100 % of the whole")).isVisible();
    pinch(pictures.nth(0).boundingBox(), 40, 100);
    assertThat(dialog.getByRole(AriaRole.STATUS)).hasText("250 % of the whole");
    press("0", "ArrowRight", "o");
    assertThat(dialog.locator("figcaption").nth(1)).containsText("out");
    press("i");
    assertThat(dialog.locator("figcaption").nth(1)).containsText("undecided");
    Axe.assertNothingSerious(page);
    press("Escape");
    assertThat(dialog).hasCount(0);
    assertThat(sheet()).isFocused();
    press("z", "z");
  }

  @Test
  void the_chosen_are_taken_away_as_a_zip(@org.junit.jupiter.api.io.TempDir Path folder)
      throws IOException {
    tab("In and out");
    Download download =
        page.waitForDownload(
            () -> page.getByText(Pattern.compile("a ZIP of the originals")).click());
    Path file = folder.resolve("chosen.zip");
    download.saveAs(file);
    try (ZipFile zip = new ZipFile(file.toFile())) {
      List<String> names = zip.stream().map(entry -> entry.getName()).toList();
      assertThat(names).hasSizeGreaterThan(20).anyMatch(name -> name.endsWith(".jpg.xmp"));
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"Photo", "Budget", "Time", "In and out"})
  void axe_finds_nothing_serious_beside_the_contact_sheet(String name) {
    tab(name);
    Axe.assertNothingSerious(page);
  }
}
