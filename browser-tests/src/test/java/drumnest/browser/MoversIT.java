package drumnest.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;

/** Flaps over the pockets of a leaf. */
class MoversIT {

  @RegisterExtension static final FreshAlbum ALBUM = new FreshAlbum();

  @TempDir Path files;
  private Page page;

  @BeforeEach
  void open() {
    page = ALBUM.page();
    page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
  }

  private void bring(int count) {
    List<Path> photos = Pictures.many(files, count, 600);
    ALBUM.bring(photos.toArray(Path[]::new));
    assertThat(page.locator("[data-tile]")).hasCount(count);
    page.navigate(ALBUM.app().address() + "/albums/1/place?spread=1");
  }

  private Locator slot(String id) {
    return page.locator("[data-slot='" + id + "']");
  }

  private Locator flap(int number) {
    return page.locator("[data-flap='2-front-m" + number + "']");
  }

  private Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private void addFlap(String slot) {
    slot(slot).click();
    page.keyboard().press("f");
  }

  @Test
  void a_flap_is_put_over_a_pocket_filled_on_both_sides_opened_and_taken_off() {
    bring(2);
    addFlap("2-front-6");
    assertThat(flap(1)).isVisible();
    assertThat(page.getByText("a clear sleeve, hinged at the left")).isVisible();
    Locator waiting = page.locator("[data-waiting]");
    Mouse.drag(page, waiting.first(), slot("2-front-m1.1"));
    assertThat(slot("2-front-m1.1")).hasAttribute("data-photo", Pattern.compile(".+"));
    BoundingBox outside = slot("2-front-m1.1").boundingBox();
    BoundingBox whole = flap(1).boundingBox();

    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Open flap 1")).click();
    assertThat(flap(1)).hasAttribute("data-open", "");
    Mouse.drag(page, waiting.first(), slot("2-front-m1.2"));
    assertThat(slot("2-front-m1.2")).hasAttribute("data-photo", Pattern.compile(".+"));
    // Its inside lies where its outside was, mirrored in the hinge at the left edge of the film.
    BoundingBox inside = slot("2-front-m1.2").boundingBox();
    double hinge = outside.x - (whole.width - outside.width) / 2;
    assertThat(inside.x).isCloseTo(2 * hinge - outside.x - outside.width, within(2.0));
    assertThat(inside.y).isCloseTo(outside.y, within(2.0));
    assertThat(inside.width).isCloseTo(outside.width, within(2.0));

    slot("2-front-m1.2").click();
    page.keyboard().press("f");
    assertThat(flap(1)).not().hasAttribute("data-open", "");
    button("take it off").click();
    assertThat(flap(1)).hasCount(0);
    assertThat(page.getByText("take flap 1, leaf 2 front off with 2 pictures in it")).isVisible();
    assertThat(waiting).hasCount(2);
    page.keyboard().press("z");
    assertThat(slot("2-front-m1.1")).hasAttribute("data-photo", Pattern.compile(".+"));
  }

  @Test
  void two_that_are_in_each_others_way_are_named_and_the_cure_is_taken() {
    bring(1);
    addFlap("2-front-6");
    page.getByLabel("Hinged at the").selectOption("top");
    assertThat(page.getByText("hinged at the top")).isVisible();
    addFlap("2-front-2");
    assertThat(flap(2)).isVisible();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Open flap 2")).click();
    assertThat(page.getByText("The strip of flap 1 holds it shut.").first()).isVisible();
    assertThat(flap(2)).not().hasAttribute("data-open", "");
    button("One is in another's way").click();
    Locator ticket = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Flap 1"));
    assertThat(ticket).containsText("which never opens then");
    ticket
        .getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName(Pattern.compile("^(Hinge|Put|Move|Fix) ")))
        .first()
        .click();
    assertThat(button("One is in another's way")).hasCount(0);
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Open flap 2")).click();
    assertThat(flap(2)).hasAttribute("data-open", "");
    button("Close all").click();
    assertThat(flap(2)).not().hasAttribute("data-open", "");
  }

  @Test
  void a_measure_that_does_not_do_is_named_and_kept_to_be_put_right() {
    bring(1);
    addFlap("2-front-6");
    page.getByLabel("From the left").fill("11");
    button("Save").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("reach past its page");
    assertThat(page.getByLabel("From the left")).hasValue("11");
    page.getByLabel("From the left").fill("6 1/4");
    button("Save").click();
    assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
    assertThat(button("Save")).hasCount(0);
    assertThat(page.getByLabel("From the left")).hasValue("6 1/4");
  }

  @Test
  void a_sleeve_that_makes_room_is_put_there_with_its_photo() {
    bring(18);
    page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Place\\b")))
        .first()
        .click();
    Locator waiting = page.locator("[data-waiting]");
    assertThat(page.getByText(Pattern.compile("^Last: place"))).isVisible();
    String photo = waiting.first().getAttribute("data-waiting");
    waiting.first().click();
    Locator sleeve =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What would make room"))
            .getByRole(AriaRole.LISTITEM)
            .filter(new Locator.FilterOptions().setHasText("it hides inside"));
    sleeve
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Put it there"))
        .click();
    assertThat(page.locator("[data-flap] [data-photo='" + photo + "']")).hasCount(1);
    page.keyboard().press("z");
    assertThat(page.locator("[data-flap]")).hasCount(0);
  }
}
