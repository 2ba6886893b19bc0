package drumnest.browser;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.BeforeEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/**
 * One browser for all tests of a class, and for each an application of its own with an album of two
 * leaves and no photos, whose page stands at the gathering of photos.
 */
final class FreshAlbum
    implements BeforeAllCallback, AfterAllCallback, BeforeEachCallback, AfterEachCallback {

  private Chromium chromium;
  private App app;
  private Page page;

  @Override
  public void beforeAll(ExtensionContext context) {
    chromium = new Chromium();
  }

  @Override
  public void afterAll(ExtensionContext context) {
    chromium.close();
  }

  @Override
  public void beforeEach(ExtensionContext context) {
    app = App.empty();
    page = chromium.page(1280, 800);
    page.navigate(app.address() + "/albums/1/gather");
  }

  @Override
  public void afterEach(ExtensionContext context) {
    page.context().close();
    app.close();
  }

  App app() {
    return app;
  }

  Page page() {
    return page;
  }

  /** Closes the page, whatever it was doing, and opens another of the same browser. */
  Page openAnew() {
    BrowserContext context = page.context();
    page.close();
    page = context.newPage();
    page.navigate(app.address() + "/albums/1/gather");
    return page;
  }

  /** Chooses photo files, which come in. */
  void bring(Path... photos) {
    page.getByLabel("Photos", new Page.GetByLabelOptions().setExact(true)).setInputFiles(photos);
  }
}
