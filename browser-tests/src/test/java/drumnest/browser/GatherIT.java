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
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;

/** Photos in, the ways that are not the straight one. */
class GatherIT {

  private static final Pattern LATER = Pattern.compile(".*/photos\\?name=photo-0[2-9].*");

  @RegisterExtension static final FreshAlbum ALBUM = new FreshAlbum();

  @TempDir Path files;
  private App app;
  private Page page;

  @BeforeEach
  void open() {
    app = ALBUM.app();
    page = ALBUM.page();
  }

  private void choose(List<Path> photos) {
    ALBUM.bring(photos.toArray(Path[]::new));
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
    Routes.awaitEffect(page);
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
    Routes.awaitEffect(page);
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
    assertThat(page.locator("[data-tile]")).hasCount(4);
    choose(photos);
    assertThat(page.getByText("4 new on the line, 4 here already")).isVisible();
    assertThat(page.getByText("4 on the line", new Page.GetByTextOptions().setExact(true)))
        .isVisible();
  }

  @Test
  void a_page_that_was_closed_while_photos_came_in_has_kept_them_and_says_how_to_go_on() {
    List<Route> held = new ArrayList<>();
    page.route(LATER, held::add);
    Routes.awaitEffect(page);
    List<Path> photos = Pictures.many(files, 10, 300);
    choose(photos);
    page.waitForCondition(() -> held.size() == 2);
    assertThat(page.getByText("2 of 10 came in")).isVisible();
    page = ALBUM.openAnew();
    // What was on its way when the page was closed may have come in as well.
    assertThat(page.getByText(Pattern.compile("^[234] on the line$"))).isVisible();
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("In and out")).click();
    assertThat(page.getByText("The last time 2 of 10 came in")).isVisible();
    choose(photos);
    assertThat(page.getByText(Pattern.compile("^[678] new on the line, [234] here already$")))
        .isVisible();
    assertThat(page.getByText("10 on the line", new Page.GetByTextOptions().setExact(true)))
        .isVisible();
    assertThat(page.getByText("The last time")).not().isVisible();
  }

  @Test
  void a_full_disk_stops_everything_and_says_so() {
    page.route(
        LATER,
        route ->
            route.fulfill(
                new Route.FulfillOptions()
                    .setStatus(507)
                    .setContentType("application/problem+json")
                    .setBody("{\"detail\": \"The disk is full, so this was not kept.\"}")));
    Routes.awaitEffect(page);
    choose(Pictures.many(files, 10, 300));
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("The disk is full");
    assertThat(page.getByText("2 new on the line, 8 left out")).isVisible();
    page.unroute(LATER);
    button("Bring 8 again").click();
    assertThat(page.getByText("10 new on the line")).isVisible();
    assertThat(page.getByRole(AriaRole.ALERT)).not().isVisible();
  }

  @Test
  void a_sidecar_comes_after_its_photo_and_tells_of_it() {
    Path photo = Pictures.write(files.resolve("low-water.jpg"), 300, 200, 5, null);
    Path sidecar =
        Pictures.text(
            files.resolve("low-water.xmp"),
            "<x:xmpmeta xmlns:x='adobe:ns:meta/'><rdf:RDF"
                + " xmlns:rdf='http://www.w3.org/1999/02/22-rdf-syntax-ns#'><rdf:Description"
                + " rdf:about='' xmlns:xmp='http://ns.adobe.com/xap/1.0/' xmp:Rating='5'/>"
                + "</rdf:RDF></x:xmpmeta>");
    choose(List.of(sidecar, photo));
    assertThat(page.getByText("1 new on the line, 1 sidecar read")).isVisible();
    page.getByText("keep them", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(page.locator("[data-tile][data-choice='keep']")).hasCount(1);
  }

  @Test
  void a_print_from_the_table_hangs_on_the_line_without_a_file_or_with_a_snap() {
    button("Add a print that lies on the table").click();
    page.getByLabel("What is on it").fill("The bridge in fog");
    page.getByLabel("Width, as it is seen").fill("six");
    page.getByLabel("Height").fill("4");
    button("Add print").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("six");
    page.getByLabel("Width, as it is seen").fill("6");
    button("Add print").click();
    Locator tile = page.locator("[data-tile]").first();
    assertThat(tile).containsText("The bridge in fog");
    assertThat(tile).containsText("on the table");
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("In and out")).click();
    button("Add a print that lies on the table").click();
    page.getByLabel("What is on it").fill("A snap of it");
    page.getByLabel("Width, as it is seen").fill("four");
    page.getByLabel("Height").fill("6");
    page.getByLabel("A snap of it, if you have one")
        .setInputFiles(Pictures.write(files.resolve("snap.jpg"), 400, 600, 3, null));
    button("Add print").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("four");
    assertThat(page.getByLabel("What is on it")).hasValue("A snap of it");
    page.getByLabel("Width, as it is seen").fill("4");
    button("Add print").click();
    assertThat(page.locator("[data-tile]")).hasCount(2);
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
    assertThat(page.locator("[data-tile]").getByText("no date")).isVisible();
  }

  private static byte[] bytes(Path file) {
    try {
      return Files.readAllBytes(file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
