package drumnest.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Photos in, the ways that are not the straight one. */
class GatherIT {

  private static final Pattern LATER = Pattern.compile(".*/photos\\?name=photo-0[2-9].*");

  private static Chromium chromium;

  @TempDir Path files;
  private App app;
  private Page page;

  @BeforeAll
  static void launch() {
    chromium = new Chromium();
  }

  @AfterAll
  static void quit() {
    chromium.close();
  }

  @BeforeEach
  void open() {
    app = App.empty();
    page = chromium.page(1280, 800);
    page.navigate(app.address() + "/albums/1/gather");
  }

  @AfterEach
  void close() {
    page.context().close();
    app.close();
  }

  private void choose(List<Path> photos) {
    page.getByLabel("Photos", new Page.GetByLabelOptions().setExact(true))
        .setInputFiles(photos.toArray(Path[]::new));
  }

  private Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  @Test
  void a_stop_keeps_what_came_in_and_the_rest_can_be_brought_again() {
    List<Route> held = new ArrayList<>();
    page.route(
        LATER,
        route -> {
          held.add(route);
        });
    choose(Pictures.many(files, 10, 300));
    page.waitForCondition(() -> held.size() == 2);
    assertThat(page.getByText("2 of 10 came in")).isVisible();
    button("Stop").click();
    assertThat(page.getByText("2 new on the line, 8 left out")).isVisible();
    page.unroute(LATER);
    button("Bring 8 again").click();
    assertThat(page.getByText("10 new on the line")).isVisible();
    assertThat(page.getByText("10 on the line", new Page.GetByTextOptions().setExact(true)))
        .isVisible();
  }

  @Test
  void a_server_that_went_away_is_said_to_have_not_answered_and_nothing_is_lost() {
    choose(Pictures.many(files, 3, 300));
    assertThat(page.getByText("3 new on the line")).isVisible();
    button("Clear this list").click();
    page.route("**/photos?name=*", Route::abort);
    choose(List.of(Pictures.write(files.resolve("late.jpg"), 300, 200, 77, null)));
    assertThat(page.getByText("no answer")).isVisible();
    page.unroute("**/photos?name=*");
    button("Bring 1 again").click();
    assertThat(page.getByText("1 new on the line")).isVisible();
    assertThat(page.getByText("4, 1 undated")).isVisible();
  }

  @Test
  void the_same_files_again_are_known() {
    List<Path> photos = Pictures.many(files, 4, 300);
    choose(photos);
    assertThat(page.getByText("4 new on the line")).isVisible();
    choose(photos);
    assertThat(page.getByText("4 new on the line, 4 here already")).isVisible();
    assertThat(page.getByText("4 on the line", new Page.GetByTextOptions().setExact(true)))
        .isVisible();
  }

  @Test
  void one_that_is_set_aside_leaves_the_line_and_comes_back() {
    choose(Pictures.many(files, 3, 300));
    assertThat(page.getByText("3 new on the line")).isVisible();
    button("Set photo-01.jpg aside").click();
    Locator aside =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Set aside"));
    assertThat(aside.getByText("photo-01.jpg")).isVisible();
    assertThat(page.getByText("2 on the line", new Page.GetByTextOptions().setExact(true)))
        .isVisible();
    aside.getByText("back on the line").click();
    assertThat(aside).not().isVisible();
    assertThat(button("Set photo-01.jpg aside")).isVisible();
  }

  @Test
  void dropped_photos_come_in_too() {
    Path photo = Pictures.write(files.resolve("dropped.jpg"), 300, 200, 5, null);
    String content = Base64.getEncoder().encodeToString(bytes(photo));
    Locator place = page.getByText("Drop photos or a folder here");
    place.evaluate(
        """
        (place, content) => {
          const bytes = Uint8Array.from(atob(content), letter => letter.charCodeAt(0));
          const dataTransfer = new DataTransfer();
          dataTransfer.items.add(new File([bytes], "dropped.jpg", { type: "image/jpeg" }));
          for (const type of ["dragover", "drop"]) {
            place.dispatchEvent(
              new DragEvent(type, { bubbles: true, cancelable: true, dataTransfer }));
          }
        }
        """,
        content);
    assertThat(page.getByText("1 new on the line")).isVisible();
    assertThat(page.locator("main img[alt='dropped.jpg']")).hasCount(1);
  }

  private static byte[] bytes(Path file) {
    try {
      return Files.readAllBytes(file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
