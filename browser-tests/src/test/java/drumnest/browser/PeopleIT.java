package drumnest.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;

/**
 * Photographs of people, also as a phone writes them: sample pictures of the npm package {@code
 * @vladmandic/face-api}, written as HEIC by heif-enc.
 */
class PeopleIT {

  private static final Path PEOPLE = Path.of("../web/node_modules/@vladmandic/face-api/demo");

  @RegisterExtension static final FreshAlbum ALBUM = new FreshAlbum();

  @TempDir Path files;
  private App app;
  private Page page;

  @BeforeEach
  void open() {
    app = ALBUM.app();
    page = ALBUM.page();
  }

  private Locator tiles() {
    return page.locator("[data-tile]");
  }

  private void look() {
    tiles().first().click();
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Photo")).click();
    tiles().first().click();
  }

  private Path heic(String name) throws IOException, InterruptedException {
    Path to = files.resolve(name);
    Process encoder =
        new ProcessBuilder(
                "heif-enc", "-o", to.toString(), PEOPLE.resolve("sample1.jpg").toString())
            .redirectErrorStream(true)
            .redirectOutput(files.resolve("said").toFile())
            .start();
    assertThat(encoder.waitFor(60, TimeUnit.SECONDS)).isTrue();
    assertThat(encoder.exitValue()).as(Files.readString(files.resolve("said"))).isZero();
    return to;
  }

  @Test
  void a_phone_picture_comes_in_is_placed_and_stands_in_the_list_of_prints() throws Exception {
    Path broken = files.resolve("broken.heic");
    byte[] whole = Files.readAllBytes(heic("phone.heic"));
    Files.write(broken, java.util.Arrays.copyOf(whole, 2_000));
    ALBUM.bring(files.resolve("phone.heic"), broken);
    assertThat(tiles()).hasCount(1);
    assertThat(page.getByText(Pattern.compile("It cannot be decoded; it seems to be damaged")))
        .isVisible();
    look();
    assertThat(page.getByText("follows 3 heads found")).isVisible();
    page.navigate(app.address() + "/albums/1/place");
    page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Fill the album").setExact(true))
        .click();
    assertThat(page.getByText("Every photo has a place")).isVisible();
    page.navigate(app.address() + "/albums/1/make");
    assertThat(page.getByText("phone.heic").first()).isVisible();
  }

  @Test
  void a_head_stays_whole_in_a_narrow_pocket_and_the_maker_has_the_last_word() {
    ALBUM.bring(PEOPLE.resolve("sample2.jpg"));
    assertThat(tiles()).hasCount(1);
    String photo = tiles().first().getAttribute("data-tile");
    page.navigate(app.address() + "/albums/1/place");
    Mouse.drag(
        page,
        page.locator("[data-waiting='" + photo + "']"),
        page.locator("[data-slot='2-front-2']"));
    assertThat(page.getByText(Pattern.compile("Its crop cuts a head at the left"))).isVisible();
    String followed = page.locator("[data-crop]").getAttribute("style");
    page.navigate(app.address() + "/albums/1/gather");
    look();
    assertThat(page.getByText("follows 3 heads found")).isVisible();
    page.keyboard().press("x");
    assertThat(page.getByText("by the middle; 3 heads found")).isVisible();
    page.keyboard().press("b");
    assertThat(page.getByText("drawn").first()).isVisible();
    page.keyboard().press("z");
    assertThat(page.getByText("by the middle; 3 heads found")).isVisible();
    page.keyboard().press("-");
    Locator picture =
        page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^What must not be seen")));
    Mouse.draw(page, picture, 0.02, 0.4, 0.98, 0.6);
    assertThat(page.getByText("one part")).isVisible();
    page.navigate(app.address() + "/albums/1/place/1");
    assertThat(page.locator("[data-slot='2-front-2']").getByText("cover a part")).isVisible();
    page.locator("[data-slot='2-front-2']").click();
    assertThat(page.locator("[data-crop]")).not().hasAttribute("style", followed);
  }
}
