package drumnest.browser;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;

/** Takes the pictures of the documentation, from the demo data. */
public final class TakeScreenshots {

  private TakeScreenshots() {}

  public static void main(String[] arguments) {
    Path folder = Path.of(arguments[0]);
    try (Chromium chromium = new Chromium()) {
      try (App app = App.demo()) {
        String album = app.address() + "/albums/1/";
        take(chromium, album + "place", 1280, 800, ColorScheme.LIGHT, folder.resolve("place.png"));
        take(
            chromium,
            album + "place",
            1280,
            800,
            ColorScheme.DARK,
            folder.resolve("place-dark.png"));
        take(
            chromium,
            album + "place",
            800,
            1280,
            ColorScheme.LIGHT,
            folder.resolve("place-tablet.png"));
        take(
            chromium, album + "gather", 1280, 800, ColorScheme.LIGHT, folder.resolve("gather.png"));
        take(chromium, album + "make", 1280, 800, ColorScheme.LIGHT, folder.resolve("make.png"));
        take(
            chromium,
            album + "make",
            390,
            844,
            ColorScheme.LIGHT,
            folder.resolve("make-phone.png"));
      }
      try (App app = App.empty()) {
        String sums = app.address() + "/sums/";
        take(chromium, sums + "row", 1280, 800, ColorScheme.LIGHT, folder.resolve("sums.png"));
        take(chromium, sums + "fit", 390, 844, ColorScheme.LIGHT, folder.resolve("sums-phone.png"));
        take(
            chromium,
            app.address() + "/albums/1/gather",
            1280,
            800,
            ColorScheme.LIGHT,
            folder.resolve("empty.png"));
      }
    }
  }

  private static void take(
      Chromium chromium, String url, int width, int height, ColorScheme scheme, Path file) {
    Page page = chromium.page(width, height);
    page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
    page.navigate(url);
    page.waitForLoadState(LoadState.NETWORKIDLE);
    if (url.endsWith("/place")) {
      page.locator("[data-slot='2-front-5']").click();
      page.locator("[data-headline][title^='2 7/8']").waitFor();
      page.waitForLoadState(LoadState.NETWORKIDLE);
    }
    page.screenshot(new Page.ScreenshotOptions().setPath(file));
    page.context().close();
  }
}
