package drumnest.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Three windows on one album: each shows what the others do, and no step is lost. */
class TogetherIT {

  @RegisterExtension static final Sitting SITTING = Sitting.atTheDemo();

  private static Page open(String path) {
    Page page = SITTING.page(1280, 800);
    page.navigate(SITTING.address() + "/albums/1/" + path);
    return page;
  }

  private static Locator last(Page page, String step) {
    return page.getByText("Last: " + step).first();
  }

  private static Locator check(Page page, String name) {
    return page.getByRole(
        AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)));
  }

  @Test
  void each_shows_what_the_others_do_and_no_step_is_lost() {
    Page placing = open("place?spread=1");
    Page gathering = open("gather");
    Page looking = open("place?spread=1");
    Locator placed = placing.locator("[data-slot][data-photo]").first();
    placed.click();
    String slot = "[data-slot='" + placed.getAttribute("data-slot") + "']";
    Locator tile = gathering.locator("[data-tile]").nth(5);
    tile.click();
    String picture = "[data-tile='" + tile.getAttribute("data-tile") + "']";

    placing.keyboard().press("l");
    assertThat(last(looking, "lock")).isVisible();
    assertThat(looking.locator(slot)).hasAttribute("data-locked", "");
    gathering.keyboard().press("h");
    assertThat(last(looking, "hero")).isVisible();
    placing.keyboard().press("l");
    gathering.keyboard().press("f");
    // At once: either may be the last, and both are done.
    assertThat(looking.locator(slot + "[data-locked]")).hasCount(0);
    assertThat(placing.locator(slot + "[data-locked]")).hasCount(0);
    assertThat(check(gathering, "Fine behind a flap")).isChecked();

    looking.navigate(SITTING.address() + "/albums/1/gather");
    looking.locator(picture).click();
    assertThat(check(looking, "Hero")).isChecked();
    assertThat(check(looking, "Fine behind a flap")).isChecked();
    for (Page page : new Page[] {placing, gathering, looking}) {
      assertThat(page.getByText("in another window")).hasCount(0);
    }
  }

  @Test
  void a_window_says_at_once_what_a_house_rule_changed_in_another_makes_of_its_ticket() {
    Page looking = open("place?spread=1");
    looking.locator("[data-slot][data-photo]").first().click();
    Locator ticket =
        looking.getByRole(
            AriaRole.COMPLEMENTARY, new Page.GetByRoleOptions().setName("Ticket").setExact(true));
    assertThat(ticket).containsText(Pattern.compile("\\d ppi, fine"));
    Page ruling = open("place?spread=1");
    ruling.evaluate(RULE, "fine-ppi");
    assertThat(ticket).containsText(Pattern.compile("\\d ppi, good"));
    ruling.evaluate(RULE, "fine-ppi/back");
    assertThat(ticket).containsText(Pattern.compile("\\d ppi, fine"));
  }

  private static final String RULE =
      """
      rule => fetch('/api/rules/' + rule, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ value: '501' }),
      })
      """;
}
