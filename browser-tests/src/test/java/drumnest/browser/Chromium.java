package drumnest.browser;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/** Debian's Chromium without a window. */
final class Chromium implements AutoCloseable {

  /** How long a page may take to show what is expected, on a busy machine. */
  private static final double PATIENCE = 45_000;

  private final Playwright playwright;
  private final Browser browser;

  Chromium() {
    PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
    playwright =
        Playwright.create(
            new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    browser =
        playwright
            .chromium()
            .launch(
                new BrowserType.LaunchOptions()
                    .setExecutablePath(Path.of("/usr/bin/chromium"))
                    .setArgs(
                        List.of(
                            "--no-sandbox",
                            "--disable-gpu",
                            "--disable-quic",
                            "--no-first-run",
                            "--disable-background-networking",
                            "--disable-component-update",
                            "--disable-sync")));
  }

  /** A new window with a memory of its own. */
  BrowserContext window(int width, int height) {
    return browser.newContext(new Browser.NewContextOptions().setViewportSize(width, height));
  }

  Page page(int width, int height) {
    return window(width, height).newPage();
  }

  @Override
  public void close() {
    browser.close();
    playwright.close();
  }
}
