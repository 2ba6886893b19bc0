package drumnest.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What holds for all albums: catalogue, own patterns, measured pockets, rules, units. */
class ShelfIT {

  @RegisterExtension static final Sitting SITTING = Sitting.atTheDemo();

  private Page page;

  @BeforeEach
  void open() {
    page = SITTING.page(1280, 800);
  }

  @AfterEach
  void end() {
    page.context().close();
  }

  private void shelf(String section) {
    page.navigate(SITTING.address() + "/shelf/" + section);
  }

  private Locator button(String name) {
    return Sitting.button(page, name);
  }

  private Locator ticketOf(String slot) {
    page.navigate(SITTING.address() + "/albums/1/place");
    page.locator("[data-slot='" + slot + "']").click();
    return page.getByRole(AriaRole.COMPLEMENTARY, new Page.GetByRoleOptions().setName("Ticket"));
  }

  @Test
  void a_protector_is_ruled_into_pockets_and_goes_into_the_album() {
    shelf("builder");
    Locator outcome =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What comes out"));
    page.getByLabel("For prints of").fill("4 + 4 + 4");
    button("one under another").click();
    assertThat(outcome.getByRole(AriaRole.ALERT)).containsText("12 3/8");
    assertThat(page.locator("[data-overrun]")).hasCount(1);
    assertThat(button("Put it on the shelf")).isDisabled();

    page.getByLabel("Clear inside, height").fill("12 1/2 in");
    assertThat(outcome.getByRole(AriaRole.ALERT)).hasCount(0);
    page.locator("[data-part='0']").click();
    page.getByLabel("For prints of").fill("six + 4");
    button("side by side").click();
    assertThat(page.getByLabel("For prints of")).hasAttribute("aria-invalid", "true");
    assertThat(page.locator("[data-part]")).hasCount(3);
    page.getByLabel("For prints of").fill("6 + 4");
    button("side by side").click();
    assertThat(outcome).containsText("1 pocket for6 × 4");
    assertThat(outcome).containsText("1 pocket for4 × 4");
    assertThat(outcome).containsText("does not fill");
    assertThat(page.locator("[data-back] > span")).hasCount(4);

    page.getByLabel("Name of this kind of leaf").fill("12 × 12, six 6 × 4");
    button("Put it on the shelf").click();
    assertThat(page.getByRole(AriaRole.ALERT)).isVisible();
    page.getByLabel("Name of this kind of leaf").fill("Sewn for the ferry");
    button("Put it on the shelf").click();
    assertThat(page.getByText("Sewn for the ferry").first()).isVisible();

    page.navigate(SITTING.address() + "/albums/1/leaves");
    assertThat(page.locator("[data-leaf]")).hasCount(7);
    button("Add a leaf").click();
    button("Sewn for the ferry").click();
    assertThat(page.locator("[data-leaf]")).hasCount(8);
    assertThat(page.locator("[data-face-slot*='-front-']")).hasCount(4);
    button("Undo").click();
    assertThat(page.locator("[data-leaf]")).hasCount(7);
  }

  @Test
  void a_print_that_was_snug_is_too_big_once_the_pocket_is_measured() {
    assertThat(ticketOf("1-back-1")).containsText("Snug");
    shelf("pockets?type=12x12-six-6x4");
    page.locator("[data-pocket='2']").click();
    page.getByLabel("width").fill("5 15/16");
    page.getByLabel("height").fill("six");
    button("Save").click();
    assertThat(page.getByLabel("height")).hasAttribute("aria-invalid", "true");
    assertThat(page.getByLabel("width")).hasValue("5 15/16");
    page.getByLabel("height").fill("4 1/16");
    button("Save").click();
    assertThat(page.getByRole(AriaRole.HEADING).last()).containsText("Pocket 3");
    assertThat(page.getByText("1 of 6 measured")).isVisible();
    Locator ticket = ticketOf("1-back-1");
    assertThat(ticket).containsText("Too big");
    assertThat(ticket.locator("[data-headline]")).hasAttribute("title", "5 7/8 × 4 in");
    shelf("pockets?type=12x12-six-6x4");
    page.locator("[data-pocket='2']").click();
    page.getByLabel("width").fill("");
    page.getByLabel("height").fill("");
    button("Save").click();
    assertThat(page.getByText("0 of 6 measured")).isVisible();
    assertThat(ticketOf("1-back-1")).containsText("Snug");
  }

  @Test
  void a_changed_rule_is_marked_says_what_it_touches_and_is_put_back() {
    shelf("rules");
    Locator rule = page.locator("[data-rule]").filter(with("Loose above"));
    rule.getByRole(AriaRole.BUTTON).first().click();
    Locator value = rule.getByLabel("New value");
    value.fill("3 feet");
    assertThat(rule.getByRole(AriaRole.ALERT)).containsText("not a length");
    value.fill("1/32");
    assertThat(rule.getByText("places in your albums would change")).isVisible();
    rule.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Change it")).click();
    assertThat(rule).hasAttribute("data-changed", "true");
    assertThat(ticketOf("1-back-1")).containsText("Loose");
    shelf("rules");
    assertThat(page.getByText("1 changed by you")).isVisible();
    rule.getByRole(AriaRole.BUTTON).first().click();
    rule.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Put back")).click();
    assertThat(page.getByText("None is changed")).isVisible();
    assertThat(ticketOf("1-back-1")).containsText("Snug");
  }

  @Test
  void millimetres_are_shown_everywhere_and_inches_again() {
    shelf("settings");
    page.getByLabel("millimetres").click();
    assertThat(page.getByLabel("millimetres")).isChecked();
    Locator headline = ticketOf("1-back-1").locator("[data-headline]");
    assertThat(headline).hasAttribute("title", Pattern.compile("^152\\.4 mm × 101\\.6 mm$"));
    shelf("rules");
    assertThat(page.locator("[data-rule]").filter(with("Loose above"))).containsText("mm");
    page.navigate(SITTING.address() + "/sums/fit");
    assertThat(page.locator("[data-headline]")).hasAttribute("title", Pattern.compile("mm × .*mm"));
    shelf("settings");
    page.getByLabel("inches, in 16ths").click();
    assertThat(page.getByLabel("inches, in 16ths")).isChecked();
    assertThat(ticketOf("1-back-1").locator("[data-headline]")).hasAttribute("title", "6 × 4 in");
  }

  @Test
  void a_file_that_is_no_catalogue_changes_nothing_and_our_own_is_read_again(@TempDir Path files)
      throws IOException {
    shelf("catalogue?kind=print");
    assertThat(page.locator("[data-entry]")).hasCount(8);
    Path list = files.resolve("list.json");
    Files.writeString(list, "{\"groceries\": [\"glue\"]}");
    page.getByLabel("Catalogue file").setInputFiles(list);
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("Nothing was changed");

    button("Add a print size").click();
    page.getByLabel("Name").fill("Half a letter");
    page.getByLabel("Width").fill("5 1/2");
    page.getByLabel("Height").fill("8 1/2");
    button("Add it").click();
    assertThat(page.locator("[data-entry]")).hasCount(9);
    Download saved =
        page.waitForDownload(
            () ->
                page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("save as a file"))
                    .click());
    button("Half a letter").click();
    button("take it off the shelf").click();
    assertThat(page.locator("[data-entry]")).hasCount(8);
    Path out = files.resolve("catalogue.json");
    saved.saveAs(out);
    page.getByLabel("Catalogue file").setInputFiles(out);
    assertThat(page.getByRole(AriaRole.STATUS)).containsText("were here already");
    assertThat(page.locator("[data-entry]")).hasCount(9);
  }

  @Test
  void what_is_in_use_says_what_would_be_lost_and_can_be_put_back() {
    shelf("catalogue?kind=leaf");
    Locator entry = page.locator("[data-entry='12x12-nine-4x4']");
    entry.getByRole(AriaRole.BUTTON).first().click();
    button("take it off the shelf").click();
    Locator question = page.getByRole(AriaRole.ALERTDIALOG);
    assertThat(question).containsText("The kite meet");
    question
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take it off"))
        .click();
    assertThat(entry).hasCount(0);
    button("Put 12 × 12, nine 4 × 4 back").click();
    assertThat(entry).isVisible();
  }

  @ParameterizedTest
  @ValueSource(strings = {"catalogue", "builder", "pockets", "rules", "settings"})
  void axe_finds_nothing_serious_and_nothing_reaches_past_a_narrow_screen(String section) {
    shelf(section);
    assertThat(page.getByRole(AriaRole.HEADING).first()).isVisible();
    Axe.assertNothingSerious(page);
    page.setViewportSize(390, 844);
    Object wider =
        page.evaluate(
            "document.documentElement.scrollWidth - document.documentElement.clientWidth");
    assertThat(wider).isEqualTo(0);
  }

  private static Locator.FilterOptions with(String text) {
    return new Locator.FilterOptions().setHasText(text);
  }
}
