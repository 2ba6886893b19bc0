package drumnest.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import java.net.URI;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The demo album, as a newcomer finds it. */
class DemoIT {

  @RegisterExtension static final Sitting SITTING = Sitting.atTheDemo();

  private static Page open(String stage, int width, int height) {
    Page page = SITTING.page(width, height);
    page.navigate(SITTING.address() + "/albums/1/" + stage);
    assertThat(page.getByRole(AriaRole.HEADING).first()).isVisible();
    return page;
  }

  @ParameterizedTest
  @CsvSource({
    "gather, 1280, 800, LIGHT",
    "leaves, 1280, 800, LIGHT",
    "plans, 1280, 800, LIGHT",
    "plans, 800, 1280, LIGHT",
    "plans, 1280, 800, DARK",
    "place, 1280, 800, LIGHT",
    "make, 1280, 800, LIGHT",
    "gather, 1280, 800, DARK",
    "leaves, 1280, 800, DARK",
    "place, 1280, 800, DARK",
    "make, 1280, 800, DARK",
    "place, 800, 1280, LIGHT",
    "make, 390, 844, LIGHT"
  })
  void axe_finds_nothing_serious(String stage, int width, int height, ColorScheme scheme) {
    Page page = SITTING.page(width, height);
    page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
    page.navigate(SITTING.address() + "/albums/1/" + stage);
    page.waitForLoadState(LoadState.NETWORKIDLE);
    Axe.assertNothingSerious(page);
    page.context().close();
  }

  @Test
  void nothing_is_asked_of_anywhere_else_and_nothing_is_written_to_the_console() {
    Page page = SITTING.page(1280, 800);
    Set<String> hosts = new TreeSet<>();
    Set<String> complaints = new TreeSet<>();
    page.onRequest(
        request -> {
          if (request.url().startsWith("http")) {
            hosts.add(URI.create(request.url()).getAuthority());
          }
        });
    page.onConsoleMessage(
        message -> {
          if (message.type().equals("error") || message.type().equals("warning")) {
            complaints.add(message.text());
          }
        });
    for (String stage : List.of("gather", "leaves", "plans", "place", "make")) {
      page.navigate(SITTING.address() + "/albums/1/" + stage);
      page.waitForLoadState(LoadState.NETWORKIDLE);
    }
    assertThat(hosts).containsExactly(URI.create(SITTING.address()).getAuthority());
    assertThat(complaints).isEmpty();
    page.context().close();
  }

  @Test
  void the_demo_has_its_pictures_its_spread_and_its_odd_ones() {
    Page page = open("gather", 1280, 800);
    Locator sheet =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Contact sheet"));
    assertThat(sheet.getByText("Arriving and building")).isVisible();
    assertThat(sheet.getByText("2 alike").first()).isVisible();
    assertThat(sheet.getByText("two versions").first()).isVisible();
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Time")).click();
    assertThat(page.getByText("3 without a date")).isVisible();
    assertThat(page.getByText("shifted by +1:07")).isVisible();
    page.navigate(SITTING.address() + "/albums/1/place");
    assertThat(page.locator("[data-slot][data-photo]")).hasCount(17);
    page.locator("[data-slot='2-front-5']").click();
    assertThat(page.locator("[data-headline]")).hasAttribute("title", "2 7/8 × 4 in");
    page.context().close();
  }

  @Test
  void fast_presses_are_neither_lost_nor_reordered() {
    Page page = open("place?spread=1", 1280, 800);
    Locator slot = page.locator("[data-slot][data-photo]").first();
    slot.click();
    String id = slot.getAttribute("data-slot");
    for (int i = 0; i < 10; i++) {
      page.keyboard().press("l");
    }
    for (int i = 0; i < 3; i++) {
      page.keyboard().press("l");
      page.keyboard().press("z");
    }
    assertThat(page.getByText("Last: unlock")).isVisible();
    assertThat(page.locator("[data-slot='" + id + "'][data-locked]")).hasCount(0);
    for (int i = 0; i < 4; i++) {
      page.keyboard().press("]");
    }
    page.waitForURL("**/place?spread=5");
    for (int i = 0; i < 9; i++) {
      page.keyboard().press("[");
    }
    page.waitForURL("**/place?spread=0");
    page.context().close();
  }

  @Test
  void keys_of_the_browser_stay_the_browsers_and_letters_can_be_switched_off() {
    Page page = open("place?spread=1", 1280, 800);
    page.locator("[data-slot][data-photo]").first().click();
    for (String key : List.of("Control+=", "Control+s", "Meta+s", "Alt+=", "Control+z")) {
      page.keyboard().press(key);
    }
    page.keyboard().press("?");
    Locator sheet = page.getByRole(AriaRole.DIALOG);
    sheet.getByLabel("Single letters act").uncheck();
    page.keyboard().press("Escape");
    page.keyboard().press("=");
    page.keyboard().press("s");
    page.keyboard().press("?");
    assertThat(page.locator("[data-slot]").first()).isVisible();
    assertThat(sheet).hasCount(0);
    page.context().close();
  }

  @Test
  void back_from_sums_and_a_reload_lead_to_the_same_place_with_the_same_in_view() {
    Page page = open("place?spread=3", 1280, 800);
    Locator slot = page.locator("[data-slot]").nth(1);
    String label = slot.getAttribute("aria-label");
    slot.click();
    Locator ticket = page.locator("[aria-label='Ticket']").first();
    page.keyboard().press("=");
    page.getByText("Back to the album").click();
    page.waitForURL("**/place?spread=3");
    page.reload();
    page.waitForURL("**/place?spread=3");
    assertThat(page.locator("[data-slot][aria-pressed='true']")).hasAttribute("aria-label", label);
    assertThat(ticket).isVisible();
    page.context().close();
  }

  @Test
  void the_keys_are_listed_and_light_and_dark_can_be_chosen() {
    Page page = open("place", 1280, 800);
    page.keyboard().press("?");
    Locator sheet = page.getByRole(AriaRole.DIALOG);
    assertThat(sheet.getByText("take out: a photo of its pocket").first()).isVisible();
    assertThat(sheet.getByText("never leaves this machine")).isVisible();
    sheet.getByLabel("dark").check();
    assertThat(page.locator("html")).hasAttribute("data-theme", "dark");
    page.keyboard().press("Escape");
    page.reload();
    assertThat(page.locator("html")).hasAttribute("data-theme", "dark");
    page.context().close();
  }

  /** Contrast among the rest: of places kept free, a refusal, a chosen empty place and the keys. */
  @ParameterizedTest
  @EnumSource(
      value = ColorScheme.class,
      names = {"LIGHT", "DARK"})
  void what_is_seen_only_now_and_then_is_readable_too(ColorScheme scheme) {
    Page page = SITTING.page(1280, 800);
    page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
    page.navigate(SITTING.address() + "/albums/1/place?spread=1");
    page.getByLabel("Breathing room").selectOption("airy");
    Locator fill = Sitting.button(page, "Fill the album");
    fill.click();
    Locator aside = page.locator("[data-slot][data-aside]").first();
    assertThat(aside).isVisible();
    fill.click();
    assertThat(page.getByText("Nothing to change").first()).isVisible();
    Axe.assertNothingSerious(page);
    aside.click();
    Axe.assertNothingSerious(page);
    page.keyboard().press("?");
    assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
    Axe.assertNothingSerious(page);
    page.keyboard().press("Escape");
    page.keyboard().press("z");
    assertThat(page.getByText("Last: place the whole album")).hasCount(0);
    page.context().close();
  }

  @Test
  void on_a_phone_a_tap_brings_the_ticket_into_view_and_chapters_keep_their_names() {
    Page page = open("place?spread=1", 390, 844);
    page.locator("[data-slot][data-photo]").nth(2).click();
    assertThat(page.locator("[data-headline]")).isInViewport();
    page.navigate(SITTING.address() + "/albums/1/gather");
    Locator name =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Contact sheet"))
            .getByText("Arriving and building");
    assertThat(name).isVisible();
    assertThat((boolean) name.evaluate("name => name.scrollWidth <= name.clientWidth")).isTrue();
    page.context().close();
  }

  @Test
  void gathering_has_the_chapters_as_a_slim_overview_that_leads_to_them() {
    Page page = open("gather", 1280, 800);
    Locator chapters =
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Chapters"));
    assertThat(chapters.boundingBox().height).isLessThan(50);
    Locator second = chapters.getByRole(AriaRole.BUTTON).nth(1);
    second.click();
    assertThat(second).hasAttribute("aria-current", "true");
    assertThat(page.getByText("Sat 9:12 am").first()).isVisible();
    page.context().close();
  }

  @ParameterizedTest(name = "its own type comes: {0}")
  @ValueSource(booleans = {true, false})
  void on_a_narrow_screen_nothing_reaches_past_the_edge(boolean typed) {
    for (String stage : List.of("gather", "leaves", "plans", "place", "make")) {
      Page page = SITTING.page(390, 844);
      if (!typed) {
        page.route("**/*.woff2", Route::abort);
      }
      page.navigate(SITTING.address() + "/albums/1/" + stage);
      assertThat(page.getByRole(AriaRole.HEADING).first()).isVisible();
      page.waitForLoadState(LoadState.NETWORKIDLE);
      Object wider =
          page.evaluate(
              "document.documentElement.scrollWidth - document.documentElement.clientWidth");
      assertThat(wider).as(stage).isEqualTo(0);
      page.context().close();
    }
  }

  @Test
  void of_three_hundred_photos_only_those_near_the_screen_are_in_the_page(@TempDir Path files) {
    try (App many = App.empty()) {
      Page page = SITTING.page(1280, 800);
      page.navigate(many.address() + "/albums/1/gather");
      page.getByLabel("Photos", new Page.GetByLabelOptions().setExact(true))
          .setInputFiles(Pictures.many(files, 300, 90).toArray(Path[]::new));
      assertThat(page.getByText("300 new on the line")).isVisible();
      page.navigate(many.address() + "/albums/1/place");
      Locator line =
          page.getByRole(
              AriaRole.REGION,
              new Page.GetByRoleOptions().setName("The line: photos in time order"));
      assertThat(line.locator("img").first()).isVisible();
      assertThat(line.locator("img").count()).isBetween(10, 60);
      line.evaluate("line => { line.scrollLeft = line.scrollWidth; }");
      assertThat(line.getByLabel("photo-299.jpg")).isVisible();
      assertThat(line.locator("img").count()).isBetween(10, 60);
      page.context().close();
    }
  }
}
