package drumnest.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;

/** Words: cards written until they are too long, made to fit, titles spelt, sheets printed. */
class WordsIT {

  @RegisterExtension static final Sitting SITTING = Sitting.atAnEmptyAlbum();

  private static final String LONG =
      "Then the box kite went up and took the whole line with it. ".repeat(8).strip();

  private static FirstAlbum album;

  private Page page;

  @BeforeAll
  static void three_photos_with_places(@TempDir Path files) {
    Page page = SITTING.page(1280, 800);
    page.navigate(SITTING.address() + "/albums/1/gather");
    page.getByLabel("Photos", new Page.GetByLabelOptions().setExact(true))
        .setInputFiles(Pictures.many(files, 3, 600).toArray(Path[]::new));
    assertThat(page.locator("[data-tile]")).hasCount(3);
    page.navigate(SITTING.address() + "/albums/1/place?spread=1");
    Sitting.button(page, "Place P").click();
    assertThat(page.locator("[data-slot] img").first()).isVisible();
    page.context().close();
    album = new FirstAlbum(SITTING.address());
  }

  @BeforeEach
  void at_the_words() {
    page = SITTING.page(1280, 800);
    page.navigate(SITTING.address() + "/albums/1/place?spread=1");
    toWords();
  }

  @AfterEach
  void as_it_was() {
    page.context().close();
    album.leaveAsFound();
  }

  private void toWords() {
    page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Stages"))
        .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(Pattern.compile("^Words")))
        .click();
  }

  private Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(name)));
  }

  private Locator card(int number) {
    return page.locator("[data-card]").nth(number);
  }

  /** Begins a card for the first photo that has none; it is open to be written on. */
  private void begin() {
    button("^Write a card for").first().click();
    assertThat(page.locator("[data-card]")).hasCount(1);
    assertThat(story()).isFocused();
  }

  private Locator story() {
    return page.getByLabel("Story", new Page.GetByLabelOptions().setExact(true));
  }

  private Locator verdict() {
    return page.locator("[data-verdict]");
  }

  @Test
  void a_card_is_written_until_it_is_too_long_and_made_to_fit() {
    begin();
    story().fill("Flat as a plate.");
    assertThat(verdict()).hasText("Fits");
    story().fill(LONG.repeat(3));
    assertThat(verdict()).hasAttribute("data-verdict", "too-long");
    assertThat(card(0)).hasAttribute("data-too-long", "true");
    story().fill(LONG);
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Typed,")))
        .click();
    assertThat(verdict()).hasText("Fits");
    assertThat(page.locator("[aria-label='Ticket']")).containsText("plain type");
  }

  @Test
  void what_is_too_long_runs_on_to_a_second_card_and_is_read_there() {
    begin();
    story().fill(LONG);
    button("^A second card|^Run on in").first().click();
    assertThat(page.locator("[data-card]")).hasCount(2);
    assertThat(verdict()).hasText("Runs on");
    assertThat(card(1).locator("svg text").first()).isVisible();
    story().focus();
    page.keyboard().press("Alt+ArrowDown");
    assertThat(page.getByText("The story of the card before it runs on here.")).isVisible();
  }

  @Test
  void what_was_typed_is_there_again_after_the_tab_was_closed_at_once() {
    begin();
    assertThat(page.locator("[aria-label='Ticket']")).containsText("lines");
    story().fill("Typed and gone");
    BrowserContext window = page.context();
    page.close();
    page = window.newPage();
    page.navigate(SITTING.address() + "/albums/1/words");
    assertThat(card(0).locator("svg text").first()).hasText("Typed and gone");
  }

  @Test
  void a_title_that_lacks_a_letter_says_so_and_takes_it_from_another_set() {
    letterSet("Block", "1 1/4", "BIGWND");
    letterSet("Thin", "1 1/4", "");
    page.reload();
    button("^measure a title$").click();
    page.getByLabel("What it says").fill("BIG WIND");
    page.getByLabel("How long its run is").fill("9");
    button("^Measure it$").click();
    page.locator("[data-title]").click();
    assertThat(verdict()).hasText("1 I too few");
    button("^What is missing from Thin").click();
    assertThat(verdict()).hasAttribute("data-verdict", "fits");
    Download strip =
        page.waitForDownload(
            () ->
                page.getByRole(
                        AriaRole.LINK, new Page.GetByRoleOptions().setName("scrap strip, letter"))
                    .click());
    assertThat(pdf(strip)).startsWith("%PDF");
  }

  private void letterSet(String name, String height, String letters) {
    String body =
        "{\"kind\":\"letters\",\"name\":\"%s\",\"height\":\"%s\",\"letters\":\"%s\"}"
            .formatted(name, height, letters);
    Object status =
        page.evaluate(
            "body => fetch('/api/catalogue', {method: 'POST', body, headers: {'Content-Type':"
                + " 'application/json'}}).then(answer => answer.status)",
            body);
    assertThat(status).isEqualTo(200);
  }

  private static String pdf(Download download) {
    try {
      return new String(Files.readAllBytes(download.path()), 0, 8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Test
  void typed_cards_are_printed_and_where_none_is_that_is_said() {
    begin();
    story().fill("Flat as a plate.");
    button("^print the cards$").click();
    button("^Make the PDF$").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("No card is typed yet");
    page.getByLabel("lines for cards by hand, too").check();
    Download sheet = page.waitForDownload(() -> button("^Make the PDF$").click());
    assertThat(pdf(sheet)).startsWith("%PDF");
    page.getByLabel("Too far to the right").fill("1.5 mm");
    page.getByLabel("100 mm come out at, in mm").fill("99.6");
    button("^Keep that$").click();
    assertThat(page.getByText("Every sheet takes that back.")).isVisible();
  }

  @Test
  void w_puts_the_words_of_a_photo_onto_a_card_beside_it() {
    page.navigate(SITTING.address() + "/albums/1/place?spread=1");
    Locator photo = page.locator("[data-slot]:has(img)").first();
    photo.click();
    assertThat(button("words on a card$")).isVisible();
    page.keyboard().press("w");
    assertThat(page.getByText("Last: the words of a photo onto a card")).isVisible();
    toWords();
    card(0).getByRole(AriaRole.BUTTON).first().click();
    assertThat(page.locator("[aria-label='Ticket']")).containsText("beside it");
  }

  @Test
  void where_another_window_writes_too_the_maker_says_which_it_is_to_be() {
    begin();
    page.waitForResponse("**/words/write*", () -> story().fill("Mine."));
    page.route("**/words/write*", Route::abort);
    Routes.awaitEffect(page);
    story().fill("Mine, and more.");
    assertThat(page.getByText("Not saved yet")).isVisible();
    Page other = SITTING.page(1280, 800);
    other.navigate(page.url());
    Locator theirs = other.getByLabel("Story", new Page.GetByLabelOptions().setExact(true));
    assertThat(theirs).hasValue("Mine.");
    theirs.fill("Theirs.");
    assertThat(page.getByText("Somebody else has written on this card")).isVisible();
    assertThat(page.getByText("Theirs.").first()).isVisible();
    other.context().close();
    page.unroute("**/words/write*");
    button("^keep mine$").click();
    assertThat(page.getByText("Somebody else has written on this card")).not().isVisible();
    assertThat(card(0).locator("svg text").first()).hasText("Mine, and more.");
    page.reload();
    assertThat(story()).hasValue("Mine, and more.");
  }

  @Test
  void a_fact_is_noted_and_told_on_the_card() {
    begin();
    page.getByLabel("A fact to be told").fill("14 knots");
    button("^note$").click();
    button("^Tell 14 knots on the card$").click();
    assertThat(story()).hasValue("14 knots");
    assertThat(page.locator("[data-told]")).containsText("14 knots");
  }

  @Test
  void nothing_serious_is_wrong_with_names_and_roles() {
    begin();
    Axe.assertNothingSerious(page);
  }
}
