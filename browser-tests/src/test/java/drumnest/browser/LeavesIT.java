package drumnest.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** An album of leaves of several sizes, put together by mouse and by keys. */
class LeavesIT {

  private static Chromium chromium;
  private App app;
  private Page page;

  @BeforeAll
  static void browser() {
    chromium = new Chromium();
  }

  @AfterAll
  static void close() {
    chromium.close();
  }

  @BeforeEach
  void open() {
    app = App.empty();
    page = chromium.page(1280, 800);
    page.navigate(app.address() + "/albums/1/leaves");
    assertThat(leaves()).hasCount(2);
  }

  @AfterEach
  void end() {
    page.context().close();
    app.close();
  }

  private Locator leaves() {
    return page.getByRole(AriaRole.LISTBOX).getByRole(AriaRole.OPTION);
  }

  private Locator button(String name) {
    return Sitting.button(page, name);
  }

  private void add(String type) {
    button("Add a leaf").click();
    page.locator("[data-add-leaf='" + type + "']").click();
  }

  private void keysInOrder(String... keys) {
    for (int i = 0; i < keys.length; i++) {
      assertThat(leaves().nth(i)).hasAttribute("data-leaf", keys[i]);
    }
    assertThat(leaves()).hasCount(keys.length);
  }

  @Test
  void three_sizes_of_leaf_lie_in_one_album_and_the_small_one_leaves_the_large_one_visible() {
    leaves().nth(1).click();
    add("6x12-three-6x4");
    assertThat(leaves()).hasCount(3);
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)).last())
        .hasText("Leaf 3 of 3");
    add("plain-6x8");
    add("12x12-nine-4x4");
    keysInOrder("1", "2", "3", "4", "5");
    assertThat(leaves().nth(2)).hasAccessibleName(Pattern.compile("6 × 12, three 6 × 4, 0 of 6"));
    leaves().nth(2).click();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Place")).click();
    assertThat(page.getByText("spread 3 of 6")).isVisible();
    assertThat(page.getByText("leaf 5 behind")).isVisible();
    assertThat(page.locator("[data-slot^='3-front-']")).hasCount(3);
    assertThat(page.locator("[data-slot^='2-back-']")).hasCount(11);
  }

  @Test
  void leaves_are_moved_turned_over_duplicated_and_taken_out_by_keys_alone() {
    add("6x12-six-3x4");
    Locator list = page.getByRole(AriaRole.LISTBOX);
    list.focus();
    keysInOrder("1", "2", "3");
    page.keyboard().press("ArrowUp");
    page.keyboard().press("ArrowUp");
    page.keyboard().press("ArrowDown");
    assertThat(leaves().nth(1)).hasAttribute("aria-selected", "true");
    page.keyboard().press("Alt+ArrowUp");
    keysInOrder("2", "1", "3");
    page.keyboard().press("u");
    assertThat(leaves().nth(0)).hasAccessibleName(Pattern.compile("turned over"));
    page.keyboard().press("d");
    keysInOrder("2", "4", "1", "3");
    page.keyboard().press("Delete");
    assertThat(leaves()).hasCount(3);
    page.keyboard().press("z");
    assertThat(leaves()).hasCount(4);
    page.keyboard().press("z");
    keysInOrder("2", "1", "3");
    page.keyboard().press("z");
    assertThat(leaves().nth(0)).not().hasAccessibleName(Pattern.compile("turned over"));
    page.keyboard().press("z");
    keysInOrder("1", "2", "3");
  }

  @Test
  void without_leaves_the_first_one_is_chosen_from_wherever_one_stands() {
    button("Take out").click();
    assertThat(leaves()).hasCount(1);
    button("Take out").click();
    assertThat(page.getByText("Choose the first one.")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Place")).click();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Choose the first one"))
        .click();
    page.locator("[data-add-leaf='plain-12x12']").click();
    assertThat(leaves()).hasCount(1);
    assertThat(page.getByText("Nothing planned on this side yet.").first()).isVisible();
  }

  @Test
  void a_leaf_is_dragged_to_another_place_in_the_stack() {
    add("6x12-six-3x4");
    keysInOrder("1", "2", "3");
    leaves().nth(2).hover();
    page.mouse().down();
    page.mouse().move(60, 400);
    leaves().nth(0).hover();
    page.mouse().up();
    keysInOrder("3", "1", "2");
  }

  @Test
  void a_leaf_that_holds_something_is_taken_out_only_when_that_is_meant() {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Place")).click();
    button("add a card").click();
    Locator form = page.getByRole(AriaRole.DIALOG);
    form.getByLabel("What you call it").fill("The first evening");
    form.getByLabel("Width").fill("0");
    button("Add it").click();
    assertThat(form.getByLabel("Width")).hasAttribute("aria-invalid", "true");
    assertThat(form.getByLabel("What you call it")).hasValue("The first evening");
    form.getByLabel("Width").fill("4 in");
    form.getByLabel("Height").fill("3 in");
    button("Add it").click();
    page.locator("[data-waiting-ephemera]").focus();
    page.keyboard().press("Enter");
    page.keyboard().press("ArrowRight");
    page.keyboard().press("Enter");
    assertThat(page.locator("[data-waiting-ephemera]")).hasCount(0);
    assertThat(page.locator("#spread").getByText("The first evening")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Leaves")).click();
    Locator filled = page.locator("[role='option'][aria-label*=' 1 of ']");
    filled.click();
    button("Take out").click();
    Locator question = page.getByRole(AriaRole.ALERTDIALOG);
    assertThat(question).containsText("Undo brings it back");
    question.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Leave it")).click();
    assertThat(leaves()).hasCount(2);
    button("Take out").click();
    question
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take it out"))
        .click();
    assertThat(leaves()).hasCount(1);
    button("Undo").click();
    assertThat(filled).isVisible();
  }

  @Test
  void three_squares_under_the_wide_one_are_said_by_measure_and_come_out_as_marks()
      throws IOException {
    add("plain-12x12");
    button("one piece").click();
    page.getByLabel("Width", exactly()).fill("6 in");
    page.getByLabel("Height", exactly()).fill("4 in");
    button("a row").click();
    page.getByLabel("How many").fill("3");
    page.getByLabel("Total width").fill("6 in");
    page.getByLabel("Where").selectOption("below 1");
    page.getByLabel("Lined up").selectOption("start");
    Locator marks = page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Ruler"));
    assertThat(marks.locator("tbody tr")).hasCount(3);
    assertThat(marks).containsText("to");
    assertThat(page.locator("[data-draft-mount]")).hasCount(4);

    page.getByLabel("Total width").fill("14 in");
    assertThat(page.getByRole(AriaRole.ALERT).first()).isVisible();
    assertThat(button("Keep these places")).isDisabled();
    page.getByLabel("Total width").fill("6 in");
    page.getByLabel("Cut", exactly()).selectOption("rounded");
    page.getByLabel("Corners, radius").fill("3 in");
    assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("can be rounded at most by");
    page.getByLabel("Corners, radius").fill("1/4 in");
    button("Keep these places").click();
    assertThat(button("Keep these places")).hasCount(0);
    page.reload();
    leaves().nth(2).click();
    assertThat(page.locator("[data-face-slot]")).hasCount(4);
    assertThat(page.locator("[data-face-slot$='-2.1']"))
        .hasAttribute("style", Pattern.compile("border-radius"));

    Download pdf =
        page.waitForDownload(
            () ->
                page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("on letter"))
                    .click());
    assertThat(Files.readAllBytes(pdf.path())).startsWith('%', 'P', 'D', 'F');
  }

  private static Page.GetByLabelOptions exactly() {
    return new Page.GetByLabelOptions().setExact(true);
  }
}
