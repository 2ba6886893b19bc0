package drumnest.browser;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.ReducedMotion;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.file.Path;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;

/** Takes the pictures of the documentation, from the demo data. */
public final class TakeScreenshots {

  private final Chromium chromium;
  private final Path folder;

  private TakeScreenshots(Chromium chromium, Path folder) {
    this.chromium = chromium;
    this.folder = folder;
  }

  public static void main(String[] arguments) {
    try (Chromium chromium = new Chromium()) {
      TakeScreenshots taking = new TakeScreenshots(chromium, Path.of(arguments[0]));
      try (App app = App.demo()) {
        taking.demo(app.address());
      }
      try (App app = App.empty()) {
        taking.wide(app.address() + "/albums/1/gather", "empty", page -> {});
      }
    }
  }

  private void demo(String address) {
    String album = address + "/albums/1/";
    String shelf = address + "/shelf/";
    wide(album + "place", "place", TakeScreenshots::chooseAPocket);
    take(
        album + "place", "place-dark", 1280, 800, ColorScheme.DARK, TakeScreenshots::chooseAPocket);
    take(
        album + "place",
        "place-tablet",
        800,
        1280,
        ColorScheme.LIGHT,
        TakeScreenshots::chooseAPocket);
    wide(album + "place?spread=6", "movers-at-rest", page -> page.locator("[data-flap]").first());
    wide(album + "place?spread=6", "movers", TakeScreenshots::pullOutTheAccordion);
    wide(
        album + "make",
        "construction-plan",
        page ->
            page.evaluate(
                """
                async plan => {
                  document.body.style.background = 'white';
                  document.body.innerHTML = `<img src="${plan}" style="width: 1180px; margin: 8px auto">`;
                  await document.querySelector('img').decode();
                }""",
                address + "/api/albums/1/movers/7-front-m1/plan.svg"));
    wide(album + "plans", "plans", TakeScreenshots::proposeForAll);
    wide(album + "gather", "gather", page -> {});
    wide(album + "gather", "compare", TakeScreenshots::compareAStack);
    wide(album + "leaves?spread=2", "leaves", page -> {});
    wide(shelf + "catalogue", "catalogue", page -> {});
    wide(shelf + "builder", "builder", TakeScreenshots::ruleAProtector);
    wide(album + "words", "words", TakeScreenshots::lookAtWhatIsTooLong);
    cardSheet(address + "/api/albums/1/cards.pdf?paper=letter&hand=true");
    wide(album + "make", "make", page -> {});
    take(album + "make", "make-phone", 390, 844, ColorScheme.LIGHT, page -> {});
    wide(address + "/sums/accordion", "sums", page -> {});
    take(address + "/sums/fit", "sums-phone", 390, 844, ColorScheme.LIGHT, page -> {});
  }

  private static void chooseAPocket(Page page) {
    page.locator("[data-slot='2-front-5']").click();
    page.locator("[data-headline][title^='2 7/8']").waitFor();
  }

  private static void lookAtWhatIsTooLong(Page page) {
    page.locator("[data-too-long] button").first().click();
    page.getByText("What would make it fit").waitFor();
    page.locator("[data-title]").first().scrollIntoViewIfNeeded();
  }

  /** The first sheet of the printed cards, as a picture. */
  private void cardSheet(String url) {
    try (InputStream in = URI.create(url).toURL().openStream();
        PDDocument pdf = Loader.loadPDF(in.readAllBytes())) {
      BufferedImage sheet = new PDFRenderer(pdf).renderImageWithDPI(0, 90);
      ImageIO.write(sheet, "png", folder.resolve("card-sheet.png").toFile());
    } catch (IOException problem) {
      throw new UncheckedIOException(problem);
    }
  }

  private static void pullOutTheAccordion(Page page) {
    page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
    page.getByText("accordion 1, open", new Page.GetByTextOptions().setExact(true)).click();
    page.locator("[data-flap][data-open]").nth(2).waitFor();
    page.locator("[data-slot='7-front-m4.1']").first().click();
    page.getByText("Panorama").waitFor();
  }

  private static void proposeForAll(Page page) {
    page.getByLabel("Undecided photos too").check();
    page.getByLabel("Start over").check();
    page.getByText(Pattern.compile("^[34]\\d photos to place")).waitFor();
    page.locator("[data-plan='2'] img").first().waitFor();
  }

  private static void compareAStack(Page page) {
    page.getByLabel("only").selectOption("stacked");
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Undecided"))
        .check(new Locator.CheckOptions().setForce(true));
    page.locator("#contact-sheet").focus();
    page.keyboard().press("ArrowRight");
    page.keyboard().press("Enter");
    page.keyboard().press("+");
    page.getByText("150 % of the whole").waitFor();
  }

  private static void ruleAProtector(Page page) {
    page.getByLabel("Clear inside, height").fill("12 1/2 in");
    page.getByLabel("For prints of").fill("4 + 4 + 4");
    page.getByText("one under another").click();
    page.locator("[data-part='0']").click();
    page.getByLabel("For prints of").fill("6 + 4");
    page.getByText("side by side").click();
    page.getByText("for6 × 4").waitFor();
  }

  private void wide(String url, String name, Consumer<Page> prepare) {
    take(url, name, 1280, 800, ColorScheme.LIGHT, prepare);
  }

  private void take(
      String url, String name, int width, int height, ColorScheme scheme, Consumer<Page> prepare) {
    Page page = chromium.page(width, height);
    page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
    page.navigate(url);
    page.waitForLoadState(LoadState.NETWORKIDLE);
    prepare.accept(page);
    page.waitForLoadState(LoadState.NETWORKIDLE);
    page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
    page.context().close();
  }
}
