package drumnest.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The plain page of the demo, planned anew: leaf 4, with a mixed block and a card above it. */
class PlannerIT {

  @RegisterExtension static final Sitting SITTING = Sitting.atTheDemo();

  private Page page;

  @BeforeEach
  void open() {
    page = SITTING.page(1280, 800);
    page.navigate(SITTING.address() + "/albums/1/leaves?spread=3");
    assertThat(slots()).hasCount(9);
  }

  @AfterEach
  void end() {
    page.context().close();
  }

  private Locator slots() {
    return page.locator("[data-face-slot]");
  }

  private Locator mounts() {
    return page.locator("[data-draft-mount]");
  }

  private Locator marks() {
    return page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Ruler marks"))
        .locator("tbody tr");
  }

  private Locator button(String name) {
    return Sitting.button(page, name);
  }

  private Locator field(String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  @Test
  void what_is_tried_out_changes_nothing_until_it_is_kept() {
    page.getByText("6 × 4 and 3 under it").click();
    assertThat(marks()).hasCount(5);
    field("Pieces under it").fill("4");
    assertThat(marks()).hasCount(6);
    assertThat(mounts()).hasCount(7);
    button("Leave as it was").click();
    assertThat(mounts()).hasCount(0);
    assertThat(field("Pieces under it")).hasValue("3");
  }

  @Test
  void a_block_is_moved_by_measure_its_photos_go_along_and_undo_brings_it_back() {
    Locator pictures = page.locator("[data-face-slot] img");
    assertThat(pictures.first()).isVisible();
    List<String> before = sources(pictures);
    assertThat(before).hasSize(5);
    page.getByText("6 × 4 and 3 under it").click();
    Locator second = marks().nth(1).locator("td").nth(2);
    assertThat(second).containsText("4");
    field("by").last().fill("1 1/4");
    assertThat(second).containsText("4 1/4");
    button("Keep these places").click();
    assertThat(button("Keep these places")).hasCount(0);
    assertThat(pictures).hasCount(before.size());
    assertThat(sources(pictures)).isEqualTo(before);
    button("Undo").click();
    assertThat(second).containsText("3 1/2 to 4 1/8");
  }

  private static List<String> sources(Locator pictures) {
    return pictures.all().stream().map(picture -> picture.getAttribute("src")).toList();
  }

  @Test
  void what_would_lie_on_another_block_is_said_and_cannot_be_kept() {
    button("one piece").click();
    page.getByLabel("Where").selectOption("page");
    assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("would lie on block");
    assertThat(button("Keep these places")).isDisabled();
    field("Width").fill("two");
    assertThat(field("Width")).hasAttribute("aria-invalid", "true");
    field("Width").fill("2");
    field("Height").fill("1 1/2");
    page.getByLabel("Down, from").selectOption("end");
    field("by").last().fill("1/4");
    assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
    field("For").selectOption("keepsake");
    button("Keep these places").click();
    assertThat(slots()).hasCount(10);
    button("Undo").click();
    assertThat(slots()).hasCount(9);
  }

  @Test
  void a_grid_goes_on_the_other_side_and_is_taken_away_again() {
    page.getByLabel("back", new Page.GetByLabelOptions().setExact(true)).check();
    page.getByText("one 5 1/2 × 2 1/4").click();
    button("take this block away").click();
    button("Keep these places").click();
    assertThat(slots()).hasCount(8);
    button("Undo").click();
    assertThat(slots()).hasCount(9);
  }
}
