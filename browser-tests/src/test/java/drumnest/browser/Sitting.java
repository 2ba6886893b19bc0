package drumnest.browser;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/** One application and one browser for all tests of a class. */
final class Sitting implements BeforeAllCallback, AfterAllCallback {

  private final Supplier<App> starting;
  private App app;
  private Chromium chromium;

  private Sitting(Supplier<App> starting) {
    this.starting = starting;
  }

  /** With the demo album. */
  static Sitting atTheDemo() {
    return new Sitting(App::demo);
  }

  /** With an album of two leaves and no photos. */
  static Sitting atAnEmptyAlbum() {
    return new Sitting(App::empty);
  }

  @Override
  public void beforeAll(ExtensionContext context) {
    app = starting.get();
    chromium = new Chromium();
  }

  @Override
  public void afterAll(ExtensionContext context) {
    chromium.close();
    app.close();
  }

  String address() {
    return app.address();
  }

  /** A new page that shows nothing yet. */
  Page page(int width, int height) {
    return chromium.page(width, height);
  }

  /** The button whose name begins so; signs that mean something in a pattern are not accepted. */
  static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)));
  }
}
