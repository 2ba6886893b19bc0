package drumnest.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static drumnest.browser.Sitting.button;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** A phone at the table, paired with the first screen. */
class SharingIT {

  /** This machine under another name than the one the first screen uses. */
  private static final String TABLE = "127.0.0.2";

  @Test
  void a_phone_is_paired_with_the_code_answers_a_sum_and_is_removed_again() {
    try (App app = App.empty("--drumnest.share.addresses=" + TABLE);
        Chromium chromium = new Chromium()) {
      Page first = chromium.page(1280, 800);
      first.navigate(app.address() + "/shelf/settings");
      button(first, "Share").click();
      assertThat(first.getByText("http://" + TABLE)).isVisible();
      button(first, "Pair a device").click();
      Locator shown = first.locator("[data-code]");
      assertThat(shown).isVisible();
      String code = shown.getAttribute("data-code");

      Page phone = chromium.page(390, 844);
      String shared = app.address().replace("127.0.0.1", TABLE);
      phone.navigate(shared + "/sums/fit");
      phone.getByLabel("The code").fill(code.equals("000000") ? "000001" : "000000");
      phone.getByLabel("What this device is called").fill("phone by the glue");
      button(phone, "Pair").click();
      assertThat(phone.getByRole(AriaRole.ALERT)).containsText("does not work");
      phone.getByLabel("The code").fill(code);
      button(phone, "Pair").click();
      Locator headline = phone.locator("[data-headline]");
      assertThat(headline).hasAttribute("title", "2 7/8 × 4");
      phone.getByLabel("Opening, width").fill("3 1/16");
      assertThat(headline).hasAttribute("title", "3 × 4");
      button(phone, "Send to the ticket").click();
      assertThat(phone.getByRole(AriaRole.STATUS)).containsText("It lies on the ticket");

      first.navigate(app.address() + "/albums/1/place");
      Locator slip = first.locator("[data-slip='fit']");
      assertThat(slip.locator("[data-headline]")).hasAttribute("title", "3 × 4");
      slip.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("throw away")).click();
      assertThat(slip).hasCount(0);

      first.navigate(app.address() + "/shelf/settings");
      button(first, "Remove phone by the glue").click();
      assertThat(first.getByText("phone by the glue")).hasCount(0);
      phone.reload();
      assertThat(phone.getByRole(AriaRole.HEADING)).hasText("Pair this device");
      button(first, "Stop sharing").click();
      assertThat(button(first, "Share")).isVisible();
      assertThatThrownBy(phone::reload).hasMessageContaining("CONNECTION_REFUSED");
    }
  }
}
