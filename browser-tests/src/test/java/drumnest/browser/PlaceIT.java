package drumnest.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Placing many photos of the kite meet: leaves proposed, why, what if, words, late ones. */
class PlaceIT {

  @RegisterExtension static final Sitting SITTING = Sitting.atTheDemo();

  private Page page;
  private String began;

  @BeforeEach
  void open() {
    page = SITTING.page(1280, 800);
    goTo("place?spread=1");
    assertThat(page.locator("[data-slot][data-photo]").first()).isVisible();
    began = (String) page.evaluate(LAST);
  }

  /** Takes back what the test did, so that each finds the album as it was. */
  @AfterEach
  void close() {
    page.evaluate(BACK_TO, began);
    page.close();
  }

  private static final String LAST =
      "async () => (await (await fetch('/api/albums/1')).json()).undo";

  private static final String BACK_TO =
      """
      async before => {
        let album = await (await fetch('/api/albums/1')).json();
        for (let i = 0; i < 20 && album.undo !== before; i++) {
          const answer = await fetch('/api/albums/1/undo', {
            method: 'POST',
            headers: { 'Content-Type': 'application/json' },
            body: JSON.stringify({ version: album.version }),
          });
          album = await answer.json();
        }
      }
      """;

  private void did(String last) {
    assertThat(page.getByText("Last: " + last)).isVisible();
  }

  private void goTo(String where) {
    page.navigate(SITTING.address() + "/albums/1/" + where);
  }

  private Locator button(String name) {
    return Sitting.button(page, name);
  }

  private Locator slot(String id) {
    return page.locator("[data-slot='" + id + "']");
  }

  /** Tells what a slot is called, as its spoken name begins. */
  private String label(String id) {
    return slot(id).getAttribute("aria-label").replaceAll("^([^,]*, [^,]*),.*", "$1");
  }

  private Locator ticket() {
    return page.getByRole(
        AriaRole.COMPLEMENTARY, new Page.GetByRoleOptions().setName("Ticket").setExact(true));
  }

  private Locator region(Locator in, String name) {
    return in.getByRole(AriaRole.REGION, new Locator.GetByRoleOptions().setName(name));
  }

  private Map<String, String> shown() {
    Map<String, String> shown = new TreeMap<>();
    for (Locator slot : page.locator("[data-slot][data-photo]").all()) {
      shown.put(slot.getAttribute("data-slot"), slot.getAttribute("data-photo"));
    }
    return shown;
  }

  @Test
  void three_plans_are_compared_and_one_is_laid_and_taken_back() {
    // Without the leaf of the movers there is not room for all.
    new FirstAlbum(SITTING.address()).removeLeaf(7);
    goTo("place?spread=1");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Propose leaves")).click();
    page.getByLabel(Pattern.compile("^Undecided photos too")).check();
    page.getByLabel("Breathing room").selectOption("even");
    Locator plans = page.locator("[data-plan]");
    assertThat(plans.nth(1)).isVisible();
    assertThat(plans.nth(0)).containsText("Fewest leaves");
    assertThat(plans.nth(0)).containsText("No better choice exists");
    assertThat(plans.nth(1)).containsText("Least cropped");
    assertThat(plans.nth(2)).containsText("Closest to the room you asked for");
    assertThat(plans.nth(0).locator("img").first()).isVisible();
    assertThat(page.getByText("into places that are empty already")).isVisible();
    String even = plans.nth(0).getByRole(AriaRole.HEADING).first().textContent();
    page.getByLabel("Breathing room").selectOption("airy");
    assertThat(plans.nth(0).getByRole(AriaRole.HEADING).first()).not().hasText(even);
    page.getByLabel(Pattern.compile("^Count on sleeves")).check();
    assertThat(plans.getByText("In sleeves").first()).isVisible();
    assertThat(plans.getByText(Pattern.compile("Sleeve .* edge")).first()).isVisible();
    page.getByLabel(Pattern.compile("^Count on sleeves")).uncheck();
    assertThat(plans.getByText("In sleeves")).hasCount(0);
    page.getByLabel("Maximum leaves").fill("0");
    assertThat(page.getByText("A whole number from 1 to 200, or leave it empty.")).isVisible();
    assertThat(plans.first().getByText("Lay these leaves")).isDisabled();
    page.getByLabel("Maximum leaves").fill("");
    assertThat(plans.first().getByText("Lay these leaves")).isEnabled();
    int leaves =
        Integer.parseInt(
            plans.last().getByRole(AriaRole.HEADING).first().textContent().replaceAll("\\D", ""));
    plans.last().getByText("Lay these leaves").click();
    assertThat(page.getByText(Pattern.compile("Last: lay " + leaves + " proposed"))).isVisible();
    assertThat(page.getByText((6 + leaves) + " leaves")).isVisible();
    assertThat(page.getByText("spread 7 of " + (7 + leaves))).isVisible();
    assertThat(page.locator("[data-slot][data-photo]").first()).isVisible();
    page.keyboard().press("z");
    assertThat(page.getByText("6 leaves")).isVisible();
  }

  @Test
  void plans_are_taken_only_as_they_are_shown_and_stay_where_they_are_while_leaves_are_weighed() {
    new FirstAlbum(SITTING.address()).removeLeaf(7);
    goTo("plans");
    page.getByLabel(Pattern.compile("^Undecided photos too")).check();
    Locator lay = page.locator("[data-plan]").first().getByText("Lay these leaves");
    assertThat(lay).isEnabled();
    double before = lay.boundingBox().y;
    List<Route> asked = new ArrayList<>();
    page.route("**/api/albums/1/plans", asked::add);
    Routes.awaitEffect(page);
    page.getByLabel("Breathing room").selectOption("airy");
    assertThat(page.getByText("Weighing leaves")).isVisible();
    assertThat(lay).isDisabled();
    assertThat(lay.boundingBox().y).isEqualTo(before);
    page.waitForCondition(() -> !asked.isEmpty());
    page.unroute("**/api/albums/1/plans");
    asked.forEach(Route::resume);
    assertThat(lay).isEnabled();
    assertThat(page.getByText("Weighing leaves")).hasCount(0);
  }

  @Test
  void how_many_leaves_are_owned_is_kept_and_a_wrong_count_is_refused() {
    goTo("plans");
    Locator owned = page.getByLabel("How many “12 × 12, six 6 × 4” you own");
    owned.fill("many");
    owned.blur();
    assertThat(page.getByText("“many” is not a whole number").first()).isVisible();
    owned.fill("2");
    owned.press("Enter");
    goTo("plans");
    assertThat(owned).hasValue("2");
    owned.fill("");
    owned.press("Enter");
    Locator most = page.getByLabel("Maximum leaves");
    most.fill("none");
    assertThat(page.getByText("A whole number from 1 to 200, or leave it empty.")).isVisible();
    assertThat(most).hasAttribute("aria-invalid", "true");
  }

  @Test
  void two_locked_ones_stay_when_the_album_is_filled_with_one_press() {
    Map<String, String> before = shown();
    List<String> two = before.keySet().stream().limit(2).toList();
    for (String each : two) {
      slot(each).click();
      page.keyboard().press("l");
      assertThat(slot(each)).hasAttribute("data-locked", "");
    }
    button("Fill the album").click();
    assertThat(page.getByText("Last: place the whole album in story order")).isVisible();
    for (String each : two) {
      assertThat(slot(each)).hasAttribute("data-photo", before.get(each));
    }
    goTo("place?spread=0");
    assertThat(page.locator("[data-aside=title]").first()).isVisible();
    assertThat(page.getByText("Best possible arrangement.")).isVisible();
  }

  @Test
  void a_placed_photo_says_why_it_is_there_and_what_the_next_best_place_costs() {
    String first = shown().keySet().iterator().next();
    slot(first).click();
    Locator why = region(ticket(), "Why here");
    assertThat(why).containsText("It opens the story of this spread.");
    assertThat(why).containsText("Second choice: leaving it out");
  }

  @Test
  void a_photo_left_out_says_what_would_make_room_and_takes_a_place() {
    Locator waiting = page.locator("[data-waiting]").first();
    String photo = waiting.getAttribute("data-waiting");
    waiting.click();
    Locator room = region(ticket(), "What would make room");
    assertThat(room.getByRole(AriaRole.LISTITEM).first()).isVisible();
    assertThat(room).containsText("points better");
    room.getByRole(AriaRole.LISTITEM)
        .filter(new Locator.FilterOptions().setHasText(Pattern.compile("goes to .* is left out")))
        .first()
        .getByText("Put it there")
        .click();
    assertThat(page.locator("[data-waiting='" + photo + "']")).hasCount(0);
    did("put in");
  }

  @Test
  void the_ticket_says_what_would_be_before_a_photo_is_let_go() {
    Map<String, String> before = shown();
    Locator waiting = page.locator("[data-waiting]").first();
    String target = before.keySet().iterator().next();
    BoundingBox from = waiting.boundingBox();
    BoundingBox to = slot(target).boundingBox();
    page.mouse().move(from.x + 20, from.y + 20);
    page.mouse().down();
    for (int i = 1; i <= 8; i++) {
      page.mouse()
          .move(
              from.x + 20 + (to.x + to.width / 2 - from.x - 20) * i / 8,
              from.y + 20 + (to.y + to.height / 2 - from.y - 20) * i / 8);
    }
    assertThat(ticket()).containsText("If you let it go here.");
    assertThat(ticket()).containsText("goes back on the line");
    page.keyboard().press("Escape");
    page.mouse().up();
    assertThat(ticket()).not().containsText("If you let it go here.");
    assertThat(shown()).isEqualTo(before);

    String second = before.keySet().stream().skip(1).findFirst().orElseThrow();
    List<Route> asked = new ArrayList<>();
    page.route("**/tickets/preview", asked::add);
    Routes.awaitEffect(page);
    slot(target).focus();
    page.keyboard().press("Enter");
    page.keyboard().press("ArrowRight");
    // What would be is told also where the pocket's own ticket is there first.
    assertThat(ticket()).containsText(label(second));
    page.waitForCondition(() -> !asked.isEmpty());
    asked.forEach(Route::resume);
    assertThat(ticket()).containsText("If you let it go here.");
    page.keyboard().press("Escape");
    assertThat(ticket()).not().containsText("If you let it go here.");
    assertThat(slot(second)).hasAttribute("data-photo", before.get(second));
  }

  @Test
  void the_ticket_of_before_takes_no_press_that_is_meant_for_the_next() {
    List<String> two = shown().keySet().stream().limit(2).toList();
    slot(two.get(0)).click();
    assertThat(ticket()).containsText(label(two.get(0)));
    Pattern lock = Pattern.compile("(^| )lock$");
    Locator inTicket =
        ticket().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(lock));
    inTicket.scrollIntoViewIfNeeded();
    BoundingBox at = inTicket.boundingBox();
    List<Route> asked = new ArrayList<>();
    page.route("**/tickets/" + two.get(1), asked::add);
    Routes.awaitEffect(page);
    slot(two.get(1)).click();
    page.waitForCondition(() -> !asked.isEmpty());
    assertThat(ticket()).containsText(label(two.get(0)));
    page.mouse().click(at.x + at.width / 2, at.y + at.height / 2);
    asked.forEach(Route::resume);
    page.unroute("**/tickets/" + two.get(1));
    assertThat(ticket()).containsText(label(two.get(1)));
    inTicket.click();
    // Steps are taken in turn: had the first press been one, it would have been done by now.
    assertThat(slot(two.get(1))).hasAttribute("data-locked", "");
    assertThat(slot(two.get(0)).and(page.locator("[data-locked]"))).hasCount(0);
  }

  @Test
  void a_pocket_kept_for_words_stays_free_and_what_is_stuck_stays_where_it_is() {
    String first = shown().keySet().iterator().next();
    slot(first).click();
    page.keyboard().press("Delete");
    assertThat(slot(first)).not().hasAttribute("data-photo", Pattern.compile(".+"));
    page.keyboard().press("w");
    assertThat(slot(first)).hasAttribute("data-aside", "words");
    assertThat(ticket()).containsText("Set aside: words.");
    String stuck = shown().keySet().iterator().next();
    slot(stuck).click();
    page.keyboard().press("g");
    assertThat(slot(stuck)).hasAccessibleName(Pattern.compile("stuck"));
    page.keyboard().press("p");
    assertThat(page.getByText("Last: place in story order")).isVisible();
    assertThat(slot(first)).hasAttribute("data-aside", "words");
    slot(stuck).click();
    page.keyboard().press("Delete");
    assertThat(page.getByText("It is stuck in its place already").first()).isVisible();
  }

  @Test
  void a_late_photo_is_offered_to_a_gap_and_put_there_alone() {
    Map<String, String> before = shown();
    String gap = before.keySet().iterator().next();
    slot(gap).click();
    page.keyboard().press("Delete");
    assertThat(page.getByText("in empty pockets.")).isVisible();
    page.getByText("Put it in").click();
    assertThat(page.getByText("Last: put 1 late photo into gaps")).isVisible();
    Map<String, String> after = shown();
    before.forEach(
        (id, photo) -> {
          if (!id.equals(gap)) {
            assertThat(after).containsEntry(id, photo);
          }
        });
  }

  @Test
  void by_weight_and_by_variety_are_other_orders_of_the_same_photos() {
    page.getByLabel("Breathing room").selectOption("packed");
    placeAgain("weight", "by weight");
    placeAgain("story", "in story order");
    Map<String, String> before = shown();
    placeAgain("weight", "by weight");
    placeAgain("variety", "by variety");
    assertThat(shown().values()).containsExactlyInAnyOrderElementsOf(before.values());
  }

  private void placeAgain(String order, String words) {
    page.getByLabel("Order", new Page.GetByLabelOptions().setExact(true)).selectOption(order);
    button("Place again").click();
    assertThat(page.getByText("Last: place " + words)).isVisible();
  }
}
