package drumnest.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/** Debian's Chromium without a window. */
final class Chromium implements AutoCloseable {

  /**
   * How long a page may take to do or show what is expected, in milliseconds. On a machine that is
   * busy with other things, heads in a handful of photos have taken a minute.
   */
  private static final double PATIENCE = 180_000;

  /** What the console says of a request that was refused; those are told apart by the request. */
  private static final String REFUSED = "Failed to load resource";

  private static final int UNPAIRED = 401;
  private static final int GONE = 404;

  private final Playwright playwright;
  private final Browser browser;
  private final Set<String> complaints = new TreeSet<>();
  private final Overtaking overtaking = new Overtaking();

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
    BrowserContext window =
        browser.newContext(new Browser.NewContextOptions().setViewportSize(width, height));
    window.setDefaultTimeout(PATIENCE);
    window.onConsoleMessage(
        message -> {
          boolean serious = Set.of("error", "warning").contains(message.type());
          if (serious && !message.text().startsWith(REFUSED)) {
            complaints.add(message.text());
          }
        });
    window.onRequest(overtaking::sent);
    window.onRequestFinished(overtaking::ended);
    window.onRequestFailed(overtaking::ended);
    // A step may be refused; what the page asks for by itself must be there, unless a step has
    // taken it away meanwhile. That a device is not paired it only learns from the answer.
    window.onResponse(
        response -> {
          boolean asked = Overtaking.isAsked(response.request());
          boolean refused = response.status() >= 400 && response.status() != UNPAIRED;
          boolean gone = response.status() == GONE && overtaking.isOvertaken(response.request());
          if (asked && refused && !gone) {
            complaints.add(
                response.status() + " " + response.url().replaceFirst("^[a-z]+://[^/]*", ""));
          }
        });
    return window;
  }

  Page page(int width, int height) {
    return window(width, height).newPage();
  }

  @Override
  public void close() {
    browser.close();
    playwright.close();
    assertThat(complaints).as("what pages complained of").isEmpty();
  }
}
