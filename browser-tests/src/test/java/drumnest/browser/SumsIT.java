package drumnest.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One answer at the table, with glue on the fingers. */
class SumsIT {

  @RegisterExtension static final Sitting SITTING = Sitting.atAnEmptyAlbum();

  private static Page sum(String name, int width, int height) {
    Page page = SITTING.page(width, height);
    page.navigate(SITTING.address() + "/sums/" + name);
    return page;
  }

  private static Locator headline(Page page) {
    return page.locator("[data-headline]");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "fit     | 2 7/8 × 4      | 2 31/32 − 3 = -1/32 across",
        "row     | 1 7/8          | (6 − 3 × 1 7/8) ÷ 2 = 3/16",
        "grid    | 8 1/2 × 8 1/2  | 3 × 2 1/2 + 2 × 1/4 + 2 × 1/4 = 8 1/2",
        "block   | ~1 59/64 × 1 7/8 | 6 − 4 − 1/8 = 1 7/8 high",
        "crop    | 89 %           | 4000 × 2667 of 4000 × 3000 px",
        "lines   | 15             | 15 × 22 ÷ 5: 66 words",
        "title   | 7 1/8          | 6 − 7 1/8 = -1 1/8",
        "visible | 52 %           | 80.00 − 38.75 sq in",
        "place   | 3              | 3 of 3 placed",
        "paper   | 216.3          | 216.33 g/m²",
        "flaps   | 0              | nothing is in the way of anything",
        "chain   | 9              | 3 × 3 = 9",
        "waterfall | 4            | 3 + 3 × 3/4 = 5 1/4",
        "accordion | 4            | (7 + 1) ÷ 2 = 4 panels of 4 1/4 × 6 1/4",
        "foldout | 2 3/4          | 5 + 4 1/4 = 9 1/4 of 7",
        "doors   | 3 1/8 × 4      | 6 1/4 ÷ 2 = 3 1/8",
        "pocket  | ~3 3/16        | 3 + 6 × ",
        "tuck    | 3              | 4 − 1 = 3 to the stop"
      })
  void every_sum_answers_its_example_with_its_working(String name, String great, String working) {
    Page page = sum(name, 1280, 800);
    assertThat(headline(page)).hasAttribute("title", great);
    assertThat(page.locator("[data-working]")).containsText(working);
    page.context().close();
  }

  @Test
  void on_a_phone_a_fit_is_answered_as_it_is_typed() {
    Page page = sum("fit", 390, 844);
    page.getByLabel("Opening, width").fill("3 1/16");
    assertThat(headline(page)).hasAttribute("title", "3 × 4");
    assertThat(page.getByText("Snug")).isVisible();
    page.getByLabel("Opening, width").fill("78 mm");
    assertThat(page.locator("[data-working]")).containsText("~3 5/64 − 3");
    Object wider =
        page.evaluate(
            "document.documentElement.scrollWidth - document.documentElement.clientWidth");
    assertThat(wider).isEqualTo(0);
    page.context().close();
  }

  @Test
  void an_answer_is_given_in_inches_and_millimetres_and_what_is_rounded_is_marked() {
    Page page = sum("block", 1280, 800);
    assertThat(page.getByText("~48.7 mm × ~47.6 mm")).isVisible();
    page.getByLabel("Upright, height").fill("166 mm");
    page.getByLabel("Wide, height").fill("114 mm");
    page.getByLabel("Gap").fill("2 mm");
    assertThat(page.getByText("× 50 mm")).isVisible();
    page.context().close();
  }

  @Test
  void what_is_not_understood_is_said_at_its_field_and_nothing_typed_is_lost() {
    Page page = sum("row", 1280, 800);
    Locator pieces = page.getByLabel("Pieces", new Page.GetByLabelOptions().setExact(true));
    page.getByLabel("Span").fill("six");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("“six” is not a length");
    assertThat(page.getByLabel("Span")).hasAttribute("aria-invalid", "true");
    assertThat(pieces).hasValue("3");
    page.getByLabel("Span").fill("6");
    pieces.fill("0");
    assertThat(pieces).hasAttribute("aria-invalid", "true");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("1 to 10000");
    pieces.fill("2");
    assertThat(headline(page)).hasAttribute("title", "2 15/16");
    page.context().close();
  }

  @Test
  void letters_are_called_missing_only_where_a_stock_was_given() {
    Page page = sum("title", 1280, 800);
    assertThat(headline(page)).hasAttribute("title", "7 1/8");
    assertThat(page.getByText("Letters missing")).not().isVisible();
    page.getByLabel("Letters in stock").fill("K 1, I 1, T 2, E 2, M 1");
    assertThat(page.getByText("Letters missing")).isVisible();
    assertThat(page.getByText("E 1", new Page.GetByTextOptions().setExact(true))).isVisible();
    page.context().close();
  }

  @Test
  void they_are_a_key_away_from_the_album_and_back() {
    Page page = SITTING.page(1280, 800);
    page.navigate(SITTING.address() + "/albums/1/place");
    assertThat(page.locator("[data-slot]")).hasCount(17);
    page.keyboard().press("=");
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Fit")))
        .isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Grid")).click();
    assertThat(headline(page)).hasAttribute("title", "8 1/2 × 8 1/2");
    page.keyboard().press("Escape");
    assertThat(page.locator("[data-slot]")).hasCount(17);
    page.context().close();
  }

  @ParameterizedTest
  @CsvSource({"fit, LIGHT", "title, LIGHT", "visible, DARK", "paper, DARK"})
  void axe_finds_nothing_serious(String name, ColorScheme scheme) {
    Page page = SITTING.page(390, 844);
    page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
    page.navigate(SITTING.address() + "/sums/" + name);
    assertThat(headline(page)).isVisible();
    Axe.assertNothingSerious(page);
    page.context().close();
  }
}
